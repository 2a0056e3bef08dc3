// SPDX-License-Identifier: GPL-3.0-or-later
#include "parts/rows_field.h"

#include "model/onset_edits.h"

#include <QCheckBox>
#include <QMenu>
#include <QWidgetAction>
#include <algorithm>

namespace pulsepin {

RowsField::RowsField(QWidget* parent) : QPushButton(parent) {
    setProperty("role", "choice");
    auto* menu = new QMenu(this);
    connect(menu, &QMenu::aboutToShow, this, &RowsField::fill_menu);
    setMenu(menu);
    show_rows({});
}

void RowsField::set_rows(const std::vector<OnsetRow>& rows) {
    rows_ = rows;
    for (auto& row : rows_) // only names and what they are made of are needed
        row.onsets.clear();
    show_rows(chosen_);
}

void RowsField::show_rows(const std::string& rows) {
    chosen_ = rows;
    if (rows == all_rows)
        return setText(tr("all rows"));
    if (rows.empty())
        return setText(rows_.empty() ? tr("onsets") : QString::fromStdString(rows_.front().name));
    setText(QString::fromStdString(rows));
}

void RowsField::choose(std::string rows) {
    if (rows == chosen_)
        return;
    show_rows(rows);
    emit edited();
}

void RowsField::tick(const std::string& name, bool on) {
    std::string text;
    for (std::size_t i = 0; i < rows_.size(); ++i) {
        const auto chosen = rows_named(rows_, chosen_);
        const bool was = std::find(chosen.begin(), chosen.end(), i) != chosen.end();
        if (rows_[i].name == name ? on : was)
            text += (text.empty() ? "" : std::string(between_rows)) + rows_[i].name;
    }
    if (!text.empty()) // one at least
        choose(std::move(text));
}

/// Ticking leaves the menu open, so that several can be chosen in one go.
void RowsField::fill_menu() {
    QMenu& all = *menu();
    all.clear();
    const auto chosen = rows_named(rows_, chosen_);
    for (std::size_t i = 0; i < rows_.size(); ++i) {
        auto* box = new QCheckBox(QString::fromStdString(rows_[i].name));
        box->setObjectName("row " + box->text());
        box->setChecked(std::find(chosen.begin(), chosen.end(), i) != chosen.end());
        connect(box, &QCheckBox::toggled, this, [this, name = rows_[i].name](bool on) { tick(name, on); });
        auto* action = new QWidgetAction(&all);
        action->setDefaultWidget(box);
        all.addAction(action);
    }
    all.addSeparator();
    all.addAction(tr("All rows"), this, [this] { choose(std::string(all_rows)); });
}

} // namespace pulsepin
