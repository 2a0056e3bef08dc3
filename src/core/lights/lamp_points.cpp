// SPDX-License-Identifier: GPL-3.0-or-later
#include "lights/lamp_points.h"

#include "base/file_ending.h"
#include "base/table_text.h"
#include "base/text_file.h"

#include <algorithm>
#include <array>
#include <charconv>
#include <cmath>
#include <fmt/core.h>
#include <optional>
#include <pugixml.hpp>

namespace pulsepin {
namespace {

constexpr std::size_t most_lamps = 20'000;
constexpr double farthest = 1e7; // units of a file
constexpr int deepest = 200;     // groups in groups

std::optional<double> number_of(std::string_view text) {
    const std::string bare = without_blanks(text);
    double value = 0;
    const char* end = bare.data() + bare.size();
    const auto [read, error] = std::from_chars(bare.data() + (bare.starts_with('+') ? 1 : 0), end, value);
    if (error != std::errc() || bare.empty() || !std::isfinite(value) || std::abs(value) > farthest)
        return std::nullopt;
    // A length may be followed by its unit, which is that of all others: "12px".
    return std::all_of(read, end,
                       [](char c) { return std::isalpha(static_cast<unsigned char>(c)) || c == '%'; })
               ? std::optional(value)
               : std::nullopt;
}

/// All numbers of a text, whatever stands between them.
std::vector<double> numbers_in(std::string_view text) {
    std::vector<double> numbers;
    const char *at = text.data(), *end = at + text.size();
    while (at != end) {
        double value = 0;
        const auto [next, error] = std::from_chars(at, end, value);
        if (error == std::errc() && std::isfinite(value)) {
            numbers.push_back(std::clamp(value, -farthest, farthest));
            at = next;
        } else {
            ++at;
        }
    }
    return numbers;
}

/// As SVG has it: a b c d e f (SVG 1.1, 7.4).
struct Matrix {
    double a = 1, b = 0, c = 0, d = 1, e = 0, f = 0;
    [[nodiscard]] LampPoint of(double x, double y) const { return {a * x + c * y + e, b * x + d * y + f}; }
    [[nodiscard]] Matrix then_inner(const Matrix& m) const {
        return {a * m.a + c * m.b, b * m.a + d * m.b,     a * m.c + c * m.d,
                b * m.c + d * m.d, a * m.e + c * m.f + e, b * m.e + d * m.f + f};
    }
};

Matrix matrix_of(std::string_view name, const std::vector<double>& n) {
    constexpr double degree = 3.14159265358979323846 / 180;
    if (name == "translate" && !n.empty())
        return {1, 0, 0, 1, n[0], n.size() > 1 ? n[1] : 0};
    if (name == "scale" && !n.empty())
        return {n[0], 0, 0, n.size() > 1 ? n[1] : n[0], 0, 0};
    if (name == "matrix" && n.size() == 6)
        return {n[0], n[1], n[2], n[3], n[4], n[5]};
    if (name == "rotate" && !n.empty()) {
        const double sine = std::sin(n[0] * degree), cosine = std::cos(n[0] * degree);
        const Matrix turned{cosine, sine, -sine, cosine, 0, 0};
        if (n.size() < 3)
            return turned;
        return Matrix{1, 0, 0, 1, n[1], n[2]}.then_inner(turned).then_inner({1, 0, 0, 1, -n[1], -n[2]});
    }
    return {};
}

Matrix transform_of(pugi::xml_node node) {
    Matrix matrix;
    std::string_view text = node.attribute("transform").value();
    while (true) {
        const auto open = text.find('('), close = text.find(')', open);
        if (open == std::string_view::npos || close == std::string_view::npos)
            return matrix;
        std::string name;
        for (const char c : text.substr(0, open))
            if (std::isalpha(static_cast<unsigned char>(c)))
                name += c;
        matrix = matrix.then_inner(matrix_of(name, numbers_in(text.substr(open + 1, close - open - 1))));
        text.remove_prefix(close + 1);
    }
}

class Drawing {
public:
    Result<void> read(pugi::xml_node node, const Matrix& around, int depth = 0) {
        if (depth > deepest)
            return fail("The drawing has groups in groups without end.", {}, "Ungroup some of them.");
        const std::string_view name = node.name();
        if (name == "defs" || name == "clipPath" || name == "mask" || name == "symbol")
            return {};
        const Matrix matrix = around.then_inner(transform_of(node));
        if (auto taken = take(node, name, matrix); !taken)
            return taken;
        for (const auto child : node.children())
            if (auto taken = read(child, matrix, depth + 1); !taken)
                return taken;
        return {};
    }
    std::vector<LampPoint> points;

private:
    Result<double> length(pugi::xml_node node, const char* attribute) {
        const std::string_view text = node.attribute(attribute).value();
        if (text.empty())
            return 0.0;
        const auto value = number_of(text);
        if (!value)
            return fail(fmt::format("\"{}\" of a {} is no number: \"{}\".", attribute, node.name(), text), {},
                        "Save the drawing as plain SVG.");
        return *value;
    }
    Result<void> add(pugi::xml_node node, const Matrix& matrix, const char* x, const char* y,
                     double half_x = 0, double half_y = 0) {
        const auto at_x = length(node, x), at_y = length(node, y);
        if (!at_x || !at_y)
            return tl::unexpected(!at_x ? at_x.error() : at_y.error());
        points.push_back(matrix.of(*at_x + half_x, *at_y + half_y));
        return {};
    }
    Result<void> take(pugi::xml_node node, std::string_view name, const Matrix& matrix) {
        if (name == "circle" || name == "ellipse")
            return add(node, matrix, "cx", "cy");
        if (name == "rect") {
            const auto width = length(node, "width"), height = length(node, "height");
            if (!width || !height)
                return tl::unexpected(!width ? width.error() : height.error());
            return add(node, matrix, "x", "y", *width / 2, *height / 2);
        }
        if (name == "line") {
            if (auto first = add(node, matrix, "x1", "y1"); !first)
                return first;
            return add(node, matrix, "x2", "y2");
        }
        if (name == "polyline" || name == "polygon") {
            const auto numbers = numbers_in(node.attribute("points").value());
            for (std::size_t i = 0; i + 1 < numbers.size(); i += 2)
                points.push_back(matrix.of(numbers[i], numbers[i + 1]));
        }
        return {};
    }
};

Result<std::vector<LampPoint>> some(std::vector<LampPoint> points) {
    if (points.empty())
        return fail("There are no lamps in it.", {},
                    "Write a column of x and one of y, or draw a circle for each lamp.");
    if (points.size() > most_lamps)
        return fail(fmt::format("It has {} lamps; {} is the most.", points.size(), most_lamps), {},
                    "Divide it into several props.");
    return points;
}

} // namespace

Result<std::vector<LampPoint>> lamp_points_of_csv(std::string_view text) {
    std::vector<LampPoint> points;
    bool first = true;
    for (const auto& row : table_rows(text, guessed_separator(text))) {
        const auto x = row.cells.size() < 2 ? std::nullopt : number_of(row.cells[0]);
        const auto y = row.cells.size() < 2 ? std::nullopt : number_of(row.cells[1]);
        if (!x || !y) {
            if (!std::exchange(first, false))
                return fail(fmt::format("Line {} has no two numbers.", row.line), {},
                            "Write where each lamp lies: to the right, down.");
            continue;
        }
        first = false;
        points.push_back({*x, *y});
    }
    return some(std::move(points));
}

Result<std::vector<LampPoint>> lamp_points_of_svg(std::string_view text) {
    pugi::xml_document document;
    const auto read = document.load_buffer(text.data(), text.size());
    if (!read)
        return fail(fmt::format("It is no drawing in SVG: {}.", read.description()), {},
                    "Save the drawing as plain SVG.");
    Drawing drawing;
    if (auto taken = drawing.read(document.document_element(), {}); !taken)
        return tl::unexpected(taken.error());
    return some(std::move(drawing.points));
}

Result<std::vector<LampPoint>> lamp_points(const std::filesystem::path& file) {
    const auto text = read_text_file(file, 64u << 20);
    if (!text)
        return tl::unexpected(text.error());
    auto points = file_ending(file) == ".svg" ? lamp_points_of_svg(*text) : lamp_points_of_csv(*text);
    if (!points)
        return fail(points.error().what, file, points.error().remedy);
    return points;
}

std::vector<LampPoint> fitted(std::vector<LampPoint> points, double size, double aspect) {
    if (points.empty())
        return points;
    const auto [left, right] = std::ranges::minmax(points, {}, &LampPoint::x);
    const auto [top, bottom] = std::ranges::minmax(points, {}, &LampPoint::y);
    const double wide = right.x - left.x, high = bottom.y - top.y;
    const double x = (left.x + right.x) / 2, y = (top.y + bottom.y) / 2;
    // Of the plan's height, and no wider than the plan.
    const double most = std::max({high, wide / aspect, 1e-9});
    const double scale = size / most;
    for (auto& point : points)
        point = {50 + (point.x - x) * scale / aspect, 50 + (point.y - y) * scale};
    return points;
}

} // namespace pulsepin
