// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/csv_text.h"
#include "base/file_lock.h"
#include "base/file_state.h"
#include "base/guarded.h"
#include "base/in_order.h"
#include "base/kept_file.h"
#include "base/range.h"
#include "base/text_file.h"
#include "base/unicode.h"
#include "base/whole.h"
#include "support/test_program.h"

#include <QDir>
#include <QTemporaryDir>
#include <QTest>
#include <atomic>
#include <csignal>
#include <limits>
#include <optional>
#include <sys/wait.h>
#include <unistd.h>

using namespace pulsepin;
using namespace std::string_literals;

namespace {

struct Findings {
    std::int64_t length = 0;
    double rate = 0;
    std::vector<float> curve;
    std::vector<std::int32_t> places;
    friend bool operator==(const Findings&, const Findings&) = default;
};

constexpr auto each_field = [](auto& archive, auto& findings) {
    archive(findings.length);
    archive(findings.rate);
    archive(findings.curve);
    archive(findings.places);
};

const Findings some{77, 44.1, {1.5f, -2.0f, 0.0f}, {3, 1, 4, 1, 5}};

bool tells(const Error& error, std::string_view words) {
    return error.what.find(words) != std::string::npos;
}

/// A field of RFC 4180 as it stands behind another, read back.
std::string unquoted(std::string_view field) {
    if (!field.starts_with('"'))
        return std::string(field);
    std::string out;
    for (std::size_t i = 1; i + 1 < field.size(); ++i) {
        if (field[i] == '"')
            ++i;
        out += field[i];
    }
    return out;
}

} // namespace

class TestKeptFiles : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;
    [[nodiscard]] std::filesystem::path file(const QString& name) const {
        return dir_.filePath(name).toStdString();
    }
    [[nodiscard]] static Result<Findings> load(const std::filesystem::path& path,
                                               std::string_view version = "findings 1",
                                               std::string_view key = "song") {
        return load_kept<Findings>(version, key, path, each_field);
    }

private slots:
    void what_was_kept_comes_back() {
        QVERIFY(save_kept(some, "findings 1", "song", file("kept"), each_field).has_value());
        QCOMPARE(*load(file("kept")), some);
        // What is kept later takes its place; nothing lies beside it.
        const Findings later{1, 2, {}, {9}};
        QVERIFY(save_kept(later, "findings 1", "song", file("kept"), each_field).has_value());
        QCOMPARE(*load(file("kept")), later);
        QCOMPARE(QDir(dir_.path()).entryList(QDir::Files), QStringList{"kept"});
    }

    void another_version_or_song_is_not_taken() {
        QVERIFY(save_kept(some, "findings 1", "song", file("other"), each_field).has_value());
        for (const auto& [version, key] :
             std::vector<std::pair<std::string, std::string>>{{"findings 2", "song"},
                                                              {"findings 1", "another"},
                                                              {"findings", "1\nsong"},
                                                              {"", ""},
                                                              {std::string(5000, 'x'), "song"}}) {
            const auto loaded = load(file("other"), version, key);
            QVERIFY(!loaded && loaded.error().kind == ErrorKind::NotFound);
        }
        const auto missing = load(file("none"));
        QVERIFY(!missing && missing.error().kind == ErrorKind::NotFound);
        QVERIFY(!load(dir_.path().toStdString()));
    }

    // Cut off at each byte, and with each byte turned round: nothing is taken that is not whole, and no
    // length in it is believed.
    void damage_is_noticed() {
        QVERIFY(save_kept(some, "findings 1", "song", file("whole"), each_field).has_value());
        const std::string bytes = *read_text_file(file("whole"));
        for (std::size_t left = 0; left < bytes.size(); ++left) {
            QVERIFY(write_text_file(file("cut"), bytes.substr(0, left)).has_value());
            QVERIFY2(!load(file("cut")), qPrintable(QString::number(left)));
        }
        const std::size_t head = "findings 1\nsong\n"s.size();
        const std::size_t first_count = head + 16, second_count = first_count + 8 + 3 * 4;
        for (const std::size_t count : {first_count, second_count})
            for (std::size_t byte = 0; byte < 8; ++byte) {
                std::string damaged = bytes;
                damaged[count + byte] = static_cast<char>(~damaged[count + byte]);
                QVERIFY(write_text_file(file("bent"), damaged).has_value());
                const auto loaded = load(file("bent"));
                QVERIFY(!loaded && loaded.error().kind == ErrorKind::Damaged);
            }
        QVERIFY(write_text_file(file("longer"), bytes + "x").has_value());
        QCOMPARE(*load(file("longer")), some); // the end was where it belongs
    }

    void where_nothing_can_be_kept_nothing_is_left() {
        const auto nowhere = save_kept(some, "findings 1", "song", file("no/folder/kept"), each_field);
        QVERIFY(!nowhere && !nowhere.error().message().empty());
        QVERIFY(QDir(dir_.path()).mkdir("taken"));
        QVERIFY(QDir(dir_.filePath("taken")).mkdir("inside"));
        QVERIFY(!save_kept(some, "findings 1", "song", file("taken"), each_field));
        QVERIFY(QDir(dir_.filePath("taken")).exists("inside"));
    }

    void a_lock_is_held_by_one() {
        auto first = FileLock::try_take(file("lock"));
        QVERIFY(first);
        QVERIFY(!FileLock::try_take(file("lock")));
        QVERIFY(FileLock::try_take(file("another")));
        FileLock moved = std::move(*first);
        first.reset(); // what was moved away holds nothing
        QVERIFY(!FileLock::try_take(file("lock")));
        {
            const FileLock last = std::move(moved);
            QVERIFY(!FileLock::try_take(file("lock")));
        }
        QVERIFY(FileLock::try_take(file("lock")));
        QVERIFY(!FileLock::try_take(file("no/folder/lock")));
        QVERIFY(!FileLock::try_take(dir_.path().toStdString()));
    }

    void a_killed_process_holds_no_lock() {
        int ready[2];
        QCOMPARE(::pipe(ready), 0);
        const pid_t child = ::fork();
        if (child == 0) {
            const auto held = FileLock::try_take(file("shared"));
            const char answer = held ? 'y' : 'n';
            if (::write(ready[1], &answer, 1) != 1)
                ::_exit(1);
            ::pause();
            ::_exit(0);
        }
        char answer = 0;
        QCOMPARE(::read(ready[0], &answer, 1), ssize_t{1});
        QCOMPARE(answer, 'y');
        QVERIFY(!FileLock::try_take(file("shared")));
        ::kill(child, SIGKILL);
        ::waitpid(child, nullptr, 0);
        QVERIFY(FileLock::try_take(file("shared")));
        ::close(ready[0]);
        ::close(ready[1]);
    }

    // Test vectors of the authors of FNV (isthe.com/chongo/tech/comp/fnv), from memory.
    void fingerprints_are_fnv_1a() {
        QCOMPARE(content_fingerprint(""), 0xcbf29ce484222325u);
        QCOMPARE(content_fingerprint("a"), 0xaf63dc4c8601ec8cu);
        QCOMPARE(content_fingerprint("foobar"), 0x85944171f73967e8u);
        QVERIFY(content_fingerprint("\0"s) != content_fingerprint("\0\0"s));
    }

    void the_same_bytes_are_no_change() {
        const auto path = file("watched");
        QVERIFY(write_text_file(path, "one").has_value());
        const FileState then = file_state(path, "one");
        QVERIFY(then.exists());
        QCOMPARE(change_since(path, then), FileChange::Same);
        QVERIFY(write_text_file(path, "one").has_value()); // another file of the same name
        QCOMPARE(change_since(path, then), FileChange::Same);
        QVERIFY(write_text_file(path, "two").has_value()); // as long
        QCOMPARE(change_since(path, then), FileChange::Changed);
        std::filesystem::remove(path);
        QCOMPARE(change_since(path, then), FileChange::Gone);
        const FileState none = file_state(path, "");
        QVERIFY(!none.exists());
        QCOMPARE(change_since(path, none), FileChange::Same);
        QVERIFY(write_text_file(path, "").has_value());
        QCOMPARE(change_since(path, none), FileChange::Changed); // an empty file is one
    }

    void no_exception_gets_out() {
        const auto answered = guarded([]() -> Result<int> { return 4; });
        QCOMPARE(*answered, 4);
        const auto refused = guarded([]() -> Result<int> { return fail("No."); });
        QCOMPARE(refused.error().what, "No."s);
        const auto memory = guarded([]() -> Result<int> { throw std::bad_alloc(); });
        QVERIFY(memory.error().kind == ErrorKind::Broken && tells(memory.error(), "memory"));
        const auto length = guarded([]() -> Result<int> { throw std::length_error("vector"); });
        QVERIFY(length.error().kind == ErrorKind::Broken && tells(length.error(), "too large"));
        const auto fault = guarded([]() -> Result<int> { throw std::out_of_range("at"); });
        QVERIFY(fault.error().kind == ErrorKind::Broken && tells(fault.error(), "at."));
    }

    void work_is_handed_on_in_order() {
        std::vector<double> shares;
        const Progress progress{[&](double share) { shares.push_back(share); }, {}};
        std::vector<std::size_t> taken;
        std::atomic<int> working = 0;
        const auto caller = std::this_thread::get_id();
        bool here = true;
        const auto done = in_order(
            101, progress,
            [&](std::size_t i) {
                ++working;
                std::this_thread::sleep_for(std::chrono::microseconds((i * 7919) % 300));
                return i * i;
            },
            [&](std::size_t i, std::size_t made) -> Result<void> {
                here = here && std::this_thread::get_id() == caller;
                if (made != i * i)
                    return fail("Mixed up.");
                taken.push_back(i);
                return {};
            });
        QVERIFY(done.has_value());
        QCOMPARE(taken.size(), std::size_t{101});
        QVERIFY(std::is_sorted(taken.begin(), taken.end()));
        QCOMPARE(working.load(), 101);
        QVERIFY(here);
        QVERIFY(std::is_sorted(shares.begin(), shares.end()));
        QCOMPARE(shares.back(), 1.0);
    }

    void work_ends_where_it_is_refused_or_cancelled() {
        int taken = 0;
        const auto work = [](std::size_t i) { return i; };
        const auto refused = in_order(1000, {}, work, [&](std::size_t i, std::size_t) -> Result<void> {
            ++taken;
            return i < 5 ? Result<void>{} : fail("Enough.");
        });
        QVERIFY(!refused && refused.error().what == "Enough.");
        QCOMPARE(taken, 6);
        std::stop_source stop;
        const Progress stoppable{[](double) {}, stop.get_token()};
        taken = 0;
        const auto cancelled =
            in_order(100000, stoppable, work, [&](std::size_t, std::size_t) -> Result<void> {
                ++taken;
                stop.request_stop();
                return {};
            });
        QVERIFY(!cancelled && cancelled.error().cancelled());
        QVERIFY(taken > 0 && taken <= 16);
        QVERIFY(in_order(0, {}, work, [](std::size_t, std::size_t) -> Result<void> {
                    return fail("There was nothing to take.");
                }).has_value());
    }

    // RFC 4180, sections 2.5 to 2.7: fields with separators, quotes and line breaks are quoted, quotes are
    // doubled.
    void fields_of_tables_come_back() {
        QCOMPARE(quoted("plain"), "plain"s);
        QCOMPARE(quoted(""), ""s);
        QCOMPARE(quoted("a,b"), "\"a,b\""s);
        QCOMPARE(quoted("say \"now\""), "\"say \"\"now\"\"\""s);
        for (const auto& text : {"one\ntwo"s, "\"\"\""s, ",,,"s, "a \"b\", c\r\nd"s, "ümläut, 日本"s})
            QCOMPARE(unquoted(quoted(text)), text);
        for (const char first : "=+-@\t\r"s) // what a spreadsheet would run
            QCOMPARE(unquoted(quoted(first + "1+1"s)), "'"s + first + "1+1");
    }

    // The Unicode Standard, table 3-5 (UTF-16) and 3-6 (UTF-8), and section 3.9 on ill-formed sequences; from
    // memory.
    void text_of_any_coding_becomes_utf_8() {
        QCOMPARE(as_utf8("plain"), "plain"s);
        QCOMPARE(as_utf8(""), ""s);
        QCOMPARE(as_utf8("\xef\xbb\xbfmarked"), "marked"s);
        QCOMPARE(as_utf8("\xff\xfeh\0i\0"s), "hi"s);
        QCOMPARE(as_utf8("\xfe\xff\0h\0i"s), "hi"s);
        QCOMPARE(as_utf8("h\0i\0"s), "hi"s);
        QCOMPARE(as_utf8("\0h\0i"s), "hi"s);
        QCOMPARE(as_utf8("\xfe\xff\x00\x4d\x04\x30\x4e\x8c\xd8\x00\xdf\x02"s),
                 "M\xd0\xb0\xe4\xba\x8c\xf0\x90\x8c\x82"s);
        QCOMPARE(as_utf8("\xfe\xff\xd8\x00\x00\x41"s), "\xef\xbf\xbd\x41"s); // half a pair
        QCOMPARE(as_utf8("\xfe\xff\xdf\x02"s), "\xef\xbf\xbd"s);
        QCOMPARE(as_utf8("\xfe\xff\xd8\x00"s), "\xef\xbf\xbd"s); // cut off
        QCOMPARE(as_utf8("\xff\xfeh\0x"s), "h"s);                // half a letter
        QCOMPARE(as_utf8("\xff"s), "\xff"s);                     // what is told by nothing stays as it is
    }

    void the_first_letter_tells_the_direction() {
        for (const char* text : {"שלום", "العربية", "123 שלום", "א abc"})
            QVERIFY2(runs_right_to_left(text), text);
        for (const char* text : {"", "\"(- ", "words", "123", "abc שלום", "éa", "日本", "Ж ש", "  x"})
            QVERIFY2(!runs_right_to_left(text), text);
    }

    void characters_are_counted() {
        QCOMPARE(characters_in(""), std::size_t{0});
        QCOMPARE(characters_in("abc"), std::size_t{3});
        QCOMPARE(characters_in("é日\xf0\x90\x8c\x82"), std::size_t{3});
        QCOMPARE(characters_in("a\nb\n"), std::size_t{2});
    }

    void whole_numbers_of_any_double() {
        const double infinite = std::numeric_limits<double>::infinity();
        const auto most = static_cast<std::int64_t>(largest_whole);
        QCOMPARE(whole_of(-2.9), std::int64_t{-2});
        QCOMPARE(nearest_whole(2.5), std::int64_t{3});
        QCOMPARE(nearest_whole(-2.5), std::int64_t{-3});
        QCOMPARE(floor_whole(-0.1), std::int64_t{-1});
        QCOMPARE(ceil_whole(0.1), std::int64_t{1});
        QCOMPARE(nearest_whole(largest_whole - 1), most - 1);
        for (const double beyond : {largest_whole, 1e300, infinite}) {
            QCOMPARE(whole_of(beyond), most);
            QCOMPARE(floor_whole(-beyond), -most);
        }
        QCOMPARE(ceil_whole(std::numeric_limits<double>::quiet_NaN()), std::int64_t{0});
        QVERIFY(most <= std::numeric_limits<std::int64_t>::max() / 960);
    }

    void a_range_holds_both_its_ends() {
        constexpr Range<double> range{-1, 2};
        static_assert(range.holds(-1) && range.holds(2) && !range.holds(2.001) && !range.holds(-1.001));
        QVERIFY(!range.holds(std::numeric_limits<double>::quiet_NaN()));
        QCOMPARE(range.nearest(9), 2.0);
        QCOMPARE(range.nearest(-9), -1.0);
        QCOMPARE(range.nearest(0.5), 0.5);
    }
};

PULSEPIN_TEST_CLASS(TestKeptFiles, "test_kept_files")
#include "test_kept_files.moc"
