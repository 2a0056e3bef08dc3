// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "media/load_sound.h"
#include "play/audio_output.h"
#include "time/beat_grid.h"

#include <QObject>
#include <QTimer>
#include <memory>
#include <optional>

namespace pulsepin {

/// Plays the song with a click, and tells where in it the sound is that is heard at this moment.
class Player : public QObject {
    Q_OBJECT
public:
    enum class Device { System, None };
    explicit Player(Device device, QObject* parent = nullptr);
    ~Player() override;

    void set_sound(std::shared_ptr<const SampleStore> sound);
    void set_grid(const BeatGrid* grid);
    void set_music_volume(double share); ///< 0 to 1, as a slider shows it
    void set_click_volume(double share);

    struct Range {
        Seconds from;
        std::optional<Seconds> until;
        std::optional<Seconds> loop_to; ///< go back there at the end
    };
    void play(const Range& range);
    void stop();

    [[nodiscard]] bool playing() const { return playing_; }
    /// Where in the song the sound is that is heard now; while stopped, where it stopped.
    [[nodiscard]] Seconds position() const;
    /// False when there is no device and time merely passes.
    [[nodiscard]] bool audible() const { return output_ && output_->audible(); }
    [[nodiscard]] bool has_sound() const { return sound_ != nullptr; }

signals:
    void moved(); ///< some sixty times a second while playing
    void started();
    void stopped(); ///< by the person, at the end, or since the device went away
    void device_changed(const QString& message);

private:
    void open_output();
    void tick();
    void rebuild_clicks();
    [[nodiscard]] Samples as_samples(Seconds time) const;

    Device device_;
    std::shared_ptr<const SampleStore> sound_;
    std::optional<BeatGrid> grid_;
    std::unique_ptr<Mixer> mixer_;
    std::unique_ptr<AudioOutput> output_;
    QTimer timer_;
    QTimer rest_timer_;
    bool playing_ = false;
    std::uint32_t run_ = 0;
    Seconds from_;
    Seconds stopped_at_;
    float music_gain_ = 1.0f;
    float click_gain_ = 0.0f;
};

} // namespace pulsepin
