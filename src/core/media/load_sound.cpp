// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/load_sound.h"

#include "media/sound_builder.h"
#include "media/sound_shelf.h"
#include "time/timecode.h"

#include <algorithm>
#include <fmt/format.h>

namespace pulsepin {
namespace {

/// The part of a block that lies within [from, until), given where the block begins.
std::span<const float> wanted_part(std::span<const float> block, std::int64_t begins, int channels,
                                   const LoadOptions& o) {
    const auto frames = static_cast<std::int64_t>(block.size()) / channels;
    const auto first = std::clamp<std::int64_t>(o.from.value - begins, 0, frames);
    const auto last =
        o.length ? std::clamp<std::int64_t>(o.from.value + o.length->value - begins, first, frames) : frames;
    return block.subspan(static_cast<std::size_t>(first * channels),
                         static_cast<std::size_t>((last - first) * channels));
}

/// Before a sound that is to begin later than its file.
Result<void> append_silence(SoundBuilder& builder, std::int64_t length, int channels) {
    constexpr std::int64_t block = 1 << 15;
    const std::vector<float> silence(static_cast<std::size_t>(block * channels), 0.0f);
    for (std::int64_t left = length; left > 0; left -= block)
        if (auto added = builder.append(
                std::span(silence).first(static_cast<std::size_t>(std::min(left, block) * channels)));
            !added)
            return added;
    return {};
}

/// Headers round, and some count the padding of coders: half a second is no loss.
Samples missing_at_end(const AudioDecoder& decoder, std::int64_t done) {
    const auto counted = decoder.counted_length().value_or(Samples(0)).value;
    const bool cut_off = counted - done > std::max(decoder.format().sample_rate / 2, counted / 200);
    return Samples(cut_off ? counted - done : 0);
}

} // namespace

Result<LoadedSound> load_sound(const std::filesystem::path& path, const Progress& progress,
                               const LoadOptions& options) {
    if (options.shelf)
        if (auto kept = shelved_sound(*options.shelf, path, options))
            return *std::move(kept);
    auto decoder = AudioDecoder::open(path, options.sample_rate);
    if (!decoder)
        return tl::unexpected(decoder.error());
    std::optional<ShelvedDraft> draft;
    if (options.shelf)
        draft = begin_shelved(*options.shelf, path, options, decoder->format(),
                              decoder->announced_length() - options.from);
    auto builder = draft
                       ? SoundBuilder::create_in(draft->descriptor(), decoder->format(), options.for_drawing)
                       : SoundBuilder::create(decoder->format(), options.for_drawing);
    if (!builder)
        return tl::unexpected(builder.error());
    if (auto added = append_silence(*builder, -options.from.value, decoder->format().channels); !added)
        return tl::unexpected(added.error());
    const auto announced = std::max<std::int64_t>(decoder->announced_length().value, 1);
    std::int64_t done = 0; // samples decoded, of one channel
    std::size_t kept = 0;
    for (;;) {
        const auto& whole_block = decoder->next_block();
        if (whole_block.empty() || (options.length && done >= options.from.value + options.length->value))
            break;
        const auto block = wanted_part(whole_block, done, decoder->format().channels, options);
        if (progress.cancelled())
            return fail_cancelled();
        if (auto added = builder->append(block); !added) {
            if (!draft)
                return tl::unexpected(added.error());
            LoadOptions elsewhere = options; // there may be room where it need not stay
            elsewhere.shelf.reset();
            draft.reset();
            return load_sound(path, progress, elsewhere);
        }
        done += static_cast<std::int64_t>(whole_block.size()) / decoder->format().channels;
        kept += block.size();
        progress.report(std::min(1.0, static_cast<double>(done) / static_cast<double>(announced)));
    }
    if (kept == 0)
        return fail("Not a single sample could be decoded.", path.string(),
                    "The file is damaged or cut off; export it again as WAV or FLAC.");
    auto sound = std::move(*builder).finish();
    if (sound) {
        if (!options.length)
            sound->missing = missing_at_end(*decoder, done);
        sound->path = path;
        sound->damaged_packets = decoder->damaged_packets();
        if (draft)
            sound->to_shelve = std::make_shared<ShelvedDraft>(*std::move(draft));
    }
    return sound;
}

std::string told_of_damage(const LoadedSound& sound) {
    const auto rate = static_cast<double>(sound.samples->format().sample_rate);
    if (sound.missing > Samples(0))
        return fmt::format("The song ends at {}, though its file counts {}: it is damaged or not whole.",
                           format_clock(sound.samples->duration()),
                           format_clock(sound.samples->duration() +
                                        Seconds(static_cast<double>(sound.missing.value) / rate)));
    return sound.damaged_packets > 0 ? "Parts of the song are damaged and were left out." : "";
}

} // namespace pulsepin
