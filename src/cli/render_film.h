// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"
#include "extent.h"

#include <string>
#include <vector>

namespace pulsepin {

struct RenderRequest {
    std::string project, out;
    std::string target; ///< empty: that of films for the web, in another kind where the name asks for one
    std::string format, size, frames, part;
    int threads = 0;
    std::vector<std::string> settings; ///< "quality=20", "draw-bar=yes": film_properties()
    std::vector<std::string> also;     ///< "TARGET=FILE": further films in the same run
    bool replace = false, quiet = false;
};
/// Renders a film, several at once, or a part of one. A part that is there already, whole, is not made again.
[[nodiscard]] Result<Extent> render_film_of(const RenderRequest& request);

struct JoinRequest {
    std::vector<std::string> parts;
    std::string out;
    bool replace = false;
};
[[nodiscard]] Result<void> join_films(const JoinRequest& request);

/// By commas.
[[nodiscard]] std::string film_target_ids();
[[nodiscard]] std::string film_format_ids();
[[nodiscard]] std::string film_shape_ids();

} // namespace pulsepin
