// SPDX-License-Identifier: GPL-3.0-or-later
//
// What it takes to add a kind of lane, an exporter with an option, a source with an option: one row each.
// These rows are whole; a file of its own and a line in the table would make each a part of the program.
#include "base/text_file.h"
#include "fields/within_limits.h"
#include "interchange/exporters.h"
#include "interchange/json_archive.h"
#include "kinds/kinds.h"
#include "model/edits.h"
#include "schedule/picker_tables.h"
#include "schedule/place.h"
#include "schedule/schedule.h"
#include "support/projects.h"
#include "support/test_program.h"

#include <QTemporaryDir>
#include <QTest>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

// -- a kind of lane: remarks, named moments that last and are told apart by their rows

const LaneKindRow remark_row{
    .id = "remarks",
    .plural = "Remarks",
    .singular = "remark",
    .counted = "remarks",
    .from_the_start = false,
    .marks = true,
    .empty_body = [] { return PinBody(MarkerBody{"?"}); },
    .fields =
        [](Fields& f, PinBody& body) {
            auto& remark = std::get<MarkerBody>(body);
            f.text("said", remark.name, 40);
            f.text("by", remark.note, 40, Fields::optional);
            f.length("for", remark.length);
        },
    .name_of = [](const PinBody& body, const Project&) { return std::get<MarkerBody>(body).name; },
    .spans = [](const Project&, const Lane& lane, const ResolvedLane&,
                LaneSpans& spans) { spans.rows = static_cast<int>(lane.pins.size()) + 1; },
    .bodies =
        [](const Project&, const Lane&, std::span<const Picked> places, const PlantingForm& form) {
            return Result<PlacedBodies>(PlacedBodies(places.size(), form.body));
        },
};

// -- an exporter with an option: how many pins each lane has

constexpr ParamSpec separators[] = {
    {"separator", "separator", ParamType::Text, {}, 0, 0, 0, "Between name and number", {}, ": "},
    {"least", "least", ParamType::Whole, "pins", 0, 1000, 1}};

Result<std::string> write_counts(const ExportMaterial& material) {
    const ParamValues values = completed(material.values, separators);
    std::string text;
    for (const auto& lane : material.project.lanes)
        if (std::ssize(lane->pins) >= values.whole("least"))
            text += lane->name + values.text("separator") + std::to_string(lane->pins.size()) + "\n";
    return text.empty() ? Result<std::string>(fail("There is no pin to count.")) : text;
}

const ExporterRow counts{"counts", "Counts",     "txt",     "How many pins each lane has",
                         false,    write_counts, separators};

// -- a source with an option: every so many ticks

constexpr ParamSpec steps[] = {{"step", "step", ParamType::Whole, "ticks", 1, 9600, 480}};

const PickerSourceRow ticked{"ticked", "ticks", steps, [](const PickContext& context) {
                                 std::vector<Picked> picked;
                                 for (Ticks at = context.from; at < context.until;
                                      at += Ticks(context.values.whole("step")))
                                     picked.push_back({at});
                                 return picked;
                             }};

} // namespace

class TestExtending : public QObject {
    Q_OBJECT
private slots:
    void a_kind_of_lane_is_a_row() {
        const LaneKind remarks(remark_row);
        Project project = with_lane(steady_project(), remarks, "Talk");
        const LaneId lane = project.lanes.back()->id;
        project = *with_pins(project, lane, {{{}, MusicalAnchor{Ticks(960)}, MarkerBody{"ha", "Ann"}, {}}});
        QCOMPARE(project.lanes.back()->kind, remarks);
        QCOMPARE(count_text(2, remarks), std::string("2 remarks"));
        // What follows from it.
        const Schedule schedule(project);
        QCOMPARE(schedule.pins(lane).pins.front().time, Seconds(0.5));
        QCOMPARE(schedule.spans(lane).rows, 2);
        // Its file.
        nlohmann::json written = nlohmann::json::object();
        PinBody body = project.lanes.back()->pins.front().body, read = remarks->empty_body();
        JsonWriter writer(written, {}, nullptr);
        remarks->fields(writer, body);
        QCOMPARE(written.dump(), std::string(R"({"by":"Ann","said":"ha"})"));
        Foreign foreign;
        JsonReader reader(written, {}, foreign);
        remarks->fields(reader, read);
        QCOMPARE(read, body);
        const nlohmann::json without{{"by", "Ann"}};
        JsonReader damaged(without, {}, foreign);
        QVERIFY_THROWS_EXCEPTION(std::runtime_error, remarks->fields(damaged, read));
        // Its limits.
        auto wordy =
            with_pins(project, lane, {{{}, MusicalAnchor{Ticks(0)}, MarkerBody{std::string(41, 'x')}, {}}});
        QVERIFY(beyond_limits(*wordy, project));
        // It is placed.
        const auto placed = place(project, lane, {"downbeats", Ticks(0), Ticks(4 * 3840), {}});
        QVERIFY2(placed.has_value(), placed ? "" : placed.error().message().c_str());
        QCOMPARE(placed->count, std::size_t{4});
        QCOMPARE(std::get<MarkerBody>(placed->project.lane(lane)->pins.back().body), MarkerBody{});
    }

    void an_exporter_with_an_option_is_a_row() {
        QTemporaryDir dir;
        const std::filesystem::path path = dir.filePath("counts.txt").toStdString();
        const Project project = with_random_pins(steady_project(), 3, 20);
        QVERIFY(export_project(ExportMaterial({Schedule(project)}, {{"separator", " has "}}), counts, path));
        QVERIFY(read_text_file(path)->starts_with("Markers has "));
        // What cannot be is refused by name, and nothing is written.
        const auto refused = export_project(ExportMaterial({Schedule(project)}, {{"least", -1.0}}), counts,
                                            dir.filePath("no").toStdString());
        QVERIFY(!refused && refused.error().what.find("least") != std::string::npos);
        QVERIFY(!QFile::exists(dir.filePath("no")));
    }

    // Another lane than the one that was named is never written in its place.
    void a_lane_that_is_not_there_is_not_replaced_by_the_first() {
        Project project = steady_project();
        const LaneId cuts = lane_of_kind(project, kind_that(&LaneKindRow::cuts));
        project = *with_pins(
            project, cuts,
            {{{}, MusicalAnchor{Ticks(960)}, CutBody{project.shots().front()->id, Seconds(0)}, {}}});
        const auto write = [&](LaneId lane) {
            return exporter("edl")->write(ExportMaterial({Schedule(project)}, {{"lane", lane}})).has_value();
        };
        QVERIFY(write(cuts) && write(LaneId{}));
        QVERIFY(!write(LaneId{999}) && !write(lane_of_kind(project, kind_that(&LaneKindRow::marks))));
    }

    void a_source_with_an_option_is_a_row() {
        const Project project = steady_project();
        const Picker picker{"ticked", Ticks(0), Ticks(1920), {}, {{"step", 640.0}}};
        const auto picked = ticked.positions(
            {project, *project.grid, picker, completed(picker.values, steps), picker.from, picker.until});
        QCOMPARE(picked.size(), std::size_t{3});
        QCOMPARE(picked[2].at, Ticks(1280));
    }
};

PULSEPIN_TEST_CLASS(TestExtending, "test_extending")
#include "test_extending.moc"
