// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "pages/stops/filter_slot.h"
#include "schedule/picker.h"
#include "session/document.h"
#include "session/view_state.h"

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QVBoxLayout>

namespace pulsepin {

/// A picker as fields: source, range, filters, and those that were kept under a name.
class PickerPage : public QWidget {
    Q_OBJECT
public:
    PickerPage(Document& document, ViewState& view, QWidget* lane_choice, QWidget* parent = nullptr);

    /// Fails where a bound cannot be read; the field is marked then.
    [[nodiscard]] Result<Picker> picker() const;
    void set_picker(const Picker& picker); ///< says nothing
    void refresh();
    /// How often at first, until someone chooses.
    /// How often beats are picked until someone chooses; other positions begin with each of them.
    void suggest_every_beat(int n);

signals:
    void changed();
    void place_wanted();

private:
    [[nodiscard]] bool counts_beats() const;
    void show_every();
    void keep_every();
    void make_fields();
    void connect_fields();
    enum RangeKind { Typed, Whole, DrawnRange, Section, FromPlayhead, Selection };
    QWidget* make_argument();
    void make_filters(QVBoxLayout* column);
    void add_slot();
    void show_slots();
    void fill_kept();
    void show_argument();
    [[nodiscard]] bool by_clock() const;
    [[nodiscard]] QString place_text(Ticks at) const;
    [[nodiscard]] Result<Ticks> place_of(const QString& text) const;
    void take_times(RangeKind kind);
    void take_range(RangeKind kind);
    void set_bounds(Ticks from, Ticks until);
    void offer_what_there_is();
    [[nodiscard]] Result<std::vector<Ticks>> listed_places() const;
    void show_list(const std::vector<Ticks>& places);
    void take_range_of_view();
    void keep();
    void forget();

    Document& document_;
    ViewState& view_;
    QComboBox* source_;
    QWidget* argument_;
    QLabel* argument_name_;
    ParamForm* source_form_;
    std::map<std::string, ParamValues> source_values_; ///< as they were last, by source
    std::string shown_source_;
    QComboBox* every_;
    QComboBox* range_;
    QLineEdit* from_;
    QLineEdit* until_;
    QComboBox* kept_;
    QPushButton* keep_;
    QPushButton* forget_;
    QVBoxLayout* slots_;
    std::vector<FilterSlot*> filters_;
    QLineEdit* list_field_;                    ///< of a picker that is a list
    QComboBox* counted_;                       ///< in beats or in plain time
    QString sources_[2] = {"beats", "onsets"}; ///< chosen last: by beats, and by the clock
    bool counted_by_choice_ = false;           ///< in plain time although there are beats
    std::optional<bool> offers_clock_;         ///< what is offered is what there is without beats
    bool bounds_typed_ = false, every_chosen_ = false;
    int every_beat_ = 2, every_other_ = 1;
};

} // namespace pulsepin
