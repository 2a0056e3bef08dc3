// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"
#include "model/pin.h"
#include "model/property.h"

#include <optional>
#include <span>
#include <string>
#include <string_view>
#include <variant>
#include <vector>

namespace pulsepin {

struct LaneSpans;    // schedule/lane_spans.h
struct Picked;       // schedule/picker.h
struct PlantingForm; // model/planting.h
struct Project;
struct ResolvedLane; // schedule/resolve.h
struct ShareContext; // follow/follow.h

/// The colour that a pin was given: of a marker by its number, of a trigger as it is.
using PinColour = std::variant<std::monostate, int, Colour>;

using PinProperty = Property<PinBody>;

/// What is placed at each of some positions; none where nothing may be.
using PlacedBodies = std::vector<std::optional<PinBody>>;

/// Something that lanes of a kind are told beside their pins, as it begins and as files have it.
struct LanePartRow {
    const char* name;  ///< in files
    const char* shape; ///< in their schema
    void (*begin)(LaneParts&);
    void (*fields)(Fields&, LaneParts&);
};
template <LanePartOfKind T, void (*fields)(Fields&, T&)>
[[nodiscard]] constexpr LanePartRow lane_part(const char* name, const char* shape) {
    return {name, shape, [](LaneParts& parts) { parts.put(T{}); },
            [](Fields& f, LaneParts& parts) { fields(f, *parts.get<T>()); }};
}

/// A kind of lane, all of it that is not drawn: one row, defined in the kind's own file (kinds/). Code
/// elsewhere asks what its pins are (holds<CutBody>(lane.kind)) and what a kind does, never which it is.
struct LaneKindRow {
    std::string_view id;       ///< in files and on the command line
    std::string_view plural;   ///< "Cuts": the name of a new lane
    std::string_view singular; ///< "cut"
    std::string_view counted;  ///< "cuts": several of its pins
    bool from_the_start;       ///< every new project has a lane of it

    BodyType pin_body; ///< of its pins, and by which code that works on them finds its lanes
    PinBody (*empty_body)();
    void fields(Fields& f, PinBody& body) const {
        visit_properties(f, properties, body);
        if (more_fields)
            more_fields(f, body);
    }
    std::string (*name_of)(const PinBody&, const Project&);
    PinColour (*colour_of)(const PinBody&) = nullptr; ///< null: they have none
    /// What can be told of a pin: in its form, on the command line, in files.
    std::span<const PinProperty> properties = {};
    /// Of a body, in files only; null: nothing.
    void (*more_fields)(Fields&, PinBody&) = nullptr;
    /// Whether one of them means something in a pin as it is; null: each does.
    bool (*may_set)(std::string_view id, const PinBody&, const Project&) = nullptr;

    /// What its lanes are told beside their pins.
    std::span<const LanePartRow> parts = {};
    /// Its curves are computed from what the song has; pins lie over them.
    bool follows = false;
    /// What its pins last as; null: they are moments.
    void (*spans)(const Project&, const Lane&, const ResolvedLane&, LaneSpans&) = nullptr;
    /// How far the lane's curve is at a frame; null: it drives nothing.
    std::optional<double> (*share_at)(const ShareContext&) = nullptr;
    [[nodiscard]] bool drives() const { return share_at != nullptr; }

    /// What a form makes at each of some places. Fails where that cannot be.
    Result<PlacedBodies> (*bodies)(const Project&, const Lane&, std::span<const Picked>,
                                   const PlantingForm&) = nullptr;
    /// Makes a copy of the pin before it, or an empty body where there is none, into what is added by hand at
    /// a place; without a grid there is no place to tell. Null: it is as that one. Fails where nothing can be
    /// added.
    Result<void> (*adapt)(PinBody&, const Project&, const Lane&, std::optional<Ticks> at) = nullptr;
};

/// Whether its pins are such.
template <PinBodyOfKind T>
[[nodiscard]] bool holds(LaneKind kind) {
    return kind->pin_body == body_type<T>;
}
/// Whether it goes from the value of each of its pins to that of the next.
[[nodiscard]] bool is_keyed(LaneKind kind);

/// "3 cuts", "1 marker".
[[nodiscard]] std::string count_text(std::size_t count, LaneKind kind);

} // namespace pulsepin
