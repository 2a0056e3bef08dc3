// SPDX-License-Identifier: GPL-3.0-or-later
#include "play/click_sound.h"

#include <algorithm>

namespace pulsepin {

Result<std::shared_ptr<const SampleStore>> click_sound(std::vector<Click> clicks, Samples length,
                                                       std::int64_t sample_rate) {
    const ClickTrack track(std::move(clicks), sample_rate);
    SoundFormat format;
    format.sample_rate = sample_rate;
    format.channels = 2;
    auto writer = SampleStoreWriter::create(format);
    if (!writer)
        return tl::unexpected(writer.error());
    std::vector<float> block;
    for (Samples at(0); at < length; at += Samples(sample_rate)) {
        const Samples now = std::min(Samples(sample_rate), length - at);
        block.assign(static_cast<std::size_t>(2 * now.value), 0.0f);
        track.add_to(block, at, 1);
        if (auto added = writer->append(block); !added)
            return tl::unexpected(added.error());
    }
    return writer->finish();
}

} // namespace pulsepin
