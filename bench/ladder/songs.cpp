// SPDX-License-Identifier: GPL-3.0-or-later
//
// Songs of a minute to three hours: a click track in a WAV file, a marker each second.
#include "ladder.h"

#include "interchange/project_file.h"

#include <QPixmap>
#include <ctime>

namespace pulsepin::ladder {
namespace {

using test::milliseconds;

constexpr double bpm = 120;

Project project_of(const std::filesystem::path& song, int seconds) {
    Project project = test::steady_project(bpm, 0, seconds);
    project.bin = std::make_shared<const std::vector<Clip>>();
    Song own = *project.song;
    own.path = song;
    project.song = std::make_shared<const Song>(own); // its grid stays
    std::vector<Pin> pins;
    for (int i = 0; i < seconds; ++i)
        pins.push_back({{}, MusicalAnchor{Ticks(2 * i * ticks_per_beat)}, MarkerBody{}, {}});
    return *with_pins(project, test::lane_of_kind(project, kind_of(body_type<MarkerBody>)), pins);
}

double processor_ms() {
    return 1000.0 * static_cast<double>(std::clock()) / CLOCKS_PER_SEC;
}

/// Until it is seen and nothing is done any more.
void open(Measures& figures, const QString& what, const std::filesystem::path& file,
          const std::function<void(MainWindow&)>& then) {
    MainWindow window(Player::Device::None);
    window.resize(1280, 800);
    window.show();
    settle(window);
    forget_most_memory();
    const double begun = processor_ms();
    figures[what] = milliseconds(1, [&] {
        window.open_path(QString::fromStdString(file.string()));
        settle(window);
    });
    figures[what + ", of processors"] = processor_ms() - begun;
    figures[what + ", most memory in MB"] = memory_mb("VmHWM");
    then(window);
}

Measures measured(const std::filesystem::path& folder, int seconds) {
    Measures figures;
    const auto song = folder / "song.wav", file = folder / "song.pulsepin";
    write_clicks(song, seconds);
    figures["save"] = milliseconds(3, [&] { (void)save_project(project_of(song, seconds), file); });
    open(figures, "open", file, [](MainWindow&) {});
    open(figures, "open again", file, [&](MainWindow& window) {
        const auto& pins = window.document().project().first_lane(body_type<MarkerBody>)->pins;
        measure_editing(figures, window, pins[pins.size() / 2].id, 5);
        measure_painting(figures, window, seconds, 9);
        QPixmap target(window.size());
        int place = 0;
        figures["seek"] = milliseconds(15, [&] {
            window.view().set_playhead(Seconds(seconds * (++place * 37 % 100) / 100.0));
            window.render(&target);
        });
        figures["memory at rest, MB"] = memory_mb();
        window.document().start_new();
    });
    std::filesystem::remove(song);
    return figures;
}

} // namespace

Family family_of_songs(const std::filesystem::path& folder) {
    Family family{"minutes of song", "minutes", {}};
    for (const int minutes : {1, 10, 60, 180}) {
        const auto own = folder / std::to_string(minutes);
        std::filesystem::create_directory(own);
        family.rungs.push_back(
            {static_cast<double>(minutes), QString("%1 min").arg(minutes), measured(own, minutes * 60)});
    }
    return family;
}

} // namespace pulsepin::ladder
