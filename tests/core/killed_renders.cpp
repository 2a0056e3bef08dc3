// SPDX-License-Identifier: GPL-3.0-or-later
//
// Renders that are killed at any moment: the film of before or the new one is there, whole, and nothing of a
// person's is touched. PULSEPIN_KILLS tells how often.
#include "support/command_line.h"
#include "support/test_program.h"

#include <QDir>
#include <QElapsedTimer>
#include <QFile>
#include <QFileInfo>
#include <QTemporaryDir>
#include <QTest>
#include <map>
#include <random>

using namespace pulsepin::test;

namespace {

using Files = std::map<QString, QByteArray>; // what lies below a folder, without drafts

Files files_below(const QString& folder, const QString& under = {}) {
    Files found;
    const QDir here(folder + "/" + under);
    for (const auto& entry :
         here.entryInfoList(QDir::AllEntries | QDir::Hidden | QDir::System | QDir::NoDotAndDotDot)) {
        const QString name = under.isEmpty() ? entry.fileName() : under + "/" + entry.fileName();
        if (entry.fileName().startsWith(".pulsepin-draft-"))
            continue;
        if (entry.isDir()) {
            found.merge(files_below(folder, name));
            continue;
        }
        QFile file(entry.filePath());
        if (file.open(QIODevice::ReadOnly))
            found[name] = file.readAll();
    }
    return found;
}

int drafts_in(const QString& folder) {
    return static_cast<int>(
        QDir(folder).entryList({".pulsepin-draft-*"}, QDir::AllEntries | QDir::Hidden).size());
}

/// How two sets of files differ, for the one who reads why a test failed.
QString difference(const Files& is, const Files& one, const Files& other) {
    QStringList told;
    for (const auto& [name, bytes] : is) {
        const auto as_in = [&, &name = name, &bytes = bytes](const Files& files) {
            const auto there = files.find(name);
            return there != files.end() && there->second == bytes;
        };
        told << QString("%1, %2 bytes: %3")
                    .arg(name)
                    .arg(bytes.size())
                    .arg(as_in(one)     ? "as before"
                         : as_in(other) ? "as after"
                                        : "NEITHER");
    }
    return told.join("; ");
}

} // namespace

class KilledRenders : public QObject {
    Q_OBJECT
private slots:
    void a_killed_render_leaves_the_film_of_before_or_the_new_one_data() {
        QTest::addColumn<QString>("name");
        QTest::addColumn<QString>("format");
        QTest::addColumn<bool>("replaces");
        const auto row = [](const char* what, const char* name, const char* format, bool replaces) {
            QTest::addRow("%s", what) << name << format << replaces;
        };
        row("a film", "film.mp4", "h264", false);
        row("a film that replaces one", "film.mp4", "h264", true);
        row("a film of another kind", "film.webm", "vp9", true);
        row("moving pictures without sound", "film.gif", "gif", true);
        row("a folder of pictures", "pictures", "png", false);
        row("sound", "film.wav", "wav", true);
    }

    void a_killed_render_leaves_the_film_of_before_or_the_new_one() {
        QFETCH(QString, name);
        QFETCH(QString, format);
        QFETCH(bool, replaces);
        const QTemporaryDir folder;
        const auto render = [&](const char* frames) {
            QStringList arguments{"render",  demo_file, "--format",           format,
                                  "--size",  "64x36",   "--frames",           frames,
                                  "--quiet", "-o",      folder.filePath(name)};
            if (replaces)
                arguments << "--force";
            return arguments;
        };
        {
            QFile letter(folder.filePath("letter.txt"));
            QVERIFY(letter.open(QIODevice::WriteOnly) && letter.write("dear") == 4);
        }
        if (replaces) {
            const auto old = cli(render("60-66"));
            QVERIFY2(old.status == 0, qPrintable(old.err));
        }
        const Files before = files_below(folder.path());
        QElapsedTimer watch;
        watch.start();
        const auto whole = cli(render("30-38"));
        auto usual = static_cast<double>(watch.elapsed()); // milliseconds
        QVERIFY2(whole.status == 0, qPrintable(whole.err));
        const Files after = files_below(folder.path());
        QVERIFY(after != before);
        const auto put_back = [&] {
            for (const auto& [file, bytes] : after)
                if (!before.contains(file))
                    QVERIFY(QFile::remove(folder.filePath(file)));
            if (QFileInfo(folder.filePath(name)).isDir())
                QVERIFY(QDir().rmdir(folder.filePath(name)));
            for (const auto& [file, bytes] : before) {
                QFile back(folder.filePath(file));
                QVERIFY(back.open(QIODevice::WriteOnly) && back.write(bytes) == bytes.size());
            }
        };
        put_back();
        std::mt19937 random(11);
        // At any moment, and every other time towards the end, where the film takes its place.
        const auto moment = [&](int kill) {
            std::uniform_real_distribution<double> share(kill % 2 ? 0.75 : 0.1, kill % 2 ? 1 : 1.1);
            return static_cast<int>(share(random) * usual);
        };
        const int kills = std::max(6, qEnvironmentVariableIntValue("PULSEPIN_KILLS") / 6);
        int half_way = 0;
        for (int kill = 0; kill < kills; ++kill) {
            QProcess process;
            process.start(PULSEPIN_BINARIES "/pulsepin-cli", render("30-38"));
            QVERIFY(process.waitForStarted());
            watch.restart();
            if (process.waitForFinished(moment(kill)))
                usual = (usual + static_cast<double>(watch.elapsed())) / 2; // it has become quicker
            else {
                process.kill();
                QVERIFY(process.waitForFinished());
                ++half_way;
            }
            const Files now = files_below(folder.path());
            QVERIFY2(now == before || now == after, qPrintable(difference(now, before, after)));
            if (now == after)
                put_back();
        }
        QVERIFY2(half_way > kills / 3, qPrintable(QString("%1 of %2").arg(half_way).arg(kills)));
        // The next one is as if nothing had been, and takes away what the killed ones left.
        const auto next = cli(render("30-38"));
        QVERIFY2(next.status == 0, qPrintable(next.err));
        QVERIFY2(files_below(folder.path()) == after,
                 qPrintable(difference(files_below(folder.path()), before, after)));
        QCOMPARE(drafts_in(folder.path()), 0);
    }
};

PULSEPIN_TEST_CLASS(KilledRenders, "killed_renders")
#include "killed_renders.moc"
