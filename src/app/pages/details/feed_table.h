// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "parts/fields.h"
#include "session/document.h"
#include "session/view_state.h"

#include <QLabel>
#include <QToolButton>
#include <QVBoxLayout>

namespace pulsepin {

/// A button whose text, where it is too long, takes two lines: the layer, and what of it.
class NameButton : public QToolButton {
    Q_OBJECT
public:
    using QToolButton::QToolButton;
    void set_name(const QString& name);

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    void break_lines();
    QString name_;
};

/// The properties that a lane's curve drives, each through its range; and the lane's lead.
class FeedTable : public QWidget {
    Q_OBJECT
public:
    FeedTable(Document& document, ViewState& view, QWidget* parent = nullptr);
    void refresh();

private:
    [[nodiscard]] QHBoxLayout* make_buttons();
    struct Row {
        QWidget* box;
        NameButton* target;
        QDoubleSpinBox* low;
        QDoubleSpinBox* high;
        QToolButton* more;
    };
    [[nodiscard]] const Lane* lane() const;
    [[nodiscard]] QDoubleSpinBox* end_field(std::size_t index, const QString& name, const QString& tip,
                                            double Feed::*member);
    Row make_row(std::size_t index);
    void change(const QString& what, const std::function<void(Motion&)>& how);
    void change_feed(std::size_t index, const QString& what, const std::function<void(Feed&)>& how);
    void fill_more(QMenu* menu, std::size_t index);
    void limit(std::size_t index, bool limited);
    [[nodiscard]] static bool is_colour(const Feed& feed);
    void add_meetings(QMenu& menu, std::size_t index);
    void add_colours(QMenu& menu, std::size_t index);
    void ask_for_lead(std::size_t index);
    void ask_for_limits(std::size_t index);
    void mark_tops();
    void freeze(std::size_t index, bool simplify);

    Document& document_;
    ViewState& view_;
    QVBoxLayout* rows_box_;
    std::vector<Row> rows_;
    LengthField* lead_;
    QLabel* usual_;
    bool showing_ = false;
};

} // namespace pulsepin
