// SPDX-License-Identifier: GPL-3.0-or-later
#include "stops/layers_page.h"

#include "model/duplicate_edits.h"
#include "model/shape_outline.h"
#include "model/stage_edits.h"
#include "widgets.h"

#include <QHBoxLayout>
#include <QHeaderView>
#include <QMenu>
#include <QTableView>
#include <QVBoxLayout>
#include <algorithm>

namespace pulsepin {

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
    connect(list_, &OrderedList::moved, this, [this](int to) {
        const Layer* now = layer();
        const int from = list_->currentRow();
        const int down = to > from ? to - 1 - from : to - from; // the highest is listed first
        if (now && down != 0)
            document_.apply(with_layer_raised(document_.project(), now->id, -down), tr("move layer"));
    });
    list_->setToolTip(tr("Drag to raise or lower, or onto a lane to drive it"));
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
            if (list_->item(i)->data(Qt::UserRole).toULongLong() == view_.layer().value)
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
    right->addWidget(make_values(), 1);
    row->addLayout(right, 5);
}

QLayout* LayersPage::make_buttons() {
    auto* buttons = new QHBoxLayout;
    buttons->setSpacing(3);
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
    return buttons;
}

QLineEdit* LayersPage::make_line(const QString& name, const QString& tip, std::string Layer::*member) {
    auto* field = new QLineEdit;
    field->setObjectName(name);
    field->setAccessibleName(tip);
    field->setToolTip(tip);
    field->setMinimumWidth(60);
    connect(field, &QLineEdit::editingFinished, this, [this, field, member] {
        if (field->isModified())
            change(tr("change layer"),
                   [=](Layer& changed) { changed.*member = field->text().toStdString(); });
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

QWidget* LayersPage::make_values() {
    values_ = new LayerValuesModel(document_, this);
    auto* table = new QTableView;
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

void LayersPage::fill_add_menu(QMenu* menu) {
    menu->clear();
    menu->addAction(tr("Title"), this, [this] {
        Layer title{{}, LayerKind::Title, tr("Title").toStdString()};
        title.text = tr("a line of words").toStdString();
        title.colour = {0xf7f1e1};
        add(std::move(title), tr("add title"));
    });
    for (const auto& [shape, round, points] : shape_outlines())
        menu->addAction(tr("Shape: %1").arg(text_of(shape)), this, [this, shape] {
            Layer made{{}, LayerKind::Shape, std::string(shape)};
            made.shape = shape;
            add(std::move(made), tr("add shape"));
        });
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
    if (const Layer* now = layer(); now && document_.project().stage->layers.size() > 1) {
        menu->addSeparator();
        auto* values =
            menu->addMenu(tr("Values of another layer for “%1”").arg(QString::fromStdString(now->name)));
        for (const auto& other : document_.project().stage->layers)
            if (other.id != now->id)
                values->addAction(
                    QString::fromStdString(other.name), this, [this, id = now->id, from = other.id] {
                        document_.apply(with_values_of(document_.project(), id, from), tr("take values"));
                    });
    }
    if (const Layer* now = layer(); now && now->kind != LayerKind::Camera) {
        menu->addAction(tr("Copy of “%1” with its lanes").arg(QString::fromStdString(now->name)), this,
                        [this, id = now->id] { duplicate(id); });
    }
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

void LayersPage::refresh() {
    showing_ = true;
    const auto chosen = view_.layer().value != 0 ? view_.layer() : layer() ? layer()->id : LayerId{};
    const auto& layers = document_.project().stage->layers;
    list_->clear();
    int at = -1;
    for (auto one = layers.rbegin(); one != layers.rend(); ++one) {
        QString text = QString::fromStdString(one->name);
        if (one->hidden)
            text += tr(" (hidden)");
        auto* item = new QListWidgetItem(text, list_);
        item->setData(Qt::UserRole, static_cast<qulonglong>(one->id.value));
        if (one->id == chosen)
            at = list_->count() - 1;
    }
    list_->setCurrentRow(std::max(0, at));
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
    text_->setText(QString::fromStdString(now->text));
    shape_->setVisible(shape);
    shape_->setCurrentText(QString::fromStdString(now->shape));
    colour_->setVisible(title || shape);
    colour_->set_colour(now->colour);
    fill_sources(*now);
    values_->show_layer(now->id);
    showing_ = false;
}

void LayersPage::fill_sources(const Layer& shown) {
    const bool shots = shown.kind == LayerKind::Shots, picture = shown.kind == LayerKind::Picture;
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
