// SPDX-License-Identifier: GPL-3.0-or-later
//
// A piece is proved to be in sync and safe to watch, by mouse and keys: faults are planted, found, shown and
// mended; what is meant stays accepted; the report is printed and read back.
#include "kinds/kinds.h"
#include "model/edits.h"
#include "model/lane_edits.h"
#include "model/pin_edits.h"
#include "model/song_edits.h"
#include "pages/stops/place_panel.h"
#include "pages/stops/sync_table.h"
#include "render/flash_run.h"
#include "support/file_dialog.h"
#include "support/placing.h"
#include "support/test_program.h"
#include "time/grid_edits.h"

#include <QCheckBox>
#include <QFileDialog>
#include <QImageReader>
#include <QProcess>
#include <QTableView>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

CheckPanel& panel(Desk& desk) {
    return desk.window.check_panel();
}

/// Goes to the stop and waits until all is measured.
bool checked(Desk& desk) {
    return QTest::qWaitFor(
        [&] { return panel(desk).bank().is_current() && !desk.window.document().jobs().busy(); }, 120'000);
}
bool go_and_check(Desk& desk) {
    desk.window.timeline().setFocus();
    desk.key(Qt::Key_F4);
    return checked(desk);
}

QTableView& list(Desk& desk) {
    return *desk.window.findChild<QTableView*>("findings");
}

/// The row of the first finding of a check; -1 where there is none.
int row_of(Desk& desk, std::string_view check) {
    const auto& table = panel(desk).table();
    for (int row = 0; row < table.rowCount(); ++row)
        if (table.finding(row)->check == check)
            return row;
    return -1;
}

void press(Desk& desk, int row, FindingTable::Column column) {
    const QModelIndex at = list(desk).model()->index(row, column);
    list(desk).scrollTo(at);
    QTest::mouseClick(list(desk).viewport(), Qt::LeftButton, {}, list(desk).visualRect(at).center());
}

/// Presses the row's button and waits until the piece was mended and is checked again.
bool mend(Desk& desk, std::string_view check) {
    const auto before = desk.project();
    press(desk, row_of(desk, check), FindingTable::Mending);
    return QTest::qWaitFor([&] { return !same_content(before, desk.project()); }, 120'000) && checked(desk);
}

const Lane& flash_lane(Desk& desk) {
    return lane_named(desk, "Flash");
}

void add(Desk& desk, const Lane& lane, Anchor anchor, PinBody body) {
    desk.window.document().apply(with_pins(desk.project(), lane.id, {{{}, anchor, std::move(body), {}}}),
                                 "add");
}

TriggerBody strobe(double turn_in_beats) {
    TriggerBody body;
    body.effect = "strobe";
    body.length = {Length::Unit::InBeats, 4};
    body.from = body.to = {0xffffff};
    body.strobe_beats = turn_in_beats;
    body.row = 1;
    return body;
}

Ticks bar(Desk& desk, std::int64_t number, int beat = 1) {
    return desk.project().grid->ticks_of({number, beat, 0});
}

/// The grid with its last bar doubted, as detection leaves it where a song slows down unclearly.
BeatGrid with_doubtful_end(const BeatGrid& grid) {
    auto beats = grid.beats();
    for (std::size_t i = beats.size() - 5; i < beats.size(); ++i)
        beats[i].confidence = 0.5f;
    return *BeatGrid::make(std::move(beats), grid.first_beat(), grid.metres());
}

/// The demo with shots up to its end, so that it has no faults of its own but the doubtful ending.
bool open_whole_demo(Desk& desk) {
    if (!desk.open_demo())
        return false;
    desk.window.document().apply(retimed(desk.project(), with_doubtful_end(*desk.project().grid)), "doubt");
    std::vector<Pin> cuts;
    for (int i = 0; i < 10; ++i)
        cuts.push_back({{},
                        MusicalAnchor{bar(desk, 13 + 2 * i)},
                        CutBody{(*desk.project().bin)[static_cast<std::size_t>(i % 6)].id, Seconds(0)},
                        {}});
    desk.window.document().apply(with_pins(desk.project(), desk.cuts().id, std::move(cuts)), "cuts");
    // What comes later is not measured: no journey needs it.
    desk.window.document().apply(with_piece(desk.project(), std::nullopt, desk.bar(21)), "piece");
    return true;
}

/// A cut that is not tied to the beat any more.
void loosen(Desk& desk, std::size_t cut, Seconds at) {
    desk.window.document().apply(with_anchor(desk.project(), desk.cuts().pins[cut].id, TimeAnchor{at}),
                                 "loosen");
}

/// Accepts the finding with a note, by its button and the dialog.
void accept(Desk& desk, std::string_view check, const QString& note) {
    answer_with(note);
    press(desk, row_of(desk, check), FindingTable::Accepting);
}

} // namespace

class JourneysCheck : public QObject {
    Q_OBJECT
private slots:
    void journey_five_faults_of_five_kinds() {
        Desk desk;
        QVERIFY(open_whole_demo(desk));
        loosen(desk, 4, desk.bar(9) + Seconds(0.061));
        add(desk, desk.cuts(), MusicalAnchor{bar(desk, 20)},
            CutBody{(*desk.project().bin)[1].id, Seconds(0)});
        add(desk, desk.cuts(), MusicalAnchor{bar(desk, 20) + Ticks(160)},
            CutBody{(*desk.project().bin)[2].id, Seconds(0)});
        add(desk, flash_lane(desk), MusicalAnchor{bar(desk, 15, 3)}, strobe(1.0 / 6));
        add(desk, desk.markers(), MusicalAnchor{bar(desk, 9)}, MarkerBody{"verse"});
        desk.window.document().apply(with_lane(desk.project(), kind_of(body_type<PulseBody>), "Scale"),
                                     "lane");
        add(desk, *desk.project().lanes.back(), MusicalAnchor{bar(desk, 5)}, PulseBody{});
        add(desk, *desk.project().lanes.back(), MusicalAnchor{bar(desk, 5) + Ticks(60)}, PulseBody{});
        QVERIFY(go_and_check(desk));
        // Found: and the ending, whose grid is doubtful.
        const char* faults[] = {"off-beat", "short-shot", "flashes", "two-names", "pulses-overlap"};
        for (const char* fault : faults)
            QVERIFY2(row_of(desk, fault) >= 0, fault);
        QCOMPARE(panel(desk).table().rowCount(), 6);
        QVERIFY(panel(desk).summary().contains("2 errors"));
        QVERIFY(!panel(desk).complete());
        QVERIFY(says(desk.window.findChild<QLabel*>("verdict")->text(), "1 is"));
        QVERIFY(desk.window.findChild<ErrorPlot*>("error plot")->histogram().beyond.size() == 1);
        // Shown: the view goes there, half a bar around it is heard, and the lane says how much.
        press(desk, row_of(desk, "off-beat"), FindingTable::What);
        QVERIFY(desk.window.player().playing());
        QVERIFY(desk.window.view().selection() == PinSet{desk.cuts().pins[4].id});
        QVERIFY(QTest::qWaitFor([&] { return !desk.window.player().playing(); }, 8000));
        QVERIFY(std::abs((desk.window.view().playhead() - desk.bar(9)).value - 0.061) <
                0.03); // and it is back
        const auto& marks = desk.window.view().check_marks();
        QVERIFY(marks && marks->marks.size() == 4 && marks->flashes->places.size() == 1);
        QVERIFY(desk.window.timeline().danger_row().height() > 40);
        const QImage drawn = desk.window.timeline().grab().toImage();
        const QRectF row = desk.window.timeline().lane_row(desk.cuts().id);
        const int x =
            static_cast<int>(std::lround(desk.window.timeline().scale().x(desk.bar(9) + Seconds(0.061))));
        int red = 0;
        for (int dx = -2; dx <= 2; ++dx) {
            const QColor at =
                drawn.pixelColor(QPoint(x + dx, static_cast<int>(row.top()) + 4) * drawn.devicePixelRatio());
            red += at.red() > 140 && at.green() < 110 ? 1 : 0;
        }
        QVERIFY(red > 0);
        // The mend is told before it is done.
        const Project before = desk.project();
        desk.click("show mend");
        auto* told = desk.window.findChild<QLabel*>("mend told");
        QVERIFY(QTest::qWaitFor([&] { return says(told->text(), "9.1"); }, 5000));
        QVERIFY(says(told->text(), "61 ms earlier") && same_content(before, desk.project()));
        // Mended, each in one step.
        for (const char* fault : faults) {
            QVERIFY2(mend(desk, fault), fault);
            QVERIFY2(row_of(desk, fault) < 0, fault);
        }
        accept(desk, "doubtful-grid", "it slows down");
        QVERIFY(checked(desk));
        QCOMPARE(panel(desk).summary(), QString("nothing found"));
        QVERIFY(panel(desk).complete());
        QVERIFY(begins_to_tell(desk.window.findChild<QLabel*>("verdict")->text(), "All 17 cuts"));
        for (std::size_t i = 0; i < 6; ++i)
            desk.window.action("undo")->trigger();
        QVERIFY(same_content(before, desk.project()));
    }

    void journey_strobe_softened_until_it_passes() {
        Desk desk;
        QVERIFY(open_whole_demo(desk));
        // A turn in a sixth of a beat at 118 a minute: 11.8 a second.
        add(desk, flash_lane(desk), MusicalAnchor{bar(desk, 15)}, strobe(1.0 / 6));
        const PinId pin = flash_lane(desk).pins.back().id;
        QVERIFY(go_and_check(desk));
        press(desk, row_of(desk, "flashes"), FindingTable::What);
        QVERIFY(panel(desk).chosen() && panel(desk).chosen()->amount >= 11);
        // The numbers at the playhead and the picture say so.
        desk.window.view().set_playhead(desk.bar(15, 4));
        QVERIFY(says(desk.window.findChild<QLabel*>("flash numbers")->text(), "/s"));
        QVERIFY(mend(desk, "flashes"));
        QVERIFY(row_of(desk, "flashes") < 0);
        const double strength = body_of<TriggerBody>(desk.project().pin(pin)->body).strength;
        QVERIFY(strength > 0 && strength < 60);
        // Measured again from the beginning, apart from what the window keeps.
        const auto report = FlashRun{desk.window.document().curves()}.measure();
        QVERIFY(report && report->places.empty());
        desk.window.action("undo")->trigger();
        QCOMPARE(body_of<TriggerBody>(desk.project().pin(pin)->body).strength, 100.0);
        QVERIFY(checked(desk));
        QVERIFY(row_of(desk, "flashes") >= 0);
        // Another way of mending it.
        press(desk, row_of(desk, "flashes"), FindingTable::What);
        choose(desk, "how to mend", "Slower");
        const Project before = desk.project();
        desk.window.action("do mend")->trigger();
        QVERIFY(QTest::qWaitFor([&] { return !same_content(before, desk.project()); }, 60'000) &&
                checked(desk));
        QVERIFY(body_of<TriggerBody>(desk.project().pin(pin)->body).strobe_beats > 0.6);
        QVERIFY(row_of(desk, "flashes") < 0);
    }

    void journey_printed_report() {
        Desk desk;
        QVERIFY(open_whole_demo(desk));
        loosen(desk, 2, desk.bar(5) + Seconds(0.061));
        QVERIFY(go_and_check(desk));
        accept(desk, "doubtful-grid", "it slows down");
        QVERIFY(checked(desk));
        const QTemporaryDir folder;
        const QString pdf = folder.filePath("report.pdf");
        save_as(pdf);
        desk.click("print report");
        QVERIFY(QTest::qWaitFor([&] { return says(desk.message(), "report.pdf written"); }, 20'000));
        QProcess read;
        read.start("pdftotext", {"-layout", pdf, "-"});
        QVERIFY(read.waitForFinished(10'000) && read.exitCode() == 0);
        const QString text = QString::fromUtf8(read.readAllStandardOutput());
        for (const char* part :
             {"Kite day", "Over the Levee", "118.00 BPM", "24 fps", "15 of 16 cuts within half a frame",
              "off the beat", "grid uncertain", "it slows down", "ignored", "The grid is as it was found",
              "no medical promise"})
            QVERIFY2(text.contains(part), part);
        QVERIFY(text.contains(QDate::currentDate().toString("yyyy-MM-dd")));
        // Every pin has its line.
        QCOMPARE(text.count(QRegularExpression("^ *Cuts ", QRegularExpression::MultilineOption)), 16);
        // The same as values and as JSON.
        desk.window.check_commands().write(folder.filePath("sync.csv"));
        desk.window.check_commands().write(folder.filePath("found.json"));
        QVERIFY(QTest::qWaitFor(
            [&] {
                return QFileInfo::exists(folder.filePath("found.json")) &&
                       !desk.window.document().jobs().busy();
            },
            10'000));
        QVERIFY(file_text(folder.filePath("sync.csv")).startsWith("lane,kind,name,place"));
        QVERIFY(file_text(folder.filePath("found.json")).contains("\"check\": \"off-beat\""));
        // Not over the song, and not where nothing can be written.
        const QString song = QString::fromStdString(desk.project().song->path.string());
        const QByteArray was = file_text(song).left(100).toUtf8();
        desk.window.check_commands().write(song);
        QCOMPARE(file_text(song).left(100).toUtf8(), was);
        desk.window.check_commands().write("/proc/nowhere/report.pdf");
        QVERIFY(QTest::qWaitFor([&] { return says(desk.message(), "report.pdf"); }, 5000));
    }

    void journey_accepted_findings() {
        Desk desk;
        QVERIFY(open_whole_demo(desk));
        const PinId cut = desk.cuts().pins[3].id;
        desk.window.document().apply(
            with_anchor(desk.project(), cut, TimeAnchor{desk.bar(7) + Seconds(0.105)}), "loosen");
        QVERIFY(go_and_check(desk));
        accept(desk, "off-beat", "a stumble");
        QVERIFY(checked(desk));
        const auto state = [&] {
            const auto* one = panel(desk).table().finding(row_of(desk, "off-beat"));
            return one && one->accepted ? QString::fromStdString(*one->accepted) : QString("open");
        };
        QCOMPARE(state(), QString("a stumble"));
        QVERIFY(!panel(desk).summary().contains("grave"));
        const auto move_grid = [&](double by) {
            desk.window.document().apply(retimed(desk.project(), *shifted(*desk.project().grid, Seconds(by))),
                                         "shift");
            return checked(desk);
        };
        QVERIFY(move_grid(0.005));
        QCOMPARE(state(), QString("a stumble"));
        desk.window.action("undo")->trigger();
        QVERIFY(move_grid(-0.1));
        QCOMPARE(state(), QString("open"));
        desk.window.action("undo")->trigger();
        QVERIFY(checked(desk));
        QCOMPARE(state(), QString("a stumble"));
        // It is in the file, and out of the list when it is not wanted there.
        const QTemporaryDir folder;
        const auto path = std::filesystem::path(folder.filePath("piece.pulsepin").toStdString());
        QVERIFY(desk.window.document().save_now(path));
        QVERIFY(desk.window.document().open(path));
        QVERIFY(QTest::qWaitFor([&] { return desk.window.document().sound() != nullptr; }, 20'000));
        QVERIFY(checked(desk));
        QCOMPARE(state(), QString("a stumble"));
        const int rows = panel(desk).table().rowCount();
        QTest::mouseClick(desk.window.findChild<QCheckBox*>("accepted too"), Qt::LeftButton, {}, {8, 8});
        QCOMPARE(panel(desk).table().rowCount(), rows - 1);
        QTest::mouseClick(desk.window.findChild<QCheckBox*>("accepted too"), Qt::LeftButton, {}, {8, 8});
        // Taken back.
        press(desk, row_of(desk, "off-beat"), FindingTable::Accepting);
        QVERIFY(checked(desk));
        QCOMPARE(state(), QString("open"));
    }

    void journey_findings_by_keys_and_filters() {
        Desk desk;
        QVERIFY(open_whole_demo(desk));
        for (const std::size_t i : {1u, 3u})
            desk.window.document().apply(
                with_anchor(desk.project(), desk.cuts().pins[i].id,
                            TimeAnchor{desk.bar(static_cast<std::int64_t>(2 * i + 1)) +
                                       Seconds(i == 1 ? 0.05 : 0.09)}),
                "loosen");
        QVERIFY(go_and_check(desk));
        QCOMPARE(panel(desk).table().rowCount(), 3);
        desk.key(Qt::Key_F3);
        QCOMPARE(panel(desk).row(), 0);
        desk.key(Qt::Key_F3);
        QCOMPARE(panel(desk).row(), 1);
        desk.key(Qt::Key_F3, Qt::ShiftModifier);
        QCOMPARE(panel(desk).row(), 0);
        QTRY_VERIFY_WITH_TIMEOUT(!desk.window.player().playing(), 8000);
        choose(desk, "findings worse than", "over 80 ms");
        QCOMPARE(panel(desk).table().rowCount(), 2); // the doubtful ending is not counted in ms
        choose(desk, "findings of kind", "off the beat");
        QCOMPARE(panel(desk).table().rowCount(), 1);
        choose(desk, "findings of lane", "Markers");
        QCOMPARE(panel(desk).table().rowCount(), 0);
        for (const auto& [box, all] :
             {std::pair("findings of lane", "all lanes"), std::pair("findings of kind", "all kinds"),
              std::pair("findings worse than", "over 0 ms")})
            choose(desk, box, all);
        // Both at once, in one step.
        panel(desk).choose_row(row_of(desk, "off-beat"));
        const Project before = desk.project();
        desk.click("mend alike");
        QVERIFY(QTest::qWaitFor([&] { return !same_content(before, desk.project()); }, 10'000) &&
                checked(desk));
        QVERIFY(row_of(desk, "off-beat") < 0);
        desk.window.action("undo")->trigger();
        QVERIFY(same_content(before, desk.project()));
        // With a limit that allows it, nothing is wrong.
        number(desk, "limit for cuts", 120);
        QVERIFY(checked(desk));
        QVERIFY(row_of(desk, "off-beat") < 0);
        QVERIFY(says(desk.window.findChild<QLabel*>("verdict")->text(), "within 120 ms"));
        QCOMPARE(check_limits(desk.project()).number("cuts"), 120.0);
        // It leaves no marks behind when another stop is gone to.
        desk.window.go_to_stop(Stop::Mark);
        QVERIFY(!desk.window.view().check_marks());
        (void)desk.window.timeline().grab(); // it is laid out when it is drawn
        QCOMPARE(desk.window.timeline().danger_row().height(), 0.0);
    }

    void journey_every_pin_as_a_table() {
        Desk desk;
        QVERIFY(open_whole_demo(desk));
        loosen(desk, 2, desk.bar(5) + Seconds(0.061));
        QVERIFY(go_and_check(desk));
        desk.click("sync table");
        auto* dialog = desk.window.findChild<SyncDialog*>();
        QVERIFY(dialog && QTest::qWaitForWindowExposed(dialog));
        desk.window.action("sync table")->trigger();
        QCOMPARE(desk.window.findChildren<SyncDialog*>().size(), 1);
        auto* pins = dialog->findChild<QTableView*>("pins in sync");
        QCOMPARE(pins->model()->rowCount(), 28); // 4 markers, 16 cuts, 8 flashes
        const auto choose_in = [&](const char* box, const QString& text) {
            auto* combo = dialog->findChild<QComboBox*>(box);
            QVERIFY(row_of(combo, text) >= 0);
            combo->setCurrentIndex(row_of(combo, text));
            emit combo->activated(combo->currentIndex());
        };
        choose_in("pins of kind", "cuts");
        QCOMPARE(pins->model()->rowCount(), 16);
        pins->sortByColumn(SyncTable::Error, Qt::DescendingOrder);
        QVERIFY(says(pins->model()->index(0, SyncTable::Place).data().toString(), "loose"));
        choose_in("pins worse than", "worse than 20 ms");
        QCOMPARE(pins->model()->rowCount(), 1);
        QTest::mouseClick(pins->viewport(), Qt::LeftButton, {},
                          pins->visualRect(pins->model()->index(0, 0)).center());
        QVERIFY(desk.window.view().selection() == PinSet{desk.cuts().pins[2].id});
        desk.window.player().stop();
        dialog->close();
    }

    void journey_warned_before_a_strobe_is_placed() {
        Desk desk;
        QVERIFY(open_whole_demo(desk));
        desk.window.go_to_stop(Stop::Place);
        desk.click("page Where");
        choose(desk, "lane choice", "Flash");
        choose(desk, "source", "quarters of beats");
        choose(desk, "every", "one");
        desk.type("from", "5.1");
        desk.type("until", "7.1");
        desk.click("page What");
        choose(desk, "form effect", "flash");
        choose(desk, "form trigger length unit", "frames");
        number(desk, "form trigger length amount", 1);
        auto* warning = desk.window.findChild<QLabel*>("flash warning");
        const Project before = desk.project();
        QVERIFY(QTest::qWaitFor(
            [&] { return warning->isVisible() && says(warning->text(), "times in a second"); }, 20'000));
        QVERIFY(same_content(before, desk.project())); // nothing is placed yet
        // Rarer: no warning.
        desk.click("page Where");
        choose(desk, "source", "beats");
        choose(desk, "every", "2nd");
        QVERIFY(QTest::qWaitFor([&] { return !desk.window.document().jobs().busy(); }, 20'000));
        QTest::qWait(600);
        QVERIFY(QTest::qWaitFor([&] { return !desk.window.document().jobs().busy(); }, 20'000));
        QVERIFY(!warning->isVisible());
    }

    void journey_nothing_to_check() {
        Desk desk;
        desk.window.document().start_new();
        desk.window.go_to_stop(Stop::Check);
        QVERIFY(QTest::qWaitFor([&] { return panel(desk).bank().outcome() != nullptr; }, 5000));
        QCOMPARE(panel(desk).table().rowCount(), 0);
        QVERIFY(says(desk.window.findChild<QLabel*>("verdict")->text(), "no beats"));
        desk.key(Qt::Key_F3);
        QVERIFY(says(desk.message(), "Nothing was found"));
        for (const char* command : {"show mend", "do mend", "mend alike", "accept finding"})
            desk.window.action(command)->trigger();
        QVERIFY(!desk.window.document().can_undo());
        // Another piece is opened while this one is measured.
        QVERIFY(open_whole_demo(desk));
        desk.window.action("measure piece")->trigger();
        desk.window.document().start_new();
        QVERIFY(QTest::qWaitFor([&] { return !desk.window.document().jobs().busy(); }, 30'000));
        QCOMPARE(panel(desk).table().rowCount(), 0);
    }
};

PULSEPIN_TEST_CLASS(JourneysCheck, "journeys_check")
#include "journeys_check.moc"
