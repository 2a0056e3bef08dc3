// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/kept_layers.h"

#include <algorithm>

namespace pulsepin {
namespace {

constexpr std::size_t most_layers = 64;
constexpr qsizetype most_bytes = qsizetype{192} << 20;

bool of_the_same(const KeptLayers::MadeOf& a, const KeptLayers::MadeOf& b) {
    return a.layer.id == b.layer.id && a.layer.appearance == b.layer.appearance &&
           a.layer.kind == b.layer.kind;
}

} // namespace

QImage KeptLayers::find(const MadeOf& made_of) const {
    const std::lock_guard lock(mutex_);
    const auto kept = std::find_if(kept_.begin(), kept_.end(), [&](const Kept& one) {
        return !one.image.isNull() && of_the_same(one.made_of, made_of) && one.made_of == made_of;
    });
    if (kept == kept_.end())
        return {};
    ++found_;
    return kept->image;
}

void KeptLayers::keep(MadeOf made_of, const QImage& image) {
    const std::lock_guard lock(mutex_);
    const auto before = std::find_if(kept_.begin(), kept_.end(),
                                     [&](const Kept& one) { return of_the_same(one.made_of, made_of); });
    const bool again = before != kept_.end() && before->made_of == made_of;
    if (before != kept_.end())
        kept_.erase(before);
    kept_.push_back({std::move(made_of), again ? image : QImage()});
    qsizetype bytes = 0;
    for (const auto& one : kept_)
        bytes += one.image.sizeInBytes();
    while (kept_.size() > most_layers || (bytes > most_bytes && kept_.size() > 1)) {
        bytes -= kept_.front().image.sizeInBytes();
        kept_.pop_front();
    }
}

int KeptLayers::found() const {
    const std::lock_guard lock(mutex_);
    return found_;
}

} // namespace pulsepin
