// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "forms/param_form.h"
#include "stops/motion_page.h"

#include <QComboBox>

namespace pulsepin {

/// What appears on a lane, how it comes, what it does meanwhile and how it goes.
class ShowingPage : public MotionPage {
    Q_OBJECT
public:
    explicit ShowingPage(Document& document, QWidget* parent = nullptr);
    [[nodiscard]] QString told() const override;

protected:
    void show_motion() override;

private:
    void change_showing(const QString& what, const std::function<void(Showing&)>& how);
    QComboBox* layer_;
    ParamForm* comes_;
    ParamForm* between_;
    ParamForm* goes_;
};

} // namespace pulsepin
