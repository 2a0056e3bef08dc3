// SPDX-License-Identifier: GPL-3.0-or-later
// For fitting only.
//   pulsepin-terms bars  OUT BEATS SOUND...   what BarModel measures on the beats of BEATS/NAME.txt (seconds)
//   pulsepin-terms grids OUT SOUND...         the candidates of each song with their terms
//   pulsepin-terms heard OUT SOUND...         what the network hears, six float32 a frame, and the flux
// After the word may follow --without-network. Writes OUT/NAME.json (or .f32).
#include "analysis/beat_refine.h"
#include "analysis/grid_choice.h"
#include "media/load_sound.h"

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

} // namespace

int main(int argc, char** argv) {
    std::vector<std::string> words(argv + 1, argv + argc);
    const bool with_network = std::erase(words, "--without-network") == 0;
    const bool bars = !words.empty() && words[0] == "bars";
    const std::size_t first_sound = bars ? 3 : 2;
    if (words.size() <= first_sound) {
        std::cerr
            << "usage: pulsepin-terms bars OUT BEATS SOUND... | grids OUT SOUND... | heard OUT SOUND...\n";
        return 2;
    }
    const auto network = ActivationNetwork::built_in();
    for (std::size_t i = first_sound; i < words.size(); ++i) {
        const std::filesystem::path path = words[i];
        const auto target = std::filesystem::path(words[1]) / path.stem();
        const auto sound = load_sound(path);
        if (!sound || !network) {
            std::cerr << (sound ? network.error() : sound.error()).message() << "\n";
            return 1;
        }
        const auto features = compute_features(*sound->samples, with_network ? &*network : nullptr);
        if (words[0] == "heard") {
            std::ofstream out(target.string() + ".f32", std::ios::binary);
            for (const auto& curve : features->activations.log_odds)
                out.write(reinterpret_cast<const char*>(curve.data()),
                          static_cast<std::streamsize>(curve.size() * sizeof(float)));
            continue;
        }
        const Accents accents(*features);
        std::ofstream out(target.string() + ".json");
        if (bars)
            write_bars(out, *features, accents,
                       std::filesystem::path(words[2]) / (path.stem().string() + ".txt"));
        else
            write_grids(out, *features, accents);
    }
    return 0;
}
