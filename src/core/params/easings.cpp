// SPDX-License-Identifier: GPL-3.0-or-later
#include "params/easings.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>

namespace pulsepin {
namespace {

constexpr double pi = std::numbers::pi;

using Curve = double (*)(double, const Easing&);

constexpr std::array overshoot{bound<Easing, &Easing::amount>(
    {.id = "overshoot",
     .label = "overshoot",
     .least = 0,
     .most = 64,
     .initial = 1.70158, // a tenth of the way (Penner 2002)
     .explains = "how far it goes beyond its end; 1.7 is a tenth of the way"})};

constexpr std::array step_count{bound<Easing, &Easing::amount>(
    {.id = "steps", .label = "steps", .type = ParamType::Whole, .least = 1, .most = 64, .initial = 4})};

/// One of the four numbers of a Bézier curve.
template <std::size_t index>
constexpr BoundParam<Easing> handle(std::string_view id, double least, double most, double initial,
                                    std::string_view explains) {
    return {{.id = id, .label = id, .least = least, .most = most, .initial = initial, .explains = explains},
            [](const Easing& easing) { return ParamValue(easing.handles[index]); },
            [](Easing& easing, const ParamValue& value) { easing.handles[index] = std::get<double>(value); }};
}

constexpr std::array handles{handle<0>("x1", 0, 1, 0.25, "when its first handle stands"),
                             handle<1>("y1", -8, 8, 0.1, "how far up its first handle stands"),
                             handle<2>("x2", 0, 1, 0.25, "when its second handle stands"),
                             handle<3>("y2", -8, 8, 1, "how far up its second handle stands")};

double sine_in(double t, const Easing&) {
    return 1 - std::cos(t * pi / 2);
}

template <int power>
double power_in(double t, const Easing&) {
    double y = 1;
    for (int i = 0; i < power; ++i)
        y *= t;
    return y;
}

double circular_in(double t, const Easing&) {
    return 1 - std::sqrt(std::max(0.0, 1 - t * t));
}

/// Penner's 2^(10(t-1)) begins at 2^-10; here it is moved to begin at 0, so that nothing jumps.
double exponential_in(double t, const Easing&) {
    constexpr double start = 0x1p-10;
    return (std::exp2(10 * (t - 1)) - start) / (1 - start);
}

double back_in(double t, const Easing& e) {
    return t * t * ((e.amount + 1) * t - e.amount);
}

double elastic_out(double t, const Easing&) {
    if (t <= 0 || t >= 1)
        return t <= 0 ? 0 : 1;
    constexpr double period = 0.3;
    return std::exp2(-10 * t) * std::sin((t - period / 4) * 2 * pi / period) + 1;
}

double bounce_out(double t, const Easing&) {
    constexpr double strength = 7.5625, part = 1 / 2.75;
    if (t < part)
        return strength * t * t;
    for (const auto& [end, middle, height] :
         {std::array{2.0, 1.5, 0.75}, std::array{2.5, 2.25, 0.9375}, std::array{2.75, 2.625, 0.984375}})
        if (t < end * part || end == 2.75)
            return strength * (t - middle * part) * (t - middle * part) + height;
    return 1;
}

template <Curve out>
double reversed(double t, const Easing& e) {
    return 1 - out(1 - t, e);
}

template <Curve in>
double in_and_out(double t, const Easing& e) {
    return t < 0.5 ? in(2 * t, e) / 2 : 1 - in(2 - 2 * t, e) / 2;
}

constexpr Curve elastic_in = reversed<elastic_out>, bounce_in = reversed<bounce_out>;

constexpr std::array<EasingRow, 31> rows{{
    {"linear", "linear", [](double t, const Easing&) { return t; }},
    {"hold", "hold, then jump", [](double, const Easing&) { return 0.0; }},
    {"steps", "steps",
     [](double t, const Easing& e) { // steps(n, jump-end)
         const double n = std::max(1.0, std::round(e.amount));
         return std::floor(t * n) / n;
     },
     step_count},
    {"bezier", "curve",
     [](double t, const Easing& e) {
         return cubic_bezier(e.handles[0], e.handles[1], e.handles[2], e.handles[3], t);
     },
     handles},
    {"sine-in", "sine in", sine_in},
    {"sine-out", "sine out", reversed<sine_in>},
    {"sine-in-out", "sine in and out", in_and_out<sine_in>},
    {"quadratic-in", "quadratic in", power_in<2>},
    {"quadratic-out", "quadratic out", reversed<power_in<2>>},
    {"quadratic-in-out", "quadratic in and out", in_and_out<power_in<2>>},
    {"cubic-in", "cubic in", power_in<3>},
    {"cubic-out", "cubic out", reversed<power_in<3>>},
    {"cubic-in-out", "cubic in and out", in_and_out<power_in<3>>},
    {"quartic-in", "quartic in", power_in<4>},
    {"quartic-out", "quartic out", reversed<power_in<4>>},
    {"quartic-in-out", "quartic in and out", in_and_out<power_in<4>>},
    {"circular-in", "circular in", circular_in},
    {"circular-out", "circular out", reversed<circular_in>},
    {"circular-in-out", "circular in and out", in_and_out<circular_in>},
    {"exponential-in", "exponential in", exponential_in},
    {"exponential-out", "exponential out", reversed<exponential_in>},
    {"exponential-in-out", "exponential in and out", in_and_out<exponential_in>},
    {"back-in", "back in", back_in, overshoot},
    {"back-out", "back out", reversed<back_in>, overshoot},
    {"back-in-out", "back in and out", in_and_out<back_in>, overshoot},
    {"elastic-in", "elastic in", elastic_in},
    {"elastic-out", "elastic out", elastic_out},
    {"elastic-in-out", "elastic in and out", in_and_out<elastic_in>},
    {"bounce-in", "bounce in", bounce_in},
    {"bounce-out", "bounce out", bounce_out},
    {"bounce-in-out", "bounce in and out", in_and_out<bounce_in>},
}};

} // namespace

std::span<const EasingRow> easings() {
    return rows;
}

const EasingRow* easing_row(std::string_view id) {
    const auto found =
        std::find_if(rows.begin(), rows.end(), [id](const EasingRow& row) { return row.id == id; });
    return found == rows.end() ? nullptr : &*found;
}

Easing usual_easing(std::string_view id) {
    Easing easing{std::string(id)};
    if (const auto* row = easing_row(id))
        for (const auto& param : row->params)
            param.set(easing, param.spec.initial);
    return easing;
}

double eased(const Easing& easing, double t) {
    if (t <= 0)
        return 0;
    if (t >= 1)
        return 1;
    const auto* row = easing_row(easing.id);
    return row ? row->at(t, easing) : t;
}

double cubic_bezier(double x1, double y1, double x2, double y2, double x) {
    x1 = std::clamp(x1, 0.0, 1.0);
    x2 = std::clamp(x2, 0.0, 1.0);
    const auto at = [](double a, double b, double s) {
        return 3 * a * s * (1 - s) * (1 - s) + 3 * b * s * s * (1 - s) + s * s * s;
    };
    // x rises with s, since its handles lie within 0 and 1: halving finds the one place.
    double low = 0, high = 1;
    for (int i = 0; i < 60; ++i) {
        const double middle = (low + high) / 2;
        (at(x1, x2, middle) < x ? low : high) = middle;
    }
    return at(y1, y2, (low + high) / 2);
}

Easing as_bezier(const Easing& easing) {
    if (easing.id == "bezier")
        return easing;
    constexpr int places = 16;
    const auto error = [&](const std::array<double, 4>& h) {
        double sum = 0;
        for (int i = 1; i < places; ++i) {
            const double t = static_cast<double>(i) / places;
            const double off = cubic_bezier(h[0], h[1], h[2], h[3], t) - eased(easing, t);
            sum += off * off;
        }
        return sum;
    };
    Easing bent{"bezier", {1.0 / 3, 1.0 / 3, 2.0 / 3, 2.0 / 3}};
    double best = error(bent.handles);
    // Each handle is moved by ever smaller steps while that brings the curve nearer (Hooke and Jeeves 1961).
    for (double step = 0.2; step > 0.008; step /= 2)
        for (bool better = true; better;) {
            better = false;
            for (std::size_t i = 0; i < 4; ++i)
                for (const double by : {step, -step}) {
                    auto tried = bent.handles;
                    tried[i] = std::clamp(tried[i] + by, i % 2 == 0 ? 0.0 : -2.0, i % 2 == 0 ? 1.0 : 3.0);
                    if (const double off = error(tried); off < best - 1e-9) {
                        best = off;
                        bent.handles = tried;
                        better = true;
                    }
                }
        }
    return bent;
}

} // namespace pulsepin
