// SPDX-License-Identifier: GPL-3.0-or-later
#include "pages/stops/mark_panel.h"

#include "drawing/marker_picture.h"
#include "kinds/kinds.h"
#include "model/edits.h"
#include "model/marker_looks.h"
#include "parts/choices.h"
#include "parts/finder.h"
#include "parts/page_stack.h"
#include "parts/widgets.h"
#include "session/core_words.h"
#include "session/number_text.h"

#include <QHBoxLayout>
#include <QHeaderView>
#include <QVBoxLayout>

namespace pulsepin {

MarkPanel::MarkPanel(Document& document, ViewState& view, QWidget* parent)
    : StopPanel(document, view, parent) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(6);
    column->addLayout(make_top());
    pages_ = new PageStack;
    pages_->addWidget(make_markers());
    pages_->addWidget(words_ = new WordsPage(document_, view_));
    pages_->addWidget(notes_ = new NotesPage(document_, view_));
    pages_->addWidget(exposures_ = new ExposuresPage(document_, view_));
    column->addWidget(pages_, 1);
    connect(&view_, &ViewState::selection_changed, this, &MarkPanel::show_selection);
    connect(&view_, &ViewState::lane_chosen, this, [this] {
        if (const Lane* lane = document_.project().lane(view_.lane()))
            show_page(page_of(lane->kind));
    });
    show_page(Markers);
    refresh();
}

QLayout* MarkPanel::make_top() {
    auto* row = new QHBoxLayout;
    row->setSpacing(6);
    const auto side = [&](const char* name, const QString& text, const QString& tip, Page page) {
        auto* button = named(new QPushButton(text), name, tip);
        button->setCheckable(true);
        button->setProperty("role", "choice");
        connect(button, &QPushButton::clicked, this, [this, page] { show_page(page); });
        sides_.push_back(button);
        row->addWidget(button);
    };
    side("page of markers", tr("Markers"), tr("Moments with names"), Markers);
    side("page of words", tr("Words"), tr("A text whose words are set as they are sung"), Words);
    side("page of notes", tr("Notes"), tr("What is said, its translation, remarks; the running band"), Notes);
    side("page of exposures", tr("Exposures"), tr("Drawings that are held from beat to beat"), Exposures);
    row->addStretch(1);
    beside_words_ = new QWidget;
    auto* beside = new QHBoxLayout(beside_words_);
    beside->setContentsMargins(0, 0, 0, 0);
    beside->setSpacing(6);
    const auto text = [&](const char* command, const QString& label, const QString& tip) {
        auto* button = named(new QPushButton(label), command, tip);
        connect(button, &QPushButton::clicked, this, [this, command] { emit words_->wanted(command); });
        beside->addWidget(button);
    };
    text("paste words", tr("Paste text"), tr("The words of the text that was copied wait to be set"));
    text("load words", tr("Load text…"), tr("Plain text, SubRip, WebVTT, or lines with times"));
    row->addWidget(beside_words_);
    return row;
}

QWidget* MarkPanel::make_markers() {
    auto* box = new QWidget;
    auto* column = new QVBoxLayout(box);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(6);
    column->addLayout(make_filter());
    make_list();
    column->addWidget(list_, 1);
    column->addLayout(make_buttons());
    outcome_ = quiet({});
    outcome_->setObjectName("mark outcome");
    column->addWidget(outcome_);
    return box;
}

/// Who chooses a lane means what lies in it.
MarkPanel::Page MarkPanel::page_of(LaneKind kind) const {
    return holds<WordBody>(kind)       ? Words
           : holds<NoteBody>(kind)     ? Notes
           : holds<ExposureBody>(kind) ? Exposures
           : holds<MarkerBody>(kind)   ? Markers
                                       : page_shown();
}

MarkPanel::Page MarkPanel::page_shown() const {
    return static_cast<Page>(pages_->currentIndex());
}

bool MarkPanel::shows_words() const {
    return page_shown() == Words;
}

void MarkPanel::show_page(Page page) {
    for (std::size_t i = 0; i < sides_.size(); ++i)
        sides_[i]->setChecked(static_cast<Page>(i) == page);
    beside_words_->setVisible(page == Words);
    pages_->setCurrentIndex(page);
    refresh_page();
    emit page_changed();
}

QLayout* MarkPanel::make_filter() {
    auto* top = new QHBoxLayout;
    top->setSpacing(8);
    text_ = new QLineEdit;
    text_->setAccessibleName(tr("Show only markers with this in name or note"));
    text_->setPlaceholderText(tr("name or note"));
    named(text_, "marker filter", tr("Only markers whose name or note holds this"));
    colour_ = new ChoiceBox;
    colour_->setAccessibleName(tr("Show only markers of this colour"));
    named(colour_, "marker filter colour", tr("Only markers of this colour"));
    colour_->addItem(tr("all colours"), -1);
    fill_with_colours(colour_);
    top->addWidget(text_);
    top->addWidget(colour_);
    const auto filter = [this] { table_->set_filter(text_->text(), colour_->currentData().toInt()); };
    connect(text_, &QLineEdit::textChanged, this, filter);
    connect(colour_, &QComboBox::currentIndexChanged, this, filter);
    return top;
}

void MarkPanel::make_list() {
    table_ = new MarkerTable(document_, this);
    list_ = new QTableView;
    list_->setObjectName("markers");
    list_->setAccessibleName(tr("Markers"));
    list_->setModel(table_);
    list_->setItemDelegate(new MarkerLookDelegate(list_));
    list_->setSelectionBehavior(QAbstractItemView::SelectRows);
    list_->setShowGrid(false);
    list_->verticalHeader()->hide();
    list_->verticalHeader()->setDefaultSectionSize(22);
    list_->setSortingEnabled(true);
    list_->sortByColumn(MarkerTable::Place, Qt::AscendingOrder);
    auto* header = list_->horizontalHeader();
    header->setHighlightSections(false);
    header->setDefaultAlignment(Qt::AlignLeft | Qt::AlignVCenter);
    for (const int stretched : {MarkerTable::Name, MarkerTable::Note})
        header->setSectionResizeMode(stretched, QHeaderView::Stretch);
    const std::pair<int, int> widths[] = {{MarkerTable::Place, 58},
                                          {MarkerTable::Colour, 76},
                                          {MarkerTable::Symbol, 66},
                                          {MarkerTable::Lasts, 62},
                                          {MarkerTable::TravelsWith, 62}};
    for (const auto& [which, width] : widths)
        list_->setColumnWidth(which, width);
    list_->setEditTriggers(QAbstractItemView::DoubleClicked | QAbstractItemView::EditKeyPressed);
    list_->setTabKeyNavigation(false);
    list_->setToolTip(tr("Double click or F2 to change, Enter to go there"));
    connect(list_->selectionModel(), &QItemSelectionModel::selectionChanged, this,
            &MarkPanel::take_selection);
    connect(table_, &QAbstractItemModel::modelReset, this, &MarkPanel::show_selection);
    connect(list_, &QAbstractItemView::activated, this,
            [this](const QModelIndex& at) { emit go_wanted(table_->moment(at.row())); });
    connect(list_, &QAbstractItemView::clicked, this, [this](const QModelIndex& at) {
        if (at.column() == MarkerTable::Place)
            emit go_wanted(table_->moment(at.row()));
    });
}

QLayout* MarkPanel::make_buttons() {
    auto* bottom = new QHBoxLayout;
    bottom->setSpacing(6);
    auto* add = main_button(tr("Add here"));
    add->setObjectName("add marker here");
    add->setToolTip(tr("A marker at the playhead, also while it plays (M)"));
    auto* on_shot = new QPushButton(tr("On the shot"));
    on_shot->setObjectName("add marker on shot");
    on_shot->setToolTip(
        tr("A marker on the shot or sound under the playhead: it travels with it (Ctrl+Shift+M)"));
    row_ = new ChoiceBox;
    row_->setAccessibleName(tr("Snap to onsets of"));
    named(row_, "snap row", tr("The row of onsets to snap to"));
    limit_ = whole_field("snap limit", tr("Markers that are farther from an onset stay"), 1, 2000, 80);
    limit_->setAccessibleName(tr("Snap no farther than"));
    limit_->setPrefix(tr("within "));
    limit_->setSuffix(tr(" ms"));
    snap_ = new QPushButton(tr("Snap to"));
    snap_->setObjectName("snap markers");
    snap_->setToolTip(tr("Moves the selected markers, or all in the list, to the nearest onset"));
    for (QWidget* widget : std::initializer_list<QWidget*>{add, on_shot, snap_, row_, limit_})
        bottom->addWidget(widget);
    bottom->addStretch(1);
    connect(add, &QPushButton::clicked, this, &MarkPanel::add_wanted);
    connect(on_shot, &QPushButton::clicked, this, &MarkPanel::add_on_shot_wanted);
    connect(snap_, &QPushButton::clicked, this, &MarkPanel::snap);
    return bottom;
}

std::vector<PinId> MarkPanel::meant() const {
    std::vector<PinId> pins;
    for (const auto& at : list_->selectionModel()->selectedRows())
        pins.push_back(table_->pin(at.row()));
    return pins.empty() ? table_->pins() : pins;
}

void MarkPanel::take_selection() {
    if (following_)
        return;
    following_ = true;
    std::vector<PinId> pins;
    for (const auto& at : list_->selectionModel()->selectedRows())
        pins.push_back(table_->pin(at.row()));
    view_.select({pins.begin(), pins.end()});
    following_ = false;
}

void MarkPanel::show_selection() {
    if (following_ || !active_)
        return;
    following_ = true;
    // One range for rows that follow each other: a selection of thousands of ranges takes seconds.
    QItemSelection rows;
    int first = -1;
    const int count = table_->rowCount();
    const auto selected = [&](int row) { return view_.selection().contains(table_->pin(row)); };
    for (int row = 0; row < count; ++row) {
        if (!selected(row))
            continue;
        const int begins = row;
        while (row + 1 < count && selected(row + 1))
            ++row;
        rows.append(
            QItemSelectionRange(table_->index(begins, 0), table_->index(row, MarkerTable::ColumnCount - 1)));
        first = first < 0 ? begins : first;
    }
    list_->selectionModel()->select(rows, QItemSelectionModel::ClearAndSelect);
    if (first >= 0)
        list_->scrollTo(table_->index(first, 0));
    following_ = false;
}

void MarkPanel::snap() {
    const auto pins = meant();
    const auto snapped = snapped_to_onsets(document_.project(), pins,
                                           static_cast<std::size_t>(std::max(0, row_->currentIndex())),
                                           Seconds(limit_->value() / 1000.0));
    if (!snapped)
        return outcome_->setText(spoken(snapped.error()));
    if (snapped->moved > 0)
        document_.apply(snapped->project, tr("snap markers"));
    QStringList told{tr("%n moved", nullptr, static_cast<int>(snapped->moved))};
    if (snapped->moved > 0)
        told.last() += tr(" by up to %1 ms").arg(number_text(snapped->farthest.value * 1000, 0));
    if (snapped->there_already > 0)
        told << tr("%n there already", nullptr, static_cast<int>(snapped->there_already));
    if (snapped->too_far > 0)
        told << tr("%n too far, left where they are", nullptr, static_cast<int>(snapped->too_far));
    outcome_->setText(told.join(" · "));
    document_.say(told.join(" · "));
}

QString MarkPanel::summary() const {
    std::size_t markers = 0, words = 0, waiting = 0;
    for (const auto& lane : document_.project().lanes) {
        if (holds<MarkerBody>(lane->kind))
            markers += lane->pins.size();
        if (holds<WordBody>(lane->kind))
            words += lane->pins.size();
        if (part_of<LaneText>(*lane))
            waiting += part_of<LaneText>(*lane)->tray.size();
    }
    QStringList told;
    if (markers > 0)
        told << spoken(count_text(markers, kind_of(body_type<MarkerBody>)));
    if (words > 0)
        told << spoken(count_text(words, kind_of(body_type<WordBody>)));
    if (waiting > 0)
        told << tr("%1 to set").arg(waiting);
    return told.isEmpty() ? tr("no markers yet") : told.join(", ");
}

bool MarkPanel::complete() const {
    const auto& lanes = document_.project().lanes;
    return std::any_of(lanes.begin(), lanes.end(), [](const auto& lane) {
        return (holds<MarkerBody>(lane->kind) || holds<WordBody>(lane->kind)) && !lane->pins.empty();
    });
}

void MarkPanel::refresh() {
    fill_with_onset_rows(row_, document_.project(), "kick");
    snap_->setEnabled(row_->count() > 0);
    if (active_)
        table_->refresh();
    refresh_page();
}

void MarkPanel::refresh_page() {
    switch (page_shown()) {
    case Words:
        return words_->refresh();
    case Notes:
        return notes_->refresh();
    case Exposures:
        return exposures_->refresh();
    case Markers:
        return;
    }
}

void MarkPanel::entered() {
    active_ = true;
    refresh();
    show_selection();
}

void MarkPanel::left() {
    active_ = false;
}

} // namespace pulsepin
