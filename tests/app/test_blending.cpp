// SPDX-License-Identifier: GPL-3.0-or-later
//
// How layers meet, against published formulas: W3C Compositing and Blending Level 1 (5.8 blending, 9.1
// separable modes), W3C Filter Effects Module Level 1 (hue-rotate); mattes, motion blur, groups, pixel by
// pixel.
#include "render/composed.h"
#include "render/fonts.h"
#include "render/staged_places.h"
#include "stage/layer_parameters.h"
#include "support/test_program.h"

#include <QApplication>
#include <QTest>
#include <cmath>

using namespace pulsepin;

namespace {

const QSize size(320, 180);

/// An area of one colour that fills the picture, as opaque as it is told.
StagedLayer area(Colour colour, double opacity = 100) {
    StagedLayer layer{layers::shape, {}, {}, "square", colour, {}};
    layer.values.set("scale", 2000);
    layer.values.set("opacity", opacity);
    return layer;
}

StagedLayer disc(Colour colour, std::map<std::string, double> values = {}) {
    return {layers::shape, {}, {}, "disc", colour, LayerValues(std::move(values))};
}

QImage seen(std::vector<StagedLayer> layers) {
    StagedFrame frame;
    frame.layers = std::move(layers);
    return composed(frame, size);
}

QColor middle_colour(const QImage& image) {
    return image.pixelColor(160, 90);
}

/// By how many shades two pictures differ at most.
int farthest(const QImage& a, const QImage& b) {
    int most = 0;
    for (int y = 0; y < a.height(); ++y)
        for (int x = 0; x < a.width(); ++x) {
            const QColor one = a.pixelColor(x, y), other = b.pixelColor(x, y);
            most = std::max({most, std::abs(one.red() - other.red()), std::abs(one.green() - other.green()),
                             std::abs(one.blue() - other.blue())});
        }
    return most;
}

double channel(Colour colour, int shift) {
    return static_cast<double>(colour.rgb >> shift & 0xffu) / 255;
}

/// B(cb, cs) of Compositing and Blending Level 1, 9.1.
double blended(std::string_view mode, double b, double s) {
    const auto hard_light = [](double backdrop, double source) {
        return source <= 0.5 ? backdrop * 2 * source
                             : backdrop + (2 * source - 1) - backdrop * (2 * source - 1);
    };
    if (mode == "multiply")
        return b * s;
    if (mode == "screen")
        return b + s - b * s;
    if (mode == "overlay")
        return hard_light(s, b);
    if (mode == "lighten")
        return std::max(b, s);
    if (mode == "darken")
        return std::min(b, s);
    if (mode == "difference")
        return std::abs(b - s);
    return s;
}

} // namespace

class TestBlending : public QObject {
    Q_OBJECT
private slots:
    // co = cs x as x (1 - ab) + cb x ab x (1 - as) + as x ab x B(cb, cs), over a backdrop that is opaque.
    void modes_are_as_published() {
        const Colour colours[] = {{0x000000}, {0xffffff}, {0x808080}, {0xc04020}, {0x2060e0}, {0x10f050}};
        for (const auto& mode : blend_modes())
            for (const Colour below : colours)
                for (const Colour above : colours)
                    for (const double opacity : {100.0, 40.0}) {
                        StagedLayer layer = area(above, opacity);
                        layer.blend = mode.id;
                        const QColor got = middle_colour(seen({area(below), layer}));
                        const int found[] = {got.red(), got.green(), got.blue()};
                        for (int i = 0; i < 3; ++i) {
                            const int shift = 16 - 8 * i;
                            const double b = channel(below, shift), s = channel(above, shift),
                                         a = opacity / 100;
                            const double wanted = mode.id == "add" ? std::min(1.0, b + s * a) // plus-lighter
                                                                   : b * (1 - a) + a * blended(mode.id, b, s);
                            QVERIFY2(std::abs(found[i] - wanted * 255) <= 2.5,
                                     qPrintable(QString("%1: %2 over %3 at %4: %5, not %6")
                                                    .arg(mode.id.data())
                                                    .arg(above.rgb, 6, 16)
                                                    .arg(below.rgb, 6, 16)
                                                    .arg(opacity)
                                                    .arg(found[i])
                                                    .arg(wanted * 255)));
                        }
                    }
    }

    // Within a group nothing lies below the lowest layer: there the source is as it is.
    void blending_stays_within_a_group_that_is_one() {
        StagedLayer inner = area({0xff0000});
        inner.blend = "multiply";
        StagedLayer group;
        group.kind = layers::group;
        group.inner = {inner};
        group.values.set("opacity", 50);
        const QColor got = middle_colour(seen({area({0x0000ff}), group}));
        QVERIFY(std::abs(got.red() - 128) <= 2 && std::abs(got.blue() - 127) <= 2);
        // A group that changes nothing is as if it were not there.
        group.values = {};
        QCOMPARE(middle_colour(seen({area({0x0000ff}), group})), QColor(0, 0, 0));
    }

    void a_group_is_as_transparent_as_one_thing() {
        StagedLayer group;
        group.kind = layers::group;
        group.inner = {area({0xffffff}), disc({0xffffff})};
        group.values.set("opacity", 50);
        const QImage image = seen({group});
        QCOMPARE(middle_colour(image),
                 image.pixelColor(20, 20)); // what lies over each other is not seen through
    }

    void a_group_places_turns_and_scales_what_is_in_it() {
        StagedLayer group;
        group.kind = layers::group;
        group.inner = {disc({0xffffff}, {{"position-x", 100}, {"scale", 20}})};
        group.values.set("rotation", 90);
        group.values.set("scale", 200);
        group.values.set("position-x", -40);
        // To the right by 100, turned downwards, twice as far, and 40 to the left.
        const QImage image = seen({group});
        QVERIFY(image.pixelColor(160 - 10, 90 + 50).lightness() > 200);
        QVERIFY(image.pixelColor(160 + 25, 90).lightness() < 20);
        StagedFrame frame;
        frame.layers = {group};
        const auto place = staged_places(frame);
        QCOMPARE(place.size(), std::size_t{2});
        const QPointF at = seen_place(frame, *place[0].layer, place[0].around).map(QPointF());
        QVERIFY(QLineF(at, QPointF(-40, 200)).length() < 1e-6);
    }

    void what_hangs_on_another_goes_with_it() {
        StagedLayer moon = disc({0xffffff}, {{"position-x", 80}, {"scale", 20}});
        Placement earth;
        earth.rotation = 180;
        earth.y = 40;
        earth.opacity = 0; // its light is its own
        moon.hung = {earth};
        const QImage image = seen({moon});
        QVERIFY(image.pixelColor(160 - 20, 90 + 10).lightness() > 200);
    }

    void mattes_let_through_what_they_say() {
        StagedLayer layer = area({0xffffff});
        layer.matte.kind = Matte::Kind::LayerAlpha;
        layer.matte_of = {disc({0x404040})};
        QImage image = seen({layer});
        QVERIFY(middle_colour(image).lightness() > 250 && image.pixelColor(20, 20).lightness() < 5);
        layer.matte.inverted = true;
        image = seen({layer});
        QVERIFY(middle_colour(image).lightness() < 5 && image.pixelColor(20, 20).lightness() > 250);
        layer.matte = {Matte::Kind::LayerLight};
        layer.matte_of = {disc({0x808080})};
        QVERIFY(std::abs(middle_colour(seen({layer})).lightness() - 128) <= 2);
        layer.values.set("matte-amount", 50); // half of what is held back is seen
        QVERIFY(std::abs(middle_colour(seen({layer})).lightness() - 191) <= 2);
    }

    // Brightness after ITU-R BT.709: 0.2126 R + 0.7152 G + 0.0722 B.
    void its_own_brightness_is_a_matte() {
        for (const auto& [colour, light] : {std::pair(Colour{0xff0000}, 0.2126),
                                            {Colour{0x00ff00}, 0.7152},
                                            {Colour{0x0000ff}, 0.0722},
                                            {Colour{0xffffff}, 1.0}}) {
            StagedLayer layer = area(colour);
            layer.matte.kind = Matte::Kind::OwnLight;
            const QColor got = middle_colour(seen({layer}));
            QVERIFY(std::abs(std::max({got.red(), got.green(), got.blue()}) - 255 * light) <= 2);
        }
    }

    void wipes_open_along_their_way() {
        StagedLayer layer = area({0xffffff});
        layer.matte.kind = Matte::Kind::Straight;
        layer.values.set("matte-soft", 0);
        layer.values.set("scale", 100);
        layer.shape = "square";
        // A square of 180 px: 45 of the image at either side of its middle_colour.
        layer.values.set("matte-amount", 50);
        QImage image = seen({layer});
        QVERIFY(image.pixelColor(150, 90).lightness() > 250 && image.pixelColor(170, 90).lightness() < 5);
        layer.values.set("matte-angle", 90);
        image = seen({layer});
        QVERIFY(image.pixelColor(160, 80).lightness() > 250 && image.pixelColor(160, 100).lightness() < 5);
        layer.matte.kind = Matte::Kind::Round;
        image = seen({layer});
        QVERIFY(middle_colour(image).lightness() > 250 && image.pixelColor(142, 72).lightness() < 5);
        for (const auto kind : {Matte::Kind::Straight, Matte::Kind::Round}) // open, and shut, all of it
            for (const double soft : {0.0, 60.0}) {
                layer.matte.kind = kind;
                layer.values.set("matte-soft", soft);
                layer.values.set("matte-amount", 100);
                StagedLayer plain = layer;
                plain.matte = {};
                QVERIFY(farthest(seen({layer}), seen({plain})) <= 2);
                layer.values.set("matte-amount", 0);
                QVERIFY(middle_colour(seen({layer})).lightness() < 5);
            }
    }

    // With the shutter open for its whole way, each place is seen for its share of the time.
    void motion_blur_is_the_mean_of_the_places() {
        StagedLayer bar = disc({0xffffff});
        bar.shape = "square";
        for (int i = 0; i < 16; ++i) {
            Placement at;
            at.x = i * 20 - 150;
            at.scale = 0.5;
            bar.path.push_back(at);
        }
        bar.values.set("scale", 50);
        const QImage image = seen({bar});
        for (int x = 0; x < 320; x += 8) {
            int there = 0;
            const double picture = (x + 0.5 - 160) * 4;
            for (const auto& at : bar.path)
                there += std::abs(picture - at.x) < 45 ? 1 : 0;
            QVERIFY(std::abs(image.pixelColor(x, 90).lightness() - 255.0 * there / 16) < 18);
        }
    }

    // hue-rotate() of W3C's Filter Effects Module Level 1, 9.8: its matrix for 90 degrees, worked out there.
    void hue_turns_as_published() {
        const double m[3][3] = {{0.213 - 0.213, 0.715 - 0.715, 0.072 + 0.928},
                                {0.213 + 0.143, 0.715 + 0.140, 0.072 - 0.283},
                                {0.213 - 0.787, 0.715 + 0.715, 0.072 + 0.072}};
        for (const Colour colour : {Colour{0xc04020}, Colour{0x2060e0}, Colour{0x808080}}) {
            StagedLayer layer = area(colour);
            layer.values.set("hue", 90);
            const QColor got = middle_colour(seen({layer}));
            const int found[] = {got.red(), got.green(), got.blue()};
            for (int i = 0; i < 3; ++i) {
                double wanted = 0;
                for (int k = 0; k < 3; ++k)
                    wanted += m[i][k] * channel(colour, 16 - 8 * k);
                QVERIFY(std::abs(found[i] - std::clamp(wanted, 0.0, 1.0) * 255) <= 2);
            }
        }
    }

    void an_effect_after_another_is_another_picture() {
        StagedLayer layer = area({0x606060});
        layer.values.set("contrast", 100);
        layer.values.set("exposure", 1);
        layer.values.set_uses({{"contrast", 1}, {"exposure", 1}});
        const QColor first = middle_colour(seen({layer}));
        layer.values.set_uses({{"exposure", 1}, {"contrast", 1}});
        QVERIFY(first != middle_colour(seen({layer})));
    }

    // The pixels of a part are those of the whole, whatever an effect looks at around it.
    void a_layer_alone_is_as_it_is_in_the_picture() {
        for (const auto& effect : effects()) {
            if (effect.of_earlier_frames || effect.id == "mirror" || effect.id == "leak" ||
                effect.id == "vignette")
                continue; // those fill the picture
            StagedLayer kite = disc({0xd05030}, {{"position-x", 120}});
            kite.shape = "kite";
            for (const auto& spec : effect.parameters)
                if (spec.type == ParamType::Number || spec.type == ParamType::Whole)
                    kite.values.set(std::string(spec.id), spec.usual_high);
            StagedLayer far = disc({}, {{"position-x", -4000}}); // makes its image larger, and nothing else
            StagedLayer group;
            group.kind = layers::group;
            group.inner = {kite};
            QVERIFY2(seen({kite}) == seen({far, group}), effect.id.data());
        }
    }

    void words_are_set_in_lines_and_shown_so_far() {
        StagedLayer title{layers::title, {}, "let it\nrise up", {}, {0xffffff}, {}};
        const auto ink = [&] {
            const QImage image = seen({title});
            int count = 0;
            for (int y = 0; y < 180; ++y)
                for (int x = 0; x < 320; ++x)
                    count += image.pixelColor(x, y).lightness() > 60 ? 1 : 0;
            return count;
        };
        const int all = ink();
        int before = -1;
        for (const double shown : {0.0, 25.0, 50.0, 75.0, 100.0}) {
            title.values.set("shown", shown);
            const int now = ink();
            QVERIFY(now > before || (shown == 0 && now == 0));
            before = now;
        }
        QCOMPARE(before, all);
        title.values.set("shown", 50);
        title.values.set_option("shown-by", "lines");
        const QImage half = seen({title});
        int above = 0, below = 0;
        for (int y = 0; y < 180; ++y)
            for (int x = 0; x < 320; ++x)
                (y < 90 ? above : below) += half.pixelColor(x, y).lightness() > 60 ? 1 : 0;
        QVERIFY(above > 100 && below < 10);
    }

    void letters_move_one_after_another() {
        StagedLayer title{layers::title, {}, "iiii", {}, {0xffffff}, {}};
        const auto box = [&] { return content_box(title, {}, {1280, 720}); };
        const QRectF plain = box();
        for (int i = 0; i < 4; ++i)
            title.letters.push_back({.y = i * -100.0});
        QVERIFY(box().top() < plain.top() - 250);
        const QImage image = seen({title});
        int rows = 0;
        for (int y = 0; y < 180; ++y)
            for (int x = 0; x < 320; ++x)
                if (image.pixelColor(x, y).lightness() > 60) {
                    ++rows;
                    break;
                }
        QVERIFY(rows > 40); // scattered over the height
    }

    void a_missing_font_is_named_and_replaced() {
        Stage stage;
        stage.layers.insert(stage.layers.begin() + 1, Layer{LayerId{9}, layers::title, "Words"});
        QVERIFY(missing_fonts(stage).isEmpty());
        stage.layers[1].options["font"] = "No Such Face";
        QCOMPARE(missing_fonts(stage), QStringList{"No Such Face"});
        StagedLayer title{layers::title, {}, "words", {}, {0xffffff}, {}};
        const QImage inter = seen({title});
        title.values.set_option("font", "No Such Face");
        QCOMPARE(seen({title}), inter);
    }
};

PULSEPIN_TEST_CLASS(TestBlending, "test_blending")
#include "test_blending.moc"
