// SPDX-License-Identifier: GPL-3.0-or-later
#include "analysis/activation_queue.h"

#include <algorithm>
#include <utility>

namespace pulsepin {
namespace {

constexpr std::size_t stretch = 30'000; // five minutes; even, so that pairs of frames stay pairs
constexpr std::size_t inputs = FrontEnd::quick_bands + FrontEnd::slow_bands;
constexpr std::size_t silence_before = 20; // frames; what begins is heard as such after some silence

} // namespace

ActivationQueue::ActivationQueue(const Listeners& listeners, Features& out, std::size_t expected)
    : listeners_(listeners), out_(out), before_(silence_before) {
    if (anybody())
        kept_.reserve(inputs *
                      (silence_before + std::min(expected, stretch + 2 * ActivationNetwork::context)));
    kept_.assign(silence_before * inputs, 0.0f);
}

std::size_t ActivationQueue::frames() const {
    return kept_.size() / inputs;
}

void ActivationQueue::add(const FrontBlock& block) {
    if (!anybody())
        return;
    for (std::size_t k = 0; k < block.frames; ++k) {
        const auto quick = block.quick.frame(2 * k);
        const auto slow = block.slow.frame(k);
        kept_.insert(kept_.end(), quick.begin(), quick.end());
        kept_.insert(kept_.end(), slow.begin(), slow.end());
    }
    while (frames() - before_ >= stretch + ActivationNetwork::context)
        listen(stretch, std::min(frames(), before_ + stretch + ActivationNetwork::context));
}

void ActivationQueue::finish() {
    if (anybody() && frames() > before_)
        listen(frames() - before_, frames());
}

void ActivationQueue::listen(std::size_t count, std::size_t reach) {
    const auto heard = std::span(kept_).first(reach * inputs);
    if (listeners_.rhythm)
        listeners_.rhythm->activate(heard, before_, before_ + count, out_.activations.log_odds);
    if (listeners_.drums) {
        std::array<std::vector<float>, drum_count> drums;
        listeners_.drums->activate(heard, before_, before_ + count, drums);
        if (listeners_.rhythm)
            add_second_opinion(drums, count);
        out_.drums.append(drums);
    }
    const std::size_t done = before_ + count;
    const std::size_t drop =
        done > ActivationNetwork::context ? (done - ActivationNetwork::context) / 2 * 2 : 0;
    kept_.erase(kept_.begin(), kept_.begin() + static_cast<std::ptrdiff_t>(drop * inputs));
    before_ = done - drop;
}

// Kicks, snares and hats are heard by both networks, which were taught with different drums: together they
// err less than either (docs/accuracy.md).
void ActivationQueue::add_second_opinion(std::array<std::vector<float>, drum_count>& drums,
                                         std::size_t count) const {
    constexpr float share = 0.3f;
    constexpr std::pair<Drum, Activation> both[] = {
        {Drum::Kick, Activation::Kick}, {Drum::Snare, Activation::Snare}, {Drum::Hat, Activation::Hat}};
    for (const auto& [drum, kind] : both) {
        auto& first = drums[static_cast<std::size_t>(drum)];
        const auto second = std::span(out_.activations[kind]).last(count);
        for (std::size_t i = 0; i < count; ++i)
            first[i] += share * (second[i] - first[i]);
    }
}

} // namespace pulsepin
