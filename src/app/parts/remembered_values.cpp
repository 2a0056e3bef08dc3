// SPDX-License-Identifier: GPL-3.0-or-later
#include "parts/remembered_values.h"

#include <QSettings>
#include <QStringList>

namespace pulsepin {

ParamValues remembered_values(const QString& key, ParamSpecs specs) {
    ParamValues values;
    for (const auto& setting : QSettings().value(key).toStringList())
        (void)set_from_text(values, specs, setting.toStdString());
    return completed(values, specs);
}

void remember_values(const QString& key, ParamSpecs specs, const ParamValues& values) {
    QStringList settings;
    for (const auto& spec : specs)
        if (const auto* value = values.find(spec.id); value && spec.type != ParamType::Lane)
            settings << QString::fromStdString(std::string(spec.id) + "=" + text_of_value(spec, *value));
    QSettings().setValue(key, settings);
}

} // namespace pulsepin
