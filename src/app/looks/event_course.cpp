// SPDX-License-Identifier: GPL-3.0-or-later
#include "looks/event_course.h"

#include "drawing/canvas/event_panel.h"
#include "drawing/canvas/gestures/shape_event.h"
#include "session/core_words.h"

#include <QCoreApplication>
#include <algorithm>
#include <cmath>

namespace pulsepin::event_course {
namespace {

/// A press that was meant for what lies there, and drags nothing.
class Nothing : public Gesture {
public:
    using Gesture::Gesture;
    std::optional<Edit> end(Qt::KeyboardModifiers) override { return std::nullopt; }

protected:
    void drag_to(QPointF, Qt::KeyboardModifiers) override {}
};

} // namespace

std::unique_ptr<Gesture> press(const GestureContext& context, const LaneScene& s, QPointF at) {
    const auto open = EventPanel::in(s);
    if (!open)
        return nullptr;
    const auto key = open->key_under(at);
    if (!open->holds(at))
        return nullptr;
    if (!context.view.selection().contains(open->trigger))
        context.view.select({open->trigger});
    if (key && !s.lane.locked)
        return std::make_unique<ShapeEvent>(context, *open, *key, at);
    context.view.choose_event_key(std::nullopt);
    return std::make_unique<Nothing>(context, at);
}

QString hint(const LaneScene& s, QPointF at) {
    const auto open = EventPanel::in(s);
    const auto tr = [](const char* text) { return QCoreApplication::translate("pulsepin::Canvas", text); };
    if (!open)
        return {};
    if (open->key_under(at))
        return tr("Drag a key along its length, beats pull · Shift leaves the beats · Delete removes it");
    return open->holds(at) ? tr("Double click to add a key to the nearest curve · Escape closes it")
                           : QString();
}

std::optional<DoubleClicked> open_or_add_key(const GestureContext& context, const LaneScene& s, QPointF at,
                                             std::optional<Grip> (*grip_of)(const LaneScene&, QPointF)) {
    const auto open = EventPanel::in(s);
    if (open && open->holds(at)) {
        if (open->key_under(at))
            return DoubleClicked{};
        const Seconds time = context.snapped(open->time_at(at.x()), false);
        auto with = with_event_key(
            context.project(), open->trigger, open->act_near(at),
            {open->share_at(time) * 100, std::clamp(std::round(open->way_at(at.y())), 0.0, 100.0)});
        if (!with)
            return DoubleClicked{{}, spoken(with.error())};
        context.view.choose_event_key(with->key);
        return DoubleClicked{Gesture::Edit{
            std::move(with->project), QCoreApplication::translate("pulsepin::Canvas", "add key to event")}};
    }
    if (s.condensed)
        return std::nullopt;
    const auto grip = grip_of(s, at);
    if (!grip)
        return std::nullopt;
    context.view.open_event(open && open->trigger == grip->pin ? PinId{} : grip->pin);
    return DoubleClicked{};
}

} // namespace pulsepin::event_course
