// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "media/video_reader.h"
#include "model/project.h"
#include "sheets/sheet_page.h"

#include <QImage>
#include <list>
#include <map>

namespace pulsepin {

/// The small pictures of clips that stand on sheets, each read once.
class SheetPictures {
public:
    explicit SheetPictures(Shared<std::vector<Clip>> bin) : bin_(std::move(bin)) {}
    /// None where the clip is missing or cannot be read.
    [[nodiscard]] QImage picture(const SheetPicture& of);
    [[nodiscard]] std::string png(const SheetPicture& of, bool black_and_white);

private:
    [[nodiscard]] VideoReader* reader_of(ClipId clip);
    Shared<std::vector<Clip>> bin_;
    std::list<std::pair<ClipId, VideoReader>> readers_; ///< the latest last
    std::map<std::pair<ClipId, long long>, QImage> pictures_;
};

} // namespace pulsepin
