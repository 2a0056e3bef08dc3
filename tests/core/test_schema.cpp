// SPDX-License-Identifier: GPL-3.0-or-later
//
// The published schema says what the reader reads: checked by valijson, which knows nothing of Pulse Pin.
#include "base/text_file.h"
#include "interchange/exporters.h"
#include "interchange/project_json.h"
#include "interchange/schema_writer.h"
#include "kinds/kinds.h"
#include "model/lane_edits.h"
#include "model/pin_edits.h"
#include "support/rich_project.h"
#include "support/test_program.h"

#include <QTest>
#include <nlohmann/json.hpp>
#include <set>

#pragma GCC diagnostic push
#pragma GCC diagnostic ignored "-Wconversion"
#pragma GCC diagnostic ignored "-Wshadow"
#pragma GCC diagnostic ignored "-Wextra"
#include <valijson/adapters/nlohmann_json_adapter.hpp>
#include <valijson/schema.hpp>
#include <valijson/schema_parser.hpp>
#include <valijson/validation_results.hpp>
#include <valijson/validator.hpp>
#pragma GCC diagnostic pop

using namespace pulsepin;
using namespace pulsepin::test;
using nlohmann::json;

class TestSchema : public QObject {
    Q_OBJECT
    json text_;
    valijson::Schema schema_;

    /// The first thing that is wrong; empty when nothing is.
    QString trouble(const json& document) { return trouble(document, schema_); }
    static QString trouble(const json& document, const valijson::Schema& schema) {
        valijson::Validator validator(valijson::Validator::kStrongTypes);
        valijson::ValidationResults results;
        if (validator.validate(schema, valijson::adapters::NlohmannJsonAdapter(document), &results))
            return {};
        QString all;
        valijson::ValidationResults::Error error;
        while (results.popError(error) && all.size() < 1000) {
            for (const auto& part : error.context)
                all += QString::fromStdString(part);
            all += ": " + QString::fromStdString(error.description) + "\n";
        }
        return all;
    }

private slots:
    void initTestCase() {
        text_ = json::parse(*read_text_file(PULSEPIN_DOCS "/project.schema.json"));
        valijson::SchemaParser parser(valijson::SchemaParser::kDraft7);
        parser.populateSchema(valijson::adapters::NlohmannJsonAdapter(text_), schema_);
    }

    // Keys that are handed on, too: what they drive, and what that is by itself.
    void keys_are_as_their_schema_says() {
        valijson::Schema schema;
        valijson::SchemaParser parser(valijson::SchemaParser::kDraft7);
        parser.populateSchema(valijson::adapters::NlohmannJsonAdapter(
                                  json::parse(*read_text_file(PULSEPIN_DOCS "/keys.schema.json"))),
                              schema);
        Project project = with_lane(rich_project(), kind_of(body_type<KeyBody>), "Fade");
        const LaneId fade = project.lanes.back()->id;
        const Layer& shots = project.stage->layers.front();
        Motion motion = *part_of<Motion>(*project.lanes.back());
        motion.own.target = {shots.id, "opacity"};
        project = *with_motion(project, fade, motion);
        project = *with_pins(project, fade, {{{}, TimeAnchor{Seconds(1)}, KeyBody{40, {}}, {}}});
        for (const char* id : {"keys-json", "frames-json"}) {
            const auto text = exporter(id)->write(project);
            QVERIFY2(text.has_value(), text ? "" : text.error().message().c_str());
            const auto document = json::parse(*text);
            QCOMPARE(trouble(document, schema), QString());
            const auto& last = document["properties"].back();
            QCOMPARE(last["layer"].get<std::string>(), shots.name);
            QCOMPARE(last["parameter"].get<std::string>(), std::string("opacity"));
            QCOMPARE(last["base"].get<double>(), 100.0);
            auto bent = document;
            bent["properties"][0].erase("keys");
            QVERIFY(!trouble(bent, schema).isEmpty());
        }
    }

    void what_is_written_is_valid() {
        for (const auto& project : {new_project(), steady_project(), rich_project()}) {
            const auto why = trouble(json::parse(project_to_json(project, "/music")));
            QVERIFY2(why.isEmpty(), qPrintable(why));
        }
    }

    // What is published is what the lists of fields say: pulsepin-cli schema > docs/project.schema.json
    void what_is_published_is_what_the_fields_say() {
        const json listed = project_schema();
        QVERIFY2(text_.dump() == listed.dump(), json::diff(text_, listed).dump(1).substr(0, 2000).c_str());
    }

    void the_demo_is_valid() {
        for (const char* name : {"/kite-day.pulsepin", "/kite-day-in-motion.pulsepin"}) {
            const auto why = trouble(json::parse(*read_text_file(std::string(PULSEPIN_DEMO) + name)));
            QVERIFY2(why.isEmpty(), qPrintable(why));
        }
    }

    void what_the_reader_refuses_is_not_valid() {
        const json rich = json::parse(project_to_json(rich_project(), "/music"));
        const std::pair<const char*, json> cases[] = {{"/next_id", 0},
                                                      {"/song/length", -1},
                                                      {"/song/sample_rate", 0},
                                                      {"/grid/first_beat", 4611686018427387904},
                                                      {"/grid/times/0", 1e308},
                                                      {"/grid/confidence/0", 2},
                                                      {"/bin/0/width", 3.5},
                                                      {"/bin/0/duration", -1},
                                                      {"/lanes/0/pins", json::object()},
                                                      {"/lanes/0/name", std::string(3000, 'x')},
                                                      {"/plantings/0/shift", std::int64_t{1} << 62},
                                                      {"/settings/picture_size/0", 0},
                                                      {"/settings/rounding", "often"}};
        for (const auto& [place, value] : cases) {
            json changed = rich;
            const json::json_pointer at(place);
            QVERIFY2(changed.contains(at), place);
            changed[at] = value;
            QVERIFY2(!trouble(changed).isEmpty(), place);
            QVERIFY2(!project_from_json(changed.dump(), "/music"), place);
        }
    }

    void a_field_that_nobody_knows_is_not_valid() {
        json j = json::parse(project_to_json(rich_project(), "/music"));
        for (const char* place :
             {"", "/settings", "/song", "/lanes/0", "/lanes/0/pins/0", "/bin/0", "/grid"}) {
            json changed = j;
            changed[json::json_pointer(place)]["surprise"] = 1;
            QVERIFY2(!trouble(changed).isEmpty(), place);
        }
    }
};

PULSEPIN_TEST_CLASS(TestSchema, "test_schema")
#include "test_schema.moc"
