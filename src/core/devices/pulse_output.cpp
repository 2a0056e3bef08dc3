// SPDX-License-Identifier: GPL-3.0-or-later
#include "devices/pulse_output.h"

#include <atomic>
#include <pulse/pulseaudio.h>

namespace pulsepin {
namespace {

constexpr std::size_t bytes_per_frame = 2 * sizeof(float);
constexpr double buffer_seconds = 0.025; // what is changed is heard within 50 ms

class PulseOutput final : public AudioOutput {
public:
    explicit PulseOutput(Mixer& mixer) : mixer_(mixer), base_(mixer.rendered().value), last_(base_) {}

    ~PulseOutput() override {
        if (!loop_)
            return;
        pa_threaded_mainloop_lock(loop_);
        if (stream_) {
            pa_stream_set_write_callback(stream_, nullptr, nullptr);
            pa_stream_set_state_callback(stream_, nullptr, nullptr);
            pa_stream_disconnect(stream_);
            pa_stream_unref(stream_);
        }
        if (context_) {
            pa_context_set_state_callback(context_, nullptr, nullptr);
            pa_context_disconnect(context_);
            pa_context_unref(context_);
        }
        pa_threaded_mainloop_unlock(loop_);
        pa_threaded_mainloop_stop(loop_);
        pa_threaded_mainloop_free(loop_);
    }

    PulseOutput(const PulseOutput&) = delete;
    PulseOutput& operator=(const PulseOutput&) = delete;

    bool open(const std::string& output) {
        loop_ = pa_threaded_mainloop_new();
        if (!loop_ || pa_threaded_mainloop_start(loop_) < 0)
            return false;
        pa_threaded_mainloop_lock(loop_);
        const bool connected =
            connect_context() && (connect_stream(output) || (!output.empty() && connect_stream({})));
        pa_threaded_mainloop_unlock(loop_);
        alive_.store(connected);
        return connected;
    }

    void run(bool running) override {
        if (!alive())
            return;
        pa_threaded_mainloop_lock(loop_);
        if (pa_operation* operation = pa_stream_cork(stream_, running ? 0 : 1, nullptr, nullptr))
            pa_operation_unref(operation);
        pa_threaded_mainloop_unlock(loop_);
    }

    [[nodiscard]] Samples heard() const override {
        if (alive()) {
            pa_usec_t microseconds = 0;
            pa_threaded_mainloop_lock(loop_);
            const bool known = pa_stream_get_time(stream_, &microseconds) == 0;
            pa_threaded_mainloop_unlock(loop_);
            // The server's estimate may step back by a hair; a clock does not.
            const auto heard = base_ + static_cast<std::int64_t>(static_cast<double>(microseconds) * 1e-6 *
                                                                 static_cast<double>(mixer_.sample_rate()));
            if (known && heard > last_.load())
                last_.store(std::min(heard, mixer_.rendered().value));
        }
        return Samples(last_.load());
    }

    [[nodiscard]] bool alive() const override { return alive_.load(); }
    [[nodiscard]] bool audible() const override { return true; }

private:
    bool connect_context() {
        context_ = pa_context_new(pa_threaded_mainloop_get_api(loop_), "Pulse Pin");
        if (!context_)
            return false;
        pa_context_set_state_callback(
            context_, [](pa_context*, void* self) { static_cast<PulseOutput*>(self)->state_changed(); },
            this);
        if (pa_context_connect(context_, nullptr, PA_CONTEXT_NOAUTOSPAWN, nullptr) < 0)
            return false;
        return wait_until([this] { return pa_context_get_state(context_) == PA_CONTEXT_READY; },
                          [this] { return !PA_CONTEXT_IS_GOOD(pa_context_get_state(context_)); });
    }

    bool connect_stream(const std::string& output) {
        const pa_sample_spec spec{PA_SAMPLE_FLOAT32LE, static_cast<std::uint32_t>(mixer_.sample_rate()), 2};
        if (!pa_sample_spec_valid(&spec))
            return false;
        if (stream_) // to an output that is gone
            pa_stream_unref(stream_);
        stream_ = pa_stream_new(context_, "music", &spec, nullptr);
        if (!stream_)
            return false;
        pa_stream_set_state_callback(
            stream_, [](pa_stream*, void* self) { static_cast<PulseOutput*>(self)->state_changed(); }, this);
        pa_stream_set_write_callback(
            stream_,
            [](pa_stream*, std::size_t bytes, void* self) { static_cast<PulseOutput*>(self)->write(bytes); },
            this);
        const auto unset = static_cast<std::uint32_t>(-1);
        const auto wanted =
            static_cast<std::uint32_t>(static_cast<double>(mixer_.sample_rate()) * buffer_seconds) *
            static_cast<std::uint32_t>(bytes_per_frame);
        const pa_buffer_attr buffer{unset, wanted, unset, unset, unset};
        const auto flags =
            static_cast<pa_stream_flags_t>(PA_STREAM_START_CORKED | PA_STREAM_INTERPOLATE_TIMING |
                                           PA_STREAM_AUTO_TIMING_UPDATE | PA_STREAM_ADJUST_LATENCY);
        if (pa_stream_connect_playback(stream_, output.empty() ? nullptr : output.c_str(), &buffer, flags,
                                       nullptr, nullptr) < 0)
            return false;
        return wait_until([this] { return pa_stream_get_state(stream_) == PA_STREAM_READY; },
                          [this] { return !PA_STREAM_IS_GOOD(pa_stream_get_state(stream_)); });
    }

    template <class Ready, class Failed>
    bool wait_until(Ready ready, Failed failed) {
        while (!ready()) {
            if (failed())
                return false;
            pa_threaded_mainloop_wait(loop_);
        }
        return true;
    }

    void state_changed() {
        const bool context_lost = !PA_CONTEXT_IS_GOOD(pa_context_get_state(context_));
        const bool stream_lost = stream_ && !PA_STREAM_IS_GOOD(pa_stream_get_state(stream_));
        if (context_lost || stream_lost)
            alive_.store(false);
        pa_threaded_mainloop_signal(loop_, 0);
    }

    void write(std::size_t bytes) {
        while (bytes >= bytes_per_frame) {
            void* place = nullptr;
            std::size_t room = bytes;
            if (pa_stream_begin_write(stream_, &place, &room) < 0 || !place || room < bytes_per_frame)
                return;
            room -= room % bytes_per_frame;
            mixer_.render({static_cast<float*>(place), room / sizeof(float)});
            pa_stream_write(stream_, place, room, nullptr, 0, PA_SEEK_RELATIVE);
            bytes -= std::min(bytes, room);
        }
    }

    Mixer& mixer_;
    std::int64_t base_; ///< what the mixer had rendered for an earlier device
    pa_threaded_mainloop* loop_ = nullptr;
    pa_context* context_ = nullptr;
    pa_stream* stream_ = nullptr;
    std::atomic<bool> alive_{false};
    mutable std::atomic<std::int64_t> last_;
};

} // namespace

Result<std::unique_ptr<AudioOutput>> open_pulse_output(Mixer& mixer, const std::string& output) {
    auto opened = std::make_unique<PulseOutput>(mixer);
    if (!opened->open(output))
        return fail("No sound server was found.", {}, "Playback is silent.");
    return std::unique_ptr<AudioOutput>(std::move(opened));
}

std::vector<std::string> pulse_outputs() {
    std::vector<std::string> names;
    pa_mainloop* loop = pa_mainloop_new();
    pa_context* context = loop ? pa_context_new(pa_mainloop_get_api(loop), "Pulse Pin") : nullptr;
    const auto wait_until = [&](auto&& done) {
        while (PA_CONTEXT_IS_GOOD(pa_context_get_state(context)) && !done())
            if (pa_mainloop_iterate(loop, 1, nullptr) < 0)
                return false;
        return done();
    };
    if (context && pa_context_connect(context, nullptr, PA_CONTEXT_NOAUTOSPAWN, nullptr) >= 0 &&
        wait_until([&] { return pa_context_get_state(context) == PA_CONTEXT_READY; })) {
        pa_operation* asked = pa_context_get_sink_info_list(
            context,
            [](pa_context*, const pa_sink_info* sink, int, void* into) {
                if (sink)
                    static_cast<std::vector<std::string>*>(into)->emplace_back(sink->name);
            },
            &names);
        if (asked) {
            wait_until([&] { return pa_operation_get_state(asked) != PA_OPERATION_RUNNING; });
            pa_operation_unref(asked);
        }
    }
    if (context) {
        pa_context_disconnect(context);
        pa_context_unref(context);
    }
    if (loop)
        pa_mainloop_free(loop);
    return names;
}

} // namespace pulsepin
