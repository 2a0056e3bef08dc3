// SPDX-License-Identifier: GPL-3.0-or-later
#include "check/flash_meter.h"

#include "base/wide.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <cstring>
#include <numeric>

namespace pulsepin {
namespace {

/// Luminance is counted in steps of a thirty-thousandth, so that a change is told with whole numbers.
constexpr int whole_luminance = 30'000;
constexpr int least_change = whole_luminance / 10 - 1; // one step for rounding
constexpr int darker_below = whole_luminance * 8 / 10;
constexpr float red_share = 0.8f, red_difference = 0.2f;
/// Below this sum of linear R, G and B there is no colour to speak of, but noise: such a pixel is as grey.
constexpr float no_colour = 0.01f;
constexpr float white_u = 0.1978f, white_v = 0.4683f; // D65, CIE 15
constexpr float red_u = 0.4507f, red_v = 0.5229f;     // the red of IEC 61966-2-1 and BT.709
constexpr float older_red_change = 20;

/// From a code of 8 bits to linear light.
float linear(int code, FlashRule::Form form) {
    const double v = code / 255.0;
    if (form == FlashRule::Form::Screen) // ITU-R BT.1886 with a black of 0
        return static_cast<float>(std::pow(v, 2.4));
    // As WCAG writes IEC 61966-2-1; its 0.03928 and 0.04045 are the same for 8 bits.
    return static_cast<float>(v <= 0.04045 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4));
}

/// Changes of the last second, pixel by pixel. Most pictures change little: what is empty is not gone
/// through.
class RecentChanges {
public:
    RecentChanges(std::size_t pixels, int frames)
        : counts_(pixels, 0),
          ring_(static_cast<std::size_t>(frames), Slot{std::vector<std::uint8_t>(pixels, 0)}) {}
    /// What changed now is written there, 0 or 1 each; all 0 at first. What it held fell out of the second.
    std::vector<std::uint8_t>& next() {
        at_ = (at_ + 1) % ring_.size();
        auto& slot = ring_[at_];
        counts_differ_ = slot.changed > 0;
        if (slot.changed > 0) {
            for (std::size_t i = 0; i < counts_.size(); ++i)
                counts_[i] = static_cast<std::uint8_t>(counts_[i] - slot.of[i]);
            std::fill(slot.of.begin(), slot.of.end(), std::uint8_t{0});
        }
        slot.changed = 0;
        return slot.of;
    }
    void count() {
        auto& slot = ring_[at_];
        slot.changed = std::accumulate(slot.of.begin(), slot.of.end(), std::int64_t{0});
        counts_differ_ = counts_differ_ || slot.changed > 0;
        for (std::size_t i = 0; slot.changed > 0 && i < counts_.size(); ++i)
            counts_[i] = static_cast<std::uint8_t>(counts_[i] + slot.of[i]);
    }
    [[nodiscard]] const std::vector<std::uint8_t>& now() const { return ring_[at_].of; }
    [[nodiscard]] std::int64_t changed_now() const { return ring_[at_].changed; } ///< pixels
    [[nodiscard]] const std::vector<std::uint8_t>& counts() const { return counts_; }
    [[nodiscard]] bool counts_differ() const { return counts_differ_; } ///< from those of the picture before

private:
    struct Slot {
        std::vector<std::uint8_t> of;
        std::int64_t changed = 0;
    };
    std::vector<std::uint8_t> counts_;
    std::vector<Slot> ring_;
    std::size_t at_ = 0;
    bool counts_differ_ = false;
};

/// u' and v' of linear red, green and blue. CIE 1976: u' = 4X / (X + 15Y + 3Z), v' = 9Y / (X + 15Y + 3Z),
/// with BT.709's primaries.
PULSEPIN_WIDE void tell_colour(const float* r, const float* g, const float* b, std::size_t count,
                               float* __restrict u, float* __restrict v) {
    for (std::size_t i = 0; i < count; ++i) {
        const float x = 0.4124f * r[i] + 0.3576f * g[i] + 0.1805f * b[i],
                    y = 0.2126f * r[i] + 0.7152f * g[i] + 0.0722f * b[i],
                    z = 0.0193f * r[i] + 0.1192f * g[i] + 0.9505f * b[i];
        const bool coloured = r[i] + g[i] + b[i] >= no_colour;
        const float under = coloured ? x + 15 * y + 3 * z : 1.0f;
        const float u_now = 4 * x / under, v_now = 9 * y / under;
        u[i] = coloured ? u_now : white_u;
        v[i] = coloured ? v_now : white_v;
    }
}

/// (R - G - B) x 320, where it is positive.
PULSEPIN_WIDE void tell_older_colour(const float* r, const float* g, const float* b, std::size_t count,
                                     float* __restrict u, float* __restrict v) {
    for (std::size_t i = 0; i < count; ++i) {
        u[i] = std::max(0.0f, (r[i] - g[i] - b[i]) * 320);
        v[i] = 0;
    }
}

/// Where red is most of what shines: 1.
PULSEPIN_WIDE void tell_saturated(const float* r, const float* g, const float* b, std::size_t count,
                                  std::uint8_t* __restrict red) {
    for (std::size_t i = 0; i < count; ++i) {
        const float sum = r[i] + g[i] + b[i];
        red[i] = sum >= no_colour && r[i] >= red_share * sum ? 1 : 0;
    }
}

} // namespace

int frames_in_a_second(FrameRate rate) {
    return static_cast<int>(std::ceil(rate.per_second() - 1e-9));
}

struct FlashMeter::State {
    int width, height;
    FlashRule rule;
    int window_width, window_height;
    double limit; ///< pixels of a window that may flash
    double window_area;
    std::array<float, 256> light{};
    std::array<std::array<int, 256>, 3> parts{}; ///< of the luminance, by red, green, blue

    std::vector<std::int16_t> luminance, low, high;
    std::vector<std::int8_t> way; ///< of the last change: up, down, none yet
    std::vector<float> u, v, kept_u, kept_v;
    std::vector<std::uint8_t> red, in_red;
    RecentChanges changes, red_changes;
    std::vector<std::int32_t> sums; ///< over all that lies above and left
    std::vector<std::uint8_t> last; ///< the picture before
    /// Pixels [first, end), not all of them the same as in the picture before.
    struct Run {
        std::size_t first, end;
    };
    std::vector<Run> fresh;
    bool begun = false;

    State(int w, int h, FrameRate rate, FlashRule r)
        : width(w), height(h), rule(r), changes(size(w, h), frames_in_a_second(rate)),
          red_changes(size(w, h), frames_in_a_second(rate)) {
        const bool whole = rule.form == FlashRule::Form::Screen;
        window_width = std::max(1, whole ? w : static_cast<int>(std::lround(w / 3.0)));
        window_height = std::max(1, whole ? h : static_cast<int>(std::lround(h / 3.0)));
        window_area = whole ? 1.0 * w * h : w / 3.0 * h / 3.0;
        limit = window_area / 4;
        for (int code = 0; code < 256; ++code) {
            const auto at = static_cast<std::size_t>(code);
            light[at] = linear(code, rule.form);
            constexpr std::array<double, 3> weights{0.2126, 0.7152, 0.0722};
            for (std::size_t c = 0; c < 3; ++c)
                parts[c][at] = static_cast<int>(
                    std::lround(weights[c] * static_cast<double>(light[at]) * whole_luminance));
        }
        const auto pixels = size(w, h);
        for (auto* plane : {&luminance, &low, &high})
            plane->resize(pixels);
        for (auto* plane : {&u, &v, &kept_u, &kept_v})
            plane->resize(pixels);
        way.resize(pixels);
        red.resize(pixels);
        in_red.resize(pixels);
        sums.resize(size(w + 1, h + 1));
        last.resize(4 * pixels);
    }

    static std::size_t size(int w, int h) {
        return static_cast<std::size_t>(w) * static_cast<std::size_t>(h);
    }

    void find_fresh(std::span<const std::uint8_t> pixels);
    void look(std::span<const std::uint8_t> pixels, Run run);
    void tell_luminance(Run run, std::vector<std::uint8_t>& changed);
    void tell_red(Run run, std::vector<std::uint8_t>& changed);
    void tell_older_red(Run run, std::vector<std::uint8_t>& changed);
    [[nodiscard]] double most_in_a_window(const std::vector<std::uint8_t>& counts, int least, int* x, int* y);
    struct Often {
        int flashes = 0;
        double area = 0;
        FlashFrame::Box box = {};
    };
    Often general, reddish; ///< as told last
    [[nodiscard]] Often often(const std::vector<std::uint8_t>& counts);
};

/// A pixel that is what it was neither turns nor goes further: what is the same is left alone.
void FlashMeter::State::find_fresh(std::span<const std::uint8_t> pixels) {
    fresh.clear();
    constexpr std::size_t together = 64; // pixels; they are told apart by four cache lines
    for (std::size_t first = 0; first < luminance.size(); first += together) {
        const std::size_t end = std::min(first + together, luminance.size());
        const auto now = pixels.subspan(4 * first, 4 * (end - first));
        const auto before = std::span(last).subspan(4 * first, 4 * (end - first));
        if (begun && std::memcmp(now.data(), before.data(), now.size()) == 0)
            continue;
        std::memcpy(before.data(), now.data(), now.size());
        if (!fresh.empty() && fresh.back().end == first)
            fresh.back().end = end;
        else
            fresh.push_back({first, end});
    }
}

/// Luminance, and what is red, of each pixel.
void FlashMeter::State::look(std::span<const std::uint8_t> pixels, Run run) {
    // Tables first, a few pixels at a time: what is left is arithmetic, which the compiler makes wide.
    constexpr std::size_t most = 256;
    std::array<float, most> lr, lg, lb;
    for (std::size_t first = run.first; first < run.end; first += most) {
        const std::size_t count = std::min(most, run.end - first);
        for (std::size_t k = 0; k < count; ++k) {
            const std::size_t i = first + k;
            const auto b = pixels[4 * i], g = pixels[4 * i + 1], r = pixels[4 * i + 2];
            luminance[i] = static_cast<std::int16_t>(parts[0][r] + parts[1][g] + parts[2][b]);
            lr[k] = light[r];
            lg[k] = light[g];
            lb[k] = light[b];
        }
        float *const to_u = &u[first], *const to_v = &v[first];
        std::uint8_t* const to_red = &red[first];
        if (rule.form == FlashRule::Form::OlderRed)
            tell_older_colour(lr.data(), lg.data(), lb.data(), count, to_u, to_v);
        else
            tell_colour(lr.data(), lg.data(), lb.data(), count, to_u, to_v);
        tell_saturated(lr.data(), lg.data(), lb.data(), count, to_red);
    }
}

PULSEPIN_WIDE void FlashMeter::State::tell_luminance(Run run, std::vector<std::uint8_t>& all_changed) {
    const std::int16_t* const told = luminance.data();
    std::int16_t* __restrict const lows = low.data(), * __restrict const highs = high.data();
    std::int8_t* __restrict const ways = way.data();
    std::uint8_t* __restrict const changed = all_changed.data();
    for (std::size_t i = run.first; i < run.end; ++i) {
        const std::int16_t now = told[i], lowest = std::min(lows[i], now), highest = std::max(highs[i], now);
        // Whole numbers of 16 bits, none of them below 0 or above 30 000: their differences are such, too.
        const bool down = (ways[i] >= 0) & (static_cast<std::int16_t>(highest - now) >= least_change) &
                          (now < darker_below);
        const bool up = (ways[i] <= 0) & (static_cast<std::int16_t>(now - lowest) >= least_change) &
                        (lowest < darker_below);
        changed[i] = static_cast<std::uint8_t>(down | up);
        ways[i] = down ? std::int8_t{-1} : up ? std::int8_t{1} : ways[i];
        lows[i] = down ? now : lowest;
        highs[i] = up ? now : highest;
    }
}

/// While a pixel is not red, what it was that lies farthest from red is kept; while it is, what lies nearest.
PULSEPIN_WIDE void FlashMeter::State::tell_red(Run run, std::vector<std::uint8_t>& all_changed) {
    const auto squared = [](float a, float b) { return a * a + b * b; };
    const float *const us = u.data(), *const vs = v.data();
    const std::uint8_t* const reds = red.data();
    float* __restrict const last_u = kept_u.data(), * __restrict const last_v = kept_v.data();
    std::uint8_t* __restrict const within = in_red.data(), * __restrict const changed = all_changed.data();
    for (std::size_t i = run.first; i < run.end; ++i) {
        const float u_now = us[i], v_now = vs[i], u_before = last_u[i], v_before = last_v[i];
        const bool far = squared(u_now - u_before, v_now - v_before) > red_difference * red_difference;
        const bool same = reds[i] == within[i], was_red = within[i] != 0, turns = far & !same;
        const float from_red = squared(u_now - red_u, v_now - red_v),
                    kept_from_red = squared(u_before - red_u, v_before - red_v);
        const bool further =
            same & ((was_red & (from_red < kept_from_red)) | (!was_red & (from_red > kept_from_red)));
        changed[i] = turns ? 1 : 0;
        within[i] = turns ? reds[i] : within[i];
        last_u[i] = turns | further ? u_now : u_before;
        last_v[i] = turns | further ? v_now : v_before;
    }
}

/// A change of (R - G - B) x 320 by more than 20, counted from the last turn, one end being saturated red.
void FlashMeter::State::tell_older_red(Run run, std::vector<std::uint8_t>& changed) {
    for (std::size_t i = run.first; i < run.end; ++i) {
        const float now = u[i];
        // kept_u is the lowest while it is not red, the highest while it is.
        const bool far = std::abs(now - kept_u[i]) > older_red_change;
        const bool turns = far && (in_red[i] ? now < kept_u[i] : now > kept_u[i] && red[i] != 0);
        const bool further = in_red[i] ? now > kept_u[i] : now < kept_u[i];
        changed[i] = turns ? 1 : 0;
        in_red[i] = static_cast<std::uint8_t>(turns ? !in_red[i] : in_red[i]);
        kept_u[i] = turns || further ? now : kept_u[i];
    }
}

/// Pixels with at least so many changes in the window that has most of them.
double FlashMeter::State::most_in_a_window(const std::vector<std::uint8_t>& counts, int least, int* x,
                                           int* y) {
    const auto stride = static_cast<std::size_t>(width) + 1;
    for (int row = 0; row < height; ++row) {
        std::int32_t across = 0;
        const std::uint8_t* of = counts.data() + size(width, row);
        const std::int32_t* above = sums.data() + static_cast<std::size_t>(row) * stride + 1;
        std::int32_t* here = sums.data() + static_cast<std::size_t>(row + 1) * stride + 1;
        for (int column = 0; column < width; ++column) {
            across += of[column] >= least ? 1 : 0;
            here[column] = above[column] + across;
        }
    }
    std::int32_t most = 0;
    for (int top = 0; top + window_height <= height; ++top) {
        const std::int32_t* above = sums.data() + static_cast<std::size_t>(top) * stride;
        const std::int32_t* below = sums.data() + static_cast<std::size_t>(top + window_height) * stride;
        for (int left = 0; left + window_width <= width; ++left) {
            const std::int32_t in =
                below[left + window_width] - below[left] - above[left + window_width] + above[left];
            if (in > most) {
                most = in;
                *x = left;
                *y = top;
            }
        }
    }
    return most;
}

/// The most flashes that more than a quarter of a window had.
FlashMeter::State::Often FlashMeter::State::often(const std::vector<std::uint8_t>& counts) {
    std::array<std::int64_t, 256> with{};
    for (const auto count : counts)
        ++with[count];
    Often found;
    std::int64_t pixels = 0;
    int x = 0, y = 0;
    for (int changed = 255; changed >= 2; --changed) {
        pixels += with[static_cast<std::size_t>(changed)];
        if (changed % 2 != 0 || static_cast<double>(pixels) <= limit)
            continue;
        if (most_in_a_window(counts, changed, &x, &y) <= limit)
            continue;
        found.flashes = changed / 2;
        break;
    }
    if (found.flashes == 0)
        return found;
    const int told = 2 * std::min(found.flashes, rule.most + 1);
    found.area = std::min(1.0, most_in_a_window(counts, told, &x, &y) / window_area);
    // Around all that flashes as often, wherever it lies.
    int left = width, top = height, right = 0, bottom = 0;
    for (int row = 0; row < height; ++row)
        for (int column = 0; column < width; ++column)
            if (counts[size(width, row) + static_cast<std::size_t>(column)] >= told) {
                left = std::min(left, column);
                right = std::max(right, column + 1);
                top = std::min(top, row);
                bottom = std::max(bottom, row + 1);
            }
    found.box = {1.0 * left / width, 1.0 * top / height, 1.0 * right / width, 1.0 * bottom / height};
    return found;
}

FlashMeter::FlashMeter(int width, int height, FrameRate rate, FlashRule rule)
    : state_(std::make_unique<State>(width, height, rate, rule)) {}
FlashMeter::~FlashMeter() = default;
FlashMeter::FlashMeter(FlashMeter&&) noexcept = default;

FlashFrame FlashMeter::add(std::span<const std::uint8_t> pixels) {
    State& s = *state_;
    s.find_fresh(pixels);
    for (const auto run : s.fresh)
        s.look(pixels, run);
    if (!s.begun) {
        s.begun = true;
        s.low = s.high = s.luminance;
        s.kept_u = s.u;
        s.kept_v = s.v;
        s.in_red = s.red;
    }
    auto &lighter = s.changes.next(), &redder = s.red_changes.next();
    for (const auto run : s.fresh) {
        s.tell_luminance(run, lighter);
        if (s.rule.form == FlashRule::Form::OlderRed)
            s.tell_older_red(run, redder);
        else
            s.tell_red(run, redder);
    }
    FlashFrame frame;
    for (auto* changes : {&s.changes, &s.red_changes}) {
        changes->count();
        int x = 0, y = 0;
        frame.changed = frame.changed || (static_cast<double>(changes->changed_now()) > s.limit &&
                                          s.most_in_a_window(changes->now(), 1, &x, &y) > s.limit);
    }
    if (s.changes.counts_differ())
        s.general = s.often(s.changes.counts());
    if (s.red_changes.counts_differ())
        s.reddish = s.often(s.red_changes.counts());
    frame.flashes = s.general.flashes;
    frame.area = s.general.area;
    frame.red = s.reddish.flashes;
    frame.red_area = s.reddish.area;
    frame.box = s.reddish.flashes > s.general.flashes ? s.reddish.box : s.general.box;
    return frame;
}

std::vector<FlashPlace> flash_places(std::span<const FlashFrame> frames, FrameRate rate,
                                     const FlashRule& rule) {
    std::vector<FlashPlace> places;
    const std::int64_t second = frames_in_a_second(rate);
    for (std::size_t i = 0; i < frames.size(); ++i) {
        const auto& frame = frames[i];
        const int most = std::max(frame.flashes, frame.red);
        if (most <= rule.most)
            continue;
        const auto at = static_cast<std::int64_t>(i);
        // Its second began earlier: with the first change in it.
        std::int64_t from = std::max<std::int64_t>(0, at - second + 1);
        while (from < at && !frames[static_cast<std::size_t>(from)].changed)
            ++from;
        if (places.empty() || from > places.back().until.value)
            places.push_back({Frames(from), Frames(at + 1)});
        auto& place = places.back();
        place.until = Frames(at + 1);
        const bool red = frame.red > rule.most && frame.red >= frame.flashes;
        const double area = red ? frame.red_area : frame.area;
        if (most > place.most || (most == place.most && area > place.area)) {
            place.most = most;
            place.area = area;
            place.worst = Frames(at);
            place.box = frame.box;
        }
        place.red = place.red || frame.red > rule.most;
    }
    // It ends with the last change that it counts, not when the last second has passed.
    for (auto& place : places)
        while (place.until - place.from > Frames(1) &&
               !frames[static_cast<std::size_t>(place.until.value - 1)].changed)
            place.until = place.until - Frames(1);
    return places;
}

} // namespace pulsepin
