// SPDX-License-Identifier: GPL-3.0-or-later
#include "detail_panel.h"

#include "model/edits.h"
#include "model/lane_kinds.h"
#include "time/musical_text.h"
#include "time/timecode.h"
#include "widgets.h"

#include <QHBoxLayout>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

enum Row { AnchorRow, TimeRow, FrameRow, LeadRow, NearestOnsetRow, PlantingRow };

QString frame_text(const ResolvedPin& resolved) {
    const double ms = resolved.rounding_error.value * 1000;
    if (std::abs(ms) < 0.05)
        return DetailPanel::tr("%1 (exact)").arg(resolved.frame.value);
    return DetailPanel::tr("%1 (%2 ms %3)")
        .arg(resolved.frame.value)
        .arg(std::abs(ms), 0, 'f', 1)
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
    column->setSpacing(6);
    title_ = heading({});
    title_->setTextFormat(Qt::PlainText);
    column->addWidget(title_);
    auto* grid = new QGridLayout;
    grid->setHorizontalSpacing(12);
    grid->setVerticalSpacing(5);
    const QString names[] = {tr("anchor"), tr("time"),          tr("frame"),
                             tr("lead"),   tr("nearest onset"), tr("planted by")};
    int line = 0;
    name_label_ = quiet(tr("name"));
    name_ = new QLineEdit;
    name_->setObjectName("marker name");
    name_->setAccessibleName(tr("Name of the marker"));
    grid->addWidget(name_label_, line, 0);
    grid->addWidget(name_, line++, 1);
    shot_label_ = quiet(tr("shot"));
    shot_ = new QComboBox;
    shot_->setObjectName("shot");
    shot_->setAccessibleName(tr("Shot of the cut"));
    grid->addWidget(shot_label_, line, 0);
    grid->addWidget(shot_, line++, 1);
    for (int i = 0; i < 6; ++i) {
        names_[i] = quiet(names[i]);
        values_[i] = new QLabel(this);
        values_[i]->setTextFormat(Qt::PlainText);
        grid->addWidget(names_[i], line, 0);
        if (i == LeadRow) {
            lead_ = new QSpinBox;
            lead_->setObjectName("lead");
            lead_->setAccessibleName(tr("Lead of the lane"));
            lead_->setRange(-120, 120);
            lead_->setSuffix(tr(" frames"));
            lead_->setKeyboardTracking(false);
            lead_->setToolTip(tr("How much earlier the whole lane acts than its anchors"));
            values_[i]->hide();
            grid->addWidget(lead_, line, 1, Qt::AlignLeft);
        } else {
            grid->addWidget(values_[i], line, 1);
        }
        ++line;
    }
    grid->setColumnStretch(1, 1);
    column->addLayout(grid);
    sound_ = new SoundDetail(document_);
    column->addWidget(sound_);
    column->addStretch(1);

    buttons_ = new QWidget;
    auto* row = new QHBoxLayout(buttons_);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(8);
    pinned_ = new QPushButton(tr("Unpin"));
    pinned_->setObjectName("pinned");
    whole_planting_ = new QPushButton(tr("Planting"));
    whole_planting_->setToolTip(tr("Selects all that was placed together with this"));
    delete_ = new QPushButton(tr("Delete"));
    delete_->setToolTip(tr("Removes what is selected (Delete)"));
    row->addWidget(pinned_);
    row->addWidget(whole_planting_);
    row->addWidget(delete_);
    row->addStretch(1);
    column->addWidget(buttons_);

    connect(delete_, &QPushButton::clicked, this, &DetailPanel::delete_wanted);
    connect(pinned_, &QPushButton::clicked, this, [this] {
        const Pin* pin = document_.project().pin(pin_);
        if (!pin)
            return;
        const bool loose = std::holds_alternative<TimeAnchor>(pin->anchor);
        document_.apply(with_pinned(document_.project(), pin_, loose), loose ? tr("pin") : tr("unpin"));
    });
    connect(whole_planting_, &QPushButton::clicked, this, [this] {
        const Pin* chosen = document_.project().pin(pin_);
        std::set<PinId> together;
        for (const auto& lane : document_.project().lanes)
            for (const auto& pin : lane->pins)
                if (chosen && pin.planting == chosen->planting)
                    together.insert(pin.id);
        view_.select(together);
    });
    connect(name_, &QLineEdit::editingFinished, this, [this] {
        const Pin* pin = document_.project().pin(pin_);
        if (!pin || !std::holds_alternative<MarkerBody>(pin->body))
            return;
        auto body = std::get<MarkerBody>(pin->body);
        body.name = name_->text().toStdString();
        document_.apply(with_body(document_.project(), pin_, body), tr("rename marker"));
    });
    connect(shot_, &QComboBox::activated, this, [this](int index) {
        const Pin* pin = document_.project().pin(pin_);
        if (!pin || !std::holds_alternative<CutBody>(pin->body))
            return;
        auto body = std::get<CutBody>(pin->body);
        body.shot = ClipId{shot_->itemData(index).toULongLong()};
        document_.apply(with_body(document_.project(), pin_, body), tr("change shot"));
    });
    connect(lead_, &QSpinBox::valueChanged, this, [this](int frames) {
        if (const Lane* lane = document_.project().lane_of(pin_); lane && lane->lead.value != frames)
            document_.apply(with_lead(document_.project(), lane->id, Frames(frames)), tr("change lead"));
    });
    connect(&document_, &Document::changed, this, &DetailPanel::refresh);
    connect(&view_, &ViewState::selection_changed, this, &DetailPanel::refresh);
    refresh();
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
    return tr("%1 ms %2").arg(std::abs(ms), 0, 'f', 0).arg(ms < 0 ? tr("earlier") : tr("later"));
}

void DetailPanel::show_nothing() {
    title_->setText(tr("Nothing selected"));
    for (int i = 0; i < 6; ++i) {
        names_[i]->hide();
        values_[i]->hide();
    }
    for (QWidget* w :
         {static_cast<QWidget*>(name_), static_cast<QWidget*>(shot_), static_cast<QWidget*>(lead_),
          static_cast<QWidget*>(name_label_), static_cast<QWidget*>(shot_label_), buttons_})
        w->hide();
    sound_->hide();
    names_[0]->setText(tr("Click a pin to see where it lies."));
    names_[0]->show();
}

void DetailPanel::show_many() {
    show_nothing();
    title_->setText(tr("%n pins selected", nullptr, static_cast<int>(view_.selection().size())));
    Seconds worst;
    for (const auto& lane : document_.schedule())
        for (const auto& pin : lane.pins)
            if (view_.selection().contains(pin.id))
                worst = std::max(worst, Seconds(std::abs(pin.rounding_error.value)));
    names_[0]->setText(tr("Worst rounding to a frame: %1 ms").arg(worst.value * 1000, 0, 'f', 1));
    buttons_->show();
    pinned_->hide();
    whole_planting_->hide();
}

void DetailPanel::show_pin(const Pin& pin, const Lane& lane) {
    const auto& project = document_.project();
    const bool marker = std::holds_alternative<MarkerBody>(pin.body);
    const bool cut = std::holds_alternative<CutBody>(pin.body);
    names_[0]->setText(tr("anchor"));
    for (int i = 0; i < 6; ++i) {
        names_[i]->show();
        values_[i]->setVisible(i != LeadRow);
    }
    lead_->show();
    buttons_->show();
    pinned_->show();
    whole_planting_->show();
    name_->setVisible(marker);
    name_label_->setVisible(marker);
    shot_->setVisible(cut);
    shot_label_->setVisible(cut);
    const auto* sound = std::get_if<SoundBody>(&pin.body);
    sound_->setVisible(sound != nullptr);
    if (sound) { // frames and onsets matter less here, and there is no room for all
        for (const int row : {static_cast<int>(FrameRow), static_cast<int>(NearestOnsetRow),
                              static_cast<int>(PlantingRow), static_cast<int>(LeadRow)}) {
            names_[row]->hide();
            values_[row]->hide();
        }
        lead_->hide();
        sound_->show_sound(pin.id);
        const Clip* clip = project.clip(sound->sound);
        title_->setText(
            tr("Selected: sound “%1”").arg(clip ? QString::fromStdString(clip->name) : tr("none")));
    }
    if (marker) {
        const auto name = QString::fromStdString(std::get<MarkerBody>(pin.body).name);
        title_->setText(tr("Selected: marker “%1”").arg(name));
        if (name_->text() != name)
            name_->setText(name);
    }
    if (cut) {
        const ClipId chosen = std::get<CutBody>(pin.body).shot;
        shot_->clear();
        for (const Clip* shot : project.shots()) {
            shot_->addItem(QString::fromStdString(shot->name), static_cast<qulonglong>(shot->id.value));
            if (shot->id == chosen)
                shot_->setCurrentIndex(shot_->count() - 1);
        }
        const Clip* clip = project.clip(chosen);
        if (!clip)
            shot_->setCurrentIndex(-1);
        title_->setText(
            tr("Selected: cut to “%1”").arg(clip ? QString::fromStdString(clip->name) : tr("no shot")));
    }
    const auto* musical = std::get_if<MusicalAnchor>(&pin.anchor);
    if (musical && project.grid) {
        const auto* ms = std::get_if<Seconds>(&musical->offset);
        values_[AnchorRow]->setText(
            tr("bar %1 + %2")
                .arg(QString::fromStdString(format_position(project.grid->position_of(musical->at))),
                     ms ? tr("%1 ms").arg(std::round(ms->value * 1e4) / 10)
                        : tr("%1 frames").arg(std::get<Frames>(musical->offset).value)));
    } else if (musical) {
        values_[AnchorRow]->setText(tr("needs a grid"));
    } else {
        values_[AnchorRow]->setText(std::holds_alternative<TimeAnchor>(pin.anchor) ? tr("loose, at its time")
                                                                                   : tr("a marker"));
    }
    const auto* resolved = find_resolved(document_.schedule(), pin.id);
    values_[TimeRow]->setText(resolved ? QString::fromStdString(format_clock(resolved->time)) : tr("none"));
    values_[FrameRow]->setText(resolved ? frame_text(*resolved) : tr("none"));
    values_[NearestOnsetRow]->setText(resolved ? nearest_onset(resolved->time) : tr("none"));
    const QSignalBlocker quietly(lead_);
    lead_->setValue(static_cast<int>(lane.lead.value));
    const Planting* planting = project.planting(pin.planting);
    const QString by = planting ? QString::fromStdString(planting->description) : tr("hand");
    values_[PlantingRow]->setText(
        QFontMetrics(values_[PlantingRow]->font()).elidedText(by, Qt::ElideRight, 150));
    values_[PlantingRow]->setToolTip(by);
    whole_planting_->setEnabled(planting != nullptr);
    const bool loose = std::holds_alternative<TimeAnchor>(pin.anchor);
    pinned_->setText(loose ? tr("Pin") : tr("Unpin"));
    pinned_->setToolTip(loose ? tr("Ties it to the nearest beat, where it is")
                              : tr("Lets it stay at its time whatever the grid does"));
    pinned_->setEnabled(project.grid != nullptr);
}

void DetailPanel::refresh() {
    const auto& selection = view_.selection();
    if (selection.size() == 1) {
        pin_ = *selection.begin();
        const Pin* pin = document_.project().pin(pin_);
        if (const Lane* lane = document_.project().lane_of(pin_); pin && lane)
            return show_pin(*pin, *lane);
    }
    pin_ = {};
    if (selection.size() > 1)
        show_many();
    else
        show_nothing();
}

} // namespace pulsepin
