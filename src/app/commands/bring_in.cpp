// SPDX-License-Identifier: GPL-3.0-or-later
//
// Lists of other programs that come in.
#include "hand/bring_in.h"
#include "commands/file_commands.h"
#include "drawing/timeline/timeline_view.h"
#include "hand/clip_file.h"
#include "interchange/list_readers.h"
#include "media/film_cuts.h"
#include "media/media_endings.h"
#include "pages/dialogs/param_dialog.h"

#include <QFileDialog>
#include <QFileInfo>

namespace pulsepin {
namespace {

/// What could not be read of it, the first few.
QString told_problems(const BroughtIn& list) {
    constexpr std::size_t most = 3;
    QString told;
    for (std::size_t i = 0; i < std::min(most, list.not_understood.size()); ++i)
        told += "\n" + QString::fromStdString(list.not_understood[i]);
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
    for (const auto ending : film_endings())
        endings << "*" + QString::fromUtf8(ending.data(), static_cast<qsizetype>(ending.size()));
    const QString path = QFileDialog::getOpenFileName(
        context_.window, tr("Bring in cuts and markers"), {},
        tr("Lists and finished films (%1);;All files (*)").arg(endings.join(' ')));
    if (!path.isEmpty())
        bring_in(path);
}

void FileCommands::bring_in(const QString& path) {
    const std::filesystem::path file = path.toStdString();
    if (ends_as(file, film_endings()))
        return bring_in_film(file);
    const auto* row = list_reader_of(file);
    if (!row) { // it says which there are
        const auto none = read_list(file, {document_.project().settings->frame_rate, {}});
        return document_.say(none ? QString() : QString::fromStdString(none.error().message()));
    }
    std::vector<ParamSpec> specs;
    for (const ParamSpecs some : {list_rate_params(), row->parameters})
        specs.insert(specs.end(), some.begin(), some.end());
    ask_how_to_bring_in(file, specs, [this, file, row](const ParamValues& values) {
        const auto rate = list_rate(values, document_.project().settings->frame_rate);
        return read_list(file, {rate, only(values, row->parameters)});
    });
}

/// Its pictures are all looked at first, in the background.
void FileCommands::bring_in_film(const std::filesystem::path& film) {
    document_.jobs().start<BroughtIn>(
        JobQueue::Decode, tr("Find the cuts of %1").arg(QString::fromStdString(film.filename().string())),
        [film](const Progress& progress) -> Result<BroughtIn> {
            return traces_of_film(film, progress).map([&](const std::vector<PictureTrace>& traces) {
                const auto cuts = cuts_in(traces);
                return list_of_film(film, cuts, length_of(traces));
            });
        },
        [this, film](Result<BroughtIn> list) {
            if (!list)
                return document_.say(QString::fromStdString(list.error().message()));
            ask_how_to_bring_in(film, {}, [found = *std::move(list)](const ParamValues&) { return found; });
        });
}

void FileCommands::ask_how_to_bring_in(const std::filesystem::path& file, ParamSpecs of_list, ReadList read) {
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
        only(brought_, bringing_), tr("Bring in"), context_.window, [outcome](const ParamValues& values) {
            const auto would = outcome(values);
            if (!would)
                return QString::fromStdString(would.error().message());
            return QString::fromStdString(told_of(would->with)) + told_problems(would->list);
        });
    dialog->set_project(document_.project());
    ask(dialog, [this, folder, read](const ParamValues& values) {
        brought_ = values;
        auto list = read(values);
        if (!list)
            return document_.say(QString::fromStdString(list.error().message()));
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
                    return document_.say(QString::fromStdString(known.error().message()));
                put(*known);
            });
    });
}

void FileCommands::put_in(Result<WithBrought> done, std::size_t not_understood) {
    if (!done)
        return document_.say(QString::fromStdString(done.error().message()));
    const QString told = QString::fromStdString(told_of(*done));
    const LaneId first = done->lanes.empty() ? LaneId{} : done->lanes.front();
    if (!document_.apply(Result<Project>(std::move(done->project)), tr("bring in list")))
        return;
    view_.choose_lane(first);
    if (context_.timeline)
        context_.timeline->reveal_lane(first);
    document_.say(not_understood == 0 ? told
                                      : tr("%1; lines not understood: %2").arg(told).arg(not_understood));
}

} // namespace pulsepin
