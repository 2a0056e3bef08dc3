// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/effects/effect_painter.h"
#include "render/pixel_lanes.h"
#include "render/resampling.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <opencv2/imgproc.hpp>
#include <vector>

namespace pulsepin {
namespace {

const std::array painters{&colour_key_painter, &soft_edge_painter,  &drop_shadow_painter, &exposure_painter,
                          &contrast_painter,   &saturation_painter, &hue_painter,         &levels_painter,
                          &tint_painter,       &posterise_painter,  &blur_painter,        &streak_painter,
                          &rush_painter,       &sharpen_painter,    &glow_painter,        &shift_painter,
                          &bulge_painter,      &ripple_painter,     &mirror_painter,      &edges_painter,
                          &grain_painter,      &vignette_painter,   &flare_painter,       &leak_painter,
                          &flash_painter,      &strobe_painter};

} // namespace

const EffectPainter* painter_of(std::string_view effect) {
    const auto found = std::find_if(painters.begin(), painters.end(),
                                    [effect](const EffectPainter* one) { return one->effect == effect; });
    return found == painters.end() ? nullptr : *found;
}

cv::Scalar channels_of(Colour colour) {
    const auto channel = [&](int shift) { return static_cast<double>(colour.rgb >> shift & 0xffu) / 255; };
    return {channel(0), channel(8), channel(16), 1};
}

namespace {

constexpr int margin =
    4; // small pixels around a small image, so that what enlarging does at its edges is not seen

/// The means of shrink by shrink pixels, with a margin of what is beyond the edges: the outer pixels that go
/// on.
cv::Mat made_small(const cv::Mat& image, int shrink) {
    const auto missing = [&](int length) { return (shrink - length % shrink) % shrink; };
    cv::Mat whole = image;
    if (missing(image.cols) > 0 || missing(image.rows) > 0)
        cv::copyMakeBorder(image, whole, 0, missing(image.rows), 0, missing(image.cols),
                           cv::BORDER_REPLICATE);
    const int cols = whole.cols / shrink, rows = whole.rows / shrink;
    cv::Mat small(rows + 2, cols + 2, image.type());
    const auto put = [&](const cv::Mat& from, const cv::Rect& place) {
        cv::Mat part = small(place);
        cv::resize(from, part, part.size(), 0, 0, cv::INTER_AREA);
    };
    put(whole, {1, 1, cols, rows});
    for (const bool far : {false, true}) {
        const int x = far ? whole.cols - 1 : 0, y = far ? whole.rows - 1 : 0;
        put(whole.col(x), {far ? cols + 1 : 0, 1, 1, rows});
        put(whole.row(y), {1, far ? rows + 1 : 0, cols, 1});
        for (const bool right : {false, true})
            whole(cv::Rect(right ? whole.cols - 1 : 0, y, 1, 1))
                .copyTo(small(cv::Rect(right ? cols + 1 : 0, far ? rows + 1 : 0, 1, 1)));
    }
    cv::Mat with_margin;
    cv::copyMakeBorder(small, with_margin, margin - 1, margin - 1, margin - 1, margin - 1,
                       cv::BORDER_REPLICATE);
    return with_margin;
}

/// Of four channels: what made_small() gave, as large as it was.
void enlarge(const cv::Mat& small, int shrink, cv::Mat& image) {
    const auto at = [&](int place, int count) {
        return Between::held((place + 0.5) / shrink - 0.5 + margin, count);
    };
    std::vector<Between> across;
    for (int x = 0; x < image.cols; ++x)
        across.push_back(at(x, small.cols));
    const auto cols = static_cast<std::size_t>(image.cols);
    std::vector<std::uint32_t> above(cols), below(cols);
    const auto widen = [&](int row, std::vector<std::uint32_t>& wide) {
        mix_across(small.ptr<std::uint32_t>(row), across, wide.data());
    };
    for (int y = 0, there = -1; y < image.rows; ++y) {
        const Between rows = at(y, small.rows);
        if (rows.first != there) {
            if (rows.first == there + 1 && there >= 0)
                above.swap(below);
            else
                widen(rows.first, above);
            widen(rows.second, below);
            there = rows.first;
        }
        mix_rows(reinterpret_cast<const std::uint8_t*>(above.data()),
                 reinterpret_cast<const std::uint8_t*>(below.data()), rows.share, cols * 4,
                 image.ptr<std::uint8_t>(y));
    }
}

/// Gaussian at 1/shrink of the size. Making small and large spread what they work on as well, and what is
/// left of the variance is the blur's.
void blur_small(cv::Mat& image, double sigma, int shrink) {
    cv::Mat small = made_small(image, shrink);
    const double square = shrink * shrink, of_means = (square - 1) / 12, of_lines = square / 6;
    const double left = std::max(0.01, sigma * sigma - of_means - of_lines);
    cv::GaussianBlur(small, small, {}, std::sqrt(left) / shrink, 0, cv::BORDER_REPLICATE);
    if (image.channels() == 4)
        return enlarge(small, shrink, image);
    cv::Mat large;
    cv::resize(small, large, small.size() * shrink, 0, 0, cv::INTER_LINEAR);
    large(cv::Rect(margin * shrink, margin * shrink, image.cols, image.rows)).copyTo(image);
}

} // namespace

void blur_in_place(cv::Mat& image, double sigma) {
    if (sigma < 0.1)
        return;
    constexpr double widest = 4; // of which at most two levels are lost (test_effects)
    int shrink = 1;
    while (sigma / shrink > widest && image.cols / shrink > 8 && image.rows / shrink > 8)
        shrink *= 2;
    if (shrink > 1)
        return blur_small(image, sigma, shrink);
    cv::Mat blurred;
    cv::GaussianBlur(image, blurred, {}, sigma, 0, cv::BORDER_REPLICATE);
    blurred.copyTo(image);
}

namespace {

/// How far something is moved: whole pixels, and 128ths of one.
struct Move {
    int whole;
    std::uint16_t part;
    explicit Move(double by)
        : whole(static_cast<int>(std::floor(by + 1.0 / 256))),
          part(static_cast<std::uint16_t>(std::floor((by - whole) * 128 + 0.5))) {}
};

/// A row moved to the right, with one pixel more, since each is mixed of two; beyond its ends the outer
/// pixels go on.
void write_moved(const std::uint32_t* row, int count, int by, std::uint32_t* out) {
    const int left = std::clamp(by + 1, 0, count + 1), right = std::clamp(count + by + 1, left, count + 1);
    std::fill_n(out, left, row[0]);
    std::copy_n(row + left - by - 1, right - left, out + left);
    std::fill_n(out + right, count + 1 - right, row[count - 1]);
}

/// out = (own * row + the rest of what was moved), 256ths.
PULSEPIN_WIDE void mix_moved(const std::uint8_t* row, const std::uint8_t* moved, std::size_t bytes,
                             std::uint16_t own, std::uint16_t part, std::uint16_t rounding,
                             std::uint8_t* out) {
    const auto first = static_cast<std::uint16_t>((256 - own) * part / 128),
               second = static_cast<std::uint16_t>(256 - own - first);
    for (std::size_t i = 0; i < bytes; ++i)
        out[i] = static_cast<std::uint8_t>(
            static_cast<std::uint16_t>(row[i] * own + moved[i] * first + moved[i + 4] * second + rounding) >>
            8);
}

} // namespace

void lay_moved_over(cv::Mat& image, cv::Point2d by, double share, bool round_down) {
    const Move across(by.x), down(by.y);
    const int cols = image.cols, rows = image.rows;
    const auto bytes = static_cast<std::size_t>(cols) * 4;
    const auto own = static_cast<std::uint16_t>(cvRound((1 - share) * 256));
    cv::Mat out(image.size(), image.type());
    std::vector<std::uint32_t> mixed(static_cast<std::size_t>(cols)),
        moved(static_cast<std::size_t>(cols) + 1);
    for (int y = 0; y < rows; ++y) {
        const auto row_at = [&](int at) { return image.ptr<std::uint8_t>(std::clamp(at, 0, rows - 1)); };
        const std::uint8_t* source = row_at(y - down.whole);
        if (down.part > 0) {
            auto* between = reinterpret_cast<std::uint8_t*>(mixed.data());
            mix_rows(source, row_at(y - down.whole - 1), 2u * down.part, bytes, between);
            source = between;
        }
        write_moved(reinterpret_cast<const std::uint32_t*>(source), cols, across.whole, moved.data());
        mix_moved(image.ptr<std::uint8_t>(y), reinterpret_cast<const std::uint8_t*>(moved.data()), bytes, own,
                  across.part, round_down ? 127 : 128, out.ptr<std::uint8_t>(y));
    }
    image = out;
}

PULSEPIN_WIDE void mix_colours(cv::Mat& image, const cv::Matx44f& m) {
    change_pixels(image, [&](PixelLanes& p, int, int) PULSEPIN_WITHIN {
        const Lanes blue = p.blue, green = p.green, red = p.red;
        p.blue = m(0, 0) * blue + m(0, 1) * green + m(0, 2) * red + m(0, 3) * p.alpha;
        p.green = m(1, 0) * blue + m(1, 1) * green + m(1, 2) * red + m(1, 3) * p.alpha;
        p.red = m(2, 0) * blue + m(2, 1) * green + m(2, 2) * red + m(2, 3) * p.alpha;
    });
}

void look_up(cv::Mat& image, const std::array<unsigned char, 256>& table) {
    for (int y = 0; y < image.rows; ++y) {
        auto* pixel = image.ptr<cv::Vec4b>(y);
        for (const auto* end = pixel + image.cols; pixel != end; ++pixel) {
            const unsigned alpha = (*pixel)[3];
            if (alpha == 255) {
                for (int c = 0; c < 3; ++c)
                    (*pixel)[c] = table[(*pixel)[c]];
            } else if (alpha > 0) {
                for (int c = 0; c < 3; ++c) {
                    const unsigned free = ((*pixel)[c] * 255u + alpha / 2) / alpha;
                    (*pixel)[c] = static_cast<uchar>((table[std::min(free, 255u)] * alpha + 127) / 255);
                }
            }
        }
    }
}

namespace {

/// Places of a picture in 32nds of a pixel, as cv::remap() wants them: whole pixels, and which of 32 by 32
/// shares.
constexpr int shares = cv::INTER_TAB_SIZE;

/// Between two rows of coarse places, each `step` pixels from the next, the places of one row of pixels.
template <int step>
void write_places(const cv::Vec2f* above, const cv::Vec2f* below, float down, int count, cv::Vec2s* whole,
                  std::uint16_t* share) {
    for (int x = 0, i = 0; x < count; ++i) {
        const cv::Vec2f first = above[i] * (1 - down) + below[i] * down;
        const cv::Vec2f each = (above[i + 1] * (1 - down) + below[i + 1] * down - first) * (1.0f / step);
        for (int k = 0; k < step && x < count; ++k, ++x) {
            const int across = cvRound(first[0] + each[0] * static_cast<float>(k)),
                      along = cvRound(first[1] + each[1] * static_cast<float>(k));
            whole[x] = {static_cast<short>(across >> cv::INTER_BITS),
                        static_cast<short>(along >> cv::INTER_BITS)};
            share[x] = static_cast<std::uint16_t>((along & (shares - 1)) * shares + (across & (shares - 1)));
        }
    }
}

} // namespace

void bend(cv::Mat& image, const std::function<cv::Point2d(cv::Point2d)>& from) {
    // Worked out at every fourth pixel: what bends does so smoothly.
    constexpr int step = 4;
    constexpr float farthest = 30000; // that sixteen bits can tell
    cv::Mat coarse((image.rows + step - 1) / step + 1, (image.cols + step - 1) / step + 1, CV_32FC2);
    for (int y = 0; y < coarse.rows; ++y)
        for (int x = 0; x < coarse.cols; ++x) {
            const cv::Point2d place = from(cv::Point2d(x * step, y * step));
            for (int axis = 0; axis < 2; ++axis)
                coarse.at<cv::Vec2f>(y, x)[axis] =
                    std::clamp(static_cast<float>(axis == 0 ? place.x : place.y), -farthest, farthest) *
                    shares;
        }
    cv::Mat whole(image.size(), CV_16SC2), share(image.size(), CV_16UC1), bent;
    for (int y = 0; y < image.rows; ++y)
        write_places<step>(coarse.ptr<cv::Vec2f>(y / step), coarse.ptr<cv::Vec2f>(y / step + 1),
                           static_cast<float>(y % step) / step, image.cols, whole.ptr<cv::Vec2s>(y),
                           share.ptr<std::uint16_t>(y));
    cv::remap(image, bent, whole, share, cv::INTER_LINEAR, cv::BORDER_REFLECT_101);
    bent.copyTo(image);
}

PULSEPIN_WIDE void add_light(cv::Mat& image, const cv::Mat& light, Colour colour, double strength) {
    const cv::Scalar channels = channels_of(colour);
    const auto blue = static_cast<float>(channels[0] * strength),
               green = static_cast<float>(channels[1] * strength),
               red = static_cast<float>(channels[2] * strength);
    change_pixels(image, [&](PixelLanes& p, int x, int y) PULSEPIN_WITHIN {
        Lanes lit{};
        read_lanes(light.ptr<float>(y), x, image.cols, lit);
        lit *= p.alpha;
        p.blue += lit * blue;
        p.green += lit * green;
        p.red += lit * red;
    });
}

} // namespace pulsepin
