// SPDX-License-Identifier: GPL-3.0-or-later
//
// Easings against published definitions, and pulses against what is common practice.
#include "interchange/exporters.h"
#include "kinds/kinds.h"
#include "model/lane_edits.h"
#include "params/easings.h"
#include "schedule/pulses.h"
#include "support/projects.h"
#include "support/test_program.h"

#include <QEasingCurve>
#include <QTest>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

double at(const char* id, double t, double amount = 1.70158) {
    Easing easing;
    easing.id = id;
    easing.amount = amount;
    return eased(easing, t);
}

/// Pulses at beats of a steady 120 BPM, 24 frames a second: a beat is 12 frames.
Project with_pulses(const Pulse& pulse, const std::vector<double>& beats, double rest = 0, double peak = 100,
                    const char* rate = "24") {
    auto project = with_lane(steady_project(120, 0, 60, rate), kind_of(body_type<PulseBody>), "Scale");
    const auto lane = lane_of_kind(project, kind_of(body_type<PulseBody>));
    Motion motion;
    motion.own.low = rest;
    motion.own.high = peak;
    motion.pulse = pulse;
    project = *with_motion(project, lane, motion);
    std::vector<Pin> pins;
    for (const double beat : beats)
        pins.push_back({{}, MusicalAnchor{Ticks(std::llround(beat * 960))}, PulseBody{}, {}});
    return *with_pins(project, lane, pins);
}

MotionCurve pulse_curve_of(const Project& project) {
    const Lane& lane = *project.first_lane(body_type<PulseBody>);
    return {project, lane, resolve(project, lane)};
}

Pulse of_library(const char* name) {
    for (const auto& pulse : pulse_library())
        if (pulse.name == name)
            return pulse;
    qFatal("there is no pulse %s", name);
}

} // namespace

class TestPulses : public QObject {
    Q_OBJECT

private slots:
    // CSS Easing Functions Level 1: a point of the curve at any parameter lies on the function.
    void bezier_is_that_of_css() {
        const std::array<double, 4> keywords[] = {{0.25, 0.1, 0.25, 1}, // ease
                                                  {0.42, 0, 1, 1},      // ease-in
                                                  {0, 0, 0.58, 1},      // ease-out
                                                  {0.42, 0, 0.58, 1},   // ease-in-out
                                                  {0.3, -0.4, 0.6, 1.5}};
        for (const auto& [x1, y1, x2, y2] : keywords)
            for (double s = 0; s <= 1; s += 0.01) {
                const auto curve = [s](double a, double b) {
                    return 3 * a * s * (1 - s) * (1 - s) + 3 * b * s * s * (1 - s) + s * s * s;
                };
                QVERIFY(std::abs(cubic_bezier(x1, y1, x2, y2, curve(x1, x2)) - curve(y1, y2)) < 1e-6);
            }
        QVERIFY(std::abs(cubic_bezier(0.25, 0.1, 0.25, 1, 0.5) - 0.8024) < 1e-4); // "ease", value from memory
        QVERIFY(std::abs(cubic_bezier(0.42, 0, 0.58, 1, 0.5) - 0.5) < 1e-9);      // by its symmetry
    }

    // steps(n, jump-end), the same source: n equal steps, the last value only at the end.
    void steps_jump_at_their_end() {
        for (const auto& [t, value] : {std::pair{0.0, 0.0}, std::pair{0.24, 0.0}, std::pair{0.26, 0.25},
                                       std::pair{0.74, 0.5}, std::pair{0.99, 0.75}, std::pair{1.0, 1.0}})
            QCOMPARE(at("steps", t, 4), value);
    }

    // Penner's equations as another program has them: QEasingCurve of Qt.
    void penner_curves_agree_with_qt() {
        using Q = QEasingCurve;
        const std::tuple<const char*, Q::Type, double> pairs[] = {
            {"linear", Q::Linear, 1e-12},
            {"sine-in", Q::InSine, 1e-9},
            {"sine-out", Q::OutSine, 1e-9},
            {"sine-in-out", Q::InOutSine, 1e-9},
            {"quadratic-in", Q::InQuad, 1e-9},
            {"quadratic-out", Q::OutQuad, 1e-9},
            {"quadratic-in-out", Q::InOutQuad, 1e-9},
            {"cubic-in", Q::InCubic, 1e-9},
            {"cubic-out", Q::OutCubic, 1e-9},
            {"cubic-in-out", Q::InOutCubic, 1e-9},
            {"quartic-in", Q::InQuart, 1e-9},
            {"quartic-out", Q::OutQuart, 1e-9},
            {"quartic-in-out", Q::InOutQuart, 1e-9},
            {"circular-in", Q::InCirc, 1e-9},
            {"circular-out", Q::OutCirc, 1e-9},
            {"circular-in-out", Q::InOutCirc, 1e-9},
            {"exponential-in", Q::InExpo, 2e-3}, // both move the jump at the start away, not in one way
            {"exponential-out", Q::OutExpo, 2e-3},
            {"exponential-in-out", Q::InOutExpo, 2e-3},
            {"back-in", Q::InBack, 1e-9},
            {"back-out", Q::OutBack, 1e-9},
            {"elastic-out", Q::OutElastic, 1e-6},
            {"elastic-in", Q::InElastic, 1e-6},
            {"bounce-out", Q::OutBounce, 1e-6},
            {"bounce-in", Q::InBounce, 1e-6},
            {"bounce-in-out", Q::InOutBounce, 1e-6}};
        for (const auto& [id, type, tolerance] : pairs) {
            const Q reference(type);
            for (double t = 0.005; t < 1; t += 0.01) {
                const double apart = std::abs(at(id, t) - reference.valueForProgress(t));
                QVERIFY2(apart < tolerance, qPrintable(QString("%1 at %2: %3").arg(id).arg(t).arg(apart)));
            }
        }
    }

    void every_easing_begins_at_0_and_ends_at_1() {
        for (const auto& row : easings()) {
            Easing easing;
            easing.id = std::string(row.id);
            QCOMPARE(eased(easing, 0), 0.0);
            QCOMPARE(eased(easing, 1), 1.0);
            QCOMPARE(eased(easing, -3), 0.0);
            QCOMPARE(eased(easing, 7), 1.0);
            if (row.id != "steps" && row.id != "hold") { // without a jump anywhere
                double last = 0;
                for (double t = 0; t <= 1; t += 0.0005) {
                    const double now = eased(easing, t);
                    QVERIFY2(std::abs(now - last) < 0.04, row.id.data()); // a circle ends upright
                    last = now;
                }
            }
        }
        double highest = 0;
        for (double t = 0; t < 1; t += 0.001)
            highest = std::max(highest, at("back-out", t));
        QVERIFY(std::abs(highest - 1.1) < 0.001); // 1.70158 overshoots by a tenth (Penner)
    }

    // Common practice: rest on the beat's frame, peak one frame later, rest again about four frames after
    // that.
    void a_hit() {
        const auto curve = pulse_curve_of(with_pulses(of_library("hit"), {4, 8}));
        QCOMPARE(curve.value_at(47), 0.0);
        QCOMPARE(curve.value_at(48), 0.0);
        QCOMPARE(curve.value_at(49), 100.0);
        QVERIFY(curve.value_at(50) > 0 && curve.value_at(50) < 100);
        QVERIFY(curve.value_at(52) > 0);
        QCOMPARE(curve.value_at(53), 0.0);
        QCOMPARE(curve.value_at(97), 100.0);
        const auto keys = curve.keys();
        QCOMPARE(keys.size(), std::size_t{6});
        QCOMPARE(keys[1].frame, Frames(49));
        QCOMPARE(keys[2].easing.id, std::string("sine-out"));
    }

    // Common practice: it starts four frames before the marker and its peak lies on it; scale 100 % to 130 %.
    void a_hit_that_arrives() {
        const auto curve = pulse_curve_of(with_pulses(of_library("arrival"), {4}, 100, 130));
        QCOMPARE(curve.value_at(44), 100.0);
        QVERIFY(curve.value_at(45) > 100);
        QCOMPARE(curve.value_at(48), 130.0);
        QVERIFY(std::abs(curve.value_at(55) - 100) < 1e-9);
    }

    // Common practice: base 0.8, 0.25 for exactly one frame on the hit, then back.
    void a_dip_of_exactly_one_frame() {
        const auto curve = pulse_curve_of(with_pulses(of_library("dip"), {4, 5}, 0.8, 0.25));
        for (int frame = 40; frame < 70; ++frame)
            QCOMPARE(curve.value_at(frame), frame == 48 || frame == 60 ? 0.25 : 0.8);
        const auto keys = curve.keys();
        QCOMPARE(keys.size(), std::size_t{4});
        QVERIFY(keys[0].frame == Frames(48) && keys[0].value == 0.25);
        QVERIFY(keys[1].frame == Frames(49) && keys[1].value == 0.8);
    }

    // Common practice: for a snare roll the whole hit shrinks to about two frames, and hits never overlap.
    void close_beats_shrink_and_never_overlap() {
        const auto curve =
            pulse_curve_of(with_pulses(of_library("hit"), {4, 4.25, 4.5, 4.75, 5, 9})); // 3 frames apart
        QCOMPARE(curve.shrunk(), std::size_t{4});
        const auto& pulses = curve.pulses();
        for (std::size_t i = 0; i + 1 < pulses.size(); ++i)
            QVERIFY(pulses[i].end <= pulses[i + 1].start + 1e-9);
        for (const auto& pulse : pulses)
            QVERIFY(pulse.end - pulse.start >= 2 - 1e-9);
        QVERIFY(!pulses[5].shrunk);
    }

    void shrinking_holds_for_all_kinds_of_pulses() {
        std::mt19937 random(7);
        for (int turn = 0; turn < 300; ++turn) {
            Pulse pulse = pulse_library()[random() % pulse_library().size()];
            pulse.crowding = Crowding::Shrink;
            pulse.arrives = random() % 2;
            pulse.held = {Length::Unit::InFrames, static_cast<double>(random() % 6)};
            pulse.least_frames = 1 + static_cast<int>(random() % 6);
            std::vector<double> beats;
            double beat = 2;
            for (int i = 0; i < 20; ++i)
                beats.push_back(beat += 0.1 + static_cast<double>(random() % 200) / 100);
            const auto curve = pulse_curve_of(with_pulses(pulse, beats));
            const auto& pulses = curve.pulses();
            for (std::size_t i = 0; i < pulses.size(); ++i) {
                const auto& p = pulses[i];
                QVERIFY(p.start <= p.peak + 1e-9 && p.peak <= p.hold_end + 1e-9 &&
                        p.hold_end <= p.end + 1e-9);
                QVERIFY(i == 0 || pulses[i - 1].end <= p.start + 1e-6);
            }
        }
    }

    void other_rules_for_close_beats() {
        Pulse pulse = of_library("hit");
        pulse.down = {Length::Unit::InFrames, 20}; // longer than a beat
        pulse.crowding = Crowding::Join;
        auto curve = pulse_curve_of(with_pulses(pulse, {4, 5, 6}));
        for (int frame = 49; frame <= 73; ++frame) // between equal peaks it stays up
            QVERIFY(std::abs(curve.value_at(frame) - 100) < 1e-9);
        pulse.crowding = Crowding::Highest;
        curve = pulse_curve_of(with_pulses(pulse, {4, 5}));
        QVERIFY(curve.value_at(58) > 0 && curve.value_at(58) < 100);
        QCOMPARE(curve.value_at(61), 100.0);
        pulse.crowding = Crowding::Add;
        curve = pulse_curve_of(with_pulses(pulse, {4, 5}));
        QVERIFY(curve.value_at(61) > 100);
    }

    // Common practice: a change of picture rate at the end, 20 to 60 frames a second, moves nothing: by no
    // more than half a frame of either.
    void another_frame_rate_moves_nothing() {
        Pulse pulse = of_library("swell"); // lengths in beats
        const std::vector<double> beats{4, 7.3, 9.6, 12};
        const auto slow = pulse_curve_of(with_pulses(pulse, beats, 0, 1, "20")),
                   fast = pulse_curve_of(with_pulses(pulse, beats, 0, 1, "60"));
        for (std::size_t i = 0; i < beats.size(); ++i)
            for (const auto edge : {&PulseSpan::start, &PulseSpan::peak, &PulseSpan::end}) {
                const double apart = slow.pulses()[i].*edge / 20 - fast.pulses()[i].*edge / 60;
                QVERIFY(std::abs(apart) <= 0.5 / 20 + 0.5 / 60 + 1e-9);
            }
    }

    void strength_and_silence() {
        auto project = with_pulses(of_library("hit"), {4, 8}, 60, 130); // a floor: rest is not zero
        const auto lane = lane_of_kind(project, kind_of(body_type<PulseBody>));
        const PinId second = project.lane(lane)->pins[1].id;
        project = *with_body(project, second, PulseBody{50});
        const auto curve = pulse_curve_of(project);
        QCOMPARE(curve.value_at(97), 95.0);
        QCOMPARE(curve.value_at(2000), 60.0); // nothing vanishes where nothing happens
        const PinId both[] = {second, project.lane(lane)->pins[0].id};
        const auto muted = pulse_curve_of(with_pins_muted(project, both, true));
        QCOMPARE(muted.value_at(97), 60.0);
        QVERIFY(!with_motion(project, lane_of_kind(project, kind_of(body_type<CutBody>)), Motion{}));
    }

    void keys_as_a_table() {
        const auto project = with_pulses(of_library("dip"), {4}, 0.8, 0.25);
        const auto text = exporter("keys-csv")->write(project);
        QVERIFY(text);
        QCOMPARE(QString::fromStdString(*text), QString("lane,property,unit,frame,seconds,value,easing\r\n"
                                                        "Scale,scale,%,48,2.000000,0.25,hold\r\n"
                                                        "Scale,scale,%,49,2.041667,0.8,hold\r\n"));
    }
};

PULSEPIN_TEST_CLASS(TestPulses, "test_pulses")
#include "test_pulses.moc"
