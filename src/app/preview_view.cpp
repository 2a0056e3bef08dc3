// SPDX-License-Identifier: GPL-3.0-or-later
#include "preview_view.h"

#include "palette.h"

#include <QContextMenuEvent>
#include <QMenu>
#include <QPainter>
#include <algorithm>
#include <cmath>

namespace pulsepin {

PreviewView::PreviewView(Document& document, ViewState& view, Player& player, QWidget* parent)
    : QWidget(parent), document_(document), view_(view), player_(player),
      painter_(std::make_unique<FramePainter>(
          [this] { QMetaObject::invokeMethod(this, &PreviewView::take_painted, Qt::QueuedConnection); })) {
    setObjectName("preview");
    setAccessibleName(tr("Preview"));
    setToolTip(tr("The picture under the playhead · right click for its quality"));
    connect(&view_, &ViewState::playhead_moved, this, &PreviewView::look_up);
    connect(&document_, &Document::changed, this, &PreviewView::look_up);
    connect(&document_, &Document::followers_changed, this, &PreviewView::look_up);
    connect(&document_, &Document::opened, this, [this] { streams_.clear(); });
    connect(&player_, &Player::stopped, this, QOverload<>::of(&QWidget::update));
}

PreviewView::~PreviewView() {
    painter_.reset();
    streams_.clear();
}

QRectF PreviewView::picture_area() const {
    const auto& settings = *document_.project().settings;
    QSizeF size(settings.picture_width, settings.picture_height);
    size.scale(this->size(), Qt::KeepAspectRatio);
    return {(width() - size.width()) / 2, (height() - size.height()) / 2, size.width(), size.height()};
}

QSize PreviewView::picture_size() const {
    return (picture_area().size() * devicePixelRatioF() / coarseness_).toSize().expandedTo({16, 9});
}

void PreviewView::set_coarseness(int coarseness) {
    coarseness_ = std::clamp(coarseness, 1, 4);
    for (auto& [id, stream] : streams_)
        stream->set_size(picture_size());
    look_up();
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
        stream->set_size(picture_size());
    look_up();
}

ShotStream& PreviewView::stream_of(const Layer& layer) {
    auto& stream = streams_[layer.id];
    if (!stream) {
        stream = std::make_unique<ShotStream>(
            [this] { QMetaObject::invokeMethod(this, &PreviewView::look_up, Qt::QueuedConnection); });
        stream->set_size(picture_size());
    }
    return *stream;
}

void PreviewView::look_up() {
    const auto& project = document_.project();
    // A picture that was waited for may arrive between two moves of the playhead: what counts is what is
    // heard now.
    const Seconds now = player_.playing() ? player_.position() : view_.playhead();
    const Frames frame = project.settings->frame_rate.frame_at(now);
    shown_.wanted = frame;
    shown_.sound = now;
    std::erase_if(streams_, [&](const auto& one) { return project.stage->layer(one.first) == nullptr; });
    composed_ = needs_composing(document_.curves(), frame);
    if (composed_) // by the time it is there, that much will have been heard
        compose(player_.playing() ? project.settings->frame_rate.frame_at(now + takes_) : frame);
    else
        show_shots(frame);
    update();
}

void PreviewView::show_shots(Frames frame) {
    const auto& project = document_.project();
    const auto& shots = document_.shown_shots();
    auto seen = stream_of(project.stage->layers.front()).at(project, shots, frame);
    if (seen.cut.value == 0) {
        picture_ = {};
        shown_.frame = frame;
        shown_.exact = true;
        message_ = seen.shot       ? tr("This shot is not in the bin")
                   : shots.empty() ? tr("No cuts yet")
                                   : tr("No shot here");
        shown_cut_ = {};
        return;
    }
    shown_.exact = seen.exact;
    message_ = QString::fromStdString(seen.trouble);
    if (seen.exact) {
        picture_ = std::move(seen.picture);
        shown_.frame = frame;
        shown_cut_ = seen.cut;
        emit picture_shown();
    } else if (!message_.isEmpty() || (shown_cut_ != seen.cut && !player_.playing())) {
        // The last picture stays for a moment, unless it belongs to another shot that is over.
        picture_ = {};
    }
}

/// The frame is made here and painted on a thread of its own.
void PreviewView::compose(Frames frame) {
    const auto& project = document_.project();
    message_.clear();
    all_there_ = true;
    const auto picture_of = [&](const Layer& layer) -> LayerPicture {
        ShotStream::Seen seen;
        if (layer.kind == LayerKind::Shots) {
            const Lane* lane =
                layer.cuts.value != 0 ? project.lane(layer.cuts) : project.first_lane(&LaneKindRow::cuts);
            if (!lane || !lane->kind->cuts)
                return LayerPicture{};
            seen = stream_of(layer).at(project, document_.shots(lane->id), frame);
        } else if (const Clip* clip = project.clip(layer.picture)) {
            seen = stream_of(layer).clip_at(*clip, project.settings->frame_rate.start_of(frame));
        } else {
            return LayerPicture{};
        }
        all_there_ = all_there_ && (seen.exact || !seen.trouble.empty());
        if (!seen.trouble.empty())
            message_ = QString::fromStdString(seen.trouble);
        return seen.picture;
    };
    StagedFrame staged = staged_at(document_.curves(), frame);
    LayerPictures pictures;
    for (const auto& layer : project.stage->layers)
        if (!layer.hidden && (layer.kind == LayerKind::Shots || layer.kind == LayerKind::Picture))
            pictures[layer.id] = picture_of(layer);
    const bool nothing = std::all_of(staged.layers.begin(), staged.layers.end(), [&](const auto& layer) {
        const auto shown = pictures.find(layer.id);
        return layer.values.of("opacity") <= 0 || (shown != pictures.end() && shown->second.image.isNull());
    });
    if (message_.isEmpty() && nothing && all_there_)
        message_ = tr("No shot here");
    composing_ = frame;
    // A picture with a hole where a shot is still being decoded is not shown; the last one stays until it is
    // there.
    if (all_there_ || picture_.image.isNull()) {
        asked_.start();
        painter_->paint(frame, std::move(staged), std::move(pictures), picture_size());
    }
    shown_.exact = false;
}

void PreviewView::take_painted() {
    auto painted = painter_->take();
    if (!painted || !composed_)
        return;
    const double took = static_cast<double>(asked_.nsecsElapsed()) * 1e-9;
    takes_ = Seconds(std::min(0.1, takes_.value * 0.8 + took * 0.2));
    if (player_.playing()) {
        shown_.sound = player_.position();
        shown_.wanted = document_.project().settings->frame_rate.frame_at(shown_.sound);
    }
    picture_ = {std::move(painted->image), {}, 0};
    shown_.frame = painted->frame;
    shown_.exact = all_there_ && painted->frame == composing_;
    emit picture_shown();
    update();
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

/// What acts on the frame that is shown, by its name, colour and strength.
void PreviewView::paint_triggers(QPainter& painter, const QRectF& area) const {
    const auto& project = document_.project();
    double x = area.left() + 8;
    for (const auto& lane : project.lanes) {
        if (!lane->kind->triggers)
            continue;
        for (const auto& span : document_.spans(lane->id).triggers) {
            if (span.muted || shown_.frame < span.start || shown_.frame >= span.end)
                continue;
            const auto& body = std::get<TriggerBody>(lane->pins[span.index].body);
            const QString text =
                tr("%1 %2 %").arg(QString::fromStdString(body.effect)).arg(body.strength, 0, 'f', 0);
            QRectF box(x, area.bottom() - 26, 0, 18);
            box.setWidth(painter.fontMetrics().horizontalAdvance(text) + 28);
            if (box.right() > area.right())
                return;
            painter.setPen(Qt::NoPen);
            painter.setBrush(day_palette().desk);
            painter.drawRoundedRect(box, 3, 3);
            painter.setBrush(QColor::fromRgb(static_cast<QRgb>(colour_at(body, span, shown_.frame).rgb)));
            painter.drawRect(QRectF(box.left() + 5, box.top() + 4, 10, 10));
            painter.setPen(day_palette().desk_text);
            painter.drawText(box.adjusted(20, 0, 0, 0), Qt::AlignVCenter, text);
            x = box.right() + 6;
        }
    }
}

void PreviewView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    const auto& p = day_palette();
    const QRectF area = picture_area();
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    painter.fillRect(area, p.desk_well);
    draw_fitted(painter, picture_.image, area);
    if (!picture_.incoming.isNull()) {
        painter.setOpacity(picture_.share);
        draw_fitted(painter, picture_.incoming, area);
        painter.setOpacity(1);
    }
    QFont small = font();
    small.setPixelSize(12);
    painter.setFont(small);
    if (!message_.isEmpty()) {
        painter.setPen(p.desk_quiet);
        painter.drawText(area.adjusted(12, 12, -12, -12), Qt::AlignCenter | Qt::TextWordWrap, message_);
    }
    paint_triggers(painter, area);
    if (player_.playing()) {
        const auto rate = document_.project().settings->frame_rate;
        // Start of the frame on screen minus the sound that is heard: within one frame it can be no closer.
        const double ms = (rate.start_of(shown_.frame) - shown_.sound).value * 1000;
        const bool in_sync = shown_.frame == shown_.wanted;
        const QString text = (in_sync ? tr("in sync %1 ms") : tr("picture late %1 ms")).arg(ms, 0, 'f', 0);
        QRectF box(area.left() + 8, area.top() + 8, 0, 18);
        box.setWidth(QFontMetricsF(small).horizontalAdvance(text) + 12);
        painter.setPen(Qt::NoPen);
        painter.setBrush(p.desk);
        painter.drawRoundedRect(box, 3, 3);
        painter.setPen(p.desk_text);
        painter.drawText(box, Qt::AlignCenter, text);
    }
}

} // namespace pulsepin
