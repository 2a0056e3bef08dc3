// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/detection_controller.h"

#include "check/grid_trust.h"
#include "detect/detection_of.h"
#include "model/edits.h"
#include "model/onset_edits.h"
#include "session/core_words.h"
#include "session/document.h"
#include "session/number_text.h"
#include "session/song_lessons.h"
#include "session/sound_cache.h"
#include "time/grid_bend.h"

#include <algorithm>
#include <utility>

namespace pulsepin {
namespace {

constexpr Seconds long_song{360}, beginning{90};

QString why_not(const Error& error) {
    return error.cancelled() ? DetectionController::tr("Detection was cancelled") : spoken(error);
}

Result<Detection> detected_beginning(const LoadedSound& sound, const Progress& progress) {
    const auto format = sound.samples->format();
    auto writer = SampleStoreWriter::create(format);
    if (!writer)
        return tl::unexpected(writer.error());
    const auto count = static_cast<std::size_t>(beginning.value * static_cast<double>(format.sample_rate)) *
                       static_cast<std::size_t>(format.channels);
    if (auto done = writer->append(sound.samples->interleaved().first(count)); !done)
        return tl::unexpected(done.error());
    const auto part = writer->finish();
    if (!part)
        return tl::unexpected(part.error());
    return analyze(**part, {}, progress).map(detection_of);
}

/// The found grid with what was held, under the names that its bars had if they were given by hand.
BeatGrid with_held_kept(BeatGrid found, const Project& project) {
    if (!project.grid)
        return found;
    const auto& before = project.detection ? project.detection->grid : std::nullopt;
    const bool named =
        !before || before->position_of(before->nearest_beat(project.grid->time_at(Ticks(0)))) !=
                       MusicalPosition{1, 1, 0};
    const auto merged = with_held_of(found, *project.grid, named);
    return merged ? *merged : found;
}

} // namespace

DetectionController::Heard::Heard(Jobs& jobs, std::shared_ptr<Listening> listening)
    : features(jobs, [listening = std::move(listening)](const SoundRecipe& sound) {
          return Background<SoundRecipe, FeatureSet>::Work{
              JobQueue::Analyse, tr("Listening"),
              [listening, sound](const Progress& p) -> Result<FeatureSet> {
                  if (auto kept = sound_cache::features(sound.key))
                      return *std::move(kept);
                  const auto made = listening->sound(sound, p.part(0, 0.2));
                  if (!made)
                      return tl::unexpected(made.error());
                  auto found = extract_features(*(*made)->samples, {}, p.part(0.2, 1));
                  if (found)
                      sound_cache::keep(sound.key, *found);
                  return found;
              }};
      }) {}

DetectionController::DetectionController(Document& document)
    : document_(document), tried_(document.jobs(), [](const TriedRow& tried) {
          return Background<TriedRow, std::vector<FoundOnset>>::Work{
              JobQueue::Analyse, tr("Finding onsets"),
              [tried](const Progress&) -> Result<std::vector<FoundOnset>> {
                  return tried.finder->find(tried.row);
              }};
      }) {
    connect(&tried_, &BackgroundSignals::ready, this, &DetectionController::show_tried_row);
    connect(&document, &Document::changed, this, &DetectionController::leave_what_is_over);
}

void DetectionController::forget() {
    heard_.clear();
    ++song_;
    tried_.clear();
    keep_when_found_ = false;
    show(nullptr);
    leave_proposal();
}

bool DetectionController::ready() const {
    const auto heard = heard_.find(document_.sounds().listened());
    return heard != heard_.end() && heard->second->features.is_current();
}

bool DetectionController::any_under_way() const {
    return tried_.under_way() || std::any_of(heard_.begin(), heard_.end(), [](const auto& heard) {
               return heard.second->features.under_way();
           });
}

void DetectionController::show(std::shared_ptr<const Detection> detection) {
    if (shown_ == detection)
        return;
    shown_ = std::move(detection);
    shown_beside_ = shown_ ? document_.project().detection : nullptr;
    emit shown_changed();
}

/// What was shown for a while is over once the project has something else, as after an undo.
void DetectionController::leave_what_is_over() {
    if (!shown_ || shown_beside_ == document_.project().detection)
        return;
    tried_.clear();
    keep_when_found_ = false;
    show(nullptr);
}

std::shared_ptr<const Detection> DetectionController::shown() const {
    return shown_ ? shown_ : document_.project().detection;
}

void DetectionController::show_beginning(const LoadedSound& sound) {
    if (sound_cache::has_features(sound.fingerprint))
        return; // all of it will be there at once
    document_.jobs().start<Detection>(
        JobQueue::Analyse, tr("Listening to the beginning"),
        [sound](const Progress& progress) { return detected_beginning(sound, progress); },
        [this, sound](Result<Detection> found) {
            const bool same = document_.sound() && document_.sound()->samples == sound.samples;
            if (found && same && !document_.project().detection)
                show(std::make_shared<const Detection>(*std::move(found)));
        });
}

void DetectionController::with_heard(const Listened& listened, std::function<void(const Heard&)> then) {
    if (!document_.sound())
        return document_.say(tr("There is no song to listen to yet. Open one first."));
    const auto recipe = document_.sounds().recipe(listened);
    if (!recipe)
        return document_.say(why_not(recipe.error()));
    auto& heard = heard_[listened];
    if (!heard)
        heard = std::make_unique<Heard>(document_.jobs(), document_.sounds().listening());
    const LoadedSound& song = *document_.sound();
    if (listened == Listened{} && heard->features.wanted() != *recipe && !document_.project().detection &&
        song.samples->duration() > long_song)
        show_beginning(song);
    heard->features.ask(
        *recipe, [this, song = song_, listened, then = std::move(then)](const Result<Features>& features) {
            if (song != song_)
                return; // another song is open
            if (!features)
                return document_.say(why_not(features.error()));
            Heard& there = *heard_.at(listened);
            if (!there.finder || there.found_in != *features) {
                there.finder = std::make_shared<RowFinder>(*features);
                there.found_in = *features;
            }
            then(there);
        });
}

void DetectionController::analyze_song(const QString& name, const GridConditions& conditions,
                                       const Features& features, std::function<void(const Analysis&)> then) {
    AnalysisSettings settings;
    settings.grid = conditions;
    document_.jobs().start<Analysis>(
        JobQueue::Analyse, name,
        [features, settings](const Progress& p) mutable {
            settings.lessons = song_lessons::all();
            return analyze(*features, settings, p);
        },
        [this, song = song_, then = std::move(then)](const Result<Analysis>& found) {
            if (song != song_ || !document_.project().song)
                return;
            if (!found) {
                show(nullptr);
                return document_.say(why_not(found.error()));
            }
            then(*found);
        });
}

void DetectionController::detect(const GridConditions& conditions, bool take_grid) {
    const Listened of = document_.sounds().listened();
    with_heard(of, [this, conditions, take_grid, of](const Heard& heard) {
        const Features features = heard.found_in;
        if (!document_.project().detection) { // what starts is shown while beats are still being looked for
            Detection so_far;
            so_far.rows = {onset_row("onsets", "full", find_onsets(features->features), true)};
            show(std::make_shared<const Detection>(std::move(so_far)));
        }
        analyze_song(tr("Finding the beats"), conditions, features,
                     [this, take_grid, of](const Analysis& found) { take_over(found, of, take_grid); });
    });
}

void DetectionController::take_over(const Analysis& found, const Listened& of, bool take_grid) {
    show(nullptr);
    Detection detection = detection_of(found);
    detection.of = of;
    for (auto& row : detection.rows)
        row.of = of;
    // Rows that a person set up stay as they are; a file of an earlier version has only one.
    // Those that were tapped before anything was listened to come over with their corrections.
    if (const auto& before = document_.project().detection;
        before && before->rows.size() > 1 && !before->onsets().empty()) {
        auto rows = before->rows;
        // A file of an earlier version knows three drums only; what was taken out since stays out.
        const auto is_later = [](const OnsetRow& row) {
            const auto later = std::span(drum_names).subspan(static_cast<std::size_t>(Drum::Tom));
            return std::find(later.begin(), later.end(), row.function) != later.end();
        };
        if (std::none_of(rows.begin(), rows.end(), is_later))
            std::copy_if(detection.rows.begin(), detection.rows.end(), std::back_inserter(rows), is_later);
        detection.rows = std::move(rows);
    }
    const std::size_t onsets = detection.onsets().size();
    const QString where = of == Listened{}
                              ? tr("in this song")
                              : tr("in %1").arg(QString::fromStdString(name_of(of, document_.project())));
    document_.apply(with_detection(document_.project(), std::move(detection), take_grid), tr("detect beats"));
    if (!found.leaned_on.empty())
        return document_.say(
            tr("%1 beats found, half or twice as fast as it would be without what you said of “%2”. "
               "Press another tempo if that is wrong here.")
                .arg(found.grid->beats().size())
                .arg(QString::fromStdString(found.leaned_on)));
    document_.say(found.grid ? tr("%1 beats and %2 onsets found").arg(found.grid->beats().size()).arg(onsets)
                             : tr("No pulse was found %1. %2 onsets were found.").arg(where).arg(onsets));
}

void DetectionController::remember_level() {
    const auto& project = document_.project();
    if (!project.grid || !project.song)
        return document_.say(tr("Find or correct the beats first; then their tempo can be remembered."));
    const Bpm tempo = project.grid->typical_tempo();
    const std::string name = project.song->path.stem().string();
    with_heard(document_.sounds().listened(), [this, tempo, name](const Heard& heard) {
        document_.jobs().start<std::optional<LevelLesson>>(
            JobQueue::Analyse, tr("Remembering the tempo"),
            [features = heard.found_in, tempo, name](const Progress&) -> Result<std::optional<LevelLesson>> {
                return lesson_of(*features, tempo, name);
            },
            [this, tempo](Result<std::optional<LevelLesson>> lesson) {
                if (!lesson)
                    return document_.say(why_not(lesson.error()));
                if (!*lesson)
                    return document_.say(tr("%1 BPM is neither the tempo that is heard in this song nor half "
                                            "or twice as fast. "
                                            "Nothing was remembered.")
                                             .arg(number_text(tempo.value, 1)));
                const auto count = song_lessons::remember(**std::move(lesson));
                if (!count)
                    return document_.say(why_not(count.error()));
                document_.say(tr("Remembered on this computer: songs with a rhythm like this one lean to its "
                                 "tempo level. "
                                 "Songs remembered: %1.")
                                  .arg(*count));
            });
    });
}

void DetectionController::forget_levels() {
    const auto count = song_lessons::forget_all();
    document_.say(!count        ? why_not(count.error())
                  : *count == 0 ? tr("No tempo levels are remembered.")
                                : tr("The tempo levels of %1 songs are forgotten.").arg(*count));
}

namespace {

/// The same beats, in the same bars.
bool same_to_see(const BeatGrid& a, const BeatGrid& b) {
    const auto d = difference(a, b);
    return d.moved + d.added + d.dropped == 0 && a.metres() == b.metres() && a.first_beat() == b.first_beat();
}

} // namespace

void DetectionController::propose(const GridConditions& conditions, bool if_different) {
    const Listened of = document_.sounds().listened();
    with_heard(of, [this, conditions, if_different, of](const Heard& heard) {
        analyze_song(
            tr("Finding the beats again"), conditions, heard.found_in,
            [this, if_different, of](const Analysis& found) {
                const auto& project = document_.project();
                if (if_different && (!found.grid || !project.grid || same_to_see(*project.grid, *found.grid)))
                    return;
                if (!found.grid)
                    return document_.say(
                        tr("No beats were found that keep to what is held. The grid stays as it is."));
                Proposal proposal{detection_of(found), with_held_kept(*found.grid, project)};
                proposal.found.of = of;
                if (project.detection)
                    proposal.found.rows = project.detection->rows;
                proposal_ = std::move(proposal);
                emit proposal_changed();
            });
    });
}

void DetectionController::take_proposal() {
    if (!proposal_)
        return;
    Proposal taken = *std::exchange(proposal_, std::nullopt);
    emit proposal_changed();
    const Project found = with_detection(document_.project(), std::move(taken.found), false);
    document_.apply(relabelled(found, std::move(taken.grid)), tr("take the beats found again"));
}

void DetectionController::leave_proposal() {
    if (!proposal_)
        return;
    proposal_.reset();
    emit proposal_changed();
}

void DetectionController::try_row(std::size_t index, const OnsetRow& row) {
    if (!document_.project().detection || index >= document_.project().detection->rows.size())
        return;
    with_heard(row.of, [this, index, row](const Heard& heard) {
        TriedRow tried{index, row, heard.finder};
        tried.row.onsets.clear();
        if (!tried.finder->knows(tried.row))
            return tried_.want(std::move(tried));
        auto onsets = std::make_shared<const std::vector<FoundOnset>>(tried.finder->find(tried.row));
        tried_.put(std::move(tried), std::move(onsets));
    });
}

void DetectionController::show_tried_row() {
    const auto& kept = document_.project().detection;
    const TriedRow& tried = *tried_.wanted();
    if (!kept || tried.index >= kept->rows.size())
        return;
    Detection next = *kept;
    next.rows[tried.index] = tried.row;
    next.rows[tried.index].onsets = corrected(*tried_.value(), tried.row.by_hand);
    refresh_merged(next.rows);
    show(std::make_shared<const Detection>(std::move(next)));
    if (std::exchange(keep_when_found_, false))
        keep_row();
}

void DetectionController::keep_row() {
    if (any_under_way()) {
        keep_when_found_ = true;
        return;
    }
    if (!shown_ || !tried_.wanted() || !document_.project().detection ||
        tried_.wanted()->index >= shown_->rows.size())
        return;
    const std::size_t index = tried_.wanted()->index;
    const OnsetRow row = shown_->rows[index];
    tried_.clear();
    show(nullptr);
    document_.apply(with_onset_row(document_.project(), index, row), tr("find onsets otherwise"));
}

void DetectionController::add_row(const OnsetRow& row) {
    with_heard(row.of, [this, row](const Heard& heard) {
        document_.jobs().start<std::vector<FoundOnset>>(
            JobQueue::Analyse, tr("Finding onsets"),
            [finder = heard.finder, row](const Progress&) -> Result<std::vector<FoundOnset>> {
                return finder->find(row);
            },
            [this, song = song_, row](Result<std::vector<FoundOnset>> onsets) {
                if (song != song_)
                    return;
                if (!onsets)
                    return document_.say(why_not(onsets.error()));
                if (!document_.project().detection)
                    return document_.say(tr("Detect beats first"));
                OnsetRow found = row;
                found.onsets = *std::move(onsets);
                add_found(std::move(found));
            });
    });
}

void DetectionController::add_found(OnsetRow row) {
    const auto count = static_cast<int>(row.onsets.size());
    if (document_.apply(
            with_onset_row(document_.project(), document_.project().detection->rows.size(), std::move(row)),
            tr("add row of onsets")))
        document_.say(count == 1 ? tr("One onset in the new row")
                                 : tr("%1 onsets in the new row").arg(count));
}

void DetectionController::add_row_like(Seconds from, Seconds until) {
    OnsetRow row;
    row.name = tr("like %1 s").arg(number_text(from.value, 2)).toStdString();
    row.like = OnsetRow::Like{from, until, 0.8};
    row.of = document_.sounds().listened();
    add_row(row);
}

void DetectionController::remove_row(std::size_t index) {
    show(nullptr);
    document_.apply(without_onset_row(document_.project(), index), tr("remove row of onsets"));
}

} // namespace pulsepin
