// SPDX-License-Identifier: GPL-3.0-or-later
//
// Films from the window, by mouse and keys: paused, cancelled, done again; upright; on a full disk; three in
// a row.
#include "kinds/kinds.h"
#include "model/edits.h"
#include "model/song_edits.h"
#include "pages/stops/export_panel.h"
#include "support/desk.h"
#include "support/file_dialog.h"
#include "support/film_desk.h"
#include "support/test_program.h"

#include <QFileDialog>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QListWidget>
#include <QProcess>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

/// The demo, a few seconds of it, at the page of films.
bool open_short(Desk& desk, double from = 24, double until = 30) {
    if (!desk.open_demo())
        return false;
    desk.window.view().set_range(TimeRange{Seconds(from), Seconds(until)});
    desk.window.go_to_stop(Stop::Export);
    desk.click("page of film");
    choose(desk, "film range", "drawn range");
    desk.window.findChild<QComboBox*>("film size")->setEditText("640 x 360");
    return true;
}

FilmQueue::Entry entry(Desk& desk, int number) {
    for (const auto& one : film_page(desk).queue().entries())
        if (one.number == number)
            return one;
    return {};
}

bool ended(Desk& desk, int number) {
    return QTest::qWaitFor(
        [&] {
            const auto state = entry(desk, number).state;
            return state != FilmQueue::State::Waiting && state != FilmQueue::State::Running;
        },
        120'000);
}

QJsonObject probed(const QString& film) {
    QProcess probe;
    probe.start("ffprobe", {"-v", "error", "-show_streams", "-show_format", "-show_chapters", "-count_frames",
                            "-of", "json", film});
    probe.waitForFinished(30'000);
    return QJsonDocument::fromJson(probe.readAllStandardOutput()).object();
}

QStringList files_in(const QTemporaryDir& folder) {
    return QDir(folder.path()).entryList(QDir::AllEntries | QDir::Hidden | QDir::NoDotAndDotDot);
}

} // namespace

class JourneysFilm : public QObject {
    Q_OBJECT
private slots:
    void journey_a_film_paused_cancelled_and_done_again() {
        Desk desk;
        QVERIFY(open_short(desk));
        const QTemporaryDir folder;
        const QString file = folder.filePath("kite.mp4");
        save_as(file);
        desk.click("render film");
        QCOMPARE(film_page(desk).queue().entries().size(), std::size_t(1));
        const int first = film_page(desk).queue().entries()[0].number;
        QVERIFY(QTest::qWaitFor([&] { return entry(desk, first).made > 10; }, 30'000));
        desk.click(qPrintable(QString("pause film %1").arg(first)));
        QTest::qWait(300);
        const auto paused_at = entry(desk, first).made;
        QTest::qWait(500);
        QVERIFY(entry(desk, first).made <= paused_at + 1 &&
                entry(desk, first).state == FilmQueue::State::Running);
        QVERIFY(says(desk.window.findChild<QLabel*>(QString("film %1 told").arg(first))->text(), "paused"));
        // The window is free meanwhile.
        desk.window.view().set_playhead(desk.bar(5));
        QVERIFY(!QFile::exists(file));
        desk.click(qPrintable(QString("cancel film %1").arg(first)));
        QVERIFY(ended(desk, first));
        QVERIFY(entry(desk, first).state == FilmQueue::State::Cancelled);
        QVERIFY(files_in(folder).isEmpty());
        // Again, to its end.
        save_as(file);
        desk.key(Qt::Key_F, Qt::ControlModifier | Qt::ShiftModifier);
        const int second = film_page(desk).queue().entries().back().number;
        // The piece is saved beside it meanwhile: neither takes the other's draft for a forgotten one.
        QVERIFY(QTest::qWaitFor([&] { return entry(desk, second).made > 5; }, 30'000));
        QVERIFY(desk.window.document().save_now(folder.filePath("piece.pulsepin").toStdString()));
        QVERIFY(second != first && ended(desk, second));
        QVERIFY2(entry(desk, second).state == FilmQueue::State::Done,
                 qPrintable(entry(desk, second).outcome));
        QCOMPARE(files_in(folder), (QStringList{"kite.mp4", "piece.pulsepin"}));
        const auto told = probed(file);
        const auto streams = told["streams"].toArray();
        QCOMPARE(streams[0].toObject()["codec_name"].toString(), QString("h264"));
        QCOMPARE(streams[0].toObject()["nb_read_frames"].toString(), QString("144"));
        QCOMPARE(streams[0].toObject()["color_space"].toString(), QString("bt709"));
        QCOMPARE(streams[1].toObject()["codec_name"].toString(), QString("aac"));
        QVERIFY(std::abs(told["format"].toObject()["duration"].toString().toDouble() - 6) < 0.03);
        QVERIFY(told["chapters"].toArray().size() >= 1); // the marker "drop" lies in it
        QVERIFY(desk.window.export_panel().summary().contains("written"));
        desk.click("forget films");
        QVERIFY(film_page(desk).queue().entries().empty());
    }

    void journey_an_upright_cut_of_the_drop() {
        Desk desk;
        QVERIFY(desk.open_demo());
        desk.window.view().set_playhead(desk.bar(13) + Seconds(0.5));
        desk.window.go_to_stop(Stop::Export);
        desk.click("page of film");
        desk.window.findChild<QListWidget*>("film targets")->setCurrentRow(2);
        choose(desk, "film range", "section here");
        QCOMPARE(desk.window.findChild<QComboBox*>("film size")->currentText(),
                 QString::fromUtf8("1080 × 1920"));
        desk.window.findChild<QComboBox*>("film size")
            ->setEditText("270 x 480"); // smaller, so that it is quick
        for (const char* draw : {"draw bar", "draw timecode"})
            desk.click(draw);
        const QTemporaryDir folder;
        desk.window.film_commands().render_to(folder.filePath("upright.mp4"));
        QVERIFY(ended(desk, film_page(desk).queue().entries().back().number));
        const auto stream = probed(folder.filePath("upright.mp4"))["streams"].toArray()[0].toObject();
        QCOMPARE(stream["width"].toInt(), 270);
        QCOMPARE(stream["height"].toInt(), 480);
        const auto& sections = desk.project().detection->sections;
        const auto drop =
            std::find_if(sections.begin(), sections.end(), [](const auto& one) { return one.drop; });
        QVERIFY(drop != sections.end());
        QVERIFY(std::abs(stream["nb_read_frames"].toString().toDouble() -
                         (drop->end - drop->start).value * 24) <= 1);
        // The picture fills it: its edges are no black bars; and something is written near the top.
        QProcess ffmpeg;
        ffmpeg.start("ffmpeg", {"-v", "error", "-i", folder.filePath("upright.mp4"), "-frames:v", "1", "-f",
                                "rawvideo", "-pix_fmt", "gray", "-"});
        QVERIFY(ffmpeg.waitForFinished(20'000));
        const auto grey = ffmpeg.readAllStandardOutput();
        QCOMPARE(grey.size(), 270 * 480);
        int bright = 0;
        for (int y = 24; y < 50; ++y)
            for (int x = 0; x < 270; ++x)
                bright += static_cast<unsigned char>(grey[y * 270 + x]) > 220 ? 1 : 0;
        QVERIFY(bright > 30);
    }

    void journey_a_full_disk() {
        const QTemporaryDir folder;
        QDir().mkpath(folder.filePath("small"));
        if (QProcess::execute("mount",
                              {"-t", "tmpfs", "-o", "size=200k", "tmpfs", folder.filePath("small")}) != 0)
            QSKIP("a small disk cannot be mounted here");
        {
            Desk desk;
            QVERIFY(open_short(desk));
            const QString file = folder.filePath("small/kite.mkv");
            QFile old(file);
            QVERIFY(old.open(QIODevice::WriteOnly) && old.write("precious") == 8);
            old.close();
            desk.window.findChild<QComboBox*>("film format")
                ->setCurrentIndex(desk.window.findChild<QComboBox*>("film format")->findData("ffv1"));
            QVERIFY(says(desk.window.findChild<QLabel*>("film estimate")->text(), "free"));
            desk.window.film_commands().render_to(file);
            const int number = film_page(desk).queue().entries().back().number;
            QVERIFY(ended(desk, number));
            QVERIFY(entry(desk, number).state == FilmQueue::State::Failed);
            QVERIFY2(entry(desk, number).outcome.contains("full"), qPrintable(entry(desk, number).outcome));
            QVERIFY(says(desk.message(), "full"));
            QCOMPARE(QDir(folder.filePath("small")).entryList(QDir::Files | QDir::Hidden),
                     QStringList{"kite.mkv"});
            QVERIFY(old.open(QIODevice::ReadOnly));
            QCOMPARE(old.readAll(), QByteArray("precious"));
            old.close();
        }
        QCOMPARE(QProcess::execute("umount", {folder.filePath("small")}), 0);
    }

    void journey_three_in_a_row_one_cancelled() {
        Desk desk;
        QVERIFY(open_short(desk, 24, 26));
        const QTemporaryDir folder;
        std::vector<int> numbers;
        for (const auto& [format, ending] :
             {std::pair("h264", "mp4"), std::pair("ffv1", "mkv"), std::pair("wav", "wav")}) {
            auto* formats = desk.window.findChild<QComboBox*>("film format");
            formats->setCurrentIndex(formats->findData(format));
            desk.window.film_commands().render_to(folder.filePath(QString("film.%1").arg(ending)));
            numbers.push_back(film_page(desk).queue().entries().back().number);
        }
        QVERIFY(desk.window.export_panel().summary().contains("3 films"));
        desk.click(qPrintable(QString("cancel film %1").arg(numbers[1])));
        // Not while one is in work, unless it is given up.
        int asked = 0;
        answer(QMessageBox::Cancel, asked);
        QVERIFY(!desk.window.film_commands().may_close());
        QCOMPARE(asked, 1);
        for (const int number : numbers)
            QVERIFY(ended(desk, number));
        QVERIFY(entry(desk, numbers[0]).state == FilmQueue::State::Done);
        QVERIFY(entry(desk, numbers[1]).state == FilmQueue::State::Cancelled);
        QVERIFY(entry(desk, numbers[2]).state == FilmQueue::State::Done);
        QCOMPARE(files_in(folder), (QStringList{"film.mp4", "film.wav"}));
        // The piece's own files are never written over.
        const QString song = QString::fromStdString(desk.project().song->path.string());
        const auto size = QFileInfo(song).size();
        desk.window.film_commands().render_to(song);
        QCOMPARE(film_page(desk).queue().entries().size(), std::size_t(3));
        QCOMPARE(QFileInfo(song).size(), size);
        QVERIFY(desk.window.film_commands().may_close());
    }

    void journey_each_shot_a_still_and_a_contact_sheet() {
        Desk desk;
        QVERIFY(open_short(desk));
        desk.window.document().apply(with_piece(desk.project(), Seconds(3), Seconds(12)), "piece");
        choose(desk, "film range", "each shot");
        const QTemporaryDir folder;
        desk.window.film_commands().render_to(folder.filePath("shot.mp4"));
        QCOMPARE(film_page(desk).queue().entries().size(),
                 std::size_t(2)); // the first one begins before the piece
        for (const auto& one : film_page(desk).queue().entries())
            QVERIFY(ended(desk, one.number));
        QCOMPARE(files_in(folder), (QStringList{"shot-001.mp4", "shot-002.mp4"}));
        desk.window.view().set_playhead(desk.bar(4));
        desk.window.film_commands().write_still(folder.filePath("still.png"));
        desk.window.film_commands().write_contact_sheet(folder.filePath("sheet.png"));
        QVERIFY(desk.settle());
        QCOMPARE(QImage(folder.filePath("still.png")).size(), QSize(1280, 720));
        const QImage sheet(folder.filePath("sheet.png"));
        QVERIFY(sheet.width() > 600 && sheet.height() > 400); // three shots in two columns
    }

    /// A film is of the piece that it was asked for: opening another one beside it changes nothing.
    void journey_another_piece_is_opened_while_a_film_is_made() {
        Desk desk;
        QVERIFY(open_short(desk, 24, 30));
        // The selected shot alone.
        const auto shots = desk.window.document().shown_shots();
        QVERIFY(shots.size() > 3);
        const auto& shot = shots[3];
        choose(desk, "film range", "selection");
        QVERIFY(film_page(desk).ranges().empty());
        desk.window.view().select({shot.cut});
        QCOMPARE(film_page(desk).ranges(), (std::vector{std::pair(shot.start, shot.end)}));
        choose(desk, "film range", "drawn range");
        const QTemporaryDir folder;
        save_as(folder.filePath("kite.mp4"));
        desk.click("render film");
        const int number = film_page(desk).queue().entries().back().number;
        QVERIFY(QTest::qWaitFor([&] { return entry(desk, number).made > 5; }, 30'000));
        desk.window.document().start_new();
        QVERIFY(entry(desk, number).state == FilmQueue::State::Running);
        QVERIFY(ended(desk, number));
        QVERIFY2(entry(desk, number).state == FilmQueue::State::Done,
                 qPrintable(entry(desk, number).outcome));
        const auto stream = probed(folder.filePath("kite.mp4"))["streams"].toArray()[0].toObject();
        QCOMPARE(stream["nb_read_frames"].toString(), QString("144"));
    }

    void journey_nothing_to_render() {
        Desk desk;
        desk.window.document().start_new();
        desk.window.go_to_stop(Stop::Export);
        QVERIFY(!desk.window.findChild<QPushButton*>("render film")->isEnabled());
        QVERIFY(says(desk.window.findChild<QLabel*>("film estimate")->text(), "song"));
        desk.window.action("render film")->trigger();
        QVERIFY(film_page(desk).queue().entries().empty());
        QVERIFY(desk.open_demo());
        choose(desk, "film range", "drawn range");
        QVERIFY(says(desk.window.findChild<QLabel*>("film estimate")->text(), "Draw a range"));
        choose(desk, "film range", "all of it");
        desk.window.findChild<QComboBox*>("film size")->setEditText("641 x 360");
        QVERIFY(says(desk.window.findChild<QLabel*>("film estimate")->text(), "640 x 360")); // and why
        QVERIFY(says(desk.window.findChild<QLabel*>("film estimate")->text(), "even"));
        QVERIFY(desk.window.findChild<QPushButton*>("render film")->isEnabled());
    }
};

PULSEPIN_TEST_CLASS(JourneysFilm, "journeys_film")
#include "journeys_film.moc"
