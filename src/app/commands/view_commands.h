// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "commands/commands.h"

namespace pulsepin {

class FormArea;
class GridCommands;
class PictureHands;
class PictureRoom;
class TransportBar;

/// How the song, the score and the window look.
class ViewCommands : public Commands {
    Q_OBJECT
public:
    ViewCommands(const Workplace& at, FormArea& bench, PictureRoom& picture, PictureHands& hands,
                 GridCommands& grids, TransportBar& transport)
        : Commands(at), bench_(bench), picture_(picture), hands_(hands), grids_(grids),
          transport_(transport) {}
    void add_to(QMenu* menu);
    void load_settings();
    /// Of what lies in the window, whatever is set now.
    void show_colours();
    void show_score(bool score);

signals:
    void desk_recoloured();

private:
    void add_looks_to(QMenu* menu);
    void zoom_by(double factor);
    void zoom_to();
    FormArea& bench_;
    PictureRoom& picture_;
    PictureHands& hands_;
    GridCommands& grids_;
    TransportBar& transport_;
};

} // namespace pulsepin
