// SPDX-License-Identifier: GPL-3.0-or-later
#include "analysis/spectrum_map.h"
#include "support/media.h"
#include "support/test_program.h"

#include <algorithm>
#include <numbers>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

std::shared_ptr<const SampleStore> sine(double hz, double seconds, std::int64_t rate, float level = 0.5f) {
    std::vector<float> samples(static_cast<std::size_t>(seconds * static_cast<double>(rate)));
    for (std::size_t i = 0; i < samples.size(); ++i)
        samples[i] = level * static_cast<float>(std::sin(2 * std::numbers::pi * hz * static_cast<double>(i) /
                                                         static_cast<double>(rate)));
    return store_of(samples, {rate, 1});
}

/// The band of a frequency by the map's own description: 60 bands from 30 Hz to 16 kHz, evenly in octaves.
double band_of(double hz) {
    return 60 * std::log2(hz / 30) / std::log2(16'000.0 / 30);
}

} // namespace

class TestSpectrumMap : public QObject {
    Q_OBJECT
private slots:
    void a_tone_lies_in_its_band_data() {
        QTest::addColumn<double>("hz");
        QTest::addColumn<int>("rate");
        for (const int rate : {44100, 48000, 96000})
            for (const double hz : {110.0, 440.0, 1000.0, 5000.0, 12'000.0})
                QTest::addRow("%.0f Hz at %d", hz, rate) << hz << rate;
    }
    void a_tone_lies_in_its_band() {
        QFETCH(double, hz);
        QFETCH(int, rate);
        const auto map = make_spectrum_map(*sine(hz, 2, rate));
        QVERIFY(map.has_value());
        const auto values = map->between(Seconds(0.9), Seconds(1.1));
        const auto top = std::max_element(values.begin(), values.end()) - values.begin();
        QVERIFY2(std::abs(static_cast<double>(top) + 0.5 - band_of(hz)) < 1.6,
                 qPrintable(QString("band %1, wanted %2").arg(top).arg(band_of(hz))));
        QVERIFY(values[static_cast<std::size_t>(top)] >= 253); // the loudest there is
    }

    void quiet_parts_are_lower() {
        std::vector<float> samples;
        for (const float level : {0.5f, 0.05f})
            for (int i = 0; i < 48'000; ++i)
                samples.push_back(level * std::sin(0.13f * static_cast<float>(i)));
        const auto map = make_spectrum_map(*store_of(samples, {48000, 1}));
        const auto loud = map->between(Seconds(0.4), Seconds(0.6)),
                   quiet = map->between(Seconds(1.4), Seconds(1.6));
        const int difference =
            *std::max_element(loud.begin(), loud.end()) - *std::max_element(quiet.begin(), quiet.end());
        // Twenty decibels of the seventy that are drawn.
        QVERIFY2(std::abs(difference - 255 * 20 / 70) <= 3, qPrintable(QString::number(difference)));
    }

    void silence_and_outside_are_empty() {
        const auto silent = make_spectrum_map(*store_of(std::vector<float>(48'000, 0.0f), {48000, 1}));
        const auto none = silent->between(Seconds(0.2), Seconds(0.8));
        QVERIFY(std::all_of(none.begin(), none.end(), [](std::uint8_t v) { return v == 0; }));
        const auto map = make_spectrum_map(*sine(440, 1, 48000));
        for (const auto& [from, until] : {std::pair(-5.0, -1.0), std::pair(3.0, 9.0)}) {
            const auto outside = map->between(Seconds(from), Seconds(until));
            QVERIFY(std::all_of(outside.begin(), outside.end(), [](std::uint8_t v) { return v == 0; }));
        }
    }

    void low_rates_and_short_sounds_are_survived() {
        for (const std::int64_t rate : {8000, 11'025, 192'000})
            QVERIFY(make_spectrum_map(*sine(440, 0.2, rate)).has_value());
        QVERIFY(make_spectrum_map(*store_of({0.1f}, {44100, 1})).has_value());
    }

    void can_be_cancelled() {
        std::stop_source stop;
        stop.request_stop();
        QVERIFY(!make_spectrum_map(*sine(440, 1, 48000), {[](double) {}, stop.get_token()}));
    }
};

PULSEPIN_TEST_CLASS(TestSpectrumMap, "test_spectrum_map")
#include "test_spectrum_map.moc"
