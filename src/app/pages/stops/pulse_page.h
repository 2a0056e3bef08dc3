// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "pages/stops/motion_page.h"
#include "pages/stops/pulse_curve.h"
#include "parts/finder.h"
#include "parts/param_form.h"
#include "session/view_state.h"

#include <QHBoxLayout>

namespace pulsepin {

/// The shape of a lane's pulse, with a library to start from.
class PulsePage : public MotionPage {
    Q_OBJECT
public:
    PulsePage(Document& document, ViewState& view, QWidget* parent = nullptr);
    [[nodiscard]] QString told() const override;

protected:
    void show_motion() override;
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    struct Tile {
        QPushButton* button;
        Pulse pulse;
    };
    QWidget* make_tiles();
    void drag_tile(QObject* watched, const QMouseEvent& event);
    QPushButton* make_tile(const Pulse& pulse);
    void show_kept();
    void show_lengths(const Pulse& pulse);
    void keep();
    void fill_with_targets(QMenu* menu);
    void run_pictures();
    /// What the lane can be changed to, each seen on two of its beats.
    struct Offered {
        QString name;
        std::function<void(Motion&)> how;
        bool is_current = false;
    };
    bool open_sheet(QWidget& under, const QString& memory, const QString& what, std::vector<Offered> offered);
    void choose_pulse();
    bool choose_easing(ChoiceBox& box, Easing Pulse::*easing);

    QHBoxLayout* tile_row_;
    ViewState& view_;
    QPushButton* see_;
    std::vector<Tile> tiles_;
    Shared<std::vector<Pulse>> shown_kept_;
    QPushButton* keep_;
    QPushButton* copy_;
    QTimer* run_;
    QPushButton* running_ = nullptr;
    double run_share_ = 0;
    PulseCurve* curve_;
    ParamForm* form_;
    std::vector<QWidget*> need_lane_;
};

} // namespace pulsepin
