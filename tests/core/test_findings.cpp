// SPDX-License-Identifier: GPL-3.0-or-later
//
// What is accepted as meant and how long it stays so, mending all alike, and the rows of the report.
#include "check/error_histogram.h"
#include "interchange/project_json.h"
#include "model/history.h"
#include "support/checked_pieces.h"
#include "support/test_program.h"

#include <QTest>

using namespace pulsepin;
using namespace pulsepin::test;

class TestFindings : public QObject {
    Q_OBJECT
private slots:
    void accepted_findings_stay_so_while_they_are_alike() {
        Project project = clean();
        const PinId cut = pin_at(project, cuts_of(project), 2);
        project = *with_anchor(project, cut, TimeAnchor{Seconds(8.104)});
        project = with_accepted(project, only(found_in(project), "off-beat"), "a stumble");
        QCOMPARE(only(found_in(project), "off-beat").accepted, std::optional<std::string>("a stumble"));
        QCOMPARE(findings_text(found_in(project)), "nothing found");
        const auto moved = [&](double by) {
            return retimed(project, *BeatGrid::steady(Bpm(120), Seconds(by), {}, Seconds(60)));
        };
        QVERIFY(only(found_in(moved(0.005)), "off-beat").accepted);
        QVERIFY(only(found_in(moved(-0.005)), "off-beat").accepted);
        const auto far = found_in(moved(-0.1));
        QVERIFY(std::any_of(far.begin(), far.end(), [&](const Finding& f) {
            return f.pin == cut && f.check == "off-beat" && !f.accepted;
        }));
        // It is kept in the project's file, and taken back.
        const auto read = project_from_json(project_to_json(project, "/music"), "/music");
        QVERIFY(read && *read->checking == *project.checking);
        project = without_accepted(project, only(found_in(project), "off-beat"));
        QVERIFY(project.checking->accepted.empty());
    }
    void what_is_accepted_stays_so_when_the_song_is_trimmed() {
        Project project = clean();
        const PinId cut = pin_at(project, cuts_of(project), 4);
        project = *with_anchor(project, cut, TimeAnchor{Seconds(16.1)});
        project = with_accepted(project, only(found_in(project), "off-beat"), "meant");
        const auto trimmed = with_song_trimmed(project, Seconds(2), Seconds(60));
        QVERIFY(trimmed);
        QVERIFY(only(found_in(*trimmed), "off-beat").accepted);
    }
    void accepted_stretches_move_a_little() {
        auto material = material_of(clean());
        const auto doubtful = [&](double at, double trust) {
            material.trust = std::make_shared<const std::vector<BarTrust>>(
                std::vector<BarTrust>{{0, Seconds(at), Seconds(at + 2), trust, {}, false}});
            return only(findings(material), "doubtful-grid");
        };
        material = material.with(with_accepted(material.project(), doubtful(10, 0.3), ""));
        QVERIFY(doubtful(10.005, 0.3).accepted);
        QVERIFY(!doubtful(10.1, 0.3).accepted);
        QVERIFY(!doubtful(10, 0.1).accepted);
    }

    void locked_things_are_not_mended() {
        Project project = clean();
        const PinId cut = pin_at(project, cuts_of(project), 2);
        project = *with_anchor(project, cut, TimeAnchor{Seconds(8.2)});
        const PinId locked[] = {cut};
        project = with_pins_locked(project, locked, true);
        const auto material = material_of(project);
        const auto done = mended({material, only(found_in(project), "off-beat")});
        QVERIFY(!done && !done.error().remedy.empty());
    }
    void all_alike_are_mended_in_one_step() {
        Project project = clean();
        for (std::size_t i = 2; i < 8; ++i)
            project = *with_anchor(project, pin_at(project, cuts_of(project), i),
                                   TimeAnchor{Seconds(static_cast<double>(i) * 4 + 0.07)});
        const auto found = found_in(project);
        QCOMPARE(found.size(), std::size_t(6));
        const auto accepted = with_accepted(project, found[1], "meant");
        const auto material = material_of(accepted);
        const auto done = all_mended({material, found[0]});
        QVERIFY(done);
        QCOMPARE(done->will, "fixes 5 of 5");
        const auto left = found_in(done->project);
        QVERIFY(left.size() == 1 && left[0].accepted);
    }

    void rows_of_the_report() {
        Project project = with_lane(clean(), kind_of(body_type<PulseBody>), "Scale");
        const LaneId lane = project.lanes.back()->id;
        Motion motion;
        motion.pulse.up = {Length::Unit::InFrames, 3};
        project = *with_motion(project, lane, motion);
        project = *with_pins(project, lane, {{{}, MusicalAnchor{Ticks(960 * 4)}, PulseBody{}, {}}});
        project = *with_lead(project, lane, Frames(2));
        const auto rows = sync_report(Schedule(project));
        const auto& row = rows.back();
        QVERIFY(row.frame == Frames(46)); // bar 2 is frame 48, two earlier
        QVERIFY(row.seen == Frames(49));  // it peaks three frames after that
        QVERIFY(row.meant && std::abs(row.error().value) < 1e-9);
        const auto csv = QString::fromStdString(sync_csv(rows, project));
        QCOMPARE(csv.count("\r\n"), static_cast<qsizetype>(rows.size() + 1));
        QVERIFY(csv.contains("Scale,pulse,"));
        const auto histogram = error_histogram(rows, usual_error(*project.settings));
        QCOMPARE(histogram.count, std::size_t(16));
        QVERIFY(histogram.beyond.empty() && histogram.most == 16);
    }
    void every_check_is_told_apart() {
        std::set<std::string_view> ids;
        for (const auto& row : checks()) {
            QVERIFY(ids.insert(row.id).second);
            QVERIFY(!row.label.empty() && !row.explains.empty() && row.find);
            QCOMPARE(check(row.id), &row);
        }
        QCOMPARE(check("nothing"), nullptr);
        QVERIFY(!with_check_limits(new_project(), {{"shortest", 0.0}}));
        QVERIFY(!with_check_limits(new_project(), {{"nothing", 1.0}}));
    }
};

PULSEPIN_TEST_CLASS(TestFindings, "test_findings")
#include "test_findings.moc"
