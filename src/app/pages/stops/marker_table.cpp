// SPDX-License-Identifier: GPL-3.0-or-later
#include "pages/stops/marker_table.h"

#include "drawing/marker_picture.h"
#include "model/edits.h"
#include "model/marker_looks.h"
#include "parts/decimal_keys.h"
#include "parts/fields.h"
#include "parts/finder.h"
#include "schedule/find_pins.h"
#include "schedule/lasting.h"
#include "schedule/triggers.h"
#include "session/core_words.h"
#include "time/musical_text.h"
#include "time/timecode.h"

#include <algorithm>

namespace pulsepin {

static bool begins_unit(const QString& written, const char* unit) {
    return !written.isEmpty() &&
           (QString(unit).startsWith(written) || text_of(unit).toLower().startsWith(written));
}

std::optional<Length> length_from_text(const QString& text) {
    const QString plain = text.trimmed().toLower();
    if (plain.isEmpty())
        return Length{};
    qsizetype digits = 0;
    while (digits < plain.size() && (plain[digits].isDigit() || plain[digits] == '.' || plain[digits] == ','))
        ++digits;
    const double amount = typed_number(plain.first(digits)).value_or(0);
    const QString unit = plain.mid(digits).trimmed();
    if (amount <= 0)
        return std::nullopt;
    if (unit == "ms")
        return Length{Length::Unit::InMilliseconds, amount};
    if (unit == "s")
        return Length{Length::Unit::InMilliseconds, amount * 1000};
    if (begins_unit(unit, "beats"))
        return Length{Length::Unit::InBeats, amount};
    if (begins_unit(unit, "frames"))
        return Length{Length::Unit::InFrames, amount};
    return std::nullopt;
}

MarkerTable::MarkerTable(Document& document, QObject* parent)
    : QAbstractTableModel(parent), document_(document) {}

void MarkerTable::set_filter(const QString& text, int colour) {
    text_ = text;
    colour_ = colour;
    refresh();
}

std::vector<MarkerTable::Row> MarkerTable::wanted_rows() const {
    const auto& project = document_.project();
    const PinLookup lookup(project);
    std::vector<Row> rows;
    for (std::size_t i = 0; i < project.lanes.size(); ++i) {
        const Lane& lane = *project.lanes[i];
        if (!holds<MarkerBody>(lane.kind))
            continue;
        for (const auto& resolved : document_.schedule()[i].pins) {
            const Pin& pin = lane.pins[resolved.index];
            const auto& body = body_of<MarkerBody>(pin.body);
            if (colour_ >= 0 && body.colour != colour_)
                continue;
            if (!text_.isEmpty() && !QString::fromStdString(body.name).contains(text_, Qt::CaseInsensitive) &&
                !QString::fromStdString(body.note).contains(text_, Qt::CaseInsensitive))
                continue;
            Row row{resolved.id, resolved.time, moment_of(resolved, project.settings->frame_rate), body, {},
                    {}};
            row.place = QString::fromStdString(project.grid ? format_position(project.grid->position_of(
                                                                  project.grid->nearest_tick(resolved.time)))
                                                            : format_clock(resolved.time));
            if (const auto* tied = std::get_if<MarkerAnchor>(&pin.anchor))
                if (const Pin* host = lookup.find(tied->marker))
                    row.travels_with = QString::fromStdString(name_of(project, host->id));
            rows.push_back(std::move(row));
        }
    }
    put_in_order(rows);
    return rows;
}

void MarkerTable::put_in_order(std::vector<Row>& rows) const {
    std::stable_sort(rows.begin(), rows.end(), [](const Row& a, const Row& b) { return a.time < b.time; });
    const auto by = [&](auto&& key) {
        std::stable_sort(rows.begin(), rows.end(), [&](const Row& a, const Row& b) {
            return order_ == Qt::AscendingOrder ? key(a) < key(b) : key(b) < key(a);
        });
    };
    switch (sorted_by_) {
    case Name:
        return by([](const Row& row) { return QString::fromStdString(row.body.name).toLower(); });
    case Note:
        return by([](const Row& row) { return QString::fromStdString(row.body.note).toLower(); });
    case Colour:
        return by([](const Row& row) { return row.body.colour; });
    case Symbol:
        return by([](const Row& row) { return row.body.symbol; });
    case Lasts:
        return by([](const Row& row) { return std::pair(row.body.length.unit, row.body.length.amount); });
    case TravelsWith:
        return by([](const Row& row) { return row.travels_with; });
    default:
        return by([](const Row& row) { return row.time; });
    }
}

void MarkerTable::sort(int column, Qt::SortOrder order) {
    sorted_by_ = column;
    order_ = order;
    refresh();
}

void MarkerTable::refresh() {
    auto rows = wanted_rows();
    if (rows == rows_)
        return;
    const bool same_pins = std::equal(rows.begin(), rows.end(), rows_.begin(), rows_.end(),
                                      [](const Row& a, const Row& b) { return a.pin == b.pin; });
    if (same_pins) { // what is selected or being edited stays so
        rows_ = std::move(rows);
        emit dataChanged(index(0, 0), index(rowCount() - 1, ColumnCount - 1));
        return;
    }
    beginResetModel();
    rows_ = std::move(rows);
    endResetModel();
}

int MarkerTable::row_of(PinId pin) const {
    const auto found =
        std::find_if(rows_.begin(), rows_.end(), [pin](const Row& row) { return row.pin == pin; });
    return found == rows_.end() ? -1 : static_cast<int>(found - rows_.begin());
}

std::vector<PinId> MarkerTable::pins() const {
    std::vector<PinId> pins;
    for (const auto& row : rows_)
        pins.push_back(row.pin);
    return pins;
}

int MarkerTable::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : static_cast<int>(rows_.size());
}

int MarkerTable::columnCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : ColumnCount;
}

QVariant MarkerTable::data(const QModelIndex& at, int role) const {
    const Row& row = rows_[static_cast<std::size_t>(at.row())];
    if (role == Qt::DecorationRole && at.column() == Colour)
        return marker_picture(row.body.colour, row.body.symbol);
    if (role == Qt::ToolTipRole && at.column() == Place)
        return QString::fromStdString(format_clock(row.time));
    if (role != Qt::DisplayRole && role != Qt::EditRole)
        return {};
    switch (at.column()) {
    case Place:
        return row.place;
    case Name:
        return QString::fromStdString(row.body.name);
    case Colour:
        return role == Qt::EditRole
                   ? QVariant(row.body.colour)
                   : QVariant(text_of(marker_colours()[static_cast<std::size_t>(row.body.colour)].label));
    case Symbol:
        return role == Qt::EditRole
                   ? QVariant(row.body.symbol)
                   : QVariant(text_of(marker_symbols()[static_cast<std::size_t>(row.body.symbol)].label));
    case Lasts:
        return spoken(length_text(row.body.length));
    case Note:
        return QString::fromStdString(row.body.note);
    case TravelsWith:
        return row.travels_with;
    default:
        return {};
    }
}

QVariant MarkerTable::headerData(int section, Qt::Orientation orientation, int role) const {
    if (orientation == Qt::Vertical || role != Qt::DisplayRole)
        return {};
    const QString names[] = {tr("at"),    tr("name"), tr("colour"), tr("symbol"),
                             tr("lasts"), tr("note"), tr("lies on")};
    return names[section];
}

Qt::ItemFlags MarkerTable::flags(const QModelIndex& at) const {
    auto flags = QAbstractTableModel::flags(at);
    if (at.column() != TravelsWith)
        flags |= Qt::ItemIsEditable;
    return flags;
}

bool MarkerTable::setData(const QModelIndex& at, const QVariant& value, int role) {
    if (role != Qt::EditRole || at.row() >= rowCount())
        return false;
    const auto& project = document_.project();
    const Row row = rows_[static_cast<std::size_t>(at.row())];
    MarkerBody body = row.body;
    switch (at.column()) {
    case Place: {
        if (value.toString() == row.place)
            return true;
        const auto place = parse_position(value.toString().toStdString());
        if (!place || !project.grid) {
            document_.say(place ? tr("There is no grid yet to place it on") : spoken(place.error()));
            return false;
        }
        Anchor anchor = MusicalAnchor{project.grid->ticks_of(*place)};
        const Seconds to = project.grid->time_at(project.grid->ticks_of(*place));
        if (const Pin* pin = project.pin(row.pin); pin && std::holds_alternative<MarkerAnchor>(pin->anchor)) {
            auto tied = std::get<MarkerAnchor>(pin->anchor);
            tied.offset = time_of(tied.offset, project.settings->frame_rate) + (to - row.time);
            anchor = tied; // it stays on its shot
        }
        return document_.apply(with_anchor(project, row.pin, anchor), tr("move marker"));
    }
    case Name:
        body.name = value.toString().toStdString();
        break;
    case Colour:
        body.colour = value.toInt();
        break;
    case Symbol:
        body.symbol = value.toInt();
        break;
    case Note:
        body.note = value.toString().toStdString();
        break;
    case Lasts: {
        if (value.toString() == spoken(length_text(body.length)))
            return true;
        const auto length = length_from_text(value.toString());
        if (!length) {
            document_.say(tr("“%1” is no length. Write 2 beats, 12 frames or 300 ms.").arg(value.toString()));
            return false;
        }
        body.length = *length;
        break;
    }
    default:
        return false;
    }
    const QString what = headerData(at.column(), Qt::Horizontal, Qt::DisplayRole).toString();
    return document_.apply(with_body(project, row.pin, body), tr("change %1 of marker").arg(what));
}

// -- colour and symbol

QWidget* MarkerLookDelegate::createEditor(QWidget* parent, const QStyleOptionViewItem& option,
                                          const QModelIndex& index) const {
    if (index.column() != MarkerTable::Colour && index.column() != MarkerTable::Symbol)
        return QStyledItemDelegate::createEditor(parent, option, index);
    auto* box = new ChoiceBox(parent);
    if (index.column() == MarkerTable::Colour)
        fill_with_colours(box);
    else
        fill_with_symbols(box);
    connect(box, &QComboBox::activated, this, [this, box] {
        auto* self = const_cast<MarkerLookDelegate*>(this); // Qt asks for const, its signals do not
        emit self->commitData(box);
        emit self->closeEditor(box);
    });
    return box;
}

void MarkerLookDelegate::setEditorData(QWidget* editor, const QModelIndex& index) const {
    if (auto* box = qobject_cast<QComboBox*>(editor)) {
        box->setCurrentIndex(index.data(Qt::EditRole).toInt());
        return;
    }
    QStyledItemDelegate::setEditorData(editor, index);
}

void MarkerLookDelegate::setModelData(QWidget* editor, QAbstractItemModel* model,
                                      const QModelIndex& index) const {
    if (auto* box = qobject_cast<QComboBox*>(editor)) {
        model->setData(index, box->currentIndex(), Qt::EditRole);
        return;
    }
    QStyledItemDelegate::setModelData(editor, model, index);
}

} // namespace pulsepin
