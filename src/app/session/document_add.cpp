// SPDX-License-Identifier: GPL-3.0-or-later
//
// Files that become a part of the project: the song, shots, sounds under the song.
#include "hand/clip_file.h"
#include "hand/piece_cues.h"
#include "kinds/kinds.h"
#include "media/align.h"
#include "media/media_endings.h"
#include "media/picture_sequence.h"
#include "media/sound_file.h"
#include "media/video_reader.h"
#include "model/edits.h"
#include "model/song_edits.h"
#include "session/core_words.h"
#include "session/document.h"
#include "session/sound_cache.h"

#include <QDir>
#include <QFileInfo>

namespace pulsepin {
namespace {

QString display_name(const std::filesystem::path& path) {
    return QString::fromStdString(path.filename().string());
}

/// A folder stands for the films and pictures in it, by name.
std::vector<std::filesystem::path> with_folders_opened(const std::vector<std::filesystem::path>& paths) {
    std::vector<std::filesystem::path> out;
    for (const auto& path : paths) {
        const QDir folder(QString::fromStdString(path.string()));
        if (!QFileInfo(folder.path()).isDir()) {
            out.push_back(path);
            continue;
        }
        for (const auto& file :
             folder.entryInfoList(QDir::Files | QDir::Readable, QDir::Name | QDir::IgnoreCase)) {
            const std::filesystem::path inside = file.filePath().toStdString();
            if (ends_as(inside, picture_endings()) || ends_as(inside, film_endings()))
                out.push_back(inside);
        }
    }
    return out;
}

} // namespace

void Document::open_song(const std::filesystem::path& path) {
    const auto full = std::filesystem::absolute(path);
    jobs_.start<LoadedSound>(
        JobQueue::Decode, tr("Opening %1").arg(display_name(full)),
        [full](const Progress& p) {
            LoadOptions options;
            options.shelf = sound_cache::shelf();
            return load_sound(full, p, options);
        },
        [this](Result<LoadedSound> loaded) {
            if (!loaded) {
                if (!loaded.error().cancelled())
                    say(spoken(loaded.error()));
                else
                    say(tr("Opening was cancelled"));
                return;
            }
            Song song{loaded->path, loaded->path.stem().string(), loaded->samples->format().sample_rate,
                      loaded->samples->length(), loaded->fingerprint};
            sounds_.give(song, std::move(*loaded));
            apply(with_song(project(), std::move(song)), tr("open song"));
            detection_.detect({}, true);
        });
}

void Document::add_clips(const std::vector<std::filesystem::path>& paths) {
    struct Outcome {
        std::vector<Clip> clips;
        QStringList refused;
    };
    jobs_.start<Outcome>(
        JobQueue::Decode, tr("Opening shots"),
        [given = paths](const Progress& p) -> Result<Outcome> {
            Outcome outcome;
            const auto files = with_sequences(with_folders_opened(given));
            if (files.empty())
                outcome.refused << tr("There are no shots in that folder.");
            for (std::size_t i = 0; i < files.size(); ++i) {
                if (p.cancelled())
                    return fail_cancelled();
                p.report(static_cast<double>(i) / static_cast<double>(files.size()));
                const auto full = std::filesystem::absolute(files[i]);
                if (auto clip = clip_of_file(full))
                    outcome.clips.push_back(*std::move(clip));
                else
                    outcome.refused << spoken(clip.error());
            }
            return outcome;
        },
        [this](Result<Outcome> outcome) {
            if (!outcome)
                return say(spoken(outcome.error()));
            if (!outcome->clips.empty())
                apply(with_clips(project(), outcome->clips), tr("add shots"));
            if (!outcome->refused.isEmpty())
                say(outcome->refused.join("  "));
            else
                say(outcome->clips.size() == 1
                        ? tr("“%1” is added").arg(QString::fromStdString(outcome->clips.front().name))
                        : tr("%n shots added", nullptr, static_cast<int>(outcome->clips.size())));
        });
}

namespace {

struct PlacedStems {
    std::vector<Stem> stems;
    QStringList told;
};

/// Where a sound lies against the song.
Result<Stem> placed_stem(const std::filesystem::path& full, const SampleStore& song, QStringList& told,
                         const Progress& progress) {
    LoadOptions options;
    options.sample_rate = song.format().sample_rate;
    options.for_drawing = false;
    const auto loaded = load_sound(full, progress.part(0, 0.6), options);
    if (!loaded)
        return tl::unexpected(loaded.error());
    Stem stem{{{}, full.stem().string(), full, loaded->samples->duration(), 0, 0, false, true}, Seconds(0)};
    if (loaded->samples->length() == song.length()) {
        told << Document::tr("“%1” is as long as the song and starts with it.").arg(display_name(full));
        return stem;
    }
    const auto lies = align(song, *loaded->samples, progress.part(0.6, 1));
    if (!lies)
        return tl::unexpected(lies.error());
    if (!lies->is_clear()) {
        told << Document::tr(
                    "“%1” does not sound like the song: it starts with it. Drag it to where it belongs.")
                    .arg(display_name(full));
        return stem;
    }
    // What happens at n in the song happens at n + later in the stem.
    stem.later = Seconds(-static_cast<double>(lies->later.value) / static_cast<double>(options.sample_rate));
    told << Document::tr("“%1” was laid where it sounds like the song: %2 samples %3.")
                .arg(display_name(full))
                .arg(std::abs(lies->later.value))
                .arg(lies->later.value > 0 ? Document::tr("earlier") : Document::tr("later"));
    return stem;
}

} // namespace

void Document::add_stems(const std::vector<std::filesystem::path>& paths) {
    if (!sound())
        return say(tr("Open the song first: other sounds are laid under it"));
    jobs_.start<PlacedStems>(
        JobQueue::Decode, tr("Laying sounds under the song"),
        [paths, song = sound()->samples](const Progress& p) -> Result<PlacedStems> {
            PlacedStems placed;
            for (std::size_t i = 0; i < paths.size(); ++i) {
                const double from = static_cast<double>(i) / static_cast<double>(paths.size()),
                             until = static_cast<double>(i + 1) / static_cast<double>(paths.size());
                auto stem =
                    placed_stem(std::filesystem::absolute(paths[i]), *song, placed.told, p.part(from, until));
                if (stem)
                    placed.stems.push_back(*std::move(stem));
                else if (stem.error().cancelled())
                    return tl::unexpected(stem.error());
                else
                    placed.told << spoken(stem.error());
            }
            return placed;
        },
        [this](Result<PlacedStems> placed) {
            if (!placed)
                return say(spoken(placed.error()));
            if (!placed->stems.empty()) {
                Project next = with_stems(project(), placed->stems, kind_of(body_type<SoundBody>));
                if (placed->stems.size() > 1 && !project().song_track->muted) { // or all would be heard twice
                    SongTrack track = *project().song_track;
                    track.muted = true;
                    next = with_song_track(next, track);
                    placed->told << tr("The song itself is muted: M beside it brings it back.");
                }
                apply(std::move(next), tr("add sounds"));
            }
            say(placed->told.join("  "));
        });
}

void Document::write_sound(const SoundRecipe& sound, const std::filesystem::path& path) {
    jobs_.start<bool>(
        JobQueue::Write, tr("Writing %1").arg(display_name(path)),
        [sound, path, listening = sounds_.listening(),
         schedule = schedule()](const Progress& p) -> Result<bool> {
            const auto made = listening->sound(sound, p.part(0, 0.7));
            if (!made)
                return tl::unexpected(made.error());
            const auto& samples = *(*made)->samples;
            const auto cues = cues_of_piece(schedule, samples.format().sample_rate);
            if (auto written = write_sound_file(samples, path, p.part(0.7, 1), cues); !written)
                return tl::unexpected(written.error());
            return true;
        },
        [this, path](Result<bool> written) {
            say(written ? tr("Written: %1").arg(QString::fromStdString(path.string()))
                        : spoken(written.error()));
        });
}

void Document::add_sound(const std::filesystem::path& path, Seconds at) {
    if (!sound())
        return say(tr("Open the song first: other sounds are laid under it"));
    const auto full = std::filesystem::absolute(path);
    struct Found {
        Seconds duration;
        std::optional<VideoInfo> picture;
    };
    jobs_.start<Found>(
        JobQueue::Decode, tr("Opening %1").arg(display_name(full)),
        [full](const Progress& p) -> Result<Found> {
            auto loaded = load_sound(full, p);
            if (!loaded)
                return tl::unexpected(loaded.error());
            Found found{loaded->samples->duration(), std::nullopt};
            if (auto reader = VideoReader::open({full}))
                found.picture = reader->info();
            return found;
        },
        [this, full, at](Result<Found> found) {
            if (!found)
                return say(spoken(found.error()));
            Clip clip{{}, full.stem().string(),       full, found->duration, 0,
                      0,  found->picture.has_value(), true};
            if (found->picture) {
                clip.width = found->picture->width;
                clip.height = found->picture->height;
            }
            Project next = with_clips(project(), {clip});
            if (!next.first_lane(body_type<SoundBody>))
                next = with_lane(next, kind_of(body_type<SoundBody>), tr("Sound").toStdString());
            SoundBody body;
            body.sound = next.bin->back().id;
            body.length = found->duration;
            Pin pin{{}, TimeAnchor{at}, body, {}};
            if (next.grid)
                pin.anchor = MusicalAnchor{next.grid->nearest_tick(at),
                                           at - next.grid->time_at(next.grid->nearest_tick(at))};
            apply(with_pins(next, next.first_lane(body_type<SoundBody>)->id, {pin}), tr("add sound"));
        });
}

} // namespace pulsepin
