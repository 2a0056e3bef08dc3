// SPDX-License-Identifier: GPL-3.0-or-later
#include "time/frame_rate.h"

#include "base/whole.h"

#include <array>
#include <charconv>
#include <cmath>
#include <numeric>

namespace pulsepin {
namespace {

constexpr double nanosecond = 1e-9;

struct ShortName {
    std::string_view text;
    std::int64_t numerator;
};

// Rates with 1001 below; the names are the usual abbreviations (common practice).
constexpr std::array<ShortName, 7> short_names{{{"23.976", 24000},
                                                {"23.98", 24000},
                                                {"29.97", 30000},
                                                {"47.952", 48000},
                                                {"47.95", 48000},
                                                {"59.94", 60000},
                                                {"119.88", 120000}}};

std::int64_t floor_divide(__int128 a, __int128 b) {
    __int128 q = a / b;
    if (a % b != 0 && (a < 0) != (b < 0))
        --q;
    return static_cast<std::int64_t>(q);
}

bool parse_whole(std::string_view text, std::int64_t& value) {
    const auto [end, code] = std::from_chars(text.data(), text.data() + text.size(), value);
    return code == std::errc() && end == text.data() + text.size();
}

} // namespace

Result<FrameRate> FrameRate::make(std::int64_t numerator, std::int64_t denominator) {
    if (numerator <= 0 || denominator <= 0 || numerator < denominator || numerator / denominator > 1000 ||
        numerator > 1'000'000'000)
        return fail("A frame rate must lie between 1 and 1000 frames per second.", {},
                    "Write it as 25 or as 30000/1001.");
    const auto divisor = std::gcd(numerator, denominator);
    return FrameRate(numerator / divisor, denominator / divisor);
}

Result<FrameRate> FrameRate::parse(std::string_view text) {
    for (const auto& name : short_names)
        if (name.text == text)
            return make(name.numerator, 1001);
    std::int64_t numerator = 0;
    std::int64_t denominator = 1;
    const auto slash = text.find('/');
    const bool read = slash == std::string_view::npos ? parse_whole(text, numerator)
                                                      : parse_whole(text.substr(0, slash), numerator) &&
                                                            parse_whole(text.substr(slash + 1), denominator);
    if (!read)
        return fail("\"" + std::string(text) + "\" is not a frame rate.", {},
                    "Write it as 25 or as 30000/1001.");
    return make(numerator, denominator);
}

Seconds FrameRate::frame_length() const {
    return start_of(Frames(1));
}

Seconds FrameRate::start_of(Frames frame) const {
    std::int64_t product = 0; // holds it for any piece of music; 128 bits are slow
    const double exact = !__builtin_mul_overflow(frame.value, denominator_, &product)
                             ? static_cast<double>(product)
                             : static_cast<double>(static_cast<__int128>(frame.value) * denominator_);
    return Seconds(exact / static_cast<double>(numerator_));
}

Frames FrameRate::frame_at(Seconds time) const {
    return Frames(floor_whole((time.value + nanosecond) * per_second()));
}

Frames FrameRate::frame_at(Samples sample, std::int64_t sample_rate) const {
    return Frames(floor_divide(static_cast<__int128>(sample.value) * numerator_,
                               static_cast<__int128>(sample_rate) * denominator_));
}

std::int64_t FrameRate::milliseconds_until(Frames frame) const {
    return -floor_divide(-static_cast<__int128>(frame.value) * denominator_ * 1000, numerator_);
}

std::string FrameRate::text() const {
    if (denominator_ == 1)
        return std::to_string(numerator_);
    if (denominator_ == 1001)
        for (const auto& name : short_names)
            if (name.numerator == numerator_)
                return std::string(name.text);
    return std::to_string(numerator_) + "/" + std::to_string(denominator_);
}

std::span<const FrameRate> common_frame_rates() {
    static const std::array<FrameRate, 12> rates{
        *FrameRate::make(12, 1),       *FrameRate::make(20, 1), *FrameRate::make(24000, 1001),
        *FrameRate::make(24, 1),       *FrameRate::make(25, 1), *FrameRate::make(30000, 1001),
        *FrameRate::make(30, 1),       *FrameRate::make(48, 1), *FrameRate::make(50, 1),
        *FrameRate::make(60000, 1001), *FrameRate::make(60, 1), *FrameRate::make(120, 1)};
    return rates;
}

namespace {

/// Whether a time lies beyond the middle of a frame. Where rounding could decide it, whole numbers do: a
/// double is one times a power of two, so both sides can be compared exactly.
bool beyond_half(Seconds time, FrameRate rate, Frames frame) {
    if (!(std::abs(time.value) > 1e-6)) // far before the middle of frame 0, and too small for 128 bits
        return false;
    if (std::abs(frame.value) > (std::int64_t{1} << 40)) // beyond any piece of music
        return false;
    constexpr double roundings = 1e-14; // of a rate, a product and a difference: less than 2^-50 of it
    const double place = time.value * rate.per_second();
    const double beyond = place - (static_cast<double>(frame.value) + 0.5);
    if (std::abs(beyond) > roundings * (std::abs(place) + 1))
        return beyond > 0;
    int exponent = 0;
    const auto mantissa = static_cast<std::int64_t>(std::ldexp(std::frexp(time.value, &exponent), 53));
    exponent -= 53;
    __int128 left = static_cast<__int128>(mantissa) * 2 * rate.numerator();
    __int128 right = (2 * static_cast<__int128>(frame.value) + 1) * rate.denominator();
    if (exponent < 0)
        right <<= -exponent;
    else
        left <<= exponent;
    return left > right;
}

} // namespace

RoundedFrame round_to_frame(Seconds time, FrameRate rate, FrameRounding rounding) {
    Frames frame = rate.frame_at(time);
    if (rounding == FrameRounding::Nearest && beyond_half(time, rate, frame))
        frame = Frames(frame.value + 1);
    return {frame, rate.start_of(frame) - time};
}

} // namespace pulsepin
