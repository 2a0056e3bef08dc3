// SPDX-License-Identifier: GPL-3.0-or-later
//
// The project's file, and what is kept for the case of a crash.
#include "interchange/project_file.h"
#include "interchange/project_json.h"
#include "kinds/kinds.h"
#include "model/edits.h"
#include "render/fonts.h"
#include "session/agreed_files.h"
#include "session/document.h"

namespace pulsepin {

QString Document::title() const {
    return path().empty() ? tr("Untitled") : QString::fromStdString(path().filename().string());
}

void Document::stop_background_work() {
    ++session_;                           // what was begun for the last project is not wanted any more
    jobs_.cancel_all_but(JobQueue::Film); // a film holds the piece that it is of
}

void Document::begin(Project next, bool saved) {
    history_ = History(std::move(next));
    sums_.reset();
    schedule_ = Schedule(project(), schedule_); // whoever looks while the sound goes finds this project whole
    if (!saved)
        history_.mark_unsaved();
    recovery_due_ = false;
    followers_.clear(); // those of other lanes
    sounds_.clear();
    proxies_.look_again();
    emit opened();
    project_changed();
}

void Document::start_new() {
    stop_background_work();
    store_.begin({}, {});
    begin(new_project(), true);
}

Result<void> Document::open(const std::filesystem::path& path, const AskAboutFiles& ask) {
    auto loaded = load_project_file(path);
    if (!loaded)
        return tl::unexpected(loaded.error());
    if (const auto outside = files_outside(loaded->project, path);
        ask && !agreed_files::includes(path, outside)) {
        if (!ask(outside))
            return fail_cancelled();
        agreed_files::remember(path, outside);
    }
    stop_background_work();
    store_.begin(std::filesystem::absolute(path), loaded->file);
    begin(std::move(loaded->project), true);
    if (const auto told = told_on_opening(project()); !told.empty())
        say(QString::fromStdString(told));
    if (const QStringList missing = missing_fonts(*project().stage); !missing.isEmpty())
        say(tr("Titles ask for a font that is not installed: %1. They are set in Inter until it is.")
                .arg(missing.join(", ")));
    return {};
}

void Document::save(const std::filesystem::path& path, ProjectStore::Overwrite overwrite,
                    std::function<void(Result<void>)> done) {
    const auto full = std::filesystem::absolute(path);
    store_.save(project(), full, overwrite,
                [this, full, outside = files_outside(project(), full), session = session_,
                 number = history_.number(), done = std::move(done)](Result<void> saved) {
                    if (saved)
                        agreed_files::remember(full, outside);
                    if (saved && session == session_) {
                        history_.mark_saved(number);
                        if (!unsaved()) { // nothing was changed while it was written
                            recovery_due_ = false;
                            store_.forget_copy();
                        }
                    }
                    emit file_changed();
                    done(saved);
                });
}

Result<void> Document::save_now(const std::filesystem::path& path) {
    Result<void> outcome;
    save(path, ProjectStore::Overwrite::No, [&](const Result<void>& saved) { outcome = saved; });
    store_.finish();
    return outcome;
}

// -- recovery

Result<void> Document::recover(const std::shared_ptr<RecoveryFolder>& left) {
    auto loaded = load_project(left->copy());
    if (!loaded)
        return tl::unexpected(loaded.error());
    stop_background_work();
    store_.begin_recovered(left);
    begin(*std::move(loaded), false);
    return {};
}

void Document::keep_unsaved_work() {
    if (unsaved()) {
        store_.keep_copy(project());
        store_.leave_copy();
    }
    store_.finish();
}

} // namespace pulsepin
