// SPDX-License-Identifier: GPL-3.0-or-later
#include "sheets/sheet_svg.h"

#include "base/xml_text.h"

#include <cstdint>
#include <fmt/core.h>

namespace pulsepin {
namespace {

/// RFC 4648, 4.
std::string base64(std::string_view bytes) {
    constexpr std::string_view signs = "ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789+/";
    std::string text;
    text.reserve((bytes.size() + 2) / 3 * 4);
    for (std::size_t i = 0; i < bytes.size(); i += 3) {
        const auto byte = [&](std::size_t k) {
            return i + k < bytes.size() ? static_cast<std::uint32_t>(static_cast<unsigned char>(bytes[i + k]))
                                        : 0u;
        };
        const std::uint32_t three = byte(0) << 16 | byte(1) << 8 | byte(2);
        for (std::size_t k = 0; k < 4; ++k)
            text += i + k <= bytes.size() ? signs[three >> (18 - 6 * k) & 63] : '=';
    }
    return text;
}

std::string colour(Colour ink) {
    return fmt::format("#{:06x}", ink.rgb);
}

struct SvgOf {
    const PngOfClip& png_of;
    std::string operator()(const SheetText& one) const {
        return fmt::format(
            "<text x=\"{:.2f}\" y=\"{:.2f}\" font-size=\"{:.2f}\"{} fill=\"{}\"{}>{}</text>\n", one.x,
            one.baseline, one.size, one.bold ? " font-weight=\"600\"" : "", colour(one.ink),
            one.width > 0 ? fmt::format(" textLength=\"{:.2f}\" lengthAdjust=\"spacingAndGlyphs\"", one.width)
                          : std::string(),
            xml_text(one.text));
    }
    std::string operator()(const SheetLine& one) const {
        return fmt::format("<line x1=\"{:.2f}\" y1=\"{:.2f}\" x2=\"{:.2f}\" y2=\"{:.2f}\" stroke=\"{}\" "
                           "stroke-width=\"{:.2f}\"/>\n",
                           one.x1, one.y1, one.x2, one.y2, colour(one.ink), one.thickness);
    }
    std::string operator()(const SheetBox& one) const {
        return fmt::format(
            "<rect x=\"{:.2f}\" y=\"{:.2f}\" width=\"{:.2f}\" height=\"{:.2f}\" fill=\"{}\"/>\n", one.x,
            one.y, one.width, one.height, colour(one.fill));
    }
    std::string operator()(const SheetPicture& one) const {
        const std::string png = png_of ? png_of(one) : std::string();
        if (png.empty())
            return (*this)(SheetBox{one.x, one.y, one.width, one.height, {0xd8d8d8}});
        return fmt::format("<image x=\"{:.2f}\" y=\"{:.2f}\" width=\"{:.2f}\" height=\"{:.2f}\" "
                           "xlink:href=\"data:image/png;base64,{}\"/>\n",
                           one.x, one.y, one.width, one.height, base64(png));
    }
};

} // namespace

std::string svg_of_page(const Sheets& sheets, std::size_t page, const PngOfClip& png_of) {
    std::string svg = fmt::format(
        "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n<svg xmlns=\"http://www.w3.org/2000/svg\" "
        "xmlns:xlink=\"http://www.w3.org/1999/xlink\" version=\"1.1\" width=\"{:.2f}pt\" height=\"{:.2f}pt\" "
        "viewBox=\"0 0 {:.2f} {:.2f}\" font-family=\"Inter, 'DejaVu Sans', sans-serif\" "
        "xml:space=\"preserve\">\n"
        "<title>{}</title>\n<rect width=\"100%\" height=\"100%\" fill=\"#ffffff\"/>\n",
        sheets.width, sheets.height, sheets.width, sheets.height, xml_text(sheets.title));
    const SvgOf svg_of{png_of};
    for (const auto& item : sheets.pages[page].items)
        svg += std::visit(svg_of, item);
    return svg + "</svg>\n";
}

} // namespace pulsepin
