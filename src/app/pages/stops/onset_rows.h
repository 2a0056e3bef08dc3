// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "parts/listened_field.h"
#include "session/document.h"
#include "session/view_state.h"

#include <QCheckBox>
#include <QComboBox>
#include <QLabel>
#include <QPushButton>
#include <QSlider>
#include <QVBoxLayout>
#include <QWidget>

namespace pulsepin {

/// The rows of onsets: which are shown, how each is found, how readily. Sliders act at once.
class OnsetRows : public QWidget {
    Q_OBJECT
public:
    OnsetRows(Document& document, ViewState& view, QWidget* parent = nullptr);
    void refresh();

protected:
    /// A press on a line chooses its row.
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void choose_line(std::size_t index);
    [[nodiscard]] QLayout* make_buttons();
    struct Line {
        QWidget* widget;
        QCheckBox* shown;
        QComboBox* function;
        QSlider* sensitivity;
        QLabel* count;
        QPushButton* remove;
    };
    Line make_line(std::size_t index);
    void fill(const Line& line, const OnsetRow& row);
    [[nodiscard]] bool keeps(std::size_t index) const;
    [[nodiscard]] OnsetRow changed(std::size_t index) const;
    void try_line(std::size_t index);
    void add_like();
    void merge_rows();
    void add_copy();
    void add_tops();

    Document& document_;
    ViewState& view_;
    QVBoxLayout* lines_box_;
    std::vector<Line> lines_;
    QPushButton* like_;
    QPushButton* band_;
    QSlider* gap_;
    ListenedField* listened_;
    QSlider* least_;
    QLabel* chosen_; ///< which row the two sliders below act on
    std::size_t current_ = 0;
    bool filling_ = false;
};

} // namespace pulsepin
