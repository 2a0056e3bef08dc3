// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QLocale>

namespace pulsepin {

/// A number as the language of the window writes it: "1.5", "1,5". Files are written otherwise.
[[nodiscard]] inline QString number_text(double value, int decimals) {
    return QLocale().toString(value, 'f', decimals);
}

/// The same with as many digits as it needs, at most `digits`.
[[nodiscard]] inline QString short_number_text(double value, int digits) {
    return QLocale().toString(value, 'g', digits);
}

} // namespace pulsepin
