// SPDX-License-Identifier: GPL-3.0-or-later
#include "stops/picker_page.h"

#include "fields.h"
#include "kinds/marker_picture.h"
#include "model/marker_looks.h"
#include "model/planting_edits.h"
#include "schedule/find_pins.h"
#include "schedule/picker_tables.h"
#include "stops/choices.h"
#include "time/musical_text.h"
#include "widgets.h"

#include <QGridLayout>
#include <QScrollArea>
#include <QStyle>
#include <algorithm>

namespace pulsepin {
namespace {

constexpr std::size_t least_slots = 1, most_slots = 8;

void mark_invalid(QLineEdit* field, bool invalid) {
    if (field->property("invalid").toBool() == invalid)
        return;
    field->setProperty("invalid", invalid);
    field->style()->unpolish(field);
    field->style()->polish(field);
}

} // namespace

PickerPage::PickerPage(Document& document, ViewState& view, QWidget* lane_choice, QWidget* parent)
    : QWidget(parent), document_(document), view_(view) {
    auto* grid = new QGridLayout(this);
    grid->setContentsMargins(0, 0, 0, 0);
    grid->setHorizontalSpacing(10);
    grid->setVerticalSpacing(5);
    make_fields();
    auto* kept = new QWidget;
    auto* kept_row = new QHBoxLayout(kept);
    kept_row->setContentsMargins(0, 0, 0, 0);
    kept_row->setSpacing(3);
    kept_row->addWidget(kept_, 1);
    kept_row->addWidget(keep_);
    kept_row->addWidget(forget_);

    const auto row_of = [](std::initializer_list<std::pair<QWidget*, int>> fields) {
        auto* row = new QHBoxLayout;
        row->setSpacing(10);
        for (const auto& [field, share] : fields)
            row->addWidget(field, share);
        return row;
    };
    grid->addLayout(row_of({{labelled(tr("to lane"), lane_choice), 4},
                            {labelled(tr("from"), source_), 4},
                            {make_argument(), 3},
                            {labelled(tr("every"), every_), 3}}),
                    0, 0);
    grid->addLayout(row_of({{labelled(tr("where"), range_), 4},
                            {labelled(tr("starting at"), from_), 2},
                            {labelled(tr("until"), until_), 2},
                            {labelled(tr("kept pickers"), kept), 6}}),
                    1, 0);
    auto* filters = new QWidget;
    auto* filter_column = new QVBoxLayout(filters);
    make_filters(filter_column);
    auto* scroll = new QScrollArea;
    scroll->setObjectName("filters");
    scroll->setAccessibleName(tr("Filters, one after the other"));
    scroll->setWidgetResizable(true);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    scroll->setFocusPolicy(Qt::NoFocus);
    scroll->setWidget(filters);
    grid->addWidget(scroll, 2, 0);
    grid->setRowStretch(2, 1);

    connect_fields();
    refresh();
}

void PickerPage::make_fields() {
    source_ = new QComboBox;
    source_->setObjectName("source");
    for (const auto& row : picker_sources())
        source_->addItem(text_of(row.label), text_of(row.id));
    source_->setToolTip(tr("Where the positions come from"));
    every_ = new QComboBox;
    every_->setObjectName("every");
    for (int n = 1; n <= 16; ++n)
        every_->addItem(n == 1 ? tr("one") : QString::fromStdString(ordinal(n)), n);
    every_->setCurrentIndex(1);
    every_->setToolTip(tr("Counted from the first position of the range, after the filters"));
    range_ = new QComboBox;
    range_->setObjectName("range kind");
    range_->addItems({tr("as typed"), tr("whole song"), tr("range or loop"), tr("this section"),
                      tr("from the playhead"), tr("what is selected")});
    range_->setToolTip(tr("Which part of the song"));
    from_ = new QLineEdit;
    from_->setObjectName("from");
    from_->setToolTip(tr("Bar and beat of the first, as 19.1; a range drawn on the ruler is taken over"));
    until_ = new QLineEdit;
    until_->setObjectName("until");
    until_->setToolTip(tr("Bar and beat up to which is placed; itself not included"));
    kept_ = new QComboBox;
    kept_->setObjectName("kept picker");
    kept_->setAccessibleName(tr("Pickers that were kept"));
    kept_->setEditable(true);
    kept_->setInsertPolicy(QComboBox::NoInsert);
    kept_->lineEdit()->setPlaceholderText(tr("a name"));
    kept_->setToolTip(tr("Choose a picker that was kept, or write a name to keep this one"));
    keep_ = new QPushButton(tr("Keep"));
    keep_->setObjectName("keep picker");
    keep_->setProperty("role", "small");
    keep_->setToolTip(tr("Keeps source, range and filters in the project under that name"));
    forget_ = new QPushButton(tr("Forget"));
    forget_->setObjectName("forget picker");
    forget_->setProperty("role", "small");
    forget_->setToolTip(tr("The picker of that name is no longer kept; what it placed stays"));
}

void PickerPage::connect_fields() {
    connect(source_, &QComboBox::currentIndexChanged, this, [this] {
        show_argument();
        emit changed();
    });
    connect(range_, &QComboBox::activated, this, [this](int kind) {
        take_range(static_cast<RangeKind>(kind));
        emit changed();
    });
    connect(every_, &QComboBox::currentIndexChanged, this, &PickerPage::changed);
    connect(source_form_, &ParamForm::changed, this, &PickerPage::changed);
    for (auto* field : {from_, until_})
        connect(field, &QLineEdit::textChanged, this, &PickerPage::changed);
    for (auto* field : {from_, until_}) {
        connect(field, &QLineEdit::textEdited, this, [this] {
            bounds_typed_ = true;
            range_->setCurrentIndex(Typed);
        });
        connect(field, &QLineEdit::returnPressed, this, &PickerPage::place_wanted);
    }
    connect(kept_, &QComboBox::activated, this, [this](int index) {
        const auto& pickers = *document_.project().pickers;
        if (index >= 0 && index < std::ssize(pickers)) {
            set_picker(pickers[static_cast<std::size_t>(index)].picker);
            emit changed();
        }
    });
    connect(keep_, &QPushButton::clicked, this, &PickerPage::keep);
    connect(forget_, &QPushButton::clicked, this, &PickerPage::forget);
    connect(&view_, &ViewState::range_changed, this, &PickerPage::take_range_of_view);
    connect(&document_, &Document::opened, this, [this] {
        bounds_typed_ = false;
        range_->setCurrentIndex(Typed);
    });
}

QWidget* PickerPage::make_argument() {
    source_form_ = new ParamForm("source", {.fills = true});
    argument_ = new QWidget;
    auto* asked = new QVBoxLayout(argument_);
    asked->setContentsMargins(0, 0, 0, 0);
    asked->setSpacing(3);
    argument_name_ = quiet({});
    asked->addWidget(argument_name_);
    asked->addWidget(source_form_);
    return argument_;
}

void PickerPage::make_filters(QVBoxLayout* column) {
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(4);
    slots_ = new QVBoxLayout;
    slots_->setSpacing(4);
    column->addLayout(slots_);
    column->addStretch(1);
    for (std::size_t i = 0; i < least_slots; ++i)
        add_slot();
}

/// One more once all are used, so that there is always room for a further filter.
void PickerPage::add_slot() {
    auto* slot = new FilterSlot(QString("filter %1").arg(filters_.size() + 1));
    slot->set_project(document_.project());
    connect(slot, &FilterSlot::changed, this, [this] {
        const bool full = std::all_of(filters_.begin(), filters_.end(),
                                      [](const FilterSlot* s) { return s->use().has_value(); });
        if (full && filters_.size() < most_slots)
            add_slot();
        show_slots();
        emit changed();
    });
    slots_->addWidget(slot);
    filters_.push_back(slot);
}

/// Those that are used, and one to add another with.
void PickerPage::show_slots() {
    bool room = false;
    for (auto* slot : filters_) {
        const bool used = slot->use().has_value();
        slot->setVisible(used || !room);
        room = room || !used;
    }
}

void PickerPage::fill_kept() {
    QStringList names, there;
    for (const auto& named : *document_.project().pickers)
        names << QString::fromStdString(named.name);
    for (int i = 0; i < kept_->count(); ++i)
        there << kept_->itemText(i);
    if (names == there)
        return;
    const QSignalBlocker quietly(kept_);
    const QString written = kept_->currentText();
    kept_->clear();
    kept_->addItems(names);
    kept_->setCurrentIndex(-1);
    kept_->setEditText(written);
}

/// What was set of a source comes back with it.
void PickerPage::show_argument() {
    const std::string id = source_->currentData().toString().toStdString();
    const auto* source = picker_source(id);
    const ParamSpecs specs = source ? source->parameters : ParamSpecs();
    argument_->setVisible(!specs.empty());
    if (id == shown_source_)
        return;
    if (!shown_source_.empty())
        source_values_[shown_source_] = source_form_->values();
    shown_source_ = id;
    source_form_->set_specs(specs);
    source_form_->set_values(source_values_[id]);
    argument_name_->setText(specs.empty() ? QString() : text_of(specs.front().label));
    if (auto* colours = qobject_cast<QComboBox*>(source_form_->field("colour")))
        for (int i = 0; i < colours->count(); ++i)
            colours->setItemIcon(i, marker_picture(i, 0));
}

// -- the range

void PickerPage::set_bounds(Ticks from, Ticks until) {
    const auto& grid = *document_.project().grid;
    const auto text = [&](Ticks at) { return QString::fromStdString(format_position(grid.position_of(at))); };
    from_->setText(text(from));
    until_->setText(text(until));
}

void PickerPage::take_range(RangeKind kind) {
    const auto& project = document_.project();
    from_->setEnabled(kind != Whole);
    until_->setEnabled(kind != Whole);
    if (!project.grid)
        return;
    const auto& grid = *project.grid;
    const Ticks end((grid.last_beat() + 1) * ticks_per_beat);
    bounds_typed_ = true;
    switch (kind) {
    case Typed:
        return;
    case Whole:
        return set_bounds(Ticks(grid.first_beat() * ticks_per_beat), end);
    case DrawnRange:
        if (const auto& range = view_.range())
            return set_bounds(grid.nearest_beat(range->from), grid.nearest_beat(range->until));
        return document_.say(tr("Drag a range along the ruler first"));
    case FromPlayhead:
        // From the first beat that is not before it.
        return set_bounds(
            Ticks(static_cast<std::int64_t>(std::ceil(grid.beats_at(view_.playhead()).value - 1e-3)) *
                  ticks_per_beat),
            end);
    case Section:
        if (project.detection)
            for (const auto& section : project.detection->sections)
                if (view_.playhead() >= section.start && view_.playhead() < section.end)
                    return set_bounds(grid.nearest_beat(section.start), grid.nearest_beat(section.end));
        return document_.say(tr("The playhead lies in no section: find the beats first"));
    case Selection: {
        const auto span = span_of(document_.schedule(), view_.selection());
        if (!span)
            return document_.say(tr("Select pins first"));
        // Up to the beat after the last one, so that it is part of it.
        const auto after = static_cast<std::int64_t>(std::floor(grid.beats_at(span->until).value + 1e-3)) + 1;
        return set_bounds(grid.nearest_tick(span->from), Ticks(after * ticks_per_beat));
    }
    }
}

void PickerPage::take_range_of_view() {
    const auto& project = document_.project();
    if (!project.grid || !project.song)
        return;
    if (range_->currentIndex() == Whole) {
        take_range(Whole);
    } else if (view_.range()) {
        take_range(DrawnRange);
        range_->setCurrentIndex(DrawnRange);
    } else if (!bounds_typed_) {
        const auto& grid = *project.grid;
        set_bounds(Ticks(std::max<std::int64_t>(0, grid.first_beat()) * ticks_per_beat),
                   Ticks((grid.last_beat() + 1) * ticks_per_beat));
    }
}

// -- as a picker

Result<Picker> PickerPage::picker() const {
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
        return fail("There is no beat grid yet.", {},
                    "Find the beats, tap them or type a tempo (stop Grid).");
    Picker picker{
        source_->currentData().toString().toStdString(), grid->ticks_of(*from), grid->ticks_of(*until), {}};
    picker.whole = range_->currentIndex() == Whole;
    picker.values = source_form_->values();
    if (picker.source == "list")
        picker.list = list_;
    // "Every second" of those that the filters let through.
    for (const auto* slot : filters_)
        if (auto use = slot->use())
            picker.filters.push_back(*std::move(use));
    if (const int every = every_->currentData().toInt(); every > 1)
        picker.filters.push_back({"every-nth", {{"n", static_cast<double>(every)}}});
    return picker;
}

void PickerPage::set_picker(const Picker& picker) {
    const QSignalBlocker quietly(this);
    source_->setCurrentIndex(std::max(0, source_->findData(QString::fromStdString(picker.source))));
    show_argument();
    source_form_->set_values(picker.values);
    list_ = picker.list;
    range_->setCurrentIndex(picker.whole ? Whole : Typed);
    from_->setEnabled(!picker.whole);
    until_->setEnabled(!picker.whole);
    if (picker.whole)
        take_range(Whole);
    else if (document_.project().grid)
        set_bounds(picker.from, picker.until);
    bounds_typed_ = true;
    // A last "every nth" without an offset is the field of that name.
    auto filters = picker.filters;
    int every = 1;
    if (!filters.empty() && filters.back().id == "every-nth" && filters.back().values.number("offset") == 0 &&
        filters.back().values.number("n") <= 16) {
        every = static_cast<int>(filters.back().values.whole("n"));
        filters.pop_back();
    }
    every_->setCurrentIndex(every_->findData(every));
    while (filters_.size() < std::min(filters.size() + 1, most_slots))
        add_slot();
    for (std::size_t i = 0; i < filters_.size(); ++i) {
        const QSignalBlocker slot(filters_[i]);
        filters_[i]->set_use(i < filters.size() ? std::optional(filters[i]) : std::nullopt);
    }
    show_slots();
}

void PickerPage::keep() {
    const auto wanted = picker();
    if (!wanted)
        return document_.say(QString::fromStdString(wanted.error().message()));
    const std::string name = kept_->currentText().trimmed().toStdString();
    if (document_.apply(with_picker_named(document_.project(), name, *wanted), tr("keep picker")))
        document_.say(tr("“%1” is kept in the project").arg(QString::fromStdString(name)));
}

void PickerPage::forget() {
    const std::string name = kept_->currentText().trimmed().toStdString();
    document_.apply(without_picker(document_.project(), name), tr("forget picker"));
    kept_->setEditText({});
}

void PickerPage::refresh() {
    source_form_->set_project(document_.project());
    fill_kept();
    show_argument();
    for (auto* slot : filters_)
        slot->set_project(document_.project());
    take_range_of_view();
}

} // namespace pulsepin
