// SPDX-License-Identifier: GPL-3.0-or-later
//
// What is driven as it is handed on: tables, JSON, lines of text, and Lottie as rlottie (Debian's librlottie)
// draws it.
#include "interchange/exporters.h"
#include "interchange/property_keys.h"
#include "kinds/kinds.h"
#include "kinds/layer_kinds.h"
#include "model/key_edits.h"
#include "model/lane_edits.h"
#include "model/pin_edits.h"
#include "model/stage_edits.h"
#include "render/composed.h"
#include "schedule/pulses.h"
#include "support/projects.h"
#include "support/test_program.h"

#include <QApplication>
#include <QTest>
#include <nlohmann/json.hpp>
#include <rlottie.h>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

Pulse of_library(const char* name) {
    for (const auto& pulse : pulse_library())
        if (pulse.name == name)
            return pulse;
    qFatal("there is no pulse %s", name);
}

LaneId add_pulses(Project& project, const Feed& own, const char* pulse, const std::vector<int>& beats) {
    project = with_lane(project, kind_of(body_type<PulseBody>), own.property);
    const LaneId id = project.lanes.back()->id;
    Motion motion;
    motion.own = own;
    motion.pulse = of_library(pulse);
    project = *with_motion(project, id, motion);
    std::vector<Pin> pins;
    for (const int beat : beats)
        pins.push_back({{}, MusicalAnchor{Ticks(960 * beat)}, PulseBody{}, {}});
    project = *with_pins(project, id, pins);
    return id;
}

LaneId add_wave(Project& project, const Feed& own) {
    project = with_lane(project, kind_that_follows(), own.property);
    const LaneId id = project.lanes.back()->id;
    Motion motion;
    motion.own = own;
    motion.follower.source = "wave";
    project = *with_motion(project, id, motion);
    return id;
}

Curves curves_of(const Project& project) {
    Listening listening;
    return {Schedule(project), std::make_shared<const FollowerCurves>(*follow(project, {}, listening))};
}

ExportMaterial material_of(const Project& project) {
    return ExportMaterial(curves_of(project));
}

std::string text_of(const Project& project, LaneId lane, const ScheduleText& how) {
    const Lane& of = *project.lane(lane);
    const auto text = schedule_text(curves_of(project), of, part_of<Motion>(of)->own, how);
    return text ? *text : text.error().message();
}

struct Seen {
    double x = 0, y = 0; ///< the middle of what is lit
    double light = 0;
};

template <class At>
Seen seen_in(int width, int height, At at) {
    Seen seen;
    for (int y = 0; y < height; ++y)
        for (int x = 0; x < width; ++x) {
            const double light = at(x, y);
            seen.light += light;
            seen.x += light * x;
            seen.y += light * y;
        }
    seen.x /= seen.light;
    seen.y /= seen.light;
    return seen;
}

} // namespace

class TestMotionExports : public QObject {
    Q_OBJECT

private slots:
    // Common practice: base 0.8, 0.25 for exactly one frame on the hit, then back.
    void a_dip_as_one_line_of_text() {
        auto project = steady_project(120, 0, 10);
        const auto lane = add_pulses(project, {"zoom", "", 0.8, 0.25}, "dip", {4, 8});
        ScheduleText how;
        how.pattern = "{frame}:({value})";
        // To a reader that goes straight from key to key, the frame before says that it stays until there.
        QCOMPARE(
            text_of(project, lane, how),
            std::string(
                "0:(0.80), 47:(0.80), 48:(0.25), 49:(0.80), 95:(0.80), 96:(0.25), 97:(0.80), 239:(0.80)"));
        how.keys = ScheduleText::Keys::AsTheyAre;
        how.separator = "\t";
        how.decimals = 1;
        how.pattern = "{property} {frame}={value} {easing}";
        QCOMPARE(
            text_of(project, lane, how),
            std::string(
                "zoom 0=0.8 linear\tzoom 48=0.2 hold\tzoom 49=0.8 hold\tzoom 96=0.2 hold\tzoom 97=0.8 hold"));
        how.keys = ScheduleText::Keys::EachFrame;
        how.pattern = "{value}";
        how.separator = ",";
        QCOMPARE(QString::fromStdString(text_of(project, lane, how)).split(',').size(), qsizetype{240});
        how.pattern = "{frme}";
        QVERIFY(text_of(project, lane, how).find("{frme}") != std::string::npos);
        how.pattern = "{frame";
        QVERIFY(text_of(project, lane, how).find('}') != std::string::npos);
    }

    void straight_keys_say_the_same_as_the_curve() {
        auto project = steady_project(120, 0, 10);
        const auto lane = add_pulses(project, {"scale", "%", 100, 130}, "gust", {3, 6, 7, 12});
        ScheduleText how;
        how.pattern = "{frame} {value}";
        how.separator = "\n";
        std::vector<CurveKey> keys;
        for (const auto& line : QString::fromStdString(text_of(project, lane, how)).split('\n')) {
            const auto parts = line.split(' ');
            keys.push_back({Frames(parts[0].toInt()), parts[1].toDouble(), {}});
        }
        const KeyCurve straight(keys);
        const MotionCurve curve(project, *project.lane(lane), resolve(project, *project.lane(lane)));
        for (int frame = 0; frame < 240; ++frame)
            QVERIFY(std::abs(straight.value_at(frame) - curve.value_at(frame)) <= 0.0101);
    }

    void feeds_are_tables_of_their_own() {
        auto project = steady_project(120, 0, 10);
        const auto lane = add_pulses(project, {"blur", "px", 0, 150}, "hit", {4});
        Motion motion = *part_of<Motion>(*project.lane(lane));
        motion.feeds = {{"shake", "px", 0, 75},
                        {"limit", "", 120, -30, {}, Feed::Limits{0, 255}},
                        {"early", "", 0, 1, {}, {}, Frames(3)}};
        project = *with_motion(project, lane, motion);
        const auto all = keys_of_properties({Schedule(project)});
        QCOMPARE(all.size(), std::size_t{4});
        const auto value = [](const PropertyKeys& keys, std::int64_t frame) {
            for (const auto& key : keys.keys)
                if (key.frame.value == frame)
                    return key.value;
            return -1000.0;
        };
        QCOMPARE(value(all[0], 49), 150.0);
        QCOMPARE(value(all[1], 49), 75.0);
        QCOMPARE(value(all[2], 49), 0.0);               // cut off: 120 - 150 is below its range
        QCOMPARE(all[2].keys.size(), std::size_t{240}); // which no easing says
        QCOMPARE(value(all[3], 46), 1.0);               // three frames earlier
        const auto csv =
            QString::fromStdString(*exporter("frames-csv")->write(project)).split("\r\n", Qt::SkipEmptyParts);
        QCOMPARE(csv.size(), qsizetype{241});
        QCOMPARE(csv[0], QString("frame,seconds,blur,blur: shake,blur: limit,blur: early"));
        QCOMPARE(csv[50], QString("49,2.041667,150,75,0,0.0761205"));
    }

    void json_says_frame_time_value_and_easing() {
        auto project = steady_project(120, 0, 10);
        add_pulses(project, {"scale", "%", 100, 130}, "arrival", {4});
        const auto wave = add_wave(project, {"zoom", "%", 100, 104});
        const auto keys = nlohmann::json::parse(*exporter("keys-json")->write(material_of(project)));
        QCOMPARE(keys["frame_rate"].get<std::string>(), std::string("24/1"));
        QCOMPARE(keys["properties"].size(), std::size_t{2});
        const auto& scale = keys["properties"][0]["keys"];
        QCOMPARE(scale[1]["frame"].get<int>(), 48);
        QCOMPARE(scale[1]["time"].get<double>(), 2.0);
        QCOMPARE(scale[1]["value"].get<double>(), 130.0);
        QCOMPARE(scale[1]["easing"].get<std::string>(), std::string("sine-in-out"));
        const auto frames = nlohmann::json::parse(*exporter("frames-json")->write(material_of(project)));
        QCOMPARE(frames["properties"][1]["keys"].size(), std::size_t{240});
        QVERIFY(std::abs(frames["properties"][1]["keys"][24]["value"].get<double>() - 104) < 1e-4);
        // A muted lane drives nothing and is not written.
        project = *with_mute_and_solo(project, wave, true, false);
        QCOMPARE(
            nlohmann::json::parse(*exporter("keys-json")->write(material_of(project)))["properties"].size(),
            std::size_t{1});
    }

    void lottie_is_drawn_by_rlottie_where_the_preview_draws_it() {
        auto project = steady_project(120, 0, 10);
        Layer kite{{}, layers::shape, "Kite"};
        kite.shape = "square";
        kite.colour = {0xffffff};
        kite.values = {{"position-x", -100}, {"position-y", 60}, {"rotation", 20}};
        project = *with_layer(project, kite);
        const LayerId id = project.stage->layers[1].id, camera = project.stage->layers.back().id;
        const auto scale =
            add_pulses(project, {"scale", "%", 100, 160, {id, "scale"}}, "gust", {2, 4, 8, 9, 14});
        Motion motion = *part_of<Motion>(*project.lane(scale));
        motion.feeds = {{"x", "px", -100, 220, {id, "position-x"}},
                        {"opacity", "%", 100, 40, {id, "opacity"}}};
        project = *with_motion(project, scale, motion);
        add_wave(project, {"zoom", "%", 100, 130, {camera, "scale"}});
        const auto turn = add_wave(project, {"turn", "°", 0, 25, {camera, "rotation"}});
        motion = *part_of<Motion>(*project.lane(turn));
        motion.feeds = {{"pan", "px", 0, 80, {camera, "position-x"}}};
        project = *with_motion(project, turn, motion);
        const auto text = exporter("lottie")->write(material_of(project));
        QVERIFY2(text.has_value(), text ? "" : text.error().message().c_str());
        const auto animation = rlottie::Animation::loadFromData(*text, "kite");
        QVERIFY(animation != nullptr);
        QCOMPARE(animation->frameRate(), 24.0);
        QCOMPARE(static_cast<int>(animation->totalFrame()), 240);
        const Curves curves = curves_of(project);
        constexpr std::size_t width = 640, height = 360;
        std::vector<std::uint32_t> buffer(width * height);
        int moved = 0;
        double last_x = -1;
        for (int frame = 0; frame < 216;
             frame += frame % 12 == 0 ? 1 : 11) { // on each beat and just after it
            std::fill(buffer.begin(), buffer.end(), 0u);
            animation->renderSync(static_cast<std::size_t>(frame),
                                  rlottie::Surface(buffer.data(), width, height, width * 4));
            const auto theirs = seen_in(width, height, [&](int x, int y) {
                return (buffer[static_cast<std::size_t>(y) * width + static_cast<std::size_t>(x)] & 255u) /
                       255.0;
            });
            const QImage image = composed(staged_at(curves, Frames(frame)), {width, height});
            const auto ours =
                seen_in(width, height, [&](int x, int y) { return qBlue(image.pixel(x, y)) / 255.0; });
            const auto told = QString("frame %1: %2 %3 %4 against %5 %6 %7")
                                  .arg(frame)
                                  .arg(ours.x)
                                  .arg(ours.y)
                                  .arg(ours.light)
                                  .arg(theirs.x)
                                  .arg(theirs.y)
                                  .arg(theirs.light);
            QVERIFY2(std::hypot(theirs.x - ours.x, theirs.y - ours.y) < 0.6, qPrintable(told));
            QVERIFY2(std::abs(theirs.light / ours.light - 1) < 0.02, qPrintable(told));
            moved += std::abs(theirs.x - last_x) > 3;
            last_x = theirs.x;
        }
        QVERIFY(moved > 10);
    }

    void lottie_carries_the_markers() {
        auto project = steady_project(120, 0, 20); // at 24 frames a second
        project = *with_layer(project, {{}, layers::shape, "Disc"});
        const auto marks = lane_of_kind(project, kind_of(body_type<MarkerBody>));
        const MarkerBody stretch{"<b>drop</b> & \"all\"", "", 0, 0, {Length::Unit::InBeats, 2}};
        project = *with_pins(project, marks,
                             {{{}, MusicalAnchor{project.grid->ticks_of({2, 1, 0})}, MarkerBody{"in"}, {}},
                              {{}, MusicalAnchor{project.grid->ticks_of({3, 1, 0})}, stretch, {}}});
        const auto text = exporter("lottie")->write(material_of(project));
        QVERIFY2(text.has_value(), text ? "" : text.error().message().c_str());
        const auto animation = rlottie::Animation::loadFromData(*text, "marked");
        QVERIFY(animation != nullptr);
        const auto& markers = animation->markers();
        QCOMPARE(markers.size(), std::size_t{2});
        QCOMPARE(markers[0], (rlottie::MarkerList::value_type("in", 48, 48)));
        // The library gives the last frame, 24 behind the first.
        QCOMPARE(std::get<0>(markers[1]), stretch.name);
        QCOMPARE(std::get<1>(markers[1]), 96);
        QCOMPARE(std::get<2>(markers[1]), 120);
    }

    void lottie_without_shapes_says_so() {
        const auto text = exporter("lottie")->write(steady_project());
        QVERIFY(!text && text.error().message().find("Motion") != std::string::npos);
    }
};

PULSEPIN_TEST_CLASS(TestMotionExports, "test_motion_exports")
#include "test_motion_exports.moc"
