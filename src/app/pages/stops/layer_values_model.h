// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "session/document.h"
#include "stage/layer_parameters.h"

#include <QAbstractTableModel>
#include <QStyledItemDelegate>

namespace pulsepin {

/// What a layer's parameters are by themselves, and which lanes drive them: those of what it shows, of its
/// place, of each of its effects under the effect's name.
class LayerValuesModel : public QAbstractTableModel {
    Q_OBJECT
public:
    enum Column { Name, Value, Drivers, ColumnCount };
    explicit LayerValuesModel(Document& document, QObject* parent = nullptr);

    /// Shows that layer of the project as it is now; 0: none.
    void show_layer(LayerId layer);
    /// The effect, by its place in the layer, whose name or parameter stands in a row; -1: none.
    [[nodiscard]] int effect_at(int row) const;
    /// A row that names what follows it.
    [[nodiscard]] bool is_heading(int row) const;

    [[nodiscard]] int rowCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] int columnCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] QVariant data(const QModelIndex& index, int role) const override;
    [[nodiscard]] QVariant headerData(int section, Qt::Orientation orientation, int role) const override;
    [[nodiscard]] Qt::ItemFlags flags(const QModelIndex& index) const override;
    /// A parameter is dragged by its name.
    [[nodiscard]] QMimeData* mimeData(const QModelIndexList& indexes) const override;
    /// A row of onsets is let go on one.
    [[nodiscard]] bool canDropMimeData(const QMimeData* mime, Qt::DropAction action, int row, int column,
                                       const QModelIndex& on) const override;
    bool dropMimeData(const QMimeData* mime, Qt::DropAction action, int row, int column,
                      const QModelIndex& on) override;
    [[nodiscard]] Qt::DropActions supportedDropActions() const override { return Qt::CopyAction; }
    [[nodiscard]] QStringList mimeTypes() const override { return {"application/x-pulsepin-item"}; }
    /// An edit of the project, one step for undo.
    bool setData(const QModelIndex& index, const QVariant& value, int role) override;

signals:
    void row_dropped(const Target& target, const std::string& row, Qt::KeyboardModifiers keys);

private:
    struct Row {
        LayerParameter parameter; ///< of a heading without a spec
        int effect = -1;
        friend bool operator==(const Row& a, const Row& b) {
            return a.parameter.id == b.parameter.id && a.parameter.group == b.parameter.group &&
                   a.effect == b.effect;
        }
    };
    [[nodiscard]] std::vector<Row> rows_of(const Layer& layer) const;
    [[nodiscard]] const Layer* layer() const;
    [[nodiscard]] QString drivers_of(const std::string& parameter) const;
    [[nodiscard]] QVariant heading(const Row& row, int column, int role) const;
    [[nodiscard]] QVariant value_of(const Row& row, int role) const;
    Document& document_;
    LayerId layer_;
    std::vector<Row> rows_;
};

/// Values of rows with a ParamSpec are edited as it says: range, unit, steps, choices.
class ParamDelegate : public QStyledItemDelegate {
    Q_OBJECT
public:
    /// Under which a model gives the ParamSpec of a row, as a pointer; null for a heading.
    static constexpr int spec_role = Qt::UserRole + 1;
    using QStyledItemDelegate::QStyledItemDelegate;
    QWidget* createEditor(QWidget* parent, const QStyleOptionViewItem& option,
                          const QModelIndex& index) const override;
    void setEditorData(QWidget* editor, const QModelIndex& index) const override;
    void setModelData(QWidget* editor, QAbstractItemModel* model, const QModelIndex& index) const override;
};

} // namespace pulsepin
