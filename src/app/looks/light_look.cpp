// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/canvas/event_panel.h"
#include "drawing/canvas/gestures/move_pins.h"
#include "drawing/canvas/gestures/paint_lights.h"
#include "drawing/canvas/gestures/stretch_trigger.h"
#include "drawing/timeline/lane_paint.h"
#include "kinds/kinds.h"
#include "looks/event_course.h"
#include "looks/kind_looks.h"
#include "model/rig_edits.h"
#include "pages/details/lamps_field.h"
#include "pages/stops/light_form.h"
#include "schedule/act_curve.h"

#include <QCoreApplication>
#include <QLinearGradient>
#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

constexpr double end_reach = 4;

QString tr(const char* text) {
    return QCoreApplication::translate("pulsepin::Canvas", text);
}

/// Where the lamps of a lane lie, by their places in the rig. Lamps that share a row share its height.
class LampPlaces {
public:
    explicit LampPlaces(const LaneScene& s)
        : s_(s), rows_(light_rows(*s.scene.project.rig, s.row, s.condensed)),
          places_(s.scene.project.rig->fixtures.size()) {
        for (const auto& row : rows_) {
            const double gap = row.rect.height() > 8 ? 1 : 0;
            const double high = (row.rect.height() - gap) / static_cast<double>(row.row.fixtures.size());
            double top = row.rect.top() + gap / 2;
            for (const std::size_t lamp : row.row.fixtures) {
                places_[lamp] = {top, high};
                top += high;
            }
        }
    }
    [[nodiscard]] const std::vector<LightRow>& rows() const { return rows_; }
    [[nodiscard]] QRectF rect(const LightSpan& span) const {
        const auto rate = s_.scene.project.settings->frame_rate;
        const double from = s_.scale.x(rate.start_of(span.start)),
                     until = s_.scale.x(rate.start_of(span.end));
        const auto& [top, high] = places_[span.fixture];
        return {from, top, until - from, high};
    }
    /// Calls `see` with those that are in view, by their start.
    template <class See>
    void visible(See see) const {
        const auto rate = s_.scene.project.settings->frame_rate;
        const Frames first = rate.frame_at(s_.scale.start), last = rate.frame_at(s_.scale.end()) + Frames(1);
        const auto& spans = s_.spans.lights;
        auto i = static_cast<std::size_t>(
            std::ranges::partition_point(spans.all, [&](const auto& one) { return one.start < first; }) -
            spans.all.begin());
        while (i > 0 && spans.latest_end[i - 1] > first)
            --i;
        for (; i < spans.all.size() && spans.all[i].start <= last; ++i)
            if (spans.all[i].fixture < places_.size() && spans.all[i].end > first)
                see(spans.all[i]);
    }

private:
    const LaneScene& s_;
    std::vector<LightRow> rows_;
    std::vector<std::pair<double, double>> places_; ///< top and height
};

QColor as_colour(Colour colour) {
    return QColor::fromRgb(static_cast<QRgb>(colour.rgb));
}

double brightness(Colour colour) {
    return std::max({(colour.rgb >> 16) & 0xff, (colour.rgb >> 8) & 0xff, colour.rgb & 0xff}) / 255.0;
}

/// As high as it is bright, from its beginning to its end.
QPolygonF outline(const LightBody& body, const QRectF& rect) {
    QPolygonF shape{rect.bottomLeft()};
    const auto course = course_of(body);
    const int steps = course.empty() ? 1 : std::clamp(static_cast<int>(rect.width() / 4), 2, 24);
    const double from = brightness(body.from), to = brightness(body.to);
    const double full = std::max({from, to, 1e-6});
    for (int i = 0; i <= steps; ++i) {
        const double way = static_cast<double>(i) / steps;
        const double high = std::clamp(way_at(course, way), 0.0, 1.0) * (from + (to - from) * way) / full *
                            body.strength / 100;
        shape << QPointF(rect.left() + rect.width() * way,
                         rect.bottom() - rect.height() * std::min(1.0, high));
    }
    shape << rect.bottomRight();
    return shape;
}

QBrush brush_of(const LightBody& body, const QRectF& rect) {
    const Colour from = body.from.rgb ? body.from : body.to, to = body.to.rgb ? body.to : body.from;
    if (from == to)
        return as_colour(from);
    QLinearGradient ramp(rect.left(), 0, rect.right(), 0);
    ramp.setColorAt(0, as_colour(from));
    ramp.setColorAt(1, as_colour(to));
    return ramp;
}

/// Colours that are hard to tell apart by those who see few of them bear a dot.
bool is_dotted(Colour colour) {
    const auto part = [&](int shift) { return static_cast<double>((colour.rgb >> shift) & 0xff); };
    return 0.2126 * part(16) + 0.7152 * part(8) + 0.0722 * part(0) < 110;
}

void paint_cell(QPainter& painter, const LaneScene& s, const LightSpan& span, const QRectF& rect) {
    const auto& p = s.scene.palette;
    const auto& body = body_of<LightBody>(s.lane.pins[span.index].body);
    const QRectF cell(rect.left(), rect.top(), std::max(1.5, rect.width() - 1), rect.height());
    painter.setOpacity(span.muted ? 0.25 : 1);
    if (cell.width() < 4 || cell.height() < 3) {
        painter.fillRect(cell, brush_of(body, cell));
    } else {
        const QPolygonF shape = outline(body, cell);
        const QBrush brush = brush_of(body, cell);
        painter.setBrush(brush);
        const QColor edge = as_colour(body.from.rgb ? body.from : body.to).darker(170);
        painter.setPen(QPen(body.from.rgb || body.to.rgb ? edge : p.paper_quiet, 1));
        painter.drawPolygon(shape);
        if (body.from.rgb && is_dotted(body.from) && cell.height() >= 9 && cell.width() >= 10) {
            painter.setPen(Qt::NoPen);
            painter.setBrush(p.paper);
            painter.drawEllipse(QPointF(cell.left() + 5, cell.bottom() - cell.height() * 0.35), 1.8, 1.8);
        }
    }
    if (span.conflict) { // another light on the same lamp meanwhile
        painter.setPen(QPen(p.cut, 1));
        painter.setBrush(QBrush(p.cut, Qt::BDiagPattern));
        painter.drawRect(cell);
    }
    painter.setOpacity(1);
    if (selected(s, span.pin)) {
        painter.setPen(QPen(p.selection, 2));
        painter.setBrush(Qt::NoBrush);
        painter.drawRect(cell.adjusted(0.5, 0.5, -0.5, -0.5));
    }
}

/// Rows are parted by lines, chosen lamps shaded.
void paint_rows(QPainter& painter, const LaneScene& s, const LampPlaces& places) {
    const auto& p = s.scene.palette;
    const auto chosen = s.scene.project.rig->members(s.scene.view.lamps());
    for (const auto& row : places.rows()) {
        const QRectF line(s.row.left(), row.rect.bottom() - 0.5, s.row.width(), 1);
        painter.fillRect(line, p.paper_line);
        if (!s.scene.view.lamps().empty() && std::ranges::includes(chosen, row.row.fixtures)) {
            QColor shade = p.selection;
            shade.setAlpha(22);
            painter.fillRect(row.rect.intersected(s.row), shade);
        }
    }
}

void paint_lights(QPainter& painter, const LaneScene& s) {
    const LampPlaces places(s);
    painter.save();
    painter.setClipRect(s.row, Qt::IntersectClip);
    if (places.rows().empty() && !s.condensed) {
        painter.setPen(s.scene.palette.paper_quiet);
        painter.drawText(s.row.adjusted(12, 0, -12, 0), Qt::AlignVCenter | Qt::AlignLeft,
                         tr("There are no lamps yet: add some at Motion, Lights"));
    }
    paint_rows(painter, s, places);
    std::size_t chosen = 0;
    places.visible([&](const LightSpan& span) { paint_cell(painter, s, span, places.rect(span)); });
    for (const auto& pin : s.lane.pins)
        chosen += selected(s, pin.id);
    if (chosen > 1 && !s.condensed) {
        painter.setPen(s.scene.palette.selection);
        painter.drawText(s.row.adjusted(0, 0, -6, 0), Qt::AlignTop | Qt::AlignRight,
                         QCoreApplication::translate("pulsepin::Canvas", "%n lights selected", nullptr,
                                                     static_cast<int>(chosen)));
    }
    painter.restore();
    if (const auto open = EventPanel::in(s))
        open->paint(painter, s);
}

std::optional<Grip> grip_of_light(const LaneScene& s, QPointF at) {
    if (const auto open = EventPanel::in(s); open && open->holds(at))
        return std::nullopt; // its keys are dragged, not what lies behind them
    const LampPlaces places(s);
    std::optional<Grip> found;
    places.visible([&](const LightSpan& span) {
        const QRectF rect = places.rect(span);
        if (at.y() < rect.top() || at.y() >= rect.bottom())
            return;
        if (rect.width() > 14 && std::abs(at.x() - rect.right()) <= end_reach && at.x() <= rect.right())
            found = Grip{span.pin, GripPart::End};
        else if (at.x() >= rect.left() && at.x() < rect.right())
            found = Grip{span.pin, GripPart::Body}; // the last lies on top
    });
    return found;
}

double rows_over(const LaneScene& s, double pixels) {
    const auto rows = light_rows(*s.scene.project.rig, s.row, s.condensed);
    return rows.empty() ? 0 : std::round(pixels / rows.front().rect.height());
}

const Lift by_rows{rows_over,
                   [](const Project& project, std::span<const PinId> pins, double rows) {
                       return with_lights_moved(project, pins, static_cast<int>(rows));
                   },
                   nullptr};

std::unique_ptr<Gesture> grab(const GestureContext& context, const Grip& grip, QPointF at,
                              Qt::KeyboardModifiers keys) {
    if (keys & Qt::AltModifier)
        return std::make_unique<ShadeLights>(context, grip.pin, at);
    if (grip.part == GripPart::End)
        return std::make_unique<StretchTrigger>(context, grip.pin, at);
    return std::make_unique<MovePins>(context, grip.pin, at, &by_rows);
}

std::unique_ptr<Gesture> press(const GestureContext& context, const LaneScene& s, QPointF at) {
    if (auto course = event_course::press(context, s, at))
        return course;
    const auto rows = light_rows(*s.scene.project.rig, s.row, s.condensed);
    if (s.lane.locked || !light_row_at(rows, at.y()))
        return nullptr;
    context.view.select({});
    context.view.choose_lane(s.lane.id);
    return std::make_unique<PaintLights>(context, s.lane.id, PaintLights::Way::Light, at);
}

std::unique_ptr<Gesture> erase(const GestureContext& context, const LaneScene& s, QPointF at) {
    const auto rows = light_rows(*s.scene.project.rig, s.row, s.condensed);
    if (s.lane.locked || !light_row_at(rows, at.y()))
        return nullptr;
    return std::make_unique<PaintLights>(context, s.lane.id, PaintLights::Way::Erase, at);
}

QString press_hint(const LaneScene& s, QPointF at) {
    if (const QString course = event_course::hint(s, at); !course.isEmpty())
        return course;
    const auto rows = light_rows(*s.scene.project.rig, s.row, s.condensed);
    const auto row = light_row_at(rows, at.y());
    return row ? tr("%1 · click a cell to light it, drag to paint along the beats · the right button makes "
                    "dark")
                     .arg(QString::fromStdString(s.scene.project.rig->name_of(rows[*row].row.of)))
               : QString();
}

QString hint(GripPart part) {
    return part == GripPart::End ? tr("Drag the end to make it last longer or shorter · Shift counts frames")
                                 : tr("Drag along the beats, or to another lamp · Alt and drag changes its "
                                      "strength · the right "
                                      "button makes dark");
}

/// A double click would add a pin; a press has lit the cell already.
std::optional<DoubleClicked> open_course(const GestureContext& context, const LaneScene& s, QPointF at) {
    auto opened = event_course::open_or_add_key(context, s, at, grip_of_light);
    return opened ? opened : std::optional(DoubleClicked{});
}

/// Its names stand where its rows do, groups in a bracket.
void paint_names(QPainter& painter, const LaneScene& s, const QRectF& names) {
    const auto& p = s.scene.palette;
    const Rig& rig = *s.scene.project.rig;
    const auto rows = light_rows(rig, s.row, false);
    painter.setPen(p.paper_text);
    for (std::size_t i = 0; i < rows.size();) {
        std::size_t end = i;
        while (end < rows.size() && rows[end].row.group == rows[i].row.group)
            ++end;
        const QRectF all(names.left(), rows[i].rect.top(), names.width(),
                         rows[end - 1].rect.bottom() - rows[i].rect.top());
        const QString group = QString::fromStdString(rig.name_of(rows[i].row.group));
        const double right = names.right() - 4;
        const bool numbered = rows[i].rect.height() >= 10 && rows[i].row.of != rows[i].row.group;
        for (std::size_t j = i; numbered && j < end; ++j) {
            QString name = QString::fromStdString(rig.name_of(rows[j].row.of));
            if (!group.isEmpty() && name.startsWith(group + ' '))
                name = name.mid(group.size() + 1);
            const double room = group.isEmpty() ? names.width() - 8 : 30;
            painter.drawText(QRectF(right - room, rows[j].rect.top(), room, rows[j].rect.height()),
                             Qt::AlignVCenter | Qt::AlignRight,
                             QFontMetricsF(painter.font()).elidedText(name, Qt::ElideRight, room));
        }
        if (!group.isEmpty()) {
            const double edge = right - (numbered ? 34 : 2);
            painter.setPen(QPen(p.paper_quiet, 1));
            painter.drawLine(QPointF(edge, all.top() + 2), QPointF(edge, all.bottom() - 2));
            painter.drawLine(QPointF(edge, all.top() + 2), QPointF(edge + 4, all.top() + 2));
            painter.drawLine(QPointF(edge, all.bottom() - 2), QPointF(edge + 4, all.bottom() - 2));
            painter.setPen(p.paper_text);
            const QRectF room(names.left(), all.top(), edge - 6 - names.left(), all.height());
            painter.drawText(room, Qt::AlignVCenter | Qt::AlignRight,
                             QFontMetricsF(painter.font()).elidedText(group, Qt::ElideRight, room.width()));
        }
        i = end;
    }
}

QPainterPath lantern(QPointF at) {
    QPainterPath path;
    path.addEllipse(at, 5, 6);
    path.addRect(QRectF(at.x() - 2, at.y() - 9, 4, 2));
    path.addRect(QRectF(at.x() - 2, at.y() + 7, 4, 2));
    return path;
}

} // namespace

const KindLook kinds::light_look{
    .kind = kinds::light_row,
    .height = [](const LaneSpans&) { return 40.0; },
    .height_of = [](const Project& project) { return height_of_light_rows(*project.rig); },
    .paint = paint_lights,
    .stems = false,
    .heads = false,
    .head_y =
        [](const LaneScene& s, const PinBody& body) {
            const auto lamps = s.scene.project.rig->members(body_of<LightBody>(body).on);
            for (const auto& row : light_rows(*s.scene.project.rig, s.row, s.condensed))
                if (!lamps.empty() &&
                    std::ranges::find(row.row.fixtures, lamps.front()) != row.row.fixtures.end())
                    return row.rect.center().y();
            return s.row.center().y();
        },
    .grip = grip_of_light,
    .grab = grab,
    .press = press,
    .erase = erase,
    .press_hint = press_hint,
    .double_click = open_course,
    .hint = hint,
    .head = lantern,
    .colour = [](const Palette& palette) { return palette.playing; },
    .paint_names = paint_names,
    .hint_at = {9, 0},
    .score_height = 8,
    .paint_score = paint_lights,
    .make_form = []() -> FormFields* { return new LightForm; },
    .make_part = [](PinsDetail& detail) -> PinsDetailPart* { return new LampsField(detail); },
};

} // namespace pulsepin
