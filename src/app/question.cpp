// SPDX-License-Identifier: GPL-3.0-or-later
#include "question.h"

#include <QMessageBox>

namespace pulsepin {

bool agreed_to(QWidget* parent, const Question& question) {
    QMessageBox ask(QMessageBox::Question, question.title, question.text, QMessageBox::NoButton, parent);
    ask.setTextFormat(Qt::PlainText);
    ask.setObjectName(question.name);
    auto* agree = ask.addButton(question.agree, QMessageBox::DestructiveRole);
    auto* leave = ask.addButton(question.leave, QMessageBox::RejectRole);
    ask.setDefaultButton(leave);
    ask.setEscapeButton(leave);
    ask.exec();
    return ask.clickedButton() == agree;
}

} // namespace pulsepin
