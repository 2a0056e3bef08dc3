// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/settings.h"

#include "kinds/kinds.h"
#include "model/lane_edits.h"
#include "session/core_words.h"

#include <QCoreApplication>
#include <QSettings>
#include <algorithm>
#include <cassert>

namespace pulsepin {
namespace {

constexpr std::string_view looks = QT_TRANSLATE_NOOP("core", "Language and looks"),
                           playing = QT_TRANSLATE_NOOP("core", "Playing"),
                           editing = QT_TRANSLATE_NOOP("core", "Editing"),
                           fresh = QT_TRANSLATE_NOOP("core", "New projects"),
                           files = QT_TRANSLATE_NOOP("core", "Files and caches"),
                           desktop = QT_TRANSLATE_NOOP("core", "Desktop");

// A language is named by itself, whatever is spoken around it.
constexpr ParamChoice languages[] = {{"system", QT_TRANSLATE_NOOP("core", "As the desktop")},
                                     {"en", "English"},
                                     {"de", "Deutsch"},
                                     {"ja", "日本語"}};
constexpr ParamChoice colours[] = {{"day", QT_TRANSLATE_NOOP("core", "Day paper")},
                                   {"night", QT_TRANSLATE_NOOP("core", "Night paper")},
                                   {"contrast", QT_TRANSLATE_NOOP("core", "High contrast")}};
constexpr ParamChoice motion[] = {{"system", QT_TRANSLATE_NOOP("core", "As the desktop")},
                                  {"calm", QT_TRANSLATE_NOOP("core", "Less: nothing flashes")},
                                  {"full", QT_TRANSLATE_NOOP("core", "All")}};
constexpr ParamChoice file_dialogs[] = {
    {"usual", QT_TRANSLATE_NOOP("core", "Usual ones")},
    {"portal", QT_TRANSLATE_NOOP("core", "The desktop's, by its portal")}};
constexpr ParamChoice rates[] = {{"24000/1001", "23.976"}, {"24", "24"}, {"25", "25"},
                                 {"30000/1001", "29.97"},  {"30", "30"}, {"50", "50"},
                                 {"60000/1001", "59.94"},  {"60", "60"}};
constexpr ParamChoice snapping[] = {{"off", QT_TRANSLATE_NOOP("core", "Off")},
                                    {"near", QT_TRANSLATE_NOOP("core", "When near")},
                                    {"always", QT_TRANSLATE_NOOP("core", "Always")}};

constexpr SettingRow rows[] = {
    {.spec = {.id = "look/language",
              .label = QT_TRANSLATE_NOOP("core", "Language"),
              .type = ParamType::Choice,
              .explains = QT_TRANSLATE_NOOP("core", "Of all words on the screen, and how numbers are typed; "
                                                    "files are written the same in every language"),
              .choices = languages},
     .section = looks,
     .applies = Applies::AtNextStart},
    {.spec = {.id = "look/colours",
              .label = QT_TRANSLATE_NOOP("core", "Colours"),
              .type = ParamType::Choice,
              .explains = QT_TRANSLATE_NOOP("core", "Of the paper; high contrast is for the whole window"),
              .choices = colours},
     .section = looks},
    {.spec = {.id = "look/size",
              .label = QT_TRANSLATE_NOOP("core", "Size of text and controls"),
              .type = ParamType::Whole,
              .unit = "%",
              .least = 80,
              .most = 200,
              .initial = 100,
              .explains = QT_TRANSLATE_NOOP("core", "On top of what the desktop scales")},
     .section = looks,
     .applies = Applies::AtNextStart},
    {.spec = {.id = "look/motion",
              .label = QT_TRANSLATE_NOOP("core", "Motion in the window"),
              .type = ParamType::Choice,
              .explains = QT_TRANSLATE_NOOP("core", "Lamps that light up on each beat and in lanes; "
                                                    "the picture itself is never changed"),
              .choices = motion},
     .section = looks},
    {.spec = {.id = "sound/device",
              .label = QT_TRANSLATE_NOOP("core", "Sound device"),
              .type = ParamType::Text,
              .explains =
                  QT_TRANSLATE_NOOP("core", "Its name at the sound server; empty: the desktop's own")},
     .section = playing},
    {.spec = {.id = "play/extra delay",
              .label = QT_TRANSLATE_NOOP("core", "Audio-video offset"),
              .type = ParamType::Number,
              .unit = "ms",
              .least = -500,
              .most = 500,
              .explains =
                  QT_TRANSLATE_NOOP("core", "How much later the sound reaches the ear than the device "
                                            "knows, as with wireless loudspeakers")},
     .section = playing,
     .shown_per_kept = 1000},
    {.spec = {.id = "tap/latency",
              .label = QT_TRANSLATE_NOOP("core", "Taps count earlier by"),
              .type = ParamType::Whole,
              .unit = "ms",
              .least = -300,
              .most = 300,
              .explains = QT_TRANSLATE_NOOP("core", "How late your finger or your pad is")},
     .section = playing},
    {.spec = {.id = "play/few bars",
              .label = QT_TRANSLATE_NOOP("core", "A few bars are"),
              .type = ParamType::Whole,
              .unit = "bars",
              .least = 1,
              .most = 64,
              .initial = 2},
     .section = playing},
    {.spec = {.id = "play/bar before",
              .label = QT_TRANSLATE_NOOP("core", "A bar before the few bars"),
              .type = ParamType::Switch,
              .most = 1},
     .section = playing},
    {.spec = {.id = "play/stop returns",
              .label = QT_TRANSLATE_NOOP("core", "Stop returns to where it began"),
              .type = ParamType::Switch,
              .most = 1},
     .section = playing},
    {.spec = {.id = "snap/mode",
              .label = QT_TRANSLATE_NOOP("core", "Snapping"),
              .type = ParamType::Choice,
              .explains = QT_TRANSLATE_NOOP("core", "Whether what is dragged goes to the nearest beat"),
              .choices = snapping},
     .section = editing,
     .kept_by_place = true,
     .initial_choice = "near"},
    {.spec = {.id = "new/rate",
              .label = QT_TRANSLATE_NOOP("core", "Frame rate"),
              .type = ParamType::Choice,
              .unit = "/s",
              .choices = rates},
     .section = fresh,
     .applies = Applies::InNewProjects,
     .initial_choice = "24"},
    {.spec = {.id = "new/width",
              .label = QT_TRANSLATE_NOOP("core", "Width of the picture"),
              .type = ParamType::Whole,
              .unit = "px",
              .least = 16,
              .most = 8192,
              .initial = 1280},
     .section = fresh,
     .applies = Applies::InNewProjects},
    {.spec = {.id = "new/height",
              .label = QT_TRANSLATE_NOOP("core", "Height of the picture"),
              .type = ParamType::Whole,
              .unit = "px",
              .least = 16,
              .most = 8192,
              .initial = 720},
     .section = fresh,
     .applies = Applies::InNewProjects},
    {.spec = {.id = "new/author",
              .label = QT_TRANSLATE_NOOP("core", "Author"),
              .type = ParamType::Text,
              .explains = QT_TRANSLATE_NOOP("core", "Written into exported files")},
     .section = fresh,
     .applies = Applies::InNewProjects},
    {.spec = {.id = "files/folder",
              .label = QT_TRANSLATE_NOOP("core", "Folder in which dialogs begin"),
              .type = ParamType::Text,
              .explains = QT_TRANSLATE_NOOP("core", "Of a project that has no file yet; empty: your home")},
     .section = files},
    {.spec = {.id = "files/recovery",
              .label = QT_TRANSLATE_NOOP("core", "Copy for recovery every"),
              .type = ParamType::Whole,
              .unit = "s",
              .least = 5,
              .most = 600,
              .initial = 20,
              .explains =
                  QT_TRANSLATE_NOOP("core", "Of work that is not saved; it is offered after a crash")},
     .section = files},
    {.spec = {.id = "files/sounds cache",
              .label = QT_TRANSLATE_NOOP("core", "Cache of sounds"),
              .type = ParamType::Whole,
              .unit = "MB",
              .least = 50,
              .most = 100'000,
              .initial = 1024,
              .explains = QT_TRANSLATE_NOOP("core", "Waveforms and what was heard; what was not wanted for "
                                                    "longest goes first")},
     .section = files},
    {.spec = {.id = "files/decoded cache",
              .label = QT_TRANSLATE_NOOP("core", "Cache of decoded songs"),
              .type = ParamType::Whole,
              .unit = "MB",
              .least = 0,
              .most = 1'000'000,
              .initial = 4096,
              .explains = QT_TRANSLATE_NOOP(
                  "core", "Songs are there at once when a piece is opened again; an hour takes 1300 MB")},
     .section = files},
    {.spec = {.id = "files/proxies cache",
              .label = QT_TRANSLATE_NOOP("core", "Cache of small films"),
              .type = ParamType::Whole,
              .unit = "MB",
              .least = 100,
              .most = 1'000'000,
              .initial = 4096,
              .explains = QT_TRANSLATE_NOOP("core", "Copies of large clips that play without a pause")},
     .section = files},
    {.spec = {.id = "files/one window",
              .label = QT_TRANSLATE_NOOP("core", "Open files in the window that is open"),
              .type = ParamType::Switch,
              .most = 1,
              .explains = QT_TRANSLATE_NOOP("core", "Files that the desktop opens; else each has a window")},
     .section = desktop},
    {.spec = {.id = "desktop/media keys",
              .label = QT_TRANSLATE_NOOP("core", "Media keys play and stop"),
              .type = ParamType::Switch,
              .most = 1,
              .initial = 1,
              .explains = QT_TRANSLATE_NOOP("core", "And the desktop's panel shows what plays")},
     .section = desktop,
     .applies = Applies::AtNextStart},
    {.spec = {.id = "desktop/file dialogs",
              .label = QT_TRANSLATE_NOOP("core", "Dialogs for files"),
              .type = ParamType::Choice,
              .explains =
                  QT_TRANSLATE_NOOP("core", "The desktop's own know its places and network folders; they "
                                            "need the package qt6-xdgdesktopportal-platformtheme"),
              .choices = file_dialogs},
     .section = desktop,
     .applies = Applies::AtNextStart},
};

QString key_of(const SettingRow& row) {
    return QString::fromUtf8(row.spec.id.data(), static_cast<qsizetype>(row.spec.id.size()));
}

std::string text_of_choice(const SettingRow& row, const QVariant& kept) {
    const auto& choices = row.spec.choices;
    if (row.kept_by_place) {
        const int place = kept.toInt();
        return place >= 0 && place < static_cast<int>(choices.size())
                   ? std::string(choices[static_cast<std::size_t>(place)].id)
                   : std::string();
    }
    return kept.toString().toStdString();
}

const SettingRow& row_of(std::string_view id) {
    const auto* row = find_setting(id);
    assert(row);
    return *row;
}

} // namespace

std::span<const SettingRow> setting_rows() {
    return rows;
}

const SettingRow* find_setting(std::string_view id) {
    const auto* row = std::ranges::find(rows, id, [](const SettingRow& r) { return r.spec.id; });
    return row == std::end(rows) ? nullptr : row;
}

ParamValue initial_value(const SettingRow& row) {
    return row.initial_choice.empty() ? initial_value(row.spec) : std::string(row.initial_choice);
}

ParamValue setting(const SettingRow& row) {
    const QVariant kept = QSettings().value(key_of(row));
    const ParamValue initial = initial_value(row);
    if (!kept.isValid())
        return initial;
    ParamValue value = initial;
    switch (row.spec.type) {
    case ParamType::Choice:
        value = text_of_choice(row, kept);
        break;
    case ParamType::Text:
        value = kept.toString().toStdString();
        break;
    case ParamType::Switch:
        value = kept.toBool() ? 1.0 : 0.0;
        break;
    default:
        value = kept.toDouble() * row.shown_per_kept;
    }
    return check_values({{std::string(row.spec.id), value}}, {&row.spec, 1}) ? value : initial;
}

void change_setting(const SettingRow& row, const ParamValue& value) {
    QVariant kept;
    if (const auto* text = std::get_if<std::string>(&value)) {
        kept = QString::fromStdString(*text);
        if (row.kept_by_place)
            kept = static_cast<int>(std::ranges::find(row.spec.choices, *text, &ParamChoice::id) -
                                    row.spec.choices.begin());
    } else if (const auto* number = std::get_if<double>(&value)) {
        const double within = std::clamp(*number, row.spec.least, row.spec.most);
        if (row.spec.type == ParamType::Switch)
            kept = within != 0;
        else
            kept = within / row.shown_per_kept;
    }
    QSettings().setValue(key_of(row), kept);
}

void reset_setting(const SettingRow& row) {
    QSettings().remove(key_of(row));
}

bool is_initial(const SettingRow& row) {
    return setting(row) == initial_value(row);
}

Project fresh_project() {
    Project project = new_project();
    for (const auto& lane : Project(project).lanes) // names belong to the person, who speaks this language
        if (auto named = with_lane_named(project, lane->id, text_of(lane->kind->plural).toStdString()))
            project = *std::move(named);
    Settings settings = *project.settings;
    if (const auto rate = FrameRate::parse(setting_text("new/rate").toStdString()))
        settings.frame_rate = *rate;
    settings.picture_width = static_cast<int>(setting_number("new/width"));
    settings.picture_height = static_cast<int>(setting_number("new/height"));
    settings.author = setting_text("new/author").toStdString();
    project.settings = std::make_shared<const Settings>(std::move(settings));
    return project;
}

double setting_number(std::string_view id) {
    return std::get<double>(setting(row_of(id)));
}

bool setting_flag(std::string_view id) {
    return setting_number(id) != 0;
}

QString setting_text(std::string_view id) {
    return QString::fromStdString(std::get<std::string>(setting(row_of(id))));
}

} // namespace pulsepin
