// SPDX-License-Identifier: GPL-3.0-or-later
// For fitting only.
//   pulsepin-terms bars  OUT BEATS SOUND...   what BarModel measures on the beats of BEATS/NAME.txt (seconds)
//   pulsepin-terms grids OUT SOUND...         the candidates of each song with their terms
//   pulsepin-terms heard OUT SOUND...         what the network hears, six float32 a frame, and the flux
//   pulsepin-terms drums OUT SOUND...         what the network of drums hears, seven float32 a frame
//   pulsepin-terms hits  OUT SOUND...         of each peak in that which drum it may be of, its frame and its
//                                             signs, as float32
//   pulsepin-terms beats OUT SOUND...         what tells of each beat that was found whether it is one
//   pulsepin-terms percussive|harmonic OUT SOUND...  that part of each sound, as OUT/NAME.wav
//   pulsepin-terms sections OUT SOUND...      what speaks for a section to begin at each bar that was found
// After the word may follow --without-network. Writes OUT/NAME.json (or .f32).
#include "analysis/analyze.h"
#include "analysis/beat_refine.h"
#include "analysis/beat_sureness.h"
#include "analysis/drum_hits.h"
#include "analysis/drum_parts.h"
#include "analysis/grid_choice.h"
#include "analysis/section_starts.h"
#include "media/load_sound.h"
#include "media/sound_part.h"
#include "media/write_wav.h"

#include <algorithm>
#include <fstream>
#include <iostream>

namespace {

using namespace pulsepin;

template <class Values>
void write_list(std::ostream& out, const Values& values) {
    out << "[";
    const char* comma = "";
    for (const auto& v : values) {
        out << comma << v;
        comma = ",";
    }
    out << "]";
}

void write_bars(std::ostream& out, const Features& features, const Accents& accents,
                const std::filesystem::path& beats_file) {
    BeatTrack track;
    std::ifstream in(beats_file);
    for (double t = 0; in >> t;)
        track.push_back(Features::slow_index(Seconds(t)));
    out << "[";
    const char* comma = "";
    for (const auto& row : BarModel(features, accents).measure(track)) {
        out << comma;
        write_list(out, row);
        comma = ",\n";
    }
    out << "]\n";
}

void write_grids(std::ostream& out, const Features& features, const Accents& accents) {
    const BarModel bars(features, accents);
    const GridTermModel model(features, accents);
    out << "[";
    const char* comma = "";
    const auto write = [&](const BeatTrack& track, bool again) {
        const auto fit = bars.fit(track, std::nullopt);
        std::vector<double> times, downbeats;
        for (std::size_t i = 0; i < track.size(); ++i) {
            times.push_back(Features::slow_time(track[i]));
            if (fit.place[i] == 0)
                downbeats.push_back(times.back());
        }
        out << comma << "{\"again\":" << (again ? "true" : "false") << ",\"beats\":";
        write_list(out, times);
        out << ",\"downbeats\":";
        write_list(out, downbeats);
        out << ",\"terms\":";
        write_list(out, model.terms(track, fit));
        out << "}";
        comma = ",\n";
    };
    // Those that would be looked at again with the weights as they are, and a few more.
    std::vector<std::pair<double, BeatTrack>> scored;
    for (auto& track : grid_candidates(features, {}, {})) {
        write(track, false);
        const auto terms = model.terms(track, bars.fit(track, std::nullopt));
        const auto& weights = grid_weights(accents.with_network());
        double score = 0;
        for (std::size_t i = 0; i < terms.size(); ++i)
            score += weights[i] * terms[i];
        scored.emplace_back(-score, std::move(track));
    }
    std::stable_sort(scored.begin(), scored.end(),
                     [](const auto& a, const auto& b) { return a.first < b.first; });
    for (std::size_t i = 0; i < std::min<std::size_t>(scored.size(), 8); ++i) {
        const auto again = retracked(features, scored[i].second, {});
        if (again.size() >= 4)
            write(again, true);
    }
    out << "]\n";
}

void write_beats(std::ostream& out, FeatureSet heard) {
    const double begins =
        (static_cast<double>(heard.features.sounds_from) - static_cast<double>(silence_before_part)) /
        Features::slow_rate;
    const Features features = sounding_part(std::move(heard.features));
    const auto grids = choose_grid(features, Accents(features), {}).grids;
    if (grids.empty()) {
        out << "{}\n";
        return;
    }
    const auto refined = refine_beats(features, grids.front().beats);
    std::vector<double> times;
    for (const Seconds time : refined.times)
        times.push_back(time.value + begins);
    out << "{\"signs\":[";
    const char* comma = "";
    for (const auto& signs : beat_signs(features, grids, refined)) {
        out << comma;
        write_list(out, signs);
        comma = ",\n";
    }
    out << "],\"times\":";
    write_list(out, times);
    out << "}\n";
}

void write_sections(std::ostream& out, const FeatureSet& heard) {
    const auto found = analyze(heard);
    const auto moments = moments_of(heard.features, found && found->grid ? &*found->grid : nullptr);
    std::vector<double> times;
    out << "{\"signs\":[";
    const char* comma = "";
    for (const auto& start : possible_starts(moments)) {
        times.push_back(moments[start.moment].start.value);
        out << comma;
        write_list(out, start.signs);
        comma = ",\n";
    }
    out << "],\"times\":";
    write_list(out, times);
    out << "}\n";
}

void write_curve(std::ostream& out, const std::vector<float>& curve) {
    out.write(reinterpret_cast<const char*>(curve.data()),
              static_cast<std::streamsize>(curve.size() * sizeof(float)));
}

void write_hits(std::ostream& out, const Features& features) {
    for (std::size_t drum = 0; drum < drum_count; ++drum)
        for (const auto& hit : possible_hits(features, static_cast<Drum>(drum))) {
            std::vector<float> row{static_cast<float>(drum), static_cast<float>(hit.frame)};
            row.insert(row.end(), hit.signs.begin(), hit.signs.end());
            write_curve(out, row);
        }
}

} // namespace

int main(int argc, char** argv) {
    std::vector<std::string> words(argv + 1, argv + argc);
    const bool with_network = std::erase(words, "--without-network") == 0;
    const bool bars = !words.empty() && words[0] == "bars";
    const std::size_t first_sound = bars ? 3 : 2;
    if (words.size() <= first_sound) {
        std::cerr << "usage: pulsepin-terms bars OUT BEATS SOUND... | "
                     "grids|heard|drums|hits|beats|percussive|harmonic|sections OUT "
                     "SOUND...\n";
        return 2;
    }
    const bool with_drums = words[0] == "drums" || words[0] == "hits" || words[0] == "sections";
    for (std::size_t i = first_sound; i < words.size(); ++i) {
        const std::filesystem::path path = words[i];
        const auto target = std::filesystem::path(words[1]) / path.stem();
        const auto sound = load_sound(path);
        if (!sound) {
            std::cerr << sound.error().message() << "\n";
            return 1;
        }
        if (words[0] == "percussive" || words[0] == "harmonic") {
            const auto part = with_network ? part_by_drums(*sound->samples, words[0], "both")
                                           : sound_part(*sound->samples, {words[0]});
            if (!part || !write_wav(*part->samples, target.string() + ".wav"))
                return 1;
            continue;
        }
        const auto heard = extract_features(*sound->samples, {with_network, with_drums});
        const Features* features = &heard->features;
        if (words[0] == "heard" || words[0] == "drums" || words[0] == "hits") {
            std::ofstream out(target.string() + ".f32", std::ios::binary);
            if (words[0] == "hits")
                write_hits(out, *features);
            for (std::size_t kind = 0; words[0] == "heard" && kind < activation_count; ++kind)
                write_curve(out, features->activations.log_odds[kind]);
            for (std::size_t drum = 0; words[0] == "drums" && drum < drum_count; ++drum)
                write_curve(out, features->drums.log_odds(static_cast<Drum>(drum)));
            continue;
        }
        const Accents accents(*features);
        std::ofstream out(target.string() + ".json");
        if (bars)
            write_bars(out, *features, accents,
                       std::filesystem::path(words[2]) / (path.stem().string() + ".txt"));
        else if (words[0] == "beats")
            write_beats(out, *heard);
        else if (words[0] == "sections")
            write_sections(out, *heard);
        else
            write_grids(out, *features, accents);
    }
    return 0;
}
