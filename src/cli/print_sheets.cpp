// SPDX-License-Identifier: GPL-3.0-or-later
#include "print_sheets.h"

#include "follow/piece_part.h"
#include "interchange/outputs.h"
#include "interchange/project_file.h"
#include "no_such.h"
#include "project_arguments.h"
#include "render/sheet_files.h"
#include "schedule/piece_length.h"
#include "screenless.h"
#include "time/clock_grid.h"

#include <QDate>
#include <iostream>

namespace pulsepin {
namespace {

/// The frame at a place; `otherwise` where none was told.
Result<Frames> frame_of(const Project& project, const std::string& text, Frames otherwise) {
    if (text.empty())
        return otherwise;
    const auto position = position_in(project, text);
    if (!position)
        return tl::unexpected(position.error());
    const Seconds time = project.grid ? project.grid->time_at(*position) : clock_time(*position);
    const auto& settings = *project.settings;
    return round_to_frame(time, settings.frame_rate, settings.rounding).frame;
}

} // namespace

std::string sheet_kind_ids() {
    return ids_of(sheet_kinds(), &SheetKind::id);
}

Result<void> print_sheets(const SheetsRequest& request) {
    const auto* kind = sheet_kind(request.kind);
    if (!kind)
        return no_such("sheet", request.kind, sheet_kinds(), &SheetKind::id);
    if (!is_sheet_file(request.out))
        return fail("Sheets are written as PDF, SVG or PNG.", request.out,
                    "End the file's name in .pdf, .svg or .png.");
    const auto project = load_project(request.project);
    if (!project)
        return tl::unexpected(project.error());
    const Curves piece = piece_alone(Curves{Schedule(*project)});
    SheetRequest sheet{piece.schedule};
    for (const auto& setting : request.settings)
        if (auto set = set_from_text(sheet.values, sheet_parameters(), setting); !set)
            return set;
    const auto from = frame_of(piece.project(), request.from, Frames(0)),
               until = frame_of(piece.project(), request.until, piece_length(piece.project()));
    for (const auto& frame : {from, until})
        if (!frame)
            return tl::unexpected(frame.error());
    sheet.frames = {*from, *until};
    sheet.date = QDate::currentDate().toString(Qt::ISODate).toStdString();
    const Screenless screenless;
    const auto sheets = laid_out(*kind, sheet, sheet_measure());
    if (!sheets)
        return tl::unexpected(sheets.error());
    const auto files = files_of_sheets(request.out, sheets->pages.size());
    for (const auto& file : files)
        if (auto allowed = may_write(file, inputs_of(request.project, *project), request.replace); !allowed)
            return allowed;
    SheetPictures pictures(project->bin);
    if (auto written = write_sheets(*sheets, request.out, pictures); !written)
        return written;
    std::cout << sheets->pages.size() << (sheets->pages.size() == 1 ? " page" : " pages") << " in "
              << files.front().filename().string()
              << (files.size() > 1 ? " to " + files.back().filename().string() : std::string()) << "\n";
    return {};
}

} // namespace pulsepin
