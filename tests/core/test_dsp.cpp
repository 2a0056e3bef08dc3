// SPDX-License-Identifier: GPL-3.0-or-later
#include "dsp/medians.h"
#include "dsp/smoothing.h"
#include "dsp/stft.h"
#include "support/test_program.h"

#include <QTest>
#include <cmath>
#include <numbers>
#include <random>

using namespace pulsepin;

class TestDsp : public QObject {
    Q_OBJECT
private slots:
    // Against the definition of the discrete Fourier transform, term by term.
    void fft_is_the_dft() {
        constexpr std::size_t n = 64;
        RealFft fft(n);
        std::vector<double> input(n);
        for (std::size_t i = 0; i < n; ++i)
            fft.input()[i] = static_cast<float>(input[i] = std::sin(0.7 * static_cast<double>(i * i % 31)));
        const auto out = fft.transform();
        QCOMPARE(out.size(), n / 2 + 1);
        for (std::size_t k = 0; k < out.size(); ++k) {
            std::complex<double> sum = 0;
            for (std::size_t i = 0; i < n; ++i)
                sum += input[i] * std::polar(1.0, -2 * std::numbers::pi * static_cast<double>(k * i) / n);
            QVERIFY(std::abs(std::complex<double>(out[k]) - sum) < 1e-4);
        }
    }

    void hann_window_sums_to_half_its_length() {
        double sum = 0;
        for (const float w : hann_window(1024))
            sum += static_cast<double>(w);
        QVERIFY(std::abs(sum - 512) < 1e-3);
    }

    void a_full_scale_sine_reads_one() {
        constexpr double rate = 44100, hz = 1000;
        std::vector<float> samples(8192);
        for (std::size_t i = 0; i < samples.size(); ++i)
            samples[i] =
                static_cast<float>(std::sin(2 * std::numbers::pi * hz * static_cast<double>(i) / rate));
        LogBandSpectrum spectrum(2048, rate, FilterbankShape{60, 17500, 12}, 300);
        std::vector<float> bands(spectrum.bands());
        spectrum.at(samples, 4096, 1.0f, bands);
        const auto top =
            static_cast<std::size_t>(std::max_element(bands.begin(), bands.end()) - bands.begin());
        QVERIFY(std::abs(spectrum.centre_hz(top) - hz) < 60);
        // log10(1 + 300 * m): a band sums the main lobe under a triangle, so between the sine and about twice
        // it.
        const double magnitude = (std::pow(10.0, static_cast<double>(bands[top])) - 1) / 300;
        QVERIFY2(magnitude > 0.8 && magnitude < 2.0, qPrintable(QString::number(magnitude)));
    }

    void windows_reach_past_the_ends_as_silence() {
        std::vector<float> samples(100, 0.5f);
        LogBandSpectrum spectrum(1024, 44100, FilterbankShape{150, 17500, 8}, 300);
        std::vector<float> bands(spectrum.bands());
        for (const std::ptrdiff_t centre : {-5000, -100, 0, 50, 99, 600, 5000})
            spectrum.at(samples, centre, 1.0f, bands);
        spectrum.at(samples, -5000, 1.0f, bands);
        for (const float b : bands)
            QCOMPARE(b, 0.0f);
    }

    void filterbank_copes_with_low_rates() {
        for (const double rate : {8000.0, 11025.0, 44100.0, 192000.0}) {
            const auto window = window_for_rate(2048, rate);
            const Filterbank bank(FilterbankShape{60, 17500, 12}, rate, window);
            QVERIFY(bank.bands() > 20);
            for (std::size_t b = 1; b < bank.bands(); ++b)
                QVERIFY(bank.centre_hz(b) > bank.centre_hz(b - 1) && bank.centre_hz(b) < rate / 2);
        }
    }

    void windows_keep_their_duration() {
        QCOMPARE(window_for_rate(2048, 44100), std::size_t{2048});
        QCOMPARE(window_for_rate(2048, 48000), std::size_t{2048});
        QCOMPARE(window_for_rate(2048, 96000), std::size_t{4096});
        QCOMPARE(window_for_rate(2048, 22050), std::size_t{1024});
    }

    void gaussian_keeps_the_area_and_has_its_width() {
        for (const double sigma : {1.5, 5.0, 20.0, 300.0}) {
            std::vector<float> impulse(8001, 0.0f);
            impulse[4000] = 1.0f;
            const auto out = gaussian_smoothed(impulse, sigma);
            double sum = 0, variance = 0;
            for (std::size_t i = 0; i < out.size(); ++i) {
                const double d = static_cast<double>(i) - 4000;
                sum += static_cast<double>(out[i]);
                variance += d * d * static_cast<double>(out[i]);
            }
            QVERIFY(std::abs(sum - 1) < 1e-3);
            QVERIFY2(std::abs(std::sqrt(variance) / sigma - 1) < 0.05, qPrintable(QString::number(sigma)));
        }
    }

    /// As sorting finds them, at counts that are no multiple of what is compared at a time, ties among them.
    void medians_are_those_of_sorting() {
        std::mt19937 random(5);
        for (const std::size_t count : {1u, 7u, 8u, 13u, 40u}) {
            std::vector<std::vector<float>> values(17, std::vector<float>(count));
            for (auto& row : values)
                for (float& value : row)
                    value = static_cast<float>(random() % 23) - 11.0f;
            std::array<const float*, 17> rows{};
            std::transform(values.begin(), values.end(), rows.begin(), [](auto& row) { return row.data(); });
            std::vector<float> found(count + 1, 77.0f);
            medians(rows, count, found.data());
            for (std::size_t i = 0; i < count; ++i) {
                std::array<float, 17> column{};
                std::transform(rows.begin(), rows.end(), column.begin(), [&](auto* row) { return row[i]; });
                std::sort(column.begin(), column.end());
                QCOMPARE(found[i], column[8]);
            }
            QCOMPARE(found[count], 77.0f);
        }
    }

    void smoothing_a_constant_leaves_it() {
        const std::vector<float> flat(500, 3.0f);
        for (const double sigma : {2.0, 50.0, 400.0})
            for (const float v : gaussian_smoothed(flat, sigma))
                QVERIFY(std::abs(v - 3.0f) < 1e-4f);
        QVERIFY(gaussian_smoothed({}, 3).empty());
    }

    void small_helpers() {
        QCOMPARE(percentile(std::vector<float>{5, 1, 3, 2, 4}, 0.5), 3.0f);
        QCOMPARE(percentile({}, 0.5), 0.0f);
        QCOMPARE(parabola_peak(1, 2, 1), 0.0);
        QVERIFY(std::abs(parabola_peak(-(1.25 * 1.25), -(0.25 * 0.25), -(0.75 * 0.75)) - 0.25) < 1e-12);
        QCOMPARE(parabola_peak(1, 1, 1), 0.0);
    }
};

PULSEPIN_TEST_CLASS(TestDsp, "test_dsp")
#include "test_dsp.moc"
