// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "document.h"
#include "sound_detail.h"
#include "view_state.h"

#include <QComboBox>
#include <QGridLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QSpinBox>

namespace pulsepin {

/// What is selected, in words and numbers, and what can be done with it.
class DetailPanel : public QWidget {
    Q_OBJECT
public:
    DetailPanel(Document& document, ViewState& view, QWidget* parent = nullptr);
    void refresh();

signals:
    void delete_wanted();

private:
    void show_pin(const Pin& pin, const Lane& lane);
    void show_many();
    void show_nothing();
    [[nodiscard]] QString nearest_onset(Seconds time) const;

    Document& document_;
    ViewState& view_;
    QLabel* title_;
    QLabel* names_[6];
    QLabel* values_[6];
    QLineEdit* name_;
    QComboBox* shot_;
    QSpinBox* lead_;
    QLabel* name_label_;
    QLabel* shot_label_;
    QPushButton* pinned_;
    QPushButton* whole_planting_;
    QPushButton* delete_;
    QWidget* buttons_;
    SoundDetail* sound_;
    PinId pin_;
};

} // namespace pulsepin
