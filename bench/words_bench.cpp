// SPDX-License-Identifier: GPL-3.0-or-later
//
// What words cost: drawn in their lane, tapped out of a long text, and as titles of a frame.
#include "hand/word_hand.h"
#include "hand/word_titles.h"
#include "kinds/kinds.h"
#include "measured.h"
#include "model/change_pins.h"
#include "model/edits.h"
#include "picture/picture_hands.h"
#include "render/composed.h"
#include "schedule/add_pin.h"
#include "shell/application.h"
#include "shell/main_window.h"
#include "words/lyric_formats.h"

#include <QApplication>
#include <QTest>

namespace {

using namespace pulsepin;
using namespace pulsepin::test;

Project ten_minutes() {
    Project project = new_project();
    project = with_song(project, {"/song.wav", "song", 48000, Samples(48000 * 600), "f"});
    return relabelled(project, *BeatGrid::steady(Bpm(120), Seconds(0), {}, Seconds(600)));
}

std::string text_of_words(int count) {
    std::string text;
    for (int i = 0; i < count; ++i)
        text += "levee" + std::to_string(i % 10) + (i % 8 == 7 ? "\n" : " ");
    return text;
}

/// Two thousand words, over three a second.
LaneOfWords with_words_set(const Project& project) {
    auto words = with_lane_of_words(project);
    std::vector<Pin> pins;
    for (int i = 0; i < 2000; ++i)
        pins.push_back({{},
                        anchor_at(words.project, Seconds(0.29 * i)),
                        WordBody{"levee" + std::to_string(i % 10), {}, i / 8 + 1, i + 1},
                        {}});
    words.project = *with_pins(words.project, words.lane, std::move(pins));
    return words;
}

void bench_lane(BenchTable& table) {
    MainWindow window(Player::Device::None);
    window.resize(1280, 800);
    window.show();
    const auto words = with_words_set(ten_minutes());
    window.document().apply(words.project, "words");
    auto& timeline = window.timeline();
    timeline.reveal_lane(words.lane);
    QImage canvas(timeline.size(), QImage::Format_RGB32);
    // What the lane of words costs is what the drawing costs more with it than without its pins.
    const auto painted = [&](bool whole) {
        whole ? timeline.show_all() : timeline.show_range(Seconds(100), Seconds(120));
        int turn = 0;
        return [&, turn]() mutable {
            timeline.set_wave_height(1 + 0.01 * (++turn % 2)); // all is painted again
            timeline.render(&canvas);
        };
    };
    for (const bool whole : {true, false}) {
        table.measure(whole ? "paint a lane of 2 000 words, all of them"
                            : "paint a lane of 2 000 words, twenty seconds of them",
                      4, [&] {
                          const double with = milliseconds(25, painted(whole));
                          window.document().apply(*with_changed_lane(words.project, words.lane,
                                                                     [](Lane& lane) { lane.pins.clear(); }),
                                                  "without");
                          const double without = milliseconds(25, painted(whole));
                          window.document().undo();
                          return with - without;
                      });
    }
}

void bench_taps(BenchTable& table) {
    const auto begun = with_lane_of_words(ten_minutes());
    const Project waiting =
        with_lyric(begun.project, begun.lane, *read_lyric(text_of_words(20'000)))->project;
    Project project = waiting;
    double at = 0;
    table.row("tap a word while 20 000 wait", 30, 8,
              [&] { project = with_word_set(project, begun.lane, 0, Seconds(at += 0.02))->project; });
}

/// With everything that follows from it: limits, schedule, panels.
void bench_taps_in_the_window(BenchTable& table) {
    const auto begun = with_lane_of_words(ten_minutes());
    MainWindow window(Player::Device::None);
    window.resize(1280, 800);
    window.show();
    window.document().apply(
        with_lyric(begun.project, begun.lane, *read_lyric(text_of_words(20'000)))->project, "words");
    window.go_to_stop(Stop::Mark);
    window.view().choose_lane(begun.lane);
    double at = 0;
    table.row("the same in the window, all that follows included", 30, 8, [&] {
        window.view().set_playhead(Seconds(at += 0.02));
        window.action("tap word")->trigger();
    });
}

/// Two lines of six words each, all there at once, laid out as blocks.
void bench_titles(BenchTable& table) {
    const auto begun = with_lane_of_words(ten_minutes());
    Project project = begun.project;
    std::vector<Pin> pins;
    for (int i = 0; i < 12; ++i)
        pins.push_back({{},
                        anchor_at(project, Seconds(1 + 0.1 * i)),
                        WordBody{"levee" + std::to_string(i), {}, 1, i + 1, {Length::Unit::ToLineEnd, 1}},
                        {}});
    project = *with_pins(project, begun.lane, std::move(pins));
    auto made = *with_titles_of_words(Schedule(project), begun.lane, Showing::Words::Word, "Words");
    const Schedule schedule(made.project);
    const std::vector<WordSize> sizes(12, {220, 90});
    const Curves curves{Schedule(*with_words_laid_out(schedule, made.lane, {}, sizes))};
    std::int64_t frame = 240;
    qInfo("titles at once: %d", static_cast<int>(staged_at(curves, Frames(240)).layers.size()) - 1);
    table.row("a frame with twelve titles, 640x360", 40, 12, [&] {
        (void)composed(staged_at(curves, Frames(frame++ % 48 + 240)), {640, 360});
    });
}

/// Three hundred words of a page, all in sight, while one of them is dragged.
void bench_page(BenchTable& table) {
    const auto begun = with_lane_of_words(ten_minutes());
    Project project = begun.project;
    std::vector<Pin> pins;
    for (int i = 0; i < 300; ++i)
        pins.push_back({{},
                        anchor_at(project, Seconds(1 + 0.5 * i)),
                        WordBody{"levee" + std::to_string(i), {}, i / 10 + 1, i + 1},
                        {}});
    project = *with_pins(project, begun.lane, std::move(pins));
    auto made = *with_titles_of_words(Schedule(project), begun.lane, Showing::Words::Word, "Words");
    BlockLayout layout;
    layout.step_x = 200;
    layout.step_y = 110;
    layout.width = 180;
    layout.height = 90;
    const std::vector<WordSize> sizes(300, {220, 90});
    MainWindow window(Player::Device::None);
    window.resize(1280, 800);
    window.show();
    window.document().apply(with_words_laid_out(Schedule(made.project), made.lane, layout, sizes), "words");
    auto& hands = window.picture().hands();
    hands.set_arranging(true);
    auto& preview = window.preview();
    QImage canvas(preview.size(), QImage::Format_RGB32);
    const PinId word = window.document().project().lane(made.lane)->pins.front().id;
    const QPoint from = hands.page().word_position(word)->toPoint();
    QTest::mousePress(&preview, Qt::LeftButton, {}, from);
    int turn = 0;
    table.row("a word of 300 dragged, and all of them painted", 40, 33, [&] {
        QTest::mouseMove(&preview, from + QPoint(6 + ++turn % 20, 4));
        preview.render(&canvas);
    });
    QTest::mouseRelease(&preview, Qt::LeftButton, {}, from + QPoint(10, 4));
}

} // namespace

int main(int argc, char** argv) {
    QApplication application(argc, argv);
    prepare_application(application);
    BenchTable table;
    bench_lane(table);
    bench_taps(table);
    bench_taps_in_the_window(table);
    bench_titles(table);
    bench_page(table);
    return table.outcome();
}
