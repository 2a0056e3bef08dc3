// SPDX-License-Identifier: GPL-3.0-or-later
#include "render_film.h"

#include "follow/project_sounds.h"
#include "interchange/exporters.h"
#include "interchange/outputs.h"
#include "interchange/project_file.h"
#include "interchange/project_json.h"
#include "no_such.h"
#include "project_arguments.h"
#include "render/film_properties.h"
#include "screenless.h"

#include <QString>
#include <QStringList>
#include <algorithm>
#include <fmt/core.h>
#include <iostream>
#include <tuple>

namespace pulsepin {
namespace {

/// "A-B": frames of the piece, from one up to, not including, the other.
Result<void> take_frames(const std::string& text, FilmOptions& options) {
    const auto sides = QString::fromStdString(text).split('-');
    bool first = false, until = false;
    const auto from = sides.value(0).toLongLong(&first), to = sides.value(1).toLongLong(&until);
    if (sides.size() != 2 || !first || !until || from < 0 || to <= from)
        return fail("The frames \"" + text + "\" cannot be read.", {}, "Write them as in 240-480.");
    options.first = Frames(from);
    options.until = Frames(to);
    return {};
}

Result<FilmOptions> options_of(const RenderRequest& request) {
    const auto* target = film_target(in_small_letters(request.target));
    if (!target)
        return no_such("target", request.target, film_targets(), &FilmTarget::id);
    FilmOptions options = options_of(*target);
    if (!request.format.empty()) {
        options.format = in_small_letters(request.format);
        if (!film_format(options.format))
            return no_such("kind of film", request.format, film_formats(), &FilmFormat::id);
        options.quality = -1;
    }
    if (!request.size.empty()) {
        const auto size = film_size(request.size);
        if (!size)
            return tl::unexpected(size.error());
        std::tie(options.width, options.height) = *size;
    }
    if (!request.frames.empty())
        if (auto taken = take_frames(request.frames, options); !taken)
            return tl::unexpected(taken.error());
    ParamValues values;
    for (const auto& setting : request.settings)
        if (auto set = set_from_text(values, specs_of(film_properties()), setting); !set)
            return tl::unexpected(set.error());
    set_values<FilmOptions>(options, film_properties(), values);
    if (!request.part.empty())
        options.as_one = false;
    return options;
}

Result<std::shared_ptr<const MixPlan>> sound_of(const Project& project, const Schedule& schedule) {
    if (!project.song)
        return std::shared_ptr<const MixPlan>();
    auto sounds = load_project_sounds(project, true);
    if (!sounds)
        return tl::unexpected(sounds.error());
    return std::make_shared<const MixPlan>(heard_plan(schedule, *sounds));
}

} // namespace

std::string film_target_ids() {
    return ids_of(film_targets(), &FilmTarget::id);
}

std::string film_format_ids() {
    return ids_of(film_formats(), &FilmFormat::id);
}

std::string film_shape_ids() {
    return ids_of(film_shapes(), &FilmShapeRow::id);
}

Result<void> render_film_of(const RenderRequest& request) {
    const auto options = options_of(request);
    if (!options)
        return tl::unexpected(options.error());
    const auto project = load_project(request.project);
    if (!project)
        return tl::unexpected(project.error());
    const bool parts = !request.part.empty();
    // A part that is there is looked at, and made again only where it is another.
    if (auto allowed = may_write(request.out, inputs_of(request.project, *project), request.replace || parts);
        !allowed)
        return allowed;
    const auto curves = curves_of_project(*project);
    if (!curves)
        return tl::unexpected(curves.error());
    auto sound = sound_of(*project, curves->schedule);
    if (!sound)
        return tl::unexpected(sound.error());
    const Screenless screenless;
    auto film = planned_film(*curves, *std::move(sound), *options);
    if (!film)
        return tl::unexpected(film.error());
    film->threads = request.threads;
    if (!request.quiet)
        for (const auto& told : film->told)
            std::cerr << "pulsepin-cli: " << told << "\n";
    film->replace = request.replace;
    if (auto allowed = can_render_to(*film, request.out); !parts && !allowed) {
        if (film->spec.format->numbered && !request.replace)
            allowed.error().remedy += " With --force pictures of the same names in it are replaced.";
        return allowed;
    }
    film->piece = hash_of(project_to_json(*project, "/"));
    int told = -1;
    const Progress progress{[&](double share) {
        const int percent = static_cast<int>(share * 100);
        if (!request.quiet && percent / 10 > told / 10) {
            std::cerr << fmt::format("{} %\n", percent / 10 * 10);
            told = percent;
        }
    }};
    if (!parts)
        return render_film(*film, request.out, progress);
    const auto part = part_of_text(request.part);
    if (!part)
        return tl::unexpected(part.error());
    if (!request.replace && is_part(*film, part->first, part->second, request.out)) {
        if (!request.quiet)
            std::cerr << "there already\n";
        return {};
    }
    return render_part(*film, part->first, part->second, request.out, progress);
}

Result<void> join_films(const JoinRequest& request) {
    Inputs inputs(request.parts.begin(), request.parts.end());
    if (auto allowed = may_write(request.out, inputs, request.replace); !allowed)
        return allowed;
    return join_parts(inputs, request.out);
}

} // namespace pulsepin
