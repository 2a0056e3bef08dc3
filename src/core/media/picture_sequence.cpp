// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/picture_sequence.h"

#include "media/media_endings.h"
#include <algorithm>
#include <map>
#include <string>

namespace pulsepin {
namespace {

bool is_digit(char c) {
    return c >= '0' && c <= '9';
}

/// "kite_0012.png" is "kite_", four digits, 12, ".png".
struct Numbered {
    std::string before, after;
    std::size_t digits = 0;
    int number = 0;
};

std::optional<Numbered> numbered(const std::string& name) {
    const auto dot = name.find_last_of('.');
    std::size_t end = dot == std::string::npos ? name.size() : dot, begin = end;
    while (begin > 0 && is_digit(name[begin - 1]))
        --begin;
    if (begin == end || end - begin > 8 || name.find('%') != std::string::npos)
        return std::nullopt;
    return Numbered{name.substr(0, begin), name.substr(end), end - begin,
                    std::stoi(name.substr(begin, end - begin))};
}

std::string pattern_of(const Numbered& one) {
    return one.before + "%0" + std::to_string(one.digits) + "d" + one.after;
}

} // namespace

bool is_sequence(const std::filesystem::path& path) {
    const std::string name = path.filename().string();
    const auto mark = name.find("%0");
    return mark != std::string::npos && mark + 3 < name.size() && is_digit(name[mark + 2]) &&
           name[mark + 3] == 'd';
}

bool is_of_sequence(const std::filesystem::path& file, const std::filesystem::path& pattern) {
    const auto one = numbered(file.filename().string());
    return one && pattern_of(*one) == pattern.filename().string();
}

std::optional<int> first_of_sequence(const std::filesystem::path& pattern) {
    std::optional<int> first;
    std::error_code code;
    const auto folder = pattern.has_parent_path() ? pattern.parent_path() : std::filesystem::path(".");
    for (const auto& file : std::filesystem::directory_iterator(folder, code)) {
        if (is_of_sequence(file.path(), pattern)) {
            const int number = numbered(file.path().filename().string())->number;
            first = std::min(first.value_or(number), number);
        }
    }
    return first;
}

std::vector<std::filesystem::path> with_sequences(const std::vector<std::filesystem::path>& files) {
    std::map<std::filesystem::path, std::vector<int>> groups;
    const auto group_of = [](const std::filesystem::path& file) -> std::optional<std::filesystem::path> {
        const auto one = numbered(file.filename().string());
        if (!one || !ends_as(file, picture_endings()))
            return std::nullopt;
        return file.parent_path() / pattern_of(*one);
    };
    for (const auto& file : files)
        if (const auto group = group_of(file))
            groups[*group].push_back(numbered(file.filename().string())->number);
    for (auto& [pattern, numbers] : groups)
        std::sort(numbers.begin(), numbers.end());
    const auto whole = [&](const std::filesystem::path& pattern) {
        const auto& numbers = groups[pattern];
        return numbers.size() >= 3 &&
               numbers.back() - numbers.front() + 1 == static_cast<int>(numbers.size());
    };
    std::vector<std::filesystem::path> out;
    for (const auto& file : files) {
        const auto group = group_of(file);
        const auto shown = group && whole(*group) ? *group : file;
        if (std::find(out.begin(), out.end(), shown) == out.end())
            out.push_back(shown);
    }
    return out;
}

} // namespace pulsepin
