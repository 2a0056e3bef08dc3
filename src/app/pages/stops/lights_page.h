// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "parts/param_form.h"
#include "picture/plan_view.h"

#include <QCheckBox>
#include <QDoubleSpinBox>
#include <QHBoxLayout>
#include <QPushButton>

namespace pulsepin {

/// The lamps: where they hang, which are worked on, what is painted with, and whether it is sent.
class LightsPage : public QWidget {
    Q_OBJECT
public:
    LightsPage(Document& document, ViewState& view, QWidget* parent = nullptr);
    void refresh();
    [[nodiscard]] PlanView& plan() const { return *plan_; }
    /// What is sent, as its button shows it.
    void show_sending(bool sending, bool dark);

signals:
    void wanted(const QString& command);
    void lamps_painted(const std::vector<LampId>& lamps, bool lit);
    void lamp_wanted(double x, double y);
    void hint(const QString& text);

private:
    QWidget* make_plan();
    QWidget* make_choosing();
    QWidget* make_choices();
    void make_brush(QHBoxLayout* row);
    void choose_every_second(std::size_t from);
    void fill_groups();
    void show_brush();
    void take_brush();
    [[nodiscard]] QPushButton* button(const QString& name, const QString& text, const QString& tip,
                                      const QString& command);
    void change_rig(const QString& what, const std::function<void(Rig&)>& how);

    Document& document_;
    ViewState& view_;
    PlanView* plan_;
    QPushButton* on_beats_;
    QPushButton* brush_;
    QPushButton* held_;
    QPushButton* fade_;
    QPushButton* send_;
    QPushButton* dark_;
    QComboBox* groups_;
    QCheckBox* dark_at_start_;
    QDoubleSpinBox* dimmer_;
    ParamForm* form_;
    std::vector<ParamSpec> specs_;
    Shared<Rig> shown_;
    bool showing_ = false;
};

} // namespace pulsepin
