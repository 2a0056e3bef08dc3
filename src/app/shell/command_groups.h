// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "commands/bin_commands.h"
#include "commands/check_commands.h"
#include "commands/drawing_commands.h"
#include "commands/drop_commands.h"
#include "commands/file_commands.h"
#include "commands/film_commands.h"
#include "commands/grid_commands.h"
#include "commands/lane_commands.h"
#include "commands/light_commands.h"
#include "commands/named_edits.h"
#include "commands/pack_commands.h"
#include "commands/pin_commands.h"
#include "commands/play_commands.h"
#include "commands/shot_commands.h"
#include "commands/sound_commands.h"
#include "commands/view_commands.h"
#include "commands/word_commands.h"

namespace pulsepin {

/// The parts of the window that commands are about.
struct CommandParts {
    TransportBar& transport;
    FormArea& bench;
    PictureRoom& picture;
    PictureHands& hands;
    GridPanel& grid;
    PlacePanel& place;
    TapPanel& taps;
    ExportPanel& exporting;
};

/// All groups of commands, each made of what it asks for, after those that it uses.
struct CommandGroups {
    PlayCommands play;
    GridCommands grids;
    FileCommands files;
    PinCommands pins;
    ShotCommands shots;
    BinCommands bin;
    LaneCommands lanes;
    SoundCommands sounds;
    ViewCommands look;
    DropCommands drops;
    WordCommands words;
    DrawingCommands exposures;
    CheckCommands checks;
    FilmCommands films;
    PackCommands packs;
    LightCommands lights;
    NamedEdits named;

    CommandGroups(const Workplace& at, const CommandParts& parts)
        : play(at, parts.transport), grids(at, parts.grid, parts.taps, play),
          files(at, grids, parts.exporting), pins(at, parts.grid, parts.place, files, play), shots(at),
          bin(at), lanes(at, pins), sounds(at, files),
          look(at, parts.bench, parts.picture, parts.hands, grids, parts.transport), drops(at, parts.hands),
          words(at, play), exposures(at, parts.taps, play), checks(at, parts.place, play, bin), films(at),
          packs(at, parts.exporting), lights(at), named(at) {}
    CommandGroups(const CommandGroups&) = delete;
    CommandGroups& operator=(const CommandGroups&) = delete;
};

} // namespace pulsepin
