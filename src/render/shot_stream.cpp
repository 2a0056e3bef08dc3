// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/shot_stream.h"

namespace pulsepin {
namespace {

ShotPictures::Wanted wanted_of(const Clip& clip, const ShotSpan& span, Frames frame, FrameRate rate) {
    if (clip.still)
        return {clip.path, Seconds(0)};
    // Before its first picture a shot stands still, as it does after its last.
    return {clip.path, std::max(Seconds(0), clip_time(span, frame, rate))};
}

/// The other shot of a cross-fade that is going on.
struct Fade {
    const ShotSpan* other = nullptr;
    double incoming = 1; ///< share of the shot that comes in
    bool other_comes = false;
};

Fade fade_at(const std::vector<ShotSpan>& shots, const ShotSpan* span, Frames frame) {
    const ShotSpan* end = shots.data() + shots.size();
    if (span + 1 < end && (span + 1)->fade > Frames(0) && frame >= fade_start(*(span + 1)))
        return {span + 1, opacity_at(*(span + 1), frame), true};
    if (span != shots.data() && span->fade > Frames(0) && opacity_at(*span, frame) < 1)
        return {span - 1, opacity_at(*span, frame), false};
    return {};
}

} // namespace

ShotStream::ShotStream(const std::function<void()>& arrived) : pictures_(arrived), fading_(arrived) {}

void ShotStream::set_size(QSize size) {
    pictures_.set_size(size);
    fading_.set_size(size);
}

ShotStream::Seen ShotStream::at(const Project& project, const std::vector<ShotSpan>& shots, Frames frame) {
    Seen seen;
    const auto rate = project.settings->frame_rate;
    const ShotSpan* span = shot_at(shots, frame);
    const Clip* clip = span ? project.clip(span->shot) : nullptr;
    seen.shot = span != nullptr;
    if (!clip) {
        seen.exact = true;
        return seen;
    }
    seen.cut = span->cut;
    std::optional<ShotPictures::Wanted> soon;
    if (span + 1 < shots.data() + shots.size())
        if (const Clip* next = project.clip((span + 1)->shot))
            soon = ShotPictures::Wanted{next->path, (span + 1)->in_point};
    const auto picture = pictures_.picture(wanted_of(*clip, *span, frame, rate), soon);
    if (!picture) {
        seen.trouble = pictures_.trouble(clip->path);
        return seen;
    }
    seen.exact = true;
    seen.picture.image = picture->image;
    const Fade fade = fade_at(shots, span, frame);
    if (const Clip* other = fade.other ? project.clip(fade.other->shot) : nullptr)
        if (const auto also = fading_.picture(wanted_of(*other, *fade.other, frame, rate), std::nullopt)) {
            seen.picture.share = fade.incoming;
            seen.picture.incoming = fade.other_comes ? also->image : picture->image;
            seen.picture.image = fade.other_comes ? picture->image : also->image;
        }
    return seen;
}

ShotStream::Seen ShotStream::clip_at(const Clip& clip, Seconds time) {
    Seen seen;
    seen.shot = true;
    const auto picture =
        pictures_.picture({clip.path, clip.still ? Seconds(0) : std::max(Seconds(0), time)}, std::nullopt);
    if (picture) {
        seen.exact = true;
        seen.picture.image = picture->image;
    } else
        seen.trouble = pictures_.trouble(clip.path);
    return seen;
}

} // namespace pulsepin
