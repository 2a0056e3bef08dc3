// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/film_formats.h"

#include "media/av_handles.h"

#include <algorithm>
#include <array>
#include <string>

namespace pulsepin {

std::span<const FilmFormat> film_formats() {
    static constexpr std::array<FilmFormat, 12> formats{{
        {"h264", "H.264, AAC", "mp4", "mp4", "libx264", "aac", "yuv420p", false, 0, 51, 18, false},
        {"hevc", "HEVC, AAC", "mp4", "mp4", "libx265", "aac", "yuv420p", false, 0, 51, 20, false},
        {"vp9", "VP9, Opus", "webm", "webm", "libvpx-vp9", "libopus", "yuv420p", false, 0, 63, 28, false,
         false, "yuva420p"},
        {"av1", "AV1, Opus", "webm", "webm", "libsvtav1", "libopus", "yuv420p", false, 1, 63, 28, false},
        {"prores", "ProRes 422 HQ, PCM", "mov", "mov", "prores_ks", "pcm_s24le", "yuv422p10le", false, 0, 0,
         0, false},
        {"prores-4444", "ProRes 4444 with alpha, PCM", "mov", "mov", "prores_ks", "pcm_s24le", "yuva444p10le",
         true, 0, 0, 0, false},
        {"ffv1", "FFV1 (lossless), PCM", "mkv", "matroska", "ffv1", "pcm_s24le", "bgra", true, 0, 0, 0,
         false},
        {"gif", "Animated GIF", "gif", "gif", "gif", "", "pal8", false, 0, 0, 0, false},
        {"webp", "Animated WebP", "webp", "webp", "libwebp_anim", "", "bgra", true, 100, 0, 80, false, true},
        {"png", "PNG pictures, WAV", "png", "", "png", "pcm_s24le", "rgba", true, 0, 0, 0, true},
        {"tiff", "TIFF pictures, WAV", "tiff", "", "tiff", "pcm_s24le", "rgba", true, 0, 0, 0, true},
        {"wav", "Sound alone, WAV", "wav", "wav", "", "pcm_s24le", "", false, 0, 0, 0, false},
    }};
    return formats;
}

const FilmFormat* film_format(std::string_view id) {
    const auto all = film_formats();
    const auto found =
        std::find_if(all.begin(), all.end(), [id](const FilmFormat& one) { return one.id == id; });
    return found == all.end() ? nullptr : &*found;
}

const FilmFormat* film_format_of_ending(std::string_view ending) {
    const auto all = film_formats();
    const auto found = std::find_if(all.begin(), all.end(), [ending](const FilmFormat& one) {
        return !one.numbered && ending == "." + std::string(one.extension);
    });
    return found == all.end() ? nullptr : &*found;
}

bool can_write(const FilmFormat& format) {
    const auto there = [](std::string_view encoder) {
        return encoder.empty() || avcodec_find_encoder_by_name(std::string(encoder).c_str()) != nullptr;
    };
    return there(format.picture) && there(format.sound);
}

bool made_in_parts(const FilmFormat& format) {
    return !format.numbered && !format.in_one && !format.picture.empty();
}

} // namespace pulsepin
