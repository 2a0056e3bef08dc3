// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "session/document.h"
#include "schedule/picker.h"
#include "stops/filter_slot.h"
#include "view_state.h"

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

signals:
    void changed();
    void place_wanted();

private:
    void make_fields();
    void connect_fields();
    enum RangeKind { Typed, Whole, DrawnRange, Section, FromPlayhead, Selection };
    QWidget* make_argument();
    void make_filters(QVBoxLayout* column);
    void add_slot();
    void show_slots();
    void fill_kept();
    void show_argument();
    void take_range(RangeKind kind);
    void set_bounds(Ticks from, Ticks until);
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
    std::vector<Ticks> list_; ///< of a picker that is a list
    bool bounds_typed_ = false;
};

} // namespace pulsepin
