// SPDX-License-Identifier: GPL-3.0-or-later
#include "speech/speech.h"

#include <espeak-ng/speak_lib.h>

#include <algorithm>
#include <array>
#include <cstring>
#include <mutex>

namespace pulsepin {
namespace {

/// The library is one for the whole process and may be used by one thread at a time.
std::mutex& library_mutex() {
    static std::mutex mutex;
    return mutex;
}

bool library_there() {
    static const bool there =
        espeak_Initialize(AUDIO_OUTPUT_SYNCHRONOUS, 0, nullptr,
                          espeakINITIALIZE_PHONEME_EVENTS | espeakINITIALIZE_PHONEME_IPA |
                              espeakINITIALIZE_DONT_EXIT) > 0;
    return there;
}

struct Heard {
    struct At {
        std::string ipa;
        double ms;
    };
    std::vector<At> sounds;
    double end = 0;
};

int take_events(short* samples, int count, espeak_EVENT* events) {
    (void)samples;
    (void)count;
    for (; events->type != espeakEVENT_LIST_TERMINATED; ++events) {
        auto* heard = static_cast<Heard*>(events->user_data);
        if (!heard)
            continue;
        if (events->type == espeakEVENT_PHONEME) {
            char name[sizeof events->id.string + 1] = {}; // the library leaves out the end of full ones
            std::memcpy(name, events->id.string, sizeof events->id.string);
            heard->sounds.push_back({name, static_cast<double>(events->audio_position)});
        }
        heard->end = std::max(heard->end, static_cast<double>(events->audio_position));
    }
    return 0;
}

std::string without_marks(std::string ipa) {
    for (const std::string_view mark : {"ˈ", "ˌ", "_"}) // stress, and what parts sounds
        for (auto at = ipa.find(mark); at != std::string::npos; at = ipa.find(mark))
            ipa.erase(at, mark.size());
    return ipa;
}

/// By the letters that the International Phonetic Alphabet has for vowels.
bool is_vowel(std::string_view ipa) {
    static constexpr std::array<std::string_view, 31> vowels{
        "a", "e", "i", "o", "u", "y", "ɑ", "ɐ", "ɒ", "æ", "ɔ", "ə", "ɘ", "ɚ", "ɛ", "ɜ",
        "ɝ", "ɞ", "ɪ", "ɨ", "ø", "ɵ", "œ", "ɶ", "ʉ", "ʊ", "ʌ", "ʏ", "ɯ", "ɤ", "ᵻ"};
    return std::any_of(vowels.begin(), vowels.end(),
                       [&](std::string_view vowel) { return ipa.starts_with(vowel); });
}

int written_syllables(std::string_view word) {
    int count = 0;
    bool in_vowels = false;
    for (const char letter : word) {
        const bool vowel = std::string_view("aeiouyAEIOUY").find(letter) != std::string_view::npos;
        count += vowel && !in_vowels;
        in_vowels = vowel;
    }
    return std::max(1, count);
}

} // namespace

Result<std::vector<SpokenSound>> sounds_of_word(const std::string& word, const std::string& language) {
    const std::lock_guard held(library_mutex());
    if (!library_there())
        return fail("How words sound cannot be told: the data of espeak-ng is not there.", {},
                    "Install the package espeak-ng-data.");
    espeak_VOICE wanted{};
    wanted.languages = language.c_str();
    if (espeak_SetVoiceByProperties(&wanted) != EE_OK)
        return fail("There are no rules for how \"" + language + "\" sounds.", {},
                    "Choose another language.");
    espeak_SetSynthCallback(take_events);
    Heard heard;
    espeak_Synth(word.c_str(), word.size() + 1, 0, POS_CHARACTER, 0, espeakCHARS_UTF8, nullptr, &heard);
    espeak_Synchronize();
    // The last one is the silence behind the word.
    double end = heard.end;
    while (!heard.sounds.empty() && without_marks(heard.sounds.back().ipa).empty()) {
        end = heard.sounds.back().ms;
        heard.sounds.pop_back();
    }
    std::vector<SpokenSound> sounds;
    if (heard.sounds.empty())
        return sounds;
    const double begin = heard.sounds.front().ms, length = std::max(1.0, end - begin);
    for (std::size_t i = 0; i < heard.sounds.size(); ++i) {
        const std::string ipa = without_marks(heard.sounds[i].ipa);
        const double until = i + 1 < heard.sounds.size() ? heard.sounds[i + 1].ms : end;
        if (ipa.empty() || until <= heard.sounds[i].ms)
            continue;
        sounds.push_back(
            {ipa, is_vowel(ipa), (heard.sounds[i].ms - begin) / length, (until - begin) / length});
    }
    return sounds;
}

int syllables_of(const std::string& word, const std::string& language) {
    const auto sounds = sounds_of_word(word, language);
    if (!sounds)
        return written_syllables(word);
    const auto vowels =
        std::count_if(sounds->begin(), sounds->end(), [](const SpokenSound& one) { return one.vowel; });
    return std::max(1, static_cast<int>(vowels));
}

std::vector<SpokenLanguage> spoken_languages() {
    const std::lock_guard held(library_mutex());
    std::vector<SpokenLanguage> languages;
    if (!library_there())
        return languages;
    for (const auto** voice = const_cast<const espeak_VOICE**>(espeak_ListVoices(nullptr)); *voice; ++voice)
        if ((*voice)->languages && (*voice)->languages[0] != 0)
            languages.push_back({(*voice)->languages + 1, (*voice)->name ? (*voice)->name : ""});
    std::sort(languages.begin(), languages.end(),
              [](const SpokenLanguage& a, const SpokenLanguage& b) { return a.name < b.name; });
    return languages;
}

} // namespace pulsepin
