// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "session/check_bank.h"

#include <QAbstractTableModel>
#include <QStyledItemDelegate>

namespace pulsepin {

/// What was found, as far as filters let it through.
class FindingTable : public QAbstractTableModel {
    Q_OBJECT
public:
    enum Column { What, Where, HowMuch, Why, Mending, Accepting, ColumnCount };

    explicit FindingTable(QObject* parent = nullptr) : QAbstractTableModel(parent) {}

    struct Filter {
        LaneId lane = {};       ///< 0: all
        std::string check = {}; ///< empty: all
        double worse_than = 0;  ///< ms, of what is counted in ms
        bool accepted = true;   ///< those as well
        friend bool operator==(const Filter&, const Filter&) = default;
    };
    void show_findings(std::shared_ptr<const CheckBank::Outcome> outcome, const Filter& filter);
    /// Null where there is no such row.
    [[nodiscard]] const Finding* finding(int row) const;
    /// The row of what is the same thing; -1 where it is not shown.
    [[nodiscard]] int row_of(const Finding& finding) const;

    [[nodiscard]] int rowCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] int columnCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] QVariant data(const QModelIndex& index, int role) const override;
    [[nodiscard]] QVariant headerData(int section, Qt::Orientation orientation, int role) const override;
    [[nodiscard]] Qt::ItemFlags flags(const QModelIndex& index) const override;
    void sort(int column, Qt::SortOrder order) override;

private:
    void put_in_order();
    std::shared_ptr<const CheckBank::Outcome> outcome_;
    std::vector<const Finding*> rows_;
    int sorted_by_ = Where;
    Qt::SortOrder order_ = Qt::AscendingOrder;
};

/// The same thing, though it may be worse or better than it was.
[[nodiscard]] bool same_thing(const Finding& a, const Finding& b);

/// Draws the last two columns as buttons, and tells of presses on them.
class FindingButtons : public QStyledItemDelegate {
    Q_OBJECT
public:
    using QStyledItemDelegate::QStyledItemDelegate;
    void paint(QPainter* painter, const QStyleOptionViewItem& option,
               const QModelIndex& index) const override;
    bool editorEvent(QEvent* event, QAbstractItemModel* model, const QStyleOptionViewItem& option,
                     const QModelIndex& index) override;

signals:
    void pressed(const QModelIndex& index);
};

} // namespace pulsepin
