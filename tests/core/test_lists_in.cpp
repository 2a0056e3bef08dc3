// SPDX-License-Identifier: GPL-3.0-or-later
//
// Lists of other programs that come in: what goes out and comes back is the same, what a foreign library made
// is understood, and what is broken is told by its line and changes nothing.
#include "hand/bring_in.h"
#include "interchange/exporters.h"
#include "interchange/list_readers.h"
#include "kinds/kinds.h"
#include "model/anchored_time.h"
#include "model/edits.h"
#include "model/lane_edits.h"
#include "model/pin_edits.h"
#include "schedule/shots.h"
#include "schedule/sound_parts.h"
#include "support/projects.h"
#include "support/seed.h"
#include "support/test_program.h"

#include <QProcess>
#include <QTemporaryDir>
#include <random>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

Result<BroughtIn> read_with(const ListReaderRow& row, std::string_view bytes, FrameRate rate = {},
                            ParamValues values = {}) {
    return row.read(bytes, {rate, completed(values, row.parameters)});
}

/// A lane of cuts at random frames, of random shots, speeds and fades.
Project cut_at_random(Project project, std::mt19937& random) {
    const auto rate = project.settings->frame_rate;
    const auto whole = [&](int least, int most) {
        return std::uniform_int_distribution(least, most)(random);
    };
    const LaneId lane = lane_of_kind(project, kind_of(body_type<CutBody>));
    std::vector<Pin> pins;
    for (Frames frame(whole(0, 10)); frame < Frames(600); frame += Frames(whole(24, 70))) {
        CutBody cut;
        const auto& clip =
            (*project.bin)[static_cast<std::size_t>(whole(0, static_cast<int>(project.bin->size()) - 1))];
        cut.shot = clip.id;
        cut.in_point = rate.start_of(Frames(whole(0, 60)));
        if (!pins.empty() && whole(0, 3) == 0)
            cut.fade = Frames(2 * whole(1, 6));
        if (whole(0, 4) == 0)
            cut.speed = 50 * whole(1, 4);
        // What a fade shows before its cut lies in the clip: lists name nothing before a first picture.
        cut.in_point =
            std::max(cut.in_point, rate.start_of(Frames(cut.fade.value * std::llround(cut.speed) / 200)));
        pins.push_back({{}, TimeAnchor{rate.start_of(frame)}, cut, {}});
    }
    return *with_pins(project, lane, std::move(pins));
}

Project without_cuts(Project project) {
    std::erase_if(project.lanes, [](const auto& lane) { return holds<CutBody>(lane->kind); });
    return project;
}

const Lane& only_cuts(const Project& project) {
    return *project.first_lane(body_type<CutBody>);
}

/// What is seen from frame to frame, in words.
QStringList seen(const Project& project) {
    QStringList all;
    const Schedule schedule(project);
    for (const auto& shot : schedule.spans(only_cuts(project).id).shots) {
        const Clip* clip = project.clip(shot.shot);
        if (!clip)
            continue;
        all << QString("%1 %2 in %3 x%4 fade %5")
                   .arg(QString::fromStdString(clip->name))
                   .arg(shot.start.value)
                   .arg(round_to_frame(shot.in_point, project.settings->frame_rate, FrameRounding::Nearest)
                            .frame.value)
                   .arg(shot.speed)
                   .arg(shot.fade.value);
    }
    return all;
}

constexpr std::string_view foreign_edl = R"(TITLE: A REEL
FCM: NON-DROP FRAME

001  BL       V     C        00:00:00:00 00:00:01:00 01:00:00:00 01:00:01:00
002  AX       V     C        00:00:05:00 00:00:07:00 01:00:01:00 01:00:03:00
* FROM CLIP NAME: river
* LOC: 01:00:01:12 RED     the bend, "here"
003  AX       V     C        00:00:07:00 00:00:07:00 01:00:03:00 01:00:03:00
003  MILL     V     D    012 00:01:00:00 00:01:02:00 01:00:03:00 01:00:05:00
M2   MILL           012.5                00:01:00:00
* FROM CLIP NAME: river
* TO CLIP NAME: mill
* SOURCE FILE: mill.mov
004  BELL     A2    C        00:00:00:10 00:00:04:10 01:00:02:00 01:00:06:00
* FROM CLIP NAME: bell
this line is no event
005  AX       V     C        00:00:00:99 00:00:07:00 01:00:05:00 01:00:06:00
)";

} // namespace

class TestListsIn : public QObject {
    Q_OBJECT
private slots:
    void cuts_go_out_and_come_back_the_same_data() {
        QTest::addColumn<QString>("format");
        QTest::addColumn<QString>("rate");
        for (const char* format : {"edl", "otio", "mlt"})
            for (const char* rate :
                 {"23.976", "24", "25", "29.97", "30", "47.952", "48", "50", "59.94", "60", "120"})
                QTest::addRow("%s %s", format, rate) << format << rate;
    }
    void cuts_go_out_and_come_back_the_same() {
        QFETCH(QString, format);
        QFETCH(QString, rate);
        for (const std::uint32_t number : seeds(1, 6)) {
            const Seed seed(number);
            std::mt19937 random(seed);
            const Project project =
                cut_at_random(steady_project(120, 0, 60, rate.toStdString().c_str()), random);
            const auto text = exporter(format.toStdString())->write(project);
            QVERIFY2(text.has_value(), text ? "" : text.error().message().c_str());
            const auto* row = list_reader_of(("a." + format).toStdString());
            const auto list = read_with(*row, *text, project.settings->frame_rate);
            QVERIFY2(list.has_value(), list ? "" : list.error().message().c_str());
            QVERIFY2(list->not_understood.empty(),
                     list->not_understood.empty() ? "" : list->not_understood.front().c_str());
            for (const char* tie : {"frame", "loose"}) {
                const auto back = with_brought(without_cuts(project), *list, {{"tie", std::string(tie)}});
                QVERIFY2(back.has_value(), back ? "" : back.error().message().c_str());
                QCOMPARE(back->missing, std::size_t{0});
                QCOMPARE(seen(back->project), seen(project));
            }
        }
    }

    // The song itself is not laid twice; sounds and markers are where they were.
    void sounds_and_markers_go_out_and_come_back() {
        Project project = steady_project(120, 0, 60, "25");
        auto song = *project.song;
        song.path = "/music/the song.opus";
        project.song = std::make_shared<const Song>(song);
        project = with_lane(project, kind_of(body_type<SoundBody>), "Noises");
        const LaneId noises = project.lanes.back()->id;
        SoundBody sound;
        sound.sound = project.bin->front().id;
        sound.in_point = Seconds(0.4);
        sound.length = Seconds(3);
        project =
            *with_pins(project, noises,
                       {{{}, TimeAnchor{Seconds(2)}, sound, {}}, {{}, TimeAnchor{Seconds(4)}, sound, {}}});
        MarkerBody marker;
        marker.name = "the \"drop\", now";
        marker.colour = 3;
        project = *with_pins(project, lane_of_kind(project, kind_of(body_type<MarkerBody>)),
                             {{{}, TimeAnchor{Seconds(5)}, marker, {}}});
        project =
            *with_pins(project, lane_of_kind(project, kind_of(body_type<CutBody>)),
                       {{{}, TimeAnchor{Seconds(0)}, CutBody{project.bin->front().id, Seconds(0)}, {}}});
        for (const char* format : {"edl", "otio", "mlt"}) {
            const auto text = exporter(format)->write(project);
            QVERIFY(text.has_value());
            const auto list =
                read_with(*list_reader_of("a." + std::string(format)), *text, project.settings->frame_rate);
            QVERIFY2(list.has_value() && list->not_understood.empty(), format);
            Project empty = project;
            empty.lanes.clear();
            const auto back = with_brought(empty, *list, {});
            QVERIFY2(back.has_value(), back ? "" : back.error().message().c_str());
            QCOMPARE(back->sounds, std::size_t{2});
            QCOMPARE(back->markers, std::size_t{1});
            const auto& mark = back->project.lane(back->lanes.back())->pins.front();
            QCOMPARE(body_of<MarkerBody>(mark.body).name, marker.name);
            QCOMPARE(body_of<MarkerBody>(mark.body).colour, 3);
            QVERIFY(std::abs(anchored_time(mark.anchor, back->project)->value - 5) < 1e-9);
            const auto parts = heard_parts(Schedule(back->project));
            QCOMPARE(parts.size(), std::size_t{2});
            QVERIFY(std::abs(parts[0].start.value - 2) < 1e-9 && std::abs(parts[1].start.value - 4) < 1e-9);
            QVERIFY(std::abs(parts[0].body.in_point.value - 0.4) < 1e-9 &&
                    std::abs(parts[0].body.length.value - 3) < 1e-9);
        }
    }

    void a_list_of_another_program_is_understood() {
        const auto list = read_with(edl_reader, foreign_edl, *FrameRate::make(25, 1));
        QVERIFY2(list.has_value(), list ? "" : list.error().message().c_str());
        QCOMPARE(list->title, std::string("A REEL"));
        QCOMPARE(list->items.size(), std::size_t{5});
        const auto& gap = list->items[0];
        QVERIFY(gap.kind == BroughtItem::Kind::Gap && gap.at == Seconds(0) && gap.until == Seconds(1));
        const auto& river = list->items[1];
        QVERIFY(river.kind == BroughtItem::Kind::Cut && river.at == Seconds(1) &&
                river.in_point == Seconds(5));
        QCOMPARE(river.name, std::string("river"));
        const auto& marker = list->items[2];
        QVERIFY(marker.kind == BroughtItem::Kind::Marker && std::abs(marker.at.value - 1.48) < 1e-9);
        QCOMPARE(marker.name, std::string("the bend, \"here\""));
        QCOMPARE(marker.colour, std::string("red"));
        const auto& mill = list->items[3]; // comes in over half a second, from its middle on
        QVERIFY(std::abs(mill.at.value - 3.24) < 1e-9 && std::abs(mill.fade.value - 0.48) < 1e-9);
        QCOMPARE(mill.speed, 0.5);
        QCOMPARE(mill.name, std::string("mill"));
        QCOMPARE(mill.file, std::string("mill.mov"));
        const auto& bell = list->items[4];
        QVERIFY(bell.kind == BroughtItem::Kind::Sound && bell.track == 1 && bell.at == Seconds(2) &&
                bell.until == Seconds(6));
        QCOMPARE(list->not_understood.size(), std::size_t{2});
        QVERIFY(list->not_understood[0].starts_with("Line 16: \"this line"));
        QVERIFY(list->not_understood[1].starts_with("Line 17: "));
    }

    // Made by the format's own library (opentimelineio 0.18.1, from Python's index), which knows nothing of
    // us.
    void a_timeline_of_the_formats_own_library_is_understood() {
        QTemporaryDir dir;
        const QString file = dir.filePath("foreign.otio");
        QProcess maker;
        maker.setProcessChannelMode(QProcess::MergedChannels);
        maker.start(PULSEPIN_TESTS "/support/with-readers",
                    {PULSEPIN_BINARIES "/readers", PULSEPIN_TESTS "/support/make_timeline.py", file});
        maker.waitForFinished(300'000);
        if (maker.exitCode() == 77)
            QSKIP("skipped: Python's package index is not reached, or python3-venv is missing");
        QVERIFY2(QFile::exists(file), maker.readAll());
        const auto list = read_list(file.toStdString(), {*FrameRate::make(25, 1), {}});
        QVERIFY2(list.has_value(), list ? "" : list.error().message().c_str());
        QVERIFY(list->not_understood.empty());
        const auto of = [&](const char* name) {
            for (const auto& item : list->items)
                if (item.name == name)
                    return item;
            return BroughtItem{};
        };
        const auto river = of("river"), mill = of("mill"), gate = of("gate"), bell = of("bell"),
                   look = of("look");
        QVERIFY(river.at == Seconds(1) && river.until == Seconds(3) && river.in_point == Seconds(2));
        QCOMPARE(river.file, std::string("/shots/a river.mp4"));
        QVERIFY(mill.at == Seconds(3) && mill.in_point == Seconds(4) && mill.speed == 0.5);
        QVERIFY(std::abs(mill.fade.value - 11.0 / 25) < 1e-9);
        QVERIFY(gate.at == Seconds(6) && gate.until == Seconds(7) && gate.speed == 0 && gate.file.empty());
        QVERIFY(bell.kind == BroughtItem::Kind::Sound && bell.at == Seconds(2) &&
                bell.in_point == Seconds(1));
        QVERIFY(look.kind == BroughtItem::Kind::Marker && std::abs(look.at.value - 2.4) < 1e-9);
        QCOMPARE(look.note, std::string("a second look"));
        // As a piece: shots that are nowhere are in the bin under their names, and all can be handed back.
        const Project piece = without_cuts(steady_project(120, 0, 60, "25"));
        const auto brought = with_brought(piece, *list, {});
        QVERIFY2(brought.has_value(), brought ? "" : brought.error().message().c_str());
        QCOMPARE(brought->cuts, std::size_t{3});
        QCOMPARE(brought->missing, std::size_t{4});
        QCOMPARE(told_of(*brought), std::string("3 cuts, 1 sound, 1 marker; 4 clips are not in the bin yet"));
        const auto again = exporter("otio")->write(brought->project);
        QVERIFY(again.has_value());
        const auto back = read_with(otio_reader, *again);
        QVERIFY(back.has_value());
        const auto cuts = [](const BroughtIn& one) {
            QStringList all;
            for (const auto& item : one.items)
                if (item.kind == BroughtItem::Kind::Cut && !item.name.starts_with("slate"))
                    all << QString("%1 %2 %3 %4 %5")
                               .arg(QString::fromStdString(item.name))
                               .arg(item.at.value)
                               .arg(item.in_point.value)
                               .arg(item.speed)
                               .arg(item.fade.value);
            return all;
        };
        QCOMPARE(cuts(*back), cuts(*list));
    }

    void tables_with_any_columns_are_read() {
        const auto items = [](const Result<BroughtIn>& list) {
            QStringList all;
            if (!list)
                return QStringList{QString::fromStdString(list.error().message())};
            for (const auto& item : list->items)
                all << QString("%1-%2 %3|%4|%5")
                           .arg(item.at.value, 0, 'f', 3)
                           .arg(item.until.value, 0, 'f', 3)
                           .arg(QString::fromStdString(item.name), QString::fromStdString(item.note),
                                QString::fromStdString(item.colour));
            return all;
        };
        const auto rate = *FrameRate::make(25, 1);
        QCOMPARE(items(read_with(table_reader,
                                 "Start,Name,Comment\n1.5,one,\"a, \"\"b\"\"\nc\"\n0:02.25,two,\n", rate)),
                 (QStringList{"1.500-1.500 one|a, \"b\"\nc|", "2.250-2.250 two||"}));
        // Decimal commas, and columns that the person names.
        QCOMPARE(items(read_with(table_reader, "a;b;c\n1,5;x;rot\n2,25;y;red\n", rate,
                                 {{"columns", std::string("time,name,colour")}})),
                 (QStringList{"1.500-1.500 x||rot", "2.250-2.250 y||red"}));
        // Without a first line of names: a time, then a name.
        QCOMPARE(items(read_with(table_reader, "3\tthree\n4\tfour\n", rate)),
                 (QStringList{"3.000-3.000 three||", "4.000-4.000 four||"}));
        // Timecodes at the list's rate, frames, lengths.
        QCOMPARE(items(read_with(table_reader, "timecode,length,name\n00:00:02:10,0.5,a\n", rate)),
                 (QStringList{"2.400-2.900 a||"}));
        QCOMPARE(items(read_with(table_reader, "frame,name\n50,a\n", rate)),
                 (QStringList{"2.000-2.000 a||"}));
        // UTF-16 with a mark, names of any kind.
        const QString text = QString::fromUtf8("time,name\r\n1,שלום 😀\r\n");
        QByteArray wide("\xff\xfe");
        for (const QChar c : text) {
            wide += static_cast<char>(c.unicode() & 255);
            wide += static_cast<char>(c.unicode() >> 8);
        }
        QCOMPARE(items(read_with(table_reader, {wide.data(), static_cast<std::size_t>(wide.size())}, rate)),
                 (QStringList{QString::fromUtf8("1.000-1.000 שלום 😀||")}));
        // What is no cue is told by its line.
        const auto some = read_with(table_reader, "time,name\n1,a\nsoon,b\n,c\n2,d\n", rate);
        QCOMPARE(some->items.size(), std::size_t{2});
        QCOMPARE(some->not_understood,
                 (std::vector<std::string>{"Line 3: \"soon\" is no time.", "Line 4: It has no time."}));
        QVERIFY(!read_with(table_reader, "name,note\na,b\n", rate));
        QVERIFY(!read_with(table_reader, "", rate));
        QVERIFY(!read_with(table_reader, "time,name\n1,a\n", rate, {{"columns", std::string("time,shoe")}}));
    }

    // Cues 80 ms or less from a kick are on it; the others stay loose.
    void cues_are_pinned_to_the_nearest_kick() {
        Project project = steady_project(120, 0, 60);
        Detection found;
        OnsetRow kick;
        kick.name = "kick";
        for (int i = 0; i < 60; ++i)
            kick.onsets.push_back({Seconds(i + 0.013), 1.0f});
        found.rows = {kick};
        project.detection = std::make_shared<const Detection>(found);
        const auto list = read_with(table_reader, "time,name\n1.05,a\n1.94,b\n2.2,c\n3.093,d\n");
        const auto brought = with_brought(
            project, *list, {{"tie", std::string("onset")}, {"row", std::string("kick")}, {"within", 80.0}});
        QVERIFY2(brought.has_value(), brought ? "" : brought.error().message().c_str());
        QCOMPARE(brought->tied, std::size_t{3});
        const Lane& lane = *brought->project.lane(brought->lanes.front());
        QStringList times;
        for (const auto& pin : resolve(brought->project, lane).pins)
            times << QString("%1 %2").arg(pin.time.value, 0, 'f', 3).arg(pin.pinned ? "tied" : "loose");
        QCOMPARE(times, (QStringList{"1.013 tied", "2.013 tied", "2.200 loose", "3.013 tied"}));
        const auto on_beats = with_brought(project, *list, {{"tie", std::string("beat")}, {"within", 70.0}});
        QCOMPARE(on_beats->tied, std::size_t{2}); // 1.05 and 1.94
        Project without = project;
        without.grid = nullptr;
        QVERIFY(!with_brought(without, *list, {{"tie", std::string("beat")}}));
        QVERIFY(with_brought(without, *list, {{"tie", std::string("loose")}}));
    }

    // Cut off anywhere, or bent: refused or read in part, and never anything worse.
    void what_is_broken_is_refused_or_told() {
        std::mt19937 random(7);
        const Project project = cut_at_random(steady_project(), random);
        const std::string otio = *exporter("otio")->write(project);
        for (std::size_t length = 0; length < otio.size(); length += 97)
            QVERIFY(!read_with(otio_reader, std::string_view(otio).substr(0, length)));
        for (std::size_t length = 0; length < foreign_edl.size(); length += 7)
            (void)read_with(edl_reader, foreign_edl.substr(0, length));
        for (const auto& row : list_readers())
            for (int i = 0; i < 300; ++i) {
                std::string bent = row.id == "otio" ? otio.substr(0, 4000) : std::string(foreign_edl);
                for (int k = 0; k < 8; ++k)
                    bent[std::uniform_int_distribution<std::size_t>(0, bent.size() - 1)(random)] =
                        static_cast<char>(std::uniform_int_distribution(0, 255)(random));
                (void)read_with(row, bent);
            }
        QVERIFY(!read_with(otio_reader, std::string(100'000, '[')));
        QVERIFY(!read_with(otio_reader, R"({"OTIO_SCHEMA": "Clip.1"})"));
        QVERIFY(!read_with(otio_reader, R"({"OTIO_SCHEMA": "Timeline.1", "tracks": 7})"));
        QVERIFY(!read_with(edl_reader, std::string("TITLE: \0 x", 10)));
        QVERIFY(!read_with(edl_reader, "TITLE: nothing\n"));
        QVERIFY(!read_with(edl_reader, "TITLE: blanks\n \t \n"));
        // A dissolve that is longer than its event is as long as that.
        const auto longer =
            read_with(edl_reader, "001  AX  V  D  012002 00:00:05:00 00:00:07:00 01:00:01:00 01:00:03:00\n");
        QVERIFY(longer && longer->items.size() == 1 && longer->items[0].until >= longer->items[0].at);
        QCOMPARE(longer->items[0].fade, Seconds(2));
        QCOMPARE(longer->not_understood.size(), std::size_t{1});
        QVERIFY(
            !read_with(edl_reader, foreign_edl, *FrameRate::make(25, 1), {{"begins", std::string("soon")}}));
        const auto error = read_list("/no/such.edl", {});
        QVERIFY(!error && error.error().message().find("/no/such.edl") != std::string::npos);
        const auto unknown = read_list("/tmp/some.doc", {});
        QVERIFY(!unknown && unknown.error().message().find("otio, edl") != std::string::npos);
        // Nothing of it lies in the piece: said, and nothing is made.
        const auto list = read_with(table_reader, "time,name\n5000,a\n");
        QVERIFY(!with_brought(project, *list, {}));
    }

    // No text breaks out of its field, whatever it is.
    void names_go_out_and_come_back() {
        std::string long_one;
        for (int i = 0; i < 300; ++i)
            long_one += static_cast<char>('a' + i % 26);
        for (const std::string& name :
             {std::string("a, b; \"c\" 'd'"), std::string("two\nlines"), std::string("😀 שלום عربي"), long_one,
              std::string("</property><producer id=\"x\">"), std::string("{\"OTIO_SCHEMA\": 1}"),
              std::string("]]>"), std::string("* LOC: 00:00:00:00 RED x"), std::string("&amp;&#10;"),
              std::string("%s%n")}) {
            Project project = steady_project(120, 0, 20, "25");
            auto bin = *project.bin;
            bin[0].name = name;
            project.bin = std::make_shared<const std::vector<Clip>>(bin);
            MarkerBody marker;
            marker.name = name;
            marker.note = name;
            project = *with_pins(project, lane_of_kind(project, kind_of(body_type<MarkerBody>)),
                                 {{{}, TimeAnchor{Seconds(5)}, marker, {}}});
            project = *with_pins(project, lane_of_kind(project, kind_of(body_type<CutBody>)),
                                 {{{}, TimeAnchor{Seconds(1)}, CutBody{bin[0].id, Seconds(0)}, {}},
                                  {{}, TimeAnchor{Seconds(4)}, CutBody{bin[1].id, Seconds(0)}, {}}});
            for (const char* format : {"edl", "otio", "mlt"}) {
                const auto text = exporter(format)->write(project);
                QVERIFY(text.has_value());
                const auto list = read_with(*list_reader_of("a." + std::string(format)), *text,
                                            project.settings->frame_rate);
                QVERIFY2(list.has_value() && list->not_understood.empty(), name.c_str());
                const auto of_kind = [&](BroughtItem::Kind kind) {
                    std::vector<BroughtItem> all;
                    std::ranges::copy_if(list->items, std::back_inserter(all),
                                         [kind](const BroughtItem& item) { return item.kind == kind; });
                    return all;
                };
                const auto cuts = of_kind(BroughtItem::Kind::Cut),
                           markers = of_kind(BroughtItem::Kind::Marker);
                QCOMPARE(cuts.size(), std::size_t{2});
                QCOMPARE(markers.size(), std::size_t{1});
                if (std::string(format) == "edl") // a line
                    continue;
                QCOMPARE(cuts[0].name, name);
                QCOMPARE(markers[0].name, name);
                QCOMPARE(markers[0].note, name);
                QCOMPARE(markers[0].at, Seconds(5));
            }
        }
    }

    void names_are_only_names() {
        for (const std::string name : {"<b>x</b>", "$(rm -rf ~)", "a\"b;c", "../../etc/passwd", "😀", ""}) {
            BroughtIn list;
            list.items = {
                {.kind = BroughtItem::Kind::Cut, .at = Seconds(1), .until = Seconds(2), .name = name},
                {.kind = BroughtItem::Kind::Marker, .at = Seconds(1), .until = Seconds(1), .name = name}};
            const auto brought = with_brought(steady_project(), list, {});
            QVERIFY(brought.has_value());
            QCOMPARE(brought->markers, std::size_t{1});
            const Lane& marks = *brought->project.lane(brought->lanes.back());
            QCOMPARE(body_of<MarkerBody>(marks.pins.front().body).name, name);
        }
    }
};

PULSEPIN_TEST_CLASS(TestListsIn, "test_lists_in")
#include "test_lists_in.moc"
