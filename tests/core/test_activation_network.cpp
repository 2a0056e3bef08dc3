// SPDX-License-Identifier: GPL-3.0-or-later
#include "analysis/activation_network.h"
#include "dsp/convolution.h"
#include "support/test_program.h"

#include <QTest>
#include <cmath>
#include <random>

using namespace pulsepin;

namespace {

constexpr std::size_t inputs = 114;

std::vector<float> some_spectra(std::size_t frames) {
    std::mt19937 random(4);
    std::uniform_real_distribution<float> uniform(0, 2);
    std::vector<float> spectra(frames * inputs);
    for (float& v : spectra)
        v = uniform(random);
    return spectra;
}

} // namespace

class TestActivationNetwork : public QObject {
    Q_OBJECT
private slots:
    // Against the definition, written out as plain loops.
    void convolution_is_what_the_definition_says_data() {
        QTest::addColumn<int>("in");
        QTest::addColumn<int>("out");
        QTest::addColumn<int>("width");
        QTest::addColumn<int>("dilation");
        QTest::newRow("point") << 7 << 9 << 1 << 1;
        QTest::newRow("three") << 40 << 40 << 3 << 2;
        QTest::newRow("five") << 12 << 5 << 5 << 16;
    }
    void convolution_is_what_the_definition_says() {
        QFETCH(int, in);
        QFETCH(int, out);
        QFETCH(int, width);
        QFETCH(int, dilation);
        std::mt19937 random(2);
        std::normal_distribution<float> normal;
        constexpr int frames = 61;
        std::vector<float> weights(static_cast<std::size_t>(in * out * width)),
            bias(static_cast<std::size_t>(out));
        for (float& v : weights)
            v = normal(random);
        for (float& v : bias)
            v = normal(random);
        const Convolution convolution(static_cast<std::size_t>(in), static_cast<std::size_t>(out),
                                      static_cast<std::size_t>(width), static_cast<std::size_t>(dilation),
                                      weights, bias);
        FrameBuffer x(frames, static_cast<std::size_t>(in), static_cast<std::size_t>(dilation * (width / 2)));
        FrameBuffer y(frames, static_cast<std::size_t>(out), 0);
        for (int t = 0; t < frames; ++t)
            for (int i = 0; i < in; ++i)
                x.frame(t)[i] = normal(random);
        convolution.run(x, y);
        for (int t = 0; t < frames; ++t)
            for (int o = 0; o < out; ++o) {
                double sum = static_cast<double>(bias[static_cast<std::size_t>(o)]);
                for (int i = 0; i < in; ++i)
                    for (int k = 0; k < width; ++k) {
                        const int at = t + (k - width / 2) * dilation;
                        if (at >= 0 && at < frames)
                            sum += static_cast<double>(
                                       weights[static_cast<std::size_t>((o * in + i) * width + k)]) *
                                   static_cast<double>(x.frame(at)[i]);
                    }
                QVERIFY(std::abs(sum - static_cast<double>(y.frame(t)[o])) < 1e-3);
            }
        // A part of it is the same, wherever it is put, and nothing beside is touched.
        constexpr int count = 21, at = 30;
        FrameBuffer part(frames, static_cast<std::size_t>(out), 0);
        convolution.run(x, count, part, at);
        for (int t = 0; t < frames; ++t)
            for (int o = 0; o < out; ++o)
                QCOMPARE(part.frame(t)[o], t >= at && t < at + count ? y.frame(t - at)[o] : 0.0f);
    }

    // A long sound is listened to in stretches: the seams must not be heard.
    void stretches_join_without_a_seam() {
        const auto network = ActivationNetwork::for_rhythm();
        QVERIFY(network.has_value());
        const std::size_t frames = 3 * ActivationNetwork::context;
        const auto spectra = some_spectra(frames);
        Activations whole, parts;
        network->activate(spectra, 0, frames, whole.log_odds);
        const std::size_t cut = ActivationNetwork::context / 2 * 2;
        network->activate(std::span(spectra).first((cut + ActivationNetwork::context) * inputs), 0, cut,
                          parts.log_odds);
        network->activate(spectra, cut, frames, parts.log_odds);
        for (std::size_t kind = 0; kind < activation_count; ++kind) {
            QCOMPARE(parts.log_odds[kind].size(), frames);
            for (std::size_t t = 0; t < frames; ++t)
                QVERIFY(std::abs(parts.log_odds[kind][t] - whole.log_odds[kind][t]) < 1e-3f);
        }
    }

    void both_networks_come_with_the_program() {
        const auto rhythm = ActivationNetwork::for_rhythm(), drums = ActivationNetwork::for_drums();
        QVERIFY(rhythm && drums);
        const std::size_t frames = 400;
        const auto spectra = some_spectra(frames);
        Activations rhythm_heard;
        std::array<std::vector<float>, drum_count> told;
        DrumActivations drums_heard;
        rhythm->activate(spectra, 0, frames, rhythm_heard.log_odds);
        drums->activate(spectra, 0, frames, told);
        drums_heard.append(told);
        for (const auto& curve : rhythm_heard.log_odds)
            QCOMPARE(curve.size(), frames);
        QCOMPARE(drums_heard.frames(), frames);
        for (std::size_t drum = 0; drum < drum_count; ++drum)
            for (std::size_t t = 0; t < frames; ++t)
                QVERIFY(std::abs(drums_heard.log_odds(static_cast<Drum>(drum))[t] -
                                 std::clamp(told[drum][t], -8.0f, 127.0f / 16)) <= 0.5f / 16 + 1e-6f);
    }

    // As are shapes that make no sense.
    void senseless_shapes_are_refused() {
        const auto bytes_of = [](std::vector<std::uint16_t> numbers) {
            std::string bytes = "PPL2";
            bytes.append(reinterpret_cast<const char*>(numbers.data()), numbers.size() * 2);
            return bytes + std::string(4000, '\0');
        };
        for (const auto& numbers : std::vector<std::vector<std::uint16_t>>{{0, 40, 1, 1, 48, 1, 1, 32},
                                                                           {6, 60'000, 1, 1, 48, 1, 1, 32},
                                                                           {6, 40, 0, 48, 1, 1, 32},
                                                                           {6, 40, 900, 1, 48, 1, 1, 32},
                                                                           {6, 40, 1, 60'000, 48, 1, 1, 32},
                                                                           {7, 4, 1, 1, 4, 1, 1, 4}}) {
            const auto bytes = bytes_of(numbers);
            QVERIFY(!ActivationNetwork::from_bytes(std::as_bytes(std::span(bytes)), activation_count));
        }
    }

    void damaged_parameters_are_refused() {
        const std::string nonsense(5000, 'x');
        QVERIFY(!ActivationNetwork::from_bytes(std::as_bytes(std::span(nonsense)), activation_count));
        QVERIFY(!ActivationNetwork::from_bytes({}, activation_count));
        const std::string cut = "PPL2" + std::string(1000, '\0');
        QVERIFY(!ActivationNetwork::from_bytes(std::as_bytes(std::span(cut)), activation_count));
    }
};

PULSEPIN_TEST_CLASS(TestActivationNetwork, "test_activation_network")
#include "test_activation_network.moc"
