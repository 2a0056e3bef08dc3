// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/text_file.h"
#include "interchange/project_file.h"
#include "interchange/project_json.h"
#include "model/planting_edits.h"
#include "schedule/pulses.h"
#include "support/projects.h"

#include <QDir>
#include <QFile>
#include <QTemporaryDir>
#include <QTest>
#include <csignal>
#include <limits>
#include <sys/resource.h>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

QByteArray bytes_of(const QString& path) {
    QFile file(path);
    return file.open(QIODevice::ReadOnly) ? file.readAll() : QByteArray();
}

/// Everything that a planting, a picker, a trigger and a marker can hold, none of it as it is by itself.
Project with_plantings_and_triggers(Project project) {
    Detection levels = *project.detection;
    levels.levels = {-23.4f, -100, -7.123456f};
    project = with_detection(project, levels, false);
    auto bin = *project.bin;
    bin[1].begins_at = Seconds(-1.25);
    bin[2].still = true;
    project.bin = std::make_shared<const std::vector<Clip>>(bin);
    const auto cuts = lane_of_kind(project, LaneKind::Cut);
    ShotChoice choice{ShotChoice::Order::Weighted,
                      {{bin[0].id, 2}, {bin[1].id, 0.5}},
                      9,
                      ShotChoice::Start::AtMarker,
                      Seconds(0.5),
                      "peak",
                      Frames(12)};
    CutBody cut{bin[0].id, Seconds(0), true, Frames(6)};
    const Picker picker{"onsets", Ticks(960), Ticks(9600), {{"every-nth", {2, 1}}}, "kick", 1.5, {}};
    Planting planting{PlantingId{project.next_id++},
                      cuts,
                      "kicks",
                      picker,
                      {cut, choice, {}},
                      Ticks(240),
                      Frames(-2),
                      {Ticks(1920)}};
    Planting untold{PlantingId{project.next_id++}, cuts, "beats, every 2nd"}; // as earlier versions wrote it
    project = with_lane(project, LaneKind::Trigger, "Flash");
    const auto lane = lane_of_kind(project, LaneKind::Trigger);
    TriggerBody trigger{"strobe", {Length::Unit::InMilliseconds, 120.5}, 80, {0x123456}, {0xabcdef}, 2};
    Variation variation{Variation::Strength::Onsets, 10, 90, Variation::Colours::Ramp,
                        {{0xff0000}, {0xff}},        4};
    Planting flashes{PlantingId{project.next_id++},
                     lane,
                     "a list",
                     Picker{"list", Ticks(0), Ticks(9), {}, "", 1, {Ticks(1), Ticks(5)}, true},
                     {trigger, {}, variation}};
    project.plantings =
        std::make_shared<const std::vector<Planting>>(std::vector<Planting>{planting, untold, flashes});
    Pin pin{{}, MusicalAnchor{Ticks(5)}, trigger, flashes.id, Ticks(5), true, true, true, true};
    project = *with_pins(project, lane, {pin});
    project = *with_pins(
        project, lane_of_kind(project, LaneKind::Marker),
        {{{}, TimeAnchor{Seconds(3)}, MarkerBody{"a", "b", 3, 4, {Length::Unit::InBeats, 2}}, {}}});
    project = *with_lane_locked(project, lane, true);
    project = with_lane(project, LaneKind::Motion, "Scale");
    const auto moving = lane_of_kind(project, LaneKind::Motion);
    Motion motion{{"kite scale", "%", 90, 140}, pulse_library()[2]};
    motion.pulse.falling = {"bezier", {0.1, -0.5, 0.9, 1.5}, 2.5};
    motion.pulse.held = {Length::Unit::InMilliseconds, 40};
    motion.pulse.crowding = Crowding::Add;
    project = *with_motion(project, moving, motion);
    project = *with_pins(project, moving, {{{}, MusicalAnchor{Ticks(7)}, PulseBody{-30}, {}}});
    return *with_picker_named(project, "kicks, every second", picker);
}

Project rich_project() {
    Project project = with_random_pins(steady_project(118, 0.37, 70, "29.97"), 3, 80);
    Detection found;
    found.grid = *project.grid;
    found.tempi = {{Bpm(118), 0.8f}, {Bpm(59), 0.2f}};
    found.swing = 1.9;
    found.pulse = 0.75f;
    found.rows.resize(3);
    found.rows[0].name = "onsets";
    found.rows[0].onsets = {{Seconds(0.1), 0.5f}, {Seconds(1.0 / 3), 1.0f}};
    found.rows[1].name = "air";
    found.rows[1].band = {8000, 16000};
    found.rows[1].shown = false;
    found.rows[2].name = "like 1.20 s";
    found.rows[2].like = OnsetRow::Like{Seconds(1.2), Seconds(1.2), 0.65};
    found.rows[2].sensitivity = 0.3;
    found.rows[2].least_strength = 0.1;
    found.rows[2].smallest_gap = Seconds(0.07);
    found.sections = {{Seconds(0), Seconds(20), "A", false, 1}, {Seconds(20), Seconds(70), "B", true, 0.4f}};
    project = with_detection(project, found, false);
    project = *with_lead(project, lane_of_kind(project, LaneKind::Cut), Frames(3));
    project = with_lane(project, LaneKind::Sound, "Sound");
    SoundBody sound{project.bin->front().id, Seconds(0.5), Seconds(3),        -4.5,
                    Seconds(0.25),           Seconds(1),   FadeCurve::Linear, FadeCurve::EqualPower};
    project = *with_pins(project, lane_of_kind(project, LaneKind::Sound),
                         {{{}, TimeAnchor{Seconds(2)}, sound, {}}});
    project = *with_mute_and_solo(project, lane_of_kind(project, LaneKind::Sound), true, false);
    return with_plantings_and_triggers(std::move(project));
}

} // namespace

class TestProjectFile : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;
    [[nodiscard]] QString file(const QString& name) const { return dir_.filePath(name); }

private slots:
    void what_is_saved_comes_back_bit_for_bit() {
        const auto project = rich_project();
        QVERIFY(save_project(project, file("a.pulsepin").toStdString()).has_value());
        const auto loaded = load_project(file("a.pulsepin").toStdString());
        QVERIFY2(loaded.has_value(), loaded ? "" : loaded.error().message().c_str());
        QVERIFY(same_content(*loaded, project));
        QVERIFY(save_project(*loaded, file("b.pulsepin").toStdString()).has_value());
        QCOMPARE(bytes_of(file("a.pulsepin")), bytes_of(file("b.pulsepin")));
    }

    void an_empty_project_too() {
        QVERIFY(save_project(new_project(), file("e.pulsepin").toStdString()).has_value());
        QVERIFY(same_content(*load_project(file("e.pulsepin").toStdString()), new_project()));
    }

    // A folder that is moved as a whole keeps working: paths below it are relative.
    void paths_below_the_project_are_relative() {
        QDir(dir_.path()).mkpath("one/media");
        auto project = with_song_path(steady_project(), file("one/media/song.wav").toStdString());
        QVERIFY(save_project(project, file("one/p.pulsepin").toStdString()).has_value());
        QVERIFY(bytes_of(file("one/p.pulsepin")).contains("\"media/song.wav\""));
        QVERIFY(QDir(dir_.path()).rename("one", "two"));
        const auto loaded = load_project(file("two/p.pulsepin").toStdString());
        QCOMPARE(loaded->song->path.string(), file("two/media/song.wav").toStdString());
        QCOMPARE(loaded->bin->front().path.string(), std::string("/shots/spool.webm"));
    }

    void other_files_are_refused_with_a_reason() {
        const std::pair<const char*, const char*> cases[] = {
            {"", "not a Pulse Pin project"},
            {"hello", "not a Pulse Pin project"},
            {"[]", "not a Pulse Pin project"},
            {R"({"format":"something"})", "not a Pulse Pin project"},
            {R"({"format":"pulsepin-project"})", "does not say its version"},
            {R"({"format":"pulsepin-project","version":999})", "newer Pulse Pin"},
            {R"({"format":"pulsepin-project","version":1})", "\"settings\" is missing"},
        };
        for (const auto& [text, reason] : cases) {
            QVERIFY(write_text_file(file("bad.pulsepin").toStdString(), text).has_value());
            const auto loaded = load_project(file("bad.pulsepin").toStdString());
            QVERIFY(!loaded);
            const auto message = QString::fromStdString(loaded.error().message());
            QVERIFY2(message.contains(reason) && message.contains("bad.pulsepin"), qPrintable(message));
        }
        QVERIFY(!load_project(file("none.pulsepin").toStdString()));
        QVERIFY(!load_project(dir_.path().toStdString()));
    }

    // Cut off anywhere or with any byte changed, a file is refused or read as something consistent; it never
    // crashes and never half-opens.
    void damaged_files_do_no_harm() {
        const std::string whole = project_to_json(rich_project(), {});
        for (std::size_t length = 0; length + 2 < whole.size(); length += 89)
            QVERIFY(!project_from_json(std::string_view(whole).substr(0, length), {}));
        std::mt19937 random(17);
        int refused = 0;
        for (int i = 0; i < 1500; ++i) {
            std::string damaged = whole;
            for (int k = 0; k < 1 + i % 3; ++k)
                damaged[random() % damaged.size()] = "0123456789-.eE\"{}[],:ax \n"[random() % 25];
            const auto loaded = project_from_json(damaged, {});
            if (!loaded) {
                ++refused;
                QVERIFY(!loaded.error().message().empty());
            } else {
                QVERIFY(project_from_json(project_to_json(*loaded, {}), {}).has_value());
            }
        }
        QVERIFY(refused > 100);
    }

    void inconsistent_files_are_refused() {
        const std::string whole = project_to_json(rich_project(), {});
        const auto with = [&](const std::string& from, const std::string& to) {
            std::string text = whole;
            const auto at = text.find(from);
            return at == std::string::npos ? std::string("not found") : text.replace(at, from.size(), to);
        };
        for (const auto& text :
             {with("\"next_id\": ", "\"next_id\": 1, \"x\": "),
              with("\"kind\": \"cuts\"", "\"kind\": \"magic\""), with("\"30000/1001\"", "\"0/1\""),
              with("\"rounding\": \"nearest\"", "\"rounding\": \"up\""),
              with("\"origin\": [\n   \"corrected\"", "\"origin\": [\n   \"guessed\"")}) {
            const auto loaded = project_from_json(text, {});
            QVERIFY2(!loaded && text != "not found", text.substr(0, 60).c_str());
        }
    }

    void names_that_are_not_utf8_do_not_stop_saving() {
        auto project = with_song_path(steady_project(), std::string("/music/caf\xe9.wav"));
        QVERIFY(save_project(project, file("latin.pulsepin").toStdString()).has_value());
        QVERIFY(load_project(file("latin.pulsepin").toStdString()).has_value());
    }

    void a_failed_save_leaves_the_old_file() {
        const QString path = file("keep.pulsepin");
        QVERIFY(save_project(steady_project(), path.toStdString()).has_value());
        const auto before = bytes_of(path);
        // A limit on the size of files stands in for a full disk: writes fail half way.
        std::signal(SIGXFSZ, SIG_IGN);
        rlimit old{};
        getrlimit(RLIMIT_FSIZE, &old);
        const rlimit small{1000, old.rlim_max};
        setrlimit(RLIMIT_FSIZE, &small);
        const auto saved = save_project(rich_project(), path.toStdString());
        setrlimit(RLIMIT_FSIZE, &old);
        QVERIFY(!saved);
        QVERIFY(QString::fromStdString(saved.error().message()).contains("unchanged"));
        QCOMPARE(bytes_of(path), before);
        QCOMPARE(QDir(dir_.path()).entryList({"keep.pulsepin*"}, QDir::Files).size(),
                 1); // no draft is left behind
        QVERIFY(!save_project(rich_project(), file("no/such/folder/p.pulsepin").toStdString()));
    }

    void saving_through_a_link_keeps_the_link() {
        QVERIFY(save_project(steady_project(), file("real.pulsepin").toStdString()).has_value());
        QVERIFY(QFile::link(file("real.pulsepin"), file("link.pulsepin")));
        QVERIFY(save_project(rich_project(), file("link.pulsepin").toStdString()).has_value());
        QVERIFY(QFileInfo(file("link.pulsepin")).isSymLink());
        QVERIFY(same_content(*load_project(file("real.pulsepin").toStdString()), rich_project()));
    }

    void permissions_are_kept() {
        QVERIFY(save_project(steady_project(), file("p.pulsepin").toStdString()).has_value());
        const auto mode = QFile::ReadOwner | QFile::WriteOwner;
        QVERIFY(QFile::setPermissions(file("p.pulsepin"), mode));
        QVERIFY(save_project(rich_project(), file("p.pulsepin").toStdString()).has_value());
        QVERIFY(!(QFile::permissions(file("p.pulsepin")) & (QFile::ReadGroup | QFile::ReadOther)));
    }

    void the_demo_opens() {
        const auto demo = load_project(PULSEPIN_DEMO "/kite-day.pulsepin");
        QVERIFY2(demo.has_value(), demo ? "" : demo.error().message().c_str());
        QCOMPARE(demo->bin->size(), std::size_t{6});
        for (const auto& clip : *demo->bin)
            QVERIFY(std::filesystem::exists(clip.path));
        QVERIFY(std::filesystem::exists(demo->song->path));
    }
};

QTEST_APPLESS_MAIN(TestProjectFile)
#include "test_project_file.moc"
