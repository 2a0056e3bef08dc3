// SPDX-License-Identifier: GPL-3.0-or-later
#include "hand/files_found.h"

#include "hand/clip_file.h"
#include "media/load_sound.h"
#include "media/media_endings.h"
#include "media/picture_sequence.h"
#include "model/edits.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <optional>
#include <set>

namespace pulsepin {
namespace {

namespace fs = std::filesystem;

constexpr std::size_t most_files = 200'000, most_looked_into = 1000;

bool is_there(const fs::path& file) {
    std::error_code code;
    return fs::exists(file, code);
}

/// Sound, films and pictures in a folder and below, each once, in the order of their names.
Result<std::vector<fs::path>> media_in(const fs::path& folder, const Progress& progress) {
    std::error_code code;
    fs::recursive_directory_iterator at(folder, fs::directory_options::skip_permission_denied, code);
    if (code)
        return fail("This folder cannot be read.", folder.string(), "Choose another one.");
    std::vector<fs::path> files;
    std::size_t seen = 0;
    for (const fs::recursive_directory_iterator end; at != end && seen < most_files;
         at.increment(code), ++seen) {
        if (code || progress.cancelled())
            break;
        std::error_code unread;
        if (at->is_regular_file(unread) &&
            (ends_as(at->path(), film_endings()) || ends_as(at->path(), sound_endings()) ||
             ends_as(at->path(), picture_endings())))
            files.push_back(at->path());
    }
    if (progress.cancelled())
        return fail_cancelled();
    std::ranges::sort(files);
    return files;
}

class Search {
public:
    Search(std::vector<fs::path> files, const Progress& progress)
        : files_(std::move(files)), progress_(progress) {}

    [[nodiscard]] std::optional<fs::path> by_name(const Clip& clip) {
        if (is_sequence(clip.path))
            return sequence(clip.path.filename());
        for (const auto& file : named(clip.path))
            if (is_same(clip, file))
                return taken(file);
        return std::nullopt;
    }

    /// Of those that no other clip was found to be.
    [[nodiscard]] std::optional<fs::path> by_content(const Clip& clip) {
        std::optional<fs::path> only;
        for (const auto& file : files_) {
            if (progress_.cancelled())
                return std::nullopt;
            if (taken_.contains(file) || !could_be(clip, file) || !is_same(clip, file))
                continue;
            if (only)
                return std::nullopt; // which of them it is cannot be told
            only = file;
        }
        return only ? std::optional(taken(*only)) : std::nullopt;
    }

    [[nodiscard]] std::optional<fs::path> song(const Song& song) {
        for (const auto& file : named(song.path))
            if (is_recording(song, file))
                return file;
        for (const auto& file : files_)
            if (!progress_.cancelled() && ends_as(file, sound_endings()) && is_recording(song, file))
                return file;
        return std::nullopt;
    }

private:
    const fs::path& taken(const fs::path& file) { return *taken_.insert(file).first; }

    /// Numbered pictures, wherever the first of them are.
    [[nodiscard]] std::optional<fs::path> sequence(const fs::path& pattern) const {
        fs::path looked_at;
        for (const auto& file : files_) {
            if (file.parent_path() == looked_at)
                continue;
            looked_at = file.parent_path();
            if (first_of_sequence(looked_at / pattern))
                return looked_at / pattern;
        }
        return std::nullopt;
    }
    [[nodiscard]] std::vector<fs::path> named(const fs::path& path) const {
        std::vector<fs::path> same;
        std::ranges::copy_if(files_, std::back_inserter(same),
                             [&](const fs::path& file) { return file.filename() == path.filename(); });
        return same;
    }
    /// By what its name ends in: a film is no photograph.
    static bool could_be(const Clip& clip, const fs::path& file) {
        return ends_as(file, clip.has_picture ? (clip.still ? picture_endings() : film_endings())
                                              : sound_endings());
    }

    bool is_same(const Clip& clip, const fs::path& file) {
        if (!clip.has_picture)
            return file.filename() == clip.path.filename();
        const auto* found = looked_into(file);
        return found && found->still == clip.still && found->width == clip.width &&
               found->height == clip.height && std::abs((found->duration - clip.duration).value) < 0.1;
    }
    const Clip* looked_into(const fs::path& file) {
        const auto known = clips_.find(file);
        if (known != clips_.end())
            return known->second ? &*known->second : nullptr;
        if (clips_.size() >= most_looked_into)
            return nullptr;
        auto clip = clip_of_file(file);
        const auto& kept = clips_[file] = clip ? std::optional(*std::move(clip)) : std::nullopt;
        return kept ? &*kept : nullptr;
    }
    [[nodiscard]] bool is_recording(const Song& song, const fs::path& file) const {
        LoadOptions as_used;
        as_used.sample_rate = song.sample_rate;
        as_used.from = song.from;
        as_used.length = song.length;
        as_used.for_drawing = false;
        const auto sound = load_sound(file, progress_.part(0, 1), as_used);
        return sound && sound->fingerprint == song.fingerprint;
    }

    std::vector<fs::path> files_;
    const Progress& progress_;
    std::map<fs::path, std::optional<Clip>> clips_;
    std::set<fs::path> taken_;
};

std::string name_of(const Song& song) {
    return song.title.empty() ? song.path.filename().string() : song.title;
}

bool clip_is_there(const Clip& clip) {
    return clip.path.empty() ||
           (is_sequence(clip.path) ? first_of_sequence(clip.path).has_value() : is_there(clip.path));
}

} // namespace

std::vector<std::string> missing_files(const Project& project) {
    std::vector<std::string> missing;
    if (project.song && !is_there(project.song->path))
        missing.push_back(name_of(*project.song));
    for (const auto& clip : *project.bin)
        if (!clip_is_there(clip))
            missing.push_back(clip.name);
    return missing;
}

Result<FilesFound> with_files_found(const Project& project, const fs::path& folder,
                                    const Progress& progress) {
    auto files = media_in(folder, progress.part(0, 0.1));
    if (!files)
        return tl::unexpected(files.error());
    const Progress looking = progress.part(0.1, 1);
    Search search(*std::move(files), looking);
    FilesFound outcome{project, {}, {}};
    if (project.song && !is_there(project.song->path)) {
        if (const auto file = search.song(*project.song)) {
            outcome.project = with_song_path(outcome.project, *file);
            outcome.found.emplace_back(name_of(*project.song), *file);
        } else
            outcome.missing.push_back(name_of(*project.song));
    }
    auto bin = *outcome.project.bin;
    // Names first, for all of them: what is left is told apart the better.
    for (const bool names : {true, false})
        for (auto& clip : bin) {
            if (progress.cancelled())
                return fail_cancelled();
            if (clip_is_there(clip))
                continue;
            if (auto file = names ? search.by_name(clip) : search.by_content(clip)) {
                clip.path = *std::move(file);
                outcome.found.emplace_back(clip.name, clip.path);
            } else if (!names)
                outcome.missing.push_back(clip.name);
        }
    if (progress.cancelled())
        return fail_cancelled();
    outcome.project.bin = std::make_shared<const std::vector<Clip>>(std::move(bin));
    return outcome;
}

} // namespace pulsepin
