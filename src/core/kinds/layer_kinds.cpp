// SPDX-License-Identifier: GPL-3.0-or-later
#include "kinds/layer_kinds.h"

#include <algorithm>

namespace pulsepin {

std::optional<LayerKind> layer_kind_by_id(std::string_view id) {
    const auto kinds = layer_kinds();
    const auto found = std::ranges::find_if(kinds, [id](LayerKind kind) { return kind->id == id; });
    return found == kinds.end() ? std::nullopt : std::optional(*found);
}

Layer new_layer(LayerKind kind) {
    Layer layer{{}, kind, std::string(kind->label)};
    if (kind->begin)
        kind->begin(layer);
    return layer;
}

} // namespace pulsepin
