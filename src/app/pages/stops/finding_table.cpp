// SPDX-License-Identifier: GPL-3.0-or-later
#include "pages/stops/finding_table.h"

#include "parts/palette.h"
#include "render/qt_text.h"
#include "session/core_words.h"

#include <QMouseEvent>
#include <QPainter>
#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

/// A filled square standing on its corner is grave, a triangle is to be looked at, a tick is meant.
QPixmap sign_of(const Finding& finding) {
    constexpr int side = 14;
    QPixmap sign(side * 2, side * 2);
    sign.setDevicePixelRatio(2);
    sign.fill(Qt::transparent);
    QPainter painter(&sign);
    painter.setRenderHint(QPainter::Antialiasing);
    const auto& p = desk_palette();
    if (finding.accepted) {
        painter.setPen(QPen(p.done, 2));
        painter.drawPolyline(QPolygonF({{2.5, 7.5}, {5.5, 10.5}, {11.5, 3.5}}));
    } else if (finding.gravity == Gravity::Grave) {
        painter.setPen(Qt::NoPen);
        painter.setBrush(p.warning);
        painter.drawPolygon(QPolygonF({{7, 1}, {13, 7}, {7, 13}, {1, 7}}));
    } else {
        painter.setPen(QPen(p.desk_text, 1.2));
        painter.drawPolygon(QPolygonF({{7, 2}, {12.5, 12}, {1.5, 12}}));
    }
    return sign;
}

bool counted_in_ms(const Finding& finding) {
    return check(finding.check)->unit == "ms";
}

} // namespace

bool same_thing(const Finding& a, const Finding& b) {
    return a.check == b.check && a.pin == b.pin && a.lane == b.lane && a.about == b.about &&
           (a.pin.value != 0 || !a.placed || std::abs((a.at - b.at).value) < 0.5);
}

void FindingTable::show_findings(std::shared_ptr<const CheckBank::Outcome> outcome, const Filter& filter) {
    beginResetModel();
    outcome_ = std::move(outcome);
    rows_.clear();
    if (outcome_)
        for (const auto& one : outcome_->found)
            if ((filter.lane.value == 0 || one.lane == filter.lane) &&
                (filter.check.empty() || one.check == filter.check) &&
                (!counted_in_ms(one) || std::abs(one.amount) > filter.worse_than) &&
                (filter.accepted || !one.accepted))
                rows_.push_back(&one);
    put_in_order();
    endResetModel();
}

void FindingTable::put_in_order() {
    const auto by = [&](auto key) {
        std::stable_sort(rows_.begin(), rows_.end(), [&](const Finding* a, const Finding* b) {
            return order_ == Qt::AscendingOrder ? key(*a) < key(*b) : key(*b) < key(*a);
        });
    };
    // What lies nowhere in time comes first.
    by([](const Finding& one) { return one.placed ? one.at.value : -1e9; });
    if (sorted_by_ == What)
        by([](const Finding& one) {
            return std::tuple(one.accepted.has_value(), one.gravity != Gravity::Grave, one.check);
        });
    else if (sorted_by_ == HowMuch)
        by([](const Finding& one) { return std::pair(one.check, std::abs(one.amount)); });
    else if (sorted_by_ == Why)
        by([](const Finding& one) { return one.why; });
}

const Finding* FindingTable::finding(int row) const {
    return row >= 0 && row < rowCount() ? rows_[static_cast<std::size_t>(row)] : nullptr;
}

int FindingTable::row_of(const Finding& finding) const {
    const auto found = std::find_if(rows_.begin(), rows_.end(),
                                    [&](const Finding* one) { return same_thing(*one, finding); });
    return found == rows_.end() ? -1 : static_cast<int>(found - rows_.begin());
}

int FindingTable::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : static_cast<int>(rows_.size());
}

int FindingTable::columnCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : ColumnCount;
}

QVariant FindingTable::data(const QModelIndex& at, int role) const {
    const Finding* one = finding(at.row());
    if (!one)
        return {};
    const auto* row = check(one->check);
    if (role == Qt::DecorationRole && at.column() == What)
        return sign_of(*one);
    if (role == Qt::ForegroundRole)
        return one->accepted || at.column() == Why ? desk_palette().desk_quiet : desk_palette().desk_text;
    if (role == Qt::ToolTipRole)
        return QStringLiteral("%1: %2 · %3")
            .arg(spoken(one->how_much), spoken(one->why), spoken(row->explains));
    if (role == Qt::AccessibleTextRole && at.column() == What)
        return tr("%1, %2").arg(spoken(row->label), one->accepted                    ? tr("ignored")
                                                    : one->gravity == Gravity::Grave ? tr("error")
                                                                                     : tr("warning"));
    if (role != Qt::DisplayRole)
        return {};
    switch (at.column()) {
    case What:
        return spoken(row->label);
    case Where: {
        if (!one->placed)
            return tr("all of it");
        const auto& project = outcome_->material.project();
        const auto from = spoken(place_name(project, one->at));
        if (one->until - one->at <= Seconds(0.3))
            return from;
        const auto on_beat = [&](Seconds time) {
            return qt_text(project.grid
                               ? place_name(project, project.grid->time_at(project.grid->nearest_beat(time)))
                               : place_name(project, time));
        };
        return QStringLiteral("%1–%2").arg(on_beat(one->at), on_beat(one->until));
    }
    case HowMuch:
        return spoken(one->how_much);
    case Why:
        return one->accepted ? (one->accepted->empty() ? tr("ignored")
                                                       : QStringLiteral("“%1”").arg(qt_text(*one->accepted)))
                             : spoken(one->why);
    case Mending:
        if (const auto* mend = one->mend.empty() ? nullptr : mend_of(*row, one->mend))
            return spoken(mend->label);
        return {};
    case Accepting:
        return one->accepted ? tr("Again") : tr("Ignore");
    default:
        return {};
    }
}

QVariant FindingTable::headerData(int section, Qt::Orientation orientation, int role) const {
    if (orientation != Qt::Horizontal)
        return {};
    if (role == Qt::TextAlignmentRole)
        return int(Qt::AlignLeft | Qt::AlignVCenter);
    if (role != Qt::DisplayRole)
        return {};
    const QString names[] = {tr("what"), tr("where"), tr("how much"), tr("why"), tr("fix"), QString()};
    return names[section];
}

Qt::ItemFlags FindingTable::flags(const QModelIndex&) const {
    return Qt::ItemIsEnabled | Qt::ItemIsSelectable;
}

void FindingTable::sort(int column, Qt::SortOrder order) {
    if (column == Mending || column == Accepting)
        return;
    emit layoutAboutToBeChanged();
    sorted_by_ = column;
    order_ = order;
    put_in_order();
    emit layoutChanged();
}

void FindingButtons::paint(QPainter* painter, const QStyleOptionViewItem& option,
                           const QModelIndex& index) const {
    const QString label = index.data(Qt::DisplayRole).toString();
    const auto& p = desk_palette();
    if (option.state & QStyle::State_Selected)
        painter->fillRect(option.rect, p.desk_raised);
    if (label.isEmpty())
        return;
    painter->save();
    painter->setRenderHint(QPainter::Antialiasing);
    const QRectF box = QRectF(option.rect).adjusted(3.5, 1.5, -3.5, -1.5);
    painter->setPen(QPen(p.desk_faint, 1));
    painter->setBrush(option.state & QStyle::State_MouseOver ? p.desk_line : p.desk);
    painter->drawRoundedRect(box, 4, 4);
    QFont font = option.font;
    font.setPixelSize(11);
    font.setWeight(QFont::DemiBold);
    painter->setFont(font);
    painter->setPen(p.desk_text);
    painter->drawText(box, Qt::AlignCenter,
                      QFontMetricsF(font).elidedText(label, Qt::ElideRight, box.width() - 6));
    painter->restore();
}

bool FindingButtons::editorEvent(QEvent* event, QAbstractItemModel* model, const QStyleOptionViewItem& option,
                                 const QModelIndex& index) {
    if (event->type() == QEvent::MouseButtonRelease &&
        static_cast<QMouseEvent*>(event)->button() == Qt::LeftButton &&
        option.rect.contains(static_cast<QMouseEvent*>(event)->pos()) &&
        !index.data(Qt::DisplayRole).toString().isEmpty()) {
        emit pressed(index);
        return true;
    }
    return QStyledItemDelegate::editorEvent(event, model, option, index);
}

} // namespace pulsepin
