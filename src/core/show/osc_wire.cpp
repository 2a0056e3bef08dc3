// SPDX-License-Identifier: GPL-3.0-or-later
#include "lights/lit.h"
#include "show/event_wire.h"
#include "wires/udp_socket.h"

#include <lo/lo.h>

namespace pulsepin {
namespace {

struct FreeAddress {
    void operator()(void* address) const { lo_address_free(static_cast<lo_address>(address)); }
};
struct FreeMessage {
    void operator()(void* message) const { lo_message_free(static_cast<lo_message>(message)); }
};
using Address = std::unique_ptr<void, FreeAddress>;
using Message = std::unique_ptr<void, FreeMessage>;

/// "/pin begins LANE NAME FRAME SECONDS STRENGTH", "/pin ends ..."; some thirty times a second "/curve LANE
/// VALUE" of each lane that drives something, where it changed (Open Sound Control 1.0).
class OscWire final : public EventWire {
public:
    OscWire(const WireOutput& output, Address address) : EventWire(output), address_(std::move(address)) {}

private:
    Result<void> send(const char* path, const Message& message) {
        if (lo_send_message(address_.get(), path, message.get()) >= 0)
            return {};
        const char* why = lo_address_errstr(address_.get());
        return fail(std::string("An OSC message could not be sent: ") + (why ? why : "refused") + ".", {},
                    "See whether the address is right and the network is there.");
    }
    [[nodiscard]] const std::string& name_of_lane(std::size_t lane) const {
        return piece()->project().lanes[lane]->name;
    }
    Result<void> tell(const ShowEvent& event) override {
        const Message message(lo_message_new());
        if (event.lane >= piece()->project().lanes.size())
            return {}; // of a version before
        lo_message_add_string(message.get(), event.begins ? "begins" : "ends");
        lo_message_add_string(message.get(), name_of_lane(event.lane).c_str());
        lo_message_add_string(message.get(), event.name.c_str());
        lo_message_add_int32(message.get(), static_cast<std::int32_t>(event.frame.value));
        lo_message_add_float(message.get(), static_cast<float>(event.at));
        lo_message_add_float(message.get(), static_cast<float>(event.strength));
        return send("/pin", message);
    }
    Result<double> run_besides(double heard, double speed) override {
        constexpr double period = 1.0 / 30;
        const auto& project = piece()->project();
        const double now = heard / std::max(speed, 1e-3);
        if (next_curves_ && now < *next_curves_ && *next_curves_ - now <= period)
            return *next_curves_ - now;
        next_curves_ = now + period;
        told_.resize(project.lanes.size(), -1e9);
        const double frame = heard * project.settings->frame_rate.per_second();
        for (std::size_t i = 0; i < project.lanes.size(); ++i) {
            const Lane& lane = *project.lanes[i];
            if (!lane.kind->drives() || lane.muted)
                continue;
            const auto share = lane_share(project, lane, piece()->schedule.spans(i), *piece()->followers,
                                          frame, part_of<Motion>(lane)->own);
            if (!share || std::abs(*share - told_[i]) < 1e-4)
                continue;
            told_[i] = *share;
            const Message message(lo_message_new());
            lo_message_add_string(message.get(), lane.name.c_str());
            lo_message_add_float(message.get(), static_cast<float>(*share));
            if (auto sent = send("/curve", message); !sent)
                return tl::unexpected(sent.error());
            ++sent_;
        }
        return period;
    }

    Address address_;
    std::optional<double> next_curves_;
    std::vector<double> told_;
};

Result<std::unique_ptr<Wire>> open(const WireOutput& output, const std::string&, const PacketRecorder&) {
    if (!is_address(output.to))
        return fail("\"" + output.to + "\" is no address.", {}, "Write it in numbers, as in 192.168.1.40.");
    const int port = output.port ? output.port : wires::osc_wire.usual_port;
    Address address(lo_address_new_with_proto(LO_UDP, output.to.c_str(), std::to_string(port).c_str()));
    if (!address)
        return fail("The OSC address cannot be used.", {}, "Choose another address or port.");
    return std::make_unique<OscWire>(output, std::move(address));
}

} // namespace

const WireKind wires::osc_wire{"osc", "OSC (messages)",
                               "a message where each pin begins and ends, and how far each curve is", 9000,
                               open};

} // namespace pulsepin
