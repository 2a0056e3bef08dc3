// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/films_together.h"

#include "base/guarded.h"
#include "render/film_frames.h"
#include "render/shared_frames.h"

#include <algorithm>
#include <thread>

namespace pulsepin {
namespace {

/// Films of one piece whose frames are the same.
bool share_frames(const Film& a, const Film& b) {
    return !a.spec.format->picture.empty() && !b.spec.format->picture.empty() &&
           a.spec.width == b.spec.width && a.spec.height == b.spec.height && a.first == b.first &&
           a.until == b.until && a.burn == b.burn && a.bars == b.bars &&
           a.spec.transparent == b.spec.transparent;
}

} // namespace

std::vector<Result<void>> render_films(const std::vector<FilmToWrite>& films, const Progress& progress) {
    std::vector<Result<void>> outcomes(films.size());
    std::vector<bool> begun(films.size());
    std::size_t done = 0;
    for (std::size_t i = 0; i < films.size(); ++i) {
        if (begun[i])
            continue;
        std::vector<std::size_t> together;
        for (std::size_t k = i; k < films.size(); ++k)
            if (!begun[k] && (k == i || share_frames(films[i].film, films[k].film))) {
                together.push_back(k);
                begun[k] = true;
            }
        const auto share = [&](std::size_t count) {
            return static_cast<double>(count) / static_cast<double>(films.size());
        };
        const Progress own = progress.part(share(done), share(done + together.size()));
        done += together.size();
        if (together.size() == 1) {
            outcomes[i] = render_film(films[i].film, films[i].path, own);
            continue;
        }
        SharedFrames frames(order_of_film(films[i].film), together.size());
        std::vector<std::jthread> threads;
        for (std::size_t reader = 0; reader < together.size(); ++reader)
            threads.emplace_back([&, reader] {
                const auto& [film, path] = films[together[reader]];
                // The first tells how far they are: all go at one pace.
                const Progress told{reader == 0 ? own.report : [](double) {}, own.stop};
                outcomes[together[reader]] = guarded([&, &film = film, &path = path] {
                    return render_film_of(
                        film, path, [&](const Progress& p) { return frames.next(reader, p); }, told, {});
                });
                frames.leave(reader);
            });
    }
    return outcomes;
}

} // namespace pulsepin
