// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "params/param.h"

#include <QDialog>
#include <QLabel>
#include <functional>

namespace pulsepin {

class ParamForm;
struct Project;

/// Asks for the values of some parameters before something is done.
class ParamDialog : public QDialog {
    Q_OBJECT
public:
    /// `tell` says what would come of the values; empty: nothing is told.
    ParamDialog(const QString& name, const QString& title, ParamSpecs specs, const ParamValues& values,
                const QString& action, QWidget* parent, std::function<QString(const ParamValues&)> tell = {});

    [[nodiscard]] ParamValues values() const;
    void set_project(const Project& project);
    /// Something to see above the fields.
    void show_above(QWidget* what);
    /// One of the values, as if a person had set it.
    void set_value(std::string_view id, const ParamValue& value);

signals:
    void changed(const QString& id); ///< by a person, or by set_value()

private:
    void show_outcome();
    ParamForm* form_;
    QLabel* outcome_ = nullptr;
    std::function<QString(const ParamValues&)> tell_;
};

/// Shows the dialog; `then` is told the values when they were accepted.
void ask(ParamDialog* dialog, std::function<void(const ParamValues&)> then);

} // namespace pulsepin
