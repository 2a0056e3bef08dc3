// SPDX-License-Identifier: GPL-3.0-or-later
//
// How many actions eleven ways of working take, from the demo as it opens: a key, a click, an entry chosen
// from a list, a text typed or a drag is one. Each way is done, what comes of it is looked at, and none may
// become longer than the table says.
#include "pages/stops/stop_panel.h"
#include "schedule/resolve.h"
#include "support/answers.h"
#include "support/motion_desk.h"
#include "support/test_program.h"

#include <QListWidget>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

/// A person's hand, which counts.
class CountingHand {
public:
    explicit CountingHand(Desk& on) : desk(on) {}
    Desk& desk;
    int actions = 0;

    void key(Qt::Key key, Qt::KeyboardModifiers keys = Qt::NoModifier) {
        ++actions;
        desk.key(key, keys);
    }
    void click(const char* button) {
        ++actions;
        QTest::mouseClick(desk.window.findChild<QAbstractButton*>(button), Qt::LeftButton);
    }
    void pick(const char* list, const QString& text) {
        ++actions;
        choose(desk, list, text);
    }
    void type(const char* field, const QString& text) {
        ++actions;
        const auto line = [&] { return desk.window.findChild<QLineEdit*>(field); };
        QVERIFY2(QTest::qWaitFor([&] { return line() && line()->isVisible(); }, 2000), field);
        desk.type(field, text);
        QTest::keyClick(line(), Qt::Key_Return);
    }
    void menu(const char* button, const QStringList& path) {
        actions += 1 + static_cast<int>(path.size());
        choose_from_menu(desk.window.findChild<QWidget*>(button), path);
    }
    void find(const char* button, const QStringList& words) {
        actions += 2; // the words are typed
        choose_from_menu(desk.window.findChild<QWidget*>(button), words);
    }
    void drag_ruler(Seconds from, Seconds to) {
        ++actions;
        desk.drag(desk.in_ruler(from), desk.in_ruler(to));
    }
    void double_click(QWidget& drawing, QPoint at) {
        ++actions;
        QTest::mouseDClick(&drawing, Qt::LeftButton, {}, at);
    }
    void drop_shot(QWidget& on, QPointF at, ClipId clip, Qt::KeyboardModifiers keys = {}) {
        ++actions;
        drop(on, at, clip, keys);
    }
    void move_playhead(Seconds to) {
        ++actions;
        QTest::mouseClick(&desk.window.timeline(), Qt::LeftButton, {}, desk.in_ruler(to));
    }
    /// Return in the dialog that the next action opens.
    void will_accept() {
        ++actions;
        QTimer::singleShot(300, qApp, [] {
            if (auto* dialog = QApplication::activeModalWidget())
                QTest::keyClick(dialog, Qt::Key_Return);
        });
    }
};

QPoint on_lane(Desk& desk, const Lane& lane, Seconds at) {
    auto& timeline = desk.window.timeline();
    timeline.reveal_lane(lane.id);
    return {static_cast<int>(std::lround(timeline.scale().x(at))),
            static_cast<int>(timeline.lane_row(lane.id).center().y())};
}

void cuts_on_every_beat_of_a_stretch(CountingHand& hand) {
    Desk& desk = hand.desk;
    const auto had = desk.cuts().pins.size();
    hand.drag_ruler(desk.bar(13), desk.bar(17));
    hand.key(Qt::Key_4, Qt::ControlModifier);
    hand.pick("every", "one");
    hand.click("place");
    QCOMPARE(desk.cuts().pins.size(), had + 16);
}

void a_marker_with_a_name(CountingHand& hand) {
    Desk& desk = hand.desk;
    hand.move_playhead(desk.bar(6));
    hand.key(Qt::Key_M);
    hand.type("marker name", "lift");
    const auto& pins = desk.markers().pins;
    QVERIFY(std::ranges::any_of(pins,
                                [](const Pin& pin) { return body_of<MarkerBody>(pin.body).name == "lift"; }));
}

void a_pulse_on_every_kick(CountingHand& hand) {
    Desk& desk = hand.desk;
    hand.key(Qt::Key_5, Qt::ControlModifier);
    hand.will_accept();
    hand.menu("add motion lane", {"Pulses"});
    const LaneId lane = desk.project().lanes.back()->id;
    hand.key(Qt::Key_4, Qt::ControlModifier);
    hand.pick("source", "onsets of");
    hand.pick("source row", "kick");
    hand.click("place");
    QVERIFY(desk.project().lane(lane)->pins.size() > 40);
}

void a_punch_on_every_kick_by_one_drag(CountingHand& hand) {
    Desk& desk = hand.desk;
    const auto& rows = desk.project().detection->rows;
    const auto kick = std::ranges::find(rows, "kick", &OnsetRow::name);
    QVERIFY(kick != rows.end());
    auto& timeline = desk.window.timeline();
    const QRectF row = timeline.onset_row(static_cast<std::size_t>(kick - rows.begin()));
    const auto steps = desk.window.document().undo_name();
    ++hand.actions;
    QVERIFY(drop(timeline, row.center(), Target{desk.project().stage->layers.front().id, "scale"}));
    const Lane& lane = *desk.project().lanes.back();
    QVERIFY(lane.pins.size() > 40);
    QCOMPARE(part_of<Motion>(lane)->own.target.parameter, std::string("scale"));
    QCOMPARE(desk.window.view().lane(), lane.id);
    const LaneId made = lane.id;
    desk.key(Qt::Key_Z, Qt::ControlModifier); // one step
    QVERIFY(!desk.project().lane(made));
    QCOMPARE(desk.window.document().undo_name(), steps);
}

void a_flash_on_every_snare_of_a_section(CountingHand& hand) {
    Desk& desk = hand.desk;
    hand.move_playhead(desk.bar(14));
    hand.key(Qt::Key_4, Qt::ControlModifier);
    hand.pick("lane choice", "Flash");
    hand.pick("source", "onsets of");
    hand.pick("source row", "snare");
    hand.pick("range kind", "this section");
    hand.click("place");
    QVERIFY(desk.project().first_lane(body_type<TriggerBody>)->pins.size() >= 10);
}

void another_shot_at_a_cut(CountingHand& hand) {
    Desk& desk = hand.desk;
    const auto& clip = desk.project().bin->back();
    const auto had = desk.cuts().pins.size();
    hand.drop_shot(desk.window.timeline(), on_lane(desk, desk.cuts(), desk.bar(3, 2)), clip.id,
                   Qt::ControlModifier);
    QCOMPARE(desk.cuts().pins.size(), had);
    QVERIFY(std::ranges::any_of(desk.cuts().pins,
                                [&](const Pin& pin) { return body_of<CutBody>(pin.body).shot == clip.id; }));
}

void a_shot_in_the_middle_of_another(CountingHand& hand) {
    Desk& desk = hand.desk;
    const auto had = desk.cuts().pins.size();
    hand.drop_shot(desk.window.timeline(), on_lane(desk, desk.cuts(), desk.bar(4)),
                   desk.project().bin->front().id);
    QCOMPARE(desk.cuts().pins.size(), had + 1);
}

void the_tempo_at_half(CountingHand& hand) {
    Desk& desk = hand.desk;
    const double tempo = desk.project().grid->typical_tempo().value;
    hand.click("half tempo");
    QVERIFY(std::abs(desk.project().grid->typical_tempo().value * 2 - tempo) < 0.01);
}

void a_blur_that_follows_the_level(CountingHand& hand) {
    Desk& desk = hand.desk;
    hand.key(Qt::Key_5, Qt::ControlModifier);
    hand.will_accept();
    hand.menu("add motion lane", {"Follower"});
    const LaneId lane = desk.project().lanes.back()->id;
    hand.find("feed another", {"Shots", "Blur", "blur"});
    QVERIFY(desk.settle());
    const auto& feed = part_of<Motion>(*desk.project().lane(lane))->feeds.back();
    QCOMPARE(feed.target.parameter, std::string("blur"));
    QVERIFY(driven_value(desk.window.document().curves(), feed.target, 400).value_or(0) > 0);
}

void a_title_for_four_beats(CountingHand& hand) {
    Desk& desk = hand.desk;
    hand.key(Qt::Key_5, Qt::ControlModifier);
    hand.click("layers of the picture");
    hand.menu("add layer", {"Title"});
    hand.type("layer text", "Over the levee");
    hand.menu("more of layers", {"“Title” appears"});
    const LaneId lane = desk.window.view().lane();
    hand.double_click(desk.window.timeline(), on_lane(desk, *desk.project().lane(lane), desk.bar(5)));
    QCOMPARE(desk.project().lane(lane)->pins.size(), std::size_t{1});
    QCOMPARE(desk.project().stage->layers[desk.project().stage->layers.size() - 2].text,
             std::string("Over the levee"));
}

void an_edit_list(CountingHand& hand) {
    QTemporaryDir folder;
    Desk& desk = hand.desk;
    hand.key(Qt::Key_7, Qt::ControlModifier);
    hand.click("page of formats");
    Answers answers;
    answers.type_name(folder.filePath("kite.edl"));
    ++hand.actions;
    hand.click("export edl");
    QVERIFY(desk.settle());
    QVERIFY(file_text(folder.filePath("kite.edl")).contains("* FROM CLIP NAME: loop"));
}

struct Way {
    const char* name;
    int most;
    void (*work)(CountingHand&);
};

constexpr Way ways[] = {
    {"cuts on every beat of a stretch", 4, cuts_on_every_beat_of_a_stretch},
    {"a marker with a name", 3, a_marker_with_a_name},
    {"a pulse on every kick", 8, a_pulse_on_every_kick},
    {"a punch on every kick by one drag", 1, a_punch_on_every_kick_by_one_drag},
    {"a flash on every snare of a section", 7, a_flash_on_every_snare_of_a_section},
    {"another shot at a cut", 1, another_shot_at_a_cut},
    {"a shot in the middle of another", 1, a_shot_in_the_middle_of_another},
    {"the tempo at half", 1, the_tempo_at_half},
    {"a blur that follows the level", 6, a_blur_that_follows_the_level},
    {"a title for four beats", 8, a_title_for_four_beats},
    {"an edit list", 4, an_edit_list},
};

} // namespace

class JourneysWays : public QObject {
    Q_OBJECT
private slots:
    void journey_a_way_takes_few_actions_data() {
        QTest::addColumn<int>("index");
        for (int i = 0; i < static_cast<int>(std::size(ways)); ++i)
            QTest::newRow(ways[i].name) << i;
    }
    void journey_a_way_takes_few_actions() {
        QFETCH(int, index);
        const Way& way = ways[index];
        Desk desk;
        QVERIFY(desk.open_demo());
        CountingHand hand(desk);
        way.work(hand);
        QTest::qWait(50);
        qInfo("%s: %d actions", way.name, hand.actions);
        QVERIFY2(hand.actions <= way.most, qPrintable(QString::number(hand.actions)));
    }
};

PULSEPIN_TEST_CLASS(JourneysWays, "journeys_ways")
#include "journeys_ways.moc"
