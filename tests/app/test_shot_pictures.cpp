// SPDX-License-Identifier: GPL-3.0-or-later
#ifndef Q_MOC_RUN // moc stumbles over a header of the standard library that this one needs
#include "interchange/project_file.h"
#include "model/pin_edits.h"
#include "render/awaited_frames.h"
#include "render/draw_picture.h"
#include "render/shot_pictures.h"
#include "support/test_program.h"
#endif

#include <QAtomicInt>
#include <QTest>
#include <algorithm>
#include <cmath>
#include <random>

using namespace pulsepin;

class TestShotPictures : public QObject {
    Q_OBJECT
private slots:
    void pictures_arrive_and_stay() {
        QAtomicInt arrivals = 0;
        ShotPictures pictures([&] { arrivals.ref(); });
        pictures.set_size({320, 180});
        const ShotPictures::Wanted wanted{{PULSEPIN_DEMO "/loop.webm"}, Seconds(2.0)};
        QVERIFY(!pictures.picture(wanted, std::nullopt)); // asking never waits
        QTRY_VERIFY(pictures.picture(wanted, std::nullopt).has_value());
        const auto picture = *pictures.picture(wanted, std::nullopt);
        QCOMPARE(picture.image.size(), QSize(320, 180));
        QVERIFY(picture.from <= wanted.time && wanted.time < picture.until);
        QVERIFY(arrivals.loadRelaxed() > 0);
        // What comes next is decoded before it is asked for.
        QTRY_VERIFY(pictures.picture({wanted.clip, Seconds(2.3)}, std::nullopt).has_value());
    }

    void the_next_shot_is_made_ready() {
        ShotPictures pictures([] {});
        const ShotPictures::Wanted now{{PULSEPIN_DEMO "/loop.webm"}, Seconds(0)},
            next{{PULSEPIN_DEMO "/tail.webm"}, Seconds(1)};
        (void)pictures.picture(now, next);
        QTest::qWait(400);
        QVERIFY(pictures.picture(next, std::nullopt).has_value());
    }

    void after_its_end_a_clip_stands_still() {
        ShotPictures pictures([] {});
        const ShotPictures::Wanted late{{PULSEPIN_DEMO "/loop.webm"}, Seconds(500)};
        QTRY_VERIFY(pictures.picture(late, std::nullopt).has_value());
        QVERIFY(!pictures.picture(late, std::nullopt)->image.isNull());
    }

    void turned_by_hand_is_another_picture() {
        ShotPictures pictures([] {});
        const ShotPictures::Wanted upright{{PULSEPIN_DEMO "/loop.webm"}, Seconds(1)},
            turned{{PULSEPIN_DEMO "/loop.webm", 1}, Seconds(1)};
        QTRY_VERIFY(pictures.picture(upright, std::nullopt).has_value());
        QTRY_VERIFY(pictures.picture(turned, std::nullopt).has_value());
        const QSize size = pictures.picture(turned, std::nullopt)->image.size();
        QVERIFY(size.width() < size.height());
    }

    // Each frame of a fade is both shots, though neither was decoded before: as in a film, where nothing
    // comes twice.
    void each_frame_of_a_fade_waits_for_both_shots() {
        const auto project = load_project(PULSEPIN_DEMO "/kite-day.pulsepin");
        QVERIFY(project.has_value());
        const Lane& cuts = *project->first_lane(body_type<CutBody>);
        const Curves hard{Schedule(*project)};
        const auto& shots = hard.schedule.spans(cuts.id).shots;
        const PinId cut = shots[2].cut;
        for (const auto change : {CutBody::Change::Fade, CutBody::Change::Rush, CutBody::Change::Wipe}) {
            CutBody body = body_of<CutBody>(project->pin(cut)->body);
            body.fade = Frames(12);
            body.change = change;
            const Curves faded{Schedule(*with_body(*project, cut, body))};
            AwaitedFrames in_order({64, 36});
            for (int i = -6; i < 6; ++i) {
                const Frames frame = shots[2].start + Frames(i);
                AwaitedFrames cold({64, 36}), plain({64, 36});
                const auto seen = cold.at(faded, frame), again = in_order.at(faded, frame),
                           without = plain.at(hard, frame);
                QVERIFY(seen && again && without);
                QVERIFY2(*seen != *without,
                         qPrintable(QString("%1 of %2").arg(i).arg(static_cast<int>(change))));
                QCOMPARE(*seen, *again);
            }
        }
    }

    // Whatever else was decoded since, the picture that is wanted does not go; or nobody would make it again.
    void few_are_kept_and_the_one_that_is_seen_among_them() {
        constexpr std::size_t one = 320 * 180 * 4;
        ShotPictures pictures([] {}, 3 * one);
        pictures.set_size({320, 180});
        const PictureFile clip{PULSEPIN_DEMO "/loop.webm"};
        const ShotPictures::Wanted soon{{PULSEPIN_DEMO "/tail.webm"}, Seconds(1)};
        for (const double time : {0.0, 1.0, 2.0, 0.5}) {
            QTRY_VERIFY(pictures.picture({clip, Seconds(time)}, soon).has_value());
            QTest::qWait(150); // all that comes next
            QVERIFY(pictures.picture({clip, Seconds(time)}, soon).has_value());
            QVERIFY(pictures.bytes() <= 3 * one);
        }
        pictures.may_keep(0);
        QVERIFY(pictures.picture({clip, Seconds(0.5)}, soon).has_value());
        QVERIFY(pictures.bytes() >= one && pictures.bytes() <= 2 * one);
        pictures.set_size({160, 90});
        QCOMPARE(pictures.bytes(), std::size_t{0});
    }

    void trouble_is_told() {
        ShotPictures pictures([] {});
        (void)pictures.picture({{"/no/such/clip.mov"}, Seconds(0)}, std::nullopt);
        QTRY_VERIFY(!pictures.trouble({"/no/such/clip.mov"}).empty());
    }

    void many_wishes_in_a_row() {
        ShotPictures pictures([] {});
        for (int i = 0; i < 200; ++i)
            (void)pictures.picture({{PULSEPIN_DEMO "/crowd.webm"}, Seconds(i * 0.04)}, std::nullopt);
        pictures.set_size({100, 100});
        const ShotPictures::Wanted last{{PULSEPIN_DEMO "/crowd.webm"}, Seconds(7.96)};
        QTRY_VERIFY(pictures.picture(last, std::nullopt).has_value());
    }

    // Against the painter's own drawing, which weights the same neighbours.
    void enlarged_as_the_painter_does() {
        QImage image(37, 23, QImage::Format_RGB32);
        std::mt19937 random(7);
        for (int y = 0; y < image.height(); ++y)
            for (int x = 0; x < image.width(); ++x)
                image.setPixel(x, y, static_cast<QRgb>(random()) | 0xff000000u);
        const auto farthest = [&](const QRectF& place, double opacity, const QRectF& clip) {
            QImage own(128, 72, QImage::Format_ARGB32_Premultiplied), other = own;
            for (QImage* to : {&own, &other}) {
                to->fill(QColor(20, 40, 60));
                QPainter painter(to);
                painter.setRenderHints(QPainter::Antialiasing | QPainter::SmoothPixmapTransform);
                painter.translate(64, 36);
                painter.setClipRect(clip);
                painter.setOpacity(opacity);
                if (to == &own)
                    draw_picture(painter, place, image);
                else
                    painter.drawImage(place, image);
                painter.fillRect(QRectF(0, 0, 2, 2), Qt::red); // its place and colours are as before
            }
            int most = 0;
            for (int y = 0; y < own.height(); ++y)
                for (int x = 0; x < own.width(); ++x)
                    for (int shift = 0; shift < 32; shift += 8)
                        most = std::max(most, std::abs(int(own.pixel(x, y) >> shift & 255u) -
                                                       int(other.pixel(x, y) >> shift & 255u)));
            return most;
        };
        const QRectF all(-64, -36, 128, 72);
        QVERIFY(farthest(all, 1, all) <= 4);
        QVERIFY(farthest(all, 0.37, all) <= 4);
        QVERIFY(farthest({-100, -36, 222, 138}, 1, all) <= 4);              // seen in part
        QVERIFY(farthest({-30, -20, 37, 23}, 1, all) <= 1);                 // as large as it is
        QVERIFY(farthest({-64, -36, 128, 72}, 1, {-20, -10, 40, 20}) <= 4); // wiped
        QVERIFY(farthest({200, 0, 128, 72}, 1, all) == 0);                  // not seen
        QVERIFY(farthest({-30.5, -20.25, 80, 61}, 1, all) <= 6); // between pixels: edges are as soft
        QVERIFY(farthest({-10, -10, 20, 12}, 1, all) <= 6);      // smaller
    }
};

PULSEPIN_TEST_CLASS(TestShotPictures, "test_shot_pictures")
#include "test_shot_pictures.moc"
