// SPDX-License-Identifier: GPL-3.0-or-later
#include "parts/palette.h"

#include <QFile>

#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

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
    p.marker = "#7c3585";
    p.cut = "#ad3d25";
    p.trigger = "#7d5600";
    p.appearance = "#4a5d8f";
    p.word = "#36449b";
    p.note = "#1f2742";
    p.exposure = "#8a5a12";
    p.motion = "#0f6d6a";
    const char* markers[] = {"#7c3585", "#a33323", "#82530a", "#3d6929", "#1d5c8c", "#4a5263"};
    for (int i = 0; i < 6; ++i)
        p.markers[i] = markers[i];
    const char* shots[] = {"#c9b388", "#9fb5cc", "#c78e7a", "#a8b58d", "#d9b657", "#8fa9a4"};
    for (int i = 0; i < 6; ++i)
        p.shot[i] = shots[i];
    p.shot_text = "#1f2636";
    const char* sections[] = {"#dfe4d2", "#ead9b4", "#e6c9bf", "#d5d8e4", "#e3dcc9"};
    for (int i = 0; i < 5; ++i)
        p.sections[i] = sections[i];
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
    p.marker = "#d19bd8";
    p.cut = "#f08a70";
    p.trigger = "#e3b04f";
    p.appearance = "#9db4ea";
    p.word = "#aab6ff";
    p.note = "#dfe4f2";
    p.exposure = "#e0b05c";
    p.motion = "#63c9c0";
    const char* markers[] = {"#d19bd8", "#f39a84", "#e3b04f", "#9ccf85", "#8cc0ee", "#b9c3d4"};
    for (int i = 0; i < 6; ++i)
        p.markers[i] = markers[i];
    const char* sections[] = {"#3a4438", "#4a432f", "#4d3a35", "#383d50", "#45413a"};
    for (int i = 0; i < 5; ++i)
        p.sections[i] = sections[i];
    return p;
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
                                                            {QPalette::Highlight, day_palette().selection},
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
        {"ONPLAYING", p.playing_text}, {"PLAYING", p.playing},
        {"ONCHOSEN", p.paper},         {"CHOSEN", day_palette().selection},
        {"WARNING", p.warning},        {"RAISED", p.desk_raised},
        {"QUIET", p.desk_quiet},       {"DESK", p.desk},
        {"WELL", p.desk_well},         {"LINE", p.desk_line},
        {"TEXT", p.desk_text},         {"FAINT", p.desk_faint}};
    for (const auto& [name, colour] : names)
        sheet.replace(QLatin1String(name), colour.name());
    return sheet;
}

} // namespace pulsepin
