// SPDX-License-Identifier: GPL-3.0-or-later
//
// pulsepin-ladder-bench [--draw FILE.svg] [FAMILY ...]: pins, songs, shots, layers, words; without a name all
// of them. --edits, --paints and --selects RUNG [near] and --word-edits COUNT do one
// thing over and over, for a profiler.
#include "ladder.h"

#include "shell/application.h"

#include <QApplication>
#include <QTemporaryDir>

using namespace pulsepin;
using namespace pulsepin::ladder;

int main(int argc, char** argv) {
    QApplication application(argc, argv);
    prepare_application(application);
    QStringList asked = application.arguments().mid(1);
    for (const char* what : {"--edits", "--paints", "--selects"})
        if (const auto at = asked.indexOf(what); at >= 0)
            return repeat_on_pins(what, asked.value(at + 1, "3").toInt(), asked.size() > at + 2);
    if (const auto at = asked.indexOf("--word-edits"); at >= 0)
        return repeat_on_words(asked.value(at + 1, "20000").toInt());
    QString drawn;
    if (const auto at = asked.indexOf("--draw"); at >= 0) {
        drawn = asked.value(at + 1);
        asked.remove(at, std::min<qsizetype>(2, asked.size() - at));
    }
    const QTemporaryDir folder;
    const std::filesystem::path files = folder.path().toStdString();
    const std::pair<const char*, std::function<Family()>> all[] = {
        {"pins", family_of_pins},
        {"songs", [&] { return family_of_songs(files); }},
        {"shots", [&] { return family_of_shots(files); }},
        {"layers", family_of_layers},
        {"words", family_of_words}};
    const auto yardstick = test::Yardstick::taken();
    std::printf("ms; yardstick %.2f ms, memory %.2f ms\n", yardstick.arithmetic_ms, yardstick.memory_ms);
    std::vector<Family> measured;
    for (const auto& [name, family] : all)
        if (asked.empty() || asked.contains(name)) {
            measured.push_back(family());
            print(measured.back());
        }
    if (!drawn.isEmpty())
        draw(drawn, measured);
    return 0;
}
