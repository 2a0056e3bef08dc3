// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "session/document.h"

#include <QAbstractTableModel>
#include <QStyledItemDelegate>

namespace pulsepin {

/// The markers of all lanes by time, as far as a filter lets them through; edited in place.
class MarkerTable : public QAbstractTableModel {
    Q_OBJECT
public:
    enum Column { Place, Name, Colour, Symbol, Lasts, Note, TravelsWith, ColumnCount };

    explicit MarkerTable(Document& document, QObject* parent = nullptr);
    /// Part of a name or note in whatever case, and a colour; -1 for all of them.
    void set_filter(const QString& text, int colour);
    void refresh();

    [[nodiscard]] PinId pin(int row) const { return rows_[static_cast<std::size_t>(row)].pin; }
    /// Where the playhead goes to see it.
    [[nodiscard]] Seconds moment(int row) const { return rows_[static_cast<std::size_t>(row)].moment; }
    [[nodiscard]] int row_of(PinId pin) const; ///< -1 when it is not shown
    [[nodiscard]] std::vector<PinId> pins() const;

    [[nodiscard]] int rowCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] int columnCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] QVariant data(const QModelIndex& index, int role) const override;
    [[nodiscard]] QVariant headerData(int section, Qt::Orientation orientation, int role) const override;
    [[nodiscard]] Qt::ItemFlags flags(const QModelIndex& index) const override;
    bool setData(const QModelIndex& index, const QVariant& value, int role) override;
    /// By place in the song at first; by another column rows that are alike there stay in that order.
    void sort(int column, Qt::SortOrder order) override;

private:
    struct Row {
        PinId pin;
        Seconds time, moment;
        MarkerBody body;
        QString place, travels_with;
        friend bool operator==(const Row&, const Row&) = default;
    };
    [[nodiscard]] std::vector<Row> wanted_rows() const;
    void put_in_order(std::vector<Row>& rows) const;

    Document& document_;
    int sorted_by_ = Place;
    Qt::SortOrder order_ = Qt::AscendingOrder;
    QString text_;
    int colour_ = -1;
    std::vector<Row> rows_;
};

/// Lists to choose colour and symbol from, in the table.
class MarkerLookDelegate : public QStyledItemDelegate {
    Q_OBJECT
public:
    using QStyledItemDelegate::QStyledItemDelegate;
    QWidget* createEditor(QWidget* parent, const QStyleOptionViewItem& option,
                          const QModelIndex& index) const override;
    void setEditorData(QWidget* editor, const QModelIndex& index) const override;
    void setModelData(QWidget* editor, QAbstractItemModel* model, const QModelIndex& index) const override;
};

/// "2 beats", "12 frames", "300 ms", or nothing for none.
[[nodiscard]] std::optional<Length> length_from_text(const QString& text);

} // namespace pulsepin
