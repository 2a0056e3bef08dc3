// SPDX-License-Identifier: GPL-3.0-or-later
#include "stops/layers_page.h"

#include "follow/feeds.h"
#include "model/shape_outline.h"
#include "model/stage_edits.h"
#include "stage/layer_values.h"
#include "widgets.h"

#include <QHBoxLayout>
#include <QHeaderView>
#include <QMenu>
#include <QVBoxLayout>

namespace pulsepin {

LayersPage::LayersPage(Document& document, QWidget* parent) : QWidget(parent), document_(document) {
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(10);
    auto* left = new QVBoxLayout;
    left->setSpacing(4);
    list_ = new QListWidget;
    list_->setObjectName("layers");
    list_->setAccessibleName(tr("Layers, the highest first"));
    connect(list_, &QListWidget::currentRowChanged, this, [this] {
        if (!showing_)
            show_layer();
    });
    // What they would like to have is more than there is: they take what they get.
    list_->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Expanding);
    list_->setMinimumWidth(110);
    left->addWidget(list_, 1);
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
    add_ = button("add layer", tr("Add"), tr("Adds a title, a shape, a picture or another lane of cuts"));
    auto* menu = new QMenu(add_);
    menu->setObjectName("add layer menu");
    add_->setMenu(menu);
    connect(menu, &QMenu::aboutToShow, this, [this, menu] { fill_add_menu(menu); });
    up_ = button("raise layer", "↑", tr("Raises the layer"));
    down_ = button("lower layer", "↓", tr("Lowers the layer"));
    hide_ = button("hide layer", tr("Hide"), tr("Hides the layer, or shows it again"));
    hide_->setCheckable(true);
    remove_ = button("remove layer", "×", tr("Removes the layer"));
    for (const auto& [raise, by] : {std::pair(up_, 1), std::pair(down_, -1)})
        connect(raise, &QPushButton::clicked, this, [this, by = by] {
            if (const Layer* now = layer())
                document_.apply(with_layer_raised(document_.project(), now->id, by), tr("move layer"));
        });
    connect(hide_, &QPushButton::clicked, this, [this](bool hidden) {
        change(tr("hide layer"), [=](Layer& changed) { changed.hidden = hidden; });
    });
    connect(remove_, &QPushButton::clicked, this, [this] {
        if (const Layer* now = layer())
            document_.apply(without_layer(document_.project(), now->id), tr("remove layer"));
    });
    left->addLayout(buttons);
    row->addLayout(left, 2);

    auto* right = new QVBoxLayout;
    right->setSpacing(4);
    auto* what = new QHBoxLayout;
    what->setSpacing(4);
    const auto line = [&](const QString& name, const QString& tip, std::string Layer::*member) {
        auto* field = new QLineEdit;
        field->setObjectName(name);
        field->setAccessibleName(tip);
        field->setToolTip(tip);
        connect(field, &QLineEdit::editingFinished, this, [this, field, member] {
            if (field->isModified())
                change(tr("change layer"),
                       [=](Layer& changed) { changed.*member = field->text().toStdString(); });
            field->setModified(false);
        });
        what->addWidget(field, 1);
        return field;
    };
    name_ = line("layer name", tr("Name of the layer"), &Layer::name);
    text_ = line("layer text", tr("The words of the title"), &Layer::text);
    shape_ = new QComboBox;
    shape_->setObjectName("layer shape");
    shape_->setAccessibleName(tr("Shape of the layer"));
    shape_->setToolTip(tr("The shape that is drawn"));
    for (const auto& outline : shape_outlines())
        shape_->addItem(text_of(outline.id));
    connect(shape_, &QComboBox::activated, this, [this] {
        change(tr("change shape"),
               [this](Layer& changed) { changed.shape = shape_->currentText().toStdString(); });
    });
    what->addWidget(shape_);
    source_ = new QComboBox;
    source_->setObjectName("layer source");
    source_->setAccessibleName(tr("What the layer shows"));
    source_->setToolTip(tr("What the layer shows"));
    connect(source_, &QComboBox::activated, this, [this] {
        change(tr("change layer"), [this](Layer& changed) {
            const auto id = source_->currentData().toULongLong();
            if (changed.kind == LayerKind::Shots)
                changed.cuts = LaneId{id};
            else
                changed.picture = ClipId{id};
        });
    });
    what->addWidget(source_, 1);
    colour_ = new ColourField("layer colour");
    connect(colour_, &ColourField::edited, this, [this] {
        change(tr("change colour"), [this](Layer& changed) { changed.colour = colour_->colour(); });
    });
    what->addWidget(colour_);
    right->addLayout(what);

    values_ = new QTableWidget(static_cast<int>(layer_parameters().size()), 3);
    values_->setObjectName("layer values");
    values_->setAccessibleName(tr("Values of the layer"));
    values_->setHorizontalHeaderLabels({tr("value of"), tr("by itself"), tr("driven by")});
    values_->verticalHeader()->hide();
    values_->verticalHeader()->setDefaultSectionSize(24);
    values_->horizontalHeader()->setSectionResizeMode(0, QHeaderView::Fixed);
    values_->horizontalHeader()->setSectionResizeMode(1, QHeaderView::Fixed);
    values_->horizontalHeader()->setSectionResizeMode(2, QHeaderView::Stretch);
    values_->setColumnWidth(0, 92);
    values_->setColumnWidth(1, 112);
    values_->setEditTriggers(QAbstractItemView::NoEditTriggers);
    values_->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Expanding);
    values_->setMinimumWidth(280);
    values_->setSelectionMode(QAbstractItemView::NoSelection);
    int place = 0;
    for (const auto& one : layer_parameters()) {
        values_->setItem(place, 0, new QTableWidgetItem(text_of(one.label)));
        auto* field = new QDoubleSpinBox;
        field->setObjectName("value " + text_of(one.id));
        field->setAccessibleName(text_of(one.label));
        field->setRange(one.least, one.most);
        field->setDecimals(one.most <= 100 && one.unit != "%" ? 2 : 1);
        field->setSuffix(one.unit.empty() ? QString() : " " + text_of(one.unit));
        field->setKeyboardTracking(false);
        connect(field, &QDoubleSpinBox::valueChanged, this,
                [this, id = std::string(one.id), neutral = one.initial](double v) {
                    change(tr("change %1").arg(QString::fromStdString(id)), [=](Layer& changed) {
                        if (v == neutral)
                            changed.values.erase(id);
                        else
                            changed.values[id] = v;
                    });
                });
        values_->setCellWidget(place, 1, field);
        values_->setItem(place, 2, new QTableWidgetItem);
        fields_.push_back(field);
        ++place;
    }
    for (auto* field : {name_, text_})
        field->setMinimumWidth(60);
    source_->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    source_->setMinimumContentsLength(8);
    right->addWidget(values_, 1);
    row->addLayout(right, 5);
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
    const auto chosen = layer() ? layer()->id : LayerId{};
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
    const bool camera = now->kind == LayerKind::Camera;
    for (QWidget* widget : {up_, down_, hide_, remove_})
        widget->setEnabled(!camera);
    hide_->setChecked(now->hidden);
    name_->setText(QString::fromStdString(now->name));
    text_->setVisible(now->kind == LayerKind::Title);
    text_->setText(QString::fromStdString(now->text));
    shape_->setVisible(now->kind == LayerKind::Shape);
    shape_->setCurrentText(QString::fromStdString(now->shape));
    colour_->setVisible(now->kind == LayerKind::Title || now->kind == LayerKind::Shape);
    colour_->set_colour(now->colour);
    source_->setVisible(now->kind == LayerKind::Shots || now->kind == LayerKind::Picture);
    source_->clear();
    if (now->kind == LayerKind::Shots) {
        source_->addItem(tr("first lane of cuts"), 0);
        for (const auto& lane : document_.project().lanes)
            if (lane->kind->cuts)
                source_->addItem(QString::fromStdString(lane->name), static_cast<qulonglong>(lane->id.value));
    } else if (now->kind == LayerKind::Picture)
        for (const auto& clip : *document_.project().bin)
            if (clip.has_picture)
                source_->addItem(QString::fromStdString(clip.name), static_cast<qulonglong>(clip.id.value));
    source_->setCurrentIndex(source_->findData(
        static_cast<qulonglong>(now->kind == LayerKind::Shots ? now->cuts.value : now->picture.value)));
    const LayerValues values(now->values);
    for (std::size_t i = 0; i < fields_.size(); ++i) {
        const auto& one = layer_parameters()[i];
        fields_[i]->setValue(values.of(one.id));
        QStringList drivers;
        for (const auto& lane : document_.project().lanes)
            if (lane->kind->drives())
                for (const auto& feed : feeds_of(*lane))
                    if (feed.target.layer == now->id && feed.target.parameter == one.id)
                        drivers << QString::fromStdString(lane->name);
        values_->item(static_cast<int>(i), 2)->setText(drivers.join(", "));
        if (one.id == "scale")
            values_->item(static_cast<int>(i), 0)->setText(camera ? tr("zoom") : text_of(one.label));
    }
    showing_ = false;
}

QString LayersPage::told() const {
    return tr("%1 layers below the camera · the highest is listed first")
        .arg(document_.project().stage->layers.size() - 1);
}

} // namespace pulsepin
