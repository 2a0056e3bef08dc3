// SPDX-License-Identifier: GPL-3.0-or-later
//
// What can happen to a file while it is saved. Linked so that each system call of a save can be made to fail
// (ld's --wrap), one after the other.
#include "base/draft.h"
#include "base/file_lock.h"
#include "base/text_file.h"
#include "interchange/project_file.h"
#include "kinds/kinds.h"
#include "support/rich_project.h"
#include "support/test_program.h"

#include <QDir>
#include <QFile>
#include <QProcess>
#include <QTemporaryDir>
#include <QTest>
#include <cerrno>
#include <csignal>
#include <cstdarg>
#include <fcntl.h>
#include <sys/stat.h>
#include <sys/wait.h>
#include <unistd.h>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

int calls_until_failure = 0; ///< 0: none fails
int failure = 0;             ///< the errno of the call that fails
bool failed = false;
bool short_writes = false;
bool nameless = true; ///< the file system knows files without a name (O_TMPFILE)

bool fails_now() {
    if (calls_until_failure == 0 || --calls_until_failure > 0)
        return false;
    errno = failure;
    failed = true;
    return true;
}

} // namespace

extern "C" {
int __real_open(const char* path, int flags, ...);
int __wrap_open(const char* path, int flags, ...) {
    va_list more;
    va_start(more, flags);
    const int mode = flags & O_CREAT || (flags & O_TMPFILE) == O_TMPFILE ? va_arg(more, int) : 0;
    va_end(more);
    if (!nameless && (flags & O_TMPFILE) == O_TMPFILE) {
        errno = EOPNOTSUPP;
        return -1;
    }
    return fails_now() ? -1 : __real_open(path, flags, mode);
}
ssize_t __real_write(int file, const void* bytes, size_t size);
ssize_t __wrap_write(int file, const void* bytes, size_t size) {
    if (fails_now())
        return -1;
    return __real_write(file, bytes, short_writes && size > 7 ? 7 : size);
}
ssize_t __real_pread(int file, void* bytes, size_t size, off_t at);
ssize_t __wrap_pread(int file, void* bytes, size_t size, off_t at) {
    return fails_now() ? -1 : __real_pread(file, bytes, size, at);
}
int __real_fsync(int file);
int __wrap_fsync(int file) {
    return fails_now() ? -1 : __real_fsync(file);
}
int __real_fchmod(int file, mode_t mode);
int __wrap_fchmod(int file, mode_t mode) {
    return fails_now() ? -1 : __real_fchmod(file, mode);
}
int __real_rename(const char* from, const char* to);
int __wrap_rename(const char* from, const char* to) {
    return fails_now() ? -1 : __real_rename(from, to);
}
int __real_linkat(int from, const char* name, int to, const char* other, int flags);
int __wrap_linkat(int from, const char* name, int to, const char* other, int flags) {
    return fails_now() ? -1 : __real_linkat(from, name, to, other, flags);
}
int __real_fsetxattr(int file, const char* name, const void* value, size_t size, int flags);
int __wrap_fsetxattr(int file, const char* name, const void* value, size_t size, int flags) {
    return fails_now() ? -1 : __real_fsetxattr(file, name, value, size, flags);
}
int __real_ftruncate(int file, off_t size);
int __wrap_ftruncate(int file, off_t size) {
    return fails_now() ? -1 : __real_ftruncate(file, size);
}
int __real_posix_fallocate(int file, off_t at, off_t size);
int __wrap_posix_fallocate(int file, off_t at, off_t size) {
    return fails_now() ? failure : __real_posix_fallocate(file, at, size);
}
}

class TestSaving : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;
    [[nodiscard]] std::filesystem::path file(const char* name) const {
        return dir_.filePath(name).toStdString();
    }
    [[nodiscard]] QStringList names() const {
        return QDir(dir_.path()).entryList(QDir::Files | QDir::Hidden, QDir::Name);
    }
    static std::string text(const std::filesystem::path& path) { return read_text_file(path).value_or(""); }

    void clear() {
        for (const auto& name : names())
            QFile::remove(dir_.filePath(name));
    }

private slots:
    void init() {
        nameless = true;
        clear();
    }

    /// Each call fails in turn, for each reason: the file is the old one or the new one, never anything else.
    void each_call_of_a_save_fails_in_turn_data() {
        QTest::addColumn<bool>("there"), QTest::addColumn<bool>("linked"), QTest::addColumn<int>("error"),
            QTest::addColumn<bool>("drafts_without_name");
        for (const auto& [name, error] :
             {std::pair{"full", ENOSPC}, {"input or output", EIO}, {"quota", EDQUOT}})
            for (const bool without : {true, false}) {
                const char* how = without ? "" : ", drafts have names";
                QTest::addRow("a new file, %s%s", name, how) << false << false << error << without;
                QTest::addRow("an old file, %s%s", name, how) << true << false << error << without;
                QTest::addRow("a file of two names, %s%s", name, how) << true << true << error << without;
            }
    }
    void each_call_of_a_save_fails_in_turn() {
        QFETCH(bool, there);
        QFETCH(bool, linked);
        QFETCH(int, error);
        QFETCH(bool, drafts_without_name);
        nameless = drafts_without_name;
        const auto path = file("p.pulsepin");
        const std::string old(70'000, 'o'), wanted(100'000, 'n');
        int call = 1, refused = 0;
        for (;; ++call) {
            clear();
            if (there)
                QVERIFY(write_text_file(path, old).has_value());
            if (linked)
                QCOMPARE(::link(path.c_str(), file("other name").c_str()), 0);
            calls_until_failure = call;
            failure = error;
            failed = false;
            const auto saved = write_text_file(path, wanted);
            calls_until_failure = 0;
            if (!failed)
                break; // all calls were had
            const auto now = text(path);
            if (saved) { // a call that does not matter, as the flush of the folder
                QCOMPARE(now.size(), wanted.size());
                continue;
            }
            ++refused;
            QVERIFY(saved.error().message().find("p.pulsepin") != std::string::npos);
            if (there && linked && now != old) // in its place: what is whole stands beside, and that is said
                QVERIFY2(text(file("p.pulsepin.whole-copy")) == wanted &&
                             saved.error().remedy.find("whole-copy") != std::string::npos,
                         saved.error().message().c_str());
            else
                QVERIFY(now == (there ? old : std::string()));
            QCOMPARE(std::filesystem::exists(path), there);
            for (const auto& name : names())
                QVERIFY2(!name.startsWith(draft_prefix.data()), qPrintable(name));
        }
        qInfo("%d calls failed in turn, %d saves were refused", call - 1, refused);
        QVERIFY2(refused >= 5, qPrintable(QString::number(refused)));
        QCOMPARE(text(path).size(), wanted.size());
    }

    void a_disk_that_takes_little_at_a_time_gets_all() {
        short_writes = true;
        QVERIFY(write_text_file(file("a"), std::string(1000, 'x')).has_value());
        short_writes = false;
        QCOMPARE(text(file("a")).size(), std::size_t{1000});
    }

    /// A process that is killed at any moment while it saves again and again.
    void killed_saves_leave_a_whole_file_and_the_next_one_cleans_up_data() {
        QTest::addColumn<bool>("drafts_without_name");
        QTest::addRow("drafts without a name") << true;
        QTest::addRow("drafts with names") << false;
    }
    void killed_saves_leave_a_whole_file_and_the_next_one_cleans_up() {
        QFETCH(bool, drafts_without_name);
        nameless = drafts_without_name;
        const auto path = file("p.pulsepin");
        const auto a = steady_project(), b = rich_project();
        QVERIFY(save_project(a, path).has_value());
        const auto text_a = text(path);
        QVERIFY(save_project(b, path).has_value());
        const auto text_b = text(path);
        int left_over = 0;
        const int kills = std::max(40, qEnvironmentVariableIntValue("PULSEPIN_KILLS"));
        for (int run = 0; run < kills; ++run) {
            const pid_t child = ::fork();
            if (child == 0) {
                for (int i = 0;; ++i)
                    (void)write_text_file(path, i % 2 ? text_a : text_b);
            }
            ::usleep(static_cast<useconds_t>(1000 + run % 60 * 137));
            ::kill(child, SIGKILL);
            ::waitpid(child, nullptr, 0);
            const auto now = text(path);
            QVERIFY(now == text_a || now == text_b);
            left_over += static_cast<int>(names().size()) - 1;
        }
        QVERIFY2(nameless || left_over > 0, "no kill met a save: the test tests nothing");
        QVERIFY(save_project(a, path).has_value());
        QCOMPARE(names(), QStringList{"p.pulsepin"});
    }

    void a_draft_that_someone_writes_just_now_is_left_alone() {
        nameless = false;
        auto draft = Draft::beside(file("b"));
        QVERIFY(draft && is_draft(draft->shown_as()));
        const auto name = draft->shown_as();
        QVERIFY(write_text_file(file("a"), "text").has_value());
        QVERIFY(std::filesystem::exists(name));
        // A copy of it that nobody holds, known by what it bears and not by its name.
        QProcess copy;
        copy.start("cp", {"--preserve=xattr", name.c_str(), (file(".pulsepin-draft-copy")).c_str()});
        QVERIFY(copy.waitForFinished() && copy.exitCode() == 0);
        QVERIFY(write_text_file(file(".pulsepin-draft-mine"), "mine").has_value());
        QVERIFY(write_text_file(file("a"), "text").has_value());
        QVERIFY(!std::filesystem::exists(file(".pulsepin-draft-copy")));
        QCOMPARE(text(file(".pulsepin-draft-mine")), std::string("mine"));
        QVERIFY(draft->take_place() && !is_draft(file("b")));
        QVERIFY(write_text_file(file("a"), "text").has_value() && std::filesystem::exists(file("b")));
    }

    void a_file_of_a_person_that_looks_like_a_draft_is_left_alone() {
        for (const char* name : {"p.pulsepin.backup", "p.pulsepin.a1B2c3"}) {
            QVERIFY(write_text_file(file(name), "mine").has_value());
            QVERIFY(save_project(steady_project(), file("p.pulsepin")).has_value());
            QCOMPARE(text(file(name)), std::string("mine"));
        }
    }

    void a_write_protected_project_is_left_alone() {
        const auto path = file("p.pulsepin");
        QVERIFY(save_project(steady_project(), path).has_value());
        const auto before = text(path);
        QCOMPARE(::chmod(path.c_str(), 0444), 0);
        const auto saved = save_project(rich_project(), path);
        QVERIFY(!saved && saved.error().what.find("write-protected") != std::string::npos);
        QCOMPARE(text(path), before);
    }

    void a_file_keeps_its_other_names_and_its_rights() {
        const auto path = file("p.pulsepin");
        QVERIFY(save_project(steady_project(), path).has_value());
        QCOMPARE(::chmod(path.c_str(), 0640), 0);
        QCOMPARE(::link(path.c_str(), file("also.pulsepin").c_str()), 0);
        QVERIFY(save_project(rich_project(), path).has_value());
        QCOMPARE(text(file("also.pulsepin")), text(path));
        struct stat now {};
        QCOMPARE(::stat(path.c_str(), &now), 0);
        QCOMPARE(now.st_nlink, nlink_t{2});
        QCOMPARE(now.st_mode & 0777u, 0640u);
    }

    void a_new_file_has_the_rights_that_the_person_usually_gives() {
        const mode_t before = ::umask(027);
        QVERIFY(write_text_file(file("a"), "x").has_value());
        ::umask(before);
        struct stat now {};
        QCOMPARE(::stat(file("a").c_str(), &now), 0);
        QCOMPARE(now.st_mode & 0777u, 0640u);
    }

    void what_others_did_to_a_file_is_noticed() {
        const auto path = file("p.pulsepin");
        const auto saved = save_project(steady_project(), path);
        QVERIFY(saved && change_since(path, *saved) == FileChange::Same);
        const auto bytes = text(path);
        QVERIFY(write_text_file(path, bytes).has_value()); // as a copy that is synchronised: the same bytes
        QVERIFY(change_since(path, *saved) == FileChange::Same);
        QVERIFY(write_text_file(path, bytes + " ").has_value());
        QVERIFY(change_since(path, *saved) == FileChange::Changed);
        std::filesystem::remove(path);
        QVERIFY(change_since(path, *saved) == FileChange::Gone);
        QVERIFY(change_since(path, FileState{}) == FileChange::Same);
    }

    void what_could_not_be_opened_again_is_not_saved() {
        const auto path = file("p.pulsepin");
        QVERIFY(save_project(steady_project(), path).has_value());
        const auto before = text(path);
        Project bad = steady_project();
        const Pin pin{{}, TimeAnchor{Seconds(std::numeric_limits<double>::infinity())}, MarkerBody{"m"}, {}};
        bad = *with_pins(bad, lane_of_kind(bad, kind_of(body_type<MarkerBody>)), {pin});
        const auto saved = save_project(bad, path);
        QVERIFY(!saved && saved.error().what.find("seconds") != std::string::npos);
        QCOMPARE(text(path), before);
    }

    void a_lock_is_given_back_by_the_system_when_its_process_dies() {
        const auto path = file("lock");
        int ready[2];
        QCOMPARE(::pipe(ready), 0);
        const pid_t child = ::fork();
        if (child == 0) {
            const auto held = FileLock::try_take(path);
            (void)!::write(ready[1], held ? "y" : "n", 1);
            ::pause();
            ::_exit(0);
        }
        char answer = 0;
        QCOMPARE(::read(ready[0], &answer, 1), 1);
        QCOMPARE(answer, 'y');
        QVERIFY(!FileLock::try_take(path));
        ::kill(child, SIGKILL);
        ::waitpid(child, nullptr, 0);
        QVERIFY(FileLock::try_take(path).has_value());
    }
};

PULSEPIN_TEST_CLASS(TestSaving, "test_saving")
#include "test_saving.moc"
