// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "interchange/export_material.h"

#include <span>
#include <string_view>

namespace pulsepin {

/// A row per way out. `write` makes the whole file's text, or says what is missing in the project.
struct ExporterRow {
    std::string_view id;        ///< on the command line
    std::string_view label;     ///< "Edit decision list"
    std::string_view extension; ///< without the dot
    std::string_view explains;  ///< one line for the person
    bool takes_curves;          ///< of what follows the music; they are computed first
    Result<std::string> (*write)(const ExportMaterial&);
    ParamSpecs parameters = {}; ///< what can be chosen; what is not, the project says or is usual
    /// Of those with a parameter "lane": which lanes it may be; null: there is no such parameter.
    bool (*takes_lane)(const Lane&) = nullptr;
    /// What it cannot hold of the project, a phrase each; null: it holds what it is for.
    std::vector<std::string> (*losses)(const ExportMaterial&) = nullptr;
    /// Where it makes several files of a piece: all of them; null: it makes one.
    std::vector<ExportPart> (*parts)(const ExportMaterial&) = nullptr;
    bool is_text = true; ///< for people and programs that take text, too
};

[[nodiscard]] std::span<const ExporterRow> exporters();
/// Null when there is no such exporter.
[[nodiscard]] const ExporterRow* exporter(std::string_view id);

/// All curves of a project, followers included. Fails where what they listen to cannot be read.
[[nodiscard]] Result<Curves> curves_of_project(const Project& project, const Progress& progress = {});
/// What the row needs of a project beside itself: decodes and follows the song only where it takes curves and
/// there are some. Fails when the song is needed and not there, so that no flat curves are handed on.
[[nodiscard]] Result<Curves> curves_for(const ExporterRow& row, const Project& project,
                                        const Progress& progress = {});

/// What to say after that: what did not go along; empty where all did.
[[nodiscard]] std::string told_of_losses(const ExportMaterial& material, const ExporterRow& row);

/// Writes the file as a whole or not at all.
[[nodiscard]] Result<void> export_project(const ExportMaterial& material, const ExporterRow& row,
                                          const std::filesystem::path& path);

} // namespace pulsepin
