// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"
#include "params/easing.h"
#include "params/ids.h"
#include "params/length.h"

#include <cstdint>
#include <map>
#include <optional>
#include <span>
#include <string>
#include <string_view>
#include <type_traits>
#include <variant>
#include <vector>

namespace pulsepin {

enum class ParamType {
    Number,
    Whole,     ///< a number without a fraction
    Switch,    ///< on or off
    Choice,    ///< one of a few, by its id
    Text,      ///< whatever a person writes; its choices are proposals
    OnsetRow,  ///< a row of onsets of the project, by its name
    OnsetRows, ///< several of them: see names_of_rows()
    Sound,     ///< a sound of the project: "song", "sum", "lane 7"
    Lane,      ///< a lane of the project
    Colour,
    Steps,  ///< cells that are on or off
    Length, ///< how long something lasts, in one of the units that are named
    Curve,  ///< how a value goes from one to another: one of easings()
    Shot    ///< a film or picture of the bin
};

struct ParamChoice {
    std::string_view id;
    std::string_view label;
};

/// Something that can be set of a picker's source or filter, a follower's source or step, an effect, an
/// exporter: what it is called, what it may be, and what it is at first. Forms, files, the command line and
/// the list of parameters (docs/parameters.md) are made from such rows.
struct ParamSpec {
    std::string_view id;    ///< in files and on the command line
    std::string_view label; ///< beside its field
    ParamType type = ParamType::Number;
    std::string_view unit = {}; ///< "ms", "%"; of several: "beats"
    /// Of numbers, ends included; 1 is on for a switch. A colour is initially 0xRRGGBB where most is not 0.
    double least = 0, most = 0, initial = 0;
    std::string_view explains = {};            ///< what it does, where the label does not say it
    std::span<const ParamChoice> choices = {}; ///< of a choice; the first is the initial one
    std::string_view initial_text = {};        ///< of texts and rows
    double usual_low = 0, usual_high = 0;      ///< between which a curve usually drives it
    std::span<const Length::Unit> units = {};  ///< of a length; the first is the initial one, of `initial`
};
using ParamSpecs = std::span<const ParamSpec>;

/// Numbers, whole numbers and switches are doubles; choices, texts and rows are strings.
using ParamValue =
    std::variant<double, std::string, LaneId, Colour, std::vector<bool>, Length, Easing, ClipId>;

/// Whether a ParamValue can hold a T as it is.
template <class T, class Variant = ParamValue>
struct ParamValueHolds;
template <class T, class... Held>
struct ParamValueHolds<T, std::variant<Held...>> : std::disjunction<std::is_same<T, Held>...> {};

using ParamSpecChoices = std::span<const ParamChoice> (*)();

/// Values by the ids of their parameters. What is not there has its initial value (see completed()).
class ParamValues {
public:
    using Map = std::map<std::string, ParamValue, std::less<>>;
    ParamValues() = default;
    ParamValues(std::initializer_list<Map::value_type> values) : values_(values) {}

    // Each gives 0, nothing or off for what is not there or of another type.
    [[nodiscard]] double number(std::string_view id) const;
    [[nodiscard]] std::int64_t whole(std::string_view id) const;
    [[nodiscard]] bool flag(std::string_view id) const { return number(id) != 0; }
    [[nodiscard]] const std::string& text(std::string_view id) const;
    [[nodiscard]] LaneId lane(std::string_view id) const;
    [[nodiscard]] Colour colour(std::string_view id) const;
    [[nodiscard]] const std::vector<bool>& steps(std::string_view id) const;
    [[nodiscard]] Length length(std::string_view id) const;

    void set(std::string_view id, ParamValue value);
    [[nodiscard]] const ParamValue* find(std::string_view id) const;
    [[nodiscard]] bool empty() const { return values_.empty(); }
    [[nodiscard]] Map::const_iterator begin() const { return values_.begin(); }
    [[nodiscard]] Map::const_iterator end() const { return values_.end(); }
    friend bool operator==(const ParamValues&, const ParamValues&) = default;

private:
    Map values_;
};

/// Null when there is none of that id.
[[nodiscard]] const ParamSpec* find_param(ParamSpecs specs, std::string_view id);
[[nodiscard]] ParamValue initial_value(const ParamSpec& spec);

/// The values with the initial one of each parameter that is not among them.
[[nodiscard]] ParamValues completed(const ParamValues& values, ParamSpecs specs);

/// Fails, naming the parameter, for a value of another type, out of its range, or not among its choices, and
/// for values that belong to no parameter.
[[nodiscard]] Result<void> check_values(const ParamValues& values, ParamSpecs specs);

/// Values from numbers in the order of the parameters; as projects before version 2 have them.
[[nodiscard]] ParamValues values_of_positions(ParamSpecs specs, std::span<const double> numbers);

/// A value from its text: "4", "yes", "kick", "x..x..x.", "0.5 beats", "until-next", "sine-out", "steps 4".
/// Lanes and shots by their number. Fails as check_values() does.
[[nodiscard]] Result<ParamValue> value_of_text(const ParamSpec& spec, std::string_view text);
/// The text from which value_of_text() makes the value again.
[[nodiscard]] std::string text_of_value(const ParamSpec& spec, const ParamValue& value);

/// Sets one value from "id=value". Fails, telling what there is, for an id that is not there, and as
/// value_of_text() does.
[[nodiscard]] Result<void> set_from_text(ParamValues& values, ParamSpecs specs, std::string_view setting);

/// "4 frames", "0.5 beats", "120 ms", "until-next", "none", and back; none where it is something else.
[[nodiscard]] std::string text_of_length(const Length& length);
[[nodiscard]] std::optional<Length> length_of_text(std::string_view text);
/// "sine-out", "steps 4", "bezier 0.2 0 0.4 1": its id and its numbers, and back; numbers that are left out
/// are as is usual.
[[nodiscard]] std::string text_of_easing(const Easing& easing);
[[nodiscard]] std::optional<Easing> easing_of_text(std::string_view text);

/// "x..x": cells that are on or off, as text.
[[nodiscard]] std::string text_of_steps(const std::vector<bool>& steps);
[[nodiscard]] std::vector<bool> steps_of_text(std::string_view text);

} // namespace pulsepin
