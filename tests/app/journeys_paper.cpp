// SPDX-License-Identifier: GPL-3.0-or-later
//
// A piece on paper, as one file, and as a template.
#include "interchange/project_file.h"
#include "media/write_wav.h"
#include "model/limits.h"
#include "pages/stops/export_panel.h"
#include "pages/stops/sheets_page.h"
#include "schedule/schedule.h"
#include "support/desk.h"
#include "support/file_dialog.h"
#include "support/media.h"
#include "support/test_program.h"

#include <QCheckBox>
#include <QDir>
#include <QProcess>

using namespace pulsepin;
using namespace pulsepin::test;

class JourneysPaper : public QObject {
    Q_OBJECT

    static QString text_of_pdf(const QString& file) {
        QProcess read;
        read.start("pdftotext", {"-layout", file, "-"});
        return read.waitForFinished(30'000) ? QString::fromUtf8(read.readAllStandardOutput()) : QString();
    }
    static QStringList facts_of_pdf(const QString& file) {
        QProcess read;
        read.start("pdfinfo", {file});
        return read.waitForFinished(30'000) ? QString::fromUtf8(read.readAllStandardOutput()).split('\n')
                                            : QStringList();
    }
    static QString number_of_page(Desk& desk) { return desk.window.findChild<QLabel*>("sheet page")->text(); }
    static QImage seen_page(Desk& desk) {
        return desk.window.findChild<QLabel*>("sheet picture")->pixmap(Qt::ReturnByValue).toImage();
    }
    static double share_of_ink(const QImage& image) {
        std::int64_t dark = 0;
        for (int y = 0; y < image.height(); ++y)
            for (int x = 0; x < image.width(); ++x)
                dark += qGray(image.pixel(x, y)) < 128 ? 1 : 0;
        return static_cast<double>(dark) / (static_cast<double>(image.width()) * image.height());
    }

private slots:
    // A bar sheet of 32 bars and an exposure sheet on A4: seen page by page, written as PDF and SVG, their
    // text found again by another program, on the paper that was chosen.
    void journey_sheets_are_looked_at_and_printed() {
        QTemporaryDir dir;
        Desk desk;
        QVERIFY(desk.open_demo());
        desk.window.timeline().setFocus();
        desk.key(Qt::Key_P, Qt::ControlModifier | Qt::ShiftModifier);
        auto* picture = desk.window.findChild<QLabel*>("sheet picture");
        QTRY_VERIFY(picture && picture->isVisible());
        QTRY_VERIFY_WITH_TIMEOUT(!picture->pixmap(Qt::ReturnByValue).isNull(), 30'000);
        QVERIFY2(number_of_page(desk).startsWith("page 1 of "), qPrintable(number_of_page(desk)));
        const QImage upright = seen_page(desk);
        QVERIFY(upright.height() > upright.width());
        QVERIFY(share_of_ink(upright) > 0.004 && share_of_ink(upright) < 0.2);

        // Landscape, and another page.
        auto* landscape = desk.window.findChild<QCheckBox*>("sheet landscape");
        QVERIFY(landscape);
        QTest::mouseClick(landscape, Qt::LeftButton, {}, QPoint(8, landscape->height() / 2));
        QTRY_VERIFY_WITH_TIMEOUT(seen_page(desk).width() > seen_page(desk).height(), 30'000);
        desk.click("next page");
        QTRY_VERIFY_WITH_TIMEOUT(number_of_page(desk).startsWith("page 2 of "), 30'000);
        const QImage second = seen_page(desk);
        desk.click("previous page");
        QTRY_VERIFY_WITH_TIMEOUT(number_of_page(desk).startsWith("page 1 of "), 30'000);
        QVERIFY(seen_page(desk) != second);

        const QString bars = dir.filePath("bars <b>.pdf");
        save_as(bars);
        desk.click("write sheets");
        QTRY_VERIFY2_WITH_TIMEOUT(says(desk.message(), "pages written"), qPrintable(desk.message()), 60'000);
        const QString text = text_of_pdf(bars);
        for (const char* word :
             {"Kite day", "Bar sheet", "spool", "landing", "break", "118.00 BPM, 4/4", "31", "1 of "})
            QVERIFY2(text.contains(word), qPrintable(text));
        QVERIFY(facts_of_pdf(bars).filter("Page size:").value(0).contains("A4"));

        // The exposure sheet, a frame a line.
        desk.click("sheet exposures");
        QTRY_VERIFY_WITH_TIMEOUT(number_of_page(desk).startsWith("page 1 of ") && seen_page(desk) != second,
                                 30'000);
        const QString exposures = dir.filePath("exposures.pdf");
        save_as(exposures);
        desk.click("write sheets");
        QTRY_VERIFY2_WITH_TIMEOUT(says(desk.message(), "exposures.pdf"), qPrintable(desk.message()), 60'000);
        const QString lines = text_of_pdf(exposures);
        QVERIFY(lines.contains("Exposure sheet") && lines.contains("1552") && lines.contains("31.4"));

        // A range of bars as SVG: a file a page where there are several; what was chosen is offered again.
        desk.window.view().set_range(TimeRange{desk.bar(1), desk.bar(5)});
        choose(desk, "sheet range", "drawn range");
        QTRY_VERIFY_WITH_TIMEOUT(
            number_of_page(desk).endsWith("of 5") || number_of_page(desk).endsWith("of 6") ||
                number_of_page(desk).endsWith("of 7") || number_of_page(desk).endsWith("of 8") ||
                number_of_page(desk).endsWith("of 9"),
            30'000);
        save_as(dir.filePath("part.svg"));
        desk.click("write sheets");
        QTRY_VERIFY2_WITH_TIMEOUT(says(desk.message(), "part.svg"), qPrintable(desk.message()), 60'000);
        QVERIFY(QFile::exists(dir.filePath("part-1.svg")) && !QFile::exists(dir.filePath("part.svg")));
        QVERIFY(!desk.window.document().unsaved()); // the piece is as it was
        Desk again;
        QVERIFY(again.open_demo());
        again.window.action("print sheets")->trigger();
        QTRY_VERIFY(again.window.findChild<QCheckBox*>("sheet landscape"));
        QVERIFY(again.window.findChild<QCheckBox*>("sheet landscape")->isChecked());
    }

    // Without a song there is nothing to print, and that is said.
    void journey_nothing_to_print_is_said() {
        Desk desk;
        desk.window.action("print sheets")->trigger();
        QTRY_VERIFY_WITH_TIMEOUT(number_of_page(desk).contains("Open a song"), 30'000);
        QVERIFY(!desk.window.findChild<QPushButton*>("next page")->isEnabled());
    }

    // The demo's piece on another song: its cuts on the bars of that, what found no place is told; the piece
    // is a new one, not saved, and the template stays as it was.
    void journey_a_template_on_another_song() {
        QTemporaryDir dir;
        const QString song = dir.filePath("another <song>.wav");
        QVERIFY(write_wav(*click_track(96, 0.5, 30, 44100), std::filesystem::path(song.toStdString())));
        QFile pattern(demo);
        QVERIFY(pattern.open(QIODevice::ReadOnly));
        const QByteArray before = pattern.readAll();
        Desk desk;
        save_as(demo);
        QTimer::singleShot(1200, qApp, [song] { save_as(song); });
        desk.window.action("new from template")->trigger();
        QTRY_VERIFY_WITH_TIMEOUT(desk.project().song && desk.project().song->title == "another <song>",
                                 90'000);
        QTRY_VERIFY(desk.window.findChild<QMessageBox*>("left of template"));
        auto* told = desk.window.findChild<QMessageBox*>("left of template");
        QVERIFY2(says(told->text(), "behind the end of the song"), qPrintable(told->text()));
        QTest::keyClick(told, Qt::Key_Escape);
        QVERIFY(desk.settle());
        QVERIFY(std::abs(desk.project().grid->typical_tempo().value - 96) < 0.5);
        // Cuts lie on the same bars and beats as in the template, as far as the song goes.
        const auto template_piece = *load_project(demo.toStdString());
        const Schedule schedule(template_piece);
        const auto& then = schedule.pins(template_piece.first_lane(body_type<CutBody>)->id).pins;
        const auto& now = desk.window.document().schedule().pins(desk.cuts().id).pins;
        QVERIFY(now.size() >= 4 && now.size() <= then.size());
        for (std::size_t i = 0; i < now.size(); ++i) {
            const auto place = [](const BeatGrid& grid, Seconds time) {
                return grid.position_of(grid.nearest_beat(time));
            };
            QVERIFY(place(*desk.project().grid, now[i].time) == place(*template_piece.grid, then[i].time));
        }
        QVERIFY(desk.window.document().unsaved() && desk.window.document().path().empty());
        pattern.seek(0);
        QCOMPARE(pattern.readAll(), before);
    }

    // What goes along is asked; a ZIP file that is there stays.
    void journey_packed_as_one_file() {
        QTemporaryDir dir;
        Desk desk;
        QVERIFY(desk.open_demo());
        const QString zip = dir.filePath("kite & day.zip");
        QTimer::singleShot(300, qApp, [&desk, zip] {
            auto* dialog = desk.window.findChild<QDialog*>("pack");
            QVERIFY(dialog);
            auto* handles = dialog->findChild<QDoubleSpinBox*>("pack handles");
            QVERIFY(handles);
            handles->setValue(6);
            save_as(zip);
            QTest::mouseClick(dialog->findChild<QPushButton*>("pack now"), Qt::LeftButton);
        });
        desk.window.action("pack zip")->trigger();
        QTRY_VERIFY2_WITH_TIMEOUT(says(desk.message(), "files packed into"), qPrintable(desk.message()),
                                  60'000);
        QProcess list;
        list.start("python3", {"-m", "zipfile", "-l", zip});
        QVERIFY(list.waitForFinished(30'000));
        const QString names = list.readAllStandardOutput();
        QVERIFY2(names.contains("kite-day/kite-day.pulsepin") && names.contains("kite-day/contents.txt"),
                 qPrintable(names));
        desk.window.open_path(zip.chopped(4) + ".pulsepin"); // there is none
        QVERIFY(!desk.message().isEmpty());
    }
};

PULSEPIN_TEST_CLASS(JourneysPaper, "journeys_paper")
#include "journeys_paper.moc"
