// SPDX-License-Identifier: GPL-3.0-or-later
//
// What is handed on of an hour with ten thousand pins, and what comes in of ten thousand cuts: processor
// time, and how much memory each takes besides.
#include "hand/bring_in.h"
#include "interchange/exporters.h"
#include "interchange/list_readers.h"
#include "kinds/kinds.h"
#include "kinds/layer_kinds.h"
#include "measured.h"
#include "model/edits.h"
#include "model/lane_edits.h"
#include "model/pin_edits.h"
#include "model/stage_edits.h"
#include "support/projects.h"

#include <ctime>
#include <fstream>
#include <sys/resource.h>

namespace {

using namespace pulsepin;
using namespace pulsepin::test;

double processor_ms() {
    timespec now{};
    clock_gettime(CLOCK_PROCESS_CPUTIME_ID, &now);
    return static_cast<double>(now.tv_sec) * 1e3 + static_cast<double>(now.tv_nsec) * 1e-6;
}

/// The most that this process had so far; asked anew after forget_peak().
double peak_mb() {
    std::ifstream status("/proc/self/status");
    for (std::string line; std::getline(status, line);)
        if (line.starts_with("VmHWM:"))
            return std::stod(line.substr(6)) / 1024;
    return 0;
}
void forget_peak() {
    std::ofstream("/proc/self/clear_refs") << "5";
}

/// Cuts, markers, triggers and keys on the beats of an hour at 59.94 frames a second: ten thousand pins.
Project hour() {
    Project project = steady_project(170, 0.1, 3600, "59.94");
    project = with_lane(project, kind_of(body_type<TriggerBody>), "Flash");
    std::vector<Pin> cuts, markers, triggers;
    for (int i = 0; i < 2500; ++i) {
        const auto at = [&](int beat) { return MusicalAnchor{Ticks((i * 4 + beat) * ticks_per_beat)}; };
        cuts.push_back({{}, at(0), CutBody{(*project.bin)[static_cast<std::size_t>(i % 6)].id, {}}, {}});
        markers.push_back({{}, at(1), MarkerBody{"m", ""}, {}});
        triggers.push_back({{}, at(2), TriggerBody{}, {}});
    }
    project = *with_pins(project, lane_of_kind(project, kind_of(body_type<CutBody>)), cuts);
    project = *with_pins(project, lane_of_kind(project, kind_of(body_type<MarkerBody>)), markers);
    project = *with_pins(project, lane_of_kind(project, kind_of(body_type<TriggerBody>)), triggers);
    // A shape whose size and place are driven by keys and by pulses.
    Layer disc{{}, layers::shape, "Disc"};
    project = *with_layer(project, disc);
    const LayerId layer = project.stage->layers.back().id;
    for (const auto& [kind, parameter] : {std::pair(kind_of(body_type<KeyBody>), "position-x"),
                                          std::pair(kind_of(body_type<PulseBody>), "scale")}) {
        project = with_lane(project, kind, parameter);
        const LaneId lane = project.lanes.back()->id;
        Motion motion = *part_of<Motion>(*project.lanes.back());
        motion.own = {parameter, "", 0, 100, {layer, parameter}};
        project = *with_motion(project, lane, motion);
        std::vector<Pin> pins;
        for (int i = 0; i < 1250; ++i) {
            const MusicalAnchor at{Ticks(i * 8 * ticks_per_beat)};
            if (holds<KeyBody>(kind))
                pins.push_back({{}, at, KeyBody{static_cast<double>(i % 2 * 100), {}}, {}});
            else
                pins.push_back({{}, at, PulseBody{}, {}});
        }
        project = *with_pins(project, lane, pins);
    }
    return project;
}

} // namespace

int main() {
    BenchTable table;
    const Project project = hour();
    const Curves curves{Schedule(project)};
    std::printf("\nAn hour of 10 000 pins at 59.94, processor time; MB besides what is there:\n");
    for (const auto& row : exporters()) {
        forget_peak();
        const double before = peak_mb(), began = processor_ms();
        std::size_t bytes = 0;
        std::string why;
        {
            const auto text = row.write(ExportMaterial(curves));
            bytes = text ? text->size() : 0;
            why = text ? "" : text.error().what;
        }
        const double took = processor_ms() - began, more = peak_mb() - before;
        if (bytes == 0) {
            std::printf("| %s | - | | %s |\n", std::string(row.id).c_str(), why.c_str());
            continue;
        }
        table.measure(QString::fromStdString(std::string(row.id)) +
                          QString(", %1 MB written, %2 MB taken")
                              .arg(static_cast<double>(bytes) / 1e6, 0, 'f', 1)
                              .arg(more, 0, 'f', 0),
                      row.id == "lottie" ? 15'000 : 2000, // it stages each of 216 000 pictures
                      [&] { return took; });
        if (more > 300)
            table.fail(QString("%1 MB for %2").arg(more).arg(QString::fromStdString(std::string(row.id))));
    }

    Project cut = steady_project(170, 0.1, 7200, "25");
    std::vector<Pin> cuts;
    for (int i = 0; i < 10'000; ++i)
        cuts.push_back({{},
                        TimeAnchor{Seconds(i * 0.7)},
                        CutBody{(*cut.bin)[static_cast<std::size_t>(i % 6)].id, {}},
                        {}});
    cut = *with_pins(cut, lane_of_kind(cut, kind_of(body_type<CutBody>)), cuts);
    Project empty = cut;
    empty.lanes.clear();
    for (const char* id : {"otio", "mlt", "csv"}) {
        const auto* row = exporter(id);
        const auto text = row->write(ExportMaterial(cut));
        if (!text)
            continue;
        const auto* reader = list_reader_of("a." + std::string(id));
        table.row(QString("bring in 10 000 cuts from %1").arg(id), 3, 1000, [&] {
            const auto list =
                reader->read(*text, {cut.settings->frame_rate, completed({}, reader->parameters)});
            if (!list || !with_brought(empty, *list, {}))
                table.fail(QString("bring in %1").arg(id));
        });
    }
    return table.outcome();
}
