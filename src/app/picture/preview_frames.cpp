// SPDX-License-Identifier: GPL-3.0-or-later
//
// Which frame the preview shows, and where its picture comes from; how it is drawn is told in
// preview_view.cpp.
#include "picture/preview_view.h"
#include "render/staged_places.h"
#include "session/core_words.h"

#include <algorithm>

namespace pulsepin {

namespace {

void put_draft(std::vector<StagedLayer>& layers, LayerId id, const std::string& parameter, double further) {
    for (auto& layer : layers) {
        if (layer.id == id)
            layer.values.raise(parameter, further);
        put_draft(layer.inner, id, parameter, further);
    }
}

} // namespace

StagedFrame PreviewView::staged() const {
    return staged_for(composed_ ? composing_ : frame_now());
}

StagedFrame PreviewView::staged_for(Frames frame) const {
    if (view_.trial())
        return staged_at(*view_.trial()->curves, view_.trial()->frame);
    StagedFrame staged = staged_at(document_.curves(), frame);
    if (!draft_)
        return staged;
    const Layer* layer = document_.project().stage->layer(draft_->first);
    const auto* held = staged_place(staged, draft_->first).layer;
    const LayerValues before = held ? held->values : staged.camera;
    for (const auto& [parameter, value] : draft_->second) {
        // Of what appears several times each goes as far as the one that is held.
        put_draft(staged.layers, draft_->first, parameter, value - before.of(parameter));
        if (layer && layer->kind == layers::camera)
            staged.camera.set(parameter, value);
    }
    return staged;
}

void PreviewView::count_picture() {
    if (counted_ == shown_.frame) // composed once more, the same one
        return;
    counted_ = shown_.frame;
    const qint64 now = clock_.elapsed();
    std::erase_if(shown_at_, [now](qint64 at) { return now - at > 1000; });
    shown_at_.push_back(now);
}

double PreviewView::pictures_a_second() const {
    const qint64 now = clock_.elapsed();
    return static_cast<double>(
        std::count_if(shown_at_.begin(), shown_at_.end(), [now](qint64 at) { return now - at <= 1000; }));
}

ShotStream& PreviewView::stream_of(const Layer& layer) {
    auto& stream = streams_[layer.id];
    if (!stream) {
        stream = std::make_unique<ShotStream>(
            [this] { QMetaObject::invokeMethod(this, &PreviewView::look_up, Qt::QueuedConnection); });
        stream->set_size(shot_size());
        stream->use_files([this](const Clip& clip) { return document_.proxies().file_of(clip); });
        share_memory();
    }
    return *stream;
}

/// What all layers keep is bounded; each has its share of it.
void PreviewView::share_memory() {
    constexpr std::size_t all = 320u << 20, least = 20u << 20;
    const auto each = std::max(least, all / std::max<std::size_t>(1, streams_.size()));
    for (auto& [id, stream] : streams_)
        stream->may_keep(each);
}

bool PreviewView::composes(Frames frame) const {
    return holes_ || draft_ || framing_draft_ || zoom_ || needs_composing(document_.curves(), frame);
}

void PreviewView::look_anew() {
    if (playing_on_) {
        painter_->forget_waiting();
        ahead_.begin();
    }
    look_up();
}

void PreviewView::look_up() {
    if (view_.trial()) {
        stop_playing_on();
        composed_ = true;
        shown_.wanted = view_.trial()->frame;
        compose(view_.trial()->curves->schedule, view_.trial()->frame);
        return update();
    }
    const auto& project = document_.project();
    // A picture that was waited for may arrive between two moves of the playhead: what counts is what is
    // heard now.
    const Seconds now = player_.playing() ? player_.position() : view_.playhead();
    const Frames frame = project.settings->frame_rate.frame_at(now);
    shown_.wanted = frame;
    shown_.sound = now;
    if (std::erase_if(streams_, [&](const auto& one) { return !project.stage->layer(one.first); }) > 0)
        share_memory();
    composed_ = composes(frame);
    const bool plays = player_.playing() && !draft_ && !framing_draft_;
    if (!plays)
        stop_playing_on();
    if (!composed_)
        show_shots(frame);
    if (plays)
        play_on(now, frame);
    else if (composed_)
        compose(document_.schedule(), frame);
    update();
}

void PreviewView::play_on(Seconds now, Frames frame) {
    if (ahead_.jumped(frame) || !playing_on_) {
        painter_->forget_all();
        ahead_.begin();
        playing_on_ = true;
    }
    if (auto due = painter_->take_until(frame); due && composed_) // else the shots are seen as they are
        show_painted(*std::move(due));
    const auto rate = document_.project().settings->frame_rate;
    while (const auto next = ahead_.next(now, rate, player_.speed(), painter_->free_threads())) {
        if (composes(*next)) {
            auto order = order_of(document_.schedule(), *next);
            if (!all_there_ && !picture_.shot.image.isNull())
                break; // it is asked for again once its shots are there
            painter_->paint_ahead(std::move(order));
        }
        ahead_.ordered(*next);
    }
}

void PreviewView::stop_playing_on() {
    if (!playing_on_)
        return;
    playing_on_ = false;
    ahead_.rest();
    painter_->forget_all();
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
    message_ = spoken(seen.trouble);
    if (seen.exact) {
        picture_ = std::move(seen.picture);
        shown_.frame = frame;
        shown_cut_ = seen.cut;
        part_ = {};
        layer_pictures_ = {{project.stage->layers.front().id, picture_}};
        count_picture();
        emit picture_shown();
    } else if (!message_.isEmpty() || (shown_cut_ != seen.cut && !player_.playing())) {
        // The last picture stays for a moment, unless it belongs to another shot that is over.
        picture_ = {};
    }
}

/// The frame is made here and painted on a thread of its own.
void PreviewView::compose(const Schedule& schedule, Frames frame) {
    auto order = order_of(schedule, frame);
    composing_ = frame;
    layer_pictures_ = order.pictures;
    if (all_there_ || picture_.shot.image.isNull())
        painter_->paint(std::move(order));
    shown_.exact = false;
}

/// Tells with all_there_ whether its shots are decoded. A picture with a hole where one is not is not shown;
/// the last one stays until it is there.
FramePainter::Order PreviewView::order_of(const Schedule& schedule, Frames frame) {
    const auto& project = schedule.project();
    message_.clear();
    all_there_ = true;
    const auto picture_of = [&](const Layer& layer) -> LayerPicture {
        ShotStream::Seen seen = stream_of(layer).of_layer(schedule, layer, frame);
        all_there_ = all_there_ && (seen.exact || !seen.trouble.empty());
        if (!seen.trouble.empty())
            message_ = spoken(seen.trouble);
        if (framing_draft_ && framing_draft_->first == seen.cut)
            seen.picture.shot.framing = framing_draft_->second;
        return seen.picture;
    };
    FramePainter::Order order{frame,          staged_for(frame), {},
                              picture_size(), part_in_view(),    holes_ ? Ground::None : Ground::Black};
    for (const auto& layer : project.stage->layers)
        if (shows_pictures(*project.stage, layer))
            order.pictures[layer.id] = picture_of(layer);
    const auto& layers = order.staged.layers;
    const bool nothing = std::all_of(layers.begin(), layers.end(), [&](const auto& layer) {
        const auto shown = order.pictures.find(layer.id);
        return layer.values.of("opacity") <= 0 ||
               (shown != order.pictures.end() && !shown->second.shot.there());
    });
    if (message_.isEmpty() && nothing && all_there_)
        message_ = tr("No shot here");
    return order;
}

void PreviewView::take_painted() {
    if (playing_on_)
        return look_up(); // what is due is shown, and a thread is free
    if (auto painted = painter_->take(); painted && composed_)
        show_painted(*std::move(painted));
}

void PreviewView::show_painted(FramePainter::Painted painted) {
    short_of_memory_ = painted.smaller;
    if (painted.image.isNull()) {
        message_ = tr("There is not enough memory for this picture.");
        return update();
    }
    if (playing_on_) {
        ahead_.composed(painted.took, painter_->threads(), document_.project().settings->frame_rate,
                        player_.speed());
        composing_ = painted.frame;
        layer_pictures_ = std::move(painted.pictures);
    }
    picture_ = {{std::move(painted.image)}, {}, 0};
    part_ = painted.part;
    shown_.frame = painted.frame;
    count_picture();
    shown_.exact = playing_on_ || (all_there_ && painted.frame == composing_);
    emit picture_shown();
    update();
}

} // namespace pulsepin
