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
#include "commands/named_edits.h"
#include "commands/pin_commands.h"
#include "commands/play_commands.h"
#include "commands/shot_commands.h"
#include "commands/sound_commands.h"
#include "commands/view_commands.h"
#include "commands/word_commands.h"

namespace pulsepin {

/// All groups of commands, which find each other in the context that they share.
struct CommandGroups {
    FileCommands files;
    PinCommands pins;
    ShotCommands shots;
    BinCommands bin;
    LaneCommands lanes;
    SoundCommands sounds;
    GridCommands grids;
    PlayCommands play;
    ViewCommands look;
    DropCommands drops;
    WordCommands words;
    DrawingCommands exposures;
    CheckCommands checks;
    FilmCommands films;
    NamedEdits named;

    explicit CommandGroups(CommandContext& context)
        : files(context), pins(context), shots(context), bin(context), lanes(context), sounds(context),
          grids(context), play(context), look(context), drops(context), words(context), exposures(context),
          checks(context), films(context), named(context) {
        context.bin = &bin;
        context.files = &files;
        context.grids = &grids;
        context.lanes = &lanes;
        context.pins = &pins;
        context.play = &play;
        context.shots = &shots;
    }
    CommandGroups(const CommandGroups&) = delete;
    CommandGroups& operator=(const CommandGroups&) = delete;
};

} // namespace pulsepin
