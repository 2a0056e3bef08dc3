// SPDX-License-Identifier: GPL-3.0-or-later
#include "support/test_program.h"
#include "time/grid_edits.h"
#include "time/musical_text.h"
#include "time/timecode.h"

#include <QTest>
#include <cmath>
#include <random>

using namespace pulsepin;

namespace {

FrameRate rate(const char* text) {
    return *FrameRate::parse(text);
}

BeatGrid wobbly_grid(std::uint32_t seed, std::int64_t first_beat, std::vector<MetreChange> metres = {}) {
    std::mt19937 random(seed);
    std::uniform_real_distribution<double> interval(0.25, 0.9);
    std::vector<GridBeat> beats;
    double time = 0.3;
    for (int i = 0; i < 120; ++i) {
        beats.push_back({Seconds(time)});
        time += interval(random);
    }
    return *BeatGrid::make(std::move(beats), first_beat, std::move(metres));
}

} // namespace

class TestTime : public QObject {
    Q_OBJECT
private slots:
    void frame_rates_are_exact_fractions() {
        QCOMPARE(rate("29.97").numerator(), 30000);
        QCOMPARE(rate("29.97").denominator(), 1001);
        QCOMPARE(rate("50/2"), rate("25"));
        QCOMPARE(rate("30000/1001").text(), "29.97");
        QCOMPARE(rate("24").text(), "24");
        for (const char* bad : {"", "0", "-24", "24.5", "24/0", "abc", "1/2", "5000", "24 "})
            QVERIFY2(!FrameRate::parse(bad), bad);
    }

    // Errors never accumulate: the frame that starts at a frame's start is that frame, ten hours in as well.
    void a_frame_starts_in_itself() {
        for (const auto& r : common_frame_rates())
            for (std::int64_t n : {0LL, 1LL, 2LL, 1799LL, 17982LL, 107892LL, 1'234'567LL, 4'000'000LL}) {
                QCOMPARE(r.frame_at(r.start_of(Frames(n))).value, n);
                QCOMPARE(r.frame_at(r.start_of(Frames(n)) - Seconds(1e-6)).value, n - 1);
            }
    }

    void samples_to_frames_without_rounding() {
        // 48000 * 1001 / 30000 = 1601.6 samples a frame: five frames are 8008 samples, to the sample.
        QCOMPARE(rate("29.97").frame_at(Samples(8008), 48000).value, 5);
        QCOMPARE(rate("29.97").frame_at(Samples(8007), 48000).value, 4);
        QCOMPARE(rate("24").frame_at(Samples(-1), 48000).value, -1);
    }

    void rounding_rules_and_their_error() {
        const auto r = rate("24");
        auto near = round_to_frame(Seconds(1.03), r, FrameRounding::Nearest);
        QCOMPARE(near.frame.value, 25); // 1.0417 is nearer than 1.0
        QVERIFY(std::abs(near.error.value - (25.0 / 24 - 1.03)) < 1e-12);
        auto early = round_to_frame(Seconds(1.03), r, FrameRounding::NeverLate);
        QCOMPARE(early.frame.value, 24);
        QVERIFY(early.error <= Seconds(0));
        std::mt19937 random(7);
        std::uniform_real_distribution<double> time(0, 4000);
        for (int i = 0; i < 20000; ++i)
            for (const auto& any : common_frame_rates()) {
                const Seconds t(time(random));
                QVERIFY(std::abs(round_to_frame(t, any, FrameRounding::Nearest).error.value) <=
                        any.frame_length().value / 2 + 1e-9);
                QVERIFY(round_to_frame(t, any, FrameRounding::NeverLate).error.value <= 1e-9);
            }
    }

    // Film music handbooks' click tables for 24 frames a second: frames and eighths of a frame in a beat,
    // against the tempo that is printed beside them (values from memory, to the printed hundredth).
    void film_click_tables_data() {
        QTest::addColumn<int>("eighths");
        QTest::addColumn<double>("tempo");
        QTest::addRow("8-0") << 64 << 180.00;
        QTest::addRow("10-0") << 80 << 144.00;
        QTest::addRow("11-4") << 92 << 125.22;
        QTest::addRow("12-0") << 96 << 120.00;
        QTest::addRow("13-0") << 104 << 110.77;
        QTest::addRow("14-3") << 115 << 100.17;
        QTest::addRow("16-0") << 128 << 90.00;
        QTest::addRow("17-1") << 137 << 84.09;
        QTest::addRow("18-0") << 144 << 80.00;
        QTest::addRow("24-0") << 192 << 60.00;
    }
    void film_click_tables() {
        QFETCH(int, eighths);
        QFETCH(double, tempo);
        const auto grid = *BeatGrid::steady(Bpm(tempo), Seconds(0), {}, Seconds(60));
        for (int beat = 0; beat <= 40; beat += 8) // where the table's clicks fall on whole frames
            QCOMPARE(
                round_to_frame(grid.time_at(Ticks(beat * ticks_per_beat)), rate("24"), FrameRounding::Nearest)
                    .frame.value,
                eighths * beat / 8);
    }

    // SMPTE ST 12-1 (numbers from memory, checked by counting): two numbers dropped each minute but every
    // tenth; 17 982 frames in ten minutes, 107 892 in an hour.
    void drop_frame_timecode() {
        const auto r = rate("29.97");
        const auto text = [&](std::int64_t n) { return format_timecode(Frames(n), r, TimecodeCount::Drop); };
        QCOMPARE(text(0), "00:00:00;00");
        QCOMPARE(text(1799), "00:00:59;29");
        QCOMPARE(text(1800), "00:01:00;02");
        QCOMPARE(text(17981), "00:09:59;29");
        QCOMPARE(text(17982), "00:10:00;00");
        QCOMPARE(text(107892), "01:00:00;00");
        QVERIFY(!parse_timecode("00:01:00;00", r));
        QVERIFY(!parse_timecode("00:01:00;01", r));
        QVERIFY(parse_timecode("00:10:00;00", r));
        QCOMPARE(format_timecode(Frames(3600), rate("59.94"), TimecodeCount::Drop), "00:01:00;04");
        QVERIFY(!drop_frame_exists(rate("23.976")));
        QVERIFY(!drop_frame_exists(rate("30")));
    }

    void timecode_round_trip() {
        for (const auto& r : common_frame_rates())
            for (const auto count : {TimecodeCount::NonDrop, TimecodeCount::Drop})
                for (std::int64_t n = 0; n < 120'000; n += 7)
                    QCOMPARE(parse_timecode(format_timecode(Frames(n), r, count), r)->value, n);
        for (const char* bad :
             {"", "1:2:3:4:5", "00:00:00:24", "00:60:00:00", "00:00:60:00", "00:00:00;00", "x"})
            QVERIFY2(!parse_timecode(bad, rate("24")), bad);
    }

    void clock_text() {
        QCOMPARE(format_clock(Seconds(33.559)), "0:33.559");
        QCOMPARE(format_clock(Seconds(3723.0005)), "1:02:03.001");
        QCOMPARE(format_clock(Seconds(59.9996)), "1:00.000");
        QCOMPARE(format_clock(Seconds(-0.0001)), "0:00.000");
    }

    void a_grid_refuses_nonsense() {
        QVERIFY(!BeatGrid::make({}, 0, {}));
        QVERIFY(!BeatGrid::make({{Seconds(1)}}, 0, {}));
        QVERIFY(!BeatGrid::make({{Seconds(1)}, {Seconds(1)}}, 0, {}));
        QVERIFY(!BeatGrid::make({{Seconds(1)}, {Seconds(NAN)}}, 0, {}));
        QVERIFY(!BeatGrid::make({{Seconds(1)}, {Seconds(2)}}, 0, {{0, {0, 4}}}));
        QVERIFY(!BeatGrid::make({{Seconds(1)}, {Seconds(2)}}, 0, {{4, {4, 4}}, {0, {3, 4}}}));
        QVERIFY(!BeatGrid::steady(Bpm(0), Seconds(0), {}, Seconds(10)));
        QVERIFY(!BeatGrid::steady(Bpm(NAN), Seconds(0), {}, Seconds(10)));
    }

    // Two total functions, each the exact inverse of the other; before the first beat and after the last as
    // well.
    void time_and_position_are_inverse() {
        for (std::uint32_t seed = 1; seed < 20; ++seed) {
            const auto grid = wobbly_grid(seed, static_cast<std::int64_t>(seed) - 10);
            std::mt19937 random(seed);
            std::uniform_real_distribution<double> anywhere(-30, 150);
            for (int i = 0; i < 500; ++i) {
                const Seconds time(anywhere(random));
                QVERIFY(std::abs((grid.time_at(grid.beats_at(time)) - time).value) < 1e-9);
                const Ticks tick(static_cast<std::int64_t>(anywhere(random) * 960));
                QCOMPARE(grid.nearest_tick(grid.time_at(tick)), tick);
            }
        }
    }

    void time_rises_with_position() {
        const auto grid = wobbly_grid(3, 0);
        Seconds last = grid.time_at(Ticks(-5000));
        for (std::int64_t t = -4999; t < 130 * 960; t += 13) {
            const Seconds now = grid.time_at(Ticks(t));
            QVERIFY(now > last);
            last = now;
        }
    }

    void bars_and_beats() {
        const auto grid = wobbly_grid(1, -2); // a pick-up of two beats
        QCOMPARE(grid.position_of(Ticks(0)), (MusicalPosition{1, 1, 0}));
        QCOMPARE(grid.position_of(Ticks(-960)), (MusicalPosition{0, 4, 0}));
        QCOMPARE(grid.position_of(Ticks(4 * 960 + 240)), (MusicalPosition{2, 1, 240}));
        QCOMPARE(grid.ticks_of({17, 3, 240}).value, (16 * 4 + 2) * 960 + 240);
        QCOMPARE(grid.ticks_of({5, 5, 0}), grid.ticks_of({6, 1, 0}));
        QVERIFY(grid.is_downbeat(0) && grid.is_downbeat(-4) && !grid.is_downbeat(3));
    }

    void places_and_ticks_agree_through_hundreds_of_metres() {
        std::vector<MetreChange> metres;
        for (std::int64_t i = -40; i < 300; ++i)
            metres.push_back({i * 13, {3 + static_cast<int>((i + 40) % 5), 4}});
        std::vector<GridBeat> beats;
        for (int i = 0; i < 5000; ++i)
            beats.push_back({Seconds(i * 0.5), 1, BeatOrigin::Found});
        const auto grid = *BeatGrid::make(beats, -600, metres);
        std::int64_t last_bar = grid.position_of(Ticks(-600 * ticks_per_beat)).bar;
        for (std::int64_t beat = -600; beat < 4400; ++beat) {
            const auto place = grid.position_of(Ticks(beat * ticks_per_beat));
            QCOMPARE(grid.ticks_of(place), Ticks(beat * ticks_per_beat));
            QVERIFY(place.bar == last_bar || place.bar == last_bar + 1);
            last_bar = place.bar;
        }
    }

    void changes_of_metre() {
        // Three bars of 4/4, then 3/4 for two bars, then 7/4.
        const auto grid = wobbly_grid(1, 0, {{0, {4, 4}}, {12, {3, 4}}, {18, {7, 4}}});
        QCOMPARE(grid.position_of(Ticks(12 * 960)), (MusicalPosition{4, 1, 0}));
        QCOMPARE(grid.position_of(Ticks(17 * 960)), (MusicalPosition{5, 3, 0}));
        QCOMPARE(grid.position_of(Ticks(18 * 960)), (MusicalPosition{6, 1, 0}));
        QCOMPARE(grid.position_of(Ticks(24 * 960)), (MusicalPosition{6, 7, 0}));
        for (const auto& metres : {std::vector<MetreChange>{{0, {4, 4}}, {12, {3, 4}}, {18, {7, 4}}},
                                   std::vector<MetreChange>{{-8, {3, 4}}, {1, {5, 4}}},
                                   std::vector<MetreChange>{{6, {2, 4}}, {10, {3, 4}}}}) {
            const auto any = wobbly_grid(2, -9, metres);
            for (std::int64_t t = -9 * 960; t < 60 * 960; t += 311)
                QCOMPARE(any.ticks_of(any.position_of(Ticks(t))).value, t);
        }
    }

    void relabelling_keeps_beats_in_time() {
        const auto grid = wobbly_grid(5, -3);
        const auto half = *with_tempo_ratio(grid, 1, 2);
        QCOMPARE(half.time_at(Ticks(0)), grid.time_at(Ticks(0)));
        QCOMPARE(half.time_at(Ticks(7 * 960)), grid.time_at(Ticks(14 * 960)));
        const auto twice = *with_tempo_ratio(grid, 2, 1);
        QCOMPARE(twice.time_at(Ticks(14 * 960)), grid.time_at(Ticks(7 * 960)));
        const auto back = *with_tempo_ratio(twice, 1, 2);
        for (std::int64_t beat = 0; beat < 50; ++beat)
            QCOMPARE(back.time_at(Ticks(beat * 960)), grid.time_at(Ticks(beat * 960)));
        const auto renamed = *with_bar_one_at(grid, 6);
        QCOMPARE(renamed.time_at(Ticks(0)), grid.time_at(Ticks(6 * 960)));
        QCOMPARE(with_metre(grid, {3, 4})->position_of(Ticks(3 * 960)), (MusicalPosition{2, 1, 0}));
    }

    void retiming_keeps_names() {
        const auto grid = wobbly_grid(6, -3);
        const auto later = *shifted(grid, Seconds(0.03));
        QCOMPARE(later.first_beat(), grid.first_beat());
        QVERIFY(std::abs((later.time_at(Ticks(960)) - grid.time_at(Ticks(960))).value - 0.03) < 1e-12);
        QVERIFY(std::abs(with_mean_tempo(grid, Bpm(100))->mean_tempo().value - 100) < 1e-9);
    }

    void positions_as_text() {
        QCOMPARE(format_position({17, 3, 0}), "17.3");
        QCOMPARE(format_position({17, 3, 240}), "17.3.240");
        QCOMPARE(*parse_position("19 . 1"), (MusicalPosition{19, 1, 0}));
        QCOMPARE(*parse_position("5"), (MusicalPosition{5, 1, 0}));
        for (const char* bad : {"", "a", "5.", "5.0", "5.1.960", "5.1.2.3", "5,1", "99999999999999999999.1"})
            QVERIFY2(!parse_position(bad), bad);
        QCOMPARE(*parse_metre("7/8"), (Metre{7, 8}));
        QVERIFY(!parse_metre("0/4"));
    }
};

PULSEPIN_TEST_CLASS(TestTime, "test_time")
#include "test_time.moc"
