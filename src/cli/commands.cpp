// SPDX-License-Identifier: GPL-3.0-or-later
#include "commands.h"

#include "interchange/pack.h"
#include "interchange/project_json.h"
#include "parameter_page.h"

#include <iostream>

namespace pulsepin {
namespace {

const CLI::Validator to_a_file(
    [](std::string& name) {
        return name == "-" ? std::string("what is written is no text: name a file, as in ./-")
                           : std::string();
    },
    "FILE");

/// What was done in part has a status of its own.
void take(Requests& all, const Result<Extent>& done) {
    if (!done)
        all.outcome = tl::unexpected(done.error());
    else
        all.status = *done == Extent::All ? 0 : 3;
}

void add_analyze(CLI::App& app, Requests& all) {
    auto& analysis = all.analysis;
    auto* command = app.add_subcommand("analyze", "find tempo, beats, bars, onsets and sections of songs");
    command
        ->add_option("SONG", analysis.songs,
                     "sound or video files, or folders of them; several use all processor cores")
        ->required();
    command->add_option("--json", analysis.out,
                        "file to write, or a folder for several songs; - is the standard output");
    command
        ->add_option("--features", analysis.wanted, "what to tell, as in beats,downbeats; all unless given")
        ->delimiter(',')
        ->expected(1, 32);
    command->add_option("--tempo-range", analysis.tempo_range, "in beats a minute, as in 90-120");
    command->add_option("--beats-per-bar", analysis.beats_per_bar, "found out unless given")
        ->check(CLI::Range(1, 32));
    command
        ->add_option("--threads", analysis.threads, "songs at once; as many as there are cores unless given")
        ->check(CLI::Range(1, 256));
    command->add_option("--part", analysis.part,
                        "part K of N of the songs, as in 2/8; what is there already is not done again");
    command->add_flag("--force", analysis.replace, "replace files that are there already");
    command->add_flag("--without-network", analysis.without_network,
                      "use only what needs no learned numbers");
    command->callback([&all] { take(all, analyze_songs(all.analysis)); });
}

void add_pieces(CLI::App& app, Requests& all) {
    auto& request = all.beginning;
    auto* begins = app.add_subcommand("new", "begin a project with a song, whose beats are found, and shots");
    auto* song = begins->add_option("SONG", request.song, "a sound or video file");
    auto* table = begins->add_option("--table", request.table,
                                     "of songs, a piece a line: columns song, title, file, and names of "
                                     "shots of the template; - is the standard input");
    song->excludes(table);
    begins->add_option("-o,--output", request.out, "project file to write; of a table a folder")
        ->required()
        ->check(to_a_file);
    begins->add_option("--shots", request.shots, "films and pictures, or folders of them")
        ->expected(1, 10'000);
    begins->add_option("--template", request.pattern, "a project whose song is exchanged for this one");
    begins->add_option("--shot", request.named, "another file for a shot of the template, as NAME=FILE")
        ->expected(1, 10'000);
    begins->add_option("--title", request.title, "the song's name unless given");
    begins->add_option("--rate", request.rate, "frames a second, as in 25, 29.97 or 24000/1001");
    begins->add_option("--size", request.size, "of the picture, as in 1920x1080");
    begins->add_flag("--force", request.replace, "replace a file that is there already");
    begins->callback([&all, song, table] {
        if (song->empty() && table->empty())
            throw CLI::RequiredError("SONG, or --table,");
        take(all, all.beginning.table.empty() ? begin_piece(all.beginning) : begin_pieces(all.beginning));
    });

    auto& watch = all.watching;
    auto* watches =
        app.add_subcommand("watch", "make a piece of a template for each song that comes into a folder");
    watches->add_option("FOLDER", watch.folder)->required();
    watches->add_option("-o,--output", watch.out, "folder for the pieces, a folder each")->required();
    watches->add_option("--template", watch.pattern, "a project whose song is exchanged")->required();
    watches->add_option("--format", watch.formats, "what is written of each piece; all formats unless given")
        ->delimiter(',')
        ->expected(1, 64);
    watches->add_flag("--once", watch.once, "do what is there, and end");
    watches->callback([&all] { take(all, watch_folder(all.watching)); });

    auto* info = app.add_subcommand("info", "what is in a project, and which of its files are missing");
    info->add_option("PROJECT", all.info.projects, "one or several")->required();
    info->add_flag("--json", all.info.json, "as JSON; of several a line each");
    info->callback([&all] { take(all, tell_projects(all.info)); });

    auto* relink = app.add_subcommand("relink", "find missing files again, by name and by what is in them");
    relink->add_option("PROJECT", all.relinking.change.project)->required();
    relink->add_option("--find", all.relinking.folder, "the folder to look in, and below")->required();
    add_change(relink, all.relinking.change);
    relink->callback([&all] { all.outcome = find_files(all.relinking); });

    auto* packs = app.add_subcommand("pack", "put a project and all its files into one folder or ZIP file");
    packs->add_option("PROJECT", all.packing.project)->required();
    packs
        ->add_option("-o,--output", all.packing.into,
                     "a new folder, an empty one, or a new file that ends in .zip")
        ->required();
    add_options(packs, pack_parameters(), all.packing.settings);
    packs->callback([&all] { all.outcome = pack_piece(all.packing); });
}

void add_adding(CLI::App& app, Requests& all) {
    auto& adding = all.adding;
    auto* adds = app.add_subcommand("add", "add shots, sounds, words, lanes and layers to a piece");
    adds->add_option("PROJECT", adding.change.project)->required();
    adds->add_option("--shots", adding.shots, "films and pictures, or folders of them")->expected(1, 10'000);
    adds->add_option("--sounds", adding.sounds, "sound files, laid under the song from its start on")
        ->expected(1, 100);
    adds->add_option("--words", adding.words,
                     "lyrics or captions: set where the file says when, else waiting");
    adds->add_option("--lane", adding.lanes, "KIND or KIND=NAME, as in trigger=Flashes")->expected(1, 100);
    adds->add_option("--layer", adding.layers, "KIND or KIND=NAME, as in title=Name")->expected(1, 100);
    add_change(adds, adding.change);
    adds->callback([&all] { all.outcome = add_things(all.adding); });

    auto* opens =
        app.add_subcommand("open-beats", "take the beats of a file: a beat list, a MIDI tempo map, JAMS");
    opens->add_option("PROJECT", all.beats.change.project)->required();
    opens->add_option("BEATS", all.beats.beats)->required();
    add_change(opens, all.beats.change);
    opens->callback([&all] { all.outcome = open_beats(all.beats); });

    auto& grid = all.grid;
    auto* grids = app.add_subcommand("grid", "correct tempo, metre and place of the beats");
    grids->add_option("PROJECT", grid.change.project)->required();
    grids->add_option("--ratio", grid.ratio, "as in 1/2: one beat in the place of two");
    grids->add_option("--tempo", grid.tempo, "in beats a minute")->check(CLI::Range(20.0, 400.0));
    grids->add_option("--shift", grid.shift, "all beats later by so many ms; less than 0 is earlier");
    grids->add_option("--bar-one", grid.bar_one, "where bar 1 begins: 3.1, 0:12.4 or 298 f");
    grids->add_option("--metre", grid.metre, "as in 3/4");
    add_change(grids, grid.change);
    grids->callback([&all] { all.outcome = change_grid(all.grid); });

    auto& marking = all.marking;
    auto* marks = app.add_subcommand("mark", "put markers, or pins of another lane, at places");
    marks->add_option("PROJECT", marking.change.project)->required();
    marks->add_option("--at", marking.places, "13.3 (bar and beat), 0:26.96, 26.96 s or 647 f")
        ->required()
        ->expected(1, 10'000);
    marks->add_option("--lane", marking.lane, "a lane's name, or markers, cuts, triggers ...")
        ->capture_default_str();
    marks->add_option("--name", marking.name, "of the markers");
    marks->add_option("--note", marking.note, "of the markers");
    add_change(marks, marking.change);
    marks->callback([&all] { all.outcome = mark(all.marking); });

    auto& freezing = all.freezing;
    auto* freezes = app.add_subcommand("freeze", "write the curve of a lane down as keys");
    freezes->add_option("PROJECT", freezing.change.project)->required();
    freezes->add_option("--lane", freezing.lane, "its name")->required();
    freezes
        ->add_option("--within", freezing.tolerance,
                     "how far keys may be from the curve; a key a frame unless given")
        ->check(CLI::Range(0.0, 1e6));
    add_change(freezes, freezing.change);
    freezes->callback([&all] { all.outcome = freeze(all.freezing); });
}

void add_place(CLI::App& app, Requests& all) {
    auto& request = all.placing;
    auto* command = app.add_subcommand("place", "place items of a lane on chosen beats");
    command->add_option("PROJECT", request.change.project)->required();
    command->add_option("--lane", request.lane, "a lane's name, or cuts, or markers")->required();
    command->add_option("--of", request.source, "beats, downbeats, onsets ...: see parameters")
        ->capture_default_str();
    command->add_option("--every", request.every, "every how many of them")->check(CLI::Range(1, 64));
    command->add_option("--filter", request.filters, "lets only some through; one after the other")
        ->expected(1, 8);
    command->add_option("--set", request.settings, "as in onsets.row=kick, every-nth.n=4 or pin.length=2")
        ->expected(1, 64);
    auto* from = command->add_option("--from", request.from, "bar.beat of the first");
    auto* until = command->add_option("--until", request.until, "bar.beat where to end; not itself included");
    auto* whole =
        command->add_flag("--whole", request.whole, "the whole song, instead of --from and --until");
    from->needs(until);
    until->needs(from);
    whole->excludes(from)->excludes(until);
    command->add_flag("--dry-run", request.tried, "say what would be placed, and write nothing");
    add_change(command, request.change);
    command->callback([&all] { all.outcome = place_pins(all.placing); });
}

void add_edit(CLI::App& app, Requests& all) {
    auto& request = all.edit;
    auto* command =
        app.add_subcommand("edit", "do to pins or at a moment what is done by hand in the window");
    command->add_option("PROJECT", request.change.project)->required();
    command->add_option("--do", request.edit, edit_ids() + ": see parameters")->required();
    command->add_option("--lane", request.lane, "pins of that lane");
    command->add_option("--named", request.named, "pins with that in their names");
    command->add_option("--from", request.from, "bar.beat of the first pin");
    command->add_option("--until", request.until, "bar.beat of the last; not itself included");
    command->add_option("--at", request.at, "bar.beat, of what is done at a moment");
    command->add_option("--set", request.settings, "as in beats=2")->expected(1, 16);
    add_change(command, request.change);
    command->callback([&all] { all.outcome = edit_project(all.edit); });
}

void add_bring_in(CLI::App& app, Requests& all) {
    auto& request = all.bringing;
    auto* command = app.add_subcommand(
        "bring-in", "bring cuts, sounds and markers of another program's list into a project, as lanes");
    command->add_option("PROJECT", request.change.project)->required();
    command
        ->add_option(
            "LIST", request.list,
            "an edit decision list, an OpenTimelineIO file, a table of cues, or a film whose cuts are found")
        ->required();
    command->add_option("--set", request.settings, "as in tie=beat or rate=25: see parameters")
        ->expected(1, 16);
    add_change(command, request.change);
    command->callback([&all] { all.outcome = bring_in_list(all.bringing); });
}

void add_export(CLI::App& app, Requests& all) {
    auto& request = all.exporting;
    auto* command = app.add_subcommand("export", "write a project in an open format");
    command->add_option("PROJECT", request.project)->required();
    command->add_option("--format", request.formats, "one, or several by commas: " + exporter_ids())
        ->delimiter(',')
        ->expected(1, 64);
    command->add_option("-o,--output", request.out, "file to write; - is the standard output");
    command->add_option("--all", request.folder,
                        "folder for the formats, or for all that have something to write");
    command->add_option("--set", request.settings, "as in decimals=3: see parameters")->expected(1, 64);
    command->add_flag("--force", request.replace, "replace a file that is there already");
    command->callback([&all] { take(all, export_file(all.exporting)); });
}

void add_sheets(CLI::App& app, Requests& all) {
    auto& request = all.sheets;
    auto* command =
        app.add_subcommand("sheet", "write a bar sheet or an exposure sheet to print, as PDF, SVG or PNG");
    command->add_option("PROJECT", request.project)->required();
    command->add_option("--kind", request.kind, sheet_kind_ids())->capture_default_str();
    command->add_option("-o,--output", request.out, "file to write: .pdf, .svg or .png")
        ->required()
        ->check(to_a_file);
    command->add_option("--from", request.from, "bar.beat of the first");
    command->add_option("--until", request.until, "bar.beat where to end; not itself included");
    command->add_option("--set", request.settings, "as in paper=a3 or feet-35=yes: see parameters")
        ->expected(1, 64);
    command->add_flag("--force", request.replace, "replace files that are there already");
    command->callback([&all] { all.outcome = print_sheets(all.sheets); });
}

void add_sound(CLI::App& app, Requests& all) {
    auto& request = all.sound;
    auto* command = app.add_subcommand("sound", "write what is heard of a project, or a part of it, as WAV");
    command->add_option("PROJECT", request.project)->required();
    command->add_option("--of", request.sound, "song, sum, or the name of a lane of sounds")
        ->capture_default_str();
    command->add_option("--part", request.part, "whole, percussive, harmonic, residual, vocal")
        ->capture_default_str();
    command->add_option("--side", request.side, "both, left, right, middle, sides")->capture_default_str();
    command->add_option("--from", request.from_hz, "lowest frequency in Hz")->check(CLI::Range(0.0, 1e6));
    command->add_option("--until", request.until_hz, "highest frequency in Hz")->check(CLI::Range(0.0, 1e6));
    command->add_option("-o,--output", request.out, "file to write")->required()->check(to_a_file);
    command->add_flag("--force", request.replace, "replace a file that is there already");
    command->callback([&all] { all.outcome = write_sound(all.sound); });
}

void add_picture(CLI::App& app, Requests& all) {
    auto& request = all.picture;
    auto* command = app.add_subcommand("picture", "write one frame of a project as it is composed, as PNG");
    command->add_option("PROJECT", request.project)->required();
    auto* frame =
        command->add_option("--frame", request.frame, "counted from 0")->check(CLI::Range(0, 100'000'000));
    command->add_flag("--all-shots", request.all_shots, "the first frame of each shot, as one picture")
        ->excludes(frame);
    command->add_option("--size", request.size, "as in 1920x1080; the project's unless given");
    command->add_option("-o,--output", request.out, "file to write")->required()->check(to_a_file);
    command->add_flag("--force", request.replace, "replace a file that is there already");
    command->callback([&all, frame] {
        if (frame->empty() && !all.picture.all_shots)
            throw CLI::RequiredError("--frame, or --all-shots,");
        all.outcome = write_picture(all.picture);
    });
}

void add_check(CLI::App& app, Requests& all) {
    auto& request = all.checking;
    auto* command = app.add_subcommand(
        "check",
        "prove that a piece is in sync and safe to watch; status 0: clean, 1: findings, 2: not checked");
    command->add_option("PROJECT", request.project)->required();
    command->add_option("--only", request.only, "these checks alone: " + check_ids())
        ->delimiter(',')
        ->expected(1, 64);
    command->add_option("--limit", request.limits, "as in cuts=20ms: see parameters")->expected(1, 16);
    command->add_option("--json", request.json, "file for all that was found; - is the standard output");
    command->add_option("--csv", request.csv, "file for the sync report; - is the standard output");
    command->add_option("--pdf", request.pdf, "file for the report as pages to print")->check(to_a_file);
    command->add_flag("--quiet", request.quiet, "tell nothing but the status");
    command->add_flag("--force", request.replace, "replace files that are there already");
    command->callback([&all] {
        all.failed = 2;
        const auto found = check_project(all.checking);
        if (!found)
            all.outcome = tl::unexpected(found.error());
        else
            all.status = *found > 0 ? 1 : 0;
    });
}

void add_render(CLI::App& app, Requests& all) {
    auto& film = all.film;
    auto* command = app.add_subcommand("render", "make a film of a project, or a part of one");
    command->add_option("PROJECT", film.project)->required();
    command->add_option("-o,--output", film.out, "file to write; of pictures a folder")
        ->required()
        ->check(to_a_file);
    command->add_option("--target", film.target, "a ready choice: " + film_target_ids())
        ->capture_default_str();
    command->add_option("--format", film.format, "another kind of film: " + film_format_ids());
    command->add_option("--size", film.size, "as in 1920x1080; the target's unless given");
    command->add_option("--set", film.settings, "as in quality=20 or draw-bar=yes")->expected(1, 64);
    const auto sets = [command, &film](const char* option, std::string id, const std::string& what) {
        return command->add_option_function<std::string>(
            option, [&film, id](const std::string& value) { film.settings.push_back(id + "=" + value); },
            what);
    };
    const auto says = [command, &film](const char* flag, std::string setting, const char* what) {
        command->add_flag_callback(
            flag, [&film, setting] { film.settings.push_back(setting); }, what);
    };
    sets("--shape", "shape",
         "where the size has other proportions than the piece: " + film_shape_ids() +
             "; the target's unless given");
    says("--in-stretches", "as-one=no", "coded as its parts would be, byte for byte; larger than as one");
    says("--transparent", "transparent=yes",
         "what no layer covers stays transparent, where the kind of film can");
    sets("--quality", "quality", "of its encoder; usual unless given")->check(CLI::Range(0, 100));
    sets("--sound", "sound", "kbit a second")->check(CLI::Range(32, 512));
    command->add_option("--frames", film.frames, "of the piece, as in 240-480; the last one not included");
    command->add_option("--part", film.part, "part K of N, as in 2/8: to be joined");
    command
        ->add_option_function<std::vector<std::string>>(
            "--draw-in",
            [&film](const std::vector<std::string>& chosen) {
                for (const auto& one : chosen)
                    film.settings.push_back("draw-" + one + "=yes");
            },
            "frame, timecode, bar, name, safe")
        ->delimiter(',')
        ->expected(1, 5);
    command->add_option("--threads", film.threads, "that compose; as many as there are cores unless given")
        ->check(CLI::Range(1, 256));
    command->add_flag("--force", film.replace, "replace a file that is there already; make a part again");
    command->add_flag("--quiet", film.quiet, "tell nothing of the progress");
    command->callback([&all] { all.outcome = render_film_of(all.film); });

    auto& join = all.joining;
    auto* joins = app.add_subcommand("join", "join the parts of a film");
    joins->add_option("PARTS", join.parts, "in any order")->required();
    joins->add_option("-o,--output", join.out, "file to write")->required()->check(to_a_file);
    joins->add_flag("--force", join.replace, "replace a file that is there already");
    joins->callback([&all] { all.outcome = join_films(all.joining); });
}

} // namespace

void add_change(CLI::App* command, ChangeRequest& change) {
    command->add_option("-o,--output", change.out, "project file to write")->check(to_a_file);
    command->add_flag("--in-place", change.in_place, "change the project itself");
    command->add_flag("--force", change.replace, "replace a file that is there already");
}

void add_commands(CLI::App& app, Requests& all) {
    add_analyze(app, all);
    add_pieces(app, all);
    add_adding(app, all);
    add_place(app, all);
    add_edit(app, all);
    add_export(app, all);
    add_bring_in(app, all);
    add_sheets(app, all);
    add_sound(app, all);
    add_picture(app, all);
    add_check(app, all);
    add_render(app, all);
    app.add_subcommand("parameters", "tell all that can be set, as a page")->callback([] {
        std::cout << parameter_page();
    });
    app.add_subcommand("schema", "tell what project files look like, as a JSON schema")->callback([] {
        std::cout << project_schema_text();
    });
    add_edit_commands(app, all);
}

} // namespace pulsepin
