// SPDX-License-Identifier: GPL-3.0-or-later
#include "parts/question.h"

#include <QMessageBox>
#include <QPushButton>
#include <algorithm>

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

std::optional<std::size_t> chosen_of(QWidget* parent, const Choice& choice) {
    QMessageBox ask(QMessageBox::Question, choice.title, choice.text, QMessageBox::NoButton, parent);
    ask.setTextFormat(Qt::PlainText);
    ask.setObjectName(choice.name);
    std::vector<QAbstractButton*> buttons;
    for (const auto& answer : choice.answers) {
        auto* button = ask.addButton(answer, QMessageBox::AcceptRole);
        if (buttons.size() == choice.preset)
            ask.setDefaultButton(button);
        buttons.push_back(button);
    }
    ask.setEscapeButton(ask.addButton(QMessageBox::Cancel));
    ask.exec();
    const auto given = std::find(buttons.begin(), buttons.end(), ask.clickedButton());
    return given == buttons.end() ? std::nullopt
                                  : std::optional(static_cast<std::size_t>(given - buttons.begin()));
}

} // namespace pulsepin
