// SPDX-License-Identifier: GPL-3.0-or-later
//
// Words and numbers in the language of the window: run in English, German and Japanese (PULSEPIN_LANGUAGE).
// Files are the same in all of them.
#include "model/lane_edits.h"
#include "parts/number_field.h"
#include "session/core_words.h"
#include "support/desk.h"
#include "support/test_program.h"

#include <QFile>
#include <QLabel>

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
        QCOMPARE(desk.window.action("save")->text(), spoken_now("Save", "Speichern", "保存"));
        QCOMPARE(desk.window.findChild<QPushButton*>("find beats")->text(),
                 spoken_now("Find the beats", "Beats suchen", "拍を探す"));
        // Keys are the same everywhere.
        QCOMPARE(desk.window.action("detect")->shortcut(), QKeySequence("Ctrl+D"));
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
