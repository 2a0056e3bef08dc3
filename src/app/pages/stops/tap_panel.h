// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "pages/stops/tap_plot.h"
#include "session/document.h"
#include "session/view_state.h"
#include "time/taps.h"

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QElapsedTimer>
#include <QLabel>
#include <QPushButton>
#include <QSpinBox>
#include <QVBoxLayout>

namespace pulsepin {

/// Tapping along: collects taps, shows how even they are, and uses them for tempo, phase, beats or markers.
class TapPanel : public QWidget {
    Q_OBJECT
public:
    TapPanel(Document& document, ViewState& view, QWidget* parent = nullptr);

    /// At a moment of the song that is heard; the latency of hand, keyboard and sound is taken off here.
    void tap_in_song(Seconds heard, double speed, bool first_of_bar, float strength = 1);
    /// Without playback: only how the taps follow each other counts.
    void tap_in_silence(bool first_of_bar, float strength = 1);
    void forget();
    void refresh();
    /// Of the round that is chosen: the last one, unless a person chose another.
    [[nodiscard]] const std::vector<Tap>& taps() const;
    /// They become pins of the chosen lane, from the playhead on.
    void lay_rhythm() { use_rhythm(); }
    /// Whether these are the pins that were made of taps last.
    [[nodiscard]] bool has_made(const PinSet& pins) const { return !pins.empty() && pins == made_; }
    [[nodiscard]] int rounds() const { return static_cast<int>(rounds_.size()); }

signals:
    void tapped(bool first_of_bar); ///< by the button

private:
    [[nodiscard]] QLayout* make_latency();
    void add(Tap tap, bool in_song);
    [[nodiscard]] bool in_song() const;
    void make_rounds(QVBoxLayout* column);
    void show_rounds();
    void use_row();
    void use_rhythm();
    void use_tempo();
    void use_phase();
    void use_beats();
    void use_markers();
    void select_made(PinSet pins);
    void calibrate();
    void set_latency(int ms);

    Document& document_;
    ViewState& view_;
    /// Taps that were made in one go. They stay when another one is begun.
    struct Round {
        std::vector<Tap> taps;
        bool in_song = true;
    };
    std::vector<Round> rounds_;
    std::size_t chosen_ = 0;
    PinSet made_; ///< of taps, last
    QElapsedTimer clock_;
    Seconds clock_start_;
    QLabel* told_;
    TapPlot* plot_;
    QComboBox* round_;
    QDoubleSpinBox* tempo_; ///< that is tapped at; 0: freely
    QSpinBox* latency_;
    std::vector<QPushButton*> uses_;
    QPushButton* calibrate_;
};

} // namespace pulsepin
