// SPDX-License-Identifier: GPL-3.0-or-later
#include "follow/listening.h"

#include "analysis/drum_parts.h"

#include <algorithm>
#include <numeric>

namespace pulsepin {

namespace {

/// Drums are known by what is struck; sides and bands by arithmetic alone.
Result<LoadedSound> taken_out(const SampleStore& sound, const SoundPartSpec& spec, const Progress& progress) {
    if (spec.part == "whole" || spec.part == "vocal")
        return sound_part(sound, spec, progress);
    const bool band = spec.from_hz > 0 || spec.until_hz > 0;
    auto part = part_by_drums(sound, spec.part, spec.side, progress.part(0, band ? 0.8 : 1));
    if (!part || !band)
        return part;
    return sound_part(*part->samples, {"whole", "both", spec.from_hz, spec.until_hz}, progress.part(0.8, 1));
}

} // namespace

void Listening::Kept::keep(LoadedSound made) {
    bytes = static_cast<std::int64_t>(made.samples->interleaved().size_bytes());
    sound = std::make_shared<const LoadedSound>(std::move(made));
}

std::shared_ptr<Listening::Kept> Listening::kept(const std::string& key) {
    const std::lock_guard lock(mutex_);
    const auto found =
        std::find_if(kept_.begin(), kept_.end(), [&](const auto& one) { return one->key == key; });
    std::shared_ptr<Kept> one;
    if (found != kept_.end()) {
        one = *found;
        kept_.erase(found);
    } else {
        one = std::make_shared<Kept>();
        one->key = key;
    }
    kept_.push_back(one);
    const auto bytes = [this] {
        return std::accumulate(kept_.begin(), kept_.end(), std::int64_t{0},
                               [](std::int64_t sum, const auto& other) { return sum + other->bytes; });
    };
    while (kept_.size() > most || (kept_.size() > 2 && bytes() > most_bytes))
        kept_.pop_front(); // whoever still reads it holds it
    return one;
}

Result<Listening::Sound> Listening::base(const SoundRecipe& recipe, const Progress& progress) {
    if (recipe.samples) {
        LoadedSound whole;
        whole.samples = recipe.samples;
        whole.fingerprint = recipe.base_key;
        return std::make_shared<const LoadedSound>(std::move(whole));
    }
    const auto one = kept(recipe.base_key);
    const std::lock_guard lock(one->making);
    if (!one->sound) {
        auto mixed = mix_down(recipe.plan, progress);
        if (!mixed)
            return tl::unexpected(mixed.error());
        one->keep(*std::move(mixed));
    }
    return one->sound;
}

Result<Listening::Sound> Listening::sound(const SoundRecipe& recipe, const Progress& progress) {
    auto whole = base(recipe, progress.part(0, recipe.part.is_all() ? 1 : 0.2));
    if (!whole || recipe.part.is_all())
        return whole;
    const auto one = kept(recipe.key);
    const std::lock_guard lock(one->making);
    if (!one->sound) {
        auto part = taken_out(*(*whole)->samples, recipe.part, progress.part(0.2, 1));
        if (!part)
            return tl::unexpected(part.error());
        one->keep(*std::move(part));
    }
    return one->sound;
}

Result<std::shared_ptr<const LevelTrack>> Listening::level(const SoundRecipe& recipe, const LevelSpec& spec,
                                                           const Progress& progress) {
    std::shared_ptr<LevelTracks> tracks;
    {
        const std::lock_guard lock(mutex_);
        auto& mine = levels_[recipe.base_key];
        if (!mine)
            mine = shelf_ ? std::make_shared<LevelTracks>(shelf_(recipe.base_key))
                          : std::make_shared<LevelTracks>();
        tracks = mine;
    }
    return tracks->of(
        spec,
        [&](const Progress& p) -> Result<LevelTrack> {
            if (spec.part == "whole") {
                const auto whole = base(recipe, p.part(0, 0.5));
                if (!whole)
                    return tl::unexpected(whole.error());
                return measure_level(*(*whole)->samples, spec, p.part(0.5, 1));
            }
            const auto made = sound(part_of(recipe, {spec.part, spec.channel}), p.part(0, 0.7));
            if (!made)
                return tl::unexpected(made.error());
            LevelSpec of_part = spec;
            of_part.part = "whole";
            of_part.channel = "both";
            return measure_level(*(*made)->samples, of_part, p.part(0.7, 1));
        },
        progress);
}

} // namespace pulsepin
