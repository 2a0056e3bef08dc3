// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QObject>
#include <memory>

namespace pulsepin {

class Document;
class PlayCommands;
class Player;
class ViewState;

/// Lets the desktop's media keys and panel play and stop, and tells it what plays: the interface MPRIS 2.2
/// (specifications.freedesktop.org/mpris-spec, org.mpris.MediaPlayer2 and .Player) on the session's bus.
/// Where there is no bus, it does nothing.
class MediaKeys : public QObject {
    Q_OBJECT
public:
    MediaKeys(QWidget& window, Document& document, ViewState& view, Player& player, PlayCommands& commands);
    ~MediaKeys() override;
    MediaKeys(const MediaKeys&) = delete;
    MediaKeys& operator=(const MediaKeys&) = delete;

    /// The name that it has on the bus; empty: none.
    [[nodiscard]] QString bus_name() const { return name_; }

private:
    void tell_changed();
    QString name_;
    QObject* played_;
};

} // namespace pulsepin
