// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/draft.h"
#include "base/error.h"

#include <cstdint>
#include <filesystem>
#include <fstream>
#include <string_view>
#include <type_traits>
#include <vector>

namespace pulsepin {

/// Files that keep what was computed, so that it need not be computed again. Private to a version of the
/// program and to the machine: they may be deleted at any time, and are never handed on. The fields of a
/// value are listed once, by a function `each_field(archive, value)` that calls archive(field) for numbers
/// and vectors of them.

class KeptWriter {
public:
    explicit KeptWriter(std::ostream& out) : out_(out) {}
    template <class T>
    requires std::is_trivially_copyable_v<T>
    void operator()(const T& value) { out_.write(reinterpret_cast<const char*>(&value), sizeof(value)); }
    template <class T>
    void operator()(const std::vector<T>& values) {
        (*this)(static_cast<std::uint64_t>(values.size()));
        out_.write(reinterpret_cast<const char*>(values.data()),
                   static_cast<std::streamsize>(values.size() * sizeof(T)));
    }

private:
    std::ostream& out_;
};

class KeptReader {
public:
    KeptReader(std::istream& in, std::uint64_t bytes) : in_(in), left_(bytes) {}
    template <class T>
    requires std::is_trivially_copyable_v<T>
    void operator()(T& value) { take(&value, sizeof(value)); }
    template <class T>
    void operator()(std::vector<T>& values) {
        std::uint64_t count = 0;
        (*this)(count);
        if (!good_ || count > left_ / sizeof(T)) {
            good_ = false;
            return;
        }
        values.resize(count);
        take(values.data(), count * sizeof(T));
    }
    [[nodiscard]] bool good() const { return good_; }

private:
    void take(void* to, std::uint64_t bytes) {
        if (!good_ || bytes > left_ ||
            !in_.read(static_cast<char*>(to), static_cast<std::streamsize>(bytes))) {
            good_ = false;
            return;
        }
        left_ -= bytes;
    }
    std::istream& in_;
    std::uint64_t left_;
    bool good_ = true;
};

/// Writes the value as a draft beside the file, readable by its owner alone. `version` names the kind and its
/// layout, `key` what it was computed from. Fails when the disk is full or the folder cannot be written.
template <class Value, class EachField>
[[nodiscard]] Result<void> save_kept(const Value& value, std::string_view version, std::string_view key,
                                     const std::filesystem::path& path, const EachField& each_field) {
    const auto failed = [&] {
        return fail("What was computed could not be kept.", path.string(), "Make room on the disk.");
    };
    auto draft = Draft::beside(path, 0600);
    if (!draft)
        return failed();
    std::ofstream out(draft->opened_as(), std::ios::binary);
    out << version << '\n' << key << '\n';
    KeptWriter writer(out);
    each_field(writer, value);
    out << "end\n";
    out.close();
    if (!out || !draft->take_place())
        return failed();
    return {};
}

/// Fails when nothing was kept there, or something of another version or key, or damaged.
template <class Value, class EachField>
[[nodiscard]] Result<Value> load_kept(std::string_view version, std::string_view key,
                                      const std::filesystem::path& path, const EachField& each_field) {
    std::error_code error;
    const auto size = std::filesystem::file_size(path, error);
    std::ifstream in(path, std::ios::binary);
    const std::string expected = std::string(version) + '\n' + std::string(key) + '\n';
    std::string head(expected.size(), ' ');
    if (error || !in || !in.read(head.data(), static_cast<std::streamsize>(head.size())) || head != expected)
        return fail("Nothing was kept of this.", path.string(), {}, ErrorKind::NotFound);
    Value value;
    KeptReader reader(in, size - head.size());
    each_field(reader, value);
    std::string tail(4, ' ');
    in.read(tail.data(), static_cast<std::streamsize>(tail.size()));
    if (!reader.good() || tail != "end\n")
        return fail("What was kept of this is damaged.", path.string(), {}, ErrorKind::Damaged);
    return value;
}

} // namespace pulsepin
