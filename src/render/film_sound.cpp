// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/film_sound.h"

#include "base/whole.h"
#include "media/resampler.h"

#include <algorithm>

namespace pulsepin {
namespace {

constexpr std::size_t sound_block = 4800; // frames that are mixed at once

} // namespace

/// What is heard from the film's first frame on, at the rate that it is coded at.
class CodedFilmSound::Source {
public:
    explicit Source(const Film& film)
        : plan_(film.sound),
          resampler_(film.sound ? film.sound->sample_rate : film.spec.sample_rate, film.spec.sample_rate) {
        const auto rate = film.curves.project().settings->frame_rate;
        const double per_second =
            static_cast<double>(film.sound ? film.sound->sample_rate : film.spec.sample_rate);
        at_ = Samples(nearest_whole(rate.start_of(film.first).value * per_second));
        end_ = Samples(nearest_whole(rate.start_of(film.until).value * per_second));
        // As many samples as the film's own rate has in its length.
        left_ = nearest_whole((rate.start_of(film.until) - rate.start_of(film.first)).value *
                              static_cast<double>(film.spec.sample_rate));
    }
    /// Empty when it is over.
    [[nodiscard]] std::vector<float> next() {
        std::vector<float> out;
        while (out.empty() && at_ < end_) {
            const auto frames = std::min<std::int64_t>(sound_block, (end_ - at_).value);
            std::vector<float> stereo(static_cast<std::size_t>(2 * frames), 0.0f);
            if (plan_)
                plan_->add_to(stereo, at_);
            at_ += Samples(frames);
            out = resampler_.add(stereo);
        }
        if (out.empty() && !ended_) {
            ended_ = true;
            out = resampler_.finish();
            const auto missing = static_cast<std::size_t>(std::max<std::int64_t>(0, left_)) * 2;
            out.resize(missing, 0.0f); // a rounding of the other rate
        }
        if (static_cast<std::int64_t>(out.size() / 2) > left_)
            out.resize(static_cast<std::size_t>(2 * std::max<std::int64_t>(0, left_)));
        left_ -= static_cast<std::int64_t>(out.size() / 2);
        return out;
    }

private:
    std::shared_ptr<const MixPlan> plan_;
    Resampler resampler_;
    Samples at_, end_;
    std::int64_t left_ = 0;
    bool ended_ = false;
};

CodedFilmSound::CodedFilmSound(const Film& film, SoundCoder coder)
    : source_(std::make_unique<Source>(film)), coder_(std::move(coder)) {}
CodedFilmSound::~CodedFilmSound() = default;
CodedFilmSound::CodedFilmSound(CodedFilmSound&&) noexcept = default;
CodedFilmSound& CodedFilmSound::operator=(CodedFilmSound&&) noexcept = default;

Result<CodedFilmSound> CodedFilmSound::of(const Film& film) {
    auto coder = SoundCoder::open(film.spec);
    if (!coder)
        return tl::unexpected(coder.error());
    return CodedFilmSound(film, *std::move(coder));
}

/// The next packet, if it begins before that sample.
Result<std::optional<CodedSound>> CodedFilmSound::next_before(double sample) {
    while (ready_.empty() && !ended_) {
        const auto stereo = source_->next();
        auto coded = stereo.empty() ? coder_.finish() : coder_.add(stereo);
        if (!coded)
            return tl::unexpected(coded.error());
        ended_ = stereo.empty();
        std::move(coded->begin(), coded->end(), std::back_inserter(ready_));
    }
    if (ready_.empty() || static_cast<double>(ready_.front().at) >= sample)
        return std::optional<CodedSound>();
    std::optional<CodedSound> packet = std::move(ready_.front());
    ready_.pop_front();
    return packet;
}

} // namespace pulsepin
