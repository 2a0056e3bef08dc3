// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/sound_cache.h"

#include "analysis/feature_cache.h"
#include "base/private_folder.h"
#include "media/sound_shelf.h"
#include "session/settings.h"

#include <QDir>
#include <QStandardPaths>
#include <functional>

namespace pulsepin::sound_cache {
namespace {

QString cache() {
    return QStandardPaths::writableLocation(QStandardPaths::CacheLocation);
}

QDir folder() {
    const QString path = cache() + "/sounds";
    make_private_folder(path.toStdString());
    return path;
}

std::filesystem::path file(const std::string& fingerprint, const char* ending) {
    return folder().filePath(QString::fromStdString(fingerprint) + ending).toStdString();
}

void make_room() {
    const auto most_bytes = static_cast<qint64>(setting_number("files/sounds cache")) << 20;
    qint64 sum = 0;
    for (const auto& kept : folder().entryInfoList(QDir::Files, QDir::Time)) { // the newest first
        sum += kept.size();
        if (sum > most_bytes)
            QFile::remove(kept.filePath());
    }
}

/// What was loaded was wanted just now.
template <class Value>
std::optional<Value> wanted(Result<Value> loaded, const std::filesystem::path& path) {
    if (!loaded)
        return std::nullopt;
    std::error_code ignored;
    std::filesystem::last_write_time(path, std::filesystem::file_time_type::clock::now(), ignored);
    return *std::move(loaded);
}

bool is_kept(const std::string& fingerprint, const char* ending) {
    return !fingerprint.empty() && std::filesystem::exists(file(fingerprint, ending));
}

template <class Value, class Load>
std::optional<Value> kept(const std::string& fingerprint, const char* ending, Load load) {
    if (fingerprint.empty())
        return std::nullopt;
    const auto path = file(fingerprint, ending);
    return wanted<Value>(load(fingerprint, path), path);
}

template <class Value, class Save>
void keep_as(const std::string& fingerprint, const char* ending, const Value& value, Save save) {
    if (!fingerprint.empty() && save(value, fingerprint, file(fingerprint, ending)))
        make_room();
}

constexpr auto features_ending = ".features", outline_ending = ".outline", spectrum_ending = ".spectrum";

} // namespace

std::optional<FeatureSet> features(const std::string& fingerprint) {
    return kept<FeatureSet>(fingerprint, features_ending, load_features);
}

bool has_features(const std::string& fingerprint) {
    return is_kept(fingerprint, features_ending);
}

bool has_outline(const std::string& fingerprint) {
    return is_kept(fingerprint, outline_ending);
}

bool has_spectrum(const std::string& fingerprint) {
    return is_kept(fingerprint, spectrum_ending);
}

void keep(const std::string& fingerprint, const FeatureSet& features) {
    keep_as(fingerprint, features_ending, features, save_features);
}

std::optional<SoundOutline> outline(const std::string& fingerprint) {
    return kept<SoundOutline>(fingerprint, outline_ending, load_outline);
}

void keep(const std::string& fingerprint, const SoundOutline& outline) {
    keep_as(fingerprint, outline_ending, outline, save_outline);
}

std::optional<SpectrumMap> spectrum(const std::string& fingerprint) {
    return kept<SpectrumMap>(fingerprint, spectrum_ending, load_spectrum);
}

void keep(const std::string& fingerprint, const SpectrumMap& map) {
    keep_as(fingerprint, spectrum_ending, map, save_spectrum);
}

SoundShelf shelf() {
    return {(cache() + "/decoded").toStdString(), folder().path().toStdString()};
}

void keep(const LoadedSound& sound) {
    if (sound.from_shelf)
        return;
    if (sound.outline)
        keep(sound.fingerprint, *sound.outline);
    shelve(sound);
    make_room_on_shelf(shelf(), static_cast<std::uintmax_t>(setting_number("files/decoded cache")) << 20);
}

LevelTracks::Shelf level_shelf(const std::string& fingerprint) {
    if (fingerprint.empty())
        return {};
    const auto place = [fingerprint](const LevelSpec& spec) {
        const std::string key = fingerprint + ", " + level_key(spec);
        const auto number = QString::number(std::hash<std::string>()(key), 16).toStdString();
        return std::pair(key, file(fingerprint, ("." + number + ".level").c_str()));
    };
    return {[place](const LevelSpec& spec) -> std::shared_ptr<const LevelTrack> {
                const auto [key, path] = place(spec);
                auto track = wanted<LevelTrack>(load_level(key, path), path);
                return track ? std::make_shared<const LevelTrack>(*std::move(track)) : nullptr;
            },
            [place](const LevelSpec& spec, const LevelTrack& track) {
                const auto [key, path] = place(spec);
                if (save_level(track, key, path))
                    make_room();
            }};
}

} // namespace pulsepin::sound_cache
