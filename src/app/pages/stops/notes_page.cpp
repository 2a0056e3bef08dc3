// SPDX-License-Identifier: GPL-3.0-or-later
#include "pages/stops/notes_page.h"

#include "kinds/kinds.h"
#include "kinds/note_signs.h"
#include "model/change_pins.h"
#include "parts/finder.h"
#include "parts/widgets.h"
#include "session/number_text.h"
#include "time/musical_text.h"

#include <QHBoxLayout>
#include <QVBoxLayout>

namespace pulsepin {
namespace {

LaneKind note_kind() {
    return kind_of(body_type<NoteBody>);
}

QCheckBox* check(const QString& name, const QString& text, const QString& tip) {
    return named(new QCheckBox(text), name, tip);
}

} // namespace

NotesPage::NotesPage(Document& document, ViewState& view, QWidget* parent)
    : QWidget(parent), document_(document), view_(view) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(6);
    column->addLayout(make_lane());
    column->addLayout(make_note());
    make_list();
    column->addWidget(notes_, 1);
    column->addLayout(make_band());
    connect(&view_, &ViewState::lane_chosen, this, &NotesPage::refresh);
}

QLayout* NotesPage::make_lane() {
    auto* row = new QHBoxLayout;
    row->setSpacing(6);
    lane_ = named(new ChoiceBox, "lane of notes", tr("The lane that notes are added to"));
    connect(lane_, &QComboBox::activated, this,
            [this] { view_.choose_lane(LaneId{lane_->currentData().toULongLong()}); });
    row->addWidget(lane_, 1);
    auto* add = named(new QPushButton(tr("New lane")), "new lane of notes",
                      tr("A lane more: for a translation, or for remarks"));
    connect(add, &QPushButton::clicked, this, &NotesPage::new_lane_wanted);
    row->addWidget(add);
    ink_ = new ColourField("ink of notes");
    ink_->setToolTip(tr("The ink that the lane's notes are written in"));
    connect(ink_, &ColourField::edited, this, &NotesPage::set_inked);
    row->addWidget(ink_);
    in_band_ = check("notes in band", tr("in the band"), tr("The lane runs in the band over the picture"));
    connect(in_band_, &QCheckBox::clicked, this, &NotesPage::set_inked);
    row->addWidget(in_band_);
    row_ = whole_field("row of band", tr("The band's row that the lane runs in"), 1, 6, 1);
    row_->setPrefix(tr("row "));
    connect(row_, &QSpinBox::valueChanged, this, &NotesPage::set_inked);
    row->addWidget(row_);
    return row;
}

QLayout* NotesPage::make_note() {
    auto* row = new QHBoxLayout;
    row->setSpacing(6);
    text_ = named(new QLineEdit, "note text", tr("What is said; Return puts it where the playhead is"));
    text_->setPlaceholderText(tr("what is said here"));
    connect(text_, &QLineEdit::returnPressed, this, &NotesPage::add);
    row->addWidget(text_, 1);
    sign_ = named(new ChoiceBox, "note sign", tr("What it is besides a text"));
    for (const auto& sign : note_signs())
        sign_->addItem(text_of(sign.label));
    row->addWidget(sign_);
    add_ = main_button(tr("Add here"));
    named(add_, "add note",
          tr("A note at the playhead, also while it plays; as long as the range, if there is one"));
    connect(add_, &QPushButton::clicked, this, &NotesPage::add);
    row->addWidget(add_);
    return row;
}

void NotesPage::add() {
    if (text_->text().trimmed().isEmpty() && sign_->currentIndex() == NoteText)
        return document_.say(tr("Write what is said, or choose a sign"));
    emit note_wanted(text_->text().trimmed(), sign_->currentIndex());
    text_->clear();
}

void NotesPage::make_list() {
    notes_ = named(new QListWidget, "notes", tr("The lane's notes: double click to go there"));
    notes_->setSelectionMode(QAbstractItemView::ExtendedSelection);
    notes_->setUniformItemSizes(true);
    connect(notes_, &QListWidget::itemSelectionChanged, this, [this] {
        if (following_)
            return;
        PinSet pins;
        for (const auto* item : notes_->selectedItems())
            pins.insert(PinId{item->data(Qt::UserRole).toULongLong()});
        view_.select(std::move(pins));
    });
    connect(notes_, &QListWidget::itemActivated, this, [this](const QListWidgetItem* item) {
        emit go_wanted(Seconds(item->data(Qt::UserRole + 1).toDouble()));
    });
}

QLayout* NotesPage::make_band() {
    auto* row = new QHBoxLayout;
    row->setSpacing(6);
    band_ =
        check("band shown", tr("show the band"),
              tr("Words and notes run over the picture from right to left, past a line that stands still"));
    counts_ = check("band counts in", tr("count in"), tr("The last three beats before an entry are counted"));
    speed_ = whole_field("band speed", tr("How fast the band runs"), 10, 10'000, 640);
    speed_->setSuffix(tr(" px/s"));
    height_ = whole_field("band height", tr("How high the band is, of the picture"), 5, 100, 22);
    height_->setSuffix(tr(" % high"));
    line_ = whole_field("band line", tr("Where what is heard now is, of the picture's width"), 0, 100, 33);
    line_->setPrefix(tr("line at "));
    line_->setSuffix(tr(" %"));
    for (auto* box : {band_, counts_})
        connect(box, &QCheckBox::clicked, this, &NotesPage::set_band);
    for (auto* field : {speed_, height_, line_})
        connect(field, &QSpinBox::valueChanged, this, &NotesPage::set_band);
    for (QWidget* widget : std::initializer_list<QWidget*>{band_, counts_, speed_, height_, line_})
        row->addWidget(widget);
    row->addStretch(1);
    return row;
}

const Lane* NotesPage::lane() const {
    return view_.lane_of_kind(document_.project(), note_kind());
}

void NotesPage::set_inked() {
    if (following_)
        return;
    const Lane* notes = lane();
    if (!notes)
        return;
    document_.apply(with_changed_lane(document_.project(), notes->id,
                                      [&](Lane& changed) {
                                          part_of<Inked>(changed)->ink = ink_->colour();
                                          part_of<Inked>(changed)->in_band = in_band_->isChecked();
                                          part_of<Inked>(changed)->row = row_->value() - 1;
                                      }),
                    tr("change notes"));
}

void NotesPage::set_band() {
    if (following_)
        return;
    Project next = document_.project();
    Stage stage = *next.stage;
    stage.band.shown = band_->isChecked();
    stage.band.counts_in = counts_->isChecked();
    stage.band.speed = speed_->value();
    stage.band.height = height_->value();
    stage.band.line = line_->value();
    next.stage = std::make_shared<const Stage>(std::move(stage));
    document_.apply(std::move(next), tr("change band"));
}

void NotesPage::refresh() {
    following_ = true;
    show_lanes();
    const Lane* notes = lane();
    for (QWidget* widget : std::initializer_list<QWidget*>{ink_, in_band_, row_})
        widget->setEnabled(notes && !notes->locked);
    if (notes) {
        ink_->set_colour(part_of<Inked>(*notes)->ink);
        in_band_->setChecked(part_of<Inked>(*notes)->in_band);
        row_->setValue(part_of<Inked>(*notes)->row + 1);
    }
    const auto& band = document_.project().stage->band;
    band_->setChecked(band.shown);
    counts_->setChecked(band.counts_in);
    speed_->setValue(static_cast<int>(std::lround(band.speed)));
    height_->setValue(static_cast<int>(std::lround(band.height)));
    line_->setValue(static_cast<int>(std::lround(band.line)));
    show_notes();
    following_ = false;
}

void NotesPage::show_lanes() {
    const Lane* notes = lane();
    lane_->clear();
    for (const auto& one : document_.project().lanes)
        if (holds<NoteBody>(one->kind))
            lane_->addItem(QString::fromStdString(one->name), static_cast<qulonglong>(one->id.value));
    lane_->setEnabled(lane_->count() > 0);
    if (notes)
        lane_->setCurrentIndex(lane_->findData(static_cast<qulonglong>(notes->id.value)));
}

void NotesPage::show_notes() {
    const Lane* notes = lane();
    Shared<Lane> now;
    for (const auto& one : document_.project().lanes)
        if (notes && one->id == notes->id)
            now = one;
    if (now == shown_ && notes_->count() > 0)
        return;
    shown_ = now;
    notes_->clear();
    if (!notes)
        return;
    const auto& grid = document_.project().grid;
    for (const auto& span : document_.spans(notes->id).texts) {
        const auto& body = body_of<NoteBody>(notes->pins[span.index].body);
        const QString place =
            grid ? QString::fromStdString(format_position(grid->position_of(grid->nearest_tick(span.start))))
                 : tr("%1 s").arg(number_text(span.start.value, 2));
        auto* item = new QListWidgetItem(
            place + "   " + QString::fromStdString(notes->kind->name_of(body, document_.project())), notes_);
        item->setData(Qt::UserRole, static_cast<qulonglong>(span.pin.value));
        item->setData(Qt::UserRole + 1, span.start.value);
    }
}

} // namespace pulsepin
