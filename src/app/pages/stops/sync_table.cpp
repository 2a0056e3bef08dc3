// SPDX-License-Identifier: GPL-3.0-or-later
#include "pages/stops/sync_table.h"

#include "kinds/kinds.h"
#include "parts/widgets.h"
#include "render/qt_text.h"
#include "session/core_words.h"
#include "session/number_text.h"
#include "time/timecode.h"

#include <QDialogButtonBox>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

QString ms(Seconds time) {
    return number_text(time.value * 1000, 1);
}

} // namespace

void SyncTable::show_rows(std::shared_ptr<const CheckBank::Outcome> outcome, const Filter& filter) {
    beginResetModel();
    outcome_ = std::move(outcome);
    rows_.clear();
    if (outcome_) {
        const Lane* lane = nullptr;
        for (const auto& row : outcome_->rows) {
            if (!lane || lane->id != row.lane)
                lane = outcome_->material.project().lane(row.lane);
            if ((filter.lane.value != 0 && row.lane != filter.lane) ||
                (!filter.kind.empty() && lane->kind->id != filter.kind))
                continue;
            if (filter.worse_than >= 0 &&
                !(row.meant && std::abs(row.error().value) * 1000 > filter.worse_than + 1e-3))
                continue;
            rows_.push_back(&row);
        }
    }
    put_in_order();
    endResetModel();
}

void SyncTable::put_in_order() {
    const auto by = [&](auto key) {
        std::stable_sort(rows_.begin(), rows_.end(), [&](const SyncRow* a, const SyncRow* b) {
            return order_ == Qt::AscendingOrder ? key(*a) < key(*b) : key(*b) < key(*a);
        });
    };
    switch (sorted_by_) {
    case OfLane:
        return by([](const SyncRow& row) { return std::pair(row.lane.value, row.anchor.value); });
    case Rounding:
        return by([](const SyncRow& row) { return std::abs(row.rounding.value); });
    case Error:
        return by([](const SyncRow& row) { return row.meant ? std::abs(row.error().value) : -1.0; });
    case FromOnset:
        return by([](const SyncRow& row) { return row.from_onset ? std::abs(row.from_onset->value) : -1.0; });
    case Lead:
        return by([](const SyncRow& row) { return row.lead.value; });
    default:
        return by([](const SyncRow& row) { return row.anchor.value; });
    }
}

const SyncRow* SyncTable::sync_row(int row) const {
    return row >= 0 && row < rowCount() ? rows_[static_cast<std::size_t>(row)] : nullptr;
}

int SyncTable::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : static_cast<int>(rows_.size());
}

int SyncTable::columnCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : ColumnCount;
}

QVariant SyncTable::data(const QModelIndex& at, int role) const {
    const SyncRow* row = sync_row(at.row());
    if (!row)
        return {};
    const auto& project = outcome_->material.project();
    if (role == Qt::TextAlignmentRole && at.column() >= Time)
        return int(Qt::AlignRight | Qt::AlignVCenter);
    if (role == Qt::ForegroundRole && row->meant && at.column() == Error &&
        std::abs(row->error().value) > cut_limit(project).value + 1e-6)
        return desk_palette().warning;
    if (role != Qt::DisplayRole)
        return {};
    const Lane& lane = *project.lane(row->lane);
    switch (at.column()) {
    case OfLane:
        return QString::fromStdString(lane.name);
    case What:
        return qt_text(lane.kind->name_of(lane.pins[row->index].body, project));
    case Place:
        return spoken(place_name(project, row->anchor)) + (row->loose ? tr(" (loose)") : QString());
    case Time:
        return qt_text(format_clock(row->anchor));
    case Frame:
        return QString::number(row->frame.value);
    case Lead:
        return row->lead == Seconds(0) ? QString() : ms(row->lead);
    case Rounding:
        return ms(row->rounding);
    case Error:
        return row->meant ? ms(row->error()) : QString();
    case Seen:
        return QString::number(row->seen.value);
    case FromOnset:
        return row->from_onset ? ms(*row->from_onset) : QString();
    default:
        return {};
    }
}

QVariant SyncTable::headerData(int section, Qt::Orientation orientation, int role) const {
    if (orientation != Qt::Horizontal || (role != Qt::DisplayRole && role != Qt::ToolTipRole))
        return {};
    const QString names[] = {tr("lane"), tr("what"),        tr("place"),    tr("time"), tr("frame"),
                             tr("lead"), tr("rounding ms"), tr("error ms"), tr("seen"), tr("from onset ms")};
    const QString tips[] = {
        tr("The lane that it lies on"),
        tr("Its name"),
        tr("Where it is anchored"),
        tr("The same in time"),
        tr("The frame that acts"),
        tr("How much earlier its lane acts, in ms"),
        tr("How much later than it should that frame begins"),
        tr("The same with how far it is anchored from its intended beat"),
        tr("The frame at which it is seen most: lead, length and envelope included"),
        tr("From there to the nearest onset of the row that it was placed by, or of all")};
    return role == Qt::DisplayRole ? names[section] : tips[section];
}

void SyncTable::sort(int column, Qt::SortOrder order) {
    emit layoutAboutToBeChanged();
    sorted_by_ = column;
    order_ = order;
    put_in_order();
    emit layoutChanged();
}

SyncDialog::SyncDialog(CheckBank& bank, QWidget* parent) : QDialog(parent), bank_(bank) {
    setObjectName(own_name);
    setWindowTitle(tr("Every pin"));
    resize(860, 520);
    auto* column = new QVBoxLayout(this);
    auto* filters = new QHBoxLayout;
    lanes_ = choice_box("pins of lane", tr("Only pins of this lane"));
    kinds_ = choice_box("pins of kind", tr("Only pins of this kind"));
    worse_ = choice_box("pins worse than", tr("Only what lies farther from its place"));
    lanes_->addItem(tr("all lanes"), 0);
    kinds_->addItem(tr("all kinds"), QString());
    if (const auto outcome = bank.outcome())
        for (const auto& lane : outcome->material.project().lanes)
            lanes_->addItem(QString::fromStdString(lane->name),
                            QVariant::fromValue<qulonglong>(lane->id.value));
    for (const LaneKind kind : lane_kinds())
        kinds_->addItem(qt_text(kind->counted), qt_text(kind->id));
    worse_->addItem(tr("however near"), -1);
    for (const int limit : {1, 5, 10, 20, 40, 80})
        worse_->addItem(tr("worse than %1 ms").arg(limit), limit);
    for (auto* box : {lanes_, kinds_, worse_}) {
        filters->addWidget(box);
        connect(box, &QComboBox::activated, this, &SyncDialog::show_rows);
    }
    filters->addStretch(1);
    filters->addWidget(count_ = quiet({}));
    count_->setObjectName("count of pins");
    column->addLayout(filters);
    table_ = new SyncTable(this);
    list_ = new QTableView;
    list_->setObjectName("pins in sync");
    list_->setModel(table_);
    list_->setSelectionBehavior(QAbstractItemView::SelectRows);
    list_->setSelectionMode(QAbstractItemView::SingleSelection);
    list_->setShowGrid(false);
    list_->verticalHeader()->hide();
    list_->verticalHeader()->setDefaultSectionSize(22);
    list_->horizontalHeader()->setStretchLastSection(true);
    const int widths[] = {108, 108, 100, 74, 58, 58, 92, 76, 58};
    for (int i = 0; i < static_cast<int>(std::size(widths)); ++i)
        list_->setColumnWidth(i, widths[i]);
    list_->setSortingEnabled(true);
    list_->sortByColumn(SyncTable::Time, Qt::AscendingOrder);
    column->addWidget(list_, 1);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Close);
    auto* write = buttons->addButton(tr("Write as CSV…"), QDialogButtonBox::ActionRole);
    write->setObjectName("write sync csv");
    connect(write, &QPushButton::clicked, this, &SyncDialog::write_wanted);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    column->addWidget(buttons);
    connect(list_->selectionModel(), &QItemSelectionModel::currentRowChanged, this,
            [this](const QModelIndex& at) {
                if (const SyncRow* row = table_->sync_row(at.row()))
                    emit go_wanted(*row);
            });
    connect(&bank_, &CheckBank::changed, this, &SyncDialog::show_rows);
    show_rows();
}

void SyncDialog::show_rows() {
    table_->show_rows(bank_.outcome(),
                      {LaneId{lanes_->currentData().toULongLong()},
                       kinds_->currentData().toString().toStdString(), worse_->currentData().toDouble()});
    count_->setText(tr("%n pins", nullptr, table_->rowCount()));
}

} // namespace pulsepin
