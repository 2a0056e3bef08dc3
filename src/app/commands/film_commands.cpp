// SPDX-License-Identifier: GPL-3.0-or-later
#include "commands/film_commands.h"

#include "base/text_file.h"
#include "follow/project_sounds.h"
#include "interchange/outputs.h"
#include "interchange/project_json.h"
#include "pages/stops/film_page.h"
#include "parts/file_names.h"
#include "render/contact_sheet.h"
#include "session/core_words.h"

#include <QBuffer>
#include <QDir>
#include <QFileInfo>
#include <QMessageBox>

namespace pulsepin {
namespace {

using K = QKeySequence;

} // namespace

void FilmCommands::add_to(QMenu* menu) {
    add(menu, "render film", tr("Render the film…"), {K(tr("Ctrl+Shift+F"))}, [this] { render_dialog(); });
    add(menu, "write still", tr("Still of this frame…"), {}, [this] {
        if (const auto path = ask_where_to_write(
                window_, tr("Still of this frame"),
                suggested("png", QString("-%1").arg(rate().frame_at(view_.playhead()).value)), "*.png",
                "png"))
            write_still(*path);
    });
    add(menu, "write contact sheet", tr("Contact sheet of all shots…"), {}, [this] {
        if (const auto path =
                ask_where_to_write(window_, tr("Contact sheet"), suggested("png", "-shots"), "*.png", "png"))
            write_contact_sheet(*path);
    });
}

void FilmCommands::show_page(FilmPage* page) {
    page_ = page;
    connect(page, &FilmPage::wanted, this,
            [this](const QString& command) { commands_.action(command)->trigger(); });
    connect(&page->queue(), &FilmQueue::ended, this,
            [this](const QString& told, bool) { document_.say(told); });
}

QString FilmCommands::suggested(const QString& ending, const QString& more) const {
    if (document_.path().empty())
        return QDir(usual_folder(document_)).filePath("untitled" + more + "." + ending);
    return QString::fromStdString((document_.path().parent_path() / document_.path().stem()).string()) +
           more + "." + ending;
}

void FilmCommands::render_dialog() {
    go_to_stop(Stop::Export);
    const auto options = page_->options();
    if (!options)
        return document_.say(spoken(options.error()));
    const auto* format = film_format(options->format);
    if (!format || page_->ranges().empty())
        return document_.say(tr("There is nothing to render: open a song, or choose another range"));
    const QString ending =
        format->numbered
            ? QStringLiteral("frames")
            : QString::fromUtf8(format->extension.data(), static_cast<qsizetype>(format->extension.size()));
    const bool pictures = format->numbered;
    const WrittenUnder written{
        [this, pictures](const QString& name) { return pictures ? QStringList() : names_of_films(name); },
        [this](const QString& name) { return why_not_to(name); }};
    if (const auto path = ask_where_to_write(window_, tr("Render the film"), suggested(ending),
                                             QString("*.%1").arg(ending), ending, written))
        render_to(*path);
}

QStringList FilmCommands::names_of_films(const QString& file) const {
    const auto count = page_->ranges().size();
    if (count == 1)
        return {file};
    QStringList names;
    const QFileInfo told(file);
    for (std::size_t i = 0; i < count; ++i)
        names << QString("%1/%2-%3.%4")
                     .arg(told.path(), told.completeBaseName())
                     .arg(i + 1, 3, 10, QChar('0'))
                     .arg(told.suffix());
    return names;
}

QString FilmCommands::why_not_to(const QString& file) const {
    auto options = page_->options();
    if (!options)
        return spoken(options.error());
    std::tie(options->first, options->until) = page_->ranges().front();
    const auto film = planned_film(document_.curves(), nullptr, *options);
    const auto inputs = inputs_of(document_.path(), document_.project());
    for (const auto& name : names_of_films(file)) {
        for (const auto& entry : page_->queue().entries())
            if (entry.path == name.toStdString() &&
                (entry.state == FilmQueue::State::Running || entry.state == FilmQueue::State::Waiting))
                return tr("A film of this name is being made: %1. Choose another name").arg(name);
        if (auto allowed = may_write(name.toStdString(), inputs, true); !allowed)
            return spoken(allowed.error());
        if (!film)
            continue;
        if (auto allowed = can_render_to(*film, name.toStdString()); !allowed)
            return spoken(allowed.error());
    }
    return {};
}

void FilmCommands::render_to(const QString& file) {
    if (!document_.followers_current())
        return document_.say(tr("What follows the music is still being computed: render it in a moment"));
    const auto ranges = page_->ranges();
    if (ranges.empty())
        return document_.say(tr("There is nothing to render: open a song, or choose another range"));
    const auto& project = document_.project();
    if (project.song && !document_.sound())
        return document_.say(tr("The song is not there: the film would be silent. Open it first"));
    const auto sound =
        project.song
            ? std::make_shared<const MixPlan>(heard_plan(document_.schedule(), document_.sounds().sounds()))
            : nullptr;
    if (const QString why = why_not_to(file); !why.isEmpty())
        return document_.say(why);
    const QStringList names = names_of_films(file);
    for (std::size_t i = 0; i < ranges.size(); ++i) {
        auto options = page_->options();
        if (!options)
            return document_.say(spoken(options.error()));
        std::tie(options->first, options->until) = ranges[i];
        auto film = planned_film(document_.curves(), sound, *options);
        if (!film)
            return document_.say(spoken(film.error()));
        film->piece = hash_of(project_to_json(project, "/"));
        page_->queue().add(*std::move(film), names[static_cast<qsizetype>(i)].toStdString());
    }
}

std::function<std::filesystem::path(const Clip&)> FilmCommands::files() const {
    return [](const Clip& clip) { return clip.path; }; // what is handed on is made of the originals
}

void FilmCommands::write_image(const QString& file, std::function<Result<QImage>(const Progress&)> make) {
    const std::filesystem::path path = file.toStdString();
    if (auto allowed = may_write(path, inputs_of(document_.path(), document_.project()), true); !allowed)
        return document_.say(spoken(allowed.error()));
    const QString name = QFileInfo(file).fileName();
    document_.jobs().start<int>(
        JobQueue::Write, tr("Writing %1").arg(name),
        [make = std::move(make), path](const Progress& progress) -> Result<int> {
            const auto image = make(progress);
            if (!image)
                return tl::unexpected(image.error());
            QBuffer png;
            png.open(QIODevice::WriteOnly);
            if (!image->save(&png, "PNG"))
                return fail("The picture could not be made.", path.string(), "Make a smaller one.");
            if (auto written = write_text_file(path, png.data().toStdString()); !written)
                return tl::unexpected(written.error());
            return 0;
        },
        [this, name](const Result<int>& done) {
            document_.say(done                       ? tr("%1 is written").arg(name)
                          : done.error().cancelled() ? tr("%1 was not written").arg(name)
                                                     : spoken(done.error()));
        });
}

void FilmCommands::write_still(const QString& file) {
    const auto& settings = *document_.project().settings;
    const Curves curves = document_.curves().for_another_thread();
    write_image(file, [curves, frame = rate().frame_at(view_.playhead()),
                       size = QSize(settings.picture_width, settings.picture_height), files = files()](
                          const Progress& progress) { return still(curves, frame, size, files, progress); });
}

void FilmCommands::write_contact_sheet(const QString& file) {
    const Curves curves = document_.curves().for_another_thread();
    write_image(file, [curves, files = files()](const Progress& progress) {
        return contact_sheet(curves, files, progress);
    });
}

void FilmCommands::leave_piece() {
    if (page_)
        page_->queue().forget_ended();
}

bool FilmCommands::may_close() {
    if (!page_ || !page_->queue().busy())
        return true;
    const auto answer =
        QMessageBox::question(window_, tr("A film is in work"),
                              tr("A film is being made. It is given up when the window closes; nothing "
                                 "stays of it. Close all the same?"),
                              QMessageBox::Close | QMessageBox::Cancel, QMessageBox::Cancel);
    if (answer != QMessageBox::Close)
        return false;
    for (const auto& entry : page_->queue().entries())
        page_->queue().cancel(entry.number);
    return true;
}

} // namespace pulsepin
