// SPDX-License-Identifier: GPL-3.0-or-later
//
// Makes docs/effects.md and its contact sheet: each effect, kind of layer, blend mode and look on the demo's
// kite.
//   pulsepin-effect-sheet DOCS
#include "hand/stage_hand.h"
#include "render/composed.h"
#include "render/fonts.h"
#include "schedule/moves.h"
#include "stage/layer_parameters.h"

#include <QFile>
#include <QGuiApplication>
#include <QPainter>
#include <QTextStream>
#include <cmath>
#include <iostream>

using namespace pulsepin;

namespace {

constexpr int wide = 256, high = 144, gap = 10, words = 22, in_a_row = 5;

struct Cell {
    QString name;
    QImage picture;
};

QString text(std::string_view view) {
    return QString::fromUtf8(view.data(), static_cast<qsizetype>(view.size()));
}

StagedLayer shape(const char* id, Colour colour, double scale, double x = 0, double y = 0) {
    StagedLayer layer{layers::shape, LayerId{3}, {}, id, colour, {}};
    layer.values.set("scale", scale);
    layer.values.set("position-x", x);
    layer.values.set("position-y", y);
    return layer;
}

/// An evening over a river bank, with a kite.
StagedFrame scene() {
    StagedFrame frame;
    frame.seconds = 0.1;
    StagedLayer sky = shape("square", {0x274a78}, 100);
    sky.values.set("scale-x", 712); // as large as the picture
    sky.values.set("scale-y", 400);
    sky.values.set_option("gradient", "straight");
    sky.values.set_colour("gradient-colour", {0xe99a5a});
    StagedLayer bank = shape("disc", {0x25402f}, 900, 100, 1050);
    StagedLayer sun = shape("disc", {0xffd890}, 60, -330, 120);
    StagedLayer kite = shape("kite", {0xc8442c}, 190, 160, -60);
    kite.values.set("rotation", 18);
    StagedLayer half = shape("triangle", {0xf4b331}, 60, 190, -110);
    frame.layers = {sky, sun, bank, kite, half};
    return frame;
}

void set_usual(LayerValues& values, ParamSpecs specs) {
    for (const auto& spec : specs)
        if (spec.type == ParamType::Number || spec.type == ParamType::Whole)
            values.set(std::string(spec.id), spec.usual_high);
}

std::vector<Cell> effect_cells() {
    std::vector<Cell> cells{{"(as it is)", composed(scene(), {wide, high})}};
    for (const auto& effect : effects()) {
        StagedFrame frame = scene();
        if (effect.of_earlier_frames) {
            StagedLayer& kite = frame.layers[3];
            for (int i = 1; i <= 4; ++i) {
                StagedLayer earlier = kite;
                earlier.values.raise("position-x", -90.0 * i);
                earlier.values.raise("position-y", 30.0 * i);
                earlier.values.set("opacity", 60 * std::pow(0.75, i));
                kite.echoes.push_back(earlier);
            }
        } else {
            set_usual(frame.camera, effect.parameters);
        }
        cells.push_back({text(effect.label), composed(frame, {wide, high})});
    }
    return cells;
}

StagedLayer drawn(LayerKind kind) {
    StagedLayer layer{kind, LayerId{4}, "over the\nlevee", "disc", {0xf7f1e1}, {}};
    for (int i = 0; i < 12; ++i)
        layer.heights.push_back(30 + 60 * std::abs(std::sin(i * 0.7)));
    layer.points = {{-400, 120, 0.5}, {-150, -120, 2}, {120, 100, 3}, {400, -140, 1}};
    layer.values.set("line-width", kind == layers::line ? 12 : 0);
    if (kind == layers::wave) {
        layer.heights.clear();
        for (int i = 0; i < 160; ++i)
            layer.heights.push_back(12 + 88 * std::pow(std::abs(std::sin(i * 0.12)), 3) *
                                             std::abs(std::cos(i * 0.9)));
        layer.heights.push_back(0.5);
    }
    SparkSource source;
    source.born_until = [](std::int64_t frame) { return 8.0 * static_cast<double>(frame); };
    source.begins = -100;
    source.values_at = [](double) {
        return LayerValues(std::map<std::string, double>{{"spark-size", 22}, {"spark-speed", 420}});
    };
    layer.sparks = sparks_at(source, 50);
    return layer;
}

std::vector<Cell> layer_cells() {
    std::vector<Cell> cells;
    const auto add = [&](const QString& name, StagedLayer layer) {
        StagedFrame frame = scene();
        frame.layers.push_back(std::move(layer));
        cells.push_back({name, composed(frame, {wide, high})});
    };
    for (const LayerKind kind :
         {layers::title, layers::shape, layers::line, layers::bars, layers::wave, layers::sparks})
        add(text(kind->label), drawn(kind));
    StagedLayer ring = drawn(layers::shape);
    ring.values.set("fill", 0);
    ring.values.set("line-width", 16);
    ring.values.set("dash", 40);
    ring.values.set("scale", 220);
    add("Ring, dashed", ring);
    StagedLayer round = drawn(layers::bars);
    round.values.set_option("bars-layout", "round");
    add("Spectrum, round", round);
    for (const auto& mode : blend_modes()) {
        StagedLayer over = shape("disc", {0xd06040}, 260);
        over.blend = mode.id;
        add("blend: " + text(mode.label), over);
    }
    for (const auto& look : ready_looks()) {
        if (!look.of_title)
            continue;
        Layer title{LayerId{4}, layers::title, "Words"};
        put_look(title, look);
        StagedLayer layer{layers::title, LayerId{4}, "over the\nlevee", {}, title.colour, LayerValues(title)};
        add("look: " + text(look.name), layer);
    }
    return cells;
}

QImage sheet(const std::vector<Cell>& cells) {
    const int rows = static_cast<int>((cells.size() + in_a_row - 1) / in_a_row);
    QImage image(in_a_row * (wide + gap) + gap, rows * (high + words + gap) + gap, QImage::Format_RGB32);
    image.fill(QColor(0x1f, 0x24, 0x30));
    QPainter painter(&image);
    painter.setPen(QColor(0xf7, 0xf1, 0xe1));
    QFont font("Inter");
    font.setPixelSize(14);
    painter.setFont(font);
    for (std::size_t i = 0; i < cells.size(); ++i) {
        const int x = gap + static_cast<int>(i) % in_a_row * (wide + gap),
                  y = gap + static_cast<int>(i) / in_a_row * (high + words + gap);
        painter.drawImage(x, y, cells[i].picture);
        painter.drawText(QRect(x, y + high, wide, words), Qt::AlignVCenter, cells[i].name);
    }
    return image;
}

void list(QTextStream& out, ParamSpecs specs) {
    for (const auto& spec : specs) {
        out << "| " << text(spec.label) << " | `" << text(spec.id) << "` | ";
        if (spec.type == ParamType::Number || spec.type == ParamType::Whole)
            out << spec.least << " to " << spec.most << " " << text(spec.unit) << ", at first "
                << spec.initial;
        else if (spec.type == ParamType::Colour)
            out << "a colour";
        else if (spec.type == ParamType::Switch)
            out << "yes or no";
        else
            for (const auto& choice : spec.choices)
                out << text(choice.label) << (&choice == &spec.choices.back() ? "" : ", ");
        out << " | " << text(spec.explains) << " |\n";
    }
}

QString page() {
    QString made;
    QTextStream out(&made);
    out << "# Layers, effects and looks\n\n"
           "Written by `scripts/make-pictures` from the program's own tables. Numbers and colours can be "
           "driven; what\n"
           "they are at first changes nothing, so that a layer is as it was until a value is set or driven. "
           "Several\n"
           "effects of one kind, in any order, act one after the other; the second blur's parameters are "
           "`blur#2` and so on.\n\n"
           "![Each effect on one picture](effects.png)\n\n"
           "![Kinds of layers, ways to blend, looks of titles](effects-layers.png)\n\n## Effects\n\n";
    for (const auto& row : effects()) {
        out << "### " << text(row.label) << "\n\nUsual lead: " << text(row.usual_lead) << "."
            << (row.coloured ? " Takes the colour of the trigger that starts it." : "")
            << "\n\n| | id | values | |\n| --- | --- | --- | --- |\n";
        list(out, row.parameters);
        out << "\n";
    }
    out << "## Kinds of layers\n\n";
    for (const LayerKind kind : layer_kinds()) {
        if (kind->parameters.empty())
            continue;
        out << "### " << text(kind->label) << "\n\n| | id | values | |\n| --- | --- | --- | --- |\n";
        list(out, kind->parameters);
        out << "\n";
    }
    out << "## Mattes\n\nA layer is seen only where another one is, where another one is bright, where it is "
           "bright\n"
           "itself, or as far as a wipe has opened; inverted at choice.\n\n| | id | values | |\n| --- | --- "
           "| --- | --- |\n";
    list(out, matte_parameters());
    out << "\n## Ways to come and to go\n\n";
    for (const auto& move : moves())
        out << "- " << text(move.label) << " (`" << text(move.id) << "`)\n";
    out << "\nIn between, turning with the beats: ";
    for (const auto& loop : loops())
        out << text(loop.label) << (&loop == &loops().back() ? ".\n" : ", ");
    out << "\n## Blend modes\n\n"
           "After W3C's Compositing and Blending Level 1; checked against its formulas by "
           "`tests/app/test_blending.cpp`.\n";
    return made;
}

} // namespace

int main(int argc, char** argv) {
    qputenv("QT_QPA_PLATFORM", "offscreen");
    const QGuiApplication application(argc, argv);
    register_fonts();
    if (argc != 2) {
        std::cerr << "usage: pulsepin-effect-sheet DOCS\n";
        return 2;
    }
    const QString docs = QString::fromLocal8Bit(argv[1]);
    QFile out(docs + "/effects.md");
    const bool written = sheet(effect_cells()).save(docs + "/effects.png") &&
                         sheet(layer_cells()).save(docs + "/effects-layers.png") &&
                         out.open(QIODevice::WriteOnly) && out.write(page().toUtf8()) > 0;
    return written ? 0 : 1;
}
