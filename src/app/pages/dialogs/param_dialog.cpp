// SPDX-License-Identifier: GPL-3.0-or-later
#include "pages/dialogs/param_dialog.h"

#include "parts/param_form.h"
#include "parts/widgets.h"

#include <QDialogButtonBox>
#include <QVBoxLayout>

namespace pulsepin {

ParamDialog::ParamDialog(const QString& name, const QString& title, ParamSpecs specs,
                         const ParamValues& values, const QString& action, QWidget* parent,
                         std::function<QString(const ParamValues&)> tell)
    : QDialog(parent), tell_(std::move(tell)) {
    setObjectName(name);
    setWindowTitle(title);
    auto* column = new QVBoxLayout(this);
    column->setSpacing(10);
    column->addWidget(heading(title));
    ParamFormStyle style;
    style.layout = ParamFormLayout::NamesBeside;
    style.one_a_line = true;
    form_ = new ParamForm(name, style);
    form_->set_specs(specs);
    form_->set_values(values);
    column->addWidget(form_);
    if (tell_) {
        outcome_ = quiet({});
        outcome_->setObjectName(name + " outcome");
        outcome_->setWordWrap(true);
        column->addWidget(outcome_);
        connect(form_, &ParamForm::changed, this, &ParamDialog::show_outcome);
        show_outcome();
    }
    connect(form_, &ParamForm::changed, this, &ParamDialog::changed);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Cancel);
    auto* take = main_button(action);
    take->setObjectName(name + " now");
    buttons->addButton(take, QDialogButtonBox::AcceptRole);
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    column->addWidget(buttons);
    take->setDefault(true);
    take->setFocus(); // Return does it, as it is
    setMinimumWidth(420);
}

ParamValues ParamDialog::values() const {
    return form_->values();
}

void ParamDialog::set_project(const Project& project) {
    form_->set_project(project);
}

void ParamDialog::show_above(QWidget* what) {
    auto* column = static_cast<QVBoxLayout*>(layout());
    column->insertWidget(column->indexOf(form_), what);
}

void ParamDialog::set_value(std::string_view id, const ParamValue& value) {
    ParamValues all = form_->values();
    all.set(id, value);
    form_->set_values(all);
    if (outcome_)
        show_outcome();
    emit changed(QString::fromUtf8(id.data(), static_cast<qsizetype>(id.size())));
}

void ParamDialog::show_outcome() {
    outcome_->setText(tell_(form_->values()));
}

void ask(ParamDialog* dialog, std::function<void(const ParamValues&)> then) {
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    QObject::connect(dialog, &QDialog::accepted, dialog,
                     [dialog, then = std::move(then)] { then(dialog->values()); });
    dialog->open();
}

} // namespace pulsepin
