// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/text_file.h"
#include "media/resampler.h"
#include "media/sample_store.h"
#include "media/sound_outline.h"
#include "support/test_program.h"

#include <QTemporaryDir>
#include <QTest>
#include <cmath>
#include <csignal>
#include <numbers>
#include <random>
#include <sys/resource.h>
#include <thread>

using namespace pulsepin;

namespace {

std::vector<float> noise(std::size_t count, unsigned seed = 1) {
    std::mt19937 random(seed);
    std::vector<float> out(count);
    for (float& v : out)
        v = static_cast<float>(random() % 20001) / 10000.0f - 1;
    return out;
}

std::shared_ptr<const SampleStore> stored(const std::vector<float>& values, SoundFormat format) {
    auto writer = SampleStoreWriter::create(format);
    if (!writer || !writer->append(values))
        return nullptr;
    auto store = writer->finish();
    return store ? *store : nullptr;
}

/// An interleaved sine in both channels, the right one half as loud.
std::vector<float> stereo_sine(double hz, double rate, std::size_t frames) {
    std::vector<float> out;
    for (std::size_t i = 0; i < frames; ++i) {
        const double v = std::sin(2 * std::numbers::pi * hz * static_cast<double>(i) / rate);
        out.push_back(static_cast<float>(v));
        out.push_back(static_cast<float>(v / 2));
    }
    return out;
}

Peaks peaks_of(const std::vector<float>& mono) {
    PeaksBuilder builder;
    builder.append(mono);
    return std::move(builder).finish();
}

bool alike(const Peaks& a, const Peaks& b) {
    if (a.length() != b.length())
        return false;
    for (std::int64_t from = 0; from < a.length().value; from += 977)
        for (const std::int64_t span : {100, 5000, 60000})
            if (!(a.over(Samples(from), Samples(from + span)) == b.over(Samples(from), Samples(from + span))))
                return false;
    return true;
}

} // namespace

class TestSamples : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;
    [[nodiscard]] std::filesystem::path file(const QString& name) const {
        return dir_.filePath(name).toStdString();
    }

private slots:
    void samples_come_back_in_pieces_or_at_once() {
        const auto values = noise(2 * 5000);
        const SoundFormat format{48000, 2};
        auto writer = SampleStoreWriter::create(format, dir_.path().toStdString());
        QVERIFY(writer.has_value());
        for (std::size_t at = 0; at < values.size();) {
            const std::size_t now = std::min<std::size_t>(2 * (1 + at % 97), values.size() - at);
            QVERIFY(writer->append(std::span(values).subspan(at, now)).has_value());
            at += now;
        }
        const auto store = writer->finish();
        QVERIFY(store.has_value());
        const auto all = (*store)->interleaved();
        QVERIFY(std::equal(all.begin(), all.end(), values.begin(), values.end()));
        QCOMPARE((*store)->length(), Samples(5000));
        QCOMPARE((*store)->duration(), Seconds(5000.0 / 48000));
        QVERIFY((*store)->format() == format);
        QVERIFY(QDir(dir_.path()).isEmpty()); // the file has no name
    }

    void the_mean_of_the_channels_anywhere_data() {
        QTest::addColumn<int>("channels");
        for (const int channels : {1, 2, 3, 8})
            QTest::addRow("%d", channels) << channels;
    }
    void the_mean_of_the_channels_anywhere() {
        QFETCH(int, channels);
        constexpr std::int64_t length = 300;
        const auto values = noise(static_cast<std::size_t>(length * channels), 7);
        const auto store = stored(values, {44100, channels});
        QVERIFY(store);
        const auto mean = [&](std::int64_t at) {
            if (at < 0 || at >= length)
                return 0.0f;
            float sum = 0;
            for (int c = 0; c < channels; ++c)
                sum += values[static_cast<std::size_t>(at * channels + c)];
            return sum / static_cast<float>(channels);
        };
        for (const std::int64_t from : {-700, -300, -299, -1, 0, 1, 150, 299, 300, 900})
            for (const std::size_t count : {0u, 1u, 2u, 299u, 300u, 301u, 1300u}) {
                std::vector<float> out(count, 9.0f);
                store->read_mono(Samples(from), out);
                for (std::size_t i = 0; i < count; ++i)
                    QVERIFY(std::abs(out[i] - mean(from + static_cast<std::int64_t>(i))) < 1e-6f);
            }
        QCOMPARE(store->mono_at(Samples(-1)), 0.0f);
        QCOMPARE(store->mono_at(Samples(length)), 0.0f);
        QVERIFY(std::abs(store->mono_at(Samples(17)) - mean(17)) < 1e-6f);
    }

    void a_sound_of_no_samples_is_one() {
        const auto store = stored({}, {44100, 2});
        QVERIFY(store);
        QCOMPARE(store->length(), Samples(0));
        QVERIFY(store->interleaved().empty());
        store->hold(Samples(0), Samples(10));
        store->give_back_memory();
        std::vector<float> out(5, 1.0f);
        store->read_mono(Samples(-2), out);
        QCOMPARE(out, std::vector<float>(5, 0.0f));
    }

    void memory_may_go_and_come_while_it_is_read() {
        const auto values = noise(2 * 200'000, 3);
        const auto store = stored(values, {44100, 2});
        QVERIFY(store);
        std::atomic<bool> wrong = false;
        {
            std::jthread giving([&](const std::stop_token& stop) {
                while (!stop.stop_requested())
                    store->give_back_memory();
            });
            std::jthread holding([&](const std::stop_token& stop) {
                for (std::int64_t at = 0; !stop.stop_requested(); at = (at + 7919) % 250'000)
                    store->hold(Samples(at - 500), Samples(at + 3000));
            });
            for (std::int64_t at = 0; at + 1000 < 200'000; at += 331) {
                std::vector<float> out(1000);
                store->read_mono(Samples(at), out);
                for (std::size_t i = 0; i < out.size(); ++i) {
                    const std::size_t k = 2 * (static_cast<std::size_t>(at) + i);
                    wrong = wrong || out[i] != 0.5f * (values[k] + values[k + 1]);
                }
            }
        }
        QVERIFY(!wrong);
        store->hold(Samples(10), Samples(5)); // lets go of what was held
        store->hold(Samples(-100), Samples(1'000'000));
        QCOMPARE(store->mono_at(Samples(199'999)), 0.5f * (values[399'998] + values[399'999]));
    }

    void where_there_is_no_room_it_is_told() {
        const auto nowhere = SampleStoreWriter::create({44100, 2}, file("no/folder"));
        QVERIFY(!nowhere && nowhere.error().message().find("TMPDIR") != std::string::npos);
        // A file may grow to so many bytes and no further, as on a disk that is full.
        struct rlimit before {};
        QCOMPARE(::getrlimit(RLIMIT_FSIZE, &before), 0);
        const auto signal = ::signal(SIGXFSZ, SIG_IGN);
        const struct rlimit small { 10'000, before.rlim_max };
        auto writer = SampleStoreWriter::create({44100, 1}, dir_.path().toStdString());
        QVERIFY(writer.has_value());
        QCOMPARE(::setrlimit(RLIMIT_FSIZE, &small), 0);
        const auto fits = writer->append(noise(2000)), does_not = writer->append(noise(2000));
        ::setrlimit(RLIMIT_FSIZE, &before);
        ::signal(SIGXFSZ, signal);
        QVERIFY(fits.has_value());
        QVERIFY(!does_not && does_not.error().message().find("full") != std::string::npos);
    }

    void the_same_rate_changes_nothing() {
        Resampler none(48000, 48000);
        const auto sound = noise(2 * 1000);
        QCOMPARE(none.add(sound), sound);
        QVERIFY(none.finish().empty());
    }

    void another_rate_is_no_other_moment_data() {
        QTest::addColumn<int>("from");
        QTest::addColumn<int>("to");
        for (const auto& [from, to] : {std::pair{44100, 48000},
                                       {48000, 44100},
                                       {96000, 48000},
                                       {22050, 48000},
                                       {44100, 32000},
                                       {8000, 48000}})
            QTest::addRow("%d to %d", from, to) << from << to;
    }
    void another_rate_is_no_other_moment() {
        QFETCH(int, from);
        QFETCH(int, to);
        constexpr double hz = 440;
        const auto frames = static_cast<std::size_t>(from); // a second
        const auto sound = stereo_sine(hz, from, frames);
        Resampler resampler(from, to);
        std::vector<float> out;
        for (std::size_t at = 0; at < frames;) { // in blocks of any length
            const std::size_t now = std::min<std::size_t>(1 + at % 1009, frames - at);
            const auto made = resampler.add(std::span(sound).subspan(2 * at, 2 * now));
            out.insert(out.end(), made.begin(), made.end());
            at += now;
        }
        const auto rest = resampler.finish();
        out.insert(out.end(), rest.begin(), rest.end());
        QVERIFY(std::abs(static_cast<double>(out.size()) / 2 - to) <= 1 + to * 0.002);
        const auto expected = stereo_sine(hz, to, static_cast<std::size_t>(to));
        float worst = 0;
        for (std::size_t i = static_cast<std::size_t>(to) / 5; i < static_cast<std::size_t>(to) / 5 * 8; ++i)
            worst = std::max(worst, std::abs(out[i] - expected[i]));
        QVERIFY2(worst < 0.002f, qPrintable(QString::number(static_cast<double>(worst))));
    }

    void blocks_do_not_change_what_comes_out() {
        const auto sound = noise(2 * 20'000, 11);
        Resampler whole(44100, 48000), split(44100, 48000);
        auto expected = whole.add(sound);
        const auto rest = whole.finish();
        expected.insert(expected.end(), rest.begin(), rest.end());
        std::vector<float> out;
        for (std::size_t at = 0; at < sound.size(); at += 2 * 500) {
            const auto made =
                split.add(std::span(sound).subspan(at, std::min<std::size_t>(2 * 500, sound.size() - at)));
            out.insert(out.end(), made.begin(), made.end());
        }
        const auto last = split.finish();
        out.insert(out.end(), last.begin(), last.end());
        QCOMPARE(out.size(), expected.size());
        for (std::size_t i = 0; i < out.size(); ++i)
            QVERIFY(std::abs(out[i] - expected[i]) < 1e-6f);
    }

    void peaks_of_short_sounds() {
        QCOMPARE(peaks_of({}).over(Samples(0), Samples(100)), Peak{});
        QCOMPARE(Peaks().over(Samples(0), Samples(100)), Peak{});
        const Peak one = peaks_of({0.25f}).over(Samples(0), Samples(1));
        QCOMPARE(one.low, 0.25f);
        QCOMPARE(one.high, 0.25f);
        QVERIFY(std::abs(one.rms - 0.25f) < 1e-3f);
        // Loud beyond full scale is kept up to four times that.
        const Peak loud = peaks_of({-3.5f, 3.0f}).over(Samples(0), Samples(2));
        QCOMPARE(loud.low, -3.5f);
        QCOMPARE(loud.high, 3.0f);
        const Peak louder = peaks_of({-100.0f, 100.0f}).over(Samples(0), Samples(2));
        QVERIFY(louder.low < -3.99f && louder.high > 3.99f);
    }

    void how_it_was_cut_changes_no_peak() {
        const auto values = noise(50'000, 5);
        PeaksBuilder builder;
        for (std::size_t at = 0; at < values.size();) {
            const std::size_t now = std::min<std::size_t>(1 + at % 311, values.size() - at);
            builder.append(std::span(values).subspan(at, now));
            at += now;
        }
        QVERIFY(alike(std::move(builder).finish(), peaks_of(values)));
    }

    void an_outline_is_kept_for_its_song() {
        SoundOutline outline;
        outline.sample_rate = 44100;
        outline.mean = peaks_of(noise(100'000, 8));
        outline.channels = {peaks_of(noise(100'000, 9)), peaks_of(noise(100'000, 10))};
        QVERIFY(save_outline(outline, "song", file("outline")).has_value());
        const auto loaded = load_outline("song", file("outline"));
        QVERIFY(loaded.has_value());
        QCOMPARE(loaded->sample_rate, std::int64_t{44100});
        QCOMPARE(loaded->duration(), outline.duration());
        QVERIFY(alike(loaded->mean, outline.mean));
        QCOMPARE(loaded->channels.size(), std::size_t{2});
        QVERIFY(alike(loaded->channels[0], outline.channels[0]));
        QVERIFY(alike(loaded->channels[1], outline.channels[1]));
        QVERIFY(!load_outline("another", file("outline")));
    }

    void a_damaged_outline_is_not_drawn() {
        SoundOutline outline;
        outline.sample_rate = 44100;
        outline.mean = peaks_of(noise(3000, 8));
        QVERIFY(save_outline(outline, "song", file("small")).has_value());
        const std::string bytes = *read_text_file(file("small"));
        for (std::size_t left = 0; left < bytes.size(); ++left) {
            QVERIFY(write_text_file(file("cut"), bytes.substr(0, left)).has_value());
            QVERIFY2(!load_outline("song", file("cut")), qPrintable(QString::number(left)));
        }
        // Any byte may be another one: it is refused, or what is drawn lies within bounds.
        for (std::size_t at = 0; at < bytes.size(); ++at) {
            std::string damaged = bytes;
            damaged[at] = static_cast<char>(damaged[at] ^ 0x5a);
            QVERIFY(write_text_file(file("bent"), damaged).has_value());
            if (const auto loaded = load_outline("song", file("bent")))
                for (const std::int64_t from : {std::int64_t{-5}, std::int64_t{0}, std::int64_t{2900}}) {
                    const Peak peak = loaded->mean.over(Samples(from), Samples(from + 1'000'000));
                    QVERIFY(peak.low >= -4 && peak.high <= 4);
                }
        }
    }
};

PULSEPIN_TEST_CLASS(TestSamples, "test_samples")
#include "test_samples.moc"
