// SPDX-License-Identifier: GPL-3.0-or-later
//
// Looks, or a composition, by the first byte: what was read is written, and read again as it was.
#include "folder.h"
#include "interchange/composition_file.h"
#include "interchange/look_file.h"
#include "interchange/project_json.h"
#include "model/edits.h"
#include "use_grid.h"

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    using namespace pulsepin;
    static const fuzz::Folder folder;
    if (size == 0)
        return 0;
    const auto file = folder.with("read.json", {data + 1, size - 1});
    if (data[0] % 2 == 0) {
        const auto looks = read_looks(file);
        if (!looks) {
            fuzz::demand(!looks.error().what.empty());
            return 0;
        }
        fuzz::demand(write_looks(*looks, folder.at("written.json")).has_value());
        fuzz::demand(read_looks(folder.at("written.json")) == looks);
        return 0;
    }
    const auto made = read_composition(file);
    if (!made) {
        fuzz::demand(!made.error().what.empty());
        return 0;
    }
    fuzz::demand(write_composition(*made, folder.at("written.json")).has_value());
    const auto again = read_composition(folder.at("written.json"));
    fuzz::demand(again && again->name == made->name && again->length == made->length &&
                 project_to_json(again->piece, "/tmp") == project_to_json(made->piece, "/tmp"));
    return 0;
}
