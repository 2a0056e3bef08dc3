// SPDX-License-Identifier: GPL-3.0-or-later
#include "begin_piece.h"

#include "analysis/analyze.h"
#include "detect/detection_of.h"
#include "hand/clip_file.h"
#include "hand/template_piece.h"
#include "interchange/outputs.h"
#include "interchange/project_file.h"
#include "kinds/kinds.h"
#include "media/load_sound.h"
#include "media/media_endings.h"
#include "media/picture_sequence.h"
#include "model/edits.h"
#include "model/shot_edits.h"
#include "render/film_properties.h"
#include "tell_project.h"

#include <algorithm>
#include <iostream>
#include <tuple>

namespace pulsepin {
namespace {

namespace fs = std::filesystem;

/// In the order in which they are named; those of a folder by their names.
Result<std::vector<fs::path>> files_of(const std::vector<std::string>& named) {
    std::vector<fs::path> files;
    for (const auto& one : named) {
        const fs::path path = one;
        std::error_code code;
        if (!fs::is_directory(path, code)) {
            files.push_back(path);
            continue;
        }
        std::vector<fs::path> inside;
        for (fs::directory_iterator at(path, code), end; !code && at != end; at.increment(code))
            if (ends_as(at->path(), film_endings()) || ends_as(at->path(), picture_endings()))
                inside.push_back(at->path());
        if (code)
            return fail("This folder cannot be read.", path.string(), "Choose another one.");
        std::ranges::sort(inside);
        for (auto& file : with_sequences(inside))
            files.push_back(std::move(file));
    }
    return files;
}

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
    if (equals == std::string::npos || clip == project.bin->end())
        return fail("There is no shot called \"" + name + "\" in the template.", {}, "Write NAME=FILE.");
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

Result<void> begin_piece(const NewRequest& request) {
    const auto files = files_of(request.shots);
    if (!files)
        return tl::unexpected(files.error());
    Inputs inputs{request.song};
    inputs.insert(inputs.end(), files->begin(), files->end());
    if (auto allowed = may_write(request.out, inputs, request.replace); !allowed)
        return allowed;
    auto project = begun(request);
    if (!project)
        return tl::unexpected(project.error());
    LoadOptions plainly;
    plainly.for_drawing = false;
    const auto sound = load_sound(request.song, {}, plainly);
    if (!sound)
        return tl::unexpected(sound.error());
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
            return exchanged;
    std::vector<Clip> clips;
    for (const auto& file : *files) {
        if (auto clip = clip_of_file(fs::absolute(file)))
            clips.push_back(*std::move(clip));
        else
            std::cerr << "left out: " << clip.error().message() << "\n";
    }
    *project = with_clips(*project, clips);
    if (auto saved = save_project(*project, request.out); !saved)
        return tl::unexpected(saved.error());
    std::cout << in_a_line(*project) << "\n";
    return {};
}

} // namespace pulsepin
