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
#include <atomic>
#include <thread>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

// -- a kind of lane with a body of its own: remarks, that last and are told apart by their rows

struct RemarkBody {
    using pin_body = void;
    std::string said = "?", by = {};
    Length stays = {Length::Unit::InBeats, 2};
    int row = 0;
    int place = 0; ///< beside others
    Length& lasting() { return stays; }
    [[nodiscard]] bool beside(const RemarkBody& other) const { return place != other.place; }
    friend bool operator==(const RemarkBody&, const RemarkBody&) = default;
};

const PinProperty remark_properties[] = {
    property<PinBody, &RemarkBody::said>({.id = "said", .label = "said", .type = ParamType::Text},
                                         {.name = "said", .presence = Fields::required, .most = 40}),
    property<PinBody, &RemarkBody::by>({.id = "by", .label = "by", .type = ParamType::Text},
                                       {.name = "by", .most = 40}),
    property<PinBody, &RemarkBody::stays>({.id = "stays", .label = "stays", .type = ParamType::Length},
                                          {.name = "for"}),
};

const LaneKindRow remark_row{
    .id = "remarks",
    .plural = "Remarks",
    .singular = "remark",
    .counted = "remarks",
    .from_the_start = false,
    .pin_body = body_type<RemarkBody>,
    .empty_body = [] { return PinBody(RemarkBody{}); },
    .name_of = [](const PinBody& body, const Project&) { return body_of<RemarkBody>(body).said; },
    .properties = remark_properties,
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
        project =
            *with_pins(project, lane, {{{}, MusicalAnchor{Ticks(960)}, RemarkBody{"ha", "Ann", {}}, {}}});
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
            with_pins(project, lane, {{{}, MusicalAnchor{Ticks(0)}, RemarkBody{std::string(41, 'x')}, {}}});
        QVERIFY(beyond_limits(*wordy, project));
        // It is placed.
        const auto placed = place(project, lane, {"downbeats", Ticks(0), Ticks(4 * 3840), {}});
        QVERIFY2(placed.has_value(), placed ? "" : placed.error().message().c_str());
        QCOMPARE(placed->count, std::size_t{4});
        QCOMPARE(body_of<RemarkBody>(placed->project.lane(lane)->pins.back().body), RemarkBody{});
    }

    // What pins are asked without regard to their kind.
    void a_body_tells_what_it_has() {
        PinBody body = RemarkBody{}, marker = MarkerBody{"m"}, none;
        QVERIFY(body.row() && body.lasting() && !marker.row() && !marker.lasting() && !none.row());
        *body.row() = 3;
        *body.lasting() = {Length::Unit::InBeats, 7};
        QCOMPARE(row_of(body), 3);
        QCOMPARE(body_of<RemarkBody>(body).stays, (Length{Length::Unit::InBeats, 7}));
        QVERIFY(lies_over(RemarkBody{}, RemarkBody{"other"}));
        QVERIFY(!lies_over(RemarkBody{}, body));
        RemarkBody elsewhere;
        elsewhere.place = 1;
        QVERIFY(!lies_over(RemarkBody{}, elsewhere));
        QVERIFY(!body.same_kind_as(marker) && body.same_kind_as(RemarkBody{}) && !body.same_kind_as(none));
        QVERIFY(!is_body<MarkerBody>(body) && !body_if<MarkerBody>(&body) && !is_body<MarkerBody>(none));
    }

    void copies_of_a_body_are_equal_and_change_apart() {
        const PinBody first = RemarkBody{"one"};
        PinBody copy = first;
        QCOMPARE(copy, first);
        QCOMPARE(&body_of<RemarkBody>(std::as_const(copy)), &body_of<RemarkBody>(first)); // shared until then
        body_of<RemarkBody>(copy).said = "two";
        QCOMPARE(body_of<RemarkBody>(first).said, std::string("one"));
        QVERIFY(copy != first);
        RemarkBody* alone = body_if<RemarkBody>(&copy);
        QCOMPARE(body_if<RemarkBody>(&copy), alone); // nothing is copied for its only owner
        PinBody moved = std::move(copy);
        QCOMPARE(&body_of<RemarkBody>(moved), alone);
        moved = moved; // NOLINT: a value may be assigned to itself
        QCOMPARE(body_of<RemarkBody>(moved).said, std::string("two"));
        QVERIFY(PinBody() == PinBody() && PinBody() != first);
    }

    // Threads take their copies of a project while others change theirs.
    void copies_are_changed_on_several_threads() {
        const PinBody shared = RemarkBody{"one"};
        std::vector<std::thread> threads;
        std::atomic<int> wrong = 0;
        for (int n = 0; n < 4; ++n)
            threads.emplace_back([&, mine = shared, n]() mutable {
                for (int i = 0; i < 2000; ++i) {
                    PinBody copy = i % 2 ? mine : shared;
                    body_of<RemarkBody>(copy).place = n * 10'000 + i;
                    mine = copy;
                    wrong += body_of<RemarkBody>(std::as_const(mine)).place != n * 10'000 + i;
                }
            });
        for (auto& thread : threads)
            thread.join();
        QCOMPARE(wrong.load(), 0);
        QCOMPARE(body_of<RemarkBody>(shared).place, 0);
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
        const LaneId cuts = lane_of_kind(project, kind_of(body_type<CutBody>));
        project = *with_pins(
            project, cuts,
            {{{}, MusicalAnchor{Ticks(960)}, CutBody{project.shots().front()->id, Seconds(0)}, {}}});
        const auto write = [&](LaneId lane) {
            return exporter("edl")->write(ExportMaterial({Schedule(project)}, {{"lane", lane}})).has_value();
        };
        QVERIFY(write(cuts) && write(LaneId{}));
        QVERIFY(!write(LaneId{999}) && !write(lane_of_kind(project, kind_of(body_type<MarkerBody>))));
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
