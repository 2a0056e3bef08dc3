// SPDX-License-Identifier: GPL-3.0-or-later
#include "analysis/beat_sureness.h"
#include "support/test_program.h"

#include <QTest>

using namespace pulsepin;

namespace {

ScoredGrid steady_grid(double first, double period, int beats, double score) {
    ScoredGrid grid;
    for (int i = 0; i < beats; ++i)
        grid.beats.push_back(first + period * i);
    grid.score = score;
    grid.pulse = 0.99;
    return grid;
}

/// The network hears a beat every `period` frames from `first` on.
Features heard(double first, double period, std::size_t frames) {
    Features features;
    features.duration = Seconds(static_cast<double>(frames) / Features::slow_rate);
    auto& curve = features.activations.log_odds[static_cast<std::size_t>(Activation::Beat)];
    curve.assign(frames, -5.0f);
    for (double at = first; at < static_cast<double>(frames); at += period)
        curve[static_cast<std::size_t>(at)] = 4;
    return features;
}

RefinedBeats refined(const ScoredGrid& grid, float clear) {
    RefinedBeats beats;
    for (const double at : grid.beats)
        beats.times.emplace_back(at / Features::slow_rate);
    beats.confidence.assign(beats.times.size(), clear);
    return beats;
}

double mean(const std::vector<float>& values) {
    double sum = 0;
    for (const float v : values)
        sum += static_cast<double>(v);
    return sum / static_cast<double>(values.size());
}

} // namespace

class TestBeatSureness : public QObject {
    Q_OBJECT
private slots:
    void a_grid_without_rivals_is_sure() { QVERIFY(sureness_of({steady_grid(10, 50, 40, 0)}) > 0.999f); }

    void rivals_as_likely_halve_it_and_the_same_again_does_not() {
        const auto best = steady_grid(10, 50, 40, 0);
        const float one_rival = sureness_of({best, steady_grid(35, 50, 40, 0)});
        QVERIFY(std::abs(one_rival - 0.5f) < 0.01f);
        QVERIFY(sureness_of({best, steady_grid(11, 50, 40, 0)}) > 0.99f);
        QVERIFY(sureness_of({best, steady_grid(35, 50, 40, -10)}) > 0.99f);
    }

    void the_grid_between_is_told_from_others() {
        const auto best = steady_grid(10, 50, 40, 0);
        QVERIFY(std::abs(off_beat_of({best, steady_grid(35, 50, 40, 0)}) - 0.5f) < 0.01f);
        QVERIFY(off_beat_of({best, steady_grid(35, 50, 40, -5)}) < 0.01f);
        QCOMPARE(off_beat_of({best, steady_grid(10, 25, 80, 0)}), 0.0f); // twice as many
        QCOMPARE(off_beat_of({best, steady_grid(12, 50, 40, 0)}), 0.0f); // the same
        QCOMPARE(off_beat_of({best, steady_grid(26, 50, 40, 0)}), 0.0f); // a third
        QCOMPARE(off_beat_of({best}), 0.0f);
    }

    void signs_tell_what_is_heard_on_and_between() {
        const auto grid = steady_grid(50, 50, 30, 0);
        const auto on = beat_signs(heard(50, 50, 1700), {grid}, refined(grid, 0.8f));
        const auto between = beat_signs(heard(75, 50, 1700), {grid}, refined(grid, 0.8f));
        QCOMPARE(on.size(), grid.beats.size());
        QVERIFY(on[10][0] > 3.9 && on[10][2] < -4.9); // on the beat, half a beat later
        QVERIFY(between[10][0] < -4.9 && between[10][2] > 3.9);
        QVERIFY(on[10][8] < 1e-9); // even
    }

    // What is told is a probability; it falls with each thing that speaks against the grid.
    void confidence_falls_with_doubt() {
        const auto grid = steady_grid(50, 50, 30, 0), rival = steady_grid(75, 50, 30, 0);
        const Features on = heard(50, 50, 1700), off = heard(75, 50, 1700);
        const auto clear = beat_confidence(on, {grid}, refined(grid, 0.9f));
        for (const float c : clear)
            QVERIFY(c >= 0 && c <= 1);
        QVERIFY(mean(clear) > 0.95);
        QVERIFY(mean(beat_confidence(on, {grid, rival}, refined(grid, 0.9f))) < mean(clear) - 0.02);
        QVERIFY(mean(beat_confidence(off, {grid}, refined(grid, 0.9f))) < mean(clear) - 0.005);
        QVERIFY(mean(beat_confidence(on, {grid}, refined(grid, 0.1f))) <= mean(clear));
        auto uneven = grid;
        for (std::size_t i = 1; i < uneven.beats.size(); i += 2)
            uneven.beats[i] += 10;
        QVERIFY(mean(beat_confidence(on, {uneven}, refined(uneven, 0.9f))) < mean(clear) - 0.02);
    }

    void without_what_the_network_hears_attacks_tell() {
        const auto grid = steady_grid(50, 50, 30, 0);
        const auto told = beat_confidence(Features{}, {grid}, refined(grid, 0.5f));
        QCOMPARE(told.size(), grid.beats.size());
        QVERIFY(std::abs(told[3] - 0.5f * 0.99f) < 0.01f);
    }

    void few_beats_are_no_harm() {
        const auto grid = steady_grid(50, 50, 1, 0);
        QCOMPARE(beat_signs(heard(50, 50, 100), {grid}, refined(grid, 1)).size(), std::size_t{1});
    }
};

PULSEPIN_TEST_CLASS(TestBeatSureness, "test_beat_sureness")
#include "test_beat_sureness.moc"
