// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "pages/stops/picker_page.h"
#include "pages/stops/planting_list.h"
#include "pages/stops/stop_panel.h"
#include "parts/form_fields.h"
#include "schedule/place.h"

#include <QStackedWidget>
#include <map>

namespace pulsepin {

/// Chooses places and what is placed on them; shows outlines of what it would do. Also changes what was
/// placed.
class PlacePanel : public StopPanel {
    Q_OBJECT
public:
    enum Page { PickPage, FormPage, PlantingsPage };
    PlacePanel(Document& document, ViewState& view, QWidget* parent = nullptr);
    [[nodiscard]] QString title() const override { return tr("Place"); }
    [[nodiscard]] QString summary() const override;
    [[nodiscard]] bool complete() const override;
    void refresh() override;
    void entered() override;
    void left() override;

    void show_page(Page page);
    void place_now();
    /// Its picker and form come into the fields; placing then changes it.
    void change(PlantingId planting);
    void show_planting(PlantingId planting);
    [[nodiscard]] Result<Picker> picker() const { return picker_->picker(); }
    /// What would be wrong with what is outlined; empty: nothing.
    void set_warning(const QString& warning);

signals:
    void shown_wanted(Seconds from, Seconds until);

private:
    QWidget* make_form_page();
    QWidget* make_bottom();
    void fill_lanes();
    void choose_current();
    void show_black_frames();
    QPushButton* begin_ = nullptr;
    void preview();
    void preview_change();
    void end_change();
    void say_outcome(const QString& text, std::optional<PlacePreview> outlines, LaneId lane);
    [[nodiscard]] const Lane* lane() const;
    [[nodiscard]] FormFields* fields() const;
    [[nodiscard]] PlantingForm form() const;

    QLabel* heading_;
    std::vector<QPushButton*> page_buttons_;
    QStackedWidget* pages_;
    QComboBox* lane_;
    PickerPage* picker_;
    QStackedWidget* forms_;
    std::map<LaneKind, FormFields*> fields_;
    PlantingList* plantings_;
    QWidget* bottom_;
    QPushButton* place_;
    QPushButton* show_;
    QPushButton* hear_;
    QPushButton* leave_;
    QLabel* outcome_;
    QLabel* warning_;
    PlantingId changing_; ///< 0: a new one is placed
    bool active_ = false;
};

} // namespace pulsepin
