// SPDX-License-Identifier: GPL-3.0-or-later
// pulsepin-spectra OUT SOUND...: writes OUT/NAME.f16, what the network hears of each sound: for every
// hundredth of a second 54 quick and 60 slow bands as half precision numbers. For training only.
#include "analysis/front_end.h"
#include "media/load_sound.h"

#include <fstream>
#include <iostream>

int main(int argc, char** argv) {
    using namespace pulsepin;
    if (argc < 3) {
        std::cerr << "usage: pulsepin-spectra OUT SOUND...\n";
        return 2;
    }
    for (int i = 2; i < argc; ++i) {
        const std::filesystem::path path = argv[i];
        const auto target = std::filesystem::path(argv[1]) / (path.stem().string() + ".f16");
        if (std::filesystem::exists(target))
            continue;
        const auto sound = load_sound(path);
        if (!sound) {
            std::cerr << sound.error().message() << "\n";
            return 1;
        }
        FrontEnd front(*sound->samples);
        const auto unfinished =
            std::filesystem::path(target.string() + ".part"); // trainers look for whole ones
        std::ofstream out(unfinished, std::ios::binary);
        FrontBlock block;
        const std::vector<_Float16> silence((FrontEnd::quick_bands + FrontEnd::slow_bands) *
                                            front.sounds_from());
        out.write(reinterpret_cast<const char*>(silence.data()),
                  static_cast<std::streamsize>(silence.size() * sizeof(silence[0])));
        for (front.next(1000, block); block.frames > 0; front.next(1000, block))
            for (std::size_t k = 0; k < block.frames; ++k) {
                std::vector<_Float16> row;
                for (const float v : block.quick.frame(2 * k))
                    row.push_back(static_cast<_Float16>(v));
                for (const float v : block.slow.frame(k))
                    row.push_back(static_cast<_Float16>(v));
                out.write(reinterpret_cast<const char*>(row.data()),
                          static_cast<std::streamsize>(row.size() * sizeof(row[0])));
            }
        out.close();
        std::filesystem::rename(unfinished, target);
    }
    return 0;
}
