// SPDX-License-Identifier: GPL-3.0-or-later
//
// What of a frame is kept for the next one.
#include "follow/feeds.h"
#include "interchange/project_file.h"
#include "model/stage_edits.h"
#include "render/frame_pipeline.h"
#include "render/kept_layers.h"
#include "support/staged_by_hand.h"
#include "support/test_program.h"

#include <QTest>
#include <functional>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

/// Composed with what is kept of the frames before, it is the same to the pixel.
void compare_with_kept(KeptLayers& kept, const StagedFrame& frame, const LayerPictures& pictures = {}) {
    const QImage with = composed(frame, small, pictures, &kept), without = composed(frame, small, pictures);
    QVERIFY(with == without);
}

} // namespace

class TestKeptLayers : public QObject {
    Q_OBJECT
private slots:
    void a_layer_that_is_as_it_was_is_not_painted_again() {
        KeptLayers kept;
        auto frame =
            staged({shape("square", green), shape("disc", red, {{"blur", 30}, {"position-x", 100}})});
        frame.layers[1].id = LayerId{7};
        compare_with_kept(kept, frame);
        compare_with_kept(kept, frame);
        QCOMPARE(kept.found(), 0); // it is kept from the second time on
        compare_with_kept(kept, frame);
        QCOMPARE(kept.found(), 1);
        frame.seconds = 3; // nothing of it depends on the time
        frame.layers[1].values.set("opacity", 40);
        compare_with_kept(kept, frame);
        QCOMPARE(kept.found(), 2);
        frame.layers[0].values.set("position-y", 90); // another layer
        compare_with_kept(kept, frame);
        QCOMPARE(kept.found(), 3);
    }

    void a_layer_that_changed_in_anything_is_painted_again() {
        const auto begin = [] {
            auto frame = staged({shape("square", green), shape("disc", red, {{"blur", 30}})});
            frame.layers[1].id = LayerId{7};
            return frame;
        };
        const std::vector<std::pair<const char*, std::function<void(StagedFrame&)>>> changes{
            {"place", [](StagedFrame& f) { f.layers[1].values.set("position-x", 1); }},
            {"effect", [](StagedFrame& f) { f.layers[1].values.set("blur", 31); }},
            {"colour", [](StagedFrame& f) { f.layers[1].values.set_colour("colour", green); }},
            {"shape", [](StagedFrame& f) { f.layers[1].shape = "square"; }},
            {"hung", [](StagedFrame& f) { f.layers[1].hung = {{.x = 50}}; }},
            {"wipe", [](StagedFrame& f) { f.layers[1].wipe = Moved{.wiped = 0.5}; }},
            {"camera", [](StagedFrame& f) { f.camera.set("scale", 150); }},
            {"size of the picture",
             [](StagedFrame& f) {
                 f.width = 640;
                 f.height = 360;
             }},
            {"grain as time goes by",
             [](StagedFrame& f) {
                 f.layers[1].values.set("grain", 80);
                 f.seconds = 1;
             }},
            {"grain a second later",
             [](StagedFrame& f) {
                 f.layers[1].values.set("grain", 80);
                 f.seconds = 2;
             }},
            {"ripple",
             [](StagedFrame& f) {
                 f.layers[1].values.set("ripple", 80);
                 f.layers[1].values.set("ripple-rate", 1);
                 f.seconds = 1.3;
             }},
            {"ripple later",
             [](StagedFrame& f) {
                 f.layers[1].values.set("ripple", 80);
                 f.layers[1].values.set("ripple-rate", 1);
                 f.seconds = 1.5;
             }},
            {"group",
             [](StagedFrame& f) {
                 StagedLayer group{layers::group, LayerId{7}, {}, {}, {}, LayerValues({{"blur", 4.0}})};
                 auto inner = shape("square", red);
                 inner.values.set("shake", 60);
                 inner.values.set("shake-rate", 3);
                 group.inner = {inner};
                 f.layers[1] = group;
                 f.seconds = 1;
             }},
            {"group later",
             [](StagedFrame& f) {
                 StagedLayer group{layers::group, LayerId{7}, {}, {}, {}, LayerValues({{"blur", 4.0}})};
                 auto inner = shape("square", red);
                 inner.values.set("shake", 60);
                 inner.values.set("shake-rate", 3);
                 group.inner = {inner};
                 f.layers[1] = group;
                 f.seconds = 1.1;
             }},
        };
        KeptLayers kept;
        for (int round = 0; round < 3; ++round)
            for (const auto& [what, change] : changes) {
                auto frame = begin();
                compare_with_kept(kept, frame);
                change(frame);
                for (int i = 0; i < 3; ++i) {
                    compare_with_kept(kept, frame);
                    if (QTest::currentTestFailed())
                        QFAIL(what);
                }
            }
        QVERIFY(kept.found() > 20);
    }

    void a_picture_that_changes_is_painted_again() {
        KeptLayers kept;
        StagedLayer layer{layers::picture, LayerId{7}, {}, {}, {}, LayerValues({{"blur", 3.0}})};
        const auto frame = staged({layer});
        LayerPictures pictures;
        for (const QColor colour : {Qt::red, Qt::red, Qt::green, Qt::green}) {
            QImage image(160, 90, QImage::Format_ARGB32_Premultiplied);
            image.fill(colour);
            pictures[LayerId{7}].shot.image = image;
            for (int i = 0; i < 3; ++i)
                compare_with_kept(kept, frame, pictures);
        }
        QCOMPARE(kept.found(), 4); // a still is not painted again, each image twice
    }

    void a_piece_is_the_same_with_and_without() {
        for (const char* piece : {"/kite-day.pulsepin", "/kite-day-in-motion.pulsepin"}) {
            const auto loaded = load_project(std::string(PULSEPIN_DEMO) + piece);
            QVERIFY(loaded.has_value());
            const auto project = with_layer(*loaded, {.id = {},
                                                      .kind = layers::title,
                                                      .name = "Name",
                                                      .text = "Kite day",
                                                      .values = {{"position-y", 200}, {"drop-shadow", 80}},
                                                      .effects = {EffectUse{"drop-shadow"}}});
            QVERIFY(project.has_value());
            const auto curves = curves_of_project(*project);
            QVERIFY(curves.has_value());
            KeptLayers kept;
            for (std::int64_t frame = 0; frame < 1200; frame += frame % 12 == 11 ? 37 : 1)
                compare_with_kept(kept, staged_at(*curves, Frames(frame)));
            // In the one it stands still; in the other the camera moves all the time.
            if (piece == std::string("/kite-day.pulsepin"))
                QVERIFY2(kept.found() > 100, qPrintable(QString::number(kept.found())));
        }
    }
};

PULSEPIN_TEST_CLASS(TestKeptLayers, "test_kept_layers")
#include "test_kept_layers.moc"
