// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "pages/details/detail_panel.h"
#include "pages/route_list.h"
#include "pages/stops/check_panel.h"
#include "pages/stops/export_panel.h"
#include "pages/stops/grid_panel.h"
#include "pages/stops/mark_panel.h"
#include "pages/stops/motion_panel.h"
#include "pages/stops/place_panel.h"
#include "pages/stops/song_panel.h"
#include "pages/stops/tap_panel.h"
#include "parts/narrow_look.h"
#include "picture/picture_room.h"

#include <QHBoxLayout>
#include <QStackedWidget>
#include <QTimer>
#include <QWidget>
#include <set>

namespace pulsepin {

/// What lies below the drawings: the route, the page of its stop, and what is selected. The picture may stand
/// at its end.
class Bench : public QWidget {
    Q_OBJECT
public:
    Bench(Document& document, ViewState& view);
    /// What lies in it is made when it lies in something itself: what is given to another when it is whole is
    /// looked through once more, down to its last part.
    void fill();

    [[nodiscard]] RouteList& route() const { return *route_; }
    [[nodiscard]] SongPanel& song() const { return *song_; }
    [[nodiscard]] GridPanel& grid() const { return *grid_; }
    [[nodiscard]] MarkPanel& mark() const { return *mark_; }
    [[nodiscard]] PlacePanel& place() const { return *place_; }
    [[nodiscard]] MotionPanel& motion() const { return *motion_; }
    [[nodiscard]] CheckPanel& check() const { return *check_; }
    [[nodiscard]] ExportPanel& exporting() const { return *export_; }
    [[nodiscard]] DetailPanel& detail() const { return *detail_; }
    [[nodiscard]] TapPanel& taps() const { return *taps_; }
    [[nodiscard]] QHBoxLayout& row() const { return *row_; } ///< the picture is put at its end
    [[nodiscard]] StopPanel* current_stop() const;
    [[nodiscard]] NarrowLook& narrow_look() { return look_; }

    /// The project changed: the stop that is open shows it at once, the others when edits pause (a drag makes
    /// many), or when they are opened.
    void refresh();
    void refresh_stops(); ///< all of them, at once
    /// Where the picture is elsewhere, what is selected has its room; in a narrow window all draw together,
    /// so that nothing lies out of sight.
    void give_room(PicturePlace picture);

signals:
    void stop_changed();

private:
    void go_to(int stop);
    void catch_up(StopPanel* stop);
    void catch_up_one(); ///< of the stops that are not open, a turn of the event loop each
    void show_detail();

    Document& document_;
    ViewState& view_;
    QHBoxLayout* row_;
    NarrowLook look_{this};
    RouteList* route_ = nullptr;
    QStackedWidget* stack_ = nullptr;
    QStackedWidget* details_ = nullptr;
    std::vector<StopPanel*> stops_;
    std::set<StopPanel*> behind_; ///< show the project as it was before the last edits
    QTimer* pause_ = nullptr;
    SongPanel* song_ = nullptr;
    GridPanel* grid_ = nullptr;
    MarkPanel* mark_ = nullptr;
    PlacePanel* place_ = nullptr;
    MotionPanel* motion_ = nullptr;
    CheckPanel* check_ = nullptr;
    ExportPanel* export_ = nullptr;
    DetailPanel* detail_ = nullptr;
    TapPanel* taps_ = nullptr;
};

} // namespace pulsepin
