// SPDX-License-Identifier: GPL-3.0-or-later
#include "shell/tour_words.h"

#include "hand/word_titles.h"
#include "kinds/kinds.h"
#include "model/change_pins.h"
#include "model/lane_edits.h"
#include "model/pin_edits.h"
#include "shell/main_window.h"
#include "words/lyric_formats.h"

#include <QPushButton>

namespace pulsepin {
namespace {

class WordsTour {
public:
    WordsTour(MainWindow& window, const TourSteps& steps)
        : window_(window), steps_(steps), document_(window.document()), before_(document_.project()) {}

    bool run() {
        window_.go_to_stop(Stop::Mark);
        window_.findChild<QPushButton*>("page of words")->click();
        const bool done = set_and_propose() && lay_out() && run_band();
        while (document_.can_undo() && !same_content(document_.project(), before_))
            document_.undo();
        window_.view().select({});
        window_.findChild<QPushButton*>("page of markers")->click();
        return done && same_content(document_.project(), before_);
    }

private:
    bool set_and_propose() {
        const auto begun = with_lane_of_words(document_.project());
        words_ = begun.lane;
        auto taken = with_lyric(begun.project, words_,
                                *read_lyric("pull the line\nand let it rise\nhigh over the levee\n"
                                            "let it rise\nover the levee\nlet it rise\n"));
        if (!taken)
            return false;
        document_.apply(std::move(taken->project), "add words");
        // By their place in the tray at that time: pull, rise, high.
        if (!set_word(0, 3, 1) || !set_word(5, 4, 4) || !set_word(5, 7, 1))
            return false;
        steps_.show_bars(3, 9);
        steps_.go_to(7, 2);
        window_.timeline().reveal_lane(words_);
        window_.findChild<QPushButton*>("propose words")->click();
        if (!steps_.wait([this] { return !window_.words().proposed().empty(); }))
            return false;
        window_.view().select({document_.project().lane(words_)->pins.back().id});
        steps_.picture("words");
        window_.findChild<QPushButton*>("take proposed")->click();
        return set_word(0, 7, 3) && set_word(0, 8, 1) && set_word(0, 8, 2);
    }

    bool set_word(std::size_t in_tray, std::int64_t bar, int beat) {
        const auto& grid = *document_.project().grid;
        auto set =
            with_word_set(document_.project(), words_, in_tray, grid.time_at(grid.ticks_of({bar, beat, 0})));
        if (set)
            document_.apply(std::move(set->project), "set word");
        return set.has_value();
    }

    /// The canvas around the frame, with all that is said in a line of it.
    bool lay_out() {
        auto made = with_titles_of_words(document_.schedule(), words_, Showing::Words::Word, "Words");
        if (!made)
            return false;
        // They stay, so that the whole canvas is seen.
        const auto stay = [](PinBody& body) {
            if (auto* appearance = body_if<AppearanceBody>(&body))
                appearance->length = {Length::Unit::ToEnd, 1};
        };
        document_.apply(std::move(made->project), "titles");
        const std::vector<WordSize> sizes = window_.words().sizes_of(made->lane);
        BlockLayout layout;
        layout.turn_each = -8;
        auto laid = with_words_laid_out(document_.schedule(), made->lane, layout, sizes);
        if (!laid)
            return false;
        document_.apply(*std::move(laid), "lay out");
        auto posed = with_camera_on_lines(document_.schedule(), made->lane, sizes, {.early = Frames(3)});
        if (!posed)
            return false;
        std::vector<PinId> titles;
        for (const auto& pin : posed->project.lane(made->lane)->pins)
            titles.push_back(pin.id);
        document_.apply(with_bodies(posed->project, titles, stay), "camera");
        window_.picture_room().set_place(PicturePlace::Beside);
        window_.timeline().reveal_lane(posed->lane);
        window_.view().select(posed->poses);
        steps_.go_to(8, 2);
        auto& picture = window_.preview();
        picture.zoom_by(0.45, QRectF(picture.rect()).center());
        steps_.wait([&] { return picture.shown().exact; });
        window_.picture().hands().set_arranging(true);
        steps_.picture("canvas");
        window_.picture().hands().set_arranging(false);
        picture.set_zoom(std::nullopt);
        window_.view().select({});
        return true;
    }

    bool run_band() {
        while (document_.can_undo() && document_.undo_name() != "set word") // without titles
            document_.undo();
        Project next = document_.project();
        const struct {
            const char* name;
            std::uint32_t ink;
            int row;
            std::vector<std::tuple<int, int, const char*>> notes;
        } lanes[] = {
            {"Translation",
             0x1f5f91,
             1,
             {{3, 1, "zieh die Schnur"}, {4, 1, "und lass ihn steigen"}, {7, 1, "hoch über den Damm"}}},
            {"Remarks", 0xa83226, 2, {{6, 1, "(crowd breathes in)"}, {7, 3, "(all of us)"}}}};
        const auto& grid = *next.grid;
        for (const auto& lane : lanes) {
            next = with_lane(next, kind_of(body_type<NoteBody>), lane.name);
            const LaneId id = next.lanes.back()->id;
            std::vector<Pin> pins;
            for (const auto& [bar, beat, text] : lane.notes)
                pins.push_back({{},
                                MusicalAnchor{grid.ticks_of({bar, beat, 0})},
                                NoteBody{text, 0, {Length::Unit::InBeats, 4}},
                                {}});
            next = *with_pins(next, id, std::move(pins));
            next = *with_changed_lane(next, id, [&](Lane& changed) {
                changed.parts.put(Inked{{lane.ink}, true, lane.row});
            });
            next = *with_lane_moved(next, id, -static_cast<int>(next.lanes.size()) + 2);
        }
        Stage stage = *next.stage;
        stage.band.shown = true;
        stage.band.height = 30;
        stage.band.speed = 420;
        next.stage = std::make_shared<const Stage>(std::move(stage));
        document_.apply(std::move(next), "band");
        window_.findChild<QPushButton*>("page of notes")->click();
        window_.view().choose_lane(document_.project().first_lane(body_type<NoteBody>)->id);
        window_.timeline().reveal_lane(words_);
        steps_.go_to(7, 2);
        auto& picture = window_.preview();
        steps_.wait([&] { return picture.shown().exact; });
        steps_.picture("band");
        window_.picture_room().set_place(PicturePlace::Bench);
        return true;
    }

    MainWindow& window_;
    const TourSteps& steps_;
    Document& document_;
    const Project before_;
    LaneId words_;
};

} // namespace

Project with_words_to_hand_on(const Project& project) {
    const auto begun = with_lane_of_words(project);
    auto taken = with_lyric(begun.project, begun.lane,
                            *read_lyric("[00:04.47]<00:04.47>pull <00:04.98>the <00:05.48>line<00:06.50>\n"));
    if (!taken)
        return project;
    Project next = with_lane(taken->project, kind_of(body_type<ExposureBody>), "Drawings");
    const LaneId drawings = next.lanes.back()->id;
    auto drawn =
        with_pins(next, drawings, {{{}, TimeAnchor{Seconds(4)}, ExposureBody{"1", 8, Frames(2)}, {}}});
    return drawn ? *std::move(drawn) : project;
}

bool tour_words(MainWindow& window, const TourSteps& steps) {
    return WordsTour(window, steps).run();
}

} // namespace pulsepin
