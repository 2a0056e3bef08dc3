// SPDX-License-Identifier: GPL-3.0-or-later
#include "pages/details/detail_panel.h"

#include "drawing/kind_look.h"
#include "kinds/kinds.h"
#include "model/edits.h"
#include "model/few_pins.h"
#include "model/planting_edits.h"
#include "parts/widgets.h"
#include "schedule/find_pins.h"
#include "schedule/lasting.h"
#include "schedule/triggers.h"
#include "session/apply_hand_edit.h"
#include "session/core_words.h"
#include "session/number_text.h"
#include "time/musical_text.h"
#include "time/timecode.h"

#include <QHBoxLayout>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

enum Row { AnchorRow, TimeRow, FrameRow, EndRow, LeadRow, NearestOnsetRow, PlantingRow };

QString frame_text(const ResolvedPin& resolved) {
    const double ms = resolved.rounding_error.value * 1000;
    if (std::abs(ms) < 0.05)
        return DetailPanel::tr("%1 (exact)").arg(resolved.frame.value);
    return DetailPanel::tr("%1 (%2 ms %3)")
        .arg(resolved.frame.value)
        .arg(number_text(std::abs(ms), 1))
        .arg(ms < 0 ? DetailPanel::tr("early") : DetailPanel::tr("late"));
}

const ResolvedPin* find_resolved(const Schedule& schedule, PinId id) {
    for (const auto& lane : schedule)
        for (const auto& pin : lane.pins)
            if (pin.id == id)
                return &pin;
    return nullptr;
}

} // namespace

DetailPanel::DetailPanel(Document& document, ViewState& view, QWidget* parent)
    : QWidget(parent), document_(document), view_(view) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(3);
    title_ = new ShortLabel;
    title_->setProperty("role", "heading");
    title_->setTextFormat(Qt::PlainText);
    column->addWidget(sides_ = make_sides());
    column->addWidget(title_);
    auto* grid = make_facts();
    sound_ = new SoundDetail(document_);
    feeds_ = new FeedTable(document_, view_);
    column->addWidget(sound_);
    column->addWidget(feeds_, 100);
    column->addLayout(grid);
    column->addStretch(1);

    make_buttons();
    column->addWidget(buttons_);

    connect_buttons();
    connect(&document_, &Document::changed, this, &DetailPanel::refresh);
    connect(&view_, &ViewState::selection_changed, this, [this] {
        feeds_first_ = false;
        refresh();
    });
    connect(&view_, &ViewState::motion_lane_changed, this, [this] {
        feeds_first_ = true;
        refresh();
    });
    refresh();
}

/// Where it lies: what is written in can be changed.
QGridLayout* DetailPanel::make_facts() {
    auto* grid = new QGridLayout;
    grid->setHorizontalSpacing(12);
    grid->setVerticalSpacing(2);
    const char* const names[] = {QT_TR_NOOP("anchor"),   QT_TR_NOOP("time"), QT_TR_NOOP("frame"),
                                 QT_TR_NOOP("end"),      QT_TR_NOOP("lead"), QT_TR_NOOP("nearest onset"),
                                 QT_TR_NOOP("placed by")};
    int line = 0;
    for (int i = 0; i <= PlantingRow; ++i) {
        names_[i] = quiet(tr(names[i]));
        values_[i] = new QLabel(this);
        values_[i]->setTextFormat(Qt::PlainText);
        grid->addWidget(names_[i], line, 0);
        if (i <= EndRow) {
            const QString tips[] = {
                tr("Write a bar and beat, as 13.3"), tr("Write a time, as 0:26.96"),
                tr("Write the frame that acts, as 647, or 00:00:26:23"),
                tr("Where it ends: a bar and beat, as 14, a time, as 0:28.5, or a frame, as 700f")};
            places_[i] = named(new QLineEdit, QString("pin %1").arg(names[i]), tips[i]);
            places_[i]->setProperty("role", "flat");
            connect(places_[i], &QLineEdit::editingFinished, this, [this, i] { put_where_written(i); });
            values_[i]->hide();
            grid->addWidget(places_[i], line, 1);
        } else if (i == LeadRow) {
            lead_ = new LengthField("lead", {Length::Unit::InFrames, Length::Unit::InMilliseconds});
            lead_->be_a_lead();
            lead_->setFixedHeight(26);
            values_[i]->hide();
            grid->addWidget(lead_, line, 1, Qt::AlignLeft);
        } else {
            grid->addWidget(values_[i], line, 1);
        }
        ++line;
    }
    grid->setColumnStretch(1, 1);
    return grid;
}

void DetailPanel::make_buttons() {
    buttons_ = new QWidget;
    auto* row = new QHBoxLayout(buttons_);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(2);
    pinned_ = new QPushButton(tr("Unpin"));
    pinned_->setObjectName("pinned");
    whole_planting_ = new QPushButton(tr("Planting"));
    whole_planting_->setToolTip(tr("Selects all that was placed together with this"));
    locked_ = new QPushButton(tr("Lock"));
    locked_->setObjectName("lock pins");
    locked_->setCheckable(true);
    locked_->setToolTip(tr("Nothing changes it until it is unlocked (Ctrl+L)"));
    muted_ = new QPushButton(tr("Mute"));
    muted_->setObjectName("mute pins");
    muted_->setCheckable(true);
    muted_->setToolTip(tr("It stays where it is, without effect (Ctrl+M)"));
    delete_ = new QPushButton(tr("Delete"));
    delete_->setToolTip(tr("Removes what is selected (Delete)"));
    row->addWidget(pinned_);
    row->addWidget(whole_planting_);
    row->addWidget(locked_);
    row->addWidget(muted_);
    row->addWidget(delete_);
    row->addStretch(1);
    for (auto* button : {pinned_, whole_planting_, locked_, muted_, delete_})
        button->setProperty("role", "small");
}

void DetailPanel::connect_buttons() {
    connect(delete_, &QPushButton::clicked, this, &DetailPanel::delete_wanted);
    connect(pinned_, &QPushButton::clicked, this, [this] {
        const Pin* pin = document_.project().pin(pin_);
        if (!pin)
            return;
        const bool loose = std::holds_alternative<TimeAnchor>(pin->anchor);
        document_.apply(with_pinned(document_.project(), pin_, loose), loose ? tr("pin") : tr("unpin"));
    });
    connect(whole_planting_, &QPushButton::clicked, this, [this] {
        if (const Pin* chosen = document_.project().pin(pin_)) {
            const auto pins = pins_of(document_.project(), chosen->planting);
            const auto planting = chosen->planting;
            view_.select({pins.begin(), pins.end()});
            emit planting_wanted(planting);
        }
    });
    connect(locked_, &QPushButton::clicked, this, [this](bool lock) {
        const std::vector<PinId> pins(view_.selection().begin(), view_.selection().end());
        document_.apply(with_pins_locked(document_.project(), pins, lock), lock ? tr("lock") : tr("unlock"));
    });
    connect(muted_, &QPushButton::clicked, this, [this](bool mute) {
        const std::vector<PinId> pins(view_.selection().begin(), view_.selection().end());
        document_.apply(with_pins_muted(document_.project(), pins, mute), mute ? tr("mute") : tr("unmute"));
    });
    connect(lead_, &LengthField::edited, this, [this] {
        if (const Lane* lane = document_.project().lane_of(pin_))
            document_.apply(with_lead(document_.project(), lane->id, offset_of(lead_->length())),
                            tr("change lead"));
    });
}

QString DetailPanel::nearest_onset(Seconds time) const {
    const auto& detection = document_.project().detection;
    if (!detection || detection->onsets().empty())
        return tr("none found");
    const auto& onsets = detection->onsets();
    auto after = std::lower_bound(onsets.begin(), onsets.end(), time,
                                  [](const FoundOnset& onset, Seconds t) { return onset.time < t; });
    if (after == onsets.end() || (after != onsets.begin() && time - (after - 1)->time < after->time - time))
        --after;
    const double ms = (after->time - time).value * 1000;
    return tr("%1 ms %2").arg(number_text(std::abs(ms), 0)).arg(ms < 0 ? tr("earlier") : tr("later"));
}

void DetailPanel::show_nothing() {
    title_->set_text(tr("Nothing selected"));
    for (int i = 0; i <= PlantingRow; ++i) {
        names_[i]->hide();
        values_[i]->hide();
    }
    for (auto* place : places_)
        place->hide();
    for (const auto& [kind, fields] : fields_)
        fields->hide();
    for (QWidget* w : {static_cast<QWidget*>(sound_), static_cast<QWidget*>(lead_),
                       static_cast<QWidget*>(feeds_), buttons_})
        w->hide();
    names_[0]->setText(tr("Click a pin to see where it lies."));
    names_[0]->show();
}

/// Made when pins of the kind are first selected; null for kinds whose pins have none.
PinsDetail* DetailPanel::fields_of(LaneKind kind) {
    if (kind->properties.empty())
        return nullptr;
    auto& fields = fields_[kind];
    if (!fields) {
        auto* column = static_cast<QVBoxLayout*>(layout());
        column->insertWidget(column->indexOf(feeds_), fields = new PinsDetail(document_, view_, kind));
    }
    return fields;
}

void DetailPanel::show_common(const std::vector<PinId>& pins) {
    buttons_->show();
    bool locked = true, muted = true;
    const Project& project = document_.project();
    if (pins.size() <= few_pins)
        for (const PinId id : pins) {
            const Pin* pin = project.pin(id);
            locked = locked && (!pin || pin->locked);
            muted = muted && (!pin || pin->muted);
        }
    else
        for (const auto& lane : project.lanes)
            for (const auto& pin : lane->pins)
                if ((locked && !pin.locked) || (muted && !pin.muted)) {
                    if (!std::binary_search(pins.begin(), pins.end(), pin.id)) // they come in order
                        continue;
                    locked = locked && pin.locked;
                    muted = muted && pin.muted;
                }
    locked_->setChecked(locked);
    muted_->setChecked(muted);
}

void DetailPanel::show_many() {
    show_nothing();
    const auto& project = document_.project();
    const std::vector<PinId> pins(view_.selection().begin(), view_.selection().end());
    Seconds worst;
    std::set<LaneKind> kinds;
    std::set<PlantingId> plantings;
    std::optional<PlantingId> last; // neighbours mostly belong together
    auto next = pins.begin();       // and have numbers that follow each other
    const auto is_selected = [&](PinId id) {
        if (next == pins.end() || *next != id)
            next = std::ranges::lower_bound(pins, id);
        if (next == pins.end() || *next != id)
            return false;
        ++next;
        return true;
    };
    for (std::size_t i = 0; i < document_.schedule().size(); ++i) {
        bool any = false;
        for (const auto& pin : document_.schedule()[i].pins)
            if (is_selected(pin.id)) {
                any = true;
                worst = std::max(worst, Seconds(std::abs(pin.rounding_error.value)));
                const PlantingId planting = project.lanes[i]->pins[pin.index].planting;
                if (last != planting)
                    plantings.insert(planting);
                last = planting;
            }
        if (any)
            kinds.insert(project.lanes[i]->kind);
    }
    const QString what = kinds.size() == 1 ? spoken(count_text(pins.size(), *kinds.begin()))
                                           : tr("%n pins", nullptr, static_cast<int>(pins.size()));
    title_->set_text(tr("%1 selected").arg(what));
    names_[0]->setText(tr("Worst rounding to a frame: %1 ms").arg(number_text(worst.value * 1000, 1)));
    if (kinds.size() == 1)
        if (auto* fields = fields_of(*kinds.begin())) {
            auto shown = pins; // the one whose course is open is the one that is seen
            if (const auto opened = std::ranges::find(shown, view_.opened_event()); opened != shown.end())
                std::rotate(shown.begin(), opened, opened + 1);
            fields->show_pins(std::move(shown));
            fields->show();
        }
    show_common(pins);
    pinned_->hide();
    const bool one_planting = plantings.size() == 1 && plantings.begin()->value != 0;
    whole_planting_->setVisible(one_planting);
    whole_planting_->setEnabled(one_planting);
    if (one_planting)
        pin_ = pins.front(); // the button "Planting" means its planting
}

void DetailPanel::show_pin(const Pin& pin, const Lane& lane) {
    const auto& project = document_.project();
    show_nothing();
    names_[0]->setText(tr("anchor"));
    // A trigger and a marker have more fields of their own: what matters less there gives way.
    const auto shown = [&](int row) {
        switch (row) {
        case LeadRow:
        case NearestOnsetRow:
            return look_of_kind(lane.kind).rounding_matters;
        case PlantingRow:
        case FrameRow:
            return !holds<SoundBody>(lane.kind);
        case EndRow:
            return end_of(pin).has_value();
        default:
            return true;
        }
    };
    for (int i = 0; i <= PlantingRow; ++i) {
        names_[i]->setVisible(shown(i));
        values_[i]->setVisible(shown(i) && i > EndRow && i != LeadRow);
    }
    for (int i = 0; i <= EndRow; ++i) {
        places_[i]->setVisible(shown(i));
        places_[i]->setReadOnly(pin.locked || lane.locked);
    }
    lead_->setVisible(shown(LeadRow));
    show_common({pin.id});
    pinned_->show();
    whole_planting_->show();
    sound_->setVisible(holds<SoundBody>(lane.kind));
    if (holds<SoundBody>(lane.kind))
        sound_->show_sound(pin.id);
    if (auto* fields = fields_of(lane.kind)) {
        fields->show_pins({pin.id});
        fields->show();
    }
    const QString name = QString::fromStdString(lane.kind->name_of(pin.body, project));
    const char* selected = look_of_kind(lane.kind).selected;
    title_->set_text(
        (selected ? tr(selected) : tr("Selected: %1")).arg(name.isEmpty() ? tr("no shot") : name));
    const auto put = [this](int row, const QString& text) {
        if (places_[row]->text() != text)
            places_[row]->setText(text);
        places_[row]->setModified(false);
    };
    put(AnchorRow, anchor_text(pin.anchor));
    const auto* resolved = find_resolved(document_.schedule(), pin.id);
    put(TimeRow, resolved ? QString::fromStdString(format_clock(resolved->time)) : tr("none"));
    put(FrameRow, resolved ? frame_text(*resolved) + (resolved->shares_frame ? tr(" · shared") : QString())
                           : tr("none"));
    if (const auto end = end_of(pin))
        put(EndRow, document_.project().grid
                        ? QString::fromStdString(format_position(document_.project().grid->position_of(
                              document_.project().grid->nearest_tick(*end)))) +
                              tr(" (%1)").arg(QString::fromStdString(format_clock(*end)))
                        : QString::fromStdString(format_clock(*end)));
    values_[NearestOnsetRow]->setText(resolved ? nearest_onset(resolved->time) : tr("none"));
    lead_->set_length(length_of(lane.lead));
    show_planting_of(pin);
    places_[FrameRow]->setToolTip(
        resolved && resolved->shares_frame
            ? tr("Another one of this lane acts on the same frame: the one placed last is seen")
            : tr("Write the frame that acts, as 647, or 00:00:26:23"));
    show_whether_pinned(pin);
}

/// Of what ends by its own length: a trigger, a sound, a marker that lasts.
std::optional<Seconds> DetailPanel::end_of(const Pin& pin) const {
    const auto start = anchored_time(pin.anchor, document_.project());
    if (!start)
        return std::nullopt;
    if (const auto* sound = body_if<SoundBody>(&pin.body))
        return *start + sound->length;
    const Lane* lane = document_.project().lane_of(pin.id);
    if (const auto* marker = body_if<MarkerBody>(&pin.body)) {
        const auto lasts = duration_of(marker->length, *start, document_.project());
        return lasts ? std::optional(*start + *lasts) : std::nullopt;
    }
    for (const auto& span : document_.spans(lane->id).appearances)
        if (span.pin == pin.id)
            return document_.project().settings->frame_rate.start_of(span.end) +
                   time_of(lane->lead, document_.project().settings->frame_rate);
    if (is_body<TriggerBody>(pin.body))
        for (const auto& span : document_.spans(lane->id).triggers)
            if (span.pin == pin.id)
                return document_.project().settings->frame_rate.start_of(span.end) +
                       time_of(lane->lead, document_.project().settings->frame_rate);
    return std::nullopt;
}

QString DetailPanel::anchor_text(const Anchor& anchor) const {
    const auto& grid = document_.project().grid;
    const auto* musical = std::get_if<MusicalAnchor>(&anchor);
    if (!musical)
        return std::holds_alternative<TimeAnchor>(anchor) ? tr("loose, at its time") : tr("what it lies on");
    if (!grid)
        return tr("needs a grid");
    const auto* ms = std::get_if<Seconds>(&musical->offset);
    return tr("bar %1 + %2")
        .arg(QString::fromStdString(format_position(grid->position_of(musical->at))),
             ms ? tr("%1 ms").arg(std::round(ms->value * 1e4) / 10)
                : tr("%1 frames").arg(std::get<Frames>(musical->offset).value));
}

void DetailPanel::show_planting_of(const Pin& pin) {
    const Planting* planting = document_.project().planting(pin.planting);
    QString by = planting ? spoken(planting->description) : tr("hand");
    if (is_exception(pin))
        by = tr("%1, then by hand").arg(by);
    constexpr int room = 128;
    values_[PlantingRow]->setText(
        QFontMetrics(values_[PlantingRow]->font()).elidedText(by, Qt::ElideRight, room));
    values_[PlantingRow]->setToolTip(by);
    whole_planting_->setEnabled(planting != nullptr);
}

void DetailPanel::show_whether_pinned(const Pin& pin) {
    const bool loose = std::holds_alternative<TimeAnchor>(pin.anchor);
    pinned_->setText(loose ? tr("Pin") : tr("Unpin"));
    pinned_->setToolTip(loose ? tr("Ties it to the nearest beat, where it is")
                              : tr("Lets it stay at its time whatever the grid does"));
    pinned_->setEnabled(document_.project().grid != nullptr);
}

/// What cannot be read is told, and what was there comes back.
void DetailPanel::put_where_written(int row) {
    if (!places_[row]->isModified() || pin_.value == 0)
        return;
    places_[row]->setModified(false);
    const char* const counted[] = {"bars", "seconds", "frames",
                                   document_.project().grid ? "bars" : "seconds"};
    // "13.3 + 0 ms" as it stands there, "bar 13.3": the figures are what is meant.
    QString text = places_[row]->text().trimmed();
    if (text.startsWith(tr("bar "), Qt::CaseInsensitive))
        text = text.mid(tr("bar ").size());
    text = text.section(" + ", 0, 0).section(" (", 0, 0);
    apply_hand_edit(document_, row == EndRow ? "put-end" : "put-at",
                    {document_.schedule(),
                     {pin_},
                     {},
                     {},
                     {},
                     {{"at", text.toStdString()}, {"counted", std::string(counted[row])}}});
    refresh();
}

QWidget* DetailPanel::make_sides() {
    auto* box = new QWidget;
    auto* row = new QHBoxLayout(box);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(4);
    const std::tuple<QString, QString, QString> texts[] = {
        {tr("Selected"), "show selected", tr("What is selected")},
        {tr("Feeds"), "show feeds", tr("What the curve of the lane drives")}};
    for (int i = 0; i < 2; ++i) {
        const auto& [text, name, tip] = texts[i];
        side_[i] = named(new QPushButton(text), name, tip);
        side_[i]->setCheckable(true);
        side_[i]->setProperty("role", "choice");
        connect(side_[i], &QPushButton::clicked, this, [this, i] {
            feeds_first_ = i == 1;
            refresh();
        });
        row->addWidget(side_[i]);
    }
    row->addStretch(1);
    return box;
}

void DetailPanel::show_feeds(const Lane& lane) {
    show_nothing();
    title_->set_text(tr("%1 feeds").arg(QString::fromStdString(lane.name)));
    names_[0]->hide();
    feeds_->show();
    feeds_->refresh();
}

void DetailPanel::refresh() {
    const auto& selection = view_.selection();
    const Lane* shaped = document_.project().lane(view_.motion_lane());
    sides_->setVisible(shaped && !selection.empty());
    side_[0]->setChecked(!feeds_first_);
    side_[1]->setChecked(feeds_first_);
    if (shaped && feeds_first_)
        return show_feeds(*shaped);
    if (selection.size() == 1) {
        pin_ = *selection.begin();
        const Pin* pin = document_.project().pin(pin_);
        if (const Lane* lane = document_.project().lane_of(pin_); pin && lane)
            return show_pin(*pin, *lane);
    }
    pin_ = {};
    if (selection.size() > 1)
        return show_many();
    if (shaped)
        return show_feeds(*shaped);
    show_nothing();
}

} // namespace pulsepin
