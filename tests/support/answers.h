// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "support/in_english.h"

#include <QApplication>
#include <QFileDialog>
#include <QLineEdit>
#include <QPointer>
#include <QPushButton>
#include <QTest>
#include <QTimer>
#include <deque>
#include <functional>

namespace pulsepin::test {

/// What comes up next, in turn: each is told, and dealt with as said.
class Answers {
public:
    /// A file dialog: the name is typed as a person would.
    Answers& type_name(const QString& path) {
        return then([path](QWidget* dialog) {
            static_cast<QFileDialog*>(dialog)->selectFile(path); // what was suggested is no longer selected
            dialog->findChild<QLineEdit*>("fileNameEdit")->setText(path);
            QMetaObject::invokeMethod(dialog, "accept");
        });
    }
    Answers& press(const QString& text) {
        return then([text](QWidget* dialog) {
            for (auto* button : dialog->findChildren<QPushButton*>())
                if (tells(button->text().remove('&'), text))
                    return QTest::mouseClick(button, Qt::LeftButton);
            QFAIL(qPrintable("no button: " + text));
        });
    }
    Answers& cancel() {
        return then([](QWidget* dialog) { QTest::keyClick(dialog, Qt::Key_Escape); });
    }
    [[nodiscard]] QStringList asked() const { return asked_; }
    [[nodiscard]] bool all_asked() const { return steps_.empty(); }

private:
    Answers& then(std::function<void(QWidget*)> step) {
        steps_.push_back(std::move(step));
        if (!timer_.isActive()) {
            timer_.setInterval(60);
            QObject::connect(&timer_, &QTimer::timeout, &timer_, [this] { look(); });
            timer_.start();
        }
        return *this;
    }
    void look() {
        auto* dialog = QApplication::activeModalWidget();
        if (steps_.empty() || !dialog || !dialog->isVisible() || dialog == last_)
            return;
        auto step = std::move(steps_.front());
        steps_.pop_front();
        asked_ << dialog->objectName();
        last_ = dialog;
        step(dialog);
        if (last_ && !last_->isVisible())
            last_ = nullptr;
    }
    std::deque<std::function<void(QWidget*)>> steps_;
    QStringList asked_;
    QPointer<QWidget> last_;
    QTimer timer_;
};

} // namespace pulsepin::test
