// SPDX-License-Identifier: GPL-3.0-or-later
//
// Clips that are not as they should be, from the bin to the film: turned by hand, replaced, copied, with
// holes.
#include "kinds/kinds.h"
#include "model/edits.h"
#include "model/shot_edits.h"
#include "pages/stops/check_panel.h"
#include "picture/preview_view.h"
#include "render/film_plan.h"
#include "support/answers.h"
#include "support/desk.h"
#include "support/media.h"
#include "support/test_program.h"

#include <QListWidget>
#include <QProcess>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

QListWidget& bin(Desk& desk) {
    return *desk.window.findChild<QListWidget*>("bin");
}

QPoint middle_of_item(QListWidget& list, int row) {
    return list.visualItemRect(list.item(row)).center();
}

/// The row of the finding of that check; none: -1.
int row_of(Desk& desk, const char* check) {
    auto& table = desk.window.check_panel().table();
    for (int row = 0; row < table.rowCount(); ++row)
        if (table.finding(row)->check == check)
            return row;
    return -1;
}

} // namespace

class JourneysClips : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;
    [[nodiscard]] QString file(const QString& name) const { return dir_.filePath(name); }

    /// A piece of a saved project with a song and one clip, a cut to it at its start.
    bool open_piece(Desk& desk, const QString& clip) {
        if (!QFile::exists(file("song.opus")) &&
            !QFile::copy(PULSEPIN_DEMO "/over-the-levee.opus", file("song.opus")))
            return false;
        desk.window.open_path(file("song.opus"));
        if (!QTest::qWaitFor(
                [&] { return desk.window.document().sound() && !desk.window.document().jobs().busy(); },
                60'000))
            return false;
        desk.window.document().add_clips({clip.toStdString()});
        if (!desk.settle() || desk.project().bin->empty())
            return false;
        CutBody cut{desk.project().bin->front().id, Seconds(0)};
        desk.window.document().apply(
            *with_pins(desk.project(), desk.cuts().id, {{{}, TimeAnchor{Seconds(0)}, cut, {}}}), "cut");
        return desk.settle();
    }

    void press_mend(Desk& desk, const char* check, const QString& named) {
        desk.window.go_to_stop(Stop::Check);
        QVERIFY2(QTest::qWaitFor([&] { return row_of(desk, check) >= 0; }, 60'000), check);
        const int row = row_of(desk, check);
        desk.window.check_panel().choose_row(row);
        auto* list = desk.window.findChild<QTableView*>("findings");
        QVERIFY(list);
        const QModelIndex cell = list->model()->index(row, FindingTable::Mending);
        QCOMPARE(desk.window.check_panel().table().finding(row)->mend.empty(), false);
        QVERIFY2(begins_to_tell(cell.data().toString(), named), qPrintable(cell.data().toString()));
        list->scrollTo(cell);
        QTest::mouseClick(list->viewport(), Qt::LeftButton, {}, list->visualRect(cell).center());
    }

private slots:
    void initTestCase() {
        QVERIFY(ffmpeg({"-f", "lavfi", "-i",
                        "color=red:s=160x180:r=24:d=2,format=yuv420p[l];color=blue:s=160x180:r=24:d=2,"
                        "format=yuv420p[r];[l][r]hstack",
                        "-c:v", "libx264", "-qp", "6", file("lies.mp4")}));
        QVERIFY(
            ffmpeg({"-f", "lavfi", "-i", "testsrc=s=320x180:r=30:d=3", "-vf", "select='not(eq(mod(n,7),3))'",
                    "-fps_mode", "vfr", "-c:v", "libx264", file("phone.mp4")}));
    }

    /// Turned in the bin; thumbnail, picture and film agree; and back by one step.
    void journey_a_shot_that_lies_is_turned() {
        Desk desk;
        QVERIFY(open_piece(desk, file("lies.mp4")));
        desk.window.go_to_stop(Stop::Song);
        auto& list = bin(desk);
        QTest::mouseClick(list.viewport(), Qt::LeftButton, {}, middle_of_item(list, 0));
        choose_from_menu_at(list.viewport(), middle_of_item(list, 0), {"Turn the shot right"});
        QTRY_COMPARE(desk.project().bin->front().turned, 1);
        QCOMPARE(desk.project().bin->front().width, 180);
        QVERIFY(list.item(0)->isSelected()); // and may be turned on
        QVERIFY(says(list.item(0)->text(), "180 × 320") || says(list.item(0)->text(), "proxy"));
        QTRY_VERIFY(!list.item(0)->icon().isNull());
        const QImage icon = list.item(0)->icon().pixmap(96, 54).toImage(); // upright in its middle
        QCOMPARE(icon.pixelColor(4, icon.height() / 2).alpha(), 0);
        QVERIFY(icon.pixelColor(icon.width() / 2, icon.height() / 4).red() > 200);
        QVERIFY(icon.pixelColor(icon.width() / 2, icon.height() * 3 / 4).blue() > 200);
        desk.window.view().set_playhead(Seconds(0.5));
        QTRY_VERIFY(desk.window.preview().shown().exact);
        const QImage seen = desk.window.preview().grab().toImage();
        const auto colour = [&](double x, double y) {
            return seen.pixelColor(static_cast<int>(x * seen.width()), static_cast<int>(y * seen.height()));
        };
        QVERIFY(colour(0.5, 0.25).red() > 200 && colour(0.5, 0.25).blue() < 60);
        QVERIFY(colour(0.5, 0.75).blue() > 200 && colour(0.5, 0.75).red() < 60);
        FilmOptions options;
        options.format = "ffv1";
        options.width = 320;
        options.height = 180;
        options.until = Frames(3);
        const auto film = planned_film(desk.window.document().curves(), nullptr, options);
        QVERIFY(film && render_film(*film, file("film.mkv").toStdString()));
        QProcess read;
        read.start("ffmpeg",
                   {"-v", "error", "-i", file("film.mkv"), "-f", "rawvideo", "-pix_fmt", "rgb24", "-"});
        QVERIFY(read.waitForFinished(30'000));
        const QByteArray frames = read.readAllStandardOutput();
        QCOMPARE(frames.size(), 320 * 180 * 3 * 3);
        const auto* above = reinterpret_cast<const unsigned char*>(frames.constData()) + (40 * 320 + 160) * 3;
        const auto* below = above + 100 * 320 * 3;
        QVERIFY(above[0] > 240 && above[2] < 12 && below[2] > 240 && below[0] < 12);
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        QTRY_COMPARE(desk.project().bin->front().turned, 0);
        QCOMPARE(desk.project().bin->front().width, 320);
    }

    /// A file that is gone is found by the check, and another takes its place; cuts stay.
    void journey_a_missing_file_is_replaced() {
        Desk desk;
        QVERIFY(QFile::copy(file("lies.mp4"), file("gone.mp4")));
        QVERIFY(open_piece(desk, file("gone.mp4")));
        QVERIFY(QFile::remove(file("gone.mp4")));
        const auto cuts = desk.project().first_lane(body_type<CutBody>)->pins;
        Answers answers;
        answers.type_name(file("lies.mp4"));
        press_mend(desk, "missing-file", "Replace");
        QTRY_COMPARE(QString::fromStdString(desk.project().bin->front().path.string()), file("lies.mp4"));
        QVERIFY(desk.project().first_lane(body_type<CutBody>)->pins == cuts);
        QVERIFY2(says(desk.message(), "lies.mp4"), qPrintable(desk.message()));
        QTRY_COMPARE_WITH_TIMEOUT(row_of(desk, "missing-file"), -1, 30'000);
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        QTRY_COMPARE(QString::fromStdString(desk.project().bin->front().path.string()), file("gone.mp4"));
        // What is no film changes nothing.
        QFile words(file("words.mp4"));
        QVERIFY(words.open(QIODevice::WriteOnly) && words.write("only words") > 0);
        words.close();
        answers.type_name(file("words.mp4"));
        press_mend(desk, "missing-file", "Replace");
        QTRY_VERIFY2(says(desk.message(), "words.mp4"), qPrintable(desk.message()));
        QCOMPARE(QString::fromStdString(desk.project().bin->front().path.string()), file("gone.mp4"));
    }

    /// The song was moved: the same recording is taken, another is refused, and all that was made on it
    /// stays.
    void journey_a_song_that_was_moved_is_found() {
        Desk desk;
        QVERIFY(open_piece(desk, file("lies.mp4")));
        const auto grid = desk.project().grid;
        QVERIFY(grid);
        QVERIFY(QFile::rename(file("song.opus"), file("moved.opus")));
        QVERIFY(ffmpeg({"-f", "lavfi", "-i", "sine=d=2", file("another.wav")}));
        Answers answers;
        answers.type_name(file("another.wav"));
        press_mend(desk, "missing-file", "Replace");
        QTRY_VERIFY2(says(desk.message(), "another recording"), qPrintable(desk.message()));
        QCOMPARE(QString::fromStdString(desk.project().song->path.string()), file("song.opus"));
        answers.type_name(file("moved.opus"));
        press_mend(desk, "missing-file", "Replace");
        QTRY_COMPARE(QString::fromStdString(desk.project().song->path.string()), file("moved.opus"));
        QVERIFY(desk.project().grid == grid);
        QVERIFY(QFile::rename(file("moved.opus"), file("song.opus")));
    }

    /// A clip of uneven rate, as phones write them: a copy is made and shown instead.
    void journey_a_copy_that_any_program_reads() {
        Desk desk;
        QVERIFY(open_piece(desk, file("phone.mp4")));
        const ClipId phone = desk.project().bin->front().id;
        desk.window.document().apply(*with_clip_turned(desk.project(), phone, 1), "turn");
        Answers answers;
        answers.type_name(file("phone-copy.mp4"));
        press_mend(desk, "variable-rate", "Make a copy");
        QTRY_COMPARE_WITH_TIMEOUT(QString::fromStdString(desk.project().bin->front().path.string()),
                                  file("phone-copy.mp4"), 30'000);
        QVERIFY(QFile::exists(file("phone.mp4")));
        QVERIFY(desk.project().bin->front().turned == 0 && desk.project().bin->front().width == 180);
        QVERIFY(desk.settle());
        QTRY_COMPARE_WITH_TIMEOUT(row_of(desk, "variable-rate"), -1, 30'000);
        // The file that a clip reads is never written over.
        answers.type_name(file("phone-copy.mp4")).press("Replace");
        desk.window.go_to_stop(Stop::Song);
        QTest::mouseClick(bin(desk).viewport(), Qt::LeftButton, {}, middle_of_item(bin(desk), 0));
        const auto before = QFileInfo(file("phone-copy.mp4")).size();
        choose_from_menu_at(bin(desk).viewport(), middle_of_item(bin(desk), 0), {"Copy of the shot"});
        QVERIFY(desk.settle());
        QTRY_VERIFY2(says(desk.message(), "phone-copy.mp4"), qPrintable(desk.message()));
        QCOMPARE(QFileInfo(file("phone-copy.mp4")).size(), before);
    }

    /// What no layer covers is black as in a film, or chequered at choice.
    void journey_holes_are_chequered() {
        Desk desk;
        QProcess make;
        make.start("convert", {"-size", "320x180", "xc:none", "-fill", "red", "-draw",
                               "rectangle 0,0 159,179", file("half.png")});
        QVERIFY(make.waitForFinished(20'000) && make.exitCode() == 0);
        QVERIFY(open_piece(desk, file("half.png")));
        desk.window.view().set_playhead(Seconds(0.5));
        desk.click("picture beside");
        const auto right_half = [&] {
            const QImage seen = desk.window.preview().grab().toImage();
            std::map<QRgb, int> count;
            const QSize size = seen.size();
            for (int y = size.height() * 2 / 5; y < size.height() * 3 / 5; ++y)
                for (int x = size.width() * 3 / 5; x < size.width() * 4 / 5; ++x)
                    ++count[seen.pixel(x, y)];
            return count;
        };
        QTRY_VERIFY(desk.window.preview().shown().exact);
        QTRY_VERIFY(right_half().size() == 1 && right_half().begin()->first == qRgb(0, 0, 0));
        desk.click("holes");
        QTRY_VERIFY(right_half().size() == 2);
        const auto count = right_half();
        QVERIFY(count.contains(qRgb(0x66, 0x66, 0x66)) && count.contains(qRgb(0x9a, 0x9a, 0x9a)));
        const QImage seen = desk.window.preview().grab().toImage();
        QCOMPARE(seen.pixelColor(seen.width() / 4, seen.height() / 2), QColor(255, 0, 0));
        desk.click("holes");
        QTRY_VERIFY(right_half().size() == 1 && right_half().begin()->first == qRgb(0, 0, 0));
        desk.click("picture in bench");
    }
};

PULSEPIN_TEST_CLASS(JourneysClips, "journeys_clips")
#include "journeys_clips.moc"
