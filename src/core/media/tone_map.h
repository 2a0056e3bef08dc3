// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cstddef>
#include <cstdint>
#include <memory>

namespace pulsepin {

/// The light that a picture's numbers stand for.
enum class Transfer { Sdr, Pq, Hlg };
enum class Primaries { Bt709, Bt2020, P3 };

/// Brings a row of pixels with other light or primaries to those of standard dynamic range, BT.709 primaries:
/// perceptual quantisation and hybrid log-gamma (Rec. ITU-R BT.2100) are mapped by the curve of Report ITU-R
/// BT.2390-10, section 5.4 (its EETF), from the peak of their mastering display to the reference white of
/// Report ITU-R BT.2408 (203 cd/m2), which keeps what lies below it and bends what lies above; the brightest
/// of the three colours is mapped, so that hues stay. What lies outside of BT.709's colours is cut off.
class ToneMap {
public:
    /// `peak`: cd/m2 of the mastering display; 1000 where nothing is said.
    ToneMap(Transfer transfer, Primaries primaries, double peak = 1000);
    ~ToneMap();
    ToneMap(ToneMap&&) noexcept;
    ToneMap& operator=(ToneMap&&) noexcept;

    /// 16 bits a colour, in the order red, green, blue, alpha; to blue, green, red, alpha of 8 bits.
    void row(const std::uint16_t* rgba, std::uint8_t* bgra, std::size_t pixels) const;

private:
    struct Tables;
    std::unique_ptr<Tables> tables_;
};

/// Rec. ITU-R BT.2100, table 4: cd/m2 of a signal from 0 to 1, and back.
[[nodiscard]] double pq_to_light(double signal);
[[nodiscard]] double light_to_pq(double light);
/// Rec. ITU-R BT.2100, table 5: 0 to 1 of the scene's light, of a signal from 0 to 1.
[[nodiscard]] double hlg_to_scene(double signal);

} // namespace pulsepin
