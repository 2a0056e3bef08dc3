// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "media/film_writer.h"

namespace pulsepin {

/// How many frames of a film are coded by themselves, wherever they are coded: a film is the join of such
/// stretches.
inline constexpr std::int64_t stretch_frames = 240;

/// A part of a film that one machine made: whole stretches, and of the first part the sound of all.
struct FilmPart {
    std::string made_of; ///< a hash of the piece, the range and the settings: parts of one film have the same
    std::int64_t frames = 0; ///< of the whole film
    Frames first, until;     ///< of this part, counted from the film's first
    FilmSpec spec;
    bool with_sound = false; ///< the film has some
    std::vector<std::vector<CodedPicture>> stretches;
    std::vector<CodedSound> sound;
};

/// Writes it as a whole or not at all (docs/formats.md, "Parts of a film").
[[nodiscard]] Result<void> write_part(const FilmPart& part, const std::filesystem::path& path);
/// Fails, naming what is wrong, for what is no part, was cut off, or was damaged.
[[nodiscard]] Result<FilmPart> read_part(const std::filesystem::path& path);
/// What of a part the file says, without its pictures.
[[nodiscard]] Result<FilmPart> read_part_head(const std::filesystem::path& path);

/// The film of its parts, in any order. Fails where one is missing, there twice, or of another film.
[[nodiscard]] Result<void> join_parts(const std::vector<std::filesystem::path>& parts,
                                      const std::filesystem::path& out);

/// 64-bit FNV-1a, in hexadecimal.
[[nodiscard]] std::string hash_of(std::string_view text);

} // namespace pulsepin
