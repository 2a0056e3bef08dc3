// SPDX-License-Identifier: GPL-3.0-or-later
//
// The picture as a stack of layers: places and effects, looked at pixel by pixel.
#include "kinds/kinds.h"
#include "kinds/layer_kinds.h"
#include "model/lane_edits.h"
#include "model/pin_edits.h"
#include "model/stage_edits.h"
#include "render/frame_painter.h"
#include "stage/effects.h"
#include "support/projects.h"
#include "support/staged_by_hand.h"
#include "support/test_program.h"

#include <QApplication>
#include <QProcess>
#include <QTemporaryDir>
#include <QTest>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

QColor at(const QImage& image, double x, double y) { // in the picture's pixels, from its middle
    return image.pixelColor(static_cast<int>(160 + x / 4), static_cast<int>(90 + y / 4));
}

bool near(const QColor& a, const QColor& b, int by = 3) {
    return std::abs(a.red() - b.red()) <= by && std::abs(a.green() - b.green()) <= by &&
           std::abs(a.blue() - b.blue()) <= by;
}

/// How many pixels are lit.
int lit(const QImage& image) {
    int count = 0;
    for (int y = 0; y < image.height(); ++y)
        for (int x = 0; x < image.width(); ++x)
            count += image.pixelColor(x, y).lightness() > 40 ? 1 : 0;
    return count;
}

double brightness(const QImage& image) {
    double sum = 0;
    for (int y = 0; y < image.height(); ++y)
        for (int x = 0; x < image.width(); ++x)
            sum += image.pixelColor(x, y).lightnessF();
    return sum / (image.width() * image.height());
}

/// Middle of what is lit, in the picture's pixels.
QPointF middle(const QImage& image) {
    double sx = 0, sy = 0, weight = 0;
    for (int y = 0; y < image.height(); ++y)
        for (int x = 0; x < image.width(); ++x) {
            const double w = image.pixelColor(x, y).lightnessF();
            sx += w * x;
            sy += w * y;
            weight += w;
        }
    return {(sx / weight + 0.5 - 160) * 4, (sy / weight + 0.5 - 90) * 4};
}

} // namespace

class TestComposition : public QObject {
    Q_OBJECT

private slots:
    // A white shot that is shaken and turned, itself or by the camera: black is seen at its edges, and with
    // "stays full" in none of the pixels.
    void no_edge_is_seen_of_a_shaken_shot_that_stays_full() {
        QImage picture(1280, 720, QImage::Format_RGB32);
        picture.fill(Qt::white);
        for (const LayerKind kind : {layers::shots, layers::camera})
            for (const double full : {0.0, 1.0}) {
                Project project = steady_project(120, 0, 10);
                for (Layer layer : project.stage->layers)
                    if (layer.kind == kind) {
                        layer.values = {
                            {"shake", 45}, {"shake-turn", 6}, {"punch", -4}, {"stays-full", full}};
                        project = *with_changed_layer(project, layer);
                    }
                const Curves curves{Schedule(project)};
                int dark = 0;
                for (int frame = 0; frame < 60; ++frame) {
                    const auto image =
                        composed(staged_at(curves, Frames(frame)), small, {{LayerId{1}, {{picture}, {}}}});
                    for (int y = 0; y < image.height(); ++y)
                        for (int x = 0; x < image.width(); ++x)
                            dark += qGray(image.pixel(x, y)) < 250;
                }
                if (full == 0)
                    QVERIFY(dark > 10'000);
                else
                    QCOMPARE(dark, 0);
            }
    }

    void layers_lie_over_each_other() {
        const auto image =
            composed(staged({shape("square", red, {{"scale", 300}}), shape("square", green)}), small);
        QCOMPARE(image.size(), small);
        QVERIFY(near(at(image, 0, 0), QColor(0x1e, 0xc8, 0x1e)));
        QVERIFY(near(at(image, 200, 0), QColor(0xc8, 0x1e, 0x1e)));
        QVERIFY(near(at(image, -600, 0), Qt::black));
    }

    void a_place_is_counted_in_pixels_of_the_whole_picture() {
        const auto image =
            composed(staged({shape("disc", white, {{"position-x", 200}, {"position-y", -100}})}), small);
        const QPointF centre = middle(image);
        QVERIFY(std::abs(centre.x() - 200) < 1 && std::abs(centre.y() + 100) < 1);
        // The same at any size.
        const auto large = composed(staged({shape("disc", white, {{"position-x", 200}})}), {1280, 720});
        QVERIFY(large.pixelColor(640 + 200, 360) == Qt::white);
        QVERIFY(large.pixelColor(640 + 200 + 88, 360) ==
                Qt::white); // its radius is an eighth of the height: 90
        QVERIFY(large.pixelColor(640 + 200 + 93, 360) == Qt::black);
    }

    void scale_rotation_and_opacity_act() {
        const double normal = brightness(composed(staged({shape("square", white)}), small));
        const double twice = brightness(composed(staged({shape("square", white, {{"scale", 200}})}), small));
        QVERIFY(std::abs(twice / normal - 4) < 0.1);
        const auto turned = composed(staged({shape("bar", white, {{"rotation", 90}})}), small);
        QVERIFY(at(turned, 0, 200).lightness() > 200 && at(turned, 200, 0).lightness() < 10);
        const auto half = composed(staged({shape("square", white, {{"opacity", 50}})}), small);
        QVERIFY(near(at(half, 0, 0), QColor(128, 128, 128)));
    }

    void the_camera_sees_all_layers() {
        const std::vector<StagedLayer> layers{shape("disc", white, {{"position-x", 100}})};
        QVERIFY(std::abs(middle(composed(staged(layers, {{"scale", 200}}), small)).x() - 200) < 1);
        QVERIFY(std::abs(middle(composed(staged(layers, {{"position-x", 100}}), small)).x()) < 1);
        QVERIFY(std::abs(middle(composed(staged(layers, {{"rotation", 90}}), small)).y() + 100) < 1);
    }

    void exposure_is_in_stops_of_light() {
        // 18 % grey, one stop up, is 36 % of the light (sRGB, IEC 61966-2-1): from 118 to 162.
        const auto image = composed(staged({shape("square", {0x767676}, {{"exposure", 1}})}), small);
        QVERIFY2(near(at(image, 0, 0), QColor(162, 162, 162), 2), qPrintable(at(image, 0, 0).name()));
        QVERIFY(near(at(image, 300, 0), Qt::black));
        const auto dark = composed(staged({shape("square", white, {{"exposure", -8}})}), small);
        QVERIFY(at(dark, 0, 0).lightness() < 20);
    }

    void blur_spreads_and_keeps_the_light() {
        const auto sharp = composed(staged({shape("square", white)}), small);
        const auto soft = composed(staged({shape("square", white, {{"blur", 40}})}), small);
        QVERIFY(std::abs(brightness(soft) / brightness(sharp) - 1) < 0.03);
        QVERIFY(at(sharp, 110, 0).lightness() < 5 && at(soft, 110, 0).lightness() > 40);
        // At its edge a Gaussian has fallen to a half.
        QVERIFY(std::abs(at(soft, 90, 0).lightnessF() - 0.5f) < 0.06f);
        const auto none = composed(staged({shape("square", white, {{"blur", 0}})}), small);
        QCOMPARE(none, sharp);
    }

    void glow_shines_over_the_edge_where_it_is_bright_enough() {
        const std::map<std::string, double> glow{{"glow", 150}, {"glow-limit", 60}, {"glow-size", 40}};
        const auto bright = composed(staged({shape("square", white, glow)}), small);
        const auto dim = composed(staged({shape("square", {0x404040}, glow)}), small);
        QVERIFY(at(bright, 110, 0).lightness() > 20);
        QVERIFY(at(dim, 110, 0).lightness() < 20);
    }

    void tint_keeps_brightness_in_one_colour() {
        const auto image =
            composed(staged({shape("square", {0x808080}, {{"tint", 100}, {"tint-hue", 0}})}), small);
        const QColor colour = at(image, 0, 0);
        QVERIFY(colour.red() > 110 && colour.green() < 40 && colour.blue() < 40);
    }

    void flash_goes_to_white_where_the_layer_is() {
        const auto image = composed(staged({shape("square", red, {{"flash", 100}})}), small);
        QVERIFY(near(at(image, 0, 0), Qt::white));
        QVERIFY(near(at(image, 300, 0), Qt::black));
        const auto all = composed(staged({shape("square", red)}, {{"flash", 50}}), small);
        QVERIFY(near(at(all, 300, 0), QColor(128, 128, 128)));
    }

    void shake_wanders_within_its_amount_and_is_the_same_each_time() {
        std::vector<QPointF> places;
        for (int i = 0; i < 30; ++i) {
            const auto frame =
                staged({shape("disc", white, {{"shake", 45}, {"shake-swing", 0}})}, {}, i / 24.0);
            places.push_back(middle(composed(frame, small)));
            QCOMPARE(composed(frame, small), composed(frame, small));
            QVERIFY(std::abs(places.back().x()) <= 46 && std::abs(places.back().y()) <= 46);
        }
        double way = 0;
        for (std::size_t i = 1; i < places.size(); ++i)
            way += std::hypot(places[i].x() - places[i - 1].x(), places[i].y() - places[i - 1].y());
        QVERIFY(way > 100);
        // Another seed goes another way; at another picture rate the same moment is the same place.
        const auto other = staged(
            {shape("disc", white, {{"shake", 45}, {"shake-swing", 0}, {"shake-seed", 2}})}, {}, 10 / 24.0);
        QVERIFY(middle(composed(other, small)) != places[10]);
    }

    void strobe_is_dark_for_half_of_each_turn() {
        int dark = 0;
        for (int i = 0; i < 60; ++i)
            dark += lit(composed(
                        staged({shape("square", white, {{"strobe", 100}, {"strobe-rate", 3}})}, {}, i / 60.0),
                        small)) == 0;
        QCOMPARE(dark, 30);
    }

    void titles_show_their_words_in_the_middle() {
        StagedLayer title{layers::title, {}, "let it rise", {}, white, {}};
        const auto image = composed(staged({title}), small);
        QVERIFY(lit(image) > 300);
        QVERIFY(std::abs(middle(image).x()) < 30 && std::abs(middle(image).y()) < 20);
    }

    void pictures_fade_into_each_other() {
        QImage a(64, 36, QImage::Format_RGB32), b(64, 36, QImage::Format_RGB32);
        a.fill(Qt::black);
        b.fill(Qt::white);
        StagedLayer shots{layers::shots, LayerId{1}, {}, {}, white, {}};
        QVERIFY(near(at(composed(staged({shots}), small, {{LayerId{1}, {{a}, {b}, 0.25}}}), 0, 0),
                     QColor(64, 64, 64)));
    }

    void every_parameter_has_a_neutral_value_that_changes_nothing() {
        const auto plain = composed(staged({shape("kite", red)}), small);
        for (const auto& one : layer_parameters()) {
            QVERIFY(one.initial >= one.least && one.initial <= one.most);
            QCOMPARE(composed(staged({shape("kite", red, {{std::string(one.id), one.initial}})}), small),
                     plain);
        }
        // And every effect does something: to a shape, or to what goes to the picture's edges. Those of
        // earlier frames need earlier frames.
        for (const auto& effect : effects()) {
            // What keys a colour needs that colour.
            const Colour colour = effect.id == "key-out" ? Colour{0x00b140} : red;
            const auto changes = [&](double scale) {
                const auto& first = effect.parameters.front();
                const auto with =
                    shape("kite", colour, {{"scale", scale}, {std::string(first.id), first.usual_high}});
                const StagedLayer ground = shape("square", {0x808080}, {{"scale", 3000}}); // for shadows
                return composed(staged({ground, with}, {}, 0.35), small) !=
                       composed(staged({ground, shape("kite", colour, {{"scale", scale}})}), small);
            };
            QVERIFY2(effect.of_earlier_frames || changes(100) || changes(900),
                     std::string(effect.id).c_str());
        }
    }

    // A square of 200 pixels a side: half way in, half of it is there; its middle and all outside stay.
    void a_soft_edge_rises_over_its_width() {
        const QSize whole(1280, 720);
        const auto of = [&](double soft, double choke) {
            return composed(
                staged({shape("square", white,
                              {{"scale", 100}, {"soft-edge", soft}, {"soft-edge-choke", choke}})}),
                whole);
        };
        const QImage plain = of(0, 0);
        const auto level = [](const QImage& image, int x) { return qGray(image.pixel(x, 360)); };
        int left = 0;
        while (level(plain, left) < 128)
            ++left; // the square's first pixel
        const QImage soft = of(20, 0), choked = of(20, 6);
        QVERIFY(level(soft, left) < 20);
        QVERIFY2(std::abs(level(soft, left + 10) - 128) < 12,
                 qPrintable(QString::number(level(soft, left + 10))));
        QCOMPARE(level(soft, left + 24), 255);
        QCOMPARE(level(soft, left - 1), level(plain, left - 1));
        QVERIFY(std::abs(level(choked, left + 16) - 128) < 12);
        // What is larger than the frame has no edge in it.
        const QImage large =
            composed(staged({shape("square", white, {{"scale", 2000}, {"soft-edge", 50}})}), small);
        for (int x = 0; x < small.width(); ++x)
            QCOMPARE(qGray(large.pixel(x, 90)), 255);
    }

    // Over white, a shape throws a shadow of its own outline, as far aside as it was told to.
    void a_drop_shadow_has_the_shape_of_what_throws_it() {
        const QSize whole(1280, 720);
        const StagedLayer ground = shape("square", white, {{"scale", 2000}});
        const auto with = [&](double amount) {
            return composed(staged({ground, shape("disc", red,
                                                  {{"drop-shadow", amount},
                                                   {"drop-shadow-x", 300},
                                                   {"drop-shadow-y", 0},
                                                   {"drop-shadow-size", 0}})}),
                            whole);
        };
        const QImage none = with(0), half = with(50);
        int disc = 0, shadow = 0;
        for (int y = 0; y < whole.height(); ++y)
            for (int x = 0; x < whole.width(); ++x) {
                disc += none.pixelColor(x, y).green() < 128;
                const bool changed =
                    std::abs(half.pixelColor(x, y).green() - none.pixelColor(x, y).green()) > 64;
                shadow += changed;
                if (changed)
                    QVERIFY(near(half.pixelColor(x, y), QColor(128, 128, 128), 66) && x > 640);
            }
        QVERIFY(disc > 1000);
        QVERIFY2(std::abs(shadow - disc) < disc / 50, qPrintable(QString("%1 %2").arg(shadow).arg(disc)));
    }

    // Fields of one colour each before a white ground: those like the key's are gone, whatever their
    // brightness, the others stay as they were. FFmpeg's filter "chromakey" (at the same distance in its own
    // terms) says the same of each of them.
    void a_colour_key_takes_out_the_background() {
        const std::vector<std::pair<QColor, bool>> fields{
            {{0x00, 0xb1, 0x40}, true},  {{0x00, 0x8c, 0x32}, true},  {{0x10, 0xc8, 0x50}, true},
            {{0xc8, 0x96, 0x78}, false}, {{0x5a, 0x3c, 0x2d}, false}, {{0xff, 0xff, 0xff}, false},
            {{0x20, 0x20, 0x20}, false}, {{0xd0, 0x30, 0x20}, false}, {{0x30, 0x50, 0xd0}, false}};
        const int wide = 32;
        QImage picture(static_cast<int>(fields.size()) * wide, 162, QImage::Format_RGB32); // 16:9
        for (std::size_t i = 0; i < fields.size(); ++i)
            for (int y = 0; y < picture.height(); ++y)
                for (int x = 0; x < wide; ++x)
                    picture.setPixelColor(static_cast<int>(i) * wide + x, y, fields[i].first);
        StagedLayer layer{layers::picture, LayerId{5}, {}, {}, white, {}};
        layer.values.set("key-out", 100);
        layer.values.set("key-out-spill", 0);
        StagedLayer ground = shape("square", {0xff00ff}, {{"scale", 1000}});
        const QImage keyed =
            composed(staged({ground, layer}), picture.size(), {{LayerId{5}, {{picture}, {}}}});
        QTemporaryDir dir;
        QVERIFY(picture.save(dir.filePath("p.png")));
        const double distance = 0.30 / 2 / std::sqrt(2.0), soft = 0.15 / 2 / std::sqrt(2.0);
        QProcess ffmpeg;
        ffmpeg.start("ffmpeg", {"-v", "error", "-y", "-i", dir.filePath("p.png"), "-vf",
                                QString("format=yuva444p,chromakey=0x00b140:%1:%2").arg(distance).arg(soft),
                                "-pix_fmt", "rgba", dir.filePath("k.png")});
        QVERIFY(ffmpeg.waitForFinished() && ffmpeg.exitCode() == 0);
        const QImage theirs(dir.filePath("k.png"));
        QCOMPARE(theirs.size(), picture.size());
        for (std::size_t i = 0; i < fields.size(); ++i) {
            const QPoint there(static_cast<int>(i) * wide + wide / 2, 81);
            const auto told = QString("field %1: %2, theirs %3")
                                  .arg(i)
                                  .arg(keyed.pixelColor(there).name())
                                  .arg(theirs.pixelColor(there).alpha());
            QVERIFY2(
                near(keyed.pixelColor(there), fields[i].second ? QColor(0xff, 0, 0xff) : fields[i].first, 4),
                qPrintable(told));
            QVERIFY2(theirs.pixelColor(there).alpha() == (fields[i].second ? 0 : 255), qPrintable(told));
        }
    }

    // Green light on what stays: a grey face is grey again, as bright as it was; a red one and a yellow one
    // stay.
    void the_key_s_spill_is_taken_away() {
        const auto keyed = [&](QColor colour) {
            QImage picture(160, 90, QImage::Format_RGB32);
            picture.fill(colour);
            StagedLayer layer{layers::picture, LayerId{5}, {}, {}, white, {}};
            layer.values.set("key-out", 100);
            layer.values.set("key-out-spill", 100);
            layer.values.set("key-out-range", 20);
            layer.values.set("key-out-soft", 1);
            return composed(staged({layer}), picture.size(), {{LayerId{5}, {{picture}, {}}}})
                .pixelColor(80, 45);
        };
        const QColor lit = keyed({120, 150, 130}); // mid grey under green light
        QVERIFY2(std::abs(lit.red() - lit.green()) < 8 && std::abs(lit.blue() - lit.green()) < 8,
                 qPrintable(lit.name()));
        const auto light = [](const QColor& c) {
            return 0.2126 * c.red() + 0.7152 * c.green() + 0.0722 * c.blue();
        };
        QVERIFY(std::abs(light(lit) - light({120, 150, 130})) < 2);
        for (const QColor& stays : {QColor(200, 40, 30), QColor(230, 200, 40), QColor(90, 90, 220)})
            QVERIFY2(near(keyed(stays), stays, 3), qPrintable(keyed(stays).name()));
    }

    void curves_move_the_layers() {
        auto project = steady_project(120, 0, 20);
        project = *with_layer(project, {{}, layers::shape, "Kite"});
        const LayerId kite = project.stage->layers[1].id;
        QVERIFY(needs_composing({Schedule(project)}, Frames(0)) &&
                !needs_composing({Schedule(steady_project())}, Frames(0)));
        project = with_lane(project, kind_of(body_type<PulseBody>), "Hit");
        Motion motion;
        motion.own = {"scale", "%", 100, 130, {kite, "scale"}};
        motion.feeds = {{"x", "px", 0, 80, {kite, "position-x"}}};
        project = *with_motion(project, project.lanes.back()->id, motion);
        project =
            *with_pins(project, project.lanes.back()->id, {{{}, MusicalAnchor{Ticks(960)}, PulseBody{}, {}}});
        const auto frame = [&](std::int64_t number) {
            return staged_at({Schedule(project)}, Frames(number));
        };
        QCOMPARE(frame(12).layers.back().values.of("scale"), 100.0);
        QCOMPARE(frame(13).layers.back().values.of("scale"), 130.0);
        QCOMPARE(frame(13).layers.back().values.of("position-x"), 80.0);
        QVERIFY(std::abs(middle(composed(frame(13), small)).x() - 80) < 2);
        Layer hidden = *project.stage->layer(kite);
        hidden.hidden = true;
        project = *with_changed_layer(project, hidden);
        QCOMPARE(frame(13).layers.size(), std::size_t{1});
    }

    void triggers_act_on_the_camera() {
        auto project = with_lane(steady_project(120, 0, 20), kind_of(body_type<TriggerBody>), "Light");
        TriggerBody flash, punch, own;
        flash.length = punch.length = own.length = {Length::Unit::InFrames, 4};
        flash.strength = 50;
        punch.effect = "punch-in";
        own.effect = "smoke machine";
        project = *with_pins(project, project.lanes.back()->id,
                             {{{}, MusicalAnchor{Ticks(960)}, flash, {}},
                              {{}, MusicalAnchor{Ticks(960 * 2)}, punch, {}},
                              {{}, MusicalAnchor{Ticks(960 * 3)}, own, {}}});
        const Curves curves{Schedule(project)};
        const auto camera = [&](std::int64_t frame) { return staged_at(curves, Frames(frame)).camera; };
        QCOMPARE(camera(11).of("flash"), 0.0);
        QCOMPARE(camera(12).of("flash"), 40.0); // half of what is usual, then fading away
        QCOMPARE(camera(14).of("flash"), 20.0);
        QCOMPARE(camera(16).of("flash"), 0.0);
        QCOMPARE(camera(24).of("scale"), 115.0);
        QCOMPARE(camera(28).of("scale"), 100.0);
        QVERIFY(camera(36) == LayerValues({{"stays-full", 1.0}}));
        QVERIFY(!needs_composing(curves, Frames(11)) && needs_composing(curves, Frames(12)));
        QVERIFY(!needs_composing(curves, Frames(36)));
    }

    /// What the lane shows is what the picture shows: the composed pixels have the trigger's colour.
    void triggers_bring_their_colour_into_the_picture() {
        auto project = with_lane(steady_project(120, 0, 20), kind_of(body_type<TriggerBody>), "Light");
        const auto seen = [&](const char* effect, std::int64_t frame) {
            TriggerBody body;
            body.effect = effect;
            body.length = {Length::Unit::InFrames, 9};
            body.from = {0xff0000};
            body.to = {0x0000ff};
            const auto with =
                *with_pins(project, project.lanes.back()->id, {{{}, MusicalAnchor{Ticks(960)}, body, {}}});
            auto frame_of = staged_at({Schedule(with)}, Frames(frame));
            frame_of.layers = {shape("square", {0xc0c0c0})};
            return at(composed(frame_of, small), 0, 0);
        };
        const QColor plain = seen("flash", 11);
        QVERIFY(near(plain, QColor(0xc0, 0xc0, 0xc0)));
        const QColor flash = seen("flash", 12); // 80 % of the way to red
        QVERIFY2(near(flash, QColor(0xf2, 0x26, 0x26), 4), qPrintable(flash.name()));
        const QColor later = seen("flash", 19); // nearly gone, and blue by then
        QVERIFY2(later.blue() > later.red(), qPrintable(later.name()));
        const QColor tint = seen("tint", 12);
        QVERIFY2(tint.red() > tint.blue() + 60, qPrintable(tint.name()));
        const QColor strobe = seen("strobe", 12);
        QVERIFY2(near(strobe, QColor(0xc0, 0, 0), 4), qPrintable(strobe.name()));
        const QColor glow = seen("glow", 12);
        QVERIFY2(glow.red() > 0xc0 && std::abs(glow.blue() - 0xc0) < 8, qPrintable(glow.name()));
    }

    /// A strobe counts from its trigger, whenever that is: the first half of its turn is lit, to the frame.
    void a_strobe_counts_from_its_trigger() {
        for (const std::int64_t tick : {960, 1000, 1357}) {
            auto project = with_lane(steady_project(120, 0, 20), kind_of(body_type<TriggerBody>), "Light");
            TriggerBody body;
            body.effect = "strobe";
            body.length = {Length::Unit::InFrames, 48};
            project =
                *with_pins(project, project.lanes.back()->id, {{{}, MusicalAnchor{Ticks(tick)}, body, {}}});
            const auto start = Schedule(project).spans(project.lanes.back()->id).triggers.front().start.value;
            int changes = 0;
            bool before = true;
            for (std::int64_t i = 0; i < 48; ++i) {
                auto frame = staged_at({Schedule(project)}, Frames(start + i));
                frame.layers = {shape("square", white)};
                const bool on = lit(composed(frame, small)) > 0;
                const double turn = static_cast<double>(i) / 24 * 2.5; // at its usual rate
                QCOMPARE(on, turn - std::floor(turn + 1e-9) < 0.5 - 1e-9);
                changes += on != before;
                before = on;
            }
            QVERIFY(changes >= 9 && changes <= 10);
        }
    }

    /// The rate may be driven: what has turned by then is its integral, not the present rate times the time.
    void a_driven_rate_changes_as_often_as_it_says() {
        auto project = steady_project(120, 0, 60);
        project = *with_layer(project, {{}, layers::shape, "Lamp"});
        Layer lamp = project.stage->layers[1];
        lamp.shape = "square";
        lamp.values["strobe"] = 100;
        project = *with_changed_layer(project, lamp);
        project = with_lane(project, kind_of(body_type<KeyBody>), "Rate");
        Motion motion;
        motion.own = {"strobe rate", "a second", 0, 1, {lamp.id, "strobe-rate"}};
        project = *with_motion(project, project.lanes.back()->id, motion);
        // From 3 a second to 1 a second within a second, half a minute into the song.
        project = *with_pins(
            project, project.lanes.back()->id,
            {{{}, TimeAnchor{Seconds(30)}, KeyBody{3}, {}}, {{}, TimeAnchor{Seconds(31)}, KeyBody{1}, {}}});
        const auto lit_at = [&](std::int64_t frame) {
            const auto staged = staged_at({Schedule(project)}, Frames(frame));
            return lit(composed(staged, small)) > 0;
        };
        const auto changes = [&](std::int64_t from, std::int64_t until) {
            int count = 0;
            for (auto frame = from + 1; frame <= until; ++frame)
                count += lit_at(frame) != lit_at(frame - 1);
            return count;
        };
        QCOMPARE(changes(24 * 20, 24 * 30), 60); // three turns a second, two changes each
        const int between = changes(24 * 30, 24 * 31);
        QVERIFY2(between >= 3 && between <= 5, qPrintable(QString::number(between))); // two turns
        QCOMPARE(changes(24 * 31, 24 * 41), 20);
    }

    void frames_are_painted_on_another_thread_the_latest_first() {
        std::atomic<int> painted = 0;
        FramePainter painter([&] { ++painted; });
        for (int i = 0; i < 50; ++i)
            painter.paint({Frames(i), staged({shape("square", red, {{"blur", 30}})}), {}, small});
        std::optional<FramePainter::Painted> last;
        QVERIFY(QTest::qWaitFor([&] {
            if (auto now = painter.take())
                last = std::move(now);
            return last && last->frame == Frames(49);
        }));
        QVERIFY(painted < 50);
    }
};

PULSEPIN_TEST_CLASS(TestComposition, "test_composition")
#include "test_composition.moc"
