// SPDX-License-Identifier: GPL-3.0-or-later
//
// What is listened to, and followers of it that are corrected.
#include "follow/corrections.h"
#include "follow/curve_peaks.h"
#include "follow/follow.h"
#include "follow/steps.h"
#include "interchange/project_json.h"
#include "model/onset_edits.h"
#include "support/media.h"
#include "support/projects.h"
#include "support/sounds.h"
#include "support/test_program.h"

#include <QTest>
#include <atomic>
#include <numbers>
#include <thread>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

/// Bursts at whole seconds plus `offset`, each a twentieth of a second long.
std::vector<float> bursts(double hz, float amplitude, double seconds, double offset) {
    std::vector<float> out(static_cast<std::size_t>(seconds * sound_rate), 0.0f);
    for (double at = offset; at < seconds; at += 1)
        for (std::size_t i = 0; i < sound_rate / 20; ++i)
            if (const auto place = static_cast<std::size_t>(at * sound_rate) + i; place < out.size())
                out[place] += amplitude * static_cast<float>(std::sin(2 * std::numbers::pi * hz *
                                                                      static_cast<double>(i) / sound_rate));
    return out;
}

/// Drums at whole seconds on a lane, a tone at half ones in the song.
struct Stems {
    Project project;
    ProjectSounds sounds;
    LaneId lane;
    Stems() {
        project = steady_project(120, 0, 10);
        SoundBody body = sound(0, 9);
        body.sound = project.bin->front().id;
        project = with_lane(project, kind_of(body_type<SoundBody>), "Drums");
        lane = project.lanes.back()->id;
        project = *with_pins(project, lane, {{{}, TimeAnchor{Seconds(0)}, body, {}}});
        sounds.song = {store_of(bursts(300, 0.4f, 10, 0.5), {sound_rate, 1}), "song"};
        sounds.clips[body.sound] = {store_of(bursts(2000, 0.4f, 9, 0), {sound_rate, 1}), "drums"};
    }
    LaneId follower(const Follower& follower) {
        project = with_lane(project, kind_that_follows(), "Curve");
        Motion motion;
        motion.own = {"Curve", "%", 0, 100};
        motion.follower = follower;
        project = *with_motion(project, project.lanes.back()->id, motion);
        return project.lanes.back()->id;
    }
    [[nodiscard]] std::shared_ptr<const FollowerCurve> curve(LaneId id) const {
        Listening listening;
        return follow(project, sounds, listening)->at(id);
    }
};

Pin over(KeyRole role, double value, Seconds at, Length length = {}, double fade = 0.1) {
    KeyBody body;
    body.value = value;
    body.role = role;
    body.length = length;
    body.fade_in = body.fade_out = Seconds(fade);
    return {{}, TimeAnchor{at}, body, {}};
}

} // namespace

class TestListening : public QObject {
    Q_OBJECT
private slots:
    void the_song_a_lane_and_their_sum_are_told_apart() {
        Stems stems;
        const auto level_at = [&](const char* which, double seconds) {
            Follower follower;
            follower.values.set("sound", std::string(which));
            const LaneId id = stems.follower(follower);
            return stems.curve(id)->share_at(seconds * 24);
        };
        const std::string drums = sound_of_lane(stems.lane);
        QVERIFY(level_at("song", 2.525) > 0.2 && level_at("song", 2.025) < 0.02);
        QVERIFY(level_at(drums.c_str(), 2.025) > 0.2 && level_at(drums.c_str(), 2.525) < 0.02);
        QVERIFY(level_at("sum", 2.025) > 0.2 && level_at("sum", 2.525) > 0.2);
        // Muted, a lane can be listened to all the same.
        stems.project = *with_mute_and_solo(stems.project, stems.lane, true, false);
        QVERIFY(level_at(drums.c_str(), 2.025) > 0.2);
        QVERIFY(level_at("sum", 2.025) < 0.02);
    }

    void what_is_not_there_is_flat_and_told() {
        Stems stems;
        Follower follower;
        follower.values.set("sound", std::string("lane 999"));
        const auto curve = stems.curve(stems.follower(follower));
        QVERIFY(curve->trouble.find("gone") != std::string::npos);
        follower.values.set("sound", sound_of_lane(stems.lane));
        const LaneId id = stems.follower(follower);
        stems.sounds.clips.clear();
        QVERIFY(stems.curve(id)->trouble.find("not there") != std::string::npos);
    }

    void names_and_ids_of_sounds() {
        const Stems stems;
        QCOMPARE(lane_of_sound("lane 12"), std::optional(LaneId{12}));
        for (const char* bad : {"lane", "lane ", "lane x", "lane 1x", "song", "lane 0", "lane -1"})
            QVERIFY2(!lane_of_sound(bad), bad);
        QVERIFY(is_sound_id("song") && is_sound_id("sum") && !is_sound_id("drums"));
        QCOMPARE(name_of({sound_of_lane(stems.lane), "percussive", "left"}, stems.project),
                 std::string("percussive part of Drums, left"));
        QCOMPARE(name_of({}, stems.project), std::string("the song"));
    }

    void keys_are_the_same_for_the_same_samples_and_differ_otherwise() {
        Stems stems;
        const auto key = [&](const Listened& listened) {
            return recipe_for(listened, Schedule(stems.project), stems.sounds)->key;
        };
        const std::string lane = sound_of_lane(stems.lane), before = key({lane});
        QCOMPARE(key({lane}), before);
        QVERIFY(key({lane, "percussive"}) != before);
        QVERIFY(key({lane, "percussive"}) != key({lane, "harmonic"}));
        QVERIFY(key({"song", "whole", "left"}) != key({"song"}));
        QCOMPARE(key({"song"}), std::string("song"));
        const PinId pin = stems.project.lane(stems.lane)->pins.front().id;
        auto body = body_of<SoundBody>(stems.project.pin(pin)->body);
        body.gain_line = {{Seconds(1), -6}};
        stems.project = *with_body(stems.project, pin, body);
        QVERIFY(key({lane}) != before);
        for (const char c : key({lane, "percussive"})) // it is a part of a file's name
            QVERIFY(std::isalnum(static_cast<unsigned char>(c)) || c == '-');
    }

    void a_level_is_measured_once_and_by_several_at_a_time() {
        const Stems stems;
        std::atomic<int> saved = 0;
        Listening listening([&](const std::string&) {
            return LevelTracks::Shelf{nullptr, [&](const LevelSpec&, const LevelTrack&) { ++saved; }};
        });
        const auto recipe = *recipe_for({"song"}, Schedule(stems.project), stems.sounds);
        const LevelSpec spec{"rms", "percussive", "both", 0, 0};
        {
            std::vector<std::jthread> threads;
            for (int i = 0; i < 3; ++i)
                threads.emplace_back([&] { QVERIFY(listening.level(recipe, spec).has_value()); });
        }
        QVERIFY(saved >= 1);
        const int before = saved;
        QVERIFY(listening.level(recipe, spec).has_value());
        QCOMPARE(saved.load(), before);
        // Peak and loudness of a part as well.
        for (const char* measure : {"peak", "loudness"}) {
            const auto track = listening.level(recipe, {measure, "percussive", "both", 0, 0});
            QVERIFY(track.has_value() && !(*track)->values.empty());
        }
    }

    // Onsets are the peaks of the function that is followed.
    void the_strength_of_onsets_is_highest_where_something_starts() {
        Stems stems;
        Follower follower;
        follower.source = "onset-strength";
        follower.values.set("function", std::string("flux"));
        follower.values.set("sound", sound_of_lane(stems.lane));
        const auto curve = stems.curve(stems.follower(follower));
        QVERIFY2(curve->trouble.empty(), curve->trouble.c_str());
        const auto tops =
            peaks_of(curve->values(), 0.4f, static_cast<std::size_t>(0.3 * curve->per_second()));
        QVERIFY(tops.size() >= 7 && tops.size() <= 9);
        for (const auto& top : tops) {
            const double at = static_cast<double>(top.index) / curve->per_second();
            QVERIFY2(std::abs(at - std::round(at)) < 0.03, qPrintable(QString::number(at)));
        }
        QVERIFY(std::abs(*std::max_element(curve->values().begin(), curve->values().end()) - 1) < 0.05f);
    }

    void from_and_to_are_stretched_to_the_whole_range() {
        const auto* row = follower_step("from-to");
        QVERIFY(row);
        const ParamValues values{{"from", 0.02}, {"to", 0.2}};
        const auto out = row->apply({0.0f, 0.02f, 0.11f, 0.2f, 0.9f}, {100, values});
        const std::vector<float> wanted{0, 0, 0.5f, 1, 1};
        for (std::size_t i = 0; i < wanted.size(); ++i)
            QVERIFY(std::abs(out[i] - wanted[i]) < 1e-5f);
        const ParamValues swapped{{"from", 0.2}, {"to", 0.02}}; // upside down
        QVERIFY(std::abs(row->apply({0.11f}, {100, swapped})[0] - 0.5f) < 1e-5f);
        const ParamValues same{{"from", 0.1}, {"to", 0.1}};
        QCOMPARE(row->apply({0.05f, 0.2f}, {100, same}), (CurveValues{0, 1}));
    }

    // -- corrections

    void a_top_is_lifted_and_its_neighbours_stay() {
        Stems stems;
        Follower follower;
        follower.values.set("sound", sound_of_lane(stems.lane));
        follower.steps = {{"fill", {}}};
        const LaneId id = stems.follower(follower);
        const auto before = stems.curve(id);
        stems.project = *with_pins(stems.project, id, {over(KeyRole::Lift, -0.5, Seconds(3.02))});
        const auto after = stems.curve(id);
        QCOMPARE(after->stages.size(), before->stages.size() + 1);
        QVERIFY(std::abs(after->share_at(3.02 * 24) - (before->share_at(3.02 * 24) - 0.5)) < 0.02);
        for (const double at : {1.02, 2.02, 2.9, 3.2, 4.02})
            QVERIFY(std::abs(after->share_at(at * 24) - before->share_at(at * 24)) < 1e-6);
    }

    void a_lowered_curve_stops_at_nothing() {
        Project project = with_lane(steady_project(120, 0, 10), kind_that_follows(), "Curve");
        const LaneId id = project.lanes.back()->id;
        project = *with_pins(
            project, id, {over(KeyRole::Lift, -0.8, Seconds(1), {Length::Unit::InMilliseconds, 1000}, 0)});
        const auto spans = over_spans(project, *project.lane(id), resolve(project, *project.lane(id)));
        CurveValues values(30, 0.5f);
        values[12] = -0.25f; // where it was below, it stays
        const auto out = with_corrections(values, *project.lane(id), spans, 10);
        QCOMPARE(out[5], 0.5f);
        QCOMPARE(out[15], 0.0f);
        QCOMPARE(out[12], -0.25f);
    }

    void a_correction_stays_on_its_hit_whatever_is_computed_anew() {
        Stems stems;
        Follower follower;
        follower.values.set("sound", sound_of_lane(stems.lane));
        follower.steps = {{"fill", {}}};
        const LaneId id = stems.follower(follower);
        stems.project =
            *with_pins(stems.project, id,
                       {over(KeyRole::Replace, 0.25, Seconds(3), {Length::Unit::InMilliseconds, 60}, 0)});
        QVERIFY(std::abs(stems.curve(id)->share_at(3.03 * 24) - 0.25) < 0.01);
        // Found otherwise.
        Motion motion = *part_of<Motion>(*stems.project.lane(id));
        motion.follower.values.set("measure", std::string("peak"));
        stems.project = *with_motion(stems.project, id, motion);
        QVERIFY(std::abs(stems.curve(id)->share_at(3.03 * 24) - 0.25) < 0.01);
        // The grid is corrected: beats move, the hit does not.
        stems.project = retimed(stems.project, *BeatGrid::steady(Bpm(117), Seconds(0.2), {}, Seconds(10)));
        QVERIFY(std::abs(stems.curve(id)->share_at(3.03 * 24) - 0.25) < 0.01);
        // The song is trimmed: it lies on the same hit.
        stems.project = *with_song_trimmed(stems.project, Seconds(1), Seconds(10));
        const auto spans = over_spans(stems.project, *stems.project.lane(id),
                                      resolve(stems.project, *stems.project.lane(id)));
        QVERIFY(std::abs(spans.front().start.value - 2) < 1e-9);
    }

    void a_curve_acts_in_its_stretches_alone() {
        CurveValues values(100, 1.0f);
        Project project = steady_project(120, 0, 10);
        project = with_lane(project, kind_that_follows(), "Curve");
        const LaneId id = project.lanes.back()->id;
        project =
            *with_pins(project, id,
                       {over(KeyRole::Acts, 1, Seconds(2), {Length::Unit::InBeats, 2}, 0.5), // until 3 s
                        over(KeyRole::Acts, 1, Seconds(6), {Length::Unit::UntilNext, 1}, 0)});
        const auto spans = over_spans(project, *project.lane(id), resolve(project, *project.lane(id)));
        const auto out = with_corrections(values, *project.lane(id), spans, 10);
        QCOMPARE(out[10], 0.0f);
        QCOMPARE(out[20], 1.0f);
        QCOMPARE(out[30], 1.0f);
        QVERIFY(out[33] > 0.0f && out[33] < 1.0f); // fading
        QCOMPARE(out[40], 0.0f);
        QCOMPARE(out[61], 1.0f);
        QCOMPARE(out[99], 1.0f);
        // Half way of a fade is half.
        QVERIFY(std::abs(spans[0].share_at(Seconds(1.75)) - 0.5) < 1e-9);
        // Muted ones are not there.
        const PinId muted[] = {project.lane(id)->pins[0].id, project.lane(id)->pins[1].id};
        const auto quiet = with_pins_muted(project, muted, true);
        QVERIFY(over_spans(quiet, *quiet.lane(id), resolve(quiet, *quiet.lane(id))).empty());
        const auto again = project_from_json(project_to_json(project, {}), {});
        QVERIFY(again.has_value() && same_content(*again, project));
    }

    // -- tops as a row

    void tops_need_height_prominence_and_room() {
        //                   0     1     2     3     4     5     6     7     8
        const CurveValues v{0.0f, 0.5f, 0.4f, 0.6f, 0.0f, 0.1f, 0.0f, 1.0f, 0.9f};
        const auto at = [&](float least, std::size_t gap, float prominence) {
            std::vector<std::size_t> out;
            for (const auto& top : peaks_of(v, least, gap, prominence))
                out.push_back(top.index);
            return out;
        };
        QCOMPARE(at(0.05f, 1, 0), (std::vector<std::size_t>{1, 3, 5, 7}));
        QCOMPARE(at(0.2f, 1, 0), (std::vector<std::size_t>{1, 3, 7}));
        QCOMPARE(at(0.05f, 1, 0.2f), (std::vector<std::size_t>{3})); // 1 and 7 rise by 0.1 above 2 and 8
        QCOMPARE(at(0.05f, 3, 0), (std::vector<std::size_t>{3, 7}));
    }

    void a_row_of_tops_goes_with_its_curve() {
        Stems stems;
        Follower follower;
        follower.values.set("sound", sound_of_lane(stems.lane));
        follower.steps = {{"fill", {}}};
        const LaneId id = stems.follower(follower);
        OnsetRow row;
        row.name = "tops";
        row.tops = OnsetRow::Tops{id, 0.3, 0.2, Seconds(0.3)};
        stems.project = *with_onset_row(with_rows_begun(stems.project), 1, row);
        Listening listening;
        const auto refreshed =
            with_tops_refreshed(stems.project, *follow(stems.project, stems.sounds, listening));
        QCOMPARE(refreshed.detection->rows[1].onsets.size(), std::size_t{9});
        QCOMPARE(with_tops_refreshed(refreshed, *follow(refreshed, stems.sounds, listening)).detection,
                 refreshed.detection); // nothing changed: the very same
        // One is corrected, the curve changes, the correction stays.
        const Seconds third = refreshed.detection->rows[1].onsets[2].time;
        auto corrected_one = *with_onset_moved(refreshed, 1, third, third + Seconds(0.01));
        Motion motion = *part_of<Motion>(*corrected_one.lane(id));
        motion.follower.steps.push_back({"threshold", {{"at", 0.5}}});
        corrected_one = *with_motion(corrected_one, id, motion);
        const auto again =
            with_tops_refreshed(corrected_one, *follow(corrected_one, stems.sounds, listening));
        QVERIFY(std::any_of(
            again.detection->rows[1].onsets.begin(), again.detection->rows[1].onsets.end(),
            [&](const FoundOnset& one) { return one.by_hand && one.time == third + Seconds(0.01); }));
        const auto file = project_from_json(project_to_json(again, {}), {});
        QVERIFY(file.has_value() && same_content(*file, again));
    }
};

PULSEPIN_TEST_CLASS(TestListening, "test_listening")
#include "test_listening.moc"
