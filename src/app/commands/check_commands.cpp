// SPDX-License-Identifier: GPL-3.0-or-later
#include "commands/check_commands.h"

#include "base/text_file.h"
#include "commands/bin_commands.h"
#include "commands/play_commands.h"
#include "drawing/timeline/timeline_view.h"
#include "interchange/check_report.h"
#include "interchange/outputs.h"
#include "model/pin_edits.h"
#include "pages/dialogs/param_dialog.h"
#include "pages/stops/check_panel.h"
#include "pages/stops/place_panel.h"
#include "pages/stops/sync_table.h"
#include "parts/file_names.h"
#include "parts/open_once.h"
#include "render/report_pages.h"
#include "schedule/piece_length.h"
#include "session/core_words.h"

#include <QDir>
#include <QFileInfo>
#include <QInputDialog>

namespace pulsepin {
namespace {

using K = QKeySequence;

/// Half of a bar around a moment; without bars a second.
TimeRange half_a_bar_around(const Project& project, Seconds at, Seconds until) {
    Seconds quarter(0.5);
    if (project.grid) {
        const auto& grid = *project.grid;
        const int beats = grid.metre_at(grid.nearest_tick(at)).beats_per_bar;
        quarter = (grid.time_at(Beats(grid.beats_at(at).value + beats / 4.0)) - at);
    }
    return {std::max(Seconds(0), at - quarter), std::min(std::max(until, at) + quarter, at + Seconds(8))};
}

} // namespace

void CheckCommands::add_to(QMenu* menu) {
    add(menu, "check piece", tr("Check the piece"), {K(tr("F4"))}, [this] { go_to_stop(Stop::Check); });
    add(menu, "measure piece", tr("Measure files, sound and flashes"), {}, [this] {
        if (panel_->bank().measuring())
            return panel_->bank().cancel_measuring();
        go_to_stop(Stop::Check);
        panel_->bank().measure();
    });
    menu->addSeparator();
    add(menu, "finding on", tr("To the next finding"), {K(tr("F3"))}, [this] { step(1); });
    add(menu, "finding back", tr("To the finding before"), {K(tr("Shift+F3"))}, [this] { step(-1); });
    add(menu, "show mend", tr("Preview fix"), {}, [this] { mend(false, false); });
    add(menu, "do mend", tr("Fix the finding"), {}, [this] { mend(false, true); });
    add(menu, "mend alike", tr("Fix all findings of this kind"), {}, [this] { mend(true, true); });
    add(menu, "accept finding", tr("Ignore the finding on purpose, or not"), {}, [this] { accept(); });
    menu->addSeparator();
    add(menu, "check limits", tr("What the piece is checked against…"), {}, [this] { ask_for_limits(); });
    add(menu, "sync table", tr("Every pin, as a table…"), {}, [this] { show_table(); });
    add(menu, "print report", tr("Report to print…"), {},
        [this] { write_dialog("pdf", tr("Report to print")); });
    add(menu, "write sync report", tr("Every pin, as values…"), {},
        [this] { write_dialog("csv", tr("Sync report as values")); });
    add(menu, "write check report", tr("Findings, as JSON…"), {},
        [this] { write_dialog("json", tr("Findings")); });
}

void CheckCommands::show_panel(CheckPanel* panel) {
    panel_ = panel;
    connect(panel, &CheckPanel::wanted, this,
            [this](const QString& command) { commands_.action(command)->trigger(); });
    connect(panel, &CheckPanel::go_wanted, this, &CheckCommands::go);
    forecast_soon_.setSingleShot(true);
    forecast_soon_.setInterval(200);
    connect(&forecast_soon_, &QTimer::timeout, this, &CheckCommands::forecast);
    connect(&view_, &ViewState::outlines_changed, this, [this] {
        place_.set_warning({});
        forecast_soon_.start();
    });
    connect(panel, &CheckPanel::limit_changed, this, [this](double ms) {
        ParamValues limits = document_.project().checking->limits;
        limits.set("cuts", ms);
        take_limits(std::move(limits));
    });
}

void CheckCommands::go(const Finding& finding) {
    if (!finding.placed) {
        if (finding.lane.value != 0)
            timeline_.reveal_lane(finding.lane);
        return;
    }
    go_to(finding.at, finding.until, finding.lane, finding.pin);
}

/// There, and half a bar around it is heard.
void CheckCommands::go_to(Seconds at, Seconds until, LaneId lane, PinId pin) {
    if (player_.playing())
        player_.stop();
    if (document_.project().pin(pin))
        view_.select({pin});
    if (lane.value != 0)
        timeline_.reveal_lane(lane);
    play_.go_to_place(at);
    const auto around = half_a_bar_around(document_.project(), at, until);
    if (player_.has_sound())
        play_.play_part(around.from, around.until, at);
}

void CheckCommands::step(int by) {
    go_to_stop(Stop::Check);
    const int rows = panel_->table().rowCount(), row = panel_->row();
    if (rows == 0)
        return document_.say(tr("Nothing was found"));
    panel_->choose_row(row < 0 ? (by > 0 ? 0 : rows - 1) : (row + by + rows) % rows);
}

void CheckCommands::mend(bool all, bool take) {
    const auto& chosen = panel_->chosen();
    if (!chosen)
        return document_.say(tr("Choose a finding first"));
    if (chosen->mend.empty())
        return document_.say(tr("That has no automatic fix: change it, or ignore it on purpose"));
    const auto* row = check(chosen->check);
    const auto* way = mend_of(*row, panel_->mend().empty() ? std::string(chosen->mend) : panel_->mend());
    if (!way)
        return;
    if (way->asks)
        return mend_by_file(*chosen, way->id, take);
    const QString name = text_of(way->label);
    panel_->set_busy(true);
    panel_->bank().mend(*chosen, std::string(way->id), all, [this, name, take](Result<Mended> mended) {
        panel_->set_busy(false);
        if (!mended) {
            const QString why = mended.error().cancelled() ? tr("It was not fixed") : spoken(mended.error());
            panel_->tell(why, true);
            return document_.say(why);
        }
        const QString will = spoken(mended->will);
        if (take)
            document_.apply(std::move(mended->project), name.toLower());
        panel_->tell(take ? tr("Done: %1").arg(will) : will);
        if (!take)
            document_.say(tr("The fix %1").arg(will));
        if (take)
            document_.say(tr("Done: %1. Ctrl+Z takes it back").arg(will));
    });
}

/// Of the finding alone, also where all alike were wanted: each needs a file of its own.
void CheckCommands::mend_by_file(const Finding& finding, std::string_view way, bool take) {
    const bool copies = way == "copy-file";
    const QString will =
        copies ? tr("asks where to, writes a copy that any program reads, and shows that instead")
               : tr("asks for another file, which is shown in the same places");
    if (!take) {
        panel_->tell(will);
        return document_.say(tr("The fix %1").arg(will));
    }
    if (copies)
        bin_.copy_dialog(ClipId{finding.subject});
    else
        bin_.replace_dialog(ClipId{finding.subject});
}

/// Whether what is outlined, and not placed yet, would flash too often where it is densest.
void CheckCommands::forecast() {
    const auto& outlines = view_.outlines();
    const Lane* lane = document_.project().lane(view_.outline_lane());
    if (!outlines || outlines->outlines.empty() || !lane ||
        !(holds<TriggerBody>(lane->kind) || holds<PulseBody>(lane->kind)))
        return;
    std::vector<Pin> pins;
    for (const auto& one : outlines->outlines)
        pins.push_back({.id = {}, .anchor = TimeAnchor{one.time}, .body = one.body, .planting = {}});
    constexpr Seconds looked_at{4};
    Seconds from = outlines->outlines.front().time;
    std::size_t most = 0, end = 0;
    const auto& all = outlines->outlines;
    for (std::size_t i = 0; i < all.size(); ++i) {
        while (end < all.size() && all[end].time < all[i].time + Seconds(2))
            ++end;
        if (end - i > most) {
            most = end - i;
            from = all[i].time;
        }
    }
    const auto placed = with_pins(document_.project(), lane->id, std::move(pins));
    if (!placed)
        return;
    const Seconds until = std::min(from + looked_at, piece_end(document_.project()));
    panel_->bank().forecast(
        *placed, from, until, [this, rule = flash_rule(document_.project())](Result<int> flashes) {
            if (!flashes || *flashes <= rule.most || !view_.outlines())
                return;
            place_.set_warning(
                tr("This flashes %1 times in a second over more than a quarter of the view: more than %2 may "
                   "hurt people "
                   "(WCAG 2.2, 2.3.1). Make it weaker or rarer, or fix it at the stop Check")
                    .arg(*flashes)
                    .arg(rule.most));
        });
}

void CheckCommands::accept() {
    const auto chosen = panel_->chosen();
    if (!chosen)
        return document_.say(tr("Choose a finding first"));
    if (chosen->accepted)
        return document_.apply(without_accepted(document_.project(), *chosen), tr("not accept finding"));
    bool sure = false;
    const QString note = QInputDialog::getText(window_, tr("Accept finding"),
                                               tr("Ignored on purpose. Why? (stands in the report)"),
                                               QLineEdit::Normal, tr("ignored"), &sure);
    if (sure)
        document_.apply(with_accepted(document_.project(), *chosen, note.trimmed().toStdString()),
                        tr("accept finding"));
}

void CheckCommands::take_limits(ParamValues limits) {
    if (limits == document_.project().checking->limits)
        return;
    document_.apply(with_check_limits(document_.project(), std::move(limits)), tr("change limits"));
}

void CheckCommands::ask_for_limits() {
    ask(new ParamDialog("check limits", tr("What the piece is checked against"), check_parameters(),
                        check_limits(document_.project()), tr("Take them"), window_),
        [this](const ParamValues& limits) { take_limits(limits); });
}

void CheckCommands::show_table() {
    go_to_stop(Stop::Check);
    if (brought_forward<SyncDialog>(window_, SyncDialog::own_name))
        return;
    auto* dialog = new SyncDialog(panel_->bank(), window_);
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    connect(dialog, &SyncDialog::go_wanted, this,
            [this](const SyncRow& row) { go_to(row.anchor, row.anchor, row.lane, row.pin); });
    connect(dialog, &SyncDialog::write_wanted, commands_.action("write sync report"), &QAction::trigger);
    dialog->show();
}

void CheckCommands::write_dialog(const char* ending, const QString& title) {
    if (!panel_->bank().outcome()) {
        go_to_stop(Stop::Check);
        return document_.say(tr("The piece is being checked: write the report when that is done"));
    }
    const QString suggested =
        document_.path().empty()
            ? QString("untitled-check.%1").arg(ending)
            : QString::fromStdString(
                  (document_.path().parent_path() / (document_.path().stem().string() + "-check." + ending))
                      .string());
    if (const auto path = ask_where_to_write(window_, title, suggested, QString("*.%1").arg(ending), ending))
        write(*path);
}

void CheckCommands::write(const QString& file) {
    const auto outcome = panel_->bank().outcome();
    if (!outcome)
        return document_.say(tr("The piece was not checked yet"));
    const std::filesystem::path path = file.toStdString();
    if (auto allowed = may_write(path, inputs_of(document_.path(), document_.project()), true); !allowed)
        return document_.say(spoken(allowed.error()));
    const QString name = QFileInfo(file).fileName(), ending = QFileInfo(file).suffix().toLower();
    const QString stale = panel_->bank().is_current()
                              ? QString()
                              : tr(" It is of the piece as it was when it was last checked.");
    document_.jobs().start<int>(
        JobQueue::Write, tr("Writing %1").arg(name),
        [outcome, path, ending](const Progress&) -> Result<int> {
            Result<std::string> text = std::string();
            if (ending == "pdf")
                text = report_pages(outcome->material, outcome->rows, outcome->found);
            else if (ending == "json")
                text = check_report_json(outcome->material, outcome->rows, outcome->found);
            else
                text = sync_csv(outcome->rows, outcome->material.project());
            if (!text)
                return tl::unexpected(text.error());
            if (auto written = write_text_file(path, *text); !written)
                return tl::unexpected(written.error());
            return 0;
        },
        [this, name, stale](const Result<int>& done) {
            document_.say(done                       ? tr("%1 written.%2").arg(name, stale)
                          : done.error().cancelled() ? tr("%1 was not written").arg(name)
                                                     : spoken(done.error()));
        });
}

} // namespace pulsepin
