// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QCoreApplication>
#include <string>
#include <string_view>

namespace pulsepin {

/// A label of the core in the language of the window.
[[nodiscard]] inline QString text_of(std::string_view text) {
    return QCoreApplication::translate("core", std::string(text).c_str());
}

} // namespace pulsepin
