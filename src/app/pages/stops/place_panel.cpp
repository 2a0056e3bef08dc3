// SPDX-License-Identifier: GPL-3.0-or-later
#include "pages/stops/place_panel.h"

#include "drawing/kind_look.h"
#include "kinds/kinds.h"
#include "model/planting_edits.h"
#include "parts/choices.h"
#include "parts/finder.h"
#include "parts/page_stack.h"
#include "parts/widgets.h"
#include "session/apply_hand_edit.h"
#include "session/core_words.h"
#include "session/number_text.h"

#include <QHBoxLayout>
#include <QVBoxLayout>
#include <algorithm>

namespace pulsepin {

PlacePanel::PlacePanel(Document& document, ViewState& view, QWidget* parent)
    : StopPanel(document, view, parent) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(6);
    auto* top = new QHBoxLayout;
    top->setSpacing(4);
    heading_ = heading({});
    top->addWidget(heading_);
    top->addStretch(1);
    const char* const names[] = {QT_TR_NOOP("Where"), QT_TR_NOOP("What"), QT_TR_NOOP("Placed")};
    const QString tips[] = {tr("Which positions are picked"), tr("What is placed on each of them"),
                            tr("What was placed before: select, change, run again")};
    for (int page = PickPage; page <= PlantingsPage; ++page) {
        auto* button = new QPushButton(tr(names[page]));
        button->setObjectName(QString("page %1").arg(names[page]));
        button->setToolTip(tips[page]);
        button->setCheckable(true);
        button->setProperty("role", "choice");
        connect(button, &QPushButton::clicked, this, [this, page] { show_page(static_cast<Page>(page)); });
        top->addWidget(button);
        page_buttons_.push_back(button);
    }
    column->addLayout(top);

    lane_ = new ChoiceBox;
    lane_->setObjectName("lane choice");
    lane_->setToolTip(tr("The lane that the pins go to"));
    picker_ = new PickerPage(document_, view_, lane_);
    plantings_ = new PlantingList(document_, view_);
    pages_ = new PageStack;
    pages_->addWidget(picker_);
    pages_->addWidget(make_form_page());
    pages_->addWidget(plantings_);
    column->addWidget(pages_, 1);
    column->addWidget(make_bottom());

    connect(lane_, &QComboBox::currentIndexChanged, this, [this] {
        if (const Lane* target = lane()) // shots are seen for a while, what drives or flashes acts on each
            picker_->suggest_every_beat(holds<CutBody>(target->kind) || holds<MarkerBody>(target->kind) ? 2
                                                                                                        : 1);
        forms_->setCurrentWidget(fields() ? static_cast<QWidget*>(fields()) : forms_->widget(0));
        if (const Lane* target = lane(); target && fields() && changing_.value == 0)
            fields()->suit(*target);
        preview();
    });
    connect(lane_, &QComboBox::activated, this,
            [this] { view_.choose_lane(LaneId{lane_->currentData().toULongLong()}); });
    connect(&view_, &ViewState::lane_chosen, this, [this] {
        if (active_ && changing_.value == 0)
            choose_current();
    });
    connect(picker_, &PickerPage::changed, this, &PlacePanel::preview);
    connect(picker_, &PickerPage::place_wanted, this, &PlacePanel::place_now);
    connect(plantings_, &PlantingList::change_wanted, this, &PlacePanel::change);
    connect(&document_, &Document::opened, this, &PlacePanel::end_change);
    show_page(PickPage);
    refresh();
}

QWidget* PlacePanel::make_form_page() {
    forms_ = new PageStack;
    forms_->addWidget(quiet(tr("Sounds are not placed on beats: add one, then drag it along them.")));
    std::map<FormFields* (*)(), FormFields*> made; // kinds may share one
    for (const auto* look : kind_looks()) {
        if (!look->make_form)
            continue;
        auto& fields = made[look->make_form];
        if (!fields) {
            forms_->addWidget(fields = look->make_form());
            connect(fields, &FormFields::changed, this, &PlacePanel::preview);
        }
        fields_[LaneKind(look->kind)] = fields;
    }
    return forms_;
}

QWidget* PlacePanel::make_bottom() {
    bottom_ = new QWidget;
    auto* column = new QVBoxLayout(bottom_);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(3);
    auto* buttons = new QHBoxLayout;
    buttons->setSpacing(6);
    place_ = main_button({});
    place_->setObjectName("place");
    connect(place_, &QPushButton::clicked, this, &PlacePanel::place_now);
    show_ = new QPushButton(tr("Show"));
    show_->setToolTip(tr("Scrolls and zooms to the outlines"));
    connect(show_, &QPushButton::clicked, this, [this] {
        const auto& outlines = view_.outlines();
        if (outlines && !outlines->outlines.empty())
            emit shown_wanted(outlines->outlines.front().time - Seconds(1),
                              outlines->outlines.back().time + Seconds(1));
    });
    hear_ = named(new QPushButton(tr("Hear")), "hear outlines",
                  tr("The outlined places click while the song plays, before they are placed"));
    hear_->setCheckable(true);
    connect(hear_, &QPushButton::toggled, this, [this](bool heard) { view_.hear_outlines(heard); });
    leave_ = new QPushButton(tr("Leave it"));
    leave_->setObjectName("leave change");
    leave_->setToolTip(tr("The planting stays as it is"));
    connect(leave_, &QPushButton::clicked, this, &PlacePanel::end_change);
    outcome_ = quiet({});
    warning_ = quiet({});
    warning_->setObjectName("flash warning");
    warning_->setWordWrap(true);
    warning_->setStyleSheet(QString("color: %1").arg(desk_palette().warning.name()));
    warning_->hide();
    outcome_->setObjectName("outcome");
    outcome_->setWordWrap(true);
    buttons->addWidget(place_);
    buttons->addWidget(show_);
    buttons->addWidget(hear_);
    buttons->addWidget(leave_);
    begin_ = named(new QPushButton, "begin at 0", tr("The first shot is seen from the very start"));
    connect(begin_, &QPushButton::clicked, this, [this] {
        const Lane* target = lane();
        apply_hand_edit(document_, "begin-with-shot",
                        {document_.schedule(), {}, {}, {}, target ? target->id : LaneId{}, {}});
    });
    buttons->addWidget(begin_);
    buttons->addStretch(1);
    // The buttons stay where they are, however much is said.
    column->addWidget(warning_);
    column->addWidget(outcome_);
    column->addLayout(buttons);
    leave_->hide();
    return bottom_;
}

void PlacePanel::show_page(Page page) {
    pages_->setCurrentIndex(page);
    for (std::size_t i = 0; i < page_buttons_.size(); ++i)
        page_buttons_[i]->setChecked(static_cast<int>(i) == page);
    bottom_->setVisible(page != PlantingsPage);
    preview();
}

void PlacePanel::show_planting(PlantingId planting) {
    show_page(PlantingsPage);
    plantings_->choose(planting);
}

/// Only lanes that can be placed on.
void PlacePanel::fill_lanes() {
    if (!fill_with_lanes(lane_, document_.project(), [](LaneKind kind) { return !holds<SoundBody>(kind); }))
        return;
    const QSignalBlocker quietly(lane_);
    if (const Lane* cuts = document_.project().first_lane(body_type<CutBody>);
        lane_->currentIndex() < 0 && cuts)
        lane_->setCurrentIndex(lane_->findData(static_cast<qulonglong>(cuts->id.value)));
    if (lane_->currentIndex() < 0)
        lane_->setCurrentIndex(0);
    forms_->setCurrentWidget(fields() ? static_cast<QWidget*>(fields()) : forms_->widget(0));
}

/// The current lane is the one that is placed on, where it can be.
void PlacePanel::choose_current() {
    const int index = lane_->findData(static_cast<qulonglong>(view_.lane().value));
    if (index >= 0)
        lane_->setCurrentIndex(index);
}

const Lane* PlacePanel::lane() const {
    return document_.project().lane(LaneId{lane_->currentData().toULongLong()});
}

FormFields* PlacePanel::fields() const {
    const Lane* target = lane();
    const auto found = target ? fields_.find(target->kind) : fields_.end();
    return found == fields_.end() ? nullptr : found->second;
}

PlantingForm PlacePanel::form() const {
    return fields() ? fields()->form() : PlantingForm{};
}

void PlacePanel::set_warning(const QString& warning) {
    warning_->setText(warning);
    warning_->setVisible(!warning.isEmpty());
}

void PlacePanel::say_outcome(const QString& text, std::optional<PlacePreview> outlines, LaneId id) {
    place_->setEnabled(outlines.has_value());
    show_->setEnabled(outlines && !outlines->outlines.empty());
    outcome_->setText(text);
    view_.set_outlines(id, std::move(outlines));
}

/// A piece that begins on its first beat has black frames before it: up to a bar of them are offered to go.
void PlacePanel::show_black_frames() {
    const Lane* target = lane();
    const auto black = target ? black_frames_before(document_.schedule(), target->id) : Frames(0);
    const auto& grid = document_.project().grid;
    const Seconds bar = grid ? grid->time_at(Ticks(ticks_per_beat * grid->metre_at(Ticks(0)).beats_per_bar)) -
                                   grid->time_at(Ticks(0))
                             : Seconds(2);
    const auto& rate = document_.project().settings->frame_rate;
    begin_->setVisible(target && !target->locked && black > Frames(0) && rate.start_of(black) <= bar);
    begin_->setText(tr("Begin at 0 (%n black frame(s))", nullptr, static_cast<int>(black.value))
                        .replace("(s)", black.value == 1 ? "" : "s"));
}

void PlacePanel::preview() {
    const Lane* target = lane();
    const QString kind = target ? text_of(target->kind->id) : tr("pins");
    heading_->setText(pages_->currentIndex() == PlantingsPage ? tr("What was placed together")
                      : changing_.value != 0                  ? tr("Change what was placed")
                                             : tr("Place %1 on the beats you pick").arg(kind));
    place_->setText(tr("Place %1").arg(kind));
    if (!active_)
        return;
    show_black_frames();
    if (pages_->currentIndex() == PlantingsPage)
        return view_.set_outlines({}, std::nullopt);
    if (changing_.value != 0)
        return preview_change();
    const auto wanted = picker_->picker();
    const auto found = wanted && target ? preview_placing(document_.project(), target->id, *wanted, form())
                                        : Result<PlacePreview>(tl::unexpected(
                                              wanted ? Error{"There is no lane.", {}, {}} : wanted.error()));
    if (!found)
        return say_outcome(spoken(found.error()), std::nullopt, {});
    if (found->outlines.empty()) {
        say_outcome(found->already_there > 0 ? tr("all of these places are taken already")
                    : found->too_close > 0   ? tr("all of these places are too close to other cuts")
                                             : tr("nothing picked in that range"),
                    std::nullopt, {});
        return;
    }
    place_->setText(tr("Place %1").arg(spoken(count_text(found->outlines.size(), target->kind))));
    QString text = tr("%1 · outlined above · worst %2 ms")
                       .arg(fields() ? fields()->summary() : QString())
                       .arg(number_text(found->worst_rounding_error.value * 1000, 0));
    if (!found->left_out.empty())
        text += tr(" · %1 left out (hollow)").arg(found->left_out.size());
    if (found->already_there > 0)
        text += tr(" · %1 taken already").arg(found->already_there);
    if (found->too_close > 0)
        text += tr(" · %1 too close").arg(found->too_close);
    say_outcome(text, *found, target->id);
}

// -- changing what was placed

void PlacePanel::change(PlantingId id) {
    const Planting* planting = document_.project().planting(id);
    if (!planting)
        return;
    if (!planting->picker)
        return document_.say(tr("This planting was placed before pickers were saved with it: place it anew"));
    lane_->setCurrentIndex(lane_->findData(static_cast<qulonglong>(planting->lane.value)));
    changing_ = id;
    lane_->setEnabled(false);
    leave_->show();
    picker_->set_picker(*planting->picker);
    if (fields())
        fields()->set_form(planting->form);
    show_page(PickPage);
}

void PlacePanel::preview_change() {
    place_->setText(tr("Change it"));
    const auto wanted = picker_->picker();
    if (!wanted)
        return say_outcome(spoken(wanted.error()), std::nullopt, {});
    const auto again = run_again(document_.project(), changing_, *wanted, form());
    if (!again)
        return say_outcome(spoken(again.error()), std::nullopt, {});
    const auto count = pins_of(again->project, changing_).size();
    QString text = tr("%1 then · %2 new, %3 gone, %4 changed")
                       .arg(count)
                       .arg(again->added)
                       .arg(again->removed)
                       .arg(again->moved);
    if (again->kept > 0)
        text += tr(" · %1 corrected by hand stay").arg(again->kept);
    say_outcome(text, again->preview, LaneId{lane_->currentData().toULongLong()});
}

void PlacePanel::end_change() {
    changing_ = {};
    lane_->setEnabled(true);
    leave_->hide();
    preview();
}

void PlacePanel::place_now() {
    const Lane* target = lane();
    const auto wanted = picker_->picker();
    if (!target || !wanted)
        return;
    if (changing_.value != 0) {
        const PlantingId planting = changing_;
        const auto again = run_again(document_.project(), planting, *wanted, form());
        if (!again)
            return document_.say(spoken(again.error()));
        end_change();
        document_.apply(again->project, tr("change planting"));
        const auto pins = pins_of(document_.project(), planting);
        view_.select({pins.begin(), pins.end()});
        return;
    }
    const auto placed = place(document_.project(), target->id, *wanted, form());
    if (!placed)
        return document_.say(spoken(placed.error()));
    const QString count = spoken(count_text(placed->count, target->kind));
    const auto planting = placed->planting;
    document_.apply(placed->project, tr("place %1").arg(count));
    const auto pins = pins_of(document_.project(), planting);
    view_.select({pins.begin(), pins.end()});
    document_.say(tr("%1 placed and selected").arg(count));
}

// -- as a stop

QString PlacePanel::summary() const {
    std::size_t off = 0;
    std::map<LaneKind, std::size_t> counts;
    for (const auto& lane : document_.project().lanes)
        if (!holds<MarkerBody>(lane->kind) && !holds<SoundBody>(lane->kind) && !holds<WordBody>(lane->kind) &&
            !holds<NoteBody>(lane->kind)) {
            counts[lane->kind] += lane->pins.size();
            off += static_cast<std::size_t>(
                std::count_if(lane->pins.begin(), lane->pins.end(),
                              [](const Pin& pin) { return std::holds_alternative<TimeAnchor>(pin.anchor); }));
        }
    QStringList texts;
    for (const LaneKind kind : lane_kinds())
        if (const auto count = counts[kind]; count > 0)
            texts << spoken(count_text(count, kind));
    if (texts.isEmpty())
        return tr("nothing placed yet");
    if (off > 0)
        texts << tr("%1 loose").arg(off);
    return texts.join(", ");
}

bool PlacePanel::complete() const {
    const auto& lanes = document_.project().lanes;
    return std::any_of(lanes.begin(), lanes.end(), [](const auto& lane) {
        return (holds<CutBody>(lane->kind) || holds<TriggerBody>(lane->kind) ||
                holds<AppearanceBody>(lane->kind)) &&
               !lane->pins.empty();
    });
}

void PlacePanel::refresh() {
    if (changing_.value != 0 && !document_.project().planting(changing_))
        end_change();
    if (!active_) // all of it is filled when the stop is entered
        return;
    fill_lanes();
    for (const auto& [kind, fields] : fields_)
        fields->set_project(document_.project());
    picker_->refresh();
    plantings_->refresh();
    preview();
}

void PlacePanel::entered() {
    active_ = true;
    refresh();
    choose_current();
}

void PlacePanel::left() {
    active_ = false;
    hear_->setChecked(false);
    view_.set_outlines({}, std::nullopt);
}

} // namespace pulsepin
