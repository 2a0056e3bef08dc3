// SPDX-License-Identifier: GPL-3.0-or-later
//
// Hands that do anything: random keys, clicks, drags, wheels, texts and stops in the real window. Nothing may
// crash, what was made can always be saved and opened again, and no action may hold the window for long.
//
// random_run [ACTIONS [SEED]]; PULSEPIN_RUN_LIMIT_MS=0 lets an action take as long as it wants (sanitizers).
#include "interchange/project_file.h"
#include "kinds/kinds.h"
#include "model/edits.h"
#include "shell/application.h"
#include "support/desk.h"
#include "support/seed.h"

#include <QComboBox>
#include <QDialog>
#include <QDir>
#include <QSpinBox>
#include <QTemporaryDir>
#include <QToolButton>
#include <algorithm>
#include <cstdio>
#include <ctime>
#include <random>
#include <string_view>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

/// Processor time of the interface thread alone, so that a busy machine is not taken for a slow program.
double milliseconds_used() {
    timespec now{};
    ::clock_gettime(CLOCK_THREAD_CPUTIME_ID, &now);
    return static_cast<double>(now.tv_sec) * 1e3 + static_cast<double>(now.tv_nsec) * 1e-6;
}

class Hands {
public:
    Hands(Desk& desk, std::uint32_t seed) : desk_(desk), random_(seed) {
        // Whatever asks something gets an answer at once.
        closer_.setInterval(15);
        QObject::connect(&closer_, &QTimer::timeout, &closer_, [] {
            if (auto* popup = QApplication::activePopupWidget())
                popup->close();
            else if (auto* dialog = qobject_cast<QDialog*>(QApplication::activeModalWidget()))
                dialog->reject();
        });
        closer_.start();
    }

    QString act() {
        auto& window = desk_.window;
        switch (below(10)) {
        case 0:
        case 1:
        case 2: { // any command of the menus
            const auto actions = window.actions();
            auto* action = actions[below(static_cast<int>(actions.size()))];
            static const QStringList apart{
                "quit",       "new",       "open", "open song", "add shots", "add shot folder",
                "open beats", "add sound", "save", "save as"};
            if (apart.contains(action->objectName()) || !action->isEnabled())
                return "nothing";
            action->trigger();
            return "command " + action->objectName();
        }
        case 3: { // any button that is seen
            QList<QAbstractButton*> seen;
            for (auto* button : window.findChildren<QAbstractButton*>())
                if (button->isVisible() && button->isEnabled() &&
                    !button->objectName().startsWith("export") &&
                    !button->objectName().startsWith("notice") && !button->objectName().startsWith("open") &&
                    !button->objectName().startsWith("add s"))
                    seen << button;
            if (seen.isEmpty())
                return "nothing";
            auto* button = seen[below(static_cast<int>(seen.size()))];
            QTest::mouseClick(button, Qt::LeftButton);
            return "button " + button->objectName();
        }
        case 4: { // a choice or a number
            QList<QWidget*> seen;
            for (auto* field : window.findChildren<QWidget*>())
                if (field->isVisible() && field->isEnabled() &&
                    (qobject_cast<QComboBox*>(field) || qobject_cast<QAbstractSpinBox*>(field)))
                    seen << field;
            if (seen.isEmpty())
                return "nothing";
            auto* field = seen[below(static_cast<int>(seen.size()))];
            if (auto* choice = qobject_cast<QComboBox*>(field); choice && choice->count() > 0) {
                const int index = below(choice->count());
                choice->setCurrentIndex(index);
                emit choice->activated(index);
            } else if (auto* number = qobject_cast<QAbstractSpinBox*>(field)) {
                below(2) ? number->stepUp() : number->stepDown();
            }
            return "field " + field->objectName();
        }
        case 5: {
            const Qt::Key keys[] = {Qt::Key_Left, Qt::Key_Right,  Qt::Key_M,       Qt::Key_C,
                                    Qt::Key_E,    Qt::Key_Delete, Qt::Key_Home,    Qt::Key_End,
                                    Qt::Key_Tab,  Qt::Key_Escape, Qt::Key_PageDown};
            const auto key = keys[below(static_cast<int>(std::size(keys)))];
            desk_.key(key, below(4) == 0 ? Qt::ShiftModifier : Qt::NoModifier);
            return QString("key %1").arg(key);
        }
        case 6: {
            auto* drawing = canvas();
            QWheelEvent turn(place(drawing), drawing->mapToGlobal(place(drawing)), {},
                             {0, below(2) ? 120 : -120}, Qt::NoButton,
                             below(3) == 0 ? Qt::ShiftModifier : Qt::NoModifier, Qt::NoScrollPhase, false);
            QApplication::sendEvent(drawing, &turn);
            return "wheel";
        }
        case 7: {
            auto* drawing = canvas();
            const QPoint from = place(drawing), to = place(drawing);
            const auto with = below(4) == 0 ? Qt::ShiftModifier : Qt::NoModifier;
            QTest::mousePress(drawing, Qt::LeftButton, with, from);
            for (int i = 1; i <= 3; ++i) {
                const QPoint at = from + (to - from) * i / 3;
                QMouseEvent move(QEvent::MouseMove, at, drawing->mapToGlobal(at), Qt::NoButton,
                                 Qt::LeftButton, with);
                QApplication::sendEvent(drawing, &move);
            }
            QTest::mouseRelease(drawing, Qt::LeftButton, with, to);
            return "drag";
        }
        case 8:
            QTest::mouseDClick(canvas(), Qt::LeftButton, {}, place(canvas()));
            return "double click";
        default:
            window.go_to_stop(static_cast<Stop>(below(6)));
            return "stop";
        }
    }

private:
    int below(int n) { return static_cast<int>(random_() % static_cast<std::uint32_t>(n)); }
    QWidget* canvas() {
        return desk_.window.score().isVisible() ? static_cast<QWidget*>(&desk_.window.score())
                                                : &desk_.window.timeline();
    }
    QPoint place(QWidget* in) { return {below(in->width()), below(in->height())}; }

    Desk& desk_;
    std::mt19937 random_;
    QTimer closer_;
};

/// Thirty lanes with hundreds of pins, as a dense piece has them.
Project made_dense(Project project) {
    for (int lane = 0; lane < 24; ++lane) {
        const bool markers = lane % 2 == 0;
        project =
            with_lane(project, markers ? kind_of(body_type<MarkerBody>) : kind_of(body_type<TriggerBody>),
                      "dense " + std::to_string(lane));
        std::vector<Pin> pins;
        for (int i = 0; i < 300; ++i) {
            Pin pin{{}, MusicalAnchor{Ticks(i * 400 + lane * 13)}, MarkerBody{"m" + std::to_string(i)}, {}};
            if (!markers)
                pin.body = TriggerBody{};
            pins.push_back(pin);
        }
        project = *with_pins(project, project.lanes.back()->id, pins);
    }
    return project;
}

bool can_be_saved(const Project& project, const QString& file) {
    const auto saved = save_project(project, file.toStdString());
    if (!saved) {
        std::printf("not saved: %s\n", saved.error().message().c_str());
        return false;
    }
    const auto again = load_project(file.toStdString());
    if (!again) {
        std::printf("not opened: %s\n", again.error().message().c_str());
        return false;
    }
    const auto same = [](const auto& a, const auto& b) { return a == b || (a && b && *a == *b); };
    const std::pair<const char*, bool> parts[] = {{"settings", same(again->settings, project.settings)},
                                                  {"song", same(again->song, project.song)},
                                                  {"found", same(again->detection, project.detection)},
                                                  {"grid", same(again->grid, project.grid)},
                                                  {"excluded", same(again->excluded, project.excluded)},
                                                  {"bin", same(again->bin, project.bin)},
                                                  {"plantings", same(again->plantings, project.plantings)},
                                                  {"pickers", same(again->pickers, project.pickers)},
                                                  {"pulses", same(again->pulses, project.pulses)},
                                                  {"stage", same(again->stage, project.stage)}};
    for (const auto& [name, well] : parts)
        if (!well)
            std::printf("comes back otherwise: %s\n", name);
    for (std::size_t i = 0; i < project.lanes.size(); ++i)
        if (!same(again->lanes[i], project.lanes[i]))
            std::printf("comes back otherwise: the lane %s\n", project.lanes[i]->name.c_str());
    return same_content(*again, project);
}

} // namespace

int main(int argc, char** argv) {
    QApplication application(argc, argv);
    prepare_application(application);
    const int actions = argc > 1 ? std::atoi(argv[1]) : 1500;
    const bool of_the_day = argc > 2 && std::string_view(argv[2]) == "day";
    const auto seed =
        of_the_day ? seed_of_the_day() : static_cast<std::uint32_t>(argc > 2 ? std::atoi(argv[2]) : 1);
    const double limit = qEnvironmentVariableIsSet("PULSEPIN_RUN_LIMIT_MS")
                             ? qEnvironmentVariableIntValue("PULSEPIN_RUN_LIMIT_MS")
                             : 250;
    QTemporaryDir folder;
    Desk desk;
    desk.window.open_path(PULSEPIN_DEMO "/kite-day-in-motion.pulsepin");
    if (!desk.settle())
        return 1;
    desk.window.document().apply(made_dense(desk.project()), "dense");
    desk.settle();
    Hands hands(desk, seed);
    std::vector<std::pair<double, QString>> slowest;
    for (int i = 0; i < actions; ++i) {
        const double before = milliseconds_used();
        const QString what = hands.act();
        QApplication::processEvents();
        const double took = milliseconds_used() - before;
        slowest.emplace_back(took, QString("%1 (action %2)").arg(what).arg(i));
        std::sort(slowest.rbegin(), slowest.rend());
        slowest.resize(std::min<std::size_t>(slowest.size(), 12));
        if (i % 500 == 499 && !can_be_saved(desk.project(), folder.filePath("run.pulsepin"))) {
            std::printf("FAIL: what was made cannot be saved and opened again (action %d, seed %u)\n", i,
                        seed);
            return 1;
        }
        if (desk.project().lanes.size() > 60) // commands add more than they take away
            desk.window.document().apply(made_dense(*load_project(demo.toStdString())), "anew");
    }
    desk.window.document().jobs().cancel_all();
    desk.settle();
    std::printf("%d actions, seed %u; the slowest, in ms of the interface thread:\n", actions, seed);
    for (const auto& [took, what] : slowest)
        std::printf("  %7.1f  %s\n", took, qPrintable(what));
    if (limit > 0 && slowest.front().first > limit) {
        std::printf("FAIL: an action took more than %.0f ms\n", limit);
        return 1;
    }
    return 0;
}
