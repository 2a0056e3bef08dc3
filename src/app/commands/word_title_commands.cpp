// SPDX-License-Identifier: GPL-3.0-or-later
//
// What is made of words in the picture.
#include "commands/word_commands.h"
#include "hand/word_params.h"
#include "hand/word_titles.h"
#include "kinds/kinds.h"
#include "kinds/layer_kinds.h"
#include "pages/dialogs/param_dialog.h"
#include "render/word_sizes.h"
#include "session/core_words.h"

namespace pulsepin {

void WordCommands::make_titles(Showing::Words how, const QString& name) {
    const Lane* lane = words();
    if (!lane)
        return document_.say(tr("There are no words yet"));
    auto made = with_titles_of_words(document_.schedule(), lane->id, how, name.toStdString());
    if (!made)
        return document_.say(spoken(made.error()));
    document_.apply(std::move(made->project), tr("titles of words"));
    view_.choose_layer(made->layer);
    view_.choose_lane(made->lane);
    document_.say(
        tr("%1 titles appear with their words").arg(document_.project().lane(made->lane)->pins.size()));
}

std::vector<WordSize> WordCommands::sizes_of(LaneId titles) const {
    const auto& project = document_.project();
    std::vector<WordSize> sizes;
    const Lane* lane = project.lane(titles);
    const Layer* layer = lane ? project.stage->layer(part_of<Showing>(*lane)->layer) : nullptr;
    if (!layer)
        return sizes;
    for (const auto& word : titled_words(document_.schedule(), titles)) {
        const QSizeF size =
            title_size(*layer, word.text.empty() ? layer->text : word.text, project.settings->picture_height);
        sizes.push_back({size.width(), size.height()});
    }
    return sizes;
}

void WordCommands::lay_out() {
    const Lane* lane = titles();
    if (!lane)
        return document_.say(tr("Make titles of words first"));
    const LaneId id = lane->id;
    auto* dialog = new ParamDialog("lay out words", tr("Lay out the titles of words"), block_params(), {},
                                   tr("Lay out"), window_);
    ask(dialog, [this, id](const ParamValues& values) {
        BlockLayout layout = block_layout(values);
        for (const auto& layer : document_.project().stage->layers)
            if (layer.kind == layers::line && (layout.along.value == 0 || layer.id == view_.layer()))
                layout.along = layer.id;
        if (document_.apply(with_words_laid_out(document_.schedule(), id, layout, sizes_of(id)),
                            tr("lay out words")))
            document_.say(tr("Laid out; the camera goes from line to line by “Camera on each line”"));
    });
}

void WordCommands::camera_on_lines() {
    const Lane* lane = titles();
    if (!lane)
        return document_.say(tr("Make titles of words first"));
    const LaneId id = lane->id;
    ask(new ParamDialog("camera on lines", tr("The camera frames each line from its first word on"),
                        framing_params(), {}, tr("Pose"), window_),
        [this, id](const ParamValues& values) {
            auto posed = with_camera_on_lines(document_.schedule(), id, sizes_of(id), group_framing(values));
            if (!posed)
                return document_.say(spoken(posed.error()));
            document_.apply(std::move(posed->project), tr("camera on lines"));
            view_.choose_lane(posed->lane);
            view_.select(std::move(posed->poses));
        });
}

} // namespace pulsepin
