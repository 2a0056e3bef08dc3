// SPDX-License-Identifier: GPL-3.0-or-later
//
// How what appears comes, stays and goes, how the members of a group differ, and what shapes look like.
#include "model/shape_outline.h"
#include "params/easings.h"
#include "schedule/moves.h"
#include "schedule/triggers.h"
#include "schedule/variation.h"
#include "support/test_program.h"

#include <QTest>
#include <cmath>
#include <set>

using namespace pulsepin;

namespace {

constexpr int width = 1280, height = 720;

/// Comes for 20 frames, stays, goes for 10; straight.
Showing showing(const std::string& comes, const std::string& goes) {
    Showing out;
    out.comes = {comes, {Length::Unit::InFrames, 20}, {.id = "linear"}};
    out.goes = {goes, {Length::Unit::InFrames, 10}, {.id = "linear"}};
    return out;
}

Moved at(const Showing& how, double age, double left, std::optional<double> turns = {}) {
    return moved_at(how, {age, left, 20, 10, turns, width, height});
}

/// Whether nothing of it is seen: gone, of no size, out of the picture, or not yet written or opened.
bool out_of_sight(const Moved& moved) {
    return moved.opacity <= 0 || moved.scale <= 0 || std::abs(moved.x) >= width ||
           std::abs(moved.y) >= height || moved.shown <= 0 || moved.wiped <= 0 || moved.behind >= 1;
}

template <class Row>
void a_test_for_each(std::span<const Row> rows) {
    QTest::addColumn<QString>("id");
    for (const auto& row : rows) {
        const auto id = QString::fromStdString(std::string(row.id));
        QTest::addRow("%s", qPrintable(id)) << id;
    }
}

Picked place(double second, float strength = 1) {
    return {Ticks(static_cast<std::int64_t>(second * 960)), strength, Seconds(second)};
}

} // namespace

class TestMoves : public QObject {
    Q_OBJECT
private slots:
    void ids_are_unique_and_found() {
        std::set<std::string_view> ids, labels;
        for (const auto& row : moves()) {
            QVERIFY(ids.insert(row.id).second && labels.insert(row.label).second);
            QCOMPARE(move_row(row.id), &row);
        }
        ids.clear();
        for (const auto& row : loops()) {
            QVERIFY(ids.insert(row.id).second && labels.insert(row.label).second);
            QCOMPARE(loop_row(row.id), &row);
        }
        QVERIFY(!move_row("no such move") && !loop_row("") && !loop_row("grow"));
    }

    void every_move_data() { a_test_for_each(moves()); }
    void every_move() {
        QFETCH(QString, id);
        const std::string name = id.toStdString();
        const Showing comes = showing(name, "none"), goes = showing("none", name);
        const Moved still;
        // Once it is there, and before it goes, it is as it is.
        QCOMPARE(at(comes, 20, 100), still);
        QCOMPARE(at(comes, 500, 1), still);
        QCOMPARE(at(goes, 0, 10), still);
        if (name == "none") {
            QCOMPARE(at(comes, 0, 100), still);
            QCOMPARE(at(goes, 100, 0), still);
            return;
        }
        // It comes out of nothing, and goes back there, the same way.
        QVERIFY(!(at(comes, 10, 100) == still));
        const Moved first = at(comes, 0, 100), last = at(goes, 100, 0);
        QVERIFY(out_of_sight(first) || first.scale < 0.1 || first.opacity < 0.01);
        QCOMPARE(first, last);
        QCOMPARE(at(comes, 5, 100), at(goes, 100, 2.5)); // three quarters away
        // Each of its values goes one way.
        Moved before = first;
        for (double age = 1; age <= 20; ++age) {
            const Moved now = at(comes, age, 100);
            QVERIFY(std::abs(now.x) <= std::abs(before.x) && std::abs(now.y) <= std::abs(before.y));
            QVERIFY(std::abs(now.rotation) <= std::abs(before.rotation));
            QVERIFY(now.opacity >= before.opacity && now.shown >= before.shown && now.wiped >= before.wiped);
            QVERIFY(std::abs(std::log(std::max(now.scale, 1e-9))) <=
                    std::abs(std::log(std::max(before.scale, 1e-9))));
            before = now;
        }
        QCOMPARE(before, still);
    }

    void whatever_the_easing_opacity_stays_within_its_bounds() {
        for (const auto& row : moves())
            for (const auto& easing : easings()) {
                Showing how = showing(std::string(row.id), std::string(row.id));
                how.comes.easing.id = how.goes.easing.id = std::string(easing.id);
                for (double age = -3; age < 40; age += 0.37) {
                    const Moved moved = at(how, age, 35 - age);
                    QVERIFY(moved.opacity >= 0 && moved.opacity <= 1);
                    QVERIFY(moved.scale >= 0 && std::isfinite(moved.scale));
                    QVERIFY(std::isfinite(moved.x) && std::isfinite(moved.y) &&
                            std::isfinite(moved.rotation));
                }
            }
    }

    void it_flies_in_from_the_side_that_it_says() {
        QVERIFY(at(showing("left", "none"), 0, 100).x == -width);
        QVERIFY(at(showing("right", "none"), 0, 100).x == width);
        QVERIFY(at(showing("top", "none"), 0, 100).y == -height);
        QVERIFY(at(showing("bottom", "none"), 0, 100).y == height);
        QVERIFY(at(showing("none", "left"), 100, 5).x == -width / 2.0); // and goes where it came from
        QVERIFY(at(showing("depth", "none"), 0, 100).scale < 0.1);
        QVERIFY(at(showing("before", "none"), 0, 100).scale > 2);
        QCOMPARE(at(showing("wipe-down", "none"), 10, 100).wipe_angle, 90.0);
    }

    void coming_and_going_may_overlap() {
        const Showing how = showing("fade", "fade");
        // There for 15 frames only: still coming while it goes.
        const Moved moved = at(how, 8, 7);
        QVERIFY(std::abs(moved.opacity - 0.4 * 0.7) < 1e-9);
        // What comes at once has no passage to divide by.
        QCOMPARE(moved_at(how, {0, 100, 0, 0, {}, width, height}), Moved{});
        QCOMPARE(moved_at(showing("no such", "no such"), {0, 0, 20, 10, {}, width, height}), Moved{});
    }

    void every_loop_comes_back_data() { a_test_for_each(loops()); }
    void every_loop_comes_back() {
        QFETCH(QString, id);
        Showing how = showing("none", "none");
        how.loop = id.toStdString();
        const auto turned = [&](double turns) { return at(how, 50, 50, turns); };
        QCOMPARE(turned(0), Moved{});
        for (double turn = 0; turn < 1; turn += 0.0625) {
            const Moved one = turned(turn), next = turned(turn + 1);
            QVERIFY(std::abs(one.x - next.x) < 1e-6 && std::abs(one.y - next.y) < 1e-6);
            QVERIFY(std::abs(one.scale - next.scale) < 1e-6 && std::abs(one.opacity - next.opacity) < 1e-6);
            QVERIFY(std::abs(std::remainder(one.rotation - next.rotation, 360)) < 1e-6);
        }
        QCOMPARE(at(how, 50, 50), Moved{}); // without a beat to turn by it stays
        how.loop_amount = 0;
        for (const double turn : {0.25, 0.6})
            QCOMPARE(turned(turn), Moved{});
        how.loop_amount = 100;
        if (how.loop != "none") {
            QVERIFY(!(turned(0.75) == Moved{}));
            const Moved usual = turned(0.75);
            how.loop_amount = 50;
            const Moved half = turned(0.75);
            QVERIFY(std::abs(half.rotation - usual.rotation / 2) < 1e-9);
            QVERIFY(std::abs(half.y - usual.y / 2) < 1e-9);
            QVERIFY(std::abs(half.scale - 1 - (usual.scale - 1) / 2) < 1e-9);
        }
    }

    void colours_of_a_group() {
        const Colour same{0x123456}, red{0xff0000}, green{0x00ff00}, blue{0x0000ff};
        Variation variation;
        variation.palette = {red, green, blue};
        QVERIFY(colour_for(variation, same, Ticks(0), 1, 0.5) == same);
        variation.colours = Variation::Colours::InTurn;
        for (std::size_t i = 0; i < 9; ++i)
            QVERIFY(colour_for(variation, same, Ticks(0), i, 0) == variation.palette[i % 3]);
        variation.colours = Variation::Colours::Ramp;
        QVERIFY(colour_for(variation, same, Ticks(0), 0, 0) == red);
        QVERIFY(colour_for(variation, same, Ticks(0), 0, 0.5) == green);
        QVERIFY(colour_for(variation, same, Ticks(0), 0, 1) == blue);
        QVERIFY(colour_for(variation, same, Ticks(0), 0, 0.25) == mixed(red, green, 0.5));
        variation.palette = {green};
        for (const double way : {0.0, 0.4, 1.0})
            QVERIFY(colour_for(variation, same, Ticks(0), 0, way) == green);
        variation.palette.clear();
        for (const auto way :
             {Variation::Colours::InTurn, Variation::Colours::Random, Variation::Colours::Ramp}) {
            variation.colours = way;
            QVERIFY(colour_for(variation, same, Ticks(9), 4, 0.3) == same);
        }
    }

    // By chance, but the same for the same place and seed: what is planted again is planted alike.
    void chance_is_the_same_for_the_same_place() {
        Variation variation;
        variation.palette = {{0xff0000}, {0x00ff00}, {0x0000ff}, {0xffffff}};
        variation.colours = Variation::Colours::Random;
        variation.strength = Variation::Strength::Random;
        variation.low = 20;
        variation.high = 80;
        std::map<std::uint32_t, int> seen;
        double least = 100, most = 0;
        int others = 0;
        Variation another = variation;
        another.seed = 2;
        for (int i = 0; i < 400; ++i) {
            const Picked where = place(0.25 * i);
            const Colour colour = colour_for(variation, {}, where.at, static_cast<std::size_t>(i), 0);
            QVERIFY(colour == colour_for(variation, {}, where.at, 77, 1));
            ++seen[colour.rgb];
            others += !(colour == colour_for(another, {}, where.at, 0, 0));
            const double strength = strength_for(variation, 50, where, static_cast<std::size_t>(i), 0);
            QCOMPARE(strength, strength_for(variation, 50, where, 3, 1));
            least = std::min(least, strength);
            most = std::max(most, strength);
        }
        QCOMPARE(seen.size(), std::size_t{4});
        for (const auto& [colour, count] : seen)
            QVERIFY2(count > 60 && count < 140, qPrintable(QString::number(count)));
        QVERIFY(others > 200); // of 400, three in four where chance is even
        QVERIFY(least >= 20 && least < 25 && most <= 80 && most > 75);
    }

    void strengths_of_a_group() {
        Variation variation;
        variation.low = 30;
        variation.high = 90;
        const auto strength = [&](std::size_t number, double way, float onset = 1) {
            return strength_for(variation, 55, place(1, onset), number, way);
        };
        QCOMPARE(strength(3, 0.5), 55.0);
        variation.strength = Variation::Strength::Alternates;
        QCOMPARE(strength(0, 0), 90.0);
        QCOMPARE(strength(1, 0), 30.0);
        QCOMPARE(strength(2, 0), 90.0);
        variation.strength = Variation::Strength::Ramps;
        QCOMPARE(strength(0, 0), 30.0);
        QCOMPARE(strength(0, 0.5), 60.0);
        QCOMPARE(strength(0, 1), 90.0);
        variation.strength = Variation::Strength::Onsets;
        QCOMPARE(strength(0, 0, 0.0f), 30.0);
        QCOMPARE(strength(0, 0, 0.5f), 60.0);
        QCOMPARE(strength(0, 0, 7.0f), 90.0);     // no louder than the loudest
        std::swap(variation.low, variation.high); // the loudest are the weakest: so it was wanted
        QCOMPARE(strength(0, 0, 1.0f), 30.0);
    }

    void how_far_along_a_place_lies() {
        const std::vector<Picked> places{place(2), place(3), place(6)};
        QCOMPARE(way_of(places, 0), 0.0);
        QCOMPARE(way_of(places, 1), 0.25);
        QCOMPARE(way_of(places, 2), 1.0);
        const std::vector<Picked> one{place(5)}, together{place(5), place(5)};
        QCOMPARE(way_of(one, 0), 0.0);
        QCOMPARE(way_of(together, 1), 0.0);
    }

    void mixed_colours_lie_between() {
        QVERIFY(mixed({0x000000}, {0xffffff}, 0) == Colour{0x000000});
        QVERIFY(mixed({0x000000}, {0xffffff}, 1) == Colour{0xffffff});
        for (double share = 0; share <= 1; share += 0.1) {
            const Colour colour = mixed({0x204060}, {0xa08060}, share);
            QVERIFY((colour.rgb & 0xff) == 0x60);
            QVERIFY((colour.rgb >> 16) >= 0x20 && (colour.rgb >> 16) <= 0xa0);
            QVERIFY((colour.rgb >> 8 & 0xff) >= 0x40 && (colour.rgb >> 8 & 0xff) <= 0x80);
        }
    }

    void shapes_lie_around_their_middle() {
        std::set<std::string_view> ids;
        for (const auto& outline : shape_outlines()) {
            QVERIFY(ids.insert(outline.id).second);
            QCOMPARE(&shape_outline(outline.id), &outline);
            QCOMPARE(outline.round, outline.points.empty());
            double left = 0, right = 0, area = 0;
            for (std::size_t i = 0; i < outline.points.size(); ++i) {
                const auto [x, y] = outline.points[i];
                const auto [u, v] = outline.points[(i + 1) % outline.points.size()];
                area += (x * v - u * y) / 2; // the shoelace formula
                left = std::min(left, x);
                right = std::max(right, x);
            }
            if (!outline.round) {
                QVERIFY2(area > 0.5, std::string(outline.id).c_str()); // once round, clockwise as it is seen
                QVERIFY(std::abs(left + right) < 1e-9);                // as wide to either side
            }
        }
        QVERIFY(shape_outline("no such shape").round);
        QCOMPARE(shape_radius(720), 90.0);
    }
};

PULSEPIN_TEST_CLASS(TestMoves, "test_moves")
#include "test_moves.moc"
