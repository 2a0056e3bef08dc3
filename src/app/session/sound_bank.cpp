// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/sound_bank.h"

#include "follow/song_sound.h"
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
    return QString::fromStdString(error.message());
}

FadeShape shape_of(FadeCurve curve) {
    return curve == FadeCurve::Linear ? FadeShape::Linear : FadeShape::EqualPower;
}

MixPart mix_part(const SoundPart& part, std::shared_ptr<const SampleStore> samples, std::int64_t rate) {
    const auto samples_of = [rate](Seconds time) {
        return Samples(std::llround(time.value * static_cast<double>(rate)));
    };
    const auto& body = part.body;
    return {std::move(samples),
            samples_of(part.start),
            samples_of(body.in_point),
            samples_of(body.length),
            static_cast<float>(std::pow(10.0, body.gain_db / 20)),
            samples_of(body.fade_in),
            samples_of(body.fade_out),
            shape_of(body.curve_in),
            shape_of(body.curve_out)};
}

} // namespace

SoundBank::SoundBank(Jobs& jobs, QObject* parent)
    : QObject(parent), jobs_(jobs),
      song_(jobs,
            [](const Stretch& wanted) {
                return Background<Stretch, LoadedSound>::Work{
                    JobQueue::Decode, opening(wanted.path),
                    [wanted](const Progress& p) -> Result<LoadedSound> {
                        Song song;
                        song.path = wanted.path;
                        song.from = wanted.from;
                        song.length = wanted.length;
                        return load_song(song, p).map(sound_cache::with_outline_kept);
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
           [](const MixKey& wanted) {
               const std::int64_t rate = wanted.song->format().sample_rate;
               std::vector<MixPart> mix;
               if (wanted.with_song)
                   mix.push_back({wanted.song, Samples(0), Samples(0), wanted.song->length(), 1, {}, {}});
               for (std::size_t i = 0; i < wanted.parts.size(); ++i)
                   mix.push_back(mix_part(wanted.parts[i], wanted.samples[i], rate));
               return Background<MixKey, LoadedSound>::Work{
                   JobQueue::Mix, tr("Mixing"),
                   [mix, rate, length = wanted.song->length()](const Progress& p) {
                       return mix_down(mix, rate, length, p);
                   }};
           }),
      spectrum_(jobs, [](const SpectrumKey& wanted) {
          return Background<SpectrumKey, SpectrumMap>::Work{
              JobQueue::Follow, tr("Drawing the spectrum"),
              [wanted](const Progress& p) -> Result<SpectrumMap> {
                  if (auto kept = wanted.kept ? sound_cache::spectrum(wanted.fingerprint) : std::nullopt)
                      return *std::move(kept);
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
    spectrum_.clear();
    if (was_there)
        emit song_changed();
}

void SoundBank::give(const Song& song, LoadedSound sound) {
    clear();
    auto outline = sound.outline;
    song_.put({song.path, song.from, song.length, song.fingerprint},
              std::make_shared<const LoadedSound>(std::move(sound)));
}

void SoundBank::want(const Schedule& schedule) {
    const Project& project = schedule.project();
    needed_.clear();
    for (const auto& lane : project.lanes)
        for (const auto& pin : lane->pins)
            if (const auto* body = std::get_if<SoundBody>(&pin.body))
                if (const Clip* clip = project.clip(body->sound))
                    needed_.push_back(*clip);
    parts_ = heard_parts(schedule);
    with_song_ = song_is_heard(project);
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
        spectrum_.want({nullptr, song.fingerprint, true});
}

void SoundBank::song_is_there() {
    const auto& expected = song_.wanted()->fingerprint;
    const bool same = expected.empty() || song()->fingerprint == expected;
    kept_outline_.clear();
    if (!same || !spectrum_.is_current())
        spectrum_.clear();
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
                                    return load_sound(wanted.path, p, options);
                                }};
        });
        connect(source.get(), &BackgroundSignals::ready, this, [this] {
            mix_what_is_there();
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
    if (!song() || std::any_of(needed_.begin(), needed_.end(),
                               [this](const Clip& clip) { return source_of(clip.id).under_way(); }))
        return;
    MixKey wanted{{}, {}, song()->samples, with_song_};
    for (const auto& part : parts_)
        if (const auto* sound = source(part.body.sound)) {
            wanted.parts.push_back(part);
            wanted.samples.push_back(sound->samples);
        }
    if (wanted.parts.empty() && wanted.with_song) {
        mix_.clear();
        if (std::exchange(mixed_, false))
            emit heard_changed();
        return;
    }
    mix_.want(std::move(wanted));
}

void SoundBank::want_spectrum() {
    if (const auto* now = heard())
        spectrum_.want({now->samples, now->fingerprint, now == song()});
}

} // namespace pulsepin
