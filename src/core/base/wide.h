// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

// Wider registers where the machine has them; the choice is made once, when the program starts. FUSED also
// lets a product be added without being rounded first: twice as fast where sums of products are all there is
// to do. The same machine always gives the same bits. Sanitizers run before that choice can be made.
#if defined(__x86_64__) && defined(__GNUC__) && !defined(__clang__) && !defined(__SANITIZE_ADDRESS__) &&     \
    !defined(__SANITIZE_THREAD__)
#define PULSEPIN_WIDE __attribute__((target_clones("avx2", "default")))
#define PULSEPIN_FUSED __attribute__((target_clones("fma", "default"), optimize("fp-contract=fast")))
// For functions that are called only where the machine was asked for it first.
#define PULSEPIN_WIDEST __attribute__((target("avx512f,fma"), optimize("fp-contract=fast")))
#else
#define PULSEPIN_WIDE
#define PULSEPIN_FUSED
#endif
