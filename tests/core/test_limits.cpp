// SPDX-License-Identifier: GPL-3.0-or-later
//
// A project file may say anything. Each number, text and list is changed to what it must not be; it is
// refused by name, and what lies at its limit is read.
#include "fields/within_limits.h"
#include "interchange/project_json.h"
#include "kinds/kinds.h"
#include "model/limits.h"
#include "schedule/lane_spans.h"
#include "support/rich_project.h"
#include "support/test_program.h"

#include <QTest>
#include <nlohmann/json.hpp>

using namespace pulsepin;
using namespace pulsepin::test;
using nlohmann::json;

namespace {

json rich_json() {
    static const json rich = json::parse(project_to_json(rich_project(), "/music"));
    return rich;
}

Result<Project> read(const json& j) {
    return project_from_json(j.dump(), "/music");
}

/// The places of all values of a document, as JSON pointers.
void places_of(const json& j, const json::json_pointer& at, std::vector<json::json_pointer>& places) {
    places.push_back(at);
    if (j.is_object())
        for (const auto& [name, value] : j.items())
            places_of(value, at / name, places);
    if (j.is_array())
        for (std::size_t i = 0; i < std::min<std::size_t>(j.size(), 3); ++i)
            places_of(j[i], at / i, places);
}

std::string field_of(const json::json_pointer& at) {
    auto up = at;
    while (!up.empty() && up.back().find_first_not_of("0123456789") == std::string::npos)
        up.pop_back();
    return up.empty() ? "" : up.back();
}

} // namespace

class TestLimits : public QObject {
    Q_OBJECT
private slots:
    void numbers_out_of_range_are_refused_by_name_data() {
        QTest::addColumn<QString>("place"), QTest::addColumn<QString>("value");
        const std::pair<const char*, const char*> cases[] = {
            {"/next_id", "-1"},
            {"/next_id", "1e300"},
            {"/next_id", "3.5"},
            {"/next_id", "18446744073709551615"},
            {"/song/length", "1e18"},
            {"/song/length", "1000000000000000000"},
            {"/song/length", "-1"},
            {"/song/sample_rate", "0"},
            {"/song/sample_rate", "1e300"},
            {"/song/from", "0.5"},
            {"/grid/first_beat", "4611686018427387904"},
            {"/grid/times/0", "1e308"},
            {"/grid/times/1", "null"},
            {"/grid/confidence/0", "2"},
            {"/grid/metres/0/beat", "4611686018427387904"},
            {"/found/tempi/0/bpm", "-3"},
            {"/found/levels/0", "1e39"},
            {"/bin/0/width", "3.5"},
            {"/bin/0/height", "-1"},
            {"/bin/0/duration", "1e300"},
            {"/lanes/1/lead_frames", "1e300"},
            {"/lanes/0/pins/0/id", "0.5"},
            {"/plantings/0/shift", "9223372036854775807"},
            {"/plantings/0/form/shots/seed", "-1"},
            {"/plantings/0/form/shots/shortest_frames", "1e18"},
            {"/settings/picture_size/0", "1e9"},
            {"/settings/schedule_text/decimals", "99"},
        };
        for (const auto& [place, value] : cases)
            QTest::addRow("%s = %s", place, value) << place << value;
    }
    void numbers_out_of_range_are_refused_by_name() {
        QFETCH(QString, place);
        QFETCH(QString, value);
        json j = rich_json();
        const json::json_pointer at(place.toStdString());
        QVERIFY2(j.contains(at), "the test looks at nothing");
        j[at] = json::parse(value.toStdString());
        const auto project = read(j);
        QVERIFY(!project);
        const std::string name = field_of(at);
        QVERIFY2(project.error().what.find('"' + name + '"') != std::string::npos,
                 project.error().what.c_str());
        QVERIFY(project.error().kind == ErrorKind::Damaged);
    }

    void limits_themselves_are_read() {
        json j = rich_json();
        j["song"]["length"] = 48000ll * 86400;
        j["next_id"] = std::int64_t{1} << 53;
        j["lanes"][1]["lead_frames"] = limits::frames.least;
        j["bin"][0]["duration"] = limits::duration.most;
        j["settings"]["picture_size"] = {1, 16384};
        const auto project = read(j);
        QVERIFY2(project.has_value(), project ? "" : project.error().what.c_str());
        for (const auto& lane : project->lanes) // and whatever is computed from them stays finite
            (void)spans_of(*project, *lane, resolve(*project, *lane));
    }

    void a_number_that_only_looks_like_a_fraction_is_whole() {
        json j = rich_json();
        j["settings"]["picture_size"] = {1280.0, 720.0};
        QVERIFY(read(j).has_value());
    }

    void an_object_in_place_of_a_list_drops_nothing_silently() {
        json j = rich_json();
        for (const char* name :
             {"/lanes", "/bin", "/plantings", "/lanes/0/pins", "/found/rows", "/excluded"}) {
            json changed = j;
            changed[json::json_pointer(name)] = json::object();
            const auto project = read(changed);
            QVERIFY2(!project && project.error().what.find("no list") != std::string::npos, name);
        }
    }

    void texts_beyond_reason_are_refused_by_name() {
        json j = rich_json();
        j["lanes"][0]["name"] = std::string(1 << 20, 'x');
        const auto project = read(j);
        QVERIFY(!project &&
                project.error().what.find("\"name\" is a text of 1048576 bytes") != std::string::npos);
        QVERIFY(project.error().what.size() < 200);
    }

    /// Every value of the file in turn becomes each of these. It is refused with a reason, or what was read
    /// is whole: it can be saved, and is the same when read again.
    void any_value_becomes_anything() {
        const json rich = rich_json();
        std::vector<json::json_pointer> places;
        places_of(rich, json::json_pointer(), places);
        QVERIFY(places.size() > 300);
        int refused = 0, read_well = 0;
        for (const auto& at : places)
            for (const json& value : {json(), json(-1), json(1e300), json(0.5), json("x"), json::array(),
                                      json::object(), json(true), json(std::uint64_t(-1))}) {
                json changed = rich;
                changed[at] = value;
                const auto project = read(changed);
                if (!project) {
                    ++refused;
                    QVERIFY2(!project.error().what.empty(), at.to_string().c_str());
                    continue;
                }
                ++read_well;
                const auto again = project_from_json(project_to_json(*project, "/music"), "/music");
                QVERIFY2(again && same_content(*again, *project),
                         (at.to_string() + " = " + value.dump()).c_str());
                QVERIFY2(!beyond_limits(*project, Project{}), at.to_string().c_str());
            }
        qInfo("%d files were refused, %d were read and written again", refused, read_well);
        QVERIFY(refused > 2000 && read_well > 100);
    }

    void edits_do_not_make_what_a_file_cannot_hold() {
        const auto project = steady_project();
        const auto with = [&](const Pin& pin, LaneKind kind) {
            return beyond_limits(*with_pins(project, lane_of_kind(project, kind), {pin}), project);
        };
        const double infinite = std::numeric_limits<double>::infinity();
        QVERIFY(
            !with({{}, MusicalAnchor{Ticks(960)}, MarkerBody{"fine"}, {}}, kind_of(body_type<MarkerBody>)));
        QVERIFY(with({{}, MusicalAnchor{Ticks(960)}, MarkerBody{std::string(1 << 20, 'x')}, {}},
                     kind_of(body_type<MarkerBody>))
                    ->what.find("1048576 bytes") != std::string::npos);
        QVERIFY(with({{}, TimeAnchor{Seconds(infinite)}, MarkerBody{"m"}, {}}, kind_of(body_type<MarkerBody>))
                    .has_value());
        QVERIFY(with({{}, MusicalAnchor{Ticks(std::int64_t{1} << 62)}, MarkerBody{"m"}, {}},
                     kind_of(body_type<MarkerBody>))
                    .has_value());
        CutBody cut{project.bin->front().id, Seconds(std::numeric_limits<double>::quiet_NaN())};
        QVERIFY(with({{}, MusicalAnchor{Ticks(0)}, cut, {}}, kind_of(body_type<CutBody>)).has_value());
    }
};

PULSEPIN_TEST_CLASS(TestLimits, "test_limits")
#include "test_limits.moc"
