// SPDX-License-Identifier: GPL-3.0-or-later
//
// What becomes of large blocks of memory that are done with. For programs, not for what they are made of.
#pragma once

#if defined(__GLIBC__)
#include <malloc.h>
#endif

namespace pulsepin {

/// Curves of hours of sound go back to the system as soon as they are done with.
inline void give_back_large_blocks() {
#if defined(__GLIBC__)
    mallopt(M_MMAP_THRESHOLD, 1 << 20);
#endif
}

/// Blocks up to 16 MB stay for a while; a picture of 1080 rows takes 8. Pictures are asked for many times a
/// second, and the system would hand out each of their pages anew, cleared: a third of what a frame costs.
inline void keep_blocks_of_pictures() {
#if defined(__GLIBC__)
    mallopt(M_MMAP_THRESHOLD, 16 << 20);
    mallopt(M_TRIM_THRESHOLD, 64 << 20);
#endif
}

/// All that is free goes back to the system, wherever it lies: after long work, whose blocks nobody asks for
/// soon. Takes some milliseconds; of a thread that does such work, not of the interface.
inline void give_back_free_blocks() {
#if defined(__GLIBC__)
    malloc_trim(0);
#endif
}

} // namespace pulsepin
