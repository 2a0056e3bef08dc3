// SPDX-License-Identifier: GPL-3.0-or-later
//
// Words of a lyric: tapped, dragged, proposed, seen in the picture and handed on, by mouse and keys.
#include "drawing/score/score_view.h"
#include "hand/word_titles.h"
#include "interchange/exporters.h"
#include "model/edits.h"
#include "pages/dialogs/param_dialog.h"
#include "schedule/add_pin.h"
#include "support/test_program.h"
#include "support/words_desk.h"
#include "time/grid_edits.h"

#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QProcess>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

struct Sung {
    QString text;
    double time;
};

/// When the words of the demo's song are said, by its generator.
std::vector<Sung> truth() {
    QFile file(PULSEPIN_DEMO "/over-the-levee.truth.json");
    if (!file.open(QIODevice::ReadOnly))
        return {};
    const QString list = "words", text = "word", time = "time";
    std::vector<Sung> words;
    for (const auto& word : QJsonDocument::fromJson(file.readAll()).object()[list].toArray())
        words.push_back({word.toObject()[text].toString(), word.toObject()[time].toDouble()});
    return words;
}

QStringList set_words(Desk& desk) {
    QStringList all;
    for (const auto& span : spans(desk, words(desk).id).texts)
        all << QString::fromStdString(body_of<WordBody>(words(desk).pins[span.index].body).text);
    return all;
}

/// A key at the moment at which that time is heard.
void key_when(Desk& desk, double seconds, Qt::Key key) {
    QVERIFY2(QTest::qWaitFor([&] { return desk.window.player().position().value >= seconds; }, 30'000),
             qPrintable(QString::number(seconds)));
    desk.key(key);
}

/// Fills in the next dialog of parameters and takes it.
void answer_params(const char* take, const std::function<void(ParamDialog&)>& fill = {}) {
    once_a_dialog_is_open(150, [take, fill] {
        ParamDialog* dialog = nullptr;
        for (auto* widget : QApplication::topLevelWidgets())
            if (auto* one = qobject_cast<ParamDialog*>(widget); one && one->isVisible())
                dialog = one;
        QVERIFY2(dialog, take);
        if (fill)
            fill(*dialog);
        auto* button = dialog->findChild<QPushButton*>(take);
        QVERIFY2(button, take);
        QTest::mouseClick(button, Qt::LeftButton);
    });
}

/// A command whose dialog answer_params() takes, waited for.
void run(Desk& desk, const char* command) {
    desk.window.action(command)->trigger();
    QTest::qWait(450);
}

void set_number(QWidget& dialog, const char* field, double value) {
    auto* spin = dialog.findChild<QAbstractSpinBox*>(field);
    QVERIFY2(spin, field);
    if (auto* whole = qobject_cast<QSpinBox*>(spin))
        whole->setValue(static_cast<int>(value));
    else
        qobject_cast<QDoubleSpinBox*>(spin)->setValue(value);
}

QPoint head_of(Desk& desk, PinId pin) {
    auto& timeline = desk.window.timeline();
    const auto time = anchored_time(desk.project().pin(pin)->anchor, desk.project());
    const QRectF row = timeline.lane_row(words(desk).id);
    return {static_cast<int>(std::lround(timeline.scale().x(*time))),
            static_cast<int>(row.top() + row.height() * 0.55)};
}

} // namespace

class JourneysWords : public QObject {
    Q_OBJECT

private slots:
    void journey_a_lyric_is_tapped_and_the_camera_goes_from_line_to_line() {
        Desk desk;
        QVERIFY(open_with_text(desk));
        const auto sung = truth();
        // Eleven words at twice the speed, as they are heard; one is undone and tapped again.
        desk.window.player().set_speed(2);
        desk.window.view().set_playhead(Seconds(4));
        desk.window.timeline().setFocus();
        desk.key(Qt::Key_Space);
        QVERIFY(desk.window.player().playing());
        for (std::size_t i = 0; i < 9; ++i) {
            if (i == 4)
                QCOMPARE(desk.window.preview().cue(), "let");
            key_when(desk, sung[i].time, Qt::Key_W);
        }
        QCOMPARE(words(desk).pins.size(), 9u);
        const double there = desk.window.player().position().value;
        desk.key(Qt::Key_Backspace);
        QCOMPARE(words(desk).pins.size(), 8u);
        QVERIFY(desk.window.player().playing());
        QVERIFY(desk.window.player().position().value < there - 2); // from two bars before
        for (std::size_t i = 8; i < 11; ++i)
            key_when(desk, sung[i].time, Qt::Key_W);
        desk.key(Qt::Key_Space);
        QCOMPARE(set_words(desk).join(' '), "pull the line and let it rise high over the levee");
        // Where they were heard, and on no beat that nobody asked for: within what a busy machine is late by.
        const auto heard = times(desk.project(), words(desk));
        for (std::size_t i = 0; i < 11; ++i)
            QVERIFY2(heard[i] >= sung[i].time - 0.02 && heard[i] < sung[i].time + 0.5,
                     qPrintable(QString("%1: %2").arg(sung[i].text).arg(heard[i] - sung[i].time)));
        QCOMPARE(word_lines(words(desk), spans(desk, words(desk).id).texts).size(), 3u);

        // Two are put right by hand: one dragged off the grid, one by a key.
        desk.window.timeline().show_range(Seconds(4), Seconds(9));
        desk.window.timeline().reveal_lane(words(desk).id);
        desk.window.timeline().grab();
        const PinId second = spans(desk, words(desk).id).texts[1].pin;
        const QPoint from = head_of(desk, second);
        const int to = static_cast<int>(std::lround(desk.window.timeline().scale().x(Seconds(5.2))));
        desk.drag(from, {to, from.y()}, Qt::ShiftModifier);
        QVERIFY2(std::abs(times(desk.project(), words(desk))[1] - 5.2) < 0.03,
                 qPrintable(QString::number(times(desk.project(), words(desk))[1])));
        const PinId third = spans(desk, words(desk).id).texts[2].pin;
        const double before = times(desk.project(), words(desk))[2];
        desk.window.view().select({third});
        desk.key(Qt::Key_Period, Qt::AltModifier);
        QVERIFY(std::abs(times(desk.project(), words(desk))[2] - before - 1 / 24.0) < 1e-6);

        // Titles, laid out, the camera on each line, all three frames early.
        desk.window.action("titles word by word")->trigger();
        const LaneId titles = desk.window.view().lane();
        QCOMPARE(desk.project().lane(titles)->pins.size(), 11u);
        answer_params("lay out words now");
        run(desk, "lay out words");
        answer_params("camera on lines now",
                      [](ParamDialog& dialog) { set_number(dialog, "camera on lines early", 3); });
        run(desk, "camera on lines");
        const LaneId poses = desk.window.view().lane();
        QCOMPARE(desk.project().lane(poses)->pins.size(),
                 5u); // each line is reached, and left but for the last
        QCOMPARE(desk.window.view().selection().size(), 5u);
        desk.window.view().select({desk.project().lane(titles)->pins.front().id});
        number(desk, "lead amount", 3);

        // The song is trimmed and the grid moved: everything still right, to the frame.
        desk.window.document().apply(*with_song_trimmed(desk.project(), Seconds(2), Seconds(60)), "trim");
        desk.window.document().apply(retimed(desk.project(), *shifted(*desk.project().grid, Seconds(0.03))),
                                     "shift grid");
        const auto rate = desk.project().settings->frame_rate;
        const auto frame_of = [&](double time) {
            return round_to_frame(Seconds(time) - rate.start_of(Frames(3)), rate,
                                  desk.project().settings->rounding)
                .frame;
        };
        const auto now = times(desk.project(), words(desk));
        QVERIFY(std::abs(now[0] - (heard[0] - 2 + 0.03)) < 1e-6);
        const auto& seen = spans(desk, titles).appearances;
        QCOMPARE(seen.size(), 11u);
        for (std::size_t i = 0; i < seen.size(); ++i) {
            QCOMPARE(seen[i].comes, frame_of(now[i]));
            QCOMPARE(QString::fromStdString(seen[i].text), sung[i].text);
        }
        const auto posed = desk.window.document().schedule().pins(poses).pins;
        for (std::size_t line = 0, first = 0; line < 3; ++line, first += line == 1 ? 3 : 4)
            QCOMPARE(posed[2 * line].frame, frame_of(now[first]));
        // At the last word of a line all its words are in view, each where nothing else of the line is.
        hide_shots(desk);
        const QImage picture = picture_at(desk, frame_of(now[2]));
        const auto lit = pixels_like(picture, QColor(0xf7, 0xf1, 0xe1));
        QVERIFY2(lit.size() > 4000, qPrintable(QString::number(lit.size())));
        for (const QPoint& at : lit)
            QVERIFY(at.x() > 20 && at.x() < 620 && at.y() > 8 && at.y() < 352);
    }

    void journey_a_line_is_proposed_onto_the_voice() {
        Desk desk;
        QVERIFY(open_with_text(desk));
        const auto sung = truth();
        // "pull", and "the" of the third line, are set; eight words wait between them.
        set_word_at(desk, sung[0].time);
        desk.window.timeline().show_range(Seconds(3), Seconds(17));
        desk.window.timeline().reveal_lane(words(desk).id);
        desk.window.timeline().grab();
        auto set = with_word_set(desk.project(), words(desk).id, 8, Seconds(sung[9].time));
        desk.window.document().apply(std::move(set->project), "drop");
        const Project before = desk.project();
        desk.click("propose words");
        QVERIFY(QTest::qWaitFor(
            [&] { return desk.window.findChild<QPushButton*>("take proposed")->isEnabled(); }, 60'000));
        QCOMPARE(desk.window.view().outlines()->outlines.size(), 8u); // shown, and nothing is placed
        QVERIFY(same_content(desk.project(), before));
        // Left, they wait; proposed again and taken, they are set, as one step for undo.
        desk.click("leave proposed");
        QVERIFY(!desk.window.view().outlines());
        desk.click("propose words");
        QVERIFY(QTest::qWaitFor(
            [&] { return desk.window.findChild<QPushButton*>("take proposed")->isEnabled(); }, 60'000));
        desk.click("take proposed");
        QCOMPARE(set_words(desk).join(' '), "pull the line and let it rise high over the");
        const auto laid = times(desk.project(), words(desk));
        int near = 0;
        for (std::size_t i = 1; i <= 8; ++i)
            near += std::abs(laid[i] - sung[i].time) < 0.06;
        QVERIFY2(near >= 6, qPrintable(QString::number(near)));
        QCOMPARE(laid[0], sung[0].time); // what was set is never moved
        QVERIFY(std::abs(laid[9] - sung[9].time) < 1e-9);
        desk.window.document().undo();
        QVERIFY(same_content(desk.project(), before));
    }

    void journey_a_word_is_dragged_from_the_tray_to_its_beat() {
        Desk desk;
        QVERIFY(open_with_text(desk));
        auto* pull = desk.window.findChild<QComboBox*>("pull words to");
        pull->setCurrentIndex(row_of(pull, "beats"));
        emit pull->activated(pull->currentIndex());
        desk.window.timeline().show_range(Seconds(3), Seconds(10));
        desk.window.timeline().reveal_lane(words(desk).id);
        desk.window.timeline().grab();
        // What a drag carries and where it is let go; the mouse's part of it is the window system's.
        auto& timeline = desk.window.timeline();
        const auto let_go = [&](int place, Seconds at) {
            const QRectF row = timeline.lane_row(words(desk).id);
            QVERIFY(drop(timeline, QPointF(timeline.scale().x(at), row.center().y()), WaitingWord{place}));
        };
        let_go(3, desk.bar(4) + Seconds(0.1));
        QCOMPARE(set_words(desk).join(' '), "line");
        QVERIFY(std::abs(times(desk.project(), words(desk))[0] - desk.bar(4).value) < 1e-9);
        pull->setCurrentIndex(row_of(pull, "nothing"));
        emit pull->activated(pull->currentIndex());
        let_go(1, desk.bar(3) + Seconds(0.1));
        QCOMPARE(set_words(desk).join(' '), "pull line");
        QVERIFY(std::abs(times(desk.project(), words(desk))[0] - desk.bar(3).value - 0.1) < 0.01);
        // Along the lane they are pulled by the same: here to onsets of one row.
        pull->setCurrentIndex(row_of(pull, "onsets: snare"));
        emit pull->activated(pull->currentIndex());
        QVERIFY(pull->currentIndex() > 0);
        const auto& rows = desk.project().detection->rows;
        const auto snare =
            std::find_if(rows.begin(), rows.end(), [](const OnsetRow& row) { return row.name == "snare"; });
        const Seconds wanted = desk.bar(4) + Seconds(0.45);
        const auto nearest = std::min_element(
            snare->onsets.begin(), snare->onsets.end(), [&](const FoundOnset& a, const FoundOnset& b) {
                return std::abs((a.time - wanted).value) < std::abs((b.time - wanted).value);
            });
        const PinId line = spans(desk, words(desk).id).texts[1].pin;
        timeline.grab();
        const QPoint from = head_of(desk, line);
        desk.drag(from, {static_cast<int>(std::lround(timeline.scale().x(wanted))), from.y()});
        QVERIFY2(
            std::abs(times(desk.project(), words(desk))[1] - nearest->time.value) < 0.002,
            qPrintable(QString("%1 %2").arg(times(desk.project(), words(desk))[1]).arg(nearest->time.value)));
        QSettings().remove("words/pull");
    }

    void journey_a_line_lights_up_as_it_is_sung() {
        Desk desk;
        QVERIFY(open_with_text(desk));
        for (const double at : {4.0, 5.0, 6.0, 7.0})
            set_word_at(desk, at);
        desk.window.action("titles lit")->trigger();
        const LayerId layer = desk.window.view().layer();
        hide_shots(desk);
        const auto lit_at = [&](double seconds) {
            const QImage picture = picture_at(desk, frame_at(desk, Seconds(seconds)));
            return std::pair(pixels_like(picture, QColor(0xf4, 0xb3, 0x31)).size(),
                             pixels_like(picture, QColor(0xf7, 0xf1, 0xe1)).size());
        };
        const auto [first_lit, first_rest] = lit_at(4.2);
        const auto [second_lit, second_rest] = lit_at(5.2);
        const auto [all_lit, all_rest] = lit_at(6.2);
        QVERIFY(first_lit > 200 && first_rest > 400);
        QVERIFY(second_lit > first_lit + 200 && second_rest + 200 < first_rest);
        QVERIFY(all_lit > second_lit && all_rest < 50);
        QCOMPARE(staged_of(desk, layer, frame_at(desk, Seconds(4.2))).front().text, "pull the line");
    }

    void journey_captions_go_out_and_come_back() {
        Desk desk;
        QVERIFY(open_with_text(desk));
        for (const double at : {4.0, 4.5, 5.0, 7.0, 7.5, 8.0, 8.5})
            set_word_at(desk, at);
        const auto told = [&] {
            QStringList all;
            for (const auto& span : spans(desk, words(desk).id).texts)
                all << QString("%1 %2").arg(set_words(desk)[all.size()]).arg(span.start.value, 0, 'f', 3);
            return all.join(", ");
        };
        const QString before = told();
        QTemporaryDir folder;
        for (const char* id : {"words-vtt", "lrc"}) {
            const QString path = folder.filePath(QString("words.") + id);
            QVERIFY(export_project(ExportMaterial(desk.project()), *exporter(id), path.toStdString()));
            QGuiApplication::clipboard()->setText(file_text(path));
            Desk other;
            QVERIFY(other.open_demo());
            other.window.action("paste words")->trigger();
            QStringList all;
            for (const auto& span : spans(other, words(other).id).texts)
                all << QString("%1 %2").arg(set_words(other)[all.size()]).arg(span.start.value, 0, 'f', 3);
            // LRC counts hundredths of a second.
            if (QString(id) == "words-vtt")
                QCOMPARE(all.join(", "), before);
            else
                QCOMPARE(all.size(), 7);
        }
    }

    // What is written is read by programs that are not ours: FFmpeg, and python3-webvtt (both of Debian).
    void journey_other_programs_read_what_is_handed_on() {
        Desk desk;
        QVERIFY(open_with_text(desk));
        for (const double at : {4.0, 4.5, 5.0, 7.0, 7.5, 8.0, 8.5})
            set_word_at(desk, at);
        desk.click("page of notes");
        desk.window.view().set_playhead(Seconds(12));
        desk.type("note text", "<hold> it & low, \"now\"");
        desk.key(Qt::Key_Return);
        QTemporaryDir folder;
        const auto write = [&](const char* id, const char* name, LaneId lane = {}) {
            ParamValues values;
            if (lane.value != 0)
                values.set("lane", lane);
            const QString path = folder.filePath(name);
            const auto written = export_project(ExportMaterial(desk.window.document().curves(), values),
                                                *exporter(id), path.toStdString());
            if (!written)
                QTest::qFail(written.error().message().c_str(), __FILE__, __LINE__);
            return path;
        };
        const auto read = [&](const QString& program, const QStringList& arguments) {
            QProcess process;
            process.start(program, arguments);
            process.waitForFinished(30'000);
            if (process.exitCode() != 0)
                QTest::qFail(process.readAllStandardError().constData(), __FILE__, __LINE__);
            return QString::fromUtf8(process.readAllStandardOutput());
        };
        const QString by_python = "import webvtt,sys\n"
                                  "for c in webvtt.read(sys.argv[1]): print(c.start, c.end, c.text)";
        const QString vtt = write("words-vtt", "words.vtt");
        const QString cues = read("/usr/bin/python3", {"-c", by_python, vtt});
        QVERIFY2(cues.startsWith("00:00:04.000 00:00:05.500 pull the line"), qPrintable(cues));
        const auto by_ffmpeg = [&](const QString& path) {
            return read("ffmpeg", {"-v", "error", "-i", path, "-f", "srt", "-"}).remove('\r').simplified();
        };
        QVERIFY2(by_ffmpeg(write("srt", "words.srt"))
                     .startsWith("1 00:00:04,000 --> 00:00:05,500 pull the line 2 "),
                 qPrintable(by_ffmpeg(folder.filePath("words.srt"))));
        QVERIFY(by_ffmpeg(write("lrc", "words.lrc")).contains("00:00:07,000 -->"));
        const LaneId notes = desk.project().first_lane(body_type<NoteBody>)->id;
        const QString told =
            read("/usr/bin/python3", {"-c", by_python, write("words-vtt", "notes.vtt", notes)});
        QVERIFY2(told.contains("00:00:12") && told.contains("low, \"now\""), qPrintable(told));
        const QStringList table = file_text(write("words-csv", "words.csv")).split("\r\n");
        QCOMPARE(table.size(), 9); // a heading, seven words, and the end
        QVERIFY(table[2].startsWith("the,1,,"));
        QVERIFY(
            file_text(write("words-csv", "notes.csv", notes)).contains("\"<hold> it & low, \"\"now\"\"\""));
    }

    void journey_words_are_dragged_in_the_score() {
        Desk desk;
        QVERIFY(open_with_text(desk));
        set_word_at(desk, desk.bar(3).value);
        set_word_at(desk, desk.bar(4).value);
        desk.window.show_score(true);
        auto& score = desk.window.score();
        score.reveal(desk.bar(3));
        score.grab();
        const auto at = [&](Seconds time) {
            return score.cell_position(words(desk).id, desk.project().grid->nearest_tick(time)).toPoint();
        };
        Desk::drag_in(score, at(desk.bar(4)), at(desk.bar(4, 3)), Qt::NoModifier);
        QVERIFY(std::abs(times(desk.project(), words(desk))[1] - desk.bar(4, 3).value) < 1e-6);
    }

    void bad_texts_are_told_and_change_nothing() {
        Desk desk;
        QVERIFY(desk.open_demo());
        QTemporaryDir folder;
        const auto load = [&](const QByteArray& bytes) {
            QFile file(folder.filePath("text.srt"));
            QVERIFY(file.open(QIODevice::WriteOnly));
            file.write(bytes);
            file.close();
            desk.window.words().load(file.fileName());
            QVERIFY(desk.settle());
        };
        const Project before = desk.project();
        load("caf\xe9 \xff\xfe\xfd");
        QVERIFY2(says(desk.message(), "text.srt") && says(desk.message(), "Line 1"),
                 qPrintable(desk.message()));
        QVERIFY(same_content(desk.project(), before));
        load("   \n\n");
        QVERIFY(same_content(desk.project(), before));
        load("1\n00:00:05,000 --> 00:00:04,000\nbackwards\n\n2\n00:00:06,000 --> 00:00:07,000\nright\n");
        QVERIFY2(says(desk.message(), "line"), qPrintable(desk.message()));
        QCOMPARE(words(desk).pins.size() + part_of<LaneText>(words(desk))->tray.size(),
                 2u); // nothing is lost
    }
};

PULSEPIN_TEST_CLASS(JourneysWords, "journeys_words")
#include "journeys_words.moc"
