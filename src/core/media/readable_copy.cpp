// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/readable_copy.h"

#include "media/audio_decoder.h"
#include "media/film_writer.h"

#include <algorithm>
#include <cmath>
#include <optional>

namespace pulsepin {
namespace {

constexpr int quality_of_copy = 12; // of x264: no loss that is seen
constexpr int whole = 16384;        // a box that no picture is scaled down for
constexpr double longest = 86'400;  // seconds, of a clip that does not say how long it is

/// Films keep colours as they are behind their holes; pictures are multiplied by alpha.
void unmultiply(PaddedPixels& pixels) {
    for (int y = 0; y < pixels.height; ++y) {
        auto* pixel = pixels.row(y);
        for (int x = 0; x < pixels.width; ++x, pixel += 4)
            if (const unsigned alpha = pixel[3]; alpha != 0 && alpha != 255)
                for (int c = 0; c < 3; ++c)
                    pixel[c] =
                        static_cast<std::uint8_t>(std::min(255U, (pixel[c] * 255U + alpha / 2) / alpha));
    }
}

/// The sound of a clip, coded a little at a time.
class ClipSound {
public:
    static Result<std::optional<ClipSound>> of(const std::filesystem::path& path, const FilmSpec& spec) {
        auto decoder = AudioDecoder::open(path, spec.sample_rate);
        if (!decoder)
            return std::optional<ClipSound>(); // silent
        auto coder = SoundCoder::open(spec);
        if (!coder)
            return tl::unexpected(coder.error());
        return std::optional<ClipSound>(ClipSound(*std::move(decoder), *std::move(coder)));
    }

    /// As much as belongs before that sample; at the end all of it.
    Result<void> write_before(double sample, FilmFile& file) {
        while (!ended_ && static_cast<double>(at_) < sample) {
            const auto& block = decoder_.next_block();
            ended_ = block.empty();
            auto coded = ended_ ? coder_.finish() : coder_.add(in_stereo(block));
            if (!coded)
                return tl::unexpected(coded.error());
            for (const auto& packet : *coded)
                if (auto added = file.add(packet); !added)
                    return added;
        }
        return {};
    }

private:
    ClipSound(AudioDecoder decoder, SoundCoder coder)
        : decoder_(std::move(decoder)), coder_(std::move(coder)) {}

    std::span<const float> in_stereo(const std::vector<float>& block) {
        const auto channels = static_cast<std::size_t>(decoder_.format().channels);
        at_ += static_cast<std::int64_t>(block.size() / channels);
        if (channels == 2)
            return block;
        stereo_.clear();
        for (const float sample : block)
            stereo_.insert(stereo_.end(), 2, sample);
        return stereo_;
    }

    AudioDecoder decoder_;
    SoundCoder coder_;
    std::vector<float> stereo_;
    std::int64_t at_ = 0;
    bool ended_ = false;
};

} // namespace

Result<const FilmFormat*> format_of_copy(const PictureFile& clip) {
    auto reader = VideoReader::open(clip);
    if (!reader)
        return tl::unexpected(reader.error());
    const auto first = reader->picture_at(Seconds(0), 64, 64);
    if (!first)
        return tl::unexpected(first.error());
    return film_format(first->transparent ? "prores-4444" : "h264");
}

FrameRate rate_of_copy(double frames_per_second, FrameRate usual) {
    std::optional<FrameRate> next;
    for (const auto rate : common_frame_rates()) {
        if (std::abs(rate.per_second() / frames_per_second - 1) < 2e-4)
            return rate;
        if (rate.per_second() > frames_per_second && (!next || rate.per_second() < next->per_second()))
            next = rate;
    }
    return usual.per_second() >= frames_per_second ? usual : next.value_or(usual);
}

Result<void> make_readable_copy(const PictureFile& clip, const std::filesystem::path& to, FrameRate rate,
                                const Progress& progress) {
    const auto format = format_of_copy(clip);
    if (!format)
        return tl::unexpected(format.error());
    auto reader = VideoReader::open(clip);
    if (!reader)
        return tl::unexpected(reader.error());
    FilmSpec spec;
    spec.format = *format;
    spec.width = reader->info().width / 2 * 2;
    spec.height = reader->info().height / 2 * 2;
    spec.rate = rate;
    spec.quality = quality_of_copy;
    spec.transparent = spec.format->alpha;
    spec.as_one = true;
    spec.sample_rate = coded_rate(*spec.format, 48'000);
    auto sound = ClipSound::of(clip.path, spec);
    if (!sound)
        return tl::unexpected(sound.error());
    auto file = FilmFile::create(to, spec, sound->has_value());
    if (!file)
        return tl::unexpected(file.error());
    auto coder = PictureCoder::open(spec);
    if (!coder)
        return tl::unexpected(coder.error());
    const double samples_per_frame = static_cast<double>(spec.sample_rate) / rate.per_second();
    const auto write = [&](const Result<std::vector<CodedPicture>>& pictures) -> Result<void> {
        if (!pictures)
            return tl::unexpected(pictures.error());
        for (const auto& picture : *pictures) {
            if (*sound)
                if (auto heard =
                        (*sound)->write_before(static_cast<double>(picture.shown) * samples_per_frame, *file);
                    !heard)
                    return heard;
            if (auto added = file->add(picture, Frames(0)); !added)
                return added;
        }
        return {};
    };
    const double length = reader->info().duration.value > 0 ? reader->info().duration.value : longest;
    for (Frames frame(0);; frame += Frames(1)) {
        if (progress.cancelled())
            return fail_cancelled();
        const Seconds time = rate.start_of(frame);
        auto picture = reader->picture_at(time, whole, whole);
        if (!picture)
            return tl::unexpected(picture.error());
        // The last picture of a clip is shown for as long as it is asked for.
        if (frame > Frames(0) && (picture->until <= time || time.value > longest))
            break;
        if (picture->pixels.width < spec.width || picture->pixels.height < spec.height)
            return fail("The pictures in this file are not of one size.", clip.path.string(),
                        "Convert it with another program.");
        if (picture->transparent)
            unmultiply(picture->pixels);
        if (auto written = write(
                coder->add(picture->pixels.bytes.data(), static_cast<std::int64_t>(picture->pixels.stride)));
            !written)
            return written;
        progress.report(std::min(time.value / length, 1.0));
    }
    if (auto written = write(coder->finish()); !written)
        return written;
    if (*sound)
        if (auto heard = (*sound)->write_before(1e18, *file); !heard)
            return heard;
    return file->finish();
}

} // namespace pulsepin
