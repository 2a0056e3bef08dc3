// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "parts/fields.h"
#include "session/document.h"
#include "session/view_state.h"

#include <QCheckBox>
#include <QComboBox>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QSpinBox>
#include <QWidget>

namespace pulsepin {

/// Notes under the sound, in lanes with an ink each, and the band that runs with the picture.
class NotesPage : public QWidget {
    Q_OBJECT
public:
    NotesPage(Document& document, ViewState& view, QWidget* parent = nullptr);
    void refresh();
    /// The lane that notes are added to: the current one, or the first; null where there is none.
    [[nodiscard]] const Lane* lane() const;

signals:
    void note_wanted(const QString& text, int sign); ///< at what is heard now
    void new_lane_wanted();
    void go_wanted(Seconds time);

private:
    [[nodiscard]] QLayout* make_lane();
    [[nodiscard]] QLayout* make_note();
    void make_list();
    [[nodiscard]] QLayout* make_band();
    void show_lanes();
    void show_notes();
    void set_inked();
    void set_band();
    void add();

    Document& document_;
    ViewState& view_;
    QComboBox* lane_;
    ColourField* ink_;
    QCheckBox* in_band_;
    QSpinBox* row_;
    QLineEdit* text_;
    QComboBox* sign_;
    QPushButton* add_;
    QListWidget* notes_;
    QCheckBox *band_, *counts_;
    QSpinBox *speed_, *height_, *line_;
    Shared<Lane> shown_; ///< whose notes are listed
    bool following_ = false;
};

} // namespace pulsepin
