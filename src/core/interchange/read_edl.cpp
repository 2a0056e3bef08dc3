// SPDX-License-Identifier: GPL-3.0-or-later
//
// Edit decision lists in the CMX 3600 interchange style: events of four timecodes, with speeds (M2), names
// and markers (LOC) in comments, as editing programs write them (common practice).
#include "base/unicode.h"
#include "interchange/list_readers.h"
#include "time/timecode.h"

#include <algorithm>
#include <cctype>
#include <charconv>
#include <cmath>
#include <fmt/core.h>

namespace pulsepin {
namespace {

constexpr ParamSpec own[] = {
    {.id = "begins",
     .label = "begins at",
     .type = ParamType::Text,
     .explains =
         "the record timecode of the piece's first frame; empty: the whole hour before its first event"}};

std::vector<std::string_view> words_of(std::string_view line) {
    std::vector<std::string_view> words;
    while (true) {
        const auto begin = line.find_first_not_of(" \t");
        if (begin == std::string_view::npos)
            return words;
        line.remove_prefix(begin);
        const auto end = std::min(line.find_first_of(" \t"), line.size());
        words.push_back(line.substr(0, end));
        line.remove_prefix(end);
    }
}

bool is_number(std::string_view word) {
    return !word.empty() && std::ranges::all_of(word, [](unsigned char c) { return std::isdigit(c); });
}

std::string_view trimmed(std::string_view text) {
    const auto begin = text.find_first_not_of(" \t");
    if (begin == std::string_view::npos)
        return {};
    return text.substr(begin, text.find_last_not_of(" \t") - begin + 1);
}

std::string lower(std::string_view text) {
    std::string low(text);
    std::ranges::transform(low, low.begin(), [](unsigned char c) { return std::tolower(c); });
    return low;
}

class Edl {
public:
    explicit Edl(const ListReading& reading) : rate_(reading.rate), begins_(reading.values.text("begins")) {}

    Result<BroughtIn> read(std::string_view bytes) {
        const std::string text = as_utf8(bytes);
        if (text.find('\0') != std::string::npos)
            return fail("This is no text.", {}, "Choose an edit decision list.");
        for (std::size_t at = 0; at < text.size();) {
            const auto end = std::min(text.find('\n', at), text.size());
            std::string_view line = std::string_view(text).substr(at, end - at);
            at = end + 1;
            ++line_;
            if (line.ends_with('\r'))
                line.remove_suffix(1);
            if (!line.empty())
                take(line);
        }
        if (events_ == 0)
            return fail("There is no event in this list.", {}, "Choose an edit decision list.");
        if (auto moved = move_to_the_beginning(); !moved)
            return tl::unexpected(moved.error());
        return std::move(list_);
    }

private:
    void tell(const std::string& what) {
        constexpr std::size_t most = 1000;
        if (list_.not_understood.size() < most)
            list_.not_understood.push_back(fmt::format("Line {}: {}", line_, what));
    }

    void take(std::string_view line) {
        if (line.starts_with("TITLE:")) {
            list_.title = std::string(trimmed(line.substr(6)));
        } else if (line.starts_with("FCM:")) {
            // Each timecode says it itself by its last separator; the word is a check at most.
        } else if (line.starts_with("*")) {
            comment(trimmed(line.substr(1)));
        } else {
            const auto words = words_of(line);
            if (words.empty())
                return; // only blanks
            if (words.front() == "M2")
                speed(words);
            else if (is_number(words.front()))
                event(words);
            else if (words.front() != ">>>" && words.front() != "SPLIT:" && words.front() != "AUD")
                tell("\"" + std::string(line.substr(0, 60)) + "\" is no event.");
        }
    }

    Result<Frames> timecode(std::string_view text) const {
        // Drop-frame counting is told by ";" or ".", which only some rates have.
        std::string code(text);
        if (!drop_frame_exists(rate_))
            std::ranges::replace(code, ';', ':');
        return parse_timecode(code, rate_);
    }

    void event(const std::vector<std::string_view>& words) {
        if (words.size() < 8)
            return tell("An event has a number, a reel, a track, a transition and four timecodes.");
        Frames times[4];
        for (std::size_t i = 0; i < 4; ++i) {
            const auto read = timecode(words[words.size() - 4 + i]);
            if (!read)
                return tell(read.error().what);
            times[i] = *read;
        }
        const std::string reel(words[1]), track = lower(words[2]), change = lower(words[3]);
        const bool sounds = track.starts_with("a") && track.find('v') == std::string::npos;
        if (times[3] < times[2])
            return tell("The event ends before it begins.");
        ++events_;
        last_ = {};
        half_ = Frames(0);
        if (times[3] == times[2])
            return; // where the shot before stands, in front of what comes in over it
        BroughtItem item;
        item.kind = sounds         ? BroughtItem::Kind::Sound
                    : reel == "BL" ? BroughtItem::Kind::Gap
                                   : BroughtItem::Kind::Cut;
        item.at = rate_.start_of(times[2]);
        item.until = rate_.start_of(times[3]);
        item.in_point = rate_.start_of(times[0]);
        item.by_timecode = !sounds;
        item.name = reel;
        item.line = line_;
        if (sounds && track.size() > 1 && is_number(track.substr(1)))
            item.track = std::max(0, std::atoi(track.c_str() + 1) - 1);
        if (change.starts_with("d") || change.starts_with("w")) {
            int frames = 0;
            std::from_chars(words[4].data(), words[4].data() + words[4].size(), frames);
            const auto length = (times[3] - times[2]).value;
            if (frames < 0 || frames > length)
                tell("A change of \"" + std::string(words[4].substr(0, 20)) +
                     "\" pictures is as long as its event.");
            frames = static_cast<int>(std::clamp<std::int64_t>(frames, 0, length));
            // The list begins it with the fade; here the cut lies in its middle.
            item.fade = rate_.start_of(Frames(frames));
            item.wiped = change.starts_with("w");
            half_ = Frames(frames / 2);
            item.at = rate_.start_of(times[2] + half_);
            item.in_point = rate_.start_of(times[0] + half_);
        } else if (change != "c") {
            tell("The transition \"" + change + "\" is taken as a cut.");
        }
        list_.items.push_back(std::move(item));
        last_ = list_.items.size();
    }

    void speed(const std::vector<std::string_view>& words) {
        if (words.size() < 3 || last_ == 0)
            return tell("This speed belongs to no event.");
        const std::string text(words[words.size() - 2]);
        char* end = nullptr;
        const double rate = std::strtod(text.c_str(), &end);
        if (end == text.c_str() || *end != '\0' || !std::isfinite(rate))
            return tell("\"" + text + "\" is no speed.");
        auto& item = list_.items[last_ - 1];
        item.speed = rate / rate_.per_second();
        if (std::abs(item.speed - std::round(item.speed * 1000) / 1000) < 1e-3)
            item.speed = std::round(item.speed * 1000) / 1000; // it is written with one decimal
        const auto entered = timecode(words.back());
        entered_ = entered ? rate_.start_of(*entered) : item.in_point - rate_.start_of(half_);
        enter(item);
    }

    /// At its own speed it has gone on by the middle of the fade, where the cut lies here.
    void enter(BroughtItem& item) const {
        // Lists count in whole frames; what lies half way is the earlier one, as it was rounded when it was
        // written.
        const double frames =
            entered_.value * rate_.per_second() + static_cast<double>(half_.value) * item.speed;
        item.in_point =
            rate_.start_of(std::max(Frames(0), Frames(std::llround(std::ceil(frames - 0.5 - 1e-6)))));
    }

    void comment(std::string_view text) {
        const auto after = [&](std::string_view head) -> std::optional<std::string> {
            if (lower(text.substr(0, head.size())) != lower(head))
                return std::nullopt;
            return std::string(trimmed(text.substr(head.size())));
        };
        if (const auto marker = after("LOC:"))
            return locator(*marker);
        if (last_ == 0)
            return;
        auto& item = list_.items[last_ - 1];
        if (const auto name = after("TO CLIP NAME:"))
            item.name = *name;
        else if (const auto from = after("FROM CLIP NAME:")) {
            if (item.fade == Seconds(0)) // of a dissolve it is the shot before
                item.name = *from;
        } else if (const auto file = after("SOURCE FILE:"))
            item.file = *file;
        else if (const auto exact = after("SPEED:"); exact && item.speed != 1) {
            // With all its decimals, as this program writes it.
            double percent = 0;
            if (std::from_chars(exact->data(), exact->data() + exact->size(), percent).ec == std::errc{} &&
                std::abs(percent / 100 - item.speed) < 0.05) {
                item.speed = percent / 100;
                enter(item);
            }
        }
    }

    /// A timecode, a colour, a name.
    void locator(const std::string& text) {
        const auto words = words_of(text);
        const auto at = words.empty() ? Result<Frames>(fail("no timecode")) : timecode(words.front());
        if (!at)
            return tell("This marker has no timecode.");
        BroughtItem item;
        item.kind = BroughtItem::Kind::Marker;
        item.at = item.until = rate_.start_of(*at);
        item.line = line_;
        if (words.size() > 1)
            item.colour = lower(words[1]);
        if (words.size() > 2)
            item.name = text.substr(static_cast<std::size_t>(words[2].data() - text.data()));
        list_.items.push_back(std::move(item));
    }

    /// Record times begin at some whole hour mostly.
    Result<void> move_to_the_beginning() {
        Seconds first = list_.items.empty() ? Seconds(0) : list_.items.front().at;
        for (const auto& item : list_.items)
            first = std::min(first, item.at);
        Frames begins(0);
        if (!begins_.empty()) {
            const auto told = timecode(begins_);
            if (!told)
                return fail("\"" + begins_ + "\" is no timecode.", {}, "Write it as 01:00:00:00.");
            begins = *told;
        } else if (first >= Seconds(3600)) {
            const auto hour = static_cast<std::int64_t>(first.value / 3600);
            if (const auto code = timecode(fmt::format("{:02}:00:00:00", hour)))
                begins = *code;
        }
        for (auto& item : list_.items) {
            item.at -= rate_.start_of(begins);
            item.until -= rate_.start_of(begins);
        }
        return {};
    }

    FrameRate rate_;
    std::string begins_;
    BroughtIn list_;
    int line_ = 0, events_ = 0;
    Frames half_;          ///< of the fade of the last event
    Seconds entered_;      ///< where its clip is entered, where it has a speed
    std::size_t last_ = 0; ///< of the items, from 1; 0: none
};

Result<BroughtIn> read(std::string_view bytes, const ListReading& reading) {
    return Edl(reading).read(bytes);
}

} // namespace

const ListReaderRow edl_reader{"edl", "Edit decision list", "edl", read, own};

} // namespace pulsepin
