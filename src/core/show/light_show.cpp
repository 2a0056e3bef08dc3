// SPDX-License-Identifier: GPL-3.0-or-later
#include "show/light_show.h"

#include <algorithm>
#include <condition_variable>
#include <map>
#include <mutex>
#include <thread>
#include <unistd.h>

namespace pulsepin {
namespace {

using Clock = std::chrono::steady_clock;
constexpr std::chrono::milliseconds longest_wait{100}, after_a_problem{500};

/// An output with its wire; without one while it cannot be opened.
struct OpenOutput {
    WireOutput output;
    std::unique_ptr<Wire> wire;
    std::string problem;
    ShowTime due;
};

} // namespace

struct LightShow::Inside {
    explicit Inside(std::string name) : source(std::move(name)) {}

    // Under the mutex: what is asked for.
    mutable std::mutex mutex;
    std::condition_variable asked;
    std::shared_ptr<const Curves> piece;
    std::uint64_t version = 0; ///< of the piece
    bool ending = false, blackout = false, played = false;
    bool playing = false;
    double at = 0, speed = 1;
    ShowTime heard_then = Clock::now();
    PacketRecorder recorder;
    State state;

    const std::string source;
    std::thread thread;

    // Of the thread alone.
    std::vector<OpenOutput> open;

    void run();
    void take(const std::shared_ptr<const Curves>& next, const PacketRecorder& record);
    /// Sends what is due, and tells when something is next.
    ShowTime send(ShowMoment moment);
    void tell_state();
};

void LightShow::Inside::take(const std::shared_ptr<const Curves>& next, const PacketRecorder& record) {
    const auto& outputs = next ? next->project().rig->outputs : std::vector<WireOutput>{};
    std::vector<OpenOutput> kept;
    for (const auto& output : outputs) {
        if (output.off)
            continue;
        const auto there = std::ranges::find_if(
            open, [&](const OpenOutput& one) { return one.output == output && one.wire; });
        if (there != open.end()) {
            kept.push_back(std::move(*there));
            open.erase(there);
            continue;
        }
        OpenOutput opened{output, nullptr, {}, {}};
        const auto* kind = wire_kind(output.wire);
        if (!kind) {
            opened.problem = "There is no wire \"" + output.wire + "\".";
        } else if (auto wire = kind->open(output, source, record)) {
            opened.wire = *std::move(wire);
        } else {
            opened.problem = wire.error().message();
        }
        kept.push_back(std::move(opened));
    }
    for (auto& gone : open)
        if (gone.wire)
            gone.wire->end();
    open = std::move(kept);
    for (auto& one : open)
        if (one.wire)
            one.wire->take(next);
}

ShowTime LightShow::Inside::send(ShowMoment moment) {
    ShowTime next = moment.now + longest_wait;
    for (auto& one : open) {
        if (!one.wire)
            continue;
        if (one.problem.empty() || moment.now >= one.due) {
            if (const auto due = one.wire->run(moment)) {
                one.problem.clear();
                one.due = *due;
            } else {
                one.problem = due.error().message();
                one.due = moment.now + after_a_problem;
            }
        }
        next = std::min(next, one.due);
    }
    return next;
}

void LightShow::Inside::tell_state() {
    std::vector<Output> told;
    for (const auto& one : open)
        told.push_back({one.output.wire, one.output.to, one.wire ? one.wire->sent() : 0, one.problem});
    const std::lock_guard lock(mutex);
    state.outputs = std::move(told);
}

void LightShow::Inside::run() {
    std::uint64_t taken = 0;
    std::unique_lock lock(mutex);
    while (!ending) {
        const bool another = taken != version;
        taken = version;
        const auto shown = piece;
        const auto record = recorder;
        ShowMoment moment{Clock::now(), playing, at, speed, false};
        if (playing)
            moment.heard += std::chrono::duration<double>(moment.now - heard_then).count() * speed;
        moment.dark = blackout || (!played && shown && shown->project().rig->dark_at_start);
        lock.unlock();
        if (another)
            take(shown, record);
        const ShowTime next = send(moment);
        tell_state();
        lock.lock();
        if (!ending && taken == version)
            asked.wait_until(lock, next);
    }
    lock.unlock();
    for (auto& one : open)
        if (one.wire)
            one.wire->end();
    open.clear();
}

LightShow::LightShow(std::string source) : inside_(std::make_unique<Inside>(std::move(source))) {}

LightShow::~LightShow() {
    end();
}

void LightShow::show(Curves piece) {
    auto shared = std::make_shared<const Curves>(piece.for_another_thread());
    const std::lock_guard lock(inside_->mutex);
    inside_->piece = std::move(shared);
    ++inside_->version;
    inside_->asked.notify_all();
}

void LightShow::hear(bool playing, Seconds at, double speed) {
    const std::lock_guard lock(inside_->mutex);
    const bool turned =
        playing != inside_->playing || speed != inside_->speed || (!playing && at.value != inside_->at);
    inside_->playing = playing;
    inside_->played = inside_->played || playing;
    inside_->at = at.value;
    inside_->speed = speed;
    inside_->heard_then = Clock::now();
    if (turned)
        inside_->asked.notify_all();
}

void LightShow::set_blackout(bool dark) {
    const std::lock_guard lock(inside_->mutex);
    inside_->blackout = dark;
    inside_->asked.notify_all();
}

void LightShow::set_recorder(PacketRecorder recorder) {
    const std::lock_guard lock(inside_->mutex);
    inside_->recorder = std::move(recorder);
}

void LightShow::begin() {
    if (inside_->thread.joinable())
        return;
    {
        const std::lock_guard lock(inside_->mutex);
        inside_->ending = false;
        inside_->played = inside_->playing;
        ++inside_->version;
        inside_->state.sending = true;
    }
    inside_->thread = std::thread([inside = inside_.get()] { inside->run(); });
}

void LightShow::end() {
    {
        const std::lock_guard lock(inside_->mutex);
        inside_->ending = true;
        inside_->asked.notify_all();
    }
    if (inside_->thread.joinable())
        inside_->thread.join();
    const std::lock_guard lock(inside_->mutex);
    inside_->state = {};
}

LightShow::State LightShow::state() const {
    const std::lock_guard lock(inside_->mutex);
    return inside_->state;
}

std::string name_of_source() {
    char name[256] = {};
    return std::string("Pulse Pin on ") + (gethostname(name, sizeof name - 1) == 0 ? name : "this machine");
}

} // namespace pulsepin
