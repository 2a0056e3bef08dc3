// SPDX-License-Identifier: GPL-3.0-or-later
//
// What checking costs: the report of many pins, what is found in them, and the flashes of the demo on one
// core.
#include "check/checks.h"
#include "interchange/exporters.h"
#include "interchange/project_file.h"
#include "kinds/kinds.h"
#include "measured.h"
#include "model/edits.h"
#include "model/history.h"
#include "model/lane_edits.h"
#include "model/pin_edits.h"
#include "render/flash_run.h"
#include "render/report_pages.h"
#include "schedule/piece_length.h"
#include "shell/application.h"

#include <QApplication>
#include <random>
#include <sched.h>

namespace {

using namespace pulsepin;
using namespace pulsepin::test;

/// An hour with 10 000 pins: cuts, triggers and pulses on beats and beside them, and as many onsets.
Project many_pins() {
    Project project = new_project();
    project = with_song(project, {"/song.wav", "song", 48000, Samples(std::int64_t{48000} * 3600), "f"});
    project = relabelled(project, *BeatGrid::steady(Bpm(120), Seconds(0), {}, Seconds(3600)));
    Detection found;
    OnsetRow row;
    row.name = "everything";
    for (int i = 0; i < 10'000; ++i)
        row.onsets.push_back({Seconds(i * 0.36), 1});
    found.rows = {row};
    project = with_detection(project, found, false);
    std::vector<Clip> clips;
    clips.push_back({{}, "shot", "/shot.webm", Seconds(4000), 640, 360});
    project = with_clips(project, clips);
    project = with_lane(project, kind_of(body_type<TriggerBody>), "Flash");
    const LaneId flash = project.lanes.back()->id;
    project = with_lane(project, kind_of(body_type<PulseBody>), "Scale");
    const LaneId scale = project.lanes.back()->id;
    const LaneId cuts = project.first_lane(body_type<CutBody>)->id;
    std::mt19937 random(1);
    for (const auto& [lane, count] :
         {std::pair(cuts, 3000), std::pair(flash, 4000), std::pair(scale, 3000)}) {
        std::vector<Pin> pins;
        for (int i = 0; i < count; ++i) {
            const auto tick = static_cast<std::int64_t>(random() % 7000) * 960;
            PinBody body = PulseBody{};
            if (lane == cuts)
                body = CutBody{project.bin->front().id, Seconds(0)};
            else if (lane == flash)
                body = TriggerBody{};
            Anchor anchor = MusicalAnchor{Ticks(tick)};
            if (i % 10 == 0)
                anchor = TimeAnchor{Seconds(static_cast<double>(random() % 3'600'000) / 1000)};
            pins.push_back({{}, anchor, std::move(body), {}});
        }
        project = *with_pins(project, lane, std::move(pins));
    }
    return project;
}

void bench_report(BenchTable& table) {
    const Project project = many_pins();
    CheckMaterial material;
    material.curves = Curves{Schedule(project)};
    table.row("sync report of 10 000 pins", 25, 16, [&] { (void)sync_report(material.schedule()); });
    const auto rows = sync_report(material.schedule());
    table.row("what is found in 10 000 pins (in the background)", 5, 200, [&] { (void)findings(material); });
    const auto found = findings(material);
    table.row("the same as pages to print (in the background)", 3, {},
              [&] { (void)report_pages(material, rows, found); });
}

void bench_flashes(BenchTable& table) {
    cpu_set_t one;
    CPU_ZERO(&one);
    CPU_SET(0, &one);
    if (sched_setaffinity(0, sizeof one, &one) != 0)
        return table.fail("one core alone");
    for (const char* name : {"kite-day", "kite-day-in-motion"}) {
        const auto project = load_project(std::string(PULSEPIN_DEMO "/") + name + ".pulsepin");
        if (!project)
            return table.fail(name);
        const auto curves = curves_of_project(*project);
        if (!curves)
            return table.fail(name);
        const double seconds = piece_end(*project).value;
        double times = 0;
        table.measure(QString("flashes of %1, a second of it on one core").arg(name), 1000.0 / 8, [&] {
            const double ms = milliseconds(1, [&] { (void)FlashRun{*curves}.measure(); });
            times = seconds * 1000 / ms;
            return ms / seconds;
        });
        std::printf("\n%s: %.1f times real time on one core\n\n", name, times);
    }
    const QSize size(320, 180);
    FlashMeter meter(size.width(), size.height(), *FrameRate::make(24, 1));
    std::vector<std::uint8_t> light(static_cast<std::size_t>(size.width() * size.height() * 4), 230),
        dark(light.size(), 20);
    int turn = 0;
    table.row("the meter alone, a frame of 320 x 180 that flashes", 100, 4,
              [&] { (void)meter.add(++turn % 2 ? light : dark); });
}

} // namespace

int main(int argc, char** argv) {
    QApplication application(argc, argv);
    prepare_application(application);
    BenchTable table;
    bench_report(table);
    bench_flashes(table);
    return table.outcome();
}
