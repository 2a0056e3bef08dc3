// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "add_things.h"
#include "analyze_songs.h"
#include "arguments.h"
#include "begin_piece.h"
#include "bring_in_list.h"
#include "change_grid.h"
#include "check_project.h"
#include "edit_project.h"
#include "export_project.h"
#include "find_files.h"
#include "light_play.h"
#include "light_tools.h"
#include "params/param.h"
#include "place_pins.h"
#include "print_sheets.h"
#include "render_film.h"
#include "tell_project.h"
#include "watch_folder.h"
#include "write_picture.h"
#include "write_sound.h"

namespace pulsepin {

/// What all commands share: where it went wrong, if it did. Requests are filled while arguments are read.
struct Requests {
    Result<void> outcome;
    AnalyzeRequest analysis;
    NewRequest beginning;
    WatchRequest watching;
    AddRequest adding;
    OpenBeatsRequest beats;
    GridRequest grid;
    MarkRequest marking;
    FreezeRequest freezing;
    InfoRequest info;
    RelinkRequest relinking;
    PackRequest packing;
    PlaceRequest placing;
    EditRequest edit;
    BringInRequest bringing;
    ExportRequest exporting;
    SheetsRequest sheets;
    WriteSoundRequest sound;
    LightReceiverRequest received_lights;
    LightTestRequest tested_lights;
    LightPlayRequest played_lights;
    WritePictureRequest picture;
    CheckRequest checking;
    RenderRequest film;
    JoinRequest joining;
    int status = 0; ///< besides: 1 where something was found
    int failed = 1; ///< the status of what could not be done
};

/// Of what is no text: it goes into a file that is named.
extern const CLI::Validator to_a_file;
/// What was done in part has a status of its own.
void take(Requests& all, const Result<Extent>& done);

/// All commands, each with what can be told to it.
void add_commands(CLI::App& app, Requests& all);
/// An option for each parameter; what is told goes into `settings` as "id=value".
void add_options(CLI::App* command, ParamSpecs specs, std::vector<std::string>& settings);
/// Null when there is none of that name.
[[nodiscard]] const CLI::App* command_called(const CLI::App& app, std::string_view name);
/// Where a changed project goes.
void add_change(CLI::App* command, ChangeRequest& change);
/// Commands that begin, tell and move pieces, and those that put things into them.
void add_pieces(CLI::App& app, Requests& all);
void add_adding(CLI::App& app, Requests& all);
/// Each edit by hand as a command of its own: its parameters are its options.
void add_edit_commands(CLI::App& app, Requests& all);

} // namespace pulsepin
