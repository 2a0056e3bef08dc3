// SPDX-License-Identifier: GPL-3.0-or-later
#include "hand/edit_tables.h"
#include "model/edits.h"
#include "model/piece_edits.h"
#include "model/rate_edits.h"

#include <array>

namespace pulsepin::edit_tables {
namespace {

using Request = HandEditRequest;
using Outcome = Result<HandEdited>;

/// Unless it is so already.
Outcome changed(const Request& request, Project next) {
    if (same_content(next, request.project()))
        return fail("It is so already.", {}, "Tell another value.");
    return HandEdited{std::move(next)};
}

Outcome change_rate(const Request& request) {
    const auto rate = FrameRate::parse(request.values.text("rate"));
    if (!rate)
        return tl::unexpected(rate.error());
    return changed(request, with_frame_rate(request.project(), *rate));
}

Outcome change_size(const Request& request) {
    auto sized = with_picture_size(request.project(), static_cast<int>(request.values.whole("width")),
                                   static_cast<int>(request.values.whole("height")));
    if (!sized)
        return tl::unexpected(sized.error());
    return changed(request, *std::move(sized));
}

Outcome name_piece(const Request& request) {
    return changed(request, with_piece_named(request.project(), request.values.text("title"),
                                             request.values.text("author"), request.values.text("remarks")));
}

Outcome change_rounding(const Request& request) {
    Settings settings = *request.project().settings;
    settings.rounding =
        request.values.text("rounding") == "never-late" ? FrameRounding::NeverLate : FrameRounding::Nearest;
    return changed(request, with_settings(request.project(), std::move(settings)));
}

constexpr ParamSpec text(std::string_view id, std::string_view label, std::string_view explains = {}) {
    return {.id = id, .label = label, .type = ParamType::Text, .explains = explains};
}
constexpr ParamSpec rates[] = {text("rate", "frames a second", "24, 25, 29.97, 30000/1001 …")};
constexpr ParamSpec pixels(std::string_view id, double initial) {
    return {.id = id, .label = id, .type = ParamType::Whole, .least = 2, .most = 16384, .initial = initial};
}
constexpr ParamSpec sizes[] = {pixels("width", 1280), pixels("height", 720)};
constexpr ParamSpec names[] = {text("title", "title"), text("author", "author"), text("remarks", "remarks")};
constexpr ParamChoice ways[] = {{"nearest", "nearest frame"}, {"never-late", "never late"}};
constexpr ParamSpec rounding[] = {
    {.id = "rounding", .label = "beats are rounded", .type = ParamType::Choice, .choices = ways}};

const std::array<HandEdit, 4> table{{
    {"frame-rate", "change frame rate", change_rate, rates},
    {"picture-size", "change picture size", change_size, sizes},
    {"name-piece", "name piece", name_piece, names},
    {"rounding", "change rounding", change_rounding, rounding},
}};

} // namespace

std::span<const HandEdit> of_piece() {
    return table;
}

} // namespace pulsepin::edit_tables
