// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "parts/param_form.h"
#include "session/light_sender.h"

#include <QComboBox>
#include <QDialog>
#include <QLabel>
#include <QPushButton>
#include <QSpinBox>
#include <QTableWidget>

namespace pulsepin {

/// Which channels lamps listen to, and where their levels go. Each change is taken at once and is one step
/// for undo; what cannot be is said and changes nothing.
class PatchDialog : public QDialog {
    Q_OBJECT
public:
    PatchDialog(Document& document, ViewState& view, LightSender& sender, QWidget* parent);

private:
    QWidget* make_table();
    QWidget* make_outputs();
    void refresh();
    void show_outputs();
    void cell_changed(int row, int column);
    void patch_in_order();
    void take_output();
    void say(const QString& what, bool problem);
    /// Whether it was taken; what is wrong with it is said.
    bool take(Result<Project> project, const QString& name);

    Document& document_;
    ViewState& view_;
    LightSender& sender_;
    QTableWidget* table_;
    QSpinBox* universe_;
    QSpinBox* channel_;
    QComboBox* outputs_;
    QPushButton* remove_;
    ParamForm* form_;
    std::vector<ParamSpec> specs_;
    QLabel* told_;
    bool showing_ = false;
};

} // namespace pulsepin
