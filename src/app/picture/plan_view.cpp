// SPDX-License-Identifier: GPL-3.0-or-later
#include "picture/plan_view.h"

#include "lights/lit.h"
#include "model/rig_edits.h"
#include "parts/palette.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

constexpr double reach = 5;      // pixels beside a lamp that still are on it
constexpr std::size_t many = 80; // so many lamps are drawn small, without names

QColor as_colour(const Lit& lit) {
    return QColor::fromRgb(static_cast<QRgb>(colour_of(lit).rgb));
}

} // namespace

void draw_lamp(QPainter& painter, QPointF at, double radius, const Lit& lit, const QColor& ring) {
    const double level = std::min(1.0, std::max({lit.red, lit.green, lit.blue}));
    if (level > 0) {
        const Lit full{lit.red / level, lit.green / level, lit.blue / level};
        QColor glow = as_colour(full);
        QRadialGradient light(at, radius * 2.4);
        glow.setAlphaF(static_cast<float>(0.55 * level));
        light.setColorAt(0.35, glow);
        glow.setAlpha(0);
        light.setColorAt(1, glow);
        painter.setPen(Qt::NoPen);
        painter.setBrush(light);
        painter.drawEllipse(at, radius * 2.4, radius * 2.4);
    }
    const auto mixed_with_dark = [&](double share) { return 0.1 + 0.9 * share; };
    painter.setPen(QPen(ring, 1.2));
    painter.setBrush(level > 0 ? as_colour({mixed_with_dark(lit.red), mixed_with_dark(lit.green),
                                            mixed_with_dark(lit.blue)})
                               : QColor(26, 33, 48));
    painter.drawEllipse(at, radius, radius);
}

PlanView::PlanView(Document& document, ViewState& view, QWidget* parent)
    : QWidget(parent), document_(document), view_(view) {
    setFocusPolicy(Qt::StrongFocus);
    setMouseTracking(true);
    setAccessibleName(tr("Plan of the lamps"));
    const auto again = [this] { update(); };
    connect(&document_, &Document::changed, this, again);
    connect(&document_, &Document::followers_changed, this, again);
    connect(&document_.thumbnails(), &ThumbnailBank::arrived, this, again);
    connect(&view_, &ViewState::playhead_moved, this, again);
    connect(&view_, &ViewState::lamps_chosen, this, again);
}

void PlanView::set_painting(bool painting) {
    painting_ = painting;
    setCursor(painting ? Qt::CrossCursor : Qt::ArrowCursor);
}

void PlanView::show_lit(std::function<std::vector<Lit>()> lit) {
    lit_ = std::move(lit);
    update();
}

QRectF PlanView::ground() const {
    const auto& settings = *document_.project().settings;
    const QSizeF whole = QSizeF(settings.picture_width, settings.picture_height)
                             .scaled(size() - QSize(2, 2), Qt::KeepAspectRatio);
    return {QPointF((width() - whole.width()) / 2, (height() - whole.height()) / 2), whole};
}

int PlanView::item_count() const {
    return static_cast<int>(document_.project().rig->fixtures.size());
}

QString PlanView::item_name(int item) const {
    const auto& lamp = document_.project().rig->fixtures[static_cast<std::size_t>(item)];
    return tr("lamp %1").arg(QString::fromStdString(lamp.name));
}

QRect PlanView::item_rect(int item) const {
    const int half = static_cast<int>(std::ceil(radius()));
    return QRect(-half, -half, 2 * half, 2 * half)
        .translated(position_of(static_cast<std::size_t>(item)).toPoint());
}

bool PlanView::item_chosen(int item) const {
    const auto all = chosen();
    return std::ranges::find(all, static_cast<std::size_t>(item)) != all.end();
}

void PlanView::choose_item(int item) {
    view_.choose_lamps({document_.project().rig->fixtures[static_cast<std::size_t>(item)].id});
}

double PlanView::radius() const {
    return document_.project().rig->fixtures.size() > many ? 2.5
                                                           : std::clamp(ground().height() / 26, 4.0, 9.0);
}

QPointF PlanView::position_of(std::size_t fixture) const {
    const auto& lamp = document_.project().rig->fixtures[fixture];
    const QRectF on = ground();
    QPointF at(on.left() + on.width() * lamp.x / 100, on.top() + on.height() * lamp.y / 100);
    if (drag_ == Drag::Lamps && moved_ && std::ranges::count(chosen(), fixture))
        at += at_ - pressed_;
    return at;
}

std::optional<std::size_t> PlanView::lamp_at(QPointF at) const {
    std::optional<std::size_t> nearest;
    double distance = radius() + reach;
    for (std::size_t i = 0; i < document_.project().rig->fixtures.size(); ++i)
        if (const double d = QLineF(position_of(i), at).length(); d < distance) {
            distance = d;
            nearest = i;
        }
    return nearest;
}

std::vector<std::size_t> PlanView::chosen() const {
    return view_.lamps().empty() ? std::vector<std::size_t>{}
                                 : document_.project().rig->members(view_.lamps());
}

void PlanView::draw_ground(QPainter& painter, const QRectF& on) const {
    const auto& project = document_.project();
    painter.fillRect(on, QColor(36, 51, 46));
    const Clip* clip = project.clip(project.rig->picture);
    if (!clip)
        return;
    const auto file = clip->still ? clip->path : document_.proxies().file_of(*clip);
    if (const QImage* picture = document_.thumbnails().near({file, clip->turned}, Seconds(0)))
        painter.drawImage(on, *picture);
    painter.fillRect(on, QColor(10, 16, 26, 110)); // lamps stand out from it
}

/// Groups by their names at their first lamps, lamps by their numbers.
void PlanView::draw_names(QPainter& painter) const {
    const Rig& rig = *document_.project().rig;
    if (rig.fixtures.size() > many)
        return;
    QFont small = font();
    small.setPixelSize(10);
    painter.setFont(small);
    painter.setPen(QColor(245, 241, 230));
    std::set<LampId> named;
    for (std::size_t i = 0; i < rig.fixtures.size(); ++i) {
        const auto& lamp = rig.fixtures[i];
        const QPointF at = position_of(i);
        const QString group = QString::fromStdString(rig.name_of(lamp.group));
        QString name = QString::fromStdString(lamp.name);
        if (!group.isEmpty() && name.startsWith(group + ' '))
            name = name.mid(group.size() + 1);
        painter.drawText(QPointF(at.x() + radius() + 3, at.y() - 1), name);
        if (!group.isEmpty() && named.insert(lamp.group).second)
            painter.drawText(QPointF(at.x() - radius(), at.y() - radius() - 5), group);
    }
}

void PlanView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const auto& project = document_.project();
    const QRectF on = ground();
    draw_ground(painter, on);
    painter.setClipRect(on.adjusted(-12, -12, 12, 12));
    const auto rate = project.settings->frame_rate;
    const auto lit =
        lit_ ? lit_()
             : lit_at(document_.curves(), std::floor(view_.playhead().value * rate.per_second() + 1e-6));
    const auto marked = chosen();
    const auto& palette = desk_palette();
    for (std::size_t i = 0; i < project.rig->fixtures.size(); ++i) {
        const QPointF at = position_of(i);
        draw_lamp(painter, at, radius(), i < lit.size() ? lit[i] : Lit{}, QColor(200, 206, 214));
        if (std::ranges::binary_search(marked, i) || stroke_.contains(i)) {
            painter.setBrush(Qt::NoBrush);
            painter.setPen(QPen(QColor(99, 214, 196), 2));
            painter.drawEllipse(at, radius() + 3, radius() + 3);
        }
    }
    draw_names(painter);
    if (drag_ == Drag::Frame && moved_) {
        painter.setPen(QPen(palette.desk_text, 1, Qt::DashLine));
        painter.setBrush(Qt::NoBrush);
        painter.drawRect(QRectF(pressed_, at_).normalized());
    }
    if (project.rig->fixtures.empty()) {
        painter.setPen(palette.desk_text);
        painter.drawText(on.adjusted(10, 0, -10, 0), Qt::AlignCenter | Qt::TextWordWrap,
                         tr("No lamps yet: “Add lamps…” sets rows, arcs and grids of them"));
    }
    if (hasFocus()) {
        painter.setClipping(false);
        painter.setBrush(Qt::NoBrush);
        painter.setPen(QPen(palette.playing, 1));
        painter.drawRect(on);
    }
}

void PlanView::take_stroke(QPointF from, QPointF to) {
    constexpr double step = 2;
    const int steps = std::max(1, static_cast<int>(QLineF(from, to).length() / step));
    for (int i = 0; i <= steps; ++i)
        if (const auto lamp = lamp_at(from + (to - from) * i / steps))
            stroke_.insert(*lamp);
}

void PlanView::mousePressEvent(QMouseEvent* event) {
    pressed_ = at_ = event->position();
    moved_ = false;
    stroke_.clear();
    if (painting_ && (event->button() == Qt::LeftButton || event->button() == Qt::RightButton)) {
        drag_ = event->button() == Qt::LeftButton ? Drag::Light : Drag::Darken;
        take_stroke(at_, at_);
        return update();
    }
    if (event->button() != Qt::LeftButton)
        return;
    const auto lamp = lamp_at(at_);
    const Rig& rig = *document_.project().rig;
    if (!lamp) {
        drag_ = Drag::Frame;
        if (!(event->modifiers() & (Qt::ControlModifier | Qt::ShiftModifier)))
            view_.choose_lamps({});
        return;
    }
    const LampId id = rig.fixtures[*lamp].id;
    auto lamps = view_.lamps();
    if (event->modifiers() & (Qt::ControlModifier | Qt::ShiftModifier)) {
        if (std::erase(lamps, id) == 0)
            lamps.push_back(id);
        return view_.choose_lamps(std::move(lamps));
    }
    if (!std::ranges::count(chosen(), *lamp))
        view_.choose_lamps({id});
    drag_ = Drag::Lamps;
}

void PlanView::mouseMoveEvent(QMouseEvent* event) {
    const QPointF before = std::exchange(at_, event->position());
    if (drag_ == Drag::None) {
        emit hint(painting_
                      ? tr("Drag over lamps to light them over the range or the bar · the right button "
                           "makes them dark")
                      : tr("Click a lamp to choose it, with Ctrl several · drag to move it, beside it to "
                           "choose what lies in a frame"));
        return;
    }
    constexpr double trembling = 3;
    moved_ = moved_ || QLineF(pressed_, at_).length() > trembling;
    if (drag_ == Drag::Light || drag_ == Drag::Darken)
        take_stroke(before, at_);
    update();
}

void PlanView::mouseReleaseEvent(QMouseEvent* event) {
    const Drag drag = std::exchange(drag_, Drag::None);
    const Rig& rig = *document_.project().rig;
    if (drag == Drag::Light || drag == Drag::Darken) {
        std::vector<LampId> lamps;
        for (const std::size_t i : std::exchange(stroke_, {}))
            if (i < rig.fixtures.size())
                lamps.push_back(rig.fixtures[i].id);
        if (!lamps.empty())
            emit lamps_painted(lamps, drag == Drag::Light);
    } else if (drag == Drag::Lamps && !moved_) {
        if (const auto lamp = lamp_at(event->position())) // of several that were chosen, this one
            view_.choose_lamps({rig.fixtures[*lamp].id});
    } else if (drag == Drag::Lamps) {
        const QRectF on = ground();
        const QPointF by = event->position() - pressed_;
        move_chosen(100 * by.x() / on.width(), 100 * by.y() / on.height(), tr("move lamps"));
    } else if (drag == Drag::Frame && moved_) {
        auto lamps = view_.lamps();
        const QRectF frame = QRectF(pressed_, event->position()).normalized();
        for (std::size_t i = 0; i < rig.fixtures.size(); ++i)
            if (frame.contains(position_of(i)) && !std::ranges::count(lamps, rig.fixtures[i].id))
                lamps.push_back(rig.fixtures[i].id);
        view_.choose_lamps(std::move(lamps));
    }
    update();
}

/// Beside the lamps that are there: one more.
void PlanView::mouseDoubleClickEvent(QMouseEvent* event) {
    const QPointF at = event->position();
    const QRectF on = ground();
    if (event->button() != Qt::LeftButton || painting_ || lamp_at(at) || !on.contains(at))
        return;
    emit lamp_wanted(100 * (at.x() - on.left()) / on.width(), 100 * (at.y() - on.top()) / on.height());
}

void PlanView::move_chosen(double x, double y, const QString& name) {
    const auto rounded = [](double value) {
        return std::clamp(std::round(value * 100) / 100, -100.0, 200.0);
    };
    document_.apply(with_changed_lamps(document_.project(), view_.lamps(),
                                       [&](Fixture& lamp) {
                                           lamp.x = rounded(lamp.x + x);
                                           lamp.y = rounded(lamp.y + y);
                                       }),
                    name);
}

void PlanView::keyPressEvent(QKeyEvent* event) {
    const double step = event->modifiers() & Qt::ShiftModifier ? 0.2 : 1;
    const auto move = [&](double x, double y) {
        if (!view_.lamps().empty())
            move_chosen(x * step, y * step, tr("move lamps"));
    };
    switch (event->key()) {
    case Qt::Key_Left:
        return move(-1, 0);
    case Qt::Key_Right:
        return move(1, 0);
    case Qt::Key_Up:
        return move(0, -1);
    case Qt::Key_Down:
        return move(0, 1);
    case Qt::Key_Delete:
        emit delete_wanted();
        return;
    case Qt::Key_Escape:
        if (drag_ != Drag::None) {
            drag_ = Drag::None;
            stroke_.clear();
            return update();
        }
        return view_.choose_lamps({});
    default:
        QWidget::keyPressEvent(event);
    }
}

bool PlanView::event(QEvent* event) {
    if (event->type() == QEvent::ShortcutOverride) {
        const auto* key = static_cast<QKeyEvent*>(event);
        const bool arrow = key->key() >= Qt::Key_Left && key->key() <= Qt::Key_Down &&
                           !(key->modifiers() & ~(Qt::ShiftModifier | Qt::KeypadModifier));
        const bool chosen = !view_.lamps().empty();
        if ((arrow && chosen) || (key->key() == Qt::Key_Delete && chosen) ||
            (key->key() == Qt::Key_Escape && (chosen || drag_ != Drag::None))) {
            event->accept();
            return true;
        }
    }
    if (event->type() == QEvent::Leave)
        emit hint({});
    return QWidget::event(event);
}

} // namespace pulsepin
