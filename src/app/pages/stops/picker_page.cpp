// SPDX-License-Identifier: GPL-3.0-or-later
#include "pages/stops/picker_page.h"

#include "base/ordinal.h"
#include "drawing/marker_picture.h"
#include "model/marker_looks.h"
#include "model/planting_edits.h"
#include "parts/choices.h"
#include "parts/fields.h"
#include "parts/finder.h"
#include "parts/widgets.h"
#include "render/qt_text.h"
#include "schedule/find_pins.h"
#include "schedule/picker_tables.h"
#include "schedule/place_text.h"
#include "session/core_words.h"
#include "time/clock_grid.h"
#include "time/musical_text.h"

#include <QGridLayout>
#include <QRegularExpression>
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
    grid->addLayout(row_of({{labelled(tr("counted in"), counted_), 2},
                            {labelled(tr("where"), range_), 4},
                            {labelled(tr("starting at"), from_), 2},
                            {labelled(tr("until"), until_), 2}}),
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
    auto* last = new QHBoxLayout;
    last->setSpacing(10);
    last->addWidget(scroll, 5);
    auto* right = new QVBoxLayout;
    right->addWidget(labelled(tr("presets"), kept));
    right->addStretch(1);
    last->addLayout(right, 3);
    grid->addLayout(last, 2, 0);
    grid->setRowStretch(2, 1);

    connect_fields();
    refresh();
}

void PickerPage::make_fields() {
    source_ = new ChoiceBox;
    source_->setObjectName("source");
    source_->setToolTip(tr("Where the positions come from"));
    every_ = new ChoiceBox;
    every_->setObjectName("every");
    for (int n = 1; n <= 16; ++n)
        every_->addItem(n == 1 ? tr("one") : spoken(ordinal(n)), n);
    every_->setCurrentIndex(1);
    every_->setToolTip(tr("Counted from the first position of the range, after the filters"));
    counted_ = choice_box("counted in", tr("Beats of the grid, or plain time without them"),
                          {tr("beats"), tr("seconds")});
    range_ = new ChoiceBox;
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
    kept_ = new ChoiceBox;
    kept_->setObjectName("kept picker");
    kept_->setAccessibleName(tr("Presets of pickers"));
    kept_->setEditable(true);
    kept_->setInsertPolicy(QComboBox::NoInsert);
    kept_->lineEdit()->setPlaceholderText(tr("a name"));
    kept_->setToolTip(tr("Choose a preset, or type a name to save this picker as one"));
    keep_ = new QPushButton(tr("Keep"));
    keep_->setObjectName("keep picker");
    keep_->setProperty("role", "small");
    keep_->setToolTip(tr("Keeps source, range and filters in the project under that name"));
    forget_ = new QPushButton(tr("Delete"));
    forget_->setObjectName("forget picker");
    forget_->setProperty("role", "small");
    forget_->setToolTip(tr("Deletes the preset of that name; what it placed stays"));
}

void PickerPage::connect_fields() {
    connect(source_, &QComboBox::currentIndexChanged, this, [this] {
        sources_[by_clock() ? 1 : 0] = source_->currentData().toString();
        show_every();
        show_argument();
        emit changed();
    });
    connect(range_, &QComboBox::activated, this, [this](int kind) {
        take_range(static_cast<RangeKind>(kind));
        emit changed();
    });
    connect(every_, &QComboBox::currentIndexChanged, this, &PickerPage::changed);
    connect(every_, &QComboBox::activated, this, [this] { keep_every(); });
    connect(counted_, &QComboBox::activated, this, [this] {
        counted_by_choice_ = by_clock();
        offer_what_there_is();
        take_range(static_cast<RangeKind>(range_->currentIndex()));
        take_range_of_view();
        show_argument();
        emit changed();
    });
    connect(list_field_, &QLineEdit::textChanged, this, &PickerPage::changed);
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
        bounds_typed_ = every_chosen_ = false;
        range_->setCurrentIndex(Typed);
        sources_[0] = "beats";
        sources_[1] = "onsets";
        source_->setCurrentIndex(std::max(0, source_->findData(sources_[by_clock() ? 1 : 0])));
        list_field_->clear();
        for (auto* slot : filters_)
            slot->set_use(std::nullopt);
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
    list_field_ = named(new QLineEdit, "list of places",
                        tr("Places one after the other: 13.3 (bar and beat), 0:26.96, "
                           "26.96s, 647f or 00:00:26:23"));
    asked->addWidget(list_field_);
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
    argument_->setVisible(!specs.empty() || id == "list");
    list_field_->setVisible(id == "list");
    if (id == shown_source_)
        return;
    if (!shown_source_.empty())
        source_values_[shown_source_] = source_form_->values();
    shown_source_ = id;
    source_form_->set_specs(specs);
    source_form_->set_values(source_values_[id]);
    argument_name_->setText(specs.empty() ? (id == "list" ? tr("places") : QString())
                                          : text_of(specs.front().label));
    if (auto* colours = qobject_cast<QComboBox*>(source_form_->field("colour")))
        for (int i = 0; i < colours->count(); ++i)
            colours->setItemIcon(i, marker_picture(i, 0));
}

// -- the range

/// Without beats all is in plain time, and its bounds are seconds; with beats where that is chosen.
bool PickerPage::by_clock() const {
    return !document_.project().grid || counted_->currentIndex() == 1;
}

QString PickerPage::place_text(Ticks at) const {
    if (by_clock())
        return QString::number(std::round(clock_time(at).value * 1000) / 1000, 'g', 8);
    return QString::fromStdString(format_position(document_.project().grid->position_of(at)));
}

Result<Ticks> PickerPage::place_of(const QString& text) const {
    const auto& project = document_.project();
    const auto place =
        place_of_text(project, text.toStdString(), by_clock() ? PlainNumber::AsSeconds : PlainNumber::AsBar);
    if (!place)
        return tl::unexpected(place.error());
    if (const auto* musical = std::get_if<MusicalAnchor>(&*place))
        return musical->at;
    const Seconds time = std::get<TimeAnchor>(*place).at;
    return by_clock() ? clock_ticks(time) : project.grid->nearest_tick(time);
}

void PickerPage::set_bounds(Ticks from, Ticks until) {
    from_->setText(place_text(from));
    until_->setText(place_text(until));
}

/// In plain time, from time to time.
void PickerPage::take_times(RangeKind kind) {
    const auto& project = document_.project();
    const Seconds end = project.song ? project.song->duration() : Seconds(0);
    switch (kind) {
    case Typed:
        return;
    case Whole:
        return set_bounds(Ticks(0), clock_ticks(end));
    case DrawnRange:
        if (const auto& range = view_.range())
            return set_bounds(clock_ticks(range->from), clock_ticks(range->until));
        return document_.say(tr("Drag a range along the ruler first"));
    case FromPlayhead:
        return set_bounds(clock_ticks(view_.playhead()), clock_ticks(end));
    case Section:
        return document_.say(tr("There are no sections without beats"));
    case Selection:
        if (const auto span = span_of(document_.schedule(), view_.selection()))
            return set_bounds(clock_ticks(span->from), clock_ticks(span->until) + Ticks(1));
        return document_.say(tr("Select pins first"));
    }
}

void PickerPage::take_range(RangeKind kind) {
    const auto& project = document_.project();
    from_->setEnabled(kind != Whole);
    until_->setEnabled(kind != Whole);
    bounds_typed_ = true;
    if (by_clock())
        return take_times(kind);
    const auto& grid = *project.grid;
    const Ticks end((grid.last_beat() + 1) * ticks_per_beat);
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
    if (!project.song)
        return;
    if (range_->currentIndex() == Whole) {
        take_range(Whole);
    } else if (view_.range()) {
        take_range(DrawnRange);
        range_->setCurrentIndex(DrawnRange);
    } else if (!bounds_typed_ && by_clock()) {
        set_bounds(Ticks(0), clock_ticks(project.song->duration()));
    } else if (!bounds_typed_) {
        const auto& grid = *project.grid;
        set_bounds(Ticks(std::max<std::int64_t>(0, grid.first_beat()) * ticks_per_beat),
                   Ticks((grid.last_beat() + 1) * ticks_per_beat));
    }
}

/// Sources and filters that need beats are offered where there are some.
void PickerPage::offer_what_there_is() {
    const bool there = document_.project().grid != nullptr;
    counted_->setEnabled(there);
    if (!there)
        counted_->setCurrentIndex(1);
    else if (offers_clock_ && !counted_by_choice_)
        counted_->setCurrentIndex(0); // beats came
    const bool clock = by_clock();
    if (clock == offers_clock_)
        return;
    offers_clock_ = clock;
    bounds_typed_ = false; // what was typed was of the other kind
    const QSignalBlocker quietly(source_);
    source_->clear();
    for (const auto& row : picker_sources())
        if (!clock || !row.needs_beats)
            source_->addItem(text_of(row.label) + (row.id == "every-seconds"  ? tr(" seconds")
                                                   : row.id == "every-frames" ? tr(" frames")
                                                                              : QString()),
                             qt_text(row.id));
    source_->setCurrentIndex(std::max(0, source_->findData(sources_[clock ? 1 : 0])));
    from_->setToolTip(
        clock ? tr("Where it begins: 12.5 (seconds), 0:12.5, 300 f or 00:00:12:12")
              : tr("Bar and beat of the first, as 19.1; a range drawn on the ruler is taken over"));
    until_->setToolTip(clock ? tr("Up to where, in seconds; itself not included")
                             : tr("Bar and beat up to which is placed; itself not included"));
    for (auto* slot : filters_)
        slot->offer(clock);
}

bool PickerPage::counts_beats() const {
    const auto* row = picker_source(source_->currentData().toString().toStdString());
    return row && row->needs_beats;
}

/// Beats are many and alike; onsets, markers and places of a list are meant one by one.
void PickerPage::suggest_every_beat(int n) {
    if (!every_chosen_)
        every_beat_ = n;
    show_every();
}

void PickerPage::keep_every() {
    const int n = every_->currentData().toInt();
    (counts_beats() ? every_beat_ : every_other_) = n;
    every_chosen_ = every_chosen_ || counts_beats();
}

void PickerPage::show_every() {
    every_->setCurrentIndex(every_->findData(counts_beats() ? every_beat_ : every_other_));
}

// -- as a picker

/// As written, rising; places are parted by spaces, commas or semicolons.
Result<std::vector<Ticks>> PickerPage::listed_places() const {
    std::vector<Ticks> places;
    static const QRegularExpression between("[\\s,;]+");
    for (const auto& word : list_field_->text().split(between, Qt::SkipEmptyParts)) {
        const auto place = place_of(word);
        if (!place)
            return tl::unexpected(place.error());
        places.push_back(*place);
    }
    std::sort(places.begin(), places.end());
    places.erase(std::unique(places.begin(), places.end()), places.end());
    return places;
}

void PickerPage::show_list(const std::vector<Ticks>& places) {
    QStringList words;
    for (const Ticks place : places)
        words << place_text(place);
    list_field_->setText(words.join("  "));
}

Result<Picker> PickerPage::picker() const {
    const auto from = place_of(from_->text());
    const auto until = place_of(until_->text());
    mark_invalid(from_, !from);
    mark_invalid(until_, !until);
    if (!from)
        return tl::unexpected(from.error());
    if (!until)
        return tl::unexpected(until.error());
    Picker picker{source_->currentData().toString().toStdString(), *from, *until, {}};
    picker.by_clock = by_clock();
    picker.whole = range_->currentIndex() == Whole;
    picker.values = source_form_->values();
    if (picker.source == "list") {
        auto list = listed_places();
        mark_invalid(list_field_, !list);
        if (!list)
            return tl::unexpected(list.error());
        picker.list = *std::move(list);
    }
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
    counted_->setCurrentIndex(picker.by_clock ? 1 : 0);
    counted_by_choice_ = picker.by_clock;
    offer_what_there_is();
    source_->setCurrentIndex(std::max(0, source_->findData(QString::fromStdString(picker.source))));
    show_argument();
    source_form_->set_values(picker.values);
    show_list(picker.list);
    range_->setCurrentIndex(picker.whole ? Whole : Typed);
    from_->setEnabled(!picker.whole);
    until_->setEnabled(!picker.whole);
    if (picker.whole)
        take_range(Whole);
    else if (picker.by_clock == by_clock())
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
    keep_every();
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
        return document_.say(spoken(wanted.error()));
    const std::string name = kept_->currentText().trimmed().toStdString();
    if (document_.apply(with_picker_named(document_.project(), name, *wanted), tr("keep picker")))
        document_.say(tr("Preset “%1” is saved in the project").arg(QString::fromStdString(name)));
}

void PickerPage::forget() {
    const std::string name = kept_->currentText().trimmed().toStdString();
    document_.apply(without_picker(document_.project(), name), tr("delete preset"));
    kept_->setEditText({});
}

void PickerPage::refresh() {
    source_form_->set_project(document_.project());
    offer_what_there_is();
    fill_kept();
    show_argument();
    for (auto* slot : filters_)
        slot->set_project(document_.project());
    take_range_of_view();
}

} // namespace pulsepin
