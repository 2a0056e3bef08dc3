// SPDX-License-Identifier: GPL-3.0-or-later
#include "analyze_songs.h"

#include "base/file_ending.h"
#include "base/guarded.h"
#include "base/text_file.h"
#include "interchange/analysis_json.h"
#include "interchange/outputs.h"
#include "media/load_sound.h"
#include "no_such.h"
#include "project_arguments.h"

#include <algorithm>
#include <atomic>
#include <charconv>
#include <filesystem>
#include <iostream>
#include <map>
#include <mutex>
#include <set>
#include <thread>

namespace pulsepin {
namespace {

Result<AnalysisSettings> settings_of(const AnalyzeRequest& request) {
    AnalysisSettings settings;
    settings.with_network = !request.without_network;
    if (request.beats_per_bar > 0)
        settings.grid.beats_per_bar = request.beats_per_bar;
    if (!request.tempo_range.empty()) {
        double low = 0, high = 0;
        const char* end = request.tempo_range.data() + request.tempo_range.size();
        const auto first = std::from_chars(request.tempo_range.data(), end, low);
        const auto second = first.ptr != end && *first.ptr == '-'
                                ? std::from_chars(first.ptr + 1, end, high)
                                : std::from_chars_result{end, std::errc::invalid_argument};
        if (first.ec != std::errc() || second.ec != std::errc() || second.ptr != end || low < slowest_beat ||
            high > fastest_beat || low >= high)
            return fail("The tempo range \"" + request.tempo_range + "\" cannot be used.", {},
                        "Give two numbers from 30 to 300, the smaller one first, as in 90-120.");
        settings.grid.tempo_range = {Bpm(low), Bpm(high)};
    }
    for (const auto& key : request.wanted) {
        const auto known = analysis_features();
        if (std::find(known.begin(), known.end(), key) == known.end())
            return no_such("feature", key, known, std::identity());
    }
    const auto wants = [&](std::string_view key) {
        return request.wanted.empty() ||
               std::find(request.wanted.begin(), request.wanted.end(), key) != request.wanted.end();
    };
    settings.with_sections = wants("sections");
    settings.with_drums = settings.with_sections || std::any_of(drum_names.begin(), drum_names.end(), wants);
    settings.with_loudness = wants("loudness");
    return settings;
}

Result<std::string> analyzed(const std::string& song, const AnalyzeRequest& request,
                             const AnalysisSettings& settings) {
    LoadOptions options;
    options.for_drawing = false;
    const auto sound = load_sound(song, {}, options);
    if (!sound)
        return tl::unexpected(sound.error());
    if (const auto damage = told_of_damage(*sound); !damage.empty())
        std::cerr << song << ": " << damage << "\n";
    const auto analysis = analyze(*sound->samples, settings);
    if (!analysis)
        return tl::unexpected(analysis.error());
    return analysis_to_json(*analysis, request.wanted);
}

/// The file that each song's findings go to: its name without its ending, or with it where several songs
/// differ in nothing else. Fails where two of them have the very same name.
Result<std::vector<std::filesystem::path>> targets_of(const AnalyzeRequest& request) {
    std::map<std::string, int> stems;
    for (const auto& song : request.songs)
        ++stems[std::filesystem::path(song).stem().string()];
    std::vector<std::filesystem::path> targets;
    std::set<std::string> names;
    for (const auto& song : request.songs) {
        const std::filesystem::path path(song);
        const std::string name =
            (stems[path.stem().string()] > 1 ? path.filename() : path.stem()).string() + ".json";
        if (!names.insert(name).second)
            return fail("Two songs would both be written to " + name + ".", song,
                        "Analyze them one after the other.");
        targets.push_back(std::filesystem::path(request.out) / name);
    }
    return targets;
}

bool is_song_name(const std::filesystem::path& path) {
    static const std::set<std::string> endings{".wav", ".flac", ".mp3", ".m4a",  ".aac",
                                               ".ogg", ".opus", ".aif", ".aiff", ".wma"};
    const std::string ending = file_ending(path);
    return endings.contains(ending);
}

/// Folders become the songs in them, by name.
Result<std::vector<std::string>> spread_out(const std::vector<std::string>& named) {
    std::vector<std::string> songs;
    for (const auto& song : named) {
        std::error_code error;
        if (!std::filesystem::is_directory(song, error)) {
            songs.push_back(song);
            continue;
        }
        std::vector<std::string> inside;
        for (const auto& entry : std::filesystem::directory_iterator(song, error))
            if (entry.is_regular_file(error) && is_song_name(entry.path()))
                inside.push_back(entry.path().string());
        if (inside.empty())
            return fail("There are no songs in this folder.", song, "Name one with sound files in it.");
        std::sort(inside.begin(), inside.end());
        songs.insert(songs.end(), inside.begin(), inside.end());
    }
    return songs;
}

/// Songs and where each goes; names are given out before songs are left out, so that all parts agree on them.
struct Plan {
    std::vector<std::string> songs;
    std::vector<std::filesystem::path> targets;
};
Result<Plan> planned(const AnalyzeRequest& request) {
    std::error_code error;
    if (!std::filesystem::is_directory(request.out, error))
        return fail("Several songs, and songs in parts, need a folder to write to.", request.out,
                    "Name a folder that exists with --json.");
    const auto targets = targets_of(request);
    if (!targets)
        return tl::unexpected(targets.error());
    if (request.part.empty())
        return Plan{request.songs, *targets};
    const auto part = part_of_text(request.part);
    if (!part)
        return tl::unexpected(part.error());
    Plan own;
    for (auto i = static_cast<std::size_t>(part->first - 1); i < request.songs.size();
         i += static_cast<std::size_t>(part->second))
        if (request.replace || !std::filesystem::exists((*targets)[i], error)) { // or it was done before
            own.songs.push_back(request.songs[i]);
            own.targets.push_back((*targets)[i]);
        }
    return own;
}

} // namespace

Result<Extent> analyze_songs(const AnalyzeRequest& asked) {
    AnalyzeRequest request = asked;
    auto songs = spread_out(asked.songs);
    if (!songs)
        return tl::unexpected(songs.error());
    request.songs = *std::move(songs);
    const auto settings = settings_of(request);
    if (!settings)
        return tl::unexpected(settings.error());
    std::error_code error;
    if (request.part.empty() && request.songs.size() == 1 &&
        !std::filesystem::is_directory(request.out, error)) {
        if (request.out != "-")
            if (auto allowed = may_write(request.out, {request.songs[0]}, request.replace); !allowed)
                return tl::unexpected(allowed.error());
        const auto text = analyzed(request.songs[0], request, *settings);
        if (!text)
            return tl::unexpected(text.error());
        if (request.out == "-") {
            if (!(std::cout << *text << std::flush))
                return fail("What was found could not be written to the standard output.", {},
                            "Make room, or name a file with --json.");
            return Extent::All;
        }
        return write_text_file(request.out, *text).map([] { return Extent::All; });
    }
    const auto plan = planned(request);
    if (!plan)
        return tl::unexpected(plan.error());
    const Inputs inputs(request.songs.begin(), request.songs.end());
    for (const auto& target : plan->targets)
        if (auto allowed = may_write(target, inputs, request.replace); !allowed)
            return tl::unexpected(allowed.error());

    std::atomic<std::size_t> next = 0;
    std::mutex guard;
    std::string failures;
    std::size_t failed = 0;
    const auto work = [&] {
        for (std::size_t i = next++; i < plan->songs.size(); i = next++) {
            const auto text = guarded([&] { return analyzed(plan->songs[i], request, *settings); });
            const auto done =
                text ? write_text_file(plan->targets[i], *text) : Result<void>(tl::unexpected(text.error()));
            if (!done) {
                const std::scoped_lock lock(guard);
                ++failed;
                failures += (failures.empty() ? "" : "\n") + done.error().message();
            }
        }
    };
    const auto cores = request.threads > 0 ? static_cast<std::size_t>(request.threads)
                                           : std::max<std::size_t>(1, std::thread::hardware_concurrency());
    {
        std::vector<std::jthread> threads;
        for (std::size_t i = 1; i < std::min(cores, plan->songs.size()); ++i)
            threads.emplace_back(work);
        work();
    }
    if (failed == 0)
        return Extent::All;
    if (failed == plan->songs.size())
        return fail(failures);
    std::cerr << failures << "\n";
    return Extent::Some;
}

} // namespace pulsepin
