// SPDX-License-Identifier: GPL-3.0-or-later
#include "light_tools.h"

#include "base/csv_text.h"
#include "ended.h"
#include "interchange/outputs.h"
#include "wires/light_monitor.h"
#include "wires/light_source.h"
#include "wires/udp_socket.h"

#include <charconv>
#include <chrono>
#include <fmt/core.h>
#include <fstream>
#include <iostream>
#include <thread>
#include <unistd.h>

namespace pulsepin {
namespace {

using Clock = std::chrono::steady_clock;
using namespace std::chrono_literals;

double seconds_since(Clock::time_point start) {
    return std::chrono::duration<double>(Clock::now() - start).count();
}

std::string levels_in_a_cell(const std::vector<std::uint8_t>& levels) {
    std::string text;
    for (const auto level : levels)
        text += (text.empty() ? "" : " ") + std::to_string(level);
    return text;
}

/// The lines of a log, where one is wanted.
class Log {
public:
    static Result<Log> begun(const LightReceiverRequest& request) {
        Log log;
        if (request.log.empty())
            return log;
        if (request.log != "-") {
            if (auto allowed = may_write(request.log, {}, request.replace); !allowed)
                return tl::unexpected(allowed.error());
            log.file_ = std::make_unique<std::ofstream>(request.log, std::ios::binary);
            if (!*log.file_)
                return fail("The log cannot be written.", request.log,
                            "Name a file in a folder that is there.");
        }
        log.wanted_ = true;
        log.line("seconds,universe,sequence,priority,terminated,source,levels");
        return log;
    }
    void line(const std::string& text) {
        if (wanted_)
            (file_ ? *file_ : std::cout) << text << "\n" << std::flush;
    }
    [[nodiscard]] bool good() const { return !wanted_ || (file_ ? file_->good() : std::cout.good()); }
    [[nodiscard]] bool on_output() const { return wanted_ && !file_; }

private:
    bool wanted_ = false;
    std::unique_ptr<std::ofstream> file_;
};

void tell(const LightMonitor& monitor, double now, std::map<int, std::uint64_t>& told) {
    for (const auto& [number, universe] : monitor.universes()) {
        const auto since = universe.packets - std::min(universe.packets, told[number]);
        told[number] = universe.packets;
        if (LightMonitor::gone(universe, now))
            std::cerr << fmt::format("universe {}: {} {}\n", number, universe.source_name,
                                     universe.terminations > 0 ? "has ended" : "says nothing any more");
        else
            std::cerr << fmt::format("universe {}: {}/s, {} lost, jitter {:.1f} ms, from {}\n", number, since,
                                     universe.lost, universe.jitter * 1000, universe.source_name);
    }
}

} // namespace

Result<void> receive_lights(const LightReceiverRequest& request) {
    std::vector<std::string> groups;
    for (const int universe : request.universes) {
        if (universe < sacn::first_universe || universe > sacn::last_universe)
            return fail(fmt::format("There is no universe {}.", universe), {},
                        "Universes go from 1 to 63999.");
        groups.push_back(sacn::multicast_address(universe));
    }
    auto socket = UdpSocket::for_receiving(static_cast<std::uint16_t>(request.port), groups);
    if (!socket) { // without a network what is sent to this machine alone is heard all the same
        auto alone = UdpSocket::for_receiving(static_cast<std::uint16_t>(request.port));
        if (!alone)
            return tl::unexpected(alone.error());
        std::cerr << "pulsepin-cli: " << socket.error().message() << "\n";
        socket = std::move(alone);
    }
    auto log = Log::begun(request);
    if (!log)
        return tl::unexpected(log.error());
    end_by_signals();
    LightMonitor monitor;
    std::map<int, std::uint64_t> told;
    const auto start = Clock::now();
    double next_told = 1;
    while (!is_ended() && (request.seconds <= 0 || seconds_since(start) < request.seconds)) {
        const auto bytes = socket->receive(50ms);
        const double now = seconds_since(start);
        if (bytes)
            if (const auto packet = sacn::data_packet(*bytes);
                packet && std::ranges::find(request.universes, packet->universe) != request.universes.end() &&
                monitor.take(*packet, now))
                log->line(fmt::format("{:.6f},{},{},{},{},{},{}", now, packet->universe, packet->sequence,
                                      packet->priority, packet->terminated ? 1 : 0,
                                      quoted(packet->source_name), levels_in_a_cell(packet->levels)));
        if (!log->good())
            return fail("The log cannot be written any more.", request.log, "See whether the disk is full.");
        if (now >= next_told) {
            tell(monitor, now, told);
            next_told = std::floor(now) + 1;
        }
    }
    for (const auto& [number, universe] : monitor.universes())
        (log->on_output() ? std::cerr : std::cout)
            << fmt::format("universe {}: {} packets, {} lost, {} late\n", number, universe.packets,
                           universe.lost, universe.late);
    return {};
}

namespace {

/// "1-8=255" into the levels; channels count from 1.
Result<void> set_level(std::vector<std::uint8_t>& levels, const std::string& text) {
    int from = 0, until = 0, level = -1;
    const char *at = text.data(), *end = at + text.size();
    const auto number = [&](int& value) {
        const auto [next, error] = std::from_chars(at, end, value);
        at = next;
        return error == std::errc();
    };
    bool good = number(from);
    until = from;
    if (good && at != end && *at == '-') {
        ++at;
        good = number(until);
    }
    good = good && at != end && *at++ == '=' && number(level) && at == end;
    if (!good || from < 1 || until < from || until > static_cast<int>(sacn::most_slots) || level < 0 ||
        level > 255)
        return fail(
            "\"" + text + "\" is no level of a channel.", {},
            "Write CHANNEL=LEVEL or FROM-UNTIL=LEVEL: channels go from 1 to 512, levels from 0 to 255.");
    if (levels.size() < static_cast<std::size_t>(until))
        levels.resize(static_cast<std::size_t>(until));
    for (int channel = from; channel <= until; ++channel)
        levels[static_cast<std::size_t>(channel - 1)] = static_cast<std::uint8_t>(level);
    return {};
}

std::string name_of_machine() {
    char name[256] = {};
    return gethostname(name, sizeof name - 1) == 0 ? name : "this machine";
}

} // namespace

Result<void> test_lights(const LightTestRequest& request) {
    const bool multicast = request.to == "multicast";
    if (!multicast && !is_address(request.to))
        return fail("\"" + request.to + "\" is no address.", {},
                    "Write it in numbers, as in 192.168.1.40, or multicast.");
    std::vector<std::uint8_t> levels;
    for (const auto& text : request.levels)
        if (auto set = set_level(levels, text); !set)
            return set;
    const auto socket = UdpSocket::for_sending();
    if (!socket)
        return tl::unexpected(socket.error());
    const std::string name = "Pulse Pin on " + name_of_machine();
    LightSource source(id_of_name(name), name, request.priority);
    const auto send = [&](int universe, std::span<const std::uint8_t> bytes) {
        return socket->send(multicast ? sacn::multicast_address(universe) : request.to,
                            static_cast<std::uint16_t>(request.port), bytes);
    };
    end_by_signals();
    const auto start = Clock::now();
    constexpr auto between =
        std::chrono::microseconds(1'000'000 / 44); // 44 a second, as often as DMX512 itself
    auto due = start;
    while (!is_ended() && seconds_since(start) < request.seconds) {
        const auto packet = source.packet(request.universe, levels);
        if (!packet)
            return tl::unexpected(packet.error());
        if (auto sent = send(request.universe, *packet); !sent)
            return sent;
        due += between;
        std::this_thread::sleep_until(due);
    }
    for (const auto& [universe, bytes] : source.last_packets()) {
        if (auto sent = send(universe, bytes); !sent)
            return sent;
        std::this_thread::sleep_for(between);
    }
    return {};
}

} // namespace pulsepin
