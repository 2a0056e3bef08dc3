// SPDX-License-Identifier: GPL-3.0-or-later
//
// How long the things take that a person waits for. Each figure is the median of many runs in one process,
// beside a yardstick of plain arithmetic measured in the same run: machines differ, ratios less so.
#include "analysis/analyze.h"
#include "check/grid_trust.h"
#include "drawing/score/score_view.h"
#include "drawing/timeline/timeline_view.h"
#include "fields/within_limits.h"
#include "interchange/project_json.h"
#include "kinds/kinds.h"
#include "large_piece.h"
#include "measured.h"
#include "media/proxy.h"
#include "media/video_reader.h"
#include "model/pin_edits.h"
#include "piece_of_words.h"
#include "schedule/find_pins.h"
#include "schedule/place.h"
#include "shell/application.h"
#include "shell/main_window.h"
#include "support/projects.h"
#include "time/grid_bend.h"
#include "time/tempo_course.h"

#include <QApplication>
#include <QFile>
#include <QProcess>
#include <QTemporaryDir>
#include <algorithm>
#include <array>
#include <cmath>
#include <cstdio>
#include <ctime>
#include <vector>

namespace {

using namespace pulsepin;
using namespace pulsepin::test;

/// Ten thousand pins in two lanes and ten thousand onsets over an hour.
Project large_project() {
    Project project = steady_project(170, 0.1, 3600);
    std::vector<Pin> cuts, markers;
    for (int i = 0; i < 5000; ++i) {
        cuts.push_back({{},
                        MusicalAnchor{Ticks(i * 2 * ticks_per_beat)},
                        CutBody{(*project.bin)[static_cast<std::size_t>(i % 6)].id, {}},
                        {}});
        markers.push_back({{}, MusicalAnchor{Ticks((i * 2 + 1) * ticks_per_beat)}, MarkerBody{"m", ""}, {}});
    }
    project = *with_pins(project, lane_of_kind(project, kind_of(body_type<CutBody>)), cuts);
    project = *with_pins(project, lane_of_kind(project, kind_of(body_type<MarkerBody>)), markers);
    Detection detection;
    detection.grid = *project.grid;
    detection.rows.resize(1);
    for (int i = 0; i < 10'000; ++i)
        detection.rows[0].onsets.push_back({Seconds(i * 0.36), static_cast<float>(i % 10) / 10});
    return with_detection(project, detection, false);
}

void open_song(Document& document, const char* song) {
    document.open_song(song);
    while (document.jobs().busy())
        QApplication::processEvents(QEventLoop::WaitForMoreEvents, 20);
}

void wait_for_tiles(TimelineView& timeline, QPixmap& target) {
    do {
        timeline.render(&target);
        QApplication::processEvents(QEventLoop::AllEvents, 1);
    } while (!timeline.tiles().complete());
}

void bench_painting(BenchTable& table, Document& document, const char* what) {
    ViewState view;
    TimelineView timeline(document, view);
    const double end = document.project().song->duration().value;
    for (const auto& [size, name] :
         {std::pair(QSize(1280, 492), "1280x800"), std::pair(QSize(2560, 1130), "2560x1440")}) {
        timeline.resize(size); // the widest window may take a little longer
        timeline.show();
        QPixmap target(size);
        for (const auto& [from, until, zoom] :
             {std::tuple(0.0, end, "whole song"), std::tuple(end * 0.3, end * 0.3 + 12, "twelve seconds")}) {
            timeline.show_range(Seconds(from), Seconds(until));
            wait_for_tiles(timeline, target);
            table.row(QString("paint %1, %2, %3").arg(what, name, zoom), 40, size.width() > 2000 ? 10 : 8,
                      [&, f = from, u = until] {
                          timeline.show_range(Seconds(f), Seconds(u));
                          timeline.render(&target);
                      });
        }
        int turn = 0;
        table.row(QString("sharp again after a zoom, %1, %2").arg(what, name), 20, 50, [&] {
            timeline.zoom_by(++turn % 2 ? 1.31 : 1 / 1.27); // never a zoom that was there before
            wait_for_tiles(timeline, target);
        });
    }
}

void bench_score(BenchTable& table, Document& document) {
    ViewState view;
    ScoreView score(document, view);
    QPixmap target(1280, 492);
    score.resize(target.size());
    score.show();
    int turn = 0;
    for (const int bars : {4, 16}) {
        score.set_bars_in_row(bars);
        table.row(QString("paint the score, %1 bars a row, 1280x800").arg(bars), 30, 8, [&] {
            view.set_range(TimeRange{Seconds(1), Seconds(turn % 2 == 0 ? 2 : 3)}); // has it painted anew
            ++turn;
            score.render(&target);
        });
    }
}

/// What is done while someone drags a beat, and what is told afterwards.
void bench_grid(BenchTable& table, const Project& large) {
    const auto& grid = *large.grid;
    double by = 0.001;
    table.row("a dragged beat and 10 000 pins that follow", 15, 16, [&] {
        by = -by;
        const Seconds to = grid.time_at(Ticks(4000 * ticks_per_beat)) + Seconds(by);
        (void)resolve(retimed(large, *with_beat_moved(grid, 4000, to, BendReach::Held)));
    });
    const auto& onsets = large.detection->onsets();
    table.row("trust of every bar, 10 200 beats", 15, 8, [&] { (void)trust_by_bar(grid, onsets); });
    table.row("one tempo through 10 200 beats", 15, 8, [&] { (void)fit_constant(grid); });
    table.row("steps of the tempo in 10 200 beats", 5, 8, [&] { (void)fit_steps(grid); });
    std::vector<Seconds> wobbly;
    for (std::size_t i = 0; i < 1000; ++i)
        wobbly.push_back(grid.beats()[i].time + Seconds(0.01 * std::sin(static_cast<double>(i * i))));
    auto beats = grid.beats();
    beats.resize(wobbly.size());
    for (std::size_t i = 0; i < beats.size(); ++i)
        beats[i].time = wobbly[i];
    const auto played = *BeatGrid::make(beats, 0, {});
    table.row("steps of the tempo in 1000 beats by hand", 5, 8, [&] { (void)fit_steps(played); });
}

void bench_window(BenchTable& table, const Project& large) {
    Document document;
    open_song(document, PULSEPIN_DEMO "/over-the-levee.opus");
    Project onsets_only = document.project();
    Detection detection = *onsets_only.detection;
    detection.rows.assign(1, {});
    for (int i = 0; i < 10'000; ++i)
        detection.rows[0].onsets.push_back({Seconds(i * 0.0064), static_cast<float>(i % 10) / 10});
    document.apply(with_detection(onsets_only, detection, false), "onsets");
    bench_painting(table, document, "song with 10 000 onsets");
    Project with_pins = large;
    with_pins.song = document.project().song;
    document.apply(with_pins, "pins");
    bench_painting(table, document, "song and 10 000 pins");
    bench_score(table, document);
}

/// A season's worth: a hundred thousand pins in three hundred lanes, over three hours.
void bench_large_piece(BenchTable& table) {
    MainWindow window(Player::Device::None);
    window.resize(1280, 800);
    window.show();
    auto& document = window.document();
    document.apply(large_piece(100'000, 300), "begin");
    const auto& pins = document.project().lanes.back()->pins;
    const std::array edited{pins[pins.size() / 2].id};
    window.view().select({edited.front()});
    QApplication::processEvents();
    int by = ticks_per_beat;
    table.row("an edit in the window, 100 000 pins in 300 lanes", 15, 16, [&] {
        by = -by;
        document.apply(moved_by(document.project(), edited, Ticks(by)), "move");
    });
    auto& timeline = window.timeline();
    const double middle = seconds_of_large_piece / 2;
    const auto paint = [&](const QString& what, QSize size, double from, double until, double limit) {
        timeline.resize(size);
        QPixmap target(size);
        table.row("paint 100 000 pins in 300 lanes, " + what, 15, limit, [&] {
            timeline.show_range(Seconds(from), Seconds(until));
            timeline.render(&target);
        });
    };
    const QSize usual(1280, 492), widest(2560, 1130);
    paint("1280x800, whole song", usual, 0, seconds_of_large_piece, 8);
    paint("1280x800, twelve seconds", usual, middle, middle + 12, 8);
    paint("2560x1440, whole song", widest, 0, seconds_of_large_piece, 12);
    paint("2560x1440, twelve seconds", widest, middle, middle + 12, 10);
    window.show_score(true);
    auto& score = window.score();
    for (const auto& [size, name, limit] :
         {std::tuple(usual, "1280x800", 8.0), std::tuple(widest, "2560x1440", 10.0)}) {
        score.resize(size);
        QPixmap target(size);
        double until = 2;
        table.row(QString("paint 100 000 pins in 300 lanes, the score, ") + name, 15, limit, [&] {
            window.view().set_range(TimeRange{Seconds(1), Seconds(until = 5 - until)}); // painted anew
            score.render(&target);
        });
    }
}

/// Twenty thousand words, each set on its moment: an hour and a half of speech.
void bench_words(BenchTable& table) {
    MainWindow window(Player::Device::None);
    window.resize(1280, 800);
    window.show();
    const auto words = lane_of_words(20'000);
    auto& document = window.document();
    document.apply(piece_of_words(words, 20'000), "begin");
    window.go_to_stop(Stop::Mark);
    window.view().choose_lane(words.lane);
    const auto& pins = document.project().lane(words.lane)->pins;
    const std::array edited{pins[pins.size() / 2].id};
    window.view().select({edited.front()});
    QApplication::processEvents();
    int by = ticks_per_beat;
    table.row("an edit in the window, 20 000 words", 15, 16, [&] {
        by = -by;
        document.apply(moved_by(document.project(), edited, Ticks(by)), "move");
    });
}

/// Processor time of this program so far, all threads, in milliseconds.
double processor_ms() {
    return 1000.0 * static_cast<double>(std::clock()) / CLOCKS_PER_SEC;
}

void print_memory() {
    QFile status("/proc/self/status");
    if (status.open(QIODevice::ReadOnly))
        for (const auto& line : QString(status.readAll()).split('\n'))
            if (line.startsWith("RssAnon") || line.startsWith("VmHWM") || line.startsWith("RssFile"))
                std::printf("%s\n", qPrintable(line.simplified()));
}

/// PULSEPIN_BENCH_SONG names a file, of three hours for instance, that is opened, looked at, and opened again
/// as part of a project.
void bench_long_song(BenchTable& table) {
    const QByteArray file = qgetenv("PULSEPIN_BENCH_SONG");
    if (file.isEmpty())
        return;
    const auto wait_until = [](const std::function<bool()>& done) {
        while (!done())
            QApplication::processEvents(QEventLoop::WaitForMoreEvents, 20);
    };
    QTemporaryDir folder;
    const std::filesystem::path project = folder.filePath("long.pulsepin").toStdString();
    {
        Document document;
        const double ms = milliseconds(1, [&] {
            document.open_song(file.constData());
            wait_until([&] { return document.spectrum() != nullptr; });
        });
        table.measure("open the long song, with its spectrum", {}, [&] { return ms; });
        wait_until([&] { return !document.jobs().busy(); });
        (void)document.save_now(project);
        bench_painting(table, document, "the long song");
        print_memory();
    }
    Document document;
    const double before = processor_ms();
    (void)document.open(project);
    wait_until([&] { return document.sounds().outline() != nullptr; });
    const double shown = processor_ms() - before;
    table.measure("its waveform is there again, processor time", 300, [&] { return shown; });
    wait_until([&] { return document.spectrum() && !document.jobs().busy(); });
    const double whole = processor_ms() - before;
    table.measure("all of it is decoded again, processor time", {}, [&] { return whole; });
    print_memory();
}

} // namespace

/// Ten thousand pins in thirty lanes, each lane a planting of its own, in the real window.
void bench_thirty_lanes(BenchTable& table) {
    Project project = steady_project(170, 0.1, 3600);
    const LaneKind kinds[] = {kind_of(body_type<MarkerBody>), kind_of(body_type<CutBody>),
                              kind_of(body_type<TriggerBody>)};
    for (int i = 0; i < 28; ++i)
        project = with_lane(project, kinds[i % 3], "lane");
    const auto lanes = project.lanes;
    for (std::size_t i = 0; i < lanes.size(); ++i) {
        const Picker every{"beats",
                           Ticks(0),
                           Ticks(10'010 * ticks_per_beat),
                           {{"every-nth", {{"n", 30.0}, {"offset", static_cast<double>(i)}}}}};
        PlantingForm form{lanes[i]->kind->empty_body()};
        project = place(project, lanes[i]->id, every, form)->project;
    }
    MainWindow window(Player::Device::None);
    window.show();
    auto& document = window.document();
    document.apply(project, "begin");
    const LaneId triggers = lane_of_kind(project, kind_of(body_type<TriggerBody>));
    const Picker all{"beats", Ticks(0), Ticks(10'000 * ticks_per_beat), {}};
    table.row("pick 10 000 beats among 10 000 pins in 30 lanes and outline them", 15, 16,
              [&] { (void)preview_placing(document.project(), triggers, all); });
    table.row("select all of 30 lanes", 15, 16, [&] {
        window.view().select({});
        PinSet everything;
        for (const PinId pin : find_pins(document.schedule(), {}))
            everything.insert(pin);
        window.view().select(std::move(everything));
    });
    const std::vector<PinId> pins(window.view().selection().begin(), window.view().selection().end());
    int by = ticks_per_beat;
    table.row("move all, find frames, shots and spans", 15, 16, [&] {
        const Project next = moved_by(document.project(), pins, Ticks(by));
        const auto schedule = resolve(next);
        for (std::size_t i = 0; i < next.lanes.size(); ++i)
            (void)spans_of(next, *next.lanes[i], schedule[i]);
    });
    const Project moved = moved_by(document.project(), pins, Ticks(by));
    table.row("hold what all of that made against the limits", 15, 8,
              [&] { (void)beyond_limits(moved, document.project()); });
    table.row("the same as an edit in the window", 15, 16, [&] {
        document.apply(moved_by(document.project(), pins, Ticks(by)), "move");
        by = -by;
    });
    QPixmap target(window.timeline().size());
    table.row("paint 30 lanes", 15, 8, [&] {
        window.timeline().show_range(Seconds(0), Seconds(by > 0 ? 3600 : 3500));
        window.timeline().render(&target);
    });
    table.row("run 30 plantings again", 5, 16, [&] {
        for (const auto& planting : *document.project().plantings)
            (void)run_again(document.project(), planting.id);
    });
    document.start_new();
}

namespace {

void bench_edits(BenchTable& table, const Project& large) {
    const LaneId cuts = lane_of_kind(large, kind_of(body_type<CutBody>));
    const Picker all{"half-beats", Ticks(0), Ticks(5000 * 2 * ticks_per_beat), {{"every-nth", {{"n", 1.0}}}}};
    table.row("pick 20 000 half beats and outline them", 15, 16,
              [&] { (void)preview_placing(large, cuts, all); });
    std::vector<PinId> everything;
    for (const auto& lane : large.lanes)
        for (const auto& pin : lane->pins)
            everything.push_back(pin.id);
    table.row("move 10 000 pins and find their frames", 15, 16,
              [&] { (void)resolve(moved_by(large, everything, Ticks(ticks_per_beat))); });
    table.row("10 000 pins follow a changed grid", 15, 16,
              [&] { (void)resolve(retimed(large, *large.grid)); });
    table.row("write the project as text", 5, {}, [&] { (void)project_to_json(large, {}); });
}

void bench_song(BenchTable& table) {
    const auto song = *load_sound(PULSEPIN_DEMO "/over-the-levee.opus");
    const double seconds = song.samples->duration().value;
    const double decode = milliseconds(5, [] { (void)load_sound(PULSEPIN_DEMO "/over-the-levee.opus"); });
    const double analysis = milliseconds(5, [&] { (void)analyze(*song.samples); });
    table.measure("decode the demo song", {}, [&] { return decode; });
    table.measure("analyse the demo song", {}, [&] { return analysis; });
    const auto feature_set = *extract_features(*song.samples);
    table.row("track the demo song again, from what was heard", 5, {}, [&] { (void)analyze(feature_set); });
    std::printf("\nDecoding runs at %.0f times real time, analysis at %.0f times.\n\n",
                seconds * 1000 / decode, seconds * 1000 / analysis);
}

/// What one step of the sensitivity slider costs.
void bench_ten_minutes(BenchTable& table) {
    const auto song = *load_sound(PULSEPIN_DEMO "/over-the-levee.opus");
    std::vector<float> ten_minutes;
    while (ten_minutes.size() < 600u * 48'000u * static_cast<std::size_t>(song.samples->format().channels))
        ten_minutes.insert(ten_minutes.end(), song.samples->interleaved().begin(),
                           song.samples->interleaved().end());
    auto writer = *SampleStoreWriter::create(song.samples->format());
    (void)writer.append(ten_minutes);
    const auto long_song = *extract_features(**writer.finish());
    for (const char* id : {"full", "flux", "hat"}) {
        const OnsetFinder finder(long_song.features, id);
        OnsetSettings settings;
        table.row(QString("find the onsets of ten minutes again, %1").arg(id), 15, 16, [&] {
            settings.sensitivity = settings.sensitivity > 0.7 ? 0.3 : settings.sensitivity + 0.01;
            (void)finder.find(settings);
        });
        table.row(QString("another way of hearing ten minutes, %1").arg(id), 5, 16,
                  [&] { (void)OnsetFinder(long_song.features, id); });
    }
}

/// A clip of large pictures that all hang on the first one, and its proxy.
void bench_proxy(BenchTable& table) {
    const QTemporaryDir folder;
    const QString clip = folder.filePath("clip.mp4");
    QProcess ffmpeg;
    ffmpeg.start("ffmpeg",
                 {"-nostdin", "-loglevel", "error", "-f", "lavfi", "-i", "testsrc2=s=2560x1440:r=24",
                  "-frames:v", "96", "-c:v", "mpeg4", "-q:v", "4", "-g", "96", clip});
    const auto proxy = folder.filePath("proxy.mov").toStdString();
    if (!ffmpeg.waitForFinished(60'000) || ffmpeg.exitCode() != 0 || !make_proxy(clip.toStdString(), proxy))
        return table.fail("make a proxy of a clip that ffmpeg made");
    auto small = VideoReader::open({proxy}), large = VideoReader::open({clip.toStdString()});
    int turn = 0;
    const auto any = [&] { return Seconds((turn = (turn + 41) % 96) / 24.0); };
    table.row("any picture of a proxy, 960x540", 40, 40, [&] { (void)small->picture_at(any(), 960, 540); });
    table.row("any picture of its clip, 2560x1440 in one long group", 5, {},
              [&] { (void)large->picture_at(any(), 960, 540); });
}

} // namespace

int main(int argc, char** argv) {
    QApplication application(argc, argv);
    prepare_application(application);
    BenchTable table;

    bench_thirty_lanes(table);
    const Project large = large_project();
    bench_window(table, large);
    bench_large_piece(table);
    bench_words(table);
    bench_long_song(table);
    bench_grid(table, large);
    bench_edits(table, large);
    bench_song(table);
    bench_ten_minutes(table);
    bench_proxy(table);
    return table.outcome();
}
