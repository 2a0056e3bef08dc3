// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/flash_run.h"

#include "render/awaited_frames.h"
#include "schedule/piece_length.h"

#include <algorithm>

namespace pulsepin {
namespace {

/// What a layer shows of the bin at a frame, as far as it can be told without decoding.
struct ShownClip {
    PictureFile file;
    Seconds time;
    ShotFraming framing = {};
    int slate = 0;
    double share = 1;
    CutBody::Change change = CutBody::Change::Fade;
    friend bool operator==(const ShownClip&, const ShownClip&) = default;
};

std::vector<ShownClip> clips_of_shots(const Project& project, const std::vector<ShotSpan>& shots,
                                      Frames frame) {
    std::vector<ShownClip> clips;
    const auto rate = project.settings->frame_rate;
    const auto* span = shot_at(shots, frame);
    if (!span)
        return clips;
    const auto add = [&](const ShotSpan& shot, double share) {
        const Clip* clip = project.clip(shot.shot);
        clips.push_back({clip ? PictureFile{clip->path, clip->turned} : PictureFile{},
                         clip && clip->still ? Seconds(0) : clip_time(shot, frame, rate), shot.framing,
                         shot.slate, share, shot.change});
    };
    add(*span, opacity_at(*span, frame));
    if (span != shots.data() && span->fade > Frames(0) && opacity_at(*span, frame) < 1)
        add(*(span - 1), 1);
    if (const auto* next = span + 1;
        next < shots.data() + shots.size() && next->fade > Frames(0) && frame >= fade_start(*next))
        add(*next, opacity_at(*next, frame));
    return clips;
}

std::vector<ShownClip> clips_of(const Schedule& schedule, const Layer& layer, Frames frame) {
    const Project& project = schedule.project();
    if (layer.kind == layers::shots) {
        const Lane* lane =
            layer.cuts.value != 0 ? project.lane(layer.cuts) : project.first_lane(body_type<CutBody>);
        return lane ? clips_of_shots(project, schedule.spans(lane->id).shots, frame)
                    : std::vector<ShownClip>{};
    }
    if (layer.drawings.value != 0) {
        const Lane* lane = project.lane(layer.drawings);
        const Exposure* exposure = lane ? exposure_at(schedule.spans(lane->id).exposures, frame) : nullptr;
        const Clip* clip = project.clip(layer.picture);
        std::string named;
        if (exposure && part_of<Exposing>(*lane))
            for (const auto& one : part_of<Exposing>(*lane)->pictures)
                if (const Clip* picture = project.clip(one.picture);
                    picture && one.drawing == exposure->drawing)
                    named = picture->path.string() + std::to_string(picture->turned);
        const std::string all = (clip ? clip->path.string() : std::string()) + "|" + named + "|" +
                                (exposure ? exposure->drawing : std::string());
        return {{{all, clip ? clip->turned : 0}, Seconds(0)}};
    }
    const Clip* clip = project.clip(layer.picture);
    if (!clip)
        return {};
    return {{{clip->path, clip->turned},
             clip->still ? Seconds(0) : project.settings->frame_rate.start_of(frame)}};
}

/// The report of frames in [measured from, until), of which those from `from` on are told. The meter looks at
/// two seconds before them: what was before that is no part of a second that counts.
Result<void> measure_into(FlashReport& report, const FlashRun& run, Frames from, Frames until,
                          AwaitedFrames& source, const Progress& progress) {
    const auto& settings = *run.curves.project().settings;
    const QSize size = measured_size(settings);
    const Frames second(frames_in_a_second(settings.frame_rate));
    const Frames begin = std::max(Frames(0), from - second - second);
    FlashMeter meter(size.width(), size.height(), settings.frame_rate, report.rule);
    for (Frames frame = begin; frame < until; frame += Frames(1)) {
        if (progress.cancelled())
            return fail_cancelled();
        auto image = source.at(run.curves, frame, progress);
        if (!image)
            return tl::unexpected(image.error());
        const FlashFrame found =
            meter.add({image->constBits(), static_cast<std::size_t>(image->sizeInBytes())});
        if (frame >= from)
            report.frames[static_cast<std::size_t>(frame.value)] = found;
        progress.report(static_cast<double>((frame - begin).value + 1) /
                        static_cast<double>((until - begin).value));
    }
    return {};
}

FlashReport empty_report(const Curves& curves) {
    FlashReport report{flash_rule(curves.project()), curves.project().settings->frame_rate, {}, {}};
    report.frames.resize(
        static_cast<std::size_t>(std::max<std::int64_t>(0, piece_length(curves.project()).value)));
    return report;
}

/// Stretches that must be measured since something else is seen in them, or was within the second before.
std::vector<std::pair<Frames, Frames>> changed_stretches(const FlashRun& run, const FlashReport& report) {
    const auto length = static_cast<std::int64_t>(report.frames.size());
    const auto& before = run.before;
    if (!before || !run.before_of || before->rule != report.rule || before->rate != report.rate ||
        measured_size(*run.before_of->project().settings) != measured_size(*run.curves.project().settings))
        return {{Frames(0), Frames(length)}};
    const std::int64_t second = frames_in_a_second(report.rate);
    const auto known = static_cast<std::int64_t>(before->frames.size());
    std::vector<std::pair<Frames, Frames>> stretches;
    for (std::int64_t i = 0; i < length; ++i) {
        if (i < known && seen_alike(run.curves, *run.before_of, Frames(i)))
            continue;
        const Frames end(std::min(length, i + second + 1));
        if (!stretches.empty() && Frames(i) <= stretches.back().second + Frames(2 * second))
            stretches.back().second = end;
        else
            stretches.emplace_back(Frames(i), end);
    }
    return stretches;
}

} // namespace

QSize measured_size(const Settings& settings) {
    constexpr int least = 320;
    const int long_side = std::max(settings.picture_width, settings.picture_height);
    const double share = std::min(1.0, std::max(0.25, 1.0 * least / std::max(1, long_side)));
    return {std::max(8, static_cast<int>(std::lround(settings.picture_width * share))),
            std::max(8, static_cast<int>(std::lround(settings.picture_height * share)))};
}

bool seen_alike(const Curves& a, const Curves& b, Frames frame) {
    const auto &one = *a.project().stage, &other = *b.project().stage;
    if (!(staged_at(a, frame) == staged_at(b, frame)))
        return false;
    for (const auto& layer : one.layers) {
        const bool shows = shows_pictures(one, layer);
        const Layer* same = other.layer(layer.id);
        if (shows != (same && shows_pictures(other, *same)))
            return false;
        if (shows && !(clips_of(a.schedule, layer, frame) == clips_of(b.schedule, *same, frame)))
            return false;
    }
    return true;
}

Result<FlashReport> FlashRun::measure(const Progress& progress) const {
    FlashReport report = empty_report(curves);
    const auto stretches = changed_stretches(*this, report);
    if (before)
        std::copy_n(before->frames.begin(), std::min(before->frames.size(), report.frames.size()),
                    report.frames.begin());
    AwaitedFrames source(measured_size(*curves.project().settings));
    if (file_of)
        source.use_files(file_of);
    std::int64_t all = 0, done = 0;
    for (const auto& [from, until] : stretches)
        all += (until - from).value;
    for (const auto& [from, until] : stretches) {
        const auto next = done + (until - from).value;
        const auto measured = measure_into(
            report, *this, from, until, source,
            progress.part(static_cast<double>(done) / static_cast<double>(std::max<std::int64_t>(1, all)),
                          static_cast<double>(next) / static_cast<double>(std::max<std::int64_t>(1, all))));
        if (!measured)
            return tl::unexpected(measured.error());
        done = next;
    }
    report.places = flash_places(report.frames, report.rate, report.rule);
    return report;
}

Result<FlashReport> FlashRun::measure(Frames from, Frames until, const Progress& progress) const {
    FlashReport report = empty_report(curves);
    until = std::min(until, Frames(static_cast<std::int64_t>(report.frames.size())));
    from = std::clamp(from, Frames(0), until);
    AwaitedFrames source(measured_size(*curves.project().settings));
    if (file_of)
        source.use_files(file_of);
    if (auto measured = measure_into(report, *this, from, until, source, progress); !measured)
        return tl::unexpected(measured.error());
    report.places = flash_places(report.frames, report.rate, report.rule);
    return report;
}

} // namespace pulsepin
