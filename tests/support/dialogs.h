// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QApplication>
#include <QTimer>

namespace pulsepin::test {

/// Does something once a dialog is open, at the soonest after some milliseconds: on a busy machine one comes
/// up late, and nobody would close it then. Where none comes, it is done all the same, and may tell so.
template <class Something>
void once_a_dialog_is_open(int soonest_ms, Something something, int looks = 200) {
    QTimer::singleShot(soonest_ms, qApp, [something, looks] {
        constexpr int between_looks_ms = 50;
        const auto* dialog = QApplication::activeModalWidget();
        if (looks > 0 && (!dialog || !dialog->isVisible()))
            return once_a_dialog_is_open(between_looks_ms, something, looks - 1);
        something();
    });
}

} // namespace pulsepin::test
