// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/check_bank.h"

#include "check/file_facts.h"
#include "check/measured_sound.h"
#include "render/flash_run.h"
#include "render/text_boxes.h"
#include "schedule/piece_length.h"
#include "session/core_words.h"

namespace pulsepin {
namespace {

constexpr int soon_ms = 250;

FlashRun run_of(Curves curves, std::map<ClipId, std::filesystem::path> files) {
    FlashRun run;
    run.curves = curves.for_another_thread();
    run.file_of = [files = std::move(files)](const Clip& clip) {
        const auto found = files.find(clip.id);
        return found == files.end() ? clip.path : found->second;
    };
    return run;
}

} // namespace

CheckBank::CheckBank(Document& document, QObject* parent)
    : QObject(parent), document_(document),
      files_(document.jobs(),
             [](const FileRequest& request) {
                 return decltype(files_)::Work{
                     JobQueue::Check, tr("Looking at the files"),
                     [project = request.project](const Progress& p) { return file_facts(project, p); }};
             }),
      sound_(document.jobs(),
             [](const MixPlan& plan) {
                 return decltype(sound_)::Work{JobQueue::Check, tr("Measuring the sound"),
                                               [plan](const Progress& p) { return measured_sound(plan, p); }};
             }),
      flashes_(document.jobs(),
               [](const Of<FlashRequest>& request) {
                   return decltype(flashes_)::Work{JobQueue::Check, tr("Measuring flashes"),
                                                   [request = request.value](const Progress& p) {
                                                       auto run = run_of(request.curves, request.files);
                                                       run.before = request.before;
                                                       run.before_of = request.before_of;
                                                       return run.measure(p);
                                                   }};
               }),
      outcome_(document.jobs(), [](const Of<CheckMaterial>& request) {
          return decltype(outcome_)::Work{
              JobQueue::Analyse, tr("Checking"),
              [request = request.value](const Progress& p) -> Result<Outcome> {
                  Outcome outcome{request, {}, {}, {}};
                  outcome.material.curves = request.curves.for_another_thread();
                  outcome.material.texts =
                      std::make_shared<const std::vector<TextBox>>(text_boxes(outcome.material.curves));
                  if (p.cancelled())
                      return fail_cancelled();
                  outcome.rows = sync_report(outcome.material.schedule());
                  outcome.found = findings(outcome.material);
                  outcome.verdict = verdict_text(outcome.rows, outcome.material.project(),
                                                 cut_limit(outcome.material.project()));
                  return outcome;
              }};
      }) {
    soon_.setSingleShot(true);
    soon_.setInterval(soon_ms);
    connect(&soon_, &QTimer::timeout, this, [this] { look_again(); });
    connect(&document_, &Document::changed, this, &CheckBank::piece_changed);
    connect(&document_, &Document::followers_changed, this, &CheckBank::piece_changed);
    connect(&document_, &Document::trust_changed, this, &CheckBank::piece_changed);
    connect(&document_, &Document::plan_changed, this, &CheckBank::piece_changed);
    connect(&document_, &Document::opened, this, [this] {
        files_.clear();
        sound_.clear();
        flashes_.clear();
        outcome_.clear();
        measured_.reset();
        measured_of_.reset();
        ++looked_;
        piece_changed();
        emit changed();
    });
    connect(&files_, &BackgroundSignals::ready, this, &CheckBank::want_outcome);
    connect(&sound_, &BackgroundSignals::ready, this, &CheckBank::want_outcome);
    connect(&flashes_, &BackgroundSignals::ready, this, [this] {
        measured_ = flashes_.value();
        measured_of_ = flashes_.wanted()->value.curves;
        measured_at_ = QDateTime::currentDateTime();
        emit measuring_changed();
        want_outcome();
    });
    for (BackgroundSignals* failing :
         std::initializer_list<BackgroundSignals*>{&files_, &sound_, &flashes_, &outcome_})
        connect(failing, &BackgroundSignals::failed, this, [this](const Error& error) {
            document_.say(spoken(error));
            emit measuring_changed();
        });
    connect(&outcome_, &BackgroundSignals::ready, this, &CheckBank::changed);
}

void CheckBank::watch(bool watched) {
    watched_ = watched;
    if (!watched)
        return soon_.stop();
    ++looked_; // files may have come or gone meanwhile
    look_again();
}

void CheckBank::piece_changed() {
    ++version_;
    if (watched_)
        soon_.start();
}

void CheckBank::measure() {
    soon_.stop();
    ++looked_;
    ++version_;
    look_again(true);
}

void CheckBank::cancel_measuring() {
    soon_.stop();
    flashes_.cancel();
}

void CheckBank::look_again(bool asked) {
    files_.want({document_.project(), looked_});
    want_sound();
    want_flashes(asked);
    want_outcome();
}

void CheckBank::want_sound() {
    if (document_.sound() && document_.sounds().plan() && !document_.sounds().alone())
        sound_.want(heard_plan(document_.schedule(), document_.sounds().sounds()));
}

/// Not before what follows the song is there: the picture would be another a moment later. All frames of a
/// long piece only when they are asked for; what changed in them later is little.
void CheckBank::want_flashes(bool asked) {
    constexpr Frames long_piece(50'000); // half an hour and more
    const Frames length = piece_length(document_.project());
    if (!document_.followers_current() || length <= Frames(0) ||
        (length > long_piece && !measured_ && !asked))
        return;
    flashes_.want({version_, {document_.curves(), files(), measured_, measured_of_}});
    emit measuring_changed();
}

void CheckBank::want_outcome() {
    CheckMaterial material;
    material.curves = document_.curves();
    material.followers_known = document_.followers_current();
    if (document_.project().grid && document_.project().detection)
        material.trust = std::make_shared<const std::vector<BarTrust>>(document_.trust());
    material.files = files_.value();
    material.sound = document_.project().song ? sound_.value() : nullptr;
    material.flashes = measured_;
    outcome_.want({++facts_, std::move(material)});
}

bool CheckBank::is_current() const {
    return outcome_.is_current() && flashes_.is_current() && flashes_.wanted()->version == version_ &&
           files_.is_current() && !soon_.isActive() && (sound_.is_current() || !document_.sound());
}

double CheckBank::progress() const {
    return flashes_.progress();
}

CheckBank::Files CheckBank::files() {
    Files files;
    for (const auto& clip : *document_.project().bin)
        if (clip.has_picture && !clip.still)
            files[clip.id] = document_.proxies().file_of(clip);
    return files;
}

MeasureFlashes CheckBank::measurer() {
    return [curves = document_.curves(), files = files()](const Project& project, Frames from, Frames until) {
        Curves changed = curves;
        changed.schedule = Schedule(project, curves.schedule);
        return run_of(std::move(changed), files).measure(from, until);
    };
}

void CheckBank::mend(const Finding& finding, const std::string& id, bool all,
                     std::function<void(Result<Mended>)> done) {
    const auto there = outcome();
    if (!there)
        return done(fail("The piece is still being checked.", {}, "Wait a moment."));
    if (mending_)
        mending_->cancel();
    // Findings are of the piece as it was when they were found; nothing is mended that changed meanwhile.
    CheckMaterial material = there->material;
    mending_ = document_.jobs().start<Mended>(
        JobQueue::Check, tr("Working out a fix"),
        [material = std::move(material), finding, id, all, measure = measurer()](const Progress& progress) {
            CheckMaterial own = material;
            own.curves = material.curves.for_another_thread();
            const MendRequest request{own, finding, measure, progress};
            return all ? all_mended(request, id) : mended(request, id);
        },
        [this, done = std::move(done), at = document_.project(), mine = ++mends_](Result<Mended> mended) {
            if (mine == mends_) // or another was begun since, whose handle it is
                mending_.reset();
            if (mended && !same_content(at, document_.project()))
                return done(fail("The piece was changed meanwhile.", {}, "Fix it again."));
            done(std::move(mended));
        });
}

void CheckBank::forecast(const Project& project, Seconds from, Seconds until,
                         std::function<void(Result<int>)> done) {
    if (forecasting_)
        forecasting_->cancel();
    const auto rate = project.settings->frame_rate;
    forecasting_ = document_.jobs().start<int>(
        JobQueue::Follow, tr("Measuring flashes before they are placed"),
        [project, now = document_.project(), first = rate.frame_at(from),
         last = rate.frame_at(until) + Frames(1), measure = measurer()](const Progress&) -> Result<int> {
            const auto most_of = [&](const Project& one) -> Result<int> {
                const auto report = measure(one, first, last);
                if (!report)
                    return tl::unexpected(report.error());
                int most = 0;
                for (const auto& place : report->places)
                    most = std::max(most, place.most);
                return most;
            };
            const auto then = most_of(project);
            if (!then || *then == 0)
                return then;
            // What flashes already is not the fault of what is placed.
            const auto before = most_of(now);
            return before && *before >= *then ? Result<int>(0) : then;
        },
        [this, done = std::move(done), mine = ++forecasts_](Result<int> most) {
            if (mine == forecasts_)
                forecasting_.reset();
            done(std::move(most));
        });
}

} // namespace pulsepin
