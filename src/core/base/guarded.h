// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"

#include <exception>
#include <mutex>
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

/// The same of work that has no outcome: whether it came to its end.
template <class Work>
[[nodiscard]] bool came_to_its_end(Work&& work) {
    return guarded([&]() -> Result<void> {
               work();
               return {};
           })
        .has_value();
}

/// What happened on other threads is told on the one that waits for them: the first exception of several,
/// none of which may leave its thread.
class FirstFault {
public:
    /// `work`, from which nothing gets out.
    template <class Work>
    void watch(Work&& work) noexcept {
        try {
            work();
        } catch (...) {
            const std::lock_guard lock(mutex_);
            if (!fault_)
                fault_ = std::current_exception();
        }
    }
    /// Once the others have ended.
    void throw_again() const {
        if (fault_)
            std::rethrow_exception(fault_);
    }

private:
    std::mutex mutex_;
    std::exception_ptr fault_;
};

} // namespace pulsepin
