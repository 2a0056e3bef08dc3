// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <tl/expected.hpp>

namespace pulsepin {

/// What went wrong, in words for the person at the screen: what happened, to which file, and what to do about
/// it.
struct Error {
    std::string what;
    std::string file;   ///< empty where no file is concerned
    std::string remedy; ///< empty where nothing can be advised

    /// One sentence each, joined: "FILE: what. remedy."
    [[nodiscard]] std::string message() const;

    friend bool operator==(const Error&, const Error&) = default;
};

/// A value, or the reason why there is none. Exceptions are for bugs only.
template <class T>
using Result = tl::expected<T, Error>;

/// `return fail("...")` in a function that returns Result<T>.
[[nodiscard]] tl::unexpected<Error> fail(std::string what, std::string file = {}, std::string remedy = {});

} // namespace pulsepin
