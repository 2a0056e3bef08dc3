// SPDX-License-Identifier: GPL-3.0-or-later
//
// Which peaks of what the network hears of a drum are hits of it. The best threshold is checked against the
// theorem of Lipton, Elkan and Naryanaswamy, "Optimal thresholding of classifiers to maximize F1 measure"
// (ECML PKDD 2014): it is half of the greatest F that can be expected.
#include "analysis/drum_hits.h"
#include "support/test_program.h"

#include <QTest>
#include <algorithm>
#include <random>

using namespace pulsepin;

namespace {

/// Ten seconds in which nothing is heard.
Features quiet() {
    Features features;
    constexpr std::size_t frames = 1000;
    features.duration = Seconds(10);
    features.sounds_until = frames;
    for (auto& sixteenths : features.drums.sixteenths)
        sixteenths.assign(frames, -128);
    for (auto& band : features.bands)
        band.assign(frames, 0.0f);
    for (auto& odds : features.activations.log_odds)
        odds.assign(frames, -8.0f);
    features.rises = {Features::rise_bands, Features::slow_rate, 1, {}};
    features.rises.values.assign(frames * Features::rise_bands, 0);
    return features;
}

void hear(Features& features, Drum drum, std::size_t frame, double log_odds) {
    auto& sixteenths = features.drums.sixteenths[static_cast<std::size_t>(drum)];
    const auto level = static_cast<std::int8_t>(16 * log_odds);
    sixteenths[frame] = level;
    for (const std::size_t beside : {frame - 1, frame + 1})
        sixteenths[beside] = std::max<std::int8_t>(sixteenths[beside], static_cast<std::int8_t>(level - 16));
}

double greatest_expected(const std::vector<double>& falling) {
    double all = 0, sum = 0, best = 0;
    for (const double p : falling)
        all += p;
    for (std::size_t i = 0; i < falling.size(); ++i) {
        sum += falling[i];
        best = std::max(best, 2 * sum / (static_cast<double>(i + 1) + all));
    }
    return best;
}

} // namespace

class TestDrumHits : public QObject {
    Q_OBJECT
private slots:
    // Two of .9 and .8 expect F = 3.4 / 3.9; the third at .2 would make it 3.8 / 4.9.
    void a_threshold_by_hand() {
        QCOMPARE(likely_enough({0.2, 0.9, 0.8}), 0.8);
        QCOMPARE(likely_enough({0.5}), 0.5);
        QVERIFY(likely_enough({}) >= 1);
    }

    void the_threshold_is_half_of_the_greatest_expected_f() {
        std::mt19937 random(4);
        for (int round = 0; round < 200; ++round) {
            std::vector<double> chances(5 + random() % 300);
            const double power = std::uniform_real_distribution(0.2, 5.0)(random);
            for (double& p : chances)
                p = std::pow(std::uniform_real_distribution(0.0, 1.0)(random), power);
            std::sort(chances.begin(), chances.end(), std::greater<>());
            const double half = greatest_expected(chances) / 2, enough = likely_enough(chances);
            for (const double p : chances) {
                if (p > half + 1e-9)
                    QVERIFY2(p >= enough, qPrintable(QString("%1 is left out").arg(p)));
                if (p < half - 1e-9)
                    QVERIFY2(p < enough, qPrintable(QString("%1 is taken").arg(p)));
            }
        }
    }

    void peaks_are_the_largest_of_fifty_milliseconds() {
        Features features = quiet();
        hear(features, Drum::Snare, 100, 2);
        hear(features, Drum::Snare, 102, 3); // hides the one before
        hear(features, Drum::Snare, 300, 1);
        hear(features, Drum::Snare, 500, -4); // next to nothing
        hear(features, Drum::Kick, 300, 3);   // another drum's
        const auto hits = possible_hits(features, Drum::Snare);
        QCOMPARE(hits.size(), std::size_t{2});
        QCOMPARE(hits[0].frame, std::size_t{102});
        QCOMPARE(hits[1].frame, std::size_t{300});
        QCOMPARE(hits[0].signs[static_cast<std::size_t>(Drum::Snare)], 3.0);
        QCOMPARE(hits[1].signs[static_cast<std::size_t>(Drum::Kick)], 3.0);
        QVERIFY(possible_hits(features, Drum::Tom).empty());
    }

    // A plateau has one peak, its first.
    void a_plateau_is_one_peak() {
        Features features = quiet();
        auto& odds = features.drums.sixteenths[static_cast<std::size_t>(Drum::Hat)];
        std::fill(odds.begin() + 200, odds.begin() + 230, std::int8_t{32});
        const auto hits = possible_hits(features, Drum::Hat);
        QCOMPARE(hits.size(), std::size_t{1});
        QCOMPARE(hits[0].frame, std::size_t{200});
    }

    // The same faint hit counts for more where the pattern has one.
    void what_a_pattern_repeats_is_likelier() {
        const auto odds_of = [](std::size_t faint) {
            Features features = quiet();
            for (std::size_t beat = 0; beat < 8; ++beat)
                if (beat != 4)
                    hear(features, Drum::Snare, 100 + 100 * beat, 4);
            hear(features, Drum::Snare, faint, -1.5);
            const auto weighed = weighed_hits(features, Drum::Snare);
            const auto strong = weighed[100];
            return weighed[faint] - strong; // against the strong ones, whatever the threshold
        };
        QVERIFY(odds_of(500) > odds_of(537));
    }

    // However sure a hit is, what lies between it and the next is none.
    void between_hits_there_is_nothing() {
        Features features = quiet();
        for (std::size_t beat = 0; beat < 8; ++beat) {
            hear(features, Drum::Snare, 100 + 100 * beat, 6);
            hear(features, Drum::Snare, 150 + 100 * beat, -3.5); // a ride, say: below what is looked at
        }
        const auto weighed = weighed_hits(features, Drum::Snare);
        for (std::size_t beat = 0; beat < 8; ++beat) {
            QVERIFY(weighed[100 + 100 * beat] > 0);
            QVERIFY(weighed[150 + 100 * beat] <= -3.5f);
        }
    }

    void what_is_weighed_keeps_its_peaks() {
        Features features = quiet();
        std::mt19937 random(9);
        for (std::size_t i = 0; i < 60; ++i)
            hear(features, Drum::Kick, 20 + random() % 960,
                 std::uniform_real_distribution(-3.0, 5.0)(random));
        const auto weighed = weighed_hits(features, Drum::Kick);
        QCOMPARE(weighed.size(), features.drums.frames());
        for (const auto& hit : possible_hits(features, Drum::Kick))
            QVERIFY(weighed[hit.frame] >= weighed[hit.frame - 1] ||
                    weighed[hit.frame] >= weighed[hit.frame + 1]);
        // Of the clearest one at least it is said that there is one.
        QVERIFY(*std::max_element(weighed.begin(), weighed.end()) > 0);
        QVERIFY(weighed_hits(Features{}, Drum::Kick).empty());
    }
};

PULSEPIN_TEST_CLASS(TestDrumHits, "test_drum_hits")
#include "test_drum_hits.moc"
