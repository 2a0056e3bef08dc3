// SPDX-License-Identifier: GPL-3.0-or-later
#include "stops/layers_page.h"

#include "model/duplicate_edits.h"
#include "model/shape_outline.h"
#include "model/stage_edits.h"
#include "interchange/look_file.h"
#include "kinds/kinds.h"
#include "stage/effects.h"
#include "widgets.h"

#include <QDialogButtonBox>
#include <QFileDialog>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QInputDialog>
#include <QKeyEvent>
#include <QMenu>
#include <QSet>
#include <QTableView>
#include <QVBoxLayout>
#include <algorithm>

namespace pulsepin {

namespace {

/// How several lines stand in one.
const QString line_break = " ⏎ ";

constexpr std::pair<Matte::Kind, const char*> matte_kinds[] = {
    {Matte::Kind::None, QT_TRANSLATE_NOOP("pulsepin::LayersPage", "no matte")},
    {Matte::Kind::LayerAlpha, QT_TRANSLATE_NOOP("pulsepin::LayersPage", "where is")},
    {Matte::Kind::LayerLight, QT_TRANSLATE_NOOP("pulsepin::LayersPage", "where bright is")},
    {Matte::Kind::OwnLight, QT_TRANSLATE_NOOP("pulsepin::LayersPage", "where bright itself")},
    {Matte::Kind::Straight, QT_TRANSLATE_NOOP("pulsepin::LayersPage", "wipe, straight")},
    {Matte::Kind::Round, QT_TRANSLATE_NOOP("pulsepin::LayersPage", "wipe, round")},
};

} // namespace

LayersPage::LayersPage(Document& document, ViewState& view, QWidget* parent)
    : QWidget(parent), document_(document), view_(view) {
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(10);
    auto* left = new QVBoxLayout;
    left->setSpacing(4);
    list_ = new OrderedList([](const QListWidgetItem& item) -> Dragged {
        return LayerId{item.data(Qt::UserRole).toULongLong()};
    });
    connect(list_, &OrderedList::moved, this, &LayersPage::drop_before);
    list_->setSelectionMode(QAbstractItemView::ExtendedSelection);
    list_->setToolTip(
        tr("Drag to raise or lower, into a group, or onto a lane to drive it. Ctrl chooses several"));
    list_->setObjectName("layers");
    list_->setAccessibleName(tr("Layers, the highest first"));
    connect(list_, &QListWidget::currentRowChanged, this, [this] {
        if (showing_)
            return;
        show_layer();
        if (const Layer* now = layer())
            view_.choose_layer(now->id);
    });
    connect(&view_, &ViewState::layer_chosen, this, [this] {
        for (int i = 0; i < list_->count(); ++i)
            if (list_->item(i)->data(Qt::UserRole).toULongLong() == view_.layer().value &&
                i != list_->currentRow()) // else what is chosen besides would be let go
                list_->setCurrentRow(i);
    });
    // What they would like to have is more than there is: they take what they get.
    list_->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Expanding);
    list_->setMinimumWidth(110);
    left->addWidget(list_, 1);
    left->addLayout(make_buttons());
    row->addLayout(left, 2);

    auto* right = new QVBoxLayout;
    right->setSpacing(4);
    right->addLayout(make_head());
    right->addLayout(make_seen());
    right->addWidget(make_values(), 1);
    row->addLayout(right, 5);
}

QLayout* LayersPage::make_buttons() {
    // In two rows: what they stand below is narrow.
    auto* column = new QVBoxLayout;
    column->setSpacing(3);
    auto* buttons = new QHBoxLayout;
    buttons->setSpacing(3);
    column->addLayout(buttons);
    const auto button = [&](const QString& name, const QString& text, const QString& tip) {
        auto* made = new QPushButton(text);
        made->setObjectName(name);
        made->setAccessibleName(tip);
        made->setToolTip(tip);
        made->setProperty("role", "small");
        buttons->addWidget(made);
        return made;
    };
    auto* add =
        button("add layer", tr("Add"), tr("Adds a title, a shape, a picture or another lane of cuts"));
    auto* menu = new QMenu(add);
    menu->setObjectName("add layer menu");
    add->setMenu(menu);
    connect(menu, &QMenu::aboutToShow, this, [this, menu] { fill_add_menu(menu); });
    auto* more = button("more of layers", tr("More"), tr("Groups, copies, appearances, what it hangs on"));
    auto* more_menu = new QMenu(more);
    more_menu->setObjectName("more of layers menu");
    more->setMenu(more_menu);
    connect(more_menu, &QMenu::aboutToShow, this, [this, more_menu] { fill_more_menu(more_menu); });
    buttons = new QHBoxLayout;
    buttons->setSpacing(3);
    column->addLayout(buttons);
    auto* up = button("raise layer", "↑", tr("Raises the layer"));
    auto* down = button("lower layer", "↓", tr("Lowers the layer"));
    hide_ = button("hide layer", tr("Hide"), tr("Hides the layer, or shows it again"));
    hide_->setCheckable(true);
    auto* remove = button("remove layer", "×", tr("Removes the layer"));
    for (const auto& [raise, by] : {std::pair(up, 1), std::pair(down, -1)})
        connect(raise, &QPushButton::clicked, this, [this, by = by] {
            if (const Layer* now = layer())
                document_.apply(with_layer_raised(document_.project(), now->id, by), tr("move layer"));
        });
    connect(hide_, &QPushButton::clicked, this, [this](bool hidden) {
        change(tr("hide layer"), [=](Layer& changed) { changed.hidden = hidden; });
    });
    connect(remove, &QPushButton::clicked, this, [this] {
        if (const Layer* now = layer())
            document_.apply(without_layer(document_.project(), now->id), tr("remove layer"));
    });
    not_of_camera_ = {up, down, hide_, remove};
    return column;
}

QLineEdit* LayersPage::make_line(const QString& name, const QString& tip, std::string Layer::*member) {
    auto* field = new QLineEdit;
    field->setObjectName(name);
    field->setAccessibleName(tip);
    field->setToolTip(tip);
    field->setMinimumWidth(60);
    connect(field, &QLineEdit::editingFinished, this, [this, field, member] {
        if (field->isModified())
            change(tr("change layer"), [=](Layer& changed) {
                changed.*member = field->text().replace(line_break, "\n").toStdString();
            });
        field->setModified(false);
    });
    return field;
}

/// Its name, and what it shows.
QLayout* LayersPage::make_head() {
    auto* what = new QHBoxLayout;
    what->setSpacing(4);
    what->addWidget(name_ = make_line("layer name", tr("Name of the layer"), &Layer::name), 1);
    what->addWidget(text_ = make_line("layer text", tr("The words of the title"), &Layer::text), 1);
    const auto choice = [&](const QString& name, const QString& tip, int stretch) {
        auto* made = new QComboBox;
        made->setObjectName(name);
        made->setAccessibleName(tip);
        made->setToolTip(tip);
        what->addWidget(made, stretch);
        return made;
    };
    shape_ = choice("layer shape", tr("The shape that is drawn"), 0);
    for (const auto& outline : shape_outlines())
        shape_->addItem(text_of(outline.id));
    connect(shape_, &QComboBox::activated, this, [this] {
        change(tr("change shape"),
               [this](Layer& changed) { changed.shape = shape_->currentText().toStdString(); });
    });
    source_ = choice("layer source", tr("What the layer shows"), 1);
    source_->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    source_->setMinimumContentsLength(8);
    connect(source_, &QComboBox::activated, this, [this] {
        change(tr("change layer"), [this](Layer& changed) {
            const auto id = source_->currentData().toULongLong();
            if (changed.kind == LayerKind::Shots)
                changed.cuts = LaneId{id};
            else
                changed.picture = ClipId{id};
        });
    });
    colour_ = new ColourField("layer colour");
    connect(colour_, &ColourField::edited, this, [this] {
        change(tr("change colour"), [this](Layer& changed) { changed.colour = colour_->colour(); });
    });
    what->addWidget(colour_);
    return what;
}

/// How it meets what lies below, and its effects.
QLayout* LayersPage::make_seen() {
    auto* row = new QHBoxLayout;
    row->setSpacing(4);
    const auto choice = [&](const QString& name, const QString& tip) {
        auto* made = choice_box(name, tip);
        made->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
        made->setMinimumContentsLength(5);
        row->addWidget(made, 1);
        return made;
    };
    blend_ = choice("blend", tr("How it meets what lies below it"));
    for (const auto& mode : blend_modes())
        blend_->addItem(text_of(mode.label), text_of(mode.id));
    connect(blend_, &QComboBox::activated, this, [this] {
        change(tr("change blending"),
               [this](Layer& changed) { changed.blend = blend_->currentData().toString().toStdString(); });
    });
    matte_ = choice("matte", tr("What lets it be seen only in places"));
    for (const auto& [kind, text] : matte_kinds)
        matte_->addItem(tr(text), static_cast<int>(kind));
    connect(matte_, &QComboBox::activated, this, [this] {
        change(tr("change matte"), [this](Layer& changed) {
            changed.matte.kind = static_cast<Matte::Kind>(matte_->currentData().toInt());
        });
    });
    matte_layer_ =
        choice("matte layer", tr("The layer whose picture is the matte; hide it to see only that"));
    connect(matte_layer_, &QComboBox::activated, this, [this] {
        change(tr("change matte"), [this](Layer& changed) {
            changed.matte.layer = LayerId{matte_layer_->currentData().toULongLong()};
        });
    });
    const auto toggle = [&](const QString& name, const QString& text, const QString& tip,
                            std::function<void(Layer&, bool)> how) {
        auto* made = named(new QPushButton(text), name, tip);
        made->setCheckable(true);
        made->setProperty("role", "small");
        connect(made, &QPushButton::clicked, this, [this, how, tip](bool on) {
            change(tip.toLower(), [=](Layer& changed) { how(changed, on); });
        });
        row->addWidget(made);
        return made;
    };
    inverted_ = toggle("matte inverted", tr("Inv"), tr("Inverts the matte"),
                       [](Layer& changed, bool on) { changed.matte.inverted = on; });
    const auto menu_button = [&](const QString& name, const QString& text, const QString& tip,
                                 void (LayersPage::*fill)(QMenu*)) {
        auto* made = named(new QPushButton(text), name, tip);
        made->setProperty("role", "small");
        auto* menu = new QMenu(made);
        menu->setObjectName(name + " menu");
        made->setMenu(menu);
        connect(menu, &QMenu::aboutToShow, this, [this, menu, fill] {
            menu->clear();
            (this->*fill)(menu);
        });
        row->addWidget(made);
        return made;
    };
    effect_ = menu_button("add effect", tr("Effect"), tr("Adds an effect behind those that it has"),
                          &LayersPage::add_effect_menu);
    menu_button("looks", tr("Looks"), tr("Effects in an order, or how a title is set, under a name"),
                &LayersPage::fill_look_menu);
    return row;
}

QWidget* LayersPage::make_values() {
    values_ = new LayerValuesModel(document_, this);
    auto* table = table_ = new QTableView;
    table->installEventFilter(this);
    table->setModel(values_);
    table->setItemDelegate(new ParamDelegate(table));
    table->setObjectName("layer values");
    table->setDragEnabled(true);
    table->setToolTip(tr("Drag a name onto a lane to have it driven"));
    table->setAccessibleName(tr("Values of the layer"));
    table->verticalHeader()->hide();
    table->verticalHeader()->setDefaultSectionSize(24);
    auto* header = table->horizontalHeader();
    header->setSectionResizeMode(LayerValuesModel::Name, QHeaderView::Fixed);
    header->setSectionResizeMode(LayerValuesModel::Value, QHeaderView::Fixed);
    header->setSectionResizeMode(LayerValuesModel::Drivers, QHeaderView::Stretch);
    table->setColumnWidth(LayerValuesModel::Name, 92);
    table->setColumnWidth(LayerValuesModel::Value, 112);
    table->setEditTriggers(QAbstractItemView::AllEditTriggers);
    table->setTabKeyNavigation(false);
    table->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Expanding);
    table->setMinimumWidth(280);
    return table;
}

const Layer* LayersPage::layer() const {
    const auto* item = list_->currentItem();
    return item ? document_.project().stage->layer(LayerId{item->data(Qt::UserRole).toULongLong()}) : nullptr;
}

void LayersPage::add(Layer made, const QString& what) {
    auto next = with_layer(document_.project(), std::move(made));
    if (!next)
        return document_.say(QString::fromStdString(next.error().message()));
    const auto id = next->stage->layers[next->stage->layers.size() - 2].id;
    document_.apply(*std::move(next), what);
    for (int i = 0; i < list_->count(); ++i)
        if (list_->item(i)->data(Qt::UserRole).toULongLong() == id.value)
            list_->setCurrentRow(i);
}

void LayersPage::take(const Result<WithLayer>& made, const QString& what) {
    if (!made)
        return document_.say(QString::fromStdString(made.error().message()));
    if (!document_.apply(Result<Project>(made->project), what))
        return;
    view_.choose_layer(made->layer);
    if (made->lane.value != 0)
        view_.choose_lane(made->lane);
}

/// What is drawn and needs nothing but itself.
void LayersPage::add_drawn(QMenu* menu) {
    menu->addAction(tr("Title"), this, [this] {
        Layer title{{}, LayerKind::Title, tr("Title").toStdString()};
        title.text = tr("a line of words").toStdString();
        title.colour = {0xf7f1e1};
        add(std::move(title), tr("add title"));
    });
    auto* shapes = menu->addMenu(tr("Shape"));
    for (const auto& [shape, round, points] : shape_outlines())
        shapes->addAction(text_of(shape), this, [this, shape] {
            Layer made{{}, LayerKind::Shape, std::string(shape)};
            made.shape = shape;
            add(std::move(made), tr("add shape"));
        });
    menu->addAction(tr("Ring"), this, [this] {
        Layer made{{}, LayerKind::Shape, tr("Ring").toStdString()};
        made.values = {{"fill", 0}, {"line-width", 10}};
        add(std::move(made), tr("add ring"));
    });
    menu->addAction(tr("Area of one colour"), this, [this] {
        Layer made{{}, LayerKind::Shape, tr("Area").toStdString()};
        made.shape = "square";
        made.colour = {0x1f2430};
        const auto& settings = *document_.project().settings;
        made.values = {
            {"scale-x", 100.0 * settings.picture_width / (2 * shape_radius(settings.picture_height))},
            {"scale-y", 100.0 * settings.picture_height / (2 * shape_radius(settings.picture_height))}};
        add(std::move(made), tr("add area"));
    });
    menu->addAction(tr("Line, drawn in the picture"), this, [this] {
        Layer made{{}, LayerKind::Line, tr("Line").toStdString()};
        add(std::move(made), tr("add line"));
        emit draw_wanted();
    });
    menu->addAction(tr("Sparks"), this, [this] {
        Layer made{{}, LayerKind::Sparks, tr("Sparks").toStdString()};
        made.values = {{"rate", 60}};
        add(std::move(made), tr("add sparks"));
    });
    auto* spectrum = menu->addMenu(tr("Spectrum"));
    for (const int bands : {6, 8, 12, 16, 24, 32})
        spectrum->addAction(tr("%1 bars").arg(bands), this, [this, bands] {
            take(with_spectrum(document_.project(), kind_that(&LaneKindRow::follows), bands,
                               tr("Spectrum").toStdString()),
                 tr("add spectrum"));
        });
    menu->addAction(tr("Waveform"), this, [this] {
        take(with_waveform(document_.project(), kind_that(&LaneKindRow::follows),
                           tr("Waveform").toStdString()),
             tr("add waveform"));
    });
    menu->addAction(tr("Titles from the markers’ names"), this, [this] {
        std::vector<PinId> markers;
        for (const auto& lane : document_.project().lanes)
            if (lane->kind->marks)
                for (const auto& pin : lane->pins)
                    if (view_.selection().empty() || view_.selection().contains(pin.id))
                        markers.push_back(pin.id);
        take(with_titles_of_markers(document_.project(), markers, kind_that(&LaneKindRow::appears),
                                    tr("Titles").toStdString()),
             tr("titles from markers"));
    });
}

void LayersPage::fill_add_menu(QMenu* menu) {
    menu->clear();
    add_drawn(menu);
    menu->addSeparator();
    add_sources(menu);
}

void LayersPage::add_sources(QMenu* menu) {
    auto* pictures = menu->addMenu(tr("Picture"));
    for (const auto& clip : *document_.project().bin)
        if (clip.has_picture)
            pictures->addAction(QString::fromStdString(clip.name), this,
                                [this, id = clip.id, name = clip.name] {
                                    Layer made{{}, LayerKind::Picture, name};
                                    made.picture = id;
                                    add(std::move(made), tr("add picture"));
                                });
    pictures->setEnabled(!pictures->isEmpty());
    auto* cuts = menu->addMenu(tr("Shots of a lane"));
    for (const auto& lane : document_.project().lanes)
        if (lane->kind->cuts)
            cuts->addAction(QString::fromStdString(lane->name), this,
                            [this, id = lane->id, name = lane->name] {
                                Layer made{{}, LayerKind::Shots, name};
                                made.cuts = id;
                                add(std::move(made), tr("add shots"));
                            });
    cuts->setEnabled(!cuts->isEmpty());
}

std::vector<LayerId> LayersPage::chosen_layers() const {
    std::vector<LayerId> chosen;
    for (int i = 0; i < list_->count(); ++i)
        if (list_->item(i)->isSelected() || i == list_->currentRow())
            if (const LayerId id{list_->item(i)->data(Qt::UserRole).toULongLong()};
                document_.project().stage->layer(id)->kind != LayerKind::Camera)
                chosen.push_back(id);
    return chosen;
}

void LayersPage::fill_more_menu(QMenu* menu) {
    menu->clear();
    const Layer* now = layer();
    if (!now)
        return;
    const auto& stage = *document_.project().stage;
    const LayerId id = now->id;
    const QString name = QString::fromStdString(now->name);
    const bool camera = now->kind == LayerKind::Camera;
    const auto entry = [&](QMenu* into, const QString& text, bool possible, std::function<void()> what) {
        auto* action = into->addAction(text, this, std::move(what));
        action->setEnabled(possible);
        return action;
    };
    entry(menu, tr("Group what is chosen"), !camera, [this] {
        document_.apply(with_group_of(document_.project(), chosen_layers(), tr("Group").toStdString()),
                        tr("group layers"));
    });
    auto* groups = menu->addMenu(tr("Into a group"));
    const auto into_group = [&](const QString& text, LayerId group) {
        auto* action = entry(groups, text, group != now->group, [this, group] {
            change(tr("move into a group"), [group](Layer& changed) { changed.group = group; });
        });
        action->setCheckable(true);
        action->setChecked(group == now->group);
    };
    into_group(tr("none"), {});
    auto* hangs = menu->addMenu(tr("It hangs on"));
    const auto on = [&](const QString& text, LayerId parent) {
        auto* action = entry(hangs, text, true, [this, parent] {
            change(tr("hang on a layer"), [parent](Layer& changed) { changed.parent = parent; });
        });
        action->setCheckable(true);
        action->setChecked(parent == now->parent);
    };
    on(tr("nothing"), {});
    for (const auto& other : stage.layers)
        if (other.id != id && other.kind != LayerKind::Camera) {
            if (other.kind == LayerKind::Group)
                into_group(QString::fromStdString(other.name), other.id);
            on(QString::fromStdString(other.name), other.id);
        }
    groups->setEnabled(!camera);
    hangs->setEnabled(!camera);
    auto* lock = entry(menu, tr("Locked in the picture"), true, [this] {
        change(tr("lock layer"), [](Layer& changed) { changed.locked = !changed.locked; });
    });
    lock->setCheckable(true);
    lock->setChecked(now->locked);
    menu->addSeparator();
    entry(menu, tr("“%1” appears on a lane").arg(name), !camera, [this, id] {
        take(with_lane_of_appearances(document_.project(), id, kind_that(&LaneKindRow::appears)),
             tr("add lane of appearances"));
    });
    entry(menu, tr("One after the other on the next beats…"), !camera && document_.project().grid != nullptr,
          [this] { stagger(); });
    menu->addSeparator();
    entry(menu, tr("Copy of “%1” with its lanes").arg(name), !camera, [this, id] { duplicate(id); });
    entry(menu, tr("Several copies, each a step further…"), !camera, [this, id] { repeat(id); });
    auto* values = menu->addMenu(tr("Values of another layer for “%1”").arg(name));
    for (const auto& other : stage.layers)
        if (other.id != id)
            values->addAction(QString::fromStdString(other.name), this, [this, id, from = other.id] {
                document_.apply(with_values_of(document_.project(), id, from), tr("take values"));
            });
    auto* lanes = menu->addMenu(tr("Lanes of another layer for “%1”").arg(name));
    for (const auto& other : stage.layers)
        if (other.id != id)
            lanes->addAction(QString::fromStdString(other.name), this, [this, id, from = other.id] {
                document_.apply(with_lanes_of(document_.project(), id, from), tr("take lanes"));
            });
    menu->addSeparator();
    auto* blurred = entry(menu, tr("Motion blur of “%1”").arg(name), !camera, [this] {
        change(tr("motion blur"), [](Layer& changed) { changed.motion_blur = !changed.motion_blur; });
    });
    blurred->setCheckable(true);
    blurred->setChecked(now->motion_blur);
    auto* all = entry(menu, tr("Motion blur of all layers"), true, [this] {
        const auto& now_stage = *document_.project().stage;
        document_.apply(with_motion_blur(document_.project(), !now_stage.motion_blur, now_stage.shutter,
                                         now_stage.blur_samples),
                        tr("motion blur of all layers"));
    });
    all->setCheckable(true);
    all->setChecked(stage.motion_blur);
    entry(menu, tr("Shutter and samples…"), true, [this] {
        bool wanted = false;
        const auto& now_stage = *document_.project().stage;
        const double shutter = QInputDialog::getDouble(this, tr("Motion blur"),
                                                       tr("Degrees of a frame that the shutter is open for"),
                                                       now_stage.shutter, 0, 360, 0, &wanted);
        const int samples =
            !wanted ? 0
                    : QInputDialog::getInt(this, tr("Motion blur"), tr("Pictures that a frame is made of"),
                                           now_stage.blur_samples, 2, 64, 1, &wanted);
        if (wanted)
            document_.apply(with_motion_blur(document_.project(), now_stage.motion_blur, shutter, samples),
                            tr("change motion blur"));
    });
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
                                          {Length::Unit::ToSectionEnd, 1}, kind_that(&LaneKindRow::appears)),
                    tr("layers one after the other"));
}

void LayersPage::repeat(LayerId id) {
    QDialog dialog(this);
    dialog.setObjectName("repeat layer");
    dialog.setWindowTitle(tr("Several copies"));
    auto* grid = new QGridLayout(&dialog);
    auto* times = whole_field("copies", tr("How many more"), 1, 100, 3);
    auto* x = real_field("copy x", tr("So much further right each"), -10000, 10000, 1);
    auto* y = real_field("copy y", tr("So much further down each"), -10000, 10000, 1);
    auto* turn = real_field("copy turn", tr("Degrees further each"), -3600, 3600, 1);
    auto* scale = real_field("copy scale", tr("Percent larger each"), -1000, 1000, 1);
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

// -- effects and looks

void LayersPage::add_effect_menu(QMenu* menu) {
    for (const auto& row : effects())
        menu->addAction(text_of(row.label), this, [this, effect_id = row.id] {
            if (const Layer* now = layer())
                document_.apply(with_effect(document_.project(), now->id, effect_id), tr("add effect"));
        });
}

void LayersPage::fill_look_menu(QMenu* menu) {
    const Layer* now = layer();
    if (!now)
        return;
    const bool title = now->kind == LayerKind::Title;
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
    menu->addAction(tr("Write looks to a file…"), this, [this] {
        const QString path = QFileDialog::getSaveFileName(this, tr("Write looks"), {}, tr("Looks (*.json)"));
        if (path.isEmpty())
            return;
        auto looks = document_.project().stage->looks;
        if (const Layer* chosen = layer(); chosen && looks.empty())
            looks.push_back(look_of(*chosen, chosen->name, chosen->kind == LayerKind::Title));
        if (auto written = write_looks(looks, path.toStdString()); !written)
            document_.say(QString::fromStdString(written.error().message()));
        else
            document_.say(tr("%n looks written", nullptr, static_cast<int>(looks.size())));
    });
    menu->addAction(tr("Read looks from a file…"), this, [this] {
        const QString path = QFileDialog::getOpenFileName(this, tr("Read looks"), {}, tr("Looks (*.json)"));
        if (path.isEmpty())
            return;
        const auto looks = read_looks(path.toStdString());
        if (!looks)
            return document_.say(QString::fromStdString(looks.error().message()));
        Result<Project> next = document_.project();
        for (const auto& look : *looks)
            if (next)
                next = with_look_kept(*next, look);
        document_.apply(std::move(next), tr("read looks"));
    });
    auto* forget = menu->addMenu(tr("Forget"));
    for (const auto& look : document_.project().stage->looks)
        forget->addAction(QString::fromStdString(look.name), this, [this, look] {
            document_.apply(without_look(document_.project(), look.name, look.of_title), tr("forget look"));
        });
    forget->setEnabled(!forget->isEmpty());
}

void LayersPage::move_effect(int by) {
    const Layer* now = layer();
    const int at = values_->effect_at(table_->currentIndex().row());
    if (!now || at < 0)
        return;
    if (!document_.apply(with_effect_moved(document_.project(), now->id, static_cast<std::size_t>(at), by),
                         tr("move effect")))
        return;
    for (int row = 0; row < values_->rowCount(); ++row) // it stays the chosen one
        if (values_->is_heading(row) && values_->effect_at(row) == std::max(0, at + by)) {
            table_->setCurrentIndex(values_->index(row, 0));
            return;
        }
}

void LayersPage::remove_effect() {
    const Layer* now = layer();
    const int at = values_->effect_at(table_->currentIndex().row());
    if (now && at >= 0 && values_->is_heading(table_->currentIndex().row()))
        document_.apply(without_effect(document_.project(), now->id, static_cast<std::size_t>(at)),
                        tr("remove effect"));
}

bool LayersPage::eventFilter(QObject* watched, QEvent* event) {
    const bool pressed = event->type() == QEvent::KeyPress;
    // On an effect's name these keys are its own, whatever they do elsewhere in the window.
    if (watched == table_ && (pressed || event->type() == QEvent::ShortcutOverride) &&
        values_->is_heading(table_->currentIndex().row())) {
        const auto& key = static_cast<QKeyEvent&>(*event);
        const bool moves =
            (key.modifiers() & Qt::AltModifier) && (key.key() == Qt::Key_Up || key.key() == Qt::Key_Down);
        if (!moves && key.key() != Qt::Key_Delete)
            return false;
        event->accept();
        if (pressed && moves)
            move_effect(key.key() == Qt::Key_Up ? -1 : 1);
        else if (pressed)
            remove_effect();
        return true;
    }
    return QWidget::eventFilter(watched, event);
}

/// Just above what stands in that row, in the same group.
void LayersPage::drop_before(int row) {
    const Layer* now = layer();
    if (!now || row == list_->currentRow() || row == list_->currentRow() + 1)
        return;
    const auto& layers = document_.project().stage->layers;
    std::size_t at = 0;
    LayerId group;
    if (row < list_->count()) {
        const LayerId below{list_->item(row)->data(Qt::UserRole).toULongLong()};
        const auto found =
            std::find_if(layers.begin(), layers.end(), [&](const Layer& one) { return one.id == below; });
        at = static_cast<std::size_t>(found - layers.begin()) + 1;
        group = found->group;
    }
    document_.apply(with_layer_placed(document_.project(), now->id, at, group), tr("move layer"));
}

/// With its lanes; the copy is chosen, to be moved aside.
void LayersPage::duplicate(LayerId layer) {
    auto next = with_layer_duplicated(document_.project(), layer);
    if (!next)
        return document_.say(QString::fromStdString(next.error().message()));
    const auto& layers = next->stage->layers;
    const auto place =
        std::find_if(layers.begin(), layers.end(), [layer](const Layer& one) { return one.id == layer; });
    const LayerId made = (place + 1)->id;
    document_.apply(*std::move(next), tr("duplicate layer"));
    view_.choose_layer(made);
}

void LayersPage::change(const QString& what, const std::function<void(Layer&)>& how) {
    const Layer* now = showing_ ? nullptr : layer();
    if (!now)
        return;
    Layer changed = *now;
    how(changed);
    if (!document_.apply(with_changed_layer(document_.project(), std::move(changed)), what))
        refresh();
}

/// The highest first; what lies in a group below it, a little to the right.
void LayersPage::list_layers(LayerId group, int deep, LayerId chosen, int& at) {
    const auto& stage = *document_.project().stage;
    for (auto one = stage.layers.rbegin(); one != stage.layers.rend(); ++one) {
        const bool inside = stage.layer(one->group) ? one->group == group : group.value == 0;
        if (!inside)
            continue;
        QString text =
            QString(2 * deep, QChar(' ')) + (deep > 0 ? "└ " : "") + QString::fromStdString(one->name);
        if (one->hidden)
            text += tr(" (hidden)");
        if (one->locked)
            text += tr(" (locked)");
        auto* item = new QListWidgetItem(text, list_);
        item->setData(Qt::UserRole, static_cast<qulonglong>(one->id.value));
        if (one->id == chosen)
            at = list_->count() - 1;
        if (one->kind == LayerKind::Group)
            list_layers(one->id, deep + 1, chosen, at);
    }
}

void LayersPage::refresh() {
    showing_ = true;
    const auto chosen = view_.layer().value != 0 ? view_.layer() : layer() ? layer()->id : LayerId{};
    QSet<qulonglong> selected;
    for (const auto* item : list_->selectedItems())
        selected.insert(item->data(Qt::UserRole).toULongLong());
    list_->clear();
    int at = -1;
    list_layers({}, 0, chosen, at);
    list_->setCurrentRow(std::max(0, at));
    if (selected.size() > 1)
        for (int i = 0; i < list_->count(); ++i)
            list_->item(i)->setSelected(selected.contains(list_->item(i)->data(Qt::UserRole).toULongLong()));
    showing_ = false;
    show_layer();
}

void LayersPage::show_layer() {
    const Layer* now = layer();
    if (!now)
        return;
    showing_ = true;
    for (QWidget* widget : not_of_camera_)
        widget->setEnabled(now->kind != LayerKind::Camera);
    hide_->setChecked(now->hidden);
    name_->setText(QString::fromStdString(now->name));
    const bool title = now->kind == LayerKind::Title, shape = now->kind == LayerKind::Shape;
    text_->setVisible(title);
    text_->setText(QString::fromStdString(now->text).replace("\n", line_break));
    shape_->setVisible(shape);
    shape_->setCurrentText(QString::fromStdString(now->shape));
    colour_->setVisible(now->is_drawn());
    colour_->set_colour(now->colour);
    fill_sources(*now);
    fill_matte(*now);
    values_->show_layer(now->id);
    for (int row = 0; row < values_->rowCount(); ++row)
        if (values_->is_heading(row) != (table_->columnSpan(row, 1) > 1))
            table_->setSpan(row, 1, 1, values_->is_heading(row) ? 2 : 1);
    showing_ = false;
}

void LayersPage::fill_matte(const Layer& shown) {
    const bool camera = shown.kind == LayerKind::Camera;
    blend_->setCurrentIndex(std::max(0, blend_->findData(QString::fromStdString(shown.blend))));
    matte_->setCurrentIndex(std::max(0, matte_->findData(static_cast<int>(shown.matte.kind))));
    matte_layer_->clear();
    matte_layer_->addItem(tr("choose"), qulonglong{0});
    for (const auto& other : document_.project().stage->layers)
        if (other.id != shown.id && other.kind != LayerKind::Camera)
            matte_layer_->addItem(QString::fromStdString(other.name),
                                  static_cast<qulonglong>(other.id.value));
    matte_layer_->setCurrentIndex(
        std::max(0, matte_layer_->findData(static_cast<qulonglong>(shown.matte.layer.value))));
    matte_layer_->setVisible(shown.matte.kind == Matte::Kind::LayerAlpha ||
                             shown.matte.kind == Matte::Kind::LayerLight);
    inverted_->setVisible(shown.matte.kind != Matte::Kind::None);
    inverted_->setChecked(shown.matte.inverted);
    for (QWidget* field : std::initializer_list<QWidget*>{blend_, matte_, matte_layer_, inverted_})
        field->setEnabled(!camera);
}

void LayersPage::fill_sources(const Layer& shown) {
    const bool shots = shown.kind == LayerKind::Shots,
               picture = shown.kind == LayerKind::Picture || shown.kind == LayerKind::Sparks;
    source_->setVisible(shots || picture);
    source_->clear();
    const auto add_source = [this](const std::string& name, std::uint64_t id) {
        source_->addItem(QString::fromStdString(name), static_cast<qulonglong>(id));
    };
    if (shots) {
        source_->addItem(tr("first lane of cuts"), 0);
        for (const auto& lane : document_.project().lanes)
            if (lane->kind->cuts)
                add_source(lane->name, lane->id.value);
    }
    if (shown.kind == LayerKind::Sparks)
        source_->addItem(tr("no picture"), 0);
    if (picture)
        for (const auto& clip : *document_.project().bin)
            if (clip.has_picture)
                add_source(clip.name, clip.id.value);
    source_->setCurrentIndex(
        source_->findData(static_cast<qulonglong>(shots ? shown.cuts.value : shown.picture.value)));
}

QString LayersPage::told() const {
    const auto below = static_cast<int>(document_.project().stage->layers.size()) - 1;
    return (below == 1 ? tr("1 layer below the camera") : tr("%1 layers below the camera").arg(below)) +
           tr(" · the highest is listed first");
}

} // namespace pulsepin
