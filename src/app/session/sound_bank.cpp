// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/sound_bank.h"

#include "follow/song_sound.h"
#include "session/core_words.h"
#include "session/sound_cache.h"

#include <algorithm>
#include <cmath>
#include <utility>

namespace pulsepin {
namespace {

QString opening(const std::filesystem::path& path) {
    return SoundBank::tr("Opening %1").arg(QString::fromStdString(path.filename().string()));
}

QString words(const Error& error) {
    return spoken(error);
}

/// What is longer is heard all the same, but drawn as the song is: its sum would fill gigabytes.
constexpr Seconds longest_drawn_sum{1800};

/// Nothing of it differs from the song itself.
bool is_song_alone(const MixPlan& plan, const std::shared_ptr<const SampleStore>& song) {
    return plan == plan_of(song);
}

} // namespace

SoundBank::SoundBank(Jobs& jobs, QObject* parent)
    : QObject(parent), jobs_(jobs), song_(jobs,
                                          [](const Stretch& wanted) {
                                              return Background<Stretch, LoadedSound>::Work{
                                                  JobQueue::Decode, opening(wanted.path),
                                                  [wanted](const Progress& p) -> Result<LoadedSound> {
                                                      Song song;
                                                      song.path = wanted.path;
                                                      song.from = wanted.from;
                                                      song.length = wanted.length;
                                                      return load_song(song, p, true, sound_cache::shelf());
                                                  }};
                                          }),
      kept_outline_(jobs,
                    [](const std::string& fingerprint) {
                        return Background<std::string, SoundOutline>::Work{
                            JobQueue::Follow, tr("Drawing the song"),
                            [fingerprint](const Progress&) -> Result<SoundOutline> {
                                if (auto kept = sound_cache::outline(fingerprint))
                                    return *std::move(kept);
                                return fail_cancelled(); // it comes with the samples
                            }};
                    }),
      mix_(jobs,
           [](const MixPlan& wanted) {
               return Background<MixPlan, LoadedSound>::Work{
                   JobQueue::Mix, tr("Mixing"), [wanted](const Progress& p) { return mix_down(wanted, p); }};
           }),
      listening_(
          std::make_shared<Listening>([](const std::string& key) { return sound_cache::level_shelf(key); })),
      part_(jobs,
            [this](const SoundRecipe& wanted) {
                return Background<SoundRecipe, LoadedSound>::Work{
                    JobQueue::Follow, tr("Taking a part out of the sound"),
                    [wanted, listening = listening_](const Progress& p) -> Result<LoadedSound> {
                        return listening->sound(wanted, p).map([](const auto& made) { return *made; });
                    }};
            }),
      spectrum_(jobs, [this](const SpectrumKey& wanted) {
          return Background<SpectrumKey, SpectrumMap>::Work{
              JobQueue::Follow, tr("Drawing the spectrum"),
              [wanted, listening = listening_](const Progress& p) -> Result<SpectrumMap> {
                  if (auto kept = wanted.kept ? sound_cache::spectrum(wanted.fingerprint) : std::nullopt)
                      return *std::move(kept);
                  if (wanted.part)
                      return listening->sound(*wanted.part, p.part(0, 0.5)).and_then([&](const auto& made) {
                          return make_spectrum_map(*made->samples, p.part(0.5, 1));
                      });
                  if (!wanted.samples)
                      return fail_cancelled(); // it comes when they are there
                  auto map = make_spectrum_map(*wanted.samples, p);
                  if (map && wanted.kept)
                      sound_cache::keep(wanted.fingerprint, *map);
                  return map;
              }};
      }) {
    connect_parts();
}

void SoundBank::connect_parts() {
    connect(&song_, &BackgroundSignals::ready, this, &SoundBank::song_is_there);
    connect(&song_, &BackgroundSignals::failed, this,
            [this](const Error& error) { emit said(tr("The song is not there. %1").arg(words(error))); });
    connect(&kept_outline_, &BackgroundSignals::ready, this, &SoundBank::heard_changed);
    connect(&mix_, &BackgroundSignals::ready, this, [this] {
        mixed_ = true;
        emit heard_changed();
        want_spectrum();
    });
    connect(&mix_, &BackgroundSignals::failed, this, [this](const Error& error) { emit said(words(error)); });
    connect(&part_, &BackgroundSignals::failed, this,
            [this](const Error& error) { emit said(words(error)); });
    connect(&spectrum_, &BackgroundSignals::ready, this, &SoundBank::spectrum_changed);
}

SoundBank::~SoundBank() = default;

const LoadedSound* SoundBank::source(ClipId clip) const {
    const auto found = sources_.find(clip);
    return found == sources_.end() ? nullptr : found->second->value().get();
}

const LoadedSound* SoundBank::heard() const {
    return mixed_ && mix_.value() ? mix_.value().get() : song();
}

std::shared_ptr<const SoundOutline> SoundBank::outline() const {
    const auto* sound = heard();
    return sound ? sound->outline : kept_outline_.value();
}

void SoundBank::clear() {
    const bool was_there = song() || outline();
    song_.clear();
    kept_outline_.clear();
    sources_.clear(); // they were resampled for another song's rate
    mix_.clear();
    mixed_ = false;
    plan_ = nullptr;
    part_.clear();
    alone_.reset();
    listened_ = {};
    spectrum_.clear();
    if (was_there)
        emit song_changed();
}

void SoundBank::give(const Song& song, LoadedSound sound) {
    clear();
    song_.put({song.path, song.from, song.length, song.fingerprint},
              std::make_shared<const LoadedSound>(std::move(sound)));
}

void SoundBank::want(const Schedule& schedule) {
    schedule_ = schedule;
    const Project& project = schedule.project();
    needed_.clear();
    for (const auto& lane : project.lanes)
        if (holds<SoundBody>(lane->kind))
            for (const auto& pin : lane->pins)
                if (const auto* body = body_if<SoundBody>(&pin.body))
                    if (const Clip* clip = project.clip(body->sound))
                        needed_.push_back(*clip);
    if (!project.song) {
        if (song_.wanted())
            clear();
        return;
    }
    want_song(*project.song);
    want_sources();
    want_spectrum();
}

void SoundBank::want_song(const Song& song) {
    const Stretch stretch{song.path, song.from, song.length, song.fingerprint};
    if (song_.wanted() && song_.wanted() != stretch)
        clear();
    song_.want(stretch);
    if (song_.value())
        return;
    if (sound_cache::has_outline(song.fingerprint))
        kept_outline_.want(song.fingerprint);
    if (sound_cache::has_spectrum(song.fingerprint))
        spectrum_.want({nullptr, std::nullopt, song.fingerprint, true});
}

/// What it draws and plays is there the next time, too; nobody waits until that is on the disk.
void SoundBank::keep(const std::shared_ptr<const LoadedSound>& sound) {
    if (!sound->from_shelf)
        disk_.post([sound]() -> std::function<void()> {
            sound_cache::keep(*sound);
            return {};
        });
}

void SoundBank::song_is_there() {
    keep(song_.value());
    const auto& expected = song_.wanted()->fingerprint;
    const bool same = expected.empty() || song()->fingerprint == expected;
    kept_outline_.clear();
    if (!same || !spectrum_.is_current())
        spectrum_.clear();
    set_plan(heard_plan(schedule_, sounds()));
    emit song_changed();
    want_sources();
    want_spectrum();
    if (!same)
        emit said(tr("The song's file has changed since this project was saved: check the grid against it"));
}

SoundBank::Source& SoundBank::source_of(ClipId clip) {
    auto& source = sources_[clip];
    if (!source) {
        source = std::make_unique<Source>(jobs_, [](const SourceKey& wanted) {
            return Source::Work{JobQueue::Decode, opening(wanted.path), [wanted](const Progress& p) {
                                    LoadOptions options;
                                    options.sample_rate = wanted.sample_rate;
                                    options.shelf = sound_cache::shelf();
                                    return load_sound(wanted.path, p, options);
                                }};
        });
        connect(source.get(), &BackgroundSignals::ready, this, [this, made = source.get()] {
            keep(made->value());
            mix_what_is_there();
            emit sounds_changed();
            emit heard_changed();
        });
        connect(source.get(), &BackgroundSignals::failed, this, [this](const Error& error) {
            emit said(words(error));
            mix_what_is_there();
        });
    }
    return *source;
}

void SoundBank::want_sources() {
    if (!song())
        return;
    for (const auto& clip : needed_)
        source_of(clip.id).want({clip.path, song()->samples->format().sample_rate});
    mix_what_is_there();
}

/// Waits for sounds that are on their way; those that cannot be had are left out.
void SoundBank::mix_what_is_there() {
    if (!song())
        return;
    MixPlan plan = heard_plan(schedule_, sounds());
    if (alone_)
        make_alone();
    else
        set_plan(plan);
    if (std::any_of(needed_.begin(), needed_.end(),
                    [this](const Clip& clip) { return source_of(clip.id).under_way(); }))
        return;
    if (is_song_alone(plan, song()->samples) || plan.duration() > longest_drawn_sum) {
        mix_.clear();
        if (std::exchange(mixed_, false))
            emit heard_changed();
        return;
    }
    mix_.want(std::move(plan));
}

void SoundBank::set_plan(MixPlan plan) {
    if (plan_ && *plan_ == plan)
        return;
    plan_ = std::make_shared<const MixPlan>(std::move(plan));
    emit plan_changed();
}

ProjectSounds SoundBank::sounds() const {
    ProjectSounds sounds;
    if (!song())
        return sounds;
    sounds.song = {song()->samples, song()->fingerprint};
    for (const auto& [clip, source] : sources_)
        if (source->value())
            sounds.clips[clip] = {source->value()->samples, source->value()->fingerprint};
    return sounds;
}

Result<SoundRecipe> SoundBank::recipe(const Listened& listened, double from_hz, double until_hz) const {
    return recipe_for(listened, schedule_, sounds(), from_hz, until_hz);
}

void SoundBank::listen_to(const Listened& listened) {
    if (listened == listened_)
        return;
    listened_ = listened;
    want_spectrum();
    if (alone_)
        hear_alone(Alone{listened, 0, 0});
    emit listened_changed();
}

void SoundBank::hear_alone(const std::optional<Alone>& alone) {
    if (alone == alone_)
        return;
    alone_ = alone;
    mix_what_is_there();
    emit listened_changed();
}

void SoundBank::make_alone() {
    const auto wanted = recipe(alone_->of, alone_->from_hz, alone_->until_hz);
    if (!wanted) {
        emit said(words(wanted.error()));
        return hear_all_again();
    }
    part_.ask(*wanted, [this, recipe = *wanted](const Result<std::shared_ptr<const LoadedSound>>& made) {
        if (!alone_ || part_.wanted() != recipe) // something else is meant by now
            return;
        if (made)
            set_plan(plan_of((*made)->samples));
        else // cancelled, or there was no room: nothing pretends to be heard alone
            hear_all_again();
    });
}

void SoundBank::hear_all_again() {
    alone_.reset();
    set_plan(heard_plan(schedule_, sounds()));
    emit listened_changed();
}

void SoundBank::want_spectrum() {
    const auto* now = heard();
    if (!now)
        return;
    if (listened_ != Listened{})
        if (auto part = recipe(listened_)) {
            const std::string key = part->key;
            return spectrum_.want({nullptr, *std::move(part), key, false});
        }
    spectrum_.want({now->samples, std::nullopt, now->fingerprint, now == song()});
}

} // namespace pulsepin
