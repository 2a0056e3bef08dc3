// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QTest>

namespace pulsepin::test {

/// Runs one class of tests with the arguments of Qt Test; what came of it, as Qt Test says it.
using RunTests = int (*)(int argc, char** argv);

/// Classes of tests that a program has, by the names under which they are run alone. Told before main()
/// begins.
class TestProgram {
public:
    static bool add(const char* name, RunTests run);
    /// The first argument names the class, all further ones are those of Qt Test; without any, the names are
    /// told.
    static int run(int argc, char** argv);
};

} // namespace pulsepin::test

/// Adds a class of tests to the program that the file belongs to.
#define PULSEPIN_TEST_CLASS(Class, name)                                                                     \
    static const bool is_added_##Class = pulsepin::test::TestProgram::add(name, [](int argc, char** argv) {  \
        Class tests;                                                                                         \
        return QTest::qExec(&tests, argc, argv);                                                             \
    });
