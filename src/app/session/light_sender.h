// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "session/document.h"
#include "session/player.h"
#include "show/light_show.h"

#include <QObject>
#include <QTimer>

namespace pulsepin {

/// The open piece's levels and messages on their way, in step with the player, as long as somebody wants
/// them sent.
class LightSender : public QObject {
    Q_OBJECT
public:
    LightSender(Document& document, Player& player, QObject* parent = nullptr);
    [[nodiscard]] bool sending() const { return sending_; }
    void set_sending(bool sending);
    [[nodiscard]] bool dark() const { return dark_; }
    void set_dark(bool dark); ///< all lamps, until it is taken back
    [[nodiscard]] const LightShow::State& state() const { return state_; }
    /// "sending to this computer", or what keeps it from that; empty while nothing is sent.
    [[nodiscard]] QString told() const;
    [[nodiscard]] bool in_trouble() const;
    /// While nothing plays the lamps are as they are there.
    void stand_at(Seconds at);

signals:
    void changed();

private:
    void show();
    void look();
    void hear(); ///< where the player is now

    Document& document_;
    Player& player_;
    LightShow show_;
    LightShow::State state_;
    QTimer timer_;
    Seconds standing_;
    bool sending_ = false, dark_ = false;
};

} // namespace pulsepin
