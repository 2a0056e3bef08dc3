// SPDX-License-Identifier: GPL-3.0-or-later
//
// Against a real sound server: what its null sink played is recorded and compared with what should have been
// heard.
#include "devices/pulse_output.h"
#include "media/write_wav.h"
#include "shell/main_window.h"
#include "support/attempts.h"
#include "support/media.h"
#include "support/test_program.h"

#include <QApplication>
#include <QDoubleSpinBox>
#include <QFile>
#include <csignal>
#include <random>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

/// Records the null sink's monitor while it lives.
class Recorder {
public:
    Recorder() {
        process_.start("parec", {"-d", "out.monitor", "--rate=48000", "--channels=2", "--format=float32le",
                                 "--latency-msec=10", "--raw"});
        process_.waitForStarted();
        QTest::qWait(400);
    }
    std::vector<float> finish() {
        QTest::qWait(400);
        process_.terminate();
        process_.waitForFinished(3000);
        const QByteArray bytes = process_.readAllStandardOutput();
        // The left side: a server that sums both may make them quieter.
        std::vector<float> samples(static_cast<std::size_t>(bytes.size()) / (2 * sizeof(float)));
        for (std::size_t i = 0; i < samples.size(); ++i)
            std::memcpy(&samples[i], bytes.constData() + i * 2 * sizeof(float), sizeof(float));
        return samples;
    }

private:
    QProcess process_;
};

/// While it lives the sound server asks for 171 ms at a time instead of 21: a machine that stands still for
/// less loses nothing then. For what does not depend on how late a thing is heard.
class SeldomAsked {
public:
    SeldomAsked() { set(8192); }
    ~SeldomAsked() { set(0); }
    SeldomAsked(const SeldomAsked&) = delete;
    SeldomAsked& operator=(const SeldomAsked&) = delete;

private:
    static void set(int samples) {
        QProcess told;
        told.setStandardOutputFile(QProcess::nullDevice());
        told.start("pw-metadata", {"-n", "settings", "0", "clock.force-quantum", QString::number(samples)});
        told.waitForFinished();
        QTest::qWait(300); // the server takes it up at its next turn
    }
};

/// Where sounds start after at least 50 ms of near silence.
std::vector<std::int64_t> starts_in(const std::vector<float>& samples, float level) {
    std::vector<std::int64_t> starts;
    std::int64_t last_sound = -sound_rate;
    for (std::size_t i = 0; i < samples.size(); ++i)
        if (std::abs(samples[i]) > level) {
            const auto at = static_cast<std::int64_t>(i);
            if (at - last_sound > sound_rate / 20)
                starts.push_back(at);
            last_sound = at;
        }
    return starts;
}

/// How fast positions run against the wall clock: the middle of the rates over each half second (Theil 1950,
/// Sen 1968), which a pause of a busy machine's sound server does not move. Readings are (wall, position), in
/// seconds.
double middle_rate(const std::vector<std::pair<double, double>>& readings) {
    std::vector<double> rates;
    for (auto from = readings.begin(), to = from; from != readings.end(); ++from) {
        while (to != readings.end() && to->first < from->first + 0.5)
            ++to;
        if (to == readings.end())
            break;
        rates.push_back((to->second - from->second) / (to->first - from->first));
    }
    if (rates.empty())
        return 0;
    std::ranges::nth_element(rates, rates.begin() + static_cast<std::ptrdiff_t>(rates.size() / 2));
    return rates[rates.size() / 2];
}

} // namespace

class Sync : public QObject {
    Q_OBJECT
private slots:
    // Marks in the music a little before and after each beat, and clicks on a grid: recorded, each click lies
    // between its marks as the grid says, to a millisecond. A sound server that pauses or loses samples on a
    // busy machine pulls the marks apart or together: such a click says nothing, all others count.
    void the_click_lies_on_the_beat() {
        const SeldomAsked calm;
        constexpr double apart = 0.15; // seconds
        const auto grid = BeatGrid::steady(Bpm(118), Seconds(1.0), {}, Seconds(8));
        std::vector<GridBeat> beats;
        std::vector<float> music(static_cast<std::size_t>(sound_rate * 9), 0.0f);
        for (const auto& beat : grid->beats())
            if (beat.time > Seconds(0.9) && beat.time < Seconds(8)) {
                beats.push_back(beat);
                for (const double mark : {-apart, apart})
                    for (std::size_t i = 0; i < 480; ++i)
                        music[static_cast<std::size_t>((beat.time.value + mark) * sound_rate) + i] =
                            i % 2 == 0 ? 0.9f : -0.9f;
            }
        PULSEPIN_VERIFY_ATTEMPTS(attempted([&]() -> QString {
            Player player(Player::Device::System);
            player.set_sound(store_of(music, {sound_rate, 1}));
            const auto clicks = *BeatGrid::make(beats, 0, {});
            player.set_grid(&clicks);
            player.set_click_volume(1.0);
            Recorder recorder;
            player.play({Seconds(0), std::nullopt, std::nullopt});
            if (!player.audible() || !QTest::qWaitFor([&] { return !player.playing(); }, 20'000))
                return "nothing is heard, or without end";
            const auto starts = starts_in(recorder.finish(), 0.1f);
            // Something was lost, or added: which is which cannot be told.
            if (starts.size() != 3 * beats.size())
                return QString("%1 sounds instead of %2").arg(starts.size()).arg(3 * beats.size());
            std::size_t told = 0;
            for (std::size_t i = 0; i < beats.size(); ++i) {
                const auto seconds = [&](std::size_t k) {
                    return static_cast<double>(starts[3 * i + k]) / sound_rate;
                };
                if (std::abs(seconds(2) - seconds(0) - 2 * apart) > 0.0005)
                    continue; // the server paused
                ++told;
                const double off = seconds(1) - seconds(0) - apart;
                if (std::abs(off) > 0.001)
                    return QString("click %1 is off by %2 ms").arg(i).arg(off * 1000);
            }
            qInfo("%zu clicks were recorded undisturbed", told);
            return told > beats.size() / 2 ? QString() : "too few clicks were recorded undisturbed";
        }));
    }

    // Half as fast, each burst is heard twice as far from the last, to within what stretching does to an
    // attack.
    void another_speed_is_heard() {
        const SeldomAsked calm;
        std::vector<float> music(static_cast<std::size_t>(sound_rate * 4), 0.0f);
        for (const double at : {0.5, 1.5, 2.5})
            for (std::size_t i = 0; i < 2400; ++i)
                music[static_cast<std::size_t>(at * sound_rate) + i] =
                    0.8f * static_cast<float>(std::sin(0.12 * static_cast<double>(i)) *
                                              std::exp(-static_cast<double>(i) / 500));
        PULSEPIN_VERIFY_ATTEMPTS(attempted([&] {
            Player player(Player::Device::System);
            player.set_sound(store_of(music, {sound_rate, 1}));
            player.set_speed(0.5);
            Recorder recorder;
            player.play({Seconds(0), Seconds(3.5), std::nullopt});
            if (!QTest::qWaitFor([&] { return !player.playing(); }, 20'000))
                return QString("it plays without end");
            const auto recorded = recorder.finish();
            std::vector<std::int64_t> starts;
            for (std::size_t i = 0; i < recorded.size(); ++i)
                if (std::abs(recorded[i]) > 0.25f &&
                    (starts.empty() || static_cast<std::int64_t>(i) - starts.back() > sound_rate))
                    starts.push_back(static_cast<std::int64_t>(i));
            if (starts.size() != 3)
                return QString("%1 bursts instead of 3").arg(starts.size());
            for (std::size_t i = 1; i < starts.size(); ++i)
                if (const double apart = static_cast<double>(starts[i] - starts[i - 1]) / sound_rate;
                    std::abs(apart - 2) >= 0.02)
                    return QString("a burst comes after %1 s instead of 2").arg(apart);
            return QString();
        }));
    }

    // A song is faded in and out in the window, and made quieter while it plays: what comes out of the
    // machine is as loud as that says, and a change is heard within 50 ms.
    void journey_the_song_faded_in_and_out_is_heard() {
        constexpr double seconds = 6, fade = 1.5, level = 0.5;
        std::vector<float> music(static_cast<std::size_t>(sound_rate * seconds));
        for (std::size_t i = 0; i < music.size(); ++i)
            music[i] = static_cast<float>(
                level * std::sin(2 * 3.14159265358979 * 1000 * static_cast<double>(i) / sound_rate));
        QTemporaryDir dir;
        const std::filesystem::path wave = dir.filePath("tone.wav").toStdString();
        QVERIFY(write_wav(*store_of(music, {sound_rate, 1}), wave).has_value());
        PULSEPIN_VERIFY_ATTEMPTS(attempted([&] {
            MainWindow window(Player::Device::System);
            window.show();
            window.open_path(QString::fromStdString(wave.string()));
            if (!QTest::qWaitFor([&] { return window.document().sound() != nullptr; }, 30'000) ||
                !QTest::qWaitFor([&] { return !window.document().jobs().busy(); }, 120'000))
                return QString("the song was not opened");
            window.player().set_click_volume(0);
            const auto type = [&](const char* field, double value) {
                window.findChild<QDoubleSpinBox*>(field)->setValue(value);
            };
            type("song fade in", fade);
            type("song fade out", fade);
            Recorder recorder;
            window.action("play")->trigger();
            // In the middle it becomes quieter by 20 dB.
            if (!QTest::qWaitFor([&] { return window.player().position() > Seconds(2.5); }, 10'000))
                return QString("it does not play");
            const double changed = window.player().position().value;
            type("song gain", -20);
            if (!QTest::qWaitFor([&] { return !window.player().playing(); }, 20'000))
                return QString("it plays without end");
            const auto heard = recorder.finish();
            window.document().start_new();
            // Twenty milliseconds at a time, from where the sound begins.
            std::vector<double> levels;
            std::size_t start = 0;
            while (start < heard.size() && std::abs(heard[start]) < 1e-4f)
                ++start;
            constexpr std::size_t block = sound_rate / 50;
            for (std::size_t at = start; at + block <= heard.size(); at += block) {
                double power = 0;
                for (std::size_t i = 0; i < block; ++i)
                    power += static_cast<double>(heard[at + i]) * static_cast<double>(heard[at + i]);
                levels.push_back(std::sqrt(2 * power / block));
            }
            if (static_cast<double>(levels.size()) <= 50 * (seconds - 0.2))
                return QString("only %1 s heard").arg(static_cast<double>(levels.size()) / 50);
            const double full = *std::max_element(levels.begin(), levels.end());
            const auto at = [&](double second) {
                return levels[static_cast<std::size_t>(second * 50)] / full;
            };
            // Where the change is heard: two periods of the tone are half as loud.
            std::size_t fell = start + static_cast<std::size_t>((fade + 0.1) * sound_rate);
            const auto loudest = [&](std::size_t from) {
                float most = 0;
                for (std::size_t i = from; i < std::min(heard.size(), from + sound_rate / 500); ++i)
                    most = std::max(most, std::abs(heard[i]));
                return static_cast<double>(most);
            };
            while (fell < heard.size() && loudest(fell) > 0.55 * full)
                ++fell;
            const double late = static_cast<double>(fell - start) / sound_rate - changed;
            const auto db_off = [&](double second, double wanted) {
                return std::abs(20 * std::log10(at(second) / wanted));
            };
            const bool right = db_off(0.75, 0.5) < 0.5 && db_off(1.1, 1.1 / fade) < 0.5 &&
                               db_off(2, 1) < 0.2 && db_off(4, 0.1) < 0.3 &&
                               db_off(seconds - 0.75, 0.05) < 0.7 && std::abs(late) < 0.05;
            const auto heard_so =
                QString("%1 s heard; at 0.75 s %2, at 2 s %3, at 4 s %4; the change came after %5 ms")
                    .arg(static_cast<double>(levels.size()) / 50)
                    .arg(at(0.75))
                    .arg(at(2))
                    .arg(at(4))
                    .arg(late * 1000);
            return right ? QString() : heard_so;
        }));
    }

    // A playhead dragged over the song is heard, and playing does not begin by it.
    void scrubbing_is_heard() {
        const SeldomAsked calm;
        std::vector<float> music(static_cast<std::size_t>(sound_rate * 4), 0.0f);
        for (std::size_t i = 0; i < 4800; ++i)
            music[static_cast<std::size_t>(sound_rate * 2) + i] = i % 2 == 0 ? 0.8f : -0.8f;
        PULSEPIN_VERIFY_ATTEMPTS(attempted([&] {
            Player player(Player::Device::System);
            player.set_sound(store_of(music, {sound_rate, 1}));
            Recorder recorder;
            for (int i = 0; i < 3; ++i) {
                player.scrub(Seconds(2.01), Seconds(0.04));
                if (player.playing())
                    return QString("scrubbing begins to play");
                QTest::qWait(400);
            }
            const auto heard = starts_in(recorder.finish(), 0.2f).size();
            return heard == 3 ? QString() : QString("%1 sounds instead of 3").arg(heard);
        }));
    }

    // The position that the picture follows is where the recorded sound is.
    void the_position_is_what_is_heard() {
        std::vector<float> music(static_cast<std::size_t>(sound_rate * 6), 0.0f);
        for (int second = 1; second < 6; ++second)
            for (std::size_t i = 0; i < 240; ++i)
                music[static_cast<std::size_t>(second * sound_rate) + i] = i % 2 == 0 ? 0.9f : -0.9f;
        bool went_back = false;
        PULSEPIN_VERIFY_ATTEMPTS(attempted([&] {
            Player player(Player::Device::System);
            player.set_sound(store_of(music, {sound_rate, 1}));
            player.play({Seconds(0), std::nullopt, std::nullopt});
            QElapsedTimer clock;
            clock.start();
            std::vector<std::pair<double, double>> readings; // wall, position
            double last = 0;
            while (player.playing() && clock.elapsed() < 12'000) {
                QTest::qWait(5);
                const double now = player.position().value;
                went_back = went_back || now < last;
                last = now;
                if (now > 0.5 && now < 5.5)
                    readings.emplace_back(static_cast<double>(clock.nsecsElapsed()) * 1e-9, now);
            }
            if (readings.size() <= 50)
                return QString("only %1 readings").arg(readings.size());
            const double heard = middle_rate(readings);
            return std::abs(heard - 1) < 0.02 ? QString() : QString("it runs at a rate of %1").arg(heard);
        }));
        QVERIFY2(!went_back, "the clock went back"); // not even on a busy machine
    }

    // In the window: while playing, the picture's frame is never more than one off the sound's position.
    void the_picture_follows_the_sound() {
        MainWindow window(Player::Device::System);
        window.show();
        window.open_path(PULSEPIN_DEMO "/kite-day.pulsepin");
        QVERIFY(QTest::qWaitFor([&] { return window.document().sound() && !window.document().jobs().busy(); },
                                30'000));
        const auto frame_rate = window.document().project().settings->frame_rate;
        int shown = 0, off = 0;
        connect(&window.preview(), &PreviewView::picture_shown, this, [&] {
            if (!window.player().playing())
                return;
            ++shown;
            off += std::abs((window.preview().shown().frame - frame_rate.frame_at(window.player().position()))
                                .value) > 1;
        });
        const auto followed = attempted([&] {
            shown = off = 0;
            window.view().set_playhead(Seconds(7));
            window.action("play")->trigger();
            if (!window.player().audible())
                return QString("nothing is heard");
            QTest::qWait(6000);
            window.action("play")->trigger();
            return off == 0 && shown > 100
                       ? QString()
                       : QString("%1 pictures in six seconds, %2 more than a frame off").arg(shown).arg(off);
        });
        PULSEPIN_VERIFY_ATTEMPTS(followed);
        window.document().start_new();
    }

    // A long run with the window scrolled and zoomed all the while: recorded and compared with the song,
    // sample by sample. Half a minute here; PULSEPIN_SYNC_SECONDS=600 makes it
    // ten minutes.
    void a_long_run_loses_nothing() {
        const SeldomAsked calm;
        const int seconds = std::max(20, qEnvironmentVariableIntValue("PULSEPIN_SYNC_SECONDS"));
        std::vector<float> music(static_cast<std::size_t>(sound_rate * seconds));
        std::mt19937 random(5);
        for (auto& sample : music)
            sample = static_cast<float>(static_cast<int>(random() % 16'384) - 8192) / 16'384;
        QTemporaryDir dir;
        QFile raw(dir.filePath("m.raw"));
        QVERIFY(raw.open(QIODevice::WriteOnly));
        raw.write(reinterpret_cast<const char*>(music.data()),
                  static_cast<qint64>(music.size() * sizeof(float)));
        raw.close();
        const QString wave = dir.filePath("m.wav");
        QVERIFY(ffmpeg(
            {"-f", "f32le", "-ar", "48000", "-ac", "1", "-i", raw.fileName(), "-c:a", "pcm_f32le", wave}));
        PULSEPIN_VERIFY_ATTEMPTS(attempted([&] {
            MainWindow window(Player::Device::System);
            window.show();
            window.open_path(wave);
            if (!QTest::qWaitFor([&] { return window.document().sound() != nullptr; }, 60'000) ||
                !QTest::qWaitFor([&] { return !window.document().jobs().busy(); }, 600'000))
                return QString("the song was not opened");
            window.player().set_click_volume(0);
            Recorder recorder;
            window.action("play")->trigger();
            int turn = 0;
            QElapsedTimer clock;
            clock.start();
            while (window.player().playing() && clock.elapsed() < 1000 * (seconds + 30)) {
                if (++turn % 5 == 0)
                    window.timeline().zoom_by(turn % 20 < 10 ? 1.4 : 1 / 1.4);
                QTest::qWait(20);
            }
            const auto heard = recorder.finish();
            // Where the song begins in the recording: the first samples are searched for, once.
            std::size_t start = 0;
            const auto same = [&](std::size_t at, std::size_t from, std::size_t count) {
                for (std::size_t i = 0; i < count; ++i)
                    if (at + i >= heard.size() || std::abs(heard[at + i] - music[from + i]) > 1e-4f)
                        return false;
                return true;
            };
            while (start < heard.size() && !same(start, 100, 64))
                ++start;
            // A server that pauses on a busy machine plays all the same what it was given.
            std::size_t lost = 0, pauses = 0, at = start;
            constexpr std::size_t enough = 100; // each is searched for in a second of sound
            for (std::size_t i = 100; i < music.size() && lost < enough; ++i, ++at) {
                if (at < heard.size() && std::abs(heard[at] - music[i]) < 1e-4f)
                    continue;
                std::size_t again = at;
                const std::size_t compared = std::min<std::size_t>(64, music.size() - i);
                while (again < std::min(heard.size(), at + sound_rate) && !same(again, i, compared))
                    ++again;
                const bool paused = pauses < 30 && again < std::min(heard.size(), at + sound_rate);
                pauses += paused;
                lost += !paused;
                at = paused ? again : at;
            }
            const auto differ = QString("%1 seconds: %2 of %3 samples differ, %4 pauses")
                                    .arg(seconds)
                                    .arg(lost)
                                    .arg(music.size())
                                    .arg(pauses);
            qInfo("%s", qPrintable(differ));
            window.document().start_new();
            return lost == 0 ? QString() : differ;
        }));
    }

    // Last, since it ends the server: playback stops where it is, with a message, and goes on silently when
    // asked.
    void the_device_goes_away() {
        Player player(Player::Device::System);
        player.set_sound(
            store_of(std::vector<float>(static_cast<std::size_t>(sound_rate * 10), 0.1f), {sound_rate, 1}));
        QString note;
        connect(&player, &Player::device_changed, this, [&](const QString& text) { note = text; });
        player.play({Seconds(0), std::nullopt, std::nullopt});
        QTest::qWait(800);
        const auto pid = qEnvironmentVariableIntValue("PULSEPIN_TEST_SOUND_SERVER_PID");
        QVERIFY(pid > 0);
        ::kill(pid, SIGKILL);
        QVERIFY(QTest::qWaitFor([&] { return !player.playing(); }, 5000));
        QVERIFY(note.contains("went away"));
        QVERIFY(player.position() > Seconds(0.2) && player.position() < Seconds(2));
        player.play({player.position(), std::nullopt, std::nullopt});
        QVERIFY(player.playing() && !player.audible());
        QVERIFY(note.contains("silently"));
        const Seconds before = player.position();
        QTest::qWait(300);
        QVERIFY(player.position() > before);
    }
};

PULSEPIN_TEST_CLASS(Sync, "sync")
#include "sync.moc"
