// SPDX-License-Identifier: GPL-3.0-or-later
#include "commands/pack_commands.h"

#include "interchange/pack.h"
#include "pages/dialogs/param_dialog.h"
#include "pages/stops/export_panel.h"
#include "pages/stops/sheets_page.h"
#include "parts/fields.h"
#include "parts/file_names.h"
#include "parts/remembered_values.h"
#include "parts/widgets.h"
#include "session/core_words.h"

#include <QDir>
#include <QFileDialog>
#include <QFileInfo>

namespace pulsepin {

void PackCommands::add_to(QMenu* menu) {
    using K = QKeySequence;
    add(menu, "pack", tr("Pack into a folder…"), {}, [this] { pack_dialog(As::Folder); });
    add(menu, "pack zip", tr("Pack into a ZIP file…"), {}, [this] { pack_dialog(As::Zip); });
    add(menu, "print sheets", tr("Sheets to print"), {K(tr("Ctrl+Shift+P"))}, [this] {
        go_to_stop(Stop::Export);
        exporting_.show_page(ExportPanel::SheetsOf);
    });
}

std::string PackCommands::name_of_piece() const {
    return document_.path().empty() ? "untitled" : document_.path().stem().string();
}

/// What goes along is asked, then where to; what was chosen is offered again.
void PackCommands::pack_dialog(As as) {
    const QString key = QStringLiteral("pack");
    ask(new ParamDialog(
            "pack", as == As::Zip ? tr("Pack into a ZIP file") : tr("Pack into a folder"), pack_parameters(),
            remembered_values(key, pack_parameters()), tr("Pack…"), window_,
            [](const ParamValues& values) {
                return values.whole("handles") < 0
                           ? tr("Films go along whole.")
                           : tr("Of films that only cuts show, what is seen goes along, with so many "
                                "frames before and behind. What was placed with chosen in-points "
                                "chooses among these then.");
            }),
        [this, key, as](const ParamValues& values) {
            remember_values(key, pack_parameters(), values);
            // Once this dialog is gone: the next one asks where to.
            QMetaObject::invokeMethod(
                this, [this, as, values] { ask_where(as, values); }, Qt::QueuedConnection);
        });
}

void PackCommands::ask_where(As as, const ParamValues& values) {
    if (as == As::Folder) {
        const QString folder = QFileDialog::getExistingDirectory(window_, tr("Pack into which folder?"),
                                                                 usual_folder(document_));
        if (!folder.isEmpty())
            pack_into(std::filesystem::path(folder.toStdString()) / (name_of_piece() + " packed"), values);
        return;
    }
    const QString suggested =
        QDir(usual_folder(document_)).filePath(QString::fromStdString(name_of_piece() + ".zip"));
    const WrittenUnder written{
        [](const QString&) { return QStringList(); },
        [](const QString& file) {
            return QFileInfo::exists(file) ? tr("There is a file of this name already: choose another one.")
                                           : QString();
        }};
    if (const auto path =
            ask_where_to_write(window_, tr("Pack into a ZIP file"), suggested, "*.zip", "zip", written))
        pack_into(path->toStdString(), values);
}

void PackCommands::pack_into(const std::filesystem::path& into, const ParamValues& values) {
    document_.jobs().start<Packed>(
        JobQueue::Write, tr("Packing %1").arg(QString::fromStdString(into.filename().string())),
        [project = document_.project(), name = name_of_piece(), into, values](const Progress& progress) {
            return pack(project, name, into, values, progress);
        },
        [this, into](const Result<Packed>& packed) {
            if (!packed)
                return document_.say(packed.error().cancelled() ? tr("Nothing was packed")
                                                                : spoken(packed.error()));
            QString told = tr("%n files packed into %1", nullptr, static_cast<int>(packed->files))
                               .arg(QString::fromStdString(into.string()));
            if (packed->shortened > 0)
                told += tr("; of %n films what is used", nullptr, static_cast<int>(packed->shortened));
            QStringList missing;
            for (const auto& one : packed->missing)
                missing << QString::fromStdString(one);
            document_.say(missing.isEmpty() ? told : tr("%1; missing: %2").arg(told, missing.join(", ")));
        });
}

void PackCommands::write_sheets_dialog() {
    auto& sheets = exporting_.sheets();
    const QString suggested =
        QDir(usual_folder(document_))
            .filePath(QString::fromStdString(name_of_piece() + "-" + std::string(sheets.kind().id) + ".pdf"));
    const WrittenUnder written{[&sheets](const QString& file) { return sheets.files_for(file); }};
    if (const auto path = ask_where_to_write(window_, tr("Sheets to print"), suggested, "*.pdf *.svg *.png",
                                             "pdf svg png", written))
        sheets.write(*path);
}

} // namespace pulsepin
