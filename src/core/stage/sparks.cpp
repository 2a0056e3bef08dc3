// SPDX-License-Identifier: GPL-3.0-or-later
#include "stage/sparks.h"

#include "base/chance.h"
#include "schedule/picker.h"
#include "schedule/triggers.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <numbers>

namespace pulsepin {
namespace {

/// What all sparks of a moment of birth have in common.
struct Emission {
    LayerValues values;
    Placement place;
    double speed, speed_spread, direction, spread, life, life_spread, gravity, drag, size, size_spread,
        end_size, fade, turn, width, height;
    Colour from, to;
    explicit Emission(LayerValues given, double seconds) : values(std::move(given)) {
        place = placement_of(values, seconds);
        speed = values.of("spark-speed");
        speed_spread = values.of("spark-speed-spread") / 100;
        direction = values.of("spark-direction");
        spread = values.of("spark-spread");
        life = values.of("spark-life");
        life_spread = values.of("spark-life-spread") / 100;
        gravity = values.of("spark-gravity");
        drag = values.of("spark-drag");
        size = values.of("spark-size");
        size_spread = values.of("spark-size-spread") / 100;
        end_size = values.of("spark-end-size") / 100;
        fade = values.of("spark-fade") / 100;
        turn = values.of("spark-turn");
        width = values.of("spark-width");
        height = values.of("spark-height");
        from = values.colour("colour");
        to = values.colour("spark-end-colour");
    }
};

/// How far something gets in a time that starts at speed 1 and loses a share of it each second.
double way(double drag, double t) {
    return drag < 1e-6 ? t : (1 - std::exp(-drag * t)) / drag;
}
/// How far it falls, at an acceleration of 1.
double fall(double drag, double t) {
    return drag < 1e-6 ? t * t / 2 : (t - way(drag, t)) / drag;
}

class Sparks {
public:
    Sparks(const SparkSource& source, double frame) : source_(source), frame_(frame) {}

    std::vector<Spark> all() {
        const double fps = source_.frames_per_second;
        const double oldest = std::max(source_.begins, frame_ - source_.longest * fps);
        for (auto k = static_cast<std::int64_t>(std::floor(oldest)); static_cast<double>(k) <= frame_; ++k) {
            const double before = source_.born_until(k), after = source_.born_until(k + 1);
            for (auto n = static_cast<std::int64_t>(std::ceil(before)); static_cast<double>(n) < after; ++n)
                add(static_cast<double>(k) + (static_cast<double>(n) - before) / (after - before),
                    static_cast<std::uint64_t>(n));
        }
        for (const auto& burst : source_.bursts)
            if (burst.frame >= oldest - 1)
                for (std::int64_t i = 0; i < burst.count; ++i)
                    add(burst.frame, (burst.seed << 20) + static_cast<std::uint64_t>(i) + (1ull << 60));
        return std::move(sparks_);
    }

private:
    const Emission& emission(double born) {
        const auto key = source_.values_change ? static_cast<std::int64_t>(std::floor(born)) : 0;
        auto found = emissions_.find(key);
        if (found == emissions_.end())
            found =
                emissions_
                    .emplace(key,
                             Emission(source_.values_at(source_.values_change ? std::floor(born) : frame_),
                                      born / source_.frames_per_second))
                    .first;
        return found->second;
    }

    void add(double born, std::uint64_t number) {
        if (born > frame_ || born < source_.begins)
            return;
        const Emission& of = emission(born);
        const double t = (frame_ - born) / source_.frames_per_second;
        const auto chance = [&](std::uint64_t which) { return chance_of(number, source_.seed * 16 + which); };
        const double life = of.life * (1 + of.life_spread * (2 * chance(1) - 1));
        if (t >= life)
            return;
        const double angle = (of.direction + of.spread * (chance(2) - 0.5)) * std::numbers::pi / 180;
        const double speed = of.speed * (1 + of.speed_spread * (2 * chance(3) - 1)) * way(of.drag, t);
        const double passed = t / life;
        Spark spark;
        spark.x = of.width * (chance(4) - 0.5) + speed * std::cos(angle);
        spark.y = of.height * (chance(5) - 0.5) + speed * std::sin(angle) + of.gravity * fall(of.drag, t);
        spark.size = of.size * (1 + of.size_spread * (2 * chance(6) - 1)) * (1 + (of.end_size - 1) * passed);
        spark.turn = 360 * chance(7) + of.turn * t * (chance(8) < 0.5 ? -1 : 1);
        spark.opacity = of.fade > 0 ? std::clamp((1 - passed) / of.fade, 0.0, 1.0) : 1;
        spark.colour = mixed(of.from, of.to, passed);
        if (source_.values_change && of.values.flag("spark-trail"))
            stay_behind(spark, of.place);
        sparks_.push_back(spark);
    }

    /// Where the layer was then, in the pixels that it has now.
    void stay_behind(Spark& spark, const Placement& then) {
        const Placement& now = emission(frame_).place;
        const double x = then.x - now.x, y = then.y - now.y;
        if ((x == 0 && y == 0) || now.scale == 0)
            return;
        const double turn = -now.rotation * std::numbers::pi / 180;
        spark.x += (x * std::cos(turn) - y * std::sin(turn)) / now.scale;
        spark.y += (x * std::sin(turn) + y * std::cos(turn)) / now.scale;
    }

    const SparkSource& source_;
    double frame_;
    std::map<std::int64_t, Emission> emissions_;
    std::vector<Spark> sparks_;
};

} // namespace

// From dv/dt = -gravity - drag v, v = 0.
Seconds time_to_the_top(const LayerValues& values) {
    const double angle = values.of("spark-direction") * std::numbers::pi / 180;
    const double gravity = values.of("spark-gravity"), drag = values.of("spark-drag");
    const double rises = -values.of("spark-speed") * std::sin(angle); // y runs down
    if (gravity * rises <= 0)
        return Seconds(0);
    const double by_gravity = rises / gravity;
    return Seconds(drag < 1e-6 ? by_gravity : std::log1p(drag * by_gravity) / drag);
}

std::vector<Spark> sparks_at(const SparkSource& source, double frame) {
    return Sparks(source, frame).all();
}

} // namespace pulsepin
