// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/fonts.h"

#include <QFontDatabase>
#include <mutex>

// Outside of all namespaces, as the macro asks.
static void init_font_resource() {
    Q_INIT_RESOURCE(pulsepin_fonts);
}

namespace pulsepin {

void register_fonts() {
    static std::once_flag once;
    std::call_once(once, [] {
        init_font_resource();
        for (const char* weight : {"Regular", "Medium", "SemiBold"})
            QFontDatabase::addApplicationFont(QString(":/fonts/Inter-%1.otf").arg(weight));
    });
}

} // namespace pulsepin
