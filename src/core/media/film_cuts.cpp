// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/film_cuts.h"

#include "media/video_reader.h"

#include <algorithm>
#include <cmath>
#include <cstdlib>
#include <functional>

namespace pulsepin {
namespace {

// Choices of ours, set on films made for it (tests/core/test_film_cuts.cpp); distances go from 0 to 100.
constexpr double least_jump = 9;     ///< of a hard cut
constexpr double above_others = 2.5; ///< times what the pictures around it differ by
constexpr int around = 8;            ///< so many pictures on either side
constexpr int longest_flash = 4;     ///< pictures after which what was there is back
constexpr double least_dissolve = 12;
constexpr double still_mixed = 0.22; ///< of that distance, by which a mixture may be off

using Cells = decltype(PictureTrace::cells);

double cells_apart(const Cells& a, const Cells& b) {
    int sum = 0;
    for (std::size_t i = 0; i < a.size(); ++i)
        sum += std::abs(a[i] - b[i]);
    return sum / (2.55 * static_cast<double>(a.size()));
}

double colours_apart(const PictureTrace& a, const PictureTrace& b) {
    int sum = 0;
    for (std::size_t i = 0; i < a.colours.size(); ++i)
        sum += std::abs(a.colours[i] - b.colours[i]);
    return sum / 5.1; // at most twice 255
}

/// Cells see what stands elsewhere, colours what is another scene though its parts move.
double apart(const PictureTrace& a, const PictureTrace& b) {
    return 0.6 * cells_apart(a.cells, b.cells) + 0.4 * colours_apart(a, b);
}

/// How far the cells are from a mixture of two others.
double off_mixture(const Cells& at, const Cells& from, const Cells& to, double share) {
    double sum = 0;
    for (std::size_t i = 0; i < at.size(); ++i)
        sum += std::abs(at[i] - (from[i] + (to[i] - from[i]) * share));
    return sum / (2.55 * static_cast<double>(at.size()));
}

class Cuts {
public:
    explicit Cuts(const std::vector<PictureTrace>& film)
        : film_(film), count_(static_cast<int>(film.size())) {}

    std::vector<FoundCut> all() {
        if (count_ < 2)
            return {};
        jumps_.assign(film_.size(), 0);
        for (int i = 1; i < count_; ++i)
            jumps_[at(i)] = apart(film_[at(i - 1)], film_[at(i)]);
        for (int i = 1; i < count_; ++i)
            if (is_cut(i))
                cuts_.push_back({film_[at(i)].from});
        find_dissolves();
        std::ranges::sort(cuts_, {}, &FoundCut::at);
        return std::move(cuts_);
    }

private:
    static std::size_t at(int i) { return static_cast<std::size_t>(i); }

    [[nodiscard]] bool is_cut(int i) const {
        const double jump = jumps_[at(i)];
        if (jump < least_jump)
            return false;
        double others = 0;
        int counted = 0;
        for (int k = std::max(1, i - around); k <= std::min(count_ - 1, i + around); ++k) {
            if (k == i)
                continue;
            if (std::abs(k - i) <= 2 && jumps_[at(k)] > jump)
                return false; // the jump is there
            others += std::min(jumps_[at(k)], jump);
            ++counted;
        }
        if (counted > 0 && jump < above_others * others / counted)
            return false;
        return !comes_back(i, jump);
    }

    /// A flash, or a picture that was inserted: before it and behind it the film goes on. The end of one is
    /// none either.
    [[nodiscard]] bool comes_back(int i, double jump) const {
        constexpr double same = 0.4; // of the jump
        for (int k = 1; k <= longest_flash; ++k) {
            if (i + k < count_ && apart(film_[at(i - 1)], film_[at(i + k)]) < same * jump)
                return true;
            if (i - 1 - k >= 0 && apart(film_[at(i - 1 - k)], film_[at(i)]) < same * jump)
                return true;
        }
        return false;
    }

    // -- dissolves

    /// How much the picture in the middle of [i - half, i + half] is a mixture of its ends; 0: it is none.
    [[nodiscard]] double mixed(int i, int half) const {
        if (i - half < 0 || i + half >= count_)
            return 0;
        const Cells &from = film_[at(i - half)].cells, &to = film_[at(i + half)].cells;
        const double whole = cells_apart(from, to);
        if (whole < least_dissolve)
            return 0;
        for (int k = i - half + 1; k <= i + half; ++k)
            if (jumps_[at(k)] > std::max(least_jump, 3.0 * whole / (2 * half)))
                return 0; // it jumps
        double off = 0;
        for (const double share : {0.25, 0.5, 0.75}) {
            const int k = i - half + static_cast<int>(std::lround(2 * half * share));
            off = std::max(off, off_mixture(film_[at(k)].cells, from, to,
                                            static_cast<double>(k - (i - half)) / (2 * half)));
        }
        return off < still_mixed * whole ? whole * (1 - off / whole) : 0;
    }

    /// Whether the shots on either side move by themselves about as much: then it is movement, not a mixture.
    [[nodiscard]] bool goes_on(int i, int half, double whole) const {
        constexpr double by_itself = 0.35; // of what changes over twice the time
        const auto moves = [&](int from, int until) {
            from = std::max(0, from);
            until = std::min(count_ - 1, until);
            return cells_apart(film_[at(from)].cells, film_[at(until)].cells) > by_itself * whole;
        };
        return moves(i - 2 * half, i - half) || moves(i + half, i + 2 * half);
    }

    /// Of stretches that lie over each other the one that is the clearest mixture.
    void find_dissolves() {
        struct Stretch {
            int middle, half;
            double clear;
        };
        std::vector<Stretch> stretches;
        for (int i = 0; i < count_; ++i)
            for (const int half : {3, 4, 6, 8, 10, 12, 15, 18, 25})
                if (const double clear = mixed(i, half); clear > 0 && !goes_on(i, half, clear))
                    stretches.push_back({i, half, clear});
        std::ranges::stable_sort(stretches, std::greater<>(), &Stretch::clear);
        std::vector<std::pair<int, int>> taken;
        const std::size_t hard = cuts_.size();
        for (const auto& one : stretches) {
            const int begin = one.middle - one.half, end = one.middle + one.half;
            const Seconds from = film_[at(begin)].from, until = film_[at(end)].from;
            const bool is_cut =
                std::any_of(cuts_.begin(), cuts_.begin() + static_cast<std::ptrdiff_t>(hard),
                            [&](const FoundCut& cut) { return cut.at >= from && cut.at <= until; });
            const bool is_taken = std::ranges::any_of(
                taken, [&](const auto& other) { return begin < other.second && other.first < end; });
            if (is_cut || is_taken)
                continue;
            taken.emplace_back(begin, end);
            cuts_.push_back({film_[at(one.middle)].from, until - from});
        }
    }

    const std::vector<PictureTrace>& film_;
    int count_;
    std::vector<double> jumps_; ///< of each picture from the one before
    std::vector<FoundCut> cuts_;
};

/// Among the kinds around its colour by how near it is to each: a colour that changes little changes kind
/// little, wherever it lies between them.
void share_out(const std::uint8_t* pixel, std::array<double, PictureTrace::kinds>& colours) {
    int low[3];
    double above[3];
    for (int channel = 0; channel < 3; ++channel) {
        const double place = pixel[channel] * (3 / 255.0);
        low[channel] = std::min(2, static_cast<int>(place));
        above[channel] = place - low[channel];
    }
    for (int corner = 0; corner < 8; ++corner) {
        double share = 1;
        int kind = 0, weight = 1;
        for (int channel = 0; channel < 3; ++channel, weight *= 4) {
            const int up = corner >> channel & 1;
            share *= up ? above[channel] : 1 - above[channel];
            kind += (low[channel] + up) * weight;
        }
        colours[static_cast<std::size_t>(kind)] += share;
    }
}

PictureTrace trace_of(const Picture& picture) {
    PictureTrace trace;
    trace.from = picture.from;
    const auto& pixels = picture.pixels;
    std::array<double, PictureTrace::kinds> colours{};
    std::array<int, std::tuple_size_v<Cells>> sums{};
    std::array<int, static_cast<std::size_t>(PictureTrace::across * PictureTrace::down)> counts{};
    for (int y = 0; y < pixels.height; ++y) {
        const auto* row = pixels.row(y);
        const int cell_y = y * PictureTrace::down / pixels.height;
        for (int x = 0; x < pixels.width; ++x) {
            const auto cell = static_cast<std::size_t>(cell_y * PictureTrace::across +
                                                       x * PictureTrace::across / pixels.width);
            const auto* pixel = row + static_cast<std::ptrdiff_t>(x) * 4;
            for (std::size_t channel = 0; channel < 3; ++channel)
                sums[cell * 3 + channel] += pixel[channel];
            ++counts[cell];
            share_out(pixel, colours);
        }
    }
    for (std::size_t i = 0; i < sums.size(); ++i)
        trace.cells[i] = static_cast<std::uint8_t>(counts[i / 3] > 0 ? sums[i] / counts[i / 3] : 0);
    const int all = std::max(1, pixels.width * pixels.height);
    for (std::size_t i = 0; i < colours.size(); ++i)
        trace.colours[i] = static_cast<std::uint8_t>(std::lround(colours[i] * 255 / all));
    return trace;
}

} // namespace

std::vector<FoundCut> cuts_in(const std::vector<PictureTrace>& film) {
    return Cuts(film).all();
}

Seconds length_of(const std::vector<PictureTrace>& film) {
    if (film.size() < 2)
        return Seconds(0);
    return film.back().from + (film.back().from - film[film.size() - 2].from);
}

Result<std::vector<PictureTrace>> traces_of_film(const std::filesystem::path& film,
                                                 const Progress& progress) {
    auto reader = VideoReader::open({film});
    if (!reader)
        return tl::unexpected(reader.error());
    if (reader->info().still)
        return fail("This is a single picture.", film, "Choose a film.");
    reader->decode_roughly();
    constexpr int width = 96, height = 96; // that pictures are looked at in
    constexpr std::size_t most = 4'000'000;
    const double duration = std::max(1e-3, reader->info().duration.value);
    std::vector<PictureTrace> traces;
    Seconds at(0);
    while (traces.size() < most) {
        if (progress.cancelled())
            return fail_cancelled();
        const auto picture = reader->picture_at(at, width, height);
        if (!picture)
            return tl::unexpected(picture.error());
        traces.push_back(trace_of(*picture));
        if (picture->until <= at) // the last one
            break;
        at = picture->until;
        progress.report(std::min(1.0, at.value / duration));
    }
    return traces;
}

} // namespace pulsepin
