// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QObject>
#include <optional>

namespace pulsepin {

/// In fields of numbers a full stop and a comma both are the decimal sign of the language: thousands are
/// never set apart there, so that neither can mean anything else, and keypads send what their keyboard has.
class DecimalKeys : public QObject {
    Q_OBJECT
public:
    using QObject::QObject;

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;
};

/// A number as it is typed where any text may stand; nothing where it is none.
[[nodiscard]] std::optional<double> typed_number(QString text);

} // namespace pulsepin
