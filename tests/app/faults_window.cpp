// SPDX-License-Identifier: GPL-3.0-or-later
//
// Faults that were met in the window, each with the way in which it was met.
#include "interchange/look_file.h"
#include "interchange/project_file.h"
#include "model/edits.h"
#include "model/lane_edits.h"
#include "model/shape_outline.h"
#include "pages/stops/check_panel.h"
#include "pages/stops/export_panel.h"
#include "parts/plain_texts.h"
#include "support/answers.h"
#include "support/media.h"
#include "support/scene.h"
#include "support/stage_desk.h"
#include "support/test_program.h"

#include <QAbstractItemView>
#include <QHelpEvent>
#include <QProcess>
#include <QToolTip>
#include <QTranslator>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

/// Every word of the window in another language.
class OtherLanguage : public QTranslator {
public:
    using QTranslator::QTranslator;
    [[nodiscard]] bool isEmpty() const override { return false; }
    [[nodiscard]] QString translate(const char*, const char* text, const char*, int) const override {
        return QString::fromUtf8("§") + QString::fromUtf8(text);
    }
};

QStringList files_in(const QString& folder) {
    return QDir(folder).entryList(QDir::AllEntries | QDir::Hidden | QDir::NoDotAndDotDot);
}

FilmPage& page(Desk& desk) {
    return desk.window.export_panel().film();
}

bool ended(Desk& desk, int number, int ms) {
    return QTest::qWaitFor(
        [&] {
            for (const auto& one : page(desk).queue().entries())
                if (one.number == number)
                    return one.state != FilmQueue::State::Waiting && one.state != FilmQueue::State::Running;
            return false;
        },
        ms);
}

bool open_page_of_film(Desk& desk) {
    if (!desk.open_demo())
        return false;
    desk.window.view().set_range(TimeRange{Seconds(24), Seconds(30)});
    desk.window.go_to_stop(Stop::Export);
    desk.click("page of film");
    choose(desk, "film range", "drawn range");
    desk.window.findChild<QComboBox*>("film size")->setEditText("640 x 360");
    return true;
}

const QString markup = "<img src=\"/nowhere.png\"><b>bold</b> & <i>";

} // namespace

class FaultsWindow : public QObject {
    Q_OBJECT
private slots:
    // -- nothing of anyone's may vanish

    void fault_pictures_were_written_over_a_folder_of_letters() {
        Desk desk;
        QVERIFY(open_page_of_film(desk));
        choose(desk, "film format", "PNG pictures, WAV");
        const QTemporaryDir folder;
        const QString letters = folder.filePath("letters.frames");
        QVERIFY(QDir().mkpath(letters));
        QVERIFY(write_text_file((letters + "/to-mother.txt").toStdString(), "dear"));
        Answers answers;
        answers.type_name(folder.filePath("letters")).press("OK").cancel();
        desk.click("render film");
        QTRY_VERIFY(answers.all_asked());
        QCOMPARE(answers.asked()[1], QString("name refused"));
        desk.window.film_commands().render_to(letters);
        QVERIFY2(desk.message().contains("to-mother.txt"), qPrintable(desk.message()));
        QVERIFY(page(desk).queue().entries().empty());
        QCOMPARE(files_in(letters), QStringList{"to-mother.txt"});
    }

    void fault_films_of_several_ranges_asked_for_the_first_name_alone() {
        Desk desk;
        QVERIFY(open_page_of_film(desk));
        choose(desk, "film range", "each shot");
        const QTemporaryDir folder;
        QVERIFY(write_text_file(folder.filePath("shot-003.mp4").toStdString(), "mine"));
        Answers answers;
        answers.type_name(folder.filePath("shot.mp4")).press("Another name").cancel();
        desk.click("render film");
        QTRY_VERIFY(answers.all_asked());
        QCOMPARE(answers.asked()[1], QString("replace file"));
        QVERIFY(page(desk).queue().entries().empty());
        QCOMPARE(files_in(folder.path()), QStringList{"shot-003.mp4"});
    }

    void fault_two_films_of_one_name_were_made() {
        Desk desk;
        QVERIFY(open_page_of_film(desk));
        const QTemporaryDir folder;
        desk.window.film_commands().render_to(folder.filePath("a.mp4"));
        desk.window.film_commands().render_to(folder.filePath("a.mp4"));
        QCOMPARE(page(desk).queue().entries().size(), std::size_t{1});
        QVERIFY(desk.message().contains("being made"));
        page(desk).queue().cancel(page(desk).queue().entries()[0].number);
        QVERIFY(ended(desk, page(desk).queue().entries()[0].number, 5'000));
    }

    /// Each encoder, with nothing sent to it, with little, with more than it holds back, and told its end.
    void fault_encoders_waited_for_ever_when_they_were_given_up_data() {
        QTest::addColumn<QString>("format"), QTest::addColumn<int>("frames"),
            QTest::addColumn<bool>("finished");
        for (const auto& format : film_formats())
            if (!format.picture.empty() && can_write(format))
                for (const int frames : {0, 1, 70})
                    for (const bool finished : {false, true})
                        QTest::addRow("%s, %d frames%s", format.id.data(), frames,
                                      finished ? ", finished" : "")
                            << QString(format.id.data()) << frames << finished;
    }
    void fault_encoders_waited_for_ever_when_they_were_given_up() {
        QFETCH(QString, format);
        QFETCH(int, frames);
        QFETCH(bool, finished);
        FilmSpec spec;
        spec.format = film_format(format.toStdString());
        spec.width = 160;
        spec.height = 90;
        spec.rate = *FrameRate::parse("24");
        spec.quality = spec.format->usual;
        QElapsedTimer clock;
        {
            auto coder = PictureCoder::open(spec);
            QVERIFY(coder.has_value());
            const std::vector<std::uint8_t> pixels(160 * 90 * 4, 90);
            for (int i = 0; i < frames; ++i)
                QVERIFY(coder->add(pixels.data(), 160 * 4).has_value());
            if (finished)
                (void)coder->finish();
            clock.start();
        }
        QVERIFY2(clock.elapsed() < 2'000, qPrintable(QString("%1 ms").arg(clock.elapsed())));
    }

    void fault_a_film_outlived_its_cancel() {
        Desk desk;
        QVERIFY(open_page_of_film(desk));
        const QTemporaryDir folder;
        for (const char* format : {"AV1, Opus", "HEVC, AAC", "VP9, Opus"}) {
            choose(desk, "film format", format);
            desk.window.film_commands().render_to(
                folder.filePath(QString(format).startsWith("HEVC") ? "x.mp4" : "x.webm"));
            const int number = page(desk).queue().entries().back().number;
            QTest::qWait(500);
            page(desk).queue().cancel(number);
            QVERIFY2(ended(desk, number, 2'000), format);
        }
        QVERIFY(files_in(folder.path()).isEmpty());
    }

    void fault_a_clip_that_is_missing_held_a_film_up() {
        const QTemporaryDir folder;
        for (const char* name : {"kite-day.pulsepin", "over-the-levee.opus"})
            QVERIFY(QFile::copy(QString(PULSEPIN_DEMO "/") + name, folder.filePath(name)));
        QProcess process;
        process.start(PULSEPIN_BINARIES "/pulsepin-cli",
                      {"render", folder.filePath("kite-day.pulsepin"), "--target", "small", "--size",
                       "160x90", "--frames", "40-60", "--quiet", "-o", folder.filePath("x.webm")});
        QVERIFY(process.waitForFinished(20'000));
        QVERIFY(process.exitStatus() == QProcess::NormalExit && process.exitCode() == 1);
        QVERIFY(!QFile::exists(folder.filePath("x.webm")));
    }

    void fault_the_program_outlived_its_window() {
        const QTemporaryDir folder;
        const QString clip = folder.filePath("large.mp4");
        QVERIFY(ffmpeg({"-f", "lavfi", "-i", "testsrc2=size=3840x2160:rate=25:duration=4", "-c:v", "libx264",
                        "-preset", "ultrafast", "-g", "100", "-pix_fmt", "yuv420p", clip}));
        Project project = new_project();
        project = with_clips(project, {{{}, "large", clip.toStdString(), Seconds(4), 3840, 2160}});
        QVERIFY(save_project(project, folder.filePath("p.pulsepin").toStdString()).has_value());
        auto environment = QProcessEnvironment::systemEnvironment();
        environment.insert("QT_QPA_PLATFORM", "offscreen");
        environment.insert("XDG_DATA_HOME", folder.path());
        environment.insert("XDG_CACHE_HOME", folder.path());
        QProcess process;
        process.setProcessEnvironment(environment);
        process.start(PULSEPIN_BINARIES "/pulsepin", {"--silent", folder.filePath("p.pulsepin")});
        QTest::qWait(2500); // its proxy is being made
        QElapsedTimer clock;
        clock.start();
        process.terminate();
        QVERIFY(process.waitForFinished(5'000));
        QVERIFY2(clock.elapsed() < 5'000, qPrintable(QString("%1 ms").arg(clock.elapsed())));
    }

    // -- a stranger's project is only data

    /// A project all of whose names are markup: no label, tooltip, table or button reads it as such.
    void fault_names_were_read_as_markup() {
        Desk desk;
        QVERIFY(desk.open_demo());
        Project project = desk.project();
        Settings settings = *project.settings;
        settings.title = settings.author = settings.remarks = markup.toStdString();
        project = with_settings(project, settings);
        for (auto& lane : project.lanes) {
            Lane named = *lane;
            named.name = markup.toStdString();
            for (auto& pin : named.pins)
                if (auto* marker = body_if<MarkerBody>(&pin.body))
                    marker->name = marker->note = markup.toStdString();
            lane = std::make_shared<const Lane>(named);
        }
        auto bin = *project.bin;
        for (auto& clip : bin) {
            clip.name = markup.toStdString();
            clip.path = clip.path.parent_path() / (markup.toStdString() + ".mp4");
        }
        project.bin = std::make_shared<const std::vector<Clip>>(bin);
        Stage stage = *project.stage;
        for (auto& layer : stage.layers)
            layer.name = markup.toStdString();
        project.stage = std::make_shared<const Stage>(stage);
        desk.window.document().apply(project, "names");
        int labels = 0, tips = 0;
        for (const auto stop :
             {Stop::Song, Stop::Grid, Stop::Mark, Stop::Place, Stop::Motion, Stop::Check, Stop::Export}) {
            desk.window.go_to_stop(stop);
            if (!desk.markers().pins.empty())
                desk.window.view().select({desk.markers().pins.front().id});
            QTest::qWait(80);
            for (auto* label : desk.window.findChildren<QLabel*>()) {
                label->ensurePolished();
                if (label->text().contains("<img")) {
                    ++labels;
                    QVERIFY2(label->textFormat() == Qt::PlainText, qPrintable(label->objectName()));
                }
            }
            for (auto* widget : desk.window.findChildren<QWidget*>())
                if (widget->isVisible() && widget->toolTip().contains("<img")) {
                    ++tips;
                    check_tip(widget, widget->rect().center());
                }
            for (auto* view : desk.window.findChildren<QAbstractItemView*>()) {
                if (!view->isVisible() || !view->model())
                    continue;
                for (int row = 0; row < std::min(8, view->model()->rowCount()); ++row) {
                    const auto index = view->model()->index(row, 0);
                    if (index.data(Qt::ToolTipRole).toString().contains("<img")) {
                        view->scrollTo(index);
                        ++tips;
                        check_tip(view->viewport(), view->visualRect(index).center());
                    }
                }
            }
        }
        QVERIFY2(labels > 3 && tips > 3, qPrintable(QString("%1 labels, %2 tips").arg(labels).arg(tips)));
    }

    void check_tip(QWidget* widget, QPoint at) {
        QToolTip::hideText();
        QHelpEvent help(QEvent::ToolTip, at, widget->mapToGlobal(at));
        QApplication::sendEvent(widget, &help);
        QVERIFY2(!QToolTip::text().contains("<img"), qPrintable(widget->objectName()));
        QVERIFY2(QToolTip::text().contains("&lt;img"), qPrintable(widget->objectName() + QToolTip::text()));
    }

    void fault_dialogs_read_names_as_markup() {
        QMessageBox box(QMessageBox::Question, "x", "“" + markup + "” has changes");
        box.show();
        for (auto* label : box.findChildren<QLabel*>())
            if (label->text().contains("<img"))
                QVERIFY(label->textFormat() == Qt::PlainText);
        QCOMPARE(plain_tip("<b>&\n"), QString("<p style=\"white-space:pre-wrap\">&lt;b&gt;&amp;\n</p>"));
    }

    void fault_a_strangers_project_read_files_elsewhere_unasked() {
        const QTemporaryDir folder;
        QVERIFY(QDir().mkpath(folder.filePath("downloads")));
        Project project = steady_project();
        project.song = nullptr;
        const auto there = folder.filePath("downloads/gift.pulsepin");
        QVERIFY(save_project(project, there.toStdString()).has_value()); // its clips lie in /shots
        Desk desk;
        Answers no;
        no.press("Do not open");
        desk.window.open_path(there);
        QTRY_VERIFY(no.all_asked());
        QCOMPARE(no.asked(), QStringList{"files outside"});
        QVERIFY(desk.window.document().path().empty() && desk.project().bin->empty());
        Answers yes;
        yes.press("Read them");
        desk.window.open_path(there);
        QTRY_VERIFY(yes.all_asked());
        QCOMPARE(desk.project().bin->size(), std::size_t{6});
        // Once; and again where it names something else.
        desk.window.document().start_new();
        desk.window.open_path(there);
        QCOMPARE(desk.project().bin->size(), std::size_t{6});
        desk.window.document().start_new();
        auto bin = *project.bin;
        bin[0].path = "/etc/hostname";
        project.bin = std::make_shared<const std::vector<Clip>>(bin);
        QVERIFY(save_project(project, there.toStdString()).has_value());
        Answers again;
        again.press("Do not open");
        desk.window.open_path(there);
        QTRY_VERIFY(again.all_asked());
        QVERIFY(desk.window.document().path().empty());
    }

    // -- wrong results

    void fault_measuring_was_found_by_its_translated_name() {
        OtherLanguage foreign;
        Desk desk;
        QVERIFY(desk.open_demo());
        desk.window.go_to_stop(Stop::Check);
        auto& bank = desk.window.findChild<CheckPanel*>()->bank();
        QVERIFY(QTest::qWaitFor([&] { return bank.progress() > 0; }, 10'000));
        QCoreApplication::installTranslator(&foreign);
        QVERIFY(bank.progress() > 0);
        bank.cancel_measuring();
        QVERIFY(QTest::qWaitFor([&] { return bank.progress() == 0; }, 5'000));
        QCoreApplication::removeTranslator(&foreign);
    }

    void fault_a_shape_was_kept_by_its_translated_name() {
        OtherLanguage foreign;
        QCoreApplication::installTranslator(&foreign);
        {
            Desk desk;
            QVERIFY(desk.open_demo());
            const LayerId id = add_by_menu(desk, {QString::fromUtf8("§Shape"), QString::fromUtf8("§disc")});
            QCOMPARE(desk.project().stage->layer(id)->shape, std::string("disc"));
            auto* box = desk.window.findChild<QComboBox*>("layer shape");
            QVERIFY(box);
            QTest::qWait(50);
            const int star = box->findData("star");
            QVERIFY(star >= 0 && box->itemText(star).startsWith(QString::fromUtf8("§")));
            box->setCurrentIndex(star);
            emit box->activated(star);
            QCOMPARE(desk.project().stage->layer(id)->shape, std::string("star"));
            QCOMPARE(box->currentIndex(), star);
        }
        QCoreApplication::removeTranslator(&foreign);
    }
};

PULSEPIN_TEST_CLASS(FaultsWindow, "faults_window")
#include "faults_window.moc"
