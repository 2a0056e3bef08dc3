// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "pages/stops/error_plot.h"
#include "pages/stops/finding_table.h"
#include "pages/stops/stop_panel.h"
#include "parts/widgets.h"
#include "session/check_bank.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QLabel>
#include <QProgressBar>
#include <QPushButton>
#include <QTableView>

namespace pulsepin {

/// Whether the piece is in sync and safe to watch: the verdict, what was found, and how it is mended.
class CheckPanel : public StopPanel {
    Q_OBJECT
public:
    CheckPanel(Document& document, ViewState& view, QWidget* parent = nullptr);
    [[nodiscard]] QString title() const override { return tr("Check"); }
    [[nodiscard]] QString summary() const override;
    [[nodiscard]] bool complete() const override;
    void refresh() override;
    void entered() override;
    void left() override;

    [[nodiscard]] CheckBank& bank() { return bank_; }
    [[nodiscard]] const FindingTable& table() const { return *table_; }
    /// The one that is worked on; none: nothing is.
    [[nodiscard]] const std::optional<Finding>& chosen() const { return chosen_; }
    void choose_row(int row); ///< and goes there
    [[nodiscard]] int row() const;
    /// The mend that is chosen for it.
    [[nodiscard]] std::string mend() const;
    /// What a mend would do; empty: nothing is said.
    void tell(const QString& what, bool trouble = false);
    void set_busy(bool busy);

signals:
    void go_wanted(const Finding& finding); ///< and hear it
    void wanted(const QString& command);
    void limit_changed(double ms);

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    [[nodiscard]] QPushButton* button(const char* command, const QString& text, const QString& tip);
    [[nodiscard]] QWidget* make_left();
    [[nodiscard]] QLayout* make_top();
    [[nodiscard]] QLayout* make_filters();
    [[nodiscard]] QLayout* make_mends();
    void make_table();
    void fit_columns();
    void show_outcome();
    void show_findings();
    void show_chosen();
    void show_measuring();
    void show_numbers();
    void show_marks();
    void pressed(const QModelIndex& index);

    CheckBank bank_;
    FindingTable* table_;
    QTableView* list_;
    ErrorPlot* plot_;
    ShortLabel *verdict_, *told_;
    QLabel *measured_, *count_, *plotted_, *numbers_;
    QComboBox *lanes_, *kinds_, *worse_, *mends_;
    QCheckBox* accepted_;
    QDoubleSpinBox* limit_;
    QPushButton *measure_, *show_, *alike_;
    QProgressBar* progress_;
    QTimer ticker_;
    std::optional<Finding> chosen_;
    bool here_ = false, showing_ = false;
};

} // namespace pulsepin
