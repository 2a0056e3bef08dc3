// SPDX-License-Identifier: GPL-3.0-or-later
//
// How what a person waits for grows with the piece: one made family of projects, rung by rung, by pins, by
// lanes and by words. Each figure is the median of several runs in the real window (offscreen); beside it the
// exponent of its growth from the rung before: 1 grows as the rung does. With a file name, the figures are
// drawn there as SVG, too. --edits RUNG and --paints RUNG [12] do one thing over and over, for a profiler.
#include "drawing/timeline/timeline_view.h"
#include "interchange/project_json.h"
#include "measured.h"
#include "model/pin_edits.h"
#include "schedule/find_pins.h"
#include "shell/application.h"
#include "shell/main_window.h"
#include "support/projects.h"

#include <QApplication>
#include <QFile>
#include <QTextStream>
#include <array>
#include <map>

namespace {

using namespace pulsepin;
using namespace pulsepin::test;

constexpr double seconds_of_song = 3 * 3600;
constexpr double bpm = 120;

/// `pins` spread evenly over `lanes` lanes of three kinds and three hours.
Project made_project(int pins, int lanes) {
    Project project = steady_project(bpm, 0, seconds_of_song);
    const std::array kinds{kind_of(body_type<MarkerBody>), kind_of(body_type<CutBody>),
                           kind_of(body_type<TriggerBody>)};
    while (static_cast<int>(project.lanes.size()) < lanes)
        project = with_lane(project, kinds[project.lanes.size() % kinds.size()], "lane");
    std::vector<const Lane*> used;
    for (const auto& lane : project.lanes)
        if (std::ranges::find(kinds, lane->kind) != kinds.end() && static_cast<int>(used.size()) < lanes)
            used.push_back(&*lane);
    const double beats = seconds_of_song * bpm / 60;
    const int each = std::max(1, pins / static_cast<int>(used.size()));
    Project made = project;
    for (const Lane* lane : used) {
        std::vector<Pin> all;
        for (int i = 0; i < each; ++i) {
            Pin pin{{},
                    MusicalAnchor{Ticks(static_cast<std::int64_t>(beats * i / each * ticks_per_beat))},
                    lane->kind->empty_body(),
                    {}};
            if (auto* cut = pin.body.get_if<CutBody>())
                cut->shot = (*project.bin)[static_cast<std::size_t>(i % 6)].id;
            all.push_back(pin);
        }
        made = *with_pins(made, lane->id, all);
    }
    return made;
}

double memory_mb() {
    QFile status("/proc/self/status");
    if (!status.open(QIODevice::ReadOnly))
        return 0;
    for (const auto& line : QString(status.readAll()).split('\n'))
        if (line.startsWith("VmRSS"))
            return line.simplified().split(' ')[1].toDouble() / 1024;
    return 0;
}

using Measures = std::map<QString, double>; // by what was measured, in ms or MB

Measures measured(const Project& project, int runs) {
    Measures figures;
    std::string text;
    figures["write as text"] = milliseconds(runs, [&] { text = project_to_json(project, "/pieces"); });
    figures["read from text"] = milliseconds(runs, [&] { (void)project_from_json(text, "/pieces"); });
    figures["derive all"] = milliseconds(runs, [&] { (void)Schedule(project); });
    MainWindow window(Player::Device::None);
    window.resize(1280, 800);
    window.show();
    auto& document = window.document();
    document.apply(project, "begin");
    const Lane* lane = nullptr;
    for (const auto& one : document.project().lanes)
        if (one->pins.size() > 2)
            lane = &*one;
    const PinId pin = lane->pins[lane->pins.size() / 2].id;
    window.view().select({pin});
    QApplication::processEvents();
    int by = ticks_per_beat;
    figures["edit one pin in the window"] = milliseconds(2 * runs, [&] {
        by = -by;
        document.apply(moved_by(document.project(), std::array{pin}, Ticks(by)), "move");
    });
    figures["undo in the window"] = milliseconds(runs, [&] { document.undo(); });
    auto& timeline = window.timeline();
    for (const auto& [size, name] :
         {std::pair(QSize(1280, 492), "1280x800"), std::pair(QSize(2560, 1130), "2560x1440")}) {
        timeline.resize(size);
        QPixmap target(size);
        for (const auto& [from, until, zoom] :
             {std::tuple(0.0, seconds_of_song, "all"), std::tuple(5000.0, 5012.0, "12 s")})
            figures[QString("paint %1, %2").arg(zoom, name)] =
                milliseconds(2 * runs, [&, f = from, u = until] {
                    timeline.show_range(Seconds(f), Seconds(u));
                    timeline.render(&target);
                });
    }
    figures["select all"] = milliseconds(runs, [&] {
        window.view().select({});
        std::set<PinId> all;
        for (const PinId one : find_pins(document.schedule(), {}))
            all.insert(one);
        window.view().select(std::move(all));
    });
    figures["memory, MB"] = memory_mb();
    return figures;
}

struct Rung {
    int pins, lanes;
};
constexpr Rung rungs[] = {{100, 3}, {1000, 10}, {10'000, 30}, {100'000, 300}};

/// Both axes by tens; one line for each thing that was measured.
void draw(const QString& file, const std::vector<Measures>& all) {
    QFile out(file);
    if (!out.open(QIODevice::WriteOnly))
        return;
    constexpr double left = 60, top = 20, width = 560, height = 420, least = 0.01, most = 10'000;
    const auto x = [&](double pins) { return left + width * (std::log10(pins) - 2) / 3; };
    const auto y = [&](double ms) {
        return top +
               height * (1 - std::log10(std::clamp(ms, least, most) / least) / std::log10(most / least));
    };
    QTextStream svg(&out);
    svg << "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"900\" height=\"480\" font-family=\"Inter, "
           "sans-serif\" "
           "font-size=\"11\"><rect width=\"900\" height=\"480\" fill=\"#f7f2e6\"/>\n";
    for (double ms = least; ms <= most; ms *= 10)
        svg << QString("<path d=\"M%1 %2H%3\" stroke=\"#d3c6a8\"/><text x=\"%4\" y=\"%5\" "
                       "text-anchor=\"end\">%6</text>\n")
                   .arg(left)
                   .arg(y(ms))
                   .arg(left + width)
                   .arg(left - 6)
                   .arg(y(ms) + 4)
                   .arg(ms);
    for (const auto& rung : rungs)
        svg << QString("<text x=\"%1\" y=\"%2\" text-anchor=\"middle\">%3 pins, %4 lanes</text>\n")
                   .arg(x(rung.pins))
                   .arg(top + height + 18)
                   .arg(rung.pins)
                   .arg(rung.lanes);
    const char* const inks[] = {"#6b2a8a", "#66120a", "#985600", "#4f6b35", "#1f6d8c", "#252a33", "#0d7268"};
    int line = 0;
    for (const auto& [what, last] : all.back()) {
        QString points;
        for (std::size_t i = 0; i < all.size(); ++i)
            points += QString("%1,%2 ").arg(x(rungs[i].pins)).arg(y(all[i].at(what)));
        const char* ink = inks[line % 7];
        svg << QString("<polyline points=\"%1\" fill=\"none\" stroke=\"%2\" stroke-width=\"1.6\"%3/>\n")
                   .arg(points, ink, line >= 7 ? " stroke-dasharray=\"4 3\"" : "");
        svg << QString("<path d=\"M640 %1h24\" stroke=\"%2\" stroke-width=\"1.6\"%3/><text x=\"670\" "
                       "y=\"%4\">%5</text>\n")
                   .arg(30 + 18 * line)
                   .arg(ink, line >= 7 ? " stroke-dasharray=\"4 3\"" : "")
                   .arg(34 + 18 * line)
                   .arg(what.toHtmlEscaped());
        ++line;
    }
    svg << "</svg>\n";
}

} // namespace

int main(int argc, char** argv) {
    QApplication application(argc, argv);
    prepare_application(application);
    const auto yardstick = Yardstick::taken();
    std::printf("ms at 100, 1 000, 10 000 and 100 000 pins in 3, 10, 30 and 300 lanes over three hours; "
                "yardstick %.2f ms, "
                "memory %.2f ms\n\n| what | 100 | 1 000 | 10 000 | 100 000 | growth, last tenfold |\n| --- | "
                "--- | --- | --- "
                "| --- | --- |\n",
                yardstick.arithmetic_ms, yardstick.memory_ms);
    const QByteArray asked = argc > 2 ? argv[1] : "";
    if (asked == "--edits" || asked == "--paints") { // of one rung, to be looked at by a profiler
        const Rung& rung = rungs[std::clamp(QByteArray(argv[2]).toInt(), 0, 3)];
        MainWindow window(Player::Device::None);
        window.show();
        window.document().apply(made_project(rung.pins, rung.lanes), "begin");
        if (asked == "--paints") { // the whole piece, or twelve seconds of it
            window.timeline().resize(2560, 1130);
            const bool whole = argc < 4;
            QPixmap target(window.timeline().size());
            std::printf("%.2f ms\n", milliseconds(300, [&] {
                            window.timeline().show_range(Seconds(whole ? 0 : 5000),
                                                         Seconds(whole ? seconds_of_song : 5012));
                            window.timeline().render(&target);
                        }));
            return 0;
        }
        const PinId pin = window.document().project().lanes.back()->pins.front().id;
        window.view().select({pin});
        for (int i = 0; i < 2000; ++i)
            window.document().apply(
                moved_by(window.document().project(), std::array{pin}, Ticks(i % 2 ? -960 : 960)), "move");
        return 0;
    }
    std::vector<Measures> all;
    for (const auto& rung : rungs)
        all.push_back(measured(made_project(rung.pins, rung.lanes), rung.pins > 10'000 ? 3 : 9));
    for (const auto& [what, last] : all.back()) {
        std::printf("| %s ", qPrintable(what));
        for (const auto& figures : all)
            std::printf("| %.2f ", figures.at(what));
        std::printf("| %.2f |\n", std::log10(last / std::max(1e-6, all[all.size() - 2].at(what))));
    }
    if (argc > 1)
        draw(argv[1], all);
    return 0;
}
