// SPDX-License-Identifier: GPL-3.0-or-later
#include "watch_folder.h"

#include "begin_piece.h"
#include "ended.h"
#include "export_project.h"
#include "interchange/exporters.h"
#include "interchange/project_file.h"
#include "media/media_endings.h"
#include "no_such.h"

#include <chrono>
#include <filesystem>
#include <iostream>
#include <map>
#include <set>
#include <thread>

namespace pulsepin {
namespace {

namespace fs = std::filesystem;

/// As a file was when it was looked at.
struct Seen {
    std::uintmax_t size = 0;
    fs::file_time_type changed{};
    friend bool operator==(const Seen&, const Seen&) = default;
};

/// The songs of the folder that are whole: as they were a moment before, so that none is taken while it is
/// still copied.
class Arrivals {
public:
    explicit Arrivals(fs::path folder) : folder_(std::move(folder)) {}
    Result<std::vector<fs::path>> whole() {
        std::map<fs::path, Seen> now;
        std::vector<fs::path> songs;
        std::error_code code;
        for (fs::directory_iterator at(folder_, code), end; !code && at != end; at.increment(code)) {
            std::error_code gone;
            if (!at->is_regular_file(gone) || !ends_as(at->path(), sound_endings()))
                continue;
            const Seen seen{at->file_size(gone), at->last_write_time(gone)};
            if (gone)
                continue;
            now[at->path()] = seen;
            if (const auto before = seen_.find(at->path()); before != seen_.end() && before->second == seen)
                songs.push_back(at->path());
        }
        if (code)
            return fail("This folder cannot be read.", folder_.string(), "Choose another one.");
        seen_ = std::move(now);
        std::ranges::sort(songs);
        return songs;
    }

private:
    fs::path folder_;
    std::map<fs::path, Seen> seen_;
};

Result<Extent> make_piece(const fs::path& song, const fs::path& into, const WatchRequest& request) {
    std::error_code code;
    if (!fs::create_directory(into, code))
        return fail("The folder could not be made.", into.string(), "See whether it may be written to.");
    const fs::path project = into / (song.stem().string() + ".pulsepin");
    NewRequest begins;
    begins.song = song.string();
    begins.out = project.string();
    begins.pattern = request.pattern;
    auto done = begin_piece(begins);
    if (done) {
        ExportRequest exports;
        exports.project = project.string();
        exports.formats = request.formats;
        exports.folder = into.string();
        if (auto written = export_file(exports); !written)
            done = written;
        else if (*written == Extent::Some)
            done = Extent::Some;
    }
    if (!done)
        fs::remove(into, code); // where nothing is in it
    return done;
}

} // namespace

Result<Extent> watch_folder(const WatchRequest& request) {
    for (const auto& format : request.formats)
        if (!exporter(in_small_letters(format)))
            return no_such("export format", format, exporters(), &ExporterRow::id);
    if (const auto pattern = load_project(request.pattern); !pattern)
        return tl::unexpected(pattern.error());
    std::error_code code;
    if (!fs::is_directory(request.out, code))
        return fail("This is no folder.", request.out, "Name one that is there.");
    end_by_signals();
    Arrivals arrivals(request.folder);
    if (auto first = arrivals.whole(); !first)
        return tl::unexpected(first.error());
    Extent extent = Extent::All;
    std::set<fs::path> tried;
    while (!is_ended()) {
        std::this_thread::sleep_for(std::chrono::milliseconds(request.once ? 300 : 1000));
        const auto songs = arrivals.whole();
        if (!songs)
            return tl::unexpected(songs.error());
        for (const auto& song : *songs) {
            const fs::path into = fs::path(request.out) / song.stem();
            if (is_ended() || fs::exists(into, code) || !tried.insert(song).second)
                continue;
            const auto done = make_piece(song, into, request);
            if (!done)
                std::cerr << "pulsepin-cli: " << done.error().message() << "\n";
            if (!done || *done == Extent::Some)
                extent = Extent::Some;
        }
        if (request.once)
            break;
    }
    return extent;
}

} // namespace pulsepin
