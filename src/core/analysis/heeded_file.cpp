// SPDX-License-Identifier: GPL-3.0-or-later
#include "analysis/heeded_file.h"

#include <cstring>
#include <fstream>
#include <type_traits>

namespace pulsepin {
namespace {

constexpr std::string_view version = "Pulse Pin heard 2\n"; // to be raised whenever Features change
constexpr std::string_view the_end = "end\n";
constexpr std::uint64_t most_values = 1ull << 33;

/// One list of fields for both directions.
template <class Archive, class H>
void each_field(Archive& archive, H& heeded) {
    auto& f = heeded.features;
    archive(f.duration.value);
    archive(f.silent);
    for (auto* curve : {&f.flux, &f.energy_rise, &f.high_rise, &f.surprise, &f.raw, &f.novelty,
                        &f.bass_change, &f.mid_change, &f.rms, &f.peak, &f.percussive, &f.harmonic})
        archive(*curve);
    for (auto& curve : f.bands)
        archive(curve);
    for (auto& curve : f.heard.log_odds)
        archive(curve);
    archive(f.sharpness);
    for (auto* table : {&f.rises, &f.harmony}) {
        archive(table->bands);
        archive(table->frames_per_second);
        archive(table->step);
        archive(table->values);
    }
    archive(heeded.loudness.integrated);
    archive(heeded.loudness.short_term);
    archive(heeded.loudness.tenths);
}

class Writer {
public:
    explicit Writer(std::ostream& out) : out_(out) {}
    template <class T>
    requires std::is_arithmetic_v<T>
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

class Reader {
public:
    Reader(std::istream& in, std::uint64_t bytes) : in_(in), left_(bytes) {}
    template <class T>
    requires std::is_arithmetic_v<T>
    void operator()(T& value) { take(&value, sizeof(value)); }
    template <class T>
    void operator()(std::vector<T>& values) {
        std::uint64_t count = 0;
        (*this)(count);
        if (count > most_values || count * sizeof(T) > left_) {
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

} // namespace

Result<void> save_heeded(const Heeded& heeded, std::string_view fingerprint,
                         const std::filesystem::path& path) {
    const std::filesystem::path neighbour = path.string() + ".part";
    {
        std::ofstream out(neighbour, std::ios::binary);
        out << version << fingerprint << "\n";
        Writer writer(out);
        each_field(writer, heeded);
        out << the_end;
        out.flush();
        if (!out) {
            std::error_code ignored;
            std::filesystem::remove(neighbour, ignored);
            return fail("What was heard could not be kept.", path.string(), "Make room on the disk.");
        }
    }
    std::error_code error;
    std::filesystem::rename(neighbour, path, error);
    if (error)
        return fail("What was heard could not be kept.", path.string());
    return {};
}

Result<Heeded> load_heeded(std::string_view fingerprint, const std::filesystem::path& path) {
    std::error_code error;
    const auto size = std::filesystem::file_size(path, error);
    std::ifstream in(path, std::ios::binary);
    const std::string expected = std::string(version) + std::string(fingerprint) + "\n";
    std::string head(expected.size(), ' ');
    if (error || !in || !in.read(head.data(), static_cast<std::streamsize>(head.size())) || head != expected)
        return fail("Nothing was kept of this sound.", path.string());
    Heeded heeded;
    Reader reader(in, size - head.size());
    each_field(reader, heeded);
    std::string tail(the_end.size(), ' ');
    in.read(tail.data(), static_cast<std::streamsize>(tail.size()));
    if (!reader.good() || tail != the_end)
        return fail("What was kept of this sound is damaged.", path.string());
    return heeded;
}

} // namespace pulsepin
