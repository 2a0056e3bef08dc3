// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "follow/feeds.h"

#include <QImage>
#include <filesystem>
#include <functional>
#include <memory>
#include <optional>
#include <vector>

namespace pulsepin {

/// Small moving pictures of several variants of a piece over the same few frames, each composed once, on one
/// thread, and kept. The first picture of each comes before any moves, then all move ever more smoothly.
class LoopPictures {
public:
    struct Order {
        /// Called once, on that thread; nothing where the variant cannot be.
        std::vector<std::function<std::optional<Curves>()>> variants;
        Frames first, length;
        int pictures = 14; ///< of each variant, as evenly spread as they can be
        QSize size = {160, 90};
        std::function<std::filesystem::path(const Clip&)> file_of = {};
    };
    /// `arrived` is called on that thread whenever something new is there.
    LoopPictures(Order order, std::function<void()> arrived);
    ~LoopPictures();
    LoopPictures(const LoopPictures&) = delete;
    LoopPictures& operator=(const LoopPictures&) = delete;

    /// What a variant looks like at a share of the loop, 0 to 1: of what is there the picture before it; null
    /// while nothing is, and of a variant that cannot be.
    [[nodiscard]] QImage picture(std::size_t variant, double share) const;
    /// The variant itself, to be composed otherwise; null while it was not asked for yet.
    [[nodiscard]] std::shared_ptr<const Curves> curves(std::size_t variant) const;
    [[nodiscard]] bool complete() const; ///< nothing more will arrive

private:
    struct State;
    std::unique_ptr<State> state_;
};

} // namespace pulsepin
