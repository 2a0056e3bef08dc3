// SPDX-License-Identifier: GPL-3.0-or-later
//
// Words, each set on its moment.
#include "ladder.h"

#include "interchange/project_json.h"
#include "piece_of_words.h"
#include "words/lyric_formats.h"

#include <QApplication>

namespace pulsepin::ladder {
namespace {

using test::lane_of_words;
using test::milliseconds;
using test::piece_of_words;

void open_at_words(MainWindow& window, const Project& project, LaneId words) {
    window.resize(1280, 800);
    window.show();
    window.document().apply(project, "begin");
    window.go_to_stop(Stop::Mark);
    window.view().choose_lane(words);
    settle(window);
}

Measures measured(int count, int runs) {
    Measures figures;
    const double seconds = test::seconds_of_words(count);
    auto words = lane_of_words(count);
    const Project project = piece_of_words(words, count);
    std::string text;
    figures["write as text"] = milliseconds(runs, [&] { text = project_to_json(project, "/pieces"); });
    figures["read from text"] = milliseconds(runs, [&] { (void)project_from_json(text, "/pieces"); });
    MainWindow window(Player::Device::None);
    open_at_words(window, project, words.lane);
    const auto& set = window.document().project().lane(words.lane)->pins;
    measure_editing(figures, window, set[set.size() / 2].id, runs);
    measure_painting(figures, window, seconds, 2 * runs);
    // As many wait to be tapped.
    std::string waiting;
    for (int i = 0; i < count; ++i)
        waiting += "levee" + std::to_string(i % 10) + (i % 8 == 7 ? "\n" : " ");
    window.document().apply(with_lyric(words.project, words.lane, *read_lyric(waiting))->project, "words");
    window.view().choose_lane(words.lane);
    QApplication::processEvents();
    double at = 0;
    figures["tap a word in the window"] = milliseconds(2 * runs, [&] {
        window.view().set_playhead(Seconds(at += 0.02));
        window.action("tap word")->trigger();
    });
    figures["memory, MB"] = memory_mb();
    return figures;
}

} // namespace

int repeat_on_words(int count) {
    const auto words = lane_of_words(count);
    MainWindow window(Player::Device::None);
    open_at_words(window, piece_of_words(words, count), words.lane);
    const auto& set = window.document().project().lane(words.lane)->pins;
    Measures figures;
    measure_editing(figures, window, set[set.size() / 2].id, 150);
    std::printf("%.2f ms\n", figures["edit one pin in the window"]);
    return 0;
}

Family family_of_words() {
    Family family{"words", "words", {}};
    for (const int count : {20, 200, 2000, 20'000})
        family.rungs.push_back({static_cast<double>(count), QString("%1 words").arg(count),
                                measured(count, count > 5000 ? 5 : 9)});
    return family;
}

} // namespace pulsepin::ladder
