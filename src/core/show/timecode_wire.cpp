// SPDX-License-Identifier: GPL-3.0-or-later
#include "show/timecode_wire.h"
#include "show/alsa_port.h"
#include "show/wire.h"

#include <cmath>

namespace pulsepin {
namespace {

/// Quarter frames while it plays; the whole time where it begins, jumps, or is moved while it rests.
class TimecodeWire final : public Wire {
public:
    TimecodeWire(const WireOutput& output, AlsaPort port) : output_(output), port_(std::move(port)) {}

    void take(std::shared_ptr<const Curves> piece) override {
        if (piece)
            rate_ = timecode_rate(piece->project().settings->frame_rate);
    }
    Result<ShowTime> run(const ShowMoment& moment) override {
        const double heard = std::max(0.0, moment.heard + output_.earlier / 1000 * moment.speed);
        const double a_second = 4 * rate_.frames.per_second();
        const auto now = static_cast<std::int64_t>(std::floor(heard * a_second + 1e-6));
        if (!moment.playing) {
            constexpr double rest = 0.05;
            next_.reset();
            if (const auto frame = now / 4; told_ != frame) {
                told_ = frame;
                if (auto sent = tell_whole(frame); !sent)
                    return tl::unexpected(sent.error());
            }
            return later(moment.now, rest);
        }
        constexpr std::int64_t behind = 8; // quarter frames: farther off, it went elsewhere
        if (!next_ || now < *next_ - 1 || now > *next_ + behind) {
            if (auto sent = tell_whole(now / 4); !sent)
                return tl::unexpected(sent.error());
            next_ = (now + 7) / 8 * 8; // a time begins with its first piece
        }
        told_ = now / 4;
        for (; *next_ <= now; ++*next_) {
            const auto time = timecode_at(Frames(*next_ / 8 * 2), rate_);
            if (auto sent = port_.quarter_frame(mtc::quarter_frame(time, static_cast<int>(*next_ % 8)));
                !sent)
                return tl::unexpected(sent.error());
            ++sent_;
        }
        const double until = static_cast<double>(*next_) / a_second - heard;
        return later(moment.now, std::max(0.0002, until / std::max(moment.speed, 1e-3)));
    }

private:
    Result<void> tell_whole(std::int64_t frame) {
        ++sent_;
        return port_.exclusive(mtc::full_frame(timecode_at(Frames(frame), rate_)));
    }
    WireOutput output_;
    AlsaPort port_;
    TimecodeRate rate_ = timecode_rate(*FrameRate::make(24, 1));
    std::optional<std::int64_t> next_; ///< quarter frame
    std::int64_t told_ = -1;
};

Result<std::unique_ptr<Wire>> open(const WireOutput& output, const std::string& source,
                                   const PacketRecorder&) {
    auto port = AlsaPort::open(source + " timecode", output.to);
    if (!port)
        return tl::unexpected(port.error());
    return std::make_unique<TimecodeWire>(output, *std::move(port));
}

} // namespace

TimecodeRate timecode_rate(FrameRate of) {
    using enum mtc::Rate;
    const double a_second = of.per_second();
    if (drop_frame_exists(of))
        return {Fps2997Drop, *FrameRate::make(30'000, 1001)};
    if (std::fmod(a_second, 25) < 1e-9)
        return {Fps25, *FrameRate::make(25, 1)};
    if (std::fmod(a_second, 30) < 1e-9)
        return {Fps30, *FrameRate::make(30, 1)};
    return {Fps24, of.per_second() < 24 && of.per_second() > 23.9 ? of : *FrameRate::make(24, 1)};
}

mtc::Time timecode_at(Frames frame, const TimecodeRate& rate) {
    const std::string text = format_timecode(frame, rate.frames, TimecodeCount::Drop);
    const auto part = [&](std::size_t at) { return (text[at] - '0') * 10 + (text[at + 1] - '0'); };
    return {part(0), part(3), part(6), part(9), rate.rate};
}

const WireKind wires::timecode_wire{"midi-timecode", "MIDI timecode",
                                    "the place in the song, from a port of ALSA's sequencer", 0, open};

} // namespace pulsepin
