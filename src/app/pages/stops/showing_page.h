// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "hand/tried.h"
#include "pages/stops/motion_page.h"
#include "parts/finder.h"
#include "parts/param_form.h"
#include "session/view_state.h"

#include <QComboBox>
#include <QGridLayout>
#include <optional>
#include <vector>

namespace pulsepin {

/// What appears on a lane, how it comes, what it does meanwhile and how it goes.
class ShowingPage : public MotionPage {
    Q_OBJECT
public:
    ShowingPage(Document& document, ViewState& view, QWidget* parent = nullptr);
    [[nodiscard]] QString told() const override;

protected:
    void show_motion() override;
    void resizeEvent(QResizeEvent* event) override;

private:
    void change_showing(const QString& what, const std::function<void(Showing&)>& how);
    void lay_out();
    /// Moves are chosen from a sheet on which they are seen.
    void show_moves(ParamForm& form, std::string_view field, AppearancePart part, const QString& what);
    bool open_sheet(std::string_view id, ChoiceBox& box, AppearancePart part, const QString& what);
    ViewState& view_;
    QGridLayout* grid_;
    std::vector<std::vector<ParamSpec>> specs_;
    std::vector<QWidget*> parts_;  ///< comes, meanwhile, goes
    std::optional<bool> laid_out_; ///< for a narrow window
    QComboBox* layer_;
    ParamForm* comes_;
    ParamForm* between_;
    ParamForm* goes_;
};

} // namespace pulsepin
