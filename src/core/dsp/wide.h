// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

// Wider registers where the machine has them; the choice is made once, when the program starts. Not with
// fused multiplication and addition, which would round otherwise: every machine shall give the same bits.
// Sanitizers run before that choice can be made.
#if defined(__x86_64__) && defined(__GNUC__) && !defined(__clang__) && !defined(__SANITIZE_ADDRESS__) &&     \
    !defined(__SANITIZE_THREAD__)
#define PULSEPIN_WIDE __attribute__((target_clones("avx2", "default")))
#else
#define PULSEPIN_WIDE
#endif
