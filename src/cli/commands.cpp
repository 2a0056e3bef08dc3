// SPDX-License-Identifier: GPL-3.0-or-later
#include "commands.h"

#include "interchange/project_json.h"
#include "parameter_page.h"

#include <iostream>

namespace pulsepin {
namespace {

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
    auto* command =
        app.add_subcommand("sound", "write what is heard of a project, or a part of it, as WAV or FLAC");
    command->add_option("PROJECT", request.project)->required();
    command
        ->add_option(
            "--of", request.sound,
            "song, sum, click (beats, and lanes and rows that click), or the name of a lane of sounds")
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

void add_lights(CLI::App& app, Requests& all) {
    auto& receiving = all.received_lights;
    auto* receives = app.add_subcommand(
        "light-receiver", "listen to levels of lamps on the network (sACN), and tell what arrives");
    receives->add_option("--universe", receiving.universes, "one, or several by commas")
        ->delimiter(',')
        ->expected(1, 64)
        ->capture_default_str();
    receives->add_option("--port", receiving.port)->check(CLI::Range(1, 65535))->capture_default_str();
    receives->add_option("--log", receiving.log,
                         "file for all that arrives, as CSV; - is the standard output");
    receives->add_option("--seconds", receiving.seconds, "after which it ends; until Ctrl+C unless given")
        ->check(CLI::Range(0.1, 1e6));
    receives->add_flag("--force", receiving.replace, "replace a file that is there already");
    receives->callback([&all] { all.outcome = receive_lights(all.received_lights); });

    auto& testing = all.tested_lights;
    auto* tests =
        app.add_subcommand("light-test", "light lamps for a while by sACN, to see how they are patched");
    tests->add_option("LEVELS", testing.levels, "CHANNEL=LEVEL or FROM-UNTIL=LEVEL, as in 1-8=255")
        ->required();
    tests->add_option("--universe", testing.universe)->check(CLI::Range(1, 63'999))->capture_default_str();
    tests->add_option("--to", testing.to, "an address in numbers, or multicast")->capture_default_str();
    tests->add_option("--port", testing.port)->check(CLI::Range(1, 65535))->capture_default_str();
    tests->add_option("--priority", testing.priority)->check(CLI::Range(0, 200))->capture_default_str();
    tests->add_option("--seconds", testing.seconds, "for so long")
        ->check(CLI::Range(0.1, 1e6))
        ->capture_default_str();
    tests->callback([&all] { all.outcome = test_lights(all.tested_lights); });

    auto& playing = all.played_lights;
    auto* plays = app.add_subcommand(
        "light-play", "play a piece and send its lights in step with the song, or a recorded show again");
    plays->add_option("SHOW", playing.show, "a project, or packets that were recorded (.pcap)")->required();
    plays->add_option("--to", playing.to, "an address in numbers, instead of those of the outputs");
    plays->add_flag("--as-told", playing.as_told,
                    "to the addresses of the project, also where they lead beyond this computer");
    plays->add_option("--record", playing.record, "file for all packets with their times (.pcap)")
        ->check(to_a_file);
    plays->add_option("--from", playing.from, "where it begins: 13.1 (bar and beat), 0:26.96, 26.96 s");
    plays->add_option("--seconds", playing.seconds, "after which it ends; with the song unless given")
        ->check(CLI::Range(0.1, 1e6));
    plays->add_flag("--silent", playing.silent, "without sound, by a steady clock");
    plays->add_flag("--force", playing.replace, "replace a file that is there already");
    plays->callback([&all] { all.outcome = play_lights(all.played_lights); });
}

void add_picture(CLI::App& app, Requests& all) {
    auto& request = all.picture;
    auto* command = app.add_subcommand("picture", "write one frame of a project as it is composed, as PNG");
    command->add_option("PROJECT", request.project)->required();
    auto* frame =
        command->add_option("--frame", request.frame, "counted from 0")->check(CLI::Range(0, 100'000'000));
    command->add_flag("--all-shots", request.all_shots, "the first frame of each shot, as one picture")
        ->excludes(frame);
    command
        ->add_option(
            "--thumbnail", request.thumbnail,
            "a small picture of a frame a third into the piece, at most so many pixels wide and high")
        ->check(CLI::Range(1, 4096))
        ->excludes(frame);
    command->add_option("--size", request.size, "as in 1920x1080; the project's unless given");
    command->add_option("-o,--output", request.out, "file to write")->required()->check(to_a_file);
    command->add_flag("--force", request.replace, "replace a file that is there already");
    command->callback([&all, frame] {
        if (frame->empty() && !all.picture.all_shots && all.picture.thumbnail == 0)
            throw CLI::RequiredError("--frame, --all-shots or --thumbnail");
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
    command->add_option("--target", film.target,
                        "a ready choice: " + film_target_ids() +
                            "; unless given web, in the kind that the name of the file asks for");
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
    command
        ->add_option("--also", film.also,
                     "TARGET=FILE or FORMAT=FILE: further films in the same run; of those of one size each "
                     "frame is composed once")
        ->expected(1, 16);
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
    command->callback([&all] { take(all, render_film_of(all.film)); });

    auto& join = all.joining;
    auto* joins = app.add_subcommand("join", "join the parts of a film");
    joins->add_option("PARTS", join.parts, "in any order")->required();
    joins->add_option("-o,--output", join.out, "file to write")->required()->check(to_a_file);
    joins->add_flag("--force", join.replace, "replace a file that is there already");
    joins->callback([&all] { all.outcome = join_films(all.joining); });
}

} // namespace

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
    add_lights(app, all);
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
