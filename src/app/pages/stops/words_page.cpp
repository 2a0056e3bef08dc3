// SPDX-License-Identifier: GPL-3.0-or-later
#include "pages/stops/words_page.h"

#include "hand/reading.h"
#include "kinds/kinds.h"
#include "parts/finder.h"
#include "parts/widgets.h"
#include "schedule/snapping.h"
#include "schedule/texts.h"
#include "session/number_text.h"

#include <QHBoxLayout>
#include <QMenu>
#include <QPainter>
#include <QSettings>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

const char* const pull_setting = "words/pull";
const char* const late_setting = "tap/latency"; // the same hand taps beats and words

/// Those of snap_kinds() that a word may be pulled to.
constexpr std::size_t pulls_of_beats = 4;

} // namespace

bool words_are_pulled() {
    return !QSettings().value(pull_setting).toString().isEmpty();
}

Seconds pulled(const Schedule& schedule, Seconds time) {
    const QString to = QSettings().value(pull_setting).toString();
    const auto kinds = snap_kinds();
    for (std::size_t i = 0; i < pulls_of_beats; ++i)
        if (to == QLatin1String(kinds[i].id.data(), static_cast<qsizetype>(kinds[i].id.size())))
            return nearest_place(schedule, {}, 1u << i, time).value_or(time);
    const auto& found = schedule.project().detection;
    if (!to.startsWith("row ") || !found)
        return time;
    Seconds nearest = time;
    double away = 0.25; // farther onsets are not meant
    for (const auto& row : found->rows)
        if (QString::fromStdString(row.name) == to.mid(4))
            for (const auto& onset : row.onsets)
                if (const double d = std::abs((onset.time - time).value); d < away) {
                    away = d;
                    nearest = onset.time;
                }
    return nearest;
}

ReadingBar::ReadingBar(QWidget* parent) : QWidget(parent) {
    setObjectName("reading speed");
    setAccessibleName(tr("Characters per second"));
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
}

void ReadingBar::show_speed(double letters_a_second, double limit) {
    is_ = letters_a_second;
    limit_ = limit;
    setToolTip(tr("%1 characters per second; %2 can be read")
                   .arg(number_text(is_, 1))
                   .arg(short_number_text(limit_, 4)));
    update();
}

/// The limit stands at two thirds of it.
void ReadingBar::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    const auto& p = desk_palette();
    const double whole = width(), at_limit = whole * 2 / 3, middle = height() / 2.0;
    const double filled = std::min(whole, at_limit * is_ / std::max(1.0, limit_));
    painter.fillRect(QRectF(0, middle - 4, whole, 8), p.desk_well);
    painter.fillRect(QRectF(0, middle - 4, filled, 8), is_ > limit_ ? p.warning : p.done);
    painter.fillRect(QRectF(at_limit - 1, 0, 2, height()), p.warning);
}

WordsPage::WordsPage(Document& document, ViewState& view, QWidget* parent)
    : QWidget(parent), document_(document), view_(view) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(6);
    tray_ = new WordTray;
    connect(tray_, &WordTray::drag_wanted, this, &WordsPage::drag_wanted);
    column->addWidget(tray_);
    column->addLayout(make_ways());
    column->addLayout(make_reading());
    column->addStretch(1);
    column->addLayout(make_buttons());
    connect(&view_, &ViewState::selection_changed, this, &WordsPage::show_reading);
    connect(&view_, &ViewState::lane_chosen, this, &WordsPage::refresh);
}

QPushButton* WordsPage::button(const char* command, const QString& text, const QString& tip) {
    auto* made = named(new QPushButton(text), command, tip);
    made->setFocusPolicy(Qt::TabFocus); // a click leaves the keys where they were
    connect(made, &QPushButton::clicked, this, [this, command] { emit wanted(command); });
    return made;
}

QLayout* WordsPage::make_ways() {
    auto* row = new QHBoxLayout;
    row->setSpacing(6);
    row->addWidget(quiet(tr("snap to")));
    pull_ =
        named(new ChoiceBox, "pull words to",
              tr("Where tapped and dragged words go: where they are heard or let go, or to the nearest of "
                 "these"));
    connect(pull_, &QComboBox::activated, this,
            [this] { QSettings().setValue(pull_setting, pull_->currentData()); });
    row->addWidget(pull_, 1);
    row->addWidget(quiet(tr("tap latency")));
    late_ = whole_field("words late by",
                        tr("Tap latency: what hand, keyboard and sound take; it is taken off each tap"), -200,
                        500, 0);
    late_->setSuffix(tr(" ms"));
    connect(late_, &QSpinBox::valueChanged, this, [](int ms) { QSettings().setValue(late_setting, ms); });
    row->addWidget(late_);
    row->addWidget(button("measure taps", tr("Measure"),
                          tr("Tap along with the click in stop Grid: the tap latency is measured there")));
    row->addWidget(propose_ = button("propose words", tr("Propose"),
                                     tr("Lays the words that wait between two that are set onto the voice")));
    return row;
}

QLayout* WordsPage::make_reading() {
    auto* row = new QHBoxLayout;
    row->setSpacing(8);
    line_ = quiet({});
    line_->setObjectName("line reads at");
    speed_ = new ReadingBar;
    told_ = quiet({});
    told_->setObjectName("reading told");
    row->addWidget(line_);
    row->addWidget(speed_, 1);
    row->addWidget(told_);
    mend_ = button("mend reading", tr("Fix…"),
                   tr("What cannot be read: longer lines, gaps between them, and what is asked for"));
    row->addWidget(mend_);
    return row;
}

QLayout* WordsPage::make_buttons() {
    auto* row = new QHBoxLayout;
    row->setSpacing(6);
    tap_ = main_button(tr("Tap"));
    named(tap_, "tap word", tr("The next word, as it is heard (W)"));
    tap_->setFocusPolicy(Qt::TabFocus);
    // When it is pressed, not when it is let go: that is when it was heard.
    connect(tap_, &QPushButton::pressed, this, [this] { emit wanted("tap word"); });
    row->addWidget(tap_, 2);
    row->addWidget(back_ = button("word back", tr("Back one word"),
                                  tr("The last word waits again, and it is played from two bars before "
                                     "(Backspace)")),
                   1);
    row->addWidget(take_ = button("take proposed", tr("Take proposed"), tr("The outlined words are set")), 1);
    row->addWidget(leave_ = button("leave proposed", tr("Leave"), tr("The outlined words wait again")));
    titles_ = named(new QPushButton(tr("Words…")), "more of words",
                    tr("Lines, titles in the picture, where they lie, and the camera on them"));
    row->addWidget(titles_);
    auto* menu = new QMenu(titles_);
    menu->setObjectName("words menu");
    const auto entry = [&](const char* command, const QString& text) {
        connect(menu->addAction(text), &QAction::triggered, this, [this, command] { emit wanted(command); });
    };
    entry("titles word by word", tr("Titles, word by word"));
    entry("titles line by line", tr("Titles, line by line"));
    entry("titles lit", tr("Titles of lines that light up as they are sung"));
    entry("lay out words", tr("Lay out titles on the canvas…"));
    entry("camera on lines", tr("Camera on each line, at its first word…"));
    menu->addSeparator();
    entry("begin line", tr("A new line begins with the selected words"));
    entry("one line", tr("The selected words are one line"));
    entry("lines by pauses", tr("Lines by pauses…"));
    menu->addSeparator();
    entry("words wait", tr("The selected words wait again"));
    entry("empty tray", tr("Discard the words that wait"));
    entry("words in band", tr("In the running band, or not"));
    entry("language of words", tr("Language of the words…"));
    titles_->setMenu(menu);
    return row;
}

const Lane* WordsPage::lane() const {
    return view_.lane_of_kind(document_.project(), kind_of(body_type<WordBody>));
}

void WordsPage::set_proposed(std::size_t count) {
    proposed_ = count;
    refresh();
}

namespace {

/// That of the first selected word, or else the fastest; null where there is none.
const WordLine* line_shown(const LaneSpans& spans, const PinSet& selected) {
    if (!selected.empty())
        for (const auto& line : spans.lines)
            for (std::size_t word = line.first; word < line.until; ++word)
                if (selected.contains(spans.texts[word].pin))
                    return &line;
    const auto fastest = std::ranges::max_element(spans.lines, {}, &WordLine::letters_a_second);
    return fastest != spans.lines.end() ? &*fastest : nullptr;
}

} // namespace

void WordsPage::refresh() {
    const Lane* words = lane();
    tray_->show_words(document_.project(), words, proposed_);
    const QSignalBlocker no_pull(pull_), no_late(late_);
    const QString chosen = QSettings().value(pull_setting).toString();
    pull_->clear();
    pull_->addItem(tr("nothing"), QString());
    const QString beats[] = {tr("beats"), tr("halves of beats"), tr("thirds of beats"),
                             tr("quarters of beats")};
    for (std::size_t i = 0; i < pulls_of_beats; ++i)
        pull_->addItem(beats[i], QString::fromUtf8(snap_kinds()[i].id.data()));
    if (const auto& found = document_.project().detection)
        for (const auto& row : found->rows)
            pull_->addItem(tr("onsets: %1").arg(QString::fromStdString(row.name)),
                           "row " + QString::fromStdString(row.name));
    pull_->setCurrentIndex(std::max(0, pull_->findData(chosen)));
    late_->setValue(QSettings().value(late_setting, 0).toInt());
    const QString next = tray_->next_word();
    tap_->setText(next.isEmpty() ? tr("Tap")
                                 : tr("Tap “%1”").arg(fontMetrics().elidedText(next, Qt::ElideRight, 90)));
    tap_->setEnabled(!next.isEmpty());
    propose_->setEnabled(!next.isEmpty());
    back_->setEnabled(words && !words->pins.empty());
    take_->setEnabled(proposed_ > 0);
    take_->setText(proposed_ > 0 ? tr("Take %1 proposed").arg(proposed_) : tr("Take proposed"));
    leave_->setEnabled(proposed_ > 0);
    show_reading();
}

/// Of the line of the selected word, or else of the fastest.
void WordsPage::show_reading() {
    const Lane* words = lane();
    const WordLine* shown = words ? line_shown(document_.spans(words->id), view_.selection()) : nullptr;
    mend_->setEnabled(words != nullptr);
    if (!shown) {
        line_->setText(tr("no line is set"));
        speed_->show_speed(0, words ? part_of<LaneText>(*words)->most_letters : 17);
        return told_->setText({});
    }
    const double limit = part_of<LaneText>(*words)->most_letters, is = shown->letters_a_second();
    line_->setText(
        shown->line > 0
            ? tr("line %1: %2 of %3 characters per second")
                  .arg(shown->line)
                  .arg(number_text(is, 1))
                  .arg(short_number_text(limit, 4))
            : tr("%1 of %2 characters per second").arg(number_text(is, 1)).arg(short_number_text(limit, 4)));
    speed_->show_speed(is, limit);
    const auto findings = reading_findings(document_.schedule(), words->id);
    told_->setText(findings.empty() ? tr("all can be read")
                                    : tr("%n to fix", nullptr, static_cast<int>(findings.size())));
}

} // namespace pulsepin
