// SPDX-License-Identifier: GPL-3.0-or-later
//
// Frames that are composed before they are heard.
#include "model/stage_edits.h"
#include "picture/preview_view.h"
#include "render/frame_painter.h"
#include "render/play_ahead.h"
#include "support/desk.h"
#include "support/test_program.h"

#include <QLabel>
#include <QTest>
#include <atomic>
#include <deque>
#include <set>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

StagedFrame disc() {
    StagedFrame staged;
    StagedLayer layer{layers::shape, {}, {}, "disc", Colour{0xe0a040}, {}};
    layer.values.set("blur", 30);
    staged.layers.push_back(layer);
    return staged;
}

/// A made clock: pictures that take so long are composed by so many threads while a piece of 25 pictures
/// a second plays for so many seconds. Returns the frames that were there when they were heard.
int shown_in_time(PlayAhead& ahead, double takes, int threads, int seconds) {
    const FrameRate rate = *FrameRate::make(25, 1);
    struct Job {
        Frames frame;
        double until;
    };
    std::vector<Job> running;
    std::deque<Frames> waiting;
    std::set<std::int64_t> there;
    int in_time = 0;
    std::int64_t seen = -1;
    ahead.begin();
    for (double now = 0; now < seconds; now += 0.001) {
        const double cost = takes / (ahead.coarseness() * ahead.coarseness());
        for (auto job = running.begin(); job != running.end();)
            if (job->until <= now) {
                there.insert(job->frame.value);
                ahead.composed(Seconds(cost), threads, rate, 1);
                job = running.erase(job);
            } else
                ++job;
        while (!waiting.empty() && std::ssize(running) < threads) {
            running.push_back({waiting.front(), now + cost});
            waiting.pop_front();
        }
        const auto free = threads - static_cast<int>(running.size() + waiting.size());
        if (const auto next = ahead.next(Seconds(now), rate, 1, free)) {
            waiting.push_back(*next);
            ahead.ordered(*next);
        }
        const Frames heard = rate.frame_at(Seconds(now));
        if (heard.value > seen && there.contains(heard.value)) {
            seen = heard.value;
            ++in_time;
        }
    }
    return in_time;
}

} // namespace

class TestPlayingAhead : public QObject {
    Q_OBJECT
private slots:
    void frames_are_painted_ahead_and_taken_when_they_are_due() {
        std::atomic<int> painted = 0;
        FramePainter painter([&] { ++painted; }, 3);
        const auto scene = disc();
        for (int i = 10; i < 16; ++i)
            painter.paint_ahead({Frames(i), scene, {}, {320, 180}});
        QVERIFY(QTest::qWaitFor([&] { return painted == 6; }));
        QCOMPARE(painter.free_threads(), 3);
        QVERIFY(!painter.take_until(Frames(9))); // none is due
        QCOMPARE(painter.take_until(Frames(12))->frame, Frames(12));
        QVERIFY(!painter.take_until(Frames(12))); // those before it are given up
        QCOMPARE(painter.take_until(Frames(99))->frame, Frames(15));

        // What is forgotten while it is painted does not come; what is asked for after that does.
        painter.paint_ahead({Frames(20), scene, {}, {320, 180}});
        painter.forget_all();
        painter.paint_ahead({Frames(3), scene, {}, {320, 180}});
        QVERIFY(QTest::qWaitFor([&] { return painter.free_threads() == 3 && painted >= 7; }));
        QCOMPARE(painter.take_until(Frames(99))->frame, Frames(3));
        QVERIFY(!painter.take_until(Frames(99)));
    }

    void frames_ahead_are_as_many_as_threads_can_compose() {
        const auto rate = [](double takes, int threads) {
            PlayAhead ahead;
            const int shown = shown_in_time(ahead, takes, threads, 20);
            return std::pair(shown, ahead.coarseness());
        };
        // 500 frames in 20 s. Of quick ones all but the first; two threads do twice what one does.
        QCOMPARE(rate(0.010, 1), std::pair(500, 1));
        QCOMPARE(rate(0.035, 1).second, 1);
        QVERIFY(rate(0.035, 1).first >= 495);
        QCOMPARE(rate(0.070, 2).second, 1);
        QVERIFY(rate(0.070, 2).first >= 490);
        // What cannot be done in time is done smaller, and no smaller than it must be.
        QCOMPARE(rate(0.120, 2).second, 2);
        QVERIFY(rate(0.120, 2).first >= 470);
        QCOMPARE(rate(0.400, 2).second, 4);
        QVERIFY(rate(0.400, 2).first >= 440);
    }

    void frames_ahead_grow_finer_again() {
        PlayAhead ahead;
        QVERIFY(shown_in_time(ahead, 0.4, 2, 10) > 180);
        QCOMPARE(ahead.coarseness(), 4);
        QVERIFY(shown_in_time(ahead, 0.01, 2, 10) > 240);
        QCOMPARE(ahead.coarseness(), 1);
        QVERIFY(shown_in_time(ahead, 0.4, 2, 10) > 180);
        ahead.rest();
        QCOMPARE(ahead.coarseness(), 1);
        QVERIFY(!ahead.jumped(Frames(100)));
        QVERIFY(!ahead.jumped(Frames(99))); // a clock that steps back by a frame
        QVERIFY(ahead.jumped(Frames(10)));
    }

    /// What takes seconds is begun seconds ahead, which is no jump: it would be given up again and again.
    void what_takes_long_is_begun_far_ahead() {
        const FrameRate rate = *FrameRate::make(25, 1);
        PlayAhead ahead;
        ahead.composed(Seconds(3), 2, rate, 1);
        for (int frame = 0; frame < 50; ++frame) {
            QVERIFY2(!ahead.jumped(Frames(frame)), qPrintable(QString::number(frame)));
            const Seconds now(frame / 25.0 + 0.01);
            if (const auto next = ahead.next(now, rate, 1, frame == 0 ? 1 : 0)) {
                QVERIFY(*next >= Frames(frame + 75));
                ahead.ordered(*next);
            }
        }
        QVERIFY(ahead.jumped(Frames(10)));
    }

    void journey_a_piece_that_is_too_heavy_plays_smaller() {
        Desk desk;
        QVERIFY(desk.open_demo());
        auto heavy = desk.project();
        for (int i = 0; i < 900; ++i) {
            auto more = with_layer(heavy, {.id = {},
                                           .kind = layers::shape,
                                           .name = "Disc",
                                           .values = {{"position-x", i % 20 * 50.0 - 500}, {"blur", 120}},
                                           .effects = {EffectUse{"blur"}}});
            QVERIFY(more.has_value());
            heavy = *std::move(more);
        }
        desk.window.document().apply(heavy, "Heavy");
        desk.window.go_to_stop(Stop::Motion);
        const auto& picture = desk.window.preview();
        QTRY_VERIFY_WITH_TIMEOUT(picture.shown().exact, 60'000);
        const auto* told = desk.window.findChild<QLabel*>("picture told");
        QVERIFY(told && tells(told->text(), "full quality"));

        desk.window.timeline().setFocus();
        desk.key(Qt::Key_Space);
        QVERIFY(desk.window.player().playing());
        QTRY_VERIFY_WITH_TIMEOUT(picture.coarser_while_playing() > 1, 60'000);
        QTRY_VERIFY_WITH_TIMEOUT(told->text().contains("while it plays, so that no picture is dropped"),
                                 10'000);

        desk.key(Qt::Key_Space);
        QVERIFY(!desk.window.player().playing());
        QTRY_VERIFY_WITH_TIMEOUT(picture.shown().exact, 60'000);
        QCOMPARE(picture.coarser_while_playing(), 1);
        QTRY_VERIFY(!told->text().contains("while it plays")); // it is told some times a second
        QCOMPARE(picture.shown().frame, picture.frame_now());
    }

    void journey_playing_shows_the_frame_that_is_heard() {
        Desk desk;
        desk.window.open_path(PULSEPIN_DEMO "/kite-day-in-motion.pulsepin");
        QVERIFY(QTest::qWaitFor(
            [&] {
                return desk.window.document().sound() != nullptr && !desk.window.document().jobs().busy();
            },
            60'000));
        const auto& picture = desk.window.preview();
        QTRY_VERIFY_WITH_TIMEOUT(picture.shown().exact, 60'000);
        desk.window.timeline().setFocus();
        desk.key(Qt::Key_Space);
        int shown = 0, early = 0;
        Frames last(-1);
        connect(&picture, &PreviewView::picture_shown, this, [&] {
            if (picture.shown().frame == last)
                return;
            ++shown;
            early += picture.shown().frame > picture.frame_now() ? 1 : 0; // however slow the machine is
            last = picture.shown().frame;
        });
        QTRY_VERIFY_WITH_TIMEOUT(shown > 48, 60'000);
        QCOMPARE(early, 0);

        // Elsewhere while it plays: what was composed ahead is not seen.
        desk.window.view().set_playhead(Seconds(1));
        desk.key(Qt::Key_Space);
        desk.window.view().set_playhead(Seconds(1));
        desk.key(Qt::Key_Space);
        shown = 0;
        QTRY_VERIFY_WITH_TIMEOUT(shown > 12, 60'000);
        QCOMPARE(early, 0);
        desk.key(Qt::Key_Space);
        QTRY_VERIFY_WITH_TIMEOUT(picture.shown().exact && picture.shown().frame == picture.frame_now(),
                                 60'000);
    }
};

PULSEPIN_TEST_CLASS(TestPlayingAhead, "test_playing_ahead")
#include "test_playing_ahead.moc"
