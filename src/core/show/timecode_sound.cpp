// SPDX-License-Identifier: GPL-3.0-or-later
#include "show/timecode_sound.h"

#include "schedule/piece_length.h"
#include "show/timecode_wire.h"
#include "wires/linear_timecode.h"

#include <cmath>

namespace pulsepin {

Result<std::shared_ptr<const SampleStore>> timecode_sound(const Project& project, const Progress& progress) {
    const auto counted = timecode_rate(project.settings->frame_rate);
    LinearTimecode timecode;
    timecode.frames_a_second = counted.frames.per_second();
    timecode.drop_frames = counted.rate == mtc::Rate::Fps2997Drop;
    timecode.sample_rate = project.song ? project.song->sample_rate : 48'000;
    const auto length = std::llround(piece_end(project).value * static_cast<double>(timecode.sample_rate));
    if (length <= 0)
        return fail("There is no song to count along.", {}, "Open one first.");
    SoundFormat format;
    format.sample_rate = timecode.sample_rate;
    format.channels = 1;
    auto writer = SampleStoreWriter::create(format);
    if (!writer)
        return tl::unexpected(writer.error());
    const auto take = [&](std::span<const float> samples) -> Result<void> {
        if (progress.cancelled())
            return fail_cancelled();
        return writer->append(samples);
    };
    if (auto made = linear_timecode(timecode, length, take); !made)
        return tl::unexpected(made.error());
    return writer->finish();
}

} // namespace pulsepin
