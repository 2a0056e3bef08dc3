// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "media/mix_down.h"
#include "play/audio_output.h"
#include "play/level_meter.h"
#include "time/beat_grid.h"

#include <QObject>
#include <QTimer>
#include <memory>
#include <optional>
#include <string>

namespace pulsepin {

/// Plays the song with a click, and tells where in it the sound is that is heard at this moment.
class Player : public QObject {
    Q_OBJECT
public:
    enum class Device { System, None };
    explicit Player(Device device, QObject* parent = nullptr);
    ~Player() override;

    void set_sound(std::shared_ptr<const MixPlan> sound);
    void set_sound(std::shared_ptr<const SampleStore> sound); ///< that and nothing else
    /// The same music mixed otherwise: playing goes on, and what sounds now changes at once.
    void replace_sound(std::shared_ptr<const MixPlan> sound);
    void set_grid(const BeatGrid* grid);
    /// Heard besides the beats, as loud as they are.
    struct Event {
        Seconds at;
        int sound = 1; ///< of click_sounds(), from 1 on
        friend bool operator==(const Event&, const Event&) = default;
    };
    void set_events(std::vector<Event> events);
    void set_music_volume(double share); ///< 0 to 1, as a slider shows it
    void set_click_volume(double share);
    void set_music_muted(bool muted);
    void set_click_muted(bool muted);
    [[nodiscard]] bool music_muted() const { return music_muted_; }
    [[nodiscard]] bool click_muted() const { return click_muted_; }

    /// 0.25 to 2, without a change of pitch. Takes effect at once.
    void set_speed(double speed);
    [[nodiscard]] double speed() const { return speed_; }

    /// By its name at the sound server, from the next playing on; empty: the desktop's own.
    void set_output(const std::string& name);
    /// Added to what the device says: positive when the sound arrives later than the device knows of, as with
    /// loudspeakers that are reached by radio.
    void set_extra_delay(Seconds delay) { extra_delay_ = delay; }
    [[nodiscard]] Seconds extra_delay() const { return extra_delay_; }

    struct Range {
        Seconds from;
        std::optional<Seconds> until;
        std::optional<Seconds> loop_to; ///< go back there at the end
    };
    void play(const Range& range);
    void stop();
    /// Lets a moment of the song be heard, as when the playhead is dragged over it. Does nothing while
    /// playing.
    void scrub(Seconds at, Seconds length);

    [[nodiscard]] bool playing() const { return playing_; }
    /// Where in the song the sound is that is heard now; while stopped, where it stopped.
    [[nodiscard]] Seconds position() const;
    /// False when there is no device and time merely passes.
    [[nodiscard]] bool audible() const { return output_ && output_->audible(); }
    [[nodiscard]] bool has_sound() const { return sound_ != nullptr; }
    [[nodiscard]] const LevelMeter* meter() const { return meter_ ? &*meter_ : nullptr; }

signals:
    void moved(); ///< some sixty times a second while playing
    void started();
    void stopped(); ///< by the person, at the end, or since the device went away
    void device_changed(const QString& message);

private:
    void open_output();
    void run_output();
    void tick();
    void rebuild_clicks();
    /// What will sound next is in memory, whatever works through the song meanwhile.
    void hold_ahead(Seconds from);
    void apply_volumes();
    void measure(Seconds until);
    [[nodiscard]] Samples as_samples(Seconds time) const;

    Device device_;
    std::string output_name_;
    std::shared_ptr<const MixPlan> sound_;
    std::optional<BeatGrid> grid_;
    std::vector<Event> events_;
    std::unique_ptr<Mixer> mixer_;
    std::unique_ptr<AudioOutput> output_;
    std::optional<LevelMeter> meter_;
    QTimer timer_;
    QTimer rest_timer_;
    bool playing_ = false;
    std::uint32_t run_ = 0;
    Range range_;
    Seconds held_from_; ///< where what is held in memory was asked for
    Seconds stopped_at_;
    Samples measured_;
    double speed_ = 1;
    Seconds extra_delay_;
    double music_volume_ = 1, click_volume_ = 0;
    bool music_muted_ = false, click_muted_ = false;
};

} // namespace pulsepin
