// SPDX-License-Identifier: GPL-3.0-or-later
#include "support/test_program.h"

#include <QCoreApplication>

int main(int argc, char** argv) {
    const QCoreApplication application(argc, argv);
    return pulsepin::test::TestProgram::run(argc, argv);
}
