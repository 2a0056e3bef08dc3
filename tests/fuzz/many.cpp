// SPDX-License-Identifier: GPL-3.0-or-later
//
// A fuzz target fed many inputs that are made from a seed: fuzz_TARGET_many COUNT SEED [FIRST] FOLDER...
// Half of them are files of the folders (kept ones, and those that a fuzzer which watches coverage found),
// changed here and there; the others are any bytes. Nothing watches what is reached, so that a slow target
// gets many more runs. The number of an input that fails is told, and had again with FIRST as its number and
// 1 as COUNT.
#include <algorithm>
#include <array>
#include <csignal>
#include <cstdint>
#include <cstdio>
#include <cstdlib>
#include <cstring>
#include <filesystem>
#include <fstream>
#include <iterator>
#include <random>
#include <vector>

#include <sys/time.h>
#include <unistd.h>

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size);

namespace {

using Bytes = std::vector<std::uint8_t>;
using Random = std::mt19937_64;

std::size_t below(Random& random, std::size_t end) {
    return random() % end;
}

std::vector<Bytes> files_in(int folders, char** names) {
    std::vector<std::filesystem::path> paths;
    for (int i = 0; i < folders; ++i)
        for (const auto& file : std::filesystem::directory_iterator(names[i]))
            paths.push_back(file.path());
    std::sort(paths.begin(), paths.end());
    std::vector<Bytes> files;
    for (const auto& path : paths) {
        std::ifstream in(path, std::ios::binary);
        files.emplace_back(std::istreambuf_iterator<char>(in), std::istreambuf_iterator<char>());
    }
    return files;
}

Bytes any_bytes(Random& random) {
    constexpr std::size_t longest = 200;
    Bytes bytes(1 + below(random, longest));
    for (auto& byte : bytes)
        byte = static_cast<std::uint8_t>(random());
    return bytes;
}

/// Where something is done in it, and to how many bytes, few rather than many.
std::pair<std::size_t, std::size_t> stretch(Random& random, const Bytes& bytes) {
    const std::size_t from = below(random, bytes.size());
    return {from, std::min(bytes.size() - from, std::size_t{1} << below(random, 6))};
}

/// One to eight changes: bytes of any value, a bit, what lies elsewhere or in another file, cut out, cut off.
Bytes changed(Random& random, Bytes bytes, const Bytes& other) {
    static constexpr std::array<std::uint8_t, 8> telling{0, 1, 127, 128, 255, '-', '"', '\n'};
    const auto at = [](Bytes& all, std::size_t place) {
        return all.begin() + static_cast<std::ptrdiff_t>(place);
    };
    for (std::size_t left = 1 + below(random, 8); left > 0 && !bytes.empty(); --left) {
        const auto [from, length] = stretch(random, bytes);
        switch (below(random, 7)) {
        case 0:
            bytes[from] = static_cast<std::uint8_t>(random());
            break;
        case 1:
            bytes[from] = telling[below(random, telling.size())];
            break;
        case 2:
            bytes[from] = static_cast<std::uint8_t>(bytes[from] ^ 1U << below(random, 8));
            break;
        case 3: {
            const Bytes piece(at(bytes, from), at(bytes, from + length));
            bytes.insert(at(bytes, below(random, bytes.size() + 1)), piece.begin(), piece.end());
            break;
        }
        case 4:
            bytes.erase(at(bytes, from), at(bytes, from + length));
            break;
        case 5:
            if (!other.empty()) {
                const auto [begin, taken] = stretch(random, other);
                bytes.insert(at(bytes, from), other.begin() + static_cast<std::ptrdiff_t>(begin),
                             other.begin() + static_cast<std::ptrdiff_t>(begin + taken));
            }
            break;
        default:
            if (below(random, 8) == 0)
                bytes.resize(from);
        }
    }
    return bytes;
}

volatile std::sig_atomic_t under_way = 0, ticks = 0;
constexpr int seconds_a_tick = 3, most_ticks = 10; // of its processor time, for one input

void tell_the_number(int) {
    std::array<char, 64> line{};
    std::snprintf(line.data(), line.size(), "FAIL: input %d\n", static_cast<int>(under_way));
    (void)!::write(STDERR_FILENO, line.data(), std::strlen(line.data()));
    std::abort(); // SA_RESETHAND
}

/// One tick may come of a machine that stood still for a while and takes that for time that was used.
void take_tick(int signal) {
    ticks = ticks + 1;
    if (ticks >= most_ticks)
        tell_the_number(signal);
}

} // namespace

int main(int argc, char** argv) {
    if (argc < 3) {
        std::fprintf(stderr, "usage: %s COUNT SEED [FIRST] FOLDER...\n", argv[0]);
        return 2;
    }
    const int count = std::atoi(argv[1]);
    const auto seed = static_cast<std::uint64_t>(std::atoll(argv[2]));
    const bool told_first = argc > 3 && !std::filesystem::is_directory(argv[3]);
    const int first = told_first ? std::atoi(argv[3]) : 0, folders = told_first ? 4 : 3;
    const auto files = files_in(argc - folders, argv + folders);
    struct sigaction action = {};
    action.sa_handler = tell_the_number;
    action.sa_flags = static_cast<int>(SA_RESETHAND);
    for (const int signal : {SIGABRT, SIGSEGV, SIGBUS, SIGFPE})
        ::sigaction(signal, &action, nullptr);
    action.sa_handler = take_tick;
    action.sa_flags = SA_RESTART;
    ::sigaction(SIGPROF, &action, nullptr);
    const itimerval ticking{{seconds_a_tick, 0}, {seconds_a_tick, 0}};
    for (int i = first; i < first + count; ++i) {
        under_way = i;
        Random random(seed * 1'000'003U + static_cast<std::uint64_t>(i));
        const bool of_a_file = !files.empty() && below(random, 2) == 0;
        const Bytes input = of_a_file ? changed(random, files[below(random, files.size())],
                                                files[below(random, files.size())])
                                      : any_bytes(random);
        ticks = 0;
        ::setitimer(ITIMER_PROF, &ticking, nullptr);
        LLVMFuzzerTestOneInput(input.data(), input.size());
        if ((i - first + 1) % 100'000 == 0)
            std::printf("%d\n", i - first + 1), std::fflush(stdout);
    }
    std::printf("%d inputs, seed %llu: well\n", count, static_cast<unsigned long long>(seed));
    return 0;
}
