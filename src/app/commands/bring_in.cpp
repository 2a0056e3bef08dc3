// SPDX-License-Identifier: GPL-3.0-or-later
//
// Lists of other programs that come in.
#include "hand/bring_in.h"
#include "base/text_file.h"
#include "commands/file_commands.h"
#include "drawing/timeline/timeline_view.h"
#include "hand/clip_file.h"
#include "hand/media_list.h"
#include "interchange/list_readers.h"
#include "media/media_endings.h"
#include "pages/dialogs/param_dialog.h"
#include "pages/dialogs/table_columns.h"
#include "parts/file_names.h"
#include "session/core_words.h"

#include <QCryptographicHash>
#include <QFileDialog>
#include <QFileInfo>
#include <QSettings>
#include <memory>

namespace pulsepin {
namespace {

/// What could not be read of it, the first few.
QString told_problems(const BroughtIn& list) {
    constexpr std::size_t most = 3;
    QString told;
    for (std::size_t i = 0; i < std::min(most, list.not_understood.size()); ++i)
        told += "\n" + spoken(list.not_understood[i]);
    if (list.not_understood.size() > most)
        told += "\n" +
                FileCommands::tr("and %n more", nullptr, static_cast<int>(list.not_understood.size() - most));
    return told;
}

ParamValues only(const ParamValues& values, ParamSpecs specs) {
    ParamValues some;
    for (const auto& spec : specs)
        if (const auto* value = values.find(spec.id))
            some.set(spec.id, *value);
    return some;
}

} // namespace

void FileCommands::bring_in_dialog() {
    QStringList endings;
    for (const auto& row : list_readers())
        for (const auto& ending : QString::fromStdString(std::string(row.extensions)).split(' '))
            endings << "*." + ending;
    for (const auto media : {film_endings(), sound_endings()})
        for (const auto ending : media)
            endings << "*" + QString::fromUtf8(ending.data(), static_cast<qsizetype>(ending.size()));
    const QString path = QFileDialog::getOpenFileName(
        window_, tr("Bring in cuts and markers"), usual_folder(document_),
        tr("Lists, finished films, sound with chapters (%1);;All files (*)").arg(endings.join(' ')));
    if (!path.isEmpty())
        bring_in(path);
}

void FileCommands::bring_in(const QString& path) {
    const std::filesystem::path file = path.toStdString();
    if (is_media(file))
        return bring_in_media(file);
    const auto* row = list_reader_of(file);
    if (!row) { // it says which there are
        const auto none = read_list(file, {document_.project().settings->frame_rate, {}});
        return document_.say(none ? QString() : spoken(none.error()));
    }
    std::vector<ParamSpec> specs;
    for (const ParamSpecs some : {list_rate_params(), row->parameters})
        specs.insert(specs.end(), some.begin(), some.end());
    const auto reading = [this, row](const ParamValues& values) {
        return ListReading{list_rate(values, document_.project().settings->frame_rate),
                           only(values, row->parameters)};
    };
    ask_how_to_bring_in(
        file, specs, [file, reading](const ParamValues& values) { return read_list(file, reading(values)); },
        [this, file, row, reading](ParamDialog& dialog) {
            if (find_param(row->parameters, "columns"))
                show_columns(dialog, file, reading);
        });
}

/// The first rows of a table above the fields, each column with what it is. What was said of a table that
/// begins with the same line is said of this one.
void FileCommands::show_columns(ParamDialog& dialog, const std::filesystem::path& file,
                                const std::function<ListReading(const ParamValues&)>& reading) {
    constexpr std::size_t rows = 5, most = 64u << 20;
    const auto bytes = read_text_file(file, most);
    if (!bytes)
        return; // it is told below, with what to do
    const auto head_of = [bytes = std::make_shared<const std::string>(*bytes),
                          reading](const ParamValues& values) {
        return head_of_table(*bytes, reading(values), rows);
    };
    auto* columns = new TableColumns;
    dialog.show_above(columns);
    const auto show = [columns, head_of, &dialog] {
        const auto head = head_of(dialog.values());
        columns->setVisible(head.has_value());
        if (head)
            columns->show_head(*head);
    };
    const auto first = head_of({});
    const QString remembered =
        first ? "columns of tables/" +
                    QString::fromLatin1(QCryptographicHash::hash(QByteArray::fromStdString(first->first_line),
                                                                 QCryptographicHash::Sha1)
                                            .toHex())
              : QString();
    if (const QString told = QSettings().value(remembered).toString();
        !remembered.isEmpty() && !told.isEmpty())
        dialog.set_value("columns", told.toStdString());
    show();
    dialog.setMinimumWidth(640);
    const auto choosing = std::make_shared<bool>(false); // its choices stay as they are while one is made
    connect(columns, &TableColumns::chosen, &dialog, [&dialog, choosing](const QString& told) {
        *choosing = true;
        dialog.set_value("columns", told.toStdString());
        *choosing = false;
    });
    connect(&dialog, &ParamDialog::changed, columns, [show, choosing](const QString& id) {
        if (!*choosing && (id == u"separator" || id == u"rate" || id == u"columns"))
            show();
    });
    if (!remembered.isEmpty())
        connect(&dialog, &QDialog::accepted, columns, [&dialog, remembered] {
            QSettings().setValue(remembered, QString::fromStdString(dialog.values().text("columns")));
        });
}

/// Its pictures are all looked at first, in the background.
void FileCommands::bring_in_media(const std::filesystem::path& file) {
    document_.jobs().start<BroughtIn>(
        JobQueue::Decode, tr("Find the cuts of %1").arg(QString::fromStdString(file.filename().string())),
        [file](const Progress& progress) { return list_of_media(file, progress); },
        [this, file](Result<BroughtIn> list) {
            if (!list)
                return document_.say(spoken(list.error()));
            ask_how_to_bring_in(file, {}, [found = *std::move(list)](const ParamValues&) { return found; },
                                {});
        });
}

void FileCommands::ask_how_to_bring_in(const std::filesystem::path& file, ParamSpecs of_list, ReadList read,
                                       const std::function<void(ParamDialog&)>& complete) {
    bringing_.assign(of_list.begin(), of_list.end());
    bringing_.insert(bringing_.end(), bringing_params().begin(), bringing_params().end());
    struct Outcome {
        BroughtIn list;
        WithBrought with;
    };
    const auto folder = file.parent_path();
    const auto outcome = [this, folder, read](const ParamValues& values) -> Result<Outcome> {
        return read(values).and_then([&](BroughtIn list) {
            return with_brought(document_.project(), list, only(values, bringing_params()), folder)
                .map([&](WithBrought with) {
                    return Outcome{std::move(list), std::move(with)};
                });
        });
    };
    auto* dialog = new ParamDialog(
        "bring in", tr("Bring in “%1”").arg(QString::fromStdString(file.filename().string())), bringing_,
        only(brought_, bringing_), tr("Bring in"), window_, [outcome](const ParamValues& values) {
            const auto would = outcome(values);
            if (!would)
                return spoken(would.error());
            return spoken(told_of(would->with)) + told_problems(would->list);
        });
    dialog->set_project(document_.project());
    if (complete)
        complete(*dialog);
    ask(dialog, [this, folder, read](const ParamValues& values) {
        brought_ = values;
        auto list = read(values);
        if (!list)
            return document_.say(spoken(list.error()));
        // What the files are that it names is looked up in the background, where there are some.
        const auto files = files_to_know(document_.project(), *list, folder);
        const auto put = [this, folder, values, found = *std::move(list)](const std::vector<Clip>& known) {
            put_in(with_brought(document_.project(), found, only(values, bringing_params()), folder, known),
                   found.not_understood.size());
        };
        if (files.empty())
            return put({});
        document_.jobs().start<std::vector<Clip>>(
            JobQueue::Decode, tr("Look at %n files", nullptr, static_cast<int>(files.size())),
            [files](const Progress& progress) -> Result<std::vector<Clip>> {
                std::vector<Clip> known;
                for (const auto& one : files) {
                    if (progress.cancelled())
                        return fail_cancelled();
                    if (auto clip = clip_of_file(one))
                        known.push_back(*std::move(clip));
                    progress.report(static_cast<double>(known.size()) / static_cast<double>(files.size()));
                }
                return known;
            },
            [this, put](Result<std::vector<Clip>> known) {
                if (!known)
                    return document_.say(spoken(known.error()));
                put(*known);
            });
    });
}

void FileCommands::put_in(Result<WithBrought> done, std::size_t not_understood) {
    if (!done)
        return document_.say(spoken(done.error()));
    const QString told = spoken(told_of(*done));
    const LaneId first = done->lanes.empty() ? LaneId{} : done->lanes.front();
    if (!document_.apply(Result<Project>(std::move(done->project)), tr("bring in list")))
        return;
    view_.choose_lane(first);
    timeline_.reveal_lane(first);
    document_.say(not_understood == 0 ? told
                                      : tr("%1; lines not understood: %2").arg(told).arg(not_understood));
}

} // namespace pulsepin
