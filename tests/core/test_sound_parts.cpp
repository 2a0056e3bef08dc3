// SPDX-License-Identifier: GPL-3.0-or-later
//
// Parts of sounds: separation, sides and bands, alignment, and files of them.
#include "dsp/harmonic_percussive.h"
#include "media/align.h"
#include "media/mix_down.h"
#include "media/sound_part.h"
#include "media/write_wav.h"
#include "support/media.h"
#include "support/test_program.h"

#include <QFile>
#include <QTemporaryDir>
#include <complex>
#include <numbers>
#include <random>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

constexpr std::int64_t part_rate = 22050;
using Sound = std::vector<double>;

Sound sine(double hz, double amplitude, double seconds, double vibrato = 0) {
    Sound out(static_cast<std::size_t>(seconds * part_rate));
    double phase = 0;
    for (std::size_t i = 0; i < out.size(); ++i) {
        const double t = static_cast<double>(i) / part_rate;
        phase +=
            2 * std::numbers::pi * hz * (1 + vibrato * std::sin(2 * std::numbers::pi * 5 * t)) / part_rate;
        out[i] = amplitude * std::sin(phase);
    }
    return out;
}

/// Bursts of noise that die away, as drums do.
Sound hits(double every, double amplitude, double seconds, unsigned seed, double offset = 0.1) {
    std::mt19937 random(seed);
    std::uniform_real_distribution<double> noise(-1, 1);
    Sound out(static_cast<std::size_t>(seconds * part_rate));
    for (double at = offset; at < seconds; at += every)
        for (std::size_t i = 0; i < part_rate / 10; ++i)
            if (const auto place = static_cast<std::size_t>(at * part_rate) + i; place < out.size())
                out[place] +=
                    amplitude * noise(random) * std::exp(-static_cast<double>(i) / (0.012 * part_rate));
    return out;
}

Sound operator+(Sound a, const Sound& b) {
    for (std::size_t i = 0; i < std::min(a.size(), b.size()); ++i)
        a[i] += b[i];
    return a;
}

std::shared_ptr<const SampleStore> stored(const Sound& sound, int channels = 1) {
    std::vector<float> samples;
    for (const double value : sound)
        for (int c = 0; c < channels; ++c)
            samples.push_back(static_cast<float>(value));
    return store_of(samples, {part_rate, channels});
}

Sound mono(const SampleStore& store) {
    std::vector<float> samples(static_cast<std::size_t>(store.length().value));
    store.read_mono(Samples(0), samples);
    return {samples.begin(), samples.end()};
}

double energy(const Sound& sound, std::size_t from, std::size_t until) {
    double sum = 0;
    for (std::size_t i = from; i < std::min(until, sound.size()); ++i)
        sum += sound[i] * sound[i];
    return sum;
}
double energy(const Sound& sound) {
    return energy(sound, 0, sound.size());
}

double median(std::vector<double> values) {
    std::sort(values.begin(), values.end());
    return values[values.size() / 2];
}

struct Parts {
    Sound harmonic, percussive, residual;
};

/// The definition, step by step and without any haste. Median filtering of the magnitude spectrogram along
/// time and along frequency: D. Fitzgerald, "Harmonic/percussive separation using median filtering" (DAFx
/// 2010). The three parts by a separation factor, and the lengths of the medians (200 ms, 500 Hz): J.
/// Driedger, M. Mueller and S. Disch, "Extending harmonic-percussive separation of audio signals" (ISMIR
/// 2014), with beta = 2. From memory of both papers.
Parts separated_plainly(const Sound& sound) {
    constexpr int window = 1024, hop = window / 4, bins = window / 2 + 1;
    constexpr double beta = 2, pi = std::numbers::pi;
    const int in_time = 2 * static_cast<int>(std::round((0.2 * part_rate / hop - 1) / 2)) + 1;
    const int in_frequency = 2 * static_cast<int>(std::round((500.0 * window / part_rate - 1) / 2)) + 1;
    std::vector<double> hann(window), cosine(window), sinus(window);
    for (int i = 0; i < window; ++i) {
        hann[static_cast<std::size_t>(i)] = 0.5 - 0.5 * std::cos(2 * pi * i / window);
        cosine[static_cast<std::size_t>(i)] = std::cos(2 * pi * i / window);
        sinus[static_cast<std::size_t>(i)] = std::sin(2 * pi * i / window);
    }
    const int first = -3, last = static_cast<int>(sound.size()) / hop + 1;
    std::vector<std::vector<std::complex<double>>> spectra;
    for (int frame = first; frame < last; ++frame) {
        std::vector<std::complex<double>> spectrum(bins);
        for (int k = 0; k < bins; ++k)
            for (int n = 0; n < window; ++n)
                if (const int at = frame * hop + n; at >= 0 && at < static_cast<int>(sound.size())) {
                    const double value =
                        sound[static_cast<std::size_t>(at)] * hann[static_cast<std::size_t>(n)];
                    const auto turn = static_cast<std::size_t>((k * n) % window);
                    spectrum[static_cast<std::size_t>(k)] +=
                        std::complex(value * cosine[turn], -value * sinus[turn]);
                }
        spectra.push_back(std::move(spectrum));
    }
    const auto magnitude = [&](int frame, int bin) { // silence beyond the ends
        return frame < 0 || frame >= static_cast<int>(spectra.size()) || bin < 0 || bin >= bins
                   ? 0.0
                   : std::abs(spectra[static_cast<std::size_t>(frame)][static_cast<std::size_t>(bin)]);
    };
    Parts parts{Sound(sound.size()), Sound(sound.size()), Sound(sound.size())};
    for (int frame = 0; frame < static_cast<int>(spectra.size()); ++frame) {
        std::vector<std::complex<double>> of[3] = {std::vector<std::complex<double>>(bins),
                                                   std::vector<std::complex<double>>(bins),
                                                   std::vector<std::complex<double>>(bins)};
        for (int bin = 0; bin < bins; ++bin) {
            std::vector<double> along, across;
            for (int i = -(in_time / 2); i <= in_time / 2; ++i)
                along.push_back(magnitude(frame + i, bin));
            for (int i = -(in_frequency / 2); i <= in_frequency / 2; ++i)
                across.push_back(magnitude(frame, bin + i));
            const double h = median(along), p = median(across);
            const int part = h > beta * p ? 0 : p > 0 && p >= beta * h ? 1 : 2;
            of[part][static_cast<std::size_t>(bin)] =
                spectra[static_cast<std::size_t>(frame)][static_cast<std::size_t>(bin)];
        }
        Sound* sounds[] = {&parts.harmonic, &parts.percussive, &parts.residual};
        for (int part = 0; part < 3; ++part)
            for (int n = 0; n < window; ++n) {
                const int at = (frame + first) * hop + n;
                if (at < 0 || at >= static_cast<int>(sound.size()))
                    continue;
                double value = 0;
                for (int k = 0; k < bins; ++k) {
                    const auto turn = static_cast<std::size_t>((k * n) % window);
                    const auto& bin = of[part][static_cast<std::size_t>(k)];
                    value += (k == 0 || k == bins - 1 ? 1 : 2) *
                             (bin.real() * cosine[turn] - bin.imag() * sinus[turn]);
                }
                (*sounds[part])[static_cast<std::size_t>(at)] +=
                    value / window * hann[static_cast<std::size_t>(n)] / 1.5;
            }
    }
    return parts;
}

Sound part_of(const SampleStore& sound, const char* part, const char* side = "both") {
    const auto made = sound_part(sound, {part, side});
    return made ? mono(*made->samples) : Sound();
}

Sound noise(double seconds, unsigned seed) {
    std::mt19937 random(seed);
    std::normal_distribution<double> normal(0, 0.1);
    Sound out(static_cast<std::size_t>(seconds * part_rate));
    for (double& value : out)
        value = normal(random);
    return out;
}

Sound later(const Sound& sound, std::int64_t by) {
    Sound out(static_cast<std::size_t>(std::max<std::int64_t>(by, 0)), 0.0);
    out.insert(out.end(), sound.begin() + std::max<std::int64_t>(-by, 0), sound.end());
    return out;
}

} // namespace

class TestSoundParts : public QObject {
    Q_OBJECT
private slots:
    void separation_is_that_of_the_published_definition_data() {
        QTest::addColumn<int>("mix");
        QTest::newRow("tone and hits") << 0;
        QTest::newRow("chord with vibrato and soft hits") << 1;
        QTest::newRow("noise") << 2;
    }
    void separation_is_that_of_the_published_definition() {
        QFETCH(int, mix);
        const double seconds = 0.8;
        const Sound sound = mix == 0   ? sine(440, 0.3, seconds) + hits(0.25, 0.6, seconds, 1)
                            : mix == 1 ? sine(220, 0.2, seconds, 0.01) + sine(554, 0.15, seconds, 0.01) +
                                             hits(0.3, 0.2, seconds, 2)
                                       : noise(seconds, 3);
        QCOMPARE(separation_shape(part_rate).window, std::size_t{1024}); // as the definition below has it
        const Parts wanted = separated_plainly(sound);
        const auto store = stored(sound);
        for (const auto& [name, plain] :
             {std::pair{"harmonic", &wanted.harmonic}, std::pair{"percussive", &wanted.percussive},
              std::pair{"residual", &wanted.residual}}) {
            const Sound made = part_of(*store, name);
            QCOMPARE(made.size(), sound.size());
            const std::size_t tenth = part_rate / 10;
            const double floor = energy(sound) * 1e-5;
            for (std::size_t from = 0; from + tenth <= sound.size(); from += tenth) {
                const double a = energy(made, from, from + tenth), b = energy(*plain, from, from + tenth);
                if (std::max(a, b) > floor)
                    QVERIFY2(std::abs(10 * std::log10(a / b)) < 0.5, name);
            }
        }
    }

    void tones_are_harmonic_and_hits_percussive() {
        const double seconds = 3;
        const Sound tones = sine(440, 0.2, seconds) + sine(660, 0.2, seconds),
                    drums = hits(0.5, 0.8, seconds, 4);
        const auto both = stored(tones + drums);
        const Sound harmonic = part_of(*both, "harmonic"), percussive = part_of(*both, "percussive");
        // Between the hits the tones are there as they were.
        QVERIFY(std::abs(10 * std::log10(energy(harmonic, part_rate * 3 / 10, part_rate / 2) /
                                         energy(tones, part_rate * 3 / 10, part_rate / 2))) < 0.5);
        QVERIFY(energy(percussive, part_rate * 3 / 10, part_rate / 2) <
                0.01 * energy(tones, part_rate * 3 / 10, part_rate / 2));
        // The hits' energy is in the percussive part.
        QVERIFY(energy(percussive) > 0.5 * energy(drums));
        QVERIFY(energy(harmonic) < 1.1 * energy(tones));
    }

    void parts_add_up_to_the_whole_and_nothing_moves() {
        // Longer than what is worked on in one go, so that seams would show.
        const Sound sound = sine(330, 0.3, 12) + hits(0.37, 0.5, 12, 5) + noise(12, 6);
        const auto store = stored(sound);
        const Sound sum =
            part_of(*store, "harmonic") + part_of(*store, "percussive") + part_of(*store, "residual");
        QCOMPARE(sum.size(), sound.size());
        for (std::size_t i = 0; i < sound.size(); ++i)
            QVERIFY2(std::abs(sum[i] - sound[i]) < 1e-4, qPrintable(QString::number(i)));
    }

    void sides_are_left_right_half_the_sum_and_half_the_difference() {
        std::vector<float> samples;
        for (int i = 0; i < 1000; ++i) {
            samples.push_back(static_cast<float>(i) / 1000);
            samples.push_back(static_cast<float>(i % 7) / 10);
        }
        const auto store = store_of(samples, {part_rate, 2});
        const Sound left = part_of(*store, "whole", "left"), right = part_of(*store, "whole", "right"),
                    middle = part_of(*store, "whole", "middle"), sides = part_of(*store, "whole", "sides");
        for (std::size_t i = 0; i < 1000; ++i) {
            const double l = static_cast<double>(samples[2 * i]), r = static_cast<double>(samples[2 * i + 1]);
            QVERIFY(std::abs(left[i] - l) < 1e-6 && std::abs(right[i] - r) < 1e-6);
            QVERIFY(std::abs(middle[i] - (l + r) / 2) < 1e-6 && std::abs(sides[i] - (l - r) / 2) < 1e-6);
        }
    }

    void a_band_keeps_what_lies_in_it_where_it_is() {
        const Sound low = sine(100, 0.3, 10), high = sine(6000, 0.3, 10);
        const auto store = stored(low + high);
        const auto kept = sound_part(*store, {"whole", "both", 0, 1000});
        QVERIFY(kept.has_value());
        const Sound band = mono(*kept->samples);
        for (std::size_t i = part_rate; i < 9 * part_rate; i += 97) // a seam lies at 8 s
            QVERIFY(std::abs(band[i] - low[i]) < 0.01);
        const Sound vocal = part_of(*stored(sine(100, 0.3, 3) + sine(1000, 0.3, 3)), "vocal");
        const Sound sung = sine(1000, 0.3, 3);
        QVERIFY(std::abs(10 * std::log10(energy(vocal, part_rate, 2 * part_rate) /
                                         energy(sung, part_rate, 2 * part_rate))) < 0.5);
    }

    void a_cancelled_part_is_not_made() {
        std::stop_source stop;
        stop.request_stop();
        Progress progress;
        progress.stop = stop.get_token();
        const auto made = sound_part(*stored(noise(2, 7)), {"percussive", "both"}, progress);
        QVERIFY(!made && made.error().cancelled());
    }

    void recordings_are_aligned_to_the_sample_data() {
        QTest::addColumn<int>("by");
        for (const int by : {0, 1, -1, 1234, -1234, 20'000, -30'001})
            QTest::addRow("%d", by) << by;
    }
    void recordings_are_aligned_to_the_sample() {
        QFETCH(int, by);
        const double seconds = 8;
        const Sound drums = hits(0.5, 0.5, seconds, 8) + hits(0.75, 0.3, seconds, 9, 0.35);
        const Sound rest =
            sine(110, 0.4, seconds, 0.002) + sine(277, 0.2, seconds, 0.01) + noise(seconds, 10);
        const auto song = stored(drums + rest);
        for (const Sound* stem : {&drums, &rest}) {
            const auto lies = align(*song, *stored(later(*stem, by)));
            QVERIFY(lies.has_value());
            QCOMPARE(lies->later.value, std::int64_t{by});
            QVERIFY2(lies->is_clear(), qPrintable(QString::number(lies->clarity)));
        }
    }

    // A machine's drums are the same in every bar: only where they begin and end tells the bars apart.
    void loops_are_aligned_to_their_own_turn() {
        constexpr double seconds = 64;
        Sound drums(static_cast<std::size_t>(seconds * part_rate), 0.0);
        const Sound hit = hits(10, 0.6, 0.3, 13, 0);
        for (int i = 4; i < 116; ++i)
            for (std::size_t k = 0; k < hit.size(); ++k)
                drums[static_cast<std::size_t>(i * 0.5 * part_rate) + k] += (i % 2 == 0 ? 1 : 0.5) * hit[k];
        Sound rest = sine(110, 0.2, seconds) + sine(165, 0.1, seconds);
        const auto song = stored(drums + rest);
        for (const std::int64_t by :
             {std::int64_t{0}, std::int64_t{1234}, std::int64_t{100'000}, std::int64_t{-22'050}}) {
            const auto lies = align(*song, *stored(later(drums, by)));
            QVERIFY(lies.has_value() && lies->is_clear());
            QCOMPARE(lies->later.value, by);
        }
    }

    void unrelated_recordings_are_told() {
        const auto lies = align(*stored(noise(8, 11)), *stored(noise(8, 12)));
        QVERIFY(lies.has_value() && !lies->is_clear());
        const auto silence = align(*stored(noise(2, 11)), *stored(Sound(2 * part_rate, 0.0)));
        QVERIFY(silence.has_value() && !silence->is_clear());
    }

    void sounds_are_written_as_they_are() {
        QTemporaryDir dir;
        const auto store = store_of({0.5f, -0.25f, 1.5f, 0.0f}, {48000, 2});
        const std::filesystem::path path = dir.filePath("part.wav").toStdString();
        QVERIFY(write_wav(*store, path).has_value());
        // Read by the decoder, which is FFmpeg's: every bit, beyond full scale as well.
        const auto again = load_sound(path);
        QVERIFY(again.has_value());
        QCOMPARE(again->samples->format().sample_rate, 48000);
        QCOMPARE(again->samples->format().channels, 2);
        const auto values = again->samples->interleaved();
        QCOMPARE(std::vector<float>(values.begin(), values.end()),
                 (std::vector<float>{0.5f, -0.25f, 1.5f, 0.0f}));
        QCOMPARE(QDir(dir.path()).entryList(QDir::Files).size(), 1);
        QVERIFY(!write_wav(*store, dir.filePath("nowhere/part.wav").toStdString()).has_value());
    }

    // -- lines of gain

    void a_line_of_gain_runs_straight_in_decibels() {
        MixPart part{stored(Sound(part_rate, 0.5)), Samples(0), Samples(0), Samples(part_rate), 1, {}, {}};
        part.line = {{Samples(2000), 0}, {Samples(12'000), -20}};
        const auto sum = mix_down({part_rate, Samples(part_rate), {part}});
        QVERIFY(sum.has_value());
        const auto db = [&](std::int64_t i) {
            return 20 * std::log10(static_cast<double>(sum->samples->mono_at(Samples(i))) / 0.5);
        };
        QVERIFY(std::abs(db(0)) < 0.01 && std::abs(db(1999)) < 0.01);
        for (const int i : {2500, 4003, 7000, 11'999})
            QVERIFY2(std::abs(db(i) + 20.0 * (i - 2000) / 10'000) < 0.01, qPrintable(QString::number(db(i))));
        QVERIFY(std::abs(db(20'000) + 20) < 0.01);
    }

    void a_line_stays_under_the_material_when_a_sound_is_trimmed() {
        MixPart part{stored(Sound(part_rate, 0.5)), Samples(100), Samples(0), Samples(5000), 1, {}, {}};
        part.line = {{Samples(1000), 0}, {Samples(2000), -6}};
        MixPart cut = part; // its first 500 samples were taken off, the rest stayed where it was
        cut.start += Samples(500);
        cut.in = Samples(500);
        cut.length = Samples(4500);
        const auto a = mix_down({part_rate, Samples(6000), {part}}),
                   b = mix_down({part_rate, Samples(6000), {cut}});
        for (std::int64_t i = 700; i < 5000; i += 13)
            QVERIFY(std::abs(a->samples->mono_at(Samples(i)) - b->samples->mono_at(Samples(i))) < 1e-5f);
    }

    void songs_may_begin_with_silence() {
        QTemporaryDir dir;
        const std::filesystem::path path = dir.filePath("song.wav").toStdString();
        QVERIFY(write_wav(*stored(Sound(1000, 0.25)), path).has_value());
        LoadOptions options;
        options.from = Samples(-40'000);
        options.length = Samples(40'500);
        const auto loaded = load_sound(path, {}, options);
        QVERIFY(loaded.has_value());
        QCOMPARE(loaded->samples->length().value, 40'500);
        QCOMPARE(loaded->samples->mono_at(Samples(39'999)), 0.0f);
        QCOMPARE(loaded->samples->mono_at(Samples(40'000)), 0.25f);
        QCOMPARE(loaded->outline->length().value, 40'500);
    }
};

PULSEPIN_TEST_CLASS(TestSoundParts, "test_sound_parts")
#include "test_sound_parts.moc"
