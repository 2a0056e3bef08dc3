// SPDX-License-Identifier: GPL-3.0-or-later
#include "analysis/analyze.h"
#include "analysis/beat_path.h"
#include "analysis/bent_end.h"
#include "analysis/feature_cache.h"
#include "analysis/half_beat_slips.h"
#include "analysis/level_duel.h"
#include "analysis/swing.h"
#include "analysis/track_ends.h"
#include "support/beat_measures.h"
#include "support/drum_score.h"
#include "support/found_beats.h"
#include "support/media.h"
#include "support/test_program.h"

#include <QFile>
#include <functional>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

/// Clicks with softer ones at `share` of each beat; none when that is 0.
std::shared_ptr<const SampleStore> swung_clicks(double bpm, double first, double seconds, double share) {
    constexpr std::int64_t rate = 44100;
    std::vector<float> samples(static_cast<std::size_t>(seconds * rate), 0.0f);
    const auto put = [&](double at, double level) {
        const auto start = static_cast<std::size_t>(std::llround(at * rate));
        for (std::size_t i = 0; i < 2200 && start + i < samples.size(); ++i) {
            const double t = static_cast<double>(i) / rate;
            samples[start + i] +=
                static_cast<float>(level * std::exp(-t / 0.012) * std::cos(2 * 3.14159265 * 1500 * t));
        }
    };
    for (double beat = first; beat < seconds; beat += 60 / bpm) {
        put(beat, 0.7);
        if (share > 0)
            put(beat + share * 60 / bpm, 0.2);
    }
    return store_of(samples, {rate, 1});
}

/// What a network would hear of these beats, surely.
std::vector<float> heard(const BeatTrack& beats) {
    std::vector<float> odds(static_cast<std::size_t>(beats.back()) + 200, -4.0f);
    for (const double beat : beats)
        odds[static_cast<std::size_t>(std::lround(beat))] = 2.5f;
    return odds;
}

/// 60 steady beats, then each longer than the one before by so much.
BeatTrack bending(double by, std::size_t count) {
    BeatTrack beats{20};
    double period = 50;
    for (std::size_t i = 1; i < 60 + count; ++i) {
        period *= i < 60 ? 1 : 1 + by;
        beats.push_back(beats.back() + period);
    }
    return beats;
}

ScoredGrid grid_of(double period, double score) {
    ScoredGrid grid;
    for (double at = 10; at < 6000; at += period)
        grid.beats.push_back(at);
    grid.score = score;
    return grid;
}

} // namespace

class TestGrids : public QObject {
    Q_OBJECT
private slots:
    // Every tempo from 40 to 240, eighths straight, swung or absent: the beat, half of it or twice it, and
    // never beside it.
    void clicks_of_all_tempi_data() {
        QTest::addColumn<double>("bpm");
        QTest::addColumn<double>("share");
        for (double bpm = 40; bpm <= 241; bpm *= 1.0935)
            QTest::addRow("%.1f", bpm) << bpm << 0.0;
        for (const double bpm : {70.0, 92.0, 120.0, 144.0}) {
            QTest::addRow("%.0f straight", bpm) << bpm << 0.5;
            QTest::addRow("%.0f swung", bpm) << bpm << 2.0 / 3;
        }
    }
    void clicks_of_all_tempi() {
        QFETCH(double, bpm);
        QFETCH(double, share);
        const double first = 0.371, length = std::max(30.0, 24 * 60 / bpm);
        const auto analysis = analyze(*swung_clicks(bpm, first, length, share));
        QVERIFY(analysis && analysis->grid);
        std::vector<double> truth;
        for (double beat = first; beat < length; beat += 60 / bpm)
            truth.push_back(beat);
        // Straight eighths may be taken for the beat, and what is faster than 200 for eighths: one click for
        // a person. What may never happen is a grid beside the clicks.
        const double found = analysis->grid->typical_tempo().value;
        const double level = found / bpm;
        const bool octave_allowed = bpm > 200 || share == 0.5;
        const QString told = QString("found %1 BPM").arg(found);
        QVERIFY2(std::abs(level - 1) < 0.02 ||
                     (octave_allowed && (std::abs(level - 2) < 0.04 || std::abs(level - 0.5) < 0.01)),
                 qPrintable(told));
        if (level > 1.5)
            for (double beat = first + 30 / bpm; beat < length; beat += 60 / bpm)
                truth.push_back(beat);
        std::sort(truth.begin(), truth.end());
        const auto m = measure_beats(truth, beats_of(*analysis));
        QVERIFY2(m.f >= (level < 0.7 ? 0.64 : 0.95) && std::abs(m.mean_offset) < 0.005, qPrintable(told));
        if (std::abs(level - 1) > 0.1)
            return;
        if (share > 0) {
            QVERIFY(analysis->swing.has_value());
            QVERIFY2(std::abs(*analysis->swing - share / (1 - share)) < 0.08,
                     qPrintable(QString::number(*analysis->swing)));
        }
    }

    // General MIDI drums (channel 10: 36 kick, 38 snare, 42 closed hat; MIDI 1.0, General MIDI level 1),
    // rendered with fluidsynth from notes whose times are known.
    void drum_patterns_data() {
        QTest::addColumn<QString>("pattern");
        QTest::addColumn<double>("bpm");
        QTest::addColumn<int>("beats");
        // One letter a half beat: K kick, S snare, B both, . nothing; a hat sounds on each.
        QTest::newRow("rock 100") << "K.S.K.S." << 100.0 << 4;
        QTest::newRow("rock 132") << "K.S.KKS." << 132.0 << 4;
        QTest::newRow("four on the floor 126") << "K.B.K.B." << 126.0 << 4;
        QTest::newRow("waltz 150") << "K.S.S." << 150.0 << 3;
        QTest::newRow("slow 72") << "K.S.K.S." << 72.0 << 4;
    }
    void drum_patterns() {
        QFETCH(QString, pattern);
        QFETCH(double, bpm);
        QFETCH(int, beats);
        DrumScore score;
        const double first = 0.8, half = 30 / bpm;
        std::vector<double> truth, downbeats, kicks, snares;
        for (int i = 0; first + i * half < 40; ++i) {
            const double t = first + i * half;
            const QChar c = pattern[i % pattern.size()];
            score.hit(t, 42, i % 2 == 0 ? 90 : 64);
            if (c == 'K' || c == 'B') {
                score.hit(t, 36, 112);
                kicks.push_back(t);
            }
            if (c == 'S' || c == 'B') {
                score.hit(t, 38, 108);
                snares.push_back(t);
            }
            if (i % 2 == 0)
                truth.push_back(t);
            if (i % (2 * beats) == 0) {
                downbeats.push_back(t);
                if (i % (8 * beats) == 0)
                    score.hit(t, 49, 110); // a crash on the first of every fourth bar
            }
        }
        const auto sound = score.played();
        QVERIFY2(sound != nullptr, "fluidsynth or the soundfont of timgm6mb-soundfont is missing");
        const auto analysis = analyze(*sound);
        QVERIFY(analysis && analysis->grid);
        const auto b = measure_beats(truth, beats_of(*analysis));
        const auto d = measure_beats(downbeats, downbeats_of(*analysis));
        QVERIFY2(
            b.f > 0.95,
            qPrintable(QString("beats %1 at %2 BPM").arg(b.f).arg(analysis->grid->typical_tempo().value)));
        // Where both halves of a bar sound alike, bars may begin at either.
        std::vector<double> moved;
        for (const double t : downbeats)
            moved.push_back(t + half * static_cast<double>(beats));
        const bool halves_alike = pattern.left(pattern.size() / 2) == pattern.right(pattern.size() / 2);
        QVERIFY2(d.f > 0.90 || (halves_alike && measure_beats(moved, downbeats_of(*analysis)).f > 0.90),
                 qPrintable(QString("downbeats %1").arg(d.f)));
        QVERIFY(std::abs(b.mean_offset) < 0.008); // the synthesiser itself answers after 2 to 5 ms
        std::vector<double> heard;
        for (const auto& onset : analysis->drums[0])
            heard.push_back(onset.time.value);
        QVERIFY2(measure_beats(kicks, heard, 0.05).f > 0.8,
                 qPrintable(QString::number(measure_beats(kicks, heard, 0.05).f)));
        heard.clear();
        for (const auto& onset : analysis->drums[1])
            heard.push_back(onset.time.value);
        QVERIFY2(measure_beats(snares, heard, 0.05).f > 0.7,
                 qPrintable(QString::number(measure_beats(snares, heard, 0.05).f)));
    }

    void conditions_are_kept_to() {
        const auto feature_set = extract_features(*click_track(120, 0.3, 30));
        QVERIFY(feature_set.has_value());
        AnalysisSettings settings;
        settings.grid.tempo_range = {Bpm(50), Bpm(70)};
        auto analysis = analyze(*feature_set, settings);
        QVERIFY(analysis && analysis->grid);
        QVERIFY(std::abs(analysis->grid->typical_tempo().value - 60) < 0.5);
        // Of the two phases at half tempo the one that is held.
        for (const double held : {10.3, 10.8}) {
            settings.grid.held = {Seconds(held)};
            analysis = analyze(*feature_set, settings);
            QVERIFY(analysis && analysis->grid);
            const auto beat = analysis->grid->nearest_beat(Seconds(held));
            QVERIFY2(std::abs((analysis->grid->time_at(beat) - Seconds(held)).value) < 0.02,
                     qPrintable(QString::number(held)));
        }
        settings.grid = {};
        settings.grid.beats_per_bar = 5;
        analysis = analyze(*feature_set, settings);
        QCOMPARE(analysis->grid->metre_at(Ticks(0)).beats_per_bar, 5);
    }

    /// Whoever asks for a tempo that was told gets its beats: of the one that was found the very same, of
    /// half of it every second one; and may ask for the others next.
    void a_tempo_that_was_told_can_be_asked_for() {
        const auto feature_set = extract_features(*swung_clicks(118, 0.4, 40, 0.5));
        QVERIFY(feature_set.has_value());
        const auto found = analyze(*feature_set, {});
        QVERIFY(found && found->grid && found->tempi.size() > 1);
        const auto asked_for = [&](Bpm tempo) {
            AnalysisSettings settings;
            settings.grid.tempo_range = {tempo * 0.96, tempo * 1.04};
            return *analyze(*feature_set, settings);
        };
        const auto same = asked_for(found->tempi[0].tempo);
        QCOMPARE(same.grid->beats().size(), found->grid->beats().size());
        for (std::size_t i = 0; i < same.grid->beats().size(); ++i)
            QCOMPARE(same.grid->beats()[i].time, found->grid->beats()[i].time);
        for (const auto& candidate : found->tempi) {
            const auto other = asked_for(candidate.tempo);
            QVERIFY(other.grid.has_value());
            QVERIFY(std::abs(other.grid->typical_tempo() / candidate.tempo - 1) < 0.03);
            // It is no guess any more, and the one that was found before can be had back.
            QCOMPARE(other.tempi[0].confidence, 1.0f);
            QVERIFY(std::abs(other.tempi[0].tempo / candidate.tempo - 1) < 0.03);
            QVERIFY(std::any_of(other.tempi.begin(), other.tempi.end(), [&](const auto& again) {
                return std::abs(again.tempo / found->tempi[0].tempo - 1) < 0.03;
            }));
            const double ratio = found->tempi[0].tempo / candidate.tempo;
            if (std::abs(ratio - 2) > 0.05)
                continue;
            std::size_t shared = 0;
            for (const auto& beat : other.grid->beats())
                shared +=
                    std::abs((found->grid->time_at(found->grid->nearest_beat(beat.time)) - beat.time).value) <
                    0.01;
            QCOMPARE(shared, other.grid->beats().size());
        }
    }

    void what_is_excluded_says_nothing() {
        // Clicks at 100, over the last third others at 133: without them the grid runs on at 100.
        constexpr std::int64_t rate = 44100;
        std::vector<float> samples(rate * 36, 0.0f);
        const auto a = click_track(100, 0.3, 24), b = click_track(133, 0.1, 12);
        std::copy(a->interleaved().begin(), a->interleaved().end(), samples.begin());
        std::copy(b->interleaved().begin(), b->interleaved().end(), samples.begin() + 24 * rate);
        const auto feature_set = extract_features(*store_of(samples, {rate, 1}));
        AnalysisSettings settings;
        settings.grid.excluded = {{Seconds(24), Seconds(36)}};
        const auto analysis = analyze(*feature_set, settings);
        QVERIFY(analysis && analysis->grid);
        QVERIFY(std::abs(analysis->grid->typical_tempo().value - 100) < 1);
    }

    /// What is found in a song is the same, only later, when silence is put before it; and none of it changes
    /// when silence follows.
    void silence_around_a_song_changes_nothing_data() {
        QTest::addColumn<double>("before");
        QTest::addColumn<double>("behind");
        QTest::addRow("before") << 0.7 << 0.0;
        QTest::addRow("long before") << 6.34 << 0.0;
        QTest::addRow("behind") << 0.0 << 9.0;
        QTest::addRow("both") << 1.0 << 1.0;
    }
    void silence_around_a_song_changes_nothing() {
        QFETCH(double, before);
        QFETCH(double, behind);
        constexpr std::int64_t rate = 44100;
        const auto song = swung_clicks(97, 0, 30, 0.5);
        std::vector<float> samples(song->interleaved().begin(), song->interleaved().end());
        const auto alone = analyze(*store_of(samples, {rate, 1}));
        samples.insert(samples.begin(), static_cast<std::size_t>(std::llround(before * rate)), 0.0f);
        samples.insert(samples.end(), static_cast<std::size_t>(std::llround(behind * rate)), 0.0f);
        const auto among = analyze(*store_of(samples, {rate, 1}));
        QVERIFY(alone && among && alone->grid && among->grid);
        QVERIFY(std::abs(among->tempi.front().tempo / alone->tempi.front().tempo - 1) < 0.001);
        QVERIFY(std::abs(among->tempi.front().confidence - alone->tempi.front().confidence) < 0.05f);
        QVERIFY(among->grid->metres() == alone->grid->metres());
        QCOMPARE(among->grid->beats().size(), alone->grid->beats().size());
        for (std::size_t i = 0; i < alone->grid->beats().size(); ++i)
            QVERIFY(
                std::abs((among->grid->beats()[i].time - alone->grid->beats()[i].time).value - before) <
                (i == 0 ? 0.01 : 0.002)); // one that is found a little before the song is on its beginning
        // What a file begins with has nothing that it rises from.
        const std::size_t first = among->onsets.size() - alone->onsets.size();
        QVERIFY(first <= 1);
        for (std::size_t i = 0; i < alone->onsets.size(); ++i)
            QVERIFY(std::abs((among->onsets[i + first].time - alone->onsets[i].time).value - before) <
                    0.0021);
        QCOMPARE(among->sections.size(), alone->sections.size());
        QCOMPARE(among->sections.front().start, Seconds(0));
        QCOMPARE(among->sections.back().end, among->duration);
    }

    void beats_that_slipped_by_half_go_back() {
        const auto track = [](std::size_t slip_from, std::size_t slip_until) {
            BeatTrack beats;
            for (std::size_t i = 0; i < 200; ++i)
                beats.push_back(7 + 50.0 * static_cast<double>(i) + (i % 3 == 0 ? 0.8 : -0.4) +
                                (i >= slip_from && i < slip_until ? 25 : 0));
            return beats;
        };
        const auto mended = without_half_beat_slips(track(80, 120));
        QCOMPARE(mended.beats.size(), std::size_t(200));
        for (std::size_t i = 0; i < 200; ++i) {
            QVERIFY(std::abs(mended.beats[i] - 7 - 50.0 * static_cast<double>(i)) < 2);
            QCOMPARE(static_cast<bool>(mended.moved[i]), i >= 80 && i < 120);
        }
        // Fewer than three in a hundred may be a human hand.
        QVERIFY(without_half_beat_slips(track(80, 84)).beats == track(80, 84));
        QVERIFY(without_half_beat_slips(track(0, 0)).beats == track(0, 0));
    }

    void what_is_no_slip_is_left_alone() {
        const auto stays = [](const std::function<double(std::size_t)>& period, std::size_t count) {
            BeatTrack beats{10};
            for (std::size_t i = 1; i < count; ++i)
                beats.push_back(beats.back() + period(i));
            const auto seen = without_half_beat_slips(beats);
            return seen.beats == beats &&
                   std::find(seen.moved.begin(), seen.moved.end(), true) == seen.moved.end();
        };
        QVERIFY(stays([](std::size_t i) { return i < 100 ? 50.0 : 40.0; }, 200)); // another tempo
        QVERIFY(stays([](std::size_t i) { return i < 150 ? 50.0 : 50.0 + 0.5 * double(i - 150); },
                      200));                                                      // slower
        QVERIFY(stays([](std::size_t i) { return i < 100 ? 50.0 : 25.0; }, 200)); // twice as many
        QVERIFY(stays([](std::size_t i) { return 50 + 2 * std::sin(double(i) / 9); }, 200));
        QVERIFY(stays([](std::size_t i) { return i % 2 == 0 ? 75.0 : 25.0; }, 12));
    }

    // A slip beside a change of tempo.
    void slips_between_changes_of_tempo() {
        BeatTrack beats{10}, right{10};
        for (std::size_t i = 1; i < 240; ++i) {
            right.push_back(right.back() + (i < 120 ? 50.0 : 43.0));
            beats.push_back(right.back() + (i >= 40 && i < 70 ? 25.0 : 0.0));
        }
        const auto mended = without_half_beat_slips(beats);
        QCOMPARE(mended.beats.size(), right.size());
        for (std::size_t i = 0; i < right.size(); ++i)
            QVERIFY(std::abs(mended.beats[i] - right[i]) < 2);
    }

    void an_end_that_bends_is_followed_data() {
        QTest::addColumn<double>("by");
        for (const double by : {0.01, 0.02, 0.03, -0.012})
            QTest::addRow("%.3f a beat", by) << by;
    }
    void an_end_that_bends_is_followed() {
        QFETCH(double, by);
        const BeatTrack truth = bending(by, 26);
        // The path has gone on at the tempo that it knew.
        BeatTrack lost = bending(0, 0);
        while (lost.back() + 50 < truth.back())
            lost.push_back(lost.back() + 50);
        const BeatTrack found = with_bent_end(lost, heard(truth));
        std::size_t hits = 0;
        for (const double beat : truth)
            hits += std::any_of(found.begin(), found.end(), [&](double f) { return std::abs(f - beat) < 5; });
        QVERIFY2(hits + 2 >= truth.size(), qPrintable(QString("%1 of %2").arg(hits).arg(truth.size())));
        QVERIFY(found.size() <= truth.size() + 4); // what lies behind the last start is cut off later
        QVERIFY(std::is_sorted(found.begin(), found.end()));
    }

    /// What hears beats at the same tempo but somewhere else from a moment on is no end that slows down.
    void an_end_that_goes_over_to_other_beats_is_not_followed() {
        BeatTrack steady;
        std::vector<float> odds(6000, -3.0f);
        for (int i = 0; i < 110; ++i)
            steady.push_back(50.0 * i + 20);
        for (std::size_t i = 0; i < steady.size(); ++i) {
            const double moved = i < 60 ? 0 : 12.0; // a quarter of a beat later
            odds[static_cast<std::size_t>(steady[i] + moved)] = 3;
        }
        QCOMPARE(with_bent_end(steady, odds), steady);
    }

    void an_end_that_does_not_bend_stays() {
        const BeatTrack steady = bending(0, 40);
        QVERIFY(with_bent_end(steady, heard(steady)) == steady);
        QVERIFY(with_bent_end(steady, {}) == steady);
        const BeatTrack few(steady.begin(), steady.begin() + 12);
        QVERIFY(with_bent_end(few, heard(few)) == few);
        // From the sixtieth beat on three are heard for each two: another level, which is not an end.
        BeatTrack level(steady.begin(), steady.begin() + 60);
        while (level.back() < steady.back())
            level.push_back(level.back() + 75);
        QVERIFY(with_bent_end(steady, heard(level)) == steady);
        // Nothing is heard any more.
        std::vector<float> silence = heard(steady);
        std::fill(silence.begin() + 3000, silence.end(), -4.0f);
        QVERIFY(with_bent_end(steady, silence) == steady);
    }

    void the_level_is_settled_among_doubles_alone() {
        std::vector<ScoredGrid> none;
        settle_level(none);
        QVERIFY(none.empty());
        std::vector<ScoredGrid> one{grid_of(50, 3)};
        settle_level(one);
        QCOMPARE(one.front().score, 3.0);
        // Thirds, and the same tempo elsewhere, have no part in it.
        std::vector<ScoredGrid> others{grid_of(50, 3), grid_of(150, 2.9), grid_of(75, 2.8)};
        settle_level(others);
        QCOMPARE(period_of(others.front().beats), 50.0);
        // Whatever it says, all stay, the best first; terms that speak for the one or the other turn it.
        for (const double sign : {-4.0, 4.0}) {
            std::vector<ScoredGrid> grids{grid_of(50, 3), grid_of(100, 2.5), grid_of(75, 1)};
            for (std::size_t i = 0; i < grid_term_count; ++i)
                grids[0].terms[i] =
                    sign * (duel_weights().difference[i] + duel_weights().faster[i] > 0 ? 1 : -1);
            settle_level(grids);
            QCOMPARE(grids.size(), std::size_t(3));
            QCOMPARE(period_of(grids.front().beats), sign > 0 ? 50.0 : 100.0);
            for (std::size_t i = 1; i < grids.size(); ++i)
                QVERIFY(grids[i - 1].score >= grids[i].score);
        }
    }

    void the_first_and_the_last_beats_are_given() {
        BeatTrack track;
        for (int i = 2; i < 30; ++i)
            track.push_back(20 + 50.0 * i);
        std::vector<double> starts{21, 71};
        for (int i = 2; i < 33; ++i)
            starts.push_back(20 + 50.0 * i + (i == 31 ? 1.5 : 0));
        auto whole = with_its_ends(track, starts, starts);
        QCOMPARE(whole.size(), std::size_t(33)); // two before, three behind
        QCOMPARE(whole.front(), 20.0);
        QCOMPARE(whole.back(), 20 + 50.0 * 32);
        // Nothing sounds behind the twentieth.
        starts.resize(21);
        whole = with_its_ends(track, starts, starts);
        QCOMPARE(whole.back(), 20 + 50.0 * 20);
        // None before the song begins, and none far from what is known.
        QCOMPARE(with_its_ends(track, std::vector<double>{-40, 1500}, {}).front(), 20.0);
        for (double& beat : track)
            beat += 5000;
        QCOMPARE(with_its_ends(track, std::vector<double>{0, 6500}, {}).front(), 5120.0 - 8 * 50);
        QVERIFY(with_its_ends({}, starts, starts).empty());
    }

    // The best path through rewards that are worked by hand.
    void the_best_path_takes_the_rewards() {
        std::vector<float> reward(100, -0.1f);
        for (std::size_t i = 3; i < 100; i += 10)
            reward[i] = 1;
        PathModel model;
        model.shortest = 8;
        model.longest = 12;
        BeatTrack expected;
        for (int i = 3; i < 100; i += 10)
            expected.push_back(i);
        QCOMPARE(best_path(model, reward), expected);
        QCOMPARE(period_of(expected), 10.0);
        QCOMPARE(bpm_of_period(period_of_bpm(123.4)), 123.4);
        // A stiff path does not leave for one reward beside; a loose one does.
        reward[53] = -0.1f;
        reward[56] = 1.2f;
        model.stiffness = 1e6f;
        QCOMPARE(best_path(model, reward), expected);
    }

    void a_path_through_nothing_is_steady() {
        PathModel model;
        model.shortest = 40;
        model.longest = 60;
        const std::vector<float> flat(500, 0.5f);
        const auto path = best_path(model, flat);
        QVERIFY(path.size() >= 8);
        for (std::size_t i = 1; i < path.size(); ++i)
            QVERIFY(path[i] - path[i - 1] >= 40 && path[i] - path[i - 1] <= 60);
    }

    void swing_needs_enough_beats_divided_in_one_way() {
        const auto grid = *BeatGrid::steady(Bpm(120), Seconds(0), {4, 4}, Seconds(20));
        std::vector<Onset> onsets;
        for (int i = 0; i < 40; ++i) {
            onsets.push_back({Seconds(0.5 * i), 1});
            onsets.push_back({Seconds(0.5 * i + 0.3), 0.5f});
        }
        QVERIFY(std::abs(*swing_ratio(onsets, grid) - 1.5) < 1e-6);
        QVERIFY(!swing_ratio(std::span(onsets).first(8), grid));
        for (std::size_t i = 1; i < onsets.size(); i += 2)
            onsets[i].time += Seconds(0.09 * static_cast<double>(i % 3) - 0.09);
        QVERIFY(!swing_ratio(onsets, grid));
    }

    void what_was_heard_survives_the_disk() {
        QTemporaryDir dir;
        const std::filesystem::path path = dir.filePath("x.heard").toStdString();
        const auto feature_set = extract_features(*click_track(111, 0.2, 12));
        QVERIFY(feature_set.has_value());
        QVERIFY(save_features(*feature_set, "abc", path).has_value());
        const auto again = load_features("abc", path);
        QVERIFY(again.has_value());
        QVERIFY(*analyze(*again) == *analyze(*feature_set));
        QVERIFY(again->loudness == feature_set->loudness);
        QVERIFY(!load_features("abd", path)); // of another sound
        QVERIFY(!load_features("abc", dir.filePath("none").toStdString()));
        // Cut off anywhere, or with its counts spoiled: refused, never half believed.
        QFile file(dir.filePath("x.heard"));
        QVERIFY(file.open(QIODevice::ReadOnly));
        const QByteArray whole = file.readAll();
        std::mt19937 random(1);
        for (int i = 0; i < 40; ++i) {
            QByteArray damaged = whole.left(static_cast<int>(random() % static_cast<unsigned>(whole.size())));
            if (i % 2 == 1) {
                damaged = whole;
                damaged.replace(30 + 9 + static_cast<int>(random() % 8), 1, "\xff");
            }
            QFile out(dir.filePath("y.heard"));
            QVERIFY(out.open(QIODevice::WriteOnly));
            out.write(damaged);
            out.close();
            const auto loaded = load_features("abc", dir.filePath("y.heard").toStdString());
            QVERIFY(!loaded || i % 2 == 1);
        }
        QVERIFY(!save_features(*feature_set, "abc", dir.filePath("no/such/x").toStdString()));
    }

    void sections_of_a_song_in_two_halves() {
        // A low tone with sparse clicks, then a bright chord with dense ones, then the first again.
        constexpr std::int64_t rate = 44100;
        std::vector<float> samples(rate * 48, 0.0f);
        for (std::size_t i = 0; i < samples.size(); ++i) {
            const double t = static_cast<double>(i) / rate;
            const bool middle = t >= 16 && t < 32;
            const double into = std::fmod(t, middle ? 0.25 : 0.5);
            samples[i] = static_cast<float>(
                (middle ? 0.15 * (std::sin(2 * 3.14159265 * 660 * t) + std::sin(2 * 3.14159265 * 1320 * t))
                        : 0.05 * std::sin(2 * 3.14159265 * 110 * t)) +
                0.3 * std::exp(-into / 0.01) * std::cos(2 * 3.14159265 * 1500 * into));
        }
        const auto feature_set = extract_features(*store_of(samples, {rate, 1}));
        for (const bool with_grid : {true, false}) {
            const auto grid = *BeatGrid::steady(Bpm(120), Seconds(0), {4, 4}, Seconds(48));
            const auto sections = find_sections(feature_set->features, with_grid ? &grid : nullptr);
            QCOMPARE(sections.size(), std::size_t{3});
            QVERIFY(std::abs(sections[1].start.value - 16) < (with_grid ? 0.01 : 0.6));
            QVERIFY(std::abs(sections[2].start.value - 32) < (with_grid ? 0.01 : 0.6));
            QCOMPARE(sections[0].letter, sections[2].letter);
            QVERIFY(sections[1].letter != sections[0].letter);
            QVERIFY(sections[1].drop && !sections[2].drop);
            QCOMPARE(sections.back().end, feature_set->features.duration);
        }
        QCOMPARE(section_letter(0), "A");
        QCOMPARE(section_letter(25), "Z");
        QCOMPARE(section_letter(26), "AA");
    }
};

PULSEPIN_TEST_CLASS(TestGrids, "test_grids")
#include "test_grids.moc"
