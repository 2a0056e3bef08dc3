// SPDX-License-Identifier: GPL-3.0-or-later
//
// Onsets of speech: sentences that espeak-ng speaks, which tells when each sound begins. Syllables are
// counted by their vowels (where they are heard to begin: P-centres lie near the start of the vowel, Morton,
// Marcus and Frankish, Psychological Review 83(5), 1976).
#include "analysis/analyze.h"
#include "analysis/voice.h"
#include "speech/speech.h"

#include <espeak-ng/speak_lib.h>

#include <algorithm>
#include <cmath>
#include <cstdio>
#include <cstring>
#include <map>

namespace {

using namespace pulsepin;

struct Spoken {
    std::vector<float> samples;
    std::vector<Seconds> sounds, vowels;
};

constexpr std::int64_t speech_rate = 22'050;

bool begins_with_vowel(std::string_view ipa) {
    for (const std::string_view mark : {"ˈ", "ˌ"})
        if (ipa.starts_with(mark))
            ipa.remove_prefix(mark.size());
    static const std::string_view vowels[] = {"a", "e", "i", "o", "u", "y", "ɑ", "ɐ", "ɒ",
                                              "æ", "ɔ", "ə", "ɚ", "ɛ", "ɜ", "ɪ", "ɨ", "ø",
                                              "ɵ", "œ", "ʉ", "ʊ", "ʌ", "ʏ", "ɯ", "ɤ", "ᵻ"};
    return std::ranges::any_of(vowels, [&](std::string_view vowel) { return ipa.starts_with(vowel); });
}

int take(short* samples, int count, espeak_EVENT* events) {
    auto* spoken = static_cast<Spoken*>(events->user_data);
    if (!spoken)
        return 0;
    for (int i = 0; samples && i < count; ++i)
        spoken->samples.push_back(static_cast<float>(samples[i]) / 32'768.0f);
    for (; events->type != espeakEVENT_LIST_TERMINATED; ++events) {
        char name[sizeof events->id.string + 1] = {};
        std::memcpy(name, events->id.string, sizeof events->id.string);
        if (events->type != espeakEVENT_PHONEME || name[0] == 0 || name[0] == '_')
            continue;
        const Seconds at(events->audio_position / 1000.0);
        spoken->sounds.push_back(at);
        if (begins_with_vowel(name))
            spoken->vowels.push_back(at);
    }
    return 0;
}

Spoken speak(const char* language, const char* text, int words_a_minute) {
    Spoken spoken;
    espeak_VOICE voice{};
    voice.languages = language;
    espeak_SetVoiceByProperties(&voice);
    espeak_SetParameter(espeakRATE, words_a_minute, 0);
    espeak_SetSynthCallback(take);
    espeak_Synth(text, std::strlen(text) + 1, 0, POS_CHARACTER, 0, espeakCHARS_UTF8, nullptr, &spoken);
    espeak_Synchronize();
    return spoken;
}

std::shared_ptr<const SampleStore> store_of(const std::vector<float>& samples) {
    auto writer = SampleStoreWriter::create({speech_rate, 1});
    if (!writer || !writer->append(samples))
        return nullptr;
    return writer->finish().value_or(nullptr);
}

/// Of these times, how many have one of those near, each of them once.
std::size_t met(const std::vector<Seconds>& these, const std::vector<Seconds>& those, double near) {
    std::size_t count = 0, next = 0;
    for (const Seconds time : these) {
        while (next < those.size() && those[next].value < time.value - near)
            ++next;
        if (next < those.size() && those[next].value <= time.value + near)
            ++count, ++next;
    }
    return count;
}

struct Sum {
    std::size_t syllables = 0, found = 0, near = 0, close = 0, on_a_sound = 0;
    void add(const Spoken& spoken, const std::vector<Seconds>& onsets) {
        syllables += spoken.vowels.size();
        found += onsets.size();
        near += met(spoken.vowels, onsets, 0.05);
        close += met(spoken.vowels, onsets, 0.025);
        on_a_sound += met(onsets, spoken.sounds, 0.05);
    }
};

std::vector<Seconds> times_of(const std::vector<Onset>& onsets) {
    std::vector<Seconds> times;
    for (const auto& onset : onsets)
        times.push_back(onset.time);
    return times;
}

} // namespace

int main() {
    (void)spoken_languages(); // begins the library
    const std::pair<const char*, const char*> texts[] = {
        {"en-gb", "The river carries music home again tonight. Nobody ever told me where the water goes, or "
                  "why the boats return."},
        {"en-us", "Put the kettle on and open up the window. Seventeen people were waiting at the corner of "
                  "the avenue."},
        {"de", "Wir tragen die Lieder hinaus in die Nacht. Am Morgen liegt der Nebel noch über den Feldern "
               "und Wiesen."},
        {"fr-fr",
         "La nuit descend sur la ville endormie. Personne ne sait encore où mènent les chemins de la forêt."},
        {"es",
         "La casa de mi abuela está cerca del mar. Todos los veranos corríamos descalzos por la arena."},
        {"it", "La finestra della cucina guarda sul cortile. Domani mattina partiamo per la montagna con gli "
               "amici."},
        {"pl", "Wczoraj wieczorem padał deszcz nad miastem. Dzieci czekały na autobus przed starą szkołą."},
    };
    std::map<std::string, Sum> sums;
    for (const auto& [language, text] : texts)
        for (const int speed : {110, 150, 190}) {
            const Spoken spoken = speak(language, text, speed);
            const auto sound = store_of(spoken.samples);
            const auto heard = sound ? extract_features(*sound, {true, false, false}) : fail("no sound");
            if (!heard)
                return 1;
            for (const auto& function : onset_functions()) {
                OnsetSettings settings;
                settings.function = std::string(function.id);
                sums[settings.function].add(
                    spoken, times_of(OnsetFinder(heard->features, function.id).find(settings)));
            }
            const auto starts = voice_starts(*sound, nullptr, Seconds(0), sound->duration());
            std::vector<Seconds> voice;
            for (const auto& start : starts ? *starts : std::vector<VoiceStart>())
                voice.push_back(start.time);
            sums["(starts of the voice)"].add(spoken, voice);
        }
    std::printf("| heard by | found a syllable | syllables within 50 ms | within 25 ms | found on a sound's "
                "start, 50 ms |\n"
                "| --- | --- | --- | --- | --- |\n");
    for (const auto& [name, sum] : sums) {
        const auto share = [](std::size_t a, std::size_t of) {
            return of == 0 ? 0.0 : static_cast<double>(a) / static_cast<double>(of);
        };
        std::printf("| %s | %.2f | %.3f | %.3f | %.3f |\n", name.c_str(), share(sum.found, sum.syllables),
                    share(sum.near, sum.syllables), share(sum.close, sum.syllables),
                    share(sum.on_a_sound, sum.found));
    }
    return 0;
}
