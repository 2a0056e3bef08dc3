// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "fields.h"
#include "stops/motion_page.h"
#include "view_state.h"

#include <QLabel>
#include <QLineEdit>
#include <QVBoxLayout>

namespace pulsepin {

/// Where a follower's curve comes from, and the steps that shape it.
class FollowerPage : public MotionPage {
    Q_OBJECT
public:
    FollowerPage(Document& document, ViewState& view, QWidget* parent = nullptr);
    [[nodiscard]] QString told() const override;

protected:
    void show_motion() override;

private:
    struct StepRow {
        QWidget* box;
        std::string id;
        std::vector<QDoubleSpinBox*> values;
        QComboBox* other = nullptr;
        QPushButton* on;
        QLabel* effect;
    };
    QWidget* make_source();
    QComboBox* choice(const QString& name, const QString& tip, std::string Follower::*member,
                      const std::vector<std::pair<QString, std::string>>& entries);
    QDoubleSpinBox* number(const QString& name, const QString& tip, double Follower::*member, double low,
                           double high, const QString& suffix);
    void show_source(const Follower& follower);
    void show_steps(const Follower& follower);
    StepRow make_step(std::size_t index, const FollowerStep& step);
    void change_follower(const QString& what, const std::function<void(Follower&)>& how);
    void change_step(std::size_t index, const QString& what, const std::function<void(FollowerStep&)>& how);
    void fill_with_other_lanes(QComboBox* box, LaneId chosen) const;

    ViewState& view_;
    QComboBox* source_;
    QComboBox* measure_;
    QComboBox* part_;
    QComboBox* channel_;
    QComboBox* band_;
    QDoubleSpinBox* from_;
    QDoubleSpinBox* until_;
    QComboBox* row_;
    QDoubleSpinBox* fall_;
    QComboBox* wave_;
    QDoubleSpinBox* period_;
    QComboBox* counted_;
    QDoubleSpinBox* phase_;
    QComboBox* lane_of_;
    QComboBox* add_;
    QVBoxLayout* steps_box_;
    std::vector<StepRow> steps_;
};

} // namespace pulsepin
