// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/place_parameters.h"
#include "model/stage.h"

#include <map>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace pulsepin {

/// What can be set of a layer, by the ids of its parameters; what is not named is as its row has it at first,
/// which changes nothing. Numbers and colours can be driven. The ids of an effect's parameters bear its
/// number from the second one on ("blur#2").
class LayerValues {
public:
    LayerValues() = default;
    explicit LayerValues(std::map<std::string, double> given) : given_(given.begin(), given.end()) {}
    explicit LayerValues(const Layer& layer);

    /// Within the parameter's range. 0 for unknown ids.
    [[nodiscard]] double of(std::string_view id) const;
    void set(const std::string& id, double value) { given_[id] = value; }
    /// Multiplied, or raised.
    void scale(const std::string& id, double by) { given_[id] = of(id) * by; }
    void raise(const std::string& id, double by) { given_[id] = of(id) + by; }

    [[nodiscard]] Colour colour(std::string_view id) const;
    /// None where it is as its row has it.
    [[nodiscard]] std::optional<Colour> given_colour(std::string_view id) const;
    void set_colour(const std::string& id, Colour colour) { colours_[id] = colour; }
    /// A choice or a text.
    [[nodiscard]] std::string option(std::string_view id) const;
    void set_option(const std::string& id, std::string value) { options_[id] = std::move(value); }
    [[nodiscard]] bool flag(std::string_view id) const { return of(id) != 0; }

    /// The layer's effects in the order in which they act. Those that are driven or set without having been
    /// put there come last, in the order of their table.
    [[nodiscard]] const std::vector<EffectUse>& uses() const { return uses_; }
    void set_uses(std::vector<EffectUse> uses) { uses_ = std::move(uses); }

    /// The colour that an effect's light has, by the effect's id; none: as the effect has it by itself.
    [[nodiscard]] std::optional<Colour> light(std::string_view effect) const;
    void set_light(const std::string& effect, Colour colour) { lights_[effect] = colour; }

    /// How many turns have passed of what turns at a rate, by the rate's id: the integral of the rate, which
    /// may have changed meanwhile. At an even rate, without one that was set, it is seconds times the rate.
    [[nodiscard]] double turns(std::string_view rate, double seconds) const;
    void set_turns(const std::string& rate, double turns) { turns_[rate] = turns; }
    friend bool operator==(const LayerValues&, const LayerValues&) = default;

private:
    std::map<std::string, double, std::less<>> given_, turns_;
    std::map<std::string, Colour, std::less<>> lights_, colours_;
    std::map<std::string, std::string, std::less<>> options_;
    std::vector<EffectUse> uses_;
};

/// The values of one effect of a layer, by the ids of its row.
class EffectValues {
public:
    EffectValues(const LayerValues& all, int number) : all_(all), number_(number) {}
    [[nodiscard]] double of(std::string_view id) const { return all_.of(named(id)); }
    [[nodiscard]] Colour colour(std::string_view id) const { return all_.colour(named(id)); }
    [[nodiscard]] std::string option(std::string_view id) const { return all_.option(named(id)); }
    [[nodiscard]] std::optional<Colour> light(std::string_view effect) const {
        return number_ == 1 ? all_.light(effect) : std::nullopt;
    }
    /// The trigger's colour, or else that of the parameter.
    [[nodiscard]] Colour light_or(std::string_view effect, std::string_view id) const {
        const auto lit = light(effect);
        return lit ? *lit : colour(id);
    }
    [[nodiscard]] double turns(std::string_view rate, double seconds) const {
        return all_.turns(named(rate), seconds);
    }

private:
    [[nodiscard]] std::string named(std::string_view id) const;
    const LayerValues& all_;
    int number_;
};

/// Each parameter that any layer can have: those of its place first, then of mattes, of each kind, of all
/// effects in their order.
[[nodiscard]] ParamSpecs layer_parameters();
/// Of an effect's further use as well. Null when there is none of that id.
[[nodiscard]] const ParamSpec* layer_parameter(std::string_view id);

} // namespace pulsepin
