// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "commands/commands.h"
#include "session/check_bank.h"

#include <QTimer>

namespace pulsepin {

class BinCommands;
class CheckPanel;
class PlacePanel;
class PlayCommands;

/// Proving that the piece is in sync and safe to watch, and mending what is not.
class CheckCommands : public Commands {
    Q_OBJECT
public:
    CheckCommands(const Workplace& at, PlacePanel& place, PlayCommands& play, BinCommands& bin)
        : Commands(at), place_(place), play_(play), bin_(bin) {}
    void add_to(QMenu* menu);
    void show_panel(CheckPanel* panel);

    /// Writes what was found as a file, and says so; as a report by the file's ending: pdf, csv, json.
    void write(const QString& file);

private:
    void go(const Finding& finding);
    void go_to(Seconds at, Seconds until, LaneId lane, PinId pin);
    void step(int by);
    void mend(bool all, bool take);
    void mend_by_file(const Finding& finding, std::string_view way, bool take);
    void accept();
    void take_limits(ParamValues limits);
    void ask_for_limits();
    void show_table();
    void forecast();
    void write_dialog(const char* ending, const QString& title);

    CheckPanel* panel_ = nullptr;
    QTimer forecast_soon_;
    PlacePanel& place_;
    PlayCommands& play_;
    BinCommands& bin_;
};

} // namespace pulsepin
