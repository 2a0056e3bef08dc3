// SPDX-License-Identifier: GPL-3.0-or-later
#include "hand/media_list.h"

#include "hand/bring_in.h"
#include "media/film_cuts.h"
#include "media/media_endings.h"

namespace pulsepin {
namespace {

void add_moments(BroughtIn& list, const std::vector<NamedMoment>& moments) {
    for (const auto& moment : moments) {
        BroughtItem item;
        item.at = moment.at;
        item.until = moment.until;
        item.name = moment.name;
        item.note = moment.note;
        list.items.push_back(std::move(item));
    }
}

} // namespace

bool is_media(const std::filesystem::path& path) {
    return ends_as(path, film_endings()) || ends_as(path, sound_endings());
}

Result<BroughtIn> list_of_media(const std::filesystem::path& path, const Progress& progress) {
    const auto moments = moments_in_file(path);
    if (!ends_as(path, film_endings())) {
        if (!moments)
            return tl::unexpected(moments.error());
        if (moments->empty())
            return fail("This file has no chapters and no cue points.", path.string(),
                        "Choose one whose moments have names, or a list of them.");
        BroughtIn list;
        list.title = path.stem().string();
        add_moments(list, *moments);
        return list;
    }
    return traces_of_film(path, progress).map([&](const std::vector<PictureTrace>& traces) {
        auto list = list_of_film(path, cuts_in(traces), length_of(traces));
        if (moments)
            add_moments(list, *moments);
        return list;
    });
}

} // namespace pulsepin
