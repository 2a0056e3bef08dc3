// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "interchange/list_readers.h"

#include <QComboBox>
#include <QTableWidget>
#include <vector>

namespace pulsepin {

/// The first rows of a table that comes in, with a choice above each column of what it is.
class TableColumns : public QTableWidget {
    Q_OBJECT
public:
    explicit TableColumns(QWidget* parent = nullptr);
    void show_head(const TableHead& head);
    /// What they are said to be, as the parameter "columns" takes it.
    [[nodiscard]] QString told() const;

signals:
    void chosen(const QString& told); ///< by a person

private:
    std::vector<QComboBox*> choices_;
};

} // namespace pulsepin
