// SPDX-License-Identifier: GPL-3.0-or-later
//
// How many words are laid within 60 ms of where they begin: sentences that espeak-ng speaks, mixed into the
// demo's song at six places and two levels. espeak-ng tells when each word begins; the first and the last are
// given.
#include "analysis/voice.h"
#include "media/load_sound.h"
#include "speech/speech.h"
#include "words/lay_words.h"

#include <espeak-ng/speak_lib.h>

#include <cmath>
#include <cstdio>
#include <cstring>
#include <iterator>
#include <sstream>

namespace {

using namespace pulsepin;

struct Spoken {
    std::vector<short> samples;
    std::vector<Seconds> starts;
};

constexpr double speech_rate = 22'050;

int take(short* samples, int count, espeak_EVENT* events) {
    auto* spoken = static_cast<Spoken*>(events->user_data);
    if (samples && spoken)
        spoken->samples.insert(spoken->samples.end(), samples, samples + count);
    for (; spoken && events->type != espeakEVENT_LIST_TERMINATED; ++events)
        if (events->type == espeakEVENT_WORD)
            spoken->starts.emplace_back(events->audio_position / 1000.0);
    return 0;
}

Spoken speak(const char* language, const char* text) {
    Spoken spoken;
    espeak_VOICE voice{};
    voice.languages = language;
    espeak_SetVoiceByProperties(&voice);
    espeak_SetParameter(espeakRATE, 130, 0);
    espeak_SetSynthCallback(take);
    espeak_Synth(text, std::strlen(text) + 1, 0, POS_CHARACTER, 0, espeakCHARS_UTF8, nullptr, &spoken);
    espeak_Synchronize();
    return spoken;
}

std::shared_ptr<const SampleStore> mixed(const SampleStore& song, const Spoken& spoken, Seconds at,
                                         float gain) {
    const auto all = song.interleaved();
    std::vector<float> mix(all.begin(), all.end());
    const auto channels = static_cast<std::size_t>(song.format().channels);
    const double rate = static_cast<double>(song.format().sample_rate);
    const auto from = static_cast<std::size_t>(at.value * rate);
    for (std::size_t i = 0;; ++i) {
        const double place = static_cast<double>(i) * speech_rate / rate;
        const auto k = static_cast<std::size_t>(place);
        if (k + 1 >= spoken.samples.size() || (from + i + 1) * channels > mix.size())
            break;
        const double share = place - static_cast<double>(k);
        const double sample = spoken.samples[k] * (1 - share) + spoken.samples[k + 1] * share;
        for (std::size_t c = 0; c < channels; ++c)
            mix[(from + i) * channels + c] += gain * static_cast<float>(sample / 32'768);
    }
    auto writer = SampleStoreWriter::create(song.format());
    if (!writer || !writer->append(mix))
        return nullptr;
    return writer->finish().value_or(nullptr);
}

} // namespace

int main() {
    const auto song = load_sound(PULSEPIN_DEMO "/over-the-levee.opus", {}, {0, Samples(0), {}, false});
    const auto grid = BeatGrid::steady(Bpm(118), Seconds(0.4), {4, 4}, Seconds(66));
    if (!song || !grid)
        return 1;
    (void)spoken_languages(); // begins the library
    const std::pair<const char*, const char*> sentences[] = {
        {"en-gb", "the river carries music home again tonight"},
        {"en-us", "nobody ever told me where the water goes"},
        {"de", "wir tragen die Lieder hinaus in die Nacht"},
        {"fr-fr", "la nuit descend sur la ville endormie"}};
    std::printf("| sentence | words laid | within 60 ms |\n| --- | --- | --- |\n");
    for (const auto& [language, text] : sentences) {
        const Spoken spoken = speak(language, text);
        std::istringstream cut(text);
        std::vector<std::string> words{std::istream_iterator<std::string>(cut), {}};
        const std::size_t count = std::min(words.size(), spoken.starts.size());
        std::vector<int> syllables;
        for (std::size_t i = 0; i + 1 < count; ++i)
            syllables.push_back(syllables_of(words[i], language));
        std::size_t laid = 0, near = 0;
        for (const double at : {17.0, 20.0, 28.0, 33.0, 52.0, 55.0})
            for (const float gain : {0.6f, 0.3f}) {
                const auto sound = mixed(*song->samples, spoken, Seconds(at), gain);
                const Seconds first = Seconds(at) + spoken.starts[0],
                              last = Seconds(at) + spoken.starts[count - 1];
                const auto starts = sound ? voice_starts(*sound, &*grid, first, last)
                                          : Result<std::vector<VoiceStart>>(fail("no sound"));
                if (!starts)
                    return 1;
                std::vector<VoiceOnset> onsets;
                for (const auto& start : *starts)
                    onsets.push_back({start.time, start.strength});
                const auto times = lay_words(first, last, syllables, onsets);
                for (std::size_t i = 0; i < times.size(); ++i)
                    near += std::abs((times[i] - Seconds(at) - spoken.starts[i + 1]).value) < 0.06;
                laid += times.size();
            }
        std::printf("| %s: %s | %zu | %zu |\n", language, text, laid, near);
    }
    return 0;
}
