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
        for (const char* weight : {"Light", "Regular", "Medium", "SemiBold", "Bold", "Black"})
            QFontDatabase::addApplicationFont(QString(":/fonts/Inter-%1.otf").arg(weight));
    });
}

bool has_font(const QString& family) {
    register_fonts();
    return QFontDatabase::hasFamily(family);
}

QStringList missing_fonts(const Stage& stage) {
    QStringList missing;
    for (const auto& layer : stage.layers)
        if (const auto font = layer.options.find("font"); font != layer.options.end())
            if (const QString family = QString::fromStdString(font->second);
                !has_font(family) && !missing.contains(family))
                missing << family;
    return missing;
}

} // namespace pulsepin
