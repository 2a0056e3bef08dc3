// SPDX-License-Identifier: GPL-3.0-or-later
#include "commands/file_commands.h"

#include "commands/grid_commands.h"
#include "interchange/outputs.h"
#include "media/media_endings.h"
#include "model/edits.h"
#include "pages/dialogs/param_dialog.h"
#include "pages/dialogs/schedule_text_dialog.h"
#include "pages/stops/export_panel.h"
#include "parts/fields.h"
#include "parts/file_names.h"
#include "parts/param_form.h"
#include "parts/question.h"
#include "parts/remembered_values.h"
#include "parts/widgets.h"
#include "session/core_words.h"
#include "session/project_reading.h"

#include <QApplication>
#include <QDir>
#include <QFileDialog>
#include <QFileInfo>
#include <QInputDialog>
#include <QMessageBox>
#include <QProcess>
#include <QSessionManager>
#include <QSettings>

namespace pulsepin {
namespace {

constexpr const char* song_filter =
    "Sound and video (*.wav *.flac *.mp3 *.m4a *.aac *.ogg *.opus *.aif *.aiff *.wma "
    "*.mp4 *.mov *.mkv *.webm);;All files (*)";

} // namespace

void FileCommands::add_to(QMenu* menu) {
    using K = QKeySequence;
    add(menu, "new", tr("New project"), {K::New},
        [this] { leave(Leaving::Piece, [this] { document_.start_new(); }); });
    add(menu, "new from template", tr("New from a template…"), {}, [this] { template_dialog(); });
    add(menu, "open", tr("Open project…"), {K(tr("Ctrl+Shift+O"))}, [this] { open_dialog(); });
    recent_menu_ = menu->addMenu(tr("Recent projects"));
    connect(recent_menu_, &QMenu::aboutToShow, this, &FileCommands::fill_recent_menu);
    add(menu, "save", tr("Save"), {K::Save}, [this] { save(); });
    add(menu, "save as", tr("Save as…"), {K(tr("Ctrl+Shift+S"))}, [this] { save_as(); });
    menu->addSeparator();
    add(menu, "open song", tr("Open song…"), {K::Open}, [this] { song_dialog(); });
    add(menu, "open beats", tr("Open beats…"), {}, [this] { grids_.beats_dialog(); });
    add(menu, "add shots", tr("Add shots…"), {K(tr("Ctrl+I"))}, [this] { shots_dialog(); });
    add(menu, "add shot folder", tr("Add a folder of shots…"), {}, [this] { shot_folder_dialog(); });
    add(menu, "bring in", tr("Bring in cuts and markers…"), {K(tr("Ctrl+Shift+B"))},
        [this] { bring_in_dialog(); });
    menu->addSeparator();
    add(menu, "export all again", tr("Write all formats again"), {K(tr("Ctrl+Shift+E"))},
        [this] { export_all_again(); });
}

void FileCommands::add_quit_to(QMenu* menu) {
    menu->addSeparator();
    add(menu, "quit", tr("Quit"), {QKeySequence(tr("Ctrl+Q"))}, [this] { window_->close(); });
}

/// A folder on another machine may not answer. As long as it does not, only the program can be left, with a
/// copy: it is offered when the program is started the next time.
FileCommands::Saves FileCommands::wait_for_saves(Leaving what) {
    using namespace std::chrono_literals;
    auto& store = document_.store();
    if (store.finish_within(400ms))
        return Saves::Done;
    QMessageBox box(
        QMessageBox::Information, tr("Still saving"),
        tr("“%1” is still being saved: its folder does not answer.").arg(document_.title()) + "\n\n" +
            (what == Leaving::Program
                 ? tr("The window closes as soon as it is saved. Or leave it now: a copy is kept on this "
                      "computer, and offered when Pulse Pin is started the next time.")
                 : tr("It goes on as soon as it is saved. Or save it into another folder, which waits for "
                      "nothing: File, Save as.")),
        QMessageBox::NoButton, window_);
    box.setObjectName("still saving");
    box.setTextFormat(Qt::PlainText);
    auto* back = box.addButton(tr("Back to work"), QMessageBox::RejectRole);
    auto* copy =
        what == Leaving::Program ? box.addButton(tr("Close, keep a copy"), QMessageBox::ActionRole) : nullptr;
    box.setDefaultButton(back);
    box.setEscapeButton(back);
    connect(&store, &ProjectStore::changed, &box, [&] {
        if (!store.saving())
            box.done(0);
    });
    box.exec();
    if (!store.saving())
        return Saves::Done;
    if (!copy || box.clickedButton() != copy)
        return Saves::NotDone;
    if (document_.keep_unsaved_work(0ms))
        return Saves::KeptAsCopy;
    document_.say(tr("No copy could be kept: free some space on this computer, or wait for the folder."));
    return Saves::NotDone;
}

/// Asks about work that is not saved, then goes on: at once, or when it is on the disk; never when the person
/// or the disk did not want to.
void FileCommands::leave(Leaving what, std::function<void()> then) {
    const auto saves = wait_for_saves(what); // what was just asked for is not asked about
    if (saves == Saves::NotDone)
        return;
    if (saves == Saves::KeptAsCopy || !document_.unsaved())
        return then();
    QMessageBox ask(QMessageBox::Question, tr("Unsaved work"),
                    tr("“%1” has changes that are not saved.").arg(document_.title()),
                    QMessageBox::Save | QMessageBox::Discard | QMessageBox::Cancel, window_);
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

void FileCommands::save(std::function<void()> then) {
    if (document_.path().empty())
        return save_as(std::move(then));
    save_to(document_.path(), ProjectStore::Overwrite::No, std::move(then));
}

void FileCommands::save_as(std::function<void()> then) {
    using namespace std::chrono_literals;
    const auto& path_now = document_.path();
    const QString name =
        path_now.empty() ? tr("untitled.pulsepin") : QString::fromStdString(path_now.filename().string());
    const QString folder = !document_.store().finish_within(200ms)
                               ? QDir::homePath() // where it is does not answer
                           : path_now.empty() ? usual_folder(document_)
                                              : QString::fromStdString(path_now.parent_path().string());
    const QString suggested = QDir(folder).filePath(name);
    if (const auto path =
            ask_where_to_write(window_, tr("Save project"), suggested, tr(project_filter), "pulsepin"))
        save_to(path->toStdString(), ProjectStore::Overwrite::Yes, std::move(then));
}

void FileCommands::save_to(const std::filesystem::path& path, ProjectStore::Overwrite overwrite,
                           std::function<void()> then) {
    document_.save(path, overwrite, [this, path, then = std::move(then)](const Result<void>& saved) {
        if (saved) {
            if (then)
                then();
        } else if (saved.error().kind == ErrorKind::Changed) {
            ask_about_changed_file(path, then);
        } else {
            document_.say(spoken(saved.error()));
        }
    });
}

void FileCommands::ask_about_changed_file(const std::filesystem::path& path, std::function<void()> then) {
    QMessageBox ask(QMessageBox::Warning, tr("The file was changed"),
                    tr("“%1” was changed by another program or window since it was opened here. Saving would "
                       "replace what was done there.")
                        .arg(QString::fromStdString(path.filename().string())),
                    QMessageBox::NoButton, window_);
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
void FileCommands::show_file_beside() {
    const QString file = QString::fromStdString(document_.path().string());
    if (!QProcess::startDetached(QApplication::applicationFilePath(), {file}))
        document_.say(tr("Another window could not be opened"));
}

Document::AskAboutFiles FileCommands::ask_about_files() const {
    return [window = window_](const std::vector<FileOutside>& files) {
        constexpr std::size_t most_named = 12;
        QString list;
        for (std::size_t i = 0; i < std::min(files.size(), most_named); ++i) {
            list += "\n" + QString::fromStdString(files[i].named.string());
            if (files[i].leads_to != files[i].named)
                list += tr(" → %1").arg(QString::fromStdString(files[i].leads_to.string()));
        }
        if (files.size() > most_named)
            list += tr("\nand %n more", nullptr, static_cast<int>(files.size() - most_named));
        return agreed_to(
            window,
            {"files outside", tr("Files outside of the project’s folder"),
             tr("This project reads files that do not lie beside it. Read them only if you know where "
                "the project comes from.\n") +
                 list,
             tr("Read them"), tr("Do not open")});
    };
}

void FileCommands::load_again() {
    const auto path = document_.path();
    if (auto opened = document_.open(path, ask_about_files()); !opened && !opened.error().cancelled())
        document_.say(spoken(opened.error()));
}

void FileCommands::open_path(const QString& path) {
    if (!is_project_name(path)) {
        document_.open_song(path.toStdString());
        return;
    }
    leave(Leaving::Piece, [this, path] { open_when_it_answers(path); });
}

/// At once, as a rule. A folder on another machine may not answer: then it is opened as soon as it does, and
/// everything else goes on.
void FileCommands::open_when_it_answers(const QString& path) {
    using namespace std::chrono_literals;
    const auto take = [this](Result<Document::ReadProject> read) {
        const auto opened = read ? document_.open(*std::move(read), ask_about_files())
                                 : Result<void>(tl::unexpected(read.error()));
        if (!opened && !opened.error().cancelled())
            document_.say(spoken(opened.error()));
    };
    const auto reading = ProjectReading::begun(path.toStdString());
    if (reading.wait(150ms, 600ms))
        return take(reading.outcome());
    const QString name = QFileInfo(path).fileName();
    document_.say(tr("Reading %1 takes a while. It is opened as soon as it is there.").arg(name));
    document_.jobs().start<Document::ReadProject>(
        JobQueue::Mix, tr("Opening %1").arg(name),
        [reading](const Progress& progress) -> Result<Document::ReadProject> {
            while (!reading.wait(50ms))
                if (progress.cancelled())
                    return fail_cancelled();
            return reading.outcome();
        },
        [this, take](const Result<Document::ReadProject>& read) {
            if (!read)
                return take(read);
            leave(Leaving::Piece,
                  [take, read = *read] { take(read); }); // what was done meanwhile is asked about
        });
}

void FileCommands::template_dialog() {
    const QString pattern = QFileDialog::getOpenFileName(window_, tr("Which project is the template?"),
                                                         usual_folder(document_), tr(project_filter));
    if (pattern.isEmpty())
        return;
    const QString song =
        QFileDialog::getOpenFileName(window_, tr("On which song?"), usual_folder(document_), tr(song_filter));
    if (!song.isEmpty())
        begin_from_template(pattern, song);
}

void FileCommands::begin_from_template(const QString& pattern, const QString& song) {
    leave(Leaving::Piece, [this, pattern, song] {
        document_.begin_from_template(
            pattern.toStdString(), song.toStdString(), ask_about_files(),
            [this, pattern](const Result<std::vector<std::string>>& told) {
                if (!told) {
                    if (!told.error().cancelled())
                        document_.say(spoken(told.error()));
                    return;
                }
                document_.say(
                    tr("A new piece from %1: save it under its own name").arg(QFileInfo(pattern).fileName()));
                tell_what_found_no_place(*told);
            });
    });
}

void FileCommands::tell_what_found_no_place(const std::vector<std::string>& told) {
    if (told.empty())
        return;
    QStringList lines;
    for (const auto& one : told)
        lines << QString::fromStdString(one);
    auto* box =
        new QMessageBox(QMessageBox::Information, tr("What found no place"),
                        tr("This part of the template has no place in the song:") + "\n\n" + lines.join('\n'),
                        QMessageBox::Ok, window_);
    box->setObjectName("left of template");
    box->setTextFormat(Qt::PlainText);
    box->setAttribute(Qt::WA_DeleteOnClose);
    box->open();
}

bool FileCommands::may_close() {
    if (may_close_)
        return true;
    bool now = false;
    auto inside = std::make_shared<bool>(true);
    leave(Leaving::Program, [this, &now, inside] {
        if (*inside) {
            now = true;
        } else { // saved meanwhile
            may_close_ = true;
            window_->close();
        }
    });
    *inside = false;
    return now;
}

void FileCommands::end_now() {
    player_.stop();
    document_.keep_unsaved_work();
    QApplication::exit(0);
}

void FileCommands::desktop_ends(QSessionManager& manager) {
    document_.keep_unsaved_work(); // whatever the answer is, and however long it takes
    if (!document_.unsaved() || !manager.allowsInteraction())
        return;
    if (!may_end_session())
        manager.cancel();
    manager.release();
}

bool FileCommands::may_end_session() {
    const auto may = std::make_shared<bool>(false);
    leave(Leaving::Program, [may] { *may = true; });
    constexpr std::chrono::seconds patience_of_the_desktop(10); // a copy was kept before
    if (document_.store().saving())
        document_.store().finish_within(patience_of_the_desktop); // it does not wait for what comes later
    return *may;
}

FileCommands::Recovered FileCommands::offer_recovery() {
    for (const auto& left : RecoveryFolder::left_behind()) {
        const QString original = QString::fromStdString(left->original().filename().string());
        QMessageBox ask(QMessageBox::Question, tr("Work to recover"),
                        tr("Unsaved work on %1 from %2 was kept and can be recovered.")
                            .arg(original.isEmpty() ? tr("an untitled project") : original,
                                 QLocale().toString(left->when(), QLocale::ShortFormat)),
                        QMessageBox::NoButton, window_);
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
void FileCommands::tell_of_damaged_copy(const RecoveryFolder& left, const Error& error) {
    QMessageBox tell(
        QMessageBox::Warning, tr("This copy cannot be opened"),
        tr("%1\n\nIt stays in %2").arg(spoken(error.what), QString::fromStdString(left.copy().string())),
        QMessageBox::Ok, window_);
    tell.setObjectName("damaged copy");
    tell.setTextInteractionFlags(Qt::TextSelectableByMouse);
    tell.exec();
}

/// Where it could be one of several. Whether it goes on.
bool FileCommands::ask_for_lane(const ExporterRow& row, ParamValues& values) {
    if (!row.takes_lane)
        return true;
    QStringList names;
    std::vector<LaneId> lanes;
    int now = 0;
    for (const auto& lane : document_.project().lanes)
        if (row.takes_lane(*lane)) {
            if (lane->id == view_.lane())
                now = static_cast<int>(lanes.size());
            lanes.push_back(lane->id);
            names << tr("%1. %2").arg(lanes.size()).arg(QString::fromStdString(lane->name));
        }
    if (lanes.size() < 2)
        return true;
    bool ok = false;
    const QString chosen =
        QInputDialog::getItem(window_, text_of(row.label), tr("Which lane:"), names, now, false, &ok);
    if (ok)
        values.set("lane", lanes[static_cast<std::size_t>(names.indexOf(chosen))]);
    return ok;
}

namespace {

QString options_key(const ExporterRow& row) {
    return QString("export/%1").arg(QString::fromUtf8(row.id.data(), static_cast<qsizetype>(row.id.size())));
}

/// As they were chosen last, in this session or one before; what they may not be any more is usual.

} // namespace

/// What can be chosen of it is asked; what was chosen last is offered again.
void FileCommands::with_options(const ExporterRow& row, std::function<void(const ParamValues&)> then) {
    ParamValues values;
    if (!ask_for_lane(row, values))
        return;
    if (row.takes_lane) { // what else can be chosen has a button of its own
        ParamValues all = remembered_values(options_key(row), row.parameters);
        all.set("lane", LaneId{});
        if (const auto* lane = values.find("lane"))
            all.set("lane", *lane);
        return then(all);
    }
    if (row.parameters.empty() || row.id == "keys-text") // its text has a dialog of its own
        return then(values);
    ask_options(row, std::move(then));
}

void FileCommands::ask_options(const ExporterRow& row, std::function<void(const ParamValues&)> then) {
    options_.clear(); // a lane is asked for when it is written
    std::ranges::copy_if(row.parameters, std::back_inserter(options_),
                         [](const ParamSpec& spec) { return spec.type != ParamType::Lane; });
    const ParamValues last = remembered_values(options_key(row), row.parameters);
    QStringList explained;
    for (const auto& spec : options_)
        if (!spec.explains.empty())
            explained << text_of(spec.label) + ": " + text_of(spec.explains);
    ask(new ParamDialog("option of export", text_of(row.label), options_, last, tr("OK"), window_,
                        [told = explained.join('\n')](const ParamValues&) { return told; }),
        [&row, then = std::move(then)](const ParamValues& chosen) {
            remember_values(options_key(row), row.parameters, chosen);
            then(chosen);
        });
}

void FileCommands::export_all_dialog() {
    const QString folder =
        QFileDialog::getExistingDirectory(window_, tr("All formats into a folder"), usual_folder(document_));
    if (!folder.isEmpty())
        exporting_.write_all(folder);
}

void FileCommands::export_all_again() {
    const QString folder = exporting_.last_folder();
    folder.isEmpty() ? export_all_dialog() : exporting_.write_all(folder);
}

void FileCommands::copy_text(const ExporterRow& row) {
    with_options(row, [this, &row](const ParamValues& values) { exporting_.copy(row, values); });
}

void FileCommands::export_dialog(const ExporterRow& row) {
    if (row.id == "keys-text") { // how it is written is asked first, and kept in the project
        ScheduleTextDialog dialog(document_.curves(), document_.jobs(), window_);
        if (dialog.exec() != QDialog::Accepted)
            return;
        Settings settings = *document_.project().settings;
        settings.schedule_text = dialog.how();
        document_.apply(with_settings(document_.project(), settings), tr("change text of keys"));
    }
    with_options(row, [this, &row](const ParamValues& values) { ask_where_and_write(row, values); });
}

void FileCommands::ask_where_and_write(const ExporterRow& row, const ParamValues& values) {
    const QString ending =
        QString::fromUtf8(row.extension.data(), static_cast<qsizetype>(row.extension.size()));
    const QString suggested = document_.path().empty()
                                  ? QDir(usual_folder(document_)).filePath(QString("untitled.%1").arg(ending))
                                  : QString::fromStdString(std::filesystem::path(document_.path())
                                                               .replace_extension(std::string(row.extension))
                                                               .string());
    if (const auto path = ask_where_to_write(window_, QString::fromUtf8(row.label.data()), suggested,
                                             QString("*.%1").arg(ending), ending))
        exporting_.write(row, *path, values);
}

void FileCommands::open_dialog() {
    const QString path = QFileDialog::getOpenFileName(window_, tr("Open project"), usual_folder(document_),
                                                      tr(project_filter));
    if (!path.isEmpty())
        open_path(path);
}

void FileCommands::song_dialog() {
    const QString path =
        QFileDialog::getOpenFileName(window_, tr("Open song"), usual_folder(document_), tr(song_filter));
    if (!path.isEmpty())
        document_.open_song(path.toStdString());
}

void FileCommands::shots_dialog() {
    const QStringList paths =
        QFileDialog::getOpenFileNames(window_, tr("Add shots"), usual_folder(document_),
                                      tr("Video and pictures (%1 %2);;All files (*)")
                                          .arg(as_patterns(film_endings()), as_patterns(picture_endings())));
    std::vector<std::filesystem::path> files;
    for (const auto& path : paths)
        files.emplace_back(path.toStdString());
    if (!files.empty())
        document_.add_clips(files);
}

void FileCommands::shot_folder_dialog() {
    const QString folder =
        QFileDialog::getExistingDirectory(window_, tr("Add a folder of shots"), usual_folder(document_));
    if (!folder.isEmpty())
        document_.add_clips({folder.toStdString()});
}

void FileCommands::sound_dialog() {
    const QStringList paths = QFileDialog::getOpenFileNames(
        window_, tr("Add sound; several are parts of the song"), usual_folder(document_),
        tr("Sound and video (*.wav *.flac *.mp3 *.m4a *.aac *.ogg *.opus *.aif "
           "*.aiff *.wma *.mp4 *.mov *.mkv *.webm);;All "
           "files (*)"));
    add_sounds(paths);
}

/// One is laid under the playhead, several start together: they are parts of the song.
void FileCommands::add_sounds(const QStringList& paths) {
    if (paths.size() == 1)
        return document_.add_sound(paths.front().toStdString(), view_.playhead());
    std::vector<std::filesystem::path> stems;
    for (const auto& path : paths)
        stems.emplace_back(path.toStdString());
    if (!stems.empty())
        document_.add_stems(stems);
}

void FileCommands::write_listened_dialog() {
    const auto& sounds = document_.sounds();
    write_sound_dialog(sounds.recipe(sounds.listened()),
                       QString::fromStdString(name_of(sounds.listened(), document_.project())));
}

void FileCommands::write_sound_dialog(const Result<SoundRecipe>& sound, const QString& name) {
    if (!sound)
        return document_.say(spoken(sound.error()));
    const auto path = ask_where_to_write(window_, tr("Write as WAV or FLAC"), name + ".wav",
                                         tr("WAV or FLAC (*.wav *.flac)"), "wav flac");
    if (!path)
        return;
    const std::filesystem::path wanted = path->toStdString();
    if (auto allowed = may_write(wanted, inputs_of(document_.path(), document_.project()), true); !allowed)
        return document_.say(spoken(allowed.error()));
    document_.write_sound(*sound, wanted);
}

void FileCommands::fill_recent_menu() {
    recent_menu_->clear();
    for (const auto& file : ProjectStore::recent_files())
        connect(recent_menu_->addAction(QFileInfo(file).fileName()), &QAction::triggered, this,
                [this, file] { open_path(file); });
    if (recent_menu_->isEmpty())
        recent_menu_->addAction(tr("none yet"))->setEnabled(false);
}

} // namespace pulsepin
