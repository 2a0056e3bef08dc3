// SPDX-License-Identifier: GPL-3.0-or-later
//
// Timelines for editing programs, read with the format's own library (opentimelineio 0.18.1, from Python's
// index), which knows nothing of us.
#include "interchange/export_all.h"
#include "interchange/exporters.h"
#include "interchange/otio.h"
#include "kinds/kinds.h"
#include "model/edits.h"
#include "model/lane_edits.h"
#include "model/pin_edits.h"
#include "support/projects.h"
#include "support/test_program.h"

#include <QProcess>
#include <QTemporaryDir>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

Pin pin_at(double seconds, const PinBody& body) {
    return {{}, TimeAnchor{Seconds(seconds)}, body, {}};
}

/// What the library found, a line each; none: it is not to be had here.
std::optional<QStringList> read_by_library(const std::string& text) {
    QTemporaryDir dir;
    const QString file = dir.filePath("t.otio");
    QFile out(file);
    if (!out.open(QIODevice::WriteOnly))
        return QStringList{"cannot write"};
    out.write(text.data(), static_cast<qint64>(text.size()));
    out.close();
    QProcess reader;
    reader.setProcessChannelMode(QProcess::MergedChannels);
    reader.start(PULSEPIN_TESTS "/support/with-readers",
                 {PULSEPIN_BINARIES "/readers", PULSEPIN_TESTS "/support/read_timeline.py", file});
    reader.waitForFinished(300'000);
    if (reader.exitCode() == 77)
        return std::nullopt;
    return QString::fromUtf8(reader.readAll()).split('\n', Qt::SkipEmptyParts);
}

#define READ(lines, text)                                                                                    \
    const auto lines##_read = read_by_library(text);                                                         \
    if (!lines##_read)                                                                                       \
        QSKIP("skipped: Python's package index is not reached, or python3-venv is missing");                 \
    const QStringList& lines = *lines##_read

} // namespace

class TestTimelineOut : public QObject {
    Q_OBJECT
private slots:
    void cuts_fades_speeds_and_slates() {
        Project project = steady_project(120, 0, 20); // at 24 frames a second
        const auto& bin = *project.bin;
        CutBody first{bin[0].id, Seconds(1)}, second{bin[1].id, Seconds(2)}, still{bin[2].id, Seconds(3)},
            slate{};
        second.fade = Frames(5);
        second.speed = -50;
        still.speed = 0;
        project = *with_pins(project, lane_of_kind(project, kind_of(body_type<CutBody>)),
                             {pin_at(2, first), pin_at(5, second), pin_at(8, still), pin_at(10, slate)});
        const auto text = exporter("otio")->write(project);
        QVERIFY2(text.has_value(), text ? "" : text.error().message().c_str());
        READ(lines, *text);
        const auto url = [&](std::size_t i) { return QString::fromStdString(file_url(bin[i].path)); };
        const auto all_of = [&](std::size_t i) { return QString::number(bin[i].duration.value * 24); };
        const auto name = [&](std::size_t i) { return QString::fromStdString(bin[i].name); };
        const qsizetype at = lines.indexOf(QRegularExpression("^track .* Video .*"));
        QVERIFY2(at >= 0, qPrintable(lines.join('\n')));
        QCOMPARE(
            lines.mid(at + 1, 6),
            (QStringList{
                "gap  0 0 48", "clip " + name(0) + " 48 24 72 ExternalReference " + url(0) + " " + all_of(0),
                "transition SMPTE_Dissolve 2 3",
                "clip " + name(1) + " 120 48 72 LinearTimeWarp -0.5 ExternalReference " + url(1) + " " +
                    all_of(1),
                "clip " + name(2) + " 192 72 48 FreezeFrame 0 ExternalReference " + url(2) + " " + all_of(2),
                "clip slate 4 240 0 240 MissingReference "}));
        QVERIFY(lines.first().endsWith(" 24.0"));
    }

    // At rates that are no whole numbers values stay whole and the rate is the exact fraction.
    void rates_are_exact() {
        for (const auto& [rate, told] :
             {std::pair("23.976", 24000.0 / 1001), std::pair("29.97", 30000.0 / 1001), std::pair("25", 25.0),
              std::pair("60", 60.0)}) {
            Project project = steady_project(120, 0, 30, rate);
            const CutBody cut{project.bin->front().id, Seconds(0)};
            project = *with_pins(project, lane_of_kind(project, kind_of(body_type<CutBody>)),
                                 {pin_at(0, cut), pin_at(10, cut), pin_at(20.02, cut)});
            READ(lines, *exporter("otio")->write(project));
            const double found = lines.first().split(' ').last().toDouble();
            QVERIFY2(std::abs(found - told) < 1e-9, qPrintable(lines.first()));
            for (const auto& line : lines.filter(QRegularExpression("^clip .*ExternalReference.*webm")))
                QVERIFY2(!line.section(' ', 2, 2).contains('.'), qPrintable(line));
        }
    }

    void song_sounds_and_markers() {
        Project project = steady_project(120, 0, 20);
        auto song = *project.song;
        song.path = "/music/a song & <more>.opus";
        song.title = "A song";
        project.song = std::make_shared<const Song>(song);
        project = with_lane(project, kind_of(body_type<SoundBody>), "Noises");
        SoundBody sound;
        sound.sound = project.bin->front().id;
        sound.length = Seconds(4);
        sound.in_point = Seconds(0.5);
        SoundBody quiet = sound;
        quiet.gain_db = -6;
        quiet.fade_in = Seconds(0.5);
        project =
            *with_pins(project, lane_of_kind(project, kind_of(body_type<SoundBody>)),
                       {pin_at(2, sound), pin_at(4, quiet), pin_at(8, sound)}); // the second over the first
        MarkerBody drop{"the <drop>", "all \"in\"", 3, 0, {Length::Unit::InBeats, 2}};
        project =
            *with_pins(project, lane_of_kind(project, kind_of(body_type<MarkerBody>)), {pin_at(6, drop)});
        const auto text = exporter("otio")->write(project);
        QVERIFY2(text.has_value(), text ? "" : text.error().message().c_str());
        QVERIFY(text->find("\"gain_db\": -6.0") != std::string::npos);
        READ(lines, *text);
        QVERIFY2(lines.contains("marker the <drop> GREEN 144 24 all \"in\""), qPrintable(lines.join('\n')));
        QVERIFY(lines.contains("track A song Audio 480"));
        QVERIFY2(lines.contains(
                     "clip A song 0 0 480 ExternalReference file:///music/a%20song%20%26%20%3Cmore%3E.opus "
                     "480"),
                 qPrintable(lines.join('\n')));
        QCOMPARE(lines.filter(QRegularExpression("^track Noises Audio")).size(), 2);
        const auto starts = lines.filter(QRegularExpression(
            "^clip " + QRegularExpression::escape(QString::fromStdString(project.bin->front().name)) + " "));
        QCOMPARE(starts.size(), 3);
        QVERIFY2(starts[0].contains(" 48 12 96 "), qPrintable(starts[0]));
        QVERIFY2(starts[1].contains(" 192 12 96 "), qPrintable(starts[1])); // free again on the first track
        QVERIFY2(starts[2].contains(" 96 12 96 "), qPrintable(starts[2]));
    }

    void what_is_lost_is_counted() {
        Project project = steady_project(120, 0, 20);
        CutBody cut{project.bin->front().id, Seconds(0)}, wipe = cut;
        cut.framing.scale = 150;
        wipe.fade = Frames(6);
        wipe.change = CutBody::Change::Wipe;
        project = *with_pins(project, lane_of_kind(project, kind_of(body_type<CutBody>)),
                             {pin_at(0, cut), pin_at(4, wipe), pin_at(8, cut)});
        const auto losses = otio_losses(project);
        const auto says = [&](const char* what) {
            return std::ranges::any_of(losses, [&](const auto& one) { return one.find(what) == 0; });
        };
        QVERIFY(says("how 2 shots lie"));
        QVERIFY(says("one wipe or rush"));
        QVERIFY(!says("gain"));
    }

    void urls_of_files() {
        QCOMPARE(file_url("/a/b c/ä%.webm"), std::string("file:///a/b%20c/%C3%A4%25.webm"));
        QCOMPARE(file_url("/$(x)/'\"`;#?.mov"), std::string("file:///%24%28x%29/%27%22%60%3B%23%3F.mov"));
    }

    void all_formats_given_up_leave_nothing() {
        QTemporaryDir dir;
        const std::filesystem::path folder = dir.filePath("out").toStdString();
        std::stop_source given;
        Progress progress;
        progress.stop = given.get_token();
        progress.report = [&](double share) {
            if (share > 0.8) // in the midst of them
                given.request_stop();
        };
        const auto given_up = export_all(Curves{Schedule(steady_project(120, 0, 20))}, false, {}, folder,
                                         "piece", false, progress);
        QVERIFY(!given_up && given_up.error().cancelled());
        QVERIFY(given.stop_requested() && !std::filesystem::exists(folder));
        // Let go on, it is there; a folder in no folder is refused by name.
        QVERIFY(export_all(Curves{Schedule(steady_project(120, 0, 20))}, false, {}, folder, "piece", false));
        QVERIFY(std::filesystem::exists(folder / "piece.otio"));
        const auto lost = export_all(Curves{Schedule(steady_project(120, 0, 20))}, false, {},
                                     folder / "no/such", "piece", false);
        QVERIFY(!lost && lost.error().message().find("no/such") != std::string::npos);
    }

    void nothing_to_write_says_so() {
        Project project = steady_project(120, 0, 20);
        project.song = nullptr;
        const auto text = exporter("otio")->write(project);
        QVERIFY(!text && text.error().message().find("nothing to write") != std::string::npos);
    }
};

PULSEPIN_TEST_CLASS(TestTimelineOut, "test_timeline_out")
#include "test_timeline_out.moc"
