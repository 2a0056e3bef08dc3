// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/open_readers.h"

#include <algorithm>

namespace pulsepin {
namespace {

/// As many frames as H.264 lets a decoder keep (ITU-T H.264, A.3.1), in 4:2:0.
std::size_t bytes_kept_for(const VideoInfo& info) {
    constexpr double frames = 16, bytes_a_pixel = 1.5;
    return static_cast<std::size_t>(frames * bytes_a_pixel * info.width * info.height);
}

} // namespace

Result<VideoReader*> OpenReaders::of(const PictureFile& file) {
    const auto found = std::ranges::find(open_, file, &Open::file);
    if (found != open_.end()) {
        open_.splice(open_.end(), open_, found);
        return &open_.back().reader;
    }
    auto reader = VideoReader::open(file);
    if (!reader)
        return tl::unexpected(reader.error());
    const std::size_t bytes = bytes_kept_for(reader->info());
    std::size_t all = bytes;
    for (const auto& one : open_)
        all += one.bytes;
    while (!open_.empty() && (open_.size() >= most_ || (open_.size() > 1 && all > bytes_))) {
        all -= open_.front().bytes;
        open_.pop_front();
    }
    open_.push_back({file, *std::move(reader), bytes});
    return &open_.back().reader;
}

} // namespace pulsepin
