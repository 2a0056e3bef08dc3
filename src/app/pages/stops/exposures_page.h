// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "hand/exposure_hand.h"
#include "session/document.h"
#include "session/view_state.h"

#include <QCheckBox>
#include <QComboBox>
#include <QLabel>
#include <QPushButton>
#include <QSpinBox>
#include <QWidget>

namespace pulsepin {

/// Drawings that are held from beat to beat: how they are numbered and held, and in which layer they are
/// seen.
class ExposuresPage : public QWidget {
    Q_OBJECT
public:
    ExposuresPage(Document& document, ViewState& view, QWidget* parent = nullptr);
    void refresh();
    /// The current one, or the first; null where there is none.
    [[nodiscard]] const Lane* lane() const;

signals:
    void wanted(const QString& command);

private:
    [[nodiscard]] QLayout* make_lane();
    [[nodiscard]] QLayout* make_numbers();
    [[nodiscard]] QLayout* make_holds();
    [[nodiscard]] QLayout* make_pictures();
    [[nodiscard]] Numbering numbering() const;
    [[nodiscard]] std::vector<PinId> selected() const;
    void number();
    void hold(int each);
    void fill_clip_menus();
    void show_told();

    Document& document_;
    ViewState& view_;
    QComboBox* lane_;
    QSpinBox* least_;
    QSpinBox *first_, *last_;
    QComboBox* way_;
    QCheckBox* again_;
    QLabel* told_;
    QPushButton *layer_, *picture_;
    std::vector<QWidget*> of_lane_; ///< mean nothing without one
    bool following_ = false;
};

} // namespace pulsepin
