// SPDX-License-Identifier: GPL-3.0-or-later
#include "tour.h"

#include "model/lane_kinds.h"

#include <QApplication>
#include <QDir>
#include <QElapsedTimer>
#include <QEventLoop>
#include <QPushButton>
#include <cstdio>

namespace pulsepin {
namespace {

class Tour {
public:
    Tour(MainWindow& window, QString folder) : window_(window), folder_(std::move(folder)) {
        QDir().mkpath(folder_);
    }

    bool run() {
        if (!step("open the demo", wait([&] { return window_.document().sound() != nullptr; })))
            return false;
        window_.go_to_stop(MainWindow::SongStop);
        window_.view().set_playhead(Seconds(16.5));
        wait([this] { return window_.preview().shown().exact; });
        picture("song");

        window_.go_to_stop(MainWindow::GridStop);
        window_.findChild<QPushButton*>("detect")->click();
        if (!step("find the beats", wait([&] { return !window_.document().jobs().busy(); }) &&
                                        window_.document().project().grid))
            return false;
        go_to(5, 3);
        picture("grid");

        window_.go_to_stop(MainWindow::PlaceStop);
        window_.view().set_range(TimeRange{time_of_bar(13), time_of_bar(21)});
        show_bars(11, 20);
        go_to(12, 3);
        picture("place");
        const auto before = cuts();
        window_.findChild<QPushButton*>("place")->click();
        if (!step("place cuts on every second beat", cuts() > before))
            return false;
        go_to(15, 2);
        select_cut_at_playhead();
        window_.view().set_range(TimeRange{time_of_bar(21), time_of_bar(25)});
        show_bars(14, 23);
        picture("timeline");

        window_.go_to_stop(MainWindow::ExportStop);
        bool written = true;
        for (const auto& row : exporters())
            written = window_.export_panel().write(row, folder_ + "/kite-day." +
                                                            QString::fromUtf8(row.extension.data())) &&
                      written;
        window_.timeline().show_all();
        picture("export");
        return step("export", written);
    }

private:
    bool wait(const std::function<bool()>& done) {
        QElapsedTimer clock;
        clock.start();
        while (!done() && clock.elapsed() < 60'000)
            QApplication::processEvents(QEventLoop::WaitForMoreEvents | QEventLoop::AllEvents, 50);
        return done();
    }

    bool step(const char* what, bool done) {
        std::printf("%s: %s\n", what, done ? "done" : "failed");
        std::fflush(stdout);
        return done;
    }

    std::size_t cuts() const { return window_.document().project().first_lane(LaneKind::Cut)->pins.size(); }

    Seconds time_of_bar(std::int64_t bar, int beat = 1) const {
        const auto& grid = *window_.document().project().grid;
        return grid.time_at(grid.ticks_of({bar, beat, 0}));
    }

    void show_bars(std::int64_t from, std::int64_t until) {
        window_.timeline().show_range(time_of_bar(from) - Seconds(0.4), time_of_bar(until));
    }

    void go_to(std::int64_t bar, int beat) {
        window_.view().set_playhead(time_of_bar(bar, beat) + Seconds(0.12));
        window_.timeline().reveal(window_.view().playhead());
        wait([this] { return window_.preview().shown().exact; });
    }

    void select_cut_at_playhead() {
        const auto rate = window_.document().project().settings->frame_rate;
        if (const auto* shot =
                shot_at(window_.document().shown_shots(), rate.frame_at(window_.view().playhead())))
            window_.view().select({shot->cut});
    }

    void picture(const QString& name) {
        for (int i = 0; i < 4; ++i)
            QApplication::processEvents(QEventLoop::AllEvents, 50);
        window_.grab().save(QString("%1/%2.png").arg(folder_, name));
    }

    MainWindow& window_;
    QString folder_;
};

} // namespace

void start_tour(MainWindow& window, const QString& folder) {
    QTimer::singleShot(0, &window,
                       [&window, folder] { QApplication::exit(Tour(window, folder).run() ? 0 : 1); });
}

} // namespace pulsepin
