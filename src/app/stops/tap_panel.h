// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "session/document.h"
#include "stops/tap_plot.h"
#include "time/taps.h"
#include "view_state.h"

#include <QElapsedTimer>
#include <QLabel>
#include <QPushButton>
#include <QSpinBox>

namespace pulsepin {

/// Tapping along: collects taps, shows how even they are, and uses them for tempo, phase, beats or markers.
class TapPanel : public QWidget {
    Q_OBJECT
public:
    TapPanel(Document& document, ViewState& view, QWidget* parent = nullptr);

    /// At a moment of the song that is heard; the latency of hand, keyboard and sound is taken off here.
    void tap_in_song(Seconds heard, double speed, bool first_of_bar);
    /// Without playback: only how fast the taps come counts.
    void tap_in_silence(bool first_of_bar);
    void forget();
    void refresh();
    [[nodiscard]] const std::vector<Tap>& taps() const { return taps_; }

signals:
    void tapped(bool first_of_bar); ///< by the button

private:
    [[nodiscard]] QLayout* make_latency();
    void add(Tap tap, bool in_song);
    void use_tempo();
    void use_phase();
    void use_beats();
    void use_markers();
    void calibrate();
    void set_latency(int ms);

    Document& document_;
    ViewState& view_;
    std::vector<Tap> taps_;
    bool in_song_ = true;
    QElapsedTimer clock_;
    Seconds clock_start_;
    QLabel* told_;
    TapPlot* plot_;
    QSpinBox* latency_;
    std::vector<QPushButton*> uses_;
    QPushButton* calibrate_;
};

} // namespace pulsepin
