// SPDX-License-Identifier: GPL-3.0-or-later
#include "check/file_facts.h"

#include "media/picture_times.h"
#include "media/video_reader.h"

#include <system_error>

namespace pulsepin {

Result<FileFacts> file_facts(const Project& project, const Progress& progress) {
    FileFacts facts;
    std::error_code error;
    if (project.song)
        facts.song_there = std::filesystem::exists(project.song->path, error);
    std::size_t done = 0;
    for (const auto& clip : *project.bin) {
        if (progress.cancelled())
            return fail_cancelled();
        progress.report(static_cast<double>(done++) / static_cast<double>(project.bin->size()));
        FileFacts::Of of;
        of.there = std::filesystem::exists(clip.path, error);
        // Folders of numbered pictures have the rate that they are shown at.
        if (of.there && clip.has_picture && !clip.still && !std::filesystem::is_directory(clip.path, error))
            if (const auto times = picture_times(clip.path)) {
                of.frames_per_second = times->per_second;
                of.variable = times->variable;
            }
        if (of.there && clip.has_picture && !std::filesystem::is_directory(clip.path, error)) {
            const auto reader = VideoReader::open({clip.path, clip.turned});
            if (!reader)
                of.trouble = reader.error().what;
            else {
                of.high_dynamic_range = reader->info().high_dynamic_range;
                of.interlaced = reader->info().interlaced;
                of.turned = reader->info().turned || clip.turned != 0;
                of.wide_pixels = reader->info().wide_pixels;
            }
        }
        facts.clips[clip.id] = of;
    }
    return facts;
}

} // namespace pulsepin
