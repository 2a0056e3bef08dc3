// SPDX-License-Identifier: GPL-3.0-or-later
#include "stops/place_panel.h"

#include "model/edits.h"
#include "model/lane_kinds.h"
#include "schedule/picker_tables.h"
#include "time/musical_text.h"
#include "widgets.h"

#include <QGridLayout>
#include <QHBoxLayout>
#include <QStyle>
#include <QVBoxLayout>
#include <algorithm>

namespace pulsepin {
namespace {

void mark_invalid(QLineEdit* field, bool invalid) {
    if (field->property("invalid").toBool() == invalid)
        return;
    field->setProperty("invalid", invalid);
    field->style()->unpolish(field);
    field->style()->polish(field);
}

} // namespace

PlacePanel::PlacePanel(Document& document, ViewState& view, QWidget* parent)
    : StopPanel(document, view, parent) {
    auto* grid = new QGridLayout(this);
    grid->setContentsMargins(0, 0, 0, 0);
    grid->setHorizontalSpacing(14);
    grid->setVerticalSpacing(10);
    heading_ = heading({});
    grid->addWidget(heading_, 0, 0, 1, 4);

    lane_ = new QComboBox;
    lane_->setObjectName("lane choice");
    lane_->setToolTip(tr("The lane that the pins go to"));
    source_ = new QComboBox;
    source_->setObjectName("source");
    for (const auto& row : picker_sources())
        if (row.id != "list") // comes from what was picked before, not from here
            source_->addItem(QString::fromUtf8(row.label.data(), static_cast<qsizetype>(row.label.size())),
                             QString::fromUtf8(row.id.data(), static_cast<qsizetype>(row.id.size())));
    source_->setToolTip(tr("Where the positions come from"));
    every_ = new QComboBox;
    every_->setObjectName("every");
    for (int n = 1; n <= 16; ++n)
        every_->addItem(n == 1 ? tr("one") : QString::fromStdString(ordinal(n)), n);
    every_->setCurrentIndex(1);
    every_->setToolTip(tr("Counted from the first position of the range"));
    from_ = new QLineEdit;
    from_->setObjectName("from");
    from_->setToolTip(tr("Bar and beat of the first, as 19.1; a range drawn on the ruler is taken over"));
    until_ = new QLineEdit;
    until_->setObjectName("until");
    until_->setToolTip(tr("Bar and beat up to which is placed; itself not included"));
    grid->setVerticalSpacing(6);
    grid->addWidget(labelled(tr("to lane"), lane_), 1, 0);
    grid->addWidget(labelled(tr("from"), source_), 1, 1);
    row_ = new QComboBox;
    row_->setObjectName("source row");
    row_->setAccessibleName(tr("Row of onsets"));
    row_->setToolTip(tr("Which row of onsets"));
    marker_ = new QLineEdit;
    marker_->setObjectName("source marker");
    marker_->setAccessibleName(tr("Name of markers"));
    marker_->setPlaceholderText(tr("all"));
    marker_->setToolTip(tr("Only markers whose name holds this"));
    swing_ = new QDoubleSpinBox;
    swing_->setObjectName("swing");
    swing_->setAccessibleName(tr("Swing"));
    swing_->setRange(1, 4);
    swing_->setSingleStep(0.05);
    swing_->setSuffix(tr(" : 1"));
    swing_->setToolTip(tr("The first of each pair against the second: 1 straight, 2 triplets"));
    every_->setAccessibleName(tr("every"));
    argument_ = new QWidget;
    auto* asked = new QVBoxLayout(argument_);
    asked->setContentsMargins(0, 0, 0, 0);
    asked->setSpacing(3);
    argument_name_ = quiet({});
    asked->addWidget(argument_name_);
    for (QWidget* field :
         {static_cast<QWidget*>(row_), static_cast<QWidget*>(marker_), static_cast<QWidget*>(swing_)})
        asked->addWidget(field);
    grid->addWidget(argument_, 1, 2);
    grid->addWidget(labelled(tr("every"), every_), 1, 3);
    grid->addWidget(labelled(tr("starting at"), from_), 2, 0);
    grid->addWidget(labelled(tr("until"), until_), 2, 1);
    auto* shots = new QComboBox;
    shots->addItem(tr("in turn, from bin"));
    shots->setToolTip(tr("Each cut takes the next shot of the bin"));
    grid->addWidget(labelled(tr("shots"), shots), 2, 2, 1, 2);
    auto* slots_box = new QVBoxLayout;
    slots_box->setSpacing(4);
    for (int i = 1; i <= 2; ++i) {
        auto* slot = new FilterSlot(QString("filter %1").arg(i));
        connect(slot, &FilterSlot::changed, this, &PlacePanel::preview);
        slots_box->addWidget(slot);
        filters_.push_back(slot);
    }
    grid->addLayout(slots_box, 3, 0, 1, 4);

    place_ = main_button({});
    place_->setObjectName("place");
    connect(place_, &QPushButton::clicked, this, &PlacePanel::place_now);
    show_ = new QPushButton(tr("Show them"));
    show_->setToolTip(tr("Scrolls and zooms to the outlines"));
    connect(show_, &QPushButton::clicked, this, [this] {
        const auto& outlines = view_.outlines();
        if (outlines && !outlines->outlines.empty())
            emit shown_wanted(outlines->outlines.front().time - Seconds(1),
                              outlines->outlines.back().time + Seconds(1));
    });
    outcome_ = quiet({});
    outcome_->setObjectName("outcome");
    outcome_->setWordWrap(true);
    auto* buttons = new QHBoxLayout;
    buttons->setSpacing(10);
    buttons->addWidget(place_);
    buttons->addWidget(show_);
    buttons->addWidget(outcome_, 1);
    grid->addLayout(buttons, 5, 0, 1, 4);
    grid->setRowStretch(4, 1);
    for (int column = 0; column < 4; ++column)
        grid->setColumnStretch(column, 1);

    connect(lane_, &QComboBox::currentIndexChanged, this, &PlacePanel::preview);
    connect(source_, &QComboBox::currentIndexChanged, this, [this] {
        show_argument();
        preview();
    });
    connect(row_, &QComboBox::currentIndexChanged, this, &PlacePanel::preview);
    connect(marker_, &QLineEdit::textChanged, this, &PlacePanel::preview);
    connect(swing_, &QDoubleSpinBox::valueChanged, this, &PlacePanel::preview);
    connect(every_, &QComboBox::currentIndexChanged, this, &PlacePanel::preview);
    connect(from_, &QLineEdit::textChanged, this, &PlacePanel::preview);
    connect(until_, &QLineEdit::textChanged, this, &PlacePanel::preview);
    connect(from_, &QLineEdit::textEdited, this, [this] { bounds_typed_ = true; });
    connect(until_, &QLineEdit::textEdited, this, [this] { bounds_typed_ = true; });
    connect(from_, &QLineEdit::returnPressed, this, &PlacePanel::place_now);
    connect(until_, &QLineEdit::returnPressed, this, &PlacePanel::place_now);
    connect(&view_, &ViewState::range_changed, this, &PlacePanel::take_range_of_view);
    connect(&document_, &Document::opened, this, [this] { bounds_typed_ = false; });
    refresh();
}

void PlacePanel::fill_lanes() {
    const auto& lanes = document_.project().lanes;
    bool same = lane_->count() == static_cast<int>(lanes.size());
    for (std::size_t i = 0; same && i < lanes.size(); ++i)
        same = lane_->itemData(static_cast<int>(i)).toULongLong() == lanes[i]->id.value;
    if (same)
        return;
    const QSignalBlocker quietly(lane_);
    lane_->clear();
    for (const auto& lane : lanes) {
        lane_->addItem(QString::fromStdString(lane->name), static_cast<qulonglong>(lane->id.value));
        if (lane->kind == LaneKind::Cut)
            lane_->setCurrentIndex(lane_->count() - 1);
    }
}

void PlacePanel::fill_rows() {
    QStringList names;
    if (const auto& detection = document_.project().detection)
        for (const auto& row : detection->rows)
            names << QString::fromStdString(row.name);
    QStringList there;
    for (int i = 0; i < row_->count(); ++i)
        there << row_->itemText(i);
    if (names == there)
        return;
    const QSignalBlocker quietly(row_);
    const QString chosen = row_->currentText();
    row_->clear();
    row_->addItems(names);
    row_->setCurrentIndex(std::max(0, row_->findText(chosen)));
}

void PlacePanel::show_argument() {
    const auto* source = picker_source(source_->currentData().toString().toStdString());
    const auto takes = source ? source->takes : SourceTakes::Nothing;
    row_->setVisible(takes == SourceTakes::OnsetRow);
    marker_->setVisible(takes == SourceTakes::MarkerName);
    swing_->setVisible(takes == SourceTakes::Swing);
    argument_->setVisible(takes != SourceTakes::Nothing);
    argument_name_->setText(takes == SourceTakes::OnsetRow     ? tr("row")
                            : takes == SourceTakes::MarkerName ? tr("named")
                                                               : tr("swing"));
}

const Lane* PlacePanel::lane() const {
    return document_.project().lane(LaneId{lane_->currentData().toULongLong()});
}

void PlacePanel::take_range_of_view() {
    const auto& project = document_.project();
    if (!project.grid || !project.song)
        return;
    const auto& grid = *project.grid;
    const auto text = [&](Ticks at) { return QString::fromStdString(format_position(grid.position_of(at))); };
    if (const auto& range = view_.range()) {
        from_->setText(text(grid.nearest_beat(range->from)));
        until_->setText(text(grid.nearest_beat(range->until)));
        bounds_typed_ = true;
    } else if (!bounds_typed_) {
        const Ticks first(std::max<std::int64_t>(0, grid.first_beat()) * ticks_per_beat);
        from_->setText(text(first));
        until_->setText(text(Ticks((grid.last_beat() + 1) * ticks_per_beat)));
    }
}

Result<Picker> PlacePanel::picker() const {
    const auto from = parse_position(from_->text().toStdString());
    const auto until = parse_position(until_->text().toStdString());
    mark_invalid(from_, !from);
    mark_invalid(until_, !until);
    if (!from)
        return tl::unexpected(from.error());
    if (!until)
        return tl::unexpected(until.error());
    const auto& grid = document_.project().grid;
    if (!grid)
        return fail("There is no beat grid yet.", {}, "Detect the beats first.");
    Picker picker{
        source_->currentData().toString().toStdString(), grid->ticks_of(*from), grid->ticks_of(*until), {}};
    const auto* source = picker_source(picker.source);
    if (source && source->takes == SourceTakes::OnsetRow)
        picker.argument = row_->currentText().toStdString();
    if (source && source->takes == SourceTakes::MarkerName)
        picker.argument = marker_->text().toStdString();
    if (source && source->takes == SourceTakes::Swing)
        picker.swing = swing_->value();
    // "Every second" of those that the filters let through.
    for (const auto* slot : filters_)
        if (auto use = slot->use())
            picker.filters.push_back(*std::move(use));
    picker.filters.push_back({"every-nth", {static_cast<double>(every_->currentData().toInt()), 0.0}});
    return picker;
}

void PlacePanel::preview() {
    const Lane* target = lane();
    const QString kind = target ? QString::fromUtf8(lane_kind(target->kind).id.data()) : tr("pins");
    heading_->setText(tr("Place %1 on the beats you pick").arg(kind));
    place_->setText(tr("Place %1").arg(kind));
    if (!active_)
        return;
    const auto wanted = picker();
    const auto found =
        wanted && target
            ? preview_placing(document_.project(), target->id, *wanted)
            : Result<PlacePreview>(fail(wanted ? "There is no lane." : wanted.error().message()));
    place_->setEnabled(found && !found->outlines.empty());
    show_->setEnabled(place_->isEnabled());
    if (!found) {
        outcome_->setText(QString::fromStdString(found.error().message()));
        view_.set_outlines({}, std::nullopt);
        return;
    }
    if (!found->outlines.empty()) // "Place cuts" else: nought of them is no offer
        place_->setText(
            tr("Place %1").arg(QString::fromStdString(count_text(found->outlines.size(), target->kind))));
    QString text;
    if (found->outlines.empty())
        text = found->already_there > 0 ? tr("all of these beats are taken already")
                                        : tr("no beat in that range");
    else
        text = tr("outlined above · worst %1 ms").arg(found->worst_rounding_error.value * 1000, 0, 'f', 0);
    if (found->already_there > 0 && !found->outlines.empty())
        text += tr(" · %1 taken already").arg(found->already_there);
    outcome_->setText(text);
    view_.set_outlines(target->id, *found);
}

void PlacePanel::place_now() {
    const Lane* target = lane();
    const auto wanted = picker();
    if (!target || !wanted)
        return;
    const auto placed = place(document_.project(), target->id, *wanted);
    if (!placed)
        return document_.say(QString::fromStdString(placed.error().message()));
    const auto kind = target->kind;
    const QString count = QString::fromStdString(count_text(placed->count, kind));
    document_.apply(placed->project, tr("place %1").arg(count));
    std::set<PinId> planted;
    for (const auto& lane : document_.project().lanes)
        for (const auto& pin : lane->pins)
            if (pin.planting == placed->planting)
                planted.insert(pin.id);
    view_.select(planted);
    document_.say(tr("%1 placed and selected").arg(count));
}

QString PlacePanel::summary() const {
    std::size_t off = 0;
    QStringList counts;
    for (const auto& lane : document_.project().lanes)
        if (!lane->pins.empty()) {
            counts << QString::fromStdString(count_text(lane->pins.size(), lane->kind));
            off += static_cast<std::size_t>(
                std::count_if(lane->pins.begin(), lane->pins.end(),
                              [](const Pin& pin) { return std::holds_alternative<TimeAnchor>(pin.anchor); }));
        }
    if (counts.isEmpty())
        return tr("nothing placed yet");
    if (off > 0)
        counts << tr("%1 loose").arg(off);
    return counts.join(", ");
}

bool PlacePanel::complete() const {
    const Lane* cuts = document_.project().first_lane(LaneKind::Cut);
    return cuts && !cuts->pins.empty();
}

void PlacePanel::refresh() {
    fill_lanes();
    fill_rows();
    show_argument();
    for (auto* slot : filters_)
        slot->set_project(document_.project());
    take_range_of_view();
    preview();
}

void PlacePanel::entered() {
    active_ = true;
    refresh();
}

void PlacePanel::left() {
    active_ = false;
    view_.set_outlines({}, std::nullopt);
}

} // namespace pulsepin
