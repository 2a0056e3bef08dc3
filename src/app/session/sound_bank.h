// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "analysis/spectrum_map.h"
#include "follow/listening.h"
#include "session/background.h"
#include "session/disk_thread.h"

#include <map>

namespace pulsepin {

/// The sounds of the open project: its song, the sounds laid under it, how they are heard together, what is
/// listened to of them, and how the sum looks. All that takes long is done in the background; a change of how
/// they are mixed is heard at once, and what was drawn of a song before is drawn at once.
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
    /// How all that is there is heard; or what is heard alone. Null until the song is there.
    [[nodiscard]] std::shared_ptr<const MixPlan> plan() const { return plan_; }
    /// The sum, as it is drawn: the song, or what it is mixed to. Null until it is there.
    [[nodiscard]] const LoadedSound* heard() const;
    /// All that is decoded.
    [[nodiscard]] ProjectSounds sounds() const;
    [[nodiscard]] const std::shared_ptr<Listening>& listening() const { return listening_; }

    // -- what is listened to: by detection, and by the person
    void listen_to(const Listened& listened);
    [[nodiscard]] const Listened& listened() const { return listened_; }
    /// How that is made of what is there; fails, telling why, where it is not.
    [[nodiscard]] Result<SoundRecipe> recipe(const Listened& listened, double from_hz = 0,
                                             double until_hz = 0) const;
    /// A part that is heard by itself, in the place of all that sounds; none: all of it again.
    struct Alone {
        Listened of;
        double from_hz = 0, until_hz = 0;
        friend bool operator==(const Alone&, const Alone&) = default;
    };
    void hear_alone(const std::optional<Alone>& alone);
    [[nodiscard]] const std::optional<Alone>& alone() const { return alone_; }
    /// What is drawn: how heard() looks, or how the song looked before it was decoded. Null where neither is
    /// known.
    [[nodiscard]] std::shared_ptr<const SoundOutline> outline() const;
    /// Of what is heard; null until it was computed.
    [[nodiscard]] std::shared_ptr<const SpectrumMap> spectrum() const { return spectrum_.value(); }

signals:
    void song_changed();     ///< it is there, or gone
    void plan_changed();     ///< how it is mixed, or what is heard alone
    void heard_changed();    ///< the sum or its outline, not the song
    void sounds_changed();   ///< one beside the song is there, or gone
    void listened_changed(); ///< what is listened to or heard alone
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
    struct SpectrumKey {
        std::shared_ptr<const SampleStore> samples; ///< null: as it was kept, or of a part
        std::optional<SoundRecipe> part;            ///< that is made first
        std::string fingerprint;
        bool kept = false; ///< on the disk: of songs, not of each mix
        friend bool operator==(const SpectrumKey& a, const SpectrumKey& b) {
            return a.fingerprint == b.fingerprint;
        }
    };
    using Source = Background<SourceKey, LoadedSound>;

    void want_song(const Song& song);
    void song_is_there();
    void keep(const std::shared_ptr<const LoadedSound>& sound);
    void want_sources();
    void mix_what_is_there();
    void make_alone();
    void hear_all_again();
    void set_plan(MixPlan plan);
    void want_spectrum();
    [[nodiscard]] Source& source_of(ClipId clip);

    Jobs& jobs_;
    Background<Stretch, LoadedSound> song_;
    Background<std::string, SoundOutline> kept_outline_; ///< by fingerprint
    std::map<ClipId, std::unique_ptr<Source>> sources_;
    Background<MixPlan, LoadedSound> mix_; ///< to be drawn
    bool mixed_ = false;                   ///< heard() is not the song as it is
    std::shared_ptr<const MixPlan> plan_;
    std::shared_ptr<Listening> listening_;
    Listened listened_;
    std::optional<Alone> alone_;
    Background<SoundRecipe, LoadedSound> part_; ///< that is heard alone
    Background<SpectrumKey, SpectrumMap> spectrum_;
    Schedule schedule_;
    std::vector<Clip> needed_; ///< whose sounds lie in sound lanes
    DiskThread disk_;          ///< where sounds are kept for the next time
};

} // namespace pulsepin
