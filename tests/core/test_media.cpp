// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/mix_down.h"
#include "media/open_readers.h"
#include "media/picture_sequence.h"
#include "media/video_reader.h"
#include "support/media.h"
#include "support/test_program.h"

#include <QFile>
#include <limits>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

constexpr std::int64_t file_rate = 44100;

/// Writes mono float samples as a WAV file, by way of ffmpeg, which is the reference for all other formats.
bool write_wave(const QString& path, const std::vector<float>& samples, std::int64_t at_rate = file_rate) {
    QFile raw(path + ".raw");
    if (!raw.open(QIODevice::WriteOnly))
        return false;
    raw.write(reinterpret_cast<const char*>(samples.data()),
              static_cast<qint64>(samples.size() * sizeof(float)));
    raw.close();
    return ffmpeg({"-f", "f32le", "-ar", QString::number(at_rate), "-ac", "1", "-i", raw.fileName(), "-c:a",
                   "pcm_f32le", path});
}

/// The lag, in samples, at which `b` looks most like `a`.
int best_lag(const std::vector<float>& a, std::span<const float> b, int reach) {
    int best = 0;
    double most = -1;
    for (int lag = -reach; lag <= reach; ++lag) {
        double sum = 0;
        for (std::size_t i = static_cast<std::size_t>(reach); i + static_cast<std::size_t>(reach) < a.size();
             i += 3) {
            const auto k = static_cast<std::ptrdiff_t>(i) + lag;
            if (k >= 0 && k < static_cast<std::ptrdiff_t>(b.size()))
                sum += static_cast<double>(a[i]) * static_cast<double>(b[static_cast<std::size_t>(k)]);
        }
        if (sum > most) {
            most = sum;
            best = lag;
        }
    }
    return best;
}

} // namespace

class TestMedia : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;
    std::vector<float> source_;
    [[nodiscard]] QString file(const QString& name) const { return dir_.filePath(name); }

private slots:
    void initTestCase() {
        source_ = noise_bursts(309'934, 1);
        QVERIFY(write_wave(file("source.wav"), source_));
    }

    void wave_comes_back_bit_for_bit() {
        const auto sound = load_sound(file("source.wav").toStdString());
        QVERIFY2(sound.has_value(), sound ? "" : sound.error().message().c_str());
        QCOMPARE(sound->samples->length().value, static_cast<std::int64_t>(source_.size()));
        QVERIFY(std::equal(source_.begin(), source_.end(), sound->samples->interleaved().begin()));
        QCOMPARE(sound->outline->length(), sound->samples->length());
    }

    void compressed_files_line_up_with_their_original_data() {
        QTest::addColumn<QStringList>("encoding");
        QTest::addColumn<QString>("name");
        QTest::newRow("flac") << QStringList{"-c:a", "flac"} << "a.flac";
        QTest::newRow("alac") << QStringList{"-c:a", "alac"} << "alac.m4a";
        QTest::newRow("vorbis") << QStringList{"-c:a", "libvorbis", "-q:a", "6"} << "a.ogg";
    }
    // The same length and no lag: encoder delay is skipped and padding cut.
    void compressed_files_line_up_with_their_original() {
        QFETCH(QStringList, encoding);
        QFETCH(QString, name);
        QVERIFY(ffmpeg(QStringList{"-i", file("source.wav")} + encoding + QStringList{file(name)}));
        const auto sound = load_sound(file(name).toStdString());
        QVERIFY2(sound.has_value(), sound ? "" : sound.error().message().c_str());
        QCOMPARE(sound->samples->length().value, static_cast<std::int64_t>(source_.size()));
        QCOMPARE(best_lag(source_, sound->samples->interleaved(), 1400), 0);
    }

    /// Of files that count their samples, the header tells what is missing; of whole ones nothing is told.
    void what_is_cut_off_is_told() {
        for (const char* ending : {".wav", ".flac"}) {
            const QString whole = file("cut-off") + ending;
            QVERIFY(ffmpeg({"-i", file("source.wav"), whole}));
            const auto before = load_sound(whole.toStdString());
            QVERIFY(before.has_value());
            QCOMPARE(before->missing, Samples(0));
            QCOMPARE(told_of_damage(*before), std::string());
            std::filesystem::resize_file(whole.toStdString(),
                                         std::filesystem::file_size(whole.toStdString()) / 2);
            const auto cut = load_sound(whole.toStdString());
            QVERIFY(cut.has_value());
            QVERIFY2(std::abs(cut->missing.value + cut->samples->length().value -
                              before->samples->length().value) < file_rate / 20,
                     ending);
            QVERIFY(told_of_damage(*cut).find("though its file counts 0:07.0") != std::string::npos);
            // A part that is asked for is not cut off.
            LoadOptions part;
            part.length = Samples(1000);
            QCOMPARE(load_sound(whole.toStdString(), {}, part)->missing, Samples(0));
        }
    }

    // By LAME's own encoder: its tag says the delay and padding of each file to the sample.
    void mp3_lines_up_with_its_original() {
        QVERIFY(ffmpeg({"-i", file("source.wav"), "-c:a", "pcm_s16le", file("16.wav")}));
        for (const QStringList& mode :
             {QStringList{"-V", "4"}, QStringList{"-b", "192"}, QStringList{"--abr", "140"}}) {
            QProcess lame;
            lame.start("lame", QStringList{"--quiet"} + mode + QStringList{file("16.wav"), file("lame.mp3")});
            QVERIFY(lame.waitForFinished() && lame.exitCode() == 0);
            const auto sound = load_sound(file("lame.mp3").toStdString());
            QVERIFY2(sound.has_value(), sound ? "" : sound.error().message().c_str());
            QCOMPARE(sound->samples->length().value, static_cast<std::int64_t>(source_.size()));
            QCOMPARE(best_lag(source_, sound->samples->interleaved(), 1400), 0);
        }
    }

    // Lengths that do not fit whole packets, nor whole milliseconds.
    void aac_is_cut_where_its_padding_begins() {
        for (const int length : {44'100, 100'000, 123'457}) {
            QVERIFY(write_wave(file("n.wav"), noise_bursts(static_cast<std::size_t>(length), 8)));
            QVERIFY(ffmpeg({"-i", file("n.wav"), "-c:a", "aac", "-b:a", "192k", file("n.m4a")}));
            const auto sound = load_sound(file("n.m4a").toStdString());
            QVERIFY(sound.has_value());
            // The edit list that ffmpeg writes counts in milliseconds.
            QVERIFY2(std::abs(sound->samples->length().value - length) <= 44,
                     qPrintable(QString("%1 of %2").arg(sound->samples->length().value).arg(length)));
        }
    }

    void opus_runs_at_its_own_rate() {
        const auto at_48k = noise_bursts(48'000 * 4, 2);
        QVERIFY(write_wave(file("48.wav"), at_48k, 48000));
        QVERIFY(ffmpeg({"-i", file("48.wav"), "-c:a", "libopus", "-b:a", "128k", file("a.opus")}));
        const auto sound = load_sound(file("a.opus").toStdString());
        QVERIFY(sound.has_value());
        QCOMPARE(sound->samples->format().sample_rate, 48000);
        QCOMPARE(sound->samples->length().value, 48'000 * 4);
        QCOMPARE(best_lag(at_48k, sound->samples->interleaved(), 400), 0);
    }

    void many_channels_become_two_and_rates_stay() {
        for (const int wanted : {8000, 96000, 192000}) {
            QVERIFY(ffmpeg({"-f", "lavfi", "-i", QString("sine=d=0.5:r=%1").arg(wanted), "-ac", "6", "-c:a",
                            "pcm_s24le", file("six.wav")}));
            const auto sound = load_sound(file("six.wav").toStdString());
            QVERIFY(sound.has_value());
            QCOMPARE(sound->samples->format(), (SoundFormat{wanted, 2}));
            QCOMPARE(sound->samples->length().value, wanted / 2);
        }
    }

    /// Rec. ITU-R BS.775-3, annex 4, table 2: left + 0.7071 centre + 0.7071 left surround, and so on the
    /// right; the channel of low frequencies is left out.
    void six_channels_are_mixed_down_by_the_standard() {
        for (const char* layout : {"5.1", "5.1(side)"}) {
            QVERIFY(ffmpeg({"-f", "lavfi", "-i",
                            QString("aevalsrc=0.11|0.07|0.2|0.31|0.05|-0.13:c=%1:s=48000:d=0.2").arg(layout),
                            "-c:a", "pcm_f32le", file("surround.wav")}));
            const auto sound = load_sound(file("surround.wav").toStdString());
            QVERIFY(sound && sound->samples->format().channels == 2);
            const auto samples = sound->samples->interleaved();
            const float half = 0.70710678F;
            for (const std::size_t at : {std::size_t{200}, std::size_t{9000}}) {
                QVERIFY(std::abs(samples[at] - (0.11F + half * 0.2F + half * 0.05F)) < 1e-5F);
                QVERIFY(std::abs(samples[at + 1] - (0.07F + half * 0.2F - half * 0.13F)) < 1e-5F);
            }
        }
    }

    void very_short_files_are_files() {
        QVERIFY(ffmpeg({"-f", "lavfi", "-i", "sine=d=0.01:r=44100", file("short.wav")}));
        const auto sound = load_sound(file("short.wav").toStdString());
        QVERIFY(sound.has_value());
        QCOMPARE(sound->samples->length().value, 441);
    }

    void sound_inside_a_video() {
        QVERIFY(ffmpeg({"-f", "lavfi", "-i", "testsrc=d=2:s=64x48:r=25", "-i", file("source.wav"),
                        "-shortest", "-c:v", "libx264", "-c:a", "pcm_s16le", file("v.mov")}));
        const auto sound = load_sound(file("v.mov").toStdString());
        QVERIFY2(sound.has_value(), sound ? "" : sound.error().message().c_str());
        QCOMPARE(best_lag(source_, sound->samples->interleaved(), 1400), 0);
    }

    // Sound that begins later or earlier than the picture: the first sample lies at the first picture.
    void sound_that_starts_late_in_its_file() {
        const QString picture = "testsrc=d=3:s=64x48:r=25", wave = file("source.wav");
        const auto made = [&](const char* name, const QStringList& before_sound, const QStringList& coded) {
            return ffmpeg(QStringList{"-f", "lavfi", "-i", picture} + before_sound + QStringList{"-i", wave} +
                          coded + QStringList{"-shortest", file(name)});
        };
        // How much later than where it should be what is heard lies.
        const auto lag_from = [this](std::span<const float> samples, double seconds) {
            const auto by = static_cast<std::ptrdiff_t>(std::llround(seconds * file_rate));
            std::vector<float> there(samples.begin() + std::max<std::ptrdiff_t>(by, 0), samples.end());
            there.insert(there.begin(), static_cast<std::size_t>(std::max<std::ptrdiff_t>(-by, 0)), 0.0F);
            return best_lag(source_, there, 1400);
        };
        const QStringList later{"-itsoffset", "0.7"}, earlier{"-ss", "0.3"};
        const QStringList samples{"-c:v", "libx264", "-c:a", "pcm_s16le"};
        QVERIFY(made("late.mov", later, samples));
        QVERIFY(made("late.mkv", later, {"-c:v", "libx264", "-c:a", "flac"}));
        QVERIFY(made("late.mp4", later, {"-c:v", "libx264", "-bf", "2", "-c:a", "aac", "-b:a", "192k"}));
        QVERIFY(made("late.ts", later, {"-c:v", "libx264", "-bf", "2", "-c:a", "mp2", "-b:a", "256k"}));
        QVERIFY(made("even.mp4", {}, {"-c:v", "libx264", "-bf", "2", "-c:a", "aac", "-b:a", "192k"}));
        QVERIFY(made("skipped.mov", earlier, samples));
        const std::tuple<const char*, double, int> wanted[] = {
            {"late.mov", 0.7, 1},  {"late.mkv", 0.7, 45}, {"late.mp4", 0.7, 45},
            {"late.ts", 0.7, 100}, {"even.mp4", 0, 1},    {"skipped.mov", -0.3, 1}};
        for (const auto& [name, seconds, near] : wanted) {
            const auto sound = load_sound(file(name).toStdString());
            QVERIFY2(sound.has_value(), sound ? "" : sound.error().message().c_str());
            const int lag = lag_from(sound->samples->interleaved(), seconds);
            QVERIFY2(std::abs(lag) <= near, qPrintable(QString("%1: %2").arg(name).arg(lag)));
        }
        const auto quiet = load_sound(file("late.mov").toStdString());
        for (std::size_t i = 0; i < 30'800; ++i)
            QCOMPARE(quiet->samples->interleaved()[i], 0.0F);
        // A clip that is cut by an edit list in front: both begin there.
        QVERIFY(ffmpeg({"-ss", "0.5", "-i", file("even.mp4"), "-c", "copy", file("cut.mp4")}));
        const auto cut = load_sound(file("cut.mp4").toStdString());
        QVERIFY(cut.has_value());
        const int lag = lag_from(cut->samples->interleaved(), -0.5);
        QVERIFY2(std::abs(lag) < 1300, qPrintable(QString::number(lag)));
    }

    // Sample formats and rates one after the other: the very samples, as far as the format can hold them.
    void wave_formats_keep_their_samples() {
        for (const auto& [codec, exact] :
             {std::pair("pcm_s16le", 1.0 / 32768), std::pair("pcm_s24le", 1.0 / 8388608),
              std::pair("pcm_s32le", 1e-7), std::pair("pcm_u8", 1.0 / 128), std::pair("pcm_f64le", 1e-9)}) {
            QVERIFY(ffmpeg({"-i", file("source.wav"), "-c:a", codec, file("format.wav")}));
            const auto sound = load_sound(file("format.wav").toStdString());
            QVERIFY(sound.has_value());
            QCOMPARE(sound->samples->length().value, static_cast<std::int64_t>(source_.size()));
            for (std::size_t i = 0; i < source_.size(); i += 17)
                QVERIFY2(std::abs(static_cast<double>(sound->samples->interleaved()[i] - source_[i])) <=
                             exact * 1.01,
                         codec);
        }
    }

    // A header that promises more, or less, than there is: what counts is what can be decoded.
    void headers_that_lie_about_the_length() {
        QVERIFY(ffmpeg({"-i", file("source.wav"), "-c:a", "pcm_s16le", "-bitexact", file("plain.wav")}));
        QFile plain(file("plain.wav"));
        QVERIFY(plain.open(QIODevice::ReadOnly));
        const QByteArray bytes = plain.readAll();
        const auto data = bytes.indexOf("data");
        QVERIFY(data > 0);
        for (const quint32 stated : {0u, 0xffffffffu, 0x7ffffff0u}) {
            QByteArray lying = bytes;
            for (int i = 0; i < 4; ++i)
                lying[data + 4 + i] = static_cast<char>((stated >> (8 * i)) & 0xff);
            QFile out(file("lying.wav"));
            QVERIFY(out.open(QIODevice::WriteOnly));
            out.write(lying);
            out.close();
            const auto sound = load_sound(file("lying.wav").toStdString());
            if (sound)
                QVERIFY(sound->samples->length().value <= static_cast<std::int64_t>(source_.size()) + 1);
            else
                QVERIFY(!sound.error().message().empty());
            if (stated != 0)
                QVERIFY(sound && sound->samples->length().value == static_cast<std::int64_t>(source_.size()));
        }
    }

    void silence_is_a_sound() {
        QVERIFY(ffmpeg({"-f", "lavfi", "-i", "anullsrc=r=44100:cl=stereo:d=2", file("silence.flac")}));
        const auto sound = load_sound(file("silence.flac").toStdString());
        QVERIFY(sound.has_value());
        QCOMPARE(sound->samples->length().value, 88'200);
        QCOMPARE(sound->outline->mean.over(Samples(0), Samples(88'200)), Peak{});
    }

    void what_cannot_be_read_says_why() {
        QFile text(file("words.mp3"));
        QVERIFY(text.open(QIODevice::WriteOnly));
        text.write("These are words, not music.\n");
        text.close();
        QFile(file("empty.wav")).open(QIODevice::WriteOnly);
        QVERIFY(ffmpeg({"-f", "lavfi", "-i", "testsrc=d=1:s=64x48", file("mute.mp4")}));
        const std::pair<const char*, const char*> cases[] = {{"words.mp3", "not a sound or video file"},
                                                             {"empty.wav", "empty"},
                                                             {"none.wav", "does not exist"},
                                                             {"mute.mp4", "no sound in this file"},
                                                             {".", "not a file"}};
        for (const auto& [name, words] : cases) {
            const auto sound = load_sound(file(name).toStdString());
            QVERIFY(!sound.has_value());
            const auto message = QString::fromStdString(sound.error().message());
            QVERIFY2(message.contains(words), qPrintable(message));
            QVERIFY2(message.contains(file(name)), qPrintable(message));
        }
    }

    // Of a file that breaks off, what is there can be heard.
    void a_file_cut_off_gives_its_beginning() {
        QVERIFY(ffmpeg({"-i", file("source.wav"), "-c:a", "libmp3lame", "-q:a", "4", file("whole.mp3")}));
        QFile whole(file("whole.mp3"));
        QVERIFY(whole.open(QIODevice::ReadOnly));
        QFile half(file("half.mp3"));
        QVERIFY(half.open(QIODevice::WriteOnly));
        half.write(whole.read(whole.size() / 2));
        half.close();
        const auto sound = load_sound(file("half.mp3").toStdString());
        QVERIFY(sound.has_value());
        QVERIFY(sound->samples->length().value > static_cast<std::int64_t>(source_.size()) / 3);
        QCOMPARE(best_lag(source_, sound->samples->interleaved(), 1400), 0);
    }

    void what_is_no_number_becomes_silence() {
        std::vector<float> samples(1000, 0.25f);
        samples[10] = std::numeric_limits<float>::quiet_NaN();
        samples[11] = std::numeric_limits<float>::infinity();
        QVERIFY(write_wave(file("nan.wav"), samples));
        const auto sound = load_sound(file("nan.wav").toStdString());
        QVERIFY(sound.has_value());
        QCOMPARE(sound->samples->mono_at(Samples(10)), 0.0f);
        QCOMPARE(sound->samples->mono_at(Samples(11)), 0.0f);
        QCOMPARE(sound->samples->mono_at(Samples(12)), 0.25f);
    }

    void loading_can_be_cancelled() {
        std::stop_source stop;
        int reports = 0;
        const Progress progress{[&](double) {
                                    if (++reports == 3)
                                        stop.request_stop();
                                },
                                stop.get_token()};
        const auto sound = load_sound(file("source.wav").toStdString(), progress);
        QVERIFY(!sound.has_value());
        QVERIFY(sound.error().cancelled());
    }

    void the_fingerprint_tells_files_apart() {
        auto other = source_;
        other[100'000] += 0.001f;
        QVERIFY(write_wave(file("other.wav"), other));
        const auto a = load_sound(file("source.wav").toStdString()),
                   b = load_sound(file("other.wav").toStdString());
        QVERIFY(a && b && a->fingerprint != b->fingerprint);
        QCOMPARE(load_sound(file("source.wav").toStdString())->fingerprint, a->fingerprint);
    }

    void peaks_are_those_of_the_samples() {
        PeaksBuilder builder;
        builder.append(std::span(source_).first(1000));
        builder.append(std::span(source_).subspan(1000));
        const Peaks peaks = std::move(builder).finish();
        std::mt19937 random(4);
        std::uniform_int_distribution<std::int64_t> place(0, static_cast<std::int64_t>(source_.size()));
        for (int i = 0; i < 300; ++i) {
            auto from = place(random), until = place(random);
            if (from > until)
                std::swap(from, until);
            const Peak peak = peaks.over(Samples(from), Samples(until));
            from = from / Peaks::finest * Peaks::finest;
            until = std::min((until + Peaks::finest - 1) / Peaks::finest * Peaks::finest,
                             static_cast<std::int64_t>(source_.size()));
            if (from >= until)
                continue;
            const auto [low, high] = std::minmax_element(source_.begin() + from, source_.begin() + until);
            constexpr float step = 1.0f / 8192; // extremes are rounded outwards
            QVERIFY(peak.low <= *low && peak.low > *low - step);
            QVERIFY(peak.high >= *high && peak.high < *high + step);
            double squares = 0;
            for (auto k = from; k < until; ++k)
                squares += std::pow(static_cast<double>(source_[static_cast<std::size_t>(k)]), 2);
            const double rms = std::sqrt(squares / static_cast<double>(until - from));
            QVERIFY(std::abs(static_cast<double>(peak.rms) - rms) < 0.02 * rms + 1e-3);
        }
        QCOMPARE(peaks.over(Samples(-500), Samples(0)), Peak{});
        QCOMPARE(peaks.over(Samples(10'000'000), Samples(20'000'000)), Peak{});
    }

    void sounds_are_summed_where_they_lie() {
        const auto steady = store_of(std::vector<float>(1000, 0.5f), {44100, 1});
        MixPart part{steady, Samples(200), Samples(100), Samples(600), 0.5f, Samples(100), Samples(200)};
        const auto sum = mix_down(
            {44100, Samples(2000), {part, {steady, Samples(-50), Samples(0), Samples(150), 1.0f, {}, {}}}});
        QVERIFY(sum.has_value());
        const auto at = [&](std::int64_t i) { return sum->samples->mono_at(Samples(i)); };
        QCOMPARE(sum->samples->length().value, 2000);
        QCOMPARE(at(0), 0.5f); // began before the sum does
        QCOMPARE(at(99), 0.5f);
        QCOMPARE(at(100), 0.0f);
        QCOMPARE(at(200), 0.0f); // a linear fade begins at nothing
        QCOMPARE(at(250), 0.125f);
        QCOMPARE(at(400), 0.25f);
        QCOMPARE(at(700), 0.125f); // half way out
        QCOMPARE(at(800), 0.0f);
        QVERIFY(std::abs(sum->outline->mean.over(Samples(384), Samples(512)).high - 0.25f) < 1e-6f);
    }

    void equal_power_keeps_the_power() {
        for (double share = 0; share <= 1; share += 0.05) {
            const double in = static_cast<double>(fade_gain(FadeShape::EqualPower, share));
            const double out = static_cast<double>(fade_gain(FadeShape::EqualPower, 1 - share));
            QVERIFY(std::abs(in * in + out * out - 1) < 1e-6);
            QVERIFY(std::abs(static_cast<double>(fade_gain(FadeShape::Linear, share)) - share) < 1e-6);
        }
    }

    void part_of_a_file_at_another_rate() {
        LoadOptions part;
        part.from = Samples(5000);
        part.length = Samples(20'000);
        const auto some = load_sound(file("source.wav").toStdString(), {}, part);
        QVERIFY(some && some->samples->length().value == 20'000);
        QVERIFY(std::equal(some->samples->interleaved().begin(), some->samples->interleaved().end(),
                           source_.begin() + 5000));
        LoadOptions faster;
        faster.sample_rate = 48000;
        const auto resampled = load_sound(file("source.wav").toStdString(), {}, faster);
        QVERIFY(resampled && resampled->samples->format().sample_rate == 48000);
        const auto wanted = static_cast<double>(source_.size()) * 48000 / 44100;
        QVERIFY(std::abs(static_cast<double>(resampled->samples->length().value) - wanted) < 40);
    }

    void store_reads_silence_outside() {
        const auto store = store_of({0.1f, 0.3f, 0.5f, 0.7f}, {44100, 2});
        QCOMPARE(store->length().value, 2);
        std::vector<float> out(5, 9.0f);
        store->read_mono(Samples(-1), out);
        QCOMPARE(out, (std::vector<float>{0.0f, 0.2f, 0.6f, 0.0f, 0.0f}));
    }

    // Drawings that are numbered are one clip; numbers with a gap, and two of a kind, stay single pictures.
    void numbered_pictures_are_a_clip() {
        QVERIFY(ffmpeg(
            {"-f", "lavfi", "-i", "testsrc=d=1:s=64x48:r=10", "-start_number", "17", file("kite_%03d.png")}));
        std::vector<std::filesystem::path> files;
        for (int i = 17; i < 27; ++i)
            files.push_back(file(qPrintable(QString("kite_0%1.png").arg(i))).toStdString());
        const std::filesystem::path pattern = file("kite_%03d.png").toStdString();
        QVERIFY(is_sequence(pattern) && !is_sequence(files.front()));
        QCOMPARE(first_of_sequence(pattern), std::optional(17));
        QVERIFY(!first_of_sequence(file("other_%03d.png").toStdString()));
        QCOMPARE(with_sequences(files), (std::vector{pattern}));
        std::vector<std::filesystem::path> gap(files);
        gap.erase(gap.begin() + 4);
        QCOMPARE(with_sequences(gap).size(), gap.size());
        QCOMPARE(with_sequences({files[0], files[1]}).size(), std::size_t{2});
        auto clip = VideoReader::open({pattern});
        QVERIFY2(clip.has_value(), clip ? "" : clip.error().message().c_str());
        for (int i = 0; i < 10; ++i) {
            const auto picture = clip->picture_at(Seconds((i + 0.5) / sequence_rate), 64, 48);
            const auto single =
                VideoReader::open({files[static_cast<std::size_t>(i)]})->picture_at(Seconds(0), 64, 48);
            QVERIFY(picture && single && picture->pixels == single->pixels);
        }
    }

    // Frame n of the clip is on screen from n/rate to (n+1)/rate, wherever one comes from.
    void pictures_in_any_order() {
        QVERIFY(ffmpeg({"-f", "lavfi", "-i", "testsrc=d=4:s=160x120:r=25", "-c:v", "libx264", "-g", "50",
                        "-bf", "2", file("c.mp4")}));
        auto forward = VideoReader::open({file("c.mp4").toStdString()});
        QVERIFY(forward.has_value());
        QCOMPARE(forward->info().width, 160);
        std::vector<Picture> in_order;
        for (int frame = 0; frame < 100; ++frame) {
            in_order.push_back(*forward->picture_at(Seconds((frame + 0.5) / 25), 160, 120));
            QVERIFY(std::abs(in_order.back().from.value - frame / 25.0) < 1e-3);
        }
        auto jumping = VideoReader::open({file("c.mp4").toStdString()});
        std::mt19937 random(9);
        for (int i = 0; i < 60; ++i) {
            const int frame = static_cast<int>(random() % 100);
            const auto picture = jumping->picture_at(Seconds((frame + 0.5) / 25), 160, 120);
            QVERIFY(picture.has_value());
            QVERIFY2(picture->pixels == in_order[static_cast<std::size_t>(frame)].pixels,
                     qPrintable(QString::number(frame)));
        }
        const auto after = jumping->picture_at(Seconds(100), 160, 120);
        QVERIFY(after && after->pixels == in_order.back().pixels);
        const auto small = jumping->picture_at(Seconds(0), 80, 80);
        QVERIFY(small && small->pixels.width == 80 && small->pixels.height == 60);
    }

    void a_sound_file_has_no_pictures() {
        const auto reader = VideoReader::open({file("source.wav").toStdString()});
        QVERIFY(!reader.has_value());
        QVERIFY(QString::fromStdString(reader.error().message()).contains("no picture"));
    }

    void readers_stay_open_as_memory_allows() {
        const auto clips = [&](const char* name, const char* size) {
            std::vector<PictureFile> made;
            for (int i = 0; i < 6; ++i) {
                const QString path = file(QString("%1%2.mp4").arg(name).arg(i));
                if (i == 0 ? !ffmpeg({"-f", "lavfi", "-i", QString("testsrc2=s=%1:d=0.1:r=25").arg(size),
                                      "-c:v", "libx264", "-preset", "ultrafast", path})
                           : !QFile::copy(QString::fromStdString(made.front().path.string()), path))
                    return std::vector<PictureFile>{};
                made.push_back({path.toStdString()});
            }
            return made;
        };
        const auto small = clips("small", "320x180"), large = clips("large", "3840x2160");
        QCOMPARE(small.size(), std::size_t{6});
        QCOMPARE(large.size(), std::size_t{6});
        OpenReaders readers(4);
        for (const auto& clip : small)
            QVERIFY(readers.of(clip));
        QCOMPARE(readers.count(), std::size_t{4}); // as many as it was told
        auto* const last = *readers.of(small[5]);
        QVERIFY(*readers.of(small[4]) != last);
        QCOMPARE(*readers.of(small[5]), last); // not opened again
        for (const auto& clip : large) {
            QVERIFY(readers.of(clip));
            QVERIFY((*readers.of(clip))->picture_at(Seconds(0), 64, 36));
        }
        QCOMPARE(readers.count(), std::size_t{2}); // frames of 4K take a fifth of a gigabyte each time
        QVERIFY(!readers.of({file("not there.mp4").toStdString()}));
        QCOMPARE(readers.count(), std::size_t{2});
    }
};

PULSEPIN_TEST_CLASS(TestMedia, "test_media")
#include "test_media.moc"
