// SPDX-License-Identifier: GPL-3.0-or-later
#include "pages/stops/layer_values_model.h"

#include "follow/feeds.h"
#include "hand/driving.h"
#include "hand/stage_hand.h"
#include "model/stage_edits.h"
#include "parts/dragging.h"
#include "parts/fields.h"
#include "parts/finder.h"
#include "parts/number_field.h"
#include "render/fonts.h"
#include "render/qt_text.h"
#include "stage/effects.h"

#include <QColorDialog>
#include <QFont>
#include <QFontComboBox>
#include <QGuiApplication>
#include <set>

namespace pulsepin {
namespace {

QString with_unit(const ParamSpec& spec, double value) {
    const QString number = QString::number(std::round(value * 1000) / 1000, 'g', 12);
    return spec.unit.empty() ? number : number + " " + text_of(spec.unit);
}

bool is_number(const ParamSpec& spec) {
    return spec.type == ParamType::Number || spec.type == ParamType::Whole;
}

QString name_of_effect(const EffectUse& use) {
    const auto* row = effect(use.effect);
    const QString name = row ? text_of(row->label) : QString::fromStdString(use.effect);
    return use.number == 1 ? name : QString("%1 %2").arg(name).arg(use.number);
}

} // namespace

LayerValuesModel::LayerValuesModel(Document& document, QObject* parent)
    : QAbstractTableModel(parent), document_(document) {}

std::vector<LayerValuesModel::Row> LayerValuesModel::rows_of(const Layer& shown) const {
    Layer layer = shown;
    // What is driven or set without having been put there is told as well.
    std::set<std::string> used;
    for (const auto& [id, value] : layer.values)
        used.insert(id);
    for_feeds(document_.project(), [&](const Lane&, const Feed& feed) {
        if (feed.target.layer == layer.id)
            used.insert(feed.target.parameter);
    });
    const std::size_t put = layer.effects.size();
    for (const auto& id : used)
        if (const auto* row = effect_of_parameter(id)) {
            const EffectUse use{std::string(row->id), number_of_parameter(id)};
            if (std::none_of(layer.effects.begin(), layer.effects.end(), [&](const EffectUse& one) {
                    return one.effect == use.effect && one.number == use.number;
                }))
                layer.effects.push_back(use);
        }
    std::vector<Row> rows;
    int effect_number = -1;
    std::string_view group;
    int number = 1;
    for (auto& parameter : parameters_of(layer)) {
        const bool of_effect = effect_of_parameter(parameter.id) != nullptr;
        const bool begins = parameter.group != group || parameter.number != number;
        group = parameter.group;
        number = parameter.number;
        if (begins && of_effect)
            ++effect_number;
        const int at = of_effect && effect_number < static_cast<int>(put) ? effect_number : -1;
        if (begins && (of_effect || group == "Matte"))
            rows.push_back({{{}, nullptr, group, number}, at});
        rows.push_back({std::move(parameter), at});
    }
    return rows;
}

void LayerValuesModel::show_layer(LayerId id) {
    const bool same = id == layer_;
    layer_ = id;
    auto rows = layer() ? rows_of(*layer()) : std::vector<Row>();
    if (same && rows == rows_) {
        emit dataChanged(index(0, 0), index(rowCount() - 1, ColumnCount - 1));
        return;
    }
    beginResetModel();
    rows_ = std::move(rows);
    endResetModel();
}

const Layer* LayerValuesModel::layer() const {
    return document_.project().stage->layer(layer_);
}

int LayerValuesModel::effect_at(int row) const {
    return row >= 0 && row < rowCount() ? rows_[static_cast<std::size_t>(row)].effect : -1;
}

bool LayerValuesModel::is_heading(int row) const {
    return row >= 0 && row < rowCount() && !rows_[static_cast<std::size_t>(row)].parameter.spec;
}

int LayerValuesModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : static_cast<int>(rows_.size());
}

int LayerValuesModel::columnCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : ColumnCount;
}

QString LayerValuesModel::drivers_of(const std::string& parameter) const {
    QStringList drivers;
    for_feeds(document_.project(), [&](const Lane& lane, const Feed& feed) {
        if (feed.target.layer == layer_ && feed.target.parameter == parameter)
            drivers << QString::fromStdString(lane.name);
    });
    return drivers.join(", ");
}

/// An effect's name, which is switched off by its box.
QVariant LayerValuesModel::heading(const Row& row, int column, int role) const {
    const Layer* shown = layer();
    const EffectUse* use = row.effect >= 0 ? &shown->effects[static_cast<std::size_t>(row.effect)] : nullptr;
    if (role == Qt::DisplayRole && column == Name)
        return use ? name_of_effect(*use) : text_of(row.parameter.group);
    if (role == Qt::DisplayRole && column == Value)
        return use ? (use->off ? tr("off") : tr("on")) : QString();
    if (role == Qt::CheckStateRole && column == Name && use)
        return use->off ? Qt::Unchecked : Qt::Checked;
    if (role == Qt::FontRole) {
        QFont bold;
        bold.setWeight(QFont::DemiBold);
        return bold;
    }
    if (role == Qt::ToolTipRole && use)
        return tr("Click its box to switch it off; Alt and an arrow key changes when it acts; Delete takes "
                  "it away");
    return {};
}

QVariant LayerValuesModel::value_of(const Row& row, int role) const {
    const ParamSpec& spec = *row.parameter.spec;
    const LayerValues values(*layer());
    const std::string& id = row.parameter.id;
    switch (spec.type) {
    case ParamType::Colour: {
        const QColor colour = QColor::fromRgb(static_cast<QRgb>(values.colour(id).rgb));
        if (role == Qt::DecorationRole || role == Qt::EditRole)
            return colour;
        return colour_name(values.colour(id));
    }
    case ParamType::Choice: {
        const std::string value = values.option(id);
        if (role == Qt::EditRole)
            return QString::fromStdString(value);
        for (const auto& choice : spec.choices)
            if (choice.id == value)
                return text_of(choice.label);
        return {};
    }
    case ParamType::Text: {
        const QString text = QString::fromStdString(values.option(id));
        return role == Qt::DisplayRole && id == "font" && !has_font(text)
                   ? tr("%1 (missing: Inter)").arg(text)
                   : text;
    }
    case ParamType::Switch:
        if (role == Qt::EditRole)
            return values.flag(id);
        return values.flag(id) ? tr("yes") : tr("no");
    default:
        if (role == Qt::EditRole)
            return values.of(id);
        return with_unit(spec, values.of(id));
    }
}

QVariant LayerValuesModel::data(const QModelIndex& index, int role) const {
    const Layer* shown = layer();
    if (!shown || !index.isValid() || index.row() >= rowCount())
        return {};
    const Row& row = rows_[static_cast<std::size_t>(index.row())];
    const ParamSpec* spec = row.parameter.spec;
    if (role == ParamDelegate::spec_role)
        return QVariant::fromValue(static_cast<const void*>(spec));
    if (!spec)
        return heading(row, index.column(), role);
    if (role == Qt::ToolTipRole && !spec->explains.empty())
        return text_of(spec->explains);
    if (role == Qt::AccessibleTextRole && index.column() == Value)
        return text_of(spec->label) + " " + value_of(row, Qt::DisplayRole).toString();
    if (index.column() == Value && (role == Qt::EditRole || role == Qt::DisplayRole ||
                                    (role == Qt::DecorationRole && spec->type == ParamType::Colour)))
        return value_of(row, role);
    if (role != Qt::DisplayRole)
        return {};
    if (index.column() == Drivers)
        return drivers_of(row.parameter.id);
    return text_of(label_of(*shown, *spec));
}

QVariant LayerValuesModel::headerData(int section, Qt::Orientation orientation, int role) const {
    if (orientation != Qt::Horizontal || role != Qt::DisplayRole)
        return {};
    return section == Name ? tr("value of") : section == Value ? tr("by itself") : tr("driven by");
}

Qt::ItemFlags LayerValuesModel::flags(const QModelIndex& index) const {
    if (is_heading(index.row()))
        return index.column() == Name && effect_at(index.row()) >= 0
                   ? Qt::ItemIsEnabled | Qt::ItemIsSelectable | Qt::ItemIsUserCheckable
                   : Qt::ItemFlags(Qt::ItemIsEnabled);
    const auto common = Qt::ItemIsEnabled | Qt::ItemIsDropEnabled;
    return index.column() == Value  ? common | Qt::ItemIsSelectable | Qt::ItemIsEditable
           : index.column() == Name ? common | Qt::ItemIsSelectable | Qt::ItemIsDragEnabled
                                    : Qt::ItemFlags(common);
}

QMimeData* LayerValuesModel::mimeData(const QModelIndexList& indexes) const {
    if (indexes.isEmpty() || is_heading(indexes.front().row()))
        return nullptr;
    return mime_of(Target{layer_, rows_[static_cast<std::size_t>(indexes.front().row())].parameter.id});
}

bool LayerValuesModel::canDropMimeData(const QMimeData* mime, Qt::DropAction, int, int,
                                       const QModelIndex& on) const {
    const auto item = dragged_in(mime, document_.project());
    if (!item || !std::holds_alternative<RowOfOnsets>(*item) || !on.isValid() || is_heading(on.row()))
        return false;
    const ParamSpec* spec = rows_[static_cast<std::size_t>(on.row())].parameter.spec;
    return spec && (spec->type == ParamType::Number || spec->type == ParamType::Whole);
}

bool LayerValuesModel::dropMimeData(const QMimeData* mime, Qt::DropAction action, int row, int column,
                                    const QModelIndex& on) {
    if (!canDropMimeData(mime, action, row, column, on))
        return false;
    const auto item = dragged_in(mime, document_.project());
    emit row_dropped({layer_, rows_[static_cast<std::size_t>(on.row())].parameter.id},
                     std::get<RowOfOnsets>(*item).name, QGuiApplication::keyboardModifiers());
    return true;
}

bool LayerValuesModel::setData(const QModelIndex& index, const QVariant& value, int role) {
    const Layer* shown = layer();
    if (!shown || !index.isValid())
        return false;
    const Row row = rows_[static_cast<std::size_t>(index.row())];
    if (role == Qt::CheckStateRole && row.effect >= 0)
        return document_.apply(with_effect_off(document_.project(), layer_,
                                               static_cast<std::size_t>(row.effect),
                                               value.toInt() != Qt::Checked),
                               tr("switch effect"));
    if (role != Qt::EditRole || index.column() != Value || !row.parameter.spec)
        return false;
    const ParamSpec& spec = *row.parameter.spec;
    const std::string& id = row.parameter.id;
    Layer changed = *shown;
    if (spec.type == ParamType::Colour) {
        const Colour colour{static_cast<std::uint32_t>(value.value<QColor>().rgb() & 0xffffffu)};
        if (id == "colour")
            changed.colour = colour;
        else
            changed.colours[id] = colour;
    } else if (spec.type == ParamType::Choice || spec.type == ParamType::Text) {
        changed.options[id] = value.toString().toStdString();
    } else if (value.toDouble() == spec.initial) {
        changed.values.erase(id);
    } else {
        changed.values[id] = value.toDouble();
    }
    if (changed == *shown || (is_number(spec) && value.toDouble() == LayerValues(*shown).of(id)))
        return true;
    return document_.apply(with_changed_layer(document_.project(), std::move(changed)),
                           tr("change %1").arg(text_of(spec.label)));
}

// -- editing

namespace {

const ParamSpec* spec_of(const QModelIndex& index) {
    return static_cast<const ParamSpec*>(index.data(ParamDelegate::spec_role).value<const void*>());
}

QWidget* choice_editor(QWidget* parent, const ParamSpec& spec) {
    auto* field = new ChoiceBox(parent);
    if (spec.type == ParamType::Switch) {
        field->addItem(ParamDelegate::tr("no"), 0.0);
        field->addItem(ParamDelegate::tr("yes"), 1.0);
    }
    for (const auto& choice : spec.choices)
        field->addItem(text_of(choice.label), qt_text(choice.id));
    return field;
}

} // namespace

QWidget* ParamDelegate::createEditor(QWidget* parent, const QStyleOptionViewItem&,
                                     const QModelIndex& index) const {
    const ParamSpec* spec = spec_of(index);
    if (!spec)
        return nullptr;
    QWidget* made = nullptr;
    if (spec->type == ParamType::Colour) {
        made = new ColourField("value " + qt_text(spec->id), parent);
    } else if (spec->type == ParamType::Choice || spec->type == ParamType::Switch) {
        made = choice_editor(parent, *spec);
    } else if (spec->type == ParamType::Text) {
        register_fonts();
        made = new QFontComboBox(parent);
    } else {
        auto* field = new NumberField(parent);
        field->setRange(spec->least, spec->most);
        if (spec->type == ParamType::Whole)
            field->setDecimals(0);
        field->setSuffix(spec->unit.empty() ? QString() : " " + text_of(spec->unit));
        field->setFrame(false);
        made = field;
    }
    made->setObjectName("value " + qt_text(spec->id));
    made->setAccessibleName(text_of(spec->label));
    // What is chosen is taken at once, without another key.
    auto* self = const_cast<ParamDelegate*>(this);
    const auto done = [self, made] {
        emit self->commitData(made);
        emit self->closeEditor(made);
    };
    if (auto* box = qobject_cast<QComboBox*>(made))
        connect(box, &QComboBox::activated, self, done);
    if (auto* colour = qobject_cast<ColourField*>(made))
        connect(colour, &ColourField::edited, self, done);
    return made;
}

void ParamDelegate::setEditorData(QWidget* editor, const QModelIndex& index) const {
    const QVariant value = index.data(Qt::EditRole);
    if (auto* field = qobject_cast<QDoubleSpinBox*>(editor)) {
        field->setValue(value.toDouble());
        field->selectAll();
    } else if (auto* colour = qobject_cast<ColourField*>(editor)) {
        colour->set_colour({static_cast<std::uint32_t>(value.value<QColor>().rgb() & 0xffffffu)});
    } else if (auto* font = qobject_cast<QFontComboBox*>(editor)) {
        font->setCurrentText(value.toString());
    } else if (auto* box = qobject_cast<QComboBox*>(editor)) {
        box->setCurrentIndex(
            std::max(0, spec_of(index)->type == ParamType::Switch ? value.toInt() : box->findData(value)));
    }
}

void ParamDelegate::setModelData(QWidget* editor, QAbstractItemModel* model, const QModelIndex& index) const {
    if (auto* field = qobject_cast<QDoubleSpinBox*>(editor)) {
        field->interpretText();
        model->setData(index, field->value(), Qt::EditRole);
    } else if (auto* colour = qobject_cast<ColourField*>(editor)) {
        model->setData(index, QColor::fromRgb(static_cast<QRgb>(colour->colour().rgb)), Qt::EditRole);
    } else if (auto* font = qobject_cast<QFontComboBox*>(editor)) {
        model->setData(index, font->currentText(), Qt::EditRole);
    } else if (auto* box = qobject_cast<QComboBox*>(editor)) {
        model->setData(index, box->currentData(), Qt::EditRole);
    }
}

} // namespace pulsepin
