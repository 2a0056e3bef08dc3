// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

// CLI11's headers do not pass our warnings.
#pragma GCC diagnostic push
#pragma GCC diagnostic ignored "-Wconversion"
#pragma GCC diagnostic ignored "-Wshadow"
#include <CLI/CLI.hpp>
#pragma GCC diagnostic pop
