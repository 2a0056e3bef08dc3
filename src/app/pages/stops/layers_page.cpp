// SPDX-License-Identifier: GPL-3.0-or-later
#include "pages/stops/layers_page.h"

#include "kinds/layer_kinds.h"
#include "model/shape_outline.h"
#include "model/stage_edits.h"
#include "parts/finder.h"
#include "parts/widgets.h"
#include "render/qt_text.h"
#include "session/core_words.h"
#include "stage/effects.h"

#include <QHBoxLayout>
#include <QHeaderView>
#include <QKeyEvent>
#include <QMenu>
#include <QSet>
#include <QTableView>
#include <QVBoxLayout>
#include <algorithm>

namespace pulsepin {

namespace {

constexpr std::pair<Matte::Kind, const char*> matte_kinds[] = {
    {Matte::Kind::None, QT_TRANSLATE_NOOP("pulsepin::LayersPage", "no matte")},
    {Matte::Kind::LayerAlpha, QT_TRANSLATE_NOOP("pulsepin::LayersPage", "Alpha matte")},
    {Matte::Kind::LayerLight, QT_TRANSLATE_NOOP("pulsepin::LayersPage", "Luma matte")},
    {Matte::Kind::OwnLight, QT_TRANSLATE_NOOP("pulsepin::LayersPage", "Own luminance")},
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
    auto* add = add_ =
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

LinesEdit* LayersPage::make_line(const QString& name, const QString& tip, std::string Layer::*member) {
    auto* field = new LinesEdit;
    field->setObjectName(name);
    field->setAccessibleName(tip);
    field->setToolTip(tip);
    field->setMinimumWidth(60);
    connect(field, &QLineEdit::editingFinished, this, [this, field, member] {
        if (field->isModified())
            change(tr("change layer"),
                   [=](Layer& changed) { changed.*member = field->lines().toStdString(); });
        field->setModified(false);
    });
    return field;
}

/// Its name, and what it shows.
QLayout* LayersPage::make_head() {
    auto* what = new QHBoxLayout;
    what->setSpacing(4);
    what->addWidget(name_ = make_line("layer name", tr("Name of the layer"), &Layer::name), 1);
    what->addWidget(text_ =
                        make_line("layer text", tr("The words of the title; Shift+Enter begins another line"),
                                  &Layer::text),
                    1);
    const auto choice = [&](const QString& name, const QString& tip, int stretch) {
        auto* made = new ChoiceBox;
        made->setObjectName(name);
        made->setAccessibleName(tip);
        made->setToolTip(tip);
        what->addWidget(made, stretch);
        return made;
    };
    shape_ = choice("layer shape", tr("The shape that is drawn"), 0);
    for (const auto& outline : shape_outlines())
        shape_->addItem(text_of(outline.id), qt_text(outline.id));
    connect(shape_, &QComboBox::activated, this, [this] {
        change(tr("change shape"),
               [this](Layer& changed) { changed.shape = shape_->currentData().toString().toStdString(); });
    });
    source_ = choice("layer source", tr("What the layer shows"), 1);
    source_->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    source_->setMinimumContentsLength(8);
    connect(source_, &QComboBox::activated, this, [this] {
        change(tr("change layer"), [this](Layer& changed) {
            const auto id = source_->currentData().toULongLong();
            if (changed.kind == layers::shots)
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
    blend_ = choice("blend", tr("Blend mode: how it combines with the layers below"));
    for (const auto& mode : blend_modes())
        blend_->addItem(text_of(mode.label), qt_text(mode.id));
    connect(blend_, &QComboBox::activated, this, [this] {
        change(tr("change blending"),
               [this](Layer& changed) { changed.blend = blend_->currentData().toString().toStdString(); });
    });
    matte_ = choice("matte", tr("Matte: what limits where it is visible"));
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
    effect_ =
        named(new QPushButton(tr("Effect…")), "add effect", tr("Adds an effect behind those that it has"));
    effect_->setProperty("role", "small");
    connect(effect_, &QPushButton::clicked, this, &LayersPage::choose_effect);
    row->addWidget(effect_);
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
    table->setDragDropMode(QAbstractItemView::DragDrop);
    table->setDefaultDropAction(Qt::CopyAction);
    table->setDragDropOverwriteMode(true); // onto a value, not between two
    connect(values_, &LayerValuesModel::row_dropped, this, &LayersPage::hit_wanted);
    table->setToolTip(
        tr("Drag a name onto a lane to have it driven, onto a row of onsets to have it pulse there"));
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
        return document_.say(spoken(next.error()));
    const auto id = next->stage->layers[next->stage->layers.size() - 2].id;
    document_.apply(*std::move(next), what);
    for (int i = 0; i < list_->count(); ++i)
        if (list_->item(i)->data(Qt::UserRole).toULongLong() == id.value)
            list_->setCurrentRow(i);
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
        if (one->kind == layers::group)
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
        widget->setEnabled(now->kind != layers::camera);
    hide_->setChecked(now->hidden);
    name_->setText(QString::fromStdString(now->name));
    const bool title = now->kind == layers::title, shape = now->kind == layers::shape;
    text_->setVisible(title);
    text_->set_lines(QString::fromStdString(now->text));
    shape_->setVisible(shape);
    shape_->setCurrentIndex(std::max(0, shape_->findData(QString::fromStdString(now->shape))));
    colour_->setVisible(now->kind->drawn);
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
    const bool camera = shown.kind == layers::camera;
    blend_->setCurrentIndex(std::max(0, blend_->findData(QString::fromStdString(shown.blend))));
    matte_->setCurrentIndex(std::max(0, matte_->findData(static_cast<int>(shown.matte.kind))));
    matte_layer_->clear();
    matte_layer_->addItem(tr("choose"), qulonglong{0});
    for (const auto& other : document_.project().stage->layers)
        if (other.id != shown.id && other.kind != layers::camera)
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
    const bool shots = shown.kind == layers::shots,
               picture = shown.kind->has_clip || shown.kind->may_have_clip;
    source_->setVisible(shots || picture);
    source_->clear();
    const auto add_source = [this](const std::string& name, std::uint64_t id) {
        source_->addItem(QString::fromStdString(name), static_cast<qulonglong>(id));
    };
    if (shots) {
        source_->addItem(tr("first lane of cuts"), 0);
        for (const auto& lane : document_.project().lanes)
            if (holds<CutBody>(lane->kind))
                add_source(lane->name, lane->id.value);
    }
    if (shown.kind->may_have_clip)
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
