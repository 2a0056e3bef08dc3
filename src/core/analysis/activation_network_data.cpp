// SPDX-License-Identifier: GPL-3.0-or-later
// The networks' parameters as a part of the program: they cannot be missing, nor belong to another version.
#define PULSEPIN_PART_OF_THE_PROGRAM(name, file)                                                             \
    asm(".section .rodata\n"                                                                                 \
        ".balign 16\n"                                                                                       \
        ".global " name "_begin\n"                                                                           \
        ".global " name "_end\n" name "_begin:\n"                                                            \
        ".incbin \"" file "\"\n" name "_end:\n"                                                              \
        ".byte 0\n"                                                                                          \
        ".section .note.GNU-stack,\"\",@progbits\n"                                                          \
        ".text\n")

PULSEPIN_PART_OF_THE_PROGRAM("pulsepin_activation_network", PULSEPIN_ACTIVATION_FILE);
PULSEPIN_PART_OF_THE_PROGRAM("pulsepin_drum_network", PULSEPIN_DRUM_FILE);
