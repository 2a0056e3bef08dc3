// SPDX-License-Identifier: GPL-3.0-or-later
//
// Clips and pictures of all kinds (tests/data/make-zoo): every picture of every clip, upright, in its
// colours, with its transparency. What is expected stands in the table that is made with them; the program
// ffmpeg tells beside it how many pictures there are.
#include "support/zoo.h"
#include "media/film_writer.h"
#include "media/picture_times.h"
#include "media/picture_turn.h"
#include "media/proxy.h"
#include "media/tone_map.h"
#include "media/video_reader.h"
#include "support/media.h"
#include "support/test_program.h"
#include "time/frame_rate.h"

#include <QDir>
#include <QElapsedTimer>
#include <QFile>
#include <QTest>
#include <cmath>
#include <nlohmann/json.hpp>

using namespace pulsepin;
using namespace pulsepin::test;
using nlohmann::json;

namespace {

struct Colour {
    double r = 0, g = 0, b = 0, a = 0;
};

/// The mean of the inner half of a block of the picture, given in shares of its sides.
Colour mean_of(const PaddedPixels& pixels, double left, double top, double right, double bottom) {
    const auto inside = [](double from, double to, int length) {
        const double middle = (from + to) / 2, quarter = (to - from) / 4;
        const int first = std::clamp(static_cast<int>((middle - quarter) * length), 0, length - 1);
        return std::pair(first, std::clamp(static_cast<int>((middle + quarter) * length), first + 1, length));
    };
    const auto [x0, x1] = inside(left, right, pixels.width);
    const auto [y0, y1] = inside(top, bottom, pixels.height);
    Colour sum;
    for (int y = y0; y < y1; ++y)
        for (int x = x0; x < x1; ++x) {
            const auto* pixel = pixels.row(y) + static_cast<std::ptrdiff_t>(x * 4);
            sum.b += pixel[0];
            sum.g += pixel[1];
            sum.r += pixel[2];
            sum.a += pixel[3];
        }
    const double count = (x1 - x0) * (y1 - y0);
    return {sum.r / count, sum.g / count, sum.b / count, sum.a / count};
}

/// A block of the upright picture, where it lies in one that is seen turned: the clip says that it is to be
/// turned so, and what was filmed upright then lies.
Colour block_of(const PaddedPixels& pixels, const json& animal, double left, double top, double right,
                double bottom) {
    PictureTurn turn;
    if (animal.contains("exif"))
        turn = turn_of_exif(animal["exif"]);
    else if (animal.contains("turn"))
        turn = turned_on({}, animal["turn"].get<int>() / 90);
    // Of a point in the stored picture, from 0 to 1: where it is seen.
    const auto seen = [&](double x, double y) {
        const double sx = turn.a * x + turn.c * y, sy = turn.b * x + turn.d * y;
        return std::pair(sx + (turn.a < 0 || turn.c < 0 ? 1 : 0), sy + (turn.b < 0 || turn.d < 0 ? 1 : 0));
    };
    const auto [x0, y0] = seen(left, top);
    const auto [x1, y1] = seen(right, bottom);
    return mean_of(pixels, std::min(x0, x1), std::min(y0, y1), std::max(x0, x1), std::max(y0, y1));
}

int number_of(const PaddedPixels& pixels, const json& animal) {
    int number = 0;
    for (int bit = 0; bit < 8; ++bit)
        number = number * 2 + (block_of(pixels, animal, bit / 8.0, 0.5, (bit + 1) / 8.0, 1).g > 125 ? 1 : 0);
    return number;
}

QString told(const Colour& colour) {
    return QString("%1 %2 %3 (%4)").arg(colour.r).arg(colour.g).arg(colour.b).arg(colour.a);
}

} // namespace

class ZooTest : public QObject {
    Q_OBJECT
    Zoo zoo_;
    QTemporaryDir dir_; ///< for what is made of them
    json table_;

    [[nodiscard]] std::filesystem::path path_of(const json& animal) const {
        return zoo_.filePath(QString::fromStdString(animal["file"])).toStdString();
    }
    void rows(const std::function<bool(const json&)>& wanted) const {
        QTest::addColumn<int>("row");
        int row = 0;
        for (const auto& animal : table_["animals"]) {
            if (wanted(animal))
                QTest::newRow(animal["file"].get<std::string>().c_str()) << row;
            ++row;
        }
    }
    [[nodiscard]] const json& animal(int row) const {
        return table_["animals"][static_cast<std::size_t>(row)];
    }
    static bool damaged(const json& animal) { return animal.contains("damaged"); }

    /// The patches, as they should be.
    void compare_colours(const Picture& picture, const json& animal, int near) {
        const auto& patches = table_["patches"];
        for (std::size_t i = 0; i < patches.size(); ++i) {
            const auto at = static_cast<double>(i);
            const Colour is = block_of(picture.pixels, animal, at / 6, 0, (at + 1) / 6, 0.5);
            Colour wanted{patches[i][0], patches[i][1], patches[i][2], 255};
            if (animal.value("grey", false))
                wanted.r = wanted.g = wanted.b =
                    std::round(0.299 * wanted.r + 0.587 * wanted.g + 0.114 * wanted.b);
            if (animal.value("holes", false) && (i == 1 || i == 2)) {
                wanted.a = i == 1 ? 0 : 128;
                for (double* one : {&wanted.r, &wanted.g, &wanted.b})
                    *one *= wanted.a / 255;
            }
            const double off =
                std::max({std::abs(is.r - wanted.r), std::abs(is.g - wanted.g), std::abs(is.b - wanted.b),
                          picture.transparent || wanted.a < 255 ? std::abs(is.a - wanted.a) : 0});
            QVERIFY2(off <= near, qPrintable(QString("patch %1 is %2, and should be %3: off by %4")
                                                 .arg(i)
                                                 .arg(told(is), told(wanted))
                                                 .arg(off)));
        }
        QCOMPARE(picture.transparent, animal.value("holes", false));
    }

private slots:
    void initTestCase() {
        const QString wrong = zoo_.make();
        QVERIFY2(wrong.isEmpty(), qPrintable(wrong));
        QFile file(zoo_.filePath("zoo.json"));
        QVERIFY(file.open(QIODevice::ReadOnly));
        table_ = json::parse(file.readAll().toStdString());
        QVERIFY(table_["animals"].size() >= 150);
        qInfo("%d kinds of clips and pictures", static_cast<int>(table_["animals"].size()));
    }

    /// One to one at equal rates, forwards, and in any order.
    void every_picture_is_shown_once_data() {
        rows([](const json& one) { return !damaged(one); });
    }
    void every_picture_is_shown_once() {
        QFETCH(int, row);
        const json& one = animal(row);
        auto reader = VideoReader::open({path_of(one)});
        QVERIFY2(reader.has_value(), reader ? "" : reader.error().message().c_str());
        QCOMPARE(reader->info().width, one["width"].get<int>());
        QCOMPARE(reader->info().height, one["height"].get<int>());
        QCOMPARE(reader->info().still, one.value("still", false));
        QCOMPARE(reader->info().interlaced, one.value("interlaced", false));
        QCOMPARE(reader->info().high_dynamic_range, one.value("hdr", false));
        QCOMPARE(reader->info().turned, one.contains("turn") || one.value("exif", 1) > 1);
        const bool small = one["width"].get<int>() < 48 || one["height"].get<int>() < 16;
        const int count = one["count"], first = one.value("first", 0);
        const auto rate = FrameRate::parse(one["rate"].get<std::string>());
        QVERIFY(rate.has_value());
        const int fit = 4096;
        std::vector<int> order;
        for (int i = 0; i < count; ++i)
            order.push_back(i);
        for (int i = 0; i < count; i += 3) // and back, and forth
            order.push_back((i * 7 + count - 1) % count);
        for (const int i : order) {
            const auto picture = reader->picture_at(rate->start_of(Frames(i)), fit, fit);
            QVERIFY2(picture.has_value(), picture ? "" : picture.error().message().c_str());
            QVERIFY(picture->from <= rate->start_of(Frames(i)));
            if (i + 1 < count)
                QVERIFY(picture->until > rate->start_of(Frames(i)));
            if (small)
                continue;
            if (one.value("hdr", false) && i > 3)
                continue;
            if (number_of(picture->pixels, one) != first + i)
                QFAIL(qPrintable(QString("frame %1 shows picture %2")
                                     .arg(i)
                                     .arg(number_of(picture->pixels, one) - first)));
            if (i % 8 == 0)
                compare_colours(*picture, one, one["near"]);
            if (QTest::currentTestFailed())
                return;
        }
    }

    /// As many pictures as the program ffmpeg counts.
    void ffmpeg_counts_as_many_data() {
        rows([](const json& one) {
            return !damaged(one) && one["count"].get<int>() > 1 && one["group"] != "sizes";
        });
    }
    void ffmpeg_counts_as_many() {
        QFETCH(int, row);
        const json& one = animal(row);
        QProcess count;
        QStringList arguments{"-v",
                              "error",
                              "-select_streams",
                              "v:0",
                              "-count_frames",
                              "-show_entries",
                              "stream=nb_read_frames",
                              "-of",
                              "csv=p=0"};
        if (one["file"].get<std::string>().find('%') != std::string::npos)
            arguments << "-start_number"
                      << "5";
        count.start("ffprobe", arguments << QString::fromStdString(path_of(one).string()));
        QVERIFY(count.waitForFinished(30'000));
        QCOMPARE(QString(count.readAllStandardOutput()).trimmed().section('\n', 0, 0).remove(',').toInt(),
                 one["count"].get<int>());
    }

    /// A proxy shows the same pictures at the same times, as they are seen.
    void proxies_show_the_same_data() {
        rows([](const json& one) {
            return !damaged(one) && one["count"].get<int>() > 1 && !one.value("holes", false) &&
                   (one["group"] == "turned" || one["group"] == "aspect" || one["group"] == "colours" ||
                    one["group"] == "times" || one["group"] == "fields");
        });
    }
    void proxies_show_the_same() {
        QFETCH(int, row);
        const json& one = animal(row);
        const std::filesystem::path proxy = dir_.filePath("proxy.mov").toStdString();
        QVERIFY(make_proxy(path_of(one), proxy).has_value());
        auto own = VideoReader::open({path_of(one)}), other = VideoReader::open({proxy});
        QVERIFY(own && other);
        const auto rate = FrameRate::parse(one["rate"].get<std::string>());
        for (int i = 0; i < one["count"].get<int>(); ++i) {
            const auto picture = other->picture_at(rate->start_of(Frames(i)), 4096, 4096);
            QVERIFY(picture.has_value());
            QVERIFY(std::abs(picture->pixels.width - std::min(960, own->info().width)) <= 1); // even sides
            QCOMPARE(number_of(picture->pixels, one), one.value("first", 0) + i);
        }
        const auto picture = other->picture_at(Seconds(0), 4096, 4096);
        compare_colours(*picture, one, one["near"].get<int>() + 6);
    }

    /// To any smaller box: scaled, not cut, and no byte beyond the rows.
    void every_width_from_1_to_130() {
        for (const char* name :
             {"rate-25.mp4", "rgb-ffv1.mkv", "holes.png", "h264-444.mp4", "exif-6.jpg", "turned-90.mp4"}) {
            auto reader = VideoReader::open({zoo_.filePath(name).toStdString()});
            QVERIFY(reader.has_value());
            for (int width = 1; width <= 130; ++width) {
                const auto picture = reader->picture_at(Seconds(0.2), width, 4096);
                QVERIFY(picture.has_value());
                QVERIFY(picture->pixels.width == std::min(width, reader->info().width));
            }
        }
    }

    /// And the other way: pictures whose rows end without room, of every width, into each kind of film; given
    /// up or told their end.
    void films_of_every_width_data() {
        QTest::addColumn<QString>("format");
        for (const auto& format : film_formats())
            if (!format.picture.empty() && can_write(format) &&
                format.id != "av1") // it takes too long for each
                QTest::newRow(format.id.data()) << QString(format.id.data());
    }
    void films_of_every_width() {
        QFETCH(QString, format);
        FilmSpec spec;
        spec.format = film_format(format.toStdString());
        spec.rate = *FrameRate::parse("25");
        spec.quality = spec.format->usual;
        spec.height = format == "hevc" ? 66 : 18;
        int made = 0;
        for (spec.width = 16; spec.width <= 130; ++spec.width) {
            if (!can_write(spec))
                continue;
            auto coder = PictureCoder::open(spec);
            QVERIFY2(coder.has_value(), coder ? "" : coder.error().message().c_str());
            const std::vector<std::uint8_t> pixels(
                static_cast<std::size_t>(spec.width) * static_cast<std::size_t>(spec.height) * 4, 120);
            for (int i = 0; i < 3; ++i)
                QVERIFY(coder->add(pixels.data(), std::int64_t{4} * spec.width).has_value());
            if (spec.width % 3 == 0)
                continue; // given up
            QVERIFY(coder->finish().has_value());
            const auto path = dir_.filePath("width.film").toStdString();
            std::filesystem::remove(path);
            if (spec.format->numbered)
                continue;
            auto file = FilmFile::create(path, spec, false);
            QVERIFY(file.has_value());
            auto again = PictureCoder::open(spec);
            std::size_t pictures = 0;
            const auto write = [&](const Result<std::vector<CodedPicture>>& coded) {
                QVERIFY(coded.has_value());
                for (const auto& picture : *coded) {
                    QVERIFY(file->add(picture, Frames(0)).has_value());
                    ++pictures;
                }
            };
            for (int i = 0; i < 3; ++i)
                write(again->add(pixels.data(), std::int64_t{4} * spec.width));
            write(again->finish());
            QVERIFY(file->finish().has_value());
            QVERIFY(pictures >= 1);
            ++made;
        }
        QVERIFY(made > 15 || spec.format->numbered);
    }

    /// Whatever a file holds, reading it ends: with pictures, or with an error that names it.
    void damage_comes_to_an_end_data() { rows(damaged); }
    void damage_comes_to_an_end() {
        QFETCH(int, row);
        const auto path = path_of(animal(row));
        QElapsedTimer clock;
        clock.start();
        auto reader = VideoReader::open({path});
        if (!reader)
            QVERIFY(reader.error().message().find(path.filename().string()) != std::string::npos);
        else
            for (const double time : {0.0, 0.3, 2.0, 0.1, 100.0, 0.5})
                (void)reader->picture_at(Seconds(time), 64, 64);
        (void)weigh_clip(path);
        (void)picture_times(path);
        QVERIFY2(clock.elapsed() < 20'000, qPrintable(QString::number(clock.elapsed())));
    }

    void too_large_pictures_are_refused() {
        QVERIFY(ffmpeg({"-f", "lavfi", "-i", "color=red:s=16000x16000:r=1:d=1", "-frames:v", "1", "-pix_fmt",
                        "gray", dir_.filePath("huge.png")}));
        const auto reader = VideoReader::open({dir_.filePath("huge.png").toStdString()});
        QVERIFY(!reader && reader.error().message().find("million pixels") != std::string::npos);
    }

    /// Rec. ITU-R BT.2100: PQ of 0.58 is 203 cd/m2 (BT.2408, table 1), of 1 it is 10 000; HLG of 0.75 is the
    /// scene's light 0.265, of 0.5 a twelfth.
    void light_of_high_dynamic_range_is_the_standards() {
        QVERIFY(std::abs(pq_to_light(0.58) - 203) < 2);
        QVERIFY(std::abs(pq_to_light(1) - 10'000) < 1e-6);
        QVERIFY(std::abs(light_to_pq(100) - 0.508) < 0.001);
        QVERIFY(std::abs(hlg_to_scene(0.75) - 0.265) < 0.001);
        QVERIFY(std::abs(hlg_to_scene(0.5) - 1.0 / 12) < 1e-9);
        // Reference white is nearly white, twice as much is white or nearly so, and more is never darker.
        const ToneMap tones(Transfer::Pq, Primaries::Bt2020);
        int last = -1, reference = 0;
        for (double light = 0; light <= 1000; light += 7) {
            const auto code = static_cast<std::uint16_t>(std::lround(65535 * light_to_pq(light)));
            const std::uint16_t grey[] = {code, code, code, 65535};
            std::uint8_t seen[4];
            tones.row(grey, seen, 1);
            QVERIFY(std::abs(seen[0] - seen[1]) <= 1 && std::abs(seen[1] - seen[2]) <= 1); // grey stays grey
            QVERIFY(seen[1] >= last);
            last = seen[1];
            if (light <= 203)
                reference = seen[1];
        }
        QVERIFY2(reference >= 222 && last >= 250, qPrintable(QString("%1 %2").arg(reference).arg(last)));
        const ToneMap hybrid(Transfer::Hlg, Primaries::Bt2020);
        const auto white = static_cast<std::uint16_t>(0.75 * 65535);
        const std::uint16_t grey[] = {white, white, white, 65535};
        std::uint8_t seen[4];
        hybrid.row(grey, seen, 1);
        QVERIFY(seen[1] >= 215);
    }

    /// Rec. ITU-R BS.775-3, annex 4, table 2: L + 0.7071 C + 0.7071 Ls, and so on the right; no low-frequency
    /// effects.
    void six_channels_become_two_as_in_the_standard() {
        const QString name = dir_.filePath("six.wav");
        QVERIFY(ffmpeg({"-f", "lavfi", "-i",
                        "aevalsrc=0.1*lt(t\\,1)|0.1*between(t\\,1\\,2)|0.1*between(t\\,2\\,3)|0.1*between("
                        "t\\,3\\,4)|0.1*between(t\\,4\\,"
                        "5)|0.1*between(t\\,5\\,6):s=48000:c=5.1:d=6",
                        "-c:a", "pcm_f32le", name}));
        const auto sound = load_sound(name.toStdString());
        QVERIFY(sound && sound->samples->format().channels == 2);
        const auto samples = sound->samples->interleaved();
        const double wanted[6][2] = {{1, 0}, {0, 1}, {0.7071, 0.7071}, {0, 0}, {0.7071, 0}, {0, 0.7071}};
        for (std::size_t channel = 0; channel < 6; ++channel)
            for (std::size_t side = 0; side < 2; ++side) {
                const double is = static_cast<double>(samples[(channel * 48000 + 24000) * 2 + side]);
                QVERIFY2(std::abs(is - 0.1 * wanted[channel][side]) < 0.0005,
                         qPrintable(QString("channel %1, side %2: %3").arg(channel).arg(side).arg(is)));
            }
    }

    void turns_of_exif_are_those_of_its_figure() {
        // 2 x 1: left is 1, right is 2.
        const std::uint8_t stored[] = {1, 0, 0, 255, 2, 0, 0, 255};
        const auto corner = [&](int orientation) {
            std::uint8_t out[8] = {};
            const auto turn = turn_of_exif(orientation);
            turn_pixels(turn, stored, 8, 2, 1, out, turn.swaps_sides() ? 4 : 8);
            return out[0];
        };
        // Which stored end comes first in what is seen, row by row.
        for (const auto& [orientation, first] :
             {std::pair{1, 1}, {2, 2}, {3, 2}, {4, 1}, {5, 1}, {6, 1}, {7, 2}, {8, 2}})
            QCOMPARE(static_cast<int>(corner(orientation)), first);
        for (int quarters = 0; quarters < 4; ++quarters)
            QCOMPARE(turned_on({}, quarters),
                     turn_of_exif(std::array{1, 6, 3, 8}[static_cast<std::size_t>(quarters)]));
    }
};

PULSEPIN_TEST_CLASS(ZooTest, "zoo")
#include "zoo.moc"
