// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/film_plan.h"
#include "schedule/piece_length.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <fmt/core.h>

namespace pulsepin {

std::span<const FilmTarget> film_targets() {
    static constexpr std::array<FilmTarget, 7> targets{{
        {"piece", "As the piece", "its own size, H.264", "h264", 0, 0, 18},
        {"web", "Web", "≤ 1920 × 1080, H.264", "h264", 1920, 1080, 18},
        {"upright", "Upright", "1080 × 1920, cut off", "h264", 1080, 1920, 18, FilmShape::Fill},
        {"archive", "Archive", "lossless, FFV1", "ffv1", 0, 0, -1},
        {"editing", "Editing", "ProRes 422 HQ", "prores", 0, 0, -1},
        {"small", "Small", "1280 × 720, AV1", "av1", 1280, 720, 30},
        {"loop", "Loop", "480 × 270, animated WebP", "webp", 480, 270, 75},
    }};
    return targets;
}

const FilmTarget* film_target(std::string_view id) {
    const auto all = film_targets();
    const auto found =
        std::find_if(all.begin(), all.end(), [id](const FilmTarget& one) { return one.id == id; });
    return found == all.end() ? nullptr : &*found;
}

FilmOptions options_of(const FilmTarget& target, FilmOptions before) {
    before.format = target.format;
    before.width = target.width;
    before.height = target.height;
    before.quality = target.quality;
    before.shape = target.shape;
    return before;
}

std::span<const FilmShapeRow> film_shapes() {
    static constexpr std::array<FilmShapeRow, 3> shapes{{
        {"fit", "fit inside",
         "The film keeps the shape of the piece, and is as large as fits inside of the size"},
        {"fill", "fill, cut off", "The film has that size, and what does not fit is cut off"},
        {"bars", "bars", "The film has that size, with black bars beside the picture"},
    }};
    return shapes;
}

namespace {

/// Sides as the format takes them; the piece's shape is kept, or cut off, as was asked.
void take_size(Film& film, const FilmOptions& options, const Settings& settings) {
    FilmSpec& spec = film.spec;
    const double wide = settings.picture_width, high = settings.picture_height;
    spec.width = options.width > 0 ? options.width : settings.picture_width;
    spec.height = options.height > 0 ? options.height : settings.picture_height;
    const bool other_shape = std::abs(spec.width * high - spec.height * wide) > std::max(wide, high);
    if (other_shape && options.shape == FilmShape::Fit) {
        const double scale = std::min(spec.width / wide, spec.height / high);
        spec.width = std::max(1, static_cast<int>(std::lround(wide * scale)));
        spec.height = std::max(1, static_cast<int>(std::lround(high * scale)));
    } else if (other_shape && options.shape == FilmShape::Fill) {
        const double across = wide / spec.width, down = high / spec.height;
        const long left = std::lround(100 * (1 - std::min(across, down) / std::max(across, down)));
        film.told.push_back(
            fmt::format("{} % of the picture's {} is cut off", left, across > down ? "width" : "height"));
    }
    film.bars = other_shape && options.shape == FilmShape::Bars;
    const int step = side_step(spec);
    const int even_width = spec.width / step * step, even_height = spec.height / step * step;
    if (even_width != spec.width || even_height != spec.height) {
        film.told.push_back(
            fmt::format("{} x {} is written as {} x {}, since this kind of film has even sides", spec.width,
                        spec.height, even_width, even_height));
        spec.width = even_width;
        spec.height = even_height;
    }
}

} // namespace

Result<Film> planned_film(const Curves& curves, std::shared_ptr<const MixPlan> sound,
                          const FilmOptions& options) {
    const auto& settings = *curves.project().settings;
    Film film;
    film.curves = curves;
    film.spec.format = film_format(options.format);
    if (!film.spec.format)
        return fail("There is no kind of film called \"" + options.format + "\".");
    const auto& format = *film.spec.format;
    film.spec.as_one = options.as_one;
    film.spec.transparent = format.can_be_transparent() && options.transparent;
    take_size(film, options, settings);
    film.spec.quality = options.quality < 0 ? format.usual
                                            : std::clamp(options.quality, std::min(format.best, format.worst),
                                                         std::max(format.best, format.worst));
    film.spec.sound_kbit = std::clamp(options.sound_kbit, 32, 512);
    const Frames begins = settings.frame_rate.frame_at(settings.begins.value_or(Seconds(0)));
    const Frames ends = piece_length(curves.project());
    film.first = std::clamp(options.first.value_or(begins), Frames(0), ends);
    film.until = std::clamp(options.until.value_or(ends), Frames(0), ends);
    if (film.until <= film.first)
        return fail("There is nothing to render: the range is empty.", {},
                    "Open a song, or choose a longer range.");
    describe(film.spec, curves.schedule, film.first, film.until);
    film.burn = options.burn;
    if (sound && sound->sample_rate > 0)
        film.sound = std::move(sound);
    film.spec.sample_rate = coded_rate(format, film.sound ? film.sound->sample_rate : 48000);
    if (auto possible = can_write(film.spec); !possible)
        return tl::unexpected(possible.error());
    return film;
}

} // namespace pulsepin
