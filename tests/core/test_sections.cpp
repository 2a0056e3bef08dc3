// SPDX-License-Identifier: GPL-3.0-or-later
//
// Sections, breaks and drops of songs that are given as beats: what each sounds like is said, not rendered.
#include "analysis/section_roles.h"
#include "analysis/section_starts.h"
#include "analysis/sections.h"
#include "support/test_program.h"

#include <QTest>

using namespace pulsepin;

namespace {

constexpr double beat_seconds = 0.5;

/// So many bars of four that sound like `tone`, with or without a kick on each beat, so loud.
struct Part {
    int bars;
    std::size_t tone;
    bool kick = true;
    double level_db = -15;
};

std::vector<Moment> song_of(std::initializer_list<Part> parts) {
    std::vector<Moment> song;
    for (const auto& part : parts)
        for (int i = 0; i < 4 * part.bars; ++i) {
            Moment m;
            m.start = Seconds(beat_seconds * static_cast<double>(song.size()));
            m.may_begin = i % 4 == 0;
            m.sound[part.tone] = 3;
            m.sound[20 + static_cast<std::size_t>(i % 4)] = 0.5f; // a bar is no section
            if (part.kick) {
                m.hits[static_cast<std::size_t>(Drum::Kick)] = 1;
                m.sound[Moment::harmony_parts + Moment::rise_parts] = 1;
            }
            m.level_db = part.level_db;
            m.low = part.kick ? 10 : 4;
            song.push_back(m);
        }
    return song;
}

std::vector<std::size_t> starts_of(const std::vector<Moment>& song) {
    std::vector<std::size_t> starts{0};
    for (const auto& start : likeliest_starts(possible_starts(song), song))
        starts.push_back(start.moment);
    return starts;
}

std::vector<Section> named(const std::vector<Moment>& song, const std::vector<std::size_t>& starts,
                           const std::vector<int>& letters) {
    std::vector<Section> sections;
    for (std::size_t s = 0; s < starts.size(); ++s) {
        Section section;
        section.start = song[starts[s]].start;
        section.end = s + 1 < starts.size() ? song[starts[s + 1]].start : Seconds(1e3);
        section.letter = letters[s];
        sections.push_back(section);
    }
    name_roles(sections, starts, song);
    return sections;
}

} // namespace

class TestSections : public QObject {
    Q_OBJECT
private slots:
    void parts_begin_where_they_sound_otherwise() {
        QCOMPARE(starts_of(song_of({{8, 1}, {8, 2}, {16, 1}, {8, 3}})),
                 (std::vector<std::size_t>{0, 32, 64, 128}));
    }

    void a_song_of_one_part_is_one_section() {
        QCOMPARE(starts_of(song_of({{32, 1}})), std::vector<std::size_t>{0});
        QVERIFY(possible_starts(song_of({{2, 1}})).empty());
        QVERIFY(possible_starts({}).empty());
    }

    // Foote 2000: novelty is highest where two stretches meet that are alike within and unlike each other.
    void novelty_is_highest_at_the_corner() {
        const auto novelty = corner_novelty(song_of({{8, 1}, {8, 2}}), 16);
        QCOMPARE(std::max_element(novelty.begin(), novelty.end()) - novelty.begin(), std::ptrdiff_t{32});
        for (const float v : corner_novelty(song_of({{1, 1}}), 16))
            QCOMPARE(v, 0.0f);
    }

    void likeness_is_a_cosine() {
        Moment a, b;
        a.sound[0] = 2;
        b.sound[1] = 1;
        QVERIFY(std::abs(likeness(a.sound, a.sound) - 1) < 1e-3);
        QVERIFY(std::abs(likeness(a.sound, b.sound)) < 1e-3);
        b.sound[0] = -2;
        b.sound[1] = 0;
        QVERIFY(std::abs(likeness(a.sound, b.sound) + 1) < 1e-3);
    }

    void breaks_are_found_to_the_bar() {
        const auto song = song_of({{8, 1}, {2, 1, false}, {8, 1}, {1, 1, false, -25}, {8, 1}});
        const auto breaks = short_breaks(song);
        QCOMPARE(breaks.size(), std::size_t{2});
        QCOMPARE(breaks[0].from, std::size_t{32});
        QCOMPARE(breaks[0].until, std::size_t{40});
        QCOMPARE(breaks[1].from, std::size_t{72});
        QCOMPARE(breaks[1].until, std::size_t{76});
    }

    void what_is_no_break() {
        // A bar without a kick that is no softer is a fill; a song without kicks has no breaks; what lasts
        // longer is a part of its own; an intro is none.
        auto fill = song_of({{8, 1}, {1, 1, false}, {8, 1}});
        QVERIFY(short_breaks(fill).empty());
        QVERIFY(short_breaks(song_of({{24, 1, false}})).empty());
        QVERIFY(short_breaks(song_of({{8, 1}, {6, 1, false}, {8, 1}})).empty());
        QVERIFY(short_breaks(song_of({{4, 1, false}, {16, 1}})).empty());
        QVERIFY(short_breaks({}).empty());
    }

    void roles_are_named_where_they_are_clear() {
        const auto song =
            song_of({{4, 5, false, -22}, {8, 1}, {4, 4, false, -20}, {8, 2, true, -12}, {4, 6, false, -25}});
        const auto sections = named(song, {0, 16, 48, 64, 96}, {0, 1, 2, 3, 4});
        QCOMPARE(section_name(sections[0]), "intro");
        QCOMPARE(section_name(sections[1]), "B");
        QCOMPARE(section_name(sections[2]), "break");
        QCOMPARE(section_name(sections[3]), "D");
        QCOMPARE(section_name(sections[4]), "ending");
        QVERIFY(sections[3].drop);
        QCOMPARE(std::count_if(sections.begin(), sections.end(), [](const Section& s) { return s.drop; }), 1);
    }

    void what_comes_back_is_no_intro() {
        const auto song = song_of({{8, 1, true, -20}, {8, 2}, {8, 1, true, -20}, {8, 2}});
        const auto sections = named(song, {0, 32, 64, 96}, {0, 1, 0, 1});
        for (const auto& section : sections)
            QVERIFY(section.role == SectionRole::None);
    }

    void no_drop_before_eight_bars_of_music() {
        const auto early = song_of({{4, 5, false, -30}, {16, 1}});
        for (const auto& section : named(early, {0, 16}, {0, 1}))
            QVERIFY(!section.drop);
        const auto late = song_of({{8, 5, false, -30}, {16, 1}});
        QVERIFY(named(late, {0, 32}, {0, 1})[1].drop);
        // Silence before the music is no music.
        const auto silent = song_of({{6, 7, false, -90}, {4, 5, false, -30}, {16, 1}});
        for (const auto& section : named(silent, {0, 24, 40}, {0, 1, 2}))
            QVERIFY(!section.drop);
    }

    // The verse comes in far louder than the intro, yet the drop is where the break ends.
    void the_end_of_a_break_is_the_drop_before_a_larger_rise() {
        const auto song =
            song_of({{8, 5, false, -32}, {8, 1, true, -14}, {4, 4, false, -16}, {8, 2, true, -13}});
        const auto sections = named(song, {0, 32, 64, 80}, {0, 1, 2, 3});
        QCOMPARE(section_name(sections[2]), "break");
        QVERIFY(sections[3].drop && !sections[1].drop);
    }

    void an_even_song_has_no_drop() {
        const auto song = song_of({{8, 1}, {8, 2, true, -13}, {8, 1}, {8, 2, true, -13}});
        for (const auto& section : named(song, {0, 32, 64, 96}, {0, 1, 0, 1}))
            QVERIFY(!section.drop);
    }
};

PULSEPIN_TEST_CLASS(TestSections, "test_sections")
#include "test_sections.moc"
