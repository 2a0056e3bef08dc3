// SPDX-License-Identifier: GPL-3.0-or-later
//
// Timed Text Markup Language 2 (W3C Recommendation): what <p> says, between its begin and its end or over its
// dur; a <span> with a begin says when its words begin. Times as clock times or offsets (TTML2, 12.3.1).
#include "base/xml_text.h"
#include "words/formats/rows.h"
#include "words/lyric_text.h"

#include <algorithm>
#include <charconv>
#include <cmath>
#include <cstring>
#include <fmt/core.h>
#include <pugixml.hpp>

namespace pulsepin::lyric {
namespace {

/// Without its prefix, which may be any.
std::string_view local(const char* name) {
    const char* colon = std::strchr(name, ':');
    return colon ? colon + 1 : name;
}

bool is(std::span<const std::string> lines) {
    for (const auto& line : lines.first(std::min<std::size_t>(lines.size(), 50)))
        if (line.find("<tt ") != std::string::npos || line.find(":tt ") != std::string::npos ||
            line.find("<tt>") != std::string::npos)
            return true;
    return false;
}

struct Rates {
    double frames = 30, ticks = 1; ///< a second (TTML2, 7.2.5 and 7.2.11)
};

double number_of(std::string_view text, double usual) {
    double value = usual;
    std::from_chars(text.data(), text.data() + text.size(), value);
    return std::isfinite(value) && value > 0 && value < 1e9 ? value : usual;
}

Rates rates_of(pugi::xml_node tt) {
    Rates rates;
    double times = 1;
    for (const auto& attribute : tt.attributes()) {
        const std::string_view name = local(attribute.name()), value = attribute.value();
        if (name == "frameRate")
            rates.frames = number_of(value, 30);
        else if (name == "tickRate")
            rates.ticks = number_of(value, 1);
        else if (name == "frameRateMultiplier") // "1000 1001"
            if (const auto blank = value.find(' '); blank != std::string_view::npos)
                times = number_of(value, 1) / number_of(value.substr(blank + 1), 1);
    }
    rates.frames *= times;
    return rates;
}

std::optional<Seconds> time_of(std::string_view text, const Rates& rates) {
    text = without_blanks(text);
    if (text.empty())
        return std::nullopt;
    if (std::ranges::count(text, ':') == 3) { // hours:minutes:seconds:frames
        const auto last = text.rfind(':');
        const auto whole = clock_time(text.substr(0, last));
        double frames = 0;
        const auto [past, wrong] = std::from_chars(text.data() + last + 1, text.data() + text.size(), frames);
        return whole && wrong == std::errc{} ? std::optional(*whole + Seconds(frames / rates.frames))
                                             : std::nullopt;
    }
    if (text.find(':') != std::string_view::npos) {
        const auto point = text.find('.');
        return clock_time(point == std::string_view::npos ? text
                                                          : text.substr(0, point + 4)); // to the millisecond
    }
    double value = 0;
    const auto [past, wrong] = std::from_chars(text.data(), text.data() + text.size(), value);
    const std::string_view unit(past, static_cast<std::size_t>(text.data() + text.size() - past));
    const double one = unit == "h"    ? 3600
                       : unit == "m"  ? 60
                       : unit == "s"  ? 1
                       : unit == "ms" ? 0.001
                       : unit == "f"  ? 1 / rates.frames
                       : unit == "t"  ? 1 / rates.ticks
                                      : 0;
    if (wrong != std::errc{} || one == 0 || !std::isfinite(value) || std::abs(value * one) > 1e6)
        return std::nullopt;
    return Seconds(value * one);
}

/// From where on and until when an element is there, counted from where its parent begins.
struct Span {
    std::optional<Seconds> from, until;
};
Span span_of(pugi::xml_node node, Seconds parent, const Rates& rates) {
    Span span;
    std::optional<Seconds> lasts;
    for (const auto& attribute : node.attributes()) {
        const auto name = local(attribute.name());
        const auto time = name == "begin" || name == "end" || name == "dur"
                              ? time_of(attribute.value(), rates)
                              : std::nullopt;
        if (name == "begin" && time)
            span.from = parent + *time;
        else if (name == "end" && time)
            span.until = parent + *time;
        else if (name == "dur")
            lasts = time;
    }
    if (lasts && !span.until)
        span.until = span.from.value_or(parent) + *lasts;
    return span;
}

class Reading {
public:
    Reading(Rates rates, Lyric& lyric) : rates_(rates), lyric_(lyric) {}

    /// `depth`: so many elements around it; those of texts are few.
    void visit(pugi::xml_node node, Seconds parent, int depth) {
        if (depth > 60)
            return;
        const Span span = span_of(node, parent, rates_);
        const Seconds from = span.from.value_or(parent);
        if (local(node.name()) == "p") {
            LyricLine line{.start = span.from, .end = span.until, .in_file = lyric_.lines.size() + 1};
            for (const auto& attribute : node.attributes())
                if (local(attribute.name()) == "agent")
                    line.speaker = attribute.value();
            WordCutter cutter(line);
            say(node, cutter, from, depth);
            cutter.finish();
            lyric_.lines.push_back(std::move(line));
            return;
        }
        for (const auto& child : node.children())
            if (child.type() == pugi::node_element)
                visit(child, from, depth + 1);
    }

private:
    void say(pugi::xml_node node, WordCutter& cutter, Seconds parent, int depth) {
        if (depth > 60)
            return;
        for (const auto& child : node.children()) {
            if (child.type() == pugi::node_pcdata || child.type() == pugi::node_cdata)
                cutter.text(child.value());
            else if (local(child.name()) == "br")
                cutter.text(" ");
            else if (local(child.name()) == "span") {
                const Span span = span_of(child, parent, rates_);
                if (span.from)
                    cutter.stamp(*span.from);
                say(child, cutter, span.from.value_or(parent), depth + 1);
                if (span.from && span.until)
                    cutter.stamp(*span.until);
            }
        }
    }
    Rates rates_;
    Lyric& lyric_;
};

Result<Lyric> read(std::span<const std::string> lines) {
    std::string whole;
    for (const auto& line : lines)
        whole += line + "\n";
    // Entities of a file's own are never expanded by this library, so that none can grow without end.
    pugi::xml_document document;
    const auto parsed = document.load_buffer(
        whole.data(), whole.size(), pugi::parse_default | pugi::parse_ws_pcdata, pugi::encoding_utf8);
    if (!parsed) {
        const auto before = std::string_view(whole).substr(
            0, static_cast<std::size_t>(std::max<std::ptrdiff_t>(parsed.offset, 0)));
        return fail(fmt::format("Line {}: this XML cannot be read: {}.", 1 + std::ranges::count(before, '\n'),
                                parsed.description()),
                    {}, "Write it again with the program that made it.", ErrorKind::Damaged);
    }
    Lyric lyric;
    const auto root = document.document_element();
    Reading(rates_of(root), lyric).visit(root, Seconds(0), 0);
    return lyric;
}

std::string write(const Lyric& lyric) {
    std::string text = "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n<tt xmlns=\"http://www.w3.org/ns/ttml\" "
                       "xml:lang=\"\">\n<body><div>\n";
    for (const auto& line : lyric.lines) {
        const auto start = start_of(line), end = end_of(line);
        if (!start || !end)
            continue;
        text +=
            fmt::format("<p begin=\"{}\" end=\"{}\">", caption_time(*start, '.'), caption_time(*end, '.'));
        for (std::size_t i = 0; i < line.words.size(); ++i) {
            const auto& word = line.words[i];
            text += i > 0 ? " " : "";
            // Counted from where the line begins.
            text += word.start && *word.start >= *start
                        ? fmt::format("<span begin=\"{}\">{}</span>", caption_time(*word.start - *start, '.'),
                                      xml_text(word.text))
                        : xml_text(word.text);
        }
        text += "</p>\n";
    }
    return text + "</div></body>\n</tt>\n";
}

} // namespace

LyricFormatRow ttml() {
    return {"ttml", "Timed Text (TTML)", "ttml dfxp", is, read, write};
}

} // namespace pulsepin::lyric
