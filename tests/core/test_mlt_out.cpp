// SPDX-License-Identifier: GPL-3.0-or-later
//
// Timelines as MLT XML, rendered by MLT's own melt (Debian's package, 7.12), which knows nothing of us: clips
// bear the numbers of their frames, which are read from each picture that it renders.
#include "interchange/exporters.h"
#include "interchange/mlt_xml.h"
#include "model/lane_edits.h"
#include "model/pin_edits.h"
#include "schedule/piece_length.h"
#include "schedule/shots.h"
#include "support/media.h"
#include "support/projects.h"
#include "support/test_program.h"

#include <QFile>
#include <QStandardPaths>
#include <cstring>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

constexpr int width = 320, height = 180, bits = 10;

Pin pin_at(double seconds, const PinBody& body) {
    return {{}, TimeAnchor{Seconds(seconds)}, body, {}};
}

/// A clip whose picture n has the bits of n as columns, light for 1, the lowest at the left.
bool numbered_clip(const QString& file, const char* rate, int seconds) {
    const QString columns = QString("235*mod(floor(N/pow(2,floor(X/%1))),2)+16*(1-mod(floor(N/"
                                    "pow(2,floor(X/%1))),2))")
                                .arg(width / bits);
    return ffmpeg({"-f", "lavfi", "-i",
                   QString("color=s=%1x%2:r=%3:d=%4,format=gray,geq=lum='%5'")
                       .arg(width)
                       .arg(height)
                       .arg(rate)
                       .arg(seconds)
                       .arg(columns),
                   "-pix_fmt", "yuv420p", "-c:v", "ffv1", file});
}

/// The picture as melt renders it: light of each pixel.
struct Pictures {
    QByteArray light;
    [[nodiscard]] qsizetype count() const { return light.size() / (width * height); }
    [[nodiscard]] int at(qsizetype frame, int x, int y) const {
        return static_cast<unsigned char>(light[(frame * height + y) * width + x]);
    }
    /// -1 where some column is neither light nor dark.
    [[nodiscard]] int number(qsizetype frame) const {
        int number = 0;
        for (int bit = 0; bit < bits; ++bit) {
            const int there = at(frame, bit * (width / bits) + width / bits / 2, height / 2);
            if (there > 60 && there < 190)
                return -1;
            number += there >= 190 ? 1 << bit : 0;
        }
        return number;
    }
};

bool melt(const QString& timeline, const QString& out) {
    QProcess process;
    process.start("melt",
                  {"-silent", timeline, "-consumer", "avformat:" + out, "vcodec=ffv1", "acodec=pcm_s16le",
                   "channels=2", "ar=48000", "pix_fmt=yuv420p", "real_time=-1", "terminate_on_pause=1"});
    return process.waitForFinished(300'000) && process.exitCode() == 0;
}

std::optional<Pictures> pictures_of(const QString& film) {
    QProcess process;
    process.start("ffmpeg", {"-nostdin", "-loglevel", "error", "-i", film, "-map", "0:v", "-vf",
                             "extractplanes=y", "-f", "rawvideo", "-"});
    if (!process.waitForFinished(300'000) || process.exitCode() != 0)
        return std::nullopt;
    return Pictures{process.readAllStandardOutput()};
}

/// The loudest sample of channel 1 between two moments.
double peak(const std::vector<std::int16_t>& samples, double from, double until) {
    int most = 0;
    for (auto i = static_cast<std::size_t>(from * 48000); i < static_cast<std::size_t>(until * 48000); ++i)
        if (2 * i < samples.size())
            most = std::max(most, std::abs(static_cast<int>(samples[2 * i])));
    return most / 32768.0;
}

/// With two numbered clips and the song beside it.
Project piece_in(const QTemporaryDir& dir, const char* rate, double seconds) {
    Project project = steady_project(120, 0, seconds, rate);
    Settings settings = *project.settings;
    settings.picture_width = width;
    settings.picture_height = height;
    project = with_settings(project, settings);
    auto bin = *project.bin;
    bin.resize(3);
    bin[2].path = dir.filePath("tone.wav").toStdString();
    bin[2].duration = Seconds(4);
    bin[2].has_picture = false;
    bin[2].has_sound = true;
    for (std::size_t i = 0; i < 2; ++i) {
        bin[i].path = dir.filePath(i == 0 ? "first & <one>.mkv" : "second's \"one\".mkv").toStdString();
        bin[i].duration = Seconds(12);
        bin[i].width = width;
        bin[i].height = height;
    }
    project.bin = std::make_shared<const std::vector<Clip>>(std::move(bin));
    auto song = *project.song;
    song.path = dir.filePath("song.wav").toStdString();
    project.song = std::make_shared<const Song>(song);
    return project;
}

bool written(const QString& file, const std::string& text) {
    QFile out(file);
    return out.open(QIODevice::WriteOnly) &&
           out.write(text.data(), static_cast<qint64>(text.size())) == static_cast<qint64>(text.size());
}

} // namespace

class TestMltOut : public QObject {
    Q_OBJECT
private slots:
    void each_picture_is_the_one_that_we_show_data() {
        QTest::addColumn<QString>("rate");
        for (const char* rate : {"24", "25", "30000/1001"})
            QTest::newRow(rate) << rate;
    }
    void each_picture_is_the_one_that_we_show() {
        if (QStandardPaths::findExecutable("melt").isEmpty())
            QSKIP("skipped: melt is not installed");
        QFETCH(QString, rate);
        const QByteArray told = rate.toLatin1();
        QTemporaryDir dir;
        for (const char* name : {"first & <one>.mkv", "second's \"one\".mkv"})
            QVERIFY(numbered_clip(dir.filePath(name), told, 12));
        QVERIFY(
            ffmpeg({"-f", "lavfi", "-i", "sine=f=440:r=48000:d=16", "-ac", "2", dir.filePath("song.wav")}));
        QVERIFY(
            ffmpeg({"-f", "lavfi", "-i", "sine=f=1000:r=48000:d=4", "-ac", "2", dir.filePath("tone.wav")}));
        Project project = piece_in(dir, told, 16);
        const auto& bin = *project.bin;
        CutBody plain{bin[0].id, Seconds(1)}, fading{bin[1].id, Seconds(2)}, fast{bin[0].id, Seconds(0)},
            held{bin[1].id, Seconds(3)}, back{bin[0].id, Seconds(9)}, slow{bin[1].id, Seconds(5)}, slate{};
        fading.fade = Frames(8);
        fast.speed = 200;
        held.speed = 0;
        back.speed = -100;
        slow.speed = 50;
        project = *with_pins(project, lane_of_kind(project, kind_of(body_type<CutBody>)),
                             {pin_at(0.5, plain), pin_at(3, fading), pin_at(5, fast), pin_at(7, held),
                              pin_at(8, back), pin_at(10, slow), pin_at(13, slate)});
        project = with_lane(project, kind_of(body_type<SoundBody>), "Noises");
        SoundBody tone;
        tone.sound = bin[2].id;
        tone.length = Seconds(2);
        tone.gain_db = -6.0206;
        tone.fade_in = Seconds(1);
        project = *with_pins(project, project.lanes.back()->id, {pin_at(4, tone)});
        const ExportMaterial material(project);
        const auto text = exporter("mlt")->write(material);
        QVERIFY2(text.has_value(), text ? "" : text.error().message().c_str());
        QVERIFY(written(dir.filePath("t.mlt"), *text));
        QVERIFY(melt(dir.filePath("t.mlt"), dir.filePath("out.mkv")));
        const auto pictures = pictures_of(dir.filePath("out.mkv"));
        const auto frame_rate = project.settings->frame_rate;
        QVERIFY(pictures && pictures->count() == piece_length(project).value);

        std::size_t exact = 0, asked = 0;
        QStringList others;
        const auto& shots = material.written_shots();
        for (std::size_t i = 0; i < shots.size(); ++i) {
            const auto& shot = shots[i];
            if (shot.slate > 0)
                continue;
            const Frames until =
                i + 1 < shots.size() && shots[i + 1].fade > Frames(0) ? fade_start(shots[i + 1]) : shot.end;
            for (Frames at = shot.start + shot.fade; at < until; at = at + Frames(1)) {
                const double in_clip = clip_time(shot, at, frame_rate).value * frame_rate.per_second();
                const int ours = static_cast<int>(std::floor(in_clip + 1e-6));
                const int theirs = pictures->number(at.value);
                ++asked;
                exact += theirs == ours;
                if (theirs != ours)
                    others << QString("cut %1 at %2: %3 for %4").arg(i).arg(at.value).arg(theirs).arg(ours);
                QVERIFY2(std::abs(theirs - ours) <= (shot.speed == 1 ? 0 : 1),
                         qPrintable(QString("cut %1 at frame %2: picture %3 instead of %4")
                                        .arg(i)
                                        .arg(at.value)
                                        .arg(theirs)
                                        .arg(ours)));
            }
        }
        QVERIFY(asked > 200);
        QVERIFY2(exact * 100 >= asked * 99,
                 qPrintable(QString("%1 of %2: ").arg(exact).arg(asked) + others.join(", ")));
        // Before the first cut nothing is seen, and behind it what is still to come is no clip's picture.
        QVERIFY(pictures->at(0, 10, 10) < 20);
        QCOMPARE(pictures->number(pictures->count() - 2), -1);

        // The song is heard throughout, the sound beside it at half of its height once it is faded in.
        QProcess decoder;
        decoder.start("ffmpeg", {"-nostdin", "-loglevel", "error", "-i", dir.filePath("out.mkv"), "-map",
                                 "0:a", "-f", "s16le", "-"});
        QVERIFY(decoder.waitForFinished(60'000));
        const QByteArray bytes = decoder.readAllStandardOutput();
        std::vector<std::int16_t> samples(static_cast<std::size_t>(bytes.size()) / 2);
        std::memcpy(samples.data(), bytes.data(), samples.size() * 2);
        constexpr double height = 0.125 * 0.7071; // of FFmpeg's sine, spread over two channels
        QVERIFY2(std::abs(peak(samples, 1, 2) - height) < 0.01,
                 qPrintable(QString::number(peak(samples, 1, 2))));
        QVERIFY2(std::abs(peak(samples, 5.2, 5.8) - 1.5 * height) < 0.012,
                 qPrintable(QString::number(peak(samples, 5.2, 5.8))));
        QVERIFY(peak(samples, 4.0, 4.1) < 1.1 * height);
        QVERIFY(std::abs(peak(samples, 7, 8) - height) < 0.01);
    }
};

PULSEPIN_TEST_CLASS(TestMltOut, "test_mlt_out")
#include "test_mlt_out.moc"
