// SPDX-License-Identifier: GPL-3.0-or-later
#include "pages/stops/word_tray.h"

#include "parts/palette.h"

#include <QApplication>
#include <QFontMetricsF>
#include <QMouseEvent>
#include <QPainter>
#include <algorithm>
#include <limits>

namespace pulsepin {
namespace {

constexpr std::size_t most_seen = 60; ///< words beside each other, at most
constexpr double edge = 12, gap = 9;

QFont sized(QFont font, int pixels, QFont::Weight weight) {
    font.setPixelSize(pixels);
    font.setWeight(weight);
    return font;
}

} // namespace

WordTray::WordTray(QWidget* parent) : QWidget(parent) {
    setObjectName("word tray");
    setAccessibleName(tr("Words of the text"));
    setToolTip(tr("The words in their order: drag one that waits to its lane; the wheel looks ahead"));
    setMouseTracking(true);
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
}

void WordTray::show_words(const Project& project, const Lane* lane, std::size_t proposed) {
    Shared<Lane> now;
    for (const auto& one : project.lanes)
        if (one.get() == lane && part_of<LaneText>(*one))
            now = one;
    const bool same_words = now == lane_ && now;
    proposed_ = proposed;
    if (!same_words) {
        lane_ = now;
        find_set_words();
        first_seen_ = std::min(first_seen_, waiting().empty() ? 0 : waiting().size() - 1);
        lay_out();
        setAccessibleDescription(next_word().isEmpty() ? tr("no word waits")
                                                       : tr("next: %1").arg(next_word()));
    }
    update();
}

void WordTray::find_set_words() {
    set_.clear();
    if (!lane_)
        return;
    constexpr std::size_t most = 12;
    const int before = waiting().empty() ? std::numeric_limits<int>::max() : waiting().front().place;
    // The last few before it: of thousands nearly all are earlier than these.
    std::vector<const WordBody*> last; // by their places
    for (const auto& pin : lane_->pins) {
        const auto& word = body_of<WordBody>(pin.body);
        if (word.place <= 0 || word.place >= before)
            continue;
        if (last.size() == most && word.place <= last.front()->place)
            continue;
        last.insert(std::ranges::upper_bound(last, word.place, {}, &WordBody::place), &word);
        if (last.size() > most)
            last.erase(last.begin());
    }
    for (const auto* word : last)
        set_.push_back(*word);
}

const std::vector<WordBody>& WordTray::waiting() const {
    static const std::vector<WordBody> none;
    return lane_ ? part_of<LaneText>(*lane_)->tray : none;
}

QString WordTray::next_word() const {
    return waiting().empty() ? QString() : QString::fromStdString(waiting().front().text);
}

/// The next word stands at two fifths of the width, so that some of what is set is seen.
void WordTray::lay_out() {
    drawn_.clear();
    const QFontMetricsF small(sized(font(), 15, QFont::DemiBold)), large(sized(font(), 26, QFont::Bold));
    const double middle = 21 + (height() - 21) / 2.0;
    double x = waiting().empty() ? width() - edge : std::max(edge, width() * 0.32);
    const double next_at = x;
    for (std::size_t i = set_.size(); i-- > 0;) {
        const QString text = QString::fromStdString(set_[i].text);
        const double wide = small.horizontalAdvance(text);
        x -= wide + gap;
        if (x < edge)
            break;
        drawn_.push_back({text, set_[i].place, {x, middle - 12, wide, 24}, {}, false, false});
    }
    x = next_at;
    for (std::size_t i = first_seen_; i < waiting().size() && i < first_seen_ + most_seen && x < width();
         ++i) {
        const QString text = QString::fromStdString(waiting()[i].text);
        const bool next = i == 0;
        const double wide = next ? large.horizontalAdvance(text) + 22 : small.horizontalAdvance(text);
        const bool line_ends = i + 1 < waiting().size() && waiting()[i + 1].line != waiting()[i].line;
        drawn_.push_back({text, waiting()[i].place,
                          next ? QRectF(x, middle - 20, wide, 40) : QRectF(x, middle - 12, wide, 24), i, next,
                          line_ends});
        x += wide + gap + (line_ends ? 12 : 0);
    }
}

void WordTray::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const auto& p = desk_palette();
    painter.setPen(QPen(p.desk_line, 1));
    painter.setBrush(p.desk_well);
    painter.drawRoundedRect(QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5), 6, 6);
    painter.setFont(sized(font(), 12, QFont::Normal));
    painter.setPen(p.desk_quiet);
    const QRectF top = QRectF(rect()).adjusted(edge, 4, -edge, 0);
    QString told = tr("%1 set").arg(lane_ ? lane_->pins.size() : 0);
    if (proposed_ > 0)
        told += tr(" · %1 proposed").arg(proposed_);
    painter.drawText(top, Qt::AlignLeft | Qt::AlignTop, told);
    painter.drawText(top, Qt::AlignRight | Qt::AlignTop,
                     waiting().empty() ? tr("none waits") : tr("%1 to set").arg(waiting().size()));
    if (set_.empty() && waiting().empty()) {
        painter.drawText(QRectF(rect()).adjusted(edge, 18, -edge, 0), Qt::AlignCenter,
                         tr("Paste or load a text: its words wait here"));
        return;
    }
    painter.setClipRect(QRectF(rect()).adjusted(4, 1, -4, -1));
    for (const auto& one : drawn_) {
        if (one.next) {
            painter.setPen(QPen(p.playing, 2));
            painter.setBrush(p.desk_raised);
            painter.drawRoundedRect(one.rect, 6, 6);
        }
        painter.setFont(one.next ? sized(font(), 26, QFont::Bold) : sized(font(), 15, QFont::DemiBold));
        painter.setPen(one.in_tray ? p.desk_text : p.desk_quiet);
        painter.drawText(one.rect, Qt::AlignCenter, one.text);
        if (!one.in_tray) // it is set
            painter.fillRect(QRectF(one.rect.left(), one.rect.bottom() + 1, one.rect.width(), 2), p.done);
        if (one.line_ends)
            painter.drawText(QRectF(one.rect.right() + 2, one.rect.top(), 16, one.rect.height()),
                             Qt::AlignCenter, QStringLiteral("·"));
    }
}

QRect WordTray::rect_of_waiting(std::size_t in_tray) const {
    for (const auto& one : drawn_)
        if (one.in_tray == in_tray)
            return one.rect.toAlignedRect() & rect();
    return {};
}

const WordTray::Drawn* WordTray::waiting_under(QPointF at) const {
    for (const auto& one : drawn_)
        if (one.in_tray && one.rect.adjusted(-3, -3, 3, 3).contains(at))
            return &one;
    return nullptr;
}

void WordTray::mousePressEvent(QMouseEvent* event) {
    pressed_.reset();
    if (event->button() == Qt::LeftButton && waiting_under(event->position()))
        pressed_ = event->pos();
}

void WordTray::mouseMoveEvent(QMouseEvent* event) {
    setCursor(waiting_under(event->position()) ? Qt::OpenHandCursor : Qt::ArrowCursor);
    if (!pressed_ || !(event->buttons() & Qt::LeftButton) ||
        (event->pos() - *pressed_).manhattanLength() < QApplication::startDragDistance())
        return;
    const Drawn* word = waiting_under(*pressed_);
    pressed_.reset();
    if (!word)
        return;
    const int place = word->place;
    emit drag_wanted(place, grab(word->rect.toAlignedRect()));
}

void WordTray::resizeEvent(QResizeEvent*) {
    lay_out();
}

void WordTray::wheelEvent(QWheelEvent* event) {
    const auto by = event->angleDelta().y() > 0 || event->angleDelta().x() > 0 ? -3 : 3;
    const auto most = waiting().empty() ? 0 : static_cast<std::ptrdiff_t>(waiting().size()) - 1;
    first_seen_ = static_cast<std::size_t>(
        std::clamp<std::ptrdiff_t>(static_cast<std::ptrdiff_t>(first_seen_) + by, 0, most));
    lay_out();
    update();
    event->accept();
}

} // namespace pulsepin
