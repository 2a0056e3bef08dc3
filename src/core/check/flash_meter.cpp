// SPDX-License-Identifier: GPL-3.0-or-later
#include "check/flash_meter.h"

#include <algorithm>
#include <array>
#include <cmath>
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

/// Changes of the last second, pixel by pixel.
class RecentChanges {
public:
    RecentChanges(std::size_t pixels, int frames)
        : counts_(pixels, 0), ring_(static_cast<std::size_t>(frames), std::vector<std::uint8_t>(pixels, 0)) {}
    /// What changed now is written there; what it held fell out of the second.
    std::vector<std::uint8_t>& next() {
        at_ = (at_ + 1) % ring_.size();
        auto& slot = ring_[at_];
        for (std::size_t i = 0; i < counts_.size(); ++i)
            counts_[i] = static_cast<std::uint8_t>(counts_[i] - slot[i]);
        return slot;
    }
    void count() {
        const auto& slot = ring_[at_];
        for (std::size_t i = 0; i < counts_.size(); ++i)
            counts_[i] = static_cast<std::uint8_t>(counts_[i] + slot[i]);
    }
    [[nodiscard]] const std::vector<std::uint8_t>& now() const { return ring_[at_]; }
    [[nodiscard]] const std::vector<std::uint8_t>& counts() const { return counts_; }

private:
    std::vector<std::uint8_t> counts_;
    std::vector<std::vector<std::uint8_t>> ring_;
    std::size_t at_ = 0;
};

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
    }

    static std::size_t size(int w, int h) {
        return static_cast<std::size_t>(w) * static_cast<std::size_t>(h);
    }

    void look(std::span<const std::uint8_t> pixels);
    void tell_luminance();
    void tell_red();
    void tell_older_red();
    [[nodiscard]] double most_in_a_window(const std::vector<std::uint8_t>& counts, int least, int* x, int* y);
    struct Often {
        int flashes = 0;
        double area = 0;
        FlashFrame::Box box = {};
    };
    [[nodiscard]] Often often(const std::vector<std::uint8_t>& counts);
};

/// Luminance, and what is red, of each pixel.
void FlashMeter::State::look(std::span<const std::uint8_t> pixels) {
    const bool older = rule.form == FlashRule::Form::OlderRed;
    for (std::size_t i = 0; i < luminance.size(); ++i) {
        const auto b = pixels[4 * i], g = pixels[4 * i + 1], r = pixels[4 * i + 2];
        luminance[i] = static_cast<std::int16_t>(parts[0][r] + parts[1][g] + parts[2][b]);
        const float lr = light[r], lg = light[g], lb = light[b], sum = lr + lg + lb;
        if (older) {
            u[i] = std::max(0.0f, (lr - lg - lb) * 320);
            v[i] = 0;
        } else {
            // CIE 1976 u' = 4X / (X + 15Y + 3Z), v' = 9Y / (X + 15Y + 3Z), with BT.709's primaries.
            const float x = 0.4124f * lr + 0.3576f * lg + 0.1805f * lb,
                        y = 0.2126f * lr + 0.7152f * lg + 0.0722f * lb,
                        z = 0.0193f * lr + 0.1192f * lg + 0.9505f * lb;
            const float under = x + 15 * y + 3 * z;
            const bool coloured = sum >= no_colour;
            u[i] = coloured ? 4 * x / under : white_u;
            v[i] = coloured ? 9 * y / under : white_v;
        }
        red[i] = sum >= no_colour && lr >= red_share * sum ? 1 : 0;
    }
}

void FlashMeter::State::tell_luminance() {
    auto& changed = changes.next();
    for (std::size_t i = 0; i < luminance.size(); ++i) {
        const int now = luminance[i];
        const int lowest = std::min<int>(low[i], now), highest = std::max<int>(high[i], now);
        const bool down = way[i] >= 0 && highest - now >= least_change && now < darker_below;
        const bool up = way[i] <= 0 && now - lowest >= least_change && lowest < darker_below;
        changed[i] = down || up ? 1 : 0;
        way[i] = static_cast<std::int8_t>(down ? -1 : up ? 1 : way[i]);
        low[i] = static_cast<std::int16_t>(down ? now : lowest);
        high[i] = static_cast<std::int16_t>(up ? now : highest);
    }
    changes.count();
}

/// While a pixel is not red, what it was that lies farthest from red is kept; while it is, what lies nearest.
void FlashMeter::State::tell_red() {
    const auto squared = [](float a, float b) { return a * a + b * b; };
    auto& changed = red_changes.next();
    for (std::size_t i = 0; i < red.size(); ++i) {
        const bool far = squared(u[i] - kept_u[i], v[i] - kept_v[i]) > red_difference * red_difference;
        const bool turns = far && red[i] != in_red[i];
        const float from_red = squared(u[i] - red_u, v[i] - red_v),
                    kept_from_red = squared(kept_u[i] - red_u, kept_v[i] - red_v);
        const bool further =
            red[i] == in_red[i] && (in_red[i] ? from_red < kept_from_red : from_red > kept_from_red);
        changed[i] = turns ? 1 : 0;
        in_red[i] = turns ? red[i] : in_red[i];
        kept_u[i] = turns || further ? u[i] : kept_u[i];
        kept_v[i] = turns || further ? v[i] : kept_v[i];
    }
    red_changes.count();
}

/// A change of (R - G - B) x 320 by more than 20, counted from the last turn, one end being saturated red.
void FlashMeter::State::tell_older_red() {
    auto& changed = red_changes.next();
    for (std::size_t i = 0; i < red.size(); ++i) {
        const float now = u[i];
        // kept_u is the lowest while it is not red, the highest while it is.
        const bool far = std::abs(now - kept_u[i]) > older_red_change;
        const bool turns = far && (in_red[i] ? now < kept_u[i] : now > kept_u[i] && red[i] != 0);
        const bool further = in_red[i] ? now > kept_u[i] : now < kept_u[i];
        changed[i] = turns ? 1 : 0;
        in_red[i] = static_cast<std::uint8_t>(turns ? !in_red[i] : in_red[i]);
        kept_u[i] = turns || further ? now : kept_u[i];
    }
    red_changes.count();
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
    s.look(pixels);
    if (!s.begun) {
        s.begun = true;
        s.low = s.high = s.luminance;
        s.kept_u = s.u;
        s.kept_v = s.v;
        s.in_red = s.red;
    }
    s.tell_luminance();
    if (s.rule.form == FlashRule::Form::OlderRed)
        s.tell_older_red();
    else
        s.tell_red();
    FlashFrame frame;
    const auto general = s.often(s.changes.counts()), red = s.often(s.red_changes.counts());
    frame.flashes = general.flashes;
    frame.area = general.area;
    frame.red = red.flashes;
    frame.red_area = red.area;
    frame.box = red.flashes > general.flashes ? red.box : general.box;
    for (const auto* changes : {&s.changes, &s.red_changes}) {
        const auto& now = changes->now();
        int x = 0, y = 0;
        const auto all = std::accumulate(now.begin(), now.end(), std::int64_t{0});
        frame.changed = frame.changed ||
                        (static_cast<double>(all) > s.limit && s.most_in_a_window(now, 1, &x, &y) > s.limit);
    }
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
