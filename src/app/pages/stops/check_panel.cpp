// SPDX-License-Identifier: GPL-3.0-or-later
#include "pages/stops/check_panel.h"
#include "render/qt_text.h"
#include "session/core_words.h"

#include <QHBoxLayout>
#include <QHeaderView>
#include <QScrollBar>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

namespace pulsepin {
CheckPanel::CheckPanel(Document& document, ViewState& view, QWidget* parent)
    : StopPanel(document, view, parent), bank_(document) {
    auto* whole = new QVBoxLayout(this);
    whole->setContentsMargins(0, 0, 0, 0);
    whole->setSpacing(6);
    whole->addLayout(make_top());
    auto* row = new QHBoxLayout;
    row->setSpacing(14);
    whole->addLayout(row, 1);
    row->addWidget(make_left());
    auto* column = new QVBoxLayout;
    column->setSpacing(6);
    column->addLayout(make_filters());
    make_table();
    column->addWidget(list_, 1);
    column->addLayout(make_mends());
    row->addLayout(column, 1);
    connect(&bank_, &CheckBank::changed, this, &CheckPanel::show_outcome);
    connect(&bank_, &CheckBank::measuring_changed, this, &CheckPanel::show_measuring);
    connect(&view_, &ViewState::playhead_moved, this, &CheckPanel::show_numbers);
    ticker_.setInterval(200);
    connect(&ticker_, &QTimer::timeout, this, &CheckPanel::show_measuring);
    show_outcome();
}

QPushButton* CheckPanel::button(const char* command, const QString& label, const QString& tip) {
    auto* made = named(new QPushButton(label), command, tip);
    connect(made, &QPushButton::clicked, this, [this, command] { emit wanted(command); });
    return made;
}

QWidget* CheckPanel::make_left() {
    auto* box = new QWidget;
    box->setMinimumWidth(150);
    box->setMaximumWidth(200);
    auto* column = new QVBoxLayout(box);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(5);
    column->addWidget(plot_ = new ErrorPlot, 1);
    column->addWidget(plotted_ = quiet({}));
    auto* limits = new QHBoxLayout;
    limits->setSpacing(6);
    limits->addWidget(quiet(tr("limit")));
    limit_ =
        real_field("limit for cuts", tr("How far a cut, trigger or pulse may lie from its place"), 0, 1000);
    limit_->setSpecialValueText(tr("half a frame"));
    limit_->setSuffix(tr(" ms"));
    limit_->setKeyboardTracking(false);
    connect(limit_, &QDoubleSpinBox::valueChanged, this, [this](double ms) {
        if (!showing_)
            emit limit_changed(ms);
    });
    limits->addWidget(limit_, 1);
    limits->addWidget(button("check limits", tr("More…"), tr("What else the piece is checked against")));
    column->addLayout(limits);
    numbers_ = new QLabel;
    numbers_->setObjectName("flash numbers");
    numbers_->setTextFormat(Qt::RichText);
    numbers_->setToolTip(
        tr("In the second before the playhead, as measured at quarter size. A measure after WCAG 2.2, "
           "2.3.1 or ITU-R BT.1702, no medical promise"));
    column->addWidget(numbers_);
    return box;
}

QLayout* CheckPanel::make_top() {
    auto* row = new QHBoxLayout;
    row->setSpacing(6);
    verdict_ = new ShortLabel;
    verdict_->setProperty("role", "heading");
    verdict_->setObjectName("verdict");
    verdict_->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
    row->addWidget(verdict_, 1);
    measured_ = quiet({});
    measured_->setObjectName("measured");
    row->addWidget(measured_);
    progress_ = new QProgressBar;
    progress_->setObjectName("measuring");
    progress_->setRange(0, 100);
    progress_->setFixedWidth(90);
    progress_->setTextVisible(false);
    row->addWidget(progress_);
    row->addWidget(
        button("sync table", tr("Table…"), tr("Every pin, sorted and filtered; as a file of values")));
    row->addWidget(button("print report", tr("Print…"), tr("The report as pages to print (PDF)")));
    row->addWidget(measure_ =
                       button("measure piece", tr("Measure"),
                              tr("Looks at files, sound and frames again; what is the same to see is not "
                                 "measured twice")));
    return row;
}

QLayout* CheckPanel::make_filters() {
    auto* row = new QHBoxLayout;
    row->setSpacing(6);
    lanes_ = choice_box("findings of lane", tr("Only what was found on this lane"));
    kinds_ = choice_box("findings of kind", tr("Only what this check found"));
    worse_ = choice_box("findings worse than",
                        tr("Only what lies farther off; of what is counted in milliseconds"));
    for (const int ms : {0, 10, 20, 40, 80})
        worse_->addItem(tr("over %1 ms").arg(ms), ms);
    kinds_->addItem(tr("all kinds"), QString());
    for (const auto& one : checks())
        kinds_->addItem(spoken(one.label), qt_text(one.id));
    lanes_->addItem(tr("all lanes"), 0);
    for (auto* box : {lanes_, kinds_, worse_}) {
        box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
        box->setMinimumContentsLength(6);
        connect(box, &QComboBox::activated, this, &CheckPanel::show_findings);
        row->addWidget(box, 1);
    }
    accepted_ = named(new QCheckBox(tr("Show ignored")), "accepted too",
                      tr("Findings that are ignored on purpose, too"));
    accepted_->setChecked(true);
    connect(accepted_, &QCheckBox::toggled, this, &CheckPanel::show_findings);
    row->addWidget(accepted_);
    row->addStretch(1);
    count_ = quiet({});
    count_->setObjectName("count of findings");
    row->addWidget(count_);
    return row;
}

void CheckPanel::make_table() {
    table_ = new FindingTable(this);
    list_ = new QTableView;
    list_->setObjectName("findings");
    list_->setAccessibleName(tr("Findings"));
    list_->setModel(table_);
    list_->setSelectionBehavior(QAbstractItemView::SelectRows);
    list_->setSelectionMode(QAbstractItemView::SingleSelection);
    list_->setShowGrid(false);
    list_->setWordWrap(false);
    list_->setMouseTracking(true);
    list_->setTextElideMode(Qt::ElideRight);
    list_->verticalHeader()->hide();
    list_->verticalHeader()->setDefaultSectionSize(24);
    list_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    auto* buttons = new FindingButtons(list_);
    list_->setItemDelegateForColumn(FindingTable::Mending, buttons);
    list_->setItemDelegateForColumn(FindingTable::Accepting, buttons);
    connect(buttons, &FindingButtons::pressed, this, &CheckPanel::pressed);
    auto* head = list_->horizontalHeader();
    head->setSectionsClickable(true);
    head->setHighlightSections(false);
    head->setMinimumSectionSize(40);
    list_->viewport()->installEventFilter(this);
    fit_columns();
    list_->setSortingEnabled(true);
    list_->sortByColumn(FindingTable::Where, Qt::AscendingOrder);
    connect(list_->selectionModel(), &QItemSelectionModel::currentRowChanged, this,
            [this](const QModelIndex& now) {
                if (showing_)
                    return;
                const Finding* one = table_->finding(now.row());
                chosen_ = one ? std::optional(*one) : std::nullopt;
                show_chosen();
                if (one)
                    emit go_wanted(*one);
            });
    connect(list_, &QTableView::clicked, this, [this](const QModelIndex& at) {
        // A press on the row that is chosen already goes there again.
        if (const Finding* one = table_->finding(at.row());
            one && at.column() < FindingTable::Mending && chosen_ && same_thing(*one, *chosen_))
            emit go_wanted(*one);
    });
}

/// In a narrow window the reason is told by the mouse that rests: the buttons must be seen.
void CheckPanel::fit_columns() {
    const bool narrow = list_->viewport()->width() < 540;
    auto* head = list_->horizontalHeader();
    list_->setColumnHidden(FindingTable::Why, narrow);
    head->setSectionResizeMode(FindingTable::HowMuch,
                               narrow ? QHeaderView::Stretch : QHeaderView::Interactive);
    head->setSectionResizeMode(FindingTable::Why, narrow ? QHeaderView::Interactive : QHeaderView::Stretch);
    list_->setColumnWidth(FindingTable::What, narrow ? 132 : 142);
    list_->setColumnWidth(FindingTable::Where, narrow ? 64 : 74);
    if (!narrow)
        list_->setColumnWidth(FindingTable::HowMuch, 108);
    list_->setColumnWidth(FindingTable::Mending, narrow ? 98 : 104);
    list_->setColumnWidth(FindingTable::Accepting, narrow ? 56 : 60);
}

bool CheckPanel::eventFilter(QObject* watched, QEvent* event) {
    if (watched == list_->viewport() && event->type() == QEvent::Resize)
        fit_columns();
    return StopPanel::eventFilter(watched, event);
}

QLayout* CheckPanel::make_mends() {
    auto* row = new QHBoxLayout;
    row->setSpacing(6);
    mends_ = choice_box("how to mend", tr("How it is fixed"));
    mends_->setSizeAdjustPolicy(QComboBox::AdjustToContents);
    connect(mends_, &QComboBox::activated, this, [this] { tell({}); });
    row->addWidget(mends_);
    show_ = main_button(tr("Preview fix"));
    named(show_, "show mend", tr("Says what the fix will do, without doing it"));
    connect(show_, &QPushButton::clicked, this, [this] { emit wanted("show mend"); });
    row->addWidget(show_);
    row->addWidget(alike_ = button("mend alike", tr("Fix all like this"),
                                   tr("Fixes all findings of this kind that are not ignored, in one step")));
    told_ = new ShortLabel;
    told_->setProperty("role", "quiet");
    told_->setObjectName("mend told");
    told_->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
    row->addWidget(told_, 1);
    return row;
}

QString CheckPanel::summary() const {
    const auto outcome = bank_.outcome();
    return outcome ? spoken(findings_text(outcome->found)) : tr("not looked at yet");
}

bool CheckPanel::complete() const {
    const auto outcome = bank_.outcome();
    return outcome && bank_.is_current() &&
           std::all_of(outcome->found.begin(), outcome->found.end(),
                       [](const Finding& one) { return one.accepted.has_value(); });
}

void CheckPanel::refresh() {
    if (!here_)
        return;
    showing_ = true;
    limit_->setValue(check_limits(document_.project()).number("cuts"));
    showing_ = false;
    show_measuring();
}

void CheckPanel::entered() {
    here_ = true;
    refresh();
    bank_.watch(true);
    show_marks();
    show_measuring();
    show_numbers();
}

void CheckPanel::left() {
    here_ = false;
    bank_.watch(false);
    ticker_.stop();
    view_.set_check_marks(std::nullopt);
}

void CheckPanel::show_outcome() {
    const auto outcome = bank_.outcome();
    verdict_->set_text(outcome ? spoken(outcome->verdict) : tr("Not looked at yet"));
    const auto& project = document_.project();
    const Seconds limit = cut_limit(project);
    plot_->show_errors(error_histogram(outcome ? outcome->rows : std::vector<SyncRow>{}, limit),
                       limit == usual_error(*project.settings) ? tr("half a frame") : tr("limit"));
    plotted_->setText(
        tr("ms from the beat, of %n pins", nullptr, static_cast<int>(plot_->histogram().count)));
    const QSignalBlocker no_lanes(lanes_);
    const auto lane = lanes_->currentData();
    lanes_->clear();
    lanes_->addItem(tr("all lanes"), 0);
    for (const auto& one : project.lanes)
        lanes_->addItem(QString::fromStdString(one->name), QVariant::fromValue<qulonglong>(one->id.value));
    lanes_->setCurrentIndex(std::max(0, lanes_->findData(lane)));
    show_findings();
    show_measuring();
    show_numbers();
}

void CheckPanel::show_findings() {
    const auto outcome = bank_.outcome();
    showing_ = true;
    table_->show_findings(outcome, {LaneId{lanes_->currentData().toULongLong()},
                                    kinds_->currentData().toString().toStdString(),
                                    worse_->currentData().toDouble(), accepted_->isChecked()});
    // What was chosen stays chosen, or what took its place in the list.
    const int row = chosen_ ? table_->row_of(*chosen_) : -1;
    if (row >= 0) {
        chosen_ = *table_->finding(row);
        list_->setCurrentIndex(table_->index(row, 0));
    } else {
        chosen_.reset();
        list_->setCurrentIndex({});
    }
    showing_ = false;
    const auto all = outcome ? outcome->found.size() : 0;
    count_->setText(static_cast<std::size_t>(table_->rowCount()) == all
                        ? tr("%n findings", nullptr, static_cast<int>(all))
                        : tr("%1 of %n findings", nullptr, static_cast<int>(all)).arg(table_->rowCount()));
    show_chosen();
}

void CheckPanel::show_chosen() {
    const auto* row = chosen_ ? check(chosen_->check) : nullptr;
    const bool mendable = row && !chosen_->mend.empty();
    const QSignalBlocker quiet_mends(mends_);
    const auto before = mends_->currentData();
    mends_->clear();
    if (mendable) {
        for (const auto& mend : row->mends)
            mends_->addItem(spoken(mend.label), qt_text(mend.id));
        const int kept = mends_->findData(before);
        mends_->setCurrentIndex(kept >= 0 ? kept : std::max(0, mends_->findData(qt_text(chosen_->mend))));
    }
    mends_->setVisible(mendable && mends_->count() > 1);
    show_->setEnabled(mendable);
    alike_->setEnabled(mendable);
    // With nothing chosen, what is to be said of the grid as a whole.
    const auto& project = document_.project();
    const bool compared = project.grid && project.detection && project.detection->grid;
    tell(!chosen_
             ? compared ? spoken(grid_difference_text(*project.detection->grid, *project.grid)) : QString()
         : mendable ? QString()
                    : tr("%1. There is no automatic fix").arg(spoken(row->explains)));
    show_marks();
}

int CheckPanel::row() const {
    return list_->currentIndex().row();
}

void CheckPanel::choose_row(int row) {
    if (!table_->finding(row))
        return;
    if (list_->currentIndex().row() == row) {
        chosen_ = *table_->finding(row);
        emit go_wanted(*chosen_);
        return;
    }
    list_->setCurrentIndex(table_->index(row, 0));
    list_->scrollTo(table_->index(row, 0));
}

std::string CheckPanel::mend() const {
    return mends_->currentData().toString().toStdString();
}

void CheckPanel::tell(const QString& what, bool trouble) {
    told_->set_text(what);
    told_->set_colour(trouble ? desk_palette().warning : desk_palette().desk_quiet);
}

void CheckPanel::set_busy(bool busy) {
    show_->setEnabled(!busy && chosen_ && !chosen_->mend.empty());
    alike_->setEnabled(show_->isEnabled());
    if (busy)
        tell(tr("Working it out…"));
}

void CheckPanel::pressed(const QModelIndex& index) {
    const Finding* one = table_->finding(index.row());
    if (!one)
        return;
    const bool another = !chosen_ || !same_thing(*one, *chosen_);
    if (another) { // without going there: the button means this row
        chosen_ = *one;
        showing_ = true;
        list_->setCurrentIndex(table_->index(index.row(), 0));
        showing_ = false;
        show_chosen();
    }
    emit wanted(index.column() == FindingTable::Mending ? "do mend" : "accept finding");
}

void CheckPanel::show_measuring() {
    const bool measuring = bank_.measuring();
    progress_->setVisible(measuring);
    measured_->setVisible(!measuring);
    measure_->setText(measuring ? tr("Stop") : tr("Measure"));
    if (measuring) {
        progress_->setValue(static_cast<int>(100 * bank_.progress()));
        if (!ticker_.isActive() && here_)
            ticker_.start();
        return;
    }
    ticker_.stop();
    const auto outcome = bank_.outcome();
    if (!outcome || !outcome->material.flashes)
        return measured_->setText(tr("frames not measured yet"));
    const auto seconds = bank_.measured_at().secsTo(QDateTime::currentDateTime());
    const auto frames = static_cast<int>(outcome->material.flashes->frames.size());
    measured_->setText(seconds < 60
                           ? tr("measured on %n frames", nullptr, frames)
                           : tr("measured %1 min ago on %n frames", nullptr, frames).arg(seconds / 60));
}

/// Of the second before the playhead.
void CheckPanel::show_numbers() {
    if (!here_)
        return;
    const auto outcome = bank_.outcome();
    const auto flashes = outcome ? outcome->material.flashes : nullptr;
    if (!flashes || flashes->frames.empty())
        return numbers_->setText({});
    const auto at = std::clamp<std::int64_t>(flashes->rate.frame_at(view_.playhead()).value, 0,
                                             static_cast<std::int64_t>(flashes->frames.size()) - 1);
    const auto& frame = flashes->frames[static_cast<std::size_t>(at)];
    const auto& p = desk_palette();
    const auto cell = [&](const QString& value, bool over) {
        return QStringLiteral("<td><span style='color:%1'>%2</span></td>")
            .arg((over ? p.warning : p.desk_text).name(), value);
    };
    const auto line = [&](const QString& name, const QString& value, bool over, const QString& limit) {
        return QStringLiteral("<tr><td><span style='color:%1'>%2&nbsp;</span></td>%3<td><span "
                              "style='color:%1'>&nbsp;%4</span></td></tr>")
            .arg(p.desk_quiet.name(), name, cell(value, over), limit);
    };
    const int most = flashes->rule.most;
    const double area = std::max(frame.area, frame.red_area);
    const auto times = [&](int n) { return n == 0 ? tr("none") : tr("%1/s").arg(n); };
    numbers_->setText(
        QStringLiteral("<table cellspacing='0'>") +
        line(tr("flashes"), times(frame.flashes), frame.flashes > most, tr("limit %1").arg(most)) +
        line(tr("red flashes"), times(frame.red), frame.red > most, tr("limit %1").arg(most)) +
        line(tr("area"), tr("%1 %").arg(std::lround(area * 100)), std::max(frame.flashes, frame.red) > most,
             tr("limit 25 %")) +
        QStringLiteral("</table>"));
}

void CheckPanel::show_marks() {
    if (!here_)
        return;
    CheckMarks marks;
    if (const auto outcome = bank_.outcome()) {
        marks.flashes = outcome->material.flashes;
        for (const auto& one : outcome->found)
            if (one.lane.value != 0 && one.placed && !one.accepted)
                marks.marks.push_back({one.lane, one.at, one.until, spoken(one.how_much),
                                       one.gravity == Gravity::Grave, chosen_ && same_thing(one, *chosen_)});
    }
    view_.set_check_marks(std::move(marks));
}

} // namespace pulsepin
