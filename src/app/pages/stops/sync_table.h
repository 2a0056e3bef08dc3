// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "session/check_bank.h"

#include <QAbstractTableModel>
#include <QComboBox>
#include <QDialog>
#include <QLabel>
#include <QTableView>

namespace pulsepin {

/// Every pin with how near it comes to its place.
class SyncTable : public QAbstractTableModel {
    Q_OBJECT
public:
    enum Column { OfLane, What, Place, Time, Frame, Lead, Rounding, Error, Seen, FromOnset, ColumnCount };
    explicit SyncTable(QObject* parent = nullptr) : QAbstractTableModel(parent) {}

    struct Filter {
        LaneId lane = {};
        std::string kind = {};  ///< the id of a kind of lanes; empty: all
        double worse_than = -1; ///< ms; below 0: all, without a place that they are meant for too
    };
    void show_rows(std::shared_ptr<const CheckBank::Outcome> outcome, const Filter& filter);
    [[nodiscard]] const SyncRow* sync_row(int row) const;

    [[nodiscard]] int rowCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] int columnCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] QVariant data(const QModelIndex& index, int role) const override;
    [[nodiscard]] QVariant headerData(int section, Qt::Orientation orientation, int role) const override;
    void sort(int column, Qt::SortOrder order) override;

private:
    void put_in_order();
    std::shared_ptr<const CheckBank::Outcome> outcome_;
    std::vector<const SyncRow*> rows_;
    int sorted_by_ = Time;
    Qt::SortOrder order_ = Qt::AscendingOrder;
};

/// The same in a window of its own, sorted and filtered.
class SyncDialog : public QDialog {
    Q_OBJECT
public:
    static constexpr auto own_name = "sync table";
    SyncDialog(CheckBank& bank, QWidget* parent);

signals:
    void go_wanted(const SyncRow& row);
    void write_wanted();

private:
    void show_rows();
    CheckBank& bank_;
    SyncTable* table_;
    QTableView* list_;
    QComboBox *lanes_, *kinds_, *worse_;
    QLabel* count_;
};

} // namespace pulsepin
