// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"
#include "schedule/schedule.h"
#include "sheets/sheet_page.h"

namespace pulsepin {

/// What is printed of a piece.
struct SheetRequest {
    Schedule schedule;
    ParamValues values = {}; ///< of sheet_parameters(); those that are left out are as is usual
    std::optional<std::pair<Frames, Frames>> frames = {}; ///< those alone, the last one not included
    std::string date = {};                                ///< as it stands on the paper
    /// Our own words in another language; empty: as they stand here. Called from the thread that lays out.
    std::function<std::string(std::string_view words)> other_words = {};

    [[nodiscard]] std::string told(std::string_view words) const {
        return other_words ? other_words(words) : std::string(words);
    }
};

/// A kind of sheet: a row for each.
struct SheetKind {
    std::string_view id, label, explains;
    Result<Sheets> (*laid_out)(const SheetRequest& request, const ParamValues& values,
                               const TextMeasure& measure);
};
[[nodiscard]] std::span<const SheetKind> sheet_kinds();
/// Null when there is none of that id.
[[nodiscard]] const SheetKind* sheet_kind(std::string_view id);

/// All that can be chosen of sheets: paper, how much a page holds, what is shown.
[[nodiscard]] ParamSpecs sheet_parameters();
/// The switch of lanes of that kind: "show-cut".
[[nodiscard]] std::string lanes_switch(LaneKind kind);

/// The pages, none of whose texts is cut off: what finds no room where it belongs has a number there, and
/// stands in full on a page of its own at the end. Fails for a piece without length, a range that holds
/// nothing of it and values that cannot be.
[[nodiscard]] Result<Sheets> laid_out(const SheetKind& kind, const SheetRequest& request,
                                      const TextMeasure& measure);

} // namespace pulsepin
