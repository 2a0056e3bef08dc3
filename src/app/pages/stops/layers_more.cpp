// SPDX-License-Identifier: GPL-3.0-or-later
//
// What else is done to layers: groups, copies, appearances, effects and looks.
#include "pages/stops/layers_page.h"

#include "interchange/look_file.h"
#include "interchange/outputs.h"
#include "kinds/kinds.h"
#include "kinds/layer_kinds.h"
#include "model/duplicate_edits.h"
#include "model/stage_edits.h"
#include "parts/file_names.h"
#include "parts/widgets.h"
#include "picture/moving_sheet.h"
#include "session/core_words.h"
#include "stage/effects.h"

#include <QDialogButtonBox>
#include <QFileDialog>
#include <QInputDialog>
#include <QMenu>
#include <QTimer>
#include <algorithm>

namespace pulsepin {

std::vector<LayerId> LayersPage::chosen_layers() const {
    std::vector<LayerId> chosen;
    for (int i = 0; i < list_->count(); ++i)
        if (list_->item(i)->isSelected() || i == list_->currentRow())
            if (const LayerId id{list_->item(i)->data(Qt::UserRole).toULongLong()};
                document_.project().stage->layer(id)->kind != layers::camera)
                chosen.push_back(id);
    return chosen;
}

void LayersPage::fill_more_menu(QMenu* menu) {
    menu->clear();
    const Layer* now = layer();
    if (!now)
        return;
    add_belonging(*menu, *now);
    menu->addSeparator();
    add_copying(*menu, *now);
    add_compositions(*menu);
    menu->addSeparator();
    add_blurring(*menu, *now);
}

namespace {

QAction* checked(QAction* action, bool on) {
    action->setCheckable(true);
    action->setChecked(on);
    return action;
}

} // namespace

/// What a layer lies in and hangs on.
void LayersPage::add_belonging(QMenu& menu, const Layer& now) {
    const bool camera = now.kind == layers::camera;
    menu.addAction(tr("Group what is chosen"), this,
                   [this] {
                       document_.apply(
                           with_group_of(document_.project(), chosen_layers(), tr("Group").toStdString()),
                           tr("group layers"));
                   })
        ->setEnabled(!camera);
    auto* groups = menu.addMenu(tr("Into a group"));
    auto* hangs = menu.addMenu(tr("It hangs on"));
    const auto into = [&](const QString& text, LayerId group) {
        checked(groups->addAction(text, this,
                                  [this, group] {
                                      change(tr("move into a group"),
                                             [group](Layer& changed) { changed.group = group; });
                                  }),
                group == now.group);
    };
    const auto on = [&](const QString& text, LayerId parent) {
        checked(hangs->addAction(text, this,
                                 [this, parent] {
                                     change(tr("hang on a layer"),
                                            [parent](Layer& changed) { changed.parent = parent; });
                                 }),
                parent == now.parent);
    };
    into(tr("none"), {});
    on(tr("nothing"), {});
    for (const auto& other : document_.project().stage->layers)
        if (other.id != now.id && other.kind != layers::camera) {
            if (other.kind == layers::group)
                into(QString::fromStdString(other.name), other.id);
            on(QString::fromStdString(other.name), other.id);
        }
    groups->setEnabled(!camera);
    hangs->setEnabled(!camera);
    checked(menu.addAction(tr("Locked in the picture"), this,
                           [this] {
                               change(tr("lock layer"),
                                      [](Layer& changed) { changed.locked = !changed.locked; });
                           }),
            now.locked);
}

/// Where it appears, and how it is made into several.
void LayersPage::add_copying(QMenu& menu, const Layer& now) {
    const bool camera = now.kind == layers::camera;
    const LayerId id = now.id;
    const QString name = QString::fromStdString(now.name);
    const auto entry = [&](const QString& text, bool possible, std::function<void()> what) {
        menu.addAction(text, this, std::move(what))->setEnabled(possible);
    };
    entry(tr("“%1” appears on a lane").arg(name), !camera, [this, id] {
        take(with_lane_of_appearances(document_.project(), id, kind_of(body_type<AppearanceBody>)),
             tr("add lane of appearances"));
    });
    entry(tr("One after the other on the next beats…"), !camera && document_.project().grid != nullptr,
          [this] { stagger(); });
    menu.addSeparator();
    entry(tr("Copy of “%1” with its lanes").arg(name), !camera, [this, id] { duplicate(id); });
    entry(tr("Several copies, each a step further…"), !camera, [this, id] { repeat(id); });
    const auto from_another = [&](const QString& text, const QString& what, auto edit) {
        auto* others = menu.addMenu(text.arg(name));
        for (const auto& other : document_.project().stage->layers)
            if (other.id != id)
                others->addAction(QString::fromStdString(other.name), this,
                                  [this, id, from = other.id, what, edit] {
                                      document_.apply(edit(document_.project(), id, from), what);
                                  });
    };
    from_another(tr("Values of another layer for “%1”"), tr("take values"), with_values_of);
    from_another(tr("Lanes of another layer for “%1”"), tr("take lanes"), with_lanes_of);
}

void LayersPage::add_blurring(QMenu& menu, const Layer& now) {
    const auto& stage = *document_.project().stage;
    checked(menu.addAction(tr("Motion blur of “%1”").arg(QString::fromStdString(now.name)), this,
                           [this] {
                               change(tr("motion blur"),
                                      [](Layer& changed) { changed.motion_blur = !changed.motion_blur; });
                           }),
            now.motion_blur)
        ->setEnabled(now.kind != layers::camera);
    checked(menu.addAction(tr("Motion blur of all layers"), this,
                           [this] {
                               const auto& is = *document_.project().stage;
                               document_.apply(with_motion_blur(document_.project(), !is.motion_blur,
                                                                is.shutter, is.blur_samples),
                                               tr("motion blur of all layers"));
                           }),
            stage.motion_blur);
    menu.addAction(tr("Shutter and samples…"), this, &LayersPage::ask_for_shutter);
}

void LayersPage::ask_for_shutter() {
    bool wanted = false;
    const auto& is = *document_.project().stage;
    const double shutter = QInputDialog::getDouble(this, tr("Motion blur"),
                                                   tr("Degrees of a frame that the shutter is open for"),
                                                   is.shutter, 0, 360, 0, &wanted);
    const int samples =
        !wanted ? 0
                : QInputDialog::getInt(this, tr("Motion blur"), tr("Pictures that a frame is made of"),
                                       is.blur_samples, 2, 64, 1, &wanted);
    if (wanted)
        document_.apply(with_motion_blur(document_.project(), is.motion_blur, shutter, samples),
                        tr("change motion blur"));
}

/// The highest of the chosen ones first, each on the next beat.
void LayersPage::stagger() {
    const auto layers = chosen_layers();
    bool wanted = false;
    const int every =
        QInputDialog::getInt(this, tr("One after the other"), tr("On every so many beats from the playhead"),
                             1, 1, 64, 1, &wanted);
    if (!wanted)
        return;
    const auto& grid = *document_.project().grid;
    const Ticks from = grid.nearest_beat(view_.playhead());
    std::vector<Ticks> places;
    for (std::size_t i = 0; i < layers.size(); ++i)
        places.push_back(from + Ticks(static_cast<std::int64_t>(i) * every * ticks_per_beat));
    document_.apply(with_layers_staggered(document_.project(), layers, places,
                                          {Length::Unit::ToSectionEnd, 1},
                                          kind_of(body_type<AppearanceBody>)),
                    tr("layers one after the other"));
}

void LayersPage::repeat(LayerId id) {
    QDialog dialog(this);
    dialog.setObjectName("repeat layer");
    dialog.setWindowTitle(tr("Several copies"));
    auto* grid = new QGridLayout(&dialog);
    auto* times = whole_field("copies", tr("How many more"), 1, 100, 3);
    auto* x = real_field("copy x", tr("So much further right each"), -10000, 10000);
    auto* y = real_field("copy y", tr("So much further down each"), -10000, 10000);
    auto* turn = real_field("copy turn", tr("Degrees further each"), -3600, 3600);
    auto* scale = real_field("copy scale", tr("Percent larger each"), -1000, 1000);
    auto* later = whole_field("copy later", tr("So many frames later each"), -1000, 1000, 0);
    x->setValue(100);
    int line = 0;
    for (const auto& [text, field] : {std::pair<QString, QWidget*>(tr("copies"), times),
                                      {tr("right by, px"), x},
                                      {tr("down by, px"), y},
                                      {tr("turned by, °"), turn},
                                      {tr("larger by, %"), scale},
                                      {tr("later by, frames"), later}}) {
        grid->addWidget(new QLabel(text), line, 0);
        grid->addWidget(field, line++, 1);
    }
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel);
    connect(buttons, &QDialogButtonBox::accepted, &dialog, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, &dialog, &QDialog::reject);
    grid->addWidget(buttons, line, 0, 1, 2);
    if (dialog.exec() == QDialog::Accepted)
        document_.apply(with_layer_repeated(
                            document_.project(), id,
                            {x->value(), y->value(), turn->value(), scale->value(), Frames(later->value())},
                            times->value()),
                        tr("several copies"));
}

/// With its lanes; the copy is chosen, to be moved aside.
void LayersPage::duplicate(LayerId layer) {
    auto next = with_layer_duplicated(document_.project(), layer);
    if (!next)
        return document_.say(spoken(next.error()));
    const auto& layers = next->stage->layers;
    const auto place =
        std::find_if(layers.begin(), layers.end(), [layer](const Layer& one) { return one.id == layer; });
    const LayerId made = (place + 1)->id;
    document_.apply(*std::move(next), tr("duplicate layer"));
    view_.choose_layer(made);
}

// -- effects and looks

/// Each is seen on the layer as it acts on two beats from the playhead on.
void LayersPage::choose_effect() {
    const Layer* now = layer();
    if (!now)
        return;
    const TriedLoop loop = two_beats_at(document_.project(), view_.playhead());
    std::vector<MovingOffer> offers;
    for (const auto& row : effects())
        offers.push_back({.name = text_of(row.label),
                          .group = row.of_earlier_frames ? tr("Shows what was before")
                                   : row.changes_pixels  ? tr("Changes its pixels")
                                                         : tr("Moves it"),
                          .choose =
                              [this, effect_id = row.id] {
                                  if (const Layer* chosen = layer())
                                      document_.apply(with_effect(document_.project(), chosen->id, effect_id),
                                                      tr("add effect"));
                              },
                          .with = [project = document_.project(), id = now->id, effect_id = row.id,
                                   loop] { return with_effect_on_beats(project, id, effect_id, loop); },
                          .dragged = Target{now->id, std::string(row.parameters.front().id)}});
    MovingSheet::open(*effect_, "effect", document_, view_, loop, std::move(offers));
}

/// Each on the layer, over two beats from the playhead on.
void LayersPage::choose_look() {
    const Layer* now = layer();
    if (!now)
        return;
    std::vector<MovingOffer> offers;
    const auto offer = [&](const Look& look, const QString& name) {
        if (look.of_title && now->kind != layers::title)
            return;
        offers.push_back({.name = name,
                          .group = look.of_title ? tr("How a title is set") : tr("Effects"),
                          .choose =
                              [this, look] {
                                  if (const Layer* chosen = layer())
                                      document_.apply(with_look(document_.project(), chosen->id, look),
                                                      tr("take look"));
                              },
                          .with = [project = document_.project(), id = now->id,
                                   look] { return with_look(project, id, look); }});
    };
    for (const auto& look : document_.project().stage->looks)
        offer(look, QString::fromStdString(look.name));
    for (const auto& look : ready_looks())
        offer(look, text_of(look.name));
    MovingSheet::open(*effect_, "look", document_, view_, two_beats_at(document_.project(), view_.playhead()),
                      std::move(offers));
}

void LayersPage::fill_look_menu(QMenu* menu) {
    const Layer* now = layer();
    if (!now)
        return;
    menu->addAction(tr("Choose by what they look like…"), this,
                    [this] { QTimer::singleShot(0, this, &LayersPage::choose_look); });
    menu->addSeparator();
    const bool title = now->kind == layers::title;
    const auto offer = [&](const Look& look, bool own) {
        if (look.of_title && !title)
            return;
        const QString name = own ? QString::fromStdString(look.name) : text_of(look.name);
        menu->addAction(look.of_title ? tr("title: %1").arg(name) : name, this, [this, look] {
            if (const Layer* chosen = layer())
                document_.apply(with_look(document_.project(), chosen->id, look), tr("take look"));
        });
    };
    for (const auto& look : ready_looks())
        offer(look, false);
    menu->addSeparator();
    for (const auto& look : document_.project().stage->looks)
        offer(look, true);
    menu->addSeparator();
    menu->addAction(tr("Keep this look…"), this, [this, title] {
        bool wanted = false;
        const QString name =
            QInputDialog::getText(this, tr("Keep a look"), tr("Its name"), QLineEdit::Normal, {}, &wanted);
        if (const Layer* chosen = layer(); chosen && wanted)
            document_.apply(
                with_look_kept(document_.project(), look_of(*chosen, name.trimmed().toStdString(), title)),
                tr("keep look"));
    });
    menu->addAction(tr("Write looks to a file…"), this, &LayersPage::write_looks_file);
    menu->addAction(tr("Read looks from a file…"), this, &LayersPage::read_looks_file);
    auto* forget = menu->addMenu(tr("Delete"));
    for (const auto& look : document_.project().stage->looks)
        forget->addAction(QString::fromStdString(look.name), this, [this, look] {
            document_.apply(without_look(document_.project(), look.name, look.of_title), tr("delete look"));
        });
    forget->setEnabled(!forget->isEmpty());
}

void LayersPage::write_looks_file() {
    const auto path = ask_where_to_write(this, tr("Write looks"), "looks.json", tr("Looks (*.json)"), "json");
    if (!path)
        return;
    if (auto allowed = may_write(path->toStdString(), inputs_of(document_.path(), document_.project()), true);
        !allowed)
        return document_.say(spoken(allowed.error()));
    auto looks = document_.project().stage->looks;
    if (const Layer* chosen = layer(); chosen && looks.empty())
        looks.push_back(look_of(*chosen, chosen->name, chosen->kind == layers::title));
    if (auto written = write_looks(looks, path->toStdString()); !written)
        document_.say(spoken(written.error()));
    else
        document_.say(tr("%n looks written", nullptr, static_cast<int>(looks.size())));
}

void LayersPage::read_looks_file() {
    const QString path = QFileDialog::getOpenFileName(this, tr("Read looks"), {}, tr("Looks (*.json)"));
    if (path.isEmpty())
        return;
    const auto looks = read_looks(path.toStdString());
    if (!looks)
        return document_.say(spoken(looks.error()));
    Result<Project> next = document_.project();
    for (const auto& look : *looks)
        if (next)
            next = with_look_kept(*next, look);
    document_.apply(std::move(next), tr("read looks"));
}

} // namespace pulsepin
