// SPDX-License-Identifier: GPL-3.0-or-later
#include "shell/application.h"
#include "support/test_program.h"

#include <QApplication>

int main(int argc, char** argv) {
    QApplication application(argc, argv);
    pulsepin::prepare_application(application);
    QApplication::setAttribute(Qt::AA_DontUseNativeDialogs);
    return pulsepin::test::TestProgram::run(argc, argv);
}
