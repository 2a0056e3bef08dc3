// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "pages/stops/follower_page.h"
#include "pages/stops/keys_page.h"
#include "pages/stops/layers_page.h"
#include "pages/stops/lights_page.h"
#include "pages/stops/pulse_page.h"
#include "pages/stops/showing_page.h"
#include "pages/stops/stop_panel.h"
#include "parts/fields.h"

#include <QLabel>
#include <QLineEdit>
#include <QSpinBox>
#include <QStackedWidget>

namespace pulsepin {

/// What moves: lanes of pulses, of keys and of followers, and the layers of the picture that they drive.
class MotionPanel : public StopPanel {
    Q_OBJECT
public:
    MotionPanel(Document& document, ViewState& view, QWidget* parent = nullptr);
    [[nodiscard]] QString title() const override { return tr("Motion"); }
    [[nodiscard]] QString summary() const override;
    [[nodiscard]] bool complete() const override;
    void refresh() override;
    void entered() override;
    void left() override;
    [[nodiscard]] LightsPage& lights() const { return *lights_page_; }
    void show_lights(); ///< the lamps, as if their button had been pressed

signals:
    /// The chosen layer's line is to be drawn in the picture.
    void draw_wanted();
    void hit_wanted(const Target& target, const std::string& row, Qt::KeyboardModifiers keys);
    void write_followed_wanted(const SoundBank::Alone& what);
    void add_lane_wanted(LaneKind kind);
    void lane_wanted(LaneId lane); ///< to be seen

private:
    QWidget* make_top();
    QWidget* make_property();
    void fill_lanes();
    void choose_current();
    void show_lane();
    void add_twelve_bands();
    [[nodiscard]] const Lane* lane() const;
    [[nodiscard]] MotionPage* page_of(LaneKind kind) const;
    void change(const QString& what, const std::function<void(Motion&)>& how);

    QComboBox* lane_;
    QPushButton* curves_;
    QPushButton* layers_;
    QPushButton* lights_;
    QStackedWidget* pages_;
    PulsePage* pulses_;
    KeysPage* keys_;
    FollowerPage* follower_;
    ShowingPage* showing_page_;
    LayersPage* layer_page_;
    LightsPage* lights_page_;
    QPushButton* add_;
    QPushButton* add_lamps_;
    QWidget* property_row_;
    QLineEdit* property_;
    QLineEdit* unit_;
    QDoubleSpinBox* rest_;
    QDoubleSpinBox* peak_;
    QLabel* told_;
    bool entered_ = false;
    bool showing_ = false;
};

} // namespace pulsepin
