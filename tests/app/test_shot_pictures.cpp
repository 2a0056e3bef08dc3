// SPDX-License-Identifier: GPL-3.0-or-later
#ifndef Q_MOC_RUN // moc stumbles over a header of the standard library that this one needs
#include "render/shot_pictures.h"
#endif

#include <QAtomicInt>
#include <QTest>

using namespace pulsepin;

class TestShotPictures : public QObject {
    Q_OBJECT
private slots:
    void pictures_arrive_and_stay() {
        QAtomicInt arrivals = 0;
        ShotPictures pictures([&] { arrivals.ref(); });
        pictures.set_size({320, 180});
        const ShotPictures::Wanted wanted{PULSEPIN_DEMO "/loop.webm", Seconds(2.0)};
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
        const ShotPictures::Wanted now{PULSEPIN_DEMO "/loop.webm", Seconds(0)},
            next{PULSEPIN_DEMO "/tail.webm", Seconds(1)};
        (void)pictures.picture(now, next);
        QTest::qWait(400);
        QVERIFY(pictures.picture(next, std::nullopt).has_value());
    }

    void after_its_end_a_clip_stands_still() {
        ShotPictures pictures([] {});
        const ShotPictures::Wanted late{PULSEPIN_DEMO "/loop.webm", Seconds(500)};
        QTRY_VERIFY(pictures.picture(late, std::nullopt).has_value());
        QVERIFY(!pictures.picture(late, std::nullopt)->image.isNull());
    }

    void trouble_is_told() {
        ShotPictures pictures([] {});
        (void)pictures.picture({"/no/such/clip.mov", Seconds(0)}, std::nullopt);
        QTRY_VERIFY(!pictures.trouble("/no/such/clip.mov").empty());
    }

    void many_wishes_in_a_row() {
        ShotPictures pictures([] {});
        for (int i = 0; i < 200; ++i)
            (void)pictures.picture({PULSEPIN_DEMO "/crowd.webm", Seconds(i * 0.04)}, std::nullopt);
        pictures.set_size({100, 100});
        const ShotPictures::Wanted last{PULSEPIN_DEMO "/crowd.webm", Seconds(7.96)};
        QTRY_VERIFY(pictures.picture(last, std::nullopt).has_value());
    }
};

QTEST_GUILESS_MAIN(TestShotPictures)
#include "test_shot_pictures.moc"
