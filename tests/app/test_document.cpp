// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/project_file.h"
#include "kinds/kinds.h"
#include "model/edits.h"
#include "session/document.h"
#include "session/jobs.h"
#include "support/media.h"
#include "support/test_program.h"

#include <QApplication>
#include <QSignalSpy>
#include <QTemporaryDir>
#include <QTest>

using namespace pulsepin;
using namespace pulsepin::test;

class TestDocument : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;
    [[nodiscard]] QString file(const QString& name) const { return dir_.filePath(name); }

    static bool settle(Document& document) {
        return QTest::qWaitFor([&] { return !document.jobs().busy(); }, 60'000);
    }

private slots:
    void initTestCase() {
        QVERIFY(ffmpeg({"-f", "lavfi", "-i", "sine=f=440:r=44100:d=3", file("a.wav")}));
        QVERIFY(ffmpeg({"-f", "lavfi", "-i", "sine=f=550:r=48000:d=2", file("b.wav")}));
    }

    void jobs_run_one_after_the_other() {
        Jobs jobs;
        QStringList order;
        for (const QString name : {"one", "two", "three"})
            jobs.start<int>(
                JobQueue::Decode, name, [](const Progress&) -> Result<int> { return 1; },
                [&order, name](Result<int>) { order << name; });
        QVERIFY(jobs.busy());
        QTRY_VERIFY(!jobs.busy());
        QCOMPARE(order, (QStringList{"one", "two", "three"}));
    }

    void a_cancelled_job_says_so_and_those_that_wait_go_on() {
        Jobs jobs;
        bool cancelled = false, other = false;
        const auto longest = jobs.start<int>(
            JobQueue::Decode, "long",
            [](const Progress& p) -> Result<int> {
                while (!p.cancelled())
                    std::this_thread::yield();
                return fail_cancelled();
            },
            [&](Result<int> r) { cancelled = !r && r.error().cancelled(); });
        jobs.start<int>(
            JobQueue::Decode, "other", [](const Progress&) -> Result<int> { return 1; },
            [&](Result<int> r) { other = r.has_value(); });
        QTest::qWait(30);
        longest->cancel();
        QTRY_VERIFY(!jobs.busy());
        QVERIFY(cancelled && other);
    }

    void whoever_asked_is_answered_when_all_is_cancelled() {
        Jobs jobs;
        int cancelled = 0;
        for (int i = 0; i < 3; ++i)
            jobs.start<int>(
                JobQueue::Decode, "long",
                [](const Progress& p) -> Result<int> {
                    while (!p.cancelled())
                        std::this_thread::yield();
                    return fail_cancelled();
                },
                [&](Result<int> r) { cancelled += !r && r.error().cancelled(); });
        QTest::qWait(20);
        jobs.cancel_all();
        QTRY_VERIFY(!jobs.busy());
        QCOMPARE(cancelled, 3);
    }

    void an_exception_in_a_job_becomes_a_message() {
        Jobs jobs;
        QStringList said;
        const auto throwing = [&](auto fault) {
            jobs.start<int>(
                JobQueue::Decode, "bad", [fault](const Progress&) -> Result<int> { throw fault; },
                [&](Result<int> r) { said << QString::fromStdString(r.error().message()); });
        };
        throwing(std::bad_alloc());
        throwing(std::length_error("vector"));
        throwing(std::runtime_error("odd"));
        QTRY_COMPARE(said.size(), 3);
        QVERIFY(said[0].contains("memory") && said[1].contains("too large") && said[2].contains("odd"));
    }

    void a_slow_disk_holds_up_nobody() {
        DiskThread disk;
        std::atomic<bool> go = false;
        QStringList told;
        for (const QString name : {"one", "two", "three"})
            disk.post([&, name] {
                while (!go)
                    std::this_thread::yield();
                return std::function<void()>([&told, name] { told << name; });
            });
        QVERIFY(disk.busy() && told.isEmpty()); // asking came back at once
        QTest::qWait(20);
        QVERIFY(told.isEmpty());
        go = true;
        disk.finish();
        QCOMPARE(told, (QStringList{"one", "two", "three"})); // in order
        QVERIFY(!disk.busy());
    }

    void what_was_asked_of_the_disk_is_done_when_all_ends() {
        int done = 0;
        {
            DiskThread disk;
            for (int i = 0; i < 5; ++i)
                disk.post([&done] {
                    std::this_thread::sleep_for(std::chrono::milliseconds(5));
                    ++done;
                    return std::function<void()>();
                });
        }
        QCOMPARE(done, 5);
    }

    void saved_is_told_only_of_what_was_saved() {
        Document document;
        document.apply(with_lane(document.project(), kind_of(body_type<SoundBody>), "S"), "add lane");
        bool done = false;
        document.save(file("s.pulsepin").toStdString(), ProjectStore::Overwrite::Yes,
                      [&](Result<void> saved) { done = saved.has_value(); });
        QVERIFY(document.unsaved() && document.store().saving());
        document.apply(with_lane(document.project(), kind_of(body_type<TriggerBody>), "T"),
                       "add lane"); // meanwhile
        QTRY_VERIFY(done);
        QVERIFY(document.unsaved()); // the second lane is not on the disk
        document.undo();
        QVERIFY(!document.unsaved());
        QCOMPARE(load_project(file("s.pulsepin").toStdString())->lanes.size(),
                 document.project().lanes.size());
    }

    void a_cancelled_mix_is_made_with_the_next_change() {
        QVERIFY(ffmpeg({"-f", "lavfi", "-i", "aevalsrc=0.25:s=44100:d=3", file("quarter2.wav")}));
        Document document;
        document.open_song(file("quarter2.wav").toStdString());
        QVERIFY(settle(document));
        document.add_sound(file("quarter2.wav").toStdString(), Seconds(1));
        bool mixing = false; // caught as soon as it begins
        connect(&document.jobs(), &Jobs::changed, &document, [&] {
            for (const auto& job : document.jobs().all())
                if (!mixing && job->name() == "Mixing") {
                    mixing = true;
                    job->cancel();
                }
        });
        QTRY_VERIFY(mixing);
        QVERIFY(settle(document));
        document.apply(with_lane(document.project(), kind_of(body_type<TriggerBody>), "T"), "add lane");
        QVERIFY(settle(document));
        QVERIFY(std::abs(document.heard()->samples->mono_at(Samples(100'000)) - 0.5f) < 1e-3f);
    }

    void a_song_is_opened_and_undone_with_its_sound() {
        Document document;
        document.open_song(file("a.wav").toStdString());
        QVERIFY(settle(document));
        QCOMPARE(document.project().song->length.value, 3 * 44100);
        QVERIFY(document.spectrum() != nullptr);
        document.open_song(file("b.wav").toStdString());
        QVERIFY(settle(document));
        QCOMPARE(document.sound()->samples->length().value, 2 * 48000);
        while (document.project().song && document.project().song->path.filename() != "a.wav")
            document.undo();
        QVERIFY(settle(document));
        QCOMPARE(document.sound()->samples->length().value, 3 * 44100); // the sound followed
        while (document.can_undo())
            document.undo();
        QVERIFY(!document.project().song && !document.sound());
    }

    void a_missing_song_leaves_the_project_readable() {
        Document document;
        document.open_song(file("b.wav").toStdString());
        QVERIFY(settle(document));
        QVERIFY(document.save_now(file("p.pulsepin").toStdString()).has_value());
        QVERIFY(QFile::rename(file("b.wav"), file("moved.wav")));
        Document again;
        QSignalSpy said(&again, &Document::said);
        QVERIFY(again.open(file("p.pulsepin").toStdString()).has_value());
        QVERIFY(settle(again));
        QVERIFY(again.project().song && !again.sound());
        QVERIFY(said.last().first().toString().contains("does not exist"));
        QVERIFY(!again.unsaved());
        QVERIFY(QFile::rename(file("moved.wav"), file("b.wav")));
    }

    void a_song_that_changed_is_told() {
        QVERIFY(ffmpeg({"-f", "lavfi", "-i", "sine=f=300:r=44100:d=1", file("c.wav")}));
        Document document;
        document.open_song(file("c.wav").toStdString());
        QVERIFY(settle(document));
        QVERIFY(document.save_now(file("c.pulsepin").toStdString()).has_value());
        QVERIFY(ffmpeg({"-f", "lavfi", "-i", "sine=f=310:r=44100:d=1", file("c.wav")}));
        Document again;
        QSignalSpy said(&again, &Document::said);
        QVERIFY(again.open(file("c.pulsepin").toStdString()).has_value());
        QVERIFY(settle(again));
        bool told = false;
        for (const auto& message : said)
            told = told || message.first().toString().contains("has changed");
        QVERIFY(told && again.sound());
    }

    // The sum: another rate is brought to the song's, gain and place are right, and it is only as long as the
    // song.
    void the_sum_of_song_and_sound() {
        QVERIFY(ffmpeg({"-f", "lavfi", "-i", "aevalsrc=0.25:s=44100:d=3", file("quarter.wav")}));
        QVERIFY(ffmpeg({"-f", "lavfi", "-i", "aevalsrc=0.5:s=22050:d=9", file("half.wav")}));
        Document document;
        document.open_song(file("quarter.wav").toStdString());
        QVERIFY(settle(document));
        document.add_sound(file("half.wav").toStdString(), Seconds(1));
        QVERIFY(settle(document));
        const auto& sum = *document.heard()->samples;
        QCOMPARE(sum.length().value, 10 * 44100); // the song is over by then
        QVERIFY(std::abs(sum.mono_at(Samples(22'050)) - 0.25f) < 1e-3f);
        QVERIFY(std::abs(sum.mono_at(Samples(100'000)) - 0.75f) < 1e-3f);
        const Lane& lane = *document.project().first_lane(body_type<SoundBody>);
        auto body = body_of<SoundBody>(lane.pins[0].body);
        body.gain_db = -6.0206;
        QVERIFY(document.apply(with_body(document.project(), lane.pins[0].id, body), "quieter"));
        QVERIFY(settle(document));
        QVERIFY(std::abs(document.heard()->samples->mono_at(Samples(100'000)) - 0.5f) < 2e-3f);
        const LaneId id = document.project().first_lane(body_type<SoundBody>)->id;
        QVERIFY(document.apply(with_mute_and_solo(document.project(), id, false, true), "solo"));
        QVERIFY(settle(document));
        QVERIFY(std::abs(document.heard()->samples->mono_at(Samples(22'050))) <
                1e-4f); // the song is not heard
        QVERIFY(document.save_now(file("sum.pulsepin").toStdString()).has_value());
        Document again;
        QVERIFY(again.open(file("sum.pulsepin").toStdString()).has_value());
        QVERIFY(settle(again));
        QVERIFY(std::abs(again.heard()->samples->mono_at(Samples(100'000)) - 0.25f) < 2e-3f);
    }

    void a_sound_without_a_song_is_refused_with_a_reason() {
        Document document;
        QSignalSpy said(&document, &Document::said);
        document.add_sound(file("a.wav").toStdString(), Seconds(0));
        QVERIFY(said.last().first().toString().contains("song first"));
        QVERIFY(!document.unsaved());
    }

    void late_results_of_the_last_project_are_dropped() {
        Document document;
        document.open_song(file("a.wav").toStdString());
        document.start_new();
        QVERIFY(settle(document));
        QVERIFY(!document.project().song && !document.sound() && !document.unsaved());
    }

    void undo_has_names() {
        Document document;
        document.apply(with_lane(document.project(), kind_of(body_type<SoundBody>), "S"), "add lane");
        QCOMPARE(document.undo_name(), QString("add lane"));
        document.undo();
        QCOMPARE(document.redo_name(), QString("add lane"));
        document.apply(document.project(), "nothing"); // no change is no step
        QVERIFY(!document.can_undo());
    }
};

PULSEPIN_TEST_CLASS(TestDocument, "test_document")
#include "test_document.moc"
