// SPDX-License-Identifier: GPL-3.0-or-later
#include "play/command_queue.h"
#include "play/level_meter.h"
#include "play/mixer.h"
#include "support/media.h"
#include "support/test_program.h"

#include <thread>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

std::shared_ptr<const SampleStore> ramp(std::size_t frames) {
    std::vector<float> samples;
    for (std::size_t i = 0; i < frames; ++i) {
        samples.push_back(static_cast<float>(i) / 100'000);
        samples.push_back(-static_cast<float>(i) / 100'000);
    }
    return store_of(samples, {48000, 2});
}

std::shared_ptr<const MixPlan> heard(std::shared_ptr<const SampleStore> sound) {
    return std::make_shared<const MixPlan>(plan_of(std::move(sound)));
}

std::vector<float> rendered(Mixer& mixer, std::size_t frames, std::size_t block = 333) {
    std::vector<float> all;
    while (all.size() < 2 * frames) {
        std::vector<float> part(2 * std::min(block, frames - all.size() / 2));
        mixer.render(part);
        all.insert(all.end(), part.begin(), part.end());
    }
    return all;
}

} // namespace

class TestPlay : public QObject {
    Q_OBJECT
private slots:
    void plays_every_sample_once() {
        Mixer mixer(48000);
        const auto sound = ramp(10'000);
        mixer.set_sound(heard(sound));
        mixer.play({Samples(100), std::nullopt, false, {}, 1});
        const auto out = rendered(mixer, 12'000);
        for (std::size_t i = 0; i < 12'000; ++i)
            QCOMPARE(out[2 * i], i < 9'900 ? sound->interleaved()[2 * (i + 100)] : 0.0f);
        QCOMPARE(mixer.heard(Samples(50)), (SongPlace{Samples(150), true, 1.0, 1}));
        QCOMPARE(mixer.heard(Samples(9'899)), (SongPlace{Samples(9'999), true, 1.0, 1}));
        QCOMPARE(mixer.heard(Samples(11'000)), (SongPlace{Samples(10'000), false, 1.0, 1}));
    }

    void is_silent_when_stopped() {
        Mixer mixer(48000);
        mixer.set_sound(heard(ramp(1000)));
        for (const float v : rendered(mixer, 500))
            QCOMPARE(v, 0.0f);
        mixer.play({Samples(0), std::nullopt, false, {}, 1});
        (void)rendered(mixer, 100);
        mixer.stop();
        for (const float v : rendered(mixer, 500))
            QCOMPARE(v, 0.0f);
        QCOMPARE(mixer.heard(mixer.rendered()), (SongPlace{Samples(100), false, 1.0, 1}));
    }

    void stops_at_the_end_of_the_range() {
        Mixer mixer(48000);
        mixer.set_sound(heard(ramp(5000)));
        mixer.play({Samples(10), Samples(110), false, {}, 4});
        const auto out = rendered(mixer, 300);
        QVERIFY(out[2 * 99] > 0.0f);
        QCOMPARE(out[2 * 100], 0.0f);
        QCOMPARE(mixer.heard(Samples(300)), (SongPlace{Samples(110), false, 1.0, 4}));
    }

    // A loop is seamless to the sample, whatever the size of the blocks.
    void loops_to_the_sample() {
        for (const std::size_t block : {1u, 7u, 64u, 1000u}) {
            Mixer mixer(48000);
            const auto sound = ramp(5000);
            mixer.set_sound(heard(sound));
            mixer.play({Samples(250), Samples(300), true, Samples(200), 1});
            const auto out = rendered(mixer, 777, block);
            for (std::size_t i = 0; i < 777; ++i) {
                const std::size_t at = i < 50 ? 250 + i : 200 + (i - 50) % 100;
                QCOMPARE(out[2 * i], sound->interleaved()[2 * at]);
                QCOMPARE(mixer.heard(Samples(static_cast<std::int64_t>(i))).position.value,
                         static_cast<std::int64_t>(at));
            }
        }
    }

    void clicks_begin_exactly_on_their_beats() {
        Mixer mixer(48000);
        mixer.set_sound(heard(store_of(std::vector<float>(2 * 48000, 0.0f), {48000, 2})));
        mixer.set_clicks(std::make_shared<const ClickTrack>(
            std::vector<Click>{{Samples(1000), true}, {Samples(25'000), false}}, 48000));
        mixer.set_click_gain(1.0f);
        mixer.play({Samples(0), std::nullopt, false, {}, 1});
        for (const std::size_t block : {100u, 1001u}) {
            mixer.play({Samples(0), std::nullopt, false, {}, 1});
            const auto out = rendered(mixer, 40'000, block);
            for (const std::size_t beat : {1000u, 25'000u}) {
                QCOMPARE(out[2 * (beat - 1)], 0.0f);
                QVERIFY(out[2 * beat] > 0.5f);
                QVERIFY(std::abs(out[2 * beat]) >=
                        std::abs(out[2 * beat + 2])); // its first sample is its loudest
            }
            QCOMPARE(out[2 * 20'000], 0.0f);
        }
    }

    void a_click_under_way_goes_on_after_a_jump() {
        Mixer mixer(48000);
        mixer.set_sound(heard(store_of(std::vector<float>(96'000, 0.0f), {48000, 2})));
        mixer.set_clicks(
            std::make_shared<const ClickTrack>(std::vector<Click>{{Samples(1000), false}}, 48000));
        mixer.set_click_gain(1.0f);
        mixer.play({Samples(0), std::nullopt, false, {}, 1});
        const auto whole = rendered(mixer, 2000);
        mixer.play({Samples(1100), std::nullopt, false, {}, 2});
        const auto part = rendered(mixer, 500);
        for (std::size_t i = 0; i < 500; ++i)
            QCOMPARE(part[2 * i], whole[2 * (1100 + i)]);
    }

    void volume_changes_without_steps() {
        Mixer mixer(48000);
        mixer.set_sound(heard(store_of(std::vector<float>(20'000, 1.0f), {48000, 2})));
        mixer.play({Samples(0), std::nullopt, false, {}, 1});
        (void)rendered(mixer, 480, 480);
        mixer.set_music_gain(0.0f);
        const auto out = rendered(mixer, 480, 480);
        for (std::size_t i = 1; i < 480; ++i)
            QVERIFY(std::abs(out[2 * i] - out[2 * i - 2]) < 0.01f);
        QCOMPARE(out[2 * 479], 0.0f);
    }

    void mono_is_heard_on_both_sides() {
        Mixer mixer(44100);
        mixer.set_sound(heard(store_of({0.5f, 0.25f}, {44100, 1})));
        mixer.play({Samples(0), std::nullopt, false, {}, 1});
        const auto out = rendered(mixer, 2);
        QCOMPARE(out, (std::vector<float>{0.5f, 0.5f, 0.25f, 0.25f}));
    }

    // While no device asks for sound, commands wait; none is lost and the newest counts.
    void commands_wait_for_the_device() {
        Mixer mixer(48000);
        mixer.set_sound(heard(ramp(5000)));
        for (std::uint32_t run = 1; run <= 500; ++run)
            mixer.play({Samples(run), std::nullopt, false, {}, run});
        for (int i = 0; i < 20; ++i) {
            (void)rendered(mixer, 1);
            mixer.service();
        }
        QCOMPARE(mixer.heard(mixer.rendered()).run, std::uint32_t{500});
    }

    // A tone keeps its pitch, takes twice as long at half the speed, and each of its moments is heard where
    // the map says: bursts two thousand samples apart come four thousand apart.
    void another_speed() {
        for (const double speed : {0.25, 0.5, 1.5, 2.0}) {
            constexpr int bursts = 8, apart = 12'000;
            std::vector<float> song(2 * apart * (bursts + 1), 0.0f);
            for (int b = 0; b < bursts; ++b)
                for (int i = 0; i < 1500; ++i)
                    for (std::size_t side = 0; side < 2; ++side)
                        song[2 * static_cast<std::size_t>(apart / 2 + b * apart + i) + side] =
                            0.6f * static_cast<float>(std::sin(0.2 * i) * std::exp(-i / 250.0));
            Mixer mixer(48000);
            mixer.set_sound(heard(store_of(song, {48000, 2})));
            mixer.play(
                {Samples(0), std::nullopt, false, {}, 1, std::make_shared<TimeStretch>(48000, speed), {}});
            const auto expected = static_cast<std::size_t>(apart * (bursts + 1) / speed);
            const auto out = rendered(mixer, expected + 4000, 480);
            std::vector<std::size_t> starts;
            for (std::size_t i = 0; i < expected; ++i)
                if (std::abs(out[2 * i]) > 0.12f &&
                    (starts.empty() ||
                     static_cast<int>(i) - static_cast<int>(starts.back()) > apart / 2 / speed))
                    starts.push_back(i);
            QCOMPARE(starts.size(), std::size_t{bursts});
            for (int b = 0; b < bursts; ++b) {
                const auto place =
                    mixer.heard(Samples(static_cast<std::int64_t>(starts[static_cast<std::size_t>(b)])));
                const double off = static_cast<double>(place.position.value - (apart / 2 + b * apart)) / 48;
                QVERIFY2(std::abs(off) < 15, qPrintable(QString("speed %1: %2 ms off").arg(speed).arg(off)));
            }
            for (std::size_t i = expected + 10; i < expected + 4000; ++i)
                QCOMPARE(out[2 * i], 0.0f); // nothing after the end
            QVERIFY(!mixer.heard(Samples(static_cast<std::int64_t>(expected) + 10)).playing);
        }
    }

    void a_loop_at_another_speed() {
        Mixer mixer(48000);
        mixer.set_sound(heard(store_of(std::vector<float>(2 * 48'000, 0.1f), {48000, 2})));
        mixer.play({Samples(10'000),
                    Samples(20'000),
                    true,
                    Samples(10'000),
                    1,
                    std::make_shared<TimeStretch>(48000, 0.5),
                    {}});
        (void)rendered(mixer, 100'000);
        for (std::int64_t device = 0; device < 100'000; device += 777) {
            const auto place = mixer.heard(Samples(device));
            QVERIFY(place.playing);
            QVERIFY(std::abs(place.position.value - (10'000 + device / 2 % 10'000)) <= 2);
        }
    }

    void snippets_fade_at_both_ends() {
        Mixer mixer(48000);
        mixer.set_sound(heard(store_of(std::vector<float>(2 * 9000, 0.5f), {48000, 2})));
        mixer.play({Samples(1000), Samples(3000), false, {}, 1, {}, Samples(200)});
        const auto out = rendered(mixer, 2500);
        QVERIFY(std::abs(out[0]) < 0.01f && std::abs(out[2 * 1999]) < 0.01f);
        QCOMPARE(out[2 * 1000], 0.5f);
        for (std::size_t i = 1; i < 2000; ++i)
            QVERIFY(std::abs(out[2 * i] - out[2 * i - 2]) < 0.004f);
    }

    // ITU-R BS.1770: a 997 Hz sine at 0 dBFS in one channel reads -3.01 LKFS (value from memory of the
    // standard).
    void the_meter_reads_the_standard_tone() {
        LevelMeter meter(48000);
        std::vector<float> tone(2 * 480);
        for (int block = 0; block < 400; ++block) {
            for (int i = 0; i < 480; ++i) {
                tone[2 * static_cast<std::size_t>(i)] =
                    static_cast<float>(std::sin(2 * 3.14159265358979 * 997 * (block * 480 + i) / 48000.0));
                tone[2 * static_cast<std::size_t>(i) + 1] = 0;
            }
            meter.add(tone);
        }
        QVERIFY2(std::abs(meter.short_term_lufs() + 3.01) < 0.05,
                 qPrintable(QString::number(meter.short_term_lufs())));
        QVERIFY(std::abs(meter.peak_db()) < 0.1);
        meter.reset();
        QCOMPARE(meter.peak_db(), -100.0);
        QCOMPARE(meter.short_term_lufs(), -100.0);
    }

    void played_map_from_two_threads() {
        PlayedMap map;
        std::atomic<std::int64_t> device{0};
        std::jthread writer([&](const std::stop_token& stop) {
            for (std::int64_t n = 0; !stop.stop_requested(); ++n) {
                map.turn(Samples(n * 100), {Samples(n * 1000), true, 1.0, static_cast<std::uint32_t>(n)});
                device.store(n * 100);
                if (n % 16 == 0)
                    std::this_thread::yield();
            }
        });
        while (device.load() < 1000)
            std::this_thread::yield();
        int looked_at = 0;
        for (int i = 0; i < 200'000; ++i) {
            const std::int64_t now = device.load() + 5;
            const auto place = map.at(Samples(now));
            const std::int64_t turn = place.run;
            if (turn * 100 > now)
                continue; // the writer is far ahead: this is the oldest that is remembered
            ++looked_at;
            QCOMPARE(place.position.value, turn * 1000 + (now - turn * 100)); // each turn belongs to itself
        }
        QVERIFY(looked_at > 1000);
    }

    // From one thread to another, in order, each once; what does not fit stays where it was.
    void commands_arrive_in_order() {
        CommandQueue<std::unique_ptr<int>, 8> queue;
        for (int i = 0; i < 8; ++i)
            QVERIFY(queue.push(std::make_unique<int>(i)));
        auto waiting = std::make_unique<int>(8);
        QVERIFY(!queue.push(std::move(waiting)));
        QVERIFY(waiting && *waiting == 8);
        std::unique_ptr<int> taken;
        for (int i = 0; i < 8; ++i)
            QVERIFY(queue.pop(taken) && *taken == i);
        QVERIFY(!queue.pop(taken));
        constexpr int count = 100'000;
        std::jthread sender([&] {
            for (int i = 0; i < count; ++i) {
                auto value = std::make_unique<int>(i);
                while (!queue.push(std::move(value)))
                    std::this_thread::yield();
            }
        });
        for (int expected = 0; expected < count;)
            if (queue.pop(taken))
                QCOMPARE(*taken, expected++);
            else
                std::this_thread::yield();
    }

    void sound_changes_while_rendering() {
        Mixer mixer(48000);
        std::atomic<float> loudest = 0;
        std::jthread device([&](const std::stop_token& stop) {
            std::vector<float> block(512);
            while (!stop.stop_requested()) {
                mixer.render(block);
                for (const float value : block)
                    loudest = std::max(loudest.load(), std::isfinite(value) ? std::abs(value) : 1e9f);
            }
        });
        for (std::uint32_t i = 0; i < 200; ++i) {
            mixer.set_sound(heard(ramp(100 + i)));
            mixer.set_clicks(
                std::make_shared<const ClickTrack>(std::vector<Click>{{Samples(10), true}}, 48000));
            mixer.play({Samples(0), std::nullopt, true, Samples(0), i});
            (void)mixer.heard(mixer.rendered());
        }
        // The last of two hundred orders is the one that holds, and nothing louder than sound and click came
        // out.
        QVERIFY(QTest::qWaitFor([&] { return mixer.heard(mixer.rendered()).run == 199; }, 5000));
        device.request_stop();
        device.join();
        const auto place = mixer.heard(mixer.rendered());
        QVERIFY(place.position >= Samples(0) && place.position <= Samples(299));
        QVERIFY2(loudest > 0 && loudest < 4, qPrintable(QString::number(loudest.load())));
    }

    void each_sound_of_a_click_begins_on_its_sample_with_its_loudest() {
        std::vector<std::vector<float>> heard;
        for (int sound = 0; sound <= click_voices; ++sound) {
            const ClickTrack track({{Samples(777), false, sound}}, 48000);
            std::vector<float> stereo(2 * 20'000, 0.0f);
            track.add_to(stereo, Samples(0), 1.0f);
            std::size_t first = 0, loudest = 0;
            for (std::size_t i = 0; i < stereo.size() / 2; ++i) {
                QCOMPARE(stereo[2 * i], stereo[2 * i + 1]);
                if (first == 0 && stereo[2 * i] != 0)
                    first = i;
                if (std::abs(stereo[2 * i]) > std::abs(stereo[2 * loudest]))
                    loudest = i;
            }
            QCOMPARE(first, std::size_t{777});
            QCOMPARE(loudest, std::size_t{777});
            QVERIFY(std::abs(stereo[2 * 777]) <= 1.0f);
            for (const auto& other : heard)
                QVERIFY(other != stereo); // each of its own
            heard.push_back(stereo);
            // Cut into blocks it is the same.
            std::vector<float> blocks(stereo.size(), 0.0f);
            for (std::size_t at = 0; at < blocks.size(); at += 2 * 333)
                track.add_to(
                    std::span(blocks).subspan(at, std::min<std::size_t>(2 * 333, blocks.size() - at)),
                    Samples(static_cast<std::int64_t>(at / 2)), 1.0f);
            QCOMPARE(blocks, stereo);
        }
    }
};

PULSEPIN_TEST_CLASS(TestPlay, "test_play")
#include "test_play.moc"
