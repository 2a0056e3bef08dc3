// SPDX-License-Identifier: GPL-3.0-or-later
#include "file_names.h"

#include <QCoreApplication>
#include <QFileDialog>
#include <QFileInfo>
#include <QMessageBox>

namespace pulsepin {
namespace {

QString text(const char* english) {
    return QCoreApplication::translate("FileNames", english);
}

bool may_replace(QWidget* parent, const QString& path) {
    QMessageBox ask(
        QMessageBox::Question, text("Replace the file?"),
        text("There is a file “%1” already. Shall it be replaced?").arg(QFileInfo(path).fileName()),
        QMessageBox::NoButton, parent);
    ask.setObjectName("replace file");
    auto* replace = ask.addButton(text("Replace"), QMessageBox::DestructiveRole);
    auto* other = ask.addButton(text("Another name"), QMessageBox::RejectRole);
    ask.setDefaultButton(other);
    ask.setEscapeButton(other);
    ask.exec();
    return ask.clickedButton() == replace;
}

} // namespace

bool is_project_name(const QString& path) {
    return path.endsWith(".pulsepin", Qt::CaseInsensitive);
}

std::optional<QString> ask_where_to_write(QWidget* parent, const QString& title, const QString& suggested,
                                          const QString& filter, const QString& ending) {
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
        const QString last_part = "." + ending.section('.', -1); // x.json will do for x.lottie.json
        if (!name.endsWith(last_part, Qt::CaseInsensitive))
            name += "." + ending;
        if (!QFileInfo::exists(name) || may_replace(parent, name))
            return name;
    }
}

} // namespace pulsepin
