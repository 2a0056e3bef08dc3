// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/text_file.h"
#include "interchange/project_file.h"
#include "interchange/project_json.h"
#include "kinds/kinds.h"
#include "schedule/place.h"
#include "support/rich_project.h"
#include "support/test_program.h"

#include <QDir>
#include <QFile>
#include <QTemporaryDir>
#include <QTest>
#include <csignal>
#include <limits>
#include <nlohmann/json.hpp>
#include <sys/resource.h>

using namespace pulsepin;
using namespace pulsepin::test;
using nlohmann::json;

namespace {

QByteArray bytes_of(const QString& path) {
    QFile file(path);
    return file.open(QIODevice::ReadOnly) ? file.readAll() : QByteArray();
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

    // A newer version that only added fields says from which version on its files can be read. What it added
    // stays where it is, beside what is changed here.
    void what_a_newer_version_added_is_kept() {
        const Project rich = rich_project();
        json j = json::parse(project_to_json(rich, "/music"));
        j["version"] = project_format_version + 3;
        j["read_from"] = project_format_version;
        j["weather"] = {{"sky", "clear"}};
        j["settings"]["paper"] = "A4";
        const auto last = j["lanes"].size() - 1;
        j["lanes"][last]["height"] = 80;
        j["lanes"][0]["pins"][0]["mood"] = {"calm", 3};
        j["layers"][0]["age"] = 2.5;
        j["grid"]["metres"][0]["felt"] = "in two"; // a thing without a number: it has no lasting place
        const auto read = project_from_json(j.dump(), "/music");
        QVERIFY2(read.has_value(), read ? "" : read.error().message().c_str());
        QCOMPARE(read->foreign->count, std::size_t{5});
        QCOMPARE(read->foreign->lost, std::size_t{1});
        const auto told = told_on_opening(*read);
        QVERIFY2(told.find("newer Pulse Pin: 5 fields are kept, 1 field will be gone") != std::string::npos,
                 told.c_str());
        // Edited, with the lanes in another order, and the first pin's lane without its other pins.
        const LaneId first = read->lanes[0]->id;
        const PinId pin = read->lanes[0]->pins[0].id;
        Project edited = *read;
        std::swap(edited.lanes.front(), edited.lanes.back());
        Settings settings = *edited.settings;
        settings.title = "another";
        edited = with_settings(edited, settings);
        const json again = json::parse(project_to_json(edited, "/music"));
        QVERIFY(again["version"] == j["version"] && again["read_from"] == j["read_from"]);
        QVERIFY(again["weather"] == j["weather"]);
        QVERIFY(again["settings"]["paper"] == "A4" && again["settings"]["title"] == "another");
        QVERIFY(again["layers"][0]["age"] == 2.5);
        QVERIFY(again["lanes"][0]["height"] == 80);
        bool found = false;
        for (const auto& lane : again["lanes"])
            for (const auto& one : lane["pins"])
                if (one["id"] == pin.value) {
                    found = lane["id"] == first.value && one["mood"] == j["lanes"][0]["pins"][0]["mood"];
                    QCOMPARE(one.contains("mood"), true);
                } else {
                    QVERIFY(!one.contains("mood"));
                }
        QVERIFY(found);
        // And it is the same again when it is read again.
        const auto twice = project_from_json(again.dump(), "/music");
        QVERIFY(twice && same_content(*twice, [&] {
                    Project as_written = edited;
                    Foreign kept = *edited.foreign;
                    kept.lost = 0;
                    as_written.foreign = std::make_shared<const Foreign>(kept);
                    return as_written;
                }()));
        // What is known must still be right, and what can no longer be read is refused.
        json damaged = j;
        damaged["settings"]["frame_rate"] = "often";
        QVERIFY(!project_from_json(damaged.dump(), "/music"));
        j["read_from"] = project_format_version + 1;
        QVERIFY(!project_from_json(j.dump(), "/music"));
        j.erase("read_from");
        QVERIFY(!project_from_json(j.dump(), "/music"));
    }

    void how_pulses_and_keys_differ_comes_back() {
        for (BodyType what : {body_type<PulseBody>, body_type<KeyBody>, body_type<TriggerBody>}) {
            Project project = with_lane(steady_project(), kind_of(what), "Lane");
            Variation variation;
            variation.strength = Variation::Strength::Ramps;
            variation.low = 12;
            Picker beats{"beats", Ticks(0), Ticks(9600), {}};
            const auto placed =
                place(project, project.lanes.back()->id, beats, {kind_of(what)->empty_body(), variation});
            QVERIFY(placed);
            const auto read = project_from_json(project_to_json(placed->project, {}), {});
            QVERIFY2(read.has_value(), read ? "" : read.error().message().c_str());
            QVERIFY(same_content(*read, placed->project));
            QCOMPARE(read->plantings->back().form.variation().low, 12.0);
        }
    }

    void nothing_is_told_of_files_of_ones_own() {
        const auto read = project_from_json(project_to_json(rich_project(), "/music"), "/music");
        QVERIFY(read && !read->foreign && told_on_opening(*read).empty());
    }

    // The first files had no layers, no way to write keys, one row of onsets without a name, and shares that
    // a rounding had put beyond their ends.
    void the_first_files_are_brought_up_to_date() {
        json j = json::parse(project_to_json(rich_project(), "/music"));
        j["version"] = 1;
        for (const char* later : {"layers", "pulses", "pickers", "excluded"})
            j.erase(later);
        j["plantings"] = json::array();
        for (auto& lane : j["lanes"])
            for (auto& pin : lane["pins"])
                pin.erase("planting");
        j["settings"].erase("schedule_text");
        j["found"]["onsets"] = {{"times", {1.0, 2.0}}, {"strengths", {0.5, 0.25}}};
        j["found"].erase("rows");
        j["found"].erase("pulse");
        j["grid"]["confidence"][0] = 1.0000001;
        for (auto& clip : j["bin"])
            clip.erase("has_picture");
        const auto read = project_from_json(j.dump(), "/music");
        QVERIFY2(read.has_value(), read ? "" : read.error().message().c_str());
        Stage before_overscan;
        for (auto& layer : before_overscan.layers)
            layer.values.clear(); // what is there looks as it did
        QCOMPARE(read->stage->layers, before_overscan.layers);
        QCOMPARE(read->settings->schedule_text, ScheduleText());
        QCOMPARE(read->detection->rows.size(), std::size_t{1});
        QCOMPARE(read->detection->onsets().size(), std::size_t{2});
        QCOMPARE(read->detection->pulse, 1.f);
        QCOMPARE(read->grid->beats().front().confidence, 1.f);
        QVERIFY(read->bin->front().has_picture);
        QVERIFY(!read->foreign);
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

PULSEPIN_TEST_CLASS(TestProjectFile, "test_project_file")
#include "test_project_file.moc"
