// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "media/film_writer.h"

#include <variant>

namespace pulsepin {

/// How many frames of a film are coded by themselves, wherever they are coded: a film is the join of such
/// stretches.
inline constexpr std::int64_t stretch_frames = 240;

/// What a part of a film is: whole stretches, and of the first part the sound of all.
struct PartHead {
    std::string made_of; ///< a hash of the piece, the range and the settings: parts of one film have the same
    std::int64_t frames = 0; ///< of the whole film
    Frames first, until;     ///< of this part, counted from the film's first
    FilmSpec spec;
    bool with_sound = false; ///< the film has some
};

/// A part that is being written as it is made (docs/formats.md, "Parts of a film"); under its name only when
/// it is whole. Sound goes first.
class PartWriter {
public:
    [[nodiscard]] static Result<PartWriter> create(const std::filesystem::path& path, const PartHead& head);
    ~PartWriter();
    PartWriter(PartWriter&&) noexcept;
    PartWriter& operator=(PartWriter&&) noexcept;

    /// first: of its stretch, counted from the film's first.
    [[nodiscard]] Result<void> add(const CodedPicture& picture, Frames first);
    [[nodiscard]] Result<void> add(const CodedSound& sound);
    [[nodiscard]] Result<void> finish();

private:
    struct State;
    explicit PartWriter(std::unique_ptr<State> state);
    std::unique_ptr<State> state_;
};

/// A picture of a part, and the first frame of its stretch.
struct PartPicture {
    CodedPicture picture;
    Frames first;
};
struct PartEnd {};

/// Reads a part from its beginning to its end; a little of it is in memory at a time.
class PartReader {
public:
    /// Fails, naming what is wrong, where there is no part.
    [[nodiscard]] static Result<PartReader> open(const std::filesystem::path& path);
    ~PartReader();
    PartReader(PartReader&&) noexcept;
    PartReader& operator=(PartReader&&) noexcept;

    [[nodiscard]] const PartHead& head() const;
    /// What comes next. Fails where the part is cut off, and at its end where its bytes are not those that
    /// were written.
    [[nodiscard]] Result<std::variant<PartEnd, PartPicture, CodedSound>> next();

private:
    struct State;
    explicit PartReader(std::unique_ptr<State> state);
    std::unique_ptr<State> state_;
};

/// The film of its parts, in any order. Fails where one is missing, there twice, or of another film.
[[nodiscard]] Result<void> join_parts(const std::vector<std::filesystem::path>& parts,
                                      const std::filesystem::path& out);

/// 64-bit FNV-1a, in hexadecimal.
[[nodiscard]] std::string hash_of(std::string_view text);

} // namespace pulsepin
