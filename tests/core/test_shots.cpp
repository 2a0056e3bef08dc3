// SPDX-License-Identifier: GPL-3.0-or-later
//
// Which shot a cut shows and from where; triggers as they act.
#include "interchange/edl.h"
#include "kinds/kinds.h"
#include "model/shot_edits.h"
#include "schedule/lasting.h"
#include "schedule/piece_length.h"
#include "schedule/place.h"
#include "schedule/shots.h"
#include "schedule/triggers.h"
#include "support/projects.h"
#include "support/seed.h"
#include "support/test_program.h"

#include <QTest>
#include <map>
#include <set>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

Picker every_beats(const Project& project, std::int64_t from_bar, std::int64_t until_bar, int every) {
    return {"beats",
            project.grid->ticks_of({from_bar, 1, 0}),
            project.grid->ticks_of({until_bar, 1, 0}),
            {{"every-nth", {{"n", static_cast<double>(every)}, {"offset", 0.0}}}}};
}

const Lane& cuts(const Project& project) {
    return *project.first_lane(body_type<CutBody>);
}

std::vector<CutBody> bodies(const Project& project) {
    std::vector<CutBody> out;
    for (const auto& pin : resolve(project, cuts(project)).pins)
        out.push_back(body_of<CutBody>(cuts(project).pins[pin.index].body));
    return out;
}

Project placed(const Project& project, const Picker& picker, const ShotChoice& choice,
               Frames fade = Frames(0)) {
    CutBody cut;
    cut.fade = fade;
    return place(project, cuts(project).id, picker, {cut, choice})->project;
}

Project with_sections(const Project& project) {
    Detection found;
    found.sections = {{Seconds(0), Seconds(16), "A", false, 1},
                      {Seconds(16), Seconds(32), "B", true, 1},
                      {Seconds(32), Seconds(60), "A", false, 1}};
    return with_detection(project, found, false);
}

Project with_triggers(std::vector<std::pair<double, TriggerBody>> wanted) {
    auto project = with_lane(steady_project(120, 0, 60, "25"), kind_of(body_type<TriggerBody>), "Flash");
    std::vector<Pin> pins;
    for (auto& [beat, body] : wanted)
        pins.push_back({{}, MusicalAnchor{Ticks(std::llround(beat * 960))}, body, {}});
    return *with_pins(project, project.first_lane(body_type<TriggerBody>)->id, pins);
}

std::vector<TriggerSpan> spans(const Project& project) {
    const Lane& lane = *project.first_lane(body_type<TriggerBody>);
    return triggers_of(project, lane, resolve(project, lane));
}

TriggerBody lasting(Length::Unit unit, double amount, int row = 0) {
    TriggerBody body;
    body.length = {unit, amount};
    body.row = row;
    return body;
}

} // namespace

class TestShots : public QObject {
    Q_OBJECT
    using Unit = Length::Unit;

private slots:
    void at_random_none_comes_again_before_all_were_seen() {
        const auto project = steady_project();
        for (const Seed seed : seeds(1, 29)) {
            ShotChoice choice;
            choice.order = ShotChoice::Order::AtRandom;
            choice.seed = seed;
            const auto shown =
                bodies(placed(project, every_beats(project, 1, 10, 2), choice)); // 18 cuts, 6 shots
            QCOMPARE(shown.size(), std::size_t{18});
            for (std::size_t i = 1; i < shown.size(); ++i)
                QVERIFY(shown[i].shot != shown[i - 1].shot);
            std::map<ClipId, int> count;
            for (const auto& cut : shown)
                ++count[cut.shot];
            for (const auto& [shot, times] : count)
                QVERIFY(times >= 2 && times <= 4);
        }
        ShotChoice once;
        once.order = ShotChoice::Order::AtRandom;
        const auto picker = every_beats(project, 1, 10, 2);
        QVERIFY(bodies(placed(project, picker, once)) == bodies(placed(project, picker, once)));
    }

    void weights_are_kept_to() {
        const auto project = steady_project(240, 0, 240); // 960 beats
        ShotChoice choice;
        choice.order = ShotChoice::Order::Weighted;
        const auto bin = *project.bin;
        choice.shots = {{bin[0].id, 2}, {bin[1].id, 1}, {bin[2].id, 1}, {bin[3].id, 0}};
        std::map<ClipId, int> count;
        const auto shown = bodies(placed(project, every_beats(project, 1, 200, 1), choice));
        for (const auto& cut : shown)
            ++count[cut.shot];
        QCOMPARE(count[bin[3].id], 0);
        // Never twice running: of a chain with weights 2, 1, 1 the first is seen 0.4 of the time. The chain's
        // own arithmetic: from the first 1/2 each; from the others 2/3 first, 1/3 the other. p = 2/3 (1 - p).
        const double share = count[bin[0].id] / static_cast<double>(shown.size());
        QVERIFY2(std::abs(share - 0.4) < 0.04, qPrintable(QString::number(share)));
    }

    void sections_have_shots_of_their_own() {
        const auto project = with_sections(steady_project());
        ShotChoice choice;
        choice.order = ShotChoice::Order::BySection;
        const auto after = placed(project, every_beats(project, 1, 30, 4), choice);
        std::set<ClipId> a, b;
        for (const auto& pin : resolve(after, cuts(after)).pins) {
            const auto shot = body_of<CutBody>(cuts(after).pins[pin.index].body).shot;
            (pin.time >= Seconds(16) && pin.time < Seconds(32) ? b : a).insert(shot);
        }
        QCOMPARE(a.size(), std::size_t{3});
        QCOMPARE(b.size(), std::size_t{3});
        for (const auto shot : b)
            QVERIFY(!a.contains(shot));
    }

    void in_points() {
        auto project = steady_project(); // shots of 9 s
        const auto bin = *project.bin;
        ShotChoice choice;
        choice.order = ShotChoice::Order::InTurn;
        choice.shots = {{bin[0].id, 1}, {bin[1].id, 1}};
        choice.start = ShotChoice::Start::Continuing;
        auto shown = bodies(placed(project, every_beats(project, 1, 5, 4), choice)); // 2 s each
        QCOMPARE(shown[0].in_point, Seconds(0));
        QCOMPARE(shown[2].in_point, Seconds(2));
        QCOMPARE(shown[3].in_point, Seconds(2));
        choice.start = ShotChoice::Start::AtInPoint;
        choice.in_point = Seconds(1.5);
        for (const auto& cut : bodies(placed(project, every_beats(project, 1, 5, 4), choice)))
            QCOMPARE(cut.in_point, Seconds(1.5));
        // From a marker that lies on a shot: its picture meets the beat.
        const PinId host{project.next_id};
        project = *with_pins(project, cuts(project).id,
                             {{{}, TimeAnchor{Seconds(40)}, CutBody{bin[0].id, Seconds(1)}, {}}});
        project = *with_pins(project, lane_of_kind(project, kind_of(body_type<MarkerBody>)),
                             {{{}, MarkerAnchor{host, Seconds(2.25)}, MarkerBody{"peak"}, {}}});
        QCOMPARE(marks_on(project, bin[0].id).size(), std::size_t{1});
        choice.start = ShotChoice::Start::AtMarker;
        choice.marker = "peak";
        choice.in_point = Seconds(0);
        shown = bodies(placed(project, every_beats(project, 1, 3, 4), choice));
        QCOMPARE(shown[0].in_point, Seconds(3.25));
        QCOMPARE(shown[1].in_point, Seconds(0)); // there is no such marker on the other shot
    }

    void shots_keep_their_least_length() {
        auto project = steady_project(); // 12 frames a beat
        project = *with_pins(project, cuts(project).id,
                             {{{}, MusicalAnchor{Ticks(9 * 960)}, CutBody{(*project.bin)[0].id, {}}, {}}});
        ShotChoice choice;
        choice.shortest = Frames(24);
        const auto picker = every_beats(project, 1, 5, 1);
        const auto preview = preview_placing(project, cuts(project).id, picker, {CutBody{}, choice});
        QVERIFY(preview && preview->too_close > 0);
        const auto after = placed(project, picker, choice);
        const auto shown = shots_of(after, cuts(after));
        for (std::size_t i = 0; i + 1 < shown.size(); ++i)
            QVERIFY(shown[i].length() >= Frames(24));
        QCOMPARE(preview->outlines.size() + preview->too_close + preview->already_there, std::size_t{16});
    }

    void cameras_show_the_same_moment() {
        auto project = steady_project();
        const auto bin = *project.bin;
        project = *with_camera(project, bin[1].id, Seconds(4));
        project = *with_camera(project, bin[0].id, Seconds(-1.5));
        CutBody second{bin[1].id, Seconds(0), true}, first{bin[0].id, Seconds(0), true};
        project = *with_pins(project, cuts(project).id,
                             {{{}, MusicalAnchor{Ticks(0)}, first, {}},
                              {{}, MusicalAnchor{Ticks(12 * 960)}, second, {}},
                              {{}, MusicalAnchor{Ticks(16 * 960)}, first, {}}});
        auto shown = shots_of(project, cuts(project));
        QCOMPARE(shown[0].in_point, Seconds(1.5));
        QCOMPARE(shown[1].in_point, Seconds(2)); // song 6 s, begun at 4 s
        QCOMPARE(shown[2].in_point, Seconds(9.5));
        QVERIFY(shown[2].too_short); // the camera had stopped: told, and its last picture stands
        // The same moment also after the cut went elsewhere.
        const PinId pins[] = {cuts(project).pins[1].id};
        const auto moved = moved_by(project, pins, Ticks(960));
        QCOMPARE(shots_of(moved, cuts(moved))[1].in_point, Seconds(2.5));
        QVERIFY(!slipped(project, pins[0], Seconds(1)));
        QVERIFY(!with_camera(project, ClipId{9999}, Seconds(0)));
    }

    void slip_roll_ripple_swap_replace() {
        auto project = steady_project();
        const auto bin = *project.bin;
        project = placed(project, every_beats(project, 1, 5, 4), {});
        const auto ids = [&] {
            std::vector<PinId> out;
            for (const auto& pin : resolve(project, cuts(project)).pins)
                out.push_back(pin.id);
            return out;
        }();
        const auto mark_lane = lane_of_kind(project, kind_of(body_type<MarkerBody>));
        project =
            *with_pins(project, mark_lane, {{{}, MarkerAnchor{ids[1], Seconds(1)}, MarkerBody{"hit"}, {}}});
        const auto before = shots_of(project, cuts(project));
        // Slip: the place stays, the pictures and what is marked on them go.
        auto after = *slipped(project, ids[1], Seconds(0.5));
        QCOMPARE(shots_of(after, cuts(after))[1].start, before[1].start);
        QCOMPARE(shots_of(after, cuts(after))[1].in_point, Seconds(0.5));
        QVERIFY(marks_on(after, bin[1].id)[0].at == marks_on(project, bin[1].id)[0].at);
        QCOMPARE(slipped(project, ids[1], Seconds(-3))->pin(ids[1])->body, project.pin(ids[1])->body);
        const auto far = body_of<CutBody>(slipped(project, ids[1], Seconds(99))->pin(ids[1])->body).in_point;
        QVERIFY(far < Seconds(9) && far > Seconds(8.9));
        // Roll: the picture at any frame that both see is the same.
        after = *rolled(project, ids[1], Ticks(960));
        const auto rate = project.settings->frame_rate;
        const auto span = shots_of(after, cuts(after))[1];
        QCOMPARE(span.start, before[1].start + Frames(12));
        QCOMPARE(clip_time(span, span.start, rate), clip_time(before[1], span.start, rate));
        QVERIFY(!rolled(project, ids[1], Ticks(-960)));
        // Ripple: it and all after it.
        after = *rippled(project, ids[1], Ticks(960));
        const auto now = shots_of(after, cuts(after));
        QCOMPARE(now[0].start, before[0].start);
        for (std::size_t i = 1; i < now.size(); ++i)
            QCOMPARE(now[i].start, before[i].start + Frames(12));
        // Swap and replace.
        after = *swapped(project, ids[0], ids[2]);
        QCOMPARE(bodies(after)[0].shot, bin[2].id);
        QCOMPARE(bodies(after)[2].shot, bin[0].id);
        after = *replaced(project, ids[0], bin[5].id);
        QCOMPARE(bodies(after)[0].shot, bin[5].id);
        QVERIFY(!replaced(project, ids[0], ClipId{77777}));
        QVERIFY(!swapped(project, ids[0], project.lane(mark_lane)->pins[0].id));
    }

    void cross_fades_lie_around_the_beat() {
        const auto project = steady_project();
        const auto after = placed(project, every_beats(project, 1, 3, 4), {}, Frames(8));
        const auto shown = shots_of(after, cuts(after));
        QCOMPARE(shown[0].fade, Frames(0)); // nothing to fade from
        QCOMPARE(shown[1].fade, Frames(8));
        QCOMPARE(fade_start(shown[1]), shown[1].start - Frames(4));
        double last = 0;
        for (Frames f = shown[1].start - Frames(5); f <= shown[1].start + Frames(5); f += Frames(1)) {
            const double share = opacity_at(shown[1], f);
            QVERIFY(share >= last);
            last = share;
        }
        QCOMPARE(opacity_at(shown[1], shown[1].start - Frames(5)), 0.0);
        QVERIFY(std::abs(opacity_at(shown[1], shown[1].start) - 5.0 / 9) < 1e-9);
        QCOMPARE(opacity_at(shown[1], shown[1].start + Frames(4)), 1.0);
        // In an edit decision list: a dissolve of 8 frames that begins four before the beat.
        const auto edl = write_edl(after);
        QVERIFY(edl);
        QVERIFY2(edl->find("D    008 00:00:00:00 00:00:") != std::string::npos, edl->c_str());
        QVERIFY(edl->find("* TO CLIP NAME: launch") != std::string::npos);
        // A fade is never longer than the shots that it joins.
        const auto tight = placed(project, every_beats(project, 1, 2, 1), {}, Frames(40));
        for (const auto& span : shots_of(tight, cuts(tight)))
            QVERIFY(span.fade <= Frames(12));
    }

    void a_trigger_lasts_up_to_the_next() { // common practice: up to, not including, the next chosen beat
        const auto project =
            with_triggers({{0, lasting(Unit::UntilNext, 1)}, {2, lasting(Unit::UntilNext, 1)}});
        const auto all = spans(project);
        QCOMPARE(all[0].end, all[1].start); // the end is not part of it
        QCOMPARE(all[1].end, piece_length(project));
    }

    void lengths_in_beats_frames_and_ms() {
        const auto project = with_triggers({{0, lasting(Unit::InBeats, 1.5)},
                                            {4, lasting(Unit::InFrames, 7)},
                                            {8, lasting(Unit::InMilliseconds, 310)},
                                            {12, lasting(Unit::InMilliseconds, 1)}});
        const auto all = spans(project);
        QCOMPARE(all[0].end - all[0].start, Frames(19)); // 0.75 s at 25 frames a second is 18.75 frames
        QCOMPARE(all[1].end - all[1].start, Frames(7));
        QCOMPARE(all[2].end, Frames(108));              // 4.31 s are 107.75 frames
        QCOMPARE(all[3].end - all[3].start, Frames(1)); // never less than one
        for (const auto& span : all)
            QVERIFY(!span.cut_short && !span.hidden);
        QCOMPARE(length_text({Unit::InBeats, 1.5}), std::string("1.5 beats"));
        QCOMPARE(length_text({Unit::InFrames, 1}), std::string("1 frame"));
        QCOMPARE(length_text({Unit::UntilNext, 1}), std::string("until the next"));
    }

    void lengths_that_no_one_would_type_do_no_harm() {
        for (const auto unit : {Unit::InBeats, Unit::InFrames, Unit::InMilliseconds})
            for (const double amount : {-1e18, 0.0, 1e300}) {
                const auto project = with_triggers({{0, lasting(unit, amount)}, {8, lasting(unit, amount)}});
                const auto all = spans(project);
                QVERIFY(all[0].end > all[0].start && all[0].end <= all[1].start);
                QVERIFY(all[1].end > all[1].start);
            }
    }

    void one_row_holds_one_at_a_time() {
        auto project = with_triggers({{0, lasting(Unit::InBeats, 4)},
                                      {2, lasting(Unit::InBeats, 1)},
                                      {2, lasting(Unit::InBeats, 3, 1)},
                                      {2, lasting(Unit::InFrames, 2)}});
        const auto all = spans(project);
        QVERIFY(all[0].cut_short);
        QCOMPARE(all[0].end, Frames(25));
        QVERIFY(all[1].hidden && all[1].end == all[1].start); // of two on one frame the last placed acts
        QVERIFY(!all[2].hidden && all[2].row == 1);           // rows do not disturb each other
        QCOMPARE(all[3].end - all[3].start, Frames(2));
        const auto resolved = resolve(project, *project.first_lane(body_type<TriggerBody>));
        QVERIFY(resolved.pins[1].shares_frame && resolved.pins[3].shares_frame &&
                !resolved.pins[2].shares_frame);
        // A muted one does not end what acts.
        const PinId muted[] = {project.first_lane(body_type<TriggerBody>)->pins[1].id,
                               project.first_lane(body_type<TriggerBody>)->pins[3].id};
        project = with_pins_muted(project, muted, true);
        QVERIFY(!spans(project)[0].cut_short);
        QCOMPARE(spans(project)[0].end, Frames(50));
    }

    void parameters_alternate_ramp_follow_and_vary() {
        auto project = with_lane(with_sections(steady_project()), kind_of(body_type<TriggerBody>), "Flash");
        Detection found = *project.detection;
        OnsetRow row;
        for (int i = 0; i < 8; ++i)
            row.onsets.push_back({Seconds(i * 0.5), static_cast<float>(i) / 8});
        found.rows = {row};
        project = with_detection(project, found, false);
        const auto strengths = [&](Variation::Strength way, std::uint32_t seed = 1) {
            Variation v;
            v.strength = way;
            v.low = 20;
            v.high = 90;
            v.seed = seed;
            const auto preview = preview_placing(project, project.first_lane(body_type<TriggerBody>)->id,
                                                 every_beats(project, 1, 3, 1), {TriggerBody{}, v});
            std::vector<double> out;
            for (const auto& outline : preview->outlines)
                out.push_back(body_of<TriggerBody>(outline.body).strength);
            return out;
        };
        using S = Variation::Strength;
        QCOMPARE(strengths(S::Alternates), (std::vector<double>{90, 20, 90, 20, 90, 20, 90, 20}));
        const auto ramp = strengths(S::Ramps);
        for (int i = 0; i < 8; ++i)
            QVERIFY(std::abs(ramp[static_cast<std::size_t>(i)] - (20 + 10 * i)) < 1e-9);
        const auto onsets = strengths(S::Onsets);
        for (int i = 0; i < 8; ++i)
            QVERIFY(std::abs(onsets[static_cast<std::size_t>(i)] - (20 + 70 * i / 8.0)) < 1e-6);
        const auto random = strengths(S::Random);
        QVERIFY(random == strengths(S::Random) && random != strengths(S::Random, 2));
        for (const double strength : random)
            QVERIFY(strength >= 20 && strength < 90);
        QCOMPARE(strengths(S::Same), std::vector<double>(8, 100));
        Variation v;
        v.colours = Variation::Colours::Ramp;
        v.palette = {Colour{0x000000}, Colour{0xff8000}};
        const auto preview = preview_placing(project, project.first_lane(body_type<TriggerBody>)->id,
                                             every_beats(project, 1, 2, 1), {TriggerBody{}, v});
        QCOMPARE(body_of<TriggerBody>(preview->outlines[0].body).from.rgb, 0x000000u);
        QCOMPARE(body_of<TriggerBody>(preview->outlines[3].body).to.rgb, 0xff8000u);
    }

    void colours_go_from_one_to_the_other() {
        auto body = lasting(Unit::InFrames, 5);
        body.from = {0x000000};
        body.to = {0x64c8ff};
        const TriggerSpan span{{}, 0, Frames(10), Frames(15)};
        QCOMPARE(colour_at(body, span, Frames(10)).rgb, 0x000000u);
        QCOMPARE(colour_at(body, span, Frames(12)).rgb, 0x326480u);
        QCOMPARE(colour_at(body, span, Frames(14)).rgb, 0x64c8ffu);
    }

    void the_bin_may_be_empty() {
        auto project = new_project();
        project = relabelled(project, *BeatGrid::steady(Bpm(120), Seconds(0), {}, Seconds(20)));
        const auto preview = preview_placing(project, cuts(project).id, every_beats(project, 1, 3, 1));
        QVERIFY(preview); // slates, until there are shots
        QCOMPARE(body_of<CutBody>(preview->outlines.front().body).shot, ClipId{});
    }
};

PULSEPIN_TEST_CLASS(TestShots, "test_shots")
#include "test_shots.moc"
