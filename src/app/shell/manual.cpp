// SPDX-License-Identifier: GPL-3.0-or-later
#include "shell/manual.h"

#include <QFile>
#include <QLocale>
#include <QRegularExpression>
#include <QSet>
#include <algorithm>

namespace pulsepin {
namespace {

constexpr const char* pages[] = {"README",  "song",  "grid",   "mark",    "place",       "motion",
                                 "picture", "check", "export", "recipes", "command-line"};

QString small_letters(const QString& text) {
    QString plain = text.toLower();
    plain.remove(u'…').remove(u'&').remove(':');
    return plain.simplified();
}

QSet<QString> words_of(const QString& text) {
    static const QRegularExpression word(R"([\p{L}\p{N}]{3,})");
    QSet<QString> words;
    for (auto found = word.globalMatch(small_letters(text)); found.hasNext();)
        words << found.next().captured();
    return words;
}

/// What stands between stars: controls and keys.
std::vector<QString> marked_in(const QString& text) {
    static const QRegularExpression mark(R"(\*+([^*]+)\*+)");
    std::vector<QString> marked;
    for (auto found = mark.globalMatch(text); found.hasNext();)
        marked.push_back(small_letters(found.next().captured(1)).remove('.'));
    return marked;
}

} // namespace

const Manual& Manual::shipped() {
    static const Manual manual = [] {
        Manual read;
        const QString language = QLocale::languageToCode(QLocale().language());
        for (const char* page : pages) {
            QFile file(QString(":/manual/%1/%2.md").arg(language, page));
            if (!file.exists()) // what is not told in that language is told in English
                file.setFileName(QString(":/manual/%1.md").arg(page));
            if (file.open(QIODevice::ReadOnly))
                read.add_page(page, QString::fromUtf8(file.readAll()));
        }
        return read;
    }();
    return manual;
}

void Manual::add_page(const QString& name, const QString& markdown) {
    QString heading;
    for (const auto& part : markdown.split("\n\n", Qt::SkipEmptyParts)) {
        const QString text = part.trimmed();
        if (text.startsWith("# "))
            heading = text.section('\n', 0, 0).mid(2);
        if (text.startsWith('#') || text.startsWith("![") || text.startsWith("<!--"))
            continue;
        paragraphs_.push_back({name, heading, text, marked_in(text)});
    }
}

const Manual::Paragraph* Manual::about(const QStringList& names, const QString& page) const {
    const Paragraph* first_of_page = nullptr;
    const Paragraph* elsewhere = nullptr;
    for (const auto& name : names) {
        const QString wanted = small_letters(name);
        if (wanted.isEmpty())
            continue;
        for (const auto& one : paragraphs_)
            if (std::ranges::find(one.marked, wanted) != one.marked.end()) {
                if (one.page == page)
                    return &one;
                if (!elsewhere)
                    elsewhere = &one;
            }
    }
    if (elsewhere)
        return elsewhere;
    const QSet<QString> wanted = words_of(names.join(' '));
    const Paragraph* best = nullptr;
    qsizetype most = 0;
    for (const auto& one : paragraphs_) {
        if (one.page != page)
            continue;
        if (!first_of_page)
            first_of_page = &one;
        const auto shared = (words_of(one.text) & wanted).size();
        if (shared > most) {
            most = shared;
            best = &one;
        }
    }
    return best ? best : first_of_page;
}

QString Manual::page(const QString& name) const {
    QString all;
    for (const auto& one : paragraphs_)
        if (one.page == name)
            all += (all.isEmpty() ? "# " + one.heading : QString()) + "\n\n" + one.text;
    return all;
}

} // namespace pulsepin
