// SPDX-License-Identifier: GPL-3.0-or-later
//
// Onsets corrected by hand, and rows that are made of others.
#include "interchange/project_json.h"
#include "model/onset_edits.h"
#include "schedule/picker.h"
#include "support/projects.h"
#include "support/test_program.h"

#include <QTest>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

OnsetRow row_of(const char* name, std::initializer_list<double> times, float strength = 0.5f) {
    OnsetRow row;
    row.name = name;
    for (const double time : times)
        row.onsets.push_back({Seconds(time), strength});
    return row;
}

Project heard() {
    Project project = steady_project();
    Detection found;
    found.rows = {row_of("onsets", {1, 2, 3, 4}), row_of("kick", {1, 3}, 0.9f),
                  row_of("snare", {2, 3.02, 4}, 0.4f)};
    return with_detection(project, found, false);
}

std::vector<double> times(const Project& project, std::size_t row) {
    std::vector<double> all;
    for (const auto& onset : project.detection->rows[row].onsets)
        all.push_back(onset.time.value);
    return all;
}

const OnsetRow& row(const Project& project, std::size_t index) {
    return project.detection->rows[index];
}

} // namespace

class TestOnsetEdits : public QObject {
    Q_OBJECT
private slots:
    void onsets_are_added_moved_made_stronger_and_deleted() {
        Project project = heard();
        project = *with_onset_added(project, 0, Seconds(2.5), 0.8f);
        project = *with_onset_moved(project, 0, Seconds(3), Seconds(3.1));
        project = *with_onset_deleted(project, 0, Seconds(4));
        project = *with_onset_strength(project, 0, Seconds(1), 0.2f);
        QCOMPARE(times(project, 0), (std::vector<double>{1, 2, 2.5, 3.1}));
        QCOMPARE(row(project, 0).by_hand.size(), std::size_t{4});
        QCOMPARE(row(project, 0).onsets[0].strength, 0.2f);
        QCOMPARE(row(project, 0).onsets[3].strength, 0.5f); // a moved one is as strong as it was
        QVERIFY(row(project, 0).onsets[2].by_hand && !row(project, 0).onsets[1].by_hand);
        // Where nothing is, nothing is changed; twice at one time there is none.
        QVERIFY(!with_onset_moved(project, 0, Seconds(3), Seconds(5)));
        QVERIFY(!with_onset_deleted(project, 0, Seconds(4)));
        QVERIFY(!with_onset_added(project, 0, Seconds(2), 1));
        QVERIFY(!with_onset_added(project, 9, Seconds(2.2), 1));
    }

    void corrections_of_corrections_are_one() {
        Project project = heard();
        project = *with_onset_moved(project, 0, Seconds(3), Seconds(3.1));
        project = *with_onset_moved(project, 0, Seconds(3.1), Seconds(3.2));
        QCOMPARE(row(project, 0).by_hand.size(), std::size_t{1});
        QCOMPARE(row(project, 0).by_hand[0].was, std::optional(Seconds(3)));
        project = *with_onset_deleted(project, 0, Seconds(3.2));
        QCOMPARE(row(project, 0).by_hand.size(), std::size_t{1});
        QVERIFY(!row(project, 0).by_hand[0].now);
        project = *with_correction_taken_back(project, 0, Seconds(3));
        QVERIFY(same_content(project, heard()));
        // What was added and deleted again was never there.
        project = *with_onset_deleted(*with_onset_added(project, 0, Seconds(2.2)), 0, Seconds(2.2));
        QVERIFY(same_content(project, heard()));
        QVERIFY(!with_correction_taken_back(project, 0, Seconds(1)));
    }

    void they_survive_another_way_of_finding() {
        Project project = heard();
        project = *with_onset_moved(project, 0, Seconds(3), Seconds(3.1));
        project = *with_onset_deleted(project, 0, Seconds(4));
        project = *with_onset_added(project, 0, Seconds(5));
        // Found otherwise: a little elsewhere, and one more.
        const auto again =
            corrected(row_of("onsets", {1.004, 2, 3.02, 3.98, 4.5}).onsets, row(project, 0).by_hand);
        std::vector<double> lie;
        for (const auto& onset : again)
            lie.push_back(onset.time.value);
        QCOMPARE(lie, (std::vector<double>{1.004, 2, 3.1, 4.5, 5}));
        // The song listened to once more.
        Detection found;
        found.rows = {row_of("onsets", {1, 2, 3, 4, 6}), row_of("kick", {1, 3})};
        project = with_detection(project, found, false);
        QCOMPARE(times(project, 0), (std::vector<double>{1, 2, 3.1, 5, 6}));
        QCOMPARE(row(project, 0).by_hand.size(), std::size_t{3});
        // Rows that stay as they are do so.
        const Project same = with_detection(project, *project.detection, false);
        QVERIFY(same_content(same, project));
    }

    void rows_are_made_of_others() {
        Project project = heard();
        OnsetRow both;
        both.name = "kick or snare";
        both.merged = OnsetRow::Merged{{"kick", "snare"}, {}, Seconds(0.03), Seconds(0.05)};
        project = *with_onset_row(project, 3, both);
        QCOMPARE(times(project, 3), (std::vector<double>{1, 2, 3, 4})); // 3 and 3.02 are one, the stronger
        QCOMPARE(row(project, 3).onsets[2].strength, 0.9f);
        OnsetRow alone;
        alone.name = "kick without snare";
        alone.merged = OnsetRow::Merged{{"kick"}, {"snare"}, Seconds(0.03), Seconds(0.05)};
        project = *with_onset_row(project, 4, alone);
        QCOMPARE(times(project, 4), (std::vector<double>{1}));
        // They follow the rows that they are made of, and have none to correct of their own.
        project = *with_onset_added(project, 2, Seconds(1.01)); // stronger than the kick beside it
        QCOMPARE(times(project, 3), (std::vector<double>{1.01, 2, 3, 4}));
        QCOMPARE(times(project, 4), (std::vector<double>{}));
        QVERIFY(!with_onset_deleted(project, 3, Seconds(2)));
        project = *without_onset_row(project, 2);
        QCOMPARE(times(project, 2), (std::vector<double>{1, 3}));
        // A picker takes such a row as one source.
        Picker picker;
        picker.source = "onsets";
        picker.until = Ticks(100 * 960);
        picker.values = {{"row", std::string("kick or snare")}};
        QCOMPARE(pick(picker, project)->size(), std::size_t{2});
    }

    void the_file_and_a_trim_keep_them() {
        Project project = heard();
        project = *with_onset_moved(project, 0, Seconds(3), Seconds(3.1));
        project = *with_onset_deleted(project, 0, Seconds(4));
        OnsetRow both;
        both.name = "both";
        both.merged = OnsetRow::Merged{{"kick", "snare"}, {"onsets"}};
        both.click = 4;
        project = *with_onset_row(project, 3, both);
        const auto read = project_from_json(project_to_json(project, {}), {});
        QVERIFY2(read.has_value(), read ? "" : read.error().message().c_str());
        QVERIFY(same_content(*read, project));
        const auto trimmed = with_song_trimmed(project, Seconds(2.5), Seconds(50));
        QVERIFY(trimmed.has_value());
        QVERIFY(std::abs(row(*trimmed, 0).onsets.front().time.value - 0.6) < 1e-9);
        QVERIFY(std::abs(row(*trimmed, 0).by_hand[0].now->value - 0.6) < 1e-9);
        QVERIFY(with_correction_taken_back(*trimmed, 0, row(*trimmed, 0).onsets.front().time).has_value());
        // Heard to begin a little before the range, it begins with it, and is still corrected.
        const auto close = with_song_trimmed(project, Seconds(3.12), Seconds(50));
        QVERIFY(close.has_value());
        QCOMPARE(row(*close, 0).onsets.front().time, Seconds(0));
        QVERIFY(row(*close, 0).onsets.front().by_hand);
        QCOMPARE(row(*close, 0).by_hand[0].now, std::optional(Seconds(0)));
    }
};

PULSEPIN_TEST_CLASS(TestOnsetEdits, "test_onset_edits")
#include "test_onset_edits.moc"
