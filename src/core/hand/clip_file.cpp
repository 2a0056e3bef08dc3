// SPDX-License-Identifier: GPL-3.0-or-later
#include "hand/clip_file.h"

#include "media/audio_decoder.h"
#include "media/video_reader.h"

namespace pulsepin {

Result<Clip> clip_of_file(const std::filesystem::path& path) {
    const auto reader = VideoReader::open({path});
    if (!reader)
        return tl::unexpected(reader.error());
    const auto& info = reader->info();
    Clip clip;
    clip.name = path.stem().string();
    clip.path = path;
    clip.duration = info.still ? Seconds(0) : info.duration;
    clip.width = info.width;
    clip.height = info.height;
    clip.has_sound = !info.still && AudioDecoder::open(path).has_value();
    clip.still = info.still;
    clip.high_dynamic_range = info.high_dynamic_range;
    clip.timecode = info.timecode;
    clip.reel = info.reel;
    return clip;
}

} // namespace pulsepin
