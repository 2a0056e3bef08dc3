// SPDX-License-Identifier: GPL-3.0-or-later
//
// What of a frame is as it was in the one before: for whoever composes frames one after the other.
#pragma once

#include "render/composed.h"

#include <QTransform>
#include <deque>
#include <mutex>
#include <optional>

namespace pulsepin {

/// Images of layers that are painted apart, with their effects: a layer that is made of the same things as
/// before is not painted again. What comes of it is the same to the pixel. For any number of threads.
class KeptLayers {
public:
    /// All that such an image is made of.
    struct MadeOf {
        StagedLayer layer;            ///< but for its opacity, with which it is laid down, and the time
        std::vector<Placement> inner; ///< where what lies in it is put, which may turn as time goes by
        struct Picture {
            qint64 shot = 0, incoming = 0; ///< of the images
            ShotFraming framing = {}, incoming_framing = {};
            int slate = 0, incoming_slate = 0;
            double share = 0;
            CutBody::Change change = CutBody::Change::Fade;
            friend bool operator==(const Picture&, const Picture&) = default;
        };
        std::vector<Picture> pictures;
        std::vector<double> seconds; ///< for each effect that depends on the time
        QTransform placed, view, seen;
        QRect area;
        QSize picture; ///< of the whole piece
        friend bool operator==(const MadeOf&, const MadeOf&) = default;
    };

    /// The image of just that; null where there is none.
    [[nodiscard]] QImage find(const MadeOf& made_of) const;
    /// It is kept from the second time on: what changes with each frame takes no memory.
    void keep(MadeOf made_of, const QImage& image);
    /// How often an image was found.
    [[nodiscard]] int found() const;

private:
    struct Kept {
        MadeOf made_of;
        QImage image; ///< null: it was seen once
    };
    mutable std::mutex mutex_;
    mutable int found_ = 0;
    std::deque<Kept> kept_; ///< those that were changed last are the last
};

} // namespace pulsepin
