// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "stops/marker_table.h"
#include "stops/stop_panel.h"

#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QSpinBox>
#include <QTableView>

namespace pulsepin {

/// The markers as a list: filtered, edited in place, snapped to onsets in bulk.
class MarkPanel : public StopPanel {
    Q_OBJECT
public:
    MarkPanel(Document& document, ViewState& view, QWidget* parent = nullptr);
    [[nodiscard]] QString title() const override { return tr("Mark"); }
    [[nodiscard]] QString summary() const override;
    [[nodiscard]] bool complete() const override;
    void refresh() override;
    void entered() override;
    void left() override;

    [[nodiscard]] MarkerTable& table() { return *table_; }
    void snap();

signals:
    void go_wanted(Seconds time);
    void add_wanted();
    void add_on_shot_wanted();

private:
    [[nodiscard]] QLayout* make_filter();
    void make_list();
    [[nodiscard]] QLayout* make_buttons();
    void take_selection();
    void show_selection();
    /// The rows that are selected, or else all that the filter lets through.
    [[nodiscard]] std::vector<PinId> meant() const;

    MarkerTable* table_;
    QTableView* list_;
    QLineEdit* text_;
    QComboBox* colour_;
    QComboBox* row_;
    QSpinBox* limit_;
    QPushButton* snap_;
    QLabel* outcome_;
    bool active_ = false;
    bool following_ = false; ///< one selection is being made like the other
};

} // namespace pulsepin
