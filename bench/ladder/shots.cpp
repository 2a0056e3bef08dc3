// SPDX-License-Identifier: GPL-3.0-or-later
//
// Shots, few and small to many and large: each a file of its own, H.264 with sound of none, cut every two
// seconds.
#include "ladder.h"

#include "interchange/project_file.h"
#include "media/video_reader.h"
#include "support/media.h"

#include <QPixmap>
#include <QTest>

namespace pulsepin::ladder {
namespace {

using test::milliseconds;

struct ShotRung {
    int shots, width, height;
};
constexpr ShotRung rungs[] = {{6, 640, 360}, {50, 1280, 720}, {200, 1920, 1080}, {500, 3840, 2160}};
constexpr double apart = 2; // seconds

/// One is coded, the others are names of it: to the program they are different files.
std::vector<Clip> made_clips(const std::filesystem::path& folder, const ShotRung& rung) {
    const auto first = folder / "shot.mp4";
    (void)test::ffmpeg({"-f", "lavfi", "-i",
                        QString("testsrc2=s=%1x%2:r=24:d=3").arg(rung.width).arg(rung.height), "-c:v",
                        "libx264", "-preset", "ultrafast", "-crf", "24", "-pix_fmt", "yuv420p",
                        QString::fromStdString(first.string())});
    std::vector<Clip> clips;
    for (int i = 0; i < rung.shots; ++i) {
        const auto file = folder / ("shot " + std::to_string(i) + ".mp4");
        std::filesystem::create_hard_link(first, file);
        clips.push_back({{}, "shot " + std::to_string(i), file, Seconds(3), rung.width, rung.height});
    }
    return clips;
}

Project project_of(const std::filesystem::path& folder, const ShotRung& rung) {
    const int seconds = static_cast<int>(apart) * rung.shots + 4;
    Project project = test::steady_project(120, 0, seconds);
    Song song = *project.song;
    song.path = folder / "song.wav";
    write_clicks(song.path, seconds);
    project.song = std::make_shared<const Song>(song); // its grid stays
    project.bin = std::make_shared<const std::vector<Clip>>();
    project = with_clips(project, made_clips(folder, rung));
    std::vector<Pin> cuts;
    for (int i = 0; i < rung.shots; ++i) {
        CutBody cut;
        cut.shot = (*project.bin)[static_cast<std::size_t>(i)].id;
        cuts.push_back(
            {{}, MusicalAnchor{Ticks(static_cast<std::int64_t>(4 * i) * ticks_per_beat)}, cut, {}});
    }
    return *with_pins(project, test::lane_of_kind(project, kind_of(body_type<CutBody>)), cuts);
}

/// Until the very picture of that moment is there.
void show(MainWindow& window, Seconds at) {
    const Frames frame = window.document().project().settings->frame_rate.frame_at(at);
    window.view().set_playhead(at);
    (void)QTest::qWaitFor(
        [&] { return window.preview().shown().exact && window.preview().shown().frame == frame; }, 20'000);
}

Measures measured(const std::filesystem::path& folder, const ShotRung& rung) {
    Measures figures;
    const Project project = project_of(folder, rung);
    const auto file = folder / "shots.pulsepin";
    figures["save"] = milliseconds(3, [&] { (void)save_project(project, file); });
    MainWindow window(Player::Device::None);
    window.resize(1280, 800);
    window.show();
    settle(window);
    forget_most_memory();
    figures["open"] = milliseconds(1, [&] {
        window.open_path(QString::fromStdString(file.string()));
        settle(window);
    });
    const double seconds = apart * rung.shots;
    auto& preview = window.preview();
    int place = 0;
    figures["seek, until the very picture is there"] =
        milliseconds(9, [&] { show(window, Seconds(seconds * (++place * 37 % 100) / 100.0 + 0.6)); });
    show(window, Seconds(0));
    std::set<std::int64_t> shown;
    const auto counting = QObject::connect(&preview, &PreviewView::picture_shown,
                                           [&] { shown.insert(preview.shown().frame.value); });
    constexpr double played = 6;
    window.player().play({Seconds(0), Seconds(played), std::nullopt});
    (void)QTest::qWaitFor([&] { return !window.player().playing(); }, 20'000);
    QObject::disconnect(counting);
    figures["pictures a second while playing, of 24"] = static_cast<double>(shown.size()) / played;
    const auto& pins = window.document().project().first_lane(body_type<CutBody>)->pins;
    measure_editing(figures, window, pins[pins.size() / 2].id, 5);
    measure_painting(figures, window, seconds, 9);
    figures["memory at rest, MB"] = memory_mb();
    figures["most memory, MB"] = memory_mb("VmHWM");
    window.document().start_new();
    return figures;
}

} // namespace

Family family_of_shots(const std::filesystem::path& folder) {
    Family family{"shots", "shots", {}};
    for (const auto& rung : rungs) {
        const auto own = folder / ("shots " + std::to_string(rung.shots));
        std::filesystem::create_directory(own);
        family.rungs.push_back({static_cast<double>(rung.shots),
                                QString("%1 of %2x%3").arg(rung.shots).arg(rung.width).arg(rung.height),
                                measured(own, rung)});
    }
    return family;
}

} // namespace pulsepin::ladder
