// SPDX-License-Identifier: GPL-3.0-or-later
#include "pages/dialogs/table_columns.h"

#include "parts/plain_texts.h"
#include "parts/widgets.h"
#include "render/qt_text.h"
#include "session/core_words.h"

#include <QHeaderView>
#include <QScrollBar>
#include <algorithm>

namespace pulsepin {

TableColumns::TableColumns(QWidget* parent) : QTableWidget(parent) {
    setObjectName("first rows");
    setAccessibleName(tr("The first rows, and what each column is"));
    horizontalHeader()->hide();
    verticalHeader()->hide();
    verticalHeader()->setDefaultSectionSize(24);
    setEditTriggers(NoEditTriggers);
    setSelectionMode(NoSelection);
    setTabKeyNavigation(false);
    setFocusPolicy(Qt::NoFocus); // its choices have it
    setHorizontalScrollMode(ScrollPerPixel);
}

void TableColumns::show_head(const TableHead& head) {
    clear();
    choices_.clear();
    constexpr int choice_row = 0;
    setRowCount(static_cast<int>(head.rows.size()) + 1);
    setColumnCount(static_cast<int>(head.columns.size()));
    setRowHeight(choice_row, 30);
    for (int column = 0; column < columnCount(); ++column) {
        auto* choice = choice_box(QString("column %1").arg(column + 1), tr("What this column is"));
        for (const auto& one : table_columns())
            choice->addItem(text_of(one.label), qt_text(one.id));
        choice->setCurrentIndex(std::max(
            0, choice->findData(QString::fromStdString(head.columns[static_cast<std::size_t>(column)]))));
        connect(choice, &QComboBox::activated, this, [this] { emit chosen(told()); });
        setCellWidget(choice_row, column, choice);
        choices_.push_back(choice);
        for (int row = 1; row < rowCount(); ++row) {
            const auto& cells = head.rows[static_cast<std::size_t>(row) - 1];
            const auto at = static_cast<std::size_t>(column);
            auto* item = new QTableWidgetItem(
                at < cells.size() ? QString::fromStdString(cells[at]).simplified() : QString());
            item->setToolTip(plain_tip(item->text()));
            setItem(row, column, item);
        }
        setColumnWidth(column, 118);
    }
    constexpr int fit_at_once = 5;
    horizontalHeader()->setSectionResizeMode(columnCount() <= fit_at_once ? QHeaderView::Stretch
                                                                          : QHeaderView::Interactive);
    setFixedHeight(30 + 24 * static_cast<int>(head.rows.size()) + 2 * frameWidth() +
                   horizontalScrollBar()->sizeHint().height());
}

QString TableColumns::told() const {
    QStringList words;
    for (const auto* choice : choices_)
        words << choice->currentData().toString();
    return words.join(", ");
}

} // namespace pulsepin
