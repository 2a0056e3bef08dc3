// SPDX-License-Identifier: GPL-3.0-or-later
//
// Curves that follow the music: levels against signals whose level is known, and against libebur128.
#include "follow/feeds.h"
#include "follow/freeze.h"
#include "follow/sources.h"
#include "follow/steps.h"
#include "kinds/kinds.h"
#include "model/lane_edits.h"
#include "model/pin_edits.h"
#include "support/media.h"
#include "support/projects.h"
#include "support/test_program.h"

#include <QTest>
#include <ebur128.h>
#include <numbers>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

std::shared_ptr<const SampleStore> sine(double hz, double amplitude, double seconds, int channels = 1,
                                        int only_channel = -1) {
    std::vector<float> samples;
    for (std::size_t i = 0; i < static_cast<std::size_t>(seconds * sound_rate); ++i)
        for (int c = 0; c < channels; ++c)
            samples.push_back(
                only_channel >= 0 && c != only_channel
                    ? 0.0f
                    : static_cast<float>(amplitude * std::sin(2 * std::numbers::pi * hz *
                                                              static_cast<double>(i) / sound_rate)));
    return store_of(samples, {sound_rate, channels});
}

float level_of(const SampleStore& sound, const LevelSpec& spec, double at) {
    return measure_level(sound, spec)->at(at);
}

LaneId add_follower(Project& project, const Follower& follower, const char* name = "Curve") {
    project = with_lane(project, kind_that_follows(), name);
    const LaneId id = project.lanes.back()->id;
    Motion motion;
    motion.own = {name, "%", 0, 100};
    motion.follower = follower;
    project = *with_motion(project, id, motion);
    return id;
}

FollowerCurves followed(const Project& project, std::shared_ptr<const SampleStore> sound = nullptr) {
    Listening listening;
    return *follow(project, {{std::move(sound), "the song"}, {}}, listening);
}

std::shared_ptr<const FollowerCurve> curve_of(const Project& project, LaneId lane,
                                              std::shared_ptr<const SampleStore> sound = nullptr) {
    return followed(project, std::move(sound)).at(lane);
}

CurveValues applied(const char* id, CurveValues values, std::vector<double> parameters = {},
                    const CurveValues* other = nullptr, double per_second = 100) {
    const ParamSpecs specs = follower_step(id)->parameters;
    const ParamValues given = completed(values_of_positions(specs, parameters), specs);
    return follower_step(id)->apply(std::move(values), {per_second, given, other});
}

/// A hit that falls away, every half second.
CurveValues hits(double per_second, double seconds) {
    CurveValues values(static_cast<std::size_t>(per_second * seconds), 0.0f);
    for (std::size_t i = 0; i < values.size(); ++i) {
        const double t = std::fmod(static_cast<double>(i) / per_second, 0.5);
        values[i] = static_cast<float>(std::exp(-t / 0.05));
    }
    return values;
}

} // namespace

class TestFollowers : public QObject {
    Q_OBJECT

private slots:
    void a_sine_has_the_level_that_is_known() {
        const auto sound = sine(997, 0.5, 3);
        QVERIFY(std::abs(level_of(*sound, {"rms", "whole", "both", 0, 0}, 1.5) - 0.5 / std::numbers::sqrt2) <
                2e-3);
        QVERIFY(std::abs(level_of(*sound, {"peak", "whole", "both", 0, 0}, 1.5) - 0.5) < 2e-3);
        // ITU-R BS.1770: a 997 Hz sine at 0 dBFS in one channel reads -3.01 LKFS.
        const auto full = sine(997, 1, 3);
        const double lufs =
            20 * std::log10(static_cast<double>(level_of(*full, {"loudness", "whole", "both", 0, 0}, 1.5)));
        QVERIFY2(std::abs(lufs + 3.01) < 0.03, qPrintable(QString::number(lufs)));
    }

    void loudness_agrees_with_libebur128() {
        auto samples = noise_bursts(static_cast<std::size_t>(sound_rate) * 4, 3);
        const auto sound = store_of(samples, {sound_rate, 2});
        const auto track = *measure_level(*sound, {"loudness", "whole", "both", 0, 0});
        ebur128_state* state = ebur128_init(2, static_cast<unsigned long>(sound_rate), EBUR128_MODE_M);
        const std::size_t tenth = static_cast<std::size_t>(sound_rate) / 10;
        for (std::size_t i = 0; (i + 1) * tenth * 2 <= samples.size(); ++i) {
            ebur128_add_frames_float(state, samples.data() + i * tenth * 2, tenth);
            double lufs = 0;
            ebur128_loudness_window(state, 100, &lufs);
            const double mine =
                20 * std::log10(static_cast<double>(track.at((static_cast<double>(i) + 0.5) / 10)));
            QVERIFY2(std::abs(mine - lufs) < 0.1, qPrintable(QString("%1 %2 %3").arg(i).arg(mine).arg(lufs)));
        }
        ebur128_destroy(&state);
    }

    void bands_let_through_what_lies_in_them() {
        const auto low = sine(60, 0.5, 2), high = sine(4000, 0.5, 2);
        const LevelSpec kick{"rms", "whole", "both", 30, 110}, air{"rms", "whole", "both", 8000, 0};
        QVERIFY(std::abs(level_of(*low, kick, 1) - 0.3535) < 0.01);
        QVERIFY(level_of(*high, kick, 1) < 1e-4);
        QVERIFY(level_of(*low, air, 1) < 1e-4);
        // Both directions together: -6 dB at the limit.
        const auto edge = sine(110, 0.5, 2);
        QVERIFY(std::abs(level_of(*edge, {"rms", "whole", "both", 0, 110}, 1) / 0.35355 - 0.5) < 0.02);
    }

    void sides_are_told_apart() {
        const auto sound = sine(440, 0.6, 2, 2, 0);
        QVERIFY(std::abs(level_of(*sound, {"peak", "whole", "left", 0, 0}, 1) - 0.6) < 0.01);
        QCOMPARE(level_of(*sound, {"peak", "whole", "right", 0, 0}, 1), 0.0f);
        QVERIFY(std::abs(level_of(*sound, {"rms", "whole", "both", 0, 0}, 1) - 0.6 / 2) <
                0.01); // mean power of both
    }

    void a_hit_is_not_seen_late_or_early() {
        // Bursts of 60 Hz from each half second on.
        std::vector<float> samples(static_cast<std::size_t>(sound_rate) * 4, 0.0f);
        for (std::size_t i = 0; i < samples.size(); ++i) {
            const double t = std::fmod(static_cast<double>(i) / sound_rate, 0.5);
            samples[i] = t < 0.1 ? static_cast<float>(0.8 * std::sin(2 * std::numbers::pi * 60 * t) *
                                                      std::sin(std::numbers::pi * t / 0.1))
                                 : 0.0f;
        }
        const auto sound = store_of(samples, {sound_rate, 1});
        for (const char* measure : {"rms", "peak"}) {
            const auto track = *measure_level(*sound, {measure, "whole", "both", 30, 110});
            const auto tops = peaks_of(track.values, 0.2f, 60);
            QCOMPARE(tops.size(), std::size_t{8});
            for (std::size_t i = 0; i < tops.size(); ++i) // the middle of each burst
                QVERIFY2(std::abs(static_cast<double>(tops[i].index) / track.per_second -
                                  (static_cast<double>(i) * 0.5 + 0.05)) < 0.012,
                         measure);
        }
    }

    void parts_are_separated() {
        // A steady tone under clicks: the tone is harmonic, the clicks percussive (Fitzgerald 2010).
        std::vector<float> samples(static_cast<std::size_t>(sound_rate) * 3);
        for (std::size_t i = 0; i < samples.size(); ++i)
            samples[i] = static_cast<float>(0.2 * std::sin(2 * std::numbers::pi * 440 *
                                                           static_cast<double>(i) / sound_rate)) +
                         (i % 24000 < 40 ? 0.7f : 0.0f);
        const auto sound = store_of(samples, {sound_rate, 1});
        const auto harmonic = *measure_level(*sound, {"rms", "harmonic", "both", 0, 0});
        const auto percussive = *measure_level(*sound, {"rms", "percussive", "both", 0, 0});
        QVERIFY(std::abs(harmonic.at(1.25) - 0.1414) < 0.02); // between two clicks
        QVERIFY(percussive.at(1.25) < 0.02);
        QVERIFY(percussive.at(1.5) > 0.05);
        QVERIFY(harmonic.at(1.5) < 0.17);
    }

    // Common practice: 1 on the beat, 0 midway between two beats, straight lines between.
    void nearness_is_one_on_the_beat_and_zero_midway() {
        auto project = steady_project(120, 0, 20);
        Follower follower;
        follower.source = "nearness";
        const auto id = add_follower(project, follower);
        const auto curve = curve_of(project, id);
        for (int beat = 0; beat < 30; ++beat) { // a beat is 12 frames
            QVERIFY(std::abs(curve->share_at(beat * 12) - 1) < 1e-6);
            QVERIFY(std::abs(curve->share_at(beat * 12 + 6)) < 1e-6);
            QVERIFY(std::abs(curve->share_at(beat * 12 + 3) - 0.5) < 1e-6);
        }
    }

    void waves_swing_with_the_bars() {
        auto project = steady_project(120, 0, 20);
        Follower follower;
        follower.source = "wave";
        const auto sine_id = add_follower(project, follower);
        follower.values.set("wave", "triangle");
        const auto triangle_id = add_follower(project, follower);
        follower.values.set("wave", "square");
        follower.values.set("counted", "beats");
        follower.values.set("period", 2.0);
        const auto square_id = add_follower(project, follower);
        follower.values.set("wave", "saw");
        follower.values.set("phase", 50.0);
        const auto saw_id = add_follower(project, follower);
        const auto curves = followed(project);
        for (int bar = 0; bar < 8; ++bar) { // a bar is 48 frames
            QVERIFY(std::abs(curves.at(sine_id)->share_at(bar * 48)) < 1e-6);
            QVERIFY(std::abs(curves.at(sine_id)->share_at(bar * 48 + 24) - 1) < 1e-6);
            QVERIFY(std::abs(curves.at(sine_id)->share_at(bar * 48 + 12) - 0.5) < 1e-6);
            QVERIFY(std::abs(curves.at(triangle_id)->share_at(bar * 48 + 12) - 0.5) < 1e-5);
            QCOMPARE(curves.at(square_id)->share_at(bar * 48 + 3), 1.0);
            QCOMPARE(curves.at(square_id)->share_at(bar * 48 + 15), 0.0);
            QVERIFY(std::abs(curves.at(saw_id)->share_at(bar * 48 + 6) - 0.75) < 1e-5);
        }
        // In three-four time a bar is three beats.
        auto waltz = project;
        waltz = relabelled(waltz, *BeatGrid::steady(Bpm(120), Seconds(0), {3, 4}, Seconds(20)));
        QVERIFY(std::abs(followed(waltz).at(sine_id)->share_at(36)) < 1e-6);
        QVERIFY(std::abs(followed(waltz).at(sine_id)->share_at(18) - 1) < 1e-6);
    }

    void time_since_the_last_pin_counts_seconds() {
        auto project = steady_project(120, 0, 20);
        const auto markers = lane_of_kind(project, kind_of(body_type<MarkerBody>));
        project = *with_pins(project, markers, {{{}, MusicalAnchor{Ticks(960 * 4)}, MarkerBody{"a"}, {}}});
        Follower follower;
        follower.source = "time-since";
        follower.values.set("lane", markers);
        const auto id = add_follower(project, follower);
        const auto curve = curve_of(project, id);
        QVERIFY(std::abs(curve->share_at(48)) < 1e-6); // on it: 2 s
        QVERIFY(std::abs(curve->share_at(48 + 12) - 0.5) < 1e-5);
        QVERIFY(std::abs(curve->share_at(48 + 240) - 10) < 1e-4);
    }

    void onsets_rise_to_their_strength() {
        auto project = steady_project(120, 0, 20);
        Detection found;
        OnsetRow kick;
        kick.name = "kick";
        kick.onsets = {{Seconds(1), 2.0f}, {Seconds(2), 1.0f}};
        found.rows = {kick};
        project = with_detection(project, found, false);
        Follower follower;
        follower.source = "onsets";
        follower.values.set("row", "kick");
        follower.values.set("fall", 500.0);
        const auto id = add_follower(project, follower);
        const auto curve = curve_of(project, id);
        QVERIFY(std::abs(curve->share_at(24) - 1) < 1e-6);
        QVERIFY(std::abs(curve->share_at(30) - 0.5) < 1e-5);
        QVERIFY(std::abs(curve->share_at(48) - 0.5) < 1e-6); // half as strong
        QCOMPARE(curve->share_at(40), 0.0);
        follower.values.set("row", "gone");
        Motion motion = *part_of<Motion>(*project.lane(id));
        motion.follower = follower;
        project = *with_motion(project, id, motion);
        QVERIFY(curve_of(project, id)->trouble.find("gone") != std::string::npos);
    }

    void drawn_curves_go_through_their_keys() {
        auto project = steady_project(120, 0, 20);
        Follower follower;
        follower.source = "drawn";
        const auto id = add_follower(project, follower);
        KeyBody half{0.5, {}}, end{1, {}};
        end.easing.id = "steps";
        end.easing.amount = 1;
        project = *with_pins(project, id,
                             {{{}, MusicalAnchor{Ticks(0)}, KeyBody{0, {}}, {}},
                              {{}, MusicalAnchor{Ticks(960 * 4)}, half, {}},
                              {{}, MusicalAnchor{Ticks(960 * 8)}, end, {}}});
        const auto curve = curve_of(project, id);
        QVERIFY(std::abs(curve->share_at(24) - 0.25) < 1e-6);
        QVERIFY(std::abs(curve->share_at(95) - 0.5) < 1e-6); // held
        QCOMPARE(curve->share_at(96), 1.0);
    }

    void steps_do_what_their_names_say() {
        const CurveValues in{0.0f, 0.1f, 0.5f, 0.9f, 0.3f};
        const auto same = [](const CurveValues& a, const CurveValues& b) {
            return std::equal(a.begin(), a.end(), b.begin(), b.end(),
                              [](float x, float y) { return std::abs(x - y) < 1e-6f; });
        };
        QVERIFY(same(applied("gain", in, {2}), {0, 0.2f, 1, 1.8f, 0.6f}));
        QVERIFY(same(applied("fill", in), {0, 0.1f / 0.9f, 0.5f / 0.9f, 1, 0.3f / 0.9f}));
        // Common practice: a floor of about 0.02 to 0.03 for quiet music.
        QVERIFY(same(applied("floor", in, {0.03}), {0.03f, 0.1f, 0.5f, 0.9f, 0.3f}));
        // Common practice: values above 12 are cut to 12, so that tops become flat.
        QVERIFY(same(applied("ceiling", {11, 12, 13, 40}, {12}), {11, 12, 12, 12}));
        QVERIFY(same(applied("threshold", in, {0.3}), {0, 0, 0.5f, 0.9f, 0.3f}));
        QVERIFY(same(applied("excess", in, {0.3}), {0, 0, 0.2f, 0.6f, 0}));
        QVERIFY(same(applied("gate", in, {0.5, 0.2}), {0, 0, 0.5f, 0.9f, 0.3f})); // opens high, closes low
        QVERIFY(same(applied("power", in, {2}), {0, 0.01f, 0.25f, 0.81f, 0.09f}));
        QVERIFY(same(applied("invert", in), {1, 0.9f, 0.5f, 0.1f, 0.7f}));
        QVERIFY(same(applied("quantise", {0, 0.2f, 0.3f, 0.7f, 1}, {3}), {0, 0, 0.5f, 0.5f, 1}));
        QVERIFY(same(applied("delay", in, {10}), {0, 0, 0.1f, 0.5f, 0.9f}));
        QVERIFY(same(applied("delay", in, {-10}), {0.1f, 0.5f, 0.9f, 0.3f, 0.3f}));
        const CurveValues other{0.4f, 0.4f, 0.4f, 0.4f, 0.4f};
        QVERIFY(same(applied("maximum", in, {}, &other), {0.4f, 0.4f, 0.5f, 0.9f, 0.4f}));
        QVERIFY(same(applied("minimum", in, {}, &other), {0, 0.1f, 0.4f, 0.4f, 0.3f}));
        QVERIFY(same(applied("sum", in, {}, &other), {0.4f, 0.5f, 0.9f, 1.3f, 0.7f}));
        QVERIFY(same(applied("product", in, {}, &other), {0, 0.04f, 0.2f, 0.36f, 0.12f}));
        for (const auto& row : follower_steps()) // all keep the length, also of nothing
            QCOMPARE(row.apply({}, {100, completed({}, row.parameters), nullptr}).size(), std::size_t{0});
    }

    void attack_and_release_take_their_time() {
        CurveValues step(300, 0.0f);
        std::fill(step.begin() + 100, step.begin() + 200, 1.0f);
        const auto out = applied("attack-release", step, {100, 200}); // at 100 values a second
        // After the time that it is given a one-pole filter has gone 1 - 1/e of the way.
        QVERIFY(std::abs(out[109] - (1 - std::exp(-1.0f))) < 0.01f);
        QVERIFY(std::abs(out[219] - out[199] * std::exp(-1.0f)) < 0.01f);
        QCOMPARE(applied("attack-release", step, {0, 0}), step);
    }

    void smoothing_moves_no_top_and_tells_what_it_costs() {
        CurveValues bump(400, 0.0f);
        for (std::size_t i = 0; i < bump.size(); ++i) {
            const double d = (static_cast<double>(i) - 200) / 8;
            bump[i] = static_cast<float>(std::exp(-0.5 * d * d));
        }
        const auto smooth = applied("smooth", bump, {200}); // 200 ms at half its height
        QCOMPARE(std::max_element(smooth.begin(), smooth.end()) - smooth.begin(), 200);
        // Two Gaussians after one another are one whose variances add up.
        const double sigma = 20 / 2.354820045;
        const double expected = 8 / std::sqrt(64 + sigma * sigma);
        const auto told = effect_of(bump, smooth, 100);
        QVERIFY(std::abs(told.lower - (1 - expected)) < 0.02);
        QVERIFY(std::abs(told.later_ms) < 1);
        // The first of eight tops lies on the edge, where nothing can come later.
        const auto late = effect_of(hits(240, 4), applied("delay", hits(240, 4), {50}, nullptr, 240), 240);
        QVERIFY(std::abs(late.later_ms - 50) < 7);
        const auto soft =
            effect_of(hits(240, 4), applied("attack-release", hits(240, 4), {30, 100}, nullptr, 240), 240);
        QVERIFY(soft.later_ms > 5 && soft.lower > 0.3);
    }

    void rings_are_refused() {
        auto project = steady_project();
        Follower another;
        another.source = "another";
        const auto a = add_follower(project, another, "a");
        another.values.set("lane", a);
        const auto b = add_follower(project, another, "b");
        Motion motion = *part_of<Motion>(*project.lane(a));
        motion.follower.values.set("lane", b);
        QVERIFY(!with_motion(project, a, motion));
        motion.follower.source = "nearness";
        motion.follower.steps = {{"maximum", {{"other", b}}}};
        QVERIFY(!with_motion(project, a, motion));
        motion.follower.steps.clear();
        project = *with_motion(project, a, motion);
        QVERIFY(std::abs(curve_of(project, b)->share_at(12) - 1) < 1e-6);
    }

    void a_range_is_gone_through_inverted_and_cut_off() {
        QCOMPARE(fed({"blur", "px", 0, 150, {}, Feed::Limits{0, 400}, Frames(0)}, 0.5), 75.0);
        // Common practice: 120 minus the value where a low number means strong, cut off where that is below
        // its range.
        const Feed limit{"glow limit", "", 120, -30, {}, Feed::Limits{0, 255}, Frames(0)};
        QCOMPARE(fed(limit, 0), 120.0);
        QCOMPARE(fed(limit, 0.8), 0.0);
        QCOMPARE(fed(limit, 1), 0.0);
        QVERIFY(std::abs(fed(limit, 0.4) - 60) < 1e-9);
        QVERIFY(std::abs(share_of(limit, 60) - 0.4) < 1e-9);
    }

    void several_feeds_of_one_property_add_up_from_rest() {
        auto project = steady_project(120, 0, 20);
        const Target scale{LayerId{1}, "scale"};
        for (const int at : {4, 5}) {
            project = with_lane(project, kind_of(body_type<PulseBody>), "p");
            Motion motion;
            motion.own = {"scale", "%", 100, 130, scale};
            project = *with_motion(project, project.lanes.back()->id, motion);
            project = *with_pins(project, project.lanes.back()->id,
                                 {{{}, MusicalAnchor{Ticks(960 * at)}, PulseBody{}, {}}});
        }
        const auto at = [&](double frame) { return driven_at({Schedule(project)}, frame); };
        QCOMPARE(at(0).size(), std::size_t{1});
        QCOMPARE(at(0).front().value, 100.0);
        QCOMPARE(at(4 * 12 + 1).front().value, 130.0); // peak one frame after the beat
        QCOMPARE(at(5 * 12 + 1).front().value, 130.0);
    }

    // A lane that goes evenly from 0 to 1 over ten seconds.
    static LaneId add_ramp(Project& project) {
        project = with_lane(project, kind_of(body_type<KeyBody>), "ramp");
        const LaneId id = project.lanes.back()->id;
        Motion motion;
        motion.own = {.property = "ramp", .unit = "", .low = 0, .high = 1};
        project = *with_motion(project, id, motion);
        project = *with_pins(project, id,
                             {{{}, TimeAnchor{Seconds(0)}, KeyBody{0, {}}, {}},
                              {{}, TimeAnchor{Seconds(10)}, KeyBody{1, {}}, {}}});
        return id;
    }

    void numbers_of_steps_are_driven_by_other_curves() {
        auto project = steady_project(120, 0, 20);
        const LaneId ramp = add_ramp(project);
        Follower follower;
        follower.source = "nearness";
        follower.steps = {{"floor", {{"at", 0.2}}, false, {{"at", ramp, 0, 1}}}};
        const auto id = add_follower(project, follower);
        const auto curve = followed(project).at(id);
        for (const double t : {2.0, 4.0, 6.0, 8.0}) {
            float lowest = 2;
            const auto per = curve->per_second();
            for (auto i = static_cast<std::size_t>((t - 0.25) * per);
                 i < static_cast<std::size_t>((t + 0.25) * per); ++i)
                lowest = std::min(lowest, curve->values()[i]);
            QVERIFY2(std::abs(static_cast<double>(lowest) - (t - 0.25) / 10) < 0.02,
                     qPrintable(QString::number(lowest)));
        }
        // Where the curve stands still the step is as with that number.
        Project constant = project;
        std::vector<PinId> pins;
        for (const auto& pin : project.lane(ramp)->pins)
            pins.push_back(pin.id);
        constant = with_bodies(constant, pins, [](PinBody& body) { body_of<KeyBody>(body).value = 0.5; });
        Follower plain = follower;
        plain.steps = {{"floor", {{"at", 0.5}}}};
        Project as_set = project;
        const auto other = add_follower(as_set, plain);
        QVERIFY(followed(constant).at(id)->values() == followed(as_set).at(other)->values());
    }

    void a_period_that_is_driven_goes_on_smoothly() {
        auto project = steady_project(120, 0, 20);
        const LaneId ramp = add_ramp(project);
        Follower follower;
        follower.source = "wave";
        follower.values.set("counted", std::string("beats"));
        follower.drives = {{"period", ramp, 4, 1}};
        const auto id = add_follower(project, follower);
        const auto values = followed(project).at(id)->values();
        float steepest = 0;
        for (std::size_t i = 1; i < values.size(); ++i)
            steepest = std::max(steepest, std::abs(values[i] - values[i - 1]));
        QVERIFY(steepest < 0.04f); // no jump: pi x 2 turns a second at most, 200 values a second
        // Turns of beats/period, period falling from 4 to 1 over 20 beats: the integral is 20/3 ln 4.
        int tops = 0;
        for (std::size_t i = 1; i + 1 < values.size() / 2; ++i)
            tops += values[i] > values[i - 1] && values[i] >= values[i + 1] ? 1 : 0;
        QVERIFY2(std::abs(tops - 20.0 / 3 * std::log(4.0)) <= 1, qPrintable(QString::number(tops)));
    }

    void what_would_drive_itself_is_refused() {
        auto project = steady_project(120, 0, 20);
        Follower first;
        first.source = "nearness";
        const auto one = add_follower(project, first);
        Follower second = first;
        second.steps = {{"ceiling", {}, false, {{"at", one, 0, 1}}}};
        const auto two = add_follower(project, second);
        Motion motion = *part_of<Motion>(*project.lane(one));
        motion.follower.steps = {{"floor", {}, false, {{"at", two, 0, 1}}}};
        QVERIFY(!with_motion(project, one, motion));
        motion.follower.steps.clear();
        motion.follower.drives = {{"period", two, 0, 1}};
        QVERIFY(!with_motion(project, one, motion));
    }

    void a_lead_is_told_in_frames_or_milliseconds() {
        auto project = steady_project(120, 0, 20);
        Follower follower;
        follower.source = "nearness";
        const auto id = add_follower(project, follower);
        const auto value = [&](Offset lead, Offset own, double frame) {
            auto led = *with_lead(project, id, lead);
            const auto curves = std::make_shared<const FollowerCurves>(followed(led));
            Feed feed = part_of<Motion>(*led.lane(id))->own;
            feed.lead = own;
            return *fed_at({Schedule(led), curves}, *led.lane(id), feed, frame);
        };
        QVERIFY(std::abs(value(Frames(0), Frames(0), 12) - 100) < 1e-3);
        QVERIFY(std::abs(value(Frames(3), Frames(0), 9) - 100) < 1e-3);
        QVERIFY(std::abs(value(Seconds(0.125), Frames(0), 9) - 100) < 1e-3); // three frames at 24
        QVERIFY(std::abs(value(Frames(1), Frames(2), 9) - 100) < 1e-3);
    }

    void frozen_curves_are_the_same_curve() {
        auto project = steady_project(120, 0, 10);
        Follower follower;
        follower.source = "wave";
        const auto id = add_follower(project, follower, "Sway");
        const auto curves = followed(project);
        const Curves before{Schedule(project), std::make_shared<const FollowerCurves>(curves)};
        const auto keys = keys_per_frame(before, *project.lane(id), part_of<Motion>(*project.lane(id))->own,
                                         Frames(0), Frames(240));
        QCOMPARE(keys.size(), std::size_t{240});
        const auto fewer = simplified(keys, 1);
        QVERIFY(fewer.keys.size() < 100 && fewer.keys.size() > 8);
        QVERIFY(fewer.worst <= 1 && fewer.worst > 0);
        const KeyCurve curve(fewer.keys);
        for (const auto& key : keys)
            QVERIFY(std::abs(curve.value_at(static_cast<double>(key.frame.value)) - key.value) <= 1 + 1e-9);
        const auto frozen_project = *frozen(project, id, 0, fewer.keys, kind_of(body_type<KeyBody>));
        const Lane& made = *frozen_project.lanes.back();
        QCOMPARE(made.kind, kind_of(body_type<KeyBody>));
        QCOMPARE(made.pins.size(), fewer.keys.size());
        const KeyCurve placed(made, resolve(frozen_project, made));
        for (std::size_t i = 0; i < fewer.keys.size(); ++i) {
            QCOMPARE(placed.keys()[i].frame, fewer.keys[i].frame);
            QCOMPARE(placed.keys()[i].value, fewer.keys[i].value);
        }
        QVERIFY(!frozen(project, id, 0, {}, kind_of(body_type<KeyBody>)));
    }

    void twelve_bands_lie_side_by_side() {
        const auto bands = twelve_bands(); // common practice: twelve for animation
        QCOMPARE(bands.size(), std::size_t{12});
        for (std::size_t i = 0; i + 1 < bands.size(); ++i)
            QCOMPARE(bands[i].until_hz, bands[i + 1].from_hz);
    }

    void only_what_is_looked_at_makes_it_compute_again() {
        auto project = steady_project(120, 0, 20);
        const auto markers = lane_of_kind(project, kind_of(body_type<MarkerBody>)),
                   cuts = lane_of_kind(project, kind_of(body_type<CutBody>));
        Follower follower;
        follower.source = "time-since";
        follower.values.set("lane", markers);
        add_follower(project, follower);
        const Pin at_four{{}, MusicalAnchor{Ticks(960 * 4)}, MarkerBody{"a"}, {}};
        QVERIFY(!follows_the_same(project, *with_pins(project, markers, {at_four})));
        const Pin cut{{}, MusicalAnchor{Ticks(0)}, CutBody{project.bin->front().id, {}}, {}};
        QVERIFY(follows_the_same(project, *with_pins(project, cuts, {cut})));
        QVERIFY(!follows_the_same(
            project, relabelled(project, *BeatGrid::steady(Bpm(90), Seconds(0), {}, Seconds(20)))));
    }

    void measuring_can_be_cancelled() {
        std::stop_source stop;
        stop.request_stop();
        Progress progress;
        progress.stop = stop.get_token();
        const auto sound = sine(100, 0.5, 2);
        QVERIFY(!measure_level(*sound, {}, progress));
        QVERIFY(!measure_level(*sound, {"rms", "harmonic", "both", 0, 0}, progress));
    }
};

PULSEPIN_TEST_CLASS(TestFollowers, "test_followers")
#include "test_followers.moc"
