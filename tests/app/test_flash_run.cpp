// SPDX-License-Identifier: GPL-3.0-or-later
//
// Flashes of composed frames: what triggers, strobes and layers make of a picture, and how mends change it.
#include "check/checks.h"
#include "kinds/layer_kinds.h"
#include "model/shot_edits.h"
#include "render/awaited_frames.h"
#include "render/flash_run.h"
#include "render/text_boxes.h"
#include "support/scene.h"
#include "support/test_program.h"

#include <QApplication>
#include <QTest>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

/// Six seconds at 120 BPM over a grey ground as large as the picture.
struct Stage6 : test::Scene {
    LayerId ground;
    Stage6() {
        project = steady_project(120, 0, 6);
        Layer layer{{}, layers::shape, "Ground"};
        layer.shape = "rectangle";
        layer.colour = {0x707070};
        layer.values = {{"scale", 2000.0}};
        ground = add(layer);
        project = with_lane(project, kind_of(body_type<TriggerBody>), "Flash");
    }
    LaneId triggers() const { return lane_of_kind(project, kind_of(body_type<TriggerBody>)); }
    void strobe(double beat, double a_second, double beats = 4, std::vector<LayerId> on = {}) {
        TriggerBody body;
        body.effect = "strobe";
        body.length = {Length::Unit::InBeats, beats};
        body.from = body.to = {0xffffff};
        body.strobe_beats = 2 / a_second; // a beat lasts half a second
        body.on = std::move(on);
        pin(triggers(), beat, body);
    }
    Curves curves() const { return {Schedule(project)}; }
};

FlashReport measured(const Project& project) {
    const auto report = FlashRun{Curves{Schedule(project)}}.measure();
    if (!report)
        qWarning("%s", report.error().message().c_str());
    return report.value_or(FlashReport{});
}

CheckMaterial material_of(const Project& project) {
    CheckMaterial material;
    material.curves = Curves{Schedule(project)};
    material.flashes = std::make_shared<const FlashReport>(measured(project));
    return material;
}

Result<Mended> mended_by(const Project& project, const char* mend) {
    const auto material = material_of(project);
    for (const auto& one : findings(material))
        if (one.check == "flashes" || one.check == "red-flashes")
            return mended({material, one,
                           [](const Project& changed, Frames from, Frames until) {
                               return FlashRun{Curves{Schedule(changed)}}.measure(from, until);
                           }},
                          mend);
    return fail("nothing flashes");
}

} // namespace

class TestFlashRun : public QObject {
    Q_OBJECT
private slots:
    /// A strobe that turns 12 times a second at 24 frames: light on every other frame.
    void a_strobe_is_found_where_it_is() {
        Stage6 scene;
        scene.strobe(4, 12);
        const auto report = measured(scene.project);
        QCOMPARE(report.frames.size(), std::size_t(144));
        QCOMPARE(report.places.size(), std::size_t(1));
        QCOMPARE(report.places[0].most, 12);
        QVERIFY(report.places[0].area > 0.99);
        QVERIFY(std::abs(report.places[0].from.value - 48) <= 1); // beat 4 is frame 48
        QVERIFY(std::abs(report.places[0].until.value - 96) <= 2);
        Stage6 slow;
        slow.strobe(4, 3);
        QVERIFY(measured(slow.project).places.empty());
    }
    /// Its strength is the greatest whole percent that passes: a percent more does not.
    void softened_until_it_passes() {
        Stage6 scene;
        scene.strobe(4, 12);
        scene.pin(scene.triggers(), 0, TriggerBody{}); // a flash elsewhere stays as it is
        const auto done = mended_by(scene.project, "soften");
        QVERIFY2(done, done ? "" : done.error().message().c_str());
        QVERIFY(measured(done->project).places.empty());
        const auto& pins = done->project.lane(scene.triggers())->pins;
        const double strength = body_of<TriggerBody>(pins[0].body).strength;
        QVERIFY(strength > 1 && strength < 99);
        QCOMPARE(body_of<TriggerBody>(pins[1].body).strength, 100.0);
        Project stronger = with_bodies(done->project, std::vector{pins[0].id},
                                       [](PinBody& body) { body_of<TriggerBody>(body).strength += 1; });
        QVERIFY(!measured(stronger).places.empty());
    }
    void made_slower() {
        Stage6 scene;
        scene.strobe(4, 12);
        const auto done = mended_by(scene.project, "slower");
        QVERIFY2(done, done ? "" : done.error().message().c_str());
        QVERIFY(measured(done->project).places.empty());
        const auto& body = body_of<TriggerBody>(done->project.lane(scene.triggers())->pins[0].body);
        // A sixth of a beat doubled until it lasts a third of a second: two thirds of a beat.
        QVERIFY(std::abs(body.strobe_beats - 2.0 / 3) < 1e-9);
        QCOMPARE(body.strength, 100.0);
    }
    void every_other_is_muted() {
        Stage6 scene;
        TriggerBody hit;
        hit.length = {Length::Unit::InFrames, 2};
        for (int i = 0; i < 12; ++i)
            scene.pin(scene.triggers(), 4 + i / 3.0, hit); // six a second
        QCOMPARE(measured(scene.project).places.size(), std::size_t(1));
        const auto done = mended_by(scene.project, "fewer");
        QVERIFY2(done, done ? "" : done.error().message().c_str());
        QVERIFY(measured(done->project).places.empty());
        const auto& pins = done->project.lane(scene.triggers())->pins;
        QCOMPARE(std::count_if(pins.begin(), pins.end(), [](const Pin& pin) { return pin.muted; }), 6);
        // What has no triggers to mute says so.
        Stage6 strobe;
        strobe.strobe(4, 12);
        QVERIFY(!mended_by(strobe.project, "fewer"));
    }
    void made_smaller() {
        Stage6 scene;
        Layer patch{{}, layers::shape, "Patch"};
        patch.shape = "rectangle";
        patch.colour = {0xffffff};
        patch.values = {{"scale", 300.0}};
        const LayerId id = scene.add(patch);
        scene.strobe(4, 12, 4, {id});
        QCOMPARE(measured(scene.project).places.size(), std::size_t(1));
        const auto done = mended_by(scene.project, "smaller");
        QVERIFY2(done, done ? "" : done.error().message().c_str());
        QVERIFY(measured(done->project).places.empty());
        QVERIFY(LayerValues(*done->project.stage->layer(id)).of("scale") < 300);
        Stage6 camera;
        camera.strobe(4, 12);
        const auto none = mended_by(camera.project, "smaller");
        QVERIFY(!none && !none.error().remedy.empty());
    }
    /// A red ground that comes and goes four times a second, as light as the grey behind it.
    void red_flashes() {
        Stage6 scene;
        Layer red{{}, layers::shape, "Red"};
        red.shape = "rectangle";
        red.colour = {0xff0000};
        red.values = {{"scale", 2000.0}};
        const LayerId id = scene.add(red);
        scene.change_layer(scene.ground, [](Layer& layer) { layer.colour = {0x7f7f7f}; });
        scene.strobe(2, 4, 6, {id});
        const auto report = measured(scene.project);
        QCOMPARE(report.places.size(), std::size_t(1));
        QVERIFY(report.places[0].red);
        const auto done = mended_by(scene.project, "soften");
        QVERIFY2(done, done ? "" : done.error().message().c_str());
        QVERIFY(measured(done->project).places.empty());
    }

    /// What is measured again where something changed is what measuring all of it gives.
    void only_what_changed_is_measured_again() {
        Stage6 scene;
        scene.strobe(4, 12, 2);
        FlashRun first{scene.curves()};
        const auto before = std::make_shared<const FlashReport>(*first.measure());
        Stage6 other = scene;
        other.strobe(8, 6, 2);
        FlashRun again{other.curves()};
        again.before = before;
        again.before_of = first.curves;
        int steps = 0;
        const auto report = again.measure({[&](double) { ++steps; }, {}});
        QVERIFY(report);
        const auto whole = measured(other.project);
        QVERIFY(report->frames == whole.frames);
        QVERIFY(report->places == whole.places);
        QVERIFY2(steps < 144, qPrintable(QString::number(steps)));
        // Nothing changed to see: a marker. Nothing is composed.
        FlashRun same{other.curves()};
        same.before = std::make_shared<const FlashReport>(whole);
        other.pin(lane_of_kind(other.project, kind_of(body_type<MarkerBody>)), 3, MarkerBody{"here"});
        same.before_of = other.curves();
        steps = 0;
        QVERIFY(same.measure({[&](double) { ++steps; }, {}})->frames == whole.frames);
        QCOMPARE(steps, 0);
        QVERIFY(seen_alike(other.curves(), same.curves, Frames(20)));
        QVERIFY(!seen_alike(scene.curves(), same.curves, Frames(97)));
        // A shot that is turned by hand is another picture.
        const ClipId clip = scene.project.bin->front().id;
        scene.pin(lane_of_kind(scene.project, kind_of(body_type<CutBody>)), 0, CutBody{clip, Seconds(0)});
        const Curves lying{Schedule(*with_clip_turned(scene.project, clip, 1))};
        QVERIFY(seen_alike(scene.curves(), scene.curves(), Frames(20)));
        QVERIFY(!seen_alike(scene.curves(), lying, Frames(20)));
    }
    void cancelling_ends_it() {
        Stage6 scene;
        std::stop_source stop;
        stop.request_stop();
        const auto report = FlashRun{scene.curves()}.measure({[](double) {}, stop.get_token()});
        QVERIFY(!report && report.error().cancelled());
    }
    void a_missing_clip_is_told() {
        Stage6 scene;
        scene.project =
            *with_pins(scene.project, lane_of_kind(scene.project, kind_of(body_type<CutBody>)),
                       {{{}, MusicalAnchor{Ticks(0)}, CutBody{(*scene.project.bin)[0].id, Seconds(0)}, {}}});
        const auto report = FlashRun{scene.curves()}.measure();
        QVERIFY(!report && !report.error().message().empty());
    }

    void boxes_of_titles() {
        Stage6 scene;
        Layer title{{}, layers::title, "Title"};
        title.text = "over the levee";
        title.values = {{"position-x", 500.0}};
        const LayerId id = scene.add(title);
        auto boxes = text_boxes(scene.curves());
        QCOMPARE(boxes.size(), std::size_t(1));
        QVERIFY(boxes[0].layer == id && boxes[0].right > 0.9 && boxes[0].left > 0.3);
        auto material = material_of(scene.project);
        material.texts = std::make_shared<const std::vector<TextBox>>(boxes);
        const auto found = findings(material);
        QCOMPARE(found.size(), std::size_t(1));
        const auto done = mended({material, found[0]});
        QVERIFY(done);
        boxes = text_boxes(Curves{Schedule(done->project)});
        QVERIFY(boxes[0].right <= 0.9 && boxes[0].right > 0.88);
        // Appearances are looked at one by one.
        const LaneId lane = scene.appear(id);
        scene.pin(lane, 1, lasting(12));
        scene.pin(lane, 4, lasting(12));
        QCOMPARE(text_boxes(scene.curves()).size(), std::size_t(2));
    }
};

PULSEPIN_TEST_CLASS(TestFlashRun, "test_flash_run")
#include "test_flash_run.moc"
