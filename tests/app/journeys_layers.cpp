// SPDX-License-Identifier: GPL-3.0-or-later
//
// Ways of working with layers themselves: grouped, ordered, given effects and looks, driven, made of markers.
// In a real window.
#include "drawing/timeline/timeline_view.h"
#include "kinds/kinds.h"
#include "kinds/layer_kinds.h"
#include "model/edits.h"
#include "support/stage_desk.h"
#include "support/test_program.h"
#include "time/grid_edits.h"

#include <QListWidget>
#include <QProcess>
#include <set>

using namespace pulsepin;
using namespace pulsepin::test;

class JourneysLayers : public QObject {
    Q_OBJECT
private slots:
    void journey_a_trigger_drives_several_parameters_of_one_layer_and_stretches() {
        Desk desk;
        QVERIFY(desk.open_demo());
        const LayerId kite = add_layer(desk, {{}, layers::shape, "Kite"});
        const Lane& flashes = *desk.project().first_lane(body_type<TriggerBody>);
        const PinId trigger = flashes.pins.front().id;
        const auto body = [&] { return body_of<TriggerBody>(desk.project().pin(trigger)->body); };
        desk.window.view().select({trigger});
        QVERIFY(QTest::qWaitFor([&] { return desk.window.findChild<QPushButton*>("acts on")->isVisible(); },
                                1000));
        choose_from_menu(desk.window.findChild<QPushButton*>("acts on"), {"Kite"});
        QCOMPARE(body().on, std::vector{kite});
        choose_from_menu(desk.window.findChild<QPushButton*>("add act"), {"rotation"});
        choose_from_menu(desk.window.findChild<QPushButton*>("add act"), {"Blur", "blur"});
        QCOMPARE(body().acts.size(), std::size_t{3}); // what it did before is the first
        choose_from_menu(desk.window.findChild<QPushButton*>("act 1 curve"), {"up and down"});
        number(desk, "act 1 to", 90);
        const auto at = [&](double share) {
            const auto& triggers =
                spans(desk, desk.project().first_lane(body_type<TriggerBody>)->id).triggers;
            const auto span = std::find_if(triggers.begin(), triggers.end(),
                                           [&](const TriggerSpan& one) { return one.pin == trigger; });
            const Frames frame =
                span->start + Frames(static_cast<std::int64_t>(
                                  std::lround(share * static_cast<double>((span->end - span->start).value))));
            return staged_of(desk, kite, frame).front().values.of("rotation");
        };
        QCOMPARE(at(0.5), 90.0);
        const Length before = body().length;
        choose(desk, "trigger length unit", "frames");
        number(desk, "trigger length amount", 20);
        QVERIFY(body().length != before);
        QCOMPARE(at(0.5), 90.0);
        QVERIFY(std::abs(at(0.25) - 45) < 1e-6);
        choose_from_menu(desk.window.findChild<QPushButton*>("act 2 curve"), {"Further up"});
        QCOMPARE(body().acts[1].parameter, std::string("blur"));
        desk.click("remove act 0");
        QCOMPARE(body().acts.size(), std::size_t{2});
    }

    void journey_a_missing_font_is_named_when_the_piece_is_opened() {
        Desk desk;
        Layer words{{}, layers::title, "Words"};
        words.text = "words";
        words.options["font"] = "No Such Face";
        add_layer(desk, words);
        QTemporaryDir folder;
        const auto file = folder.filePath("font.pulsepin").toStdString();
        QVERIFY(desk.window.document().save_now(file));
        desk.window.document().start_new();
        QVERIFY(desk.window.document().open(file));
        QVERIFY2(says(desk.message(), "No Such Face"), qPrintable(desk.message()));
        QCOMPARE(desk.project().stage->layers[1].options.at("font"), std::string("No Such Face")); // kept
    }

    void journey_a_threshold_that_another_curve_drives() {
        Desk desk;
        QVERIFY(desk.open_demo());
        const LaneId by = add_motion_lane(desk, "Follower", "Wave");
        choose(desk, "follower source", "Wave");
        QVERIFY(desk.settle());
        const LaneId lane = add_motion_lane(desk, "Follower", "Level");
        QVERIFY(desk.settle());
        choose(desk, "add step", "Floor");
        const auto step = part_of<Motion>(*desk.project().lane(lane))->follower.steps.size();
        QTimer::singleShot(400, qApp, [] { answer_with("0"); });
        QTimer::singleShot(1100, qApp, [] { answer_with("0.5"); });
        choose_from_menu(desk.window.findChild<QPushButton*>(QString("step %1 driven").arg(step)),
                         {"at", "by Wave"});
        QVERIFY(QTest::qWaitFor(
            [&] {
                return !part_of<Motion>(*desk.project().lane(lane))->follower.steps.back().drives.empty();
            },
            4000));
        const ParamDrive drive =
            part_of<Motion>(*desk.project().lane(lane))->follower.steps.back().drives.front();
        QCOMPARE(drive.lane, by);
        QVERIFY(desk.settle());
        const auto curve = desk.window.document().followers().at(lane);
        const auto wave = desk.window.document().followers().at(by);
        for (std::size_t i = 0; i < curve->values().size(); i += 97)
            QVERIFY(curve->values()[i] >= wave->values()[i] * 0.5f - 0.02f);
    }

    // -- other hands on the layers

    void journey_layers_are_grouped_dragged_into_order_and_taken_apart() {
        Desk desk;
        QVERIFY(desk.open_demo());
        for (const char* shape : {"disc", "kite", "star"})
            add_by_menu(desk, {"Shape", shape});
        auto* list = desk.window.findChild<QListWidget*>("layers");
        list->setCurrentRow(1); // below the camera
        QTest::mouseClick(list->viewport(), Qt::LeftButton, Qt::ControlModifier,
                          list->visualItemRect(list->item(2)).center());
        choose_from_menu(desk.window.findChild<QPushButton*>("more of layers"), {"Group what"});
        const auto& layers = desk.project().stage->layers;
        const auto group = std::find_if(layers.begin(), layers.end(),
                                        [](const Layer& one) { return one.kind == layers::group; });
        QVERIFY(group != layers.end());
        QCOMPARE(std::count_if(layers.begin(), layers.end(),
                               [&](const Layer& one) { return one.group == group->id; }),
                 2);
        const LayerId id = group->id;
        QCOMPARE(list->item(1)->text(), QString("Group"));
        QVERIFY(list->item(2)->text().endsWith("star") && list->item(3)->text().endsWith("kite"));
        QVERIFY(!desk.project().stage->layer(id)->hidden);
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(!desk.project().stage->layer(id));
    }

    void journey_effects_are_added_ordered_switched_and_kept_as_a_look() {
        Desk desk;
        QVERIFY(desk.open_demo());
        const LayerId disc = add_by_menu(desk, {"Shape", "disc"});
        for (const char* effect : {"Blur", "Glow", "Blur"})
            add_effect(desk, effect);
        const auto effects_now = [&] { return desk.project().stage->layer(disc)->effects; };
        QCOMPARE(effects_now().size(), std::size_t{3});
        auto* table = desk.window.findChild<QTableView*>("layer values");
        const auto row_of = [&](const QString& name) {
            for (int row = 0; row < table->model()->rowCount(); ++row)
                if (tells(table->model()->index(row, 0).data().toString(), name))
                    return row;
            return -1;
        };
        const int second = row_of("Blur 2");
        QVERIFY(second > 0);
        table->setCurrentIndex(table->model()->index(second, 0));
        table->scrollTo(table->currentIndex());
        table->setFocus();
        QTest::keyClick(table, Qt::Key_Up, Qt::AltModifier);
        QCOMPARE(effects_now()[1], (EffectUse{"blur", 2}));
        QTest::keyClick(table, Qt::Key_Delete);
        QCOMPARE(effects_now().size(), std::size_t{2});
        answer_with("Mine");
        choose_from_menu(desk.window.findChild<QPushButton*>("looks"), {"Keep this look"});
        QVERIFY(QTest::qWaitFor([&] { return desk.project().stage->looks.size() == 1; }, 2000));
        const LayerId star = add_by_menu(desk, {"Shape", "star"});
        choose_from_menu(desk.window.findChild<QPushButton*>("looks"), {"Mine"});
        QCOMPARE(desk.project().stage->layer(star)->effects, effects_now());
    }

    void journey_titles_from_markers_and_layers_one_after_the_other() {
        Desk desk;
        QVERIFY(desk.open_demo());
        const LayerId titles = add_by_menu(desk, {"Titles from"});
        const auto named =
            std::count_if(desk.markers().pins.begin(), desk.markers().pins.end(),
                          [](const Pin& pin) { return !body_of<MarkerBody>(pin.body).name.empty(); });
        const LaneId lane = desk.window.view().lane();
        QCOMPARE(std::ssize(desk.project().lane(lane)->pins), named);
        QVERIFY(!staged_of(desk, titles, frame_at(desk, desk.bar(13) + Seconds(0.5))).empty());
        std::vector<LayerId> made;
        for (const char* shape : {"disc", "kite", "star"})
            made.push_back(add_by_menu(desk, {"Shape", shape}));
        auto* list = desk.window.findChild<QListWidget*>("layers");
        desk.window.view().set_playhead(desk.bar(10));
        list->setCurrentRow(1);
        for (int i = 2; i <= 3; ++i)
            QTest::mouseClick(list->viewport(), Qt::LeftButton, Qt::ControlModifier,
                              list->visualItemRect(list->item(i)).center());
        answer_with("2");
        choose_from_menu(desk.window.findChild<QPushButton*>("more of layers"), {"One after the other"});
        QVERIFY(QTest::qWaitFor(
            [&] { return desk.window.document().undo_name() == "layers one after the other"; }, 2000));
        for (int i = 0; i < 3; ++i) { // the highest first
            const LayerId layer = made[static_cast<std::size_t>(2 - i)];
            const Seconds beat = desk.bar(10 + i / 2, i % 2 == 0 ? 1 : 3);
            QVERIFY(staged_of(desk, layer, frame_at(desk, beat) - Frames(5)).empty());
            QCOMPARE(staged_of(desk, layer, frame_at(desk, beat) + Frames(1)).size(), std::size_t{1});
        }
    }

    void journey_an_appearance_is_dragged_stretched_and_put_into_another_row() {
        Desk desk;
        QVERIFY(desk.open_demo());
        add_by_menu(desk, {"Ring"});
        choose_from_menu(desk.window.findChild<QPushButton*>("more of layers"), {"“Ring” appears"});
        const LaneId lane = desk.window.view().lane();
        auto& timeline = desk.window.timeline();
        timeline.reveal_lane(lane);
        timeline.show_range(desk.bar(12), desk.bar(17));
        timeline.grab();
        const auto at = [&](Seconds time) {
            return QPoint(static_cast<int>(std::lround(timeline.scale().x(time))),
                          static_cast<int>(timeline.lane_row(lane).center().y()));
        };
        QTest::mouseDClick(&timeline, Qt::LeftButton, {}, at(desk.bar(13)));
        QCOMPARE(desk.project().lane(lane)->pins.size(), std::size_t{1});
        const auto body = [&] {
            return body_of<AppearanceBody>(desk.project().lane(lane)->pins.front().body);
        };
        QCOMPARE(body().length, (Length{Length::Unit::InBeats, 4}));
        desk.drag(at(desk.bar(14)) - QPoint(1, 0), at(desk.bar(15)));
        QCOMPARE(desk.window.document().undo_name(), QString("stretch"));
        QCOMPARE(body().length, (Length{Length::Unit::InBeats, 8}));
        desk.drag(at(desk.bar(13)), at(desk.bar(13, 3)));
        QCOMPARE(std::get<MusicalAnchor>(desk.project().lane(lane)->pins.front().anchor).at,
                 desk.project().grid->ticks_of({13, 3, 0}));
        desk.drag(at(desk.bar(14)), at(desk.bar(14)) + QPoint(0, 26));
        QCOMPARE(body().row, 1);
        desk.window.timeline().setFocus();
        desk.key(Qt::Key_C, Qt::ControlModifier);
        desk.window.view().set_playhead(desk.bar(16));
        desk.key(Qt::Key_V, Qt::ControlModifier);
        QCOMPARE(desk.project().lane(lane)->pins.size(), std::size_t{2});
    }

    // A sign on a transparent ground comes in over a shot by a way of its own: where it is opaque it covers
    // the shot, where it is not the shot is as it was, and before it comes nothing is there.
    void journey_a_logo_with_transparency_over_a_shot_with_an_own_way_in() {
        Desk desk;
        QVERIFY(desk.open_demo() && desk.settle());
        QTemporaryDir dir;
        const QString file = dir.filePath("<b>logo & $(x).png");
        QImage logo(200, 100, QImage::Format_ARGB32);
        logo.fill(Qt::transparent);
        for (int y = 20; y < 80; ++y)
            for (int x = 60; x < 140; ++x)
                logo.setPixelColor(x, y, QColor(255, 0, 255));
        QVERIFY(logo.save(file));
        int actions = 0;
        desk.window.document().add_clips({file.toStdString()});
        ++actions; // dropped
        QTRY_VERIFY_WITH_TIMEOUT(desk.project().bin->size() == 7, 20'000);
        desk.window.view().set_playhead(desk.bar(13));
        const LayerId id = add_by_menu(desk, {"Picture", "<b>logo"});
        choose_from_menu(desk.window.findChild<QPushButton*>("more of layers"), {"“<b>logo & $(x)” appears"});
        actions += 4;
        const LaneId lane = desk.window.view().lane();
        QVERIFY(desk.project().lane(lane) && holds<AppearanceBody>(desk.project().lane(lane)->kind));
        auto& timeline = desk.window.timeline();
        timeline.reveal_lane(lane);
        timeline.grab();
        QTest::mouseDClick(
            &timeline, Qt::LeftButton, {},
            QPointF(timeline.scale().x(desk.bar(13)), timeline.lane_row(lane).center().y()).toPoint());
        ++actions;
        desk.window.go_to_stop(Stop::Motion);
        desk.click("curves");
        QTRY_VERIFY(desk.window.findChild<QComboBox*>("appearance comes-move")->isVisible());
        choose(desk, "appearance comes-move", "fly in from below");
        choose(desk, "appearance comes-length unit", "frames");
        number(desk, "appearance comes-length amount", 6);
        actions += 4;
        QVERIFY(!desk.project().lane(lane)->pins.empty());
        const auto& span = spans(desk, lane).appearances.front();
        const auto with = [&](Frames frame) { return picture_at(desk, frame); };
        const auto without = [&](Frames frame) {
            Layer hidden = *desk.project().stage->layer(id);
            hidden.hidden = true;
            const auto project = with_changed_layer(desk.project(), hidden);
            return composed(staged_at({Schedule(*project)}, frame), {640, 360},
                            desk.window.preview().pictures());
        };
        const QColor magenta(255, 0, 255);
        QVERIFY(pixels_like(with(span.comes - Frames(1)), magenta).empty());
        QTRY_VERIFY(!pixels_like(with(span.comes + Frames(8)), magenta).empty());
        const auto there = pixels_like(with(span.comes + Frames(8)), magenta);
        // It fits the picture's height of 360: its sign is 60 of 100 high, 80 of 200 wide.
        const double scale = 640 / 200.0;
        QVERIFY2(std::abs(static_cast<double>(there.size()) - 80 * 60 * scale * scale) < 2500,
                 qPrintable(QString::number(there.size())));
        QCOMPARE(with(span.comes + Frames(8)).pixelColor(5, 180),
                 without(span.comes + Frames(8)).pixelColor(5, 180));
        // On its way it lies lower.
        const auto lowest = [&](Frames frame) {
            int y = 0;
            for (const QPoint& one : pixels_like(with(frame), magenta))
                y = std::max(y, one.y());
            return y;
        };
        QVERIFY(lowest(span.comes + Frames(2)) > lowest(span.comes + Frames(8)) ||
                pixels_like(with(span.comes + Frames(2)), magenta).size() < there.size());
        qInfo("%d actions", actions);
    }

    void journey_a_locked_title_is_not_written_into() {
        Desk desk;
        const LayerId id = add_by_menu(desk, {"Title"});
        auto& preview = desk.window.preview();
        const auto field = [&] { return preview.findChild<QLineEdit*>("words in the picture"); };
        const auto enter = [&] {
            preview.setFocus();
            QTest::keyClick(&preview, Qt::Key_Return);
        };
        Layer title = *desk.project().stage->layer(id);
        title.locked = true;
        QVERIFY(desk.window.document().apply(with_changed_layer(desk.project(), title), "lock layer"));
        enter();
        QVERIFY(!field());
        title.locked = false;
        QVERIFY(desk.window.document().apply(with_changed_layer(desk.project(), title), "unlock layer"));
        enter();
        QVERIFY(field());
        QTest::keyClick(field(), Qt::Key_Escape);
    }
};

PULSEPIN_TEST_CLASS(JourneysLayers, "journeys_layers")
#include "journeys_layers.moc"
