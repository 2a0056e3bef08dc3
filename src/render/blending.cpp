// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/blending.h"

#include "render/pixel_lanes.h"

#include <array>
#include <utility>

namespace pulsepin {
namespace {

struct BlendRow {
    std::string_view word;
    Blend blend;
    QPainter::CompositionMode mode;
};
constexpr std::array rows{
    BlendRow{"normal", Blend::Normal, QPainter::CompositionMode_SourceOver},
    BlendRow{"add", Blend::Add, QPainter::CompositionMode_Plus},
    BlendRow{"multiply", Blend::Multiply, QPainter::CompositionMode_Multiply},
    BlendRow{"screen", Blend::Screen, QPainter::CompositionMode_Screen},
    BlendRow{"overlay", Blend::Overlay, QPainter::CompositionMode_Overlay},
    BlendRow{"lighten", Blend::Lighten, QPainter::CompositionMode_Lighten},
    BlendRow{"darken", Blend::Darken, QPainter::CompositionMode_Darken},
    BlendRow{"difference", Blend::Difference, QPainter::CompositionMode_Difference},
};

PULSEPIN_WITHIN inline void take_lesser(Lanes& values, const Lanes& others) {
    values = values > others ? others : values;
}

/// One colour of both, from 0 to 1, and how opaque each is.
PULSEPIN_WITHIN inline void meet(Blend blend, const Lanes& own, const Lanes& own_alpha, const Lanes& below,
                                 const Lanes& below_alpha, Lanes& out) {
    const Lanes beside = own * (1 - below_alpha) + below * (1 - own_alpha); // where only one of them is
    switch (blend) {
    case Blend::Normal:
        out = own + below * (1 - own_alpha);
        return;
    case Blend::Add:
        out = own + below;
        return;
    case Blend::Multiply:
        out = own * below + beside;
        return;
    case Blend::Screen:
        out = own + below - own * below;
        return;
    case Blend::Overlay: {
        const Lanes dark = 2 * own * below,
                    light = own_alpha * below_alpha - 2 * (below_alpha - below) * (own_alpha - own);
        out = (2 * below < below_alpha ? dark : light) + beside;
        return;
    }
    case Blend::Lighten: {
        const Lanes one = own * below_alpha, other = below * own_alpha;
        out = (one > other ? one : other) + beside;
        return;
    }
    case Blend::Darken: {
        const Lanes one = own * below_alpha, other = below * own_alpha;
        out = (one < other ? one : other) + beside;
        return;
    }
    case Blend::Difference: {
        Lanes less = own * below_alpha;
        take_lesser(less, below * own_alpha);
        out = own + below - 2 * less;
        return;
    }
    }
}

/// `own`: of those that lie over `below`; the result is below.
PULSEPIN_WITHIN inline void meet(Blend blend, const PixelLanes& own, float opacity, PixelLanes& below) {
    constexpr float most = 1.0f / 255;
    const Lanes own_alpha = own.alpha * most, below_alpha = below.alpha * most;
    const auto laid = [&](const Lanes& colour, Lanes& ground) PULSEPIN_WITHIN {
        const Lanes before = ground * most;
        Lanes met{};
        meet(blend, colour * most, own_alpha, before, below_alpha, met);
        keep_within(met, 0, 1);
        ground += (met - before) * (255 * opacity);
    };
    Lanes alpha =
        blend == Blend::Add ? own_alpha + below_alpha : own_alpha + below_alpha - own_alpha * below_alpha;
    keep_within(alpha, 0, 1);
    laid(own.blue, below.blue);
    laid(own.green, below.green);
    laid(own.red, below.red);
    below.alpha += (alpha - below_alpha) * (255 * opacity);
}

PULSEPIN_WIDE void lay_row(unsigned char* ground, const unsigned char* image, int count, Blend blend,
                           float opacity) {
    for (int x = 0; x < count; x += lanes) {
        const auto bytes = static_cast<std::size_t>(std::min(lanes, count - x)) * 4;
        LaneBits above{}, below{};
        std::memcpy(&above, image + 4 * static_cast<std::ptrdiff_t>(x), bytes);
        if (!anything_in(above))
            continue;
        unsigned char* place = ground + 4 * static_cast<std::ptrdiff_t>(x);
        std::memcpy(&below, place, bytes);
        PixelLanes own, pixels;
        read_pixels(above, own);
        read_pixels(below, pixels);
        meet(blend, own, opacity, pixels);
        write_pixels(pixels, below);
        std::memcpy(place, &below, bytes);
    }
}

} // namespace

Blend blend_of(std::string_view word) {
    for (const auto& row : rows)
        if (row.word == word)
            return row.blend;
    return Blend::Normal;
}

QPainter::CompositionMode composition_mode(Blend blend) {
    return rows[static_cast<std::size_t>(blend)].mode;
}

void lay_over(QImage& ground, QPoint corner, const QImage& image, Blend blend, double opacity) {
    const QRect area = QRect(corner, image.size()) & ground.rect();
    for (int y = area.top(); y <= area.bottom(); ++y)
        lay_row(ground.scanLine(y) + 4 * static_cast<std::ptrdiff_t>(area.left()),
                image.constScanLine(y - corner.y()) +
                    4 * static_cast<std::ptrdiff_t>(area.left() - corner.x()),
                area.width(), blend, static_cast<float>(opacity));
}

} // namespace pulsepin
