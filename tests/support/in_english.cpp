// SPDX-License-Identifier: GPL-3.0-or-later
#include "support/in_english.h"

#include "base/ordinal.h"

#include <QFile>
#include <QMultiHash>
#include <QRegularExpression>
#include <QSet>
#include <QXmlStreamReader>
#include <algorithm>
#include <vector>

namespace pulsepin::test {
namespace {

QString language() {
    return qEnvironmentVariable("PULSEPIN_LANGUAGE", "en");
}

/// Of one language: what each text is in English.
class WayBack {
public:
    explicit WayBack(const QString& path) {
        QFile file(path);
        if (!file.open(QIODevice::ReadOnly))
            return;
        QXmlStreamReader xml(&file);
        QString source;
        while (!xml.atEnd()) {
            xml.readNext();
            if (!xml.isStartElement())
                continue;
            if (xml.name() == u"source")
                source = xml.readElementText();
            else if (xml.name() == u"numerusform" || xml.name() == u"translation") {
                const QString told = xml.readElementText(QXmlStreamReader::IncludeChildElements);
                if (!told.trimmed().isEmpty())
                    add(told, source);
            }
        }
        std::ranges::stable_sort(forms_, std::greater{}, [](const Form& form) { return form.told.size(); });
    }

    [[nodiscard]] QStringList english(const QString& told, int depth = 0) const {
        QStringList found = whole_.values(told);
        if (!found.isEmpty() || depth > 3)
            return found.isEmpty() ? QStringList{told} : found;
        for (const auto& form : forms_) {
            const auto match = form.pattern.match(told);
            if (!match.hasMatch())
                continue;
            QStringList sources{form.source};
            for (std::size_t i = 0; i < form.marks.size(); ++i) {
                QStringList filled;
                for (const auto& source : sources)
                    for (const auto& part : english(match.captured(static_cast<int>(i) + 1), depth + 1))
                        filled << QString(source).replace(form.marks[i], part);
                sources = filled.mid(0, 64); // words that mean many things, many times
            }
            for (auto& source : sources)
                if (bool number = false; form.source == "%1th")
                    if (const int nth = source.chopped(2).toInt(&number); number)
                        source = QString::fromStdString(ordinal(nth));
            found << sources;
        }
        static const QRegularExpression numbered("^(.+)( [0-9]+)$");
        if (const auto match = numbered.match(told); found.isEmpty() && match.hasMatch())
            for (const auto& name : english(match.captured(1), depth + 1))
                found << name + match.captured(2);
        // Two words side by side, each known by itself: "every so many", "seconds".
        const auto apart = told.lastIndexOf(' ');
        if (const QString last = told.mid(apart + 1), first = told.left(apart);
            found.isEmpty() && apart > 0 && whole_.contains(last) && whole_.contains(first))
            for (const auto& one : whole_.values(first))
                for (const auto& other : whole_.values(last))
                    found << one + ' ' + other;
        if (found.isEmpty())
            found << told;
        return found;
    }

    [[nodiscard]] bool has(const QString& told) const { return plain_.contains(plain(told)); }

private:
    static QString plain(QString text) {
        return text.remove(u'…').remove(u'&').remove(':').trimmed().toLower();
    }
    struct Form {
        QString told, source;
        QRegularExpression pattern;
        std::vector<QString> marks; ///< in the order in which they are told
    };

    void add(const QString& told, const QString& source) {
        whole_.insert(told, source);
        plain_.insert(plain(told));
        static const QRegularExpression mark("%[1-9n]");
        Form form{told, source, {}, {}};
        QString pattern;
        qsizetype from = 0;
        for (auto found = mark.globalMatch(told); found.hasNext();) {
            const auto match = found.next();
            pattern += QRegularExpression::escape(told.mid(from, match.capturedStart() - from)) + "(.+?)";
            from = match.capturedEnd();
            form.marks.push_back(match.captured());
        }
        if (form.marks.empty() || told.size() <= 2 * static_cast<qsizetype>(form.marks.size()))
            return; // "%1%2" would fit anything
        form.pattern = QRegularExpression("^" + pattern + QRegularExpression::escape(told.mid(from)) + "$",
                                          QRegularExpression::DotMatchesEverythingOption);
        forms_.push_back(std::move(form));
    }

    QMultiHash<QString, QString> whole_;
    QSet<QString> plain_;
    std::vector<Form> forms_;
};

} // namespace

bool speaks_otherwise() {
    static const bool otherwise = language() != "en";
    return otherwise;
}

static const WayBack& way_back() {
    static const WayBack back(QString(PULSEPIN_TESTS "/../translations/pulsepin_%1.ts").arg(language()));
    return back;
}

QStringList in_english(const QString& told) {
    return speaks_otherwise() ? way_back().english(told) : QStringList{told};
}

bool may_be_shown(const QString& told) {
    return way_back().has(told);
}

bool tells(const QString& told, const QString& english) {
    return told == english || (speaks_otherwise() && in_english(told).contains(english, Qt::CaseInsensitive));
}

bool begins_to_tell(const QString& told, const QString& english) {
    return told.startsWith(english) ||
           std::ranges::any_of(in_english(told), [&](const QString& one) { return one.startsWith(english); });
}

bool says(const QString& told, const QString& english) {
    return told.contains(english) ||
           (speaks_otherwise() &&
            std::ranges::any_of(in_english(told), [&](const QString& one) { return one.contains(english); }));
}

int row_of(const QComboBox* list, const QString& english) {
    for (int row = 0; row < list->count(); ++row)
        if (tells(list->itemText(row), english))
            return row;
    return -1;
}

bool only_said_otherwise(const char* check, const char* file, int line) {
    if (!QByteArray(check).contains('"'))
        return false;
    qInfo("said otherwise at %s(%d): %s", file, line, check);
    return true;
}

bool only_said_otherwise(const QString& told, const QString& english, const char* file, int line) {
    if (!tells(told, english))
        qInfo("said otherwise at %s(%d): \"%s\" for \"%s\"", file, line, qPrintable(told),
              qPrintable(english));
    return true;
}

} // namespace pulsepin::test
