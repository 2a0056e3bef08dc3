// SPDX-License-Identifier: GPL-3.0-or-later
#include "pages/stops/onset_rows.h"

#include "model/edits.h"
#include "model/onset_edits.h"
#include "pages/stops/tops_dialog.h"
#include "parts/finder.h"
#include "parts/widgets.h"
#include "session/core_words.h"

#include <QDialog>
#include <QDialogButtonBox>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QMenu>
#include <QScrollArea>
#include <QSignalBlocker>
#include <algorithm>

namespace pulsepin {
namespace {

constexpr int slider_steps = 200;
constexpr int longest_gap_ms = 500;

struct OwnBand {
    const char* name;
    double from, until; // Hz
};
constexpr OwnBand own_bands[] = {{QT_TRANSLATE_NOOP("OnsetRows", "sub bass, 30 to 60 Hz"), 30, 60},
                                 {QT_TRANSLATE_NOOP("OnsetRows", "bass, 60 to 150 Hz"), 60, 150},
                                 {QT_TRANSLATE_NOOP("OnsetRows", "low middle, 150 to 400 Hz"), 150, 400},
                                 {QT_TRANSLATE_NOOP("OnsetRows", "voice, 300 Hz to 3 kHz"), 300, 3000},
                                 {QT_TRANSLATE_NOOP("OnsetRows", "presence, 3 to 6 kHz"), 3000, 6000},
                                 {QT_TRANSLATE_NOOP("OnsetRows", "air, 8 to 16 kHz"), 8000, 16000}};

QSlider* slider(int steps, const QString& name, const QString& tip) {
    auto* s = new QSlider(Qt::Horizontal);
    s->setRange(0, steps);
    s->setObjectName(name);
    name_by_tip(*s, tip);
    s->setToolTip(tip);
    s->setMinimumWidth(70);
    return s;
}

} // namespace

OnsetRows::OnsetRows(Document& document, ViewState& view, QWidget* parent)
    : QWidget(parent), document_(document), view_(view) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(6);
    auto* inside = new QWidget;
    inside->setObjectName("onset lines");
    lines_box_ = new QVBoxLayout(inside);
    lines_box_->setContentsMargins(0, 0, 6, 0);
    lines_box_->setSpacing(3);
    lines_box_->addStretch(1);
    auto* scroll = new QScrollArea;
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    scroll->setWidget(inside);
    column->addWidget(scroll, 1);

    chosen_ = quiet({});
    gap_ = slider(longest_gap_ms, "smallest gap", tr("Onsets nearer to each other than this are one"));
    least_ = slider(slider_steps, "least strength",
                    tr("Onsets weaker than this, against the strongest of the song, are left out"));
    for (auto* s : {gap_, least_}) {
        connect(s, &QSlider::valueChanged, this, [this] { try_line(current_); });
        connect(s, &QSlider::sliderReleased, this, [this] { document_.detection().keep_row(); });
    }
    listened_ = new ListenedField("row listened");
    connect(listened_, &ListenedField::edited, this, [this] {
        try_line(current_);
        document_.detection().keep_row();
    });
    auto* more = new QHBoxLayout;
    more->setSpacing(10);
    more->addWidget(chosen_, 1);
    more->addWidget(quiet(tr("in")));
    more->addWidget(listened_, 1);
    more->addWidget(quiet(tr("gap")));
    more->addWidget(gap_, 1);
    more->addWidget(quiet(tr("at least")));
    more->addWidget(least_, 1);
    column->addLayout(more);

    auto* last = make_buttons();
    column->addLayout(last);
    connect(&document_.detection(), &DetectionController::shown_changed, this, &OnsetRows::refresh);
    refresh();
}

QLayout* OnsetRows::make_buttons() {
    auto* last = new QHBoxLayout;
    last->setSpacing(8);
    like_ = new QPushButton(tr("Find like this"));
    like_->setObjectName("find like this");
    like_->setToolTip(
        tr("A row of all sounds like the onset nearest to the playhead, or like those in the range"));
    connect(like_, &QPushButton::clicked, this, &OnsetRows::add_like);
    band_ = new QPushButton(tr("Add a row"));
    band_->setObjectName("add a band");
    band_->setToolTip(tr("A row that watches one range of frequencies, or is made of other rows"));
    auto* menu = new QMenu(band_);
    for (const auto& band : own_bands)
        menu->addAction(tr(band.name), this, [this, band] {
            OnsetRow row;
            row.name = tr(band.name).section(',', 0, 0).toStdString();
            row.band = {band.from, band.until};
            row.of = document_.sounds().listened();
            document_.detection().add_row(row);
        });
    menu->addSeparator();
    menu->addAction(tr("As the chosen row, to be found otherwise"), this, &OnsetRows::add_copy);
    menu->addAction(tr("Of other rows: kick or snare…"), this, &OnsetRows::merge_rows);
    menu->addAction(tr("From envelope peaks…"), this, &OnsetRows::add_tops);
    band_->setMenu(menu);
    last->addWidget(like_);
    last->addWidget(band_);
    last->addStretch(1);
    return last;
}

OnsetRows::Line OnsetRows::make_line(std::size_t index) {
    Line line{
        new QWidget,
        new QCheckBox,
        new ChoiceBox,
        slider(slider_steps, QString("sensitivity %1").arg(index + 1), tr("More or fewer onsets, at once")),
        quiet({}),
        new QPushButton(tr("×"))};
    auto* row = new QHBoxLayout(line.widget);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(8);
    line.widget->setObjectName(QString("row line %1").arg(index + 1));
    line.widget->setToolTip(tr("A click on it chooses this row: the choices below are for that one"));
    line.widget->installEventFilter(this);
    line.shown->setObjectName(QString("row shown %1").arg(index + 1));
    line.shown->setToolTip(tr("Shows this row above the lanes"));
    line.shown->setFixedWidth(104);
    line.function->setObjectName(QString("function %1").arg(index + 1));
    line.function->setAccessibleName(tr("How this row is found"));
    line.function->setToolTip(tr("How the onsets of this row are heard: no single way suits all music"));
    for (const auto& function : onset_functions())
        line.function->addItem(text_of(function.title),
                               QString::fromUtf8(function.id.data(), static_cast<int>(function.id.size())));
    line.function->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    line.function->setMinimumContentsLength(12);
    line.count->setMinimumWidth(36);
    line.count->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
    line.remove->setObjectName(QString("remove row %1").arg(index + 1));
    line.remove->setToolTip(tr("Removes this row"));
    line.remove->setFixedWidth(24);
    line.remove->setStyleSheet("padding: 2px;");
    auto keeps_its_place = line.remove->sizePolicy();
    keeps_its_place.setRetainSizeWhenHidden(true);
    line.remove->setSizePolicy(keeps_its_place);
    row->addWidget(line.shown);
    row->addWidget(line.function, 2);
    row->addWidget(line.sensitivity, 2);
    row->addWidget(line.count);
    row->addWidget(line.remove);
    connect(line.shown, &QCheckBox::toggled, this, [this, index] {
        if (!filling_ && keeps(index))
            document_.apply(with_onset_row(document_.project(), index, changed(index)), tr("show row"));
    });
    connect(line.function, &QComboBox::activated, this, [this, index] {
        try_line(index);
        document_.detection().keep_row();
    });
    connect(line.sensitivity, &QSlider::valueChanged, this, [this, index] { try_line(index); });
    // Steps by key or wheel are kept too, as soon as the slider rests.
    connect(line.sensitivity, &QSlider::sliderReleased, this, [this] { document_.detection().keep_row(); });
    connect(line.remove, &QPushButton::clicked, this,
            [this, index] { document_.detection().remove_row(index); });
    return line;
}

/// What is shown before beats are found, or after an undo that was not looked at yet, has no place to keep
/// anything.
bool OnsetRows::keeps(std::size_t index) const {
    const auto& detection = document_.project().detection;
    return detection && index < detection->rows.size() && index < lines_.size();
}

OnsetRow OnsetRows::changed(std::size_t index) const {
    OnsetRow row = document_.project().detection->rows[index];
    const Line& line = lines_[index];
    row.shown = line.shown->isChecked();
    const double value = static_cast<double>(line.sensitivity->value()) / slider_steps;
    if (row.like)
        row.like->least = 1 - value; // to the right more is found, as in the other rows
    else
        row.sensitivity = value;
    if (!row.like && !row.band)
        row.function = line.function->currentData().toString().toStdString();
    if (index == current_) {
        row.of = listened_->listened();
        row.smallest_gap = Seconds(static_cast<double>(gap_->value()) / 1000);
        row.least_strength = static_cast<double>(least_->value()) / slider_steps;
    }
    return row;
}

bool OnsetRows::eventFilter(QObject* watched, QEvent* event) {
    if (event->type() == QEvent::MouseButtonPress)
        for (std::size_t i = 0; i < lines_.size(); ++i)
            if (lines_[i].widget == watched) {
                choose_line(i);
                refresh();
            }
    return QWidget::eventFilter(watched, event);
}

/// What is chosen for one row stands below all of them.
void OnsetRows::choose_line(std::size_t index) {
    const auto& detection = document_.project().detection;
    if (current_ == index || !detection || index >= detection->rows.size())
        return;
    current_ = index;
    const auto& row = detection->rows[index];
    listened_->show_listened(row.of, document_.project());
    const QSignalBlocker quiet_gap(gap_), quiet_least(least_);
    gap_->setValue(static_cast<int>(row.smallest_gap.value * 1000 + 0.5));
    least_->setValue(static_cast<int>(row.least_strength * slider_steps + 0.5));
}

void OnsetRows::try_line(std::size_t index) {
    if (filling_ || !keeps(index))
        return;
    choose_line(index);
    document_.detection().try_row(index, changed(index));
    const auto* moved = qobject_cast<QSlider*>(sender());
    if (moved && !moved->isSliderDown())
        document_.detection().keep_row();
}

void OnsetRows::add_like() {
    if (view_.range())
        document_.detection().add_row_like(view_.range()->from, view_.range()->until);
    else
        document_.detection().add_row_like(view_.playhead(), view_.playhead());
}

/// What starts in any of the ticked rows, unless one of the others starts there too.
void OnsetRows::merge_rows() {
    const auto& detection = document_.project().detection;
    if (!detection)
        return;
    QDialog dialog(this);
    dialog.setObjectName("merge rows");
    dialog.setWindowTitle(tr("A row of other rows"));
    auto* column = new QVBoxLayout(&dialog);
    auto* grid = new QGridLayout;
    grid->addWidget(quiet(tr("any of")), 0, 0);
    grid->addWidget(quiet(tr("but none of")), 0, 1);
    std::vector<std::pair<QCheckBox*, QCheckBox*>> boxes;
    std::vector<std::string> names;
    for (const auto& row : detection->rows) {
        if (row.merged)
            continue;
        const QString name = QString::fromStdString(row.name);
        auto* any = new QCheckBox(name);
        any->setObjectName("any " + name);
        auto* none = new QCheckBox(name);
        none->setObjectName("none " + name);
        const int line = static_cast<int>(boxes.size()) + 1;
        grid->addWidget(any, line, 0);
        grid->addWidget(none, line, 1);
        boxes.emplace_back(any, none);
        names.push_back(row.name);
    }
    column->addLayout(grid);
    auto* within = whole_field("merge within", tr("So near together they are one"), 0, 1000, 30);
    auto* clear = whole_field("merge clear", tr("So far from any of the others"), 0, 5000, 50);
    for (auto* field : {within, clear})
        field->setSuffix(tr(" ms"));
    column->addWidget(labelled(tr("one within"), within));
    column->addWidget(labelled(tr("none within"), clear));
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel);
    column->addWidget(buttons);
    connect(buttons, &QDialogButtonBox::accepted, &dialog, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, &dialog, &QDialog::reject);
    if (dialog.exec() != QDialog::Accepted)
        return;
    OnsetRow row;
    OnsetRow::Merged merged;
    for (std::size_t i = 0; i < boxes.size(); ++i) {
        if (boxes[i].first->isChecked())
            merged.any.push_back(names[i]);
        if (boxes[i].second->isChecked())
            merged.but_none.push_back(names[i]);
    }
    if (merged.any.empty())
        return document_.say(tr("Tick at least one row"));
    merged.within = Seconds(within->value() / 1000.0);
    merged.clear = Seconds(clear->value() / 1000.0);
    for (const auto& name : merged.any)
        row.name += (row.name.empty() ? "" : tr(" or ").toStdString()) + name;
    for (const auto& name : merged.but_none)
        row.name += (&name == &merged.but_none.front() ? tr(" without ") : tr(", ")).toStdString() + name;
    row.merged = std::move(merged);
    document_.apply(
        with_onset_row(document_.project(), document_.project().detection->rows.size(), std::move(row)),
        tr("add row of onsets"));
}

void OnsetRows::add_copy() {
    const auto& detection = document_.project().detection;
    if (!detection || current_ >= detection->rows.size() || detection->rows[current_].is_made())
        return document_.say(tr("Choose a row that is found in a sound first"));
    OnsetRow row = detection->rows[current_];
    row.name += tr(" 2").toStdString();
    row.by_hand.clear();
    row.of = document_.sounds().listened();
    document_.detection().add_row(row);
}

/// The row goes with the curve from then on.
void OnsetRows::add_tops() {
    const auto& project = document_.project();
    if (std::none_of(project.lanes.begin(), project.lanes.end(),
                     [](const auto& lane) { return lane->kind->follows; }))
        return document_.say(tr("There is no follower yet: add one in the stop Motion"));
    TopsDialog dialog(document_, this);
    if (dialog.exec() != QDialog::Accepted)
        return;
    const Project begun = with_rows_begun(project);
    document_.apply(with_onset_row(begun, begun.detection->rows.size(), dialog.row()),
                    tr("add row of onsets"));
}

void OnsetRows::fill(const Line& line, const OnsetRow& row) {
    line.shown->setText(QString::fromStdString(row.name));
    line.shown->setChecked(row.shown);
    line.function->setEnabled(!row.like && !row.band && !row.is_made());
    line.sensitivity->setEnabled(!row.is_made());
    if (row.tops) {
        const Lane* lane = document_.project().lane(row.tops->lane);
        line.function->setCurrentIndex(-1);
        line.function->setPlaceholderText(lane ? tr("peaks of %1").arg(QString::fromStdString(lane->name))
                                               : tr("peaks of a lane that is gone"));
    } else if (row.merged) {
        QStringList names;
        for (const auto& name : row.merged->any)
            names << QString::fromStdString(name);
        line.function->setCurrentIndex(-1);
        line.function->setPlaceholderText(names.join(tr(" or ")));
    } else if (row.like || row.band) {
        line.function->setCurrentIndex(-1);
        line.function->setPlaceholderText(
            row.like ? tr("sounds alike") : tr("%1 to %2 Hz").arg(row.band->first).arg(row.band->second));
    } else {
        line.function->setCurrentIndex(line.function->findData(QString::fromStdString(row.function)));
    }
    if (!line.sensitivity->isSliderDown())
        line.sensitivity->setValue(
            static_cast<int>((row.like ? 1 - row.like->least : row.sensitivity) * slider_steps + 0.5));
    line.count->setText(row.by_hand.empty()
                            ? QString::number(row.onsets.size())
                            : tr("%1 · %2 by hand").arg(row.onsets.size()).arg(row.by_hand.size()));
}

void OnsetRows::refresh() {
    const auto detection = document_.detection().shown();
    const std::size_t count = detection ? detection->rows.size() : 0;
    filling_ = true;
    while (lines_.size() > count) {
        lines_.back().widget->deleteLater();
        lines_.pop_back();
    }
    while (lines_.size() < count) {
        lines_.push_back(make_line(lines_.size()));
        lines_box_->insertWidget(lines_box_->count() - 1, lines_.back().widget);
    }
    for (std::size_t i = 0; i < count; ++i) {
        fill(lines_[i], detection->rows[i]);
        lines_[i].remove->setVisible(i > 0);
        lines_[i].widget->setEnabled(keeps(i));
    }
    current_ = count == 0 ? 0 : std::min(current_, count - 1);
    const bool kept = document_.project().detection != nullptr;
    for (QWidget* widget : std::initializer_list<QWidget*>{like_, band_, gap_, least_, listened_})
        widget->setEnabled(kept && count > 0);
    if (count > 0) {
        const auto& row = detection->rows[current_];
        chosen_->setText(QString::fromStdString(row.name) + ":");
        listened_->show_listened(row.of, document_.project());
        listened_->setEnabled(kept && !row.is_made());
        const QSignalBlocker quiet_gap(gap_), quiet_least(least_);
        if (!gap_->isSliderDown())
            gap_->setValue(static_cast<int>(row.smallest_gap.value * 1000 + 0.5));
        if (!least_->isSliderDown())
            least_->setValue(static_cast<int>(row.least_strength * slider_steps + 0.5));
    } else {
        chosen_->setText(tr("Nothing was listened to yet."));
    }
    filling_ = false;
}

} // namespace pulsepin
