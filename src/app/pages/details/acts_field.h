// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "hand/event_keys.h"
#include "pages/details/pins_detail.h"

#include <QMenu>

class QDoubleSpinBox;
class QLabel;
class QPushButton;
class QVBoxLayout;

namespace pulsepin {

class ColourField;
class EasingField;

/// What events do over their length: several parameters, each with a small curve. Triggers act on layers or
/// the camera; what appears acts on itself.
class ActsField : public PinsDetailPart {
    Q_OBJECT
public:
    explicit ActsField(PinsDetail& detail);
    void show_body(const PinBody& body) override;

private:
    void fill_targets();
    void make_key_row(QVBoxLayout* column);
    void show_key();
    void change_key(const QString& what, const std::function<Result<Project>(PinId, EventKey)>& how);
    void keep_curve(std::size_t index);
    void fill_acts(QMenu* menu);
    void change(const QString& what, const std::function<void(TriggerBody&)>& how);
    void change_acts(const QString& what, const std::function<void(std::vector<TriggerAct>&)>& how);
    [[nodiscard]] const Layer* acted_on() const; ///< the first; null: none
    /// How many beats an event lasts, and where its length is counted from; none without a grid.
    struct BeatSpan {
        double begins = 0, beats = 0; ///< on the grid
        Seconds from, until;
    };
    [[nodiscard]] std::optional<BeatSpan> span_in_beats() const;
    void change_one(std::size_t index, const QString& what, const std::function<void(TriggerAct&)>& how);
    [[nodiscard]] QPushButton* curve_button(std::size_t index, const TriggerAct& act);
    [[nodiscard]] QWidget* row_of(std::size_t index, const TriggerAct& act);
    QPushButton* on_;
    QPushButton* add_;
    QPushButton* open_;
    QPushButton* alike_;
    QWidget* key_row_;
    QLabel* key_name_;
    QDoubleSpinBox* key_at_;
    QDoubleSpinBox* key_beats_;
    QDoubleSpinBox* key_value_;
    EasingField* key_easing_;
    ColourField* key_colour_;
    bool showing_ = false;
    QVBoxLayout* rows_;
    std::vector<QWidget*> shown_;
    PinBody body_;
};

} // namespace pulsepin
