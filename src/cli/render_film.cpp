// SPDX-License-Identifier: GPL-3.0-or-later
#include "render_film.h"

#include "base/file_ending.h"
#include "base/heap.h"
#include "follow/project_sounds.h"
#include "interchange/exporters.h"
#include "interchange/outputs.h"
#include "interchange/project_file.h"
#include "interchange/project_json.h"
#include "no_such.h"
#include "project_arguments.h"
#include "render/film_properties.h"
#include "render/films_together.h"
#include "screenless.h"

#include <QString>
#include <QStringList>
#include <algorithm>
#include <fmt/core.h>
#include <iostream>
#include <tuple>
#include <unistd.h>

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
    const bool told = !request.target.empty();
    const auto* target = film_target(told ? in_small_letters(request.target) : "web");
    if (!target)
        return no_such("target", request.target, film_targets(), &FilmTarget::id);
    FilmOptions options = options_of(*target);
    // A part has any name; what it is a part of is not told by that.
    const auto* named = request.part.empty() ? film_format_of_ending(file_ending(request.out)) : nullptr;
    if (!told && named && named->extension != film_format(options.format)->extension) {
        options.format = named->id;
        options.quality = -1;
    }
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

namespace {

/// On a terminal a bar that grows; elsewhere a line every tenth.
class ProgressShown {
public:
    explicit ProgressShown(bool quiet) : quiet_(quiet), terminal_(isatty(STDERR_FILENO) != 0) {}
    ~ProgressShown() {
        if (terminal_ && told_ >= 0)
            std::cerr << "\n";
    }
    ProgressShown(const ProgressShown&) = delete;
    ProgressShown& operator=(const ProgressShown&) = delete;
    void show(double share) {
        const int percent = static_cast<int>(share * 100), step = terminal_ ? 1 : 10;
        if (quiet_ || percent / step <= told_)
            return;
        told_ = percent / step;
        if (terminal_)
            std::cerr << fmt::format("\r[{:<40}] {:3} %",
                                     std::string(static_cast<std::size_t>(percent * 2 / 5), '='), percent)
                      << std::flush;
        else
            std::cerr << fmt::format("{} %\n", percent / 10 * 10);
    }

private:
    bool quiet_, terminal_;
    int told_ = -1;
};

struct Rendering {
    const RenderRequest& request;
    const Project& project;
    const Curves& curves;
    std::shared_ptr<const MixPlan> sound;

    /// What is made, where it may be written.
    [[nodiscard]] Result<Film> film(const FilmOptions& options, const std::string& out) const {
        const bool parts = !request.part.empty();
        // A part that is there is looked at, and made again only where it is another.
        if (auto allowed = may_write(out, inputs_of(request.project, project), request.replace || parts);
            !allowed)
            return tl::unexpected(allowed.error());
        auto film = planned_film(curves, sound, options);
        if (!film)
            return film;
        film->threads = request.threads;
        if (!request.quiet)
            for (const auto& told : film->told)
                std::cerr << "pulsepin-cli: " << told << "\n";
        film->replace = request.replace;
        if (auto allowed = can_render_to(*film, out); !parts && !allowed) {
            if (film->spec.format->numbered && !request.replace)
                allowed.error().remedy += " With --force pictures of the same names in it are replaced.";
            return tl::unexpected(allowed.error());
        }
        film->piece = hash_of(project_to_json(project, "/"));
        return film;
    }
};

/// "TARGET=FILE" or "FORMAT=FILE": the same film for something else.
Result<std::pair<FilmOptions, std::string>> also_told(const RenderRequest& request, const std::string& told) {
    const auto equals = told.find('=');
    RenderRequest one = request;
    const std::string name = in_small_letters(told.substr(0, equals));
    if (equals == std::string::npos || equals + 1 == told.size())
        return fail("\"" + told + "\" names no film.", {}, "Write TARGET=FILE, as in archive=piece.mkv.");
    if (film_target(name)) {
        one.target = name;
        one.format.clear();
        one.size.clear();
    } else if (film_format(name))
        one.format = name;
    else
        return no_such("target", name, film_targets(), &FilmTarget::id);
    return options_of(one).map(
        [&](const FilmOptions& options) { return std::pair(options, told.substr(equals + 1)); });
}

Result<Extent> render_several(const Rendering& rendering, FilmToWrite first, ProgressShown& shown) {
    std::vector<FilmToWrite> films{std::move(first)};
    for (const auto& told : rendering.request.also) {
        const auto also = also_told(rendering.request, told);
        if (!also)
            return tl::unexpected(also.error());
        auto film = rendering.film(also->first, also->second);
        if (!film)
            return tl::unexpected(film.error());
        for (const auto& other : films)
            if (other.path == std::filesystem::path(also->second))
                return fail("Two films cannot have one name.", also->second, "Name each otherwise.");
        films.push_back({*std::move(film), also->second});
    }
    std::size_t done = 0;
    const auto outcomes = render_films(films, {[&](double share) { shown.show(share); }});
    for (const auto& outcome : outcomes)
        if (outcome)
            ++done;
        else
            std::cerr << "pulsepin-cli: " << outcome.error().message() << "\n";
    if (done == 0)
        return fail("No film was made.");
    return done == films.size() ? Extent::All : Extent::Some;
}

} // namespace

Result<Extent> render_film_of(const RenderRequest& request) {
    keep_blocks_of_pictures();
    const auto options = options_of(request);
    if (!options)
        return tl::unexpected(options.error());
    const auto project = load_project(request.project);
    if (!project)
        return tl::unexpected(project.error());
    if (!request.also.empty() && !request.part.empty())
        return fail("Parts are made of one film at a time.", {}, "Leave --also or --part out.");
    const auto curves = curves_of_project(*project);
    if (!curves)
        return tl::unexpected(curves.error());
    auto sound = sound_of(*project, curves->schedule);
    if (!sound)
        return tl::unexpected(sound.error());
    const Screenless screenless;
    const Rendering rendering{request, *project, *curves, *std::move(sound)};
    auto film = rendering.film(*options, request.out);
    if (!film)
        return tl::unexpected(film.error());
    ProgressShown shown(request.quiet);
    const Progress progress{[&](double share) { shown.show(share); }};
    const auto all = [] { return Extent::All; };
    if (!request.also.empty())
        return render_several(rendering, {*std::move(film), request.out}, shown);
    if (request.part.empty())
        return render_film(*film, request.out, progress).map(all);
    const auto part = part_of_text(request.part);
    if (!part)
        return tl::unexpected(part.error());
    if (!request.replace && is_part(*film, part->first, part->second, request.out)) {
        if (!request.quiet)
            std::cerr << "there already\n";
        return Extent::All;
    }
    return render_part(*film, part->first, part->second, request.out, progress).map(all);
}

Result<void> join_films(const JoinRequest& request) {
    Inputs inputs(request.parts.begin(), request.parts.end());
    if (auto allowed = may_write(request.out, inputs, request.replace); !allowed)
        return allowed;
    return join_parts(inputs, request.out);
}

} // namespace pulsepin
