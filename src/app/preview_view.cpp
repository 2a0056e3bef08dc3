// SPDX-License-Identifier: GPL-3.0-or-later
#include "preview_view.h"

#include "palette.h"

#include <QPainter>
#include <cmath>

namespace pulsepin {

PreviewView::PreviewView(Document& document, ViewState& view, Player& player, QWidget* parent)
    : QWidget(parent), document_(document), view_(view), player_(player),
      pictures_(std::make_unique<ShotPictures>(
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
}

QRectF PreviewView::picture_area() const {
    const auto& settings = *document_.project().settings;
    QSizeF size(settings.picture_width, settings.picture_height);
    size.scale(this->size(), Qt::KeepAspectRatio);
    return {(width() - size.width()) / 2, (height() - size.height()) / 2, size.width(), size.height()};
}

void PreviewView::resizeEvent(QResizeEvent*) {
    pictures_->set_size((picture_area().size() * devicePixelRatioF()).toSize());
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
    std::optional<ShotPictures::Wanted> soon;
    if (span + 1 < shots.data() + shots.size())
        if (const Clip* next = project.clip((span + 1)->shot))
            soon = ShotPictures::Wanted{next->path, (span + 1)->in_point};
    const auto picture = pictures_->picture({clip->path, clip_time(*span, frame, rate)}, soon);
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

void PreviewView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    const auto& p = day_palette();
    const QRectF area = picture_area();
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    painter.fillRect(area, p.desk_well);
    if (!image_.isNull()) {
        QSizeF size = image_.size();
        size.scale(area.size(), Qt::KeepAspectRatio);
        painter.drawImage(QRectF(area.center().x() - size.width() / 2, area.center().y() - size.height() / 2,
                                 size.width(), size.height()),
                          image_);
    }
    QFont small = font();
    small.setPixelSize(12);
    painter.setFont(small);
    if (!message_.isEmpty()) {
        painter.setPen(p.desk_quiet);
        painter.drawText(area.adjusted(12, 12, -12, -12), Qt::AlignCenter | Qt::TextWordWrap, message_);
    }
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
