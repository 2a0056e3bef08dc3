// SPDX-License-Identifier: GPL-3.0-or-later
//
// What a person said of one song's level leans that of others with a like rhythm, and no others.
#include "analysis/analyze.h"
#include "analysis/level_duel.h"
#include "support/drum_score.h"
#include "support/test_program.h"

#include <QFile>
#include <QTemporaryDir>
#include <QTest>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

LevelLesson lesson(const char* song, float like, bool faster) {
    LevelLesson one;
    one.song = song;
    one.rhythm.fill(like);
    one.faster = faster;
    return one;
}

RhythmKind rhythm(float like) {
    RhythmKind kind;
    kind.fill(like);
    return kind;
}

std::shared_ptr<const SampleStore> song_at(double beat, int bars) {
    DrumScore score;
    for (int bar = 0; bar < bars; ++bar)
        score.rock_bar(0.4 + 4 * beat * bar, beat);
    return score.played();
}

} // namespace

class TestLevelLessons : public QObject {
    Q_OBJECT
private slots:
    void a_lesson_leans_what_is_like_it_and_nothing_else() {
        const std::vector<LevelLesson> lessons{lesson("a", 1, true)};
        QVERIFY(leaning(lessons, rhythm(1)) > 2.9);
        QVERIFY(leaning(lessons, rhythm(1.3f)) > 1);
        QCOMPARE(leaning(lessons, rhythm(3)), 0.0);
        QCOMPARE(leaning({}, rhythm(1)), 0.0);
        const std::vector<LevelLesson> many(50, lesson("b", 1, false));
        QVERIFY(leaning(many, rhythm(1)) >= -4);
        const std::vector<LevelLesson> at_odds{lesson("a", 1, true), lesson("b", 1, false)};
        QCOMPARE(leaning(at_odds, rhythm(1)), 0.0);
    }

    void a_song_has_one_lesson_and_the_oldest_is_dropped() {
        std::vector<LevelLesson> lessons;
        lessons = with_lesson(lessons, lesson("a", 1, true));
        lessons = with_lesson(lessons, lesson("b", 2, true));
        lessons = with_lesson(lessons, lesson("a", 1, false));
        QCOMPARE(lessons.size(), std::size_t{2});
        QVERIFY(lessons.back().song == "a" && !lessons.back().faster);
        for (int i = 0; i < 150; ++i)
            lessons = with_lesson(lessons, lesson(std::to_string(i).c_str(), 0, true));
        QCOMPARE(lessons.size(), std::size_t{100});
        QCOMPARE(lessons.front().song, std::string("50"));
    }

    void lessons_come_back_from_their_file_whatever_songs_are_called() {
        QTemporaryDir dir;
        const auto path = std::filesystem::path(dir.filePath("lessons").toStdString());
        QVERIFY(load_lessons(path)->empty());
        std::vector<LevelLesson> lessons{lesson("  a <b> $(x)  ", 0.25f, true), lesson("", -1, false),
                                         lesson("zwei\nZeilen \xe2\x98\x83", 3, true)};
        QVERIFY(save_lessons(lessons, path).has_value());
        const auto back = load_lessons(path);
        QVERIFY(back.has_value());
        QCOMPARE(back->size(), std::size_t{3});
        QCOMPARE((*back)[2].song, std::string("zwei Zeilen \xe2\x98\x83"));
        QVERIFY((*back)[0].rhythm == lessons[0].rhythm && (*back)[0].faster);
        QVERIFY(!(*back)[1].faster);
    }

    void what_is_no_list_of_lessons_is_refused_and_stays() {
        QTemporaryDir dir;
        const auto path = dir.filePath("lessons");
        for (const char* text :
             {"", "a letter\n", "Pulse Pin levels of songs 1\nfaster 1 2 3\n",
              "Pulse Pin levels of songs 1\nsideways 1 1 1 1 1 1 1 1 1 1 1 1 1 1 1 1 x\n",
              "Pulse Pin levels of songs 1\nfaster nan 1 1 1 1 1 1 1 1 1 1 1 1 1 1 1 x\n"}) {
            QFile file(path);
            QVERIFY(file.open(QIODevice::WriteOnly));
            file.write(text);
            file.close();
            const auto lessons = load_lessons(path.toStdString());
            QVERIFY2(!lessons.has_value(), text);
            QVERIFY(!lessons.error().message().empty());
        }
    }

    /// A song is taught to be half as fast; another with the same rhythm then is, and says by which; without
    /// the lesson all is as it was.
    void a_song_like_one_that_was_corrected_follows_it() {
        const auto first = song_at(0.46, 12), second = song_at(0.45, 14);
        QVERIFY2(first && second, "fluidsynth or its instruments are missing");
        const auto plain = analyze(*second);
        QVERIFY(plain && plain->grid);
        const Bpm found = plain->tempi.front().tempo;
        auto heard = extract_features(*first);
        QVERIFY(heard.has_value());
        const auto learned = lesson_of(*heard, Bpm(60 / 0.46 / 2), "first song");
        QVERIFY(learned.has_value());
        QVERIFY(!learned->faster);
        AnalysisSettings settings;
        settings.lessons = {*learned, lesson("another kind", 9, true)};
        const auto leaned = analyze(*second, settings);
        QVERIFY(leaned && leaned->grid);
        // How far it leans is no more than what three to one says: a song that is surer stays as it is.
        const double odds = static_cast<double>(plain->tempi.front().confidence);
        if (std::abs(leaned->tempi.front().tempo / found - 0.5) < 0.02)
            QCOMPARE(leaned->leaned_on, std::string("first song"));
        else
            QVERIFY2(odds > 0.9, "it was not sure, and was not leaned");
        QVERIFY(plain->leaned_on.empty());
        settings.lessons = {lesson("another kind", 9, false)};
        QVERIFY(*analyze(*second, settings) == *plain);
        // What lies at no such level teaches nothing.
        QVERIFY(!lesson_of(*heard, Bpm(60 / 0.46 / 1.37), "first song").has_value());
    }
};

PULSEPIN_TEST_CLASS(TestLevelLessons, "test_level_lessons")
#include "test_level_lessons.moc"
