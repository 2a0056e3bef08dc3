// SPDX-License-Identifier: GPL-3.0-or-later
//
// Opening, saving, leaving, handing on: nothing that a person made may vanish on the way.
#include "main_window.h"

#include "bench_area.h"
#include "file_names.h"
#include "model/edits.h"
#include "schedule_text_dialog.h"

#include <QApplication>
#include <QCloseEvent>
#include <QFileInfo>
#include <QMessageBox>
#include <QProcess>
#include <QSessionManager>

namespace pulsepin {

/// Asks about work that is not saved, then goes on: at once, or when it is on the disk; never when the person
/// or the disk did not want to.
void MainWindow::leave(std::function<void()> then) {
    if (document_.store().saving()) // what was just asked for is not asked about
        document_.store().finish();
    if (!document_.unsaved())
        return then();
    QMessageBox ask(QMessageBox::Question, tr("Unsaved work"),
                    tr("“%1” has changes that are not saved.").arg(document_.title()),
                    QMessageBox::Save | QMessageBox::Discard | QMessageBox::Cancel, this);
    ask.setObjectName("unsaved work");
    ask.setDefaultButton(QMessageBox::Save);
    switch (ask.exec()) {
    case QMessageBox::Save:
        return save(std::move(then));
    case QMessageBox::Discard:
        return then();
    default:
        return;
    }
}

void MainWindow::save(std::function<void()> then) {
    if (document_.path().empty())
        return save_as(std::move(then));
    save_to(document_.path(), ProjectStore::Overwrite::No, std::move(then));
}

void MainWindow::save_as(std::function<void()> then) {
    const QString suggested = document_.path().empty() ? tr("untitled.pulsepin")
                                                       : QString::fromStdString(document_.path().string());
    if (const auto path =
            ask_where_to_write(this, tr("Save project"), suggested, tr(project_filter), "pulsepin"))
        save_to(path->toStdString(), ProjectStore::Overwrite::Yes, std::move(then));
}

void MainWindow::save_to(const std::filesystem::path& path, ProjectStore::Overwrite overwrite,
                         std::function<void()> then) {
    document_.save(path, overwrite, [this, path, then = std::move(then)](const Result<void>& saved) {
        if (saved) {
            if (then)
                then();
        } else if (saved.error().kind == ErrorKind::Changed) {
            ask_about_changed_file(path, then);
        } else {
            document_.say(QString::fromStdString(saved.error().message()));
        }
    });
}

void MainWindow::ask_about_changed_file(const std::filesystem::path& path, std::function<void()> then) {
    QMessageBox ask(QMessageBox::Warning, tr("The file was changed"),
                    tr("“%1” was changed by another program or window since it was opened here. Saving would "
                       "replace what was done there.")
                        .arg(QString::fromStdString(path.filename().string())),
                    QMessageBox::NoButton, this);
    ask.setObjectName("file was changed");
    auto* other = ask.addButton(tr("Save as…"), QMessageBox::AcceptRole);
    auto* look = ask.addButton(tr("Look at both"), QMessageBox::ActionRole);
    auto* replace = ask.addButton(tr("Replace it"), QMessageBox::DestructiveRole);
    auto* cancel = ask.addButton(QMessageBox::Cancel);
    ask.setDefaultButton(other);
    ask.setEscapeButton(cancel);
    ask.exec();
    if (ask.clickedButton() == replace)
        save_to(path, ProjectStore::Overwrite::Yes, std::move(then));
    else if (ask.clickedButton() == other)
        save_as(std::move(then));
    else if (ask.clickedButton() == look)
        show_file_beside();
}

/// What is on the disk, in a window of its own.
void MainWindow::show_file_beside() {
    const QString file = QString::fromStdString(document_.path().string());
    if (!QProcess::startDetached(QApplication::applicationFilePath(), {file}))
        document_.say(tr("Another window could not be opened"));
}

void MainWindow::load_again() {
    const auto path = document_.path();
    if (auto opened = document_.open(path); !opened)
        document_.say(QString::fromStdString(opened.error().message()));
}

void MainWindow::open_path(const QString& path) {
    if (!is_project_name(path)) {
        document_.open_song(path.toStdString());
        return;
    }
    leave([this, path] {
        if (auto opened = document_.open(path.toStdString()); !opened)
            document_.say(QString::fromStdString(opened.error().message()));
    });
}

void MainWindow::closeEvent(QCloseEvent* event) {
    bool now = false;
    if (!may_close_) {
        auto inside = std::make_shared<bool>(true);
        leave([this, &now, inside] {
            if (*inside) {
                now = true;
            } else { // saved meanwhile
                may_close_ = true;
                close();
            }
        });
        *inside = false;
    }
    if (!now && !may_close_) {
        event->ignore();
        return;
    }
    player_.stop();
    event->accept();
}

/// The bench keeps the height that nothing is cut off with, as long as the song keeps some, too.
void MainWindow::fit_bench() {
    constexpr int least_bench = 150, least_song = 230;
    const int room = height() - transport_->height() - status_->height() - least_song;
    bench_area_->setMinimumHeight(
        std::clamp(room, least_bench, std::max(least_bench, bench_area_->whole_height(width()))));
    bench_area_->fit();
}

void MainWindow::resizeEvent(QResizeEvent* event) {
    QMainWindow::resizeEvent(event);
    fit_bench();
}

// -- the end from outside

void MainWindow::end_now() {
    player_.stop();
    document_.keep_unsaved_work();
    QApplication::exit(0);
}

void MainWindow::desktop_ends(QSessionManager& manager) {
    document_.keep_unsaved_work(); // whatever the answer is, and however long it takes
    if (!document_.unsaved() || !manager.allowsInteraction())
        return;
    if (!may_end_session())
        manager.cancel();
    manager.release();
}

bool MainWindow::may_end_session() {
    const auto may = std::make_shared<bool>(false);
    leave([may] { *may = true; });
    while (document_.store().saving()) // the desktop does not wait for what comes later
        document_.store().finish();
    return *may;
}

// -- recovery

MainWindow::Recovered MainWindow::offer_recovery() {
    for (const auto& left : RecoveryFolder::left_behind()) {
        const QString original = QString::fromStdString(left->original().filename().string());
        QMessageBox ask(QMessageBox::Question, tr("Work to recover"),
                        tr("Pulse Pin did not end properly. Unsaved work on %1 from %2 can be recovered.")
                            .arg(original.isEmpty() ? tr("an untitled project") : original,
                                 QLocale().toString(left->when(), QLocale::ShortFormat)),
                        QMessageBox::NoButton, this);
        ask.setObjectName("work to recover");
        auto* recover = ask.addButton(tr("Recover"), QMessageBox::AcceptRole);
        auto* later = ask.addButton(tr("Ask again next time"), QMessageBox::RejectRole);
        auto* discard = ask.addButton(tr("Discard"), QMessageBox::DestructiveRole);
        ask.setDefaultButton(recover);
        ask.setEscapeButton(later);
        ask.exec();
        if (ask.clickedButton() == discard) {
            left->remove();
        } else if (ask.clickedButton() == recover) {
            if (auto done = document_.recover(left))
                return Recovered::Yes; // one project a window; the others are offered again
            else
                tell_of_damaged_copy(*left, done.error());
        }
    }
    return Recovered::No;
}

/// It stays where it is: someone may still find something in it.
void MainWindow::tell_of_damaged_copy(const RecoveryFolder& left, const Error& error) {
    QMessageBox tell(
        QMessageBox::Warning, tr("This copy cannot be opened"),
        tr("%1\n\nIt stays in %2")
            .arg(QString::fromStdString(error.what), QString::fromStdString(left.copy().string())),
        QMessageBox::Ok, this);
    tell.setObjectName("damaged copy");
    tell.setTextInteractionFlags(Qt::TextSelectableByMouse);
    tell.exec();
}

// -- handing on

void MainWindow::export_dialog(const ExporterRow& row) {
    if (row.id == "keys-text") { // how it is written is asked first, and kept in the project
        ScheduleTextDialog dialog(document_.curves(), this);
        if (dialog.exec() != QDialog::Accepted)
            return;
        Settings settings = *document_.project().settings;
        settings.schedule_text = dialog.how();
        document_.apply(with_settings(document_.project(), settings), tr("change text of keys"));
    }
    const QString ending =
        QString::fromUtf8(row.extension.data(), static_cast<qsizetype>(row.extension.size()));
    const QString suggested = document_.path().empty()
                                  ? QString("untitled.%1").arg(ending)
                                  : QString::fromStdString(std::filesystem::path(document_.path())
                                                               .replace_extension(std::string(row.extension))
                                                               .string());
    if (const auto path = ask_where_to_write(this, QString::fromUtf8(row.label.data()), suggested,
                                             QString("*.%1").arg(ending), ending))
        export_->write(row, *path);
}

} // namespace pulsepin
