// SPDX-License-Identifier: GPL-3.0-or-later
//
// Words that are set: where they end, how they wait and are taken back, their lines, their titles.
#include "base/unicode.h"
#include "hand/reading.h"
#include "hand/word_hand.h"
#include "hand/word_places.h"
#include "hand/word_titles.h"
#include "kinds/layer_kinds.h"
#include "model/edits.h"
#include "support/scene.h"
#include "support/test_program.h"
#include "time/grid_edits.h"
#include "words/lyric_formats.h"

#include <QTest>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

/// 120 BPM, 24 frames a second: a beat is half a second and 12 frames.
struct Sung {
    Project project = steady_project(120, 0, 60);
    LaneId lane;

    explicit Sung(std::string_view text = "pull the line\nand let it rise\n") {
        const auto begun = with_lane_of_words(project);
        lane = begun.lane;
        project = with_lyric(begun.project, lane, *read_lyric(text))->project;
    }
    PinId set(double seconds, std::size_t in_tray = 0) {
        auto made = *with_word_set(project, lane, in_tray, Seconds(seconds));
        project = std::move(made.project);
        return made.word;
    }
    [[nodiscard]] const LaneText& text() const { return *part_of<LaneText>(*project.lane(lane)); }
    [[nodiscard]] Schedule schedule() const { return Schedule(project); }
    [[nodiscard]] std::vector<TextSpan> spans() const { return schedule().spans(lane).texts; }
    [[nodiscard]] std::string name(const TextSpan& span) const {
        return body_of<WordBody>(project.lane(lane)->pins[span.index].body).text;
    }
    [[nodiscard]] QString told() const { // "pull 1.00-1.50"
        QStringList words;
        for (const auto& span : spans())
            words << QString("%1 %2-%3")
                         .arg(QString::fromStdString(name(span)))
                         .arg(span.start.value, 0, 'f', 2)
                         .arg(span.end.value, 0, 'f', 2);
        return words.join(", ");
    }
    [[nodiscard]] QString waiting() const {
        QStringList words;
        for (const auto& word : text().tray)
            words << QString::fromStdString(word.text) + ":" + QString::number(word.line);
        return words.join(" ");
    }
    WithLayer titled(Showing::Words how = Showing::Words::Word) {
        auto made = *with_titles_of_words(schedule(), lane, how, "Words");
        project = made.project;
        return made;
    }
    void length(PinId pin, Length length) {
        auto body = body_of<WordBody>(project.pin(pin)->body);
        body.length = length;
        project = *with_body(project, pin, body);
    }
};

} // namespace

class TestWords : public QObject {
    Q_OBJECT
private slots:
    void a_text_waits_in_its_order_and_lines() {
        const Sung sung;
        QCOMPARE(sung.waiting(), "pull:1 the:1 line:1 and:2 let:2 it:2 rise:2");
    }

    void words_with_times_are_set_and_lines_with_times_are_spread() {
        const Sung timed("[00:01.00]<00:01.00>pull <00:01.50>the <00:02.00>line<00:03.00>\n");
        QCOMPARE(timed.told(), "pull 1.00-1.50, the 1.50-2.00, line 2.00-3.00");
        QVERIFY(timed.text().tray.empty());
        // By letters with the blank behind them: 5 + 4 + 5 of 14.
        const Sung spread("1\n00:00:01,000 --> 00:00:08,000\npull the line\n");
        QCOMPARE(spread.told(), "pull 1.00-3.50, the 3.50-5.50, line 5.50-8.00");
    }

    void a_word_lasts_until_the_next_and_the_last_of_a_line_as_long_as_its_words() {
        Sung sung;
        sung.set(1);
        sung.set(1.5);
        sung.set(2.5);
        QCOMPARE(sung.told(), "pull 1.00-1.50, the 1.50-2.50, line 2.50-3.50"); // at least as the one before
        sung.set(3);
        QCOMPARE(sung.told(), "pull 1.00-1.50, the 1.50-2.50, line 2.50-3.00, and 3.00-60.00");
    }

    void a_word_may_last_until_its_line_ends_or_as_long_as_it_says() {
        Sung sung;
        const PinId pull = sung.set(1);
        const PinId the = sung.set(1.5);
        sung.set(2.5);
        sung.length(pull, {Length::Unit::ToLineEnd, 1});
        sung.length(the, {Length::Unit::InFrames, 6});
        QCOMPARE(sung.told(), "pull 1.00-3.50, the 1.50-1.75, line 2.50-3.50");
    }

    void taking_back_undoes_the_last_of_the_text_and_tells_where_it_lay() {
        Sung sung;
        sung.set(1);
        sung.set(1.53);
        sung.set(4, 2); // a later word was dragged out of the order
        QCOMPARE(sung.waiting(), "line:1 and:2 it:2 rise:2");
        const auto back = with_word_taken_back(sung.project, sung.lane);
        QVERIFY(back);
        QCOMPARE(back->at.value, 1.53);
        sung.project = back->project;
        QCOMPARE(sung.waiting(), "the:1 line:1 and:2 it:2 rise:2");
        sung.project = with_word_taken_back(sung.project, sung.lane)->project;
        QVERIFY(!with_word_taken_back(sung.project, sung.lane)); // "let" comes after what waits
    }

    void all_that_was_set_can_wait_again() {
        Sung sung;
        for (const double at : {1.0, 1.5, 2.0, 2.5, 3.0, 3.5, 4.0})
            sung.set(at);
        QCOMPARE(sung.waiting(), "");
        std::vector<PinId> all;
        for (const auto& pin : sung.project.lane(sung.lane)->pins)
            all.push_back(pin.id);
        sung.project = *with_words_waiting(sung.project, sung.lane, all);
        QCOMPARE(sung.waiting(), "pull:1 the:1 line:1 and:2 let:2 it:2 rise:2");
        QVERIFY(sung.spans().empty());
    }

    void a_locked_lane_and_an_empty_tray_are_refused() {
        Sung sung("one");
        sung.set(1);
        QVERIFY(!with_word_set(sung.project, sung.lane, 0, Seconds(2)));
        sung.project = *with_lane_locked(sung.project, sung.lane, true);
        QVERIFY(!with_word_taken_back(sung.project, sung.lane));
        QVERIFY(!with_lyric(sung.project, sung.lane, *read_lyric("two")));
    }

    void twenty_thousand_words_wait_and_are_set() {
        std::string text;
        for (int i = 0; i < 20'000; ++i)
            text += "word" + std::to_string(i) + (i % 7 == 6 ? "\n" : " ");
        Sung sung(text);
        QCOMPARE(sung.text().tray.size(), 20'000u);
        sung.set(1);
        QCOMPARE(sung.text().tray.front().text, "word1");
    }

    void lines_are_begun_joined_and_found_by_pauses() {
        Sung sung("a b c d e f");
        std::vector<PinId> pins;
        for (const double at : {1.0, 1.4, 1.8, 4.0, 4.4, 9.0})
            pins.push_back(sung.set(at));
        const auto lines = [&] {
            QStringList told;
            for (const auto& line : word_lines(*sung.project.lane(sung.lane), sung.spans()))
                told << QString("%1:%2").arg(line.line).arg(QString::fromStdString(line.text));
            return told.join(" / ");
        };
        QCOMPARE(lines(), "1:a b c d e f");
        sung.project = *with_lines_by_pauses(sung.schedule(), sung.lane, Seconds(2));
        QCOMPARE(lines(), "1:a b c / 2:d e / 3:f");
        sung.project = *with_line_begun(sung.project, sung.lane, std::span(&pins[1], 1));
        QCOMPARE(lines(), "1:a / 2:b c / 3:d e / 4:f");
        const std::vector<PinId> together{pins[3], pins[4], pins[5]};
        sung.project = *with_one_line(sung.project, sung.lane, together);
        QCOMPARE(lines(), "1:a / 2:b c / 3:d e f");
    }

    void gaps_lie_between_words_that_are_set() {
        Sung sung;
        QVERIFY(word_gaps(sung.schedule(), sung.lane).empty());
        sung.set(1);    // pull
        sung.set(5, 5); // rise
        const auto gaps = word_gaps(sung.schedule(), sung.lane);
        QCOMPARE(gaps.size(), 1u);
        QCOMPARE(gaps[0].first_in_tray, 0u);
        QCOMPARE(gaps[0].count, 5u);
        QCOMPARE(gaps[0].words, (std::vector<std::string>{"pull", "the", "line", "and", "let", "it"}));
        QCOMPARE(gaps[0].from.value, 1.0);
        QCOMPARE(gaps[0].until.value, 5.0);
        const std::vector<ProposedWord> proposed{{0, Seconds(2)}, {1, Seconds(2.5)}, {4, Seconds(4)}};
        sung.project = *with_proposed(sung.project, sung.lane, proposed);
        QCOMPARE(sung.told(), "pull 1.00-2.00, the 2.00-2.50, line 2.50-4.00, it 4.00-5.00, rise 5.00-5.50");
        QCOMPARE(sung.waiting(), "and:2 let:2");
    }

    // -- reading; the limits are common practice (see LaneText)

    void what_cannot_be_read_is_found_and_mended_as_far_as_there_is_room() {
        Sung sung("unreadably quick\nshort\nlast");
        sung.set(1);
        sung.length(sung.set(1.2), {Length::Unit::InFrames, 4});
        sung.length(sung.set(2.2), {Length::Unit::InFrames, 10}); // 10 of 20 frames, and room until 6
        sung.set(6);
        auto findings = reading_findings(sung.schedule(), sung.lane);
        QStringList told;
        for (const auto& finding : findings)
            told << QString("%1:%2").arg(finding.line).arg(static_cast<int>(finding.fault));
        QCOMPARE(told.join(" "), "0:0 0:1 1:1 2:1");
        const auto mended = with_reading_mended(
            sung.schedule(), sung.lane, {ReadingFault::TooFast, ReadingFault::TooShort, ReadingFault::NoGap});
        QVERIFY(mended);
        sung.project = mended->project;
        // 16 letters need 16 / 17 s; the second line is longer now, and nothing is left.
        QCOMPARE(mended->left, 0u);
        const auto spans = sung.spans();
        QVERIFY(std::abs(spans[1].end.value - (1 + 16.0 / 17)) < 0.03);
        QVERIFY(std::abs(spans[2].end.value - (2.2 + 20.0 / 24)) < 1e-6);
        QVERIFY(!with_reading_mended(sung.schedule(), sung.lane, {ReadingFault::TooFast}));
    }

    void where_the_next_line_leaves_no_room_that_is_told() {
        Sung sung("impossibly long words here\nnext");
        for (const double at : {1.0, 1.1, 1.2, 1.3})
            sung.set(at);
        sung.set(1.6);
        const auto mended = with_reading_mended(sung.schedule(), sung.lane, {ReadingFault::TooFast});
        QVERIFY(mended);
        QCOMPARE(mended->left, 1u);
        const auto spans = sung.spans();
        QVERIFY(spans[3].end <= Seconds(1.6));
    }

    // -- titles

    void titles_come_with_their_words_and_go_with_them() {
        Sung sung;
        sung.set(1);
        sung.set(1.5);
        const auto made = sung.titled();
        const auto text_at = [&](std::int64_t frame) {
            QStringList texts;
            const auto staged = staged_at({Schedule(sung.project)}, Frames(frame));
            for (const auto& layer : staged.layers)
                if (layer.id == made.layer)
                    texts << QString::fromStdString(layer.text);
            return texts.join("|");
        };
        QCOMPARE(text_at(23), "");
        QCOMPARE(text_at(24), "pull");
        QCOMPARE(text_at(35), "pull");
        QCOMPARE(text_at(36), "the");
        // What is set later gets a title, too; what is deleted loses it.
        Project before = sung.project;
        const PinId line = sung.set(2);
        sung.project = with_titles_in_step(before, sung.project);
        QCOMPARE(text_at(48), "line");
        before = sung.project;
        sung.project = with_titles_in_step(before, without_pins(before, std::span(&line, 1)));
        QCOMPARE(text_at(48), "the");
        QCOMPARE(sung.project.lane(made.lane)->pins.size(), 2u);
        // A title that was taken away by hand stays away.
        before = sung.project;
        const PinId first = sung.project.lane(made.lane)->pins.front().id;
        sung.project = with_titles_in_step(before, without_pins(before, std::span(&first, 1)));
        before = sung.project;
        sung.set(3);
        sung.project = with_titles_in_step(before, sung.project);
        QCOMPARE(text_at(24), "");
        QCOMPARE(text_at(72), "and");
    }

    void another_text_of_a_word_is_seen_at_once_and_a_grid_that_moves_takes_titles_along() {
        Sung sung;
        const PinId pull = sung.set(1);
        sung.set(1.5);
        const auto made = sung.titled();
        auto body = body_of<WordBody>(sung.project.pin(pull)->body);
        body.text = "haul";
        sung.project = *with_body(sung.project, pull, body);
        sung.project = retimed(sung.project, *shifted(*sung.project.grid, Seconds(0.25)));
        const Schedule then(sung.project);
        const auto& spans = then.spans(made.lane).appearances;
        QCOMPARE(spans[0].text, "haul");
        QCOMPARE(spans[0].beat.value, 30); // a quarter of a second is 6 frames
        QCOMPARE(spans[0].end.value, 42);
    }

    void a_line_lights_up_word_by_word() {
        Sung sung;
        for (const double at : {1.0, 1.5, 2.0, 3.0})
            sung.set(at);
        const auto made = sung.titled(Showing::Words::LitLine);
        const Schedule then(sung.project);
        const auto& spans = then.spans(made.lane).appearances;
        QCOMPARE(spans.size(), 2u);
        QCOMPARE(spans[0].text, "pull the line");
        QCOMPARE(spans[1].text, "and");
        QCOMPARE(*spans[0].lit_at(23), 0.0);
        QVERIFY(std::abs(*spans[0].lit_at(24) - 100.0 / 3) < 1e-9);
        QCOMPARE(*spans[0].lit_at(48), 100.0);
        const auto staged = staged_at({Schedule(sung.project)}, Frames(36));
        const auto shown = std::find_if(staged.layers.begin(), staged.layers.end(),
                                        [&](const StagedLayer& layer) { return layer.id == made.layer; });
        QVERIFY(std::abs(shown->values.of("lit") - 200.0 / 3) < 1e-9);
    }

    // -- on the canvas

    void words_of_a_line_fill_a_rectangle() {
        Sung sung("one two three four five\nsix");
        for (int i = 0; i < 6; ++i)
            sung.set(1 + 0.5 * i);
        const auto made = sung.titled();
        const std::vector<WordSize> sizes(6, {100, 40});
        BlockLayout layout;
        layout.width = 400;
        layout.height = 300;
        layout.gap = 25; // of 40
        sung.project = *with_words_laid_out(sung.schedule(), made.lane, layout, sizes);
        double left = 1e9, right = -1e9, top = 1e9, bottom = -1e9;
        std::vector<QRectF> boxes;
        const auto words = titled_words(sung.schedule(), made.lane);
        for (std::size_t i = 0; i < 5; ++i) {
            const auto& body = body_of<AppearanceBody>(sung.project.pin(words[i].pin)->body);
            const double w = body.scale, h = 0.4 * body.scale; // of 100 by 40
            boxes.emplace_back(body.x - w / 2, body.y - h / 2, w, h);
            left = std::min(left, boxes.back().left());
            right = std::max(right, boxes.back().right());
            top = std::min(top, boxes.back().top());
            bottom = std::max(bottom, boxes.back().bottom());
        }
        for (std::size_t i = 0; i < boxes.size(); ++i)
            for (std::size_t k = i + 1; k < boxes.size(); ++k)
                QVERIFY(!boxes[i].adjusted(0.5, 0.5, -0.5, -0.5).intersects(boxes[k]));
        QVERIFY(right - left > 330 && right - left <= 400.5);
        QVERIFY(bottom - top > 250 && bottom - top <= 300.5);
        // The next line lies beside it on the canvas.
        const auto& six = body_of<AppearanceBody>(sung.project.pin(words[5].pin)->body);
        QCOMPARE(six.x, layout.step_x);
        // They stay until their line ends.
        QCOMPARE(six.length.unit, Length::Unit::ToLineEnd);
    }

    void words_are_moved_one_by_one_by_lines_and_all_together() {
        Sung sung("one two three\nfour five");
        for (int i = 0; i < 5; ++i)
            sung.set(1 + 0.5 * i);
        const auto made = sung.titled();
        const auto words = titled_words(sung.schedule(), made.lane);
        QCOMPARE(words_meant(words, words[1].pin, WordReach::Word), std::vector{words[1].pin});
        QCOMPARE(words_meant(words, words[1].pin, WordReach::Line).size(), std::size_t{3});
        QCOMPARE(words_meant(words, words[4].pin, WordReach::Line).size(), std::size_t{2});
        QCOMPARE(words_meant(words, words[4].pin, WordReach::All).size(), std::size_t{5});
        QVERIFY(words_meant(words, PinId{999}, WordReach::All).empty());
        const auto moved =
            *with_words_shifted(sung.project, words_meant(words, words[0].pin, WordReach::Line), 30, -7);
        for (std::size_t i = 0; i < 5; ++i) {
            const auto& body = body_of<AppearanceBody>(moved.pin(words[i].pin)->body);
            QCOMPARE(body.x, i < 3 ? 30.0 : 0.0);
            QCOMPARE(body.y, i < 3 ? -7.0 : 0.0);
        }
        const PinId locked[] = {words[0].pin};
        const auto held = with_pins_locked(sung.project, locked, true);
        QVERIFY(!with_words_shifted(held, {words[0].pin}, 1, 1));
        QCOMPARE(titles_of(sung.schedule(), {}), made.lane);
        QCOMPARE(titles_of(sung.schedule(), made.layer), made.lane);
    }

    void a_line_ends_with_the_word_that_its_end_is_dragged_onto() {
        Sung sung("one two three\nfour five six");
        for (int i = 0; i < 6; ++i)
            sung.set(1 + 0.5 * i);
        const auto made = sung.titled();
        const auto words = titled_words(sung.schedule(), made.lane);
        const auto lines = [&](const Result<Project>& project) {
            std::string all;
            for (const auto& word : titled_words(Schedule(*project), made.lane))
                all += std::to_string(word.line);
            return all;
        };
        const auto ended = [&](int line, std::size_t word) {
            return with_line_ended_at(sung.schedule(), made.lane, line, words[word].pin);
        };
        QCOMPARE(lines(ended(1, 1)), std::string("112222"));
        QCOMPARE(lines(ended(1, 3)), std::string("111122"));
        QCOMPARE(lines(ended(1, 5)), std::string("111111")); // two lines are one
        QCOMPARE(lines(ended(2, 3)), std::string("111233")); // the rest is a line of its own
        QVERIFY(!ended(1, 2));                               // it ends there
        QVERIFY(!ended(2, 1));                               // it would be empty
        QVERIFY(!ended(7, 1));
    }

    // Each word is seen as it is sung: the line is reached with its first word, and held.
    void the_camera_frames_each_line_from_its_first_word_on() {
        Sung sung("one two\nthree four");
        for (int i = 0; i < 4; ++i)
            sung.set(1 + 0.5 * i);
        const auto made = sung.titled();
        const std::vector<WordSize> sizes(4, {200, 60});
        sung.project = *with_words_laid_out(sung.schedule(), made.lane, {}, sizes);
        GroupFraming framing;
        framing.early = Frames(3);
        framing.travel = {Length::Unit::InFrames, 6};
        framing.margin = 20;
        auto posed = *with_camera_on_lines(sung.schedule(), made.lane, sizes, framing);
        QCOMPARE(posed.poses.size(), 3u);
        const Schedule then(posed.project);
        const auto& pins = then.pins(posed.lane).pins;
        QCOMPARE(pins[0].frame.value, 24 - 3);     // of "one", three frames early
        QCOMPARE(pins[1].frame.value, 48 - 6 - 3); // it is left six frames before "three"
        QCOMPARE(pins[2].frame.value, 48 - 3);
        const auto place_of = [&](std::int64_t frame) {
            return staged_at({Schedule(posed.project)}, Frames(frame)).camera.of("position-x");
        };
        QCOMPARE(place_of(21), 0.0);
        QCOMPARE(place_of(39), 0.0); // held until then
        QVERIFY(place_of(42) > 0 && place_of(42) < 1280);
        const auto staged = staged_at({Schedule(posed.project)}, Frames(45));
        QCOMPARE(staged.camera.of("position-x"), 1280.0); // the second line's place on the canvas
        // The whole line is in view, with a fifth of the picture free.
        const double zoom = staged.camera.of("scale") / 100;
        double left = 1e9, right = -1e9;
        for (const auto& word : titled_words(Schedule(posed.project), made.lane))
            if (word.line == 2) {
                const auto& body = body_of<AppearanceBody>(posed.project.pin(word.pin)->body);
                left = std::min(left, (body.x - 200 * body.scale / 200 - 1280) * zoom);
                right = std::max(right, (body.x + 200 * body.scale / 200 - 1280) * zoom);
            }
        QVERIFY(std::abs(right + left) < 1);
        QVERIFY(right - left <= 1280 * 0.8 + 1);
        // Made again they are the same poses.
        const auto again = *with_camera_on_lines(Schedule(posed.project), made.lane, sizes, framing);
        QCOMPARE(again.poses, posed.poses);
        QCOMPARE(again.project.lane(posed.lane)->pins.size(), 3u);
        // Where lines are closer than it travels, it is on its way all the time.
        framing.travel = {Length::Unit::InBeats, 8};
        const auto close = *with_camera_on_lines(sung.schedule(), made.lane, sizes, framing);
        QCOMPARE(close.poses.size(), 2u);
    }

    void scripts_that_run_from_right_to_left_fill_rows_from_the_right() {
        QVERIFY(runs_right_to_left("שלום"));
        QVERIFY(runs_right_to_left("(مرحبا)"));
        QVERIFY(!runs_right_to_left("één"));
        QVERIFY(!runs_right_to_left("123"));
        Sung sung("משוך את החבל");
        for (int i = 0; i < 3; ++i)
            sung.set(1 + 0.5 * i);
        const auto made = sung.titled();
        BlockLayout layout;
        layout.height = 40; // one row
        sung.project =
            *with_words_laid_out(sung.schedule(), made.lane, layout, std::vector<WordSize>(3, {200, 60}));
        const auto words = titled_words(sung.schedule(), made.lane);
        const auto x = [&](std::size_t i) {
            return body_of<AppearanceBody>(sung.project.pin(words[i].pin)->body).x;
        };
        QVERIFY(x(0) > x(1) && x(1) > x(2));
    }

    void the_words_may_move_instead_and_the_picture_stands_still() {
        Sung sung("one two\nthree four");
        for (int i = 0; i < 4; ++i)
            sung.set(1 + 0.5 * i);
        const auto made = sung.titled();
        const std::vector<WordSize> sizes(4, {200, 60});
        BlockLayout layout;
        layout.turn_each = 30;
        sung.project = *with_words_laid_out(sung.schedule(), made.lane, layout, sizes);
        GroupFraming framing;
        const auto seen = [&](bool camera) { // where the second line's first word is seen
            framing.camera_moves = camera;
            const auto posed = *with_camera_on_lines(sung.schedule(), made.lane, sizes, framing);
            const auto staged = staged_at({Schedule(posed.project)}, Frames(60));
            QPointF at;
            double turn = 0;
            for_staged(staged.layers, [&](const StagedLayer& layer, const auto& around) {
                if (layer.id != made.layer || layer.text != "three")
                    return;
                const auto apply = [](QPointF p, double angle, double scale) {
                    const double c = std::cos(angle * M_PI / 180), s = std::sin(angle * M_PI / 180);
                    return QPointF(p.x() * c - p.y() * s, p.x() * s + p.y() * c) * scale;
                };
                at = {layer.values.of("position-x"), layer.values.of("position-y")};
                turn = layer.values.of("rotation");
                if (!around.empty()) {
                    const auto& group = around.front()->values;
                    at = apply(at, group.of("rotation"), group.of("scale") / 100) +
                         QPointF(group.of("position-x"), group.of("position-y"));
                    turn += group.of("rotation");
                }
                const auto& eye = staged.camera;
                at = apply(at - QPointF(eye.of("position-x"), eye.of("position-y")), -eye.of("rotation"),
                           eye.of("scale") / 100);
                turn -= eye.of("rotation");
            });
            return std::pair(at, turn);
        };
        const auto [by_camera, turned] = seen(true);
        const auto [by_words, turned_too] = seen(false);
        QVERIFY(std::hypot(by_camera.x(), by_camera.y()) > 50);
        QVERIFY2(std::hypot(by_camera.x() - by_words.x(), by_camera.y() - by_words.y()) < 0.01,
                 qPrintable(QString("%1 %2, %3 %4")
                                .arg(by_camera.x())
                                .arg(by_camera.y())
                                .arg(by_words.x())
                                .arg(by_words.y())));
        QVERIFY(std::abs(turned) < 1e-6);
        QVERIFY(std::abs(turned_too) < 1e-6);
    }

    void around_a_point_and_along_a_line() {
        Sung sung("one two three four");
        for (int i = 0; i < 4; ++i)
            sung.set(1 + 0.5 * i);
        const auto made = sung.titled();
        const std::vector<WordSize> sizes(4, {100, 40});
        BlockLayout layout;
        layout.shape = BlockShape::Around;
        layout.radius = 200;
        const auto round = *with_words_laid_out(sung.schedule(), made.lane, layout, sizes);
        for (const auto& pin : round.lane(made.lane)->pins) {
            const auto& body = body_of<AppearanceBody>(pin.body);
            QVERIFY(std::abs(std::hypot(body.x, body.y) - 200) < 1e-6);
        }
        layout.shape = BlockShape::Along;
        QVERIFY(!with_words_laid_out(sung.schedule(), made.lane, layout, sizes)); // no line is there
        // Nobody can tell how large they are once their layer is gone.
        QVERIFY(!with_words_laid_out(sung.schedule(), made.lane, {}, {}));
        QVERIFY(!with_camera_on_lines(sung.schedule(), made.lane, {}, {}));
        Layer line{{}, layers::line, "Line"};
        line.points = {{-300, 0, 1}, {300, 0, 1}, {300, 400, 1}};
        sung.project = *with_layer(sung.project, line);
        layout.along = sung.project.stage->layers[sung.project.stage->layers.size() - 2].id;
        const auto laid = *with_words_laid_out(sung.schedule(), made.lane, layout, sizes);
        const auto& first = body_of<AppearanceBody>(laid.lane(made.lane)->pins.front().body);
        QCOMPARE(first.x, -250.0); // half of its hundred from the beginning
        QCOMPARE(first.y, 0.0);
        QCOMPARE(first.turn, 0.0);
    }
};

PULSEPIN_TEST_CLASS(TestWords, "test_words")
#include "test_words.moc"
