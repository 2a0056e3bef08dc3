// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "stops/onset_rows.h"
#include "stops/stop_panel.h"

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QLabel>
#include <QPushButton>
#include <QStackedWidget>

namespace pulsepin {

/// Tempo, bars and phase of the beat grid.
class GridPanel : public StopPanel {
    Q_OBJECT
public:
    GridPanel(Document& document, ViewState& view, QWidget* parent = nullptr);
    [[nodiscard]] QString title() const override { return tr("Grid"); }
    [[nodiscard]] QString summary() const override;
    [[nodiscard]] bool complete() const override { return document_.project().grid != nullptr; }
    void refresh() override;

    void halve();
    void double_up();
    void set_metre(int beats_per_bar);
    void shift_by(Seconds by);
    void name_bar_one_at_playhead();

private:
    void detect();
    void show_page(int page);
    [[nodiscard]] GridConditions conditions() const;
    void take_tempo(std::size_t index);
    void use_typed_tempo();
    void relabel(Result<BeatGrid> grid, const QString& name);
    void retime(Result<BeatGrid> grid, const QString& name);

    QLabel* heading_;
    QStackedWidget* pages_;
    OnsetRows* rows_;
    std::vector<QPushButton*> candidates_;
    QComboBox* range_;
    QLabel* found_;
    QComboBox* metre_;
    QDoubleSpinBox* tempo_;
    std::vector<QPushButton*> need_grid_;
    QPushButton* back_to_found_;
};

} // namespace pulsepin
