// SPDX-License-Identifier: GPL-3.0-or-later
#include "parts/file_names.h"

#include "parts/question.h"
#include "session/document.h"
#include "session/settings.h"

#include <QCoreApplication>
#include <QFileDialog>
#include <QFileInfo>
#include <QMessageBox>
#include <algorithm>

namespace pulsepin {
namespace {

QString text(const char* english) {
    return QCoreApplication::translate("FileNames", english);
}

constexpr qsizetype most_named = 8;

bool may_replace(QWidget* parent, const QStringList& files) {
    QStringList names;
    for (const auto& file : files.first(std::min(most_named, files.size())))
        names << QFileInfo(file).fileName();
    const QString asked =
        files.size() == 1 ? text("There is a file “%1” already. Shall it be replaced?").arg(names.first())
                          : text("There are %1 files of these names already: %2%3. Shall they be replaced?")
                                .arg(files.size())
                                .arg(names.join(QStringLiteral(", ")),
                                     files.size() > most_named ? text(" and others") : QString());
    return agreed_to(parent, {"replace file",
                              files.size() == 1 ? text("Replace the file?") : text("Replace the files?"),
                              asked, text("Replace"), text("Another name")});
}

/// Whether the person may go on with that name; tells why not, or asks.
bool may_take(QWidget* parent, const QString& name, const WrittenUnder& written) {
    if (const QString why = written.refusal(name); !why.isEmpty()) {
        QMessageBox told(QMessageBox::Information, text("Another name, please"), why, QMessageBox::Ok,
                         parent);
        told.setTextFormat(Qt::PlainText);
        told.setObjectName("name refused");
        told.exec();
        return false;
    }
    QStringList there = written.files(name);
    there.removeIf([](const QString& file) { return !QFileInfo::exists(file); });
    return there.isEmpty() || may_replace(parent, there);
}

} // namespace

bool is_project_name(const QString& path) {
    return path.endsWith(".pulsepin", Qt::CaseInsensitive);
}

QString usual_folder(const Document& document) {
    std::filesystem::path file = document.path();
    if (file.empty() && document.project().song)
        file = document.project().song->path;
    if (file.empty())
        if (const QString folder = setting_text("files/folder"); QFileInfo(folder).isDir())
            return folder;
    return QString::fromStdString(file.parent_path().string());
}

QString as_patterns(std::span<const std::string_view> endings) {
    QStringList patterns;
    for (const auto& ending : endings)
        patterns << "*" + QString::fromUtf8(ending.data(), static_cast<qsizetype>(ending.size()));
    return patterns.join(' ');
}

std::optional<QString> ask_where_to_write(QWidget* parent, const QString& title, const QString& suggested,
                                          const QString& filter, const QString& ending,
                                          const WrittenUnder& written) {
    QString name = suggested;
    while (true) {
        QFileDialog dialog(parent, title, QFileInfo(name).path(), filter);
        dialog.setAcceptMode(QFileDialog::AcceptSave);
        dialog.setFileMode(QFileDialog::AnyFile);
        dialog.setOption(QFileDialog::DontConfirmOverwrite); // it would ask about the name without its ending
        dialog.selectFile(QFileInfo(name).fileName());
        if (dialog.exec() != QDialog::Accepted || dialog.selectedFiles().isEmpty())
            return std::nullopt;
        name = dialog.selectedFiles().first();
        const QStringList endings = ending.split(' ');
        const bool has_one =
            std::ranges::any_of(endings, [&](const QString& one) { // x.json will do for x.lottie.json
                return name.endsWith("." + one.section('.', -1), Qt::CaseInsensitive);
            });
        if (!has_one)
            name += "." + endings.first();
        if (may_take(parent, name, written))
            return name;
    }
}

} // namespace pulsepin
