// SPDX-License-Identifier: GPL-3.0-or-later
//
// What the kinds of sheets have in common; not for use outside of this layer.
#pragma once

#include "sheets/lane_entries.h"
#include "sheets/sheets.h"

namespace pulsepin {

[[nodiscard]] std::span<const ParamChoice> paper_choices();

namespace sheet_ink {
inline constexpr Colour black{0x1f2742}, quiet{0x5b5f70}, rule{0xc9c2b0}, strong_rule{0x6b6f80},
    shade{0xf3ede0}, bar{0xe4ebe8}, fine{0x0f766e};
}

/// A lane, or the lines of one, on a sheet.
struct SheetLane {
    std::string name;
    bool draws = false; ///< its entries are held drawings
    std::vector<LaneEntry> entries;
};
/// Those whose kinds are switched on and that have something in those frames.
[[nodiscard]] std::vector<SheetLane> lanes_on_sheet(const SheetRequest& request, const ParamValues& values);

/// Pages with a head and a foot, which are filled one after the other.
class Paper {
public:
    Paper(const SheetRequest& request, const ParamValues& values, std::string_view what, TextMeasure measure);

    // What lies between head, foot and margins.
    [[nodiscard]] double left() const { return margin; }
    [[nodiscard]] double right() const { return sheets_.width - margin; }
    [[nodiscard]] double top() const { return margin + head; }
    [[nodiscard]] double bottom() const { return sheets_.height - margin - foot; }

    void new_page(std::string told_of_page);
    /// Instead of the paper that was chosen: so much room between the margins, and as much height as the page
    /// takes in the end.
    void use_width(double room) { sheets_.width = room + 2 * margin; }
    void use_height_until(double y) { sheets_.height = y + foot + margin; }

    struct Style {
        double size = 9;
        bool bold = false;
        Colour ink = sheet_ink::black;
        double align = 0; ///< 0: it begins at x, 0.5: its middle lies there, 1: it ends there
    };
    void text(double x, double baseline, std::string_view what, Style style);
    void line(double x1, double y1, double x2, double y2, double thickness, Colour ink);
    void box(double x, double y, double width, double height, Colour fill);
    void picture(double x, double y, double width, double height, ClipId clip, Seconds time);
    [[nodiscard]] double measure(std::string_view what, double size, bool bold = false) const {
        return measure_(what, size, bold);
    }
    /// The text in lines no wider than that; none where it needs more lines than there may be.
    [[nodiscard]] std::optional<std::vector<std::string>>
    lines_of(std::string_view what, double width, double size, std::size_t most, bool bold = false) const;
    /// What stands where a text finds no room: as much of it as there is room for, and a sign, "… *3". The
    /// text is told in full at the end.
    [[nodiscard]] std::string told_later(const std::string& where, const std::string& what, double width,
                                         double size, bool bold = false);

    /// With the texts that found no room, and the numbers of pages.
    [[nodiscard]] Sheets finished();

private:
    static constexpr double margin = 34, head = 46, foot = 16;
    [[nodiscard]] Colour printed(Colour ink) const;
    void write_heads();

    const SheetRequest& request_;
    std::string what_;
    TextMeasure measure_;
    Sheets sheets_;
    std::vector<std::string> told_; ///< of each page
    std::vector<std::pair<std::string, std::string>> later_;
};

/// "12.3" at a time, or the time where there is no grid.
[[nodiscard]] std::string place_on_paper(const Project& project, Seconds time);

} // namespace pulsepin
