// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/frame_pipeline.h"

#include "base/guarded.h"
#include "render/fonts.h"
#include "render/kept_layers.h"
#include "time/musical_text.h"
#include "time/timecode.h"

#include <QFontMetricsF>
#include <QPainter>
#include <QRegion>
#include <algorithm>
#include <chrono>
#include <deque>
#include <map>
#include <thread>
#include <vector>

namespace pulsepin {
namespace {

void write_into(QImage& image, const Project& project, Frames frame, const BurnIn& burn) {
    if (!burn.frame && !burn.timecode && !burn.place && !burn.name && !burn.safe_areas)
        return;
    const auto rate = project.settings->frame_rate;
    register_fonts();
    QPainter painter(&image);
    painter.setRenderHint(QPainter::Antialiasing);
    const double height = image.height();
    if (burn.safe_areas)
        for (const double share : {0.93, 0.90}) { // SMPTE ST 2046-1
            const QRectF whole(QPointF(0, 0), QSizeF(image.size()));
            painter.setPen(QPen(QColor(255, 255, 255, 170), std::max(1.0, height / 720)));
            painter.drawRect(QRectF(QPointF(), whole.size() * share)
                                 .translated(whole.center() -
                                             QPointF(whole.width() * share / 2, whole.height() * share / 2)));
        }
    QStringList parts;
    if (burn.name)
        parts << QString::fromStdString(project.settings->title);
    if (burn.place && project.grid)
        parts << QString::fromStdString(
            format_position(project.grid->position_of(project.grid->nearest_tick(rate.start_of(frame)))));
    if (burn.timecode)
        parts << QString::fromStdString(format_timecode(
            frame, rate, drop_frame_exists(rate) ? TimecodeCount::Drop : TimecodeCount::NonDrop));
    if (burn.frame)
        parts << QString::number(frame.value);
    parts.removeAll(QString());
    if (parts.isEmpty())
        return;
    QFont font(QStringLiteral("Inter"));
    font.setPixelSize(std::max(9, static_cast<int>(height / 30)));
    font.setWeight(QFont::DemiBold);
    painter.setFont(font);
    const QString text = parts.join(QStringLiteral("   "));
    const QFontMetricsF metrics(font);
    const double wide = metrics.horizontalAdvance(text) + font.pixelSize(), high = metrics.height() * 1.3;
    const QRectF box((image.width() - wide) / 2, height * 0.05, wide, high);
    painter.setPen(Qt::NoPen);
    painter.setBrush(QColor(0, 0, 0, 170));
    painter.drawRoundedRect(box, high / 5, high / 5);
    painter.setPen(Qt::white);
    painter.drawText(box, Qt::AlignCenter, text);
}

} // namespace

QImage film_frame(const Curves& curves, Frames frame, QSize size, const LayerPictures& pictures,
                  const BurnIn& burn, FrameGround ground, QImage spare, KeptLayers* kept) {
    StagedFrame staged = staged_at(curves, frame);
    if (!burn.band)
        staged.band.reset();
    const QSize picture(staged.width, staged.height);
    QImage image;
    if (!ground.transparent && picture.width() * size.height() == picture.height() * size.width()) {
        if (spare.size() == size && spare.reinterpretAsFormat(QImage::Format_ARGB32_Premultiplied))
            image = std::move(spare);
        else
            image = QImage(size, QImage::Format_ARGB32_Premultiplied);
        compose_into(image, staged, pictures, kept);
    } else {
        // As much of the picture around its middle as has the film's proportions, or all of it and as much
        // around it.
        const double across = 1.0 * picture.width() / size.width(),
                     down = 1.0 * picture.height() / size.height();
        const double pixel = ground.bars ? std::max(across, down) : std::min(across, down);
        const QSizeF part(size.width() * pixel, size.height() * pixel);
        image = composed_part(staged, QRectF(QPointF(-part.width() / 2, -part.height() / 2), part), size,
                              pictures, ground.transparent ? Ground::None : Ground::Black, kept);
        if (ground.bars) { // what reaches beyond the picture is not seen
            const QRectF seen(QPointF((size.width() - picture.width() / pixel) / 2,
                                      (size.height() - picture.height() / pixel) / 2),
                              QSizeF(picture.width() / pixel, picture.height() / pixel));
            QPainter painter(&image);
            painter.setCompositionMode(QPainter::CompositionMode_Clear);
            for (const QRect& bar : QRegion(image.rect()).subtracted(seen.toAlignedRect()))
                painter.fillRect(bar, Qt::black);
        }
        if (!ground.transparent) {
            QImage black(size, QImage::Format_ARGB32_Premultiplied);
            black.fill(Qt::black);
            QPainter(&black).drawImage(0, 0, image);
            image = black;
        }
    }
    write_into(image, curves.project(), frame, burn);
    if (ground.transparent)
        return image.convertToFormat(QImage::Format_ARGB32);
    // Without transparency the bytes are the same, multiplied by it or not.
    return image.reinterpretAsFormat(QImage::Format_ARGB32) ? image
                                                            : image.convertToFormat(QImage::Format_ARGB32);
}

struct FramePipeline::State {
    Order order;
    std::mutex mutex;
    std::condition_variable_any changed;
    struct Fed {
        Frames frame;
        LayerPictures pictures;
    };
    std::deque<Fed> fed;                 ///< with their pictures, not composed yet
    std::map<std::int64_t, QImage> made; ///< composed, not taken yet
    std::vector<QImage> taken;           ///< whose pixels are used again when nobody else holds them
    KeptLayers kept;
    std::optional<Error> failed;
    Frames next_out, next_in;
    std::size_t most = 4;              ///< that wait or are in work
    std::vector<std::jthread> threads; ///< the last member: they end before the others go

    explicit State(Order o) : order(std::move(o)), next_out(order.first), next_in(order.first) {
        const int cores = order.threads > 0
                              ? order.threads
                              : static_cast<int>(std::max(1u, std::thread::hardware_concurrency()));
        constexpr std::int64_t room = 96 << 20; // for frames of large films
        const auto fit = room / (std::int64_t{4} * order.size.width() * order.size.height() + 1);
        most = static_cast<std::size_t>(std::clamp<std::int64_t>(fit, cores, 2 * cores + 2));
        const auto start = [this](Result<void> (State::*work)(const std::stop_token&)) {
            threads.emplace_back([this, work](const std::stop_token& stop) {
                if (auto done = guarded([&] { return (this->*work)(stop); }); !done)
                    fail_with(done.error());
            });
        };
        start(&State::feed);
        for (int i = 0; i < cores; ++i)
            start(&State::compose);
    }
    ~State() {
        for (auto& thread : threads)
            thread.request_stop();
        changed.notify_all();
    }

    void fail_with(Error error) {
        const std::lock_guard lock(mutex);
        failed = std::move(error);
        changed.notify_all();
    }

    /// Decodes what frames show, in order.
    Result<void> feed(const std::stop_token& stop) {
        AwaitedFrames source(order.size);
        if (order.file_of)
            source.use_files(order.file_of);
        for (Frames frame = order.first; frame < order.until; frame += Frames(1)) {
            auto pictures = source.pictures(order.curves.schedule, frame, {[](double) {}, stop});
            if (!pictures)
                return tl::unexpected(pictures.error());
            std::unique_lock lock(mutex);
            changed.wait(lock, stop,
                         [&] { return static_cast<std::size_t>((frame - next_out).value) < most; });
            if (stop.stop_requested())
                return {};
            fed.push_back({frame, *std::move(pictures)});
            changed.notify_all();
        }
        return {};
    }

    /// New memory for each frame is a tenth of what a frame of cuts costs.
    [[nodiscard]] QImage take_spare() {
        const auto free =
            std::find_if(taken.begin(), taken.end(), [](const QImage& one) { return one.isDetached(); });
        if (free == taken.end())
            return {};
        QImage spare = std::move(*free);
        taken.erase(free);
        return spare;
    }

    Result<void> compose(const std::stop_token& stop) {
        while (true) {
            Fed work;
            QImage spare;
            {
                std::unique_lock lock(mutex);
                changed.wait(lock, stop, [&] { return !fed.empty(); });
                if (stop.stop_requested())
                    return {};
                work = std::move(fed.front());
                fed.pop_front();
                spare = take_spare();
            }
            QImage image = film_frame(order.curves, work.frame, order.size, work.pictures, order.burn,
                                      order.ground, std::move(spare), &kept);
            const std::lock_guard lock(mutex);
            made[work.frame.value] = std::move(image);
            changed.notify_all();
        }
    }
};

FramePipeline::FramePipeline(Order order) : state_(std::make_unique<State>(std::move(order))) {}
FramePipeline::~FramePipeline() = default;

Result<QImage> FramePipeline::next(const Progress& progress) {
    State& s = *state_;
    std::unique_lock lock(s.mutex);
    if (s.next_out >= s.order.until)
        return fail("There are no more frames.");
    while (true) {
        if (progress.cancelled())
            return fail_cancelled();
        if (const auto found = s.made.find(s.next_out.value); found != s.made.end()) {
            QImage image = std::move(found->second);
            s.made.erase(found);
            if (s.taken.size() * 2 < s.most && s.most > 4) // large ones are given back at once
                s.taken.push_back(image);
            s.next_out += Frames(1);
            s.changed.notify_all();
            return image;
        }
        if (s.failed)
            return tl::unexpected(*s.failed);
        s.changed.wait_for(lock, std::chrono::milliseconds(50));
    }
}

} // namespace pulsepin
