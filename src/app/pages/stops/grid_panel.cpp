// SPDX-License-Identifier: GPL-3.0-or-later
//
// How the panel looks; what it does is in grid_panel_edits.cpp.
#include "pages/stops/grid_panel.h"

#include "model/edits.h"
#include "parts/finder.h"
#include "parts/page_stack.h"
#include "parts/tight_row.h"
#include "parts/widgets.h"
#include "session/number_text.h"
#include "time/musical_text.h"

#include <QButtonGroup>
#include <QGuiApplication>
#include <QHBoxLayout>
#include <QVBoxLayout>
#include <algorithm>
#include <tuple>

namespace pulsepin {
GridPanel::GridPanel(Document& document, ViewState& view, QWidget* parent)
    : StopPanel(document, view, parent) {
    auto* outside = new QVBoxLayout(this);
    outside->setContentsMargins(0, 0, 0, 0);
    outside->setSpacing(5);
    auto* head = new QHBoxLayout;
    head->setSpacing(4);
    heading_ = heading({});
    head->addWidget(heading_, 1);
    pages_ = new PageStack;
    auto* which = new QButtonGroup(this);
    for (const auto& [page, text, tip] :
         {std::tuple{0, QT_TR_NOOP("Beats"), tr("Tempo, bars and phase of the grid")},
          std::tuple{1, QT_TR_NOOP("Onsets"), tr("The rows of onsets, and how they are found")}}) {
        auto* button = new QPushButton(tr(text));
        button->setObjectName(QString("page %1").arg(text));
        button->setToolTip(tip);
        button->setCheckable(true);
        button->setProperty("role", "choice");
        button->setChecked(page == 0);
        which->addButton(button, page);
        head->addWidget(button);
    }
    connect(which, &QButtonGroup::idClicked, this, &GridPanel::show_page);
    outside->addLayout(head);
    outside->addWidget(pages_, 1);
    rows_ = new OnsetRows(document, view);
    pages_->addWidget(make_beats_page());
    pages_->addWidget(rows_);
    connect(&document_.detection(), &DetectionController::proposal_changed, this, &GridPanel::refresh);
    show_page(0);
    refresh();
}

QPushButton* GridPanel::make(const QString& name, const QString& text, const QString& tip,
                             std::function<void()> what) {
    auto* button = new QPushButton(text);
    button->setObjectName(name);
    button->setAccessibleName(text + ": " + tip);
    button->setToolTip(tip);
    connect(button, &QPushButton::clicked, this, std::move(what));
    need_grid_.push_back(button);
    return button;
}

QWidget* GridPanel::make_beats_page() {
    auto* page = new QWidget;
    auto* column = new QVBoxLayout(page);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(5);
    auto* told = new QHBoxLayout;
    told->setSpacing(6);
    found_ = quiet({});
    found_->setObjectName("found told");
    take_ = new QPushButton(tr("Take it"));
    take_->setProperty("role", "decide");
    take_->setObjectName("take proposal");
    take_->setToolTip(tr("The beats found again become the grid; items keep their time"));
    connect(take_, &QPushButton::clicked, &document_.detection(), &DetectionController::take_proposal);
    leave_ = new QPushButton(tr("Leave it"));
    leave_->setProperty("role", "decline");
    leave_->setObjectName("leave proposal");
    leave_->setToolTip(tr("The grid stays as it is"));
    connect(leave_, &QPushButton::clicked, &document_.detection(), &DetectionController::leave_proposal);
    told->addWidget(found_, 1);
    told->addWidget(take_);
    told->addWidget(leave_);
    anyway_ = new QPushButton(tr("Beats anyway"));
    anyway_->setObjectName("beats anyway");
    anyway_->setToolTip(tr("The likeliest beats of this sound, though it does not seem to have any"));
    connect(anyway_, &QPushButton::clicked, this, &GridPanel::find_beats_anyway);
    told->addWidget(anyway_);
    column->addLayout(told);
    column->addWidget(make_tempo_row());
    column->addWidget(make_course_row());
    column->addStretch(1);
    column->addWidget(make_last_row());
    return page;
}

QWidget* GridPanel::make_tempo_row() {
    auto* box = new QWidget;
    auto* row = tight_row(box, 4);
    for (int i = 0; i < 4; ++i) {
        auto* button = new QPushButton;
        button->setObjectName(QString("tempo candidate %1").arg(i + 1));
        button->setCheckable(true);
        button->setProperty("role", "choice");
        button->setToolTip(tr("Finds the beats again at about this tempo; items keep their time"));
        connect(button, &QPushButton::clicked, this, [this, i] { take_tempo(static_cast<std::size_t>(i)); });
        candidates_.push_back(button);
        row->addWidget(button);
    }
    row->addStretch(1);
    metre_ = new ChoiceBox;
    metre_->setObjectName("metre choice");
    for (const auto& metre : common_metres())
        metre_->addItem(QString::fromStdString(format_metre(metre)));
    metre_->setToolTip(tr("Beats in a bar, for the whole song; the menu has it from one bar on"));
    connect(metre_, &QComboBox::activated, this,
            [this](int index) { set_metre(common_metres()[static_cast<std::size_t>(index)]); });
    auto* here = make("bar 1 here", tr("here"),
                      tr("The beat nearest to the playhead becomes bar 1, beat 1; items keep their time (B)"),
                      [this] { name_bar_one_at_playhead(); });
    row->addWidget(labelled(tr("metre"), metre_));
    row->addWidget(labelled(tr("bar 1"), here));
    return box;
}

QWidget* GridPanel::make_course_row() {
    auto* box = new QWidget;
    auto* column = new QVBoxLayout(box);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(5);
    auto* upper = new QWidget;
    auto* row = tight_row(upper, 10);
    courses_ = new CourseTiles(document_, view_);
    row->addWidget(labelled(tr("how the tempo runs"), courses_), 1);
    row->addWidget(labelled(tr("move all by ms"), make_nudges()));
    column->addWidget(upper);
    column->addWidget(make_ratio_row());
    return box;
}

QWidget* GridPanel::make_nudges() {
    auto* nudges = new QWidget;
    auto* nudge_row = tight_row(nudges, 3);
    for (const int ms : {-10, -1, 1, 10}) {
        auto* button =
            make(QString("shift %1").arg(ms), QString("%1%2").arg(ms > 0 ? "+" : "−").arg(std::abs(ms)),
                 tr("All beats %1 ms %2; items follow. With Ctrl: frames")
                     .arg(std::abs(ms))
                     .arg(ms > 0 ? tr("later") : tr("earlier")),
                 [this, ms] {
                     const bool frames = QGuiApplication::keyboardModifiers() & Qt::ControlModifier;
                     const Seconds frame = document_.project().settings->frame_rate.frame_length();
                     shift_by(frames ? frame * static_cast<double>(ms) : Seconds(ms / 1000.0));
                 });
        button->setProperty("role", "small");
        button->setMinimumWidth(36);
        nudge_row->addWidget(button);
    }
    return nudges;
}

QWidget* GridPanel::make_ratio_row() {
    tempo_ = new TempoField;
    tempo_->setObjectName("tempo");
    tempo_->setRange(10, 1000);
    tempo_->setDecimals(3);
    tempo_->setMaximumWidth(86);
    tempo_->setKeyboardTracking(false);
    tempo_->setAccessibleName(tr("Tempo in beats a minute"));
    tempo_->setToolTip(tr("Type a tempo, or drag it sideways, to stretch the grid about bar 1; without a "
                          "grid it makes a steady one"));
    connect(tempo_, &QDoubleSpinBox::editingFinished, this, [this] { use_tempo_field(true); });
    connect(tempo_, &TempoField::dragged, this, [this] { use_tempo_field(false); });
    auto* lower = new QWidget;
    auto* ratios = tight_row(lower, 3);
    ratios->addWidget(tempo_);
    for (const auto& [name, text, tip, beats, of] :
         {std::tuple{"half", tr("½"), tr("Half as fast; items keep their time"), 1, 2},
          std::tuple{"double", tr("×2"), tr("Twice as fast; items keep their time"), 2, 1},
          std::tuple{"three of two", tr("3:2"), tr("Three beats where two are; items keep their time"), 3, 2},
          std::tuple{"two of three", tr("2:3"), tr("Two beats where three are; items keep their time"), 2,
                     3}}) {
        auto* button = make(name, text, tip, [this, beats = beats, of = of] { change_ratio(beats, of); });
        button->setProperty("role", "small");
        button->setMinimumWidth(32);
        ratios->addWidget(button);
    }
    auto* off_beat =
        make("off-beat", tr("+½ beat"),
             tr("What was taken for beats lies between them: all beats half a beat later; items follow"),
             [this] { move_to_off_beats(); });
    off_beat->setProperty("role", "small");
    ratios->addWidget(off_beat);
    range_ = new ChoiceBox;
    range_->setObjectName("tempo range");
    range_->setAccessibleName(tr("Tempo range"));
    range_->setToolTip(tr("How fast the beats may come, when you know it"));
    range_->addItem(tr("any tempo"));
    for (const auto& [low, high] : {std::pair{40, 80}, {60, 120}, {80, 160}, {120, 240}})
        range_->addItem(tr("%1–%2 BPM").arg(low).arg(high), QPointF(low, high));
    ratios->addWidget(range_, 1);
    return lower;
}

QWidget* GridPanel::make_last_row() {
    auto* box = new QWidget;
    auto* row = tight_row(box, 4);
    find_ = main_button({});
    find_->setObjectName("detect");
    connect(find_, &QPushButton::clicked, this, &GridPanel::find_beats);
    row->addWidget(find_);
    row->addWidget(
        make("fit", tr("Fit between held"),
             tr("Even beats between the held beats around the playhead: as many as fit best, or the "
                "number beside"),
             [this] { fit_between_held(); }));
    count_ = new QSpinBox;
    count_->setObjectName("fit count");
    count_->setRange(0, 999);
    count_->setSpecialValueText(tr("best"));
    count_->setAccessibleName(tr("How many beats between the held ones"));
    count_->setToolTip(tr("How many beats from one held beat to the next; best: found out from the onsets"));
    count_->setMaximumWidth(58);
    row->addWidget(count_);
    row->addWidget(make("doubtful", tr("Next uncertain"),
                        tr("Goes to the next uncertain place and loops it (D)"),
                        [this] { emit doubtful_wanted(); }));
    back_to_found_ = new QPushButton(tr("As found"));
    back_to_found_->setObjectName("back to found");
    back_to_found_->setToolTip(
        tr("Takes the grid as it was detected; corrections can be had back with Undo"));
    connect(back_to_found_, &QPushButton::clicked, this, &GridPanel::take_as_found);
    row->addWidget(back_to_found_);
    row->addStretch(1);
    return box;
}

void GridPanel::show_page(int page) {
    pages_->setCurrentIndex(page);
    heading_->setText(page == 0 ? tr("Put the grid on the beat") : tr("What starts when"));
}

void GridPanel::left() {
    view_.set_grid_rows(false);
    view_.choose_beat(std::nullopt);
    view_.set_course(std::nullopt);
}

QString GridPanel::summary() const {
    const auto& grid = document_.project().grid;
    if (!grid)
        return document_.project().song ? tr("no beats yet") : tr("needs a song");
    if (asks_for_tempo()) // first: at another tempo other places are doubtful
        return tr("%1 or %2 BPM?")
            .arg(number_text(document_.project().detection->tempi[0].tempo.value, 0))
            .arg(number_text(document_.project().detection->tempi[1].tempo.value, 0));
    if (const auto doubtful = doubtful_places(document_.trust()).size(); doubtful > 0)
        return doubtful == 1 ? tr("one uncertain place") : tr("%1 uncertain places").arg(doubtful);
    if (asks_for_phase())
        return tr("half a beat later?");
    return tr("%1 BPM · %2")
        .arg(number_text(grid->typical_tempo().value, 2))
        .arg(QString::fromStdString(format_metre(grid->metre_at(Ticks(0)))));
}

void GridPanel::refresh_candidates() {
    const auto& project = document_.project();
    for (std::size_t i = 0; i < candidates_.size(); ++i) {
        auto* button = candidates_[i];
        const bool there = project.detection && i < project.detection->tempi.size();
        button->setVisible(there);
        if (!there)
            continue;
        const auto& tempo = project.detection->tempi[i];
        const auto share = std::lround(100 * static_cast<double>(tempo.confidence));
        button->setText(QString("%1\n%2")
                            .arg(number_text(tempo.tempo.value, 1))
                            .arg(share > 0 ? tr("%1 %").arg(share) : tr("< 1 %")));
        button->setAccessibleName(
            tr("%1 BPM, %2 per cent sure").arg(number_text(tempo.tempo.value, 1)).arg(share));
        button->setChecked(project.grid && std::abs(project.grid->typical_tempo() / tempo.tempo - 1) < 0.03);
    }
}

void GridPanel::refresh_proposal() {
    const auto& project = document_.project();
    const auto* proposal = document_.detection().proposal();
    take_->setVisible(proposal != nullptr);
    leave_->setVisible(proposal != nullptr);
    anyway_->setVisible(project.song && project.detection && !project.grid && !proposal);
    found_->setToolTip({});
    if (proposal && project.grid) {
        const auto d = difference(*project.grid, *proposal);
        if (d.moved + d.added + d.dropped == 0) {
            const int beats = proposal->metre_at(Ticks(0)).beats_per_bar;
            const auto later =
                project.grid->nearest_beat(proposal->time_at(Ticks(0))).value / ticks_per_beat % beats;
            found_->setText(tr("The same beats, but bars of %1 seem to begin where beat %2 is now")
                                .arg(beats)
                                .arg((later + beats) % beats + 1));
            return;
        }
        found_->setText(tr("Found again: %1 beats the same, %2 moved, %3 more, %4 fewer")
                            .arg(d.same)
                            .arg(d.moved)
                            .arg(d.added)
                            .arg(d.dropped));
        return;
    }
    if (!project.detection) {
        found_->setText(project.song ? tr("Nothing was detected yet.") : tr("Open a song first."));
    } else if (!project.grid) {
        found_->setText(tr("No pulse was found. Type a tempo, or tap along with T."));
    } else {
        // What is there now, so that it can be compared with what one knows of the song.
        const auto& grid = *project.grid;
        // Of a song of which only a range was kept, those that are left.
        const Seconds end = project.song ? project.song->duration() : Seconds(1e9);
        const auto heard = std::ranges::count_if(
            grid.beats(), [end](const GridBeat& beat) { return beat.time >= Seconds(0) && beat.time < end; });
        const auto first = std::max(grid.first_beat(), grid.nearest_beat(Seconds(0)).value / ticks_per_beat),
                   last = std::min(grid.last_beat(), grid.nearest_beat(end).value / ticks_per_beat);
        const auto bars = grid.position_of(Ticks(last * ticks_per_beat)).bar -
                          grid.position_of(Ticks(first * ticks_per_beat)).bar + 1;
        QString text = tr("%1 beats in %2 bars · %3 BPM on average")
                           .arg(heard)
                           .arg(bars)
                           .arg(number_text(grid.mean_tempo().value, 2));
        if (project.detection->swing && *project.detection->swing >= 1.12)
            text += tr(" · swing %1 : 1").arg(number_text(*project.detection->swing, 1));
        if (asks_for_tempo())
            text = tr("Not sure: %1 or %2 BPM? Listen with the click, and press the right one.")
                       .arg(number_text(project.detection->tempi[0].tempo.value, 0))
                       .arg(number_text(project.detection->tempi[1].tempo.value, 0));
        else if (asks_for_phase())
            text =
                tr("Not sure: on these beats, or between them? Listen with the click; +½ beat moves them.");
        found_->setText(text);
    }
}

/// Of grids of which the first is so unsure one in three is wrong (docs/accuracy.md).
bool GridPanel::asks_for_tempo() const {
    constexpr float sure = 0.7f;
    const auto& project = document_.project();
    return project.detection && project.grid && project.detection->tempi.size() > 1 &&
           project.detection->tempi[0].confidence < sure && !corrected();
}

bool GridPanel::asks_for_phase() const {
    constexpr float likely = 0.25f;
    const auto& project = document_.project();
    return project.detection && project.grid && project.detection->off_beat >= likely && !corrected();
}

void GridPanel::refresh() {
    const auto& project = document_.project();
    for (auto* button : need_grid_)
        button->setEnabled(project.grid != nullptr);
    back_to_found_->setEnabled(corrected());
    find_->setText(corrected() ? tr("Find the rest") : tr("Find the beats"));
    find_->setToolTip(corrected()
                          ? tr("Looks for the beats again; held beats, metre and excluded stretches stay. "
                               "Nothing changes before you take it (Ctrl+D)")
                          : tr("Listens to the song for tempo, beats, bars and onsets (Ctrl+D)"));
    refresh_candidates();
    refresh_proposal();
    rows_->refresh();
    courses_->refresh();
    if (!tempo_->hasFocus() || project.grid)
        tempo_->setValue(project.grid ? project.grid->typical_tempo().value : 120.0);
    tempo_->setEnabled(project.song != nullptr);
    const Metre now = project.grid ? project.grid->metre_at(Ticks(0)) : Metre{};
    const auto metres = common_metres();
    const auto known = std::find(metres.begin(), metres.end(), now);
    metre_->setCurrentIndex(known == metres.end() ? -1 : static_cast<int>(known - metres.begin()));
    metre_->setEnabled(project.grid != nullptr);
}

} // namespace pulsepin
