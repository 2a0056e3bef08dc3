// SPDX-License-Identifier: GPL-3.0-or-later
#include "palette.h"

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
    QString sheet = R"(
* { font-family: Inter; font-size: 12px; }
QMainWindow, QDialog, QMessageBox, #desk { background: DESK; }
QWidget { color: TEXT; }
QLabel, QCheckBox { background: transparent; }
QCheckBox::indicator, QTableWidget::indicator { width: 12px; height: 12px; border: 1px solid QUIET; border-radius: 3px; background: WELL; }
QCheckBox::indicator:checked, QTableWidget::indicator:checked { background: CHOSEN; border-color: CHOSEN; image: url(:/icons/check.svg); }
QCheckBox::indicator:focus { border-color: PLAYING; }
QScrollArea, QScrollArea > QWidget > QWidget { background: transparent; border: none; }
QLabel[role="heading"] { font-size: 14px; font-weight: 600; }
QLabel[role="quiet"] { color: QUIET; font-size: 11px; }
QLabel[role="warning"] { color: WARNING; font-size: 11px; }
QPushButton, QToolButton { background: RAISED; border: 1px solid LINE; border-radius: 5px; padding: 5px 12px; font-weight: 500; }
QPushButton:hover, QToolButton:hover { border-color: QUIET; }
QPushButton:pressed, QToolButton:pressed { background: WELL; }
QPushButton:disabled, QToolButton:disabled { color: FAINT; background: DESK; }
QPushButton:focus, QToolButton:focus, QComboBox:focus, QLineEdit:focus, QSpinBox:focus, QDoubleSpinBox:focus, QListWidget:focus { border: 1px solid PLAYING; }
QPushButton:checked, QToolButton:checked { background: PLAYING; color: ONPLAYING; border-color: PLAYING; }
QPushButton[role="choice"] { padding: 4px 8px; }
QPushButton[role="small"], QToolButton[role="small"] { padding: 4px 4px; }
QDoubleSpinBox[role="small"] { padding: 4px 4px; }
QPushButton[role="decide"] { background: PLAYING; color: ONPLAYING; border-color: PLAYING; font-weight: 600; padding: 2px 10px; }
QPushButton[role="decline"] { padding: 2px 10px; }
QPushButton[role="choice"]:checked { background: CHOSEN; color: ONCHOSEN; border-color: CHOSEN; }
QPushButton[role="main"] { background: PLAYING; color: ONPLAYING; border-color: PLAYING; font-size: 13px; font-weight: 600; padding: 6px 14px; }
QPushButton[role="main"]:focus { border: 1px solid TEXT; }
QPushButton[role="main"]:disabled { background: RAISED; color: QUIET; border-color: LINE; }
QToolButton::menu-indicator { image: none; }
QComboBox, QLineEdit, QSpinBox, QDoubleSpinBox { background: WELL; border: 1px solid LINE; border-radius: 5px; padding: 4px 8px; min-height: 16px; selection-background-color: PLAYING; selection-color: ONPLAYING; }
QLineEdit[invalid="true"] { border: 1px solid WARNING; }
QComboBox::drop-down { border: none; width: 20px; }
QComboBox::down-arrow { image: url(:/icons/down.svg); width: 10px; height: 10px; }
QSpinBox::up-button, QSpinBox::down-button, QDoubleSpinBox::up-button, QDoubleSpinBox::down-button { width: 0; border: none; }
QComboBox QAbstractItemView, QMenu, QListWidget, QTableView { background: WELL; border: 1px solid LINE; selection-background-color: RAISED; selection-color: TEXT; }
QMenu::item { padding: 5px 24px 5px 14px; }
QMenu::item:selected { background: RAISED; }
QMenu::item:disabled { color: FAINT; }
QMenu::separator { height: 1px; background: LINE; margin: 4px 8px; }
QListWidget, QTableView { border-radius: 5px; }
QFileDialog QListView, QFileDialog QTreeView { background: WELL; border: 1px solid LINE; selection-background-color: CHOSEN; selection-color: ONCHOSEN; }
QFileDialog QToolButton { padding: 3px; background: QUIET; }
QFileDialog QToolButton:disabled { background: LINE; }
QTableView { gridline-color: DESK; }
QTableView { selection-background-color: RAISED; selection-color: TEXT; outline: none; }
QTableView QLineEdit, QTableView QComboBox { padding: 0 2px; border-radius: 0; min-height: 0; }
QHeaderView, QHeaderView::section { background: DESK; color: QUIET; font-size: 11px; border: none; padding: 2px 4px; }
QTableView:focus { border: 1px solid PLAYING; }
QListWidget::item { padding: 3px 8px; }
QListWidget::item:selected { background: RAISED; }
QSlider::groove:horizontal { height: 3px; background: LINE; border-radius: 1px; }
QSlider::sub-page:horizontal { background: TEXT; border-radius: 1px; }
QSlider::handle:horizontal { width: 12px; height: 12px; margin: -5px 0; border-radius: 6px; background: TEXT; }
QSlider::handle:horizontal:focus { background: PLAYING; }
QSlider[role="click"]::sub-page:horizontal, QSlider[role="click"]::handle:horizontal { background: PLAYING; }
QToolTip { background: WELL; color: TEXT; border: 1px solid LINE; padding: 4px; }
QProgressBar { background: WELL; border: none; border-radius: 3px; max-height: 6px; }
QProgressBar::chunk { background: PLAYING; border-radius: 3px; }
QScrollBar:horizontal { background: WELL; height: 10px; }
QScrollBar::handle:horizontal { background: LINE; border-radius: 4px; min-width: 24px; margin: 1px; }
QScrollBar:vertical { background: WELL; width: 10px; }
QScrollBar::handle:vertical { background: LINE; border-radius: 4px; min-height: 24px; margin: 1px; }
QScrollBar::add-line, QScrollBar::sub-line { width: 0; height: 0; }
)";
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
