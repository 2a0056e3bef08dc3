// SPDX-License-Identifier: GPL-3.0-or-later
//
// Flashes, counted against what is worked out by hand beside each check from WCAG 2.2, success
// criterion 2.3.1 (https://www.w3.org/TR/WCAG22/#three-flashes-or-below-threshold and its definitions of
// "general flash and red flash thresholds" and "relative luminance"), and against a second, plain
// implementation of that definition. Values of ITU-R BT.1702 (20 cd/m2, 160 cd/m2, a quarter of the screen)
// are from memory.
#include "check/flash_meter.h"
#include "support/seed.h"
#include "support/test_program.h"

#include <QTest>
#include <array>
#include <cmath>
#include <random>

using namespace pulsepin;

namespace {

struct Rgb {
    int r = 0, g = 0, b = 0;
};

struct Frame {
    int width, height;
    std::vector<std::uint8_t> pixels;
    Frame(int w, int h, Rgb all) : width(w), height(h) {
        for (int i = 0; i < w * h; ++i)
            for (const int c : {all.b, all.g, all.r, 255})
                pixels.push_back(static_cast<std::uint8_t>(c));
    }
    void fill(int x, int y, int w, int h, Rgb colour) {
        for (int row = y; row < y + h; ++row)
            for (int column = x; column < x + w; ++column) {
                auto* at = pixels.data() + 4 * (row * width + column);
                at[0] = static_cast<std::uint8_t>(colour.b);
                at[1] = static_cast<std::uint8_t>(colour.g);
                at[2] = static_cast<std::uint8_t>(colour.r);
            }
    }
};

FrameRate rate_of(int n) {
    return *FrameRate::make(n, 1);
}

/// So many times in a second it turns from one colour to the other and back, a part of the picture or all.
struct Flicker {
    int width = 96, height = 72;
    Rgb rest = {0, 0, 0}, lit = {255, 255, 255};
    int x = 0, y = 0, w = 96, h = 72;
    int times = 4;
};

std::vector<FlashFrame> measured(const Flicker& f, int rate, FlashRule rule = {}) {
    FlashMeter meter(f.width, f.height, rate_of(rate), rule);
    std::vector<FlashFrame> frames;
    for (int i = 0; i < 2 * rate; ++i) {
        // One second of rest first: the second that is counted is a whole one.
        const double turns = (i - rate / 2) * 1.0 * f.times / rate;
        const bool lit =
            turns >= 0 && turns < f.times - 1e-9 && turns - std::floor(turns + 1e-9) < 0.5 - 1e-9;
        Frame frame(f.width, f.height, f.rest);
        if (lit)
            frame.fill(f.x, f.y, f.w, f.h, f.lit);
        frames.push_back(meter.add(frame.pixels));
    }
    return frames;
}

int most_of(const std::vector<FlashFrame>& frames, int FlashFrame::*what) {
    int most = 0;
    for (const auto& frame : frames)
        most = std::max(most, frame.*what);
    return most;
}

double luminance_of(const Rgb& c, double power = 0) {
    const auto linear = [power](int code) {
        const double v = code / 255.0;
        if (power > 0)
            return std::pow(v, power);
        return v <= 0.03928 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4); // as WCAG writes it
    };
    return 0.2126 * linear(c.r) + 0.7152 * linear(c.g) + 0.0722 * linear(c.b);
}

/// The definition once more, as plain as can be: each pixel's history is gone through from its last turn,
/// each window is added up.
class Plain {
public:
    Plain(std::vector<Frame> frames, int rate, FlashRule rule)
        : frames_(std::move(frames)), rate_(rate), rule_(rule) {
        const int w = frames_[0].width, h = frames_[0].height;
        for (int i = 0; i < w * h; ++i) {
            changes_.push_back(general_changes(i));
            red_.push_back(red_changes(i));
        }
    }
    /// The most flashes that more than a quarter of a window had in the second that ends with a frame.
    int flashes(int frame, bool red) const {
        const int w = frames_[0].width, h = frames_[0].height;
        const bool whole = rule_.form == FlashRule::Form::Screen;
        const int ww = whole ? w : static_cast<int>(std::lround(w / 3.0)),
                  wh = whole ? h : static_cast<int>(std::lround(h / 3.0));
        const double limit = (whole ? 1.0 * w * h : w / 3.0 * h / 3.0) / 4;
        int most = 0;
        for (int y = 0; y + wh <= h; ++y)
            for (int x = 0; x + ww <= w; ++x) {
                std::map<int, int> with;
                for (int row = y; row < y + wh; ++row)
                    for (int column = x; column < x + ww; ++column)
                        ++with[pairs_of((red ? red_ : changes_)[static_cast<std::size_t>(row * w + column)],
                                        frame)];
                int pixels = 0;
                for (auto at = with.rbegin(); at != with.rend(); ++at) {
                    pixels += at->second;
                    if (pixels > limit) {
                        most = std::max(most, at->first);
                        break;
                    }
                }
            }
        return most;
    }

private:
    int pairs_of(const std::vector<int>& changes, int frame) const {
        int count = 0;
        for (const int at : changes)
            count += at <= frame && at > frame - rate_ ? 1 : 0;
        return count / 2;
    }
    Rgb at(int frame, int pixel) const {
        const auto* p = frames_[static_cast<std::size_t>(frame)].pixels.data() + 4 * pixel;
        return {p[2], p[1], p[0]};
    }
    std::vector<int> general_changes(int pixel) const {
        std::vector<int> changes;
        const double power = rule_.form == FlashRule::Form::Screen ? 2.4 : 0;
        int turn = 0, way = 0;
        for (int t = 1; t < static_cast<int>(frames_.size()); ++t) {
            double low = 9, high = -9;
            for (int s = turn; s <= t; ++s) {
                low = std::min(low, luminance_of(at(s, pixel), power));
                high = std::max(high, luminance_of(at(s, pixel), power));
            }
            const double now = luminance_of(at(t, pixel), power);
            const bool down = way >= 0 && high - now >= 0.1 && now < 0.8,
                       up = way <= 0 && now - low >= 0.1 && low < 0.8;
            if (!down && !up)
                continue;
            way = down ? -1 : 1;
            turn = t;
            changes.push_back(t);
        }
        return changes;
    }
    struct Chroma {
        double u, v;
        bool red;
    };
    [[nodiscard]] Chroma chroma_of(const Rgb& c) const {
        const auto linear = [screen = rule_.form == FlashRule::Form::Screen](int code) {
            const double v = code / 255.0;
            if (screen) // ITU-R BT.1886 with a black of 0, as the luminance
                return std::pow(v, 2.4);
            return v <= 0.04045 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4);
        };
        const double r = linear(c.r), g = linear(c.g), b = linear(c.b), sum = r + g + b;
        if (sum < 0.01)
            return {0.1978, 0.4683, false};
        const double x = 0.4124 * r + 0.3576 * g + 0.1805 * b, y = 0.2126 * r + 0.7152 * g + 0.0722 * b,
                     z = 0.0193 * r + 0.1192 * g + 0.9505 * b, under = x + 15 * y + 3 * z;
        return {4 * x / under, 9 * y / under, r / sum >= 0.8};
    }
    std::vector<int> red_changes(int pixel) const {
        std::vector<int> changes;
        const Chroma primary{0.4507, 0.5229, true};
        const auto apart = [](const Chroma& a, const Chroma& b) { return std::hypot(a.u - b.u, a.v - b.v); };
        bool in_red = chroma_of(at(0, pixel)).red;
        int turn = 0;
        for (int t = 1; t < static_cast<int>(frames_.size()); ++t) {
            // Of what it was since its last turn: the reddest, or what is farthest from red.
            Chroma end = chroma_of(at(turn, pixel));
            for (int s = turn; s < t; ++s)
                if (const auto c = chroma_of(at(s, pixel));
                    c.red == in_red && (in_red ? apart(c, primary) < apart(end, primary)
                                               : apart(c, primary) > apart(end, primary)))
                    end = c;
            const auto now = chroma_of(at(t, pixel));
            if (now.red == in_red || apart(now, end) <= 0.2)
                continue;
            in_red = now.red;
            turn = t;
            changes.push_back(t);
        }
        return changes;
    }
    std::vector<Frame> frames_;
    int rate_;
    FlashRule rule_;
    std::vector<std::vector<int>> changes_, red_;
};

void rates() {
    for (const int rate : {24, 25, 30, 60})
        QTest::addRow("%d a second", rate) << rate;
}

} // namespace

class TestFlash : public QObject {
    Q_OBJECT
private slots:
    void flashes_of_a_second_data() {
        QTest::addColumn<int>("rate");
        rates();
    }
    /// Black to white and back three times in a second: 3 flashes, allowed. Four times: 4, more than three.
    void flashes_of_a_second() {
        QFETCH(int, rate);
        for (const int times : {1, 3, 4, 6}) {
            Flicker f;
            f.times = times;
            const auto frames = measured(f, rate);
            QCOMPARE(most_of(frames, &FlashFrame::flashes), times);
            QCOMPARE(most_of(frames, &FlashFrame::red), 0); // white is not red
            QCOMPARE(flash_places(frames, rate_of(rate), {}).empty(), times <= 3);
        }
    }

    void area_of_ten_degrees_data() {
        QTest::addColumn<int>("rate");
        rates();
    }
    /// Half of 1024 x 768 both ways: the window is 170.67 x 128 = 21845 pixels. 82 x 64 are 24.0 % of it, 89
    /// x 64 are 26.1 %, wherever they lie.
    void area_of_ten_degrees() {
        QFETCH(int, rate);
        for (const auto& [x, y] : {std::pair(0, 0), std::pair(201, 150)})
            for (const int wide : {82, 89}) {
                Flicker f;
                f.width = 512;
                f.height = 384;
                f.x = x;
                f.y = y;
                f.w = wide;
                f.h = 64;
                const auto frames = measured(f, rate);
                QCOMPARE(most_of(frames, &FlashFrame::flashes), wide == 82 ? 0 : 4);
                if (wide == 82)
                    continue;
                const auto places = flash_places(frames, rate_of(rate), {});
                QCOMPARE(places.size(), std::size_t(1));
                QVERIFY(std::abs(places[0].area - 0.2607) < 0.001);
                QVERIFY(std::abs(places[0].box.left - x / 512.0) < 0.003 &&
                        std::abs(places[0].box.bottom - (y + 64) / 384.0) < 0.003);
            }
    }

    /// Two places that together cover 26 % of a window flash in it; as far apart as half the picture they do
    /// not.
    void areas_add_up_within_a_window_only() {
        for (const bool near : {true, false}) {
            FlashMeter meter(512, 384, rate_of(24));
            int most = 0;
            for (int i = 0; i < 48; ++i) {
                Frame frame(512, 384, {});
                if (i % 6 < 3) {
                    frame.fill(40, 100, 45, 64, {255, 255, 255});
                    frame.fill(near ? 100 : 400, 100, 44, 64, {255, 255, 255});
                }
                most = std::max(most, meter.add(frame.pixels).flashes);
            }
            QCOMPARE(most, near ? 4 : 0);
        }
    }

    /// Grey 124 has a relative luminance of 0.2016, 147 of 0.2918 (9.0 % more), 151 of 0.3095 (10.8 % more).
    void luminance_data() {
        QTest::addColumn<int>("rate");
        rates();
    }
    void luminance() {
        QFETCH(int, rate);
        QVERIFY(std::abs(luminance_of({124, 124, 124}) - 0.2016) < 1e-4);
        QVERIFY(std::abs(luminance_of({147, 147, 147}) - 0.2918) < 1e-4);
        QVERIFY(std::abs(luminance_of({151, 151, 151}) - 0.3095) < 1e-4);
        for (const int code : {147, 151}) {
            Flicker f;
            f.rest = {124, 124, 124};
            f.lit = {code, code, code};
            QCOMPARE(most_of(measured(f, rate), &FlashFrame::flashes), code == 147 ? 0 : 4);
        }
    }
    /// Grey 232 has 0.8070: white against it is not counted, since the darker is not below 0.80. 230 has
    /// 0.7913.
    void darker_end() {
        for (const int code : {232, 230}) {
            Flicker f;
            f.rest = {code, code, code};
            QCOMPARE(most_of(measured(f, 24), &FlashFrame::flashes), code == 232 ? 0 : 4);
        }
    }
    /// A change is counted from where it turned, however slowly it goes: steps of 4 % up to 12 % are one
    /// change.
    void slow_changes_count_once() {
        FlashMeter meter(48, 36, rate_of(24));
        int most = 0;
        for (int i = 0; i < 48; ++i) {
            // 0.20, 0.24, 0.28, 0.32 and back: four times in 24 frames.
            const int code = std::array{124, 134, 144, 153, 144, 134}[static_cast<std::size_t>(i % 6)];
            most = std::max(most, meter.add(Frame(48, 36, {code, code, code}).pixels).flashes);
        }
        QCOMPARE(most, 4);
    }

    void red_data() {
        QTest::addColumn<int>("rate");
        rates();
    }
    /// Pure red has R / (R + G + B) = 1 and lies at u'v' (0.4507, 0.5229), grey at (0.1978, 0.4683): 0.2588
    /// apart. Their luminances, 0.2126 and 0.2122 of grey 127, are alike: a red flash and no general one.
    /// (200, 100, 100) has 0.5776 / (0.5776 + 2 x 0.1274) = 0.694: not saturated; grey 130 is as light.
    void red() {
        QFETCH(int, rate);
        Flicker f;
        f.rest = {127, 127, 127};
        f.lit = {255, 0, 0};
        auto frames = measured(f, rate);
        QCOMPARE(most_of(frames, &FlashFrame::red), 4);
        QCOMPARE(most_of(frames, &FlashFrame::flashes), 0);
        auto places = flash_places(frames, rate_of(rate), {});
        QVERIFY(places.size() == 1 && places[0].red);
        f.times = 3;
        QVERIFY(flash_places(measured(f, rate), rate_of(rate), {}).empty());
        f.times = 4;
        f.rest = {130, 130, 130};
        f.lit = {200, 100, 100};
        frames = measured(f, rate);
        QCOMPARE(most_of(frames, &FlashFrame::red), 0);
        QCOMPARE(most_of(frames, &FlashFrame::flashes), 0);
    }
    /// (240, 0, 110): linear 0.8714, 0, 0.1559: R's share is 0.848, and from (255, 0, 0) it is near: one red
    /// is no change of another. From a grey as light it is 0.21 away.
    void red_is_told_from_red() {
        Flicker f;
        f.rest = {255, 0, 0};
        f.lit = {240, 0, 110};
        QCOMPARE(most_of(measured(f, 24), &FlashFrame::red), 0);
    }
    /// WCAG 2.0 and 2.1: a change of (R - G - B) x 320 by more than 20. (100, 30, 30) has linear 0.1274 - 2 x
    /// 0.0130 = 0.1014, x 320 = 32; its R has 0.83 of all: a red flash by the older text, from black. Its
    /// chromaticity is 0.13 from grey: none by the newer one.
    void older_red() {
        Flicker f;
        f.lit = {100, 30, 30};
        QCOMPARE(most_of(measured(f, 24, {FlashRule::Form::OlderRed}), &FlashFrame::red), 4);
        QCOMPARE(most_of(measured(f, 24), &FlashFrame::red), 0);
    }
    /// Black that flickers by one code in red alone is no red flash: there is no colour to speak of.
    void noise_in_black() {
        Flicker f;
        f.lit = {6, 0, 0};
        const auto frames = measured(f, 24);
        QCOMPARE(most_of(frames, &FlashFrame::red) + most_of(frames, &FlashFrame::flashes), 0);
    }

    /// A screen of 200 cd/m2 (BT.1886, a power of 2.4): code 98 gives 200 x 0.3843^2.4 = 20.2, code 97 gives
    /// 19.6. A quarter of the whole screen: 48 x 37 of 96 x 72 are 25.7 %, 48 x 35 are 24.3 %.
    void screen_brightness() {
        for (const int code : {97, 98}) {
            Flicker f;
            f.lit = {code, code, code};
            QCOMPARE(most_of(measured(f, 25, {FlashRule::Form::Screen}), &FlashFrame::flashes),
                     code == 97 ? 0 : 4);
        }
        for (const int high : {35, 37}) {
            Flicker f;
            f.w = 48;
            f.h = high;
            QCOMPARE(most_of(measured(f, 25, {FlashRule::Form::Screen}), &FlashFrame::flashes),
                     high == 35 ? 0 : 4);
        }
    }

    void stretches() {
        // 12 a second for one second at 24: changes on every frame from 24 on, the last back at 48.
        FlashMeter meter(48, 36, rate_of(24));
        std::vector<FlashFrame> frames;
        for (int i = 0; i < 120; ++i) {
            const bool lit = i >= 24 && i < 48 && i % 2 == 0;
            frames.push_back(meter.add(Frame(48, 36, lit ? Rgb{255, 255, 255} : Rgb{}).pixels));
        }
        const auto places = flash_places(frames, rate_of(24), {});
        QCOMPARE(places.size(), std::size_t(1));
        QCOMPARE(places[0].from, Frames(24));
        QVERIFY(places[0].until >= Frames(48) && places[0].until <= Frames(49 + 17));
        QCOMPARE(places[0].most, 12);
        QVERIFY(flash_places({}, rate_of(24), {}).empty());
    }

    /// Made at random: steps, ramps and noise, in grey and in colours.
    void agrees_with_the_definition_data() {
        QTest::addColumn<int>("seed");
        QTest::addColumn<int>("rate");
        for (const auto seed : test::seeds(1, 8))
            QTest::addRow("%u", seed) << static_cast<int>(seed) << std::array{24, 25, 30, 60}[seed % 4];
    }
    void agrees_with_the_definition() {
        QFETCH(int, seed);
        QFETCH(int, rate);
        std::mt19937 random(static_cast<unsigned>(seed));
        const auto chance = [&](int n) { return static_cast<int>(random() % static_cast<unsigned>(n)); };
        constexpr int w = 18, h = 15;
        std::vector<Frame> frames;
        struct Patch {
            int x, y, w, h, period, phase;
            Rgb a, b;
        };
        std::vector<Patch> patches;
        for (int i = 0; i < 6; ++i) {
            const auto colour = [&] {
                return chance(2) ? Rgb{chance(256), chance(64), chance(64)}
                                 : Rgb{chance(256), chance(256), chance(256)};
            };
            const int pw = 3 + chance(10), ph = 3 + chance(10);
            patches.push_back({chance(w - pw), chance(h - ph), pw, ph, 2 + chance(rate / 3), chance(12),
                               colour(), colour()});
        }
        for (int i = 0; i < rate * 3; ++i) {
            Frame frame(w, h, {60, 60, 60});
            for (const auto& p : patches) {
                const double s = 0.5 + 0.5 * std::sin(6.28318 * (i + p.phase) / p.period);
                const auto mix = [&](int a, int b) {
                    return static_cast<int>(a + (b - a) * (seed % 2 ? std::round(s) : s));
                };
                frame.fill(p.x, p.y, p.w, p.h, {mix(p.a.r, p.b.r), mix(p.a.g, p.b.g), mix(p.a.b, p.b.b)});
            }
            frames.push_back(std::move(frame));
        }
        const FlashRule rule{seed % 3 == 0 ? FlashRule::Form::Screen : FlashRule::Form::Wcag};
        FlashMeter meter(w, h, rate_of(rate), rule);
        std::vector<FlashFrame> found;
        for (const auto& frame : frames)
            found.push_back(meter.add(frame.pixels));
        const Plain plain(frames, rate, rule);
        int most = 0;
        for (int i = 0; i < static_cast<int>(frames.size()); i += 5) {
            QCOMPARE(found[static_cast<std::size_t>(i)].flashes, plain.flashes(i, false));
            QCOMPARE(found[static_cast<std::size_t>(i)].red, plain.flashes(i, true));
            most = std::max(
                {most, found[static_cast<std::size_t>(i)].flashes, found[static_cast<std::size_t>(i)].red});
        }
        seen_ += most > 0 ? 1 : 0;
    }
    void something_was_to_be_seen() { QVERIFY(seen_ >= 4); }

private:
    int seen_ = 0;
};

PULSEPIN_TEST_CLASS(TestFlash, "test_flash")
#include "test_flash.moc"
