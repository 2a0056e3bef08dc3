// SPDX-License-Identifier: GPL-3.0-or-later
//
// Stand-ins for clips that are slow to show: which need one, that each picture is there at its time, and what
// happens where they cannot be made. The clips are made by ffmpeg, whose test sources tell each picture by
// its brightness.
#include "media/proxy.h"
#include "media/video_reader.h"
#include "support/media.h"
#include "support/test_program.h"

#include <QElapsedTimer>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

struct Clips {
    QTemporaryDir folder;
    [[nodiscard]] std::filesystem::path at(const char* name) const {
        return folder.filePath(name).toStdString();
    }
    /// Picture n has the brightness 16 + 7 (n mod 30), so that neighbours differ by seven.
    bool make(const char* name, const char* size, const char* rate, int pictures,
              const QStringList& how) const {
        // All of one brightness: what is reckoned for a few pixels is made large.
        const QString source = QString("nullsrc=s=16x16:r=%2,geq=lum='16+7*mod(N,30)':cb=128:cr=128,scale=%1:"
                                       "flags=neighbor,setsar=1")
                                   .arg(size, rate);
        return ffmpeg(QStringList{"-f", "lavfi", "-i", source, "-frames:v", QString::number(pictures)} + how +
                      QStringList{"-sc_threshold", "1000000000"} + QStringList{folder.filePath(name)});
    }
};

/// Which picture that is, by its brightness in the middle.
int number_of(const Picture& picture) {
    const auto& pixels = picture.pixels;
    const auto* middle = pixels.row(pixels.height / 2) + static_cast<std::ptrdiff_t>(pixels.width / 2 * 4);
    // Studio swing: 16 to 235 become 0 to 255 (ITU-R BT.601).
    const double luma = 16 + middle[1] * 219.0 / 255;
    return static_cast<int>(std::lround((luma - 16) / 7));
}

} // namespace

class TestProxies : public QObject {
    Q_OBJECT
private slots:
    void large_long_and_uneven_clips_want_one() {
        const Clips clips;
        QVERIFY(clips.make("small.mp4", "640x360", "24", 96, {"-c:v", "mpeg4", "-g", "96"}));
        QVERIFY(clips.make("hd.mp4", "1920x1080", "24", 24, {"-c:v", "mpeg4", "-g", "12"}));
        QVERIFY(clips.make("long.mp4", "1280x720", "50", 200, {"-c:v", "mpeg4", "-g", "250", "-bf", "0"}));
        QVERIFY(clips.make("uhd.mp4", "3840x2160", "24", 3, {"-c:v", "mjpeg", "-pix_fmt", "yuvj420p"}));
        // As phones write it: some pictures are left out.
        QVERIFY(clips.make("uneven.mp4", "640x360", "30", 60,
                           {"-vf", "select='not(eq(mod(n,7),3))'", "-vsync", "vfr", "-c:v", "mpeg4"}));
        QVERIFY(!weigh_clip(clips.at("small.mp4"))->wants_proxy());
        QVERIFY(!weigh_clip(clips.at("hd.mp4"))->wants_proxy());
        QCOMPARE(weigh_clip(clips.at("hd.mp4"))->longest_group, 12);
        const auto group = weigh_clip(clips.at("long.mp4"));
        QVERIFY(group && group->wants_proxy() && !group->uneven);
        QCOMPARE(group->longest_group, 200);
        QVERIFY(weigh_clip(clips.at("uhd.mp4"))->wants_proxy());
        QVERIFY(weigh_clip(clips.at("uneven.mp4"))->uneven);
        QVERIFY(!weigh_clip(clips.at("nothing.mp4")));
    }

    void every_picture_is_there_at_its_time() {
        const Clips clips;
        QVERIFY(clips.make("clip.mp4", "1280x720", "30000/1001", 140,
                           {"-c:v", "mpeg4", "-q:v", "2", "-g", "250", "-bf", "2"}));
        QVERIFY(make_proxy(clips.at("clip.mp4"), clips.at("proxy.mov")));
        auto original = VideoReader::open({clips.at("clip.mp4")});
        auto proxy = VideoReader::open({clips.at("proxy.mov")});
        QVERIFY(original && proxy);
        QCOMPARE(proxy->info().width, 960);
        QCOMPARE(proxy->info().height, 540);
        QVERIFY(std::abs((proxy->info().duration - original->info().duration).value) < 0.05);
        QVERIFY(std::filesystem::file_size(clips.at("proxy.mov")) > 1000);
        std::vector<Seconds> starts;
        for (int n = 0; n < 140; ++n) {
            const auto picture = original->picture_at(Seconds(n * 1001 / 30000.0), 960, 540);
            QVERIFY(picture);
            QCOMPARE(number_of(*picture), n % 30);
            starts.push_back(picture->from);
        }
        // Exactly at each picture's time, between, and in any order.
        for (int step = 0; step < 140; ++step) {
            const int n = step * 37 % 140;
            for (const double within : {0.0, 0.4, 0.99}) {
                const auto b = proxy->picture_at(Seconds((n + within) * 1001 / 30000), 960, 540);
                QVERIFY(b);
                QVERIFY2(number_of(*b) == n % 30,
                         qPrintable(QString("%1: %2").arg(n + within).arg(number_of(*b))));
                QVERIFY(std::abs((starts[static_cast<std::size_t>(n)] - b->from).value) < 1e-6);
            }
        }
    }

    void uneven_pictures_keep_their_times() {
        const Clips clips;
        QVERIFY(clips.make(
            "uneven.mp4", "640x360", "30", 90,
            {"-vf", "select='not(eq(mod(n,7),3))'", "-vsync", "vfr", "-c:v", "mpeg4", "-q:v", "2"}));
        QVERIFY(make_proxy(clips.at("uneven.mp4"), clips.at("proxy.mov")));
        auto original = VideoReader::open({clips.at("uneven.mp4")});
        auto proxy = VideoReader::open({clips.at("proxy.mov")});
        QCOMPARE(proxy->info().width, 640); // never larger than it was
        for (double at = 0; at < 2.9; at += 0.0101) {
            const auto a = original->picture_at(Seconds(at), 640, 360),
                       b = proxy->picture_at(Seconds(at), 640, 360);
            QCOMPARE(number_of(*a), number_of(*b));
            QVERIFY(std::abs((a->from - b->from).value) < 1e-6);
            QVERIFY(std::abs((a->until - b->until).value) < 1e-6 || at > 2.8);
        }
    }

    void what_cannot_be_made_leaves_nothing() {
        const Clips clips;
        QVERIFY(clips.make("clip.mp4", "640x360", "24", 48, {"-c:v", "mpeg4"}));
        const auto stopped = make_proxy(clips.at("clip.mp4"), clips.at("proxy.mov"), [] {
            static std::stop_source stop;
            stop.request_stop();
            return Progress{[](double) {}, stop.get_token()};
        }());
        QVERIFY(!stopped && stopped.error().cancelled());
        QVERIFY(!make_proxy(clips.at("clip.mp4"), clips.at("no such folder/proxy.mov")));
        QVERIFY(!make_proxy(clips.at("none.mp4"), clips.at("proxy.mov")));
        std::size_t files = 0;
        for ([[maybe_unused]] const auto& one :
             std::filesystem::directory_iterator(clips.folder.path().toStdString()))
            ++files;
        QCOMPARE(files, std::size_t{1});
        // A full disk is told, and the draft is gone (Linux: every write to /dev/full fails).
        QVERIFY(!make_proxy(clips.at("clip.mp4"), "/dev/full/proxy.mov"));
    }
};

PULSEPIN_TEST_CLASS(TestProxies, "test_proxies")
#include "test_proxies.moc"
