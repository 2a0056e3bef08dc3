// SPDX-License-Identifier: GPL-3.0-or-later
#include "document.h"

#include "media/video_reader.h"
#include "follow/song_sound.h"
#include "model/edits.h"
#include "model/within_limits.h"

#include <QDir>
#include <QFileInfo>
#include <cmath>
#include <utility>

namespace pulsepin {
namespace {

/// The same samples are wanted for both.
bool same_stretch(const Song& a, const Song& b) {
    return a.path == b.path && a.from == b.from && a.length == b.length;
}

constexpr int recovery_interval_ms = 20'000;
QString display_name(const std::filesystem::path& path) {
    return QString::fromStdString(path.filename().string());
}

bool is_picture(const std::filesystem::path& path) {
    static const QStringList endings{"png", "jpg", "jpeg", "bmp", "webp", "tif", "tiff"};
    return endings.contains(QFileInfo(QString::fromStdString(path.string())).suffix().toLower());
}

/// A folder stands for the films and pictures in it, by name.
std::vector<std::filesystem::path> with_folders_opened(const std::vector<std::filesystem::path>& paths) {
    static const QStringList films{"mp4", "mov", "webm", "mkv", "avi", "m4v", "mpg", "mpeg", "mxf", "ogv"};
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
            if (is_picture(inside) || films.contains(file.suffix().toLower()))
                out.push_back(inside);
        }
    }
    return out;
}

} // namespace

Document::Document(QObject* parent) : QObject(parent), history_(new_project()), ears_(*this) {
    derive();
    recovery_timer_.setInterval(recovery_interval_ms);
    connect(&recovery_timer_, &QTimer::timeout, this, [this] {
        if (std::exchange(recovery_due_, false))
            store_.keep_copy(project());
    });
    connect(&store_, &ProjectStore::copy_not_kept, this, [this] { recovery_due_ = unsaved(); });
    connect(&store_, &ProjectStore::changed, this, &Document::file_changed);
    recovery_timer_.start();
}

Document::~Document() = default;

// -- changes

namespace {

/// Whether all that a lane's places depend on, besides its own pins, is the same.
bool same_ground(const Project& a, const Project& b) {
    return a.settings == b.settings && a.song == b.song && a.grid == b.grid && a.bin == b.bin;
}

bool hangs_on_others(const Lane& lane) {
    return std::any_of(lane.pins.begin(), lane.pins.end(),
                       [](const Pin& pin) { return std::holds_alternative<MarkerAnchor>(pin.anchor); });
}

} // namespace

/// Only what changed is derived anew.
void Document::derive() {
    const Project& now = project();
    const PinLookup lookup(now);
    Schedule schedule;
    std::map<LaneId, LaneSpans> spans;
    const bool ground = same_ground(now, derived_);
    for (const auto& lane : now.lanes) {
        const auto before = std::find(derived_.lanes.begin(), derived_.lanes.end(), lane);
        if (ground && before != derived_.lanes.end() && !hangs_on_others(*lane)) {
            schedule.push_back(
                std::move(schedule_[static_cast<std::size_t>(before - derived_.lanes.begin())]));
            spans[lane->id] = std::move(spans_[lane->id]);
            continue;
        }
        schedule.push_back(resolve(now, *lane, lookup));
        spans[lane->id] = spans_of(now, *lane, schedule.back());
    }
    schedule_ = std::move(schedule);
    spans_ = std::move(spans);
    derived_ = now;
}

const LaneSpans& Document::spans(LaneId lane) const {
    static const LaneSpans none;
    const auto found = spans_.find(lane);
    return found == spans_.end() ? none : found->second;
}

const std::vector<ShotSpan>& Document::shown_shots() const {
    const Lane* lane = project().first_lane(LaneKind::Cut);
    return shots(lane ? lane->id : LaneId{});
}

void Document::project_changed() {
    derive();
    recovery_due_ = unsaved();
    load_sound_of_project();
    update_sum();
    update_followers();
    if (!spectrum_ && !spectrum_asked_)
        look_at_spectrum();
    emit changed();
    emit file_changed();
}

void Document::apply(Project next, const QString& name) {
    if (same_content(next, project()))
        return;
    if (auto trouble = beyond_limits(next, project()))
        return say(QString::fromStdString(trouble->message()));
    history_.push(std::move(next), name.toStdString());
    project_changed();
}

bool Document::apply(Result<Project> next, const QString& name) {
    if (!next) {
        say(QString::fromStdString(next.error().message()));
        return false;
    }
    apply(*std::move(next), name);
    return true;
}

void Document::undo() {
    if (!can_undo())
        return;
    say(tr("Undone: %1").arg(undo_name()));
    history_.undo();
    project_changed();
}

void Document::redo() {
    if (!can_redo())
        return;
    say(tr("Done again: %1").arg(redo_name()));
    history_.redo();
    project_changed();
}

QString Document::undo_name() const {
    return can_undo() ? QString::fromStdString(history_.undo_name()) : QString();
}
QString Document::redo_name() const {
    return can_redo() ? QString::fromStdString(history_.redo_name()) : QString();
}

// -- song and clips

void Document::open_song(const std::filesystem::path& path) {
    const auto session = session_;
    const auto full = std::filesystem::absolute(path);
    jobs_.start<LoadedSound>(
        tr("Opening %1").arg(display_name(full)), [full](const Progress& p) { return load_sound(full, p); },
        [this, session](Result<LoadedSound> loaded) {
            if (session != session_)
                return;
            if (!loaded) {
                if (!loaded.error().cancelled())
                    say(QString::fromStdString(loaded.error().message()));
                else
                    say(tr("Opening was cancelled"));
                return;
            }
            const int damaged = loaded->damaged_packets;
            Song song{loaded->path, loaded->path.stem().string(), loaded->samples->format().sample_rate,
                      loaded->samples->length(), loaded->fingerprint};
            loaded_ = song;
            take_sound(std::move(*loaded));
            apply(with_song(project(), std::move(song)), tr("open song"));
            if (damaged > 0)
                say(tr("Parts of the song are damaged and were left out"));
            detect({}, true);
        });
}

const std::vector<BarTrust>& Document::trust() const {
    const auto& p = project();
    if (trust_grid_ != p.grid || trust_found_ != p.detection) {
        trust_grid_ = p.grid;
        trust_found_ = p.detection;
        trust_ =
            p.grid && p.detection ? trust_by_bar(*p.grid, p.detection->onsets()) : std::vector<BarTrust>();
    }
    return trust_;
}

void Document::detect(const GridConditions& conditions, bool take_grid) {
    ears_.detect(conditions, take_grid);
}

void Document::add_clips(const std::vector<std::filesystem::path>& paths) {
    const auto session = session_;
    struct Outcome {
        std::vector<Clip> clips;
        QStringList refused;
    };
    jobs_.start<Outcome>(
        tr("Opening shots"),
        [given = paths](const Progress& p) -> Result<Outcome> {
            Outcome outcome;
            const auto files = with_folders_opened(given);
            if (files.empty())
                outcome.refused << tr("There are no shots in that folder.");
            for (std::size_t i = 0; i < files.size(); ++i) {
                if (p.cancelled())
                    return fail_cancelled();
                p.report(static_cast<double>(i) / static_cast<double>(files.size()));
                const auto full = std::filesystem::absolute(files[i]);
                if (auto reader = VideoReader::open(full)) {
                    const bool still = is_picture(full);
                    outcome.clips.push_back({{},
                                             full.stem().string(),
                                             full,
                                             still ? Seconds(0) : reader->info().duration,
                                             reader->info().width,
                                             reader->info().height,
                                             true,
                                             !still && AudioDecoder::open(full).has_value(),
                                             still});
                } else
                    outcome.refused << QString::fromStdString(reader.error().message());
            }
            return outcome;
        },
        [this, session](Result<Outcome> outcome) {
            if (session != session_)
                return;
            if (!outcome)
                return say(QString::fromStdString(outcome.error().message()));
            if (!outcome->clips.empty())
                apply(with_clips(project(), outcome->clips), tr("add shots"));
            if (!outcome->refused.isEmpty())
                say(outcome->refused.join("  "));
            else
                say(tr("%n shots added", nullptr, static_cast<int>(outcome->clips.size())));
        });
}

void Document::take_sound(std::optional<LoadedSound> sound) {
    if (!sound && !sound_)
        return;
    if (!sound)
        loaded_.reset();
    sound_ = std::move(sound);
    ears_.forget();
    sum_.reset();
    summed_ = Summed{};
    sources_.clear(); // they were resampled for another song's rate
    sources_asked_.clear();
    spectrum_ = nullptr;
    spectrum_asked_ = false;
    tracks_.clear();
    followed_.reset();
    emit sound_changed();
    look_at_spectrum();
    update_sum();
    update_followers();
}

/// Curves that follow the music are computed in the background; what came meanwhile is computed after it.
void Document::update_followers() {
    const Project& now = project();
    const auto sound = sound_ ? sound_->samples : nullptr;
    if (followed_ && follows_the_same(*followed_, now) && followed_sound_ == sound)
        return;
    followed_ = now;
    followed_sound_ = sound;
    followers_current_ = !has_followers(now);
    if (followers_current_) {
        followers_.clear();
        return emit followers_changed();
    }
    struct Followed {
        FollowerCurves curves;
        LevelTracks tracks;
    };
    jobs_.start<Followed>(
        tr("Following the music"),
        [now, sound, tracks = tracks_](const Progress& p) -> Result<Followed> {
            Followed followed{{}, tracks};
            auto curves = follow(now, sound.get(), followed.tracks, p);
            if (!curves)
                return tl::unexpected(curves.error());
            followed.curves = *std::move(curves);
            return followed;
        },
        [this, now, sound](Result<Followed> followed) {
            if (!followed) {
                followed_.reset(); // asked for again with the next change
                if (!followed.error().cancelled())
                    say(QString::fromStdString(followed.error().message()));
                return;
            }
            if (followed_sound_ == sound)
                for (auto& [spec, track] : followed->tracks)
                    tracks_.insert_or_assign(spec, track);
            if (!followed_ || !follows_the_same(*followed_, now) || followed_sound_ != sound)
                return; // something newer is on its way
            followers_ = std::move(followed->curves);
            followers_current_ = true;
            emit followers_changed();
        });
}

void Document::look_at_spectrum() {
    const auto* now = heard();
    if (!now)
        return;
    spectrum_asked_ = true;
    jobs_.start<SpectrumMap>(
        tr("Drawing the spectrum"),
        [samples = now->samples](const Progress& p) { return make_spectrum_map(*samples, p); },
        [this, samples = now->samples](Result<SpectrumMap> map) {
            if (!heard() || heard()->samples != samples)
                return;
            if (!map) {
                spectrum_asked_ = !map.error().cancelled(); // asked for again with the next change
                return;
            }
            spectrum_ = std::make_shared<const SpectrumMap>(*std::move(map));
            emit spectrum_changed();
        });
}

void Document::load_sound_of_project() {
    if (!project().song) {
        loading_.reset();
        take_sound(std::nullopt);
        return;
    }
    const Song wanted = *project().song;
    if ((loaded_ && same_stretch(*loaded_, wanted)) || (loading_ && same_stretch(*loading_, wanted)))
        return;
    take_sound(std::nullopt);
    loading_ = wanted;
    const auto session = session_;
    jobs_.start<LoadedSound>(
        tr("Opening %1").arg(display_name(wanted.path)),
        [wanted](const Progress& p) { return load_song(wanted, p); },
        [this, session, wanted](Result<LoadedSound> loaded) {
            if (session != session_ || !loading_ || !same_stretch(*loading_, wanted))
                return;
            loading_.reset();
            if (!loaded) {
                if (!loaded.error().cancelled())
                    say(tr("The song is not there. %1")
                            .arg(QString::fromStdString(loaded.error().message())));
                return;
            }
            const bool same = wanted.fingerprint.empty() || loaded->fingerprint == wanted.fingerprint;
            loaded_ = wanted;
            take_sound(std::move(*loaded));
            if (!same)
                say(tr(
                    "The song's file has changed since this project was saved: check the grid against it"));
        });
}

// -- sound lanes

const LoadedSound* Document::source(ClipId clip) const {
    const auto found = sources_.find(clip);
    return found == sources_.end() ? nullptr : &found->second;
}

void Document::load_source(const Clip& clip) {
    if (!sources_asked_.insert(clip.id).second)
        return;
    const auto session = session_;
    const std::int64_t rate = sound_->samples->format().sample_rate;
    jobs_.start<LoadedSound>(
        tr("Opening %1").arg(display_name(clip.path)),
        [path = clip.path, rate](const Progress& p) {
            LoadOptions options;
            options.sample_rate = rate;
            return load_sound(path, p, options);
        },
        [this, session, id = clip.id, song = sound_->samples](Result<LoadedSound> loaded) {
            if (session != session_ || !sound_ || sound_->samples != song)
                return;
            if (!loaded) {
                if (loaded.error().cancelled())
                    sources_asked_.erase(id); // asked for again with the next change
                return say(QString::fromStdString(loaded.error().message()));
            }
            sources_[id] = std::move(*loaded);
            update_sum();
            emit heard_changed();
        });
}

void Document::update_sum() {
    if (!sound_)
        return;
    auto parts = heard_parts(project(), schedule_);
    bool all_there = true;
    for (const auto& lane : project().lanes)
        for (const auto& pin : lane->pins)
            if (const auto* body = std::get_if<SoundBody>(&pin.body); body && !source(body->sound)) {
                if (const Clip* clip = project().clip(body->sound))
                    load_source(*clip);
                all_there = false;
            }
    const bool with_song = song_is_heard(project());
    const Summed wanted{parts, with_song};
    if (!all_there || wanted == summed_)
        return;
    summed_ = wanted;
    if (parts.empty() && with_song) {
        sum_.reset();
        emit heard_changed();
        return look_at_spectrum();
    }
    const std::int64_t rate = sound_->samples->format().sample_rate;
    const auto samples_of = [rate](Seconds time) {
        return Samples(std::llround(time.value * static_cast<double>(rate)));
    };
    const auto shape = [](FadeCurve curve) {
        return curve == FadeCurve::Linear ? FadeShape::Linear : FadeShape::EqualPower;
    };
    std::vector<MixPart> mix;
    if (with_song)
        mix.push_back({sound_->samples, Samples(0), Samples(0), sound_->samples->length(), 1, {}, {}});
    for (const auto& part : parts)
        mix.push_back({source(part.body.sound)->samples, samples_of(part.start),
                       samples_of(part.body.in_point), samples_of(part.body.length),
                       static_cast<float>(std::pow(10.0, part.body.gain_db / 20)),
                       samples_of(part.body.fade_in), samples_of(part.body.fade_out),
                       shape(part.body.curve_in), shape(part.body.curve_out)});
    jobs_.start<LoadedSound>(
        tr("Mixing"),
        [mix, rate, length = sound_->samples->length()](const Progress& p) {
            return mix_down(mix, rate, length, p);
        },
        [this, wanted, song = sound_->samples](Result<LoadedSound> sum) {
            if (!sound_ || sound_->samples != song || wanted != summed_)
                return; // something newer is on its way
            if (!sum) {
                summed_.reset(); // asked for again with the next change
                return say(QString::fromStdString(sum.error().message()));
            }
            sum_ = std::move(*sum);
            emit heard_changed();
            look_at_spectrum();
        });
}

void Document::add_sound(const std::filesystem::path& path, Seconds at) {
    if (!sound_)
        return say(tr("Open the song first: other sounds are laid under it"));
    const auto session = session_;
    const auto full = std::filesystem::absolute(path);
    struct Found {
        Seconds duration;
        std::optional<VideoInfo> picture;
    };
    jobs_.start<Found>(
        tr("Opening %1").arg(display_name(full)),
        [full](const Progress& p) -> Result<Found> {
            auto loaded = load_sound(full, p);
            if (!loaded)
                return tl::unexpected(loaded.error());
            Found found{loaded->samples->duration(), std::nullopt};
            if (auto reader = VideoReader::open(full))
                found.picture = reader->info();
            return found;
        },
        [this, session, full, at](Result<Found> found) {
            if (session != session_)
                return;
            if (!found)
                return say(QString::fromStdString(found.error().message()));
            Clip clip{{}, full.stem().string(),       full, found->duration, 0,
                      0,  found->picture.has_value(), true};
            if (found->picture) {
                clip.width = found->picture->width;
                clip.height = found->picture->height;
            }
            Project next = with_clips(project(), {clip});
            if (!next.first_lane(LaneKind::Sound))
                next = with_lane(next, LaneKind::Sound, tr("Sound").toStdString());
            SoundBody body;
            body.sound = next.bin->back().id;
            body.length = found->duration;
            Pin pin{{}, TimeAnchor{at}, body, {}};
            if (next.grid)
                pin.anchor = MusicalAnchor{next.grid->nearest_tick(at),
                                           at - next.grid->time_at(next.grid->nearest_tick(at))};
            apply(with_pins(next, next.first_lane(LaneKind::Sound)->id, {pin}), tr("add sound"));
        });
}

} // namespace pulsepin
