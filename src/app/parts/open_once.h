// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>

namespace pulsepin {

/// The window of that name that is open above another one already, brought to the front; null where none is.
/// For windows that leave the other one free: whoever asks for them again looks for the first.
template <class Window>
[[nodiscard]] Window* brought_forward(const QWidget* above, const QString& name) {
    auto* window = above->findChild<Window*>(name, Qt::FindDirectChildrenOnly);
    if (!window || !window->isVisible())
        return nullptr;
    window->setWindowState(window->windowState() & ~Qt::WindowMinimized);
    window->raise();
    window->activateWindow();
    return window;
}

} // namespace pulsepin
