// SPDX-License-Identifier: GPL-3.0-or-later
#include "light_play.h"

#include "base/file_ending.h"
#include "base/text_file.h"
#include "devices/pulse_output.h"
#include "devices/steady_output.h"
#include "ended.h"
#include "follow/listening.h"
#include "follow/project_sounds.h"
#include "interchange/exporters.h"
#include "interchange/outputs.h"
#include "interchange/project_file.h"
#include "model/anchored_time.h"
#include "schedule/piece_length.h"
#include "schedule/place_text.h"
#include "show/light_show.h"
#include "wires/packet_file.h"
#include "wires/udp_socket.h"

#include <chrono>
#include <cmath>
#include <fmt/core.h>
#include <fstream>
#include <iostream>
#include <mutex>
#include <thread>

namespace pulsepin {
namespace {

using namespace std::chrono_literals;
using Clock = std::chrono::steady_clock;

/// Packets as they leave, into a file.
class Recording {
public:
    static Result<std::unique_ptr<Recording>> begun(const std::string& path, bool replace) {
        if (auto allowed = may_write(path, {}, replace); !allowed)
            return tl::unexpected(allowed.error());
        auto made = std::make_unique<Recording>();
        made->file_.open(path, std::ios::binary);
        if (!(made->file_ << packet_file_head()))
            return fail("The recording cannot be written.", path, "Name a file in a folder that is there.");
        return made;
    }
    void take(const SentPacket& packet) {
        const std::lock_guard lock(mutex_);
        file_ << packet_record(
            {packet.heard, packet.to, packet.port, {packet.bytes.begin(), packet.bytes.end()}});
        ++count_;
    }
    /// Whether all of it is there.
    [[nodiscard]] bool finish() {
        const std::lock_guard lock(mutex_);
        return static_cast<bool>(file_.flush());
    }
    [[nodiscard]] std::uint64_t count() const { return count_; }

private:
    std::mutex mutex_;
    std::ofstream file_;
    std::uint64_t count_ = 0;
};

Result<void> send_again(const LightPlayRequest& request) {
    const auto text = read_text_file(request.show, std::uintmax_t{4} << 30);
    if (!text)
        return tl::unexpected(text.error());
    const auto packets = read_packets(*text);
    if (!packets)
        return fail(packets.error().what, request.show, packets.error().remedy);
    if (packets->empty())
        return fail("There are no packets in it.", request.show, "Record the show again.");
    if (!request.to.empty() && !is_address(request.to))
        return fail("\"" + request.to + "\" is no address.", {}, "Write it in numbers, as in 192.168.1.40.");
    const auto socket = UdpSocket::for_sending();
    if (!socket)
        return tl::unexpected(socket.error());
    end_by_signals();
    const auto start = Clock::now();
    const double first = packets->front().at;
    std::uint64_t sent = 0;
    for (const auto& packet : *packets) {
        const double at = packet.at - first;
        if (request.seconds > 0 && at > request.seconds)
            break;
        const auto due =
            start + std::chrono::duration_cast<Clock::duration>(std::chrono::duration<double>(at));
        while (!is_ended() && Clock::now() + 50ms < due)
            std::this_thread::sleep_for(50ms);
        if (is_ended())
            break;
        std::this_thread::sleep_until(due);
        // To whoever was told now, else to this computer: a file may name any address.
        if (auto went =
                socket->send(request.to.empty() ? "127.0.0.1" : request.to, packet.port, packet.bytes);
            !went)
            return went;
        ++sent;
    }
    std::cout << fmt::format("{} packets sent\n", sent);
    return {};
}

/// The song as it is heard, and where.
class Song {
public:
    static Result<Song> opened(const Project& project, bool silent) {
        Song song;
        const auto sounds = load_project_sounds(project, true);
        if (!sounds)
            return tl::unexpected(sounds.error());
        song.plan_ = std::make_shared<const MixPlan>(heard_plan(Schedule(project), *sounds));
        if (song.plan_->sample_rate <= 0)
            return fail("There is no song to play.", {}, "Open one in the project first.");
        song.mixer_ = std::make_unique<Mixer>(song.plan_->sample_rate);
        song.mixer_->set_sound(song.plan_);
        if (!silent)
            if (auto output = open_pulse_output(*song.mixer_))
                song.output_ = *std::move(output);
        if (!song.output_) {
            if (!silent)
                std::cerr << "pulsepin-cli: there is no sound device: nothing is heard\n";
            song.output_ = make_steady_output(*song.mixer_);
        }
        return song;
    }
    void play(Seconds from) {
        PlayRange range;
        range.from = samples(from);
        range.run = 1;
        plan_->hold(range.from, range.from + Samples(plan_->sample_rate * 4));
        mixer_->play(range);
        output_->run(true);
    }
    /// None before it is heard.
    [[nodiscard]] std::optional<SongPlace> heard() {
        mixer_->service();
        const auto place = mixer_->heard(output_->heard());
        if (place.run != 1)
            return std::nullopt;
        if (place.position > held_) { // what comes next is in memory
            held_ = place.position + Samples(plan_->sample_rate);
            plan_->hold(place.position, place.position + Samples(plan_->sample_rate * 4));
        }
        return place;
    }
    [[nodiscard]] Seconds time(Samples at) const {
        return Seconds(static_cast<double>(at.value) / static_cast<double>(plan_->sample_rate));
    }
    [[nodiscard]] bool alive() const { return output_->alive(); }

private:
    [[nodiscard]] Samples samples(Seconds time) const {
        return Samples(std::llround(time.value * static_cast<double>(plan_->sample_rate)));
    }
    std::shared_ptr<const MixPlan> plan_;
    std::unique_ptr<Mixer> mixer_;
    std::unique_ptr<AudioOutput> output_;
    Samples held_;
};

/// What keeps outputs from sending, each once; whether one sends.
bool tell_problems(const LightShow::State& state, std::string& told) {
    bool some = false;
    for (const auto& output : state.outputs) {
        some = some || output.problem.empty();
        if (!output.problem.empty() && output.problem != told) {
            told = output.problem;
            std::cerr << "pulsepin-cli: " << output.problem << "\n";
        }
    }
    return some;
}

Result<void> play_piece(const LightPlayRequest& request) {
    auto project = load_project(request.show);
    if (!project)
        return tl::unexpected(project.error());
    Rig rig = *project->rig;
    for (auto& output : rig.outputs) {
        if (!request.to.empty())
            output.to = request.to;
        const auto* kind = wire_kind(output.wire);
        // A project may come from a stranger.
        if (request.to.empty() && !request.as_told && !output.off && kind && kind->usual_port != 0 &&
            !output.to.starts_with("127."))
            return fail("The project sends to " + output.to + ", which was not told here.", request.show,
                        "Tell an address with --to, or add --as-told to send where the project says.");
    }
    project->rig = std::make_shared<const Rig>(std::move(rig));
    Seconds from(0);
    if (!request.from.empty()) {
        const auto place = place_of_text(*project, request.from, PlainNumber::AsBar);
        if (!place)
            return tl::unexpected(place.error());
        from = anchored_time(*place, *project).value_or(Seconds(0));
    }
    std::unique_ptr<Recording> recording;
    if (!request.record.empty()) {
        auto begun = Recording::begun(request.record, request.replace);
        if (!begun)
            return tl::unexpected(begun.error());
        recording = *std::move(begun);
    }
    auto curves = curves_of_project(*project);
    if (!curves)
        return tl::unexpected(curves.error());
    auto song = Song::opened(*project, request.silent);
    if (!song)
        return tl::unexpected(song.error());

    end_by_signals();
    LightShow show(name_of_source());
    if (recording)
        show.set_recorder([&recording](const SentPacket& packet) { recording->take(packet); });
    show.show(*std::move(curves));
    show.hear(false, from);
    show.begin();
    song->play(from);
    const auto start = Clock::now();
    const Seconds end = piece_end(*project);
    std::string told;
    bool some = true, began = false;
    while (!is_ended() && song->alive()) {
        std::this_thread::sleep_for(10ms);
        const auto place = song->heard();
        if (place && (place->playing || !began)) {
            show.hear(place->playing, song->time(place->position), place->speed);
            began = began || place->playing;
        }
        some = tell_problems(show.state(), told);
        const double passed = std::chrono::duration<double>(Clock::now() - start).count();
        if (!some && passed > 1)
            break;
        if ((request.seconds > 0 && passed >= request.seconds) ||
            (began && place && (!place->playing || song->time(place->position) >= end)))
            break;
    }
    std::uint64_t sent = 0;
    for (const auto& output : show.state().outputs)
        sent += output.sent;
    show.end();
    if (recording && !recording->finish())
        return fail("The recording is not whole.", request.record, "See whether the disk is full.");
    if (!some)
        return fail("Nothing could be sent.", request.show,
                    "See to the outputs, or name an address with --to.");
    std::cout << fmt::format("{} packets and messages sent\n", sent);
    return {};
}

} // namespace

Result<void> play_lights(const LightPlayRequest& request) {
    return file_ending(request.show) == ".pcap" ? send_again(request) : play_piece(request);
}

} // namespace pulsepin
