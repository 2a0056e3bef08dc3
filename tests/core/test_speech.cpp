// SPDX-License-Identifier: GPL-3.0-or-later
//
// How words sound, by espeak-ng, and where words are laid between two that are set: against the words of the
// demo's song, whose times its generator wrote down.
#include "analysis/voice.h"
#include "media/load_sound.h"
#include "speech/speech.h"
#include "support/test_program.h"
#include "words/lay_words.h"

#include <QFile>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QTest>

using namespace pulsepin;

namespace {

struct Sung {
    std::string text;
    double time;
};

std::vector<Sung> truth() {
    QFile file(PULSEPIN_DEMO "/over-the-levee.truth.json");
    if (!file.open(QIODevice::ReadOnly))
        return {};
    std::vector<Sung> words;
    const QString list = "words", text = "word", time = "time";
    for (const auto& word : QJsonDocument::fromJson(file.readAll()).object()[list].toArray())
        words.push_back({word.toObject()[text].toString().toStdString(), word.toObject()[time].toDouble()});
    return words;
}

} // namespace

class TestSpeech : public QObject {
    Q_OBJECT
private slots:
    // Counted by hand, as a dictionary parts the words.
    void syllables_are_those_of_a_dictionary() {
        const std::pair<const char*, int> words[] = {{"pull", 1}, {"the", 1}, {"over", 2},    {"levee", 2},
                                                     {"rise", 1}, {"it", 1},  {"carries", 2}, {"holiday", 3}};
        for (const auto& [word, count] : words)
            QVERIFY2(syllables_of(word, "en-gb") == count, word);
        QCOMPARE(syllables_of("langsam", "de"), 2);
    }

    void a_language_that_is_not_there_is_told() {
        const auto sounds = sounds_of_word("pull", "xx-none");
        QVERIFY(!sounds);
        QVERIFY(sounds.error().what.find("xx-none") != std::string::npos);
        QCOMPARE(syllables_of("levee", "xx-none"), 2); // as it is written
    }

    void sounds_lie_within_their_word_in_order() {
        const auto sounds = sounds_of_word("music", "en-gb");
        QVERIFY2(sounds, sounds ? "" : sounds.error().message().c_str());
        QVERIFY(sounds->size() >= 5);
        QCOMPARE(sounds->front().from, 0.0);
        QVERIFY(std::abs(sounds->back().until - 1) < 1e-9);
        for (std::size_t i = 1; i < sounds->size(); ++i)
            QVERIFY((*sounds)[i].from >= (*sounds)[i - 1].until - 1e-9);
        QVERIFY(sounds->front().ipa.starts_with("m"));
        QVERIFY(!sounds->front().vowel);
        QVERIFY(sounds_of_word("…", "en-gb")->empty());
    }

    void languages_can_be_chosen_from() {
        const auto languages = spoken_languages();
        QVERIFY(std::any_of(languages.begin(), languages.end(),
                            [](const SpokenLanguage& one) { return one.id == "de"; }));
    }

    void words_lie_on_the_voice_of_the_song() {
        const auto words = truth();
        QCOMPARE(words.size(), 20u);
        const auto sound = load_sound(PULSEPIN_DEMO "/over-the-levee.opus", {}, {0, Samples(0), {}, false});
        QVERIFY(sound);
        const auto grid =
            BeatGrid::steady(Bpm(118), Seconds(words[0].time - 8 * 60.0 / 118), {4, 4}, Seconds(66));
        QVERIFY(grid);
        // From "pull" to "the" of the third line: eight words between them, with a rest of nine beats.
        constexpr std::size_t last = 9;
        std::vector<int> syllables;
        for (std::size_t i = 0; i < last; ++i)
            syllables.push_back(syllables_of(words[i].text, "en-gb"));
        const auto starts =
            voice_starts(*sound->samples, &*grid, Seconds(words[0].time), Seconds(words[last].time));
        QVERIFY(starts);
        std::vector<VoiceOnset> onsets;
        for (const auto& start : *starts)
            onsets.push_back({start.time, start.strength});
        const auto laid = lay_words(Seconds(words[0].time), Seconds(words[last].time), syllables, onsets);
        QCOMPARE(laid.size(), 8u);
        int near = 0;
        for (std::size_t i = 0; i < laid.size(); ++i) {
            const double off = laid[i].value - words[i + 1].time;
            near += std::abs(off) < 0.06;
            qInfo("%s %+.0f ms", words[i + 1].text.c_str(), off * 1000);
        }
        QVERIFY2(near >= 6, qPrintable(QString::number(near)));
    }

    void words_without_a_voice_are_laid_evenly_by_their_syllables() {
        const int syllables[] = {1, 2, 1};
        const auto laid = lay_words(Seconds(0), Seconds(4), syllables, {});
        QCOMPARE(laid.size(), 2u);
        QVERIFY(laid[0] > Seconds(0.2) && laid[0] < laid[1] && laid[1] < Seconds(3.95));
        // More words than there is room for still rise.
        const std::vector<int> many(100, 1);
        const auto dense = lay_words(Seconds(0), Seconds(1), many, {});
        QCOMPARE(dense.size(), 99u);
        QVERIFY(std::is_sorted(dense.begin(), dense.end()));
        QVERIFY(lay_words(Seconds(0), Seconds(1), std::span(syllables, 1), {}).empty());
        // Five minutes of words, and of voice.
        std::vector<VoiceOnset> onsets;
        for (int i = 0; i < 1000; ++i)
            onsets.push_back({Seconds(0.3 * i), 0.5});
        const std::vector<int> long_text(200, 1);
        const auto all = lay_words(Seconds(0), Seconds(300), long_text, onsets);
        QCOMPARE(all.size(), 199u);
        QVERIFY(std::is_sorted(all.begin(), all.end()));
    }
};

PULSEPIN_TEST_CLASS(TestSpeech, "test_speech")
#include "test_speech.moc"
