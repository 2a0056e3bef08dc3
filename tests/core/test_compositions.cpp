// SPDX-License-Identifier: GPL-3.0-or-later
//
// Ready things that move: those that ship, what is kept of a project, what becomes of them where they are
// used, and what is looked at while something is tried.
#include "base/text_file.h"
#include "fields/within_limits.h"
#include "hand/composition.h"
#include "hand/filled_places.h"
#include "hand/stage_hand.h"
#include "hand/tried.h"
#include "interchange/composition_file.h"
#include "interchange/project_json.h"
#include "kinds/kinds.h"
#include "kinds/layer_kinds.h"
#include "model/edits.h"
#include "model/lane_edits.h"
#include "model/pin_edits.h"
#include "model/stage_edits.h"
#include "stage/effects.h"
#include "stage/staged_frame.h"
#include "support/projects.h"
#include "support/test_program.h"

#include <QTemporaryDir>
#include <QTest>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

constexpr Ticks bars(int count) {
    return Ticks(count * 4 * ticks_per_beat);
}

Project with_rows(Project project) {
    Detection found;
    for (const char* name : {"kick", "snare", "hat"}) {
        OnsetRow row;
        row.name = name;
        for (int beat = 0; beat < 100; ++beat)
            row.onsets.push_back({Seconds(0.5 * beat + (row.name == "hat" ? 0.25 : 0)), 1.0f});
        found.rows.push_back(std::move(row));
    }
    project.detection = std::make_shared<const Detection>(found);
    return project;
}

/// What lies outside of a stretch, with a frame's room for what comes early or fades.
bool lies_in(const Project& project, const Lane& lane, Ticks from, Ticks until) {
    const auto pins = resolve(project, lane).pins;
    return std::ranges::all_of(pins, [&](const ResolvedPin& pin) {
        return pin.time > project.grid->time_at(from) - Seconds(0.05) &&
               pin.time < project.grid->time_at(until) + Seconds(0.05);
    });
}

} // namespace

class TestCompositions : public QObject {
    Q_OBJECT
private slots:
    // Words, pictures and colours are filled wherever they stand; two colours may change places.
    void places_are_filled() {
        Project project = steady_project();
        const auto used = [&](const char* name) {
            for (const auto& one : ready_compositions())
                if (one.name == name)
                    return *with_composition(project, one, {bars(2), bars(6)});
            return CompositionUsed{project, {}, {}};
        };
        const auto strobe = used("Strobe in two colours");
        QVERIFY(strobe.layer.value != 0);
        const ParamValues there = places_of(strobe.project, strobe.layer);
        const Colour warm = there.colour("colour-1"), cold = there.colour("colour-2");
        QVERIFY(warm != cold);
        const auto swapped =
            with_places_filled(strobe.project, strobe.layer, {{"colour-1", cold}, {"colour-2", warm}});
        QVERIFY2(swapped.has_value(), swapped ? "" : swapped.error().message().c_str());
        const auto colours = [](const Project& of) {
            std::vector<Colour> all;
            for (const auto& layer : of.stage->layers)
                if (layer.kind == layers::shape)
                    all.push_back(layer.colour);
            return all;
        };
        const auto before = colours(strobe.project), after = colours(*swapped);
        QCOMPARE(after, (std::vector<Colour>{before[1], before[0]}));
        // Of a title and a picture.
        const auto card = used("Cut-out over a turning ground");
        const ClipId clip = project.bin->front().id;
        const auto filled =
            with_places_filled(card.project, card.layer, {{"picture-1", static_cast<double>(clip.value)}});
        QVERIFY(filled.has_value());
        QCOMPARE(places_of(*filled, card.layer).number("picture-1"), static_cast<double>(clip.value));
        QVERIFY(!with_places_filled(card.project, card.layer, {{"picture-1", 98765.0}}));
        QVERIFY(!with_places_filled(card.project, LayerId{98765}, {}));
        const auto title = used("Word that hits with the kick");
        const auto worded =
            with_places_filled(title.project, title.layer, {{"words-1", std::string("two\nlines")}});
        QVERIFY(worded.has_value());
        QCOMPARE(places_of(*worded, title.layer).text("words-1"), std::string("two\nlines"));
        // What is not told stays.
        QVERIFY(same_content(*with_places_filled(title.project, title.layer, {}), title.project));
    }

    // Let go on a section, a marker, a row of onsets, a shot: there it lies.
    void it_lies_where_it_is_let_go() {
        Project project = with_rows(steady_project()); // 120 BPM: a bar is two seconds
        Detection found = *project.detection;
        found.sections = {{Seconds(0), Seconds(16), "A"}, {Seconds(16), Seconds(40), "B"}};
        project.detection = std::make_shared<const Detection>(found);
        const auto lane_of = [&](LaneKind kind, std::vector<double> beats, auto body) {
            project = with_lane(project, kind, "lane");
            const LaneId lane = project.lanes.back()->id;
            for (const double beat : beats)
                project = *with_pins(
                    project, lane,
                    {{{}, MusicalAnchor{Ticks(static_cast<std::int64_t>(beat * ticks_per_beat))}, body, {}}});
            return lane;
        };
        const LaneId marks = lane_of(kind_of(body_type<MarkerBody>), {4, 12, 12, 20}, MarkerBody{}),
                     cuts = lane_of(kind_of(body_type<CutBody>), {0, 2.5, 8}, CutBody{});
        const auto over = [&](CompositionPlace place, std::optional<TimeSpan> range = {}) {
            const auto use = use_let_go(project, place, range);
            return use ? std::pair(use->from, use->until) : std::pair(Ticks(-1), Ticks(-1));
        };
        const auto beats = [](double from, double until) {
            return std::pair(Ticks(static_cast<std::int64_t>(from * ticks_per_beat)),
                             Ticks(static_cast<std::int64_t>(until * ticks_per_beat)));
        };
        QCOMPARE(over({.at = Seconds(20)}), beats(32, 80));
        QCOMPARE(over({.at = Seconds(20)}, TimeSpan{Seconds(18), Seconds(22)}), beats(36, 44));
        QCOMPARE(over({.at = Seconds(30)}, TimeSpan{Seconds(18), Seconds(22)}), beats(32, 80)); // beside it
        QCOMPARE(over({.at = Seconds(3), .lane = marks}), beats(4, 12));   // of the marker before
        QCOMPARE(over({.at = Seconds(7), .lane = marks}), beats(12, 20));  // two on one beat are one
        QCOMPARE(over({.at = Seconds(11), .lane = marks}), beats(20, 36)); // the last: four bars
        const PinId second = project.lane(marks)->pins[1].id;
        QCOMPARE(over({.at = Seconds(5.98), .lane = marks, .pin = second}),
                 beats(12, 20)); // just before its middle
        QCOMPARE(over({.at = Seconds(2), .lane = cuts}), beats(2.5, 8));
        // On a row: what it placed on onsets or beats is on those.
        const auto used = [&](const std::string& row) {
            auto use = *use_let_go(project, {.at = Seconds(20), .row = row}, {});
            for (const auto& one : ready_compositions())
                if (one.name == "Strobe in two colours")
                    return *with_composition(project, one, use);
            return CompositionUsed{project, {}, {}};
        };
        const auto on_hats = used("hat");
        QVERIFY(!on_hats.lanes.empty());
        int off_beat = 0, all = 0;
        for (const LaneId lane : on_hats.lanes)
            for (const auto& pin : resolve(on_hats.project, *on_hats.project.lane(lane)).pins) {
                ++all;
                off_beat += std::abs(std::fmod(pin.time.value, 0.5) - 0.25) < 1e-6;
            }
        QVERIFY(all > 0);
        QCOMPARE(off_beat, all);
        Project without = project;
        without.grid = nullptr;
        QVERIFY(!use_let_go(without, {.at = Seconds(1)}, {}));
    }

    void those_that_ship_are_whole() {
        const auto& all = ready_compositions();
        QVERIFY2(all.size() >= 20, qPrintable(QString::number(all.size())));
        std::set<std::string> names;
        for (const auto& one : all) {
            QVERIFY(!one.name.empty() && !one.told.empty() && names.insert(one.name).second);
            QVERIFY(!beyond_limits(one.piece, {}));
        }
        QCOMPARE(all.size(), std::size_t{27}); // none fell out while it was made
    }

    void each_moves_the_picture_in_its_stretch_and_nothing_else_data() {
        QTest::addColumn<int>("which");
        for (std::size_t i = 0; i < ready_compositions().size(); ++i)
            QTest::newRow(ready_compositions()[i].name.c_str()) << static_cast<int>(i);
    }
    void each_moves_the_picture_in_its_stretch_and_nothing_else() {
        QFETCH(int, which);
        const Composition& one = ready_compositions()[static_cast<std::size_t>(which)];
        for (const bool heard : {true, false}) { // rows of onsets, or none
            Project project = with_random_pins(steady_project(), 3, 30);
            if (heard)
                project = with_rows(project);
            const auto used = with_composition(project, one, {bars(4), bars(10)});
            QVERIFY2(used.has_value(), used ? "" : used.error().message().c_str());
            QVERIFY(!beyond_limits(used->project, project));
            QVERIFY(!used->lanes.empty());
            for (const auto& lane : project.lanes) // those that were there are the very same
                QCOMPARE(used->project.lane(lane->id), lane.get());
            for (const LaneId id : used->lanes) {
                const Lane& lane = *used->project.lane(id);
                QVERIFY(lies_in(used->project, lane, bars(4), bars(10)));
                QVERIFY(lane.kind->follows || !lane.pins.empty());
                if (part_of<Motion>(lane))
                    QVERIFY(used->project.stage->layer(part_of<Motion>(lane)->own.target.layer));
            }
            // Something is seen that was not, and it is another at another moment; none of it before.
            const Curves before{Schedule(project)}, after{Schedule(used->project)};
            const auto rate = project.settings->frame_rate;
            std::vector<StagedFrame> seen;
            for (int frame = 0; frame < 240; frame += 3)
                seen.push_back(
                    staged_at(after, rate.frame_at(project.grid->time_at(bars(4))) + Frames(frame)));
            const bool follows =
                used->project.lane(used->lanes.front())->kind->follows; // is computed in its own time
            QVERIFY(follows || std::ranges::adjacent_find(seen, std::not_equal_to()) != seen.end());
            for (const double beat : {2.0, 45.0}) { // before it, and when it is over
                const Frames frame = rate.frame_at(project.grid->time_at(Beats(beat)));
                const auto one_frame = staged_at(before, frame).camera,
                           other = staged_at(after, frame).camera;
                for (const char* value : {"scale", "position-x", "position-y", "rotation", "opacity"})
                    QCOMPARE(other.of(value), one_frame.of(value));
                for (const auto& use : used->project.stage->layers.back().effects)
                    if (use.effect != "tint" && use.effect != "grain") // which are there all the time
                        QVERIFY2(std::abs(other.of(effect(use.effect)->parameters.front().id)) < 1e-9,
                                 use.effect.c_str());
            }
            // It is a project that can be saved, and read as it is.
            const auto text = project_to_json(used->project, "/");
            const auto read = project_from_json(text, "/");
            QVERIFY2(read.has_value(), read ? "" : read.error().message().c_str());
            QCOMPARE(project_to_json(*read, "/"), text);
        }
    }

    void a_file_of_one_is_the_same_again() {
        QTemporaryDir dir;
        for (const auto& one : ready_compositions()) {
            const auto path = std::filesystem::path(dir.filePath("c.json").toStdString());
            QVERIFY(write_composition(one, path));
            const auto read = read_composition(path);
            QVERIFY2(read.has_value(), read ? "" : read.error().message().c_str());
            QCOMPARE(read->name, one.name);
            QCOMPARE(read->told, one.told);
            QCOMPARE(read->length, one.length);
            QCOMPARE(project_to_json(read->piece, "/"), project_to_json(one.piece, "/"));
        }
    }

    void damaged_files_are_refused_by_name_data() {
        QTest::addColumn<QString>("text");
        QTest::newRow("empty") << "";
        QTest::newRow("no composition") << "{}";
        QTest::newRow("a project") << R"({"format": "pulsepin-project"})";
        QTest::newRow("no piece") << R"({"format":"pulsepin-composition","name":"x","told":"","beats":4})";
        QTest::newRow("no beats")
            << R"({"format":"pulsepin-composition","name":"x","told":"","beats":0,"piece":{}})";
        QTest::newRow("too many")
            << R"({"format":"pulsepin-composition","name":"x","told":"","beats":1e300,"piece":{}})";
        QTest::newRow("no project")
            << R"({"format":"pulsepin-composition","name":"x","told":"","beats":4,"piece":{"format":7}})";
        QTest::newRow("no name")
            << R"({"format":"pulsepin-composition","name":"","told":"","beats":4,"piece":{}})";
        QTest::newRow("a list") << "[1, 2]";
    }
    void damaged_files_are_refused_by_name() {
        QFETCH(QString, text);
        QTemporaryDir dir;
        const auto path = std::filesystem::path(dir.filePath("it's <b>.json").toStdString());
        QVERIFY(write_text_file(path, text.toStdString()));
        const auto read = read_composition(path);
        QVERIFY(!read);
        QVERIFY(read.error().message().find("it's <b>.json") != std::string::npos);
    }

    // Bytes changed at random never do more than be refused.
    void torn_files_are_refused_or_used() {
        QTemporaryDir dir;
        const auto path = std::filesystem::path(dir.filePath("c.json").toStdString());
        QVERIFY(write_composition(ready_compositions().front(), path));
        const std::string whole = *read_text_file(path);
        std::mt19937 random(11);
        const Project project = steady_project();
        for (int i = 0; i < 300; ++i) {
            std::string torn = whole;
            for (int k = 0; k < 3; ++k)
                torn[random() % torn.size()] = "0123456789-{}[]\",:abz"[random() % 21];
            QVERIFY(write_text_file(path, torn));
            if (const auto read = read_composition(path))
                if (const auto used = with_composition(project, *read, {bars(1), bars(3)}))
                    QVERIFY(project_from_json(project_to_json(used->project, "/"), "/").has_value());
        }
    }

    // Two layers with a pulse on one and a title that appears: kept from bar 2 to 6, used from bar 10 to 18.
    void what_is_kept_comes_again_as_long_as_it_is_wanted() {
        Project project = with_rows(steady_project());
        Layer disc{{}, layers::shape, "Disc"}, words{{}, layers::title, "Words"};
        words.text = "la";
        project = *with_layer(project, disc);
        const LayerId first = project.stage->layers[project.stage->layers.size() - 2].id;
        project = *with_layer(project, words);
        const LayerId second = project.stage->layers[project.stage->layers.size() - 2].id;
        project = with_lane(project, kind_of(body_type<KeyBody>), "Disc · scale");
        const LaneId keys = project.lanes.back()->id;
        Motion motion = *part_of<Motion>(*project.lanes.back());
        motion.own.target = {first, "scale"};
        project = *with_motion(project, keys, motion);
        const auto at = [](int bar, int beat) {
            return MusicalAnchor{bars(bar) + Ticks(beat * ticks_per_beat)};
        };
        project = *with_pins(project, keys,
                             {{{}, at(2, 0), KeyBody{100}, {}},
                              {{}, at(2, 1), KeyBody{120}, {}},
                              {{}, at(5, 3), KeyBody{90}, {}}});
        auto shown = with_lane_of_appearances(project, second, kind_of(body_type<AppearanceBody>));
        QVERIFY(shown.has_value());
        project = shown->project;
        const LaneId lane = shown->lane;
        std::vector<PinId> own;
        for (const auto& pin : project.lane(lane)->pins)
            own.push_back(pin.id);
        project = without_pins(project, own);
        AppearanceBody all, one;
        all.length = {Length::Unit::InBeats, 16};
        one.length = {Length::Unit::InBeats, 2};
        project = *with_pins(project, lane, {{{}, at(2, 0), all, {}}, {{}, at(5, 2), one, {}}});

        const std::vector<LayerId> chosen{first, second};
        const auto kept = composition_of(project, chosen, "Both", bars(2), bars(6));
        QVERIFY2(kept.has_value(), kept ? "" : kept.error().message().c_str());
        QCOMPARE(kept->length, bars(4));
        QCOMPARE(kept->piece.lanes.size(), std::size_t{2});
        const auto used = with_composition(project, *kept, {bars(10), bars(18), {}, {}, "other words"});
        QVERIFY2(used.has_value(), used ? "" : used.error().message().c_str());
        QCOMPARE(used->lanes.size(), std::size_t{2});
        const Layer* group = used->project.stage->layer(used->layer);
        QVERIFY(group && group->kind == layers::group && group->name == "Both");
        std::vector<double> beats;
        for (const auto& pin : used->project.lane(used->lanes[0])->pins)
            beats.push_back(static_cast<double>(std::get<MusicalAnchor>(pin.anchor).at.value) /
                            ticks_per_beat);
        QCOMPARE(beats, (std::vector<double>{40, 41, 71})); // the last one beat before its end, as it was
        const auto& shows = used->project.lane(used->lanes[1])->pins;
        QCOMPARE(body_of<AppearanceBody>(shows[0].body).length.amount, 32.0); // all of it
        QCOMPARE(body_of<AppearanceBody>(shows[1].body).length.amount, 2.0);
        int titles = 0;
        for (const auto& layer : used->project.stage->layers)
            titles += layer.text == "other words";
        QCOMPARE(titles, 1);
        // Used twice, each is apart from the other.
        const auto again = with_composition(used->project, *kept, {bars(20), bars(24)});
        QVERIFY(again.has_value());
        QVERIFY(again->layer != used->layer);
        QVERIFY(same_content(*with_composition(project, *kept, {bars(10), bars(18), {}, {}, "other words"})
                                  .map([](const CompositionUsed& u) { return u.project; }),
                             used->project));
    }

    // Where the camera shakes already, the one that comes with it is a second shake, and drives that.
    void effects_of_the_camera_come_beside_those_that_are_there() {
        Project project = with_rows(steady_project());
        const LayerId camera = project.stage->layers.back().id;
        project = *with_effect(project, camera, "shake");
        const auto& ready = ready_compositions();
        const auto punch = std::ranges::find(ready, "Punch-in with shake", &Composition::name);
        QVERIFY(punch != ready.end());
        const auto used = with_composition(project, *punch, {bars(4), bars(8)});
        QVERIFY(used.has_value());
        const Layer& after = used->project.stage->layers.back();
        QCOMPARE(after.effects.size(), std::size_t{2});
        QCOMPARE(after.effects[1].number, 2);
        bool driven = false;
        for (const LaneId id : used->lanes)
            driven =
                driven || part_of<Motion>(*used->project.lane(id))->own.target == Target{camera, "shake#2"};
        QVERIFY(driven);
        QCOMPARE(used->layer, LayerId{}); // it made no layer
    }

    void pictures_are_filled_with_what_is_wanted_or_the_first_there_is() {
        const Project project = steady_project();
        const auto& ready = ready_compositions();
        const auto card = std::ranges::find(ready, "Picture on a card", &Composition::name);
        Project with_pictures = project;
        auto clips = *project.bin;
        for (auto& clip : clips)
            clip.has_picture = true;
        with_pictures.bin = std::make_shared<const std::vector<Clip>>(clips);
        const auto first = with_composition(with_pictures, *card, {bars(1), bars(3)});
        QCOMPARE(first->project.stage->layer(first->layer)->picture, clips[0].id);
        const auto wanted = with_composition(with_pictures, *card, {bars(1), bars(3), {}, clips[3].id});
        QCOMPARE(wanted->project.stage->layer(wanted->layer)->picture, clips[3].id);
        // One that it was kept with comes along, once.
        const std::vector<LayerId> chosen{wanted->layer};
        const auto kept = composition_of(wanted->project, chosen, "Mine", bars(1), bars(3));
        QVERIFY(kept.has_value());
        QCOMPARE(kept->piece.bin->size(), std::size_t{1});
        Project empty = project;
        empty.bin = std::make_shared<const std::vector<Clip>>();
        const auto there = with_composition(empty, *kept, {bars(1), bars(3)});
        QCOMPARE(there->project.bin->size(), std::size_t{1});
        QCOMPARE(there->project.bin->front().path, clips[3].path);
        const auto again = with_composition(there->project, *kept, {bars(5), bars(7)});
        QCOMPARE(again->project.bin->size(), std::size_t{1});
    }

    void what_cannot_be_says_so() {
        const Composition& one = ready_compositions().front();
        Project project = steady_project();
        QVERIFY(!with_composition(project, one, {bars(3), bars(3)}));
        QVERIFY(!composition_of(project, {}, "x", bars(1), bars(2)));
        const std::vector<LayerId> camera{project.stage->layers.back().id}, gone{LayerId{999}};
        QVERIFY(!composition_of(project, gone, "x", bars(1), bars(2)));
        QVERIFY(!composition_of(project, camera, "", bars(1), bars(2)));
        project.grid = nullptr;
        QVERIFY(!with_composition(project, one, {bars(1), bars(3)}));
        QVERIFY(!stretch_meant(project, {}, Seconds(1)));
    }

    void the_stretch_is_the_range_or_the_section_or_four_bars() {
        Project project = steady_project();
        const auto four = stretch_meant(project, {}, Seconds(5));
        QCOMPARE(four->from, bars(2));
        QCOMPARE(four->until, bars(6));
        const auto range = stretch_meant(project, TimeSpan{Seconds(1.02), Seconds(7.1)}, Seconds(5));
        QCOMPARE(range->from, Ticks(2 * ticks_per_beat));
        QCOMPARE(range->until, Ticks(14 * ticks_per_beat));
        Detection found;
        found.sections = {{Seconds(4), Seconds(20), "A"}};
        project.detection = std::make_shared<const Detection>(found);
        QCOMPARE(stretch_meant(project, {}, Seconds(5))->until, bars(10));
        QCOMPARE(stretch_meant(project, {}, Seconds(30))->until, bars(19));
    }

    // -- what is tried

    void two_beats_begin_with_a_beat() {
        const Project project = steady_project(); // 24 frames a second, 120 BPM
        QCOMPARE(two_beats_at(project, Seconds(1.1)).first, Frames(36));
        QCOMPARE(two_beats_at(project, Seconds(1.5)).first, Frames(36));
        QCOMPARE(two_beats_at(project, Seconds(1.1)).length, Frames(24));
        Project without = project;
        without.grid = nullptr;
        QCOMPARE(two_beats_at(without, Seconds(1)).length, Frames(24));
    }

    void an_effect_on_beats_is_there_on_them_and_gone_between() {
        const Project project = steady_project();
        const LayerId camera = project.stage->layers.back().id;
        const TriedLoop loop = two_beats_at(project, Seconds(2));
        std::size_t acting = 0;
        for (const auto& row : effects()) {
            const auto tried = with_effect_on_beats(project, camera, row.id, loop);
            QVERIFY2(tried.has_value(), std::string(row.id).c_str());
            const Curves curves{Schedule(*tried)};
            acting += staged_at(curves, loop.first + Frames(1)).camera !=
                      staged_at(curves, loop.first + Frames(10)).camera;
        }
        QVERIFY2(acting * 10 > effects().size() * 8, qPrintable(QString::number(acting)));
        QVERIFY(!with_effect_on_beats(project, camera, "nothing", loop));
    }

    void an_appearance_is_tried_though_there_is_none() {
        Project project = steady_project();
        Layer words{{}, layers::title, "Words"};
        project = *with_layer(project, words);
        const LayerId layer = project.stage->layers[project.stage->layers.size() - 2].id;
        project = with_lane(project, kind_of(body_type<AppearanceBody>), "Words");
        const LaneId lane = project.lanes.back()->id;
        QVERIFY(!tried_appearance(Schedule(project), lane, {}, Seconds(3))); // nothing is shown yet
        Showing showing;
        showing.layer = layer;
        project = *with_showing(project, lane, showing);
        const auto tried = tried_appearance(Schedule(project), lane, {}, Seconds(3));
        QVERIFY2(tried.has_value(), tried ? "" : tried.error().message().c_str());
        QCOMPARE(tried->span.beat, Frames(72));
        QCOMPARE(tried->project.lane(lane)->pins.size(), std::size_t{1});
        QVERIFY(project.lane(lane)->pins.empty());
        // Its coming, its rest and its going lie in their loops.
        for (const auto part : {AppearancePart::Comes, AppearancePart::Stays, AppearancePart::Goes}) {
            const auto loop = loop_on(tried->project, tried->span, part);
            QCOMPARE(loop.length, Frames(24));
            const Frames looked =
                part == AppearancePart::Comes ? tried->span.comes : tried->span.end - Frames(1);
            QCOMPARE(looked >= loop.first && looked < loop.first + loop.length,
                     part != AppearancePart::Stays);
        }
    }
};

PULSEPIN_TEST_CLASS(TestCompositions, "test_compositions")
#include "test_compositions.moc"
