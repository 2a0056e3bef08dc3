// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "pages/stops/motion_page.h"
#include "parts/fields.h"
#include "parts/param_form.h"
#include "session/view_state.h"

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

signals:
    void write_wanted(const SoundBank::Alone& what); ///< as a file

protected:
    void show_motion() override;
    void resizeEvent(QResizeEvent* event) override;

private:
    /// None where it follows no sound.
    [[nodiscard]] std::optional<SoundBank::Alone> followed() const;
    struct StepRow {
        QWidget* box;
        std::string id;
        ParamForm* form;
        QPushButton* on;
        QLabel* effect;
        QPushButton* driven; ///< its numbers
    };
    QWidget* make_source();
    void make_choice_of_source();
    void make_choice_of_band();
    void make_choice_of_steps();
    void
    offer_drives(QMenu& menu, const ParamSpec& spec, const std::vector<ParamDrive>& now, double value,
                 const std::function<void(const std::function<void(std::vector<ParamDrive>&)>&)>& change);
    void show_source(const Follower& follower);
    void show_steps(const Follower& follower);
    StepRow make_step(std::size_t index, const FollowerStep& step);
    [[nodiscard]] QPushButton* make_drives(std::size_t index);
    void change_follower(const QString& what, const std::function<void(Follower&)>& how);
    void change_step(std::size_t index, const QString& what, const std::function<void(FollowerStep&)>& how);

    ViewState& view_;
    QComboBox* source_;
    ParamForm* form_; ///< of the source
    QComboBox* band_;
    QComboBox* add_;
    QPushButton* source_driven_;
    QPushButton* alone_;
    QPushButton* write_;
    QVBoxLayout* steps_box_;
    std::vector<StepRow> steps_;
};

} // namespace pulsepin
