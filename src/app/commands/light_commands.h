// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "commands/commands.h"
#include "model/lights.h"
#include "session/light_sender.h"

#include <QPointer>

namespace pulsepin {

class LightsPage;
class ReceiverWindow;

/// Lamps, what lights them, and what is sent to them.
class LightCommands : public Commands {
    Q_OBJECT
public:
    explicit LightCommands(const Workplace& at);
    void add_to(QMenu* menu);
    void show_page(LightsPage* page);
    [[nodiscard]] LightSender& sender() { return sender_; }
    [[nodiscard]] ReceiverWindow* receiver() const;

private:
    /// The current lane of lights; one is made where there is none. 0: it could not be.
    LaneId lane();
    void send(bool on);
    void show_sending();
    void add_lamps_dialog();
    void load_prop_dialog();
    void delete_lamps();
    void add_lamp_at(double x, double y);
    void remember_group();
    void light_on_beats();
    /// Lights or darkens the chosen lamps in the cell at the playhead, and goes on to the next cell.
    void light_here(bool lit);
    void paint_lamps(const std::vector<LampId>& lamps, bool lit);
    void choose_next(int by);
    void recolour();
    void swap_rows();
    void drive_dialog();
    void switch_one_row();
    void name_lamps();
    void switch_latest();
    void choose_ground();
    void open_receiver();
    /// What is worked on in the music: the range, or the bar at the playhead. None without a grid.
    [[nodiscard]] std::optional<std::pair<Ticks, Ticks>> stretch() const;

    LightSender sender_;
    LampId last_group_; ///< of the lamps that were chosen last
    QPointer<LightsPage> page_;
    QPointer<ReceiverWindow> receiver_;
};

} // namespace pulsepin
