// SPDX-License-Identifier: GPL-3.0-or-later
//
// What is said in a line: understood, refused with what could be said instead, completed, and done to the
// frame.
#include "follow/feeds.h"
#include "hand/hand_edits.h"
#include "hand/said.h"
#include "hand/said_words.h"
#include "model/edits.h"
#include "schedule/resolve.h"
#include "support/projects.h"
#include "support/test_program.h"

#include <QTest>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

/// 60 bars at 120 BPM; kicks and snares a little off the beats, as hands play them.
Project with_drums() {
    Project project = steady_project(120, 0, 120);
    Detection found;
    OnsetRow kick, snare, strange;
    kick.name = "kick";
    snare.name = "snare";
    strange.name = "low & \"high\" <b>";
    for (int bar = 0; bar < 60; ++bar) {
        const double at = 2.0 * bar;
        kick.onsets.push_back({Seconds(at + 0.003), 0.9f});
        if (bar % 2 == 0)
            kick.onsets.push_back({Seconds(at + 1.26), 0.5f});
        snare.onsets.push_back({Seconds(at + 0.502), 0.8f});
    }
    strange.onsets.push_back({Seconds(3), 1.0f});
    found.rows = {kick, snare, strange};
    project.detection = std::make_shared<const Detection>(found);
    return project;
}

QString what_is_wrong(const Project& project, const char* line) {
    const auto said = understood(project, line);
    return said ? "understood: " + QString::fromStdString(said->told)
                : QString::fromStdString(said.error().message());
}

std::string told(const Project& project, const char* line) {
    const auto said = understood(project, line);
    return said ? said->told : said.error().message();
}

} // namespace

class TestSaid : public QObject {
    Q_OBJECT
private slots:
    void lines_are_told_back_in_words_data() {
        QTest::addColumn<QString>("line");
        QTest::addColumn<QString>("words");
        const auto row = [](const char* line, const char* words) { QTest::newRow(line) << line << words; };
        row("camera zoom 100 -> 112 for 2 frames on every 2nd kick, bars 9-24",
            "Camera · zoom from 100 to 112 and back, held for 2 frames on every 2nd of kick, in bars 9 to "
            "24");
        row("  Camera   ZOOM from 100% to 112% rising 1 frame falling 4 frames on kick OR snare ",
            "Camera · zoom from 100 to 112 and back, rising for 1 frame, falling for 4 frames on kick or "
            "snare, "
            "in the whole song");
        row("camera zoom 100→112 on downbeats, bar 9",
            "Camera · zoom from 100 to 112 and back, falling for 4 frames on downbeats, in bar 9");
        row("flash 60 % for 120 ms on snares in bars 1 to 4",
            "flash 60 %, 120 ms long on snare, in bars 1 to 4");
        row("flash on quarters of beats",
            "flash 100 %, 4 frames long on quarters of beats, in the whole song");
        row("cut on every other downbeat, bars 5–8", "cuts on every 2nd of downbeats, in bars 5 to 8");
        row("marker verse on starts of sections",
            "markers \"verse\" on starts of sections, in the whole song");
        row("marker on beats, bar 2", "markers 1, 2, 3 … on beats, in bar 2");
    }
    void lines_are_told_back_in_words() {
        QFETCH(QString, line);
        QFETCH(QString, words);
        QCOMPARE(QString::fromStdString(told(with_drums(), line.toUtf8().constData())), words);
    }

    void what_is_not_understood_says_what_could_be_said_data() {
        QTest::addColumn<QString>("line");
        QTest::addColumn<QString>("says");
        const auto row = [](const char* line, const char* says) { QTest::newRow(line) << line << says; };
        row("", "Nothing is said yet");
        row("camera zoom 100 -> 110", "Where is not said");
        row("camera zoom 100 -> 110 on sanre", "There is no place called \"sanre\". There are: kick, snare");
        row("camera zoom 100 -> 110 on kick or sanre", "no place called");
        row("camera zoom on kick", "From which value to which is not said");
        row("camera zoom 100 -> on kick", "From which value to which is not said");
        row("camera zoom 100 -> 1e9 on kick", "beyond what camera zoom can be");
        row("camera zoom 100 -> 110 for ever on kick", "How long is not understood after \"for\"");
        row("camera zoom 100 -> 110 for 2 on kick", "How long is not understood");
        row("camera zoom 100 -> 110 softly on kick", "\"softly\" is not understood");
        row("nothing 1 -> 2 on kick", "Nothing in the picture is called \"nothing\"");
        row("x 1 -> 2 on kick", "could be more than one property");
        row("flash 1000 % on kick", "A strength lies from 0 to 400 %");
        row("flash 60 % loudly on kick", "\"loudly\" is not understood");
        row("cut the cake on kick", "\"the cake\" is not understood");
        row("flash on kick, bars 9-8", "Say the first bar, then the last");
        row("flash on kick, bars x", "does not say which bars");
        row("flash on kick, bars 1e300-2e300", "does not say which bars");
        row("flash on every 100th kick", "Every 100th is not possible");
        row("flash on every 0th kick", "Every 0th is not possible");
        row("flash on ", "Where is not said");
        row("nan nan -> inf on kick", "Nothing in the picture is called");
    }
    void what_is_not_understood_says_what_could_be_said() {
        QFETCH(QString, line);
        QFETCH(QString, says);
        const QString wrong = what_is_wrong(with_drums(), line.toUtf8().constData());
        QVERIFY2(wrong.contains(says), qPrintable(wrong));
        // Nothing is done either.
        const Project project = with_drums();
        ParamValues values;
        values.set("line", line.toStdString());
        QVERIFY(!hand_edit("say")->run({Schedule(project), {}, {}, {}, {}, values}));
    }

    // The line of the journey: each onset of both rows in the bars, at its own frame, for one frame.
    void a_dip_lies_on_each_onset_to_the_frame() {
        const Project project = with_drums();
        const auto said =
            understood(project, "camera zoom 110 -> 104 for 1 frame on kick or snare, bars 9-20");
        QVERIFY2(said.has_value(),
                 qPrintable(what_is_wrong(project, "camera zoom 110 -> 104 for 1 frame on kick")));
        const auto done = done_as_said(project, *said);
        QVERIFY(done.has_value());
        const auto rate = project.settings->frame_rate;
        std::set<std::int64_t> wanted;
        for (const auto& row : project.detection->rows)
            if (row.name == "kick" || row.name == "snare")
                for (const auto& onset : row.onsets)
                    if (onset.time >= Seconds(16) && onset.time < Seconds(40))
                        wanted.insert(rate.frame_at(onset.time).value);
        QCOMPARE(wanted.size(), std::size_t{30});
        QCOMPARE(done->count, wanted.size());
        const Curves curves{Schedule(done->project)};
        const Lane& lane = *done->project.lane(done->lane);
        for (std::int64_t frame = rate.frame_at(Seconds(15)).value; frame < rate.frame_at(Seconds(41)).value;
             ++frame)
            QCOMPARE(fed_at(curves, lane, part_of<Motion>(lane)->own, static_cast<double>(frame)),
                     std::optional(wanted.contains(frame) ? 104.0 : 110.0));
        // What would be shown before lies at the same places.
        const auto places = places_of(project, *said);
        QVERIFY(places.has_value());
        for (const Seconds place : *places)
            QVERIFY(wanted.contains(rate.frame_at(place).value));
        QCOMPARE(places->size(), wanted.size());
    }

    void others_go_to_the_first_lane_of_their_kind() {
        Project project = with_drums();
        const std::size_t lanes = project.lanes.size();
        const auto flash =
            done_as_said(project, *understood(project, "flash 60 % for 2 frames on snare, bars 1-8"));
        QVERIFY(flash.has_value());
        QCOMPARE(flash->count, std::size_t{8});
        QCOMPARE(flash->project.lanes.size(), lanes + 1); // there was none of triggers
        const auto& body = body_of<TriggerBody>(flash->project.lane(flash->lane)->pins.front().body);
        QCOMPARE(body.strength, 60.0);
        QCOMPARE(body.length, (Length{Length::Unit::InFrames, 2}));
        const auto again = done_as_said(flash->project,
                                        *understood(flash->project, "strobe for 1 beat on kick, bars 10-11"));
        QCOMPARE(again->project.lanes.size(), lanes + 1);
        QCOMPARE(again->lane, flash->lane);
        const auto cuts = done_as_said(project, *understood(project, "cut on downbeats, bars 3-6"));
        QVERIFY(cuts.has_value());
        QCOMPARE(cuts->count, std::size_t{4});
        QCOMPARE(cuts->project.lane(cuts->lane)->kind, kind_of(body_type<CutBody>));
        const auto markers = done_as_said(project, *understood(project, "marker on downbeats, bars 3-4"));
        QCOMPARE(body_of<MarkerBody>(markers->project.lane(markers->lane)->pins.back().body).name,
                 std::string("2"));
        // Each can be run again.
        QVERIFY(cuts->project.plantings->back().picker.has_value());
    }

    void without_beats_onsets_can_be_said() {
        Project project = with_drums();
        project.grid = nullptr;
        QVERIFY(understood(project, "flash on kick").has_value());
        QVERIFY(what_is_wrong(project, "flash on beats").contains("There are no beats yet"));
        QVERIFY(what_is_wrong(project, "flash on kick, bars 1-2").contains("There are no bars yet"));
        const auto done = done_as_said(project, *understood(project, "flash on kick"));
        QVERIFY2(done.has_value(), done ? "" : done.error().message().c_str());
        QCOMPARE(done->count, std::size_t{90});
    }

    // Whatever a line is completed to is one that goes on, and each step of one that is typed has a next.
    void lines_are_completed() {
        const Project project = with_drums();
        const auto lines = [&](const char* begun) { return lines_that_go_on(project, begun); };
        QVERIFY(lines("cam").front().starts_with("camera "));
        QVERIFY(lines("fl").front().starts_with("flash on "));
        QCOMPARE(lines("flash on k").front(), std::string("flash on kick"));
        QCOMPARE(lines("flash on kick or sn").front(), std::string("flash on kick or snare"));
        QCOMPARE(lines("flash on every 2nd do").front(), std::string("flash on every 2nd downbeats"));
        QVERIFY(lines("qqq").empty());
        for (const auto& begun : lines(""))
            for (const auto& whole : lines_that_go_on(project, begun))
                if (!whole.ends_with(' '))
                    QVERIFY2(understood(project, whole).has_value(),
                             qPrintable(what_is_wrong(project, whole.c_str())));
    }

    // No line, however it is torn, does anything but be refused or understood.
    void any_line_can_be_read() {
        const Project project = with_drums();
        const std::string whole = "camera zoom 100 -> 112 for 2 frames on every 2nd kick or snare, bars 9-24";
        for (std::size_t from = 0; from < whole.size(); ++from)
            for (std::size_t length = 1; from + length <= whole.size(); length += 3) {
                const std::string part = whole.substr(from, length);
                (void)understood(project, part);
                (void)lines_that_go_on(project, part);
            }
        for (const char* odd :
             {" on ", "on on on", "-> -> on kick", "1 -> 2 on kick", "%%% on kick", ", bars on",
              "\xff\xfe on kick", "every every on every", "camera zoom 1->2->3 on kick"})
            (void)understood(project, odd);
        QVERIFY(understood(project, "flash on low & \"high\" <b>").has_value());
    }
};

PULSEPIN_TEST_CLASS(TestSaid, "test_said")
#include "test_said.moc"
