// SPDX-License-Identifier: GPL-3.0-or-later
//
// Words and numbers in the language of the window: run in English, German and Japanese (PULSEPIN_LANGUAGE).
// Files are the same in all of them.
#include "model/lane_edits.h"
#include "pages/stops/marker_table.h"
#include "pages/stops/picker_page.h"
#include "parts/decimal_keys.h"
#include "parts/number_field.h"
#include "schedule/lasting.h"
#include "schedule/picker_tables.h"
#include "session/core_words.h"
#include "shell/manual.h"
#include "support/desk.h"
#include "support/test_program.h"

#include <QDir>
#include <QFile>
#include <QLabel>
#include <QRegularExpression>
#include <QSet>
#include <QTranslator>
#include <QXmlStreamReader>
#include <chrono>
#include <thread>

// Here nothing is let pass as said otherwise.
#undef QCOMPARE
#define QCOMPARE(actual, expected)                                                                           \
    do {                                                                                                     \
        if (!QTest::qCompare(actual, expected, #actual, #expected, __FILE__, __LINE__))                      \
            return;                                                                                          \
    } while (false)
#undef QVERIFY2
#define QVERIFY2(statement, description)                                                                     \
    do {                                                                                                     \
        if (!QTest::qVerify(static_cast<bool>(statement), #statement, description, __FILE__, __LINE__))      \
            return;                                                                                          \
    } while (false)
#undef QVERIFY
#define QVERIFY(statement) QVERIFY2(statement, "")

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

QString language() {
    return qEnvironmentVariable("PULSEPIN_LANGUAGE");
}

/// The one of the three that is spoken now.
QString spoken_now(const char* english, const char* german, const char* japanese) {
    return QString::fromUtf8(language() == "de" ? german : language() == "ja" ? japanese : english);
}

/// What is told otherwise in the language that is spoken now.
QSet<QString> english_texts() {
    QSet<QString> texts, same;
    QFile file(QString(PULSEPIN_TESTS "/../translations/pulsepin_%1.ts").arg(language()));
    if (language() == "en" || !file.open(QIODevice::ReadOnly))
        return texts;
    QXmlStreamReader xml(&file);
    QString source;
    while (!xml.atEnd()) {
        xml.readNext();
        if (!xml.isStartElement())
            continue;
        if (xml.name() == u"source")
            source = xml.readElementText();
        else if (xml.name() == u"translation") {
            const QString told = xml.readElementText(QXmlStreamReader::IncludeChildElements);
            (told == source ? same : texts) << source;
        }
    }
    return texts - same;
}

} // namespace

class TestLanguages : public QObject {
    Q_OBJECT
private slots:
    void sentences_are_known_by_their_form() {
        SentenceForms forms;
        forms.add("%1 placed on %2", "auf %2: %1 gesetzt");
        forms.add("Lane \"%1\" is locked.", "Die Spur „%1“ ist gesperrt.");
        forms.add("%1 placed", "%1 gesetzt");
        const auto same = [](const QString& part) { return part; };
        const auto louder = [](const QString& part) { return part.toUpper(); };
        QCOMPARE(forms.translated("3 cuts placed on kick", same), QString("auf kick: 3 cuts gesetzt"));
        QCOMPARE(forms.translated("3 cuts placed", same), QString("3 cuts gesetzt"));
        QCOMPARE(forms.translated("3 cuts placed on kick", louder), QString("auf KICK: 3 CUTS gesetzt"));
        // What a person named is left as it is, whatever it looks like.
        QCOMPARE(forms.translated("Lane \"%2 placed\" is locked.", louder),
                 QString("Die Spur „%2 placed“ ist gesperrt."));
        QVERIFY(!forms.translated("Nothing of the kind", same));
        QVERIFY(!forms.translated("", same));
    }

    void core_sentences_are_spoken() {
        QCOMPARE(spoken("That lane is no longer there."),
                 spoken_now("That lane is no longer there.", "Diese Spur gibt es nicht mehr.",
                            "そのレーンはもうありません。"));
        QCOMPARE(spoken("There is no lane called \"Cuts\"."),
                 spoken_now("There is no lane called \"Cuts\".", "Es gibt keine Spur namens „Cuts“.",
                            "「Cuts」というレーンはありません。"));
        QCOMPARE(spoken("3 cuts"), spoken_now("3 cuts", "3 Schnitte", "3 カット"));
        const Error error{"The file does not exist.", "/tmp/a b.wav", "Check the name."};
        QCOMPARE(spoken(error),
                 spoken_now("/tmp/a b.wav: The file does not exist. Check the name.",
                            "/tmp/a b.wav: Die Datei gibt es nicht. Prüfen Sie den Namen.",
                            "/tmp/a b.wav: ファイルが存在しません。 名前を確かめてください。"));
        QCOMPARE(spoken("nobody ever wrote this"), QString("nobody ever wrote this"));
        QCOMPARE(spoken(""), QString());
    }

    /// Gestures speak in a context of their own that no tool knows of.
    void ordinals_are_spoken() {
        QCOMPARE(spoken("2nd"), spoken_now("2nd", "2.", "2番目"));
        QCOMPARE(spoken("every 11th"), spoken_now("every 11th", "jeder 11.", "11番目 ごと"));
        QCOMPARE(spoken("2ndhand"), QString("2ndhand")); // a name
    }

    void gestures_are_spoken() {
        QCOMPARE(QCoreApplication::translate("pulsepin::Gesture", "move pin"),
                 spoken_now("move pin", "Pin verschieben", "ピンを移動"));
        QCOMPARE(QCoreApplication::translate("paint_check", "The flashes are not measured yet"),
                 spoken_now("The flashes are not measured yet", "Die Blitze sind noch nicht gemessen",
                            "点滅はまだ測定されていません"));
        QCOMPARE(QCoreApplication::translate("pulsepin::Gesture", "%n pins selected", nullptr, 1),
                 spoken_now("1 pin selected", "1 Pin ausgewählt", "1 個のピンを選択"));
    }

    /// With the keys of any keyboard, in the words of the window or in English.
    void numbers_are_typed_with_a_stop_or_a_comma() {
        QDoubleSpinBox field;
        field.setRange(0, 1000);
        field.setDecimals(2);
        for (const char* typed : {"120.5", "120,5"}) {
            field.setValue(0);
            field.selectAll();
            QTest::keyClicks(field.findChild<QLineEdit*>(), typed);
            QCOMPARE(field.value(), 120.5);
            QCOMPARE(typed_number(typed).value_or(0), 120.5);
        }
        QVERIFY(!typed_number("1.2.3") && !typed_number("") && !typed_number("a"));
        QCOMPARE(length_from_text("2 beats"), (Length{Length::Unit::InBeats, 2}));
        QCOMPARE(length_from_text(spoken_now("0.5 b", "0,5 Beat", "0.5 拍")),
                 (Length{Length::Unit::InBeats, 0.5}));
        QCOMPARE(length_from_text(spoken_now("12 frames", "12 Bilder", "12 フレーム")),
                 (Length{Length::Unit::InFrames, 12}));
        QCOMPARE(length_from_text("1,5 s"), (Length{Length::Unit::InMilliseconds, 1500}));
        QVERIFY(!length_from_text("12 parsecs") && !length_from_text("-1 ms"));
        // What the table shows is what it reads.
        for (const Length& length :
             {Length{Length::Unit::InBeats, 1}, Length{Length::Unit::InBeats, 2.5},
              Length{Length::Unit::InFrames, 1}, Length{Length::Unit::InMilliseconds, 80}})
            QCOMPARE(length_from_text(spoken(length_text(length))), length);
    }

    /// On no page, in no menu and no tip: but for names that a person gave.
    void no_english_is_left() {
        const auto english = english_texts();
        if (english.isEmpty()) // English is spoken
            return;
        Desk desk;
        desk.window.open_path(PULSEPIN_DEMO "/kite-day-in-motion.pulsepin");
        QVERIFY(desk.settle());
        QSet<QString> own{"kick", "snare", "hat", "tom", "crash", "onsets", "ride", "clap"};
        for (const auto& lane : desk.project().lanes)
            own << QString::fromStdString(lane->name);
        for (const auto& layer : desk.project().stage->layers)
            own << QString::fromStdString(layer.name);
        for (const auto& clip : *desk.project().bin)
            own << QString::fromStdString(clip.name);
        QSet<QString> left;
        const auto look_at = [&](const QString& text, const QString& where) {
            for (const auto& part : text.split('\n') + QStringList{text})
                if (english.contains(part) && !own.contains(part))
                    left << part + " (" + where + ")";
        };
        for (int stop = 0; stop < 7; ++stop) {
            desk.window.go_to_stop(static_cast<Stop>(stop));
            QTest::qWait(200);
            for (auto* widget : desk.window.findChildren<QWidget*>()) {
                const QString where = widget->objectName();
                look_at(widget->toolTip(), where);
                look_at(widget->accessibleName(), where);
                if (auto* label = qobject_cast<QLabel*>(widget))
                    look_at(label->text(), where);
                if (auto* button = qobject_cast<QAbstractButton*>(widget))
                    look_at(button->text(), where);
                if (auto* box = qobject_cast<QComboBox*>(widget); box && !box->isEditable())
                    for (int i = 0; i < box->count(); ++i)
                        look_at(box->itemText(i), where);
                if (auto* line = qobject_cast<QLineEdit*>(widget))
                    look_at(line->placeholderText(), where);
            }
        }
        for (const auto& row : desk.window.commands().rows()) {
            look_at(row.action->text(), row.action->objectName());
            look_at(row.group, row.action->objectName());
        }
        QVERIFY2(left.isEmpty(), qPrintable(QStringList(left.begin(), left.end()).join("\n")));
    }

    void one_and_several_are_told_apart() {
        const auto told = [](int n) {
            return QCoreApplication::translate("pulsepin::Welcome", "%n shots", nullptr, n);
        };
        QCOMPARE(told(1), spoken_now("1 shot", "1 Einstellung", "ショット 1"));
        QCOMPARE(told(6), spoken_now("6 shots", "6 Einstellungen", "ショット 6"));
    }

    void numbers_are_typed_as_at_home() {
        NumberField field;
        field.setRange(0, 100);
        field.show();
        const char* comma = language() == "de" ? "2,5" : "2.5";
        field.findChild<QLineEdit*>()->selectAll();
        QTest::keyClicks(&field, comma);
        QCOMPARE(field.value(), 2.5);
        QCOMPARE(field.text(), QString(comma));
    }

    void the_window_speaks() {
        Desk desk;
        QVERIFY(QTest::qWaitFor([&] { return desk.window.findChild<QPushButton*>("detect"); }, 5000));
        QCOMPARE(desk.window.action("save")->text(), spoken_now("Save", "Speichern", "保存"));
        QCOMPARE(desk.window.findChild<QPushButton*>("detect")->text(),
                 spoken_now("Find the beats", "Beats suchen", "拍を探す"));
        QCOMPARE(QString::fromStdString(desk.window.document().project().lanes.front()->name),
                 spoken_now("Markers", "Marker", "マーカー"));
        // Keys are the same everywhere.
        QCOMPARE(desk.window.action("detect")->shortcut(), QKeySequence("Ctrl+D"));
    }

    /// What is chosen in a field is known by its id, which is no word of any language.
    void what_is_chosen_is_the_same() {
        Desk desk;
        QVERIFY(desk.open_demo());
        desk.window.go_to_stop(Stop::Place);
        const auto* source = desk.window.findChild<PickerPage*>()->findChild<QComboBox*>("source");
        for (const auto& row : picker_sources())
            QTRY_VERIFY2(source->findData(QString::fromStdString(std::string(row.id))) >= 0,
                         std::string(row.id).c_str());
        QVERIFY(desk.window.commands().action("add lane of cuts"));
    }

    /// Widgets and commands are known by names that no person sees: keys and scripts hang on them.
    void names_of_widgets_are_the_same() {
        const auto names = [] {
            QSet<QString> all;
            Desk desk;
            if (!desk.settle() || !desk.open_demo()) // pieces of before are read beside
                return all;
            for (const auto& lane : desk.project().lanes) { // each kind of pin has a form of its own
                if (!lane->pins.empty())
                    desk.window.view().select({lane->pins.front().id});
                QTest::qWait(150);
                for (const auto* one : desk.window.findChildren<QObject*>())
                    all << one->objectName();
            }
            return all;
        };
        const auto here = names();
        QVERIFY(here.size() > 300);
        const auto translators = qApp->findChildren<QTranslator*>();
        for (auto* translator : translators)
            QCoreApplication::removeTranslator(translator);
        const auto in_english = names();
        for (auto* translator : translators)
            QCoreApplication::installTranslator(translator);
        const auto otherwise = QSet<QString>(here).subtract(in_english);
        QVERIFY2(otherwise.isEmpty(), qPrintable(otherwise.values().join(", ")));
    }

    /// What journeys in other languages stand on.
    void texts_are_led_back_to_english() {
        const auto back = [](const char* english, const char* german, const char* japanese) {
            return in_english(spoken_now(english, german, japanese)).contains(english, Qt::CaseInsensitive);
        };
        const bool all[] = {back("“Title” appears on a lane", "„Titel“ erscheint auf einer Spur",
                                 "「タイトル」がレーンに現れる"),
                            back("2nd", "2.", "2番目"),
                            back("move pin", "Pin verschieben", "ピンを移動"),
                            back("a name of a person", "a name of a person", "a name of a person"),
                            begins_to_tell(spoken_now("Bar sheet", "Taktblatt", "小節シート"), "Bar"),
                            !tells(spoken_now("Bar sheet", "Taktblatt", "小節シート"), "Exposure sheet")};
        for (const bool one : all)
            QVERIFY(one);
    }

    /// Each page as in English, with the same pictures; what it says is to be pressed is there to be pressed.
    void the_manual_names_what_is_on_the_screen() {
        if (!speaks_otherwise())
            return;
        const QSet<QString> no_control{"Stationen", "vorgeschlagen", "Ton: der Song", "帯"};
        static const QRegularExpression named(R"((?<!\*)\*([^*\n]+)\*(?!\*))"), letters("\\p{L}");
        const QDir english(PULSEPIN_DOCS "/manual"), here(PULSEPIN_DOCS "/manual/" + language());
        int names = 0;
        for (const auto& name : english.entryList({"*.md"})) {
            if (name == "command-line.md")
                continue; // of what is typed in English
            const QString page = file_text(here.filePath(name));
            QCOMPARE(page.count("](../../screenshots/"),
                     file_text(english.filePath(name)).count("](../screenshots/"));
            for (auto found = named.globalMatch(page); found.hasNext();)
                for (const auto& part : found.next().captured(1).split(" > ")) {
                    if (no_control.contains(part) || part.startsWith("camera zoom") ||
                        !part.contains(letters))
                        continue;
                    ++names;
                    QVERIFY2(may_be_shown(part), qPrintable(part));
                }
        }
        QVERIFY2(names > 60, qPrintable(QString::number(names)));
        QVERIFY(Manual::shipped().page("song").contains(
            spoken_now("", "Ziehen Sie einen Song", "曲を、それからショットをドロップ")));
    }

    /// Long names of jobs and devices end in dots; the window stays as wide as it is.
    void what_is_told_at_the_foot_widens_nothing() {
        Desk desk;
        QVERIFY(desk.open_demo());
        desk.window.status().set_device_note("d");
        QCoreApplication::processEvents();
        const int before = desk.window.minimumSizeHint().width();
        desk.window.status().set_device_note(QString(400, 'm'));
        desk.window.document().jobs().start<int>(
            JobQueue::Decode, QString(400, 'm'),
            [](const Progress& p) -> Result<int> {
                while (!p.cancelled())
                    std::this_thread::sleep_for(std::chrono::milliseconds(5));
                return 0;
            },
            [](const Result<int>&) {});
        QTest::qWait(50);
        QVERIFY(desk.window.findChild<QPushButton*>("cancel job")->isVisible());
        const int now = desk.window.minimumSizeHint().width();
        desk.click("cancel job");
        QVERIFY(desk.settle());
        QVERIFY2(now <= std::max(before, 1024), qPrintable(QString::number(now)));
    }

    void files_are_the_same() {
        QTemporaryDir folder;
        Desk desk;
        QVERIFY(desk.open_demo());
        bool saved = false;
        desk.window.document().save((folder.path() + "/copy.pulsepin").toStdString(),
                                    ProjectStore::Overwrite::No,
                                    [&](const Result<void>& done) { saved = done.has_value(); });
        QVERIFY(QTest::qWaitFor([&] { return saved; }, 10'000));
        QFile file(folder.path() + "/copy.pulsepin");
        QVERIFY(file.open(QIODevice::ReadOnly));
        const QByteArray written = file.readAll();
        QVERIFY(written.contains("\"lanes\"") && !written.contains("Spuren"));
        QVERIFY(QString::fromUtf8(written).contains("118.") || written.contains("118"));
    }

    /// What is written from right to left stays whole, and turns nothing round that stands beside it.
    void names_from_right_to_left() {
        Desk desk;
        QVERIFY(desk.open_demo());
        const QString name = QString::fromUtf8("שלום עולם");
        const auto& project = desk.project();
        desk.window.document().apply(*with_lane_named(project, project.lanes.front()->id, name.toStdString()),
                                     "name");
        QCOMPARE(QString::fromStdString(desk.project().lanes.front()->name), name);
        QVERIFY(!desk.window.isRightToLeft());
        QVERIFY(!desk.window.timeline().grab().isNull());
    }
};

PULSEPIN_TEST_CLASS(TestLanguages, "test_languages")
#include "test_languages.moc"
