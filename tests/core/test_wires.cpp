// SPDX-License-Identifier: GPL-3.0-or-later
//
// Levels of lamps on the network: packets byte by byte as ANSI E1.31-2018 has them, what is damaged, what
// comes late, and the way through real sockets of this machine to the receiver that ships with the program.
#include "support/command_line.h"
#include "support/free_port.h"
#include "support/seed.h"
#include "support/test_program.h"
#include "wires/light_monitor.h"
#include "wires/light_source.h"
#include "wires/udp_socket.h"

#include <QFile>
#include <random>

using namespace pulsepin;
using namespace pulsepin::test;
using namespace std::chrono_literals;

namespace {

sacn::DataPacket full_packet() {
    sacn::DataPacket packet;
    for (std::size_t i = 0; i < packet.source.size(); ++i)
        packet.source[i] = static_cast<std::uint8_t>(0xa0 + i);
    packet.source_name = "Kite day";
    packet.priority = 150;
    packet.synchronisation = 7962;
    packet.sequence = 201;
    packet.universe = 0x1234;
    for (int i = 0; i < 512; ++i)
        packet.levels.push_back(static_cast<std::uint8_t>(i * 7));
    return packet;
}

using Bytes = std::vector<std::uint8_t>;
Bytes part(const Bytes& bytes, std::size_t from, std::size_t count) {
    return {bytes.begin() + static_cast<std::ptrdiff_t>(from),
            bytes.begin() + static_cast<std::ptrdiff_t>(from + count)};
}

} // namespace

class TestWires : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;

private slots:
    // Table 4-1 "E1.31 data packet" of the standard, field by field (the values from memory).
    void a_data_packet_is_that_of_the_standard() {
        const Bytes b = bytes_of(full_packet());
        QCOMPARE(b.size(), std::size_t{638});
        QCOMPARE(part(b, 0, 4), (Bytes{0x00, 0x10, 0x00, 0x00})); // preamble and post-amble sizes
        QCOMPARE(part(b, 4, 12),
                 (Bytes{0x41, 0x53, 0x43, 0x2d, 0x45, 0x31, 0x2e, 0x31, 0x37, 0, 0, 0})); // "ASC-E1.17"
        QCOMPARE(part(b, 16, 2), (Bytes{0x72, 0x6e})); // flags and length of the root layer
        QCOMPARE(part(b, 18, 4), (Bytes{0, 0, 0, 4})); // VECTOR_ROOT_E131_DATA
        QCOMPARE(b[22], std::uint8_t{0xa0});           // CID
        QCOMPARE(b[37], std::uint8_t{0xaf});
        QCOMPARE(part(b, 38, 2), (Bytes{0x72, 0x58})); // flags and length of the framing layer
        QCOMPARE(part(b, 40, 4), (Bytes{0, 0, 0, 2})); // VECTOR_E131_DATA_PACKET
        QCOMPARE(part(b, 44, 9), (Bytes{'K', 'i', 't', 'e', ' ', 'd', 'a', 'y', 0}));
        QCOMPARE(b[107], std::uint8_t{0});              // the name ends within 64 bytes
        QCOMPARE(b[108], std::uint8_t{150});            // priority
        QCOMPARE(part(b, 109, 2), (Bytes{0x1f, 0x1a})); // synchronisation address
        QCOMPARE(b[111], std::uint8_t{201});            // sequence number
        QCOMPARE(b[112], std::uint8_t{0});              // options
        QCOMPARE(part(b, 113, 2), (Bytes{0x12, 0x34})); // universe
        QCOMPARE(part(b, 115, 2), (Bytes{0x72, 0x0b})); // flags and length of the DMP layer
        QCOMPARE(b[117], std::uint8_t{0x02});           // VECTOR_DMP_SET_PROPERTY
        QCOMPARE(b[118], std::uint8_t{0xa1});           // address type and data type
        QCOMPARE(part(b, 119, 4), (Bytes{0, 0, 0, 1})); // first property address, increment
        QCOMPARE(part(b, 123, 2), (Bytes{0x02, 0x01})); // 513 values: the start code and 512 slots
        QCOMPARE(b[125], std::uint8_t{0});              // start code
        QCOMPARE(b[126], std::uint8_t{0});
        QCOMPARE(b[637], static_cast<std::uint8_t>(511 * 7));
        sacn::DataPacket ends = full_packet();
        ends.preview = true;
        QCOMPARE(bytes_of(ends)[112], std::uint8_t{0x80}); // bit 7
        ends.preview = false;
        ends.terminated = true;
        QCOMPARE(bytes_of(ends)[112], std::uint8_t{0x40}); // bit 6
        ends.levels.resize(3);
        const Bytes few = bytes_of(ends);
        QCOMPARE(few.size(), std::size_t{129});
        QCOMPARE(part(few, 16, 2), (Bytes{0x70, 0x71}));
        QCOMPARE(part(few, 123, 2), (Bytes{0, 4}));
    }

    // Table 4-2 "E1.31 synchronization packet" (from memory).
    void a_synchronisation_packet_is_that_of_the_standard() {
        sacn::SyncPacket packet;
        packet.sequence = 9;
        packet.synchronisation = 7962;
        const Bytes b = bytes_of(packet);
        QCOMPARE(b.size(), std::size_t{49});
        QCOMPARE(part(b, 16, 6), (Bytes{0x70, 0x21, 0, 0, 0, 8})); // VECTOR_ROOT_E131_EXTENDED
        QCOMPARE(part(b, 38, 6), (Bytes{0x70, 0x0b, 0, 0, 0, 1})); // VECTOR_E131_EXTENDED_SYNCHRONIZATION
        QCOMPARE(part(b, 44, 5), (Bytes{9, 0x1f, 0x1a, 0, 0}));
        QVERIFY(sacn::sync_packet(b) == packet && !sacn::data_packet(b));
        QCOMPARE(sacn::multicast_address(7962), std::string("239.255.31.26")); // 9.3.1
    }

    // What is read is what was written; a bit that is turned, or bytes that are missing, are never read as
    // another packet of the same length without being seen where the standard lets them be seen, and never
    // harm.
    void packets_are_read_again_and_damaged_ones_refused() {
        for (const std::uint32_t number : seeds(1, 8)) {
            const Seed seed(number);
            std::mt19937 random(seed);
            sacn::DataPacket packet = full_packet();
            packet.universe = static_cast<std::uint16_t>(1 + random() % 63'999);
            packet.priority = static_cast<std::uint8_t>(random() % 201);
            packet.sequence = static_cast<std::uint8_t>(random());
            packet.terminated = random() % 2;
            packet.levels.resize(random() % 513);
            const Bytes bytes = bytes_of(packet);
            QVERIFY(sacn::data_packet(bytes) == packet);
            for (std::size_t size = 0; size < bytes.size(); ++size)
                QVERIFY(!sacn::data_packet(part(bytes, 0, size)));
            for (int i = 0; i < 2000; ++i) {
                Bytes damaged = bytes;
                const std::size_t at = random() % damaged.size();
                damaged[at] ^= static_cast<std::uint8_t>(1u << random() % 8);
                const auto read = sacn::data_packet(damaged);
                const bool in_head = at < 22 || (at >= 38 && at < 44) || (at >= 115 && at < 126);
                QVERIFY2(!read || !in_head, qPrintable(QString::number(at)));
            }
        }
        Bytes longer = bytes_of(full_packet());
        longer.push_back(0);
        QVERIFY(!sacn::data_packet(longer) && !sacn::data_packet({}));
    }

    void what_cannot_be_sent_is_refused() {
        const auto why = [](auto change) {
            sacn::DataPacket packet = full_packet();
            change(packet);
            const auto good = can_be_sent(packet);
            return good ? QString() : QString::fromStdString(good.error().message());
        };
        QCOMPARE(why([](auto&) {}), QString());
        QVERIFY(why([](auto& p) { p.universe = 0; }).contains("universe 0"));
        QVERIFY(why([](auto& p) { p.universe = 64'000; }).contains("1 to 63999"));
        QVERIFY(why([](auto& p) { p.levels.resize(600); }).contains("these are 600"));
        QVERIFY(why([](auto& p) { p.priority = 201; }).contains("priority 201"));
        LightSource source(id_of_name("a"), "a");
        QVERIFY(!source.packet(70'000, Bytes{1}) && !source.packet(-1, Bytes{1}) &&
                !source.packet(1, Bytes(513)));
        // A name that is too long ends where a letter does: 63 bytes at most.
        sacn::DataPacket named = full_packet();
        for (named.source_name.clear(); named.source_name.size() < 80;)
            named.source_name += "\xc3\xbc";
        QCOMPARE(sacn::data_packet(bytes_of(named))->source_name.size(), std::size_t{62});
    }

    // 6.7.2: with A the last number and B the new one, B - A as a signed byte from -19 to 0 is too late.
    void what_comes_too_late_is_left_out() {
        QVERIFY(sacn::comes_after(1, 0) && sacn::comes_after(0, 255) && sacn::comes_after(127, 0));
        QVERIFY(!sacn::comes_after(5, 5) && !sacn::comes_after(4, 5) && !sacn::comes_after(250, 5) &&
                !sacn::comes_after(242, 5));
        QVERIFY(sacn::comes_after(241, 5)); // 20 back: it began anew
    }

    void lost_ones_are_counted_and_other_sources_wait() {
        LightMonitor monitor;
        sacn::DataPacket packet = full_packet();
        packet.universe = 3;
        packet.priority = 100;
        const auto sends = [&](int sequence, double at) {
            packet.sequence = static_cast<std::uint8_t>(sequence);
            return monitor.take(packet, at);
        };
        QVERIFY(sends(254, 0) && sends(255, 0.025) && sends(2, 0.1) && !sends(1, 0.11));
        const auto& universe = monitor.universes().at(3);
        QCOMPARE(universe.lost, std::uint64_t{2}); // 0 and 1
        QCOMPARE(universe.late, std::uint64_t{1});
        sacn::DataPacket other = packet;
        other.source[0] = 1;
        QVERIFY(!monitor.take(other, 0.12)); // as high: the first one stays
        other.priority = 101;
        QVERIFY(monitor.take(other, 0.13));
        QVERIFY(!sends(4, 0.14));
        QVERIFY(!LightMonitor::gone(universe, 2.6) && LightMonitor::gone(universe, 2.64)); // 2.5 s
        QVERIFY(sends(5, 2.7));
        packet.terminated = true;
        QVERIFY(sends(6, 2.71) && LightMonitor::gone(universe, 2.71));
    }

    void an_identifier_is_of_its_name() {
        QVERIFY(id_of_name("a") == id_of_name("a") && id_of_name("a") != id_of_name("b"));
        QCOMPARE(id_of_name("a")[6] >> 4, 8);      // version 8
        QCOMPARE(id_of_name("a")[8] & 0xc0, 0x80); // RFC 9562, 4.1
    }

    // Through sockets: all packets in their order, then three that say that nothing more comes.
    void packets_come_through_this_machine() {
        const auto socket = UdpSocket::for_receiving(0);
        QVERIFY(socket);
        const auto out = UdpSocket::for_sending();
        LightSource source(id_of_name("test"), "test");
        LightMonitor monitor;
        int count = 0;
        const auto receive_all = [&] {
            while (const auto bytes = socket->receive(100ms)) {
                const auto packet = sacn::data_packet(*bytes);
                QVERIFY(packet && monitor.take(*packet, count * 0.01));
                ++count;
            }
        };
        for (int i = 0; i < 300; ++i) {
            QVERIFY(out->send("127.0.0.1", socket->port(),
                              *source.packet(1 + i % 2, Bytes(512, static_cast<std::uint8_t>(i)))));
            if (i % 60 == 59) // the system keeps only so many
                receive_all();
        }
        for (const auto& [universe, bytes] : source.last_packets())
            QVERIFY(out->send("127.0.0.1", socket->port(), bytes));
        receive_all();
        QCOMPARE(count, 306);
        for (const int number : {1, 2}) {
            const auto& universe = monitor.universes().at(number);
            QCOMPARE(universe.packets, std::uint64_t{153});
            QCOMPARE(universe.lost, std::uint64_t{0});
            QCOMPARE(universe.terminations, 3);
            QCOMPARE(universe.levels.front(), static_cast<std::uint8_t>(300 - 3 + number));
        }
        QVERIFY(!out->send("no address", 5568, Bytes{1}));
        QVERIFY(!out->send("256.1.1.1", 5568, Bytes{1}));
        QVERIFY(!socket->receive(10ms));
    }

    // The two programs that ship: one lights lamps, the other logs what arrives.
    void a_test_of_lamps_arrives_at_the_receiver() {
        const QString port = QString::number(free_port()), log = dir_.filePath("log & <more>.csv");
        QProcess receiver;
        receiver.start(PULSEPIN_BINARIES "/pulsepin-cli",
                       {"light-receiver", "--universe", "7", "--port", port, "--log", log});
        QVERIFY(receiver.waitForStarted());
        QTRY_VERIFY(QFile::exists(log));
        const auto run =
            cli({"light-test", "1-3=255", "8=64", "--universe", "7", "--port", port, "--seconds", "1"});
        QVERIFY2(run.status == 0, qPrintable(run.err));
        QTest::qWait(300);
        receiver.terminate();
        QVERIFY(receiver.waitForFinished(10'000) && receiver.exitCode() == 0);
        QFile file(log);
        QVERIFY(file.open(QIODevice::ReadOnly));
        const QStringList lines = QString::fromUtf8(file.readAll()).trimmed().split('\n');
        QVERIFY2(lines.size() > 20 && lines.size() <= 1 + 46 + 3,
                 qPrintable(QString::number(lines.size()))); // 44 a second
        int terminated = 0;
        for (int i = 1; i < lines.size(); ++i) {
            const QStringList cells = lines[i].split(',');
            QCOMPARE(cells[1], QString("7"));
            QCOMPARE(cells[2].toInt(), (i - 1) % 256); // none is missing
            QCOMPARE(cells[6], QString("255 255 255 0 0 0 0 64"));
            terminated += cells[4].toInt();
        }
        QCOMPARE(terminated, 3);
        QVERIFY(receiver.readAllStandardOutput().contains("0 lost"));
        for (const auto& wrong : {QStringList{"1=256"},
                                  {"0=1"},
                                  {"513=1"},
                                  {"5-3=1"},
                                  {"lamp=1"},
                                  {"1=1", "--to", "localhost.example"}})
            QCOMPARE(cli(QStringList{"light-test"} + wrong).status, 1);
        QCOMPARE(cli({"light-test", "1=1", "--universe", "64000"}).status, 2);
        QCOMPARE(cli({"light-receiver", "--universe", "0", "--seconds", "1"}).status, 1);
        QCOMPARE(cli({"light-receiver", "--log", log, "--seconds", "1", "--port", port}).status,
                 1); // it is there
    }
};

PULSEPIN_TEST_CLASS(TestWires, "test_wires")
#include "test_wires.moc"
