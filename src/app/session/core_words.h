// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"

#include <QCoreApplication>
#include <QStringList>
#include <functional>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace pulsepin {

/// A label of the core in the language of the window.
[[nodiscard]] inline QString text_of(std::string_view text) {
    return QCoreApplication::translate("core", std::string(text).c_str());
}

/// A sentence of the core in the language of the window. The core speaks English and fills in names and
/// numbers itself, so that a sentence is known by its form: "%1 cuts placed on %2". What was filled in is
/// translated in turn, but for what stands between quotation marks, which a person named. What is not known
/// stays as it is.
[[nodiscard]] QString spoken(std::string_view sentence);
/// "FILE: what. remedy."
[[nodiscard]] QString spoken(const Error& error);

/// Forms of sentences with what they become: to be made once, then asked often.
class SentenceForms {
public:
    /// `form`: "%1 cuts placed on %2"; `becomes` has the same marks, in any order.
    void add(const QString& form, const QString& becomes);
    /// Nothing when no form fits. `inner` is asked about what was filled in.
    [[nodiscard]] std::optional<QString>
    translated(const QString& sentence, const std::function<QString(const QString&)>& inner) const;

private:
    struct Form {
        QStringList pieces; ///< what stands around the marks, which are in rising order
        QString becomes;
        qsizetype known = 0; ///< letters of the pieces
    };
    std::vector<Form> forms_; ///< those with most letters first
};

} // namespace pulsepin
