// SPDX-License-Identifier: GPL-3.0-or-later
#include "sheets/sheets.h"

#include "kinds/kinds.h"
#include "schedule/piece_length.h"
#include "sheets/bar_sheet.h"
#include "sheets/counted_rows.h"
#include "sheets/exposure_sheet.h"
#include "sheets/paper.h"

#include <array>
#include <deque>

namespace pulsepin {
namespace {

/// Lanes of these are shown unless they are switched off.
bool usually_shown(LaneKind kind) {
    return kind->spans ? !kind->drives() : holds<MarkerBody>(kind);
}

struct SwitchTexts {
    std::string id, label;
};

std::vector<ParamSpec> all_parameters() {
    static std::deque<SwitchTexts> texts; // what the rows refer to
    std::vector<ParamSpec> all{
        {.id = "paper", .label = "paper", .type = ParamType::Choice, .choices = paper_choices()},
        {.id = "landscape",
         .label = "landscape",
         .type = ParamType::Switch,
         .most = 1,
         .explains = "The long side of the paper lies at the bottom"},
        {.id = "bars-a-line",
         .label = "bars a line",
         .type = ParamType::Whole,
         .least = 1,
         .most = 16,
         .initial = 4,
         .explains = "Of a bar sheet"},
        {.id = "bar-width",
         .label = "a bar",
         .unit = "mm",
         .least = 5,
         .most = 500,
         .initial = 30,
         .explains = "How wide a bar is, of one line"},
        {.id = "seconds-a-page",
         .label = "seconds a page",
         .unit = "s",
         .least = 0,
         .most = 10,
         .initial = 2,
         .explains = "Of an exposure sheet, as far as its lines stay readable; 0: as many as do well"},
        {.id = "black-and-white", .label = "black and white", .type = ParamType::Switch, .most = 1},
        {.id = "pictures",
         .label = "pictures",
         .type = ParamType::Switch,
         .most = 1,
         .initial = 1,
         .explains = "A small picture at each cut"},
        {.id = "beats", .label = "beats", .type = ParamType::Switch, .most = 1, .initial = 1},
    };
    for (const auto& row : counted_rows())
        all.push_back({.id = row.id,
                       .label = row.label,
                       .type = ParamType::Switch,
                       .most = 1,
                       .initial = row.usual ? 1.0 : 0.0});
    all.push_back({.id = "dialogue",
                   .label = "lines of words",
                   .type = ParamType::Switch,
                   .most = 1,
                   .explains = "Whole lines, with who says them, beside their words"});
    for (const auto& kind : lane_kinds()) {
        texts.push_back({lanes_switch(kind), std::string(kind->counted)});
        all.push_back({.id = texts.back().id,
                       .label = texts.back().label,
                       .type = ParamType::Switch,
                       .most = 1,
                       .initial = usually_shown(kind) ? 1.0 : 0.0});
    }
    return all;
}

} // namespace

std::string lanes_switch(LaneKind kind) {
    return "show-" + std::string(kind->id);
}

ParamSpecs sheet_parameters() {
    static const auto all = all_parameters();
    return all;
}

std::span<const SheetKind> sheet_kinds() {
    static constexpr std::array all{
        SheetKind{"bars", "Bar sheet", "Lines of bars with their beats, and what happens on them below",
                  lay_out_bar_sheet},
        SheetKind{"line", "One line",
                  "All of it on one long line, as a timeline to hang up or to lay into a document",
                  lay_out_one_line},
        SheetKind{"exposures", "Exposure sheet", "A line a frame, with a column for each lane",
                  lay_out_exposure_sheet},
    };
    return all;
}

const SheetKind* sheet_kind(std::string_view id) {
    const auto found = std::ranges::find(sheet_kinds(), id, &SheetKind::id);
    return found == sheet_kinds().end() ? nullptr : &*found;
}

Result<Sheets> laid_out(const SheetKind& kind, const SheetRequest& request, const TextMeasure& measure) {
    if (auto good = check_values(request.values, sheet_parameters()); !good)
        return tl::unexpected(good.error());
    const Frames length = piece_length(request.schedule.project());
    if (length <= Frames(0))
        return fail("The piece has no length yet.", {}, "Open a song first.");
    SheetRequest whole = request;
    if (!whole.frames)
        whole.frames = {Frames(0), length};
    whole.frames->first = std::max(whole.frames->first, Frames(0));
    whole.frames->second = std::min(whole.frames->second, length);
    if (whole.frames->first >= whole.frames->second)
        return fail("There is nothing of the piece between these places.", {}, "Choose a longer part of it.");
    return kind.laid_out(whole, completed(request.values, sheet_parameters()), measure);
}

} // namespace pulsepin
