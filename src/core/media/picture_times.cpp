// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/picture_times.h"

#include "media/av_handles.h"

#include <algorithm>
#include <cmath>
#include <vector>

namespace pulsepin {
namespace {

constexpr std::size_t enough = 3000; // pictures that are looked at
constexpr double quarter = 0.25;

} // namespace

Result<PictureTimes> picture_times(const std::filesystem::path& path) {
    auto source = av::open_stream(path, AVMEDIA_TYPE_VIDEO);
    if (!source)
        return tl::unexpected(source.error());
    const AVRational base = source->stream->time_base;
    const av::Handle<AVPacket> packet(av_packet_alloc());
    std::vector<std::int64_t> times;
    while (times.size() < enough && av_read_frame(source->container.get(), packet.get()) >= 0) {
        if (packet->stream_index == source->stream->index && packet->pts != AV_NOPTS_VALUE)
            times.push_back(packet->pts);
        av_packet_unref(packet.get());
    }
    // They come in the order of decoding; those that were read last may have earlier ones still to come.
    std::sort(times.begin(), times.end());
    if (times.size() == enough)
        times.resize(enough - 32);
    std::vector<double> steps;
    for (std::size_t i = 1; i < times.size(); ++i)
        steps.push_back(static_cast<double>(times[i] - times[i - 1]) * av_q2d(base));
    const auto told = av_guess_frame_rate(source->container.get(), source->stream, nullptr);
    PictureTimes found;
    if (told.num > 0 && told.den > 0)
        found.per_second = av_q2d(told);
    if (steps.size() < 2)
        return found;
    auto sorted = steps;
    std::nth_element(sorted.begin(), sorted.begin() + static_cast<std::ptrdiff_t>(sorted.size() / 2),
                     sorted.end());
    const double usual = sorted[sorted.size() / 2];
    if (usual <= 0)
        return found;
    // Times are rounded to the file's own clock, a millisecond in many.
    const double apart = std::max(usual * quarter, 1.5 * av_q2d(base));
    const auto odd = std::count_if(steps.begin(), steps.end(),
                                   [&](double step) { return std::abs(step - usual) > apart; });
    found.variable = static_cast<double>(odd) > static_cast<double>(steps.size()) / 100;
    if (found.per_second <= 0 || std::abs(found.per_second * usual - 1) > quarter)
        found.per_second = 1 / usual;
    return found;
}

} // namespace pulsepin
