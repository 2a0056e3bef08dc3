// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "show/event_list.h"
#include "show/wire.h"

#include <set>

namespace pulsepin {

/// Tells each event when it is heard. Where playing jumps, what lies between is left out, and what had begun
/// ends.
class EventWire : public Wire {
public:
    explicit EventWire(const WireOutput& output) : output_(output) {}
    void take(std::shared_ptr<const Curves> piece) override;
    Result<ShowTime> run(const ShowMoment& moment) override;
    void end() override;

protected:
    virtual Result<void> tell(const ShowEvent& event) = 0;
    /// Besides events, while it plays: when to be asked again, in seconds.
    virtual Result<double> run_besides(double heard, double speed);
    [[nodiscard]] const Curves* piece() const { return piece_.get(); }

private:
    Result<void> end_what_began();
    WireOutput output_;
    std::shared_ptr<const Curves> piece_;
    std::vector<ShowEvent> events_;
    std::size_t next_ = 0;
    std::optional<double> last_heard_;
    std::optional<ShowTime> last_run_;
    std::vector<ShowEvent> open_; ///< begun, not ended
};

} // namespace pulsepin
