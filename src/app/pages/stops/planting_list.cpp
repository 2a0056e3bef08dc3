// SPDX-License-Identifier: GPL-3.0-or-later
#include "pages/stops/planting_list.h"

#include "kinds/kinds.h"
#include "model/edits.h"
#include "model/planting_edits.h"
#include "parts/widgets.h"
#include "schedule/place.h"
#include "session/core_words.h"

#include <QHBoxLayout>
#include <QHeaderView>
#include <QVBoxLayout>

namespace pulsepin {
namespace {

QString due_text(const Result<Replanted>& again) {
    if (!again || !again->changes())
        return {};
    QStringList parts;
    if (again->added > 0)
        parts << QString("+%1").arg(again->added);
    if (again->removed > 0)
        parts << QString("−%1").arg(again->removed);
    if (again->moved > 0)
        parts << PlantingList::tr("%1 elsewhere").arg(again->moved);
    return parts.join(", ");
}

QString exceptions_text(const Exceptions& e) {
    QStringList parts;
    const std::pair<std::size_t, QString> kinds[] = {{e.moved, PlantingList::tr("%1 moved")},
                                                     {e.altered, PlantingList::tr("%1 altered")},
                                                     {e.added, PlantingList::tr("%1 added")},
                                                     {e.left_out, PlantingList::tr("%1 left out")}};
    for (const auto& [count, text] : kinds)
        if (count > 0)
            parts << text.arg(count);
    return parts.join(", ");
}

QString description_of(const Planting& planting, const Project& project) {
    const QString text = spoken(planting.description);
    const auto out = planting.picker ? left_out(*planting.picker, project).size() : 0;
    return out == 0 ? text : PlantingList::tr("%1 · %2 left out").arg(text).arg(out);
}

} // namespace

PlantingList::PlantingList(Document& document, ViewState& view, QWidget* parent)
    : QWidget(parent), document_(document), view_(view) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(6);
    list_ = new QTableWidget(0, ColumnCount);
    list_->setObjectName("plantings");
    list_->setAccessibleName(tr("What was placed together"));
    list_->setHorizontalHeaderLabels(
        {tr("lane"), tr("picked"), tr("pins"), tr("corrected by hand"), tr("run again")});
    list_->verticalHeader()->hide();
    list_->verticalHeader()->setDefaultSectionSize(22);
    list_->horizontalHeader()->setHighlightSections(false);
    list_->horizontalHeader()->setDefaultAlignment(Qt::AlignLeft | Qt::AlignVCenter);
    list_->horizontalHeader()->setSectionResizeMode(What, QHeaderView::Stretch);
    list_->setColumnWidth(LaneName, 70);
    list_->setColumnWidth(Count, 40);
    list_->setColumnWidth(Corrected, 120);
    list_->setColumnWidth(Due, 80);
    list_->setSelectionBehavior(QAbstractItemView::SelectRows);
    list_->setSelectionMode(QAbstractItemView::SingleSelection);
    list_->setEditTriggers(QAbstractItemView::NoEditTriggers);
    list_->setShowGrid(false);
    list_->setTabKeyNavigation(false);
    list_->setToolTip(
        tr("Each row is what was placed at once; the last column says what running it again would do"));
    column->addWidget(list_, 1);
    auto* row = new QHBoxLayout;
    row->setSpacing(6);
    for (auto* button :
         {make("select planting", tr("Select"), tr("Selects all of its pins"), [this] { show_chosen(); }),
          make("run again", tr("Run again"),
               tr("Picks anew, after the grid or the onsets changed; what you corrected stays"),
               [this] { run_chosen_again(); }),
          make("change planting", tr("Change…"), tr("Opens its picker and form, to change all of it"),
               [this] { emit change_wanted(chosen()); }),
          make("dissolve planting", tr("Ungroup"), tr("The pins stay and belong together no more"),
               [this] { document_.apply(dissolved(document_.project(), chosen()), tr("ungroup planting")); }),
          make("delete planting", tr("Delete"), tr("Removes it with all of its pins"), [this] {
              document_.apply(without_pins(document_.project(), pins_of(document_.project(), chosen())),
                              tr("delete planting"));
          })})
        row->addWidget(button);
    auto* all = new QPushButton(tr("Run all again"));
    all->setObjectName("run all again");
    all->setToolTip(tr("Each planting that would change, in one step"));
    connect(all, &QPushButton::clicked, this, &PlantingList::run_all_again);
    row->addWidget(all);
    row->addStretch(1);
    column->addLayout(row);
    told_ = quiet({});
    told_->setObjectName("plantings told");
    column->addWidget(told_);
    connect(list_, &QTableWidget::itemSelectionChanged, this, [this] {
        for (auto* button : need_one_)
            button->setEnabled(chosen().value != 0);
    });
    connect(list_, &QTableWidget::itemActivated, this, [this] { show_chosen(); });
}

QPushButton* PlantingList::make(const QString& name, const QString& text, const QString& tip,
                                std::function<void()> what) {
    auto* button = new QPushButton(text);
    button->setObjectName(name);
    button->setToolTip(tip);
    button->setEnabled(false);
    connect(button, &QPushButton::clicked, this, std::move(what));
    need_one_.push_back(button);
    return button;
}

PlantingId PlantingList::chosen() const {
    const auto rows = list_->selectionModel()->selectedRows();
    return rows.isEmpty() ? PlantingId{} : shown_[static_cast<std::size_t>(rows.front().row())];
}

void PlantingList::choose(PlantingId planting) {
    refresh();
    for (std::size_t i = 0; i < shown_.size(); ++i)
        if (shown_[i] == planting)
            list_->selectRow(static_cast<int>(i));
}

void PlantingList::showEvent(QShowEvent*) {
    refresh();
}

void PlantingList::refresh() {
    if (!isVisible())
        return;
    const auto& project = document_.project();
    const PlantingId before =
        list_->selectionModel()->hasSelection() && !shown_.empty() ? chosen() : PlantingId{};
    const QSignalBlocker quietly(list_);
    list_->setRowCount(0);
    shown_.clear();
    std::size_t due = 0;
    for (const auto& planting : *project.plantings) {
        const Lane* lane = project.lane(planting.lane);
        const auto pins = pins_of(project, planting.id);
        if (!lane || pins.empty())
            continue;
        const auto again = run_again(project, planting.id);
        const QString texts[] = {QString::fromStdString(lane->name), description_of(planting, project),
                                 QString::number(pins.size()),
                                 exceptions_text(exceptions_of(project, planting)),
                                 planting.picker ? due_text(again) : tr("cannot")};
        due += again && again->changes();
        const int row = list_->rowCount();
        list_->insertRow(row);
        for (int column = 0; column < ColumnCount; ++column) {
            auto* item = new QTableWidgetItem(texts[column]);
            item->setToolTip(again ? texts[column] : spoken(again.error()));
            list_->setItem(row, column, item);
        }
        shown_.push_back(planting.id);
        if (planting.id == before)
            list_->selectRow(row);
    }
    for (auto* button : need_one_)
        button->setEnabled(chosen().value != 0);
    told_->setText(shown_.empty() ? tr("Nothing was placed yet.")
                   : due == 0     ? tr("All lie where their pickers pick.")
                                  : tr("%1 would change if run again.").arg(due));
}

void PlantingList::show_chosen() {
    const auto pins = pins_of(document_.project(), chosen());
    view_.select({pins.begin(), pins.end()});
}

void PlantingList::run_chosen_again() {
    const PlantingId planting = chosen();
    const auto again = run_again(document_.project(), planting);
    if (!again)
        return document_.say(spoken(again.error()));
    if (!again->changes())
        return document_.say(tr("Nothing changes: all lie where the picker picks"));
    const QString told = due_text(again);
    const auto kept = again->kept;
    document_.apply(again->project, tr("run planting again"));
    choose(planting);
    show_chosen();
    document_.say(kept == 0 ? told : tr("%1 · %2 corrected by hand, kept").arg(told).arg(kept));
}

void PlantingList::run_all_again() {
    Project next = document_.project();
    std::size_t count = 0;
    for (const auto& planting : *document_.project().plantings)
        if (auto again = run_again(next, planting.id); again && again->changes()) {
            next = again->project;
            ++count;
        }
    if (count == 0)
        return document_.say(tr("Nothing changes: all lie where their pickers pick"));
    document_.apply(std::move(next), tr("run all again"));
    document_.say(tr("%1 plantings were run again").arg(count));
}

} // namespace pulsepin
