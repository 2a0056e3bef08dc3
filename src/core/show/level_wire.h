// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "lights/patch.h"
#include "show/wire.h"

namespace pulsepin {

/// Levels of all universes at most 44 times a second (ANSI E1.11: as often as 512 channels can be sent).
/// Before a light begins or ends it waits, so that the packet leaves on its frame.
class LevelWire : public Wire {
public:
    explicit LevelWire(const WireOutput& output) : output_(output) {}
    void take(std::shared_ptr<const Curves> piece) override;
    Result<ShowTime> run(const ShowMoment& moment) override;

protected:
    /// All universes, once.
    virtual Result<void> send(const Universes& levels, double heard) = 0;
    [[nodiscard]] const WireOutput& output() const { return output_; }

private:
    /// Wall time until the next change of a light; none: none comes.
    [[nodiscard]] std::optional<double> until_change(double heard, double speed) const;

    /// Seconds of the song since the last one.
    [[nodiscard]] double since_change(double heard) const;

    WireOutput output_;
    std::shared_ptr<const Curves> piece_;
    std::vector<double> changes_; ///< seconds of the song
    Universes levels_;
    std::optional<ShowTime> last_;
};

inline constexpr double level_period = 1.0 / 44;

} // namespace pulsepin
