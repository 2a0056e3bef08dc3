// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/calm.h"

#include "session/settings.h"

#include <optional>

namespace pulsepin {
namespace {

/// Asked sixty times a second while it plays.
struct Known {
    bool desktop = false;
    std::optional<bool> calm;
};

Known& known() {
    static Known one;
    return one;
}

} // namespace

bool is_calm() {
    auto& now = known();
    if (!now.calm) {
        const QString word = setting_text("look/motion");
        now.calm = word == "calm" || (word == "system" && now.desktop);
    }
    return *now.calm;
}

void set_desktop_calm(bool calm) {
    known() = {calm, std::nullopt};
}

void look_again_whether_calm() {
    known().calm.reset();
}

} // namespace pulsepin
