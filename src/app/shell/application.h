// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

class QApplication;
class QString;

namespace pulsepin {

/// What must be known before there is an application: names, by which settings are found, and how large text
/// is.
void prepare_start();
/// Font, style, language: what every window needs before it is made.
void prepare_application(QApplication& application);
/// Words and numbers from now on: "de", "ja", "en"; "system" as the desktop has it, where that language is
/// there.
void use_language(QApplication& application, const QString& wanted);

} // namespace pulsepin
