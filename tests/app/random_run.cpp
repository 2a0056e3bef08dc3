// SPDX-License-Identifier: GPL-3.0-or-later
//
// Hands that do anything: random keys, clicks, drags, menus, texts, dialogs and stops in the real window.
// Nothing may crash, what was made can always be saved and opened again, undone and done again, and no action
// may hold the window for long.
//
// random_run [ACTIONS [SEED|day]]    PULSEPIN_RUN_LIMIT_MS=0 lets an action take as long as it wants
// (sanitizers)
//   --minutes M    goes on for so long instead, and looks whether memory grows
//   --only 3,7-20  leaves out all other actions
//   --shorten      looks for a short run that still fails
#include "interchange/project_file.h"
#include "kinds/kinds.h"
#include "model/edits.h"
#include "shell/application.h"
#include "support/desk.h"
#include "support/random_hands.h"
#include "support/seed.h"
#include "support/shortest_run.h"

#include <QDir>
#include <QElapsedTimer>
#include <QProcess>
#include <QTemporaryDir>
#include <algorithm>
#include <array>
#include <csignal>
#include <cstdio>
#include <cstring>
#include <ctime>
#include <execinfo.h>
#include <fstream>
#include <malloc.h>
#include <numeric>
#include <string_view>
#include <unistd.h>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

/// Processor time of the interface thread alone, so that a busy machine is not taken for a slow program.
double milliseconds_used() {
    timespec now{};
    ::clock_gettime(CLOCK_THREAD_CPUTIME_ID, &now);
    return static_cast<double>(now.tv_sec) * 1e3 + static_cast<double>(now.tv_nsec) * 1e-6;
}

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

void tell_differences(const Lane& is, const Lane& should_be) {
    std::printf("otherwise: the lane %s, a lane of %s\n", should_be.name.c_str(),
                std::string(should_be.kind->id).c_str());
    const std::pair<const char*, bool> parts[] = {{"its lead", is.lead == should_be.lead},
                                                  {"what it has beside pins", is.parts == should_be.parts},
                                                  {"how many pins", is.pins.size() == should_be.pins.size()}};
    for (const auto& [name, well] : parts)
        if (!well)
            std::printf("  %s\n", name);
    for (std::size_t i = 0; i < std::min(is.pins.size(), should_be.pins.size()); ++i) {
        const Pin &a = is.pins[i], &b = should_be.pins[i];
        if (!(a == b))
            std::printf("  pin %zu of %zu, number %llu and %llu:%s%s%s%s\n", i, is.pins.size(),
                        static_cast<unsigned long long>(a.id.value),
                        static_cast<unsigned long long>(b.id.value), a.anchor == b.anchor ? "" : " anchor",
                        a.body == b.body ? "" : " body", a.home == b.home ? "" : " home",
                        a.planting == b.planting ? "" : " planting");
    }
}

void tell_differences(const Project& is, const Project& should_be) {
    const auto same = [](const auto& a, const auto& b) { return a == b || (a && b && *a == *b); };
    const std::pair<const char*, bool> parts[] = {
        {"settings", same(is.settings, should_be.settings)},
        {"song", same(is.song, should_be.song)},
        {"track of the song", same(is.song_track, should_be.song_track)},
        {"lamps", same(is.rig, should_be.rig)},
        {"checking", same(is.checking, should_be.checking)},
        {"found", same(is.detection, should_be.detection)},
        {"grid", same(is.grid, should_be.grid)},
        {"excluded", same(is.excluded, should_be.excluded)},
        {"bin", same(is.bin, should_be.bin)},
        {"plantings", same(is.plantings, should_be.plantings)},
        {"pickers", same(is.pickers, should_be.pickers)},
        {"pulses", same(is.pulses, should_be.pulses)},
        {"stage", same(is.stage, should_be.stage)},
        {"lanes", is.lanes.size() == should_be.lanes.size()}};
    for (const auto& [name, well] : parts)
        if (!well)
            std::printf("otherwise: %s\n", name);
    for (std::size_t i = 0; i < std::min(is.lanes.size(), should_be.lanes.size()); ++i)
        if (!same(is.lanes[i], should_be.lanes[i]))
            tell_differences(*is.lanes[i], *should_be.lanes[i]);
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
    tell_differences(*again, project);
    return same_content(*again, project);
}

/// Of this process, in megabytes.
double megabytes_resident() {
    std::ifstream in("/proc/self/statm");
    long pages = 0, resident = 0;
    in >> pages >> resident;
    return static_cast<double>(resident) * static_cast<double>(::sysconf(_SC_PAGESIZE)) / 1e6;
}

/// All that was done is undone, and done again.
bool undone_and_done_again(Desk& desk, const Project& start) {
    auto& document = desk.window.document();
    const Project now = document.project();
    int steps = 0;
    for (; document.can_undo(); ++steps)
        document.undo();
    const bool as_at_start = !document.history().remembers_start() || same_content(document.project(), start);
    if (!as_at_start)
        tell_differences(document.project(), start);
    for (int step = 0; step < steps; ++step) // what the hands undid themselves stays undone
        document.redo();
    const bool as_now = same_content(document.project(), now);
    if (!as_at_start)
        std::printf("%d steps undone are not as at the start\n", steps);
    if (!as_now) {
        std::printf("%d steps done again:\n", steps);
        tell_differences(document.project(), now);
    }
    return as_at_start && as_now;
}

struct Options {
    int actions = 1500;
    std::uint32_t seed = 1;
    double minutes = 0;    ///< 0: as many actions as told
    std::vector<int> only; ///< of these numbers; empty: all
    bool shorten = false;
    double limit_ms = 250;
};

Options options_of(int argc, char** argv) {
    Options options;
    std::vector<std::string> numbers;
    for (int i = 1; i < argc; ++i) {
        const std::string word = argv[i];
        if (word == "--minutes" && i + 1 < argc)
            options.minutes = std::atof(argv[++i]);
        else if (word == "--only" && i + 1 < argc)
            options.only = read_ranges(argv[++i]);
        else if (word == "--shorten")
            options.shorten = true;
        else
            numbers.push_back(word);
    }
    if (!numbers.empty())
        options.actions = std::atoi(numbers[0].c_str());
    if (numbers.size() > 1)
        options.seed = numbers[1] == "day" ? seed_of_the_day()
                                           : static_cast<std::uint32_t>(std::atoi(numbers[1].c_str()));
    if (qEnvironmentVariableIsSet("PULSEPIN_RUN_LIMIT_MS"))
        options.limit_ms = qEnvironmentVariableIntValue("PULSEPIN_RUN_LIMIT_MS");
    return options;
}

/// Runs itself again and again with fewer actions, as long as that fails.
int shorten(const Options& options, const QString& program) {
    std::vector<int> actions(static_cast<std::size_t>(options.actions));
    std::iota(actions.begin(), actions.end(), 0);
    const auto fails = [&](const std::vector<int>& only) {
        if (only.empty())
            return false;
        QProcess run;
        run.setStandardOutputFile(QProcess::nullDevice());
        run.start(program, {"--only", QString::fromStdString(written_ranges(only)),
                            QString::number(options.actions), QString::number(options.seed)});
        constexpr int longest_ms = 900'000;
        if (!run.waitForFinished(longest_ms)) // it hangs
            run.kill(), run.waitForFinished();
        const bool failed = run.exitStatus() != QProcess::NormalExit || run.exitCode() != 0;
        std::printf("%zu actions: %s\n", only.size(), failed ? "fails" : "well");
        std::fflush(stdout);
        return failed;
    };
    if (!fails(actions)) {
        std::printf("Nothing fails.\n");
        return 0;
    }
    const auto left = shortest_failing(actions, fails, 200);
    std::printf("FAIL: random_run --only %s %d %u\n", written_ranges(left).c_str(), options.actions,
                options.seed);
    return 1;
}

/// An hour of hands, watched.
class Watch {
public:
    explicit Watch(double minutes) : minutes_(minutes) { clock_.start(); }
    [[nodiscard]] bool is_over() const { return minutes_ > 0 && elapsed() >= minutes_; }
    /// Tells once a minute how much memory there is in use when nothing is under way, and the most there was.
    void look(Desk& desk, int actions) {
        if (minutes_ <= 0)
            return;
        most_ = std::max(most_, megabytes_resident());
        if (elapsed() < static_cast<double>(megabytes_.size()))
            return;
        desk.settle();
        ::malloc_trim(0); // what is free, but not given back
        megabytes_.push_back(megabytes_resident());
        const auto& history = desk.window.document().history();
        const struct mallinfo2 heap = ::mallinfo2();
        std::printf(
            "minute %zu: %d actions, %.0f MB at rest, %.0f at most; %.0f MB in use, of which %zu steps that "
            "can be undone hold %.0f at most; %lld widgets in %lld windows\n",
            megabytes_.size() - 1, actions, megabytes_.back(), std::exchange(most_, 0),
            static_cast<double>(heap.uordblks + heap.hblkhd) / 1e6, history.steps(),
            static_cast<double>(history.bytes()) / 1e6,
            static_cast<long long>(QApplication::allWidgets().size()),
            static_cast<long long>(QApplication::topLevelWidgets().size()));
        std::fflush(stdout);
    }
    /// Of the last third of the run against what it was after a sixth of it, each the middle of its minutes.
    [[nodiscard]] double growth() const {
        const auto n = megabytes_.size();
        if (n < 12)
            return 0;
        const auto middle = [&](std::size_t from, std::size_t until) {
            std::vector<double> some(megabytes_.begin() + static_cast<std::ptrdiff_t>(from),
                                     megabytes_.begin() + static_cast<std::ptrdiff_t>(until));
            std::ranges::sort(some);
            return some[some.size() / 2];
        };
        return middle(2 * n / 3, n) / middle(n / 6, n / 3) - 1;
    }

private:
    [[nodiscard]] double elapsed() const { return static_cast<double>(clock_.elapsed()) / 60'000; }
    double minutes_;
    QElapsedTimer clock_;
    double most_ = 0;
    std::vector<double> megabytes_; ///< at rest
};

/// The screen that is none says of itself, hundreds of times, what it cannot do.
void without_what_the_screen_lacks(QtMsgType type, const QMessageLogContext& from, const QString& message) {
    if (!message.startsWith("This plugin does not support"))
        std::fprintf(stderr, "%s\n", qPrintable(qFormatLogMessage(type, from, message)));
}

volatile std::sig_atomic_t under_way = 0; // the number of the action
std::uint32_t seed_under_way = 0;

/// Where, and in which action; its numbers can be had again.
void tell_of_the_crash(int signal) {
    std::array<char, 96> line{};
    std::snprintf(line.data(), line.size(), "FAIL: signal %d in action %d, seed %u\n", signal,
                  static_cast<int>(under_way), seed_under_way);
    (void)!::write(STDERR_FILENO, line.data(), std::strlen(line.data()));
    std::array<void*, 40> frames{};
    ::backtrace_symbols_fd(frames.data(), ::backtrace(frames.data(), static_cast<int>(frames.size())),
                           STDERR_FILENO);
    std::raise(signal); // as it would have ended (SA_RESETHAND)
}

void watch_for_crashes(std::uint32_t seed) {
    seed_under_way = seed;
    std::array<void*, 1> first{};
    ::backtrace(first.data(), 1); // loads what it needs, which is too late in a crash
    struct sigaction action = {};
    action.sa_handler = tell_of_the_crash;
    action.sa_flags = static_cast<int>(SA_RESETHAND | SA_NODEFER);
    for (const int signal : {SIGSEGV, SIGABRT, SIGFPE, SIGBUS, SIGILL}) {
        struct sigaction there = {};
        ::sigaction(signal, nullptr, &there);
        if (there.sa_handler == SIG_DFL) // sanitizers have their own
            ::sigaction(signal, &action, nullptr);
    }
}

bool failed(const char* why, int action, const Options& options) {
    std::printf("FAIL: %s (action %d, seed %u)\n", why, action, options.seed);
    return true;
}

int run(const Options& options) {
    // Whatever is written beside the piece goes with it.
    QTemporaryDir folder;
    for (const auto& file : QDir(PULSEPIN_DEMO).entryInfoList(QDir::Files))
        QFile::copy(file.filePath(), folder.filePath(file.fileName()));
    const QString piece = folder.filePath("kite-day-in-motion.pulsepin");
    Desk desk;
    desk.window.open_path(piece);
    if (!desk.settle())
        return 1;
    const Project dense = made_dense(desk.project());
    Project start = desk.project();
    desk.window.document().apply(dense, "dense");
    desk.settle();
    const QObject here; // hands find pieces that were open before, too
    QObject::connect(&desk.window.document(), &Document::opened, &here, [&] { start = desk.project(); });
    RandomHands hands(desk, options.seed);
    Watch watch(options.minutes);
    std::vector<std::pair<double, QString>> slowest;
    int done = 0;
    for (int i = 0; options.minutes > 0 ? !watch.is_over() : i < options.actions; ++i) {
        if (!options.only.empty() && !std::ranges::binary_search(options.only, i))
            continue;
        watch.look(desk, i);
        under_way = i;
        const double before = milliseconds_used();
        const QString what = hands.act(i);
        slowest.emplace_back(milliseconds_used() - before, QString("%1 (action %2)").arg(what).arg(i));
        std::sort(slowest.rbegin(), slowest.rend());
        slowest.resize(std::min<std::size_t>(slowest.size(), 12));
        if (++done % 500 == 0 && !can_be_saved(desk.project(), folder.filePath("run.pulsepin")))
            return failed("what was made cannot be saved and opened again", i, options);
        if (desk.project().lanes.size() > 60) // commands add more than they take away
            desk.window.document().apply(dense, "anew");
    }
    if (!can_be_saved(desk.project(), folder.filePath("run.pulsepin")))
        return failed("what was made cannot be saved and opened again", done, options);
    if (!undone_and_done_again(desk, start))
        return failed("undoing and doing again", done, options);
    desk.window.document().jobs().cancel_all();
    desk.settle();
    std::printf("%d actions, seed %u; %zu stops, dialogs, commands and buttons met; the slowest, in ms of "
                "the interface "
                "thread:\n",
                done, options.seed, hands.met().size());
    for (const auto& [took, what] : slowest)
        std::printf("  %7.1f  %s\n", took, qPrintable(what));
    if (qEnvironmentVariableIsSet("PULSEPIN_RUN_MET"))
        for (const auto& [name, times] : hands.met())
            std::printf("met %5d  %s\n", times, qPrintable(name));
    constexpr double most_growth = 0.05;
    if (watch.growth() > most_growth) {
        std::printf("memory grew by %.1f %%\n", 100 * watch.growth());
        return failed("memory", done, options);
    }
    if (options.limit_ms > 0 && slowest.front().first > options.limit_ms)
        return failed("an action took too long", done, options);
    return 0;
}

} // namespace

int main(int argc, char** argv) {
    qInstallMessageHandler(without_what_the_screen_lacks);
    QApplication application(argc, argv);
    const Options options = options_of(argc, argv);
    if (options.shorten)
        return shorten(options, QCoreApplication::applicationFilePath());
    prepare_application(application);
    watch_for_crashes(options.seed);
    const int outcome = run(options);
    under_way = -1; // in the end of the program
    return outcome;
}
