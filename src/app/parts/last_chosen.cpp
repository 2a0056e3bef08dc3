// SPDX-License-Identifier: GPL-3.0-or-later
#include "parts/last_chosen.h"

#include <QSettings>
#include <algorithm>

namespace pulsepin {

QString chosen_key(const QString& group, const QString& name) {
    return group + '\t' + name;
}

QStringList last_chosen(const QString& memory) {
    return memory.isEmpty() ? QStringList() : QSettings().value("last chosen/" + memory).toStringList();
}

void keep_chosen(const QString& memory, const QString& key) {
    constexpr int kept = 4;
    if (memory.isEmpty())
        return;
    QStringList last = last_chosen(memory);
    last.removeAll(key);
    last.prepend(key);
    QSettings().setValue("last chosen/" + memory, QStringList(last.mid(0, kept)));
}

bool has_words(const QString& text, const QStringList& words) {
    return std::ranges::all_of(words,
                               [&](const QString& word) { return text.contains(word, Qt::CaseInsensitive); });
}

} // namespace pulsepin
