// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/error.h"

#include <utility>

namespace pulsepin {

std::string Error::message() const {
    std::string text;
    if (!file.empty())
        text += file + ": ";
    text += what;
    if (!remedy.empty())
        text += " " + remedy;
    return text;
}

tl::unexpected<Error> fail(std::string what, std::string file, std::string remedy, ErrorKind kind) {
    return tl::unexpected<Error>(Error{std::move(what), std::move(file), std::move(remedy), kind});
}

tl::unexpected<Error> fail_cancelled() {
    return fail("Cancelled.", {}, {}, ErrorKind::Cancelled);
}

} // namespace pulsepin
