// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "support/dialogs.h"

#include <QApplication>
#include <QFileDialog>
#include <QLineEdit>
#include <QTest>
#include <QTimer>

namespace pulsepin::test {

/// Writes the name into the file dialog that opens next, and takes it.
inline void save_as(const QString& path) {
    once_a_dialog_is_open(300, [path] {
        for (auto* widget : QApplication::topLevelWidgets())
            if (auto* dialog = qobject_cast<QFileDialog*>(widget); dialog && dialog->isVisible()) {
                auto* name = dialog->findChild<QLineEdit*>("fileNameEdit");
                QVERIFY(name);
                name->setText(path);
                QTest::keyClick(name, Qt::Key_Return);
                return;
            }
        QFAIL("no dialog");
    });
}

} // namespace pulsepin::test
