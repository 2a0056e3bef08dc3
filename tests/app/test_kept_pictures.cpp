// SPDX-License-Identifier: GPL-3.0-or-later
//
// Each kind of lane, each head, each kind's row of the score and each effect looks as its kept picture does,
// within a tolerance for other versions of the toolkit. To keep new ones after a change that is meant:
//   PULSEPIN_KEEP_PICTURES=1 build/release/tests/test_kept_pictures
// and look at them (tests/data/pictures) before they are committed.
#include "drawing/kind_look.h"
#include "drawing/score/paint_score.h"
#include "drawing/timeline/pin_heads.h"
#include "hand/stage_hand.h"
#include "kinds/kinds.h"
#include "model/edits.h"
#include "model/lane_edits.h"
#include "model/rig_edits.h"
#include "render/composed.h"
#include "session/document.h"
#include "stage/layer_parameters.h"
#include "support/projects.h"
#include "support/test_program.h"

#include <QApplication>
#include <QDir>
#include <QTest>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

/// How far two pictures are apart: the share of pixels that differ by more than a shade, of those with ink in
/// either.
double apart(const QImage& a, const QImage& b) {
    if (a.size() != b.size())
        return 1;
    const QRgb ground = a.pixel(0, 0);
    int ink = 0, off = 0;
    const auto distance = [](QRgb x, QRgb y) {
        return std::max(
            {std::abs(qRed(x) - qRed(y)), std::abs(qGreen(x) - qGreen(y)), std::abs(qBlue(x) - qBlue(y))});
    };
    for (int y = 0; y < a.height(); ++y)
        for (int x = 0; x < a.width(); ++x) {
            const QRgb one = a.pixel(x, y), other = b.pixel(x, y);
            ink += distance(one, ground) > 24 || distance(other, ground) > 24;
            off += distance(one, other) > 24;
        }
    return ink == 0 ? 0 : static_cast<double>(off) / ink;
}

/// One lane of each kind, with pins that show what it can.
Project all_kinds() {
    Project project = steady_project(120, 0, 12);
    const auto add = [&](LaneKind kind, std::vector<Pin> pins) {
        if (!project.first_lane(kind))
            project = with_lane(project, kind, std::string(kind->plural));
        project = *with_pins(project, lane_of_kind(project, kind), std::move(pins));
    };
    const auto at = [](int beat) { return Anchor(MusicalAnchor{Ticks(960 * beat)}); };
    add(kind_of(body_type<MarkerBody>),
        {{{}, at(1), MarkerBody{"verse", {}, 2, 3, {Length::Unit::InBeats, 3}}, {}},
         {{}, TimeAnchor{Seconds(4.1)}, MarkerBody{"loose"}, {}}});
    const auto shots = project.shots();
    CutBody faded{shots[1]->id, Seconds(1)};
    faded.fade = Frames(12);
    add(kind_of(body_type<CutBody>),
        {{{}, at(0), CutBody{shots[0]->id, Seconds(0)}, {}}, {{}, at(8), faded, {}}});
    SoundBody sound;
    sound.sound = shots[2]->id;
    sound.length = Seconds(4);
    sound.fade_in = sound.fade_out = Seconds(1);
    add(kind_of(body_type<SoundBody>), {{{}, TimeAnchor{Seconds(1)}, sound, {}}});
    TriggerBody second{"glow", {Length::Unit::InBeats, 2}, 60, {0x8040c0}, {0x20a0a0}, 1};
    add(kind_of(body_type<TriggerBody>),
        {{{}, at(2), TriggerBody{"flash", {Length::Unit::InBeats, 1}}, {}}, {{}, at(5), second, {}}});
    const AppearanceBody long_one{{Length::Unit::InBeats, 6}};
    AppearanceBody other{{Length::Unit::InBeats, 3}, 0, 0, 0, 100, true, {0x20a060}, Frames(0), 1, "words"};
    other.row = 1;
    add(kind_of(body_type<AppearanceBody>),
        {{{}, at(2), long_one, {}}, {{}, at(6), long_one, {}}, {{}, at(4), other, {}}});
    add(kind_of(body_type<WordBody>),
        {{{}, at(2), WordBody{"pull", {}, 1, 1}, {}},
         {{}, at(4), WordBody{"the", {}, 1, 2}, {}},
         {{}, at(5), WordBody{"line", {}, 1, 3, {Length::Unit::InBeats, 2}}, {}},
         {{}, at(9), WordBody{"rise", {}, 2, 4, {Length::Unit::InBeats, 3}}, {}}});
    add(kind_of(body_type<NoteBody>),
        {{{}, at(2), NoteBody{"there she goes", 0, {Length::Unit::InBeats, 5}}, {}},
         {{}, at(5), NoteBody{"(breath)", 1, {Length::Unit::InBeats, 2}}, {}}});
    add(kind_of(body_type<ExposureBody>), {{{}, at(1), ExposureBody{"1"}, {}},
                                           {{}, at(3), ExposureBody{"2", 5, Frames(4)}, {}},
                                           {{}, at(7), ExposureBody{"blink"}, {}}});
    add(kind_of(body_type<PulseBody>), {{{}, at(4), PulseBody{}, {}}, {{}, at(12), PulseBody{50}, {}}});
    add(kind_of(body_type<KeyBody>), {{{}, at(1), KeyBody{100, {}}, {}}, {{}, at(10), KeyBody{125, {}}, {}}});
    add(kind_that_follows(), {{{}, at(3), KeyBody{0.2, {}}, {}}, {{}, at(9), KeyBody{0.9, {}}, {}}});
    project = *with_lamps(project, {.name = "far", .count = 4});
    LightBody chase;
    chase.to = {0};
    chase.pattern = LightBody::Pattern::Across;
    LightBody held;
    held.from = held.to = {0xd2362a};
    held.length = {Length::Unit::InBeats, 3};
    held.fall = 40;
    add(kind_of(body_type<LightBody>), {{{}, at(1), chase, {}}, {{}, at(6), held, {}}});
    return project;
}

} // namespace

class TestKeptPictures : public QObject {
    Q_OBJECT

    /// Compares, or keeps where that was asked for.
    static void compare(const QImage& picture, const QString& name) {
        const QString path = QString(PULSEPIN_TESTS "/data/pictures/%1.png").arg(name);
        if (qEnvironmentVariableIsSet("PULSEPIN_KEEP_PICTURES")) {
            QVERIFY(QDir().mkpath(PULSEPIN_TESTS "/data/pictures") && picture.save(path));
            return;
        }
        const QImage kept(path);
        QVERIFY2(!kept.isNull(), qPrintable("there is no kept picture " + path));
        const double off =
            apart(picture.convertToFormat(QImage::Format_RGB32), kept.convertToFormat(QImage::Format_RGB32));
        if (off > 0.12)
            picture.save(QDir::temp().filePath("pulsepin-seen-" + name + ".png"));
        QVERIFY2(off <= 0.12,
                 qPrintable(QString("%1: %2 % of what is drawn is otherwise").arg(name).arg(off * 100)));
    }

    static QImage paper(QSize size) {
        QImage image(size, QImage::Format_RGB32);
        image.fill(day_palette().paper);
        return image;
    }

private slots:
    void kinds_in_the_timeline() {
        const Project project = all_kinds();
        const Schedule schedule(project);
        ViewState view;
        const Scene scene{project, nullptr, schedule, view, day_palette(), TimeScale{0, 480, Seconds(0), 60},
                          {}};
        for (std::size_t i = 0; i < project.lanes.size(); ++i) {
            const auto& look = look_of_kind(project.lanes[i]->kind);
            const double height = look.height(schedule.spans(i));
            QImage canvas = paper({480, static_cast<int>(height)});
            QPainter painter(&canvas);
            look.paint(painter, lane_scene(scene, {i, QRectF(0, 0, 480, height), scene.scale}));
            painter.end();
            compare(canvas, "lane-" + QString::fromUtf8(look.kind.id.data()));
        }
    }

    void heads() {
        for (const auto* kind : kind_looks()) {
            QImage canvas = paper({160, 32});
            QPainter painter(&canvas);
            int x = 16;
            for (const bool chosen : {false, true}) {
                HeadLook look;
                look.kind = LaneKind(kind->kind);
                look.selected = chosen;
                draw_head(painter, look, QPointF(x += 20, 12), day_palette());
                look.muted = true;
                draw_head(painter, look, QPointF(x += 26, 12), day_palette());
            }
            HeadLook outlined;
            outlined.kind = LaneKind(kind->kind);
            outlined.state = HeadState::Outlined;
            draw_head(painter, outlined, QPointF(x += 26, 12), day_palette());
            painter.end();
            compare(canvas, "head-" + QString::fromUtf8(kind->kind.id.data()));
        }
    }

    void kinds_in_the_score() {
        const Project project = all_kinds();
        const Schedule schedule(project);
        ViewState view;
        PhrasePlacement placement;
        placement.grid = project.grid;
        placement.left = 100;
        placement.tracks = score_tracks(schedule);
        placement.layout = ScoreLayout(*project.grid, 4, 100, 500, score_row_height(placement.tracks));
        const Scene scene{project, nullptr, schedule, view, day_palette(), {}, {}};
        const auto& rows = placement.layout.rows();
        const auto first =
            std::find_if(rows.begin(), rows.end(), [](const auto& row) { return row.first_bar == 1; });
        const QRectF rect(0, 0, 600, placement.layout.row_height());
        QImage canvas = paper(rect.size().toSize());
        QPainter painter(&canvas);
        paint_phrase(painter, {scene, placement, nullptr, 2}, static_cast<std::size_t>(first - rows.begin()),
                     rect);
        painter.end();
        compare(canvas, "score-all-kinds");
    }

    void the_running_band() {
        StagedFrame frame;
        frame.band = StagedBand{422,
                                160,
                                3,
                                {{"high", 380, 520, {0x1f2742}, 0, 0, true, true},
                                 {"over", 520, 760, {0x1f2742}, 0, 0, true, false},
                                 {"hoch", 380, 700, {0x1f5f91}, 1, 0, false, true},
                                 {"", 790, 820, {0x1f2742}, 0, 1, false, false},
                                 {"(said outside)", 640, 900, {0xa83226}, 2, 3, false, false}},
                                {260, 980},
                                2};
        compare(composed(frame, {640, 360}), "band");
    }

    void a_line_that_lights_up() {
        StagedFrame frame;
        StagedLayer title{layers::title, LayerId{5}, "pull the line", {}, {0xf7f1e1}, {}};
        title.values.set("lit", 67);
        title.values.set("outline", 4);
        frame.layers = {title};
        compare(composed(frame, {640, 360}), "title-lit");
    }

    void effects_on_a_shape() {
        for (const auto& effect : effects()) {
            StagedFrame frame;
            frame.seconds = 0.1; // in the half of a turn in which a strobe is seen
            StagedLayer kite{layers::shape, LayerId{3}, {}, "kite", {0xd05030}, {}};
            for (const auto& spec : effect.parameters)
                if (spec.type == ParamType::Number || spec.type == ParamType::Whole)
                    kite.values.set(std::string(spec.id), spec.usual_high);
            kite.values.set("scale", 300);
            if (effect.of_earlier_frames) {
                StagedLayer earlier = kite;
                earlier.values.set(std::string(effect.parameters.front().id), 0);
                earlier.values.set("position-x", -200);
                earlier.values.set("opacity", 40);
                kite.echoes = {earlier};
            }
            frame.layers = {kite};
            compare(composed(frame, {240, 136}), "effect-" + QString::fromUtf8(effect.id.data()));
        }
    }

    /// A ground that everything shows on, and a layer over it.
    static QImage over_ground(StagedLayer layer) {
        StagedFrame frame;
        StagedLayer ground{layers::shape, LayerId{9}, {}, "square", {0x2a5a8c}, {}};
        ground.values.set("scale", 2000);
        ground.values.set_option("gradient", "straight");
        ground.values.set_colour("gradient-colour", {0xe0a060});
        ground.values.set("gradient-angle", 0);
        frame.layers = {ground, std::move(layer)};
        return composed(frame, {240, 136});
    }
    static StagedLayer drawn(LayerKind kind) {
        StagedLayer layer{kind, LayerId{3}, "over the\nlevee", "disc", {0xf4b331}, {}};
        layer.values.set_colour("colour", layer.colour);
        for (int i = 0; i < 12; ++i)
            layer.heights.push_back(30 + 60 * std::abs(std::sin(i * 0.7)));
        if (kind == layers::wave)
            layer.heights_begin = 0.5;
        layer.points = {{-400, 120, 0.5}, {-150, -120, 2}, {120, 100, 3}, {400, -140, 1}};
        SparkSource source;
        source.born_until = [](std::int64_t frame) { return 5.0 * static_cast<double>(frame); };
        source.begins = -100;
        source.values_at = [](double) {
            return LayerValues(std::map<std::string, double>{{"spark-size", 30}});
        };
        layer.sparks = sparks_at(source, 50);
        return layer;
    }

    void each_kind_of_layer() {
        for (const LayerKind kind : layer_kinds()) {
            StagedLayer layer = drawn(kind);
            if (kind == layers::group)
                layer.inner = {drawn(layers::shape), drawn(layers::title)};
            if (kind == layers::wave)
                layer.values.set("line-width", 12);
            if (kind == layers::lamps)
                layer.lamps = {{-120, 0, {1, 0.7, 0.2}}, {0, 0, {}}, {120, 0, {0.4, 0, 0}}};
            layer.values.set("scale", kind == layers::shape ? 200 : 100);
            if (kind != layers::shots && kind != layers::picture && kind != layers::camera)
                compare(over_ground(layer), "layer-" + QString::fromUtf8(kind->id.data()));
        }
    }

    void each_way_to_blend() {
        for (const auto& mode : blend_modes()) {
            StagedLayer layer = drawn(layers::shape);
            layer.values.set("scale", 250);
            layer.blend = mode.id;
            compare(over_ground(layer), "blend-" + QString::fromUtf8(mode.id.data()));
        }
    }

    void each_matte() {
        const char* names[] = {"none", "layer-alpha", "layer-light", "own-light", "straight", "round"};
        for (int kind = 1; kind < 6; ++kind) {
            StagedLayer layer = drawn(layers::shape);
            layer.values.set("scale", 300);
            layer.values.set_option("gradient", "straight");
            layer.matte.kind = static_cast<Matte::Kind>(kind);
            StagedLayer star = drawn(layers::shape);
            star.shape = "star";
            star.values.set("scale", 220);
            layer.matte_of = {star};
            if (kind > 3)
                layer.values.set("matte-amount", 60);
            compare(over_ground(layer), QString("matte-") + names[kind]);
        }
    }

    void each_way_to_come() {
        for (const auto& move : moves()) {
            StagedLayer layer = drawn(layers::title);
            Showing showing;
            showing.comes = {std::string(move.id), {Length::Unit::InFrames, 8}, {}};
            const Moved moved = moved_at(showing, {.age = 5, .left = 100, .coming = 8});
            layer.values.set("position-x", moved.x);
            layer.values.set("position-y", moved.y);
            layer.values.set("rotation", moved.rotation);
            layer.values.set("scale", 100 * moved.scale);
            layer.values.set("opacity", 100 * moved.opacity);
            layer.values.set("shown", 100 * moved.shown);
            if (moved.wiped < 1)
                layer.wipe = moved;
            compare(over_ground(layer), "move-" + QString::fromUtf8(move.id.data()));
        }
    }

    void each_ready_look_of_titles() {
        for (const auto& look : ready_looks()) {
            if (!look.of_title)
                continue;
            Layer title{LayerId{3}, layers::title, "Words"};
            put_look(title, look);
            StagedLayer layer = drawn(layers::title);
            layer.values = LayerValues(title);
            layer.colour = title.colour;
            compare(over_ground(layer), "look-" + QString::fromStdString(look.name).replace(' ', '-'));
        }
    }

    void a_title() {
        StagedFrame frame;
        frame.layers = {{layers::title, LayerId{3}, "let it rise", {}, {0xf4b331}, {}}};
        compare(composed(frame, {480, 270}), "title");
    }

    // The measure itself: what is drawn otherwise is seen, what is drawn a little softer is not.
    void the_measure_tells_faults_from_tastes() {
        QImage line = paper({100, 40}), moved = line, softer = line, gone = line;
        QPainter(&line).fillRect(20, 10, 60, 20, Qt::red);
        QPainter(&moved).fillRect(30, 10, 60, 20, Qt::red);
        QPainter(&softer).fillRect(20, 10, 60, 20, QColor(250, 8, 8));
        QVERIFY(apart(line, moved) > 0.2 && apart(line, gone) > 0.9 && apart(line, softer) < 0.01);
    }
};

PULSEPIN_TEST_CLASS(TestKeptPictures, "test_kept_pictures")
#include "test_kept_pictures.moc"
