// SPDX-License-Identifier: GPL-3.0-or-later
//
// Overscan: how much what fills the picture is enlarged while it shakes, so that no edge is seen. The turned
// rectangle's factor is that of plane geometry: to cover a frame of w by h turned by t, one of the same shape
// grows by cos t + max(w/h, h/w) sin t.
#include "kinds/kinds.h"
#include "kinds/layer_kinds.h"
#include "stage/staying_full.h"
#include "support/scene.h"
#include "support/seed.h"
#include "support/test_program.h"

#include <QTest>
#include <cmath>
#include <numbers>
#include <random>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

constexpr double degree = std::numbers::pi / 180;

/// How far the frame's worst corner lies beyond the edge of what is put there, as a share of half of it;
/// worked out forwards, corner by corner of a fine line around what is put there.
bool hides(const Placement& at, const FullPicture& full, double slack) {
    const double c = std::cos(at.rotation * degree), s = std::sin(at.rotation * degree);
    // Each edge of it, as a line: all corners of the frame lie on the inner side.
    const double w = full.width / 2, h = full.height / 2;
    const auto put = [&](double x, double y) {
        if (full.camera) { // the picture's point, seen
            x -= at.x + at.pivot_x;
            y -= at.y + at.pivot_y;
            const double turned_x = c * x + s * y, turned_y = -s * x + c * y;
            return std::pair(at.scale * at.scale_x * turned_x + at.pivot_x,
                             at.scale * at.scale_y * turned_y + at.pivot_y);
        }
        x -= at.pivot_x;
        y -= at.pivot_y;
        x -= std::tan(at.skew * degree) * y;
        x *= at.scale * at.scale_x;
        y *= at.scale * at.scale_y;
        return std::pair(c * x - s * y + at.x + at.pivot_x, s * x + c * y + at.y + at.pivot_y);
    };
    const std::pair<double, double> corners[] = {put(-w, -h), put(w, -h), put(w, h), put(-w, h)};
    for (int i = 0; i < 4; ++i) {
        const auto [ax, ay] = corners[i];
        const auto [bx, by] = corners[(i + 1) % 4];
        const double length = std::hypot(bx - ax, by - ay);
        for (const double x : {-w, w})
            for (const double y : {-h, h})
                if (((bx - ax) * (y - ay) - (by - ay) * (x - ax)) / length < -slack)
                    return false;
    }
    return true;
}

} // namespace

class TestStayingFull : public QObject {
    Q_OBJECT
private slots:
    void a_turned_picture_grows_as_geometry_says() {
        for (const auto& [w, h] :
             {std::pair(1280.0, 720.0), std::pair(720.0, 1280.0), std::pair(600.0, 600.0)})
            for (const double turn : {0.0, 1.0, 5.0, -8.0, 30.0, 45.0, 90.0})
                for (const bool camera : {false, true}) {
                    const auto needed = enlarged_to_fill({.rotation = turn}, {w, h, camera});
                    const double t = std::abs(turn) * degree;
                    const double told = std::cos(t) + std::max(w / h, h / w) * std::sin(t);
                    QVERIFY(needed && std::abs(*needed - std::max(1.0, told)) < 1e-9);
                }
        // Shifted by 64 of 640: as much closer that the farther edge comes back, 1 / (1 - 0.1).
        QVERIFY(std::abs(*enlarged_to_fill({.x = 64}, {1280, 720, true}) - 1 / 0.9) < 1e-9);
        QVERIFY(std::abs(*enlarged_to_fill({.x = 64}, {1280, 720}) - 1.1) < 1e-9);
    }

    void enlarged_it_hides_the_frame_and_no_more_than_that() {
        for (const std::uint32_t number : seeds(1, 400)) {
            const Seed seed(number);
            std::mt19937 random(seed);
            const auto within = [&](double least, double most) {
                return std::uniform_real_distribution(least, most)(random);
            };
            const FullPicture full{within(200, 4000), within(200, 4000), number % 2 == 0};
            Placement at{.x = within(-100, 100), .y = within(-60, 60), .scale = within(0.3, 3)};
            at.rotation = within(-90, 90);
            at.pivot_x = within(-30, 30);
            at.pivot_y = within(-30, 30);
            at.scale_x = within(0.5, 2);
            if (!full.camera)
                at.skew = within(-20, 20);
            const auto needed = enlarged_to_fill(at, full);
            if (!needed) { // a small picture, shifted beyond its own middle
                QVERIFY(full.camera);
                continue;
            }
            at.scale *= *needed;
            QVERIFY(hides(at, full, 1e-6));
            if (*needed > 1) {
                at.scale *= 0.998;
                QVERIFY(!hides(at, full, 1e-6));
            }
        }
    }

    void where_no_scale_would_do_nothing_is_told() {
        QVERIFY(!enlarged_to_fill({.x = 700}, {1280, 720, true}));
        QVERIFY(!enlarged_to_fill({.scale = 0}, {1280, 720}));
        QVERIFY(!enlarged_to_fill({.pivot_x = 640}, {1280, 720}));
    }

    // What was meant to leave an edge in sight does.
    void what_is_meant_to_be_smaller_or_elsewhere_is() {
        const auto enlarged = [](std::map<std::string, double> own, std::map<std::string, double> driven) {
            for (const auto& [id, value] : own)
                driven.emplace(id, value);
            return enlarged_to_stay_full(LayerValues(own), LayerValues(driven), 0, {1280, 720});
        };
        QCOMPARE(enlarged({{"scale", 50}}, {{"rotation", 20}}), 1.0); // never filled it
        QCOMPARE(enlarged({{"position-x", 5}}, {{"rotation", 20}}), 1.0);
        QCOMPARE(enlarged({}, {{"scale", 60}}), 1.0);       // driven smaller
        QCOMPARE(enlarged({}, {{"position-x", 300}}), 1.0); // driven aside
        QVERIFY(std::abs(enlarged({}, {{"rotation", 10}}) -
                         (std::cos(10 * degree) + 16.0 / 9 * std::sin(10 * degree))) < 1e-9);
        QCOMPARE(enlarged({}, {{"punch", 15}}), 1.0);
        QVERIFY(std::abs(enlarged({}, {{"punch", -10}}) - 1 / 0.9) < 1e-9); // the back swing of a punch
        // What is larger already is enlarged by the rest alone.
        QVERIFY(std::abs(enlarged({{"scale", 120}}, {{"rotation", 10}}) * 1.2 -
                         enlarged({}, {{"rotation", 10}})) < 1e-9);
        QCOMPARE(enlarged({{"scale", 150}}, {{"rotation", 10}}), 1.0);
    }

    void a_new_piece_has_it_and_a_lane_of_poses_goes_where_it_is_sent() {
        const Stage stage;
        for (const auto& layer : stage.layers)
            QCOMPARE(layer.values.at("stays-full"), 1.0);
        QCOMPARE(new_layer(layers::shots).values.at("stays-full"), 1.0);
        Scene scene;
        const LayerId camera = scene.project.stage->layers.back().id;
        const LaneId keys = scene.drive(kind_of(body_type<KeyBody>), feed_of(camera, "rotation", 0, 10));
        scene.pin(keys, 0, KeyBody{10, {}});
        const auto scale = [&] {
            return staged_at(Curves{Schedule(scene.project)}, Frames(24)).camera.of("scale");
        };
        const double told = 100 * (std::cos(10 * degree) + 16.0 / 9 * std::sin(10 * degree));
        QVERIFY2(std::abs(scale() - told) < 1e-6, qPrintable(QString::number(scale())));
        scene.change_layer(camera, [](Layer& changed) { changed.values["stays-full"] = 0; });
        QCOMPARE(scale(), 100.0);
    }
};

PULSEPIN_TEST_CLASS(TestStayingFull, "test_staying_full")
#include "test_staying_full.moc"
