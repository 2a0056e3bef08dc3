// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/progress.h"
#include "render/sheet_pictures.h"
#include "sheets/sheets.h"

#include <QImage>
#include <filesystem>
#include <vector>

namespace pulsepin {

/// How texts of sheets are set: in Inter, which ships with the program.
[[nodiscard]] TextMeasure sheet_measure();

/// A page on white, so many pixels wide.
[[nodiscard]] QImage image_of_sheet(const Sheets& sheets, std::size_t page, int width,
                                    SheetPictures& pictures);

/// All pages as PDF.
[[nodiscard]] Result<std::string> pdf_of_sheets(const Sheets& sheets, SheetPictures& pictures,
                                                const Progress& progress = {});

/// Whether sheets are written as files of that ending: .pdf, .svg or .png.
[[nodiscard]] bool is_sheet_file(const std::filesystem::path& file);
/// The files that are written for that name: a PDF has all pages; of SVG and PNG each page is a file,
/// "sheet-1.svg", where there are several.
[[nodiscard]] std::vector<std::filesystem::path> files_of_sheets(const std::filesystem::path& file,
                                                                 std::size_t pages);
/// Writes those files, each as a whole or not at all. Fails for another kind of file.
[[nodiscard]] Result<void> write_sheets(const Sheets& sheets, const std::filesystem::path& file,
                                        SheetPictures& pictures, const Progress& progress = {});

} // namespace pulsepin
