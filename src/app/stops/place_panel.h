// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "schedule/place.h"
#include "stops/filter_slot.h"
#include "stops/stop_panel.h"

#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>

namespace pulsepin {

/// Chooses beats and places pins on them; shows outlines of what it would do.
class PlacePanel : public StopPanel {
    Q_OBJECT
public:
    PlacePanel(Document& document, ViewState& view, QWidget* parent = nullptr);
    [[nodiscard]] QString title() const override { return tr("Place"); }
    [[nodiscard]] QString summary() const override;
    [[nodiscard]] bool complete() const override;
    void refresh() override;
    void entered() override;
    void left() override;

    void place_now();

signals:
    void shown_wanted(Seconds from, Seconds until);

private:
    void fill_lanes();
    void fill_rows();
    void show_argument();
    void take_range_of_view();
    void preview();
    [[nodiscard]] Result<Picker> picker() const;
    [[nodiscard]] const Lane* lane() const;

    QLabel* heading_;
    QComboBox* lane_;
    QComboBox* source_;
    QComboBox* every_;
    QWidget* argument_; ///< what the source asks for
    QLabel* argument_name_;
    QComboBox* row_;
    QLineEdit* marker_;
    QDoubleSpinBox* swing_;
    std::vector<FilterSlot*> filters_;
    QLineEdit* from_;
    QLineEdit* until_;
    QPushButton* place_;
    QPushButton* show_;
    QLabel* outcome_;
    bool active_ = false;
    bool bounds_typed_ = false; ///< then they no longer follow the song's length
};

} // namespace pulsepin
