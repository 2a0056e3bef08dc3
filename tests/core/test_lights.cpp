// SPDX-License-Identifier: GPL-3.0-or-later
//
// Lamps: how they are set, patched and lit by a lane, what is kept of them and what edits by name do.
#include "check/checks.h"
#include "fields/within_limits.h"
#include "hand/hand_edits.h"
#include "interchange/exporters.h"
#include "interchange/project_file.h"
#include "lights/lamp_points.h"
#include "lights/patch.h"
#include "support/lanterns.h"
#include "support/test_program.h"

#include <QFile>
#include <random>
#include <set>

using namespace pulsepin;
using namespace pulsepin::test;

class TestLights : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;

private slots:
    // -- the plan and the patch

    void lamps_are_set_in_rows_arcs_rings_and_grids() {
        Project project = steady_project();
        using Shape = LampArrangement::Shape;
        project = *with_lamps(project, {.name = "row", .count = 5, .width = 80});
        const auto x = [&](std::size_t i) { return project.rig->fixtures[i].x; };
        const auto y = [&](std::size_t i) { return project.rig->fixtures[i].y; };
        QCOMPARE(x(0), 10.0);
        QCOMPARE(x(2), 50.0);
        QCOMPARE(x(4), 90.0);
        project =
            *with_lamps(project, {.name = "arc", .count = 3, .shape = Shape::Arc, .y = 50, .height = 20});
        QCOMPARE(y(5), 60.0);
        QCOMPARE(y(6), 40.0); // its middle is highest
        QVERIFY(std::abs(y(7) - 60) < 1e-9);
        project = *with_lamps(project,
                              {.name = "ring", .count = 4, .shape = Shape::Ring, .width = 40, .height = 40});
        QCOMPARE(y(8), 30.0);
        QVERIFY(std::abs(x(9) - 70) < 1e-9 && std::abs(y(9) - 50) < 1e-9);
        project = *with_lamps(
            project,
            {.name = "grid", .count = 6, .shape = Shape::Grid, .columns = 3, .width = 40, .height = 10});
        QCOMPARE(x(12), 30.0);
        QCOMPARE(x(14), 70.0);
        QCOMPARE(y(15), 55.0);
        QCOMPARE(project.rig->name_of(project.rig->fixtures[15].id), std::string("grid 4"));
        QVERIFY(!with_lamps(project, {.name = "", .count = 1}));
        QVERIFY(!with_lamps(project, {.name = "none", .count = 0}));
        QVERIFY(!with_lamps(project, {.name = "many", .count = 20'001}));
    }

    // ANSI E1.11: a universe has 512 channels. 600 channels go on in the next one.
    void the_patch_refuses_what_overlaps_and_goes_on_in_the_next_universe() {
        Project project = steady_project();
        project = *with_lamps(project, {.name = "strip", .count = 200}); // 600 channels
        const auto& fixtures = project.rig->fixtures;
        QCOMPARE(fixtures[169].universe, 1);
        QCOMPARE(fixtures[169].first_channel, 508);
        QCOMPARE(fixtures[170].universe, 2); // 511 to 513 is no place for it
        QCOMPARE(fixtures[170].first_channel, 1);
        QVERIFY(!patch_conflict(*project.rig));
        const LampId one[] = {fixtures[3].id};
        const auto over = patched(project, one, 1, 2);
        QVERIFY(!over && over.error().message().find("channel 2") != std::string::npos);
        QVERIFY(!patched(project, one, 0, 1));
        QVERIFY(!patched(project, one, 64'000, 1));
        QVERIFY(!patched(project, one, 1, 513));
        QVERIFY(patched(project, one, 63'999, 510));
        const LampId all[] = {project.rig->groups.back().id};
        QVERIFY(!patched(project, all, 63'999, 1)); // no universe follows
        const auto again = patched(project, all, 7, 100);
        QVERIFY(again);
        QCOMPARE(again->rig->fixtures[0].universe, 7);
        QCOMPARE(again->rig->fixtures[0].first_channel, 100);
        // A last channel out of the universe, as a file might say.
        const auto beyond = with_changed_lamps(project, one, [](Fixture& lamp) {
            lamp.universe = 9;
            lamp.first_channel = 511;
        });
        QVERIFY(!beyond && beyond.error().message().find("512") != std::string::npos);
    }

    void levels_are_those_of_each_kind_of_lamp() {
        Project project = steady_project();
        Fixture fine;
        fine.kind = Fixture::Kind::Dimmer;
        fine.fine = true;
        Fixture white;
        white.kind = Fixture::Kind::Rgbw;
        project = *with_lamps(project, {.name = "rgb", .count = 1});
        project = *with_lamps(project, {.name = "fine", .count = 1, .like = fine});
        project = *with_lamps(project, {.name = "white", .count = 1, .like = white});
        const std::vector<Lit> lit{{1, 0.5, 0}, {0.2, 0.75, 0.1}, {1, 0.6, 0.4}};
        const auto levels = levels_of(*project.rig, lit);
        QCOMPARE(levels.size(), std::size_t{1});
        // 0.75 of 65535 is 49151.25: 0xbfff.
        QCOMPARE(levels.at(1), (std::vector<std::uint8_t>{255, 128, 0, 0xbf, 0xff, 153, 51, 0, 102}));
        for (std::size_t i = 0; i < lit.size(); ++i) {
            const Lit back = lit_of(project.rig->fixtures[i], levels.at(1));
            QVERIFY(std::abs(std::max({back.red, back.green, back.blue}) -
                             std::max({lit[i].red, lit[i].green, lit[i].blue})) < 0.003);
        }
        QVERIFY(lit_of(project.rig->fixtures[2], std::vector<std::uint8_t>{1, 2}).dark());
    }

    void props_come_from_tables_and_drawings() {
        const auto table = lamp_points_of_csv("x;y\n1,5;2\n");
        QVERIFY(!table); // a decimal comma is no number here, and the head was one already
        const auto csv = lamp_points_of_csv("right,down\r\n10,20\r\n30.5,-4\r\n");
        QVERIFY(csv);
        QCOMPARE(*csv, (std::vector<LampPoint>{{10, 20}, {30.5, -4}}));
        const auto wrong = lamp_points_of_csv("1,2\n3,four\n");
        QVERIFY(!wrong && wrong.error().message().find("Line 2") != std::string::npos);
        QVERIFY(!lamp_points_of_csv(""));
        QVERIFY(!lamp_points_of_csv("only words\n"));

        // SVG 1.1, 7.4: an inner transformation acts first.
        const auto svg =
            lamp_points_of_svg("<svg xmlns='http://www.w3.org/2000/svg'><defs><circle cx='9' cy='9'/></defs>"
                               "<g transform='translate(100,50) scale(2)'><circle cx='3' cy='4' r='1'/>"
                               "<g transform='rotate(90)'><rect x='10' y='-1' width='4' height='2'/></g></g>"
                               "<polyline points='0,0 5,5 10,0'/><line x1='1' y1='2' x2='3' y2='4'/></svg>");
        QVERIFY2(svg, svg ? "" : svg.error().message().c_str());
        QCOMPARE(svg->size(), std::size_t{7});
        QCOMPARE((*svg)[0], (LampPoint{106, 58}));
        QVERIFY(std::abs((*svg)[1].x - 100) < 1e-9 && std::abs((*svg)[1].y - 74) < 1e-9);
        QCOMPARE((*svg)[3], (LampPoint{5, 5}));
        QVERIFY(!lamp_points_of_svg("<svg>"));
        QVERIFY(!lamp_points_of_svg("<svg><circle cx='a' cy='1'/></svg>"));
        std::string deep = "<svg>";
        for (int i = 0; i < 500; ++i)
            deep += "<g>";
        QVERIFY(!lamp_points_of_svg(deep + std::string()));
        // Round pictures stay round on a plan that is wider than high.
        const auto placed = fitted({{0, 0}, {10, 0}, {10, 10}}, 80, 2);
        QCOMPARE(placed[0].x, 30.0);
        QCOMPARE(placed[1].x, 70.0);
        QCOMPARE(placed[2].y, 90.0);
    }

    void what_lights_a_lamp_that_goes_goes_too() {
        Lanterns l;
        l.light({l.far}, 0, held(red));
        l.light({l.lamp(0), l.lamp(4)}, 4, held(red));
        const LampId far[] = {l.far};
        const Project next = without_lamps(l.project, far);
        QCOMPARE(next.rig->fixtures.size(), std::size_t{4});
        QCOMPARE(next.rig->groups.size(), std::size_t{1});
        QCOMPARE(next.lane(l.lane)->pins.size(), std::size_t{1});
        QCOMPARE(body_of<LightBody>(next.lane(l.lane)->pins[0].body).on, (std::vector{l.lamp(4)}));
    }

    // -- the lane

    void patterns_light_lamps_in_their_order() {
        const auto of = [](LightBody::Pattern pattern, auto change) {
            Lanterns l;
            LightBody body = held(saffron);
            body.pattern = pattern;
            change(body);
            l.light({l.far}, 0, body);
            auto all = l.spans();
            all.resize(4);
            return all;
        };
        using Pattern = LightBody::Pattern;
        using All = std::vector<std::vector<std::pair<int, int>>>;
        const auto same = [](LightBody&) {};
        QCOMPARE(of(Pattern::Together, same), (All{{{0, 12}}, {{0, 12}}, {{0, 12}}, {{0, 12}}}));
        QCOMPARE(of(Pattern::Across, same), (All{{{0, 12}}, {{6, 18}}, {{12, 24}}, {{18, 30}}}));
        QCOMPARE(of(Pattern::Across, [](LightBody& b) { b.backwards = true; }),
                 (All{{{18, 30}}, {{12, 24}}, {{6, 18}}, {{0, 12}}}));
        QCOMPARE(of(Pattern::FromMiddle, same), (All{{{6, 18}}, {{0, 12}}, {{0, 12}}, {{6, 18}}}));
        QCOMPARE(of(Pattern::OneByOne, [](LightBody& b) { b.length.amount = 2; }),
                 (All{{{0, 6}}, {{6, 12}}, {{12, 18}}, {{18, 24}}}));
        QCOMPARE(of(Pattern::ByTurns, [](LightBody& b) { b.length.amount = 2; }),
                 (All{{{0, 6}, {12, 18}}, {{6, 12}, {18, 24}}, {{0, 6}, {12, 18}}, {{6, 12}, {18, 24}}}));
        const auto first = of(Pattern::AtRandom, same);
        QCOMPARE(of(Pattern::AtRandom, same), first); // a seed always gives the same
        std::set<int> starts;
        for (const auto& lamp : first)
            starts.insert(lamp.front().first);
        QCOMPARE(starts, (std::set<int>{0, 6, 12, 18}));
        int others = 0;
        for (std::uint32_t seed = 2; seed < 12; ++seed)
            others += of(Pattern::AtRandom, [seed](LightBody& b) { b.seed = seed; }) != first;
        QVERIFY(others >= 7); // one order of 24 comes again now and then
    }

    void colours_and_strengths_go_over_the_length() {
        Lanterns l;
        LightBody fade = held(red);
        fade.to = dark;
        l.light({l.lamp(0)}, 0, fade);
        LightBody shaped = held(red, 2);
        shaped.attack = 25;
        shaped.fall = 50;
        shaped.strength = 80;
        l.light({l.lamp(1)}, 0, shaped);
        QCOMPARE(l.lit(0)[0].red, 1.0);
        QCOMPARE(l.lit(6)[0].red, 0.5);
        QVERIFY(l.lit(12)[0].dark());
        QCOMPARE(l.lit(0)[1].red, 0.0);
        QCOMPARE(l.lit(3)[1].red, 0.4);
        QCOMPARE(l.lit(6)[1].red, 0.8);
        QCOMPARE(l.lit(12)[1].red, 0.8);
        QCOMPARE(l.lit(18)[1].red, 0.4);
        LightBody keyed = held(red);
        keyed.course = {{0, 0}, {50, 100}, {100, 20}};
        l.light({l.lamp(2)}, 0, keyed);
        QCOMPARE(l.lit(3)[2].red, 0.5);
        QCOMPARE(l.lit(9)[2].red, 0.6);
    }

    void the_highest_or_the_latest_counts_and_conflicts_are_told() {
        Lanterns l;
        LightBody weak = held(red, 2);
        weak.strength = 30;
        l.light({l.lamp(0)}, 0, held(red, 4));
        l.light({l.lamp(0)}, 1, weak);
        QCOMPARE(l.lit(18)[0].red, 1.0);
        Lane lane = *l.project.lane(l.lane);
        part_of<Lighting>(lane)->latest = true;
        for (auto& shared : l.project.lanes)
            if (shared->id == l.lane)
                shared = std::make_shared<const Lane>(lane);
        QCOMPARE(l.lit(18)[0].red, 0.3);
        QCOMPARE(l.lit(40)[0].red, 1.0);
        const Schedule schedule(l.project);
        QCOMPARE(std::ranges::count_if(schedule.spans(l.lane).lights.all, &LightSpan::conflict), 2);
        // What lasts until the next does not meet it.
        Lanterns until;
        LightBody open = held(red);
        open.length = {Length::Unit::UntilNext, 1};
        until.light({until.lamp(0)}, 0, open);
        until.light({until.lamp(0)}, 3, held(saffron));
        QCOMPARE(until.spans()[0], (std::vector<std::pair<int, int>>{{0, 36}, {36, 48}}));
        const Schedule apart(until.project);
        QCOMPARE(std::ranges::count_if(apart.spans(until.lane).lights.all, &LightSpan::conflict), 0);
    }

    /// A few lines of a file can ask for more than any memory holds.
    void a_lane_lights_its_lamps_a_million_times_at_most() {
        Lanterns l;
        l.project = *with_lamps(l.project, {.name = "many", .count = 200, .y = 50});
        LightBody turns = held(red, 1e5);
        turns.pattern = LightBody::Pattern::ByTurns;
        turns.each = 1.0 / 64;
        l.light({}, 0, turns);
        const auto lit = [&] { return Schedule(l.project).spans(l.lane).lights; };
        QVERIFY(!lit().all.empty() && lit().all.size() < most_light_spans && !lit().unlit_from);
        const PinId first = l.project.lane(l.lane)->pins.front().id;
        const auto told = [&] {
            const std::string only[] = {"unlit-lamps"};
            return findings({Curves{Schedule(l.project)}}, only);
        };
        QVERIFY(told().empty());
        for (int i = 1; i < 40; ++i)
            l.light({}, i, turns);
        const auto most = lit();
        QVERIFY2(most.all.size() >= most_light_spans && most.all.size() < most_light_spans * 11 / 10,
                 qPrintable(QString::number(most.all.size())));
        QVERIFY(most.unlit_from && *most.unlit_from != first);
        QCOMPARE(told().size(), std::size_t{1});
        QCOMPARE(told().front().pin, *most.unlit_from);
    }

    // Each span that lasts is found however long it is, among many.
    void what_is_lit_is_found_among_many() {
        Lanterns l;
        std::mt19937 random(7);
        for (int i = 0; i < 300; ++i) {
            LightBody body = held(red, 0.25 + static_cast<double>(random() % 64) / 4);
            body.strength = static_cast<double>(1 + random() % 100);
            l.light({l.lamp(random() % 8)}, static_cast<double>(random() % 400) / 4, body);
        }
        const Schedule schedule(l.project);
        const auto& spans = schedule.spans(l.lane).lights.all;
        for (int frame = 0; frame < 1400; frame += 13) {
            std::vector<double> highest(8);
            for (const auto& span : spans)
                if (frame >= span.start.value && frame < span.end.value)
                    highest[span.fixture] = std::max(
                        highest[span.fixture],
                        body_of<LightBody>(l.project.lane(l.lane)->pins[span.index].body).strength / 100);
            const auto lit = l.lit(frame);
            for (std::size_t i = 0; i < 8; ++i)
                QVERIFY(std::abs(lit[i].red - highest[i]) < 1e-9);
        }
    }

    void a_curve_drives_the_strength_of_a_group() {
        Lanterns l;
        l.light({}, 0, held(red, 8));
        l.project = with_lane(l.project, kind_of(body_type<KeyBody>), "Rise");
        const LaneId rise = l.project.lanes.back()->id;
        Motion motion;
        motion.own = {"rise", "%", 0, 100};
        l.project = *with_motion(l.project, rise, motion);
        KeyBody low{0, {}}, high{100, {}};
        l.project = *with_pins(l.project, rise,
                               {{{}, MusicalAnchor{Ticks(0)}, low, {}},
                                {{}, MusicalAnchor{Ticks(4 * ticks_per_beat)}, high, {}}});
        l.project = *with_drive(l.project, l.lane, l.far, rise);
        QVERIFY(std::abs(l.lit(24)[0].red - 0.5) < 0.02);
        QCOMPARE(l.lit(24)[4].red, 1.0);
        QVERIFY(!with_drive(l.project, l.lane, l.far, l.lane)); // that has no curve
        const auto dimmed = with_rig(l.project, [](Rig& rig) { rig.dimmer = 40; });
        QVERIFY(std::abs(lit_at(Curves{Schedule(*dimmed)}, 24)[4].red - 0.4) < 1e-9);
    }

    void edits_light_darken_recolour_and_swap() {
        Lanterns l;
        const auto lit = lit_on_beats(l.project, l.lane, {l.far}, Ticks(0), Ticks(8 * ticks_per_beat),
                                      Ticks(ticks_per_beat), held(red, 0.5));
        QVERIFY(lit);
        QCOMPARE(lit->count, std::size_t{8});
        l.project = lit->project;
        QCOMPARE(lit_on_beats(l.project, l.lane, {l.lamp(1)}, Ticks(0), Ticks(8 * ticks_per_beat),
                              Ticks(ticks_per_beat), held(red))
                     ->count,
                 std::size_t{0}); // lit there already
        // One lamp of a group goes dark, the others stay.
        const std::size_t second[] = {1};
        l.project = *without_lights_at(Schedule(l.project), l.lane, second, 13);
        QVERIFY(l.lit(13)[1].dark());
        QCOMPARE(l.lit(13)[0].red, 1.0);
        QCOMPARE(l.lit(25)[1].red, 1.0);
        const auto far = lights_of_group(l.project, l.lane, l.far);
        QCOMPARE(far.size(), std::size_t{8});
        QVERIFY(lights_of_group(l.project, l.lane, l.near).empty());
        l.project = recoloured(l.project, far, {0x0000ff});
        QCOMPARE(l.lit(25)[1].blue, 1.0);
        QCOMPARE(l.lit(25)[1].red, 0.0);
        l.project = with_rows_swapped(l.project, l.far, l.near);
        QVERIFY(l.lit(25)[1].dark());
        QCOMPARE(l.lit(25)[5].blue, 1.0);
        // Rows further down, no farther than the last.
        Lanterns m;
        m.light({m.lamp(1)}, 0, held(red));
        m.light({m.lamp(6)}, 0, held(red));
        std::vector<PinId> pins;
        for (const auto& pin : m.project.lane(m.lane)->pins)
            pins.push_back(pin.id);
        m.project = with_lights_moved(m.project, pins, 5);
        QCOMPARE(m.lit(0)[2].red, 1.0);
        QCOMPARE(m.lit(0)[7].red, 1.0);
        QVERIFY(m.lit(0)[1].dark());
    }

    // -- files

    void a_rig_is_saved_and_damaged_ones_are_refused() {
        Lanterns l;
        LightBody body = held(red);
        body.pattern = LightBody::Pattern::AtRandom;
        body.course = {{0, 0}, {100, 100}};
        body.each = 0.25;
        l.light({l.far, l.lamp(6)}, 3, body);
        l.project = *with_drive(l.project, l.lane, l.far, {});
        l.project = *with_rig(l.project, [](Rig& rig) {
            rig.dimmer = 60;
            rig.outputs.push_back(
                {.wire = "osc", .to = "10.0.0.7", .port = 9001, .earlier = -40, .off = true});
        });
        const std::filesystem::path file = dir_.filePath("lamps.pulsepin").toStdString();
        const auto saved = save_project(l.project, file);
        QVERIFY2(saved, saved ? "" : saved.error().message().c_str());
        const auto read = load_project(file);
        QVERIFY2(read, read ? "" : read.error().message().c_str());
        QVERIFY(same_content(*read, l.project));
        QFile written(dir_.filePath("lamps.pulsepin"));
        QVERIFY(written.open(QIODevice::ReadOnly));
        const QByteArray text = written.readAll();
        const auto refused = [&](const char* what, const char* by) {
            QByteArray damaged = text;
            if (damaged.indexOf(what) < 0)
                return false;
            damaged.replace(damaged.indexOf(what), static_cast<qsizetype>(std::strlen(what)), by);
            QFile out(dir_.filePath("damaged.pulsepin"));
            return out.open(QIODevice::WriteOnly) && out.write(damaged) == damaged.size() && out.flush() &&
                   !load_project(std::filesystem::path(out.fileName().toStdString()));
        };
        QVERIFY(refused("\"channel\": 4,", "\"channel\": 3,"));
        QVERIFY(refused("\"channel\": 4,", "\"channel\": 600,"));
        QVERIFY(refused("\"universe\": 1", "\"universe\": 64000"));
        QVERIFY(refused("\"kind\": \"rgb\"", "\"kind\": \"candle\""));
        QVERIFY(refused("\"dimmer\": 60", "\"dimmer\": 600"));
    }

    void tables_of_lights_are_written() {
        Lanterns l;
        LightBody fade = held(red);
        fade.to = dark;
        l.light({l.lamp(0)}, 4, fade);
        const ExportMaterial material(l.project);
        const auto cues = exporter("lights-csv")->write(material);
        QVERIFY2(cues, cues ? "" : cues.error().message().c_str());
        QCOMPARE(QString::fromStdString(*cues).split("\r\n")[1],
                 QString("1,Lanterns,far 1,1,1,2.1,2.000000,48,60,#ff0000,#000000,100,0,0"));
        const auto frames = exporter("light-frames-csv")->write(material);
        QVERIFY(frames);
        const auto lines = QString::fromStdString(*frames).trimmed().split("\r\n");
        QCOMPARE(lines[0], QString("frame,seconds,far 1,far 2,far 3,far 4,near 1,near 2,near 3,near 4"));
        QCOMPARE(lines[1 + 48].section(',', 0, 3), QString("48,2.000000,#ff0000,#000000"));
        QCOMPARE(lines[1 + 54].section(',', 2, 2), QString("#800000"));
        QVERIFY(!exporter("lights-csv")->write(ExportMaterial(steady_project())));
    }

    // -- edits by name

    void every_edit_of_lamps_has_a_name() {
        Project project = steady_project();
        const auto done = [&](const char* id, std::initializer_list<const char*> told, double at = 0) {
            const auto* edit = hand_edit(id);
            if (!edit)
                return QString("there is no %1").arg(id);
            const Schedule schedule(project);
            ParamValues values;
            for (const char* setting : told)
                if (auto set = set_from_text(values, edit->parameters, setting); !set)
                    return QString::fromStdString(set.error().message());
            auto edited = edit->run({schedule, {}, Seconds(at), Seconds(at), {}, values_for(*edit, values)});
            if (!edited)
                return QString::fromStdString(edited.error().message());
            project = edited->project;
            return QString();
        };
        QCOMPARE(done("add-lamps", {"name=far", "count=4", "y=30"}), QString());
        QCOMPARE(done("add-lamps", {"name=near", "count=4", "y=70"}), QString());
        QCOMPARE(done("light", {"lamps=far 2, near", "colour-from=#ff0000", "colour-to=#000000"}, 1),
                 QString());
        const Lane* lane = project.first_lane(body_type<LightBody>);
        QVERIFY(lane && lane->pins.size() == 1);
        const auto& body = body_of<LightBody>(lane->pins[0].body);
        QCOMPARE(body.on.size(), std::size_t{2});
        QCOMPARE(body.from, red);
        QCOMPARE(body.to, dark);
        QCOMPARE(done("light-beats", {"lamps=far", "bars=2"}, 4), QString());
        QCOMPARE(project.first_lane(body_type<LightBody>)->pins.size(), std::size_t{9});
        QCOMPARE(done("recolour-lights", {"lamps=far", "colour=#0000ff"}), QString());
        QCOMPARE(done("swap-lamps", {"lamps=far,near"}), QString());
        QCOMPARE(done("dark", {"lamps=near"}, 4.1), QString());
        QCOMPARE(done("patch-lamps", {"lamps=near", "universe=3", "channel=10"}), QString());
        QCOMPARE(project.rig->fixtures[4].universe, 3);
        QCOMPARE(done("output", {"to=192.168.1.40", "priority=150"}), QString());
        QCOMPARE(project.rig->outputs[0].to, std::string("192.168.1.40"));
        QCOMPARE(project.rig->outputs[0].wire, std::string("sacn"));
        QCOMPARE(done("output", {"which=2", "wire=osc"}), QString());
        QCOMPARE(project.rig->outputs.size(), std::size_t{2});
        QCOMPARE(done("rig", {"dimmer=70"}), QString());
        QVERIFY(project.rig->dark_at_start);
        QCOMPARE(project.rig->dimmer, 70.0);
        QVERIFY(done("light", {"lamps=moon"}).contains("moon"));
        QVERIFY(done("delete-lamps", {}).contains("No lamp"));
        QCOMPARE(done("delete-lamps", {"lamps=far"}), QString());
        QCOMPARE(project.rig->fixtures.size(), std::size_t{4});
    }
};

PULSEPIN_TEST_CLASS(TestLights, "test_lights")
#include "test_lights.moc"
