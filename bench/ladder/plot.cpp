// SPDX-License-Identifier: GPL-3.0-or-later
#include "ladder.h"

#include <QFile>
#include <QTextStream>

namespace pulsepin::ladder {
namespace {

constexpr double panel_width = 560, panel_height = 380;
constexpr double plot_left = 52, plot_top = 30, plot_width = 280, plot_height = 300;
constexpr double least = 0.01, most = 100'000;

const char* ink_of(int line) {
    static const char* const inks[] = {"#6b2a8a", "#66120a", "#985600", "#4f6b35",
                                       "#1f6d8c", "#252a33", "#0d7268"};
    return inks[line % 7];
}

QString dashes_of(int line) {
    return line >= 7 ? " stroke-dasharray=\"4 3\"" : "";
}

QString text(double x, double y, const QString& what, const char* anchor = "start") {
    return QString("<text x=\"%1\" y=\"%2\" text-anchor=\"%3\">%4</text>\n")
        .arg(x)
        .arg(y)
        .arg(anchor)
        .arg(what.toHtmlEscaped());
}

/// Both axes by tens; one line for each thing that was measured.
void draw_panel(QTextStream& svg, const Family& family) {
    const double first = std::log10(family.rungs.front().size), last = std::log10(family.rungs.back().size);
    const auto x = [&](double size) {
        return plot_left + plot_width * (std::log10(size) - first) / std::max(1e-6, last - first);
    };
    const auto y = [](double ms) {
        return plot_top +
               plot_height * (1 - std::log10(std::clamp(ms, least, most) / least) / std::log10(most / least));
    };
    svg << "<g font-weight=\"600\">" << text(plot_left, plot_top - 12, family.name) << "</g>\n";
    for (double ms = least; ms <= most * 1.01; ms *= 10)
        svg << QString("<path d=\"M%1 %2h%3\" stroke=\"#d3c6a8\"/>\n")
                   .arg(plot_left)
                   .arg(y(ms))
                   .arg(plot_width)
            << text(plot_left - 6, y(ms) + 4, QString::number(ms), "end");
    for (const auto& rung : family.rungs)
        svg << text(x(rung.size), plot_top + plot_height + 18, QString::number(rung.size), "middle");
    int line = 0;
    for (const auto& [what, figure] : family.rungs.back().figures) {
        QString points;
        for (const auto& rung : family.rungs)
            if (const auto there = rung.figures.find(what); there != rung.figures.end())
                points += QString("%1,%2 ").arg(x(rung.size)).arg(y(there->second));
        const double at = plot_top + 10 + 18 * line;
        svg << QString("<polyline points=\"%1\" fill=\"none\" stroke=\"%2\" stroke-width=\"1.6\"%3/>\n")
                   .arg(points, ink_of(line), dashes_of(line))
            << QString("<path d=\"M%1 %2h20\" stroke=\"%3\" stroke-width=\"1.6\"%4/>\n")
                   .arg(plot_left + plot_width + 16)
                   .arg(at)
                   .arg(ink_of(line), dashes_of(line))
            << text(plot_left + plot_width + 42, at + 4, what);
        ++line;
    }
}

} // namespace

void draw(const QString& file, const std::vector<Family>& families) {
    QFile out(file);
    if (!out.open(QIODevice::WriteOnly)) {
        std::fprintf(stderr, "%s cannot be written\n", qPrintable(file));
        return;
    }
    constexpr int columns = 2;
    const auto rows = (static_cast<int>(families.size()) + columns - 1) / columns;
    const double width = panel_width * columns, height = panel_height * rows;
    QTextStream svg(&out);
    svg << QString(
               "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%1\" height=\"%2\" font-family=\"Inter, "
               "sans-serif\" font-size=\"11\"><rect width=\"%1\" height=\"%2\" fill=\"#f7f2e6\"/>\n")
               .arg(width)
               .arg(height);
    for (std::size_t i = 0; i < families.size(); ++i) {
        svg << QString("<g transform=\"translate(%1 %2)\">\n")
                   .arg(static_cast<double>(i % columns) * panel_width)
                   .arg(static_cast<double>(i / columns) * panel_height);
        draw_panel(svg, families[i]);
        svg << "</g>\n";
    }
    svg << "</svg>\n";
}

void print(const Family& family) {
    std::printf("\n%s\n\n| what |", qPrintable(family.name));
    for (const auto& rung : family.rungs)
        std::printf(" %s |", qPrintable(rung.name));
    std::printf(" growth, last rung |\n| --- |");
    for (std::size_t i = 0; i <= family.rungs.size(); ++i)
        std::printf(" --- |");
    std::printf("\n");
    const auto& last = family.rungs.back();
    const auto& before = family.rungs[family.rungs.size() - 2];
    for (const auto& [what, figure] : last.figures) {
        std::printf("| %s |", qPrintable(what));
        for (const auto& rung : family.rungs) {
            const auto there = rung.figures.find(what);
            std::printf(there == rung.figures.end() ? " - |" : " %.2f |",
                        there == rung.figures.end() ? 0 : there->second);
        }
        const auto there = before.figures.find(what);
        const double growth = there == before.figures.end() || there->second <= 0
                                  ? 0
                                  : std::log(figure / there->second) / std::log(last.size / before.size);
        std::printf(" %.2f |\n", growth);
    }
    std::fflush(stdout);
}

} // namespace pulsepin::ladder
