// SPDX-License-Identifier: GPL-3.0-or-later
//
// What a picture costs, as a whole and by effect, and what curves that follow the music cost; with --pictures
// the pictures alone.
#include "base/heap.h"
#include "follow/feeds.h"
#include "follow/sources.h"
#include "hand/composition.h"
#include "hand/stage_hand.h"
#include "hand/tried.h"
#include "interchange/export_material.h"
#include "interchange/project_file.h"
#include "kinds/kinds.h"
#include "measured.h"
#include "media/load_sound.h"
#include "media/sound_part.h"
#include "media/video_reader.h"
#include "model/edits.h"
#include "model/lane_edits.h"
#include "model/stage_edits.h"
#include "render/composed.h"
#include "render/loop_pictures.h"
#include "render/picture_image.h"
#include "shell/application.h"
#include "shell/main_window.h"
#include "stage/effects.h"

#include <QApplication>
#include <QTest>
#include <QThread>

namespace {

using namespace pulsepin;
using namespace pulsepin::test;

QImage shot() {
    auto reader = *VideoReader::open({PULSEPIN_DEMO "/crowd.webm"});
    const auto picture = *reader.picture_at(Seconds(1), 640, 360);
    return image_of(picture);
}

/// Twelve lanes that follow a band each, and no other.
Project with_bands(const Project& project) {
    Project bands = project;
    for (const auto& band : twelve_bands()) {
        bands = with_lane(bands, kind_that_follows(), "band");
        Motion motion;
        motion.follower.values.set("from", band.from_hz);
        motion.follower.values.set("until", band.until_hz);
        motion.follower.steps = {{"fill", {}}};
        bands = *with_motion(bands, bands.lanes.back()->id, motion);
    }
    while (bands.lanes.size() > 12)
        bands.lanes.erase(bands.lanes.begin());
    return bands;
}

void bench_followers(BenchTable& table, const Project& project) {
    MainWindow window(Player::Device::None);
    window.resize(1280, 800);
    window.show();
    const Project bands = with_bands(project);
    window.document().apply(bands, "bands");
    for (int i = 0; i < 600 && window.document().followers().size() < 12; ++i)
        QTest::qWait(100);
    auto& timeline = window.timeline();
    QImage canvas(timeline.size(), QImage::Format_RGB32);
    for (const bool whole : {true, false}) {
        int turn = 0;
        whole ? timeline.show_all() : timeline.show_range(Seconds(20), Seconds(32));
        table.row(whole ? "paint twelve followers, whole song" : "paint twelve followers, twelve seconds", 15,
                  8, [&] {
                      timeline.set_wave_height(1 + 0.01 * (++turn % 2)); // all is painted again
                      timeline.render(&canvas);
                  });
    }
}

/// Levels of ten minutes in stereo, against reading its samples once.
void bench_levels(BenchTable& table) {
    constexpr std::int64_t rate = 48000;
    auto writer = SampleStoreWriter::create({rate, 2});
    std::vector<float> ten_seconds(2 * rate * 10);
    std::uint32_t random = 1;
    for (float& value : ten_seconds) {
        random = random * 1664525u + 1013904223u; // Numerical Recipes' generator: any noise will do
        value = static_cast<float>(static_cast<int>(random >> 9) % 20'000 - 10'000) / 30'000.0f;
    }
    for (int i = 0; i < 60; ++i)
        (void)writer->append(ten_seconds);
    const auto sound = *writer->finish();
    float sum = 0;
    table.row("read ten minutes of sound", 3, {}, [&] {
        for (const float value : sound->interleaved())
            sum += value;
        sound->give_back_memory();
    });
    table.row("level of ten minutes: all of it", 3, {}, [&] {
        (void)measure_level(*sound, {"rms", "whole", "both", 0, 0});
    });
    table.row("level of ten minutes: a band", 3, {}, [&] {
        (void)measure_level(*sound, {"rms", "whole", "both", 30, 110});
    });
    table.row("loudness of ten minutes", 3, {}, [&] {
        (void)measure_level(*sound, {"loudness", "whole", "both", 0, 0});
    });
    table.row("percussive part of ten minutes", 1, {}, [&] {
        (void)sound_part(*sound, {"percussive", "both"});
    });
    qInfo("samples that were read: %d", static_cast<int>(sum)); // so that they are
}

LayerPictures pictures_of(const Project& project) {
    LayerPictures pictures;
    for (const auto& layer : project.stage->layers)
        pictures[layer.id] = {{shot()}, {}, 0};
    return pictures;
}

void bench_frames(BenchTable& table, const Project& project, const Curves& curves) {
    const LayerPictures pictures = pictures_of(project);
    const Frames frame(595 + 12); // in the chorus, all layers seen
    table.row("values of all layers at a frame", 200, 8, [&] { (void)staged_at(curves, frame); });
    std::int64_t number = 0;
    for (const auto& [size, what] :
         {std::pair(QSize(640, 360), "a frame of the demo in motion, 640x360"),
          std::pair(QSize(320, 180), "half quality"), std::pair(QSize(160, 90), "quarter quality"),
          std::pair(QSize(1280, 720), "1280x720"), std::pair(QSize(1920, 1080), "1920x1080")})
        table.row(what, 60,
                  size.width() == 640    ? 5
                  : size.width() == 1920 ? 20
                                         : 12,
                  [&] { (void)composed(staged_at(curves, frame + Frames(number++ % 48)), size, pictures); });
}

void bench_effects(BenchTable& table, const Project& project) {
    const LayerPictures pictures = pictures_of(project);
    StagedFrame plain;
    plain.layers.push_back({layers::shots, project.stage->layers.front().id, {}, {}, {}, {}});
    const double alone = milliseconds(30, [&] { (void)composed(plain, {640, 360}, pictures); });
    table.measure("one shot without effects, 640x360", {}, [&] { return alone; });
    for (const auto& effect : effects()) {
        StagedFrame with = plain;
        const auto& first = effect.parameters.front();
        if (effect.of_earlier_frames) // as many pictures more
            with.layers.front().echoes.assign(4, plain.layers.front());
        with.layers.front().values.set(std::string(first.id), first.usual_high);
        const QString what =
            QString("effect %1 at %2 %3")
                .arg(QString::fromUtf8(effect.id.data(), static_cast<qsizetype>(effect.id.size())))
                .arg(first.usual_high)
                .arg(QString::fromUtf8(first.unit.data(), static_cast<qsizetype>(first.unit.size())));
        table.measure(what, {}, [&] {
            return milliseconds(30, [&] { (void)composed(with, {640, 360}, pictures); }) - alone;
        });
    }
}

/// Fifty rings at once, and five thousand sparks.
void bench_many(BenchTable& table) {
    Project project = new_project();
    project = with_song(project, {"/song.wav", "song", 48000, Samples(48000 * 60), "f"});
    project = relabelled(project, *BeatGrid::steady(Bpm(120), Seconds(0), {}, Seconds(60)));
    Layer ring{{}, layers::shape, "Ring"};
    ring.values = {{"fill", 0}, {"line-width", 10}};
    project = *with_layer(project, ring);
    const LayerId ring_id = project.stage->layers[1].id;
    auto shown = *with_lane_of_appearances(project, ring_id, kind_of(body_type<AppearanceBody>));
    Showing showing = *part_of<Showing>(*shown.project.lane(shown.lane));
    showing.comes = {"grow", {Length::Unit::InFrames, 200}, {}};
    Project rings = *with_showing(shown.project, shown.lane, showing);
    std::vector<Pin> pins;
    for (int i = 0; i < 250; ++i) {
        AppearanceBody body;
        body.length = {Length::Unit::InFrames, 200};
        body.x = i * 137 % 1000 - 500;
        body.y = i * 71 % 500 - 250;
        pins.push_back({{}, TimeAnchor{Seconds(i / 6.0)}, body, {}});
    }
    rings = *with_pins(rings, shown.lane, std::move(pins));
    const Curves fifty{Schedule(rings)};
    std::int64_t frame = 480;
    qInfo("rings at once: %d", static_cast<int>(staged_at(fifty, Frames(500)).layers.size()) - 1);
    table.row("fifty appearances at once, 640x360", 40, 33, [&] {
        (void)composed(staged_at(fifty, Frames(frame++ % 48 + 480)), {640, 360});
    });
    Layer sparks{{}, layers::sparks, "Sparks"};
    sparks.values = {{"rate", 2500}, {"spark-life", 2}, {"spark-life-spread", 0}};
    const Curves many{Schedule(*with_layer(project, sparks))};
    qInfo("sparks: %d", static_cast<int>(staged_at(many, Frames(500)).layers.back().sparks.size()));
    table.row("five thousand sparks, 640x360", 40, 33, [&] {
        (void)composed(staged_at(many, Frames(frame++ % 48 + 480)), {640, 360});
    });
}

/// A sheet of moving pictures from nothing until all are there, and a composition that is used.
void bench_sheet(BenchTable& table, const Curves& curves) {
    const Project& project = curves.project();
    const LayerId camera = project.stage->layers.back().id;
    const TriedLoop loop = two_beats_at(project, Seconds(30));
    table.row("a sheet of thirty moving pictures, full", 5, 1500, [&] {
        LoopPictures::Order order;
        order.first = loop.first;
        order.length = loop.length;
        order.pictures = 12;
        order.size = {128, 72};
        for (std::size_t i = 0; i < 30; ++i)
            order.variants.push_back([&, i]() -> std::optional<Curves> {
                auto with = with_effect_on_beats(project, camera, effects()[i % effects().size()].id, loop);
                if (!with)
                    return std::nullopt;
                return Curves{Schedule(*std::move(with), curves.schedule), curves.followers};
            });
        const LoopPictures pictures(std::move(order), [] {});
        while (!pictures.complete())
            QThread::msleep(2);
    });
    const auto& ready = ready_compositions();
    std::size_t next = 0;
    table.row("a composition used, and what follows from it", 60, 16, [&] {
        const auto used =
            with_composition(project, ready[next++ % ready.size()], {Ticks(16 * 960), Ticks(64 * 960)});
        if (used)
            (void)Schedule(used->project, curves.schedule);
    });
}

} // namespace

int main(int argc, char** argv) {
    keep_blocks_of_pictures(); // as the window does
    QApplication application(argc, argv);
    prepare_application(application);
    const bool pictures_alone = application.arguments().contains("--pictures");
    BenchTable table;
    const Project project = *load_project(PULSEPIN_DEMO "/kite-day-in-motion.pulsepin");
    const auto song = *load_sound(project.song->path);
    const ProjectSounds sounds{{song.samples, song.fingerprint}, {}};
    Listening listening;
    if (!pictures_alone)
        table.row("follow the demo's song: level of a band, a wave", 3, {}, [&] {
            Listening fresh;
            (void)follow(project, sounds, fresh);
        });
    (void)follow(project, sounds, listening);
    table.row("the same after a step was changed", 15, {}, [&] { (void)follow(project, sounds, listening); });
    const auto followers = std::make_shared<const FollowerCurves>(*follow(project, sounds, listening));
    const Curves curves{Schedule(project), followers};
    if (!pictures_alone) {
        bench_levels(table);
        bench_followers(table, project);
    }
    bench_frames(table, project, curves);
    bench_effects(table, project);
    bench_many(table);
    bench_sheet(table, curves);
    return table.outcome();
}
