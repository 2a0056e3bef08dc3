// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QObject>

namespace pulsepin {

/// Keeps choices and numbers from changing because they merely have the focus or lie under the mouse: the
/// wheel scrolls what they lie in, and the keys that move the playhead move the playhead. A closed list opens
/// on Up, Down or Return, and is then chosen from as usual; in a dialog Return accepts the dialog.
class CalmChoices : public QObject {
    Q_OBJECT
public:
    using QObject::QObject;

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;
};

} // namespace pulsepin
