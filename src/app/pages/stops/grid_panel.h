// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "pages/stops/course_tiles.h"
#include "pages/stops/onset_rows.h"
#include "pages/stops/stop_panel.h"
#include "pages/stops/tempo_field.h"

#include <QComboBox>
#include <QLabel>
#include <QPushButton>
#include <QSpinBox>
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
    void entered() override { view_.set_grid_rows(true); }
    void left() override;

    // -- what a person can do to the grid; each is one step that can be undone
    void change_ratio(int beats, int of);
    void set_metre(Metre metre);           ///< of the whole song
    void set_metre_from_here(Metre metre); ///< from the bar at the playhead on
    void shift_by(Seconds by);
    void move_to_off_beats();
    void name_bar_one_at_playhead();
    void hold_beat(); ///< the chosen one, or that nearest to the playhead; or lets go of it
    void add_beat_at_playhead();
    void delete_chosen_beat();
    void fit_between_held(); ///< around the playhead
    void take_as_found();    ///< corrections can be had back with Undo
    void exclude_range(bool excluded);
    void find_beats();
    void find_beats_anyway(); ///< in what was refused as having none

signals:
    void doubtful_wanted(); ///< go to the next place that is not trusted

private:
    QWidget* make_beats_page();
    QWidget* make_tempo_row();
    QWidget* make_course_row();
    QWidget* make_nudges();
    QWidget* make_ratio_row();
    QWidget* make_last_row();
    QPushButton* make(const QString& name, const QString& text, const QString& tip,
                      std::function<void()> what);
    void show_page(int page);
    void refresh_candidates();
    void refresh_proposal();
    [[nodiscard]] bool corrected() const;
    [[nodiscard]] bool asks_for_tempo() const; ///< it was found, and may well be another
    [[nodiscard]] bool asks_for_phase() const; ///< beats may well lie between those that were found
    [[nodiscard]] GridConditions conditions() const;
    void take_tempo(std::size_t index);
    void use_tempo_field(bool typed);
    void change_tempo(double typed);
    void edit(std::string_view id, ParamValues values = {}, const QString& step = {},
              std::optional<Seconds> at = {});

    QLabel* heading_;
    QStackedWidget* pages_;
    OnsetRows* rows_;
    std::vector<QPushButton*> candidates_;
    QComboBox* range_;
    QLabel* found_;
    QPushButton* take_;
    QPushButton* leave_;
    QPushButton* anyway_;
    QComboBox* metre_;
    TempoField* tempo_;
    bool asking_ = false; ///< whether beats or times are kept
    QSpinBox* count_;
    CourseTiles* courses_;
    QPushButton* find_;
    std::vector<QPushButton*> need_grid_;
    QPushButton* back_to_found_;
};

} // namespace pulsepin
