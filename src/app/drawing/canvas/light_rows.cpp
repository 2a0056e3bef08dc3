// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/canvas/light_rows.h"

#include <algorithm>

namespace pulsepin {
namespace {

constexpr double above = 24, below = 4, apart = 5, usual = 15, least = 4, most = 640;

int gaps(const std::vector<RigRow>& rows) {
    int count = 0;
    for (std::size_t i = 1; i < rows.size(); ++i)
        count += rows[i].group != rows[i - 1].group;
    return count;
}

} // namespace

std::vector<LightRow> light_rows(const Rig& rig, const QRectF& lane, bool condensed) {
    std::vector<LightRow> placed;
    auto rows = rows_of(rig);
    if (rows.empty())
        return placed;
    const double edge = condensed ? 1 : above, gap = condensed ? 1 : apart;
    const double room = lane.height() - edge - (condensed ? 1 : below) - gap * gaps(rows);
    const double high = std::max(1.0, room / static_cast<double>(rows.size()));
    double y = lane.top() + edge;
    for (std::size_t i = 0; i < rows.size(); ++i) {
        if (i > 0 && rows[i].group != rows[i - 1].group)
            y += gap;
        const QRectF rect(lane.left(), y, lane.width(), high);
        placed.push_back({std::move(rows[i]), rect});
        y += high;
    }
    return placed;
}

std::optional<std::size_t> light_row_at(const std::vector<LightRow>& rows, double y) {
    for (std::size_t i = 0; i < rows.size(); ++i)
        if (y >= rows[i].rect.top() && y < rows[i].rect.bottom())
            return i;
    return std::nullopt;
}

double height_of_light_rows(const Rig& rig) {
    const auto rows = rows_of(rig);
    if (rows.empty())
        return 40;
    const auto count = static_cast<double>(rows.size());
    const double high = std::clamp(most / count, least, usual);
    return above + below + apart * gaps(rows) + high * count;
}

} // namespace pulsepin
