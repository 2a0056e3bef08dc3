// SPDX-License-Identifier: GPL-3.0-or-later
//
// Sheets to print, as values: what stands on them, that all of it lies on the paper, that no text touches
// another; feet and frames beside tables of handbooks.
#include "interchange/project_file.h"
#include "kinds/kinds.h"
#include "model/edits.h"
#include "model/lane_edits.h"
#include "model/pin_edits.h"
#include "schedule/piece_length.h"
#include "sheets/counted_rows.h"
#include "sheets/film_gauges.h"
#include "sheets/sheet_svg.h"
#include "sheets/sheets.h"
#include "support/projects.h"
#include "support/seed.h"
#include "support/test_program.h"

#include <pugixml.hpp>
#include <random>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

/// As wide as letters of a typewriter: no font is needed to know where texts lie.
double typewriter(std::string_view text, double size, bool) {
    double letters = 0;
    for (const char c : text)
        letters += (static_cast<unsigned char>(c) & 0xc0) != 0x80 ? 1 : 0;
    return letters * size * 0.6;
}

std::vector<SheetText> texts_of(const SheetPage& page) {
    std::vector<SheetText> texts;
    for (const auto& item : page.items)
        if (const auto* text = std::get_if<SheetText>(&item); text && !text->text.empty())
            texts.push_back(*text);
    return texts;
}

QString all_texts(const Sheets& sheets) {
    QStringList all;
    for (const auto& page : sheets.pages)
        for (const auto& text : texts_of(page))
            all << QString::fromStdString(text.text);
    return all.join('\n');
}

bool has_text(const SheetPage& page, std::string_view what) {
    return std::ranges::any_of(texts_of(page), [&](const SheetText& one) { return one.text == what; });
}

/// What lies beyond the paper or over another text; empty where nothing does.
QString fault_of(const Sheets& sheets) {
    for (std::size_t number = 0; number < sheets.pages.size(); ++number) {
        const auto texts = texts_of(sheets.pages[number]);
        for (std::size_t i = 0; i < texts.size(); ++i) {
            const auto& a = texts[i];
            const QString told = QString("page %1: “%2”").arg(number + 1).arg(QString::fromStdString(a.text));
            if (a.x < 20 || a.x + a.width > sheets.width - 20 || a.baseline - a.size < 10 ||
                a.baseline > sheets.height - 20)
                return told + " lies beyond the margins";
            for (std::size_t j = 0; j < i; ++j) {
                const auto& b = texts[j];
                const double height = std::min(a.size, b.size) * 0.7;
                if (std::abs(a.baseline - b.baseline) < height && a.x + 0.5 < b.x + b.width &&
                    b.x + 0.5 < a.x + a.width)
                    return told + " touches “" + QString::fromStdString(b.text) + "”";
            }
        }
    }
    return {};
}

Result<Sheets> sheets_of(const Project& project, const char* kind, const ParamValues& values = {},
                         std::optional<std::pair<Frames, Frames>> frames = {}) {
    SheetRequest request{Schedule(project), values, frames, "2026-01-02"};
    return laid_out(*sheet_kind(kind), request, typewriter);
}

Project demo_piece() {
    return *load_project(PULSEPIN_DEMO "/kite-day.pulsepin");
}

} // namespace

class TestSheets : public QObject {
    Q_OBJECT
private slots:
    // Tables of film length and running time, as film makers' handbooks have them (the values from memory, to
    // be found in the American Cinematographer Manual, "Film running times and film length", and in Kodak's
    // tables): at 24 frames a second 35 mm film of four perforations runs 90 feet a minute, 16 mm film 36;
    // 1000 feet of 35 mm and 400 of 16 mm last 11 minutes, 6 2/3 seconds; a second is 1 foot 8 frames of 35
    // mm.
    void feet_and_frames_are_those_of_handbooks() {
        const FilmGauge &thirty_five = film_gauges()[0], &sixteen = film_gauges()[1];
        QCOMPARE(thirty_five.id, std::string_view("35"));
        QCOMPARE(sixteen.id, std::string_view("16"));
        const auto feet = [](double seconds, const FilmGauge& gauge) {
            return QString::fromStdString(feet_and_frames(Frames(std::llround(seconds * 24)), gauge));
        };
        QCOMPARE(feet(1, thirty_five), "1+08");
        QCOMPARE(feet(1, sixteen), "0+24");
        QCOMPARE(feet(10, thirty_five), "15+00");
        QCOMPARE(feet(10, sixteen), "6+00");
        QCOMPARE(feet(60, thirty_five), "90+00");
        QCOMPARE(feet(60, sixteen), "36+00");
        QCOMPARE(feet(600, thirty_five), "900+00");
        QCOMPARE(feet(600, sixteen), "360+00");
        QCOMPARE(feet(11 * 60 + 6 + 2.0 / 3, thirty_five), "1000+00");
        QCOMPARE(feet(11 * 60 + 6 + 2.0 / 3, sixteen), "400+00");
        QCOMPARE(feet_and_frames(Frames(15), thirty_five), std::string("0+15"));
        QCOMPARE(feet_and_frames(Frames(16), thirty_five), std::string("1+00"));
        QCOMPARE(feet_and_frames(Frames(39), sixteen), std::string("0+39"));
        QCOMPARE(feet_and_frames(Frames(-17), thirty_five), std::string("-1+01"));
    }

    // At 24 a second frame 24 begins with frame 25 of 25 a second and frame 30 of 30.
    void other_rates_are_counted_from_the_same_moment() {
        const Settings settings;
        QCOMPARE(settings.frame_rate.text(), std::string("24"));
        const auto counted = [&](const char* id, std::int64_t frame) {
            return std::ranges::find(counted_rows(), id, &CountedRow::id)->text(Frames(frame), settings);
        };
        QCOMPARE(counted("frames", 24), std::string("24"));
        QCOMPARE(counted("frames-24", 24), std::string("24"));
        QCOMPARE(counted("frames-25", 24), std::string("25"));
        QCOMPARE(counted("frames-30", 24), std::string("30"));
        QCOMPARE(counted("frames-25", 12), std::string("12")); // 12.5
        QCOMPARE(counted("timecode", 25), std::string("00:00:01:01"));
        QCOMPARE(counted("clock", 36), std::string("0:01.500"));
    }

    // Every frame of the piece stands on one line of one page, every beat at the frame that a cut there uses.
    void an_exposure_sheet_has_a_line_a_frame() {
        const Project project = demo_piece();
        const auto sheets = sheets_of(project, "exposures");
        QVERIFY(sheets);
        QCOMPARE(fault_of(*sheets), QString());
        const auto frames = piece_length(project).value;
        std::map<std::string, int> counted;
        std::map<double, std::string> beat_at; // by baseline, of one page
        for (const auto& page : sheets->pages) {
            std::map<double, std::string> numbers;
            for (const auto& text : texts_of(page))
                if (text.x > 34 && text.x + text.width < 150 &&
                    text.text.find_first_not_of("0123456789") == std::string::npos)
                    numbers[text.baseline] = text.text;
            for (const auto& [line, number] : numbers)
                ++counted[number];
            for (const auto& text : texts_of(page)) { // a beat beside its frame
                const auto dot = text.text.find('.');
                if (text.x > 45 || dot == std::string::npos ||
                    text.text.find_first_not_of(".0123456789") != std::string::npos)
                    continue;
                const MusicalPosition place{std::stoll(text.text.substr(0, dot)),
                                            std::stoi(text.text.substr(dot + 1)), 0};
                const Seconds time = project.grid->time_at(project.grid->ticks_of(place));
                const auto frame =
                    round_to_frame(time, project.settings->frame_rate, project.settings->rounding).frame;
                QVERIFY2(numbers.contains(text.baseline), text.text.c_str());
                QCOMPARE(numbers[text.baseline], std::to_string(frame.value));
            }
        }
        for (std::int64_t frame = 0; frame < frames; ++frame)
            QVERIFY2(counted[std::to_string(frame)] == 1, qPrintable(QString("frame %1").arg(frame)));
        QCOMPARE(counted.size(), static_cast<std::size_t>(frames));
    }

    // The names of shots stand where they begin; bars are numbered; a section is named.
    void a_bar_sheet_has_bars_beats_and_what_is_on_them() {
        const Project project = demo_piece();
        const auto sheets = sheets_of(project, "bars", {{"landscape", 1.0}, {"feet-35", 1.0}});
        QVERIFY(sheets);
        QCOMPARE(fault_of(*sheets), QString());
        QVERIFY(sheets->width > sheets->height);
        QCOMPARE(std::lround(sheets->width * 25.4 / 72), 297L);
        const QString text = all_texts(*sheets);
        const Schedule schedule(project);
        for (const auto& shot : schedule.spans(project.first_lane(body_type<CutBody>)->id).shots)
            QVERIFY(text.contains(QString::fromStdString(project.clip(shot.shot)->name)));
        for (int bar = 1; bar <= 31; ++bar)
            QVERIFY2(text.contains(QString("\n%1\n").arg(bar)), qPrintable(QString::number(bar)));
        QVERIFY(text.contains("break") && text.contains("35 mm") && text.contains("2026-01-02"));
        // The first bars lie in line: bar 2 as far behind 1 as 3 behind 2.
        std::map<std::string, double> at;
        for (const auto& one : texts_of(sheets->pages[0]))
            if (one.size == 12)
                at.emplace(one.text, one.x);
        QVERIFY(std::abs((at["2"] - at["1"]) - (at["3"] - at["2"])) < 0.1);
        int pictures = 0;
        for (const auto& page : sheets->pages)
            for (const auto& item : page.items)
                pictures += std::holds_alternative<SheetPicture>(item) ? 1 : 0;
        QCOMPARE(pictures, 6);
    }

    // A part of the piece alone; a part that holds nothing and a piece without a song are refused.
    void a_range_alone_is_printed() {
        const Project project = demo_piece();
        const auto part = sheets_of(project, "exposures", {}, std::pair(Frames(100), Frames(130)));
        QVERIFY(part);
        QCOMPARE(part->pages.size(), std::size_t{1});
        QVERIFY(has_text(part->pages[0], "100") && has_text(part->pages[0], "129") &&
                !has_text(part->pages[0], "130"));
        QVERIFY(!sheets_of(project, "bars", {}, std::pair(Frames(1'000'000), Frames(1'000'010))));
        const auto none = sheets_of(new_project(), "bars");
        QVERIFY(!none && none.error().message().find("no length") != std::string::npos);
        QVERIFY(!sheets_of(project, "bars", {{"bars-a-line", 99.0}}));
    }

    // One line: all bars side by side, as wide as was asked for, on paper as high as it needs.
    void all_on_one_line() {
        const Project project = demo_piece();
        const auto sheets = sheets_of(project, "line", {{"bar-width", 25.0}});
        QVERIFY(sheets);
        QCOMPARE(sheets->pages.size(), std::size_t{1});
        QCOMPARE(fault_of(*sheets), QString());
        std::map<std::string, double> at;
        for (const auto& one : texts_of(sheets->pages[0]))
            if (one.size == 12)
                at.emplace(one.text, one.x);
        QVERIFY(std::abs(at["31"] - at["30"] - 25 * 72 / 25.4) < 0.1 &&
                std::abs(at["30"] - at["1"] - 29 * 25 * 72 / 25.4) < 0.1);
        QVERIFY(sheets->height < 400 && sheets->width > 2100);
        const auto refused = sheets_of(project, "line", {{"bar-width", 500.0}});
        QVERIFY(!refused && refused.error().message().find("longer than a page") != std::string::npos);
    }

    // Black and white has no colour in it; as many seconds a page as are asked for, where lines stay
    // readable.
    void choices_are_kept_to() {
        const Project project = demo_piece();
        const auto grey = sheets_of(project, "bars", {{"black-and-white", 1.0}});
        QVERIFY(grey && grey->black_and_white);
        const auto is_grey = [](Colour c) {
            return (c.rgb & 255) == (c.rgb >> 8 & 255) && (c.rgb & 255) == (c.rgb >> 16 & 255);
        };
        for (const auto& page : grey->pages)
            for (const auto& item : page.items) {
                if (const auto* text = std::get_if<SheetText>(&item))
                    QVERIFY(is_grey(text->ink));
                else if (const auto* line = std::get_if<SheetLine>(&item))
                    QVERIFY(is_grey(line->ink));
                else if (const auto* box = std::get_if<SheetBox>(&item))
                    QVERIFY(is_grey(box->fill));
            }
        const auto pages = [&](double seconds) {
            return sheets_of(project, "exposures", {{"seconds-a-page", seconds}})->pages.size();
        };
        const auto frames = static_cast<std::size_t>(piece_length(project).value);
        QCOMPARE(pages(1), (frames + 23) / 24);
        QCOMPARE(pages(3), (frames + 71) / 72);
        const auto crowded = sheets_of(project, "exposures", {{"seconds-a-page", 10.0}});
        for (const auto& text : texts_of(crowded->pages[0]))
            QVERIFY2(text.size >= 6, text.text.c_str());
    }

    // Texts of any length in any script, many lanes, tempos and metres: all stands on the paper, nothing is
    // lost; what has no room has a number, and stands in full behind.
    void whatever_there_is_is_told_in_full() {
        const char* words[] = {"kite",
                               "a",
                               "supercalifragilistic",
                               "<b>",
                               "&amp;",
                               "wind",
                               "\xd8\xa7\xd9\x84\xd8\xb1\xd9\x8a\xd8\xad",
                               "\xf0\x9f\x8e\x88",
                               "über",
                               "$HOME"};
        for (const std::uint32_t number : seeds(1, 24)) {
            const Seed seed(number);
            std::mt19937 random(seed);
            const auto any = [&](int most) {
                return static_cast<int>(random() % static_cast<std::uint32_t>(most + 1));
            };
            Project project = demo_piece();
            QStringList told;
            for (int lane = any(9); lane >= 0; --lane) {
                std::string name;
                for (int i = any(6); i >= 0; --i)
                    name += std::string(name.empty() ? "" : " ") + words[any(9)];
                project = with_lane(project, kind_of(body_type<MarkerBody>), name);
                std::vector<Pin> pins;
                for (int i = any(12); i >= 0; --i) {
                    std::string text;
                    for (int k = any(i == 0 ? 60 : 5); k >= 0; --k)
                        text += std::string(text.empty() ? "" : " ") + words[any(9)];
                    told << QString::fromStdString(text);
                    pins.push_back({{}, TimeAnchor{Seconds(any(600) / 10.0)}, MarkerBody{text}, {}});
                }
                project = *with_pins(project, project.lanes.back()->id, pins);
            }
            Settings settings = *project.settings;
            settings.frame_rate = common_frame_rates()[static_cast<std::size_t>(
                any(static_cast<int>(common_frame_rates().size()) - 1))];
            settings.title = told.front().toStdString();
            project = with_settings(project, settings);
            ParamValues values{{"landscape", any(1) * 1.0},
                               {"bars-a-line", 1.0 + any(7)},
                               {"feet-16", any(1) * 1.0},
                               {"timecode", any(1) * 1.0},
                               {"seconds-a-page", any(4) * 1.0}};
            const Frames first(any(400));
            for (const char* kind : {"bars", "exposures"}) {
                const auto sheets =
                    sheets_of(project, kind, values, std::pair(first, first + Frames(60 + any(300))));
                QVERIFY(sheets);
                const QString fault = fault_of(*sheets);
                QVERIFY2(fault.isEmpty(), qPrintable(QString("%1: %2").arg(kind, fault)));
            }
            // Over the whole piece each text is found, letter by letter.
            const auto whole = sheets_of(project, "bars", values);
            QString all = all_texts(*whole);
            all.remove('\n').remove(' ');
            for (QString text : told)
                QVERIFY2(all.contains(text.remove(' ')), qPrintable(text));
        }
    }

    // Read by an XML library: one text element each, with what was written, as wide as it was measured.
    void a_page_as_svg_is_read_again() {
        Project project = demo_piece();
        Settings settings = *project.settings;
        settings.title = "Kites & <wind> \"so\"";
        project = with_settings(project, settings);
        const auto sheets = sheets_of(project, "bars");
        const std::string svg =
            svg_of_page(*sheets, 0, [](const SheetPicture&) { return std::string("abcde"); });
        pugi::xml_document read;
        QVERIFY(read.load_string(svg.c_str()));
        const auto root = read.child("svg");
        QCOMPARE(root.child("title").text().get(), settings.title.c_str());
        std::size_t count = 0, images = 0;
        const auto texts = texts_of(sheets->pages[0]);
        for (const auto& node : root.children("text")) {
            QCOMPARE(std::string(node.text().get()), texts[count].text);
            QVERIFY(std::abs(node.attribute("textLength").as_double() - texts[count].width) < 0.01);
            ++count;
        }
        QCOMPARE(count, texts.size());
        for (const auto& node : root.children("image")) {
            ++images;
            QCOMPARE(node.attribute("xlink:href").value(), "data:image/png;base64,YWJjZGU="); // RFC 4648
        }
        QVERIFY(images > 0);
    }

    // Without beats a bar is four seconds, and lines are counted in seconds.
    // What we say is told in the language that is asked for; what a person named stays.
    void our_own_words_are_told_in_another_language() {
        Project project = demo_piece();
        project = *with_lane_named(project, project.lanes.front()->id, std::string(90, 'm'));
        ParamValues values;
        for (const auto& row : counted_rows())
            values.set(row.id, 1.0);
        for (const auto& [kind, words] :
             {std::pair("bars",
                        std::vector{"Bar sheet", "from bar 0", "bar, beat", "frame", "timecode", "at 24",
                                    "24 frames/s", "Texts that are longer than their places"}),
              std::pair("exposures", std::vector{"Exposure sheet", "beat", "frame", "at 25", "35 mm"}),
              std::pair("line", std::vector{"One line"})}) {
            std::set<std::string> asked;
            SheetRequest request{Schedule(project), values, {}, "2026-01-02", [&](std::string_view word) {
                                     asked.emplace(word);
                                     return "¿" + std::string(word);
                                 }};
            const auto sheets = laid_out(*sheet_kind(kind), request, typewriter);
            QVERIFY(sheets.has_value());
            QCOMPARE(fault_of(*sheets), QString());
            const QString all = all_texts(*sheets);
            for (const char* word : words) {
                QVERIFY2(asked.contains(word), word);
                QVERIFY2(all.contains(QString("¿") + word), word);
            }
            for (const char* named : {"spool", "drop"})
                QVERIFY2(!asked.contains(named), named);
        }
    }

    void a_piece_without_beats_has_sheets_too() {
        Project project = demo_piece();
        project.grid = nullptr;
        for (const char* kind : {"bars", "exposures"}) {
            const auto sheets = sheets_of(project, kind);
            QVERIFY(sheets && !sheets->pages.empty());
            QCOMPARE(fault_of(*sheets), QString());
        }
        QVERIFY(has_text(sheets_of(project, "bars")->pages[0], "4 s"));
    }
};

PULSEPIN_TEST_CLASS(TestSheets, "test_sheets")
#include "test_sheets.moc"
