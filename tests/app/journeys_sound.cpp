// SPDX-License-Identifier: GPL-3.0-or-later
//
// The song and its parts in the real window: stems, what is listened to and heard alone, gain and fades,
// followers that are corrected, the piece's own start and end, taps without music.
#include "drawing/timeline/song_track.h"
#include "media/write_wav.h"
#include "model/song_edits.h"
#include "schedule/piece_length.h"
#include "schedule/shots.h"
#include "support/desk.h"
#include "support/media.h"
#include "support/test_program.h"

#include <QFileDialog>
#include <QProcess>
#include <numbers>
#include <random>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

constexpr std::int64_t recorded_rate = 44100;

/// Twenty seconds at 120 beats a minute: kicks on 1 and 3, claps on 2 and 4, hats on eighths; and a bass that
/// plucks between the kicks, at the same pitch.
struct PlayedBand {
    std::vector<float> drums, rest;
    std::vector<double> kicks, plucks;
    PlayedBand() {
        constexpr double seconds = 20, beat = 0.5;
        drums.assign(static_cast<std::size_t>(seconds * recorded_rate), 0.0f);
        rest = drums;
        std::mt19937 random(1);
        std::uniform_real_distribution<float> noise(-1, 1);
        const auto add = [&](std::vector<float>& to, double at, double length, auto sound) {
            const auto start = static_cast<std::size_t>(at * recorded_rate);
            for (std::size_t i = 0;
                 i < static_cast<std::size_t>(length * recorded_rate) && start + i < to.size(); ++i)
                to[start + i] += static_cast<float>(sound(static_cast<double>(i) / recorded_rate));
        };
        const auto turn = [](double hz, double t) { return std::sin(2 * std::numbers::pi * hz * t); };
        for (int i = 0; i * beat < seconds - 0.6; ++i) {
            const double at = 0.5 + i * beat;
            for (const double hat : {0.0, 0.5})
                add(drums, at + hat * beat, 0.04, [&](double t) {
                    return 0.08 * static_cast<double>(noise(random)) * std::exp(-t / 0.01);
                });
            if (i % 2 == 0) {
                kicks.push_back(at);
                add(drums, at, 0.2, [&](double t) {
                    return 0.7 * std::exp(-t / 0.05) * turn(55 + 60 * std::exp(-t / 0.02), t);
                });
            } else {
                add(drums, at, 0.12,
                    [&](double t) { return 0.4 * static_cast<double>(noise(random)) * std::exp(-t / 0.03); });
                plucks.push_back(at + 0.25);
                add(rest, at + 0.25, 0.22, [&](double t) { return 0.6 * std::exp(-t / 0.06) * turn(62, t); });
            }
            add(rest, at, beat, [&](double t) { return 0.05 * (turn(220, t) + turn(277, t)); });
        }
    }
    [[nodiscard]] std::vector<float> mix() const {
        std::vector<float> sum = drums;
        for (std::size_t i = 0; i < sum.size(); ++i)
            sum[i] += rest[i];
        return sum;
    }
};

std::vector<float> delayed(const std::vector<float>& samples, std::size_t by) {
    std::vector<float> out(by, 0.0f);
    out.insert(out.end(), samples.begin(), samples.end());
    return out;
}

int near_any(const std::vector<FoundOnset>& onsets, const std::vector<double>& times, double within) {
    return static_cast<int>(std::count_if(times.begin(), times.end(), [&](double time) {
        return std::any_of(onsets.begin(), onsets.end(),
                           [&](const FoundOnset& one) { return std::abs(one.time.value - time) < within; });
    }));
}

/// Walks the choice of what is listened to, as the mouse does.
void listen_to(Desk& desk, const char* field, const QString& entry) {
    choose_from_menu(desk.window.findChild<QPushButton*>(field), {entry});
}

} // namespace

class JourneysSound : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;
    [[nodiscard]] std::filesystem::path file(const char* name) const {
        return dir_.filePath(name).toStdString();
    }
    [[nodiscard]] QString write(const char* name, const std::vector<float>& samples) const {
        if (!write_wav(*store_of(samples, {recorded_rate, 1}), file(name)))
            return {};
        return QString::fromStdString(file(name).string());
    }
    bool open_song(Desk& desk, const QString& path) {
        desk.window.open_path(path);
        return QTest::qWaitFor([&] { return desk.window.document().sound() != nullptr; }, 30'000) &&
               desk.settle();
    }

private slots:
    void journey_beats_and_kicks_are_found_in_the_drums_alone() {
        const PlayedBand band;
        const QString song = write("song.wav", band.mix());
        const QStringList stems{write("drums.wav", delayed(band.drums, 1234)), write("rest.wav", band.rest)};
        Desk desk;
        QVERIFY(open_song(desk, song));
        // All of the song is seen at first.
        const auto& scale = desk.window.timeline().scale();
        QVERIFY(scale.start <= Seconds(0) && scale.end() >= desk.project().song->duration());
        QVERIFY(scale.end() < desk.project().song->duration() * 1.1);
        // Both at once: each lies on a lane of its own under the song, to the sample.
        desk.window.files().add_sounds(stems);
        QVERIFY(desk.settle());
        QVERIFY2(says(desk.message(), "1234 samples earlier"), qPrintable(desk.message()));
        QCOMPARE(desk.project().lanes[0]->name, std::string("drums"));
        QCOMPARE(desk.project().lanes[1]->name, std::string("rest"));
        const Lane lane = *desk.project().lanes[0];
        const auto& body = body_of<SoundBody>(lane.pins[0].body);
        QCOMPARE(std::llround(body.in_point.value * recorded_rate), 1234LL);
        QVERIFY(desk.project().song_track->muted); // or all would be heard twice
        // What is heard is the song again, to a rounding of its numbers.
        const auto plan = desk.window.document().sounds().plan();
        const auto mix = band.mix();
        std::vector<float> heard(2 * 1000, 0.0f);
        plan->add_to(heard, Samples(100'000));
        for (std::size_t i = 0; i < 1000; ++i)
            QVERIFY(std::abs(heard[2 * i] - mix[100'000 + i]) < 1e-5f);

        // Listened to the song, a bass at the kick's pitch is found among the kicks.
        desk.window.go_to_stop(Stop::Mark);
        const auto rows_before = desk.project().detection->rows;
        const auto kick =
            static_cast<std::size_t>(std::find_if(rows_before.begin(), rows_before.end(),
                                                  [](const OnsetRow& row) { return row.name == "kick"; }) -
                                     rows_before.begin());
        QVERIFY(kick < rows_before.size());
        // The row is found in the drums instead: a click on its line chooses it.
        auto* line = desk.window.findChild<QWidget*>(QString("row line %1").arg(kick + 1));
        QVERIFY(line);
        QTest::mouseClick(line, Qt::LeftButton, {}, QPoint(line->width() - 40, 1));
        listen_to(desk, "row listened", "drums");
        QVERIFY(desk.settle());
        const OnsetRow& row = desk.project().detection->rows[kick];
        QCOMPARE(row.of.sound, sound_of_lane(lane.id));
        const int in_song = near_any(rows_before[kick].onsets, band.plucks, 0.04);
        qInfo("false kicks where the bass is plucked: %d in the song, %d in the drums", in_song,
              near_any(row.onsets, band.plucks, 0.04));
        QCOMPARE(near_any(row.onsets, band.plucks, 0.04), 0);
        QVERIFY(near_any(row.onsets, band.kicks, 0.03) >= static_cast<int>(band.kicks.size()) - 1);

        // And the beats: found in the drums only, and remembered.
        desk.window.go_to_stop(Stop::Song);
        listen_to(desk, "listened", "drums");
        desk.window.go_to_stop(Stop::Grid);
        desk.click("detect");
        QVERIFY(desk.settle());
        QCOMPARE(desk.project().detection->of.sound, sound_of_lane(lane.id));
        QVERIFY(std::abs(desk.project().grid->typical_tempo().value - 120) < 0.5);
        // Saved and opened, the row still knows where it was found.
        const auto path = file("stems.pulsepin");
        QVERIFY(desk.window.document().save_now(path).has_value());
        QVERIFY(desk.window.document().open(path).has_value());
        QVERIFY(desk.settle());
        QCOMPARE(desk.project().detection->rows[kick].of.sound, sound_of_lane(lane.id));
    }

    void journey_a_part_is_heard_alone_and_written() {
        const PlayedBand band;
        Desk desk;
        QVERIFY(open_song(desk, write("song.wav", band.mix())));
        desk.window.go_to_stop(Stop::Song);
        const auto whole = desk.window.document().sounds().plan();
        listen_to(desk, "listened", "percussive part");
        desk.click("hear alone");
        QVERIFY(desk.settle());
        const auto alone = desk.window.document().sounds().plan();
        QVERIFY(alone != whole && alone->length == whole->length);
        // Between two hits the chord is all but gone.
        const auto level = [](const MixPlan& plan, double from, double until) {
            std::vector<float> stereo(static_cast<std::size_t>(2 * (until - from) * recorded_rate), 0.0f);
            plan.add_to(stereo, Samples(std::llround(from * recorded_rate)));
            double sum = 0;
            for (const float value : stereo)
                sum += static_cast<double>(value) * static_cast<double>(value);
            return std::sqrt(sum / static_cast<double>(stereo.size()));
        };
        QVERIFY(level(*alone, 4.9, 4.98) < 0.25 * level(*whole, 4.9, 4.98));
        QVERIFY(level(*alone, 5.0, 5.1) > 0.3 * level(*whole, 5.0, 5.1));
        // Another part is cancelled on its way: all is heard again, and the button says so.
        listen_to(desk, "listened", "harmonic part");
        for (const auto& job : desk.window.document().jobs().all())
            job->cancel();
        QVERIFY(desk.settle());
        if (desk.window.document().sounds().alone()) // it may have been there already
            desk.click("hear alone");
        QVERIFY(*desk.window.document().sounds().plan() == *whole);
        QVERIFY(!desk.window.findChild<QPushButton*>("hear alone")->isChecked());
        listen_to(desk, "listened", "percussive part");
        desk.click("hear alone");
        QVERIFY(desk.settle());
        // Written, it is that very sound, as another program reads it.
        const QString path = QString::fromStdString(file("percussive.wav").string());
        once_a_dialog_is_open(300, [&] {
            auto* dialog = qobject_cast<QFileDialog*>(QApplication::activeModalWidget());
            QVERIFY(dialog);
            dialog->findChild<QLineEdit*>("fileNameEdit")->setText(path);
            QMetaObject::invokeMethod(dialog, "accept");
        });
        desk.click("write listened");
        QVERIFY(desk.settle());
        QVERIFY2(QFile::exists(path), qPrintable(desk.message()));
        QProcess probe;
        probe.start("ffprobe",
                    {"-v", "error", "-show_entries", "stream=sample_rate,channels,duration_ts,codec_name",
                     "-of", "csv=p=0", path});
        QVERIFY(probe.waitForFinished());
        QCOMPARE(QString(probe.readAllStandardOutput()).trimmed(),
                 QString("pcm_f32le,44100,1,%1").arg(band.drums.size()));
        desk.click("hear alone");
        QVERIFY(*desk.window.document().sounds().plan() == *whole);
    }

    void journey_the_song_is_faded_and_shaped_with_the_mouse() {
        Desk desk;
        QVERIFY(desk.open_demo());
        auto& timeline = desk.window.timeline();
        timeline.setFocus();
        timeline.show_all();
        timeline.grab();
        const QRectF wave = timeline.wave_row();
        const auto x = [&](Seconds at) { return static_cast<int>(std::lround(timeline.scale().x(at))); };
        const Seconds end = desk.project().song->duration();
        desk.drag(QPoint(x(Seconds(0)), static_cast<int>(wave.top()) + 4),
                  QPoint(x(Seconds(4)), static_cast<int>(wave.top()) + 4));
        QCOMPARE(desk.window.document().undo_name(), QString("fade song"));
        QVERIFY(std::abs(desk.project().song_track->body.fade_in.value - 4) < 0.5);
        // The line of gain: shown, pressed, dragged.
        desk.window.go_to_stop(Stop::Song);
        desk.click("gain lines");
        timeline.grab();
        const GainLineView line{wave, timeline.scale(), Seconds(0),
                                desk.project().song_track->body.gain_line};
        const auto y = [&](double db) { return static_cast<int>(std::lround(line.y(db))); };
        desk.drag(QPoint(x(Seconds(10)), y(0)), QPoint(x(Seconds(10)), y(-12)));
        desk.drag(QPoint(x(Seconds(20)), y(-12)), QPoint(x(Seconds(20)), y(0)));
        const auto points = desk.project().song_track->body.gain_line;
        QCOMPARE(points.size(), std::size_t{2});
        QVERIFY(std::abs(points[0].db + 12) < 1 && std::abs(points[1].db) < 1);
        const auto plan = desk.window.document().sounds().plan();
        QVERIFY(std::abs(line_db(plan->parts[0].line, Samples(15 * plan->sample_rate)) + 6) < 1.5f);
        // A point that is clicked twice goes again.
        QTest::mouseDClick(&timeline, Qt::LeftButton, {}, QPoint(x(points[1].at), y(points[1].db)));
        QCOMPARE(desk.project().song_track->body.gain_line.size(), std::size_t{1});
        // Muted by its switch, heard again.
        QTest::mouseClick(&timeline, Qt::LeftButton, {}, timeline.song_switch_position('M').toPoint());
        QVERIFY(desk.window.document().sounds().plan()->parts.empty());
        QTest::mouseClick(&timeline, Qt::LeftButton, {}, timeline.song_switch_position('M').toPoint());
        QCOMPARE(desk.window.document().sounds().plan()->parts.size(), std::size_t{1});
        // Its end, along the bottom of the waveform.
        desk.drag(QPoint(x(end) - 1, static_cast<int>(wave.bottom()) - 3),
                  QPoint(x(end - Seconds(6)), static_cast<int>(wave.bottom()) - 3), Qt::ShiftModifier);
        desk.drag(QPoint(x(end) - 1, static_cast<int>(wave.bottom()) - 3),
                  QPoint(x(end - Seconds(6)), static_cast<int>(wave.bottom()) - 3));
        QVERIFY(std::abs((heard_song(desk.project()).length - (end - Seconds(6))).value) < 1);
        // It begins two seconds later, with silence before it; beats and pins go with it, and come back by
        // undo.
        const Seconds bar = desk.bar(13);
        answer_with("2");
        desk.window.action("song starts")->trigger();
        QVERIFY(desk.settle());
        QVERIFY(std::abs((desk.bar(13) - bar).value - 2) < 1e-4);
        QCOMPARE(desk.window.document().sound()->samples->mono_at(Samples(48'000)), 0.0f);
        QVERIFY(std::abs((desk.window.document().sound()->samples->duration() - end).value - 2) < 1e-3);
        timeline.setFocus();
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(desk.settle());
        QVERIFY(std::abs((desk.bar(13) - bar).value) < 1e-9);
        // All of it is kept in the file.
        const auto path = file("shaped.pulsepin");
        const Project before = desk.project();
        QVERIFY(desk.window.document().save_now(path).has_value());
        QVERIFY(desk.window.document().open(path).has_value());
        QVERIFY(*desk.project().song_track == *before.song_track);
        QVERIFY(desk.settle());
    }

    void journey_the_piece_begins_and_ends_where_it_is_dragged_to() {
        Desk desk;
        QVERIFY(desk.open_demo());
        auto& timeline = desk.window.timeline();
        timeline.setFocus();
        timeline.show_all();
        timeline.grab();
        const auto whole = piece_length(desk.project());
        const int y = static_cast<int>(timeline.ruler_row().bottom()) - 5;
        const auto x = [&](Seconds at) { return static_cast<int>(std::lround(timeline.scale().x(at))); };
        desk.drag(QPoint(x(Seconds(0)) + 2, y), QPoint(x(desk.bar(5)), y));
        QCOMPARE(desk.window.document().undo_name(), QString("start of the piece"));
        desk.drag(QPoint(x(desk.project().song->duration()) - 2, y), QPoint(x(desk.bar(21)), y));
        const auto& settings = *desk.project().settings;
        QVERIFY(settings.begins && std::abs((*settings.begins - desk.bar(5)).value) < 0.05);
        QVERIFY(settings.ends && std::abs((*settings.ends - desk.bar(21)).value) < 0.05);
        QVERIFY(piece_length(desk.project()) < whole);
        QCOMPARE(desk.project().song->from.value, 0); // the song is as it was
        desk.key(Qt::Key_Home);
        QVERIFY(std::abs((desk.window.view().playhead() - *settings.begins).value) < 1e-6);
        desk.key(Qt::Key_End);
        QVERIFY(std::abs((desk.window.view().playhead() - *settings.ends).value) < 1e-6);
        // Back on the song's own end it goes with that again.
        desk.drag(QPoint(x(*settings.ends) - 2, y), QPoint(x(desk.project().song->duration()), y));
        QVERIFY(!desk.project().settings->ends);
    }
};

PULSEPIN_TEST_CLASS(JourneysSound, "journeys_sound")
#include "journeys_sound.moc"
