// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/proxy_bank.h"

#include "base/private_folder.h"
#include "media/proxy.h"
#include "session/core_words.h"
#include "session/settings.h"

#include <QCryptographicHash>
#include <QDir>
#include <QFileInfo>
#include <QStandardPaths>
#include <QTimer>
#include <algorithm>

namespace pulsepin {
namespace {

/// Another one when the file was written again.
std::filesystem::path proxy_of(const std::filesystem::path& clip) {
    const QFileInfo file(QString::fromStdString(clip.string()));
    const QString told = QString("%1 %2 %3")
                             .arg(file.absoluteFilePath())
                             .arg(file.size())
                             .arg(file.lastModified().toMSecsSinceEpoch());
    const QByteArray name = QCryptographicHash::hash(told.toUtf8(), QCryptographicHash::Sha1).toHex();
    return ProxyBank::folder() / (name.toStdString() + ".mov");
}

} // namespace

std::filesystem::path ProxyBank::folder() {
    const QString path = QStandardPaths::writableLocation(QStandardPaths::CacheLocation) + "/proxies";
    make_private_folder(path.toStdString());
    return path.toStdString();
}

void keep_within(const std::filesystem::path& folder, std::int64_t bytes) {
    std::int64_t sum = 0;
    for (const auto& kept :
         QDir(QString::fromStdString(folder.string())).entryInfoList(QDir::Files, QDir::Time)) {
        sum += kept.size(); // the newest first
        if (sum > bytes)
            QFile::remove(kept.filePath());
    }
}

ProxyBank::ProxyBank(Jobs& jobs, QObject* parent) : QObject(parent), jobs_(jobs) {}

ProxyBank::State ProxyBank::state(const Clip& clip) const {
    const auto found = known_.find(clip.path);
    return found == known_.end() ? State::NotNeeded : found->second.state;
}

QString ProxyBank::why_not(const Clip& clip) const {
    const auto found = known_.find(clip.path);
    return found == known_.end() ? QString() : found->second.why_not;
}

std::filesystem::path ProxyBank::file_of(const Clip& clip) {
    const auto found = known_.find(clip.path);
    if (found == known_.end()) {
        // Not at once: whoever asks may be in the middle of painting, and what is being done is told by
        // painting.
        if (clip.has_picture && !clip.still) {
            known_[clip.path] = {};
            QTimer::singleShot(0, this, [this, path = clip.path] { look_at(path); });
        }
        return clip.path;
    }
    Known& known = found->second;
    if (known.state != State::There)
        return clip.path;
    if (std::error_code code; !std::filesystem::exists(known.proxy, code)) { // the cache was deleted
        known_.erase(found);
        return clip.path;
    }
    return known.proxy;
}

void ProxyBank::look_again() {
    std::erase_if(known_, [](const auto& one) { return one.second.state != State::There; });
}

void ProxyBank::look_at(const std::filesystem::path& clip) {
    const auto proxy = proxy_of(clip);
    if (std::error_code code; std::filesystem::exists(proxy, code)) {
        std::filesystem::last_write_time(proxy, std::filesystem::file_time_type::clock::now(), code);
        known_[clip] = {State::There, proxy, {}};
        emit changed();
        return;
    }
    jobs_.start<bool>(
        JobQueue::Proxy, tr("Looking at %1").arg(QString::fromStdString(clip.filename().string())),
        [clip](const Progress&) {
            return weigh_clip(clip).map([](const ClipWeight& weight) { return weight.wants_proxy(); });
        },
        [this, clip, proxy](const Result<bool>& wanted) {
            if (wanted && *wanted)
                make(clip, proxy);
            else if (!wanted && wanted.error().cancelled())
                known_.erase(clip);
        });
}

void ProxyBank::make(const std::filesystem::path& clip, const std::filesystem::path& proxy) {
    known_[clip] = {State::OnItsWay, proxy, {}};
    emit changed();
    jobs_.start<bool>(
        JobQueue::Proxy, tr("Proxy of %1").arg(QString::fromStdString(clip.filename().string())),
        [clip, proxy](const Progress& progress) -> Result<bool> {
            if (auto made = make_proxy(clip, proxy, progress); !made)
                return tl::unexpected(made.error());
            keep_within(folder(), static_cast<std::int64_t>(setting_number("files/proxies cache")) << 20);
            return true;
        },
        [this, clip](const Result<bool>& made) {
            known_[clip].state = made ? State::There : State::Failed; // the original is shown then
            if (!made)
                known_[clip].why_not = spoken(made.error());
            emit changed();
        });
}

} // namespace pulsepin
