// SPDX-License-Identifier: GPL-3.0-or-later
//
// Tests are written in English and can be run in each language of the window (PULSEPIN_LANGUAGE): what is
// compared is led back to English first, by the same lists that led it there. A check that asks what a text
// contains cannot be led back; where it does not hold in another language it is told, and the test goes on.
#pragma once

#include <QComboBox>
#include <QString>
#include <QStringList>
#include <QTest>
#include <concepts>
#include <string>

namespace pulsepin::test {

/// Whether the window speaks another language than the tests do.
[[nodiscard]] bool speaks_otherwise();

/// What a text of the window may be in English: more than one where several are told by the same words;
/// itself where it is not known.
[[nodiscard]] QStringList in_english(const QString& told);

/// Whether this may be told by that text, or begins what it tells.
[[nodiscard]] bool tells(const QString& told, const QString& english);
[[nodiscard]] bool begins_to_tell(const QString& told, const QString& english);
[[nodiscard]] bool says(const QString& told, const QString& english); ///< somewhere in it

/// Whether the window may show this; signs at its end, and capitals, do not count.
[[nodiscard]] bool may_be_shown(const QString& told);

/// Which row of a list tells this; -1 when none does.
[[nodiscard]] int row_of(const QComboBox* list, const QString& english);

/// Of a check of texts that failed: whether that is no more than the language.
[[nodiscard]] bool only_said_otherwise(const char* check, const char* file, int line);
[[nodiscard]] bool only_said_otherwise(const QString& told, const QString& english, const char* file,
                                       int line);

template <typename T>
QString text_for_people(const T& value) {
    if constexpr (std::same_as<T, QStringList>)
        return value.join(" | ");
    else if constexpr (std::same_as<T, std::string>)
        return QString::fromStdString(value);
    else
        return QString(value);
}

/// As QTest::qCompare; texts in any language.
template <typename A, typename B>
bool compared(const A& actual, const B& expected, const char* what, const char* with, const char* file,
              int line) {
    if constexpr ((std::convertible_to<A, QString> && std::convertible_to<B, QString>) ||
                  (std::same_as<A, QStringList> && std::same_as<B, QStringList>) ||
                  (std::same_as<A, std::string> && std::same_as<B, std::string>))
        if (speaks_otherwise() && !(actual == expected) &&
            only_said_otherwise(text_for_people(actual), text_for_people(expected), file, line))
            return true;
    return QTest::qCompare(actual, expected, what, with, file, line);
}

inline bool holds(bool statement, const char* check, const char* file, int line) {
    return statement || (speaks_otherwise() && only_said_otherwise(check, file, line));
}

} // namespace pulsepin::test

#undef QCOMPARE
#define QCOMPARE(actual, expected)                                                                           \
    do {                                                                                                     \
        if (!pulsepin::test::compared(actual, expected, #actual, #expected, __FILE__, __LINE__))             \
            return;                                                                                          \
    } while (false)
#undef QVERIFY
#define QVERIFY(statement)                                                                                   \
    do {                                                                                                     \
        if (!QTest::qVerify(                                                                                 \
                pulsepin::test::holds(static_cast<bool>(statement), #statement, __FILE__, __LINE__),         \
                #statement, "", __FILE__, __LINE__))                                                         \
            return;                                                                                          \
    } while (false)
#undef QVERIFY2
#define QVERIFY2(statement, description)                                                                     \
    do {                                                                                                     \
        if (statement) {                                                                                     \
            if (!QTest::qVerify(true, #statement, static_cast<const char*>(description), __FILE__,           \
                                __LINE__))                                                                   \
                return;                                                                                      \
        } else if (!QTest::qVerify(pulsepin::test::holds(false, #statement, __FILE__, __LINE__), #statement, \
                                   static_cast<const char*>(description), __FILE__, __LINE__))               \
            return;                                                                                          \
    } while (false)
