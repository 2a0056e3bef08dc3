// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "pages/stops/export_panel.h"
#include "pages/stops/film_page.h"
#include "support/desk.h"

namespace pulsepin::test {

inline FilmPage& film_page(Desk& desk) {
    return desk.window.export_panel().film();
}

} // namespace pulsepin::test
