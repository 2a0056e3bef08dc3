// SPDX-License-Identifier: GPL-3.0-or-later
//
// Named moments that go out and come in: captions, chapters, cue points of WAV files, notes of MIDI files,
// annotations. Where there is a reader that is not ours it is asked: FFmpeg for chapters, libsndfile for WAV
// files, midicsv for MIDI files.
#include "hand/bring_in.h"
#include "hand/clip_file.h"
#include "hand/media_list.h"
#include "hand/piece_cues.h"
#include "interchange/exporters.h"
#include "interchange/list_readers.h"
#include "media/wav_cues.h"
#include "media/write_wav.h"
#include "model/shot_edits.h"
#include "support/media.h"
#include "support/projects.h"
#include "support/seed.h"
#include "support/test_program.h"
#include "words/lyric_formats.h"

#include <QFile>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QStandardPaths>
#include <QXmlStreamReader>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

Result<BroughtIn> read_as(const char* name, std::string_view bytes, ParamValues values = {},
                          FrameRate rate = {}) {
    const auto* row = list_reader_of(name);
    return row->read(bytes, {rate, completed(values, row->parameters)});
}

/// "1.000-2.500 name | note", a line each.
QStringList told(const Result<BroughtIn>& list) {
    if (!list)
        return {QString::fromStdString(list.error().message())};
    QStringList lines;
    for (const auto& item : list->items)
        lines << QString("%1-%2 %3%4")
                     .arg(item.at.value, 0, 'f', 3)
                     .arg(item.until.value, 0, 'f', 3)
                     .arg(QString::fromStdString(item.name),
                          item.note.empty() ? QString() : " | " + QString::fromStdString(item.note));
    return lines;
}

/// A minute at 120 BPM with markers whose names are hard.
Project marked_piece() {
    Project project = steady_project(120, 0, 60, "25");
    const LaneId marks = lane_of_kind(project, kind_of(body_type<MarkerBody>));
    const MarkerBody plain{"verse", "", 0, 0, {}},
        lasting{"a=b;c#d\\e", "sung \"twice\"", 1, 0, {Length::Unit::InBeats, 4}},
        last{"😀 <end> & so on", "", 2, 0, {}};
    return *with_pins(project, marks,
                      {{{}, TimeAnchor{Seconds(2)}, plain, {}},
                       {{}, TimeAnchor{Seconds(10)}, lasting, {}},
                       {{}, TimeAnchor{Seconds(31.2)}, last, {}}});
}

QByteArray output_of(const QString& program, const QStringList& arguments) {
    QProcess process;
    process.start(program, arguments);
    return process.waitForFinished(60'000) ? process.readAllStandardOutput() : QByteArray();
}

bool write_bytes(const QString& file, const std::string& bytes) {
    QFile out(file);
    return out.open(QIODevice::WriteOnly) &&
           out.write(bytes.data(), static_cast<qint64>(bytes.size())) == static_cast<qint64>(bytes.size());
}

} // namespace

class TestMoments : public QObject {
    Q_OBJECT
private slots:
    void captions_become_markers() {
        QCOMPARE(told(read_as("a.srt", "1\n00:00:01,000 --> 00:00:02,500\nHold <i>on</i>\n\n"
                                       "2\n00:01:00,000 --> 00:01:01,000\nnow\n")),
                 (QStringList{"1.000-2.500 Hold on", "60.000-61.000 now"}));
        QCOMPARE(told(read_as("a.vtt", "WEBVTT\n\n00:01.000 --> 00:02.500\n<v Ada>Hold on\n")),
                 (QStringList{"1.000-2.500 Hold on | Ada"}));
        QCOMPARE(told(read_as("a.lrc", "[00:01.00]Hold on\n[00:02.50]now\n")).size(), 2);
        const auto no_times = read_as("a.srt", "just words\nwithout times\n");
        QVERIFY(!no_times && no_times.error().message().find("Load it as words") != std::string::npos);
    }

    // Columns as "Format:" says, commas in the text, marks that say how it looks, syllables.
    void substation_alpha() {
        const std::string text =
            "[Script Info]\nTitle: x\n\n[V4+ Styles]\nFormat: Name\nStyle: Default\n\n[Events]\n"
            "Format: Layer, Start, End, Style, Name, MarginL, MarginR, MarginV, Effect, Text\n"
            "Comment: 0,0:00:00.00,0:00:01.00,,,0,0,0,,not this\n"
            "Dialogue: 0,0:00:01.00,0:00:04.00,Default,Ada,0,0,0,,{\\an8}Well, {\\i1}hold{\\i0}\\Non\n"
            "Dialogue: 0,0:01:00.50,0:01:03.50,Default,,0,0,0,,{\\k50}sing {\\k25}it{\\k25}self "
            "{\\kf100}now\n";
        QCOMPARE(told(read_as("a.ass", text)),
                 (QStringList{"1.000-4.000 Well, hold on | Ada", "60.500-63.500 sing itself now"}));
        const auto lyric = read_lyric(text);
        QVERIFY(lyric && lyric->lines.size() == 2);
        const auto& words = lyric->lines[1].words;
        QCOMPARE(words.size(), std::size_t{3});
        QCOMPARE(words[0].start->value, 60.5);
        QCOMPARE(words[1].start->value, 61.0);
        QCOMPARE(words[2].start->value, 61.5);
        QCOMPARE(words[2].end->value, 62.5);
    }

    // Times of every form that TTML2 12.3.1 has, frames by the rate and its multiplier.
    void timed_text() {
        const auto at = [](const std::string& begin, const std::string& attributes = {}) {
            const auto list =
                read_as("a.ttml", "<?xml version=\"1.0\"?>\n<tt xmlns=\"http://www.w3.org/ns/ttml\" "
                                  "xmlns:ttp=\"http://www.w3.org/ns/ttml#parameter\" " +
                                      attributes + "><body><div><p begin=\"" + begin +
                                      "\" dur=\"1s\">x</p></div></body></tt>");
            return list && !list->items.empty() ? list->items.front().at.value : -1;
        };
        QCOMPARE(at("00:00:01.5"), 1.5);
        QCOMPARE(at("01:00:00"), 3600.0);
        QCOMPARE(at("00:00:01.1234567"), 1.123);
        QCOMPARE(at("2.5s"), 2.5);
        QCOMPARE(at("1500ms"), 1.5);
        QCOMPARE(at("0.5m"), 30.0);
        QCOMPARE(at("75f", "ttp:frameRate=\"25\""), 3.0);
        QVERIFY(std::abs(at("00:00:01:15", "ttp:frameRate=\"30\" ttp:frameRateMultiplier=\"1000 1001\"") -
                         (1 + 15 * 1.001 / 30)) < 1e-9);
        QCOMPARE(at("20000000t", "ttp:tickRate=\"10000000\""), 2.0);
        const auto list =
            read_as("a.ttml", "<tt><body begin=\"10s\"><div><p begin=\"1s\" end=\"3s\">one<br/>"
                              "<span begin=\"1s\">two &amp; &#x1F600;</span></p></div></body></tt>");
        QCOMPARE(told(list), (QStringList{"11.000-13.000 one two & 😀"}));
    }

    // Nothing of a file's own is expanded, however often it names itself; nothing nested brings it down.
    void hostile_xml() {
        std::string bomb = "<?xml version=\"1.0\"?>\n<!DOCTYPE tt [<!ENTITY a0 \"ha\">";
        for (int i = 1; i < 20; ++i) {
            const std::string before = "&a" + std::to_string(i - 1) + ";";
            bomb += "<!ENTITY a" + std::to_string(i) + " \"" + before + before + before + before + "\">";
        }
        const auto list = read_as("a.ttml", bomb + "]>\n<tt ><body><p begin=\"1s\">&a19;</p></body></tt>");
        QVERIFY(list && list->items.size() == 1 && list->items[0].name.size() < 20);
        std::string deep = "<tt >";
        for (int i = 0; i < 100'000; ++i)
            deep += "<div>";
        QVERIFY(!read_as("a.ttml", deep));
        for (int i = 0; i < 100'000; ++i)
            deep += "</div>";
        QVERIFY(!read_as("a.ttml", deep + "</tt>"));
        const auto broken = read_as("a.mlt", "<mlt>\n<producer>\n</mlt>");
        QVERIFY(!broken && broken.error().message().find("Line ") != std::string::npos);
        QVERIFY(!read_as("a.mlt", "<html/>"));
        QVERIFY(
            !read_as("a.mlt", "<mlt><tractor id=\"t\"><track producer=\"t\"/></tractor></mlt>")); // itself
    }

    // What is written is read as it was: to the hundredth by SubStation Alpha, to the millisecond by TTML.
    void words_go_out_and_come_back() {
        for (const std::uint32_t number : seeds(1, 20)) {
            const Seed seed(number);
            std::mt19937 random(seed);
            const auto whole = [&](int least, int most) {
                return std::uniform_int_distribution(least, most)(random);
            };
            static const char* const texts[] = {"hold",  "on,",  "<b>", "&amp;", "\"x\"",
                                                "naïve", "שלום", "😀",   "a;b"};
            Lyric lyric;
            int hundredths = whole(0, 500);
            for (int line = whole(1, 6); line > 0; --line) {
                LyricLine made;
                made.start = Seconds(hundredths / 100.0);
                for (int word = whole(1, 5); word > 0; --word) {
                    made.words.push_back({texts[whole(0, 8)], Seconds(hundredths / 100.0)});
                    hundredths += whole(5, 90);
                }
                made.end = Seconds(hundredths / 100.0);
                hundredths += whole(1, 200);
                lyric.lines.push_back(made);
            }
            for (const auto& format : lyric_formats()) {
                if (format.id != "ass" && format.id != "ttml")
                    continue;
                const std::string text = format.write(lyric);
                const auto back = read_lyric(text);
                QVERIFY2(back.has_value() && back->lines.size() == lyric.lines.size(), text.c_str());
                for (std::size_t i = 0; i < lyric.lines.size(); ++i) {
                    const auto &was = lyric.lines[i], &is = back->lines[i];
                    QVERIFY2(std::abs(is.start->value - was.start->value) < 1e-6, text.c_str());
                    QVERIFY(std::abs(is.end->value - was.end->value) < 1e-6);
                    QCOMPARE(is.words.size(), was.words.size());
                    for (std::size_t k = 0; k < was.words.size(); ++k) {
                        QCOMPARE(is.words[k].text, was.words[k].text);
                        QVERIFY2(is.words[k].start &&
                                     std::abs(is.words[k].start->value - was.words[k].start->value) < 1e-6,
                                 text.c_str());
                    }
                }
            }
        }
    }

    // Each pin is a note where it acts; midicsv reads tracks, lyrics and controllers.
    void midi_notes_go_out_and_come_back() {
        Project project = marked_piece();
        project = with_lane(project, kind_of(body_type<TriggerBody>), "Flash, big");
        TriggerBody weak{"flash", {Length::Unit::InBeats, 2}, 40};
        project = *with_pins(
            project, project.lanes.back()->id,
            {{{}, TimeAnchor{Seconds(5)}, TriggerBody{"flash", {Length::Unit::InBeats, 2}, 100}, {}},
             {{}, TimeAnchor{Seconds(6.2)}, weak, {}}});
        project = with_lane(project, kind_of(body_type<WordBody>), "Sung");
        WordBody word;
        word.text = "hold";
        project = *with_pins(project, project.lanes.back()->id, {{{}, TimeAnchor{Seconds(7)}, word, {}}});
        project = with_lane(project, kind_of(body_type<KeyBody>), "Fade");
        const LaneId fade = project.lanes.back()->id;
        project = *with_pins(project, fade,
                             {{{}, TimeAnchor{Seconds(1)}, KeyBody{100, {}}, {}},
                              {{}, TimeAnchor{Seconds(3)}, KeyBody{130, {}}, {}}});
        const auto bytes = exporter("midi-notes")->write(project);
        QVERIFY2(bytes.has_value(), bytes ? "" : bytes.error().message().c_str());
        // Lanes in order: markers 36, triggers 37, words 38, keys 39.
        const auto notes = read_as("a.mid", *bytes, {{"what", std::string("notes")}, {"note", 37.0}});
        QCOMPARE(told(notes), (QStringList{"5.000-6.000 C#2 | channel 1, velocity 100",
                                           "6.200-7.200 C#2 | channel 1, velocity 40"}));
        QCOMPARE(told(read_as("a.mid", *bytes, {{"what", std::string("lyrics")}})).size(), 1);
        QCOMPARE(told(read_as("a.mid", *bytes)).size(), 3); // its markers
        if (QStandardPaths::findExecutable("midicsv").isEmpty())
            QSKIP("skipped: midicsv is not installed");
        QTemporaryDir dir;
        QVERIFY(write_bytes(dir.filePath("a.mid"), *bytes));
        const QString csv = QString::fromUtf8(output_of("midicsv", {dir.filePath("a.mid")}));
        QVERIFY2(csv.startsWith("0, 0, Header, 1, 5, 960"), qPrintable(csv.left(200)));
        QVERIFY(csv.contains("Title_t, \"Flash, big\""));
        QVERIFY(csv.contains("9600, Note_on_c, 0, 37, 100")); // the tenth beat
        QVERIFY(csv.contains("11520, Note_off_c, 0, 37, 64"));
        QVERIFY(csv.contains("Lyric_t, \"hold\""));
        const auto controls = csv.split('\n').filter("Control_c, 0, 20,");
        QVERIFY(controls.size() > 100 && controls.last().trimmed().endsWith(", 127"));
    }

    void annotations_become_markers() {
        Project project = marked_piece();
        const auto jams = exporter("jams")->write(project);
        QVERIFY(jams.has_value());
        const auto beats = read_as("a.jams", *jams, {{"what", std::string("beats")}});
        QVERIFY2(beats && beats->items.size() > 100, qPrintable(told(beats).value(0)));
        QVERIFY(std::abs(beats->items[4].at.value - 2) < 1e-6);
        QCOMPARE(told(read_as("a.jams", R"({"annotations": [{"namespace": "chord", "data":
            {"time": [1.0, 2.5], "duration": [1.5, 1.0], "value": ["C:maj", "G:7"], "confidence": []}}]})",
                              {{"what", std::string("chords")}})),
                 (QStringList{"1.000-2.500 C:maj", "2.500-3.500 G:7"}));
        QVERIFY(!read_as("a.jams", *jams, {{"what", std::string("chords")}}));
        QVERIFY(!read_as("a.jams", "[1, 2]"));
    }

    // Markers as cue points and regions of a Broadcast Wave file.
    void cue_points_of_wav_files() {
        const Project project = marked_piece();
        QTemporaryDir dir;
        const auto path = std::filesystem::path(dir.filePath("a.wav").toStdString());
        const auto sound = click_track(120, 0, 60, 48000);
        QVERIFY(write_wav(*sound, path, {}, cues_of_piece(Schedule(project), 48000)));
        const auto wav = read_wav_cues(path);
        QVERIFY2(wav.has_value(), wav ? "" : wav.error().message().c_str());
        QCOMPARE(wav->sample_rate, std::int64_t{48000});
        QCOMPARE(wav->cues.size(), std::size_t{3});
        QCOMPARE(wav->cues[1], (WavCue{Samples(480'000), Samples(96'000), "a=b;c#d\\e", "sung \"twice\""}));
        QCOMPARE(wav->cues[2].at, Samples(1'497'600));
        QCOMPARE(wav->cues[2].label, std::string("😀 <end> & so on"));
        QCOMPARE(told(list_of_media(path)),
                 (QStringList{"2.000-2.000 verse", "10.000-12.000 a=b;c#d\\e | sung \"twice\"",
                              "31.200-31.200 😀 <end> & so on"}));
        // FFmpeg finds the same samples behind them, and what the chunk of Broadcast Wave says.
        const auto tags = QString::fromUtf8(
            output_of("ffprobe", {"-v", "error", "-show_entries", "format_tags:format=duration",
                                  QString::fromStdString(path.string())}));
        QVERIFY2(tags.contains("time_reference=0") && tags.contains("duration=60.000000"), qPrintable(tags));
        if (QStandardPaths::findExecutable("sndfile-info").isEmpty())
            QSKIP("skipped: sndfile-info is not installed");
        const auto info =
            QString::fromUtf8(output_of("sndfile-info", {QString::fromStdString(path.string())}));
        QVERIFY2(info.contains("Count : 3") && info.contains("480000"), qPrintable(info));
    }

    // Into a film and out of it by FFmpeg: to the millisecond, names as they were.
    void chapters_go_through_ffmpeg() {
        const Project project = marked_piece();
        QTemporaryDir dir;
        const auto text = exporter("ffmetadata")->write(project);
        QVERIFY2(text.has_value(), text ? "" : text.error().message().c_str());
        QVERIFY(write_bytes(dir.filePath("c.ffmetadata"), *text));
        QVERIFY(ffmpeg({"-f", "lavfi", "-i", "sine=d=60", "-i", dir.filePath("c.ffmetadata"), "-map_metadata",
                        "1", "-map_chapters", "1", "-c:a", "flac", dir.filePath("a.mka")}));
        const auto chapters =
            QJsonDocument::fromJson(
                output_of("ffprobe", {"-v", "error", "-of", "json", "-show_chapters", dir.filePath("a.mka")}))
                .object()["chapters"]
                .toArray();
        QCOMPARE(chapters.size(), 3);
        QCOMPARE(chapters[0].toObject()["start_time"].toString(), QString("2.000000"));
        QCOMPARE(chapters[1].toObject()["tags"].toObject()["title"].toString(), QString("a=b;c#d\\e"));
        QCOMPARE(chapters[1].toObject()["end_time"].toString(), QString("12.000000"));
        QCOMPARE(
            told(list_of_media(dir.filePath("a.mka").toStdString())),
            (QStringList{"2.000-10.000 verse", "10.000-12.000 a=b;c#d\\e", "31.200-60.000 😀 <end> & so on"}));
        QVERIFY(!list_of_media(dir.filePath("c.wav").toStdString()));
        QVERIFY(ffmpeg({"-f", "lavfi", "-i", "sine=d=1", dir.filePath("bare.flac")}));
        const auto none = list_of_media(dir.filePath("bare.flac").toStdString());
        QVERIFY(!none && none.error().message().find("no chapters") != std::string::npos);
    }

    // A clip's own timecode and reel, in edit lists and back.
    void timecode_and_reel_of_a_clip() {
        QTemporaryDir dir;
        const QString file = dir.filePath("a.mov");
        QVERIFY(ffmpeg({"-f", "lavfi", "-i", "testsrc=d=4:r=25:s=64x64", "-timecode", "10:00:00:00",
                        "-metadata:s:v", "reel_name=A001C002", "-c:v", "mpeg4", file}));
        auto clip = clip_of_file(file.toStdString());
        QVERIFY2(clip.has_value(), clip ? "" : clip.error().message().c_str());
        QCOMPARE(clip->timecode, std::string("10:00:00:00"));
        QCOMPARE(clip->reel, std::string("A001C002"));
        Project project = with_clips(steady_project(120, 0, 20, "25"), {*clip});
        const ClipId id = project.bin->back().id;
        project =
            *with_pins(project, lane_of_kind(project, kind_of(body_type<CutBody>)),
                       {{{}, TimeAnchor{Seconds(2)}, CutBody{id, Seconds(1)}, {}},
                        {{}, TimeAnchor{Seconds(4)}, CutBody{project.bin->front().id, Seconds(1)}, {}}});
        const auto text = exporter("edl")->write(project);
        QVERIFY(text && text->find("A001C002 V     C        10:00:01:00 10:00:03:00 00:00:02:00") !=
                            std::string::npos);
        QVERIFY(text->find("SPOOL    V     C        00:00:01:00") != std::string::npos);
        const auto list = read_as("a.edl", *text, {}, project.settings->frame_rate);
        const auto back = with_brought(project, *list, {{"tie", std::string("loose")}});
        QVERIFY2(back.has_value(), back ? "" : back.error().message().c_str());
        const auto shots = Schedule(back->project).spans(back->lanes.front()).shots;
        for (const auto& shot : shots)
            if (shot.shot.value != 0)
                QVERIFY2(std::abs(shot.in_point.value - 1) < 1e-6,
                         qPrintable(QString::number(shot.in_point.value)));
        // A timecode that none can be is none.
        clip->timecode = "soon";
        QCOMPARE(first_timecode(*clip, project.settings->frame_rate), Frames(0));
    }

    // Driven properties as paths: upwards is more, and each point lies on its curve.
    void curves_as_paths() {
        Project project = with_lane(marked_piece(), kind_of(body_type<KeyBody>), "Fade <in>");
        project = *with_pins(project, project.lanes.back()->id,
                             {{{}, TimeAnchor{Seconds(1)}, KeyBody{100, {}}, {}},
                              {{}, TimeAnchor{Seconds(3)}, KeyBody{130, {}}, {}}});
        const auto text = exporter("curves-svg")->write(project);
        QVERIFY2(text.has_value(), text ? "" : text.error().message().c_str());
        QXmlStreamReader xml(QByteArray::fromStdString(*text));
        QString path, title;
        while (!xml.atEnd()) {
            xml.readNext();
            if (xml.isStartElement() && xml.name() == u"path")
                path = xml.attributes().value("d").toString();
            else if (xml.isStartElement() && xml.name() == u"title" && !path.isEmpty())
                title = xml.readElementText();
        }
        QVERIFY2(!xml.hasError(), qPrintable(xml.errorString()));
        QCOMPARE(title, QString("Fade <in>: scale"));
        QVERIFY2(path.startsWith("M0 -100"), qPrintable(path.left(60)));
        QVERIFY(path.endsWith(" -130"));
        const auto points = path.mid(1).split(" L");
        QVERIFY(points.size() >= 4 && points.size() < 200);
        for (const auto& point : points) {
            const double frame = point.section(' ', 0, 0).toDouble(),
                         value = -point.section(' ', 1, 1).toDouble();
            QVERIFY(value >= 99.9 && value <= 130.1 && frame >= 0 && frame < 1500);
            QVERIFY(frame > 25 || std::abs(value - 100) < 0.05);
            QVERIFY(frame < 75 || std::abs(value - 130) < 0.05);
        }
    }

    void chapters_of_matroska() {
        const Project project = marked_piece();
        const auto text = exporter("chapters-xml")->write(project);
        QVERIFY(text.has_value());
        QXmlStreamReader xml(QByteArray::fromStdString(*text));
        QStringList starts, names;
        while (!xml.atEnd()) {
            xml.readNext();
            if (xml.isStartElement() && xml.name() == u"ChapterTimeStart")
                starts << xml.readElementText();
            else if (xml.isStartElement() && xml.name() == u"ChapterString")
                names << xml.readElementText();
        }
        QVERIFY2(!xml.hasError(), qPrintable(xml.errorString()));
        QCOMPARE(starts, (QStringList{"00:00:02.000000000", "00:00:10.000000000", "00:00:31.200000000"}));
        QCOMPARE(names, (QStringList{"verse", "a=b;c#d\\e", "😀 <end> & so on"}));
    }
};

PULSEPIN_TEST_CLASS(TestMoments, "test_moments")
#include "test_moments.moc"
