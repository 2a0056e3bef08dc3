// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QObject>
#include <QSocketNotifier>

namespace pulsepin {

/// Tells when the system asks the program to end (SIGTERM, SIGHUP, SIGINT), in the middle of nothing: on the
/// interface thread. One at a time.
class EndSignals : public QObject {
    Q_OBJECT
public:
    explicit EndSignals(QObject* parent = nullptr);
    ~EndSignals() override;

signals:
    void asked_to_end();

private:
    int ends_[2] = {-1, -1}; ///< of a pipe that the handler writes to
    QSocketNotifier* notifier_ = nullptr;
};

} // namespace pulsepin
