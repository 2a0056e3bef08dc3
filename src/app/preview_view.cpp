// SPDX-License-Identifier: GPL-3.0-or-later
#include "preview_view.h"

#include "palette.h"

#include <QPainter>
#include <cmath>

namespace pulsepin {

PreviewView::PreviewView(Document& document, ViewState& view, Player& player, QWidget* parent)
    : QWidget(parent), document_(document), view_(view), player_(player),
      pictures_(std::make_unique<ShotPictures>(
          [this] { QMetaObject::invokeMethod(this, &PreviewView::look_up, Qt::QueuedConnection); })),
      fading_pictures_(std::make_unique<ShotPictures>(
          [this] { QMetaObject::invokeMethod(this, &PreviewView::look_up, Qt::QueuedConnection); })) {
    setObjectName("preview");
    setAccessibleName(tr("Preview"));
    setToolTip(tr("The shot under the playhead"));
    connect(&view_, &ViewState::playhead_moved, this, &PreviewView::look_up);
    connect(&document_, &Document::changed, this, &PreviewView::look_up);
    connect(&player_, &Player::stopped, this, QOverload<>::of(&QWidget::update));
}

PreviewView::~PreviewView() {
    pictures_.reset();
    fading_pictures_.reset();
}

QRectF PreviewView::picture_area() const {
    const auto& settings = *document_.project().settings;
    QSizeF size(settings.picture_width, settings.picture_height);
    size.scale(this->size(), Qt::KeepAspectRatio);
    return {(width() - size.width()) / 2, (height() - size.height()) / 2, size.width(), size.height()};
}

void PreviewView::resizeEvent(QResizeEvent*) {
    const QSize size = (picture_area().size() * devicePixelRatioF()).toSize();
    pictures_->set_size(size);
    fading_pictures_->set_size(size);
    look_up();
}

void PreviewView::look_up() {
    const auto& project = document_.project();
    const auto& shots = document_.shown_shots();
    const auto rate = project.settings->frame_rate;
    // A picture that was waited for may arrive between two moves of the playhead: what counts is what is
    // heard now.
    const Seconds now = player_.playing() ? player_.position() : view_.playhead();
    const Frames frame = rate.frame_at(now);
    shown_.wanted = frame;
    shown_.sound = now;
    const ShotSpan* span = shot_at(shots, frame);
    const Clip* clip = span ? project.clip(span->shot) : nullptr;
    if (!clip) {
        image_ = {};
        shown_.frame = frame;
        shown_.exact = true;
        message_ = span            ? tr("This shot is not in the bin")
                   : shots.empty() ? tr("No cuts yet")
                                   : tr("No shot here");
        shown_cut_ = {};
        update();
        return;
    }
    look_up_fade(shots, span, frame);
    std::optional<ShotPictures::Wanted> soon;
    if (span + 1 < shots.data() + shots.size())
        if (const Clip* next = project.clip((span + 1)->shot))
            soon = ShotPictures::Wanted{next->path, (span + 1)->in_point};
    const auto picture = pictures_->picture(wanted_of(*clip, *span, frame), soon);
    if (picture) {
        image_ = picture->image;
        message_.clear();
        shown_.frame = frame;
        shown_.exact = true;
        shown_cut_ = span->cut;
        emit picture_shown();
    } else {
        shown_.exact = false;
        message_ = QString::fromStdString(pictures_->trouble(clip->path));
        // The last picture stays for a moment, unless it belongs to another shot that is over.
        if (!message_.isEmpty() || (shown_cut_ != span->cut && !player_.playing()))
            image_ = {};
    }
    update();
}

ShotPictures::Wanted PreviewView::wanted_of(const Clip& clip, const ShotSpan& span, Frames frame) const {
    if (clip.still)
        return {clip.path, Seconds(0)};
    // Before its first picture a shot stands still, as it does after its last.
    return {clip.path,
            std::max(Seconds(0), clip_time(span, frame, document_.project().settings->frame_rate))};
}

/// The other shot of a cross-fade that is going on, and how much of the incoming one is seen.
void PreviewView::look_up_fade(const std::vector<ShotSpan>& shots, const ShotSpan* span, Frames frame) {
    fading_ = {};
    incoming_ = 1;
    const ShotSpan* other = nullptr;
    const ShotSpan* end = shots.data() + shots.size();
    if (span + 1 < end && (span + 1)->fade > Frames(0) && frame >= fade_start(*(span + 1))) {
        other = span + 1;
        incoming_ = opacity_at(*other, frame);
        fading_comes_ = true;
    } else if (span != shots.data() && span->fade > Frames(0) && opacity_at(*span, frame) < 1) {
        other = span - 1;
        incoming_ = opacity_at(*span, frame);
        fading_comes_ = false;
    }
    const Clip* clip = other ? document_.project().clip(other->shot) : nullptr;
    if (!clip)
        return;
    if (const auto picture = fading_pictures_->picture(wanted_of(*clip, *other, frame), std::nullopt))
        fading_ = picture->image;
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
        if (lane->kind != LaneKind::Trigger)
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
    const bool fades = !fading_.isNull() && !image_.isNull();
    draw_fitted(painter, fades && !fading_comes_ ? fading_ : image_, area);
    if (fades) {
        painter.setOpacity(incoming_);
        draw_fitted(painter, fading_comes_ ? fading_ : image_, area);
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
