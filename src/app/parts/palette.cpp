// SPDX-License-Identifier: GPL-3.0-or-later
#include "parts/palette.h"

#include <QFile>

#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

template <std::size_t N>
void set_all(QColor (&colours)[N], const char* const (&names)[N]) {
    std::copy(names, names + N, colours);
}

Palette make_day() {
    Palette p;
    p.desk = "#232c3d";
    p.desk_well = "#1a2130";
    p.desk_raised = "#2d384c";
    p.desk_line = "#3d4a61";
    p.desk_text = "#f5f1e6";
    p.desk_quiet = "#a9b2c3";
    p.desk_faint = "#8b96ab";
    p.paper = "#f7f2e6";
    p.paper_shade = "#f0e8d6";
    p.paper_names = "#ede4d0";
    p.paper_line = "#d3c6a8";
    p.paper_beat = "#dfd5be";
    p.paper_bar = "#a8946c";
    p.paper_text = "#1f2636";
    p.paper_quiet = "#656255";
    p.playing = "#f4b430";
    p.playing_text = "#1f2636";
    p.selection = "#0d7268";
    p.done = "#5aa08c";
    p.warning = "#f09a84";
    p.wave_peak = "#7f8bab";
    p.wave_rms = "#33416c";
    p.spectrum_middle = "#6fae9d";
    p.spectrum_high = "#1b2a4e";
    p.onset = "#232c3d";
    p.marker = "#6b2a8a";
    p.cut = "#ad3d25";
    p.trigger = "#7d5600";
    p.appearance = "#4a5d8f";
    p.word = "#36449b";
    p.note = "#1f2742";
    p.exposure = "#8a5a12";
    p.motion = "#0f6d6a";
    set_all(p.markers, {"#6b2a8a", "#66120a", "#985600", "#4f6b35", "#1f6d8c", "#252a33"});
    set_all(p.shot, {"#c9b388", "#9fb5cc", "#c78e7a", "#a8b58d", "#d9b657", "#8fa9a4"});
    p.shot_text = "#1f2636";
    set_all(p.sections, {"#dfe4d2", "#ead9b4", "#e6c9bf", "#d5d8e4", "#e3dcc9"});
    return p;
}

Palette make_night() {
    Palette p = make_day();
    p.desk = "#171d29";
    p.desk_well = "#10151f";
    p.desk_raised = "#232c3c";
    p.desk_line = "#364259";
    p.paper = "#1f2531";
    p.paper_shade = "#262d3b";
    p.paper_names = "#2a3242";
    p.paper_line = "#424c60";
    p.paper_beat = "#343d4e";
    p.paper_bar = "#717f99";
    p.paper_text = "#f0ebde";
    p.paper_quiet = "#a9b2c3";
    p.selection = "#4fc7b5";
    p.wave_peak = "#5d6c94";
    p.wave_rms = "#a9b8de";
    p.spectrum_middle = "#2f7f78";
    p.spectrum_high = "#e9f3c4";
    p.onset = "#e7e2d5";
    p.marker = "#a88bc4";
    p.cut = "#f08a70";
    p.trigger = "#e3b04f";
    p.appearance = "#9db4ea";
    p.word = "#aab6ff";
    p.note = "#dfe4f2";
    p.exposure = "#e0b05c";
    p.motion = "#63c9c0";
    set_all(p.markers, {"#a88bc4", "#ffc3ad", "#e7ac25", "#73a162", "#28a6fe", "#c8dbe5"});
    set_all(p.sections, {"#3a4438", "#4a432f", "#4d3a35", "#383d50", "#45413a"});
    return p;
}

Palette make_contrast() {
    Palette p = make_night();
    p.desk = p.desk_well = p.paper = p.paper_names = "#000000";
    p.desk_raised = "#1a1a1a";
    p.desk_line = "#c8c8c8";
    p.desk_text = p.paper_text = p.note = p.onset = "#ffffff";
    p.desk_quiet = "#e6e6e6";
    p.desk_faint = "#b4b4b4";
    p.paper_shade = "#161616";
    p.paper_line = "#8c8c8c";
    p.paper_beat = "#4d4d4d";
    p.paper_bar = "#bfbfbf";
    p.paper_quiet = "#d9d9d9";
    p.playing = "#ffd400";
    p.playing_text = p.shot_text = "#000000";
    p.selection = "#00e5ff";
    p.done = "#6fe08f";
    p.warning = "#ffb0a0";
    p.wave_peak = "#7a8cc0";
    p.wave_rms = "#cfe0ff";
    p.spectrum_middle = "#2f9f90";
    p.spectrum_high = "#ffffc8";
    p.marker = "#ee7bff";
    p.cut = "#ff9a80";
    p.trigger = "#ffd060";
    p.appearance = "#b0c8ff";
    p.word = "#c0ccff";
    p.exposure = "#ffc878";
    p.motion = "#70f0e0";
    set_all(p.markers, {"#ee7bff", "#fb892a", "#fee600", "#92dd8a", "#c8f6ff", "#a9a0a3"});
    set_all(p.sections, {"#20301c", "#3a2e10", "#3a1c14", "#1c2440", "#333333"});
    return p;
}

const Palette*& desk_in_use() {
    static const Palette* palette = &day_palette();
    return palette;
}

double luminance(const QColor& colour) {
    const auto linear = [](double v) {
        return v <= 0.04045 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4);
    };
    return 0.2126 * linear(colour.redF()) + 0.7152 * linear(colour.greenF()) +
           0.0722 * linear(colour.blueF());
}

} // namespace

const Palette& day_palette() {
    static const Palette palette = make_day();
    return palette;
}

const Palette& night_palette() {
    static const Palette palette = make_night();
    return palette;
}

const Palette& contrast_palette() {
    static const Palette palette = make_contrast();
    return palette;
}

const Palette& desk_palette() {
    return *desk_in_use();
}

void use_desk_palette(const Palette& palette) {
    desk_in_use() = &palette;
}

double contrast(const QColor& a, const QColor& b) {
    const double one = luminance(a), other = luminance(b);
    return (std::max(one, other) + 0.05) / (std::min(one, other) + 0.05);
}

QPalette desk_colours(const Palette& p) {
    QPalette colours;
    const std::pair<QPalette::ColorRole, QColor> roles[] = {{QPalette::Window, p.desk},
                                                            {QPalette::WindowText, p.desk_text},
                                                            {QPalette::Base, p.desk_well},
                                                            {QPalette::AlternateBase, p.desk},
                                                            {QPalette::Text, p.desk_text},
                                                            {QPalette::Button, p.desk_raised},
                                                            {QPalette::ButtonText, p.desk_text},
                                                            {QPalette::BrightText, p.desk_text},
                                                            {QPalette::ToolTipBase, p.desk_well},
                                                            {QPalette::ToolTipText, p.desk_text},
                                                            {QPalette::Highlight, p.selection},
                                                            {QPalette::HighlightedText, p.paper},
                                                            {QPalette::PlaceholderText, p.desk_quiet}};
    for (const auto& [role, colour] : roles)
        colours.setColor(role, colour);
    for (const auto role : {QPalette::WindowText, QPalette::Text, QPalette::ButtonText})
        colours.setColor(QPalette::Disabled, role, p.desk_faint);
    return colours;
}

QString style_sheet(const Palette& p) {
    QFile file(":/desk.qss");
    if (!file.open(QIODevice::ReadOnly))
        return {};
    QString sheet = QString::fromUtf8(file.readAll());
    const std::pair<const char*, QColor> names[] = {
        {"ONPLAYING", p.playing_text}, {"PLAYING", p.playing}, {"ONCHOSEN", p.paper},
        {"CHOSEN", p.selection},       {"WARNING", p.warning}, {"RAISED", p.desk_raised},
        {"QUIET", p.desk_quiet},       {"DESK", p.desk},       {"WELL", p.desk_well},
        {"LINE", p.desk_line},         {"TEXT", p.desk_text},  {"FAINT", p.desk_faint}};
    for (const auto& [name, colour] : names)
        sheet.replace(QLatin1String(name), colour.name());
    return sheet;
}

} // namespace pulsepin
