// SPDX-License-Identifier: GPL-3.0-or-later
#include "parts/choices.h"

#include "params/easings.h"
#include "parts/fields.h"
#include "render/qt_text.h"

#include <algorithm>

namespace pulsepin {

void fill_with_onset_rows(QComboBox* box, const Project& project, const QString& at_first) {
    QStringList names, there;
    if (project.detection)
        for (const auto& row : project.detection->rows)
            names << QString::fromStdString(row.name);
    for (int i = 0; i < box->count(); ++i)
        there << box->itemText(i);
    if (names == there)
        return;
    const QSignalBlocker quietly(box);
    const QString chosen = box->currentText().isEmpty() ? at_first : box->currentText();
    box->clear();
    box->addItems(names);
    box->setCurrentIndex(std::max(0, box->findText(chosen)));
}

void fill_with_easings(QComboBox* box) {
    for (const auto& row : easings())
        box->addItem(text_of(row.label), qt_text(row.id));
}

Easing chosen_easing(const QComboBox* box) {
    return usual_easing(box->currentData().toString().toStdString());
}

bool fill_with_lanes(QComboBox* box, const Project& project, bool (*wanted)(LaneKind)) {
    std::vector<std::pair<QString, qulonglong>> lanes, there;
    for (const auto& lane : project.lanes)
        if (wanted(lane->kind))
            lanes.emplace_back(QString::fromStdString(lane->name), lane->id.value);
    for (int i = 0; i < box->count(); ++i)
        there.emplace_back(box->itemText(i), box->itemData(i).toULongLong());
    if (lanes == there)
        return false;
    const QSignalBlocker quietly(box);
    const auto chosen = box->currentData();
    box->clear();
    for (const auto& [name, id] : lanes)
        box->addItem(name, id);
    box->setCurrentIndex(chosen.isValid() ? box->findData(chosen) : -1);
    return true;
}

} // namespace pulsepin
