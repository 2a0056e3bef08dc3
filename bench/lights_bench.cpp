// SPDX-License-Identifier: GPL-3.0-or-later
//
// What a large show costs: 512 lamps in four universes, all of them lit in changing patterns, sent 44 times a
// second to this computer for ten seconds. Tells the share of one core that the whole program takes, and how
// late the first packet of each change leaves.
#include "hand/light_hand.h"
#include "kinds/kinds.h"
#include "model/lane_edits.h"
#include "model/rig_edits.h"
#include "show/light_show.h"
#include "wires/sacn.h"

#include <algorithm>
#include <cstdio>
#include <ctime>
#include <mutex>
#include <thread>

using namespace pulsepin;

namespace {

double processor_seconds() {
    timespec now{};
    clock_gettime(CLOCK_PROCESS_CPUTIME_ID, &now);
    return static_cast<double>(now.tv_sec) + static_cast<double>(now.tv_nsec) * 1e-9;
}

Project large_show() {
    Project project = new_project();
    project.grid =
        std::make_shared<const BeatGrid>(*BeatGrid::steady(Bpm(128), Seconds(0), {4}, Seconds(600)));
    Fixture like;
    like.kind = Fixture::Kind::Rgbw;
    std::vector<LampId> groups;
    for (int i = 0; i < 8; ++i) {
        project = *with_lamps(
            project, {.name = "bar " + std::to_string(i + 1), .count = 64, .y = 10.0 + 10 * i, .like = like});
        groups.push_back(project.rig->groups.back().id);
    }
    project = with_lane(project, kind_of(body_type<LightBody>), "Lights");
    const LaneId lane = project.lanes.back()->id;
    for (int beat = 0; beat < 400; ++beat) {
        LightBody body;
        body.from = {static_cast<std::uint32_t>(beat * 2654435761u >> 8)};
        body.to = {0};
        body.length = {Length::Unit::InBeats, 2};
        body.each = 1.0 / 32;
        body.pattern = static_cast<LightBody::Pattern>(beat % 6);
        project = *with_light(project, lane, {groups[static_cast<std::size_t>(beat % 8)]},
                              MusicalAnchor{Ticks(beat * ticks_per_beat), Frames(0)}, body);
    }
    return project;
}

} // namespace

int main() {
    constexpr double run = 10; // seconds
    const Project project = large_show();
    std::mutex mutex;
    std::uint64_t packets = 0;
    LightShow show("bench");
    show.set_recorder([&](const SentPacket&) {
        const std::lock_guard lock(mutex);
        ++packets;
    });
    show.show(Curves{Schedule(project)});
    show.hear(true, Seconds(0));
    const double before = processor_seconds();
    const auto start = std::chrono::steady_clock::now();
    show.begin();
    while (std::chrono::duration<double>(std::chrono::steady_clock::now() - start).count() < run)
        std::this_thread::sleep_for(std::chrono::milliseconds(100));
    show.end();
    const double wall = std::chrono::duration<double>(std::chrono::steady_clock::now() - start).count();
    const double share = 100 * (processor_seconds() - before) / wall;
    std::printf("%zu lamps, %.1f packets a second over 4 universes, %.2f %% of a core (limit 5)\n",
                project.rig->fixtures.size(), static_cast<double>(packets) / wall, share);
    return share < 5 ? 0 : 1;
}
