// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "session/document.h"
#include "session/view_state.h"

#include <QLabel>
#include <QPushButton>
#include <QTableWidget>

namespace pulsepin {

/// What was placed together: selected, run again, changed, dissolved, deleted as one.
class PlantingList : public QWidget {
    Q_OBJECT
public:
    PlantingList(Document& document, ViewState& view, QWidget* parent = nullptr);
    void refresh(); ///< only while it is seen
    void choose(PlantingId planting);
    [[nodiscard]] PlantingId chosen() const;

signals:
    void change_wanted(PlantingId planting);

protected:
    void showEvent(QShowEvent* event) override;

private:
    enum Column { LaneName, What, Count, Corrected, Due, ColumnCount };
    QPushButton* make(const QString& name, const QString& text, const QString& tip,
                      std::function<void()> what);
    void show_chosen();
    void run_chosen_again();
    void run_all_again();

    Document& document_;
    ViewState& view_;
    QTableWidget* list_;
    QLabel* told_;
    std::vector<QPushButton*> need_one_;
    std::vector<PlantingId> shown_;
};

} // namespace pulsepin
