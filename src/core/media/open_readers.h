// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "media/video_reader.h"

#include <list>

namespace pulsepin {

/// Readers of the clips that were looked at last, since opening one takes longer than reading on. Of one
/// thread.
class OpenReaders {
public:
    /// Not more than so many; two of them at least, also where they take more memory than that.
    explicit OpenReaders(std::size_t most, std::size_t bytes = usual_bytes) : most_(most), bytes_(bytes) {}
    /// As many as that from now on, in bytes.
    void may_keep(std::size_t bytes) { bytes_ = bytes; }
    /// Good until the next call. Fails as VideoReader::open() does.
    [[nodiscard]] Result<VideoReader*> of(const PictureFile& file);
    [[nodiscard]] std::size_t count() const { return open_.size(); }
    static constexpr std::size_t usual_bytes = std::size_t{256} << 20;

private:
    struct Open {
        PictureFile file;
        VideoReader reader;
        std::size_t bytes; ///< about, of the frames that its decoder keeps
    };
    std::size_t most_, bytes_;
    std::list<Open> open_; ///< the longest unused first
};

} // namespace pulsepin
