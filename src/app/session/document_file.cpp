// SPDX-License-Identifier: GPL-3.0-or-later
//
// The project's file, and what is kept for the case of a crash.
#include "analysis/analyze.h"
#include "detect/detection_of.h"
#include "hand/template_piece.h"
#include "interchange/project_file.h"
#include "interchange/project_json.h"
#include "kinds/kinds.h"
#include "media/load_sound.h"
#include "model/edits.h"
#include "render/fonts.h"
#include "session/agreed_files.h"
#include "session/document.h"

#include "session/core_words.h"
#include "session/settings.h"

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
    begin(fresh_project(), true);
}

Result<Document::ReadProject> Document::read(const std::filesystem::path& path) {
    auto loaded = load_project_file(path);
    if (!loaded)
        return tl::unexpected(loaded.error());
    auto outside = files_outside(loaded->project, path);
    const bool agreed = agreed_files::includes(path, outside);
    return ReadProject{std::filesystem::absolute(path), *std::move(loaded), std::move(outside), agreed};
}

Result<void> Document::open(const std::filesystem::path& path, const AskAboutFiles& ask) {
    auto read = Document::read(path);
    return read ? open(*std::move(read), ask) : tl::unexpected(read.error());
}

Result<void> Document::open(ReadProject read, const AskAboutFiles& ask) {
    if (ask && !read.agreed) {
        if (!ask(read.outside))
            return fail_cancelled();
        agreed_files::remember(read.path, read.outside);
    }
    stop_background_work();
    store_.begin(read.path, read.loaded.file);
    begin(std::move(read.loaded.project), true);
    if (const auto told = told_on_opening(project()); !told.empty())
        say(spoken(told));
    if (const QStringList missing = missing_fonts(*project().stage); !missing.isEmpty())
        say(tr("Titles ask for a font that is not installed: %1. They are set in Inter until it is.")
                .arg(missing.join(", ")));
    return {};
}

void Document::begin_from_template(const std::filesystem::path& pattern, const std::filesystem::path& song,
                                   const AskAboutFiles& ask,
                                   std::function<void(const Result<std::vector<std::string>>&)> done) {
    const auto loaded = load_project_file(pattern);
    if (!loaded)
        return done(tl::unexpected(loaded.error()));
    if (const auto outside = files_outside(loaded->project, pattern);
        ask && !agreed_files::includes(pattern, outside)) {
        if (!ask(outside))
            return done(fail_cancelled());
        agreed_files::remember(pattern, outside);
    }
    const auto full = std::filesystem::absolute(song);
    jobs_.start<FromTemplate>(
        JobQueue::Analyse, tr("The template on %1").arg(QString::fromStdString(full.filename().string())),
        [project = loaded->project, full](const Progress& progress) -> Result<FromTemplate> {
            LoadOptions plainly;
            plainly.for_drawing = false;
            const auto sound = load_sound(full, progress.part(0, 0.3), plainly);
            if (!sound)
                return tl::unexpected(sound.error());
            const auto found = analyze(*sound->samples, {}, progress.part(0.3, 0.95));
            if (!found)
                return tl::unexpected(found.error());
            auto made = piece_of_template(project,
                                          {full, full.stem().string(), sound->samples->format().sample_rate,
                                           sound->samples->length(), sound->fingerprint},
                                          detection_of(*found));
            if (made) {
                Settings settings = *made->project.settings;
                settings.title = full.stem().string();
                made->project = with_settings(made->project, settings);
            }
            return made;
        },
        [this, session = session_, done = std::move(done)](Result<FromTemplate> made) {
            if (made && session != session_) // another project was opened meanwhile
                return done(fail_cancelled());
            if (!made)
                return done(tl::unexpected(made.error()));
            stop_background_work();
            store_.begin({}, {});
            begin(std::move(made->project), false);
            done(made->told);
        });
}

void Document::save(const std::filesystem::path& path, ProjectStore::Overwrite overwrite,
                    std::function<void(Result<void>)> done) {
    const auto full = std::filesystem::absolute(path);
    store_.save(project(), full, overwrite,
                [this, number = history_.number(), done = std::move(done)](const SaveOutcome& outcome) {
                    if (outcome.stands) {
                        history_.mark_saved(number);
                        if (!unsaved()) { // nothing was changed while it was written
                            recovery_due_ = false;
                            store_.forget_copy();
                        }
                    }
                    emit file_changed();
                    done(outcome.written);
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

bool Document::keep_unsaved_work(std::chrono::milliseconds wait_for_saves) {
    bool kept = true;
    if (unsaved()) {
        store_.keep_copy(project());
        store_.leave_copy();
        kept = store_.finish_copy();
    }
    store_.finish_within(wait_for_saves);
    return kept;
}

} // namespace pulsepin
