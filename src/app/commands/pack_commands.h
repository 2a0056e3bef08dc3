// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "commands/commands.h"
#include "params/param.h"

#include <filesystem>

namespace pulsepin {

class ExportPanel;

/// The piece as something to carry: packed with all its files, and on paper.
class PackCommands : public Commands {
    Q_OBJECT
public:
    PackCommands(const Workplace& at, ExportPanel& exporting) : Commands(at), exporting_(exporting) {}
    void add_to(QMenu* menu);
    /// Asks where the sheets that are seen are written to.
    void write_sheets_dialog();

private:
    enum class As { Folder, Zip };
    void pack_dialog(As as);
    void ask_where(As as, const ParamValues& values);
    void pack_into(const std::filesystem::path& into, const ParamValues& values);
    [[nodiscard]] std::string name_of_piece() const;

    ExportPanel& exporting_;
};

} // namespace pulsepin
