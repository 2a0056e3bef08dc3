// SPDX-License-Identifier: GPL-3.0-or-later
//
// A further kind of layer (eleventh/rays_kind.cpp) in the whole window: no other file knows of it.
#include "eleventh/rays_kind.h"
#include "hand/hand_edits.h"
#include "hand/hits.h"
#include "interchange/project_file.h"
#include "kinds/layer_kinds.h"
#include "pages/stops/layer_values_model.h"
#include "support/stage_desk.h"
#include "support/test_program.h"

using namespace pulsepin;
using namespace pulsepin::test;

class EleventhKind : public QObject {
    Q_OBJECT
private slots:
    void it_is_added_seen_set_and_driven() {
        Desk desk;
        QVERIFY(desk.open_demo());
        hide_shots(desk);
        const LayerId id = add_by_menu(desk, {"Rays"});
        const auto rays = [&] { return desk.project().stage->layer(id); };
        QVERIFY(rays() && rays()->kind == layers::rays);
        QCOMPARE(rays()->name, std::string("Rays"));

        // Four rays of 200 by 20 pixels in a picture of 1280 x 720, seen in half its size.
        const Frames frame(600);
        const auto red = [&] { return pixels_like(picture_at(desk, frame), QColor(255, 0, 0)).size(); };
        const auto four = static_cast<double>(red());
        QVERIFY2(std::abs(four - 4 * 100 * 10) < 300, qPrintable(QString::number(four)));
        QVERIFY(desk.window.findChild<QWidget*>("layer colour")->isVisible());

        // Its table has its parameters; what is set there is one step that is undone.
        auto* table = desk.window.findChild<QTableView*>("layer values");
        QVERIFY(table);
        auto* model = table->model();
        int row = 0;
        while (row < model->rowCount() && model->index(row, 0).data().toString() != "length")
            ++row;
        QVERIFY(row < model->rowCount());
        QVERIFY(model->setData(model->index(row, 1), 100.0));
        QCOMPARE(rays()->values.at("rays-length"), 100.0);
        QVERIFY2(std::abs(static_cast<double>(red()) - 4 * 50 * 10) < 300,
                 qPrintable(QString::number(red())));
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(static_cast<double>(red()), four);

        // A lane drives it as it drives any other.
        auto hits = with_hits(desk.project(), {id, "rays"}, "kick");
        QVERIFY2(hits.has_value(), hits ? "" : hits.error().message().c_str());
        desk.window.document().apply(std::move(hits->project), "drive");
        std::set<double> seen;
        for (int i = 0; i < 48; ++i)
            seen.insert(staged_of(desk, id, frame + Frames(i)).front().values.of("rays"));
        QVERIFY2(seen.size() > 3, qPrintable(QString::number(seen.size())));
    }

    void files_and_edits_by_name_have_it() {
        Desk desk;
        QVERIFY(desk.open_demo());
        const Schedule schedule(desk.project());
        HandEditRequest request{schedule};
        request.values.set("kind", std::string("rays"));
        request.values.set("name", std::string("<b>Sun</b> & $(moon)"));
        const auto added = hand_edit("add-layer")->run(request);
        QVERIFY2(added.has_value(), added ? "" : added.error().message().c_str());
        QTemporaryDir dir;
        const auto path = std::filesystem::path(dir.filePath("rays.pulsepin").toStdString());
        QVERIFY(save_project(added->project, path));
        const auto read = load_project(path);
        QVERIFY2(read.has_value(), read ? "" : read.error().message().c_str());
        QCOMPARE(*read->stage, *added->project.stage);
        const auto& all = read->stage->layers;
        const auto found = std::ranges::find(all, layers::rays, &Layer::kind);
        QVERIFY(found != all.end());
        QCOMPARE(found->name, std::string("<b>Sun</b> & $(moon)"));
        QCOMPARE(found->colour, (Colour{0xff0000}));
    }
};

PULSEPIN_TEST_CLASS(EleventhKind, "eleventh_kind")
#include "eleventh_kind.moc"
