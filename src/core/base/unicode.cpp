// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/unicode.h"

#include <algorithm>

#include <cstdint>

namespace pulsepin {
namespace {

void append(std::string& out, std::uint32_t point) {
    const auto byte = [&](std::uint32_t value) { out += static_cast<char>(value); };
    if (point < 0x80) {
        byte(point);
    } else if (point < 0x800) {
        byte(0xc0 | point >> 6);
        byte(0x80 | (point & 0x3f));
    } else if (point < 0x10000) {
        byte(0xe0 | point >> 12);
        byte(0x80 | (point >> 6 & 0x3f));
        byte(0x80 | (point & 0x3f));
    } else {
        byte(0xf0 | point >> 18);
        byte(0x80 | (point >> 12 & 0x3f));
        byte(0x80 | (point >> 6 & 0x3f));
        byte(0x80 | (point & 0x3f));
    }
}

std::string from_utf16(std::string_view bytes, bool low_byte_first) {
    const auto unit = [&](std::size_t at) {
        const auto a = static_cast<unsigned char>(bytes[at]), b = static_cast<unsigned char>(bytes[at + 1]);
        return static_cast<std::uint32_t>(low_byte_first ? a | b << 8 : a << 8 | b);
    };
    constexpr std::uint32_t replacement = 0xfffd;
    std::string out;
    for (std::size_t at = 0; at + 1 < bytes.size(); at += 2) {
        std::uint32_t point = unit(at);
        if (point >= 0xd800 && point < 0xdc00 && at + 3 < bytes.size() && unit(at + 2) >= 0xdc00 &&
            unit(at + 2) < 0xe000) {
            point = 0x10000 + ((point - 0xd800) << 10) + (unit(at + 2) - 0xdc00);
            at += 2;
        } else if (point >= 0xd800 && point < 0xe000) {
            point = replacement;
        }
        append(out, point);
    }
    return out;
}

} // namespace

std::string as_utf8(std::string_view bytes) {
    using namespace std::string_view_literals;
    if (bytes.starts_with("\xff\xfe"sv))
        return from_utf16(bytes.substr(2), true);
    if (bytes.starts_with("\xfe\xff"sv))
        return from_utf16(bytes.substr(2), false);
    if (bytes.starts_with("\xef\xbb\xbf"sv))
        return std::string(bytes.substr(3));
    if (bytes.size() >= 4 && bytes[0] != 0 && bytes[1] == 0 && bytes[2] != 0 && bytes[3] == 0)
        return from_utf16(bytes, true);
    if (bytes.size() >= 4 && bytes[0] == 0 && bytes[1] != 0 && bytes[2] == 0 && bytes[3] != 0)
        return from_utf16(bytes, false);
    return std::string(bytes);
}

bool runs_right_to_left(std::string_view utf8) {
    for (std::size_t i = 0; i < utf8.size(); ++i) {
        const auto lead = static_cast<unsigned char>(utf8[i]);
        if ((lead & 0xc0u) == 0x80u)
            continue;
        const auto next = [&](std::size_t by) {
            return i + by < utf8.size() ? static_cast<unsigned char>(utf8[i + by]) & 0x3fu : 0u;
        };
        std::uint32_t point = lead;
        if (lead >= 0xf0)
            point = (lead & 7u) << 18 | next(1) << 12 | next(2) << 6 | next(3);
        else if (lead >= 0xe0)
            point = (lead & 15u) << 12 | next(1) << 6 | next(2);
        else if (lead >= 0xc0)
            point = (lead & 31u) << 6 | next(1);
        // The blocks that the Unicode Character Database gives to such scripts.
        if ((point >= 0x590 && point <= 0x8ff) || (point >= 0xfb1d && point <= 0xfdff) ||
            (point >= 0xfe70 && point <= 0xfeff) || (point >= 0x10800 && point <= 0x10fff) ||
            (point >= 0x1e800 && point <= 0x1efff))
            return true;
        const bool letter = (point >= 'a' && point <= 'z') || (point >= 'A' && point <= 'Z') || point >= 0xc0;
        if (letter)
            return false;
    }
    return false;
}

std::size_t characters_in(std::string_view utf8) {
    return static_cast<std::size_t>(std::count_if(utf8.begin(), utf8.end(), [](char c) {
        return (static_cast<unsigned char>(c) & 0xc0u) != 0x80u && c != '\n';
    }));
}

} // namespace pulsepin
