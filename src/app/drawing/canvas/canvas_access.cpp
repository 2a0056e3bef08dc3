// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/canvas/canvas_access.h"

#include "parts/button_access.h"
#include "parts/painted_items.h"
#include "schedule/find_pins.h"
#include "session/core_words.h"
#include "time/timecode.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

using Thing = CanvasAccess::Thing;

QString place_in_words(const Project& project, Seconds time, bool pinned) {
    if (!pinned || !project.grid)
        return CanvasAccess::tr("at %1").arg(QString::fromStdString(format_clock(time)));
    const auto place = project.grid->position_of(project.grid->nearest_tick(time));
    return place.tick == 0 ? CanvasAccess::tr("bar %1 beat %2").arg(place.bar).arg(place.beat)
                           : CanvasAccess::tr("bar %1 beat %2 and %3 of 960 ticks")
                                 .arg(place.bar)
                                 .arg(place.beat)
                                 .arg(place.tick);
}

QString lateness_in_words(Seconds error) {
    const double ms = std::abs(error.value) * 1000;
    if (ms < 0.05)
        return CanvasAccess::tr("to the frame");
    return (error.value > 0 ? CanvasAccess::tr("%1 milliseconds late")
                            : CanvasAccess::tr("%1 milliseconds early"))
        .arg(QLocale().toString(ms, 'f', 1));
}

/// One list or item. It knows what it stands for by an id and asks the drawing for all else: what it stood
/// for may be gone.
class ThingAccess : public QAccessibleInterface, public QAccessibleActionInterface {
public:
    ThingAccess(const CanvasAccess& whole, Thing thing) : whole_(whole), thing_(thing) {}

    [[nodiscard]] const Thing& thing() const { return thing_; }
    [[nodiscard]] bool isValid() const override { return is_there(); }
    [[nodiscard]] QObject* object() const override { return nullptr; }
    [[nodiscard]] QWindow* window() const override { return whole_.window(); }
    [[nodiscard]] QAccessibleInterface* childAt(int x, int y) const override {
        for (int i = 0; i < childCount(); ++i)
            if (auto* one = child(i); one && one->rect().contains(x, y))
                return one;
        return nullptr;
    }

    [[nodiscard]] QAccessibleInterface* parent() const override {
        switch (thing_.kind) {
        case Thing::Beat:
            return whole_.interface_of({Thing::Beats, 0});
        case Thing::OfPin:
            if (const Lane* lane = project().lane_of(PinId{thing_.id}))
                return whole_.interface_of({Thing::OfLane, lane->id.value});
            return nullptr;
        default:
            return QAccessible::queryAccessibleInterface(&canvas());
        }
    }

    [[nodiscard]] int childCount() const override {
        if (thing_.kind == Thing::Beats)
            return project().grid ? static_cast<int>(project().grid->beats().size()) : 0;
        const Lane* lane = thing_.kind == Thing::OfLane ? project().lane(LaneId{thing_.id}) : nullptr;
        return lane ? static_cast<int>(schedule().pins(lane->id).pins.size()) : 0;
    }

    [[nodiscard]] QAccessibleInterface* child(int index) const override {
        if (index < 0 || index >= childCount())
            return nullptr;
        if (thing_.kind == Thing::Beats)
            return whole_.interface_of({Thing::Beat, static_cast<std::uint64_t>(index)});
        const auto& pins = schedule().pins(LaneId{thing_.id}).pins;
        return whole_.interface_of({Thing::OfPin, pins[static_cast<std::size_t>(index)].id.value});
    }

    [[nodiscard]] int indexOfChild(const QAccessibleInterface* child) const override {
        const auto* one = dynamic_cast<const ThingAccess*>(child);
        if (!one)
            return -1;
        if (thing_.kind == Thing::Beats)
            return one->thing_.kind == Thing::Beat ? static_cast<int>(one->thing_.id) : -1;
        const auto& pins = schedule().pins(LaneId{thing_.id}).pins;
        const auto at =
            std::ranges::find(pins, one->thing_.id, [](const ResolvedPin& pin) { return pin.id.value; });
        return at == pins.end() ? -1 : static_cast<int>(at - pins.begin());
    }

    [[nodiscard]] QAccessible::Role role() const override {
        return thing_.kind == Thing::Beats || thing_.kind == Thing::OfLane ? QAccessible::List
                                                                           : QAccessible::ListItem;
    }

    [[nodiscard]] QString text(QAccessible::Text which) const override {
        if (which != QAccessible::Name || !is_there())
            return {};
        switch (thing_.kind) {
        case Thing::Beats:
            return project().grid ? CanvasAccess::tr("Beats, %1").arg(childCount())
                                  : CanvasAccess::tr("No beats yet");
        case Thing::Beat: {
            const auto& grid = *project().grid;
            const auto place = grid.position_of(grid.nearest_tick(grid.beats()[thing_.id].time));
            return CanvasAccess::tr("beat, bar %1 beat %2, %3")
                .arg(place.bar)
                .arg(place.beat)
                .arg(QString::fromStdString(format_clock(grid.beats()[thing_.id].time)));
        }
        case Thing::OfLane: {
            const Lane& lane = *project().lane(LaneId{thing_.id});
            return CanvasAccess::tr("%1, lane of %2, %3")
                .arg(QString::fromStdString(lane.name), text_of(lane.kind->id),
                     spoken(count_text(lane.pins.size(), lane.kind)));
        }
        case Thing::OfPin:
            break;
        }
        const auto at = place_of_lane();
        const auto* pin = resolved();
        return at && pin ? pin_in_words(schedule(), *at, *pin) : QString();
    }
    void setText(QAccessible::Text, const QString&) override {}

    [[nodiscard]] QAccessible::State state() const override {
        QAccessible::State state;
        const bool item = role() == QAccessible::ListItem;
        state.focusable = state.selectable = item;
        state.multiSelectable = !item;
        state.selected = is_chosen();
        state.focused = state.selected && canvas().hasFocus();
        state.offscreen = item && !canvas().rect().contains(local_rect().center());
        state.invalid = !is_there();
        return state;
    }

    [[nodiscard]] QRect rect() const override {
        const QRect local = local_rect();
        return local.isNull() ? QRect() : QRect(canvas().mapToGlobal(local.topLeft()), local.size());
    }

    void* interface_cast(QAccessible::InterfaceType type) override {
        return type == QAccessible::ActionInterface && role() == QAccessible::ListItem
                   ? static_cast<QAccessibleActionInterface*>(this)
                   : nullptr;
    }

    // What can be done to an item: chosen, moved along the beats, taken away, asked what else.
    [[nodiscard]] QStringList actionNames() const override {
        QStringList names{pressAction(), setFocusAction()};
        if (thing_.kind == Thing::OfPin)
            names << decreaseAction() << increaseAction() << showMenuAction();
        return names;
    }

    void doAction(const QString& name) override {
        if (!is_there())
            return;
        choose();
        if (name == increaseAction())
            emit canvas().command_wanted("later");
        else if (name == decreaseAction())
            emit canvas().command_wanted("earlier");
        else if (name == showMenuAction())
            emit canvas().menu_wanted(rect().center(), PinId{thing_.id}, resolved()->time);
        else
            canvas().setFocus(Qt::OtherFocusReason);
    }

    [[nodiscard]] QStringList keyBindingsForAction(const QString&) const override { return {}; }

    [[nodiscard]] QString localizedActionDescription(const QString& name) const override {
        if (name == increaseAction())
            return CanvasAccess::tr("Moves it a beat later");
        if (name == decreaseAction())
            return CanvasAccess::tr("Moves it a beat earlier");
        return name == pressAction() ? CanvasAccess::tr("Selects it and puts the playhead there") : QString();
    }

private:
    [[nodiscard]] Canvas& canvas() const { return whole_.canvas(); }
    [[nodiscard]] const Schedule& schedule() const { return canvas().document().schedule(); }
    [[nodiscard]] const Project& project() const { return canvas().document().project(); }

    [[nodiscard]] bool is_there() const {
        switch (thing_.kind) {
        case Thing::Beats:
            return true;
        case Thing::Beat:
            return project().grid && thing_.id < project().grid->beats().size();
        case Thing::OfLane:
            return project().lane(LaneId{thing_.id});
        case Thing::OfPin:
            return resolved();
        }
        return false;
    }

    [[nodiscard]] std::optional<std::size_t> place_of_lane() const {
        const Lane* lane = thing_.kind == Thing::OfLane ? project().lane(LaneId{thing_.id})
                                                        : project().lane_of(PinId{thing_.id});
        for (std::size_t i = 0; lane && i < schedule().size(); ++i)
            if (schedule()[i].id == lane->id)
                return i;
        return std::nullopt;
    }

    [[nodiscard]] const ResolvedPin* resolved() const {
        const Lane* lane = project().lane_of(PinId{thing_.id});
        if (!lane)
            return nullptr;
        const auto& pins = schedule().pins(lane->id).pins;
        const auto at =
            std::ranges::find(pins, thing_.id, [](const ResolvedPin& pin) { return pin.id.value; });
        return at == pins.end() ? nullptr : &*at;
    }

    [[nodiscard]] bool is_chosen() const {
        const auto& view = canvas().view();
        if (thing_.kind == Thing::OfPin)
            return view.selection().contains(PinId{thing_.id});
        return thing_.kind == Thing::Beat && view.beat() && project().grid &&
               *view.beat() - project().grid->first_beat() == static_cast<std::int64_t>(thing_.id);
    }

    void choose() {
        auto& view = canvas().view();
        if (thing_.kind == Thing::OfPin) {
            view.select({PinId{thing_.id}});
            emit canvas().playhead_set(moment_of(*resolved(), project().settings->frame_rate));
        } else if (thing_.kind == Thing::Beat) {
            view.choose_beat(project().grid->first_beat() + static_cast<std::int64_t>(thing_.id));
            emit canvas().playhead_set(project().grid->beats()[thing_.id].time);
        }
    }

    /// In the drawing; null where it is not drawn.
    [[nodiscard]] QRect local_rect() const {
        if (!is_there())
            return {};
        constexpr int around = 8;
        switch (thing_.kind) {
        case Thing::Beats:
            return canvas().rect();
        case Thing::Beat: {
            const auto strip = canvas().place_of(project().grid->beats()[thing_.id].time);
            return strip.toAlignedRect();
        }
        case Thing::OfPin: {
            const QPointF head = canvas().head_position(PinId{thing_.id});
            return head.x() < 0
                       ? QRect()
                       : QRect(head.toPoint() - QPoint(around, around), QSize(2 * around, 2 * around));
        }
        case Thing::OfLane:
            if (const auto at = place_of_lane())
                return canvas().lane_area(*at).toAlignedRect();
        }
        return {};
    }

    const CanvasAccess& whole_;
    Thing thing_;
};

QAccessibleInterface* made_for(const QString&, QObject* object) {
    auto* canvas = qobject_cast<Canvas*>(object);
    return canvas ? new CanvasAccess(*canvas) : nullptr;
}

} // namespace

QString pin_in_words(const Schedule& schedule, std::size_t lane, const ResolvedPin& pin) {
    const auto& project = schedule.project();
    const Lane& of = *project.lane(schedule[lane].id);
    const auto& body = of.pins[pin.index].body;
    const QString name = QString::fromStdString(of.kind->name_of(body, project));
    QStringList words{name.isEmpty() ? text_of(of.kind->singular)
                                     : CanvasAccess::tr("%1: %2").arg(text_of(of.kind->singular), name),
                      place_in_words(project, pin.time, pin.pinned)};
    if (const auto span = whole_span_of(schedule, {pin.id}); span && span->until > span->from)
        words << CanvasAccess::tr("%1 seconds long")
                     .arg(QLocale().toString((span->until - span->from).value, 'f', 2));
    words << lateness_in_words(pin.rounding_error);
    if (!pin.pinned)
        words << CanvasAccess::tr("loose");
    if (of.pins[pin.index].muted || of.muted)
        words << CanvasAccess::tr("muted");
    return words.join(", ");
}

CanvasAccess::CanvasAccess(Canvas& canvas)
    : QAccessibleWidget(&canvas, QAccessible::Canvas, canvas.accessibleName()), canvas_(canvas) {}

CanvasAccess::~CanvasAccess() {
    for (const auto& [thing, id] : known_)
        QAccessible::deleteAccessibleInterface(id);
}

QAccessibleInterface* CanvasAccess::interface_of(const Thing& thing) const {
    const auto known = known_.find(thing);
    if (known != known_.end())
        return QAccessible::accessibleInterface(known->second);
    auto* made = new ThingAccess(*this, thing); // the toolkit's register owns it
    known_[thing] = QAccessible::registerAccessibleInterface(made);
    return made;
}

int CanvasAccess::childCount() const {
    return 1 + static_cast<int>(canvas_.document().project().lanes.size());
}

QAccessibleInterface* CanvasAccess::child(int index) const {
    const auto& lanes = canvas_.document().project().lanes;
    if (index == 0)
        return interface_of({Thing::Beats, 0});
    if (index < 1 || index > static_cast<int>(lanes.size()))
        return nullptr;
    return interface_of({Thing::OfLane, lanes[static_cast<std::size_t>(index) - 1]->id.value});
}

int CanvasAccess::indexOfChild(const QAccessibleInterface* child) const {
    const auto* one = dynamic_cast<const ThingAccess*>(child);
    if (!one)
        return -1;
    if (one->thing().kind == Thing::Beats)
        return 0;
    const auto& lanes = canvas_.document().project().lanes;
    for (std::size_t i = 0; i < lanes.size(); ++i)
        if (lanes[i]->id.value == one->thing().id)
            return static_cast<int>(i) + 1;
    return -1;
}

QAccessibleInterface* CanvasAccess::childAt(int x, int y) const {
    for (int i = 1; i < childCount(); ++i)
        if (auto* lane = child(i); lane && lane->rect().contains(x, y)) {
            auto* pin = lane->childAt(x, y);
            return pin ? pin : lane;
        }
    return nullptr;
}

QAccessibleInterface* CanvasAccess::focusChild() const {
    const auto& view = canvas_.view();
    if (view.selection().size() == 1)
        return interface_of({Thing::OfPin, view.selection().begin()->value});
    if (const auto& grid = canvas_.document().project().grid; view.beat() && grid)
        return interface_of({Thing::Beat, static_cast<std::uint64_t>(*view.beat() - grid->first_beat())});
    return nullptr;
}

void install_access() {
    QAccessible::installFactory(made_for);
    QAccessible::installFactory(access_of_painted_items);
    QAccessible::installFactory(access_of_buttons);
}

void tell_chosen(Canvas& canvas) {
    if (!QAccessible::isActive() || !canvas.hasFocus())
        return;
    auto* whole = dynamic_cast<CanvasAccess*>(QAccessible::queryAccessibleInterface(&canvas));
    if (auto* chosen = whole ? whole->focusChild() : nullptr; chosen && chosen->isValid()) {
        QAccessibleEvent event(chosen, QAccessible::Focus);
        QAccessible::updateAccessibility(&event);
    }
}

} // namespace pulsepin
