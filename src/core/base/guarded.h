// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"

#include <new>
#include <stdexcept>

namespace pulsepin {

/// Runs work that returns a Result on a thread where no exception may leave it: a fault of the program, or a
/// lack of memory, becomes an error that can be told.
template <class Work>
[[nodiscard]] auto guarded(Work&& work) -> decltype(work()) {
    try {
        return work();
    } catch (const std::bad_alloc&) {
        return fail("There is not enough memory for this.", {},
                    "Close other programs, or use a smaller piece.", ErrorKind::Broken);
    } catch (const std::length_error&) {
        return fail("This is too large to be worked on.", {}, "Use a smaller piece.", ErrorKind::Broken);
    } catch (const std::exception& fault) {
        return fail(std::string("This could not be done because of a fault in Pulse Pin: ") + fault.what() +
                        ".",
                    {}, "Save your work, and try it otherwise.", ErrorKind::Broken);
    }
}

} // namespace pulsepin
