// SPDX-License-Identifier: GPL-3.0-or-later
#include "ears.h"

#include "analysis/heeded_file.h"
#include "document.h"
#include "interchange/found_song.h"
#include "model/edits.h"
#include "time/grid_bend.h"

#include <QDateTime>
#include <QDir>
#include <QStandardPaths>
#include <cmath>
#include <utility>

namespace pulsepin {
namespace {

constexpr qint64 most_cache_bytes = 1ll << 30;
constexpr Seconds long_song{360}, beginning{90};

QDir cache_folder() {
    const QString folder = QStandardPaths::writableLocation(QStandardPaths::CacheLocation) + "/heard";
    QDir().mkpath(folder);
    return folder;
}

std::filesystem::path cache_file(const std::string& fingerprint) {
    return cache_folder().filePath(QString::fromStdString(fingerprint) + ".heard").toStdString();
}

/// The files that were not wanted for longest go first.
void make_room_in_cache() {
    const auto files = cache_folder().entryInfoList({"*.heard"}, QDir::Files, QDir::Time);
    qint64 sum = 0;
    for (const auto& file : files) {
        sum += file.size();
        if (sum > most_cache_bytes)
            QFile::remove(file.filePath());
    }
}

Result<std::shared_ptr<const Heeded>> heard_before_or_now(const LoadedSound& sound,
                                                          const Progress& progress) {
    const auto path = cache_file(sound.fingerprint);
    if (!sound.fingerprint.empty())
        if (auto kept = load_heeded(sound.fingerprint, path)) {
            std::error_code ignored;
            std::filesystem::last_write_time(path, std::filesystem::file_time_type::clock::now(), ignored);
            if (progress.cancelled())
                return fail_cancelled();
            return std::make_shared<const Heeded>(std::move(*kept));
        }
    auto heeded = listen_to(*sound.samples, true, progress);
    if (!heeded)
        return tl::unexpected(heeded.error());
    // A full disk only means that the song is listened to again next time.
    if (!sound.fingerprint.empty() && save_heeded(*heeded, sound.fingerprint, path))
        make_room_in_cache();
    return std::make_shared<const Heeded>(std::move(*heeded));
}

} // namespace

namespace {

QString why_not(const Error& error) {
    return error.cancelled() ? Ears::tr("Detection was cancelled") : QString::fromStdString(error.message());
}

} // namespace

Ears::Ears(Document& document) : document_(document) {}

void Ears::forget() {
    heeded_.reset();
    heard_of_.reset();
    finders_.clear();
    likenesses_.clear();
    wanted_row_.reset();
    finding_ = keep_when_found_ = false;
    show(nullptr);
    leave_proposal();
}

void Ears::show(std::shared_ptr<const Detection> detection) {
    if (trying_ == detection)
        return;
    trying_ = std::move(detection);
    emit shown_changed();
}

std::shared_ptr<const Detection> Ears::shown() const {
    return trying_ ? trying_ : document_.project().detection;
}

void Ears::show_beginning(const LoadedSound& sound) {
    if (std::filesystem::exists(cache_file(sound.fingerprint)))
        return; // it will be there at once
    document_.jobs().start<Detection>(
        tr("Listening to the beginning"),
        [sound](const Progress& progress) -> Result<Detection> {
            const auto format = sound.samples->format();
            auto writer = SampleStoreWriter::create(format);
            if (!writer)
                return tl::unexpected(writer.error());
            const auto count =
                static_cast<std::size_t>(beginning.value * static_cast<double>(format.sample_rate)) *
                static_cast<std::size_t>(format.channels);
            if (auto done = writer->append(sound.samples->interleaved().first(count)); !done)
                return tl::unexpected(done.error());
            const auto part = writer->finish();
            if (!part)
                return tl::unexpected(part.error());
            const auto found = analyze(**part, {}, progress);
            if (!found)
                return tl::unexpected(found.error());
            return as_detection(*found);
        },
        [this, sound](Result<Detection> found) {
            const bool same = document_.sound() && document_.sound()->samples == sound.samples;
            if (found && same && !document_.project().detection)
                show(std::make_shared<const Detection>(*std::move(found)));
        });
}

void Ears::when_heard(std::function<void()> then) {
    if (!document_.sound()) {
        finding_ = false;
        return document_.say(tr("There is no song to listen to yet. Open one first."));
    }
    const LoadedSound sound = *document_.sound();
    if (heeded_ && heard_of_ == sound.samples)
        return then();
    if (!document_.project().detection && sound.samples->duration() > long_song)
        show_beginning(sound);
    document_.jobs().start<std::shared_ptr<const Heeded>>(
        tr("Listening"), [sound](const Progress& p) { return heard_before_or_now(sound, p); },
        [this, sound, then = std::move(then)](Result<std::shared_ptr<const Heeded>> heeded) {
            if (!document_.sound() || document_.sound()->samples != sound.samples)
                return;
            if (!heeded) {
                finding_ = false;
                return document_.say(why_not(heeded.error()));
            }
            heeded_ = *heeded;
            heard_of_ = sound.samples;
            finders_.clear();
            likenesses_.clear();
            then();
        });
}

void Ears::detect(const GridConditions& conditions, bool take_grid) {
    when_heard([this, conditions, take_grid] {
        if (!document_.project()
                 .detection) { // what starts is shown while the beats are still being looked for
            Detection so_far;
            so_far.rows = {onset_row("onsets", "full", find_onsets(heeded_->features), true)};
            show(std::make_shared<const Detection>(std::move(so_far)));
        }
        AnalysisSettings settings;
        settings.grid = conditions;
        document_.jobs().start<Analysis>(
            tr("Finding the beats"),
            [heeded = heeded_, settings](const Progress& p) { return analyze(*heeded, settings, p); },
            [this, take_grid, heeded = heeded_](Result<Analysis> found) {
                if (heeded != heeded_ || !document_.project().song)
                    return;
                show(nullptr);
                if (!found)
                    return document_.say(why_not(found.error()));
                Detection detection = as_detection(*found);
                // Rows that a person set up stay as they are; a file of an earlier version has only one.
                if (const auto& before = document_.project().detection; before && before->rows.size() > 1)
                    detection.rows = before->rows;
                const std::size_t onsets = detection.onsets().size();
                document_.apply(with_detection(document_.project(), std::move(detection), take_grid),
                                tr("detect beats"));
                document_.say(
                    found->grid
                        ? tr("%1 beats and %2 onsets found").arg(found->grid->beats().size()).arg(onsets)
                        : tr("No pulse was found in this song. %1 onsets were found.").arg(onsets));
            });
    });
}

void Ears::propose(const GridConditions& conditions) {
    when_heard([this, conditions] {
        AnalysisSettings settings;
        settings.grid = conditions;
        document_.jobs().start<Analysis>(
            tr("Finding the beats again"),
            [heeded = heeded_, settings](const Progress& p) { return analyze(*heeded, settings, p); },
            [this, heeded = heeded_](Result<Analysis> found) {
                const auto& project = document_.project();
                if (heeded != heeded_ || !project.song)
                    return;
                if (!found)
                    return document_.say(why_not(found.error()));
                if (!found->grid)
                    return document_.say(
                        tr("No beats were found that keep to what is held. The grid stays as it is."));
                Proposal proposal{as_detection(*found), *found->grid};
                if (project.grid) {
                    const auto& before = project.detection ? project.detection->grid : std::nullopt;
                    const bool named =
                        !before ||
                        before->position_of(before->nearest_beat(project.grid->time_at(Ticks(0)))) !=
                            MusicalPosition{1, 1, 0};
                    if (auto merged = with_held_of(proposal.grid, *project.grid, named))
                        proposal.grid = *std::move(merged);
                }
                if (project.detection)
                    proposal.found.rows = project.detection->rows;
                proposal_ = std::move(proposal);
                emit proposal_changed();
            });
    });
}

void Ears::take_proposal() {
    if (!proposal_)
        return;
    Proposal taken = *std::exchange(proposal_, std::nullopt);
    emit proposal_changed();
    const Project found = with_detection(document_.project(), std::move(taken.found), false);
    document_.apply(relabelled(found, std::move(taken.grid)), tr("take the beats found again"));
}

void Ears::leave_proposal() {
    if (!proposal_)
        return;
    proposal_.reset();
    emit proposal_changed();
}

void Ears::find(const OnsetRow& row, std::function<void(std::vector<FoundOnset>)> then) {
    const auto start = [this]<class T>(std::function<std::shared_ptr<const T>(const Features&)> make,
                                       std::function<void(std::shared_ptr<const T>)> done) {
        document_.jobs().start<std::shared_ptr<const T>>(
            tr("Listening"),
            [heeded = heeded_, make](const Progress&) -> Result<std::shared_ptr<const T>> {
                return make(heeded->features);
            },
            [this, heeded = heeded_, done](Result<std::shared_ptr<const T>> made) {
                if (heeded != heeded_)
                    return;
                finding_ = finding_ && made.has_value();
                if (made)
                    done(*made);
            });
    };
    if (row.like) {
        const std::string key =
            std::to_string(row.like->from.value) + " " + std::to_string(row.like->until.value);
        const auto use = [row, then](const std::vector<Likeness>& all) {
            then(as_found(alike(all, static_cast<float>(row.like->least))));
        };
        if (const auto known = likenesses_.find(key); known != likenesses_.end())
            return use(*known->second);
        return start.operator()<std::vector<Likeness>>(
            [like = *row.like](const Features& features) {
                return std::make_shared<const std::vector<Likeness>>(
                    likeness_to(features, like.from, like.until));
            },
            [this, key, use](std::shared_ptr<const std::vector<Likeness>> all) {
                likenesses_[key] = all;
                use(*all);
            });
    }
    std::string key = row.function;
    if (row.band)
        key = std::to_string(row.band->first) + " " + std::to_string(row.band->second);
    const auto use = [row, then](const OnsetFinder& finder) {
        OnsetSettings settings;
        settings.function = row.function;
        settings.own_band = row.band;
        settings.sensitivity = row.sensitivity;
        settings.least_strength = row.least_strength;
        settings.smallest_gap = row.smallest_gap;
        then(as_found(finder.find(settings)));
    };
    if (const auto known = finders_.find(key); known != finders_.end())
        return use(*known->second);
    start.operator()<OnsetFinder>(
        [row](const Features& features) {
            return std::make_shared<const OnsetFinder>(features, row.function, row.band);
        },
        [this, key, use](std::shared_ptr<const OnsetFinder> finder) {
            finders_[key] = finder;
            use(*finder);
        });
}

void Ears::try_row(std::size_t index, const OnsetRow& row) {
    if (!document_.project().detection || index >= document_.project().detection->rows.size())
        return;
    tried_row_ = index;
    wanted_row_ = row;
    if (!finding_)
        try_next();
}

void Ears::try_next() {
    finding_ = true;
    when_heard([this] {
        if (!wanted_row_)
            return;
        const OnsetRow row = *std::exchange(wanted_row_, std::nullopt);
        find(row, [this, row](std::vector<FoundOnset> onsets) {
            finding_ = false;
            const auto& kept = document_.project().detection;
            if (!kept || tried_row_ >= kept->rows.size())
                return;
            Detection next = *kept;
            next.rows[tried_row_] = row;
            next.rows[tried_row_].onsets = std::move(onsets);
            show(std::make_shared<const Detection>(std::move(next)));
            if (wanted_row_)
                try_next();
            else if (std::exchange(keep_when_found_, false))
                keep_row();
        });
    });
}

void Ears::keep_row() {
    if (finding_) {
        keep_when_found_ = true;
        return;
    }
    if (!trying_ || !document_.project().detection || tried_row_ >= trying_->rows.size())
        return;
    const OnsetRow row = trying_->rows[tried_row_];
    show(nullptr);
    document_.apply(with_onset_row(document_.project(), tried_row_, row), tr("find onsets otherwise"));
}

void Ears::add_row(const OnsetRow& row) {
    when_heard([this, row] {
        find(row, [this, row](std::vector<FoundOnset> onsets) {
            if (!document_.project().detection)
                return document_.say(tr("Let the beats be found first"));
            OnsetRow found = row;
            found.onsets = std::move(onsets);
            const auto count = static_cast<int>(found.onsets.size());
            if (document_.apply(
                    with_onset_row(document_.project(), document_.project().detection->rows.size(), found),
                    tr("add row of onsets")))
                document_.say(count == 1 ? tr("One onset in the new row")
                                         : tr("%1 onsets in the new row").arg(count));
        });
    });
}

void Ears::add_row_like(Seconds from, Seconds until) {
    OnsetRow row;
    row.name = tr("like %1 s").arg(from.value, 0, 'f', 2).toStdString();
    row.like = OnsetRow::Like{from, until, 0.8};
    add_row(row);
}

void Ears::remove_row(std::size_t index) {
    show(nullptr);
    document_.apply(without_onset_row(document_.project(), index), tr("remove row of onsets"));
}

} // namespace pulsepin
