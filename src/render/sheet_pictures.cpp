// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/sheet_pictures.h"

#include "render/picture_image.h"

#include <QBuffer>
#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

constexpr std::size_t most_readers = 4, most_pictures = 4000;
constexpr int wide = 240, high = 240; ///< three pixels a point where they are seen at their largest

} // namespace

VideoReader* SheetPictures::reader_of(ClipId clip) {
    const auto found = std::ranges::find(readers_, clip, &std::pair<ClipId, VideoReader>::first);
    if (found != readers_.end()) {
        readers_.splice(readers_.end(), readers_, found);
        return &readers_.back().second;
    }
    const auto file = std::ranges::find(*bin_, clip, &Clip::id);
    if (file == bin_->end())
        return nullptr;
    auto opened = VideoReader::open({file->path, file->turned});
    if (!opened)
        return nullptr;
    if (readers_.size() >= most_readers)
        readers_.pop_front();
    readers_.emplace_back(clip, *std::move(opened));
    return &readers_.back().second;
}

QImage SheetPictures::picture(const SheetPicture& of) {
    const std::pair key(of.clip, std::llround(std::clamp(of.time.value, 0.0, 1e6) * 1000));
    if (const auto there = pictures_.find(key); there != pictures_.end())
        return there->second;
    QImage image;
    if (auto* reader = reader_of(of.clip))
        if (const auto read = reader->picture_at(of.time, wide, high))
            image = image_of(*read);
    if (pictures_.size() >= most_pictures)
        pictures_.clear();
    return pictures_[key] = image;
}

std::string SheetPictures::png(const SheetPicture& of, bool black_and_white) {
    QImage image = picture(of);
    if (image.isNull())
        return {};
    if (black_and_white)
        image = image.convertToFormat(QImage::Format_Grayscale8);
    QBuffer buffer;
    buffer.open(QIODevice::WriteOnly);
    return image.save(&buffer, "PNG") ? buffer.data().toStdString() : std::string();
}

} // namespace pulsepin
