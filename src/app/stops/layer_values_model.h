// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "session/document.h"

#include <QAbstractTableModel>
#include <QStyledItemDelegate>

namespace pulsepin {

/// What a layer's parameters are by themselves, and which lanes drive them.
class LayerValuesModel : public QAbstractTableModel {
    Q_OBJECT
public:
    enum Column { Name, Value, Drivers, ColumnCount };
    explicit LayerValuesModel(Document& document, QObject* parent = nullptr);

    /// Shows that layer of the project as it is now; 0: none.
    void show_layer(LayerId layer);

    [[nodiscard]] int rowCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] int columnCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] QVariant data(const QModelIndex& index, int role) const override;
    [[nodiscard]] QVariant headerData(int section, Qt::Orientation orientation, int role) const override;
    [[nodiscard]] Qt::ItemFlags flags(const QModelIndex& index) const override;
    /// A parameter is dragged by its name.
    [[nodiscard]] QMimeData* mimeData(const QModelIndexList& indexes) const override;
    [[nodiscard]] QStringList mimeTypes() const override { return {"application/x-pulsepin-item"}; }
    /// An edit of the project, one step for undo.
    bool setData(const QModelIndex& index, const QVariant& value, int role) override;

private:
    [[nodiscard]] const Layer* layer() const;
    [[nodiscard]] QString drivers_of(const ParamSpec& spec) const;
    Document& document_;
    LayerId layer_;
};

/// Numbers of rows with a ParamSpec are edited as it says: range, unit, steps.
class ParamDelegate : public QStyledItemDelegate {
    Q_OBJECT
public:
    /// Under which a model gives the ParamSpec of a row, as a pointer.
    static constexpr int spec_role = Qt::UserRole + 1;
    using QStyledItemDelegate::QStyledItemDelegate;
    QWidget* createEditor(QWidget* parent, const QStyleOptionViewItem& option,
                          const QModelIndex& index) const override;
    void setEditorData(QWidget* editor, const QModelIndex& index) const override;
    void setModelData(QWidget* editor, QAbstractItemModel* model, const QModelIndex& index) const override;
};

} // namespace pulsepin
