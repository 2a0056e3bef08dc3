// SPDX-License-Identifier: GPL-3.0-or-later
#include "picture/preview_view.h"

#include "parts/palette.h"
#include "picture/flash_box.h"
#include "session/number_text.h"

#include <QContextMenuEvent>
#include <QDropEvent>
#include <QMenu>
#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>
#include <QWheelEvent>
#include <algorithm>
#include <cmath>
#include <thread>

namespace pulsepin {

namespace {

/// The window, the sound and the decoders have a core to themselves where there are some.
int composing_threads() {
    return std::clamp(static_cast<int>(std::thread::hardware_concurrency()) - 1, 2, 4);
}

} // namespace

PreviewView::PreviewView(Document& document, ViewState& view, Player& player, QWidget* parent)
    : QWidget(parent), document_(document), view_(view), player_(player),
      painter_(std::make_unique<FramePainter>(
          [this] { QMetaObject::invokeMethod(this, &PreviewView::take_painted, Qt::QueuedConnection); },
          composing_threads())) {
    setObjectName("preview");
    setAccessibleName(tr("Preview"));
    setFocusPolicy(Qt::ClickFocus);
    setMouseTracking(true);
    setAcceptDrops(true);
    clock_.start();
    connect(&view_, &ViewState::playhead_moved, this, &PreviewView::look_up);
    connect(&view_, &ViewState::trial_changed, this, &PreviewView::look_up);
    connect(&document_, &Document::changed, this, [this] {
        for (auto& [id, stream] : streams_) // a shot that fills the picture is needed larger
            stream->set_size(shot_size());
        look_anew();
    });
    connect(&document_, &Document::followers_changed, this, &PreviewView::look_anew);
    connect(&document_, &Document::opened, this, [this] { streams_.clear(); });
    connect(&document_.proxies(), &ProxyBank::changed, this, &PreviewView::look_up);
    connect(&player_, &Player::stopped, this, &PreviewView::look_up);
}

PreviewView::~PreviewView() {
    painter_.reset();
    streams_.clear();
}

QSizeF PreviewView::frame_size() const {
    const auto& settings = *document_.project().settings;
    return {static_cast<double>(settings.picture_width), static_cast<double>(settings.picture_height)};
}

PictureScale PreviewView::scale() const {
    const QPointF middle = QRectF(rect()).center();
    if (zoom_)
        return {middle + pan_, *zoom_};
    const QSizeF frame = frame_size();
    return {middle, std::max(1e-3, std::min(width() / frame.width(), height() / frame.height()))};
}

QRectF PreviewView::picture_area() const {
    const QSizeF frame = frame_size();
    return scale().to_widget(QRectF(-frame.width() / 2, -frame.height() / 2, frame.width(), frame.height()));
}

QSizeF PreviewView::wanted_size() const {
    const QSizeF size = zoom_ ? QSizeF(this->size()) : picture_area().size();
    return size * devicePixelRatioF() / coarseness_;
}

QSize PreviewView::picture_size() const {
    return (wanted_size() / ahead_.coarseness()).toSize().expandedTo({16, 9});
}

QRectF PreviewView::part_in_view() const {
    return zoom_ ? scale().to_picture(QRectF(rect())) : QRectF();
}

void PreviewView::set_zoom(std::optional<double> points) {
    zoom_ = points ? std::optional(std::clamp(*points, 0.02, 8.0)) : std::nullopt;
    if (!zoom_)
        pan_ = {};
    look_anew();
    emit zoomed();
}

void PreviewView::zoom_by(double factor, QPointF around) {
    const auto before = scale();
    const QPointF pixel = before.to_picture(around);
    zoom_ = std::clamp(before.points * factor, 0.02, 8.0);
    pan_ = around - pixel * *zoom_ - QRectF(rect()).center();
    look_anew();
    emit zoomed();
}

void PreviewView::pan_by(QPointF points) {
    zoom_ = scale().points;
    pan_ += points;
    look_anew();
    emit zoomed();
}

void PreviewView::set_draft(std::optional<std::pair<LayerId, std::map<std::string, double>>> draft) {
    draft_ = std::move(draft);
    look_up();
}

void PreviewView::set_framing_draft(std::optional<std::pair<PinId, ShotFraming>> draft) {
    framing_draft_ = draft;
    look_up();
}

QSize PreviewView::shot_size() const {
    double most = 1;
    const double shape = frame_size().width() / std::max(1.0, frame_size().height());
    for (const auto& span : document_.shown_shots()) {
        const Clip* clip = document_.project().clip(span.shot);
        if (!clip || clip->height <= 0 || span.framing == ShotFraming{})
            continue;
        const double wider = static_cast<double>(clip->width) / clip->height / shape;
        const double fill = span.framing.base == ShotFraming::Base::Fill ? std::max(wider, 1 / wider) : 1;
        most = std::max(most, fill * span.framing.scale / 100);
    }
    constexpr double enough = 4;
    return (wanted_size() * std::min(most, enough)).toSize().expandedTo({16, 9});
}

void PreviewView::set_safe_areas(bool shown) {
    safe_areas_ = shown;
    update();
}

Frames PreviewView::frame_now() const {
    const Seconds now = player_.playing() ? player_.position() : view_.playhead();
    return document_.project().settings->frame_rate.frame_at(now);
}

namespace {

/// What would come of a drop, on a plate at the foot.
void paint_drop(QPainter& painter, const QRectF& area, const QString& told) {
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(desk_palette().playing, 2));
    painter.setBrush(Qt::NoBrush);
    painter.drawRect(area.adjusted(1, 1, -1, -1));
    constexpr double away = 6;
    QRectF plate = QRectF(painter.fontMetrics().boundingRect(area.adjusted(20, 0, -20, 0).toRect(),
                                                             Qt::AlignCenter | Qt::TextWordWrap, told))
                       .adjusted(-8, -4, 8, 4);
    plate.moveBottom(area.bottom() - away);
    painter.setPen(Qt::NoPen);
    painter.setBrush(desk_palette().desk);
    painter.drawRoundedRect(plate, 4, 4);
    painter.setPen(desk_palette().desk_text);
    painter.drawText(plate, Qt::AlignCenter | Qt::TextWordWrap, told);
    painter.restore();
}

/// As large as it fits, on a plate, so that it is read over any picture.
void paint_cue(QPainter& painter, const QRectF& area, const QString& word) {
    painter.save();
    QFont font = painter.font();
    font.setWeight(QFont::Bold);
    font.setPixelSize(std::max(12, static_cast<int>(area.height() / 4)));
    const double wide = QFontMetricsF(font).horizontalAdvance(word);
    if (const double room = area.width() * 0.9; wide > room)
        font.setPixelSize(std::max(8, static_cast<int>(font.pixelSize() * room / wide)));
    painter.setFont(font);
    const QFontMetricsF metrics(font);
    const double half = metrics.horizontalAdvance(word) / 2 + font.pixelSize() * 0.3;
    const QRectF plate(area.center().x() - half, area.center().y() - metrics.height() / 2, 2 * half,
                       metrics.height());
    QColor ground = desk_palette().desk;
    ground.setAlphaF(0.75f);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(desk_palette().playing, 2));
    painter.setBrush(ground);
    painter.drawRoundedRect(plate, 8, 8);
    painter.setPen(desk_palette().desk_text);
    painter.drawText(plate, Qt::AlignCenter, word);
    painter.restore();
}

} // namespace

void PreviewView::set_coarseness(int coarseness) {
    coarseness_ = std::clamp(coarseness, 1, 4);
    for (auto& [id, stream] : streams_)
        stream->set_size(shot_size());
    look_anew();
}

void PreviewView::contextMenuEvent(QContextMenuEvent* event) {
    QMenu menu(this);
    for (const auto& [coarseness, text] : {std::pair(1, tr("Full quality")), std::pair(2, tr("Half quality")),
                                           std::pair(4, tr("Quarter quality"))}) {
        auto* action = menu.addAction(text, this, [this, c = coarseness] { set_coarseness(c); });
        action->setCheckable(true);
        action->setChecked(coarseness == coarseness_);
    }
    menu.exec(event->globalPos());
}

void PreviewView::resizeEvent(QResizeEvent*) {
    for (auto& [id, stream] : streams_)
        stream->set_size(shot_size());
    look_anew();
}

void PreviewView::draw_fitted(QPainter& painter, const QImage& image, const QRectF& area) const {
    if (image.isNull())
        return;
    QSizeF size = image.size();
    size.scale(area.size(), Qt::KeepAspectRatio);
    painter.drawImage(QRectF(area.center().x() - size.width() / 2, area.center().y() - size.height() / 2,
                             size.width(), size.height()),
                      image);
}

std::vector<PreviewView::Acting> PreviewView::acting() const {
    std::vector<Acting> all;
    for (const auto& lane : document_.project().lanes) {
        if (!holds<TriggerBody>(lane->kind))
            continue;
        for (const auto& span : document_.spans(lane->id).triggers) {
            if (span.muted || shown_.frame < span.start || shown_.frame >= span.end)
                continue;
            const auto& body = body_of<TriggerBody>(lane->pins[span.index].body);
            all.push_back(
                {tr("%1 %2 %").arg(QString::fromStdString(body.effect)).arg(number_text(body.strength, 0)),
                 QColor::fromRgb(static_cast<QRgb>(colour_at(body, span, shown_.frame).rgb))});
        }
    }
    return all;
}

QString PreviewView::sync_text() const {
    if (!player_.playing())
        return {};
    const auto rate = document_.project().settings->frame_rate;
    // Start of the frame on screen minus the sound that is heard: within one frame it can be no closer.
    const double ms = (rate.start_of(shown_.frame) - shown_.sound).value * 1000;
    const bool in_sync = shown_.frame == shown_.wanted;
    return (in_sync ? tr("in sync %1 ms") : tr("picture late %1 ms")).arg(number_text(ms, 0));
}

/// What lies outside of the camera's frame is dimmed; the frame has its corners, and safe areas at choice:
/// 90 % for what moves, 80 % for words (common practice in broadcasting).
void PreviewView::paint_around(QPainter& painter, const QRectF& area) const {
    const auto& p = desk_palette();
    if (zoom_) {
        QPainterPath outside;
        outside.addRect(QRectF(rect()));
        outside.addRect(area);
        QColor veil = p.desk_well;
        veil.setAlphaF(0.62F);
        painter.fillPath(outside, veil);
        painter.setPen(QPen(p.desk_text, 1));
        painter.setBrush(Qt::NoBrush);
        painter.drawRect(area);
        painter.drawText(area.topLeft() + QPointF(2, -5), tr("camera"));
    }
    if (!safe_areas_)
        return;
    painter.setBrush(Qt::NoBrush);
    for (const double share : {0.9, 0.8}) {
        const double dx = area.width() * (1 - share) / 2, dy = area.height() * (1 - share) / 2;
        painter.setPen(QPen(QColor(0, 0, 0, 120), 3));
        painter.drawRect(area.adjusted(dx, dy, -dx, -dy));
        painter.setPen(QPen(p.desk_text, 1, share > 0.85 ? Qt::SolidLine : Qt::DashLine));
        painter.drawRect(area.adjusted(dx, dy, -dx, -dy));
    }
}

void PreviewView::set_cue(const QString& word) {
    if (cue_ == word)
        return;
    cue_ = word;
    update();
}

void PreviewView::set_holes(bool shown) {
    holes_ = shown;
    picture_ = {};
    look_anew();
}

/// Behind the frame: black as in a film, or chequered where a film can have holes.
void PreviewView::paint_ground(QPainter& painter, const QRectF& frame) const {
    if (!holes_)
        return painter.fillRect(frame, Qt::black);
    constexpr int square = 8;
    QPixmap tile(2 * square, 2 * square);
    tile.fill(QColor(0x9a, 0x9a, 0x9a));
    QPainter squares(&tile);
    for (const int at : {0, square})
        squares.fillRect(at, at, square, square, QColor(0x66, 0x66, 0x66));
    squares.end();
    painter.setBrushOrigin(frame.topLeft());
    painter.fillRect(frame, QBrush(tile));
}

void PreviewView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    const auto& p = desk_palette();
    const QRectF area = picture_area();
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    painter.fillRect(zoom_ ? QRectF(rect()) : area, p.desk_well);
    if (!picture_.shot.image.isNull())
        paint_ground(painter, area);
    // What was composed for another zoom stays where it belongs until the new one is there.
    draw_fitted(painter, picture_.shot.image, part_.isEmpty() ? area : scale().to_widget(part_));
    if (!picture_.incoming.image.isNull()) {
        painter.setOpacity(picture_.share);
        draw_fitted(painter, picture_.incoming.image, area);
        painter.setOpacity(1);
    }
    QFont small = font();
    small.setPixelSize(12);
    painter.setFont(small);
    paint_around(painter, area);
    if (!message_.isEmpty()) {
        painter.setPen(p.desk_quiet);
        painter.drawText(area.adjusted(12, 12, -12, -12), Qt::AlignCenter | Qt::TextWordWrap, message_);
    }
    if (const auto& marks = view_.check_marks(); marks && marks->flashes && !zoom_)
        paint_flash_box(painter, *marks->flashes, shown_.frame, area, p);
    if (!cue_.isEmpty() && player_.playing())
        paint_cue(painter, area, cue_);
    if (!drop_told_.isEmpty())
        paint_drop(painter, area, drop_told_);
    if (overlay_ && !player_.playing() && !view_.trial()) {
        painter.setRenderHint(QPainter::Antialiasing);
        overlay_->paint(painter);
    }
}

void PreviewView::dragEnterEvent(QDragEnterEvent* event) {
    if (is_dragged(event->mimeData()))
        event->acceptProposedAction();
}

void PreviewView::dragMoveEvent(QDragMoveEvent* event) {
    const auto item = dragged_in(event->mimeData(), document_.project());
    const auto keys = event->modifiers();
    const QString told = item && std::holds_alternative<RowOfOnsets>(*item)
                             ? tr("larger on every %1 · Shift: every second")
                                   .arg(QString::fromStdString(std::get<RowOfOnsets>(*item).name))
                         : !item || !std::holds_alternative<ClipId>(*item) ? QString()
                         : keys & Qt::ShiftModifier                        ? tr("a layer of the picture")
                         : keys & Qt::ControlModifier
                             ? tr("takes this shot's place")
                             : tr("a cut at the playhead · Ctrl: takes this shot's place · Shift: a layer");
    event->setAccepted(item.has_value());
    if (told != drop_told_) {
        drop_told_ = told;
        update();
    }
}

void PreviewView::dragLeaveEvent(QDragLeaveEvent*) {
    drop_told_.clear();
    update();
}

void PreviewView::dropEvent(QDropEvent* event) {
    const auto item = dragged_in(event->mimeData(), document_.project());
    if (!item)
        return event->ignore();
    event->setDropAction(Qt::CopyAction);
    event->accept();
    drop_told_.clear();
    update();
    emit item_dropped(*item, scale().to_picture(event->position()), event->modifiers());
}

void PreviewView::mousePressEvent(QMouseEvent* event) {
    if (event->button() == Qt::MiddleButton) {
        panning_ = event->position();
        return setCursor(Qt::ClosedHandCursor);
    }
    if (!overlay_ || !overlay_->press(*event))
        event->ignore();
}

void PreviewView::mouseMoveEvent(QMouseEvent* event) {
    if (panning_) {
        pan_by(event->position() - *panning_);
        panning_ = event->position();
        return;
    }
    if (overlay_)
        overlay_->move(*event);
}

void PreviewView::mouseReleaseEvent(QMouseEvent* event) {
    if (event->button() == Qt::MiddleButton && panning_) {
        panning_.reset();
        return unsetCursor();
    }
    if (overlay_)
        overlay_->release(*event);
}

void PreviewView::mouseDoubleClickEvent(QMouseEvent* event) {
    if (!overlay_ || !overlay_->double_click(*event))
        event->ignore();
}

bool PreviewView::event(QEvent* event) {
    if (event->type() == QEvent::ShortcutOverride && overlay_ &&
        overlay_->wants(*static_cast<QKeyEvent*>(event))) {
        event->accept();
        return true;
    }
    return QWidget::event(event);
}

void PreviewView::keyPressEvent(QKeyEvent* event) {
    if (!overlay_ || !overlay_->key(*event))
        QWidget::keyPressEvent(event);
}

void PreviewView::wheelEvent(QWheelEvent* event) {
    if (event->angleDelta().y() == 0)
        return event->ignore();
    zoom_by(std::pow(1.2, event->angleDelta().y() / 120.0), event->position());
    event->accept();
}

} // namespace pulsepin
