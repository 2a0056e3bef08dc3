// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/moments_in_file.h"

#include "media/av_handles.h"
#include "media/wav_cues.h"

#include <algorithm>

namespace pulsepin {
namespace {

std::string told(const AVDictionary* of, const char* name) {
    const auto* entry = av_dict_get(of, name, nullptr, 0);
    return entry ? entry->value : std::string();
}

std::vector<NamedMoment> chapters_of(const AVFormatContext& container) {
    std::vector<NamedMoment> moments;
    for (unsigned i = 0; i < container.nb_chapters; ++i) {
        const AVChapter& chapter = *container.chapters[i];
        if (chapter.start == AV_NOPTS_VALUE || chapter.time_base.den <= 0)
            continue;
        const double tick = av_q2d(chapter.time_base);
        const Seconds at(static_cast<double>(chapter.start) * tick);
        const Seconds until =
            chapter.end == AV_NOPTS_VALUE ? at : Seconds(static_cast<double>(chapter.end) * tick);
        moments.push_back({at, std::max(at, until), told(chapter.metadata, "title")});
    }
    std::ranges::stable_sort(moments, {}, &NamedMoment::at);
    return moments;
}

std::vector<NamedMoment> cues_of(const WavCues& wav) {
    std::vector<NamedMoment> moments;
    const auto seconds = [&](Samples at) {
        return Seconds(static_cast<double>(at.value) / static_cast<double>(wav.sample_rate));
    };
    for (const auto& cue : wav.cues)
        moments.push_back({seconds(cue.at), seconds(cue.at + cue.length), cue.label, cue.note});
    return moments;
}

} // namespace

Result<std::vector<NamedMoment>> moments_in_file(const std::filesystem::path& path) {
    if (const auto wav = read_wav_cues(path); wav && !wav->cues.empty())
        return cues_of(*wav);
    auto opened = av::open_stream(path, AVMEDIA_TYPE_AUDIO);
    if (!opened)
        opened = av::open_stream(path, AVMEDIA_TYPE_VIDEO);
    if (!opened)
        return tl::unexpected(opened.error());
    return chapters_of(*opened->container);
}

} // namespace pulsepin
