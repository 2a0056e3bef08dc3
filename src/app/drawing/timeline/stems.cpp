// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/timeline/stems.h"

#include "drawing/kind_look.h"
#include "drawing/timeline/lane_paint.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

constexpr double dash = 4, dash_and_gap = 6;

QImage clear_row(int width) {
    QImage row(width, 1, QImage::Format_ARGB32_Premultiplied);
    row.fill(Qt::transparent);
    return row;
}

void lay_over(QImage& row, const QImage& other) {
    QPainter painter(&row);
    Ink(painter).stamp(other, {0, 0});
}

} // namespace

Stems::Stems(std::span<const LaneScene> lanes, double top, double ratio) : top_(top) {
    if (lanes.empty())
        return;
    left_ = lanes.front().row.left();
    width_ = lanes.front().row.width();
    for (const auto& lane : lanes)
        add(lane, ratio);
    std::ranges::stable_sort(curtains_, {}, &Curtain::bottom);
    for (std::size_t i = curtains_.size(); i-- > 1;) {
        auto &upper = curtains_[i - 1], &lower = curtains_[i];
        if (upper.dashed.isNull() && !lower.dashed.isNull())
            upper.dashed = upper.solid.copy();
        lay_over(upper.solid, lower.solid);
        if (!upper.dashed.isNull())
            lay_over(upper.dashed, lower.dashed.isNull() ? lower.solid : lower.dashed);
    }
}

void Stems::add(const LaneScene& lane, double ratio) {
    const auto& look = look_of_kind(lane.lane.kind);
    const auto pins = visible_pins(lane);
    if (!look.stems || pins.empty() || crowded(lane, pins.size())) // a wash of lines would tell nothing
        return;
    const QColor colour = stem_colour(head_colour(lane.lane.kind, lane.scene.palette));
    const auto row_with = [&](QImage row, bool loose) {
        QPainter painter(&row);
        Ink ink(painter);
        double last_x = -1e9;
        for (const auto& pin : pins) {
            const double x = std::round(lane.scale.x(pin.time));
            if (pin.pinned == loose || x == last_x)
                continue;
            last_x = x;
            ink.fill(QRectF(std::floor((x - left_ + 0.5) * ratio), 0, std::max(1.0, std::round(ratio)), 1),
                     colour);
        }
        return row;
    };
    Curtain curtain{look.head_y(lane, lane.lane.kind->empty_body()) + 1,
                    row_with(clear_row(static_cast<int>(std::ceil(width_ * ratio))), false),
                    {}};
    if (!std::ranges::all_of(pins, &ResolvedPin::pinned))
        curtain.dashed = row_with(curtain.solid.copy(), true);
    curtains_.push_back(std::move(curtain));
}

void Stems::paint(Ink& ink, double from, double until) const {
    for (const auto& curtain : curtains_) {
        const double end = std::min(until, curtain.bottom);
        const auto hang = [&](const QImage& row, double begin, double bottom) {
            ink.hang(row, QRectF(left_, begin, width_, bottom - begin));
        };
        if (curtain.dashed.isNull() && from < end)
            hang(curtain.solid, from, end);
        for (double y = from; !curtain.dashed.isNull() && y < end;) {
            const double into = std::fmod(y - top_, dash_and_gap);
            const bool on = into < dash;
            const double next = std::min(end, y + (on ? dash : dash_and_gap) - into);
            hang(on ? curtain.dashed : curtain.solid, y, next);
            y = next;
        }
        from = std::max(from, end);
    }
}

} // namespace pulsepin
