// SPDX-License-Identifier: GPL-3.0-or-later
//
// Edits by hand, one after the other, as bytes tell which, of what and with what values. No edit breaks what
// holds of a project; what it makes is saved and read again as it was; undone, all is as at the start.
#include "fields/within_limits.h"
#include "hand/hand_edits.h"
#include "interchange/project_json.h"
#include "kinds/kinds.h"
#include "model/edits.h"
#include "model/history.h"
#include "use_grid.h"

#include <algorithm>
#include <cstdint>
#include <cstdio>
#include <cstring>

namespace {

using namespace pulsepin;

/// What is told, byte by byte; zeros after its end.
struct Told {
    const std::uint8_t* next;
    const std::uint8_t* end;
    [[nodiscard]] bool more() const { return next < end; }
    std::uint8_t byte() { return next < end ? *next++ : std::uint8_t{0}; }
    /// From least to most; now and then one of them.
    double within(double least, double most) {
        const std::uint8_t way = byte();
        return way == 0 ? least : way == 255 ? most : least + (most - least) * (way + byte() / 256.0) / 255.0;
    }
};

ParamValue value_of(Told& told, const ParamSpec& spec, const Project& project) {
    switch (spec.type) {
    case ParamType::Number:
        return told.within(spec.least, spec.most);
    case ParamType::Whole: { // mostly few: a thousand lamps take their time, and break nothing that ten do
                             // not
        const std::uint8_t way = told.byte();
        constexpr std::uint8_t few = 16;
        return way % 8 == 0 ? std::floor(told.within(spec.least, spec.most))
                            : std::clamp<double>(way / few, spec.least, spec.most);
    }
    case ParamType::Switch:
        return static_cast<double>(told.byte() % 2);
    case ParamType::Choice:
        return spec.choices.empty() ? std::string()
                                    : std::string(spec.choices[told.byte() % spec.choices.size()].id);
    case ParamType::Lane:
        return project.lanes.empty() ? LaneId{} : project.lanes[told.byte() % project.lanes.size()]->id;
    case ParamType::Colour:
        return Colour{static_cast<std::uint32_t>(told.byte() * 0x10203 & 0xffffff)};
    case ParamType::Shot:
        return project.bin->empty() ? ClipId{} : (*project.bin)[told.byte() % project.bin->size()].id;
    case ParamType::Length:
        return Length{spec.units.empty() ? Length::Unit::InBeats
                                         : spec.units[told.byte() % spec.units.size()],
                      told.within(0, 64)};
    case ParamType::Steps: {
        std::vector<bool> steps(told.byte() % 17);
        for (std::size_t i = 0; i < steps.size(); ++i)
            steps[i] = told.byte() % 2 == 0;
        return steps;
    }
    case ParamType::Curve:
        return Easing{};
    case ParamType::Text:
    case ParamType::OnsetRow:
    case ParamType::OnsetRows:
    case ParamType::Sound:
        break;
    }
    static const char* const texts[] = {
        "",     "1",    "1.1",     "-4",     "3/4", "kick",         "Shots", "Camera", "scale", "120",
        "blur", "disc", "1.1-5.1", "50,100", "x",   "Words of two", "song",  "sum",    "lane 3"};
    return std::string(texts[told.byte() % std::size(texts)]);
}

Project start() {
    Project project = new_project();
    project = with_song(project, {"/song.wav", "song", 48000, Samples(48000 * 30), "f"});
    project = relabelled(project, *BeatGrid::steady(Bpm(120), Seconds(0), {}, Seconds(30)));
    project = with_clips(project, {{{}, "one", "/one.webm", Seconds(9), 640, 360},
                                   {{}, "two", "/two.webm", Seconds(3), 640, 360}});
    for (const auto& kind : lane_kinds())
        project = with_lane(project, kind, "lane");
    const auto lanes = project.lanes;
    for (const auto& lane : lanes) {
        std::vector<Pin> pins;
        for (int i = 0; i < 4; ++i)
            pins.push_back({{}, MusicalAnchor{Ticks(i * 2 * ticks_per_beat)}, lane->kind->empty_body(), {}});
        auto more = with_pins(project, lane->id, pins);
        if (more && project_from_json(project_to_json(*more, "/tmp"), "/tmp")) // a sound needs its file
            project = *std::move(more);
    }
    return project;
}

} // namespace

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    static const Project begun = start();
    static const bool tell = std::getenv("PULSEPIN_TELL") != nullptr; // the edits, for one that fails
    Told told{data, data + size};
    History history(begun);
    PinSet selected;
    constexpr int most_edits = 24;
    for (int i = 0; told.more() && i < most_edits; ++i) {
        const Project now = history.current();
        const Schedule schedule(now);
        if (told.byte() % 2 == 0) { // some pins of a lane
            selected = {};
            const auto& pins = now.lanes[told.byte() % now.lanes.size()]->pins;
            const std::uint8_t which = told.byte();
            for (std::size_t p = 0; p < std::min<std::size_t>(8, pins.size()); ++p)
                if (which >> p & 1)
                    selected.insert(pins[p].id);
        }
        PinSet there; // of those alone, as the window does
        for (const PinId pin : selected)
            if (now.pin(pin))
                there.insert(pin);
        selected = std::move(there);
        const auto& edit = hand_edits()[told.byte() % hand_edits().size()];
        ParamValues values;
        for (const auto& spec : parameters_of(edit, now, selected))
            if (told.byte() % 4 != 0)
                values.set(spec.id, value_of(told, spec, now));
        const Seconds at(told.within(0, 32));
        if (tell)
            std::fprintf(stderr, "%s\n", edit.id.data());
        const auto edited = edit.run({schedule, selected, at, at, {}, values_for(edit, values)});
        if (!edited) {
            fuzz::demand(!edited.error().what.empty() || edited.error().cancelled());
            continue;
        }
        if (now.lanes.empty() || edited->project.lanes.empty() || beyond_limits(edited->project, now))
            continue; // the window refuses it
        history.push(edited->project, std::string(edit.label));
        if (!edited->selected.empty())
            selected = edited->selected;
    }
    const Project last = history.current();
    (void)Schedule(last);
    const std::string written = project_to_json(last, "/tmp");
    const auto again = project_from_json(written, "/tmp");
    fuzz::demand(again && project_to_json(*again, "/tmp") == written);
    int steps = 0;
    for (; history.can_undo(); ++steps)
        history.undo();
    fuzz::demand(same_content(history.current(), begun));
    for (; steps > 0; --steps)
        history.redo();
    fuzz::demand(same_content(history.current(), last));
    return 0;
}
