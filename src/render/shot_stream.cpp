// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/shot_stream.h"

#include "media/picture_sequence.h"
#include "schedule/exposures.h"

#include <algorithm>

namespace pulsepin {
namespace {

/// The other shot of a cross-fade that is going on.
struct Fade {
    const ShotSpan* other = nullptr;
    double incoming = 1; ///< share of the shot that comes in
    bool other_comes = false;
    CutBody::Change change = CutBody::Change::Fade;
};

Fade fade_at(const std::vector<ShotSpan>& shots, const ShotSpan* span, Frames frame) {
    const ShotSpan* end = shots.data() + shots.size();
    if (span + 1 < end && (span + 1)->fade > Frames(0) && frame >= fade_start(*(span + 1)))
        return {span + 1, opacity_at(*(span + 1), frame), true, (span + 1)->change};
    if (span != shots.data() && span->fade > Frames(0) && opacity_at(*span, frame) < 1)
        return {span - 1, opacity_at(*span, frame), false, span->change};
    return {};
}

} // namespace

/// A photograph is not shown from a proxy.
PictureFile ShotStream::pictures_of(const Clip& clip) const {
    return {clip.still ? clip.path : file_of_(clip), clip.turned};
}

ShotPictures::Wanted ShotStream::wanted_of(const Clip& clip, const ShotSpan& span, Frames frame,
                                           FrameRate rate) const {
    if (clip.still)
        return {pictures_of(clip), Seconds(0)};
    // Before its first picture a shot stands still, as it does after its last.
    return {pictures_of(clip), std::max(Seconds(0), clip_time(span, frame, rate))};
}

ShotStream::ShotStream(const std::function<void()>& arrived, std::size_t kept_bytes)
    : pictures_(arrived, kept_bytes), fading_(arrived, kept_bytes) {}

void ShotStream::may_keep(std::size_t bytes) {
    fading_.may_keep(bytes / 5);
    pictures_.may_keep(bytes - bytes / 5);
}

void ShotStream::set_size(QSize size) {
    pictures_.set_size(size);
    fading_.set_size(size);
}

ShotStream::Seen ShotStream::at(const Project& project, const std::vector<ShotSpan>& shots, Frames frame) {
    Seen seen;
    const auto rate = project.settings->frame_rate;
    const ShotSpan* span = shot_at(shots, frame);
    seen.shot = span != nullptr;
    if (!span) {
        seen.exact = true;
        return seen;
    }
    std::optional<ShotPictures::Wanted> soon;
    if (span + 1 < shots.data() + shots.size())
        if (const Clip* next = project.clip((span + 1)->shot))
            soon = ShotPictures::Wanted{pictures_of(*next), (span + 1)->in_point};
    if (!project.clip(span->shot) && span->slate == 0) { // its clip is gone
        seen.exact = true;
        return seen;
    }
    seen.cut = span->cut;
    const auto shown =
        [&](ShotPictures& pictures, const ShotSpan& of,
            const std::optional<ShotPictures::Wanted>& next) -> std::optional<LayerPicture::Shot> {
        const Clip* clip = project.clip(of.shot);
        if (!clip)
            return LayerPicture::Shot{{}, {}, of.slate};
        const auto picture = pictures.picture(wanted_of(*clip, of, frame, rate), next);
        if (!picture) {
            seen.trouble = pictures.trouble(wanted_of(*clip, of, frame, rate).clip);
            return std::nullopt;
        }
        return LayerPicture::Shot{picture->image, of.framing};
    };
    const auto own = shown(pictures_, *span, soon);
    if (!own)
        return seen;
    seen.picture.shot = *own;
    const Fade fade = fade_at(shots, span, frame);
    const auto also = fade.other ? shown(fading_, *fade.other, std::nullopt) : std::nullopt;
    seen.exact = also.has_value() || !fade.other; // the other shot may still be on its way
    if (also) {
        seen.picture.share = fade.incoming;
        seen.picture.change = fade.change;
        seen.picture.incoming = fade.other_comes ? *also : *own;
        seen.picture.shot = fade.other_comes ? *own : *also;
    }
    return seen;
}

bool shows_pictures(const Stage& stage, const Layer& layer) {
    const bool has = layer.kind == layers::shots || layer.kind->has_clip ||
                     (layer.kind->may_have_clip && layer.picture.value != 0);
    return has &&
           (!layer.hidden || std::any_of(stage.layers.begin(), stage.layers.end(),
                                         [&](const Layer& other) { return other.matte.layer == layer.id; }));
}

ShotStream::Seen ShotStream::of_layer(const Schedule& schedule, const Layer& layer, Frames frame) {
    const Project& project = schedule.project();
    Seen nothing;
    nothing.exact = true;
    if (layer.kind == layers::shots) {
        const Lane* lane =
            layer.cuts.value != 0 ? project.lane(layer.cuts) : project.first_lane(body_type<CutBody>);
        return lane && holds<CutBody>(lane->kind) ? at(project, schedule.spans(lane->id).shots, frame)
                                                  : nothing;
    }
    if (layer.drawings.value != 0)
        return drawing_at(schedule, layer, frame);
    const Clip* clip = project.clip(layer.picture);
    return clip ? clip_at(*clip, project.settings->frame_rate.start_of(frame)) : nothing;
}

/// A picture of its own, or the one of its number in the layer's sequence, counted from 1.
ShotStream::Seen ShotStream::drawing_at(const Schedule& schedule, const Layer& layer, Frames frame) {
    const Project& project = schedule.project();
    Seen nothing;
    nothing.exact = true;
    const Lane* lane = project.lane(layer.drawings);
    const Exposure* exposure = lane ? exposure_at(schedule.spans(lane->id).exposures, frame) : nullptr;
    if (!exposure || !part_of<Exposing>(*lane))
        return nothing;
    for (const auto& named : part_of<Exposing>(*lane)->pictures)
        if (named.drawing == exposure->drawing)
            if (const Clip* picture = project.clip(named.picture))
                return clip_at(*picture, Seconds(0));
    const Clip* clip = project.clip(layer.picture);
    const auto number = drawing_number(exposure->drawing);
    if (!clip || !number || *number < 1)
        return nothing;
    // Within the picture's time, so that rounding leads to no other.
    const Seconds time((*number - 1 + 0.25) / sequence_rate);
    return clip->still || time < clip->duration ? clip_at(*clip, time) : nothing;
}

ShotStream::Seen ShotStream::clip_at(const Clip& clip, Seconds time) {
    Seen seen;
    seen.shot = true;
    const auto picture = pictures_.picture(
        {pictures_of(clip), clip.still ? Seconds(0) : std::max(Seconds(0), time)}, std::nullopt);
    if (picture) {
        seen.exact = true;
        seen.picture.shot.image = picture->image;
    } else
        seen.trouble = pictures_.trouble(pictures_of(clip));
    return seen;
}

} // namespace pulsepin
