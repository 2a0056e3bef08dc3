// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "analysis/spectrum_map.h"
#include "media/load_sound.h"
#include "media/mix_down.h"
#include "schedule/sound_parts.h"
#include "session/background.h"

#include <map>

namespace pulsepin {

/// The sounds of the open project: its song, the sounds laid under it, their sum, and how the sum looks. All
/// of it is fetched in the background; what was drawn of a song before is drawn at once.
class SoundBank : public QObject {
    Q_OBJECT
public:
    explicit SoundBank(Jobs& jobs, QObject* parent = nullptr);
    ~SoundBank() override;

    /// Fetches what the project needs and is not there, and lets go of what it does not need.
    void want(const Schedule& schedule);
    /// The samples of a song that the project will have next: they were decoded already.
    void give(const Song& song, LoadedSound sound);
    void clear();

    /// The song's; null until it is decoded.
    [[nodiscard]] const LoadedSound* song() const { return song_.value().get(); }
    /// A sound of the bin at the song's rate; null until it is there.
    [[nodiscard]] const LoadedSound* source(ClipId clip) const;
    /// What is heard: the song, or its sum with the sound lanes. Null until it is there.
    [[nodiscard]] const LoadedSound* heard() const;
    /// What is drawn: how heard() looks, or how the song looked before it was decoded. Null where neither is
    /// known.
    [[nodiscard]] std::shared_ptr<const SoundOutline> outline() const;
    /// Of what is heard; null until it was computed.
    [[nodiscard]] std::shared_ptr<const SpectrumMap> spectrum() const { return spectrum_.value(); }

signals:
    void song_changed();  ///< it is there, or gone
    void heard_changed(); ///< the mix or its outline, not the song
    void spectrum_changed();
    void said(const QString& message);

private:
    void connect_parts();
    /// The same samples of a file.
    struct Stretch {
        std::filesystem::path path;
        Samples from, length;
        std::string fingerprint; ///< what is expected; told of, not compared
        friend bool operator==(const Stretch& a, const Stretch& b) {
            return a.path == b.path && a.from == b.from && a.length == b.length;
        }
    };
    struct SourceKey {
        std::filesystem::path path;
        std::int64_t sample_rate = 0;
        friend bool operator==(const SourceKey&, const SourceKey&) = default;
    };
    /// Parts with the samples that they are cut from.
    struct MixKey {
        std::vector<SoundPart> parts;
        std::vector<std::shared_ptr<const SampleStore>> samples; ///< of each part
        std::shared_ptr<const SampleStore> song;
        bool with_song = true;
        friend bool operator==(const MixKey&, const MixKey&) = default;
    };
    struct SpectrumKey {
        std::shared_ptr<const SampleStore> samples; ///< null: as it was kept
        std::string fingerprint;
        bool kept = false; ///< on the disk: of songs, not of each mix
        friend bool operator==(const SpectrumKey& a, const SpectrumKey& b) {
            return a.fingerprint == b.fingerprint;
        }
    };
    using Source = Background<SourceKey, LoadedSound>;

    void want_song(const Song& song);
    void song_is_there();
    void want_sources();
    void mix_what_is_there();
    void want_spectrum();
    [[nodiscard]] Source& source_of(ClipId clip);

    Jobs& jobs_;
    Background<Stretch, LoadedSound> song_;
    Background<std::string, SoundOutline> kept_outline_; ///< by fingerprint
    std::map<ClipId, std::unique_ptr<Source>> sources_;
    Background<MixKey, LoadedSound> mix_;
    bool mixed_ = false; ///< heard() is not the song alone
    Background<SpectrumKey, SpectrumMap> spectrum_;
    std::vector<Clip> needed_;     ///< whose sounds lie in sound lanes
    std::vector<SoundPart> parts_; ///< of them, as they are heard
    bool with_song_ = true;
};

} // namespace pulsepin
