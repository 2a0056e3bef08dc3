// SPDX-License-Identifier: GPL-3.0-or-later
//
// The one form of waiting: what is wanted, what is there, what is under way; and the sounds that are made of
// it.
#include "interchange/project_file.h"
#include "model/edits.h"
#include "session/background.h"
#include "session/document.h"
#include "session/sound_cache.h"
#include "support/media.h"
#include "support/test_program.h"

#include <QApplication>
#include <QSignalSpy>
#include <QStandardPaths>
#include <QTemporaryDir>
#include <QTest>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

/// Doubles a number, as long as it is held up; what is under 0 fails, with its number as the reason.
struct Doubler {
    Jobs jobs;
    std::atomic<bool> hold = false;
    std::atomic<int> made = 0;
    Background<int, int> value{jobs, [this](const int& key) {
                                   return Background<int, int>::Work{
                                       JobQueue::Analyse, QString::number(key),
                                       [this, key](const Progress& progress) -> Result<int> {
                                           while (hold && !progress.cancelled())
                                               std::this_thread::yield();
                                           if (progress.cancelled())
                                               return fail_cancelled();
                                           ++made;
                                           if (key < 0)
                                               return fail(std::to_string(key));
                                           return 2 * key;
                                       }};
                               }};
    [[nodiscard]] bool settled() const { return !jobs.busy(); }
};

} // namespace

class TestBackground : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;
    [[nodiscard]] QString file(const QString& name) const { return dir_.filePath(name); }

private slots:
    void what_is_wanted_comes_and_is_made_once() {
        Doubler doubler;
        QSignalSpy ready(&doubler.value, &BackgroundSignals::ready);
        doubler.value.want(4);
        doubler.value.want(4);
        QVERIFY(!doubler.value.value() && doubler.value.under_way() && !doubler.value.is_current());
        QTRY_VERIFY(doubler.settled());
        QCOMPARE(*doubler.value.value(), 8);
        doubler.value.want(4);
        QVERIFY(doubler.value.is_current() && doubler.settled());
        QCOMPARE(doubler.made, 1);
        QCOMPARE(ready.size(), 1);
    }

    void the_last_value_stays_until_the_next_is_there() {
        Doubler doubler;
        doubler.value.want(1);
        QTRY_VERIFY(doubler.settled());
        doubler.hold = true;
        doubler.value.want(2);
        QCOMPARE(*doubler.value.value(), 2);
        QVERIFY(!doubler.value.is_current());
        doubler.value.want(1); // what is there is wanted again: nothing need be made
        QVERIFY(doubler.value.is_current());
        doubler.hold = false;
        QTRY_VERIFY(doubler.settled());
        QCOMPARE(*doubler.value.value(), 2);
    }

    void what_is_not_wanted_any_more_is_dropped() {
        Doubler doubler;
        doubler.hold = true;
        for (int key = 1; key <= 20; ++key)
            doubler.value.want(key);
        doubler.hold = false;
        QTRY_VERIFY(doubler.settled());
        QCOMPARE(*doubler.value.value(), 40);
        QVERIFY(doubler.made <= 2); // the others were cancelled, not made for nothing
        doubler.value.want(3);
        doubler.value.clear();
        QTRY_VERIFY(doubler.settled());
        QVERIFY(!doubler.value.value() && !doubler.value.wanted());
    }

    void what_was_cancelled_is_made_when_it_is_wanted_again() {
        Doubler doubler;
        QSignalSpy failed(&doubler.value, &BackgroundSignals::failed);
        doubler.hold = true;
        doubler.value.want(5);
        doubler.jobs.all().front()->cancel();
        QTRY_VERIFY(doubler.settled());
        QVERIFY(!doubler.value.value() && failed.isEmpty()); // whoever cancelled it knows
        doubler.hold = false;
        doubler.value.want(5);
        QTRY_VERIFY(doubler.settled());
        QCOMPARE(*doubler.value.value(), 10);
    }

    void a_failure_is_told_once_and_tried_again() {
        Doubler doubler;
        int told = 0;
        connect(&doubler.value, &BackgroundSignals::failed, this, [&](const Error&) { ++told; });
        for (int edit = 0; edit < 3; ++edit) {
            doubler.value.want(-1);
            QTRY_VERIFY(doubler.settled());
        }
        QCOMPARE(doubler.made, 3);
        QCOMPARE(told, 1); // each edit would tell it again
        doubler.value.want(-2);
        QTRY_VERIFY(doubler.settled());
        QCOMPARE(told, 2);
    }

    void whoever_asked_is_always_answered() {
        Doubler doubler;
        QStringList answers;
        const auto note = [&](Result<std::shared_ptr<const int>> answer) {
            answers << (answer                       ? QString::number(**answer)
                        : answer.error().cancelled() ? QString("cancelled")
                                                     : QString::fromStdString(answer.error().what));
        };
        doubler.hold = true;
        doubler.value.ask(1, note);
        doubler.value.ask(1, note);
        doubler.value.ask(2, note); // the others will not get theirs
        QCOMPARE(answers, (QStringList{"cancelled", "cancelled"}));
        doubler.hold = false;
        QTRY_VERIFY(doubler.settled());
        doubler.value.ask(2, note); // it is there
        doubler.value.ask(-7, note);
        QTRY_VERIFY(doubler.settled());
        QCOMPARE(answers.mid(2), (QStringList{"4", "4", "-7"}));
        doubler.hold = true;
        doubler.value.ask(3, note);
        doubler.value.clear();
        QCOMPARE(answers.last(), QString("cancelled"));
        doubler.hold = false;
    }

    void it_may_go_while_work_is_under_way() {
        Jobs jobs;
        std::atomic<bool> hold = true, began = false;
        {
            Background<int, int> value(jobs, [&](const int&) {
                return Background<int, int>::Work{JobQueue::Decode, "long",
                                                  [&](const Progress& p) -> Result<int> {
                                                      began = true;
                                                      while (hold && !p.cancelled())
                                                          std::this_thread::yield();
                                                      return 1;
                                                  }};
            });
            value.want(1);
            QTRY_VERIFY(began);
        }
        QTRY_VERIFY(!jobs.busy()); // it was cancelled, and nobody was told who is not there any more
    }

    void kinds_of_work_do_not_wait_for_each_other() {
        Jobs jobs;
        std::atomic<bool> hold = true;
        QStringList order;
        const auto start = [&](JobQueue queue, const QString& name, bool held) {
            jobs.start<int>(
                queue, name,
                [&hold, held](const Progress& p) -> Result<int> {
                    while (held && hold && !p.cancelled())
                        std::this_thread::yield();
                    return 1;
                },
                [&order, name](Result<int>) { order << name; });
        };
        start(JobQueue::Decode, "long", true);
        start(JobQueue::Decode, "behind it", false);
        start(JobQueue::Follow, "beside it", false);
        QTRY_COMPARE(order, QStringList{"beside it"});
        QCOMPARE(jobs.all().size(), std::size_t{2});
        hold = false;
        QTRY_COMPARE(order, (QStringList{"beside it", "long", "behind it"}));
    }

    // -- sounds

    void a_song_that_was_open_before_is_drawn_before_it_is_decoded() {
        QVERIFY(ffmpeg({"-f", "lavfi", "-i", "sine=f=330:r=44100:d=90", file("long.flac")}));
        std::shared_ptr<const SoundOutline> first;
        std::shared_ptr<const SpectrumMap> spectrum;
        {
            Document document;
            document.open_song(file("long.flac").toStdString());
            QVERIFY(QTest::qWaitFor([&] { return !document.jobs().busy(); }, 60'000));
            QVERIFY(document.save_now(file("long.pulsepin").toStdString()));
            first = document.sounds().outline();
            spectrum = document.spectrum();
            QVERIFY(first && spectrum);
        }
        Document again;
        bool drawn_first = false;
        connect(&again, &Document::heard_changed, this,
                [&] { drawn_first = drawn_first || (again.sounds().outline() && !again.sound()); });
        QVERIFY(again.open(file("long.pulsepin").toStdString()));
        QVERIFY(!again.sounds().outline());
        QVERIFY(QTest::qWaitFor([&] { return !again.jobs().busy(); }, 60'000));
        QVERIFY(drawn_first);
        // It looks the same, from the disk and from the samples.
        const auto kept = sound_cache::outline(again.project().song->fingerprint);
        QVERIFY(kept && kept->length() == first->length());
        for (std::int64_t at = 0; at < first->length().value; at += 99'991)
            for (const std::int64_t wide : {200, 5'000, 300'000})
                QCOMPARE(kept->mean.over(Samples(at), Samples(at + wide)),
                         first->mean.over(Samples(at), Samples(at + wide)));
        const auto map = sound_cache::spectrum(again.project().song->fingerprint);
        QVERIFY(map && map->frames() == spectrum->frames());
        QCOMPARE(map->between(Seconds(3), Seconds(4)), spectrum->between(Seconds(3), Seconds(4)));
    }

    void what_is_kept_and_damaged_is_made_again() {
        QVERIFY(ffmpeg({"-f", "lavfi", "-i", "sine=f=220:r=44100:d=5", file("short.wav")}));
        Document document;
        document.open_song(file("short.wav").toStdString());
        QVERIFY(QTest::qWaitFor([&] { return !document.jobs().busy(); }, 60'000));
        const auto fingerprint = document.project().song->fingerprint;
        QVERIFY(sound_cache::outline(fingerprint));
        const QDir folder(QStandardPaths::writableLocation(QStandardPaths::CacheLocation) + "/sounds");
        int damaged = 0;
        for (const auto& kept : folder.entryInfoList({QString::fromStdString(fingerprint) + "*"})) {
            QFile file(kept.filePath());
            QVERIFY(file.open(QIODevice::ReadWrite) && file.resize(file.size() / 2));
            ++damaged;
        }
        QVERIFY(damaged >= 3);
        QVERIFY(!sound_cache::outline(fingerprint) && !sound_cache::spectrum(fingerprint) &&
                !sound_cache::features(fingerprint));
        QVERIFY(document.save_now(file("short.pulsepin").toStdString()));
        Document again;
        QVERIFY(again.open(file("short.pulsepin").toStdString()));
        QVERIFY(QTest::qWaitFor([&] { return !again.jobs().busy(); }, 60'000));
        QVERIFY(again.sound() && again.sounds().outline() && again.spectrum());
        QVERIFY(sound_cache::outline(fingerprint)); // and kept again
    }

    // A sound that cannot be had does not keep the others from being heard.
    void the_mix_is_made_of_what_is_there() {
        for (const char* name : {"song.wav", "gone.wav", "there.wav"})
            QVERIFY(ffmpeg({"-f", "lavfi", "-i", "aevalsrc=0.25:s=44100:d=3", file(name)}));
        Document document;
        document.open_song(file("song.wav").toStdString());
        const auto settle = [](Document& d) {
            return QTest::qWaitFor([&] { return !d.jobs().busy(); }, 60'000);
        };
        QVERIFY(settle(document));
        document.add_sound(file("gone.wav").toStdString(), Seconds(0));
        QVERIFY(settle(document));
        document.add_sound(file("there.wav").toStdString(), Seconds(0));
        QVERIFY(settle(document));
        QVERIFY(document.save_now(file("mix.pulsepin").toStdString()));
        QVERIFY(QFile::remove(file("gone.wav")));
        Document again;
        QStringList said;
        connect(&again, &Document::said, this, [&](const QString& message) { said << message; });
        QVERIFY(again.open(file("mix.pulsepin").toStdString()));
        QVERIFY(settle(again));
        QVERIFY(again.heard() && again.heard() != again.sound());
        QVERIFY(std::abs(again.heard()->samples->mono_at(Samples(44'100)) - 0.5f) < 2e-3f);
        QVERIFY(
            std::any_of(said.begin(), said.end(), [](const QString& s) { return s.contains("gone.wav"); }));
    }

    void what_sounds_next_is_held_while_memory_is_given_back() {
        const std::vector<float> samples(44'100 * 20, 0.5f);
        const auto store = store_of(samples, {44'100, 1});
        store->hold(Samples(0), Samples(44'100 * 5));
        store->give_back_memory();
        QCOMPARE(store->mono_at(Samples(44'100)), 0.5f);
        store->hold(Samples(44'100 * 3), Samples(44'100 * 9)); // further on, and over what was held
        store->hold(Samples(44'100 * 19), Samples(44'100 * 99));
        store->hold(Samples(44'100 * 40), Samples(44'100 * 50)); // behind its end: nothing
        store->give_back_memory();
        QCOMPARE(store->mono_at(Samples(44'100 * 19)), 0.5f);
    }
};

PULSEPIN_TEST_CLASS(TestBackground, "test_background")
#include "test_background.moc"
