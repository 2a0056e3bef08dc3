// SPDX-License-Identifier: GPL-3.0-or-later
//
// Words of a text: read from captions and lyrics, and written for others. What is written is read back by the
// demuxers of FFmpeg, which are not ours.
extern "C" {
#include <libavformat/avformat.h>
}
#include "support/test_program.h"
#include "words/lyric_formats.h"
#include "words/lyric_text.h"

#include <QTemporaryDir>
#include <QTest>
#include <fstream>
#include <random>

using namespace pulsepin;

namespace {

Lyric read(std::string_view text) {
    const auto lyric = read_lyric(text);
    if (!lyric)
        QTest::qFail(lyric.error().message().c_str(), __FILE__, __LINE__);
    return lyric.value_or(Lyric{});
}

const LyricFormatRow& format(std::string_view id) {
    return *std::find_if(lyric_formats().begin(), lyric_formats().end(),
                         [&](const LyricFormatRow& row) { return row.id == id; });
}

QStringList texts(const Lyric& lyric) {
    QStringList lines;
    for (const auto& line : lyric.lines)
        lines << QString::fromStdString(line_text(line));
    return lines;
}

double ms(const std::optional<Seconds>& time) {
    return time ? std::round(time->value * 1000) : -1;
}

/// The starts of a line's words in milliseconds; -1 where a word has none.
QList<double> starts(const LyricLine& line) {
    QList<double> times;
    for (const auto& word : line.words)
        times << ms(word.start);
    return times;
}

LyricWord word(const char* text, double start, double end) {
    return {text, Seconds(start), Seconds(end)};
}

/// Two lines with a time for every word, a person who speaks, and letters that formats have a use for.
Lyric sung() {
    Lyric lyric;
    lyric.lines.push_back({{word("pull", 1.25, 1.5), word("the", 1.5, 1.75), word("line", 1.75, 2.5)},
                           "Ann & Bo",
                           Seconds(1.25),
                           Seconds(2.5)});
    lyric.lines.push_back({{word("rock", 3, 3.5), word("&", 3.5, 3.75), word("<roll>", 3.75, 4.5)},
                           {},
                           Seconds(3),
                           Seconds(4.5)});
    return lyric;
}

struct ReadCue {
    qint64 start = 0, duration = 0;
    QString text;
    bool operator==(const ReadCue&) const = default;
};

/// What FFmpeg finds in such a file; times in milliseconds.
QList<ReadCue> read_by_ffmpeg(const std::string& text, const char* name) {
    QTemporaryDir folder;
    const auto path = folder.filePath(name).toStdString();
    std::ofstream(path) << text;
    QList<ReadCue> cues;
    AVFormatContext* context = nullptr;
    if (avformat_open_input(&context, path.c_str(), nullptr, nullptr) < 0)
        return cues;
    AVPacket* packet = av_packet_alloc();
    while (av_read_frame(context, packet) >= 0) {
        const AVRational base = context->streams[packet->stream_index]->time_base;
        cues << ReadCue{av_rescale_q(packet->pts, base, {1, 1000}),
                        packet->duration > 0 ? av_rescale_q(packet->duration, base, {1, 1000}) : -1,
                        QString::fromUtf8(reinterpret_cast<const char*>(packet->data), packet->size)};
        av_packet_unref(packet);
    }
    av_packet_free(&packet);
    avformat_close_input(&context);
    return cues;
}

} // namespace

class TestLyrics : public QObject {
    Q_OBJECT
private slots:
    void plain_lines_and_words();
    void webvtt_as_the_standard_says();
    void webvtt_word_times();
    void subrip();
    void lrc_with_word_times();
    void lrc_sung_again_and_offset();
    void clock_times_data();
    void clock_times();
    void bad_times_are_told_and_no_word_is_lost();
    void encodings();
    void twenty_thousand_words();
    void written_and_read_again_data();
    void written_and_read_again();
    void read_by_another_program();
    void any_bytes();
};

void TestLyrics::plain_lines_and_words() {
    const auto lyric =
        read("pull  the line\r\n\r\nand\tlet it rise\rnon\xc2\xa0stop\xe3\x80\x80\xe7\xa9\xba\n");
    QCOMPARE(texts(lyric),
             QStringList({"pull the line", "and let it rise", QString::fromUtf8("non\u00a0stop \u7a7a")}));
    QCOMPARE(lyric.lines[1].in_file, 3u);
    QVERIFY(!start_of(lyric.lines[0]));
    QVERIFY(lyric.remarks.empty());
    const auto none = read_lyric(" \n\n\t\n");
    QVERIFY(!none && !none.error().what.empty());
}

// WebVTT (W3C), section 4.1: a file has a header, then blocks; notes, styles and regions are no cues; a cue
// may have an identifier, its times leave out hours; section 4.2.2: voices, escapes. Written after the
// standard's grammar, from memory of its examples.
void TestLyrics::webvtt_as_the_standard_says() {
    const auto lyric = read("WEBVTT - a title\nKind: captions\n\n"
                            "NOTE this --> is a remark\nof two lines\n\n"
                            "STYLE\n::cue { color: red }\n\n"
                            "intro\n00:11.000 --> 00:13.000 align:start line:0\n"
                            "<v.loud Roger Bingham>We are <b>in</b> New&nbsp;York City &amp; near\n\n"
                            "01:00:13.500 --> 01:00:16.000\n<i>a &lt; b</i>\nand <c.x.y>more</c>\n");
    QCOMPARE(texts(lyric),
             QStringList({QString::fromUtf8("We are in New\u00a0York City & near"), "a < b and more"}));
    QCOMPARE(lyric.lines[0].speaker, std::string("Roger Bingham"));
    QCOMPARE(ms(lyric.lines[0].start), 11000);
    QCOMPARE(ms(lyric.lines[0].end), 13000);
    QCOMPARE(ms(lyric.lines[1].start), 3613500);
    QCOMPARE(lyric.lines[1].in_file, 14u);
    QVERIFY(lyric.remarks.empty());
}

void TestLyrics::webvtt_word_times() {
    const auto lyric = read(
        "WEBVTT\n\n00:01.000 --> 00:03.000\nThe <00:01.250>quick <00:01.500>brown<00:01.800> fo<00:02.000>x"
        "<00:02.500>\n");
    QCOMPARE(texts(lyric), QStringList({"The quick brown fox"}));
    QCOMPARE(starts(lyric.lines[0]), QList<double>({1000, 1250, 1500, 1800}));
    QCOMPARE(ms(lyric.lines[0].words[3].end), 2500);
}

void TestLyrics::subrip() {
    const auto lyric =
        read("\xef\xbb\xbf"
             "1\r\n00:00:01,600 --> 00:00:04,200 X1:0\r\n{\\an8}<i>pull</i> the 7\r\nline < 3\r\n\r\n"
             "2\r\n00:01:00,000 --> 00:01:02,500\r\n1999\r\n");
    QCOMPARE(texts(lyric), QStringList({"pull the 7 line < 3", "1999"}));
    QCOMPARE(ms(lyric.lines[0].start), 1600);
    QCOMPARE(ms(lyric.lines[0].end), 4200);
    QCOMPARE(ms(lyric.lines[0].words[0].start), 1600);
    QCOMPARE(ms(lyric.lines[1].end), 62500);
    QVERIFY(lyric.remarks.empty());
}

void TestLyrics::lrc_with_word_times() {
    const auto lyric = read("[ti:Over the Levee]\n[ar:Nobody]\n[00:12.00]<00:12.04>pull <00:12.30>the "
                            "<00:12.65>line<00:13.20>\n[00:14.5]and let it rise\n[00:17.00]\n");
    QCOMPARE(texts(lyric), QStringList({"pull the line", "and let it rise"}));
    QCOMPARE(starts(lyric.lines[0]), QList<double>({12040, 12300, 12650}));
    QCOMPARE(ms(lyric.lines[0].words[2].end), 13200);
    QCOMPARE(starts(lyric.lines[1]), QList<double>({14500, -1, -1, -1}));
    QCOMPARE(ms(lyric.lines[1].end), 17000); // the empty line ends it
}

void TestLyrics::lrc_sung_again_and_offset() {
    const auto lyric =
        read("[offset:+500]\n[00:20.00][01:20.00]<00:20.00>high <00:21.00>up\n[00:30.00]over\n");
    QCOMPARE(texts(lyric), QStringList({"high up", "over", "high up"}));
    QCOMPARE(starts(lyric.lines[0]), QList<double>({19500, 20500}));
    QCOMPARE(starts(lyric.lines[2]), QList<double>({79500, 80500}));
    QCOMPARE(ms(lyric.lines[1].start), 29500);
}

void TestLyrics::clock_times_data() {
    QTest::addColumn<QString>("text");
    QTest::addColumn<double>("milliseconds"); // -1: no time
    QTest::newRow("minutes") << "02:03.45" << 123450.0;
    QTest::newRow("hours") << "01:02:03.456" << 3723456.0;
    QTest::newRow("comma") << "01:02:03,4" << 3723400.0;
    QTest::newRow("many minutes") << "125:00" << 7500000.0;
    QTest::newRow("60 seconds") << "00:60.000" << -1.0;
    QTest::newRow("60 minutes") << "01:60:00.000" << -1.0;
    QTest::newRow("one part") << "12.5" << -1.0;
    QTest::newRow("four parts") << "1:2:3:4" << -1.0;
    QTest::newRow("sign") << "-1:02.0" << -1.0;
    QTest::newRow("no decimals") << "1:02." << -1.0;
    QTest::newRow("letters") << "1:0x.000" << -1.0;
    QTest::newRow("nothing") << "" << -1.0;
    QTest::newRow("blank") << "1: 2" << -1.0;
}

void TestLyrics::clock_times() {
    QFETCH(QString, text);
    QFETCH(double, milliseconds);
    QCOMPARE(ms(clock_time(text.toStdString())), milliseconds);
}

void TestLyrics::bad_times_are_told_and_no_word_is_lost() {
    const auto lyric = read("1\n00:00:05,000 --> 00:00:04,000\nreversed here\n\n"
                            "2\n00:00:06,000 --> 00:00:09,000\nfirst of two\n\n"
                            "3\n00:00:08,000 --> 00:00:10,000\nover it\n\n"
                            "4\n00:00:xx,000 --> 00:00:12,000\nno time\n\n"
                            "5\n00:00:02,000 --> 00:00:03,000\nearly\n");
    QCOMPARE(texts(lyric), QStringList({"early", "reversed here", "first of two", "over it", "no time"}));
    QCOMPARE(ms(lyric.lines[1].start), 5000);
    QVERIFY(!lyric.lines[1].end);
    QVERIFY(!lyric.lines[4].start);
    QList<std::size_t> told;
    for (const auto& remark : lyric.remarks)
        told << remark.line;
    QCOMPARE(told, QList<std::size_t>({2, 10, 14}));
    QVERIFY(lyric.remarks[1].what.find("line 6") != std::string::npos);

    const auto words = read("WEBVTT\n\n00:01.000 --> 00:03.000\na <00:02.000>b <00:01.500>c <00:09.000>d\n\n"
                            "lost words\nof a cue\n");
    QCOMPARE(texts(words), QStringList({"a b c d", "lost words of a cue"}));
    QCOMPARE(starts(words.lines[0]), QList<double>({1000, 2000, -1, -1}));
    QCOMPARE(words.remarks.size(), 3u);
}

void TestLyrics::encodings() {
    const char16_t wide[] = u"\ufeffp\u00fcll\nlet";
    const auto lyric = read({reinterpret_cast<const char*>(wide), sizeof wide - 2});
    QCOMPARE(texts(lyric), QStringList({QString::fromUtf8("p\u00fcll"), "let"}));
    const auto latin = read_lyric("fine\nalso fine\np\xfcll\n"); // ISO 8859-1
    QVERIFY(!latin);
    QVERIFY(latin.error().what.find("Line 3") != std::string::npos);
    QVERIFY(!latin.error().remedy.empty());
    // RFC 3629, section 10: forms that are longer than need be, and halves of pairs, are no UTF-8.
    for (const char* bytes :
         {"\xc0\x80", "\xe0\x80\xaf", "\xed\xa0\x80", "\xf4\x90\x80\x80", "\xf5\x80\x80\x80"})
        QVERIFY(!read_lyric(bytes));
    QVERIFY(!read_lyric(std::string_view("a\0b", 3)));
    QTemporaryDir folder;
    const auto missing = load_lyric(folder.filePath("none.txt").toStdString());
    QVERIFY(!missing && missing.error().file.ends_with("none.txt"));
}

void TestLyrics::twenty_thousand_words() {
    std::string text = "WEBVTT\n";
    for (int i = 0; i < 5000; ++i)
        text += "\n" + caption_time(Seconds(i), '.') + " --> " + caption_time(Seconds(i + 0.9), '.') +
                "\nfour words in it\n";
    const auto lyric = read(text);
    QCOMPARE(lyric.lines.size(), 5000u);
    QCOMPARE(ms(lyric.lines[4999].start), 4999000);
    QVERIFY(lyric.remarks.empty());
}

void TestLyrics::written_and_read_again_data() {
    QTest::addColumn<QString>("id");
    QTest::addColumn<bool>("words_timed");
    QTest::addColumn<bool>("speaker");
    QTest::newRow("WebVTT") << "webvtt" << true << true;
    QTest::newRow("LRC") << "lrc" << true << false;
    QTest::newRow("SubRip") << "subrip" << false << false;
}

void TestLyrics::written_and_read_again() {
    QFETCH(QString, id);
    QFETCH(bool, words_timed);
    QFETCH(bool, speaker);
    auto expected = sung();
    if (id == "subrip")
        expected.lines[1].words[2].text = "(roll)"; // the format has no way to write a "<" before a letter
    const auto again = read(format(id.toStdString()).write(expected));
    QCOMPARE(texts(again), texts(expected));
    QVERIFY(again.remarks.empty());
    for (std::size_t i = 0; i < 2; ++i) {
        QCOMPARE(ms(start_of(again.lines[i])), ms(start_of(expected.lines[i])));
        QCOMPARE(ms(end_of(again.lines[i])), ms(end_of(expected.lines[i])));
        if (words_timed)
            QCOMPARE(starts(again.lines[i]), starts(expected.lines[i]));
        QCOMPARE(again.lines[i].speaker, speaker ? expected.lines[i].speaker : std::string());
    }
}

void TestLyrics::read_by_another_program() {
    const auto lyric = sung();
    const auto vtt = read_by_ffmpeg(format("webvtt").write(lyric), "words.vtt");
    QCOMPARE(vtt.size(), 2);
    QCOMPARE(vtt[0].start, 1250);
    QCOMPARE(vtt[0].duration, 1250);
    QCOMPARE(vtt[0].text, QString("<v Ann &amp; Bo>pull <00:00:01.500>the <00:00:01.750>line"));
    QCOMPARE(vtt[1].text, QString("rock <00:00:03.500>&amp; <00:00:03.750>&lt;roll&gt;"));
    QCOMPARE(read_by_ffmpeg(format("subrip").write(lyric), "words.srt"),
             QList<ReadCue>({{1250, 1250, "pull the line"}, {3000, 1500, "rock & <roll>"}}));
    const auto lrc = read_by_ffmpeg(format("lrc").write(lyric), "words.lrc");
    QVERIFY(lrc.size() >= 2);
    QCOMPARE(lrc[0].start, 1250);
    QVERIFY(lrc[0].text.contains("<00:01.50>the <00:01.75>line"));
}

/// Whatever stands in a file: an answer or a message, and no word of nothing.
void TestLyrics::any_bytes() {
    std::mt19937 random(7);
    const std::string_view pieces[] = {"WEBVTT\n", "\n",  "00:01.000", " --> ", "[00:01.00]", "<00:02.00>",
                                       "<v ",      ">",   "{\\an8",    "word",  " ",          "[",
                                       "<",        "&lt", "NOTE",      "\r\n",  "00:00:02,",  "7\n",
                                       "[offset:", "]",   "\xc3"};
    for (int round = 0; round < 20'000; ++round) {
        std::string text;
        for (auto left = random() % 24; left > 0; --left)
            text += pieces[random() % std::size(pieces)];
        const auto lyric = read_lyric(text);
        if (!lyric) {
            QVERIFY(!lyric.error().what.empty());
            continue;
        }
        QVERIFY(!lyric->lines.empty());
        for (const auto& line : lyric->lines)
            for (const auto& word : line.words)
                QVERIFY(!word.text.empty());
        for (const auto& row : lyric_formats())
            (void)row.write(*lyric);
    }
}

PULSEPIN_TEST_CLASS(TestLyrics, "test_lyrics")
#include "test_lyrics.moc"
