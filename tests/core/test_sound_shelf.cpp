// SPDX-License-Identifier: GPL-3.0-or-later
//
// Decoded sounds that are kept, so that a piece is there at once when it is opened again.
#include "base/private_folder.h"
#include "media/sound_shelf.h"
#include "media/write_wav.h"
#include "support/media.h"
#include "support/test_program.h"

#include <QTemporaryDir>
#include <QTest>
#include <algorithm>
#include <fcntl.h>
#include <fstream>
#include <sys/stat.h>
#include <unistd.h>

using namespace pulsepin;
using namespace pulsepin::test;
namespace fs = std::filesystem;

class TestSoundShelf : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;

    [[nodiscard]] fs::path at(const char* name) const { return dir_.filePath(name).toStdString(); }
    [[nodiscard]] SoundShelf shelf() const { return {at("decoded"), at("sounds")}; }
    [[nodiscard]] LoadOptions options() const {
        LoadOptions o;
        o.shelf = shelf();
        return o;
    }
    /// Half a minute of two channels that differ.
    void write_song(const char* name, float level = 0.5f) const {
        std::vector<float> samples(static_cast<std::size_t>(2 * 30 * sound_rate));
        for (std::size_t i = 0; i < samples.size(); ++i)
            samples[i] = level * std::sin(static_cast<float>(i) * (i % 2 == 0 ? 0.01f : 0.013f));
        QVERIFY(write_wav(*store_of(samples, {sound_rate, 2}), at(name)).has_value());
    }
    /// Decoded, or found, and then kept.
    [[nodiscard]] static Result<LoadedSound> loaded(const fs::path& path, const LoadOptions& how) {
        auto sound = load_sound(path, {}, how);
        if (sound)
            shelve(*sound);
        return sound;
    }
    [[nodiscard]] std::vector<fs::path> kept() const {
        std::vector<fs::path> all;
        std::error_code code;
        for (const auto& file : fs::directory_iterator(shelf().samples, code))
            all.push_back(file.path());
        return all;
    }
    void forget_all() const {
        make_room_on_shelf(shelf(), 0);
        QVERIFY(kept().empty());
    }
    /// So that its dates tell whether it was changed.
    static void let_it_age() { QTest::qWait(2100); }
    static bool same_samples(const LoadedSound& a, const LoadedSound& b) {
        return std::ranges::equal(a.samples->interleaved(), b.samples->interleaved());
    }

private slots:
    void initTestCase() {
        make_private_folder(shelf().outlines);
        for (const char* name : {"song.wav", "other.wav", "changes.wav", "touched.wav", "late.wav"})
            write_song(name);
        let_it_age();
    }
    void init() { forget_all(); }

    void a_song_is_decoded_once() {
        QVERIFY(!shelved_sound(shelf(), at("song.wav"), options()));
        const auto first = loaded(at("song.wav"), options());
        QVERIFY(first && first->outline);
        QCOMPARE(kept().size(), std::size_t{1});
        struct stat file {};
        QCOMPARE(::stat(kept().front().c_str(), &file), 0);
        QCOMPARE(file.st_mode & 0777u, 0600u);
        QCOMPARE(file.st_size, ShelvedDraft::samples_begin + 2 * 30 * sound_rate * 4);

        const auto again = shelved_sound(shelf(), at("song.wav"), options());
        QVERIFY(again.has_value());
        QVERIFY(same_samples(*again, *first));
        QCOMPARE(again->fingerprint, first->fingerprint);
        QCOMPARE(again->path, first->path);
        QVERIFY(again->samples->format() == first->samples->format());
        QVERIFY(again->outline && again->outline->length() == first->outline->length());
        QCOMPARE(again->outline->channels.size(), std::size_t{2});
        for (const std::int64_t from : {0, 12'345, 1'000'000})
            QVERIFY(again->outline->channels[1].over(Samples(from), Samples(from + 5000)) ==
                    first->outline->channels[1].over(Samples(from), Samples(from + 5000)));

        // The samples are those of the kept file: one that is changed there is seen.
        const float mark = 0.25f;
        const int open = ::open(kept().front().c_str(), O_WRONLY);
        QCOMPARE(::pwrite(open, &mark, sizeof mark, ShelvedDraft::samples_begin), ssize_t{sizeof mark});
        ::close(open);
        QCOMPARE(loaded(at("song.wav"), options())->samples->interleaved()[0], mark);
    }

    void it_is_found_once_it_is_shelved() {
        {
            const auto sound = load_sound(at("song.wav"), {}, options());
            QVERIFY(sound && sound->to_shelve && !sound->from_shelf);
            QVERIFY(kept().empty());
        }
        QVERIFY(kept().empty()); // not even a draft
        const auto sound = load_sound(at("song.wav"), {}, options());
        QVERIFY(!shelved_sound(shelf(), at("song.wav"), options()));
        const LoadedSound copy = *sound; // whoever has it may do it, and twice
        shelve(copy);
        shelve(*sound);
        QCOMPARE(kept().size(), std::size_t{1});
        const auto again = load_sound(at("song.wav"), {}, options());
        QVERIFY(again && again->from_shelf && !again->to_shelve && same_samples(*again, *sound));
        shelve(*again);
        QCOMPARE(kept().size(), std::size_t{1});

        // A song that is written again while nobody has shelved it yet is not taken for the one before.
        const auto before = load_sound(at("late.wav"), {}, options());
        write_song("late.wav", 0.3f);
        shelve(*before);
        let_it_age();
        QVERIFY(!shelved_sound(shelf(), at("late.wav"), options()));
    }

    void a_project_finds_what_was_opened_as_a_file() {
        const auto first = loaded(at("song.wav"), options());
        auto as_project = options();
        as_project.length = first->samples->length();
        QVERIFY(shelved_sound(shelf(), at("song.wav"), as_project));
        as_project.length = first->samples->length() - Samples(1);
        QVERIFY(!shelved_sound(shelf(), at("song.wav"), as_project));
        const auto shorter = loaded(at("song.wav"), as_project);
        QVERIFY(shorter && shorter->samples->length() == *as_project.length);
        QCOMPARE(kept().size(), std::size_t{2});
        as_project.sample_rate = 44'100; // resampled, it is another sound
        QVERIFY(!shelved_sound(shelf(), at("song.wav"), as_project));
    }

    void a_file_that_changed_is_decoded_anew() {
        const auto first = loaded(at("changes.wav"), options());
        QVERIFY(shelved_sound(shelf(), at("changes.wav"), options()));
        write_song("changes.wav", 0.4f); // as long as it was
        QVERIFY(!shelved_sound(shelf(), at("changes.wav"), options()));
        const auto second = loaded(at("changes.wav"), options());
        QVERIFY(second && second->fingerprint != first->fingerprint && !same_samples(*first, *second));
        // It was written a moment ago: whether it is written again could not be told by its dates.
        QVERIFY(!shelved_sound(shelf(), at("changes.wav"), options()));
        QCOMPARE(kept().size(), std::size_t{1});

        // In place, with the date of before: the date of the change of the file itself tells.
        QVERIFY(loaded(at("touched.wav"), options()).has_value());
        const auto date = fs::last_write_time(at("touched.wav"));
        const char byte = 99;
        const int open = ::open(at("touched.wav").c_str(), O_WRONLY);
        QCOMPARE(::pwrite(open, &byte, 1, 1'000'001), ssize_t{1});
        ::close(open);
        fs::last_write_time(at("touched.wav"), date);
        QVERIFY(!shelved_sound(shelf(), at("touched.wav"), options()));
    }

    void what_is_damaged_on_the_shelf_is_not_found() {
        const auto first = loaded(at("song.wav"), options());
        const auto file = kept().front();
        const auto whole = [&] {
            std::ifstream in(file, std::ios::binary);
            return std::string(std::istreambuf_iterator<char>(in), {});
        }();
        const auto write = [&](const std::string& bytes) {
            fs::remove(file);
            std::ofstream(file, std::ios::binary) << bytes;
        };
        std::string other = whole;
        other[18] = '0'; // of another version
        std::string without_samples = whole.substr(0, 3000);
        for (const auto& bytes : {std::string(), std::string("x"), whole.substr(0, whole.size() - 4),
                                  whole + "1234", other, without_samples, std::string(whole.size(), '\0')}) {
            write(bytes);
            QVERIFY(!shelved_sound(shelf(), at("song.wav"), options()));
            const auto decoded = loaded(at("song.wav"), options());
            QVERIFY(decoded && same_samples(*decoded, *first));
        }
        write(whole);
        QVERIFY(shelved_sound(shelf(), at("song.wav"), options()));
        // A link is not followed, whoever laid it there.
        fs::rename(file, at("elsewhere"));
        fs::create_symlink(at("elsewhere"), file);
        QVERIFY(!shelved_sound(shelf(), at("song.wav"), options()));
    }

    void an_outline_that_is_gone_is_made_of_the_samples() {
        const auto first = loaded(at("song.wav"), options());
        fs::remove_all(shelf().outlines);
        const auto again = shelved_sound(shelf(), at("song.wav"), options());
        QVERIFY(again && again->outline);
        for (std::int64_t from = 0; from < 1'400'000; from += 77'777)
            QVERIFY(again->outline->mean.over(Samples(from), Samples(from + 3000)) ==
                    first->outline->mean.over(Samples(from), Samples(from + 3000)));
        make_private_folder(shelf().outlines);
        auto unseen = options();
        unseen.for_drawing = false;
        QVERIFY(!shelved_sound(shelf(), at("song.wav"), unseen)->outline);
    }

    void there_is_room_for_the_newest() {
        const auto song = loaded(at("song.wav"), options());
        const auto first_file = kept().front();
        const auto size = fs::file_size(first_file);
        fs::last_write_time(first_file, fs::file_time_type::clock::now() - std::chrono::hours(1));
        QVERIFY(loaded(at("other.wav"), options()).has_value());
        make_room_on_shelf(shelf(), 2 * size);
        QCOMPARE(kept().size(), std::size_t{2});
        make_room_on_shelf(shelf(), 2 * size - 1);
        QCOMPARE(kept().size(), std::size_t{1});
        QVERIFY(!fs::exists(first_file)); // it was not wanted for longest
        // What is in use goes on without its name.
        QCOMPARE(song->samples->interleaved().size(), static_cast<std::size_t>(2 * 30 * sound_rate));
        QVERIFY(song->samples->mono_at(Samples(12'345)) != 0.0f);
        // What is of others stays.
        std::ofstream(shelf().samples / "letter.txt") << "mine";
        make_room_on_shelf(shelf(), 0);
        QCOMPARE(kept(), (std::vector<fs::path>{shelf().samples / "letter.txt"}));
        fs::remove(shelf().samples / "letter.txt");
    }

    void what_is_short_given_up_or_has_no_room_is_not_kept() {
        std::vector<float> second(static_cast<std::size_t>(sound_rate), 0.5f);
        QVERIFY(write_wav(*store_of(second, {sound_rate, 1}), at("short.wav")).has_value());
        let_it_age();
        QVERIFY(loaded(at("short.wav"), options()).has_value());
        QVERIFY(kept().empty());

        Progress given_up;
        std::stop_source stop;
        given_up.stop = stop.get_token();
        given_up.report = [&](double) { stop.request_stop(); };
        QVERIFY(!load_sound(at("song.wav"), given_up, options()).has_value());
        QVERIFY(kept().empty()); // not even a draft

        auto nowhere = options();
        nowhere.shelf->samples = "/dev/null/decoded";
        const auto sound = loaded(at("song.wav"), nowhere);
        QVERIFY(sound && sound->outline);
    }
};

PULSEPIN_TEST_CLASS(TestSoundShelf, "test_sound_shelf")
#include "test_sound_shelf.moc"
