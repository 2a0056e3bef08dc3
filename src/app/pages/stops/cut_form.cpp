// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/planting_properties.h"
#include "model/shot_edits.h"
#include "parts/decimal_keys.h"
#include "parts/form_fields.h"
#include "parts/widgets.h"

#include <QHeaderView>

namespace pulsepin {
namespace {

enum ShotColumn { ShotName, ShotWeight };

QSpinBox* frames_field(const QString& name, const QString& none, const QString& tip) {
    auto* spin = whole_field(name, tip, 0, 1000, 0);
    spin->setSpecialValueText(none);
    spin->setSuffix(CutForm::tr(" frames"));
    return spin;
}

} // namespace

CutForm::CutForm(QWidget* parent) : FormFields(parent) {
    const auto told = shot_choice_properties();
    order_ = choice_box("shot order", spec_of("order", told));
    seed_ = seed_field("shot seed");
    start_ = choice_box("shot start", spec_of("start", told));
    in_point_ = real_field("form in point", tr("Where in the clip"), 0, 360'000);
    in_point_->setSuffix(tr(" s"));
    marker_ =
        choice_box("shot marker",
                   tr("The marker on the shot that meets the beat; shots without it start at the in-point"));
    marker_->setEditable(true);
    shortest_ = frames_field("shortest", tr("any length"), tr("No shot becomes shorter than this"));
    fade_ = frames_field("form fade", tr("hard cuts"), tr("Cross-fade around each beat, half of it before"));
    framing_ = choice_box("form framing",
                          tr("How each shot lies in the picture; single ones are framed in the picture"),
                          {tr("fit: all of the shot"), tr("fill the picture")});
    make_shots();
    auto* grid = tight_grid(this);
    grid->addWidget(labelled(tr("which shot"), order_), 0, 0);
    grid->addWidget(labelled(tr("chance"), seed_), 0, 1);
    grid->addWidget(labelled(tr("seen"), start_), 1, 0);
    grid->addWidget(labelled(tr("in-point"), in_point_), 1, 1);
    grid->addWidget(labelled(tr("marker"), marker_), 1, 1);
    grid->addWidget(labelled(tr("at least"), shortest_), 2, 0);
    grid->addWidget(labelled(tr("cross-fade"), fade_), 2, 1);
    grid->addWidget(labelled(tr("framing"), framing_), 3, 0);
    grid->addWidget(shots_, 0, 2, 5, 1);
    grid->setColumnStretch(0, 3);
    grid->setColumnStretch(1, 2);
    grid->setColumnStretch(2, 3);
    grid->setRowStretch(4, 1);
    for (auto* box : {order_, start_})
        connect(box, &QComboBox::currentIndexChanged, this, [this] {
            show_start();
            emit changed();
        });
    connect(framing_, &QComboBox::currentIndexChanged, this, &FormFields::changed);
    connect(marker_, &QComboBox::currentTextChanged, this, &FormFields::changed);
    connect(in_point_, &QDoubleSpinBox::valueChanged, this, &FormFields::changed);
    for (auto* spin : {seed_, shortest_, fade_})
        connect(spin, &QSpinBox::valueChanged, this, &FormFields::changed);
    connect(shots_, &QTableWidget::itemChanged, this, &FormFields::changed);
    show_start();
}

void CutForm::make_shots() {
    shots_ = new QTableWidget(0, 2);
    shots_->setObjectName("form shots");
    shots_->setAccessibleName(tr("Shots that are taken, and their weight"));
    shots_->setHorizontalHeaderLabels({tr("shots taken"), tr("weight")});
    shots_->verticalHeader()->hide();
    shots_->verticalHeader()->setDefaultSectionSize(20);
    shots_->horizontalHeader()->setSectionResizeMode(ShotName, QHeaderView::Stretch);
    shots_->setColumnWidth(ShotWeight, 50);
    shots_->setShowGrid(false);
    shots_->setSelectionMode(QAbstractItemView::NoSelection);
    shots_->setTabKeyNavigation(false);
    shots_->setToolTip(tr("Ticked shots are taken; the weight counts at random by weight"));
}

void CutForm::show_start() {
    const auto start = static_cast<ShotChoice::Start>(start_->currentIndex());
    const auto order = static_cast<ShotChoice::Order>(order_->currentIndex());
    marker_->parentWidget()->setVisible(start == ShotChoice::Start::AtMarker);
    in_point_->parentWidget()->setVisible(start == ShotChoice::Start::AtInPoint);
    seed_->parentWidget()->setVisible(order == ShotChoice::Order::AtRandom ||
                                      order == ShotChoice::Order::Weighted);
    shots_->setColumnHidden(ShotWeight, order != ShotChoice::Order::Weighted);
}

void CutForm::set_project(const Project& project) {
    const QSignalBlocker quietly(this), table(shots_), names(marker_);
    QStringList marks;
    for (const Clip* shot : project.shots())
        for (const auto& mark : marks_on(project, shot->id))
            if (const auto name = QString::fromStdString(mark.name); !marks.contains(name))
                marks << name;
    const QString named = marker_->currentText();
    marker_->clear();
    marker_->addItems(marks);
    marker_->setEditText(named.isEmpty() && !marks.isEmpty() ? marks.front() : named);
    if (bin_ == project.bin)
        return;
    const PlantingForm before = form();
    bin_ = project.bin;
    shots_->setRowCount(0);
    for (const Clip* shot : project.shots()) {
        const int row = shots_->rowCount();
        shots_->insertRow(row);
        auto* name = new QTableWidgetItem(QString::fromStdString(shot->name));
        name->setData(Qt::UserRole, static_cast<qulonglong>(shot->id.value));
        name->setFlags(Qt::ItemIsEnabled | Qt::ItemIsUserCheckable);
        name->setCheckState(Qt::Checked);
        shots_->setItem(row, ShotName, name);
        auto* weight = new QTableWidgetItem("1");
        weight->setTextAlignment(Qt::AlignRight | Qt::AlignVCenter);
        shots_->setItem(row, ShotWeight, weight);
    }
    set_form(before);
}

PlantingForm CutForm::form() const {
    CutBody cut;
    cut.fade = Frames(fade_->value());
    cut.framing.base = static_cast<ShotFraming::Base>(framing_->currentIndex());
    ShotChoice choice;
    choice.order = static_cast<ShotChoice::Order>(order_->currentIndex());
    choice.start = static_cast<ShotChoice::Start>(start_->currentIndex());
    choice.seed = static_cast<std::uint32_t>(seed_->value());
    choice.in_point = Seconds(in_point_->value());
    choice.marker = marker_->currentText().toStdString();
    choice.shortest = Frames(shortest_->value());
    bool all = true;
    for (int row = 0; row < shots_->rowCount(); ++row) {
        const auto* name = shots_->item(row, ShotName);
        const auto* weight = shots_->item(row, ShotWeight);
        if (!name || !weight)
            continue;
        if (name->checkState() != Qt::Checked) {
            all = false;
            continue;
        }
        choice.shots.push_back(
            {ClipId{name->data(Qt::UserRole).toULongLong()}, typed_number(weight->text()).value_or(1)});
        all = all && choice.shots.back().weight == 1;
    }
    if (all) // also those that are added later
        choice.shots.clear();
    return {cut, choice};
}

void CutForm::set_form(const PlantingForm& form) {
    const QSignalBlocker quietly(this), table(shots_);
    const ShotChoice choice = form.shots();
    if (const auto* cut = body_if<CutBody>(&form.body)) {
        fade_->setValue(static_cast<int>(cut->fade.value));
        framing_->setCurrentIndex(static_cast<int>(cut->framing.base));
    }
    order_->setCurrentIndex(static_cast<int>(choice.order));
    start_->setCurrentIndex(static_cast<int>(choice.start));
    seed_->setValue(static_cast<int>(choice.seed));
    in_point_->setValue(choice.in_point.value);
    marker_->setEditText(QString::fromStdString(choice.marker));
    shortest_->setValue(static_cast<int>(choice.shortest.value));
    for (int row = 0; row < shots_->rowCount(); ++row) {
        const ClipId shot{shots_->item(row, ShotName)->data(Qt::UserRole).toULongLong()};
        const auto share = std::find_if(choice.shots.begin(), choice.shots.end(),
                                        [shot](const auto& s) { return s.shot == shot; });
        const bool taken = choice.shots.empty() || share != choice.shots.end();
        shots_->item(row, ShotName)->setCheckState(taken ? Qt::Checked : Qt::Unchecked);
        shots_->item(row, ShotWeight)
            ->setText(QString::number(share == choice.shots.end() ? 1 : share->weight));
    }
    show_start();
}

QString CutForm::summary() const {
    const QString orders[] = {tr("in turn"), tr("at random"), tr("by weight"), tr("by section"),
                              tr("one shot")};
    if (shots_->rowCount() == 0)
        return tr("slates, until there are shots");
    QString text = orders[order_->currentIndex()];
    if (const auto taken = form().shots().shots; !taken.empty())
        text += tr(", %1 of the bin").arg(taken.size());
    else
        text += tr(", from bin");
    return text;
}

} // namespace pulsepin
