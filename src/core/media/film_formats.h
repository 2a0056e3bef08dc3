// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <span>
#include <string_view>

namespace pulsepin {

/// A way to write a film: a container, an encoder of pictures and one of sound, as FFmpeg's libraries name
/// them.
struct FilmFormat {
    std::string_view id;        ///< on the command line
    std::string_view label;     ///< "H.264, AAC"
    std::string_view extension; ///< without the dot
    std::string_view container;
    std::string_view picture; ///< an encoder; empty: sound alone
    std::string_view sound;   ///< an encoder; empty: none
    std::string_view pixels;  ///< as the encoder takes them
    bool alpha = false;       ///< its pixels have room for transparency
    /// What a number for quality may be, the first the best: of x264, x265, SVT-AV1 and libvpx their constant
    /// rate factor. Both 0: it has none.
    int best = 0, worst = 0, usual = 0;
    bool numbered = false; ///< a file for each picture, and the sound beside them
    bool in_one = false;   ///< the encoder answers once, at the end, with all pictures together
    std::string_view pixels_with_holes = {}; ///< where transparency asks for others than is usual
    [[nodiscard]] bool can_be_transparent() const { return alpha || !pixels_with_holes.empty(); }
};

[[nodiscard]] std::span<const FilmFormat> film_formats();
/// Null when there is none of that id.
[[nodiscard]] const FilmFormat* film_format(std::string_view id);
/// The first kind of film in one file whose names have that ending (".webm"); null when there is none.
[[nodiscard]] const FilmFormat* film_format_of_ending(std::string_view ending);
/// Whether the encoders are there on this machine.
[[nodiscard]] bool can_write(const FilmFormat& format);
/// Whether a film of it can be coded in parts, on several machines, and joined.
[[nodiscard]] bool made_in_parts(const FilmFormat& format);

} // namespace pulsepin
