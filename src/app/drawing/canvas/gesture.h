// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "drawing/canvas/placement.h"

#include <QCoreApplication>
#include <QPainter>
#include <functional>
#include <memory>
#include <optional>

namespace pulsepin {

/// The part of a pin's drawing that the mouse is on.
enum class GripPart { Head, Body, Start, End, FadeIn, FadeOut, GainLine, EaseFrom, EaseTo };

struct Grip {
    PinId pin;
    GripPart part = GripPart::Head;
};

/// What gestures work on. All it refers to must outlive the gesture.
struct GestureContext {
    const CanvasPlacement& placement;
    ViewState& view;
    std::function<const Schedule&()> schedule;                  ///< of the project as it is now
    std::function<std::optional<Seconds>(ClipId)> sound_length; ///< none: not known
    std::function<void(Seconds)> go_to;                         ///< moves the playhead
    /// What pulls instead of the beats, of what has a choice of its own; none: as the view says.
    std::function<Seconds(Seconds)> pull = {};
    std::function<bool(Seconds)> is_doubtful = {}; ///< the grid, there; none: nowhere

    [[nodiscard]] const Project& project() const { return schedule().project(); }
    [[nodiscard]] Scene scene() const;
    [[nodiscard]] Seconds snapped(Seconds time, bool off_grid) const {
        if (pull && !off_grid)
            return pull(time);
        return off_grid
                   ? time
                   : pulsepin::snapped(placement, schedule(), view, time, is_doubtful && is_doubtful(time));
    }
    /// Of the song, or of what is heard longer.
    [[nodiscard]] Seconds song_end() const;
};

/// A press, what the mouse does until it is let go, and what comes of it: one step for undo, or none. Given
/// up, it leaves nothing behind. Works in the timeline and in the score alike, and needs no window.
class Gesture {
    Q_DECLARE_TR_FUNCTIONS(pulsepin::Gesture)
public:
    Gesture(GestureContext context, QPointF from) : context_(std::move(context)), from_(from) {}
    Gesture(const Gesture&) = delete;
    Gesture& operator=(const Gesture&) = delete;
    virtual ~Gesture() = default;

    struct Edit {
        Project project;
        QString name; ///< for undo
    };

    /// The mouse is there now. Nothing happens within a few pixels of the press.
    void move(QPointF at, Qt::KeyboardModifiers keys);
    /// Let go.
    [[nodiscard]] virtual std::optional<Edit> end(Qt::KeyboardModifiers keys) = 0;
    /// On top of the drawing.
    virtual void paint(QPainter&, const Palette&) const {}
    /// Whether it goes on when the piece is changed meanwhile, as by keys. What takes hold of something in it
    /// does not: that may be gone.
    [[nodiscard]] virtual bool outlives_changes() const { return false; }

    [[nodiscard]] bool moved() const { return moved_; }
    /// The project as it would be, to be shown meanwhile; null while it is as before.
    [[nodiscard]] const Schedule* draft() const { return draft_ ? &*draft_ : nullptr; }
    /// Another number after each change of what is to be seen.
    [[nodiscard]] int revision() const { return revision_; }
    [[nodiscard]] const QString& hint() const { return hint_; }
    /// It cannot go on; why is to be said, and the gesture given up.
    [[nodiscard]] const std::optional<QString>& refused() const { return refused_; }

protected:
    virtual void drag_to(QPointF at, Qt::KeyboardModifiers keys) = 0;

    void show(Project project);
    /// Shows it, or tells why not and leaves what is shown. Whether it is shown.
    bool show(Result<Project> project);
    void seen_anew() { ++revision_; }
    void tell(const QString& hint) { hint_ = hint; }
    void refuse(const QString& why) { refused_ = why; }
    /// The draft as one step, if there is one.
    [[nodiscard]] std::optional<Edit> edit(const QString& name) const;
    [[nodiscard]] const Project& project() const { return context_.project(); }
    [[nodiscard]] ViewState& view() const { return context_.view; }
    [[nodiscard]] const CanvasPlacement& placement() const { return context_.placement; }
    [[nodiscard]] const GestureContext& context() const { return context_; }
    [[nodiscard]] QPointF from() const { return from_; }
    [[nodiscard]] Seconds pressed_time() const { return placement().time_at(from_); }
    [[nodiscard]] std::vector<PinId> selected() const;
    [[nodiscard]] QString place_text(Ticks at) const; ///< "12.3"

private:
    GestureContext context_;
    QPointF from_;
    bool moved_ = false;
    std::optional<Schedule> draft_;
    int revision_ = 0;
    QString hint_;
    std::optional<QString> refused_;
};

/// What of a pin lies under the mouse.
[[nodiscard]] std::optional<Grip> grip_under(const GestureContext& context, QPointF at);
/// The press on it: selects, and gives the gesture that follows from it. Null: nothing is dragged, as when a
/// pin was taken out of the selection.
[[nodiscard]] std::unique_ptr<Gesture> grabbed(const GestureContext& context, const Grip& grip, QPointF at,
                                               Qt::KeyboardModifiers keys);

} // namespace pulsepin
