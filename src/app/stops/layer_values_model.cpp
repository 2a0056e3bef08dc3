// SPDX-License-Identifier: GPL-3.0-or-later
#include "stops/layer_values_model.h"

#include "dragging.h"
#include "fields.h"
#include "follow/feeds.h"
#include "model/stage_edits.h"
#include "stage/layer_values.h"

namespace pulsepin {
namespace {

int decimals_of(const ParamSpec& spec) {
    return spec.most <= 100 && spec.unit != "%" ? 2 : 1;
}

QString with_unit(const ParamSpec& spec, double value) {
    const QString number = QString::number(value, 'f', decimals_of(spec));
    return spec.unit.empty() ? number : number + " " + text_of(spec.unit);
}

} // namespace

LayerValuesModel::LayerValuesModel(Document& document, QObject* parent)
    : QAbstractTableModel(parent), document_(document) {}

void LayerValuesModel::show_layer(LayerId layer) {
    layer_ = layer;
    emit dataChanged(index(0, 0), index(rowCount() - 1, ColumnCount - 1));
}

const Layer* LayerValuesModel::layer() const {
    return document_.project().stage->layer(layer_);
}

int LayerValuesModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : static_cast<int>(layer_parameters().size());
}

int LayerValuesModel::columnCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : ColumnCount;
}

QString LayerValuesModel::drivers_of(const ParamSpec& spec) const {
    QStringList drivers;
    for (const auto& lane : document_.project().lanes)
        if (lane->kind->drives())
            for (const auto& feed : feeds_of(*lane))
                if (feed.target.layer == layer_ && feed.target.parameter == spec.id)
                    drivers << QString::fromStdString(lane->name);
    return drivers.join(", ");
}

QVariant LayerValuesModel::data(const QModelIndex& index, int role) const {
    const Layer* shown = layer();
    if (!shown || !index.isValid())
        return {};
    const ParamSpec& spec = layer_parameters()[static_cast<std::size_t>(index.row())];
    const double value = LayerValues(shown->values).of(spec.id);
    if (role == ParamDelegate::spec_role)
        return QVariant::fromValue(static_cast<const void*>(&spec));
    if (role == Qt::EditRole && index.column() == Value)
        return value;
    if (role == Qt::ToolTipRole && !spec.explains.empty())
        return text_of(spec.explains);
    if (role == Qt::AccessibleTextRole && index.column() == Value)
        return text_of(spec.label) + " " + with_unit(spec, value);
    if (role != Qt::DisplayRole)
        return {};
    switch (index.column()) {
    case Name:
        return shown->kind == LayerKind::Camera && spec.id == "scale" ? tr("zoom") : text_of(spec.label);
    case Value:
        return with_unit(spec, value);
    default:
        return drivers_of(spec);
    }
}

QVariant LayerValuesModel::headerData(int section, Qt::Orientation orientation, int role) const {
    if (orientation != Qt::Horizontal || role != Qt::DisplayRole)
        return {};
    return section == Name ? tr("value of") : section == Value ? tr("by itself") : tr("driven by");
}

Qt::ItemFlags LayerValuesModel::flags(const QModelIndex& index) const {
    return index.column() == Value  ? Qt::ItemIsEnabled | Qt::ItemIsSelectable | Qt::ItemIsEditable
           : index.column() == Name ? Qt::ItemIsEnabled | Qt::ItemIsSelectable | Qt::ItemIsDragEnabled
                                    : Qt::ItemFlags(Qt::ItemIsEnabled);
}

QMimeData* LayerValuesModel::mimeData(const QModelIndexList& indexes) const {
    if (indexes.isEmpty())
        return nullptr;
    const ParamSpec& spec = layer_parameters()[static_cast<std::size_t>(indexes.front().row())];
    return mime_of(Target{layer_, std::string(spec.id)});
}

bool LayerValuesModel::setData(const QModelIndex& index, const QVariant& value, int role) {
    const Layer* shown = layer();
    if (!shown || role != Qt::EditRole || index.column() != Value)
        return false;
    const ParamSpec& spec = layer_parameters()[static_cast<std::size_t>(index.row())];
    const double wanted = value.toDouble();
    if (wanted == LayerValues(shown->values).of(spec.id))
        return true;
    Layer changed = *shown;
    if (wanted == spec.initial)
        changed.values.erase(std::string(spec.id));
    else
        changed.values[std::string(spec.id)] = wanted;
    return document_.apply(with_changed_layer(document_.project(), std::move(changed)),
                           tr("change %1").arg(text_of(spec.id)));
}

// -- editing

QWidget* ParamDelegate::createEditor(QWidget* parent, const QStyleOptionViewItem&,
                                     const QModelIndex& index) const {
    const auto* spec = static_cast<const ParamSpec*>(index.data(spec_role).value<const void*>());
    auto* field = new QDoubleSpinBox(parent);
    field->setObjectName("value " + text_of(spec->id));
    field->setAccessibleName(text_of(spec->label));
    field->setRange(spec->least, spec->most);
    field->setDecimals(decimals_of(*spec));
    field->setSuffix(spec->unit.empty() ? QString() : " " + text_of(spec->unit));
    field->setFrame(false);
    return field;
}

void ParamDelegate::setEditorData(QWidget* editor, const QModelIndex& index) const {
    auto* field = static_cast<QDoubleSpinBox*>(editor);
    field->setValue(index.data(Qt::EditRole).toDouble());
    field->selectAll();
}

void ParamDelegate::setModelData(QWidget* editor, QAbstractItemModel* model, const QModelIndex& index) const {
    auto* field = static_cast<QDoubleSpinBox*>(editor);
    field->interpretText();
    model->setData(index, field->value(), Qt::EditRole);
}

} // namespace pulsepin
