// SPDX-License-Identifier: GPL-3.0-or-later
//
// The player against a steady clock, without any sound device.
#include "devices/steady_output.h"
#include "pages/dialogs/delay_dialog.h"
#include "session/player.h"
#include "support/media.h"
#include "support/test_program.h"

#include <QApplication>
#include <QLabel>
#include <QPushButton>
#include <QRegularExpression>
#include <QSignalSpy>
#include <QTest>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

std::shared_ptr<const SampleStore> tone(double seconds, float level = 0.5f) {
    std::vector<float> samples(static_cast<std::size_t>(seconds * sound_rate));
    for (std::size_t i = 0; i < samples.size(); ++i)
        samples[i] = level * std::sin(0.1f * static_cast<float>(i));
    return store_of(samples, {sound_rate, 1});
}

} // namespace

class TestPlayer : public QObject {
    Q_OBJECT
private slots:
    void plays_to_the_end_and_stops() {
        Player player(Player::Device::None);
        player.set_sound(tone(0.6));
        QSignalSpy started(&player, &Player::started), stopped(&player, &Player::stopped),
            moved(&player, &Player::moved);
        player.play({Seconds(0.1), std::nullopt, std::nullopt});
        QVERIFY(player.playing());
        QTRY_VERIFY(!player.playing());
        QCOMPARE(started.count(), 1);
        QCOMPARE(stopped.count(), 1);
        QVERIFY(moved.count() > 5);
        QVERIFY(std::abs(player.position().value - 0.6) < 0.001);
    }

    void the_position_never_goes_back() {
        Player player(Player::Device::None);
        player.set_sound(tone(2));
        player.play({Seconds(0.5), Seconds(1.2), std::nullopt});
        Seconds last = player.position();
        while (player.playing()) {
            QTest::qWait(2);
            QVERIFY(player.position() >= last);
            last = player.position();
        }
        QVERIFY(std::abs(last.value - 1.2) < 0.001);
    }

    void a_new_start_counts_at_once() {
        Player player(Player::Device::None);
        player.set_sound(tone(10));
        player.play({Seconds(1), std::nullopt, std::nullopt});
        QTest::qWait(150);
        player.play({Seconds(7), std::nullopt, std::nullopt});
        QVERIFY(player.position() >= Seconds(7)); // never the old place once more
        QTest::qWait(100);
        QVERIFY(player.position() > Seconds(7) && player.position() < Seconds(7.6));
        player.stop();
        const Seconds where = player.position();
        QTest::qWait(60);
        QCOMPARE(player.position(), where);
    }

    void loops_until_told_to_stop() {
        Player player(Player::Device::None);
        player.set_sound(tone(5));
        player.play({Seconds(2), Seconds(2.2), Seconds(2)});
        int turns = 0;
        Seconds last = player.position();
        QElapsedTimer clock;
        clock.start();
        while (clock.elapsed() < 900) {
            QTest::qWait(5);
            turns += player.position() < last;
            last = player.position();
            QVERIFY(last >= Seconds(2) && last <= Seconds(2.2005));
        }
        QVERIFY(player.playing() && turns >= 2);
    }

    void another_mix_goes_on_where_it_is() {
        Player player(Player::Device::None);
        player.set_sound(tone(5));
        player.play({Seconds(1), std::nullopt, std::nullopt});
        QTest::qWait(150);
        const Seconds before = player.position();
        player.replace_sound(std::make_shared<const MixPlan>(plan_of(tone(5, 0.2f))));
        QVERIFY(player.playing());
        QTest::qWait(100);
        QVERIFY(player.position() > before && player.position() < before + Seconds(1));
        player.set_sound(tone(3)); // another song begins anew
        QVERIFY(!player.playing());
        QCOMPARE(player.position(), Seconds(0));
    }

    void a_delay_of_the_device_holds_the_picture_back() {
        Player player(Player::Device::None);
        player.set_sound(tone(5));
        player.play({Seconds(1), std::nullopt, std::nullopt});
        QTest::qWait(300);
        const double plain = player.position().value;
        player.set_extra_delay(Seconds(0.2));
        const double held_back = player.position().value;
        QVERIFY2(std::abs(plain - held_back - 0.2) < 0.05, qPrintable(QString::number(plain - held_back)));
    }

    void muted_and_quiet_show_on_the_meter() {
        Player player(Player::Device::None);
        player.set_sound(tone(5));
        player.play({Seconds(0), std::nullopt, std::nullopt});
        QTest::qWait(250);
        QVERIFY(std::abs(player.meter()->peak_db() + 6.02) < 0.2);
        player.stop();
        player.set_music_muted(true);
        QVERIFY(player.music_muted());
        player.play({Seconds(0), std::nullopt, std::nullopt});
        QTest::qWait(250);
        QCOMPARE(player.meter()->peak_db(), -100.0);
    }

    void scrubbing_is_no_playing() {
        Player player(Player::Device::None);
        player.set_sound(tone(5));
        QSignalSpy started(&player, &Player::started);
        for (int i = 0; i < 100; ++i) // more than the queue holds
            player.scrub(Seconds(0.04 * i), Seconds(0.04));
        QVERIFY(!player.playing() && started.count() == 0);
        player.play({Seconds(2), std::nullopt, std::nullopt});
        QTRY_VERIFY(player.position() > Seconds(2));
        player.scrub(Seconds(4), Seconds(0.04)); // while playing it is not heard
        QTest::qWait(50);
        QVERIFY(player.position() < Seconds(3));
    }

    void without_a_song_nothing_happens() {
        Player player(Player::Device::None);
        player.play({Seconds(0), std::nullopt, std::nullopt});
        player.scrub(Seconds(0), Seconds(1));
        player.set_speed(0.5);
        player.replace_sound(nullptr);
        player.stop();
        QVERIFY(!player.playing() && !player.has_sound());
        QCOMPARE(player.position(), Seconds(0));
    }

    void speeds_are_kept_within_bounds() {
        Player player(Player::Device::None);
        player.set_speed(0.01);
        QCOMPARE(player.speed(), 0.25);
        player.set_speed(50);
        QCOMPARE(player.speed(), 2.0);
    }

    void a_steady_clock_goes_on_from_an_earlier_device() {
        Mixer mixer(sound_rate);
        std::vector<float> block(2 * 1000);
        mixer.render(block); // what an earlier device was given
        const auto output = make_steady_output(mixer);
        QCOMPARE(output->heard(), Samples(1000));
        output->run(true);
        QTest::qWait(120);
        const auto heard = output->heard();
        QVERIFY(heard > Samples(1000) && heard.value < 1000 + sound_rate);
        output->run(false);
        const auto rested = output->heard();
        QTest::qWait(40);
        QCOMPARE(output->heard(), rested);
        QVERIFY(output->alive() && !output->audible());
    }

    void taps_give_the_median() {
        QCOMPARE(median({}), 0.0);
        QCOMPARE(median({0.3}), 0.3);
        QCOMPARE(median({0.9, 0.1, 0.2}), 0.2);
        DelayDialog dialog(Seconds(0.12));
        QCOMPARE(dialog.delay(), Seconds(0.12));
        auto* tap = dialog.findChild<QPushButton*>("tap");
        dialog.show();
        QTest::mouseClick(tap, Qt::LeftButton); // begins the click
        for (int i = 0; i < 8; ++i) {
            QTest::qWait(30);
            QTest::mouseClick(tap, Qt::LeftButton);
        }
        // What is told is what is taken over: the median of eight taps, whatever was set before.
        const auto told =
            QRegularExpression("^8 taps, (-?\\d+) ms").match(dialog.findChild<QLabel*>("taps told")->text());
        QVERIFY(told.hasMatch());
        QCOMPARE(std::lround(dialog.delay().value * 1000), told.captured(1).toLong());
    }
};

PULSEPIN_TEST_CLASS(TestPlayer, "test_player")
#include "test_player.moc"
