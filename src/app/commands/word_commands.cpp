// SPDX-License-Identifier: GPL-3.0-or-later
#include "commands/word_commands.h"

#include "analysis/voice.h"
#include "commands/play_commands.h"
#include "drawing/timeline/timeline_view.h"
#include "hand/reading.h"
#include "hand/word_params.h"
#include "kinds/kinds.h"
#include "model/change_pins.h"
#include "pages/dialogs/param_dialog.h"
#include "pages/stops/words_page.h"
#include "schedule/picker.h"
#include "session/core_words.h"
#include "speech/speech.h"
#include "words/lyric_formats.h"

#include <QClipboard>
#include <QFileDialog>
#include <QFileInfo>
#include <QGuiApplication>
#include <QInputDialog>
#include <QLocale>
#include <QSettings>
#include <algorithm>

namespace pulsepin {

namespace {

/// The one that the person's system speaks.
std::string usual_language() {
    const QLocale system = QLocale::system();
    const QString code = system.bcp47Name().section('-', 0, 0);
    if (code.size() != 2 || code == "en")
        return system.territory() == QLocale::UnitedStates && code == "en" ? "en-us" : "en-gb";
    return code.toStdString();
}

} // namespace

void WordCommands::add_to(QMenu* menu) {
    using K = QKeySequence;
    add(menu, "load words", tr("Load a text…"), {}, [this] { load_dialog(); });
    add(menu, "paste words", tr("Paste a text"), {}, [this] { paste(); });
    menu->addSeparator();
    commands_.add(
        menu,
        {{"tap word", tr("Set the next word, as it is heard"), {K(tr("W"))}, [this] { tap(); }, {}, false}});
    add(menu, "word back", tr("Back one word"), {K(tr("Backspace"))}, [this] { back(); });
    add(menu, "propose words", tr("Propose words between those that are set"), {K(tr("Ctrl+Shift+W"))},
        [this] { propose(); });
    add(menu, "take proposed", tr("Take what is proposed"), {}, [this] { take_proposed(); });
    add(menu, "leave proposed", tr("Leave what is proposed"), {}, [this] { leave_proposed(); });
    add(menu, "words wait", tr("Let the selected words wait again"), {}, [this] { wait_again(); });
    add(menu, "empty tray", tr("Discard the words that wait"), {}, [this] {
        if (const Lane* lane = words())
            document_.apply(without_waiting_words(document_.project(), lane->id), tr("discard words"));
    });
    menu->addSeparator();
    add(menu, "begin line", tr("Begin a line with the selected words"), {}, [this] { begin_line(); });
    add(menu, "one line", tr("Make one line of the selected words"), {}, [this] { one_line(); });
    add(menu, "lines by pauses", tr("Split words into lines by pauses…"), {}, [this] { ask_for_pauses(); });
    add(menu, "mend reading", tr("Fix lines that are too fast to read…"), {}, [this] { mend_reading(); });
    add(menu, "language of words", tr("Language of the words…"), {}, [this] { ask_for_language(); });
    add(menu, "words in band", tr("Words in the band, or not"), {}, [this] { switch_in_band(); });
    menu->addSeparator();
    add(menu, "titles word by word", tr("Titles of words, word by word"), {},
        [this] { make_titles(Showing::Words::Word, tr("Words")); });
    add(menu, "titles line by line", tr("Titles of words, line by line"), {},
        [this] { make_titles(Showing::Words::Line, tr("Lines")); });
    add(menu, "titles lit", tr("Titles of lines that light up as they are sung"), {},
        [this] { make_titles(Showing::Words::LitLine, tr("Lines")); });
    add(menu, "lay out words", tr("Lay out titles of words…"), {}, [this] { lay_out(); });
    add(menu, "camera on lines", tr("Pose the camera at the last word of each line…"), {},
        [this] { camera_on_lines(); });
}

void WordCommands::show_page(WordsPage* page) {
    page_ = page;
    connect(page, &WordsPage::wanted, this, [this](const QString& command) {
        if (command == "measure taps")
            return go_to_stop(Stop::Grid);
        commands_.action(command)->trigger();
    });
    connect(page, &WordsPage::drag_wanted, this, &WordCommands::drag_word);
    connect(&document_, &Document::changed, this, &WordCommands::drop_stale);
    connect(&document_, &Document::opened, this, &WordCommands::leave_proposed);
}

const Lane* WordCommands::words() const {
    return view_.lane_of_kind(document_.project(), kind_of(body_type<WordBody>));
}

std::vector<PinId> WordCommands::selected_words() const {
    std::vector<PinId> selected;
    if (const Lane* lane = words())
        for (const auto& pin : lane->pins)
            if (view_.selection().contains(pin.id))
                selected.push_back(pin.id);
    return selected;
}

const Lane* WordCommands::titles() const {
    const Lane* last = nullptr;
    for (const auto& lane : document_.project().lanes)
        if (holds<AppearanceBody>(lane->kind) && part_of<Showing>(*lane)->words != Showing::Words::Own) {
            if (lane->id == view_.lane())
                return lane.get();
            last = lane.get();
        }
    return last;
}

// -- the text

void WordCommands::load_dialog() {
    QStringList endings;
    for (const auto& row : lyric_formats())
        for (const auto& ending :
             QString::fromUtf8(row.extensions.data(), static_cast<qsizetype>(row.extensions.size()))
                 .split(' '))
            endings << "*." + ending;
    const QString path = QFileDialog::getOpenFileName(window_, tr("Load a text"), {},
                                                      tr("Texts (%1);;All files (*)").arg(endings.join(' ')));
    if (!path.isEmpty())
        load(path);
}

void WordCommands::load(const QString& path) {
    document_.jobs().start<Lyric>(
        JobQueue::Decode, tr("Reading the text"),
        [path = std::filesystem::path(path.toStdString())](const Progress&) { return load_lyric(path); },
        [this, name = QFileInfo(path).fileName()](Result<Lyric> lyric) { take_lyric(lyric, name); });
}

void WordCommands::paste() {
    const QString text = QGuiApplication::clipboard()->text();
    if (text.trimmed().isEmpty())
        return document_.say(tr("There is no text to paste. Copy one first."));
    take_lyric(read_lyric(text.toStdString()), tr("the text that was pasted"));
}

void WordCommands::take_lyric(const Result<Lyric>& lyric, const QString& from) {
    if (!lyric)
        return document_.say(spoken(lyric.error()));
    const Lane* lane = words();
    const LaneOfWords begun = lane ? LaneOfWords{document_.project(), lane->id}
                                   : with_lane_of_words(document_.project(), usual_language());
    auto taken = with_lyric(begun.project, begun.lane, *lyric);
    if (!taken)
        return document_.say(spoken(taken.error()));
    document_.apply(std::move(taken->project), tr("add words"));
    view_.choose_lane(begun.lane);
    QStringList told;
    if (taken->waiting > 0)
        told << (taken->waiting == 1 ? tr("one word waits") : tr("%1 words wait").arg(taken->waiting));
    if (taken->set > 0)
        told << (taken->set == 1 ? tr("one word set") : tr("%1 words set").arg(taken->set));
    if (taken->spread > 0)
        told << tr("%1 words spread over their lines").arg(taken->spread);
    QString text = tr("From %1: %2").arg(from, told.join(", "));
    if (!lyric->remarks.empty()) {
        const auto& first = lyric->remarks.front();
        text += tr(" · line %1: %2").arg(first.line).arg(spoken(first.what));
        if (const auto more = lyric->remarks.size() - 1; more > 0)
            text += more == 1 ? tr(" One more line was fixed.") : tr(" %1 more lines were fixed.").arg(more);
    }
    document_.say(text);
}

// -- setting

void WordCommands::tap() {
    const Lane* lane = words();
    if (!lane || part_of<LaneText>(*lane)->tray.empty())
        return document_.say(tr("No word waits to be set: paste or load a text first (stop Mark, Words)"));
    Seconds at = heard_now();
    if (player_.playing())
        at = at - Seconds(QSettings().value("tap/latency", 0).toInt() / 1000.0) * player_.speed();
    at = pulled(document_.schedule(), at);
    auto set = with_word_set(document_.project(), lane->id, 0, at);
    if (!set)
        return document_.say(spoken(set.error()));
    document_.apply(std::move(set->project), tr("tap word"));
    view_.select({set->word});
}

/// It waits again, and is played from two bars before it.
void WordCommands::back() {
    const Lane* lane = words();
    if (!lane)
        return;
    auto taken = with_word_taken_back(document_.project(), lane->id);
    if (!taken)
        return document_.say(spoken(taken.error()));
    const bool played = player_.playing();
    document_.apply(std::move(taken->project), tr("back one word"));
    Seconds from = taken->at - Seconds(4);
    if (const auto& grid = document_.project().grid) {
        const auto at = grid->nearest_tick(taken->at);
        const double bars = 2.0 * grid->metre_at(at).beats_per_bar;
        from = grid->time_at(grid->beats_at(taken->at) - Beats(bars));
    }
    from = std::max(from, Seconds(0));
    if (played)
        play_.play_from(from);
    else
        play_.go_to_place(from);
}

void WordCommands::drag_word(int place, const QPixmap& picture) {
    drag(page_, WaitingWord{place}, picture);
}

void WordCommands::switch_in_band() {
    const Lane* lane = words();
    if (!lane)
        return document_.say(tr("There are no words yet"));
    const bool in_band = !part_of<Inked>(*lane)->in_band;
    if (document_.apply(with_changed_lane(document_.project(), lane->id,
                                          [&](Lane& changed) { part_of<Inked>(changed)->in_band = in_band; }),
                        tr("words in band")))
        document_.say(in_band ? tr("The words run in the band") : tr("The words do not run in the band"));
}

void WordCommands::wait_again() {
    if (const Lane* lane = words())
        document_.apply(with_words_waiting(document_.project(), lane->id, selected_words()),
                        tr("let words wait"));
}

// -- proposing

void WordCommands::propose() {
    const Lane* lane = words();
    const auto gaps = lane ? word_gaps(document_.schedule(), lane->id) : std::vector<WordGap>{};
    if (gaps.empty())
        return document_.say(
            tr("Set the first and the last word of a line: those between them are proposed"));
    const auto* sound = document_.sound();
    if (!sound)
        return document_.say(tr("The song is not there yet"));
    if (proposing_)
        proposing_->cancel();
    const auto& project = document_.project();
    proposing_ = document_.jobs().start<std::vector<ProposedWord>>(
        JobQueue::Analyse, tr("Listening for the voice"),
        [gaps, samples = sound->samples, grid = project.grid, language = part_of<LaneText>(*lane)->language](
            const Progress& progress) -> Result<std::vector<ProposedWord>> {
            std::vector<ProposedWord> proposed;
            for (std::size_t g = 0; g < gaps.size(); ++g) {
                const auto& gap = gaps[g];
                const double share = 1.0 / static_cast<double>(gaps.size());
                auto starts = voice_starts(
                    *samples, grid.get(), gap.from, gap.until,
                    progress.part(share * static_cast<double>(g), share * static_cast<double>(g + 1)));
                if (!starts)
                    return tl::unexpected(starts.error());
                std::vector<VoiceOnset> onsets;
                for (const auto& start : *starts)
                    onsets.push_back({start.time, start.strength});
                std::vector<int> syllables;
                for (const auto& word : gap.words)
                    syllables.push_back(syllables_of(word, language));
                const auto times = lay_words(gap.from, gap.until, syllables, onsets);
                for (std::size_t i = 0; i < times.size(); ++i)
                    proposed.push_back({gap.first_in_tray + i, times[i]});
            }
            return proposed;
        },
        [this, turn = ++proposing_turn_, meant = lane->id,
         as_it_was = document_.project()](Result<std::vector<ProposedWord>> proposed) {
            if (turn != proposing_turn_)
                return; // another one was asked for meanwhile
            proposing_.reset();
            if (!proposed)
                return proposed.error().cancelled() ? void() : document_.say(spoken(proposed.error()));
            const Lane* there = document_.project().lane(meant);
            if (!there || there != as_it_was.lane(meant))
                return document_.say(tr("The words changed meanwhile: propose them again"));
            proposed_ = *std::move(proposed);
            PlacePreview preview;
            for (const auto& one : proposed_)
                preview.outlines.push_back(
                    {document_.project().grid ? document_.project().grid->nearest_tick(one.at) : Ticks(0),
                     one.at, rate().frame_at(one.at), Seconds(0),
                     part_of<LaneText>(*there)->tray[one.in_tray]});
            for (const auto& lane_now : document_.project().lanes)
                if (lane_now->id == meant)
                    proposed_for_ = lane_now;
            view_.set_outlines(meant, std::move(preview));
            page_->set_proposed(proposed_.size());
            document_.say(tr("%1 words proposed: take them, or leave them").arg(proposed_.size()));
        });
}

void WordCommands::take_proposed() {
    if (proposed_.empty() || !proposed_for_)
        return document_.say(tr("Nothing is proposed"));
    const auto proposed = proposed_;
    const LaneId lane = proposed_for_->id;
    leave_proposed();
    document_.apply(with_proposed(document_.project(), lane, proposed), tr("take proposed words"));
}

void WordCommands::leave_proposed() {
    if (proposing_)
        proposing_->cancel();
    if (proposed_for_ && view_.outline_lane() == proposed_for_->id)
        view_.set_outlines({}, std::nullopt);
    proposed_.clear();
    proposed_for_.reset();
    page_->set_proposed(0);
}

/// Of words that are otherwise by now nothing is proposed.
void WordCommands::drop_stale() {
    if (!proposed_for_)
        return;
    const auto& lanes = document_.project().lanes;
    if (std::find(lanes.begin(), lanes.end(), proposed_for_) == lanes.end())
        leave_proposed();
}

// -- lines

void WordCommands::begin_line() {
    if (const Lane* lane = words())
        document_.apply(with_line_begun(document_.project(), lane->id, selected_words()), tr("begin line"));
}

void WordCommands::one_line() {
    if (const Lane* lane = words())
        document_.apply(with_one_line(document_.project(), lane->id, selected_words()), tr("make one line"));
}

void WordCommands::ask_for_pauses() {
    const Lane* lane = words();
    if (!lane)
        return document_.say(tr("There are no words yet"));
    const LaneId id = lane->id;
    const auto lines_with = [this, id](const ParamValues& values) {
        return with_lines_by_pauses(document_.schedule(), id, Seconds(values.number("pause")));
    };
    ask(new ParamDialog("lines by pauses", tr("Lines by pauses"), pause_params(), {}, tr("Split"), window_,
                        [this, lines_with, id](const ParamValues& values) {
                            const auto parted = lines_with(values);
                            if (!parted)
                                return spoken(parted.error());
                            const Schedule then(*parted, document_.schedule());
                            return tr("%1 lines").arg(then.spans(id).lines.size());
                        }),
        [this, lines_with](const ParamValues& values) {
            document_.apply(lines_with(values), tr("part into lines"));
        });
}

void WordCommands::mend_reading() {
    const Lane* lane = words();
    if (!lane)
        return document_.say(tr("There are no words yet"));
    const LaneId id = lane->id;
    const auto asked = [this, id](const ParamValues& values) {
        return *with_changed_lane(document_.project(), id,
                                  [&](Lane& changed) { set_reading(*part_of<LaneText>(changed), values); });
    };
    const std::vector<ReadingFault> all{ReadingFault::TooFast, ReadingFault::TooShort, ReadingFault::NoGap};
    ask(new ParamDialog("mend reading", tr("What of a line must be readable"), reading_params(),
                        reading_values(*part_of<LaneText>(*lane)), tr("Fix"), window_,
                        [this, id, asked, all](const ParamValues& values) {
                            const Schedule now(asked(values), document_.schedule());
                            int faults[3] = {};
                            for (const auto& finding : reading_findings(now, id))
                                ++faults[static_cast<int>(finding.fault)];
                            QString text = tr("%1 too fast · %2 too short · %3 without a gap")
                                               .arg(faults[0])
                                               .arg(faults[1])
                                               .arg(faults[2]);
                            if (const auto mended = with_reading_mended(now, id, all);
                                mended && mended->left > 0)
                                text += "\n" + tr("%1 stay: there is no room for them").arg(mended->left);
                            return text;
                        }),
        [this, id, asked, all](const ParamValues& values) {
            const Project wanted = asked(values);
            auto mended = with_reading_mended(Schedule(wanted, document_.schedule()), id, all);
            if (!mended) { // what is asked for is kept all the same
                document_.apply(wanted, tr("set reading"));
                return document_.say(spoken(mended.error()));
            }
            document_.apply(std::move(mended->project), tr("fix reading speed"));
            document_.say(
                mended->left > 0
                    ? tr("%1 fixed, %2 stay: there is no room for them").arg(mended->mended).arg(mended->left)
                    : tr("%1 fixed").arg(mended->mended));
        });
}

void WordCommands::ask_for_language() {
    const Lane* lane = words();
    const auto languages = spoken_languages();
    if (!lane || languages.empty())
        return document_.say(lane ? tr("How words sound cannot be told: install the package espeak-ng-data")
                                  : tr("There are no words yet"));
    QStringList names;
    int now = 0;
    for (std::size_t i = 0; i < languages.size(); ++i) {
        names << QString::fromStdString(languages[i].name + " (" + languages[i].id + ")");
        if (languages[i].id == part_of<LaneText>(*lane)->language)
            now = static_cast<int>(i);
    }
    bool ok = false;
    const QString chosen =
        QInputDialog::getItem(window_, tr("Language of the words"),
                              tr("By its rules syllables and sounds are told:"), names, now, false, &ok);
    if (!ok)
        return;
    const auto index = static_cast<std::size_t>(names.indexOf(chosen));
    document_.apply(
        with_changed_lane(document_.project(), lane->id,
                          [&](Lane& changed) { part_of<LaneText>(changed)->language = languages[index].id; }),
        tr("language of words"));
}

} // namespace pulsepin
