// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "pages/details/feed_table.h"
#include "pages/details/pins_detail.h"
#include "pages/details/sound_detail.h"
#include "parts/widgets.h"
#include "session/view_state.h"

#include <QGridLayout>
#include <QLabel>
#include <QPushButton>
#include <QSpinBox>
#include <map>

namespace pulsepin {

/// What is selected, in words and numbers, and what can be done with it.
class DetailPanel : public QWidget {
    Q_OBJECT
public:
    DetailPanel(Document& document, ViewState& view, QWidget* parent = nullptr);
    void refresh();

signals:
    void delete_wanted();
    void planting_wanted(PlantingId planting); ///< to be changed

private:
    [[nodiscard]] QGridLayout* make_facts();
    void make_buttons();
    void connect_buttons();
    void show_pin(const Pin& pin, const Lane& lane);
    [[nodiscard]] std::optional<Seconds> end_of(const Pin& pin) const;
    [[nodiscard]] QString anchor_text(const Anchor& anchor) const;
    void show_planting_of(const Pin& pin);
    void show_whether_pinned(const Pin& pin);
    void show_many();
    void show_nothing();
    void show_feeds(const Lane& lane);
    void put_where_written(int row);
    [[nodiscard]] QWidget* make_sides();
    void show_common(const std::vector<PinId>& pins);
    /// The fields of that kind of pins, if it has some.
    [[nodiscard]] PinsDetail* fields_of(LaneKind kind);
    [[nodiscard]] QString nearest_onset(Seconds time) const;

    Document& document_;
    ViewState& view_;
    ShortLabel* title_;
    QLabel* names_[7];
    QLabel* values_[7];
    QLineEdit* places_[4]; ///< anchor, time, frame and end, which can be written
    LengthField* lead_;
    QPushButton* pinned_;
    QPushButton* whole_planting_;
    QPushButton* locked_;
    QPushButton* muted_;
    QPushButton* delete_;
    QWidget* buttons_;
    SoundDetail* sound_;
    std::map<LaneKind, PinsDetail*> fields_; ///< of kinds of which some were selected
    FeedTable* feeds_;
    PinId pin_;
    QWidget* sides_; ///< what is selected, or what its lane feeds
    QPushButton* side_[2];
    bool feeds_first_ = true; ///< until something is selected while a lane is shaped
};

} // namespace pulsepin
