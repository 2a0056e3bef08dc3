// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "pages/details/pins_detail.h"

#include <QMenu>

class QPushButton;
class QVBoxLayout;

namespace pulsepin {

/// What triggers act on, and what they do there: several parameters, each with a small curve.
class TriggerActsField : public PinsDetailPart {
    Q_OBJECT
public:
    explicit TriggerActsField(PinsDetail& detail);
    void show_body(const PinBody& body) override;

private:
    void fill_targets();
    void fill_acts(QMenu* menu);
    void change(const QString& what, const std::function<void(TriggerBody&)>& how);
    void change_one(std::size_t index, const QString& what, const std::function<void(TriggerAct&)>& how);
    [[nodiscard]] QPushButton* curve_button(std::size_t index, const TriggerAct& act);
    [[nodiscard]] QWidget* row_of(std::size_t index, const TriggerAct& act);
    QPushButton* on_;
    QPushButton* add_;
    QVBoxLayout* rows_;
    std::vector<QWidget*> shown_;
    TriggerBody body_;
};

} // namespace pulsepin
