// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/kind_look.h"
#include "drawing/timeline/song_tiles.h"
#include "drawing/timeline/sound_lane.h"
#include "drawing/timeline/stems.h"
#include "kinds/kinds.h"
#include "session/document.h"
#include "support/media.h"
#include "support/projects.h"
#include "support/sounds.h"
#include "support/test_program.h"

#include <QApplication>
#include <QImage>
#include <QTest>
#include <algorithm>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

SongPicture picture_of(const std::vector<float>& samples, int channels) {
    const auto store = store_of(samples, {1000, channels});
    SongPicture picture;
    picture.samples = store;
    PeaksBuilder mean, left, right;
    std::vector<float> mono, l, r;
    for (std::size_t i = 0; i < samples.size(); i += static_cast<std::size_t>(channels)) {
        l.push_back(samples[i]);
        r.push_back(samples[i + static_cast<std::size_t>(channels) - 1]);
        mono.push_back((l.back() + r.back()) / 2);
    }
    mean.append(mono);
    left.append(l);
    right.append(r);
    SoundOutline outline{store->format().sample_rate, std::move(mean).finish(), {}};
    if (channels == 2) {
        outline.channels.push_back(std::move(left).finish());
        outline.channels.push_back(std::move(right).finish());
    }
    picture.outline = std::make_shared<const SoundOutline>(std::move(outline));
    return picture;
}

/// Rows of a column that are not clear.
int inked(const QImage& image, int x, int from, int until) {
    int count = 0;
    for (int y = from; y < until; ++y)
        count += qAlpha(image.pixel(x, y)) > 0;
    return count;
}

} // namespace

class TestTimeline : public QObject {
    Q_OBJECT
private slots:
    void each_part_of_a_sound_has_its_grip() {
        Project project = with_lane(steady_project(120), kind_of(body_type<SoundBody>), "Sound");
        const LaneId lane = lane_of_kind(project, kind_of(body_type<SoundBody>));
        project = *with_pins(project, lane, {{{}, TimeAnchor{Seconds(2)}, sound(0, 6, 1, 2), {}}});
        const Schedule schedule(project);
        ViewState view;
        const Scene scene{
            project, nullptr, schedule, view, day_palette(), TimeScale{100, 1000, Seconds(0), 100}, {}};
        const LaneScene on_lane{scene,
                                *project.lane(lane),
                                schedule.pins(lane),
                                schedule.spans(lane),
                                QRectF(100, 0, 1000, 60),
                                scene.scale};
        const auto grip = [&](double x, double y) {
            const auto under = sound_under(on_lane, {x, y});
            return under ? std::optional(under->part) : std::nullopt;
        };
        QCOMPARE(grip(600, 40), std::optional(GripPart::Body));
        QCOMPARE(grip(301, 40), std::optional(GripPart::Start));
        QCOMPARE(grip(899, 40), std::optional(GripPart::End));
        QCOMPARE(grip(400, 6), std::optional(GripPart::FadeIn));
        QCOMPARE(grip(700, 6), std::optional(GripPart::FadeOut));
        QVERIFY(!grip(200, 40));
        QVERIFY(!grip(950, 40));
    }

    /// Solid from the ruler to the head for a pin on the grid, four pixels of six for a loose one; the same
    /// whether it is drawn at once or in bands, and on the lanes above as on its own.
    void stems_hang_from_the_ruler_and_those_of_loose_pins_are_dashed() {
        Project project = with_lane(steady_project(120), kind_of(body_type<MarkerBody>), "Upper");
        project = with_lane(std::move(project), kind_of(body_type<MarkerBody>), "Lower");
        const auto ticks = project.grid->ticks_of({3, 1, 0});
        project = *with_pins(
            project, project.lanes.back()->id,
            {{{}, MusicalAnchor{ticks}, MarkerBody{}, {}}, {{}, TimeAnchor{Seconds(2.5)}, MarkerBody{}, {}}});
        const Schedule schedule(project);
        ViewState view;
        const Scene scene{
            project, nullptr, schedule, view, day_palette(), TimeScale{100, 1000, Seconds(0), 100}, {}};
        std::vector<LaneScene> seen;
        for (const auto& lane : std::span(project.lanes).last(2))
            seen.push_back({scene, *lane, schedule.pins(lane->id), schedule.spans(lane->id),
                            QRectF(100, 40 + 60 * static_cast<double>(seen.size()), 1000, 60), scene.scale});
        for (const double ratio : {1.0, 1.5, 2.0}) {
            const auto drawn = [&](std::vector<double> edges) {
                QImage image(QSize(1100, 200) * ratio, QImage::Format_RGB32);
                image.setDevicePixelRatio(ratio);
                image.fill(Qt::white);
                QPainter painter(&image);
                Ink ink(painter);
                const Stems stems(seen, 20, ratio);
                for (std::size_t i = 0; i + 1 < edges.size(); ++i)
                    stems.paint(ink, edges[i], edges[i + 1]);
                return image;
            };
            const QImage image = drawn({20, 200});
            const auto coloured = [&](double x) {
                int rows = 0;
                for (int y = 0; y < image.height(); ++y)
                    rows += image.pixel(static_cast<int>(std::floor((x + 0.5) * ratio)), y) != 0xffffffff;
                return rows;
            };
            const auto& look = look_of_kind(kind_of(body_type<MarkerBody>));
            const double high = look.head_y(seen.back(), MarkerBody{}) + 1 - 20;
            const double pinned = std::round(scene.scale.x(seen.back().resolved.pins.back().time));
            QVERIFY(std::abs(coloured(pinned) - high * ratio) <= 1);
            QVERIFY(std::abs(coloured(350) - high * ratio * 4 / 6) <= 4 * ratio);
            QCOMPARE(coloured(420), 0);
            QVERIFY(drawn({20, 41, 63, 100, 101, 200}) == image);
        }
    }

    void the_waveform_is_as_high_as_the_sound() {
        std::vector<float> samples(4000);
        for (std::size_t i = 0; i < samples.size(); ++i)
            samples[i] = (i % 2 == 0 ? 1.0f : -1.0f) * (i < 2000 ? 0.5f : 0.25f);
        const auto picture = picture_of(samples, 1);
        SongLook look;
        const auto draw = [&] {
            return paint_tile(SongRow::Wave, picture, look, day_palette(), Seconds(0), 50, {200, 100});
        };
        QImage image = draw();
        QVERIFY(std::abs(inked(image, 50, 0, 100) - 50) <= 2);
        QVERIFY(std::abs(inked(image, 150, 0, 100) - 25) <= 2);
        look.wave_height = 2; // a magnifying glass, never louder
        image = draw();
        QVERIFY(std::abs(inked(image, 150, 0, 100) - 50) <= 2);
        look.wave_height = 40;
        image = draw();
        QCOMPARE(inked(image, 50, 0, 100), 100);
        QCOMPARE(inked(paint_tile(SongRow::Wave, picture, look, day_palette(), Seconds(50), 50, {200, 100}),
                       10, 0, 100),
                 0);
    }

    void left_and_right_have_their_own_strips() {
        std::vector<float> samples;
        for (int i = 0; i < 4000; ++i) {
            samples.push_back(i % 2 == 0 ? 0.8f : -0.8f);
            samples.push_back(0.0f);
        }
        const auto picture = picture_of(samples, 2);
        SongLook look;
        look.channels = SongLook::Channels::LeftAndRight;
        const auto image =
            paint_tile(SongRow::Wave, picture, look, day_palette(), Seconds(0), 50, {200, 100});
        QVERIFY(inked(image, 60, 0, 50) > 34);
        QVERIFY(inked(image, 60, 50, 100) <= 3);
    }

    void single_samples_are_drawn_as_dots_on_a_line() {
        std::vector<float> samples(100, 0.0f);
        samples[50] = 1.0f;
        const auto picture = picture_of(samples, 1);
        const auto image =
            paint_tile(SongRow::Wave, picture, {}, day_palette(), Seconds(0.045), 20'000, {200, 100});
        QVERIFY(inked(image, 100, 0, 10) > 0); // the sample stands at 0.050 s: a hundred pixels in
        QCOMPARE(inked(image, 60, 0, 10), 0);
        QVERIFY(inked(image, 10, 45, 55) > 0);
    }

    // Perceptually even: over the whole scale the lightness falls, step by step.
    void the_spectrum_gets_darker_as_it_gets_louder() {
        std::vector<float> samples(48'000 * 2);
        for (std::size_t i = 0; i < samples.size(); ++i)
            samples[i] = static_cast<float>(i) / static_cast<float>(samples.size()) *
                         std::sin(0.4f * static_cast<float>(i));
        SongPicture picture;
        picture.samples = store_of(samples, {48000, 1});
        PeaksBuilder builder;
        builder.append(samples);
        picture.outline = std::make_shared<const SoundOutline>(48000, std::move(builder).finish());
        picture.spectrum = std::make_shared<const SpectrumMap>(*make_spectrum_map(*picture.samples));
        SongLook look;
        look.spectrum = SongLook::Spectrum::Logarithmic;
        const auto image =
            paint_tile(SongRow::Spectrum, picture, look, day_palette(), Seconds(0), 100, {200, 60});
        const QImage on_paper = [&] {
            QImage paper(image.size(), QImage::Format_RGB32);
            paper.fill(day_palette().paper);
            QPainter(&paper).drawImage(0, 0, image);
            return paper;
        }();
        int row = 0; // the band of the tone is the darkest one
        for (int y = 0; y < 60; ++y)
            if (on_paper.pixelColor(190, y).lightness() < on_paper.pixelColor(190, row).lightness())
                row = y;
        int last = 256;
        for (int x = 10; x < 190; x += 20) {
            const int lightness = on_paper.pixelColor(x, row).lightness();
            QVERIFY(lightness <= last + 2);
            last = lightness;
        }
        QVERIFY(on_paper.pixelColor(190, row).lightness() < on_paper.pixelColor(10, row).lightness() - 30);
    }

    void tiles_arrive_and_are_forgotten_with_their_song() {
        SongTiles tiles;
        tiles.set_song(picture_of(std::vector<float>(8000, 0.5f), 1));
        QImage canvas(800, 100, QImage::Format_RGB32);
        const TimeScale scale{0, 800, Seconds(0), 100};
        const auto paint = [&] {
            canvas.fill(Qt::white);
            QPainter painter(&canvas);
            tiles.paint(painter, SongRow::Wave, QRectF(0, 0, 800, 100), scale, 1);
        };
        paint();
        QTRY_VERIFY(tiles.complete());
        paint();
        QVERIFY(canvas.pixelColor(400, 40) != QColor(Qt::white));
        tiles.set_song({});
        paint();
        QCOMPARE(canvas.pixelColor(400, 40), QColor(Qt::white));
        for (int i = 0; i < 50; ++i) { // songs that come and go faster than they are drawn
            tiles.set_song(picture_of(std::vector<float>(8000, 0.1f), 1));
            paint();
            tiles.set_song({});
        }
    }

    void every_kind_of_lane_can_be_drawn_and_pointed_at() {
        Project project =
            with_random_pins(with_lane(steady_project(), kind_of(body_type<SoundBody>), "Sound"), 4, 60);
        project = *with_pins(project, lane_of_kind(project, kind_of(body_type<SoundBody>)),
                             {{{}, TimeAnchor{Seconds(5)}, sound(0, 20), {}}});
        project = with_lane(project, kind_of(body_type<TriggerBody>), "Flash");
        TriggerBody second;
        second.row = 1;
        second.to = Colour{0x102030};
        project = *with_pins(
            project, lane_of_kind(project, kind_of(body_type<TriggerBody>)),
            {{{}, TimeAnchor{Seconds(5)}, TriggerBody{}, {}}, {{}, TimeAnchor{Seconds(9)}, second, {}}});
        const Schedule schedule(project);
        ViewState view;
        view.select({project.lanes[0]->pins[0].id});
        const Scene scene{
            project, nullptr, schedule, view, night_palette(), TimeScale{0, 800, Seconds(0), 13}, {}};
        for (std::size_t i = 0; i < project.lanes.size(); ++i) {
            const auto& row = look_of_kind(project.lanes[i]->kind);
            const Lane& kind = *project.lanes[i];
            const LaneSpans spans = spans_of(project, kind, schedule[i]);
            const double height = row.height(spans);
            const LaneScene lane{scene, kind, schedule[i], spans, QRectF(0, 0, 800, height), scene.scale};
            QImage canvas(800, static_cast<int>(height), QImage::Format_RGB32);
            canvas.fill(night_palette().paper);
            const QImage empty = canvas;
            QPainter painter(&canvas);
            row.paint(painter, lane);
            painter.end();
            QVERIFY(canvas != empty);
            const auto& pin = *std::find_if(schedule[i].pins.begin(), schedule[i].pins.end(),
                                            [](const ResolvedPin& p) { return p.time > Seconds(1); });
            const auto under =
                row.grip(lane, {scene.scale.x(pin.time) + 1, row.head_y(lane, kind.pins[pin.index].body)});
            QVERIFY(under.has_value());
        }
    }
};

PULSEPIN_TEST_CLASS(TestTimeline, "test_timeline")
#include "test_timeline.moc"
