// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

class QApplication;

namespace pulsepin {

/// Names, font, style: what every window needs before it is made.
void prepare_application(QApplication& application);

} // namespace pulsepin
