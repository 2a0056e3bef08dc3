// SPDX-License-Identifier: GPL-3.0-or-later
#include "picture/page_hands.h"

#include "parts/palette.h"

#include <QPainter>
#include <algorithm>
#include <cmath>
#include <map>

namespace pulsepin {
namespace {

constexpr double end_reach = 9, end_beside = 12; // points
constexpr double ghostly = 0.4;

/// As short as can be: words stand close.
QString text_of_time(const Project& project, Seconds time) {
    const auto& grid = project.grid;
    if (!grid)
        return QString::number(time.value, 'f', 1);
    const auto at = grid->position_of(grid->nearest_tick(time));
    return QString("%1.%2").arg(at.bar).arg(at.beat);
}

} // namespace

LaneId PageHands::titles() const {
    return titles_of(document_.schedule(), view_.layer());
}

bool PageHands::worth_asking() const {
    return std::ranges::any_of(document_.project().lanes, [](const auto& lane) {
        return part_of<Showing>(*lane) && !lane->pins.empty() &&
               std::holds_alternative<MarkerAnchor>(lane->pins.front().anchor);
    });
}

PageHands::Page PageHands::page() const {
    const LaneId lane = titles();
    if (!words_ || words_->lane != lane) {
        words_ = Words{lane, {}, {}};
        if (lane.value != 0)
            words_ = Words{lane, placed_words(document_.schedule(), lane),
                           titled_words(document_.schedule(), lane)};
    }
    const StagedFrame seen = preview_.staged();
    return {*words_, ground_of_words(document_.project(), seen, lane) * preview_.scale().transform(),
            appearing_at(seen)};
}

std::optional<PinId> PageHands::word_at(const Page& page, QPointF at) const {
    // Of several that lie there the one that is marked, or else is seen, is meant; those sung later lie on
    // top.
    std::optional<PinId> found;
    int best = -1;
    for (const auto& word : page.words.placed) {
        const int likely =
            (view_.selection().contains(word.pin) ? 2 : 0) + (page.there.contains(word.pin) ? 1 : 0);
        if (likely >= best && word.box.contains((word.own * page.ground).inverted().map(at))) {
            found = word.pin;
            best = likely;
        }
    }
    return found;
}

std::vector<std::pair<int, QPointF>> PageHands::line_ends(const Page& page) const {
    std::map<int, PinId> last;
    for (const auto& word : page.words.lines)
        if (word.line != 0)
            last[word.line] = word.pin;
    std::vector<std::pair<int, QPointF>> ends;
    for (const auto& [line, pin] : last) {
        const auto word = std::ranges::find(page.words.placed, pin, &PlacedWord::pin);
        if (word == page.words.placed.end())
            continue;
        const QTransform place = word->own * page.ground;
        const QPointF edge = place.map(QPointF(word->box.right(), word->box.center().y()));
        const QPointF middle = place.map(word->box.center());
        const double length = std::max(1.0, QLineF(middle, edge).length());
        ends.emplace_back(line, edge + (edge - middle) * (end_beside / length));
    }
    return ends;
}

std::optional<int> PageHands::line_end_at(const Page& page, QPointF at) const {
    for (const auto& [line, end] : line_ends(page))
        if (QLineF(end, at).length() <= end_reach)
            return line;
    return std::nullopt;
}

std::optional<QPointF> PageHands::word_position(PinId appearance) const {
    const Page all = page();
    const auto word = std::ranges::find(all.words.placed, appearance, &PlacedWord::pin);
    if (word == all.words.placed.end())
        return std::nullopt;
    return (word->own * all.ground).map(word->box.center());
}

std::optional<QPointF> PageHands::line_end_position(int line) const {
    for (const auto& [one, end] : line_ends(page()))
        if (one == line)
            return end;
    return std::nullopt;
}

bool PageHands::press(QPointF at) {
    const Page all = page();
    if (const auto line = line_end_at(all, at)) {
        held_ = Held{.line = *line, .from = at, .to = at};
        return true;
    }
    const auto word = word_at(all, at);
    if (!word)
        return false;
    if (!view_.selection().contains(*word))
        view_.select({*word});
    held_ = Held{.word = *word, .from = at, .to = at};
    preview_.update();
    return true;
}

void PageHands::move(QPointF at, Qt::KeyboardModifiers keys) {
    if (!held_)
        return;
    held_->to = at;
    held_->reach = keys & Qt::ControlModifier ? WordReach::All
                   : keys & Qt::ShiftModifier ? WordReach::Line
                                              : WordReach::Word;
    preview_.update();
}

QPointF PageHands::shift(const Page& page) const {
    if (!held_ || !page.ground.isInvertible())
        return {};
    const QTransform back = page.ground.inverted();
    const QPointF by = back.map(held_->to) - back.map(held_->from);
    return {std::round(by.x()), std::round(by.y())};
}

void PageHands::release() {
    if (!held_)
        return;
    constexpr double click = 4; // points
    if (QLineF(held_->from, held_->to).length() >= click)
        held_->line != 0 ? end_line() : shift_words();
    give_up();
}

void PageHands::give_up() {
    held_.reset();
    preview_.update();
}

void PageHands::end_line() {
    const auto onto = word_at(page(), held_->to);
    if (!onto)
        return document_.say(PreviewView::tr("Drop the end of a line on the word that it shall end with."));
    document_.apply(with_line_ended_at(document_.schedule(), titles(), held_->line, *onto),
                    PreviewView::tr("end line of words"));
}

void PageHands::shift_words() {
    const Page all = page();
    const QPointF by = shift(all);
    const auto& selected = view_.selection();
    auto meant = words_meant(all.words.lines, held_->word, held_->reach);
    if (meant.empty())
        meant = {held_->word};
    if (held_->reach == WordReach::Word && selected.size() > 1 && selected.contains(held_->word))
        meant.assign(selected.begin(), selected.end()); // all that are marked
    const QString what = held_->reach == WordReach::All    ? PreviewView::tr("move all words")
                         : held_->reach == WordReach::Line ? PreviewView::tr("move line of words")
                                                           : PreviewView::tr("move words");
    document_.apply(with_words_shifted(document_.project(), meant, by.x(), by.y()), what);
}

bool PageHands::nudge(QPointF by) {
    std::vector<PinId> meant;
    for (const auto& word : page().words.placed)
        if (view_.selection().contains(word.pin))
            meant.push_back(word.pin);
    if (meant.empty())
        return false;
    document_.apply(with_words_shifted(document_.project(), meant, by.x(), by.y()),
                    PreviewView::tr("nudge words"));
    return true;
}

QString PageHands::hint(QPointF at) const {
    const Page all = page();
    if (line_end_at(all, at))
        return PreviewView::tr("Drag the end of this line onto the word that it shall end with");
    if (word_at(all, at))
        return PreviewView::tr(
            "Drag moves the word, with Shift its line, with Ctrl all words · arrow keys nudge what "
            "is selected by 1 and 10");
    return PreviewView::tr("All words are seen, those not sung yet faintly · click a word to mark it");
}

void PageHands::paint(QPainter& painter) const {
    const Page all = page();
    const QRectF seen_area(preview_.rect());
    PinSet moved;
    QTransform shifted = all.ground;
    if (held_ && held_->line == 0) {
        const auto meant = words_meant(all.words.lines, held_->word, held_->reach);
        moved.insert(meant.begin(), meant.end());
        moved.insert(held_->word);
        const QPointF by = held_->to - held_->from;
        shifted = all.ground * QTransform::fromTranslate(by.x(), by.y());
    }
    const auto& p = desk_palette();
    painter.setRenderHint(QPainter::Antialiasing);
    QFont small = painter.font();
    small.setPixelSize(std::max(7, QFontInfo(small).pixelSize() * 4 / 5));
    painter.setFont(small);
    for (const auto& word : all.words.placed) {
        const QTransform place = word.own * (moved.contains(word.pin) ? shifted : all.ground);
        const QPolygonF frame = place.map(QPolygonF(word.box));
        if (!frame.boundingRect().intersects(seen_area))
            continue;
        if (!all.there.contains(word.pin) || moved.contains(word.pin)) {
            QColor ghost = word.colour;
            ghost.setAlphaF(static_cast<float>(ghostly));
            painter.fillPath(place.map(word.path), ghost);
        }
        const bool marked = view_.selection().contains(word.pin) || moved.contains(word.pin);
        painter.setBrush(Qt::NoBrush);
        painter.setPen(marked ? QPen(p.selection, 2) : QPen(p.desk_text, 0));
        painter.setOpacity(marked ? 1 : ghostly);
        painter.drawPolygon(frame);
        painter.setOpacity(1);
        painter.setPen(marked ? p.selection.lighter(150) : p.desk_text);
        painter.drawText(frame.boundingRect().topLeft() + QPointF(0, -2),
                         text_of_time(document_.project(), word.sung));
    }
    for (const auto& [line, end] : line_ends(all)) {
        const bool held = held_ && held_->line == line;
        const QPointF at = held ? held_->to : end;
        painter.setPen(QPen(held ? p.selection : p.desk_text, 2));
        painter.drawLine(at + QPointF(4, -6), at + QPointF(4, 3));
        painter.drawLine(at + QPointF(4, 3), at + QPointF(-4, 3));
        painter.drawLine(at + QPointF(-4, 3), at + QPointF(-1, 0));
        painter.drawLine(at + QPointF(-4, 3), at + QPointF(-1, 6));
    }
}

} // namespace pulsepin
