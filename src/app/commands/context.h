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

class FormArea;
class BinCommands;
class CheckPanel;
class ExportPanel;
class FileCommands;
class GridCommands;
class GridPanel;
class LaneCommands;
class PinCommands;
class PlacePanel;
class PictureHands;
class PictureRoom;
class PlayCommands;
class RouteList;
class ScoreView;
class ShotCommands;
class TapPanel;
class TimelineView;
class TransportBar;

/// What commands work on, and where they find each other. Commands are made before the window has its parts:
/// those are there when a command runs.
struct CommandContext {
    QWidget* window;
    Document& document;
    ViewState& view;
    Player& player;
    CommandList& commands;

    QStackedWidget* drawings = nullptr; ///< the timeline and the score
    TimelineView* timeline = nullptr;
    ScoreView* score = nullptr;
    TransportBar* transport = nullptr;
    FormArea* bench = nullptr;
    PictureRoom* picture = nullptr;
    PictureHands* hands = nullptr;
    RouteList* route = nullptr;
    GridPanel* grid = nullptr;
    PlacePanel* place = nullptr;
    TapPanel* taps = nullptr;
    CheckPanel* checking = nullptr;
    ExportPanel* exporting = nullptr;

    BinCommands* bin = nullptr;
    FileCommands* files = nullptr;
    GridCommands* grids = nullptr;
    LaneCommands* lanes = nullptr;
    PinCommands* pins = nullptr;
    PlayCommands* play = nullptr;
    ShotCommands* shots = nullptr;

    void go_to_stop(Stop stop) const;
};

/// A group of commands that belong together.
class Commands : public QObject {
    Q_OBJECT
protected:
    explicit Commands(CommandContext& context)
        : QObject(context.window), context_(context), document_(context.document), view_(context.view),
          player_(context.player) {}
    void add(QMenu* menu, const QString& id, const QString& text, const QList<QKeySequence>& keys,
             std::function<void()> run) {
        context_.commands.add(menu, Command{id, text, keys, std::move(run)});
    }
    [[nodiscard]] FrameRate rate() const { return document_.project().settings->frame_rate; }

    /// What is heard at this moment, while it plays; else where the playhead stands.
    [[nodiscard]] Seconds heard_now() const;
    /// As what is dragged in the drawing that is seen.
    [[nodiscard]] Seconds snapped(Seconds time) const;
    /// Does what hand_edits() has under that id, to what is selected or to `pins`, at what is heard now. Says
    /// what came of it, or why nothing did. Whether it was done.
    bool edit(std::string_view id, ParamValues values = {}, std::optional<std::set<PinId>> pins = {});

    CommandContext& context_;
    Document& document_;
    ViewState& view_;
    Player& player_;
};

} // namespace pulsepin
