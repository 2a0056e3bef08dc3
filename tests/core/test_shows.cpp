// SPDX-License-Identifier: GPL-3.0-or-later
//
// What a show sends of a piece and when, and the other wires, each read by a reader of its own: libraries of
// Python's index, libltc, oscdump, a decoder of MIDI timecode.
#include "interchange/project_file.h"
#include "lights/patch.h"
#include "show/event_list.h"
#include "show/light_ear.h"
#include "show/light_show.h"
#include "show/timecode_wire.h"
#include "support/command_line.h"
#include "support/free_port.h"
#include "support/lanterns.h"
#include "support/test_program.h"
#include "wires/artnet.h"
#include "wires/linear_timecode.h"
#include "wires/packet_file.h"
#include "wires/udp_socket.h"

#include <QFile>
#include <QProcess>
#include <chrono>
#include <ltc.h>
#include <random>
#include <set>
#include <thread>

using namespace pulsepin;
using namespace pulsepin::test;
using namespace std::chrono_literals;

namespace {

/// What was heard by a decoder of timecode in sound.
std::vector<std::array<int, 4>> decoded(const std::vector<float>& sound, double rate, bool& drop) {
    std::vector<std::array<int, 4>> times;
    LTCDecoder* decoder = ltc_decoder_create(static_cast<int>(48'000 / rate), 64);
    std::vector<float> block = sound;
    for (std::size_t at = 0; at < block.size(); at += 1024) {
        ltc_decoder_write_float(decoder, block.data() + at, std::min<std::size_t>(1024, block.size() - at),
                                static_cast<ltc_off_t>(at));
        LTCFrameExt frame;
        while (ltc_decoder_read(decoder, &frame)) {
            SMPTETimecode time;
            ltc_frame_to_time(&time, &frame.ltc, 0);
            drop = frame.ltc.dfbit;
            times.push_back({time.hours, time.mins, time.secs, time.frame});
        }
    }
    ltc_decoder_free(decoder);
    return times;
}

} // namespace

class TestShows : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;

private slots:
    // -- the show

    // 50 moments of a show, each level as the lane has it; every number there; three that end it.
    void a_show_arrives_as_it_is_scheduled() {
        Lanterns l;
        std::mt19937 random(3);
        for (int beat = 0; beat < 12; ++beat) {
            LightBody body = held({static_cast<std::uint32_t>(random() & 0xffffff)},
                                  0.5 + static_cast<double>(random() % 3) / 2);
            if (random() % 2)
                body.to = dark;
            body.pattern = static_cast<LightBody::Pattern>(random() % 6);
            l.light({random() % 2 ? l.far : l.near}, beat, body);
        }
        const auto port = free_port();
        l.project = *with_rig(l.project, [port](Rig& rig) { rig.outputs[0].port = port; });
        const auto socket = UdpSocket::for_receiving(port);
        QVERIFY(socket);
        const Curves curves{Schedule(l.project)};
        struct Received {
            double heard;
            sacn::DataPacket packet;
        };
        std::vector<Received> received;
        LightShow show("test of shows");
        show.show(curves);
        const auto start = std::chrono::steady_clock::now();
        show.hear(true, Seconds(0));
        show.begin();
        const auto seconds = [start] {
            return std::chrono::duration<double>(std::chrono::steady_clock::now() - start).count();
        };
        const auto take = [&] {
            if (const auto bytes = socket->receive(20ms))
                if (const auto packet = sacn::data_packet(*bytes))
                    received.push_back({seconds(), *packet});
        };
        while (seconds() < 5)
            take();
        show.end();
        for (int i = 0; i < 6; ++i)
            take();
        // A machine that is busy sends less of them, never more.
        QVERIFY2(received.size() >= 56 && received.size() <= 5 * 44 + 4,
                 qPrintable(QString::number(received.size())));
        for (std::size_t i = 0; i < received.size(); ++i) {
            QCOMPARE(received[i].packet.sequence, static_cast<std::uint8_t>(i % 256));
            QCOMPARE(received[i].packet.universe, std::uint16_t{1});
            QCOMPARE(received[i].packet.terminated, i + 3 >= received.size());
        }
        int checked = 0;
        const std::size_t step = std::max<std::size_t>(1, (received.size() - 5) / 50);
        for (std::size_t i = 2; i + 3 < received.size() && checked < 50; i += step, ++checked) {
            // It left a little before it was taken from the socket: as it was at one of those moments.
            const auto& one = received[i];
            bool found = false;
            for (double before = 0; before < 0.04 && !found; before += 0.0005) {
                const auto levels =
                    levels_of(*l.project.rig, lit_at(curves, std::max(0.0, one.heard - before) * 24)).at(1);
                found = true;
                for (std::size_t c = 0; c < levels.size(); ++c)
                    found = found && std::abs(levels[c] - one.packet.levels[c]) <= 2;
            }
            QVERIFY2(found, qPrintable(QString("packet %1 at %2 s").arg(i).arg(one.heard)));
        }
        QCOMPARE(checked, 50);
    }

    // The library sacn 1.11.0 of Python's package index hears the same show: 50 sampled moments, to the
    // level; no number missing; that it has ended. Art-Net by stupidArtnet 1.6.0.
    void a_show_is_read_by_outside_receivers() {
        const auto reader_at = [](QProcess& reader, const QString& port, const QString& universe) {
            reader.start(PULSEPIN_TESTS "/support/with-readers",
                         {PULSEPIN_BINARIES "/readers", PULSEPIN_TESTS "/support/read_levels.py", port,
                          universe, "6"});
            QByteArray said;
            while (!said.contains("ready") && reader.state() != QProcess::NotRunning) {
                reader.waitForReadyRead(1000);
                said += reader.readAllStandardOutput();
            }
            if (!said.contains("ready") && reader.exitCode() != 77)
                qWarning("%s", reader.readAllStandardError().constData());
            return said.contains("ready") || reader.exitCode() != 77;
        };
        Lanterns l;
        for (int beat = 0; beat < 8; ++beat) {
            LightBody body = held({0x30f0a0u + static_cast<std::uint32_t>(beat) * 0x050311u}, 1);
            body.to = beat % 2 ? dark : body.from;
            body.pattern = static_cast<LightBody::Pattern>(beat % 6);
            l.light({beat % 3 ? l.far : l.near}, beat, body);
        }
        const auto port = free_port();
        l.project = *with_rig(l.project, [port](Rig& rig) {
            rig.outputs[0].port = port;
            rig.outputs[0].priority = 120;
            rig.outputs.push_back({.wire = "art-net"});
        });
        const Curves curves{Schedule(l.project)};
        QProcess reader, artnet;
        if (!reader_at(reader, QString::number(port), "1") || !reader_at(artnet, "0", "artnet"))
            QSKIP("skipped: Python's package index is not reached, or python3-venv is missing");
        QCOMPARE(reader.state(), QProcess::Running);
        QCOMPARE(artnet.state(), QProcess::Running);
        std::vector<double> heard; // of each packet of sACN, by its number
        LightShow show("outside reader");
        show.set_recorder([&](const SentPacket& packet) {
            if (packet.port == port)
                heard.push_back(packet.heard);
        });
        show.show(curves);
        show.hear(true, Seconds(0));
        show.begin();
        QTest::qWait(4000);
        show.end();
        QVERIFY(reader.waitForFinished(20'000) && artnet.waitForFinished(20'000));
        const auto lines = QString::fromUtf8(reader.readAllStandardOutput()).trimmed().split('\n');
        QCOMPARE(lines.size(), static_cast<qsizetype>(heard.size() + 3 + 1));
        const auto levels_at = [&](double at) {
            return levels_of(*l.project.rig, lit_at(curves, (at + 1e-6) * 24)).at(1);
        };
        int compared = 0;
        std::set<QString> different;
        for (std::size_t i = 0; i < heard.size(); ++i) {
            const auto cells = lines[static_cast<qsizetype>(i)].split('\t');
            QCOMPARE(cells[1].toInt(), static_cast<int>(i % 256));
            QCOMPARE(cells[2], QString("120"));
            QCOMPARE(cells[3], QString("outside reader"));
            different.insert(cells[5]);
            const auto levels = cells[5].split(' ');
            const auto expected = levels_at(heard[i]);
            QCOMPARE(expected.size(), std::size_t{24});
            for (std::size_t c = 0; c < expected.size(); ++c)
                QCOMPARE(levels[static_cast<qsizetype>(c)].toInt(), static_cast<int>(expected[c]));
            ++compared;
        }
        // A machine that is busy sends less of them.
        QVERIFY2(compared >= 50 && different.size() > 20, qPrintable(QString::number(compared)));
        QVERIFY(lines[lines.size() - 2].split('\t')[4] == "1" && lines.back().contains("available timeout"));
        // Of Art-Net each change is heard: all of them are levels that the show has.
        const auto art = QString::fromUtf8(artnet.readAllStandardOutput()).trimmed().split('\n');
        QVERIFY2(art.size() > 20, qPrintable(QString::number(art.size())));
        QVERIFY(art[10].split('\t').size() >= 24);
    }

    // A cue's first packet leaves on its frame: never before it, and within 12 ms in the middle.
    void cues_leave_on_their_frames() {
        Lanterns l;
        std::vector<double> cues;
        for (int i = 0; i < 12; ++i) { // at odd distances, so that a steady beat of packets would miss them
            const double beat = 0.5 + i * 0.75;
            l.light({l.lamp(0)}, beat, held({0x010000u * static_cast<std::uint32_t>(20 + i)}, 0.6));
            cues.push_back(std::ceil(beat * 12 - 1e-9) / 24);
        }
        const auto port = free_port();
        l.project = *with_rig(l.project, [port](Rig& rig) { rig.outputs[0].port = port; });
        const auto socket = UdpSocket::for_receiving(port);
        LightShow show("test of cues");
        show.show(Curves{Schedule(l.project)});
        const auto start = std::chrono::steady_clock::now();
        show.hear(true, Seconds(0));
        show.begin();
        std::map<int, double> first;
        const auto seconds = [start] {
            return std::chrono::duration<double>(std::chrono::steady_clock::now() - start).count();
        };
        while (seconds() < 5.2)
            if (const auto bytes = socket->receive(20ms)) {
                const double at = seconds();
                if (const auto packet = sacn::data_packet(*bytes); packet && packet->levels[0] > 0)
                    first.try_emplace(packet->levels[0], at);
            }
        show.end();
        std::vector<double> late;
        for (int i = 0; i < 12; ++i) {
            QVERIFY2(first.contains(20 + i), qPrintable(QString::number(i)));
            late.push_back(first[20 + i] - cues[static_cast<std::size_t>(i)]);
        }
        std::ranges::sort(late);
        QVERIFY2(late.front() > -0.001, qPrintable(QString::number(late.front())));
        QVERIFY2(late[late.size() / 2] < 0.012, qPrintable(QString::number(late[late.size() / 2])));
    }

    void it_is_dark_at_the_start_and_by_the_key() {
        Lanterns l;
        l.light({}, 0, held(red, 100));
        const auto port = free_port();
        l.project = *with_rig(l.project, [port](Rig& rig) { rig.outputs[0].port = port; });
        const auto socket = UdpSocket::for_receiving(port);
        const auto level_becomes = [&](int level) {
            for (int i = 0; i < 100; ++i)
                if (const auto bytes = socket->receive(50ms))
                    if (const auto packet = sacn::data_packet(*bytes); packet && packet->levels[0] == level)
                        return true;
            return false;
        };
        LightShow show("test");
        show.show(Curves{Schedule(l.project)});
        show.hear(false, Seconds(1));
        show.begin();
        QVERIFY(level_becomes(0));
        show.hear(true, Seconds(1));
        QVERIFY(level_becomes(255));
        show.set_blackout(true);
        QVERIFY(level_becomes(0));
        show.set_blackout(false);
        QVERIFY(level_becomes(255));
        show.hear(false, Seconds(2)); // it stands: lamps stay as they are there
        QVERIFY(level_becomes(255));
    }

    void outputs_that_cannot_send_say_why_and_others_go_on() {
        Lanterns l;
        l.light({}, 0, held(red, 100));
        const auto port = free_port();
        l.project = *with_rig(l.project, [port](Rig& rig) {
            rig.outputs = {{.to = "lamps.example"},
                           {.wire = "telepathy"},
                           {.wire = "art-net", .to = "multicast"},
                           {.wire = "osc", .to = "here"},
                           {.to = "127.0.0.1", .port = port},
                           {.to = "10.1.2.3", .off = true}};
        });
        const auto socket = UdpSocket::for_receiving(port);
        LightShow show("test");
        show.show(Curves{Schedule(l.project)});
        show.hear(true, Seconds(0));
        show.begin();
        QTRY_VERIFY(show.state().outputs.size() == 5 && show.state().outputs[4].sent > 10);
        const auto state = show.state();
        for (int i = 0; i < 4; ++i)
            QVERIFY(!state.outputs[static_cast<std::size_t>(i)].problem.empty());
        QVERIFY(state.outputs[0].problem.find("lamps.example") != std::string::npos);
        QVERIFY(state.outputs[4].problem.empty());
        QVERIFY(socket->receive(200ms));
    }

    void levels_of_several_universes_are_set_in_step() {
        Project project = steady_project();
        project = *with_lamps(project, {.name = "wall", .count = 400});
        project = with_lane(project, kind_of(body_type<LightBody>), "Wall");
        const auto port = free_port();
        project = *with_rig(project, [port](Rig& rig) {
            rig.outputs[0].port = port;
            rig.outputs[0].synchronisation = 777;
        });
        const auto socket = UdpSocket::for_receiving(port);
        LightShow show("test");
        show.show(Curves{Schedule(project)});
        show.hear(true, Seconds(0));
        show.begin();
        std::vector<int> order;
        while (order.size() < 40) {
            const auto bytes = socket->receive(200ms);
            QVERIFY(bytes);
            if (const auto data = sacn::data_packet(*bytes)) {
                QCOMPARE(data->synchronisation, std::uint16_t{777});
                order.push_back(data->universe);
            } else if (const auto sync = sacn::sync_packet(*bytes)) {
                QCOMPARE(sync->synchronisation, std::uint16_t{777});
                order.push_back(0);
            }
        }
        for (std::size_t i = 0; i + 4 <= order.size(); i += 4)
            QVERIFY(order[i] == 1 && order[i + 1] == 2 && order[i + 2] == 3 && order[i + 3] == 0);
    }

    // Art-Net 4, packet ArtDmx, field by field (from memory).
    void an_art_net_packet_is_that_of_its_specification() {
        const auto bytes = artnet::bytes_of({7, 0x1234, {1, 2, 3}});
        const std::vector<std::uint8_t> expected{'A',  'r',  't', '-', 'N', 'e', 't', 0, 0x00, 0x50, 0, 14, 7,
                                                 0, // physical port
                                                 0x34, 0x12, 0,   4,   1,   2,   3,   0};
        QCOMPARE(bytes, expected);
        const auto back = artnet::dmx_packet(bytes);
        QVERIFY(back && back->universe == 0x1234 && back->levels.size() == 4);
        for (std::size_t length = 0; length < bytes.size(); ++length)
            QVERIFY(!artnet::dmx_packet(std::span(bytes).first(length)));
    }

    // -- shows in files

    void packets_are_kept_as_captures_have_them() {
        std::string file = packet_file_head();
        const std::vector<TimedPacket> packets{
            {0.5, "239.255.0.1", 5568, {1, 2, 3}},
            {1.999999999, "127.0.0.1", 6454, std::vector<std::uint8_t>(600, 9)}};
        for (const auto& packet : packets)
            file += packet_record(packet);
        const auto read = read_packets(file);
        QVERIFY(read);
        QCOMPARE(read->size(), packets.size());
        for (std::size_t i = 0; i < packets.size(); ++i) {
            QVERIFY(std::abs((*read)[i].at - packets[i].at) < 1e-8);
            QCOMPARE((*read)[i].to, packets[i].to);
            QCOMPARE((*read)[i].port, packets[i].port);
            QCOMPARE((*read)[i].bytes, packets[i].bytes);
        }
        // The head's sum over itself is all ones (RFC 1071).
        std::uint32_t sum = 0;
        for (std::size_t i = 40; i < 60; i += 2)
            sum += static_cast<unsigned char>(file[i]) * 256u + static_cast<unsigned char>(file[i + 1]);
        QCOMPARE((sum & 0xffff) + (sum >> 16), 0xffffu);
        // Torn anywhere it is refused, or holds what came before; never more, and nothing is read beyond.
        for (std::size_t length = 0; length < file.size(); length += 7) {
            const auto torn = read_packets(std::string_view(file).substr(0, length));
            QVERIFY(!torn || torn->size() <= 2);
        }
        QVERIFY(!read_packets("no show at all, but longer than a head"));
        std::mt19937 random(11);
        for (int i = 0; i < 2000; ++i) {
            std::string damaged = file;
            for (int k = 0; k < 4; ++k)
                damaged[random() % damaged.size()] = static_cast<char>(random());
            (void)read_packets(damaged);
        }
    }

    // The command line plays a piece without a window, records it, and sends the record again: the same.
    void a_recorded_show_is_the_same_again() {
        Lanterns l;
        for (int beat = 0; beat < 8; ++beat)
            l.light({l.lamp(static_cast<std::size_t>(beat))}, beat, held(red));
        const auto port = free_port();
        l.project = *with_rig(l.project, [port](Rig& rig) { rig.outputs[0].port = port; });
        // A song of silence to play along.
        const QString song = dir_.filePath("silence.wav");
        QProcess make;
        make.start("ffmpeg",
                   {"-v", "error", "-y", "-f", "lavfi", "-i", "anullsrc=r=44100:cl=stereo", "-t", "3", song});
        if (!make.waitForStarted() || !make.waitForFinished(30'000))
            QSKIP("without ffmpeg no song is made");
        l.project.song =
            std::make_shared<const Song>(Song{song.toStdString(), "silence", 44'100, Samples(132'300), ""});
        const QString file = dir_.filePath("a 'show' & <more>.pulsepin"),
                      record = dir_.filePath("kept $HOME.pcap");
        QVERIFY(save_project(l.project, std::filesystem::path(file.toStdString())));
        const auto socket = UdpSocket::for_receiving(port);
        const auto levels_of_run = [&](const QStringList& arguments) {
            std::vector<std::vector<std::uint8_t>> levels;
            QProcess run;
            run.start(PULSEPIN_BINARIES "/pulsepin-cli", arguments);
            while (run.state() != QProcess::NotRunning) {
                run.waitForFinished(5);
                while (const auto bytes = socket->receive(1ms))
                    if (const auto packet = sacn::data_packet(*bytes);
                        packet && (levels.empty() || levels.back() != packet->levels))
                        levels.push_back(packet->levels);
            }
            if (run.exitCode() != 0)
                qWarning("%s", run.readAllStandardError().constData());
            return levels;
        };
        const auto played = levels_of_run({"light-play", file, "--silent", "--record", record});
        QVERIFY2(played.size() >= 6, qPrintable(QString::number(played.size())));
        const auto again = levels_of_run({"light-play", record});
        QCOMPARE(again, played);
        QCOMPARE(cli({"light-play", file, "--silent", "--record", record}).status, 1); // it is there already
        // An address that came with a project (RFC 5737: nobody has it) is used only where that was said.
        const QString strange = dir_.filePath("strange.pulsepin");
        const auto elsewhere = with_rig(l.project, [](Rig& rig) { rig.outputs[0].to = "192.0.2.7"; });
        QVERIFY(save_project(*elsewhere, std::filesystem::path(strange.toStdString())));
        const auto refused = cli({"light-play", strange, "--silent", "--seconds", "1"});
        QVERIFY2(refused.status == 1 && refused.err.contains("192.0.2.7"), qPrintable(refused.err));
        QCOMPARE(cli({"light-play", strange, "--silent", "--seconds", "1", "--to", "127.0.0.1"}).status, 0);
        QCOMPARE(cli({"light-play", dir_.filePath("gone.pcap")}).status, 1);
        QFile damaged(record);
        QVERIFY(damaged.open(QIODevice::ReadWrite) && damaged.resize(damaged.size() - 5));
        damaged.close();
        const auto told = cli({"light-play", record});
        QVERIFY(told.status == 1 && (told.err.contains("ends within") || told.err.contains("damaged")));
    }

    // -- other wires

    void linear_timecode_is_read_by_its_library_data() {
        QTest::addColumn<double>("rate");
        QTest::addColumn<bool>("drop");
        QTest::newRow("24") << 24.0 << false;
        QTest::newRow("25") << 25.0 << false;
        QTest::newRow("29.97 drop") << 30'000.0 / 1001 << true;
        QTest::newRow("30") << 30.0 << false;
    }
    void linear_timecode_is_read_by_its_library() {
        QFETCH(double, rate);
        QFETCH(bool, drop);
        std::vector<float> sound;
        LinearTimecode from;
        from.frames_a_second = rate;
        from.drop_frames = drop;
        from.minutes = 0;
        from.seconds = 59; // over a minute's edge, where two numbers are left out
        QVERIFY(linear_timecode(from, 48'000 * 4, [&](std::span<const float> piece) -> Result<void> {
            sound.insert(sound.end(), piece.begin(), piece.end());
            return {};
        }));
        QCOMPARE(sound.size(), std::size_t{192'000});
        bool drops = false;
        const auto times = decoded(sound, rate, drops);
        QVERIFY2(times.size() >= static_cast<std::size_t>(rate * 4) - 3,
                 qPrintable(QString::number(times.size())));
        QCOMPARE(drops, drop);
        const auto frame_rate =
            drop ? *FrameRate::make(30'000, 1001) : *FrameRate::make(std::llround(rate), 1);
        const auto begin = parse_timecode(drop ? "00:00:59;00" : "00:00:59:00", frame_rate);
        QVERIFY(begin);
        std::int64_t at = begin->value;
        while (timecode_at(Frames(at), timecode_rate(frame_rate)).frames != times.front()[3])
            ++at;
        for (const auto& time : times) {
            const auto expected = timecode_at(Frames(at++), timecode_rate(frame_rate));
            QCOMPARE(time, (std::array{expected.hours, expected.minutes, expected.seconds, expected.frames}));
        }
        LinearTimecode wrong = from;
        wrong.frames_a_second = 50;
        QVERIFY(!linear_timecode(wrong, 10, [](std::span<const float>) -> Result<void> { return {}; }));
    }

    // A decoder of eight quarter frames, written here after the specification (from memory): pieces 0 to 7
    // are the low and high halves of frames, seconds, minutes and hours with the rate in bits 1 and 2 of the
    // last.
    void midi_timecode_is_read_again() {
        using enum mtc::Rate;
        for (const auto rate : {Fps24, Fps25, Fps2997Drop, Fps30})
            for (const auto& time :
                 {mtc::Time{1, 59, 58, 23, rate}, {23, 0, 31, 0, rate}, {10, 7, 5, 17, rate}}) {
                int halves[8] = {};
                for (int piece = 0; piece < 8; ++piece) {
                    const int data = mtc::quarter_frame(time, piece);
                    QCOMPARE(data >> 4, piece);
                    halves[piece] = data & 0xf;
                }
                QCOMPARE(halves[0] | halves[1] << 4, time.frames);
                QCOMPARE(halves[2] | halves[3] << 4, time.seconds);
                QCOMPARE(halves[4] | halves[5] << 4, time.minutes);
                QCOMPARE(halves[6] | (halves[7] & 1) << 4, time.hours);
                QCOMPARE(halves[7] >> 1, static_cast<int>(rate));
                const auto full = mtc::full_frame(time);
                QCOMPARE(full.size(), std::size_t{10});
                QCOMPARE(full[5] & 0x1f, time.hours);
                QCOMPARE(full[8], static_cast<std::uint8_t>(time.frames));
            }
        QCOMPARE(timecode_rate(*FrameRate::make(60, 1)).rate, Fps30);
        QCOMPARE(timecode_rate(*FrameRate::make(50, 1)).rate, Fps25);
        QCOMPARE(timecode_rate(*FrameRate::make(30'000, 1001)).rate, Fps2997Drop);
        QCOMPARE(timecode_rate(*FrameRate::make(24'000, 1001)).rate, Fps24);
        // SMPTE ST 12-1: 00:01:00;00 and ;01 are left out.
        QCOMPARE(timecode_at(Frames(1800), timecode_rate(*FrameRate::make(30'000, 1001))),
                 (mtc::Time{0, 1, 0, 2, Fps2997Drop}));
    }

    void messages_are_read_by_oscdump() {
        const auto port = free_port();
        QProcess dump;
        dump.start("oscdump", {"-L", QString::number(port)});
        if (!dump.waitForStarted())
            QSKIP("oscdump is not installed");
        QTest::qWait(300);
        Lanterns l;
        l.light({l.lamp(2)}, 0.5, held(red, 0.5));
        l.project = *with_rig(l.project, [port](Rig& rig) { rig.outputs = {{.wire = "osc", .port = port}}; });
        LightShow show("test");
        show.show(Curves{Schedule(l.project)});
        show.hear(true, Seconds(0));
        show.begin();
        QString text;
        QTRY_VERIFY2_WITH_TIMEOUT((text += QString::fromUtf8(dump.readAllStandardOutput())).contains("ends"),
                                  qPrintable(text), 5000);
        show.end();
        dump.terminate();
        dump.waitForFinished();
        QVERIFY2(text.contains("/pin ssssiff") || text.contains("/pin sssiff"), qPrintable(text));
        QVERIFY2(text.contains("\"begins\" \"Lanterns\" \"far 3\" 6 0.25"), qPrintable(text));
        QVERIFY2(text.contains("\"ends\" \"Lanterns\" \"far 3\" 12 0.5"), qPrintable(text));
    }

    void events_are_told_in_order_and_once() {
        Lanterns l;
        l.light({l.far}, 1, held(red));
        l.light({l.lamp(0)}, 2, held(red));
        const auto events = show_events(Schedule(l.project));
        QCOMPARE(events.size(), std::size_t{10});
        for (std::size_t i = 1; i < events.size(); ++i)
            QVERIFY(events[i - 1].at <= events[i].at);
        // Where one ends and the next begins, the end comes first.
        QVERIFY(!events[4].begins && events[8].begins == true);
    }
};

PULSEPIN_TEST_CLASS(TestShows, "test_shows")
#include "test_shows.moc"
