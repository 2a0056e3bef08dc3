// SPDX-License-Identifier: GPL-3.0-or-later
//
// Commands that begin, tell, fill and move pieces; and what all commands have in common.
#include "commands.h"

#include "interchange/pack.h"

namespace pulsepin {

const CLI::Validator to_a_file(
    [](std::string& name) {
        return name == "-" ? std::string("what is written is no text: name a file, as in ./-")
                           : std::string();
    },
    "FILE");

void take(Requests& all, const Result<Extent>& done) {
    if (!done)
        all.outcome = tl::unexpected(done.error());
    else
        all.status = *done == Extent::All ? 0 : 3;
}

void add_change(CLI::App* command, ChangeRequest& change) {
    command->add_option("-o,--output", change.out, "project file to write")->check(to_a_file);
    command->add_flag("--in-place", change.in_place, "change the project itself");
    command->add_flag("--force", change.replace, "replace a file that is there already");
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

} // namespace pulsepin
