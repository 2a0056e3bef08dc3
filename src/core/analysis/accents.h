// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "analysis/features.h"

#include <optional>

namespace pulsepin {

/// What may mark a place in the music.
enum class Accent {
    Bass, ///< the first five: rises by band, as Features::bands
    LowMid,
    Mid,
    SnareBand,
    High,
    BassChange, ///< change of harmony
    MidChange,
    Agogic, ///< how long a tone of the middle range lasts
    Kick,   ///< from here on probabilities that the network gives; zero without it
    Snare,
    Hat,
    Beat,
    Downbeat
};
inline constexpr std::size_t accent_count = 13;

/// The accents of a song, each as a curve that may be read a little beside its peaks.
class Accents {
public:
    explicit Accents(const Features& features);

    /// place: slow frames; between them the nearest counts, outside of the song all is 0.
    [[nodiscard]] float at(Accent kind, double place) const {
        const double i = place + 0.5;
        const auto& curve = curves_[static_cast<std::size_t>(kind)];
        return i >= 0 && i < static_cast<double>(curve.size()) ? curve[static_cast<std::size_t>(i)] : 0.0f;
    }
    /// As `at` takes it: the frame nearest to a place, or none outside of the song.
    [[nodiscard]] std::optional<std::size_t> frame_at(double place) const {
        const double i = place + 0.5;
        const auto frames = curves_.front().size();
        return i >= 0 && i < static_cast<double>(frames) ? std::optional(static_cast<std::size_t>(i))
                                                         : std::nullopt;
    }
    [[nodiscard]] std::span<const float> curve(Accent kind) const {
        return curves_[static_cast<std::size_t>(kind)];
    }
    /// Peaks of what rises, as slow frames: where notes begin, roughly.
    [[nodiscard]] const std::vector<double>& starts() const { return starts_; }
    [[nodiscard]] bool with_network() const { return with_network_; }
    /// All that the network takes for beats, as a sum of probabilities.
    [[nodiscard]] double beats_expected() const { return beats_expected_; }

private:
    std::array<std::vector<float>, accent_count> curves_;
    std::vector<double> starts_;
    double beats_expected_ = 0;
    bool with_network_ = false;
};

} // namespace pulsepin
