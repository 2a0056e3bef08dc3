// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "commands/command_list.h"
#include "hand/hand_edits.h"
#include "pages/stops/stop_panel.h"
#include "session/document.h"
#include "session/player.h"
#include "session/view_state.h"

class QStackedWidget;

namespace pulsepin {

class RouteList;
class ScoreView;
class TimelineView;

/// What every group of commands works with. What else one works with it asks for when it is made: other
/// groups, and the parts of the window that it is about.
struct Workplace {
    QWidget& window;
    Document& document;
    ViewState& view;
    Player& player;
    CommandList& commands;
    QStackedWidget& drawings; ///< the timeline and the score
    TimelineView& timeline;
    ScoreView& score;
    RouteList& route;
};

/// A group of commands that belong together.
class Commands : public QObject {
    Q_OBJECT
protected:
    explicit Commands(const Workplace& at);
    void add(QMenu* menu, const QString& id, const QString& text, const QList<QKeySequence>& keys,
             std::function<void()> run) {
        commands_.add(menu, Command{id, text, keys, std::move(run)});
    }
    [[nodiscard]] FrameRate rate() const { return document_.project().settings->frame_rate; }

    /// What is heard at this moment, while it plays; else where the playhead stands.
    [[nodiscard]] Seconds heard_now() const;
    /// As what is dragged in the drawing that is seen.
    [[nodiscard]] Seconds snapped(Seconds time) const;
    /// Does what hand_edits() has under that id, to what is selected or to `pins`, at what is heard now. Says
    /// what came of it, or why nothing did. Whether it was done.
    bool edit(std::string_view id, ParamValues values = {}, std::optional<PinSet> pins = {});

    void go_to_stop(Stop stop) const;
    [[nodiscard]] bool score_is_seen() const; ///< else the timeline

    QWidget* const window_;
    Document& document_;
    ViewState& view_;
    Player& player_;
    CommandList& commands_;
    QStackedWidget& drawings_;
    TimelineView& timeline_;
    ScoreView& score_;

private:
    RouteList& route_;
};

} // namespace pulsepin
