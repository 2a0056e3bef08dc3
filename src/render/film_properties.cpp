// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/film_properties.h"

#include <array>
#include <charconv>

namespace pulsepin {
namespace {

using FilmParam = BoundParam<FilmOptions>;

std::span<const ParamChoice> shape_choices() {
    static const auto all = [] {
        std::vector<ParamChoice> choices;
        for (const auto& row : film_shapes())
            choices.push_back({row.id, row.label});
        return choices;
    }();
    return all;
}

FilmParam shape_property() {
    return {{.id = "shape",
             .label = "shape",
             .type = ParamType::Choice,
             .explains = "What becomes of the piece's shape where the size has other proportions",
             .choices = shape_choices()},
            [](const FilmOptions& options) {
                return ParamValue(std::string(film_shapes()[static_cast<std::size_t>(options.shape)].id));
            },
            [](FilmOptions& options, const ParamValue& value) {
                const auto shapes = film_shapes();
                for (std::size_t i = 0; i < shapes.size(); ++i)
                    if (shapes[i].id == std::get<std::string>(value))
                        options.shape = static_cast<FilmShape>(i);
            }};
}

template <bool BurnIn::*member>
FilmParam burn(std::string_view id, std::string_view label, std::string_view explains) {
    return {{.id = id, .label = label, .type = ParamType::Switch, .most = 1, .explains = explains},
            [](const FilmOptions& options) { return ParamValue(options.burn.*member ? 1.0 : 0.0); },
            [](FilmOptions& options, const ParamValue& value) {
                options.burn.*member = std::get<double>(value) != 0;
            }};
}

/// From the front of the text; none where no number stands there.
std::optional<int> take_whole(std::string_view& text) {
    while (text.starts_with(' '))
        text.remove_prefix(1);
    int value = 0;
    const auto [end, code] = std::from_chars(text.data(), text.data() + text.size(), value);
    if (code != std::errc())
        return std::nullopt;
    text.remove_prefix(static_cast<std::size_t>(end - text.data()));
    while (text.starts_with(' '))
        text.remove_prefix(1);
    return value;
}

} // namespace

std::span<const FilmParam> film_burns() {
    static const std::array all{
        burn<&BurnIn::frame>("draw-frame", "frame number", "Draws the number of each frame into its picture"),
        burn<&BurnIn::timecode>("draw-timecode", "timecode", "Draws the timecode into each picture"),
        burn<&BurnIn::place>("draw-bar", "bar and beat", "Draws bar and beat into each picture"),
        burn<&BurnIn::name>("draw-name", "shot's name", "Draws the name of the shot into each picture"),
        burn<&BurnIn::safe_areas>("draw-safe", "safe areas",
                                  "Draws the areas that are seen on any screen into each picture"),
    };
    return all;
}

std::span<const FilmParam> film_properties() {
    static const auto all = [] {
        std::vector<FilmParam> properties{
            bound<FilmOptions, &FilmOptions::quality>({.id = "quality",
                                                       .label = "quality",
                                                       .type = ParamType::Whole,
                                                       .least = -1,
                                                       .most = 100,
                                                       .initial = -1,
                                                       .explains = "of its encoder; below 0: what is usual"}),
            bound<FilmOptions, &FilmOptions::sound_kbit>({.id = "sound",
                                                          .label = "sound",
                                                          .type = ParamType::Whole,
                                                          .unit = "kbit/s",
                                                          .least = 32,
                                                          .most = 512,
                                                          .initial = 192}),
            shape_property(),
            bound<FilmOptions, &FilmOptions::transparent>(
                {.id = "transparent",
                 .label = "transparent",
                 .type = ParamType::Switch,
                 .most = 1,
                 .explains = "what no layer covers stays transparent, where the kind of film can"}),
            bound<FilmOptions, &FilmOptions::as_one>(
                {.id = "as-one",
                 .label = "smaller file",
                 .type = ParamType::Switch,
                 .most = 1,
                 .initial = 1,
                 .explains = "coded as one; else as its parts would be, byte for byte, and larger"}),
        };
        const auto burns = film_burns();
        properties.insert(properties.end(), burns.begin(), burns.end());
        return properties;
    }();
    return all;
}

Result<std::pair<int, int>> film_size(std::string_view text) {
    constexpr int most = 32'768;
    std::string_view rest = text;
    const auto width = take_whole(rest);
    const bool by = width && (rest.starts_with('x') || rest.starts_with("×"));
    if (by)
        rest.remove_prefix(rest.starts_with('x') ? 1 : std::string_view("×").size());
    const auto height = by ? take_whole(rest) : std::nullopt;
    if (!height || !rest.empty() || *width < 1 || *height < 1 || *width > most || *height > most)
        return fail("The size \"" + std::string(text) + "\" cannot be read.", {},
                    "Write it as in 1920x1080.");
    return std::pair(*width, *height);
}

} // namespace pulsepin
