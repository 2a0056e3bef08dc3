// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "media/film_part.h"
#include "media/mix_down.h"
#include "render/frame_pipeline.h"

#include <atomic>

namespace pulsepin {

/// A film of a piece, or of a range of it.
struct Film {
    Curves curves;
    FilmSpec spec;
    Frames first, until; ///< of the piece
    BurnIn burn = {};
    bool bars = false;                         ///< beside the picture, where the film has other proportions
    std::vector<std::string> told = {};        ///< what is otherwise than was asked for, or cut off
    std::shared_ptr<const MixPlan> sound = {}; ///< what is heard; null: silence
    std::function<std::filesystem::path(const Clip&)> file_of = {};
    std::string piece = {}; ///< a hash of the project
    bool replace = false;   ///< of a folder of pictures: files of the very names that are written
    int threads = 0; ///< that compose; 0: as many as there are cores. They change nothing of the result

    [[nodiscard]] std::int64_t frames() const { return (until - first).value; }
    /// The same for the same film: of the piece, the range and all settings.
    [[nodiscard]] std::string made_of() const;
};

/// What is told while a film is made, on the thread that makes it.
struct FilmWatch {
    std::function<void(std::int64_t frame, const QImage& image)> made =
        {}; ///< a frame was composed and coded
    const std::atomic<bool>* paused = nullptr;
};

/// Whether the film may be made under that name: fails, naming it, where a folder or something else that is
/// no plain file has the name of a file; and, for a folder of pictures, where it is not empty, unless the
/// film replaces files of the names of its pictures. What else lies in that folder is never touched.
[[nodiscard]] Result<void> can_render_to(const Film& film, const std::filesystem::path& path);

/// The film as a file, or a folder of pictures with their sound beside. Under its name only when it is whole.
/// Fails when cancelled, where the disk is full, a clip is gone or an encoder is missing; what had that name
/// before is as it was then.
[[nodiscard]] Result<void> render_film(const Film& film, const std::filesystem::path& path,
                                       const Progress& progress = {}, const FilmWatch& watch = {});

/// Part k of n (from 1): whole stretches, as even as they can be. Fails where a film has fewer stretches.
[[nodiscard]] Result<void> render_part(const Film& film, int k, int n, const std::filesystem::path& path,
                                       const Progress& progress = {});
/// Whether that file is this part already, whole.
[[nodiscard]] bool is_part(const Film& film, int k, int n, const std::filesystem::path& path);

/// About how many bytes it will take; a rough guess.
[[nodiscard]] std::int64_t guessed_bytes(const Film& film);

/// Title, author, chapters from markers and timecode of a project, for a film that begins at a frame.
void describe(FilmSpec& spec, const Schedule& schedule, Frames first, Frames until);

} // namespace pulsepin
