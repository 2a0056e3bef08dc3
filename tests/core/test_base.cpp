// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/error.h"
#include "base/progress.h"
#include "base/quantity.h"
#include "base/text_file.h"
#include "support/test_program.h"

#include <QDir>
#include <QFile>
#include <QTemporaryDir>
#include <QTest>
#include <sys/stat.h>
#include <type_traits>
#include <vector>

using namespace pulsepin;

namespace {

template <class A, class B>
concept CanAdd = requires(A a, B b) {
    a + b;
};

template <class A, class B>
concept CanCompare = requires(A a, B b) {
    a < b;
};

} // namespace

class TestBase : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;
    [[nodiscard]] QString file(const QString& name) const { return dir_.filePath(name); }

private slots:
    // What must not mix does not compile.
    void units_do_not_mix() {
        static_assert(CanAdd<Seconds, Seconds>);
        static_assert(!CanAdd<Seconds, Samples>);
        static_assert(!CanAdd<Frames, Ticks>);
        static_assert(!CanAdd<Seconds, double>);
        static_assert(!CanCompare<Bpm, Beats>);
        static_assert(!std::is_convertible_v<double, Seconds>);
        static_assert(!std::is_convertible_v<Seconds, double>);
        QCOMPARE(Seconds(3) / Seconds(2), 1.5);
        QCOMPARE((Seconds(3) - Seconds(1)) * 2.0, Seconds(4));
        QCOMPARE(-Frames(2), Frames(-2));
    }

    void a_message_says_what_where_and_what_to_do() {
        QCOMPARE((Error{"It broke.", "/a/b", "Mend it."}.message()), std::string("/a/b: It broke. Mend it."));
        QCOMPARE((Error{"It broke.", "", ""}.message()), std::string("It broke."));
        const Result<int> failed = fail("No.");
        QVERIFY(!failed && failed.error().what == "No.");
    }

    void progress_of_a_part() {
        std::vector<double> reported;
        const Progress whole{[&](double share) { reported.push_back(share); }, {}};
        const auto part = whole.part(0.5, 0.75);
        part.report(0);
        part.report(0.5);
        part.part(0.5, 1).report(1);
        QCOMPARE(reported, (std::vector<double>{0.5, 0.625, 0.75}));
        QVERIFY(!part.cancelled());
        std::stop_source stop;
        const Progress stoppable{[](double) {}, stop.get_token()};
        const auto inner = stoppable.part(0, 1);
        stop.request_stop();
        QVERIFY(inner.cancelled());
    }

    void text_comes_back_as_it_was() {
        const std::string text("a\0b\r\n\xff end", 11);
        QVERIFY(write_text_file(file("t").toStdString(), text).has_value());
        QCOMPARE(*read_text_file(file("t").toStdString()), text);
        QVERIFY(write_text_file(file("t").toStdString(), "").has_value());
        QCOMPARE(*read_text_file(file("t").toStdString()), std::string());
        const std::string large(5'000'000, 'x');
        QVERIFY(write_text_file(file("t").toStdString(), large).has_value());
        QCOMPARE(read_text_file(file("t").toStdString())->size(), large.size());
        QVERIFY(!read_text_file(file("t").toStdString(), 1000));
        QCOMPARE(QDir(dir_.path()).entryList(QDir::Files).size(), 1); // no drafts are left
    }

    void names_of_all_kinds() {
        for (const QString name :
             {"with space.txt", "ümläut.txt", "日本.txt", "-dash", "quote'\"", "XXXXXX"}) {
            QVERIFY(write_text_file(file(name).toStdString(), "x").has_value());
            QCOMPARE(*read_text_file(file(name).toStdString()), std::string("x"));
        }
    }

    void what_cannot_be_written_says_so() {
        const auto into_folder = write_text_file(dir_.path().toStdString(), "x");
        QVERIFY(!into_folder);
        const auto nowhere = write_text_file(file("no/folder/t").toStdString(), "x");
        QVERIFY(!nowhere && QString::fromStdString(nowhere.error().message()).contains("does not exist"));
        const auto on_a_file = write_text_file(file("-dash/t").toStdString(), "x");
        QVERIFY(!on_a_file);
        QVERIFY(!read_text_file(dir_.path().toStdString()));
        QVERIFY(!read_text_file("/dev/null/x"));
    }

    void devices_and_pipes_are_not_replaced() {
        QTemporaryDir folder;
        const std::string pipe = folder.filePath("pipe").toStdString();
        QCOMPARE(::mkfifo(pipe.c_str(), 0600), 0);
        const auto written = write_text_file(pipe, "text");
        QVERIFY(!written);
        QVERIFY(written.error().message().find("no plain file") != std::string::npos);
        QVERIFY(std::filesystem::is_fifo(pipe));
    }

    void new_files_have_usual_permissions() {
        QVERIFY(write_text_file(file("fresh").toStdString(), "x").has_value());
        QVERIFY(QFile::permissions(file("fresh")) & QFile::ReadOwner);
        QVERIFY(!(QFile::permissions(file("fresh")) & QFile::ExeOwner));
    }
};

PULSEPIN_TEST_CLASS(TestBase, "test_base")
#include "test_base.moc"
