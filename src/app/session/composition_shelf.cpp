// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/composition_shelf.h"

#include "interchange/composition_file.h"

#include <QStandardPaths>
#include <algorithm>

namespace pulsepin {
namespace {

/// Letters and digits of a name, so that it names a file anywhere.
std::string as_file_name(const std::string& name) {
    std::string plain;
    for (const char letter : name)
        plain += (letter >= 'a' && letter <= 'z') || (letter >= 'A' && letter <= 'Z') ||
                         (letter >= '0' && letter <= '9')
                     ? letter
                     : '-';
    return plain.substr(0, 60);
}

} // namespace

CompositionShelf::CompositionShelf()
    : folder_(QStandardPaths::writableLocation(QStandardPaths::GenericDataLocation).toStdString() +
              "/pulsepin/compositions") {}

std::vector<std::filesystem::path> CompositionShelf::files() const {
    constexpr std::size_t most = 500;
    std::vector<std::filesystem::path> found;
    std::error_code none;
    for (const auto& entry : std::filesystem::directory_iterator(folder_, none))
        if (entry.path().extension() == ".json" && entry.is_regular_file(none) && found.size() < most)
            found.push_back(entry.path());
    std::ranges::sort(found);
    return found;
}

std::vector<Composition> CompositionShelf::kept() const {
    std::vector<Composition> all;
    for (const auto& file : files())
        if (auto read = read_composition(file))
            all.push_back(*std::move(read));
    std::ranges::stable_sort(all, {}, &Composition::name);
    return all;
}

std::optional<Composition> CompositionShelf::named(const std::string& name) const {
    for (auto& one : kept())
        if (one.name == name)
            return std::move(one);
    for (const auto& one : ready_compositions())
        if (one.name == name)
            return one;
    return std::nullopt;
}

Result<std::string> CompositionShelf::keep(Composition composition) const {
    std::error_code wrong;
    std::filesystem::create_directories(folder_, wrong);
    if (wrong)
        return fail("The folder for compositions cannot be made: " + wrong.message() + ".", folder_.string());
    const auto there = kept();
    const auto taken = [&](const std::string& name) {
        return std::ranges::any_of(there, [&](const Composition& one) { return one.name == name; });
    };
    const std::string wanted = composition.name;
    for (int number = 2; taken(composition.name); ++number)
        composition.name = wanted + " " + std::to_string(number);
    auto path = folder_ / (as_file_name(composition.name) + ".json");
    for (int number = 2; std::filesystem::exists(path, wrong); ++number)
        path = folder_ / (as_file_name(composition.name) + "-" + std::to_string(number) + ".json");
    return write_composition(composition, path).map([&] { return composition.name; });
}

Result<void> CompositionShelf::forget(const std::string& name) const {
    for (const auto& file : files())
        if (const auto read = read_composition(file); read && read->name == name) {
            std::error_code wrong;
            if (!std::filesystem::remove(file, wrong) || wrong)
                return fail("It cannot be deleted: " + wrong.message() + ".", file.string());
            return {};
        }
    return fail("There is no composition called \"" + name + "\".");
}

} // namespace pulsepin
