// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"

#include <functional>
#include <optional>
#include <string>
#include <string_view>

namespace pulsepin {

/// A pattern with what stands for each {name} in it. Fails where a { has no }, and for names that stand for
/// nothing, with `known` as what to do.
[[nodiscard]] inline Result<std::string>
replaced(std::string_view pattern,
         const std::function<std::optional<std::string>(const std::string&)>& meaning,
         const std::string& known) {
    std::string text;
    for (std::size_t at = 0; at < pattern.size();) {
        const auto open = pattern.find('{', at);
        text += pattern.substr(at, open - at);
        if (open == std::string_view::npos)
            break;
        const auto close = pattern.find('}', open);
        if (close == std::string_view::npos)
            return fail("The pattern has a { without a }.", {}, "Close it.");
        const std::string name(pattern.substr(open + 1, close - open - 1));
        const auto meant = meaning(name);
        if (!meant)
            return fail("{" + name + "} stands for nothing.", {}, known);
        text += *meant;
        at = close + 1;
    }
    return text;
}

} // namespace pulsepin
