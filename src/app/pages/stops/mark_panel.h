// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "pages/stops/exposures_page.h"
#include "pages/stops/marker_table.h"
#include "pages/stops/notes_page.h"
#include "pages/stops/stop_panel.h"
#include "pages/stops/words_page.h"

#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QSpinBox>
#include <QStackedWidget>
#include <QTableView>

namespace pulsepin {

/// What is marked: markers as a list (filtered, edited in place, snapped to onsets in bulk), words.
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
    [[nodiscard]] WordsPage& words() { return *words_; }
    [[nodiscard]] NotesPage& notes() { return *notes_; }
    [[nodiscard]] ExposuresPage& exposures() { return *exposures_; }
    /// The page of words is in front.
    [[nodiscard]] bool shows_words() const;

signals:
    void page_changed();
    void go_wanted(Seconds time);
    void add_wanted();
    void add_on_shot_wanted();

private:
    enum Page { Markers, Words, Notes, Exposures };
    [[nodiscard]] Page page_of(LaneKind kind) const;
    [[nodiscard]] QLayout* make_top();
    [[nodiscard]] QWidget* make_markers();
    void show_page(Page page);
    void refresh_page();
    [[nodiscard]] Page page_shown() const;
    [[nodiscard]] QLayout* make_filter();
    void make_list();
    [[nodiscard]] QLayout* make_buttons();
    void take_selection();
    void show_selection();
    /// The rows that are selected, or else all that the filter lets through.
    [[nodiscard]] std::vector<PinId> meant() const;

    std::vector<QPushButton*> sides_; ///< in the order of Page
    QWidget* beside_words_;           ///< what stands above the page of words
    QStackedWidget* pages_;
    WordsPage* words_;
    NotesPage* notes_;
    ExposuresPage* exposures_;
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
