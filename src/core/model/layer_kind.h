// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "params/param.h"

#include <string_view>

namespace pulsepin {

class Fields;
struct Layer;

/// A kind of layer, all of it that is not painted: one row, defined in the kind's own file (kinds/layers/).
struct LayerKindRow {
    std::string_view id;    ///< in files and on the command line
    std::string_view label; ///< also the name of a new one
    /// What can be set of one, beside its place and its effects.
    ParamSpecs parameters = {};
    /// Named in the menu of what can be added, as it is; empty: added in another way.
    std::string_view added_as = {};
    /// What a new one has; null: nothing but its name.
    void (*begin)(Layer&) = nullptr;
    /// What files keep of it besides; null: nothing.
    void (*more_fields)(Fields&, Layer&) = nullptr;
    bool drawn = false;         ///< it has a colour of its own, since it is drawn and no picture
    bool lettered = false;      ///< its text may come and go letter by letter
    bool has_clip = false;      ///< it shows a clip of the bin
    bool may_have_clip = false; ///< it may, or do without
};

/// One of the kinds there are, told by its row.
class LayerKind {
public:
    constexpr explicit LayerKind(const LayerKindRow& row) : row_(&row) {}
    constexpr const LayerKindRow* operator->() const { return row_; }
    friend constexpr bool operator==(LayerKind, LayerKind) = default;

private:
    const LayerKindRow* row_;
};

/// Those that every stage is made of; what is drawn is named in kinds/layer_kinds.h.
namespace layers {
extern const LayerKind shots, picture, camera, group;
} // namespace layers

} // namespace pulsepin
