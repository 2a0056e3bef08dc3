// SPDX-License-Identifier: GPL-3.0-or-later
//
// What leaves must not lie: to the frame, to the cell, and with the true reason where it is refused.
#include "base/csv_text.h"
#include "base/text_file.h"
#include "base/unicode.h"
#include "interchange/beat_list.h"
#include "interchange/exporters.h"
#include "interchange/outputs.h"
#include "kinds/kinds.h"
#include "schedule/add_pin.h"
#include "schedule/resolve.h"
#include "schedule/triggers.h"
#include "support/projects.h"
#include "support/test_program.h"
#include "time/grid_edits.h"

#include <QTemporaryDir>
#include <QTest>
#include <cmath>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

bool says(const Result<BeatGrid>& grid, const std::string& part) {
    return !grid && grid.error().message().find(part) != std::string::npos;
}

} // namespace

class TestHandedOn : public QObject {
    Q_OBJECT
private slots:
    // -- frames

    /// A cue may begin up to a millisecond after its frame, never before it (WebVTT has milliseconds only).
    void cues_begin_with_their_frame_at_every_rate() {
        for (const auto rate : common_frame_rates())
            for (std::int64_t frame = 0; frame < 200'000; frame += frame < 3000 ? 1 : 97) {
                const auto ms = rate.milliseconds_until(Frames(frame));
                // Both sides times the numerator, so that the comparison is one of whole numbers.
                const auto exact = static_cast<__int128>(frame) * rate.denominator() * 1000;
                QVERIFY(static_cast<__int128>(ms) * rate.numerator() >= exact);
                QVERIFY(static_cast<__int128>(ms - 1) * rate.numerator() < exact);
                QCOMPARE(rate.frame_at(Seconds(static_cast<double>(ms) / 1000)), Frames(frame));
            }
    }

    void half_a_frame_is_decided_without_rounding() {
        const auto rate = *FrameRate::make(25, 1);
        const auto nearest = [&](double t) {
            return round_to_frame(Seconds(t), rate, FrameRounding::Nearest).frame;
        };
        // The double next to 856.100 lies 5.7e-13 of a frame above the half.
        QCOMPARE(nearest(856.100), Frames(21403));
        QCOMPARE(nearest(std::nextafter(856.100, 0)), Frames(21402));
        QCOMPARE(nearest(0.5), Frames(12)); // 12.5 to the last bit: the earlier one
        QCOMPARE(nearest(std::nextafter(0.5, 1)), Frames(13));
        QCOMPARE(nearest(-0.5), Frames(-13));
        for (const auto each : common_frame_rates())
            for (std::int64_t frame = -50; frame < 4000; ++frame) {
                const double start = each.start_of(Frames(frame)).value, half = each.frame_length().value / 2;
                QCOMPARE(round_to_frame(Seconds(start), each, FrameRounding::Nearest).frame, Frames(frame));
                QCOMPARE(round_to_frame(Seconds(start + half * 0.999999), each, FrameRounding::Nearest).frame,
                         Frames(frame));
                QCOMPARE(round_to_frame(Seconds(start + half * 1.000001), each, FrameRounding::Nearest).frame,
                         Frames(frame + 1));
            }
    }

    void times_beyond_all_reason_do_no_harm() {
        const auto rate = *FrameRate::make(30000, 1001);
        for (const double t : {1e300, -1e300, std::numeric_limits<double>::infinity(),
                               std::numeric_limits<double>::quiet_NaN(), 1e-300, -1e-300, 9e15}) {
            // Whole frames at one end or the other, and the earlier of two times never has the later frame.
            const auto rounded = round_to_frame(Seconds(t), rate, FrameRounding::Nearest);
            const auto seen = rate.frame_at(Seconds(t));
            QVERIFY(std::abs(static_cast<double>(rounded.frame.value - seen.value)) <= 1);
            if (t > 1e15)
                QVERIFY(seen > rate.frame_at(Seconds(1e9)));
            if (t < -1e15)
                QVERIFY(seen < rate.frame_at(Seconds(-1e9)));
        }
        const auto grid = *BeatGrid::steady(Bpm(120), Seconds(0), {}, Seconds(10));
        QVERIFY(grid.nearest_tick(Seconds(1e300)) > grid.nearest_tick(Seconds(1e6)));
        QVERIFY(grid.position_of(grid.nearest_tick(Seconds(1e300))).bar > 1000);
        QVERIFY(grid.nearest_beat(Seconds(-1e300)) <= grid.nearest_beat(Seconds(0)));
    }

    /// Where the playhead goes to see a pin, the pin's frame is on screen, whichever way it was rounded.
    void the_moment_of_a_pin_shows_its_frame() {
        for (const char* name : {"24", "23.976", "29.97", "60"}) {
            const auto project = with_random_pins(steady_project(118, 0.37, 60, name), 7, 200);
            const auto rate = project.settings->frame_rate;
            int rounded_up = 0;
            for (const auto& lane : resolve(project))
                for (const auto& pin : lane.pins) {
                    QCOMPARE(rate.frame_at(moment_of(pin, rate)), pin.frame);
                    rounded_up += moment_of(pin, rate) > pin.time;
                }
            QVERIFY(rounded_up > 20);
        }
    }

    // -- cells

    void cells_do_not_run_as_formulas() {
        for (const char* bad : {"=1+1", "+1", "-1", "@SUM(A1)", "\tx", "\rx"})
            QVERIFY2(quoted(bad).find('\'') <= 1, bad);
        QCOMPARE(quoted("=HYPERLINK(\"x\",\"y\")"), std::string("\"'=HYPERLINK(\"\"x\"\",\"\"y\"\")\""));
        QCOMPARE(quoted("chorus - drop"), std::string("chorus - drop"));
        auto project = steady_project();
        project = *with_pins(project, lane_of_kind(project, kind_of(body_type<MarkerBody>)),
                             {{{}, TimeAnchor{Seconds(-1)}, MarkerBody{"=cmd|' /C calc'!A0", "@x"}, {}}});
        const auto text = *exporter("csv")->write(project);
        QVERIFY(text.find("\n'=cmd") != std::string::npos && text.find(",'@x,") != std::string::npos);
        QVERIFY(text.find(",-1.000000,") != std::string::npos); // numbers stay numbers
    }

    // -- beat lists

    void a_list_of_empty_quotes_is_read() {
        const auto grid = read_beat_list("\"\"\n0.5\n1.0\n");
        QVERIFY(grid && grid->beats().size() == 2);
        QVERIFY(!read_beat_list("\"\"\n\"\"\n"));
        QVERIFY(!read_beat_list("\" \" \"\"\n\n"));
    }

    void decimal_commas_are_read() {
        const auto times = [](const char* text) {
            const auto grid = read_beat_list(text);
            std::vector<double> all;
            for (const auto& beat : grid ? grid->beats() : std::vector<GridBeat>())
                all.push_back(beat.time.value);
            return all;
        };
        const std::vector<double> wanted{0.52, 1.04, 1.56};
        QCOMPARE(times("0,52\n1,04\n1,56\n"), wanted);
        QCOMPARE(times("0,52;1\n1,04;2\n1,56;3\n"), wanted);
        QCOMPARE(times("0,52\t1\n1,04\t2\n1,56\t3\n"), wanted);
        QCOMPARE(times("0,52 1\n1,04 2\n1,56 3\n"), wanted);
        QCOMPARE(times("0,5\n1,0\n1,5\n"), (std::vector<double>{0.5, 1, 1.5}));
        QCOMPARE(times("1,1\n2,2\n3,3\n"), (std::vector<double>{1, 2, 3})); // time and beat in the bar
        QCOMPARE(times("0.52,1\n1.04,2\n1.56,3\n"), wanted);
        QCOMPARE(times("time,beat\n0.52,1\n1.04,2\n1.56,3\n"), wanted);
    }

    void utf_16_is_read() {
        const QString text = "0.5\t1\n1.0\t2\n";
        const QByteArray little("\xff\xfe", 2), big("\xfe\xff", 2);
        QByteArray a = little, b = big;
        for (const QChar c : text) {
            a.append(c.cell()).append(c.row());
            b.append(c.row()).append(c.cell());
        }
        for (const auto& bytes : {a, b, a.mid(2), b.mid(2)})
            QVERIFY(read_beat_list(bytes.toStdString()).has_value());
        QCOMPARE(as_utf8(std::string("\xff\xfe\x3d\xd8\x00\xde", 6)), std::string("\xf0\x9f\x98\x80"));
        QCOMPARE(as_utf8(std::string("\xff\xfe\x3d\xd8", 4)), std::string("\xef\xbf\xbd")); // half of a pair
    }

    void lists_are_refused_with_the_true_reason() {
        QVERIFY(says(read_beat_list("0.5\n1e308\n"), "Line 2") &&
                says(read_beat_list("0.5\n1e308\n"), "1e+308"));
        QVERIFY(says(read_beat_list("0.5\n0.5000001\n1\n"), "0.0001 ms later"));
        QVERIFY(says(read_beat_list("0.5\n1e999\n"), "Line 2"));
        QVERIFY(says(read_beat_list("1e999\n0.5\n1\n"), "Line 1")); // no heading
        QVERIFY(says(read_beat_list("0.00\n0.05\n0.10\n0.15\n"), "1200 beats a minute"));
        QVERIFY(says(read_beat_list("0\n10\n20\n30\n"), "6 beats a minute"));
        QVERIFY(says(read_beat_list(std::string("\x7f"
                                                "ELF\0\0\0",
                                                7)),
                     "no text"));
        QVERIFY(read_beat_list("0\n0.5\n1\n30\n30.5\n31\n").has_value()); // a pause
    }

    void the_tempo_of_a_grid_has_limits_that_are_told() {
        auto grid = *BeatGrid::steady(Bpm(120), Seconds(0), {}, Seconds(60));
        int doubled = 0;
        for (; doubled < 20; ++doubled) {
            auto next = with_tempo_ratio(grid, 2, 1);
            if (!next) {
                QVERIFY(says(next, "960 beats a minute") && says(next, "15 to 600"));
                break;
            }
            grid = *std::move(next);
        }
        QCOMPARE(doubled, 2);
        for (int halved = 0; halved < 20; ++halved)
            if (auto next = with_tempo_ratio(grid, 1, 2))
                grid = *std::move(next);
        QCOMPARE(std::lround(grid.typical_tempo().value), 15);
        QVERIFY(!BeatGrid::make(grid.beats(), std::int64_t{1} << 62, {}));
    }

    // -- outputs

    void an_output_is_never_an_input() {
        QTemporaryDir dir;
        const std::filesystem::path folder = dir.path().toStdString();
        const auto song = folder / "song.wav", project = folder / "p.pulsepin";
        for (const auto& path : {song, project})
            QVERIFY(write_text_file(path, "x").has_value());
        std::filesystem::create_symlink(song, folder / "link.wav");
        std::filesystem::create_hard_link(song, folder / "hard.wav");
        const Inputs inputs{project, song, folder / "missing.webm"};
        for (const char* name :
             {"song.wav", "p.pulsepin", "link.wav", "hard.wav", "./song.wav", "missing.webm"})
            for (const bool replace : {false, true})
                QVERIFY2(!may_write(folder / name, inputs, replace), name);
        QVERIFY(may_write(folder / "new.csv", inputs, false).has_value());
        QVERIFY(write_text_file(folder / "old.csv", "x").has_value());
        QVERIFY(!may_write(folder / "old.csv", inputs, false) &&
                may_write(folder / "old.csv", inputs, true).has_value());
        QVERIFY(may_write("/dev/stdout", inputs, false).has_value());
    }

    void only_what_takes_curves_needs_the_song() {
        auto project = with_lane(steady_project(), kind_that_follows(), "Level");
        project =
            *with_pins(project, lane_of_kind(project, kind_of(body_type<CutBody>)),
                       {{{}, MusicalAnchor{Ticks(0)}, CutBody{project.bin->front().id, Seconds(0)}, {}}});
        for (const auto& row : exporters()) { // its song is not there
            const auto curves = curves_for(row, project);
            QCOMPARE(curves.has_value(), !row.takes_curves);
            if (!curves)
                QVERIFY(curves.error().message().find("song.wav") != std::string::npos);
        }
        Lane lane = *project.lanes.back(); // the beats are there
        part_of<Motion>(lane)->follower.source = "nearness";
        project.lanes.back() = std::make_shared<const Lane>(lane);
        QVERIFY(curves_for(*exporter("frames-csv"), project).has_value());
    }

    // -- adding one pin

    void a_pin_is_added_where_it_was_wanted() {
        const auto project = steady_project();
        const auto markers = lane_of_kind(project, kind_of(body_type<MarkerBody>));
        const auto added = with_pin_added(project, markers, Seconds(1.2345678));
        QVERIFY(added && !added->was_there);
        const auto first = resolve(added->project, *added->project.lane(markers)).pins.front();
        QVERIFY(std::abs(first.time.value - 1.2345678) < 1e-12 && first.pinned);
        // Another at the same place is not added, but named.
        const auto again = with_pin_added(added->project, markers, Seconds(1.2345678));
        QVERIFY(again && again->was_there && again->pin == added->pin);
        QVERIFY(same_content(again->project, added->project));
    }

    void a_new_marker_does_not_take_the_note_of_another() {
        auto project = steady_project();
        const auto markers = lane_of_kind(project, kind_of(body_type<MarkerBody>));
        project =
            *with_pins(project, markers, {{{}, MusicalAnchor{Ticks(0)}, MarkerBody{"a", "a note", 2}, {}}});
        const auto added = with_pin_added(project, markers, Seconds(2));
        const auto& body = body_of<MarkerBody>(added->project.pin(added->pin)->body);
        QVERIFY(body.note.empty() && body.colour == 2);
    }

    void a_trigger_lasts_as_long_as_the_range_or_as_is_usual() {
        const auto project = with_lane(steady_project(), kind_of(body_type<TriggerBody>), "Flash");
        const auto lane = lane_of_kind(project, kind_of(body_type<TriggerBody>));
        const auto span = [&](const Result<AddedPin>& added) {
            const auto& to = added->project;
            return triggers_of(to, *to.lane(lane), resolve(to, *to.lane(lane))).front();
        };
        const auto alone = span(with_pin_added(project, lane, Seconds(2)));
        QCOMPARE((alone.end - alone.start).value, 4); // not to the end of the song
        const auto ranged = span(with_pin_added(project, lane, Seconds(9), TimeSpan{Seconds(2), Seconds(4)}));
        QCOMPARE(ranged.start, Frames(48));
        QCOMPARE(ranged.end, Frames(96));
    }

    // -- trimming

    void trimming_keeps_what_belongs_to_the_range() {
        auto project = steady_project();
        Detection found;
        found.rows.resize(1);
        found.rows[0].name = "onsets";
        found.rows[0].onsets = {{Seconds(1.9), 0.3f},
                                {Seconds(3.97), 0.9f},
                                {Seconds(3.99), 0.4f},
                                {Seconds(4.5), 0.5f},
                                {Seconds(9), 0.5f}};
        project = with_detection(project, found, false);
        auto bin = *project.bin;
        bin[0].begins_at = Seconds(5);
        project.bin = std::make_shared<const std::vector<Clip>>(bin);
        project = with_excluded(project, {Seconds(3), Seconds(5)}, true);
        project = with_excluded(project, {Seconds(20), Seconds(30)}, true);
        const auto markers = lane_of_kind(project, kind_of(body_type<MarkerBody>));
        project = *with_pins(project, markers,
                             {{{}, MusicalAnchor{Ticks(960 * 2)}, MarkerBody{"before"}, {}},
                              {{}, MusicalAnchor{Ticks(960 * 10)}, MarkerBody{"within"}, {}},
                              {{}, TimeAnchor{Seconds(8)}, MarkerBody{"at the end"}, {}},
                              {{}, TimeAnchor{Seconds(50)}, MarkerBody{"behind"}, {}}});
        const auto kept = *with_song_trimmed(project, Seconds(4), Seconds(8));
        // The beat on which the range begins was heard 30 ms before it.
        const auto& onsets = kept.detection->onsets();
        QCOMPARE(onsets.size(), std::size_t{2});
        QVERIFY(onsets[0].time == Seconds(0) && onsets[0].strength == 0.9f && onsets[1].time == Seconds(0.5));
        QCOMPARE(kept.bin->front().begins_at, std::optional(Seconds(1)));
        QVERIFY(*kept.excluded == std::vector<TimeSpan>({{Seconds(0), Seconds(1)}}));
        QCOMPARE(pins_outside_song(Schedule(kept)).size(), std::size_t{3});
        QCOMPARE(kept.lane(markers)->pins.size(), std::size_t{4}); // none is lost
    }
};

PULSEPIN_TEST_CLASS(TestHandedOn, "test_handed_on")
#include "test_handed_on.moc"
