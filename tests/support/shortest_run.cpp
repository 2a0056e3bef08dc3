// SPDX-License-Identifier: GPL-3.0-or-later
#include "support/shortest_run.h"

#include <algorithm>
#include <cstdio>
#include <sstream>

namespace pulsepin::test {

std::vector<int> shortest_failing(std::vector<int> actions,
                                  const std::function<bool(const std::vector<int>&)>& fails, int most) {
    std::size_t parts = 2;
    int asked = 0;
    while (actions.size() > 1 && parts <= actions.size()) {
        const std::size_t length = (actions.size() + parts - 1) / parts;
        bool shorter = false;
        for (std::size_t begin = 0; begin < actions.size() && !shorter; begin += length) {
            std::vector<int> rest(actions.begin(), actions.begin() + static_cast<std::ptrdiff_t>(begin));
            const auto end = std::min(begin + length, actions.size());
            rest.insert(rest.end(), actions.begin() + static_cast<std::ptrdiff_t>(end), actions.end());
            if (asked++ == most)
                return actions;
            if ((shorter = fails(rest)))
                actions = std::move(rest);
        }
        if (shorter)
            parts = std::max<std::size_t>(parts - 1, 2);
        else if (length == 1)
            break;
        else
            parts = std::min(2 * parts, actions.size());
    }
    return actions;
}

std::string written_ranges(const std::vector<int>& numbers) {
    std::string text;
    for (std::size_t i = 0; i < numbers.size();) {
        std::size_t last = i;
        while (last + 1 < numbers.size() && numbers[last + 1] == numbers[last] + 1)
            ++last;
        text += (text.empty() ? "" : ",") + std::to_string(numbers[i]) +
                (last > i ? "-" + std::to_string(numbers[last]) : "");
        i = last + 1;
    }
    return text;
}

std::vector<int> read_ranges(const std::string& text) {
    std::vector<int> numbers;
    std::istringstream in(text);
    for (std::string part; std::getline(in, part, ',');) {
        int first = 0, last = 0;
        const int found = std::sscanf(part.c_str(), "%d-%d", &first, &last);
        for (int n = first; found > 0 && n <= (found == 2 ? last : first); ++n)
            numbers.push_back(n);
    }
    return numbers;
}

} // namespace pulsepin::test
