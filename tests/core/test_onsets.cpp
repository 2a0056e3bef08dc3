// SPDX-License-Identifier: GPL-3.0-or-later
#include "analysis/loudness.h"
#include "analysis/onsets.h"
#include "analysis/similarity.h"
#include "support/media.h"
#include "support/test_program.h"

#include <numbers>
#include <set>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

constexpr std::int64_t onset_rate = 44100;
using Sound = std::vector<float>;

Sound silence(double seconds) {
    return Sound(static_cast<std::size_t>(seconds * static_cast<double>(onset_rate)), 0.0f);
}

/// A plucked string: overtones that start at once and die away.
void pluck(Sound& sound, double at, double hz = 196, double level = 0.2) {
    for (auto i = static_cast<std::size_t>(std::llround(at * onset_rate)); i < sound.size(); ++i) {
        const double t = static_cast<double>(i) / onset_rate - at;
        double v = 0;
        for (int k = 1; k <= 8; ++k)
            v += std::sin(2 * std::numbers::pi * hz * k * t) / k;
        sound[i] += static_cast<float>(level * v * std::exp(-t / 0.25));
    }
}

/// A burst of noise with its energy above 4 kHz, or a thump below 120 Hz that swells within 10 ms.
void burst(Sound& sound, double at, bool bright, std::mt19937& random) {
    std::normal_distribution<float> normal(0, 0.2f);
    float low = 0;
    for (auto i = static_cast<std::size_t>(std::llround(at * onset_rate)); i < sound.size(); ++i) {
        const double t = static_cast<double>(i) / onset_rate - at;
        if (t > 0.3)
            break;
        if (bright) {
            const float v = normal(random) * static_cast<float>(std::exp(-t / 0.03));
            low += 0.5f * (v - low);
            sound[i] += v - low;
        } else {
            sound[i] += static_cast<float>(0.4 * std::min(1.0, t / 0.01) * std::exp(-t / 0.06) *
                                           std::sin(2 * std::numbers::pi * 90 * t));
        }
    }
}

/// A syllable: a consonant that hisses for 80 ms, and a vowel with overtones that swells within 30 ms. The
/// vowel begins at that time.
void syllable(Sound& sound, double vowel, double hz, double lasts, std::mt19937& random) {
    std::normal_distribution<float> normal(0, 0.05f);
    float low = 0;
    for (auto i = static_cast<std::size_t>(std::llround((vowel - 0.08) * onset_rate)); i < sound.size();
         ++i) {
        const double t = static_cast<double>(i) / onset_rate - vowel;
        if (t > lasts)
            break;
        const float v = t < 0 ? normal(random) : 0.0f;
        low += 0.7f * (v - low);
        sound[i] += v - low;
        for (int k = 1; t > 0 && k * hz < 3500; ++k)
            sound[i] +=
                static_cast<float>(0.05 * std::min(1.0, t / 0.03) * std::min(1.0, (lasts - t) / 0.04) *
                                   std::sin(2 * std::numbers::pi * hz * k * t));
    }
}

Features features_of(const Sound& sound, bool with_network = true) {
    static const auto rhythm = ActivationNetwork::for_rhythm(), drums = ActivationNetwork::for_drums();
    return *compute_features(*store_of(sound, {onset_rate, 1}),
                             with_network ? Listeners{&*rhythm, &*drums} : Listeners{});
}

double mean_offset(const std::vector<double>& truth, const std::vector<Onset>& onsets, std::size_t* hits) {
    double sum = 0;
    *hits = 0;
    for (const double t : truth)
        for (const auto& onset : onsets)
            if (std::abs(onset.time.value - t) < 0.025) {
                sum += onset.time.value - t;
                ++*hits;
                break;
            }
    return *hits == 0 ? 1 : sum / static_cast<double>(*hits);
}

const std::vector<double> beats_of_plucks{0.5, 1.03, 1.61, 2.2, 2.75, 3.4, 3.9, 4.61, 5.2, 5.93};

} // namespace

class TestOnsets : public QObject {
    Q_OBJECT
private slots:
    void the_table_has_no_doubles() {
        std::set<std::string_view> ids, titles;
        for (const auto& function : onset_functions()) {
            QVERIFY(ids.insert(function.id).second && titles.insert(function.title).second);
            QCOMPARE(onset_function(function.id), &function);
        }
        QVERIFY(ids.size() >= 8);
        QCOMPARE(onset_functions().front().id, std::string_view("full"));
        QVERIFY(!onset_function("dreams"));
    }

    void a_syllable_is_heard_once() {
        std::mt19937 random(3);
        Sound speech = silence(8);
        std::vector<double> vowels;
        for (double at = 0.4; at < 7.5; at += 0.16 + 0.03 * static_cast<double>(random() % 6)) {
            vowels.push_back(at);
            syllable(speech, at, 100 + static_cast<double>(random() % 60), 0.12, random);
        }
        const auto features = features_of(speech, false);
        OnsetSettings settings;
        settings.function = "syllables";
        std::size_t hits = 0;
        const auto onsets = find_onsets(features, settings);
        const double offset = mean_offset(vowels, onsets, &hits);
        QVERIFY2(hits + 2 >= vowels.size() && onsets.size() <= vowels.size() + 2,
                 qPrintable(QString("%1 of %2, %3 found").arg(hits).arg(vowels.size()).arg(onsets.size())));
        QVERIFY2(std::abs(offset) < 0.02, qPrintable(QString::number(offset)));
        QVERIFY(find_onsets(features_of(silence(2), false), settings).empty());
    }

    // Every function that hears what starts, with the network and without, on plucks and on clicks: no
    // constant lateness.
    void no_function_is_late_data() {
        QTest::addColumn<QString>("id");
        QTest::addColumn<bool>("network");
        for (const char* id : {"full", "flux", "energy", "high", "complex", "mid"})
            for (const bool network : {true, false})
                QTest::addRow("%s%s", id, network ? "" : " without network") << id << network;
    }
    void no_function_is_late() {
        QFETCH(QString, id);
        QFETCH(bool, network);
        Sound plucks = silence(7);
        for (const double t : beats_of_plucks)
            pluck(plucks, t);
        const auto f = features_of(plucks, network);
        OnsetSettings settings;
        settings.function = id.toStdString();
        std::size_t hits = 0;
        const auto onsets = find_onsets(f, settings);
        const double offset = mean_offset(beats_of_plucks, onsets, &hits);
        QVERIFY2(hits >= 9 && std::abs(offset) < 0.002,
                 qPrintable(QString("%1 hits, %2 ms").arg(hits).arg(offset * 1000)));
        QVERIFY(std::is_sorted(onsets.begin(), onsets.end(),
                               [](const Onset& a, const Onset& b) { return a.time < b.time; }));
    }

    // Reference library: aubio's onset detector (Debian's aubio-tools) on the same plucks.
    void aubio_hears_the_plucks_where_we_do() {
        Sound plucks = silence(7);
        for (const double t : beats_of_plucks)
            pluck(plucks, t);
        QTemporaryDir dir;
        QFile raw(dir.filePath("p.raw"));
        QVERIFY(raw.open(QIODevice::WriteOnly));
        raw.write(reinterpret_cast<const char*>(plucks.data()),
                  static_cast<qint64>(plucks.size() * sizeof(float)));
        raw.close();
        QVERIFY(ffmpeg(
            {"-f", "f32le", "-ar", "44100", "-ac", "1", "-i", dir.filePath("p.raw"), dir.filePath("p.wav")}));
        QProcess aubio;
        aubio.start("aubio", {"onset", dir.filePath("p.wav")});
        QVERIFY(aubio.waitForFinished(60'000) && aubio.exitCode() == 0);
        const auto ours = find_onsets(features_of(plucks));
        int theirs = 0;
        for (const auto& line : aubio.readAllStandardOutput().split('\n')) {
            if (line.trimmed().isEmpty())
                continue;
            const double t = line.split('\t').first().toDouble();
            ++theirs;
            QVERIFY2(std::any_of(ours.begin(), ours.end(),
                                 [t](const Onset& o) { return std::abs(o.time.value - t) < 0.03; }),
                     line.constData());
        }
        QVERIFY(theirs >= 8);
    }

    void gaps_and_strengths_are_kept_to() {
        Sound sound = silence(6);
        for (int i = 0; i < 20; ++i)
            pluck(sound, 0.5 + 0.25 * i, 220, i % 2 == 0 ? 0.25 : 0.03);
        const auto f = features_of(sound);
        const OnsetFinder finder(f, "full");
        OnsetSettings settings;
        const auto all = finder.find(settings);
        settings.smallest_gap = Seconds(0.4);
        const auto apart = finder.find(settings);
        for (std::size_t i = 1; i < apart.size(); ++i)
            QVERIFY(apart[i].time - apart[i - 1].time >= Seconds(0.399));
        settings.smallest_gap = Seconds(0.03);
        settings.least_strength = 0.5;
        const auto strong = finder.find(settings);
        QVERIFY(strong.size() < all.size() && apart.size() < all.size() && strong.size() >= 8);
        for (const auto& onset : strong)
            QVERIFY(onset.strength >= 0.5f && onset.strength <= 1);
    }

    void a_band_of_ones_own_hears_only_that() {
        std::mt19937 random(5);
        Sound sound = silence(10);
        std::vector<double> high, low;
        for (int i = 0; i < 16; ++i) {
            burst(sound, 0.5 + 0.55 * i, i % 2 == 0, random);
            (i % 2 == 0 ? high : low).push_back(0.5 + 0.55 * i);
        }
        const auto f = features_of(sound);
        OnsetSettings settings;
        std::size_t hits = 0, wrong = 0;
        settings.own_band = {6000, 16000};
        const auto above = find_onsets(f, settings);
        (void)mean_offset(high, above, &hits);
        (void)mean_offset(low, above, &wrong);
        QVERIFY2(hits == high.size() && wrong == 0, qPrintable(QString("%1 %2").arg(hits).arg(wrong)));
        settings.own_band = {30, 31}; // between two bands: the nearest is listened to
        QVERIFY(!find_onsets(f, settings).empty());
    }

    void jumps_of_volume() {
        std::mt19937 random(3);
        std::normal_distribution<float> normal(0, 1);
        Sound sound = silence(12);
        for (std::size_t i = 0; i < sound.size(); ++i) {
            const double t = static_cast<double>(i) / onset_rate;
            sound[i] = normal(random) * (t < 4 ? 0.02f : t < 8 ? 0.2f : 0.03f);
        }
        OnsetSettings settings;
        settings.function = "step";
        const auto steps = find_onsets(features_of(sound), settings);
        QCOMPARE(steps.size(), std::size_t{2});
        QVERIFY(std::abs(steps[0].time.value - 4) < 0.03 && std::abs(steps[1].time.value - 8) < 0.03);
    }

    void what_is_alike_is_found() {
        std::mt19937 random(9);
        Sound sound = silence(20);
        std::vector<double> bright, dull;
        for (int i = 0; i < 30; ++i) {
            const double t = 0.5 + 0.6 * i;
            const bool is_bright = random() % 2 == 0;
            burst(sound, t, is_bright, random);
            (is_bright ? bright : dull).push_back(t);
        }
        const auto f = features_of(sound);
        for (const auto* kind : {&bright, &dull}) {
            const auto all = similarity_to(f, Seconds(kind->front()), Seconds(kind->front()));
            const auto found = similar_onsets(all, 0.6f);
            std::size_t hits = 0, wrong = 0;
            (void)mean_offset(*kind, found, &hits);
            (void)mean_offset(kind == &bright ? dull : bright, found, &wrong);
            QVERIFY2(hits * 10 >= kind->size() * 9 && wrong == 0,
                     qPrintable(QString("%1 of %2, %3 wrong").arg(hits).arg(kind->size()).arg(wrong)));
            QVERIFY(similar_onsets(all, 0.3f).size() >= found.size() && similar_onsets(all, 1.01f).empty());
            // A range that holds several says more than one alone.
            QVERIFY(!similarity_to(f, Seconds(0), Seconds(20)).empty());
        }
        QVERIFY(similarity_to(features_of(silence(3)), Seconds(1), Seconds(2)).empty());
    }

    // ITU-R BS.1770-4, section on calibration: a 997 Hz sine at 0 dBFS in one front channel reads -3.01 LKFS.
    void loudness_of_the_standard_sine() {
        for (const std::int64_t sample_rate : {44100, 48000, 96000}) {
            std::vector<float> sine;
            for (std::int64_t i = 0; i < sample_rate * 20; ++i) {
                sine.push_back(static_cast<float>(std::sin(
                    2 * std::numbers::pi * 997 * static_cast<double>(i) / static_cast<double>(sample_rate))));
                sine.push_back(0);
            }
            const auto loudness = measure_loudness(*store_of(sine, {sample_rate, 2}));
            QVERIFY(loudness.has_value());
            QVERIFY2(std::abs(loudness->integrated + 3.01f) < 0.05f,
                     qPrintable(QString::number(static_cast<double>(loudness->integrated))));
            QCOMPARE(loudness->short_term.size(), std::size_t{40});
            for (std::size_t i = 4; i + 4 < 40; ++i)
                QVERIFY(std::abs(loudness->short_term[i] + 3.01f) < 0.05f);
        }
        const auto nothing = measure_loudness(*store_of(silence(5), {onset_rate, 1}));
        QCOMPARE(nothing->integrated, Loudness::silence);
    }
};

PULSEPIN_TEST_CLASS(TestOnsets, "test_onsets")
#include "test_onsets.moc"
