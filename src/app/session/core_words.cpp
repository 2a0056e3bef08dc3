// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/core_words.h"

#include <QFile>
#include <QRegularExpression>
#include <algorithm>

namespace pulsepin {
namespace {

constexpr int deepest = 3; ///< of sentences within sentences

const QRegularExpression& mark() {
    static const QRegularExpression one("%[1-9]");
    return one;
}

QString translated_core(const QString& text) {
    return QCoreApplication::translate("core", text.toUtf8().constData());
}

/// Of the language that is spoken now; the list of forms ships with the program. In English there are none to
/// make.
const SentenceForms& forms() {
    static const SentenceForms known = [] {
        SentenceForms made;
        QFile list(":/languages/core-forms.txt");
        if (list.open(QIODevice::ReadOnly))
            for (const auto& line : QString::fromUtf8(list.readAll()).split('\n', Qt::SkipEmptyParts)) {
                QString form = line;
                form.replace("\\n", "\n");
                if (const QString becomes = translated_core(form); becomes != form)
                    made.add(form, becomes);
            }
        return made;
    }();
    return known;
}

QString told_within(const QString& sentence, int depth) {
    if (sentence.isEmpty() || depth > deepest)
        return sentence;
    if (const QString whole = translated_core(sentence); whole != sentence)
        return whole;
    // "3 cuts": a number, and what is counted.
    static const QRegularExpression counted("^([0-9]+) (.+)$");
    if (const auto found = counted.match(sentence); found.hasMatch())
        if (const QString what = translated_core(found.captured(2)); what != found.captured(2))
            return found.captured(1) + ' ' + what;
    static const QRegularExpression ordinal("^([0-9]+)(?:st|nd|rd|th)$");
    if (const auto found = ordinal.match(sentence); found.hasMatch())
        if (const QString form = QCoreApplication::translate("core", "%1th"); form != "%1th")
            return form.arg(found.captured(1));
    const auto by_form =
        forms().translated(sentence, [depth](const QString& part) { return told_within(part, depth + 1); });
    return by_form.value_or(sentence);
}

bool is_quote(QChar c) {
    return c == '"' || c == u'“' || c == u'„';
}

} // namespace

void SentenceForms::add(const QString& form, const QString& becomes) {
    Form one{form.split(mark()), becomes, 0};
    for (const auto& piece : one.pieces)
        one.known += piece.size();
    const auto at = std::ranges::find_if(forms_, [&](const Form& other) { return other.known < one.known; });
    forms_.insert(at, std::move(one));
}

std::optional<QString> SentenceForms::translated(const QString& sentence,
                                                 const std::function<QString(const QString&)>& inner) const {
    for (const auto& form : forms_) {
        const auto& first = form.pieces.front();
        const auto& last = form.pieces.back();
        if (form.pieces.size() < 2 || sentence.size() < form.known || !sentence.startsWith(first) ||
            !sentence.endsWith(last))
            continue;
        QStringList filled;
        qsizetype at = first.size();
        for (qsizetype i = 1; i < form.pieces.size(); ++i) {
            const bool ends = i + 1 == form.pieces.size();
            const qsizetype next =
                ends ? sentence.size() - last.size() : sentence.indexOf(form.pieces[i], at);
            if (next < at)
                break;
            const QString part = sentence.mid(at, next - at);
            const auto& before = form.pieces[i - 1];
            filled << (!before.isEmpty() && is_quote(before.back()) ? part : inner(part));
            at = next + form.pieces[i].size();
        }
        if (filled.size() + 1 != form.pieces.size())
            continue;
        const QString& told = form.becomes;
        // All at once: what is filled in may look like a mark itself.
        QString whole;
        qsizetype from = 0;
        for (auto found = mark().globalMatch(told); found.hasNext();) {
            const auto match = found.next();
            const auto which = match.captured().mid(1).toInt() - 1;
            whole += told.mid(from, match.capturedStart() - from) + filled.value(which);
            from = match.capturedEnd();
        }
        return whole + told.mid(from);
    }
    return std::nullopt;
}

QString spoken(std::string_view sentence) {
    return told_within(QString::fromUtf8(sentence.data(), static_cast<qsizetype>(sentence.size())), 0);
}

QString spoken(const Error& error) {
    QString text;
    if (!error.file.empty())
        text += QString::fromStdString(error.file) + ": ";
    text += spoken(error.what);
    if (!error.remedy.empty())
        text += ' ' + spoken(error.remedy);
    return text;
}

} // namespace pulsepin
