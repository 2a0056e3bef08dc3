// SPDX-License-Identifier: GPL-3.0-or-later
#include "shell/application.h"
#include "support/test_program.h"

#include <QApplication>
#include <QTranslator>

namespace {

/// Every text of ours as in a language that takes two fifths more room.
class LongTexts : public QTranslator {
public:
    [[nodiscard]] bool isEmpty() const override { return false; }
    [[nodiscard]] QString translate(const char* context, const char* source, const char*,
                                    int) const override {
        const QString text = QString::fromUtf8(source);
        const bool keys = text.contains('+') || text.size() < 3;
        if (QByteArray(context).startsWith('Q') || keys || text.contains("%n"))
            return {};
        return text + QString((text.size() * 2 + 4) / 5, 'x');
    }
};

} // namespace

int main(int argc, char** argv) {
    if (!qEnvironmentVariableIsSet("PULSEPIN_LANGUAGE")) // tests read English, whatever is spoken around them
        qputenv("PULSEPIN_LANGUAGE", "en");
    QApplication application(argc, argv);
    pulsepin::prepare_application(application);
    LongTexts long_texts;
    if (qEnvironmentVariableIsSet("PULSEPIN_LONG_TEXTS"))
        QApplication::installTranslator(&long_texts);
    QApplication::setAttribute(Qt::AA_DontUseNativeDialogs);
    return pulsepin::test::TestProgram::run(argc, argv);
}
