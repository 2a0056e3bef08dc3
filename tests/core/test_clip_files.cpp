// SPDX-License-Identifier: GPL-3.0-or-later
//
// Clips of the bin and their files: turned by hand, replaced, found by the check.
#include "check/file_facts.h"
#include "hand/clip_file.h"
#include "media/readable_copy.h"
#include "model/pin_edits.h"
#include "model/shot_edits.h"
#include "support/media.h"
#include "support/projects.h"
#include "support/test_program.h"
#include "support/turned_track.h"

using namespace pulsepin;
using namespace pulsepin::test;

class TestClipFiles : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;
    [[nodiscard]] QString file(const QString& name) const { return dir_.filePath(name); }
    [[nodiscard]] std::filesystem::path path(const char* name) const { return file(name).toStdString(); }

    /// A project with one clip of that file, a cut to it and its sound in the piece.
    [[nodiscard]] static Project piece_with(const Clip& clip) {
        Project project = with_lane(steady_project(), kind_of(body_type<SoundBody>), "Sound");
        project = with_clips(project, {clip});
        SoundBody sound;
        sound.sound = project.bin->back().id;
        sound.length = Seconds(1);
        project = *with_pins(project, project.lanes.back()->id, {{{}, TimeAnchor{Seconds(1)}, sound, {}}});
        return project;
    }

private slots:
    void initTestCase() {
        QVERIFY(ffmpeg({"-f", "lavfi", "-i", "testsrc=s=96x64:r=25:d=1", "-f", "lavfi", "-i", "sine=440:d=1",
                        "-c:v", "ffv1", "-c:a", "pcm_s16le", file("sides.mkv")}));
    }

    void clips_are_turned_and_back() {
        const auto clip = clip_of_file(path("sides.mkv"));
        QVERIFY(clip.has_value());
        QVERIFY(clip->width == 96 && clip->height == 64 && clip->has_sound && !clip->still);
        const Project project = piece_with(*clip);
        const ClipId id = project.bin->back().id;
        auto turned = with_clip_turned(project, id, 1);
        QVERIFY(turned.has_value());
        QVERIFY(turned->clip(id)->turned == 1 && turned->clip(id)->width == 64);
        for (int i = 0; i < 3; ++i)
            turned = with_clip_turned(*turned, id, 1);
        QVERIFY(*turned->bin == *project.bin);
        turned = with_clip_turned(project, id, -1);
        QCOMPARE(turned->clip(id)->turned, 3);
        QVERIFY(!with_clip_turned(project, ClipId{4711}, 1));
    }

    void another_file_keeps_what_was_made_with_the_clip() {
        Project project = piece_with(*clip_of_file(path("sides.mkv")));
        const ClipId id = project.bin->back().id;
        project = *with_camera(project, id, Seconds(3));
        project = *with_clip_turned(project, id, 1);
        QVERIFY(ffmpeg({"-f", "lavfi", "-i", "testsrc=s=320x180:r=30:d=2", "-f", "lavfi", "-i", "sine=d=2",
                        file("other.mp4")}));
        QVERIFY(ffmpeg({"-i", file("other.mp4"), "-an", file("silent.mp4")}));
        const auto next = with_clip_file(project, id, *clip_of_file(path("other.mp4")));
        QVERIFY2(next, next ? "" : next.error().message().c_str());
        const Clip& clip = *next->clip(id);
        QVERIFY(clip.path == path("other.mp4") && clip.width == 320 && clip.name == "sides");
        QVERIFY(clip.begins_at == Seconds(3) && clip.id == id);
        QVERIFY(clip.turned == 0 && clip.height == 180); // that file lies as it says itself
        QVERIFY(next->lanes.back() == project.lanes.back());
        const auto silent = with_clip_file(project, id, *clip_of_file(path("silent.mp4")));
        QVERIFY(!silent && silent.error().message().find("silent.mp4") != std::string::npos);
        Clip only_heard = *clip_of_file(path("other.mp4"));
        only_heard.has_picture = false;
        QVERIFY(!with_clip_file(project, id, only_heard));
    }

    void turned_and_wide_clips_are_found() {
        QVERIFY(ffmpeg({"-f", "lavfi", "-i", "testsrc=s=90x64:r=30:d=2", "-f", "lavfi", "-i", "sine=d=2",
                        "-vf", "select='not(eq(mod(n,7),3))',setsar=4/3", "-fps_mode", "vfr", "-c:v",
                        "libx264", file("phone.mp4")}));
        QVERIFY(turn_track(file("phone.mp4")));
        QVERIFY(
            make_readable_copy({path("phone.mp4")}, path("copy.mp4"), *FrameRate::make(30, 1)).has_value());
        Project project = piece_with(*clip_of_file(path("phone.mp4")));
        const auto of = [](const Project& one) {
            CheckMaterial material;
            material.curves = Curves{Schedule(one)};
            material.files = std::make_shared<const FileFacts>(*file_facts(one));
            std::set<std::string> all;
            for (const auto& finding : findings(material))
                if (finding.subject == one.bin->back().id.value)
                    all.insert(std::string(finding.check));
            return all;
        };
        const auto phone = of(project);
        QVERIFY(phone.contains("turned") && phone.contains("wide-pixels") && phone.contains("variable-rate"));
        project = *with_clip_file(project, project.bin->back().id, *clip_of_file(path("copy.mp4")));
        const auto copy = of(project);
        QVERIFY(!copy.contains("turned") && !copy.contains("wide-pixels") && !copy.contains("variable-rate"));
        project = *with_clip_turned(project, project.bin->back().id, 1);
        QVERIFY(of(project).contains("turned"));
    }

    /// What is wrong with a file is mended by another file, which a person chooses.
    void findings_of_files_ask_for_a_file() {
        const Project project = piece_with(*clip_of_file(path("sides.mkv")));
        FileFacts facts;
        facts.clips[project.bin->back().id].trouble = "no picture in it";
        CheckMaterial material;
        material.curves = Curves{Schedule(project)};
        material.files = std::make_shared<const FileFacts>(facts);
        const std::string only[] = {"unreadable"};
        const auto found = findings(material, only);
        QCOMPARE(found.size(), std::size_t{1});
        QCOMPARE(std::string(found[0].mend), std::string("replace-file"));
        QVERIFY(mend_of(*check("unreadable"), "replace-file")->asks);
        const auto mend = mended({material, found[0]});
        QVERIFY(!mend && mend.error().message().find("sides") != std::string::npos);
        for (const char* id : {"hdr", "interlaced", "variable-rate", "turned", "wide-pixels"})
            QVERIFY(mend_of(*check(id), "copy-file") && mend_of(*check(id), "replace-file"));
    }
};

PULSEPIN_TEST_CLASS(TestClipFiles, "test_clip_files")
#include "test_clip_files.moc"
