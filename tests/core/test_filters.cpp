// SPDX-License-Identifier: GPL-3.0-or-later
#include "dsp/biquad.h"
#include "dsp/decimator.h"
#include "dsp/fast_log.h"
#include "dsp/filterbank.h"
#include "dsp/harmonic_percussive.h"
#include "dsp/real_fft.h"
#include "dsp/smoothing.h"
#include "support/test_program.h"

#include <QTest>
#include <algorithm>
#include <cmath>
#include <complex>
#include <numbers>
#include <random>

using namespace pulsepin;

namespace {

constexpr double pi = std::numbers::pi;

/// What a filter does to a sine of that frequency, from its definition.
double gain_at(std::span<const Biquad> sections, double hz, double sample_rate) {
    const auto z = std::polar(1.0, -2 * pi * hz / sample_rate);
    std::complex<double> all = 1;
    for (const auto& s : sections)
        all *= (s.b0 + s.b1 * z + s.b2 * z * z) / (1.0 + s.a1 * z + s.a2 * z * z);
    return std::abs(all);
}

double decibels(double gain) {
    return 20 * std::log10(gain);
}

std::vector<double> sine(double hz, double sample_rate, std::size_t count) {
    std::vector<double> out(count);
    for (std::size_t i = 0; i < count; ++i)
        out[i] = std::sin(2 * pi * hz * static_cast<double>(i) / sample_rate);
    return out;
}

double peak_of_middle(std::span<const double> signal) {
    double most = 0;
    for (std::size_t i = signal.size() / 3; i < 2 * signal.size() / 3; ++i)
        most = std::max(most, std::abs(signal[i]));
    return most;
}

std::vector<float> noise(std::size_t count, unsigned seed) {
    std::mt19937 random(seed);
    std::vector<float> out(count);
    for (float& v : out)
        v = static_cast<float>(random() % 2001) / 1000.0f - 1;
    return out;
}

} // namespace

class TestFilters : public QObject {
    Q_OBJECT
private slots:
    // ITU-R BS.1770-4, annex 1, tables 1 and 2: coefficients at 48 kHz.
    void k_weighting_is_that_of_the_standard() {
        const auto sections = k_weighting(48000);
        QCOMPARE(sections.size(), std::size_t{2});
        const Biquad listed[] = {
            {1.53512485958697, -2.69169618940638, 1.19839281085285, -1.69065929318241, 0.73248077421585},
            {1, -2, 1, -1.99004745483398, 0.99007225036621}};
        for (std::size_t i = 0; i < 2; ++i) {
            QVERIFY(std::abs(sections[i].b0 - listed[i].b0) < 1e-7);
            QVERIFY(std::abs(sections[i].b1 - listed[i].b1) < 1e-7);
            QVERIFY(std::abs(sections[i].b2 - listed[i].b2) < 1e-7);
            QVERIFY(std::abs(sections[i].a1 - listed[i].a1) < 1e-7);
            QVERIFY(std::abs(sections[i].a2 - listed[i].a2) < 1e-7);
        }
    }

    void k_weighting_is_the_same_curve_at_all_rates() {
        const auto reference = k_weighting(48000);
        for (const double rate : {32000.0, 44100.0, 96000.0, 192000.0})
            for (const double hz : {20.0, 60.0, 200.0, 997.0, 2000.0, 5000.0})
                QVERIFY2(std::abs(decibels(gain_at(k_weighting(rate), hz, rate) /
                                           gain_at(reference, hz, 48000))) < 0.15,
                         qPrintable(QString("%1 Hz at %2").arg(hz).arg(rate)));
    }

    // A Butterworth filter is 3.01 dB down at its limit and falls by 24 dB an octave at fourth order
    // (handbook values, from memory).
    void band_limits_lie_at_minus_three_decibels() {
        constexpr double rate = 44100;
        const auto sections = band_pass_sections(200, 2000, rate);
        QCOMPARE(sections.size(), std::size_t{4});
        QVERIFY(std::abs(decibels(gain_at(sections, 200, rate)) + 3.01) < 0.02);
        QVERIFY(std::abs(decibels(gain_at(sections, 2000, rate)) + 3.01) < 0.02);
        QVERIFY(std::abs(decibels(gain_at(sections, 632, rate))) < 0.05);
        QVERIFY(std::abs(decibels(gain_at(sections, 50, rate) / gain_at(sections, 100, rate)) + 24.1) < 0.3);
        QVERIFY(decibels(gain_at(sections, 8000, rate)) < -48);
    }

    void a_band_may_be_open_at_either_side() {
        constexpr double rate = 48000;
        QVERIFY(band_pass_sections(0, 0, rate).empty());
        const auto low = band_pass_sections(0, 1000, rate), high = band_pass_sections(1000, 0, rate);
        QVERIFY(std::abs(gain_at(low, 0, rate) - 1) < 1e-9);
        QVERIFY(gain_at(high, 0, rate) < 1e-9);
        QVERIFY(std::abs(gain_at(high, rate / 2, rate) - 1) < 1e-9);
        // Beyond what this rate can hold there is nothing to take away.
        QVERIFY(band_pass_sections(0, 30000, rate).empty());
        QVERIFY(std::isfinite(gain_at(band_pass_sections(30000, 0, rate), 1000, rate)));
    }

    void forward_does_what_the_formula_says() {
        constexpr double rate = 44100;
        const auto sections = band_pass_sections(300, 3000, rate);
        for (const double hz : {100.0, 300.0, 1000.0, 3000.0, 6000.0}) {
            auto signal = sine(hz, rate, 30000);
            run_forward(sections, signal);
            QVERIFY(std::abs(peak_of_middle(signal) - gain_at(sections, hz, rate)) < 0.01);
        }
    }

    void there_and_back_there_is_no_delay() {
        constexpr double rate = 44100;
        const auto sections = band_pass_sections(300, 3000, rate);
        const auto whole = sine(900, rate, 30000);
        auto signal = whole;
        run_forward(sections, signal);
        run_backward(sections, signal);
        for (std::size_t i = 10000; i < 20000; ++i)
            QVERIFY(std::abs(signal[i] - whole[i]) < 0.02);
        auto at_the_limit = sine(3000, rate, 30000);
        run_forward(sections, at_the_limit);
        run_backward(sections, at_the_limit);
        QVERIFY(std::abs(decibels(peak_of_middle(at_the_limit)) + 6.02) < 0.05);
    }

    void lanes_are_filtered_as_one_by_one_data() {
        QTest::addColumn<int>("sections");
        for (int count = 0; count <= 7; ++count)
            QTest::addRow("%d", count) << count;
    }
    void lanes_are_filtered_as_one_by_one() {
        QFETCH(int, sections);
        std::vector<Biquad> filter;
        for (int i = 0; i < sections; ++i)
            filter.push_back(i % 2 ? Biquad::low_pass(900.0 * (i + 1), 0.8, 44100)
                                   : Biquad::high_pass(40.0 * (i + 1), 0.7, 44100));
        constexpr std::size_t frames = 501;
        std::vector<double> lanes(frames * filter_lanes);
        std::vector<std::vector<double>> alone(filter_lanes, std::vector<double>(frames));
        const auto random = noise(lanes.size(), 5);
        for (std::size_t i = 0; i < lanes.size(); ++i)
            lanes[i] = alone[i % filter_lanes][i / filter_lanes] = static_cast<double>(random[i]);
        run_forward_in_lanes(filter, lanes);
        for (auto& lane : alone)
            run_forward(filter, lane);
        const auto compare = [&] {
            for (std::size_t i = 0; i < lanes.size(); ++i)
                QVERIFY(std::abs(lanes[i] - alone[i % filter_lanes][i / filter_lanes]) < 1e-9);
        };
        compare();
        run_backward_in_lanes(filter, lanes);
        for (auto& lane : alone)
            run_backward(filter, lane);
        compare();
    }

    void nothing_is_filtered_to_nothing() {
        std::vector<double> none;
        run_forward(k_weighting(48000), none);
        run_backward_in_lanes(k_weighting(48000), none);
        QVERIFY(none.empty());
    }

    void fewer_samples_keep_what_lies_below_their_half_rate_data() {
        QTest::addColumn<int>("factor");
        for (const int factor : {1, 2, 3, 4, 8})
            QTest::addRow("%d", factor) << factor;
    }
    void fewer_samples_keep_what_lies_below_their_half_rate() {
        QFETCH(int, factor);
        constexpr double rate = 44100;
        const Decimator decimator(factor);
        QCOMPARE(decimator.factor(), factor);
        const std::size_t margin = decimator.margin(), outputs = 500, step = static_cast<std::size_t>(factor);
        const double new_half = rate / factor / 2;
        const auto through = [&](double hz) {
            std::vector<float> in(2 * margin + (outputs - 1) * step + 1), out(outputs);
            for (std::size_t i = 0; i < in.size(); ++i)
                in[i] = static_cast<float>(
                    std::sin(2 * pi * hz * (static_cast<double>(i) - static_cast<double>(margin)) / rate));
            decimator.run(in, out);
            return out;
        };
        const double low = 0.5 * new_half;
        const auto kept = through(low);
        for (std::size_t i = 0; i < outputs; ++i) // as loud, and not a moment later
            QVERIFY(std::abs(static_cast<double>(kept[i]) -
                             std::sin(2 * pi * low * static_cast<double>(i * step) / rate)) < 0.01);
        if (factor == 1)
            return;
        for (const double hz : {1.3 * new_half, 1.7 * new_half})
            for (const float v : through(hz))
                QVERIFY2(std::abs(v) < 0.003f, qPrintable(QString::number(hz)));
    }

    void a_factor_below_one_copies() {
        const Decimator decimator(0);
        QCOMPARE(decimator.factor(), 1);
        const std::vector<float> in{1, 2, 3};
        std::vector<float> out(3);
        decimator.run(in, out);
        QCOMPARE(out, in);
    }

    void the_quick_logarithm_is_near_the_exact_one() {
        for (float v = 1e-30f; v < 1e30f; v *= 1.0173f) {
            const double exact = std::log2(static_cast<double>(v));
            QVERIFY2(std::abs(static_cast<double>(fast_log2(v)) - exact) <=
                         1e-6 * std::max(1.0, std::abs(exact)) + 2e-7,
                     qPrintable(QString::number(static_cast<double>(v))));
        }
        QCOMPARE(fast_log2(1.0f), 0.0f);
        QCOMPARE(fast_log2(8.0f), 3.0f);
        QCOMPARE(log10_of_one_and(0.0f), 0.0f);
        QVERIFY(std::abs(log10_of_one_and(99.0f) - 2) < 1e-5f);
    }

    void there_and_back_is_the_length_times_as_much() {
        for (const std::size_t n : {2u, 64u, 300u, 2048u}) {
            const auto signal = noise(n, 3);
            RealFft there(n);
            QCOMPARE(there.bins(), n / 2 + 1);
            std::copy(signal.begin(), signal.end(), there.input().begin());
            const auto bins = there.transform();
            InverseRealFft back(n);
            QCOMPARE(back.input().size(), n / 2 + 1);
            std::copy(bins.begin(), bins.end(), back.input().begin());
            const auto again = back.transform();
            QCOMPARE(again.size(), n);
            for (std::size_t i = 0; i < n; ++i)
                QVERIFY(std::abs(again[i] / static_cast<float>(n) - signal[i]) < 1e-5f);
        }
    }

    // Parseval's theorem: the transform keeps the energy.
    void the_transform_keeps_the_energy() {
        constexpr std::size_t n = 1024;
        const auto signal = noise(n, 9);
        RealFft fft(n);
        std::copy(signal.begin(), signal.end(), fft.input().begin());
        double before = 0, after = 0;
        for (const float v : signal)
            before += static_cast<double>(v) * static_cast<double>(v);
        const auto bins = fft.transform();
        for (std::size_t k = 0; k < bins.size(); ++k)
            after += (k == 0 || k == n / 2 ? 1 : 2) * std::norm(std::complex<double>(bins[k]));
        QVERIFY(std::abs(after / n / before - 1) < 1e-4);
    }

    void a_local_rms_is_that_of_its_surroundings() {
        std::vector<float> curve(2000, 0.5f);
        std::fill(curve.begin() + 1000, curve.end(), -2.0f);
        const auto rms = local_rms(curve, 10);
        QVERIFY(std::abs(rms[500] - 0.5f) < 1e-3f);
        QVERIFY(std::abs(rms[1500] - 2) < 1e-3f);
        QVERIFY(std::abs(rms[1000] - std::sqrt((0.25f + 4) / 2)) < 0.08f);
        QVERIFY(std::is_sorted(rms.begin() + 900, rms.begin() + 1100));
        QVERIFY(local_rms({}, 4).empty());
    }

    void even_bands_are_as_many_as_asked_for() {
        for (const double rate : {8000.0, 44100.0}) {
            const Filterbank bank(EvenBands{54, 80, 15000}, rate, 1024);
            QCOMPARE(bank.bands(), std::size_t{54});
            for (std::size_t b = 2; b < bank.bands(); ++b) { // evenly on a logarithmic scale
                const double ratio = bank.centre_hz(b) / bank.centre_hz(b - 1);
                QVERIFY(std::abs(ratio - bank.centre_hz(1) / bank.centre_hz(0)) < 1e-6);
            }
            std::vector<float> flat(513, 1.0f), out(54);
            bank.apply(flat, out);
            for (std::size_t b = 0; b < out.size(); ++b)
                if (bank.centre_hz(b) > 1.1 * rate / 2)
                    QCOMPARE(out[b], 0.0f); // there is nothing up there
                else if (bank.centre_hz(b) < 0.8 * rate / 2)
                    QVERIFY(out[b] > 0);
        }
    }

    // The definition of Driedger, Mueller and Disch (2014), written out with sorted windows.
    void bins_are_told_apart_as_defined() {
        SeparationShape shape;
        shape.in_time = 5;
        shape.in_frequency = 7;
        shape.factor = 1.5f;
        constexpr std::size_t frames = 30, bins = 40;
        auto magnitudes = noise(frames * bins, 21);
        for (std::size_t t = 0; t < frames; ++t)
            for (std::size_t k = 0; k < bins; ++k) {
                float& v = magnitudes[t * bins + k];
                v = std::abs(v) + (k % 10 == 3 ? 3.0f : 0.0f) + (t % 9 == 4 ? 3.0f : 0.0f);
            }
        const auto kinds = kinds_of_bins(magnitudes, bins, shape);
        const std::size_t lead = shape.in_time / 2;
        QCOMPARE(kinds.size(), (frames - 2 * lead) * bins);
        const auto median = [](std::vector<float> values) {
            std::sort(values.begin(), values.end());
            return values[values.size() / 2];
        };
        std::size_t seen[3] = {};
        for (std::size_t t = lead; t < frames - lead; ++t)
            for (std::size_t k = 0; k < bins; ++k) {
                std::vector<float> in_time, in_frequency;
                for (std::size_t i = t - lead; i <= t + lead; ++i)
                    in_time.push_back(magnitudes[i * bins + k]);
                for (int i = -3; i <= 3; ++i) {
                    const auto at = static_cast<std::ptrdiff_t>(k) + i;
                    in_frequency.push_back(at < 0 || at >= static_cast<std::ptrdiff_t>(bins)
                                               ? 0.0f
                                               : magnitudes[t * bins + static_cast<std::size_t>(at)]);
                }
                const float h = median(in_time), p = median(in_frequency);
                const SoundKind expected = h > shape.factor * p             ? SoundKind::Harmonic
                                           : p >= shape.factor * h && p > 0 ? SoundKind::Percussive
                                                                            : SoundKind::Residual;
                QCOMPARE(kinds[(t - lead) * bins + k], expected);
                ++seen[static_cast<std::size_t>(expected)];
            }
        QVERIFY(seen[0] > 20 && seen[1] > 20 && seen[2] > 20); // all three were there to be told
    }

    // 43 ms are 2048 samples at 44.1 and 48 kHz; medians over 200 ms and 500 Hz.
    void shapes_for_all_rates() {
        for (const double rate : {8000.0, 22050.0, 44100.0, 48000.0, 96000.0, 192000.0}) {
            const auto shape = separation_shape(rate);
            const double window_seconds = static_cast<double>(shape.window) / rate;
            QVERIFY(window_seconds > 0.03 && window_seconds < 0.09);
            QCOMPARE(shape.hop * 4, shape.window);
            QVERIFY(shape.in_time % 2 == 1 && shape.in_frequency % 2 == 1);
            const double hop_seconds = static_cast<double>(shape.hop) / rate;
            QVERIFY(std::abs(static_cast<double>(shape.in_time) * hop_seconds - 0.2) <= hop_seconds + 1e-9);
            const double bin_hz = rate / static_cast<double>(shape.window);
            QVERIFY(std::abs(static_cast<double>(shape.in_frequency) * bin_hz - 500) <= bin_hz + 1e-9);
        }
        QCOMPARE(separation_shape(44100).window, std::size_t{2048});
    }
};

PULSEPIN_TEST_CLASS(TestFilters, "test_filters")
#include "test_filters.moc"
