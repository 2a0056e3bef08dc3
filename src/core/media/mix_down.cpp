// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/mix_down.h"

#include "media/sound_builder.h"

#include <algorithm>
#include <cmath>
#include <filesystem>
#include <fmt/core.h>
#include <limits>
#include <numbers>

namespace pulsepin {

float fade_gain(FadeShape shape, double share) {
    share = std::clamp(share, 0.0, 1.0);
    return static_cast<float>(shape == FadeShape::Linear ? share : std::sin(share * std::numbers::pi / 2));
}

float line_db(std::span<const MixPart::LinePoint> line, Samples at) {
    if (line.empty())
        return 0;
    const auto next =
        std::upper_bound(line.begin(), line.end(), at,
                         [](Samples a, const MixPart::LinePoint& point) { return a < point.at; });
    if (next == line.begin())
        return line.front().db;
    const auto& before = *(next - 1);
    if (next == line.end())
        return before.db;
    const auto share =
        static_cast<float>((at - before.at).value) / static_cast<float>((next->at - before.at).value);
    return before.db + (next->db - before.db) * share;
}

namespace {

/// A line of gain, worked out at every sixteenth sample.
class LineGain {
public:
    explicit LineGain(std::span<const MixPart::LinePoint> line) : line_(line) {}
    float at(std::int64_t place) {
        if (line_.empty())
            return 1;
        const std::int64_t from = place >= 0 ? place / step * step : (place - step + 1) / step * step;
        if (from != from_) {
            low_ = from == from_ + step ? high_ : factor(from);
            high_ = factor(from + step);
            from_ = from;
        }
        return low_ + (high_ - low_) * static_cast<float>(place - from) / static_cast<float>(step);
    }

private:
    static constexpr std::int64_t step = 16;
    [[nodiscard]] float factor(std::int64_t at) const {
        return std::pow(10.0f, line_db(line_, Samples(at)) / 20);
    }
    std::span<const MixPart::LinePoint> line_;
    std::int64_t from_ = std::numeric_limits<std::int64_t>::min() / 2;
    float low_ = 1, high_ = 1;
};

} // namespace

void add_part(const MixPart& part, Samples from, std::span<float> stereo) {
    if (!part.samples)
        return;
    const auto frames = static_cast<std::int64_t>(stereo.size() / 2);
    const auto samples = part.samples->interleaved();
    const auto channels = static_cast<std::size_t>(part.samples->format().channels);
    const auto first = std::max<std::int64_t>(0, part.start.value - from.value);
    const auto last = std::min(frames, part.start.value + part.length.value - from.value);
    LineGain line(part.line);
    for (auto i = first; i < last; ++i) {
        const auto into = from.value + i - part.start.value;
        const auto at = part.in.value + into;
        if (at < 0 || at >= part.samples->length().value)
            continue;
        float gain = part.gain * line.at(at);
        if (into < part.fade_in.value)
            gain *=
                fade_gain(part.shape_in, static_cast<double>(into) / static_cast<double>(part.fade_in.value));
        if (const auto left = part.length.value - into; left < part.fade_out.value)
            gain *= fade_gain(part.shape_out,
                              static_cast<double>(left) / static_cast<double>(part.fade_out.value));
        const auto base = static_cast<std::size_t>(at) * channels;
        stereo[static_cast<std::size_t>(2 * i)] += gain * samples[base];
        stereo[static_cast<std::size_t>(2 * i + 1)] += gain * samples[base + channels - 1];
    }
}

void MixPlan::add_to(std::span<float> stereo, Samples from) const {
    for (const auto& part : parts)
        add_part(part, from, stereo);
}

void MixPlan::hold(Samples from, Samples until) const {
    std::vector<const SampleStore*> held; // a store holds one stretch: that of its first part there
    for (const auto& part : parts) {
        const Samples first = std::max(from, part.start), last = std::min(until, part.start + part.length);
        if (!part.samples || first >= last ||
            std::find(held.begin(), held.end(), part.samples.get()) != held.end())
            continue;
        held.push_back(part.samples.get());
        part.samples->hold(part.in + (first - part.start), part.in + (last - part.start));
    }
}

Seconds MixPlan::duration() const {
    return Seconds(sample_rate > 0 ? static_cast<double>(length.value) / static_cast<double>(sample_rate)
                                   : 0.0);
}

MixPlan plan_of(std::shared_ptr<const SampleStore> sound) {
    const Samples length = sound->length();
    const std::int64_t rate = sound->format().sample_rate;
    return {rate, length, {MixPart{std::move(sound), Samples(0), Samples(0), length, 1, {}, {}}}};
}

Result<LoadedSound> mix_down(const MixPlan& plan, const Progress& progress) {
    // What is asked for is looked at before any of it is taken: one sound that lies far off would fill the
    // disk.
    constexpr double longest = 86'400; // seconds
    if (plan.duration().value > longest)
        return fail(
            fmt::format("The sum of all sounds would be {:.0f} hours long.", plan.duration().value / 3600),
            {}, "Look for a sound that lies far behind the others, and move it or take it away.");
    std::error_code code;
    const auto folder = std::filesystem::temp_directory_path(code);
    const auto space = std::filesystem::space(folder, code);
    const auto needed = static_cast<std::uintmax_t>(plan.length.value) * 2 * sizeof(float);
    if (!code && needed > space.available)
        return fail(fmt::format("There is no room for the sum of all sounds: it takes {} MB.", needed >> 20),
                    folder.string(), "Free some space, or set TMPDIR to a folder on another disk.");
    auto builder = SoundBuilder::create({plan.sample_rate, 2});
    if (!builder)
        return tl::unexpected(builder.error());
    constexpr std::int64_t block = 1 << 15;
    std::vector<float> stereo;
    for (std::int64_t at = 0; at < plan.length.value; at += block) {
        if (progress.cancelled())
            return fail_cancelled();
        stereo.assign(static_cast<std::size_t>(2 * std::min(block, plan.length.value - at)), 0.0f);
        plan.add_to(stereo, Samples(at));
        if (auto added = builder->append(stereo); !added)
            return tl::unexpected(added.error());
        progress.report(static_cast<double>(at) / static_cast<double>(plan.length.value));
        if (at / block % 128 == 127)
            for (const auto& part : plan.parts)
                if (part.samples)
                    part.samples->give_back_memory();
    }
    return std::move(*builder).finish();
}

} // namespace pulsepin
