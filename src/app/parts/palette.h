// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QColor>
#include <QPalette>
#include <QString>

namespace pulsepin {

/// Every colour of the window. Text on its ground has a contrast of 4.5:1 or more (WCAG 2.x, 1.4.3), with
/// high contrast of 7:1 (1.4.6); a test computes it.
struct Palette {
    // The desk: transport, bench, status line.
    QColor desk, desk_well, desk_raised, desk_line, desk_text, desk_quiet, desk_faint;
    // The paper: song and lanes.
    QColor paper, paper_shade, paper_names, paper_line, paper_beat, paper_bar, paper_text, paper_quiet;
    // What has one meaning everywhere.
    QColor playing;      ///< saffron: the playhead, the main button, what sounds now
    QColor playing_text; ///< on saffron
    QColor selection;    ///< teal
    QColor done;         ///< a stop of the route that has what it needs
    QColor warning;      ///< on the desk
    QColor wave_peak, wave_rms;
    QColor spectrum_middle, spectrum_high; ///< from the paper over these
    QColor onset;
    QColor marker, cut, trigger, motion, appearance, word, note, exposure;
    QColor markers[6]; ///< as marker_colours() has them; the first is `marker`
    QColor shot[6];    ///< bars of shots, by the order of the bin; text on them is shot_text
    QColor shot_text;
    QColor sections[5];
};

[[nodiscard]] const Palette& day_palette();
[[nodiscard]] const Palette& night_palette();
/// Of the paper and the desk alike.
[[nodiscard]] const Palette& contrast_palette();

/// That of all that is no paper: day, or high contrast. It is chosen before the window is made, or the
/// window's style sheet is set anew.
[[nodiscard]] const Palette& desk_palette();
void use_desk_palette(const Palette& palette);

/// The style sheet of all widgets in these colours.
/// For what the style sheet does not name, as the insides of the system's dialogs.
[[nodiscard]] QPalette desk_colours(const Palette& palette);
[[nodiscard]] QString style_sheet(const Palette& palette);

/// WCAG 2.x contrast ratio, 1 to 21.
[[nodiscard]] double contrast(const QColor& a, const QColor& b);

} // namespace pulsepin
