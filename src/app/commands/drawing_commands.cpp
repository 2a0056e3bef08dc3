// SPDX-License-Identifier: GPL-3.0-or-later
#include "commands/drawing_commands.h"

#include "commands/play_commands.h"
#include "drawing/timeline/timeline_view.h"
#include "hand/mouth.h"
#include "kinds/kinds.h"
#include "model/change_pins.h"
#include "model/edits.h"
#include "pages/dialogs/mouth_dialog.h"
#include "pages/stops/exposures_page.h"
#include "pages/stops/notes_page.h"
#include "pages/stops/tap_panel.h"
#include "schedule/add_pin.h"
#include "session/core_words.h"
#include "speech/speech.h"

#include <map>

namespace pulsepin {

void DrawingCommands::add_to(QMenu* menu) {
    using K = QKeySequence;
    menu->addSeparator();
    add(menu, "new lane of notes", tr("A lane of notes more"), {},
        [this] { new_lane(kind_of(body_type<NoteBody>)); });
    add(menu, "band", tr("Band over the picture, on or off"), {K(tr("Ctrl+B"))}, [this] { switch_band(); });
    menu->addSeparator();
    add(menu, "new lane of exposures", tr("A lane of exposures more"), {},
        [this] { new_lane(kind_of(body_type<ExposureBody>)); });
    add(menu, "lay taps", tr("Place the tapped rhythm as drawings"), {}, [this] { lay_taps(); });
    add(menu, "markers of drawings", tr("A marker at each drawing"), {}, [this] { markers_of_drawings(); });
    add(menu, "mouth shapes", tr("Mouth shapes of the words"), {}, [this] { make_mouth_shapes(); });
    add(menu, "mouth table", tr("Shapes of the mouth…"), {}, [this] { ask_for_mouth(); });
}

void DrawingCommands::show_pages(NotesPage* notes, ExposuresPage* exposures) {
    connect(notes, &NotesPage::note_wanted, this, &DrawingCommands::add_note);
    connect(notes, &NotesPage::new_lane_wanted, this, [this] { new_lane(kind_of(body_type<NoteBody>)); });
    connect(notes, &NotesPage::go_wanted, &play_, &PlayCommands::set_playhead);
    connect(exposures, &ExposuresPage::wanted, this,
            [this](const QString& command) { commands_.action(command)->trigger(); });
}

/// Named after its kind, with a number where there is one already; the inks of notes differ.
void DrawingCommands::new_lane(LaneKind kind) {
    static constexpr std::uint32_t inks[] = {0x1f2742, 0x1f5f91, 0xa83226, 0x2f6b3a, 0x6b3a7c, 0x7a5a12};
    const auto& project = document_.project();
    std::size_t count = 0, in_band = 0;
    for (const auto& lane : project.lanes) {
        count += lane->kind == kind;
        in_band += part_of<Inked>(*lane) && part_of<Inked>(*lane)->in_band;
    }
    std::string name = text_of(kind->plural).toStdString();
    if (count > 0)
        name += " " + std::to_string(count + 1);
    Project next = with_lane(project, kind, name);
    const LaneId made = next.lanes.back()->id;
    if (holds<NoteBody>(kind))
        if (auto inked = with_changed_lane(next, made, [&](Lane& lane) {
                part_of<Inked>(lane)->ink = {inks[count % std::size(inks)]};
                part_of<Inked>(lane)->row = static_cast<int>(std::min<std::size_t>(in_band, 5));
            }))
            next = *std::move(inked);
    document_.apply(std::move(next), tr("add lane"));
    view_.choose_lane(made);
    timeline_.reveal_lane(made);
}

void DrawingCommands::add_note(const QString& text, int sign) {
    const LaneKind kind = kind_of(body_type<NoteBody>);
    if (!view_.lane_of_kind(document_.project(), kind))
        new_lane(kind);
    const Lane* lane = view_.lane_of_kind(document_.project(), kind);
    if (!lane)
        return;
    const bool played = player_.playing();
    const auto& range = view_.range();
    NoteBody body{text.toStdString(), sign};
    Seconds at = snapped(heard_now());
    if (!played && range && !view_.looping()) { // what was marked out is what is said
        at = range->from;
        body.length = length_between(document_.project(), range->from, range->until);
    }
    const PinId made{document_.project().next_id};
    if (document_.apply(
            with_pins(document_.project(), lane->id, {{{}, anchor_at(document_.project(), at), body, {}}}),
            tr("add note")))
        view_.select({made});
}

void DrawingCommands::switch_band() {
    Project next = document_.project();
    Stage stage = *next.stage;
    stage.band.shown = !stage.band.shown;
    const bool shown = stage.band.shown;
    next.stage = std::make_shared<const Stage>(std::move(stage));
    document_.apply(std::move(next), shown ? tr("show band") : tr("hide band"));
}

const Lane* DrawingCommands::drawings() const {
    return view_.lane_of_kind(document_.project(), kind_of(body_type<ExposureBody>));
}

void DrawingCommands::lay_taps() {
    if (taps_.taps().empty())
        return document_.say(tr("There are no taps yet: tap a rhythm with T"));
    if (!drawings())
        new_lane(kind_of(body_type<ExposureBody>));
    view_.choose_lane(drawings()->id);
    taps_.lay_rhythm();
}

void DrawingCommands::markers_of_drawings() {
    const Lane* lane = drawings();
    const Lane* markers = document_.project().first_lane(body_type<MarkerBody>);
    if (!lane || lane->pins.empty() || !markers)
        return document_.say(tr("There are no drawings yet"));
    std::vector<Pin> pins;
    for (const auto& pin : lane->pins)
        pins.push_back(
            {{}, MarkerAnchor{pin.id, Seconds(0)}, MarkerBody{body_of<ExposureBody>(pin.body).drawing}, {}});
    const auto count = pins.size();
    if (document_.apply(with_pins(document_.project(), markers->id, std::move(pins)),
                        tr("markers of drawings")))
        document_.say(tr("%1 markers, each tied to its drawing").arg(count));
}

void DrawingCommands::make_mouth_shapes() {
    const Lane* words = view_.lane_of_kind(document_.project(), kind_of(body_type<WordBody>));
    if (!words || words->pins.empty())
        return document_.say(tr("No word is set yet: set words first"));
    std::set<std::string> texts;
    for (const auto& pin : words->pins)
        texts.insert(body_of<WordBody>(pin.body).text);
    using Sounds = std::map<std::string, std::vector<MouthSound>>;
    document_.jobs().start<Sounds>(
        JobQueue::Analyse, tr("Sounding out the words"),
        [texts, language = part_of<LaneText>(*words)->language](const Progress& progress) -> Result<Sounds> {
            Sounds all;
            for (const auto& text : texts) {
                if (progress.cancelled())
                    return fail_cancelled();
                const auto sounds = sounds_of_word(text, language);
                if (!sounds)
                    return tl::unexpected(sounds.error());
                for (const auto& sound : *sounds)
                    all[text].push_back({sound.ipa, sound.vowel, sound.from});
                progress.report(static_cast<double>(all.size()) / static_cast<double>(texts.size()));
            }
            return all;
        },
        [this, meant = words->id](Result<Sounds> sounds) {
            if (!sounds)
                return sounds.error().cancelled() ? void() : document_.say(spoken(sounds.error()));
            auto made = with_mouth_shapes(document_.schedule(), meant, [&](const std::string& word) {
                const auto found = sounds->find(word);
                return found == sounds->end() ? std::vector<MouthSound>{} : found->second;
            });
            if (!made)
                return document_.say(spoken(made.error()));
            document_.apply(std::move(made->project), tr("mouth shapes"));
            view_.choose_lane(made->lane);
            timeline_.reveal_lane(made->lane);
            document_.say(tr("%1 shapes for %2 words").arg(made->shapes).arg(made->words));
        });
}

void DrawingCommands::ask_for_mouth() {
    const Lane* lane = drawings();
    if (!lane)
        return document_.say(tr("Make mouth shapes first"));
    auto* dialog = new MouthDialog(mouth_of(*lane), window_);
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    connect(dialog, &QDialog::accepted, this, [this, dialog, id = lane->id] {
        document_.apply(
            with_changed_lane(document_.project(), id,
                              [&](Lane& changed) { part_of<Exposing>(changed)->mouth = dialog->mouth(); }),
            tr("shapes of the mouth"));
        const Lane* drawn = document_.project().lane(id);
        if (drawn && part_of<Exposing>(*drawn)->spoken.value != 0)
            make_mouth_shapes(); // they are made again by the table
    });
    dialog->open();
}

} // namespace pulsepin
