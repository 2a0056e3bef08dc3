// SPDX-License-Identifier: GPL-3.0-or-later
//
// Compositions: ready things that move, seen before they are chosen, and what a person keeps as one.
#include "pages/stops/layers_page.h"

#include "hand/composition.h"
#include "hand/filled_places.h"
#include "interchange/composition_file.h"
#include "interchange/files_outside.h"
#include "interchange/outputs.h"
#include "kinds/layer_kinds.h"
#include "pages/dialogs/param_dialog.h"
#include "parts/file_names.h"
#include "picture/moving_sheet.h"
#include "session/composition_shelf.h"
#include "session/core_words.h"

#include <QFileDialog>
#include <QInputDialog>
#include <QMenu>
#include <algorithm>

namespace pulsepin {

namespace {

std::optional<TimeSpan> range_of(const ViewState& view) {
    return view.range() ? std::optional(TimeSpan{view.range()->from, view.range()->until}) : std::nullopt;
}

} // namespace

/// Over the range, the section or four bars from the playhead on, each as it would be there.
void LayersPage::choose_ready() {
    const Project& project = document_.project();
    const auto meant = stretch_meant(project, range_of(view_), view_.playhead());
    if (!meant)
        return document_.say(spoken(meant.error()));
    CompositionUse use{meant->from, meant->until};
    if (const Layer* now = layer(); now && now->kind == layers::shots)
        use.shots = now->id;
    auto all = std::make_shared<std::vector<Composition>>(CompositionShelf().kept());
    const std::size_t own = all->size();
    const auto& ready = ready_compositions();
    all->insert(all->end(), ready.begin(), ready.end());
    std::vector<MovingOffer> offers;
    for (std::size_t i = 0; i < all->size(); ++i) {
        const Composition& one = (*all)[i];
        offers.push_back({.name = i < own ? QString::fromStdString(one.name) : text_of(one.name),
                          .group = i < own ? tr("Saved by you") : text_of(one.told),
                          .choose = [this, all, i, use] { use_composition((*all)[i], use); },
                          .with = [project, all, i, use]() -> Result<Project> {
                              return with_composition(project, (*all)[i], use).map([](CompositionUsed used) {
                                  return std::move(used.project);
                              });
                          },
                          .dragged = ReadyThing{one.name}});
    }
    MovingSheet::open(*add_, "composition", document_, view_,
                      two_beats_at(project, project.grid->time_at(meant->from)), std::move(offers));
}

void LayersPage::use_composition(const Composition& composition, const CompositionUse& use) {
    auto used = with_composition(document_.project(), composition, use);
    if (!used)
        return document_.say(spoken(used.error()));
    if (!document_.apply(Result<Project>(std::move(used->project)), tr("use composition")))
        return;
    // What can be typed in it comes first.
    LayerId chosen = used->layer;
    for (const auto& one : document_.project().stage->layers)
        if (one.group == used->layer && one.kind == layers::title)
            chosen = one.id;
    if (chosen.value != 0)
        view_.choose_layer(chosen);
    if (!used->lanes.empty())
        view_.choose_lane(used->lanes.front());
    document_.say(tr("“%1” is there; each of its layers and lanes can be changed")
                      .arg(QString::fromStdString(composition.name)));
    if (const Layer* now = layer(); now && now->kind == layers::title) {
        text_->setFocus();
        text_->selectAll();
    }
}

Result<Composition> LayersPage::chosen_as_composition(const QString& name) {
    std::vector<LayerId> chosen = chosen_layers();
    // The camera is none of what is grouped or copied, but it may be what moves.
    if (const Layer* now = layer(); now && std::ranges::find(chosen, now->id) == chosen.end())
        chosen.push_back(now->id);
    return stretch_meant(document_.project(), range_of(view_), view_.playhead())
        .and_then([&](const Meant& meant) {
            return composition_of(document_.project(), chosen, name.trimmed().toStdString(), meant.from,
                                  meant.until);
        });
}

void LayersPage::add_compositions(QMenu& menu) {
    auto* kept = menu.addMenu(tr("Composition"));
    kept->addAction(tr("Fill its words, pictures and colours…"), this, &LayersPage::fill_places);
    kept->addAction(tr("Keep this as a composition…"), this, [this] {
        bool wanted = false;
        const QString name = QInputDialog::getText(
            this, tr("Keep a composition"),
            tr("Its name; it is as long as the range, the section or four bars"), QLineEdit::Normal,
            layer() ? QString::fromStdString(layer()->name) : QString(), &wanted);
        if (!wanted)
            return;
        const auto done = chosen_as_composition(name).and_then(
            [](Composition made) { return CompositionShelf().keep(std::move(made)); });
        document_.say(done
                          ? tr("“%1” is saved; it is among the ready ones").arg(QString::fromStdString(*done))
                          : spoken(done.error()));
    });
    kept->addAction(tr("Write this to a file…"), this, &LayersPage::write_composition_file);
    kept->addAction(tr("Use one from a file…"), this, &LayersPage::use_composition_file);
    auto* forget = kept->addMenu(tr("Delete"));
    for (const auto& one : CompositionShelf().kept())
        forget->addAction(QString::fromStdString(one.name), this, [this, name = one.name] {
            if (auto done = CompositionShelf().forget(name); !done)
                document_.say(spoken(done.error()));
            else
                document_.say(tr("“%1” is forgotten").arg(QString::fromStdString(name)));
        });
    forget->setEnabled(!forget->isEmpty());
}

/// Of the chosen layer, or of all that lies in the group of the chosen one.
void LayersPage::fill_places() {
    const Layer* now = layer();
    const Project& project = document_.project();
    if (!now)
        return;
    const Layer* group = project.stage->layer(now->group);
    const LayerId outer = group ? group->id : now->id;
    const ParamValues places = places_of(project, outer);
    filled_.clear();
    for (const auto& spec : place_specs())
        if (places.find(spec.id))
            filled_.push_back(spec);
    if (filled_.empty())
        return document_.say(tr("It has no words, pictures or colours to be filled."));
    auto* dialog = new ParamDialog("fill places",
                                   tr("Fill “%1”").arg(QString::fromStdString((group ? group : now)->name)),
                                   filled_, places, tr("Fill"), this);
    dialog->set_project(project);
    ask(dialog, [this, outer](const ParamValues& values) {
        document_.apply(with_places_filled(document_.project(), outer, values), tr("fill places"));
    });
}

void LayersPage::write_composition_file() {
    const auto made = chosen_as_composition(layer() ? QString::fromStdString(layer()->name) : QString());
    if (!made)
        return document_.say(spoken(made.error()));
    const auto path = ask_where_to_write(this, tr("Write a composition"), "composition.json",
                                         tr("Compositions (*.json)"), "json");
    if (!path)
        return;
    const auto written =
        may_write(path->toStdString(), inputs_of(document_.path(), document_.project()), true).and_then([&] {
            return write_composition(*made, path->toStdString());
        });
    document_.say(written ? tr("The composition is written") : spoken(written.error()));
}

void LayersPage::use_composition_file() {
    const QString path =
        QFileDialog::getOpenFileName(this, tr("Use a composition"), {}, tr("Compositions (*.json)"));
    if (path.isEmpty())
        return;
    const auto read = read_composition(path.toStdString());
    if (!read)
        return document_.say(spoken(read.error()));
    const auto meant = stretch_meant(document_.project(), range_of(view_), view_.playhead());
    if (!meant)
        return document_.say(spoken(meant.error()));
    use_composition(*read, {meant->from, meant->until});
}

} // namespace pulsepin
