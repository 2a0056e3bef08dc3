// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <tl/expected.hpp>

namespace pulsepin {

/// What a caller may want to tell apart; never told apart by the words.
enum class ErrorKind {
    Refused,   ///< what was asked for cannot be done
    Cancelled, ///< someone did not want it any more
    NotFound,  ///< a file is not there, or cannot be reached
    Damaged,   ///< what was read is not what it should be
    Changed,   ///< someone else changed it meanwhile
    Broken     ///< a fault of the program
};

/// What went wrong, in words for the person at the screen: what happened, to which file, and what to do about
/// it.
struct Error {
    std::string what;
    std::string file;   ///< empty where no file is concerned
    std::string remedy; ///< empty where nothing can be advised
    ErrorKind kind = ErrorKind::Refused;

    /// One sentence each, joined: "FILE: what. remedy."
    [[nodiscard]] std::string message() const;
    [[nodiscard]] bool cancelled() const { return kind == ErrorKind::Cancelled; }

    friend bool operator==(const Error&, const Error&) = default;
};

/// A value, or the reason why there is none. Exceptions are for bugs only.
template <class T>
using Result = tl::expected<T, Error>;

/// `return fail("...")` in a function that returns Result<T>.
[[nodiscard]] tl::unexpected<Error> fail(std::string what, std::string file = {}, std::string remedy = {},
                                         ErrorKind kind = ErrorKind::Refused);

/// How work ends that was cancelled.
[[nodiscard]] tl::unexpected<Error> fail_cancelled();

} // namespace pulsepin
