// SPDX-License-Identifier: GPL-3.0-or-later
#include "kinds/kinds.h"
#include "base/text_file.h"
#include "interchange/project_file.h"
#include "interchange/project_json.h"
#include "support/rich_project.h"

#include <QDir>
#include <QFile>
#include <QTemporaryDir>
#include <QTest>
#include <csignal>
#include <limits>
#include <sys/resource.h>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

QByteArray bytes_of(const QString& path) {
    QFile file(path);
    return file.open(QIODevice::ReadOnly) ? file.readAll() : QByteArray();
}

} // namespace

class TestProjectFile : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;
    [[nodiscard]] QString file(const QString& name) const { return dir_.filePath(name); }

private slots:
    void what_is_saved_comes_back_bit_for_bit() {
        const auto project = rich_project();
        QVERIFY(save_project(project, file("a.pulsepin").toStdString()).has_value());
        const auto loaded = load_project(file("a.pulsepin").toStdString());
        QVERIFY2(loaded.has_value(), loaded ? "" : loaded.error().message().c_str());
        QVERIFY(same_content(*loaded, project));
        QVERIFY(save_project(*loaded, file("b.pulsepin").toStdString()).has_value());
        QCOMPARE(bytes_of(file("a.pulsepin")), bytes_of(file("b.pulsepin")));
    }

    void an_empty_project_too() {
        QVERIFY(save_project(new_project(), file("e.pulsepin").toStdString()).has_value());
        QVERIFY(same_content(*load_project(file("e.pulsepin").toStdString()), new_project()));
    }

    // A folder that is moved as a whole keeps working: paths below it are relative.
    void paths_below_the_project_are_relative() {
        QDir(dir_.path()).mkpath("one/media");
        auto project = with_song_path(steady_project(), file("one/media/song.wav").toStdString());
        QVERIFY(save_project(project, file("one/p.pulsepin").toStdString()).has_value());
        QVERIFY(bytes_of(file("one/p.pulsepin")).contains("\"media/song.wav\""));
        QVERIFY(QDir(dir_.path()).rename("one", "two"));
        const auto loaded = load_project(file("two/p.pulsepin").toStdString());
        QCOMPARE(loaded->song->path.string(), file("two/media/song.wav").toStdString());
        QCOMPARE(loaded->bin->front().path.string(), std::string("/shots/spool.webm"));
    }

    void other_files_are_refused_with_a_reason() {
        const std::pair<const char*, const char*> cases[] = {
            {"", "not a Pulse Pin project"},
            {"hello", "not a Pulse Pin project"},
            {"[]", "not a Pulse Pin project"},
            {R"({"format":"something"})", "not a Pulse Pin project"},
            {R"({"format":"pulsepin-project"})", "does not say its version"},
            {R"({"format":"pulsepin-project","version":999})", "newer Pulse Pin"},
            {R"({"format":"pulsepin-project","version":1})", "\"settings\" is missing"},
        };
        for (const auto& [text, reason] : cases) {
            QVERIFY(write_text_file(file("bad.pulsepin").toStdString(), text).has_value());
            const auto loaded = load_project(file("bad.pulsepin").toStdString());
            QVERIFY(!loaded);
            const auto message = QString::fromStdString(loaded.error().message());
            QVERIFY2(message.contains(reason) && message.contains("bad.pulsepin"), qPrintable(message));
        }
        QVERIFY(!load_project(file("none.pulsepin").toStdString()));
        QVERIFY(!load_project(dir_.path().toStdString()));
    }

    // Cut off anywhere or with any byte changed, a file is refused or read as something consistent; it never
    // crashes and never half-opens.
    void damaged_files_do_no_harm() {
        const std::string whole = project_to_json(rich_project(), {});
        for (std::size_t length = 0; length + 2 < whole.size(); length += 89)
            QVERIFY(!project_from_json(std::string_view(whole).substr(0, length), {}));
        std::mt19937 random(17);
        int refused = 0;
        for (int i = 0; i < 1500; ++i) {
            std::string damaged = whole;
            for (int k = 0; k < 1 + i % 3; ++k)
                damaged[random() % damaged.size()] = "0123456789-.eE\"{}[],:ax \n"[random() % 25];
            const auto loaded = project_from_json(damaged, {});
            if (!loaded) {
                ++refused;
                QVERIFY(!loaded.error().message().empty());
            } else {
                QVERIFY(project_from_json(project_to_json(*loaded, {}), {}).has_value());
            }
        }
        QVERIFY(refused > 100);
    }

    void inconsistent_files_are_refused() {
        const std::string whole = project_to_json(rich_project(), {});
        const auto with = [&](const std::string& from, const std::string& to) {
            std::string text = whole;
            const auto at = text.find(from);
            return at == std::string::npos ? std::string("not found") : text.replace(at, from.size(), to);
        };
        for (const auto& text :
             {with("\"next_id\": ", "\"next_id\": 1, \"x\": "),
              with("\"kind\": \"cuts\"", "\"kind\": \"magic\""), with("\"30000/1001\"", "\"0/1\""),
              with("\"rounding\": \"nearest\"", "\"rounding\": \"up\""),
              with("\"origin\": [\n   \"corrected\"", "\"origin\": [\n   \"guessed\"")}) {
            const auto loaded = project_from_json(text, {});
            QVERIFY2(!loaded && text != "not found", text.substr(0, 60).c_str());
        }
    }

    void names_that_are_not_utf8_do_not_stop_saving() {
        auto project = with_song_path(steady_project(), std::string("/music/caf\xe9.wav"));
        QVERIFY(save_project(project, file("latin.pulsepin").toStdString()).has_value());
        QVERIFY(load_project(file("latin.pulsepin").toStdString()).has_value());
    }

    void a_failed_save_leaves_the_old_file() {
        const QString path = file("keep.pulsepin");
        QVERIFY(save_project(steady_project(), path.toStdString()).has_value());
        const auto before = bytes_of(path);
        // A limit on the size of files stands in for a full disk: writes fail half way.
        std::signal(SIGXFSZ, SIG_IGN);
        rlimit old{};
        getrlimit(RLIMIT_FSIZE, &old);
        const rlimit small{1000, old.rlim_max};
        setrlimit(RLIMIT_FSIZE, &small);
        const auto saved = save_project(rich_project(), path.toStdString());
        setrlimit(RLIMIT_FSIZE, &old);
        QVERIFY(!saved);
        QVERIFY(QString::fromStdString(saved.error().message()).contains("unchanged"));
        QCOMPARE(bytes_of(path), before);
        QCOMPARE(QDir(dir_.path()).entryList({"keep.pulsepin*"}, QDir::Files).size(),
                 1); // no draft is left behind
        QVERIFY(!save_project(rich_project(), file("no/such/folder/p.pulsepin").toStdString()));
    }

    void saving_through_a_link_keeps_the_link() {
        QVERIFY(save_project(steady_project(), file("real.pulsepin").toStdString()).has_value());
        QVERIFY(QFile::link(file("real.pulsepin"), file("link.pulsepin")));
        QVERIFY(save_project(rich_project(), file("link.pulsepin").toStdString()).has_value());
        QVERIFY(QFileInfo(file("link.pulsepin")).isSymLink());
        QVERIFY(same_content(*load_project(file("real.pulsepin").toStdString()), rich_project()));
    }

    void permissions_are_kept() {
        QVERIFY(save_project(steady_project(), file("p.pulsepin").toStdString()).has_value());
        const auto mode = QFile::ReadOwner | QFile::WriteOwner;
        QVERIFY(QFile::setPermissions(file("p.pulsepin"), mode));
        QVERIFY(save_project(rich_project(), file("p.pulsepin").toStdString()).has_value());
        QVERIFY(!(QFile::permissions(file("p.pulsepin")) & (QFile::ReadGroup | QFile::ReadOther)));
    }

    void the_demo_opens() {
        const auto demo = load_project(PULSEPIN_DEMO "/kite-day.pulsepin");
        QVERIFY2(demo.has_value(), demo ? "" : demo.error().message().c_str());
        QCOMPARE(demo->bin->size(), std::size_t{6});
        for (const auto& clip : *demo->bin)
            QVERIFY(std::filesystem::exists(clip.path));
        QVERIFY(std::filesystem::exists(demo->song->path));
    }
};

QTEST_APPLESS_MAIN(TestProjectFile)
#include "test_project_file.moc"
