// SPDX-License-Identifier: GPL-3.0-or-later
// The network's parameters as a part of the program: they cannot be missing, nor belong to another version.
asm(".section .rodata\n"
    ".balign 16\n"
    ".global pulsepin_activation_network_begin\n"
    ".global pulsepin_activation_network_end\n"
    "pulsepin_activation_network_begin:\n"
    ".incbin \"" PULSEPIN_ACTIVATION_FILE "\"\n"
    "pulsepin_activation_network_end:\n"
    ".byte 0\n"
    ".section .note.GNU-stack,\"\",@progbits\n"
    ".text\n");
