// SPDX-License-Identifier: GPL-3.0-or-later
#include "begin_piece.h"

#include "analysis/analyze.h"
#include "base/table_text.h"
#include "base/text_file.h"
#include "base/unicode.h"
#include "detect/detection_of.h"
#include "files_of_shots.h"
#include "hand/clip_file.h"
#include "hand/template_piece.h"
#include "interchange/outputs.h"
#include "interchange/project_file.h"
#include "kinds/kinds.h"
#include "media/load_sound.h"
#include "model/edits.h"
#include "model/shot_edits.h"
#include "no_such.h"
#include "render/film_properties.h"
#include "tell_project.h"

#include <algorithm>
#include <iostream>
#include <iterator>
#include <tuple>

namespace pulsepin {
namespace {

namespace fs = std::filesystem;

/// The empty piece, or the template; with what is told of it.
Result<Project> begun(const NewRequest& request) {
    auto pattern = request.pattern.empty() ? Result<Project>(new_project()) : load_project(request.pattern);
    if (!pattern)
        return pattern;
    Project project = *std::move(pattern);
    Settings settings = *project.settings;
    settings.title = request.title.empty() ? fs::path(request.song).stem().string() : request.title;
    if (!request.rate.empty()) {
        const auto rate = FrameRate::parse(request.rate);
        if (!rate)
            return fail("\"" + request.rate + "\" is no frame rate.", {},
                        "Write it as in 25, 29.97 or 24000/1001.");
        settings.frame_rate = *rate;
    }
    if (!request.size.empty()) {
        const auto size = film_size(request.size);
        if (!size)
            return tl::unexpected(size.error());
        std::tie(settings.picture_width, settings.picture_height) = *size;
    }
    return with_settings(project, settings);
}

/// "NAME=FILE": that clip shows another file.
Result<void> exchange(Project& project, const std::string& named) {
    const auto equals = named.find('=');
    const std::string name = named.substr(0, equals);
    const auto clip = std::ranges::find(*project.bin, name, &Clip::name);
    if (equals == std::string::npos)
        return fail("\"" + named + "\" exchanges nothing.", {}, "Write NAME=FILE.");
    if (clip == project.bin->end())
        return no_such("shot", name, *project.bin, &Clip::name);
    const auto file = clip_of_file(fs::absolute(named.substr(equals + 1)));
    if (!file)
        return tl::unexpected(file.error());
    auto exchanged = with_clip_file(project, clip->id, *file);
    if (!exchanged)
        return tl::unexpected(exchanged.error());
    project = *std::move(exchanged);
    return {};
}

} // namespace

Result<Extent> begin_piece(const NewRequest& request) {
    const auto files = files_of_shots(request.shots);
    if (!files)
        return tl::unexpected(files.error());
    Inputs inputs{request.song};
    inputs.insert(inputs.end(), files->begin(), files->end());
    if (auto allowed = may_write(request.out, inputs, request.replace); !allowed)
        return tl::unexpected(allowed.error());
    auto project = begun(request);
    if (!project)
        return tl::unexpected(project.error());
    LoadOptions plainly;
    plainly.for_drawing = false;
    const auto sound = load_sound(request.song, {}, plainly);
    if (!sound)
        return tl::unexpected(sound.error());
    if (const auto damage = told_of_damage(*sound); !damage.empty())
        std::cerr << request.song << ": " << damage << "\n";
    const auto found = analyze(*sound->samples);
    if (!found)
        return tl::unexpected(found.error());
    Song song{fs::absolute(request.song), fs::path(request.song).stem().string(),
              sound->samples->format().sample_rate, sound->samples->length(), sound->fingerprint};
    if (request.pattern.empty()) {
        *project = with_detection(with_song(*project, std::move(song)), detection_of(*found), true);
    } else {
        auto made = piece_of_template(*project, std::move(song), detection_of(*found));
        if (!made)
            return tl::unexpected(made.error());
        *project = std::move(made->project);
        for (const auto& told : made->told)
            std::cerr << told << "\n";
    }
    for (const auto& named : request.named)
        if (auto exchanged = exchange(*project, named); !exchanged)
            return tl::unexpected(exchanged.error());
    Extent extent = Extent::All;
    std::vector<Clip> clips;
    for (const auto& file : *files) {
        if (auto clip = clip_of_file(fs::absolute(file)))
            clips.push_back(*std::move(clip));
        else {
            std::cerr << "left out: " << clip.error().message() << "\n";
            extent = Extent::Some;
        }
    }
    *project = with_clips(*project, clips);
    if (auto saved = save_project(*project, request.out); !saved)
        return tl::unexpected(saved.error());
    std::cout << in_a_line(*project) << "\n";
    return extent;
}

namespace {

/// What a line of the table asks for; paths in it lie beside the table.
Result<NewRequest> request_of(const TableRow& row, const std::vector<std::string>& columns,
                              const NewRequest& all) {
    NewRequest one = all;
    one.table.clear();
    const fs::path beside = fs::absolute(all.table).parent_path();
    std::string file;
    for (std::size_t i = 0; i < std::min(row.cells.size(), columns.size()); ++i) {
        const std::string cell = without_blanks(row.cells[i]);
        if (cell.empty())
            continue;
        if (columns[i] == "song")
            one.song = (beside / cell).string();
        else if (columns[i] == "title")
            one.title = cell;
        else if (columns[i] == "file")
            file = cell;
        else
            one.named.push_back(columns[i] + "=" + (beside / cell).string());
    }
    if (one.song.empty())
        return fail("Line " + std::to_string(row.line) + " names no song.", all.table,
                    "Write it under \"song\".");
    if (file.empty())
        file = fs::path(one.song).stem().string();
    if (fs::path(file).filename() != fs::path(file)) // never out of the folder that was named
        return fail("Line " + std::to_string(row.line) + ": \"" + file + "\" is no name of a file.",
                    all.table, "Write a name without folders.");
    if (!file.ends_with(".pulsepin"))
        file += ".pulsepin";
    one.out = (fs::path(all.out) / file).string();
    return one;
}

} // namespace

Result<Extent> begin_pieces(const NewRequest& request) {
    const auto text = request.table == "-"
                          ? Result<std::string>(std::string(std::istreambuf_iterator<char>(std::cin), {}))
                          : read_text_file(request.table);
    if (!text)
        return tl::unexpected(text.error());
    const std::string utf8 = as_utf8(*text);
    auto rows = table_rows(utf8, guessed_separator(utf8));
    std::vector<std::string> columns;
    for (const auto& cell : rows.empty() ? std::vector<std::string>() : rows.front().cells)
        columns.push_back(without_blanks(cell));
    if (std::ranges::find(columns, "song") == columns.end() || rows.size() < 2)
        return fail("This is no table of songs.", request.table,
                    "Its first line names the columns, one of them \"song\"; then a line a piece.");
    std::error_code code;
    if (!fs::is_directory(request.out, code))
        return fail("Several pieces need a folder to be written to.", request.out,
                    "Name a folder that exists.");
    std::size_t done = 0;
    Extent extent = Extent::All;
    for (std::size_t i = 1; i < rows.size(); ++i) {
        const auto one = request_of(rows[i], columns, request).and_then([](const NewRequest& asked) {
            return begin_piece(asked);
        });
        if (!one) {
            std::cerr << "line " << rows[i].line << ": " << one.error().message() << "\n";
            extent = Extent::Some;
        } else {
            ++done;
            extent = *one == Extent::Some ? Extent::Some : extent;
        }
    }
    if (done == 0)
        return fail("No piece was made.", request.table, "Correct what is told above.");
    return extent;
}

} // namespace pulsepin
