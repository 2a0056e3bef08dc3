// SPDX-License-Identifier: GPL-3.0-or-later
//
// Lists of other programs that come in.
#include "hand/bring_in.h"
#include "commands/file_commands.h"
#include "interchange/list_readers.h"
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

} // namespace

void FileCommands::bring_in_dialog() {
    QStringList endings;
    for (const auto& row : list_readers())
        for (const auto& ending : QString::fromStdString(std::string(row.extensions)).split(' '))
            endings << "*." + ending;
    const QString path = QFileDialog::getOpenFileName(context_.window, tr("Bring in cuts and markers"), {},
                                                      tr("Lists (%1);;All files (*)").arg(endings.join(' ')));
    if (!path.isEmpty())
        bring_in(path);
}

void FileCommands::bring_in(const QString& path) {
    const std::filesystem::path file = path.toStdString();
    const auto* row = list_reader_of(file);
    if (!row) { // it says which there are
        const auto none = read_list(file, {document_.project().settings->frame_rate, {}});
        return document_.say(QString::fromStdString(none ? "" : none.error().message()));
    }
    bringing_.clear();
    for (const ParamSpecs specs : {list_rate_params(), row->parameters, bringing_params()})
        bringing_.insert(bringing_.end(), specs.begin(), specs.end());
    const auto only = [](const ParamValues& values, ParamSpecs specs) {
        ParamValues some;
        for (const auto& spec : specs)
            if (const auto* value = values.find(spec.id))
                some.set(spec.id, *value);
        return some;
    };
    struct Outcome {
        BroughtIn list;
        WithBrought with;
    };
    const auto outcome = [this, file, row, only](const ParamValues& values) -> Result<Outcome> {
        const auto rate = list_rate(values, document_.project().settings->frame_rate);
        return read_list(file, {rate, only(values, row->parameters)}).and_then([&](BroughtIn list) {
            return with_brought(document_.project(), list, only(values, bringing_params()),
                                file.parent_path())
                .map([&](WithBrought with) {
                    return Outcome{std::move(list), std::move(with)};
                });
        });
    };
    auto* dialog = new ParamDialog(
        "bring in", tr("Bring in “%1”").arg(QFileInfo(path).fileName()), bringing_, only(brought_, bringing_),
        tr("Bring in"), context_.window, [outcome](const ParamValues& values) {
            const auto would = outcome(values);
            if (!would)
                return QString::fromStdString(would.error().message());
            return QString::fromStdString(told_of(would->with)) + told_problems(would->list);
        });
    dialog->set_project(document_.project());
    ask(dialog, [this, outcome](const ParamValues& values) {
        auto done = outcome(values);
        if (!done)
            return document_.say(QString::fromStdString(done.error().message()));
        brought_ = values;
        const QString told = QString::fromStdString(told_of(done->with));
        const LaneId first = done->with.lanes.empty() ? LaneId{} : done->with.lanes.front();
        if (!document_.apply(Result<Project>(std::move(done->with.project)), tr("bring in list")))
            return;
        view_.choose_lane(first);
        document_.say(done->list.not_understood.empty()
                          ? told
                          : tr("%1; %n lines were not understood", nullptr,
                               static_cast<int>(done->list.not_understood.size()))
                                .arg(told));
    });
}

} // namespace pulsepin
