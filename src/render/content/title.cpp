// SPDX-License-Identifier: GPL-3.0-or-later
#include "stage/title.h"
#include "render/content/content_painter.h"
#include "render/effects/effect_painter.h"
#include "render/fonts.h"
#include "render/word_sizes.h"

#include <QFontMetricsF>
#include <QTextBoundaryFinder>
#include <QTextLayout>
#include <algorithm>
#include <cmath>
#include <memory>

namespace pulsepin {
namespace {

/// What is shown or moved as one: a letter with its marks.
struct Cluster {
    QString text;
    double left = 0, right = 0; ///< on its line
    int word = 0, line = 0;
};

struct SetLine {
    QString text;
    QPainterPath path; ///< with its baseline at y
    double x = 0, y = 0;
    std::vector<Cluster> clusters;
};

struct SetTitle {
    QFont font;
    std::vector<SetLine> lines;
    QRectF box; ///< of all of it, whatever is shown
    int words = 0;
    QPainterPath letters; ///< all of them
    /// Around all of them, as it was drawn last.
    mutable QPainterPath outline;
    mutable double outline_width = 0;
};

QFont font_of(const LayerValues& values, int picture_height) {
    register_fonts();
    QFont font(QString::fromStdString(values.option("font")));
    if (!has_font(font.family()))
        font.setFamily(title::family);
    const double size = title::size(picture_height) * values.of("font-size") / 100;
    font.setPixelSize(std::max(1, static_cast<int>(std::lround(size))));
    font.setWeight(static_cast<QFont::Weight>(values.of("font-weight")));
    font.setItalic(values.flag("font-slant"));
    font.setLetterSpacing(QFont::AbsoluteSpacing, size * values.of("letter-space") / 100);
    return font;
}

void find_clusters(SetLine& line, const QFont& font, int number, int& words) {
    QTextLayout layout(line.text, font);
    layout.beginLayout();
    const QTextLine laid = layout.createLine();
    layout.endLayout();
    if (!laid.isValid())
        return;
    QTextBoundaryFinder finder(QTextBoundaryFinder::Grapheme, line.text);
    bool in_word = false;
    for (qsizetype from = 0, to = finder.toNextBoundary(); to != -1;
         from = to, to = finder.toNextBoundary()) {
        Cluster cluster;
        cluster.text = line.text.mid(from, to - from);
        int begin = static_cast<int>(from), end = static_cast<int>(to);
        const double a = laid.cursorToX(&begin), b = laid.cursorToX(&end);
        cluster.left = std::min(a, b);
        cluster.right = std::max(a, b);
        const bool space = cluster.text.trimmed().isEmpty();
        if (!space && !in_word)
            ++words;
        in_word = !space;
        cluster.word = words;
        cluster.line = number;
        line.clusters.push_back(std::move(cluster));
    }
}

SetTitle newly_set(const StagedLayer& layer, int picture_height) {
    SetTitle set;
    set.font = font_of(layer.values, picture_height);
    const double size = title::size(picture_height) * layer.values.of("font-size") / 100;
    const double step = size * layer.values.of("line-space") / 100;
    const auto texts = QString::fromStdString(layer.text).split('\n');
    const std::string align = layer.values.option("align");
    double left = 1e9, right = -1e9;
    for (qsizetype i = 0; i < texts.size(); ++i) {
        SetLine line;
        line.text = texts[i];
        line.path.addText(0, 0, set.font, line.text);
        const QRectF box = line.path.boundingRect();
        line.x = -box.center().x();
        line.y = size * 0.36 + (static_cast<double>(i) - static_cast<double>(texts.size() - 1) / 2) * step;
        find_clusters(line, set.font, static_cast<int>(i), set.words);
        left = std::min(left, line.x + box.left());
        right = std::max(right, line.x + box.right());
        set.lines.push_back(std::move(line));
    }
    for (auto& line : set.lines) {
        const QRectF box = line.path.boundingRect();
        if (align == "left")
            line.x = left - box.left();
        else if (align == "right")
            line.x = right - box.right();
        set.box |= box.translated(line.x, line.y);
        set.letters.addPath(line.path.translated(line.x, line.y));
    }
    return set;
}

/// Titles as they were set last: most are the same from frame to frame, and setting one takes as long as
/// drawing it. One for each thread that draws.
class SetTitles {
public:
    std::shared_ptr<const SetTitle> of(const StagedLayer& layer, int picture_height) {
        const auto& values = layer.values;
        Key key{layer.text, values.option("font"), values.option("align"), picture_height, {}};
        for (const char* id : {"font-weight", "font-slant", "font-size", "letter-space", "line-space"})
            key.numbers.push_back(values.of(id));
        const auto found =
            std::find_if(kept_.begin(), kept_.end(), [&](const auto& one) { return one.first == key; });
        if (found != kept_.end()) {
            std::rotate(kept_.begin(), found, found + 1); // the last used first
            return kept_.front().second;
        }
        constexpr std::size_t most = 64;
        if (kept_.size() == most)
            kept_.pop_back();
        kept_.insert(kept_.begin(),
                     {std::move(key), std::make_shared<const SetTitle>(newly_set(layer, picture_height))});
        return kept_.front().second;
    }

private:
    struct Key {
        std::string text, font, align;
        int picture_height;
        std::vector<double> numbers;
        friend bool operator==(const Key&, const Key&) = default;
    };
    std::vector<std::pair<Key, std::shared_ptr<const SetTitle>>> kept_;
};

std::shared_ptr<const SetTitle> set_title(const StagedLayer& layer, int picture_height) {
    thread_local SetTitles titles;
    return titles.of(layer, picture_height);
}

/// Letters that join take other forms beside others: they are cut out of their line instead of set apart.
bool joins(const QString& text) {
    return std::any_of(text.begin(), text.end(), [](QChar c) {
        return c.direction() == QChar::DirR || c.direction() == QChar::DirAL ||
               c.joiningType() == QChar::Joining_Dual;
    });
}

QPainterPath path_of(const SetLine& line, const Cluster& cluster, const QFont& font) {
    QPainterPath path;
    if (!joins(line.text)) {
        path.addText(cluster.left, 0, font, cluster.text);
    } else {
        QPainterPath slot;
        slot.addRect(cluster.left, -1e4, cluster.right - cluster.left, 2e4);
        path = line.path.intersected(slot);
    }
    path.translate(line.x, line.y);
    return path;
}

/// What of it is shown so far, moved letter by letter where it is.
QPainterPath words_of(const StagedLayer& layer, const SetTitle& set, double* opacity) {
    QPainterPath path;
    const double share = layer.values.of("shown") / 100;
    if (share >= 1 && layer.letters.empty())
        return set.letters;
    const std::string by = layer.values.option("shown-by");
    std::size_t letters = 0, number = 0;
    for (const auto& line : set.lines)
        letters += line.clusters.size();
    const double whole = by == "words"   ? set.words
                         : by == "lines" ? static_cast<double>(set.lines.size())
                                         : static_cast<double>(letters);
    const double there = std::floor(share * whole + 1e-6);
    double solid = 0;
    for (const auto& line : set.lines)
        for (const auto& cluster : line.clusters) {
            const std::size_t i = number++;
            const double place = by == "words"   ? cluster.word - 1
                                 : by == "lines" ? cluster.line
                                                 : static_cast<double>(i);
            if (place >= there || cluster.text.trimmed().isEmpty())
                continue;
            QPainterPath letter = path_of(line, cluster, set.font);
            if (i < layer.letters.size()) {
                const Moved& moved = layer.letters[i];
                if (moved.shown < 0.5 || moved.wiped < 0.5 || moved.opacity <= 0 || moved.scale <= 0)
                    continue;
                const QPointF middle = letter.boundingRect().center();
                QTransform place_of_letter;
                place_of_letter.translate(middle.x() + moved.x, middle.y() + moved.y);
                place_of_letter.rotate(moved.rotation);
                place_of_letter.scale(moved.scale, moved.scale);
                place_of_letter.translate(-middle.x(), -middle.y());
                letter = place_of_letter.map(letter);
                solid = std::max(solid, moved.opacity);
            }
            path.addPath(letter);
        }
    if (opacity && !layer.letters.empty())
        *opacity = solid;
    return path;
}

/// The words that are lit so far, of those that are shown.
QPainterPath lit_part(const StagedLayer& layer, const SetTitle& set) {
    StagedLayer lit = layer;
    lit.values.set("shown", layer.values.of("lit"));
    lit.values.set_option("shown-by", "words");
    return words_of(lit, set, nullptr);
}

void draw_shadow(QPainter& painter, const StagedLayer& layer, const QPainterPath& path) {
    const auto& values = layer.values;
    const double strength = values.of("shadow") / 100;
    if (strength <= 0)
        return;
    const QTransform placed = painter.transform();
    const double pixel = std::sqrt(std::abs(placed.determinant()));
    const double soft = values.of("shadow-size") * pixel;
    const QPainterPath there = placed.map(path.translated(values.of("shadow-x"), values.of("shadow-y")));
    const QRect canvas(0, 0, painter.device()->width(), painter.device()->height());
    const int edge = static_cast<int>(std::ceil(3 * soft)) + 1;
    const QRect area = there.boundingRect().toAlignedRect().adjusted(-edge, -edge, edge, edge) &
                       canvas.adjusted(-edge, -edge, edge, edge);
    if (area.isEmpty())
        return;
    QImage image(area.size(), QImage::Format_ARGB32_Premultiplied);
    image.fill(Qt::transparent);
    {
        QPainter on(&image);
        on.setRenderHint(QPainter::Antialiasing);
        on.translate(-area.topLeft());
        on.fillPath(there, shown(values.colour("shadow-colour"), strength));
    }
    cv::Mat pixels(image.height(), image.width(), CV_8UC4, image.bits(),
                   static_cast<std::size_t>(image.bytesPerLine()));
    blur_in_place(pixels, soft);
    painter.save();
    painter.resetTransform();
    painter.drawImage(area.topLeft(), image);
    painter.restore();
}

/// Each letter as transparent as it is while it comes or goes.
void draw_letters_apart(QPainter& painter, const StagedLayer& layer, const SetTitle& set) {
    StagedLayer one = layer;
    for (std::size_t i = 0; i < layer.letters.size(); ++i) {
        if (layer.letters[i].opacity <= 0)
            continue;
        one.letters.assign(layer.letters.size(), Moved{.opacity = 0});
        one.letters[i] = layer.letters[i];
        const QPainterPath path = words_of(one, set, nullptr);
        const double opacity = layer.letters[i].opacity * layer.values.of("fill") / 100;
        if (const double outline = layer.values.of("outline"); outline > 0)
            painter.strokePath(path,
                               QPen(shown(layer.values.colour("outline-colour"), layer.letters[i].opacity),
                                    2 * outline, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
        painter.fillPath(path, shown(layer.colour, opacity));
    }
}

QPainterPath around(const QPainterPath& path, double width) {
    QPainterPathStroker stroker(QPen(Qt::black, 2 * width, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
    QPainterPath outline = stroker.createStroke(path);
    outline.setFillRule(Qt::WindingFill);
    return outline;
}

const QPainterPath& outline_of(const SetTitle& set, double width) {
    if (set.outline_width != width) {
        set.outline = around(set.letters, width);
        set.outline_width = width;
    }
    return set.outline;
}

void draw(QPainter& painter, const StagedLayer& layer, const ContentContext& context) {
    const auto kept = set_title(layer, context.picture.height());
    const SetTitle& set = *kept;
    const auto& values = layer.values;
    double solid = 1;
    const QPainterPath path = words_of(layer, set, &solid);
    if (const double plate = values.of("plate"); plate > 0 && !set.box.isEmpty()) {
        const double edge = values.of("plate-edge"), round = values.of("plate-round");
        painter.setPen(Qt::NoPen);
        painter.setBrush(shown(values.colour("plate-colour"), plate / 100 * solid));
        painter.drawRoundedRect(set.box.adjusted(-edge, -edge * 0.6, edge, edge * 0.6), round, round);
    }
    draw_shadow(painter, layer, path);
    const bool fading = std::any_of(layer.letters.begin(), layer.letters.end(),
                                    [](const Moved& moved) { return moved.opacity < 1; });
    if (fading)
        return draw_letters_apart(painter, layer, set);
    if (const double outline = values.of("outline"); outline > 0)
        painter.fillPath(path == set.letters ? outline_of(set, outline) : around(path, outline),
                         shown(values.colour("outline-colour")));
    if (const double fill = values.of("fill"); fill > 0) {
        painter.fillPath(path, shown(layer.colour, fill / 100));
        if (values.of("lit") > 0)
            painter.fillPath(lit_part(layer, set), shown(values.colour("lit-colour"), fill / 100));
    }
}

/// All of it, so that what is taken hold of does not shrink while it is typed on.
QRectF box(const StagedLayer& layer, const ContentContext& context) {
    const auto& values = layer.values;
    QRectF all = set_title(layer, context.picture.height())->box;
    const double outline = values.of("outline");
    all.adjust(-outline, -outline, outline, outline);
    if (values.of("plate") > 0) {
        const double edge = values.of("plate-edge");
        all.adjust(-edge, -edge * 0.6, edge, edge * 0.6);
    }
    if (values.of("shadow") > 0) {
        const double soft = 3 * values.of("shadow-size");
        all |=
            all.translated(values.of("shadow-x"), values.of("shadow-y")).adjusted(-soft, -soft, soft, soft);
    }
    for (const auto& moved : layer.letters) {
        const double larger = std::max(0.0, moved.scale - 1) * all.height();
        all |= all.translated(moved.x, moved.y).adjusted(-larger, -larger, larger, larger);
    }
    return all;
}

} // namespace

QPainterPath title_path(const StagedLayer& title, int picture_height) {
    return words_of(title, *set_title(title, picture_height), nullptr);
}

QSizeF title_size(const Layer& layer, const std::string& text, int picture_height) {
    StagedLayer staged{layer.kind, layer.id, text, {}, layer.colour, LayerValues(layer)};
    const auto kept = set_title(staged, picture_height);
    const SetTitle& set = *kept;
    const QFontMetricsF metrics(set.font);
    const double lines = static_cast<double>(set.lines.size());
    const double high =
        std::max(set.box.height(), metrics.capHeight() * (1 + 0.4) + (lines - 1) * metrics.height());
    return {set.box.width(), high};
}

const ContentPainter title_content{draw, box, [](const StagedLayer& title) {
                                       return title.values.of("outline") > 0 ||
                                              title.values.of("plate") > 0 || title.values.of("shadow") > 0;
                                   }};

} // namespace pulsepin
