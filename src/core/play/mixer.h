// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "media/mix_down.h"
#include "play/click.h"
#include "play/command_queue.h"
#include "play/played_map.h"
#include "play/time_stretch.h"

#include <array>
#include <atomic>
#include <deque>
#include <memory>
#include <optional>
#include <span>
#include <variant>

namespace pulsepin {

struct PlayRange {
    Samples from;
    std::optional<Samples> until; ///< none: to the end of the song
    bool loop = false;            ///< at the end go back to `loop_from`
    Samples loop_from = Samples(0);
    std::uint32_t run = 0;                     ///< given back by heard(), so that runs can be told apart
    std::shared_ptr<TimeStretch> stretch = {}; ///< for another speed than 1; of this run alone
    Samples edge = Samples(0);                 ///< faded in and out over so much, for snippets
};

/// Mixes song and click into stereo, on being asked, and keeps account of what was asked for when. Knows no
/// device.
///
/// Methods in the first group are for one controlling thread, render() for one sound thread, heard() for any.
class Mixer {
public:
    explicit Mixer(std::int64_t sample_rate) : sample_rate_(sample_rate) {}

    [[nodiscard]] std::int64_t sample_rate() const { return sample_rate_; }
    void set_sound(std::shared_ptr<const MixPlan> sound);
    /// The same music mixed otherwise: playing goes on, and what sounds now is faded over within 6 ms.
    void replace_sound(std::shared_ptr<const MixPlan> sound);
    void set_clicks(std::shared_ptr<const ClickTrack> clicks);
    void set_music_gain(float gain) { music_gain_.store(gain, std::memory_order_relaxed); }
    void set_click_gain(float gain) { click_gain_.store(gain, std::memory_order_relaxed); }
    void play(PlayRange range);
    void stop();
    /// Hands over what could not be handed over yet, and frees what came back. Call it now and then.
    void service();

    /// Fills the block with the next stereo samples. Never waits, allocates or frees.
    void render(std::span<float> stereo) noexcept;

    /// Stereo samples rendered so far: the device position of the next one.
    [[nodiscard]] Samples rendered() const { return Samples(rendered_.load(std::memory_order_relaxed)); }

    /// Where in the song the device is, given the device position it has played up to.
    [[nodiscard]] SongPlace heard(Samples device) const { return map_.at(device); }

private:
    struct Stop {};
    struct Replacement {
        std::shared_ptr<const MixPlan> sound;
    };
    using Command = std::variant<std::monostate, PlayRange, Stop, Replacement, std::shared_ptr<const MixPlan>,
                                 std::shared_ptr<const ClickTrack>>;

    void send(Command&& command);
    void apply(Command& command);
    [[nodiscard]] double speed() const { return range_.stretch ? range_.stretch->speed() : 1.0; }
    [[nodiscard]] Samples range_end() const;
    /// The device position at which the song's sample that was taken last is heard.
    [[nodiscard]] Samples device_of_taken() const;
    std::size_t take(std::span<float> stereo);
    void take_music(std::span<float> stereo);
    void take_part(std::span<float> stereo);
    void render_stretched(std::span<float> stereo);
    void stand_at(Samples position, Samples device);

    std::int64_t sample_rate_;
    std::atomic<float> music_gain_{1.0f};
    std::atomic<float> click_gain_{0.0f};
    std::atomic<std::int64_t> rendered_{0};
    std::deque<Command> outbox_; ///< waits here while no device asks for sound
    CommandQueue<Command, 64> commands_;
    CommandQueue<Command, 128> retired_; ///< back to the controlling thread, which frees them
    PlayedMap map_;

    // Of the sound thread alone:
    std::shared_ptr<const MixPlan> sound_;
    std::shared_ptr<const MixPlan> before_; ///< is faded out
    std::size_t faded_ = 0;                 ///< samples of that which are over
    static constexpr std::size_t fade = 256;
    std::array<float, 2 * fade> faded_music_{};
    std::shared_ptr<const ClickTrack> clicks_;
    PlayRange range_;
    Samples position_;
    Samples run_began_;      ///< device position of this run's first sample
    std::int64_t taken_ = 0; ///< samples of the song taken in this run
    bool playing_ = false;   ///< there is more of the song to take
    Samples silent_from_;    ///< device position from which a stretched run is over
    float music_now_ = 1.0f;
    float click_now_ = 0.0f;
    std::array<float, 2 * TimeStretch::block> stretch_input_{};
};

} // namespace pulsepin
