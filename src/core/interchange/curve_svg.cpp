// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/curve_svg.h"

#include "base/xml_text.h"
#include "interchange/property_keys.h"
#include "schedule/piece_length.h"

#include <algorithm>
#include <fmt/core.h>

namespace pulsepin {

Result<std::string> write_curve_svg(const ExportMaterial& material) {
    const auto properties = frames_of_properties(material.curves);
    if (properties.empty())
        return fail("There are no curves to write.", {},
                    "Place pulses or keys on a lane, or let one follow the music, first.");
    double least = 0, most = 1;
    std::string paths;
    for (const auto& property : properties) {
        const auto [low, high] = std::ranges::minmax_element(property.keys, {}, &CurveKey::value);
        least = std::min(least, low->value);
        most = std::max(most, high->value);
        const double fine = std::max((high->value - low->value) / 1000, 1e-9);
        std::string path;
        for (const auto& key : simplified(property.keys, fine).keys)
            path += fmt::format("{}{} {:.6g}", path.empty() ? "M" : " L", key.frame.value,
                                key.value == 0 ? 0.0 : -key.value); // SVG counts downwards
        paths +=
            fmt::format("<path d=\"{}\" fill=\"none\" stroke=\"black\" vector-effect=\"non-scaling-stroke\">"
                        "<title>{}</title></path>\n",
                        path, xml_text(property.lane + ": " + property.property));
    }
    const auto frames = piece_length(material.project).value;
    return fmt::format(
               "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n<svg xmlns=\"http://www.w3.org/2000/svg\" "
               "viewBox=\"0 {:.6g} {} {:.6g}\" preserveAspectRatio=\"none\">\n<title>{}</title>\n",
               -most, frames, most - least, xml_text(material.project.settings->title)) +
           paths + "</svg>\n";
}

} // namespace pulsepin
