// SPDX-License-Identifier: GPL-3.0-or-later
#include "pages/stops/export_panel.h"

#include "interchange/outputs.h"
#include "pages/stops/sheets_page.h"
#include "parts/page_stack.h"
#include "parts/question.h"
#include "parts/widgets.h"
#include "render/qt_text.h"
#include "session/core_words.h"

#include <QApplication>
#include <QClipboard>
#include <QDir>
#include <QFileInfo>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QScrollArea>
#include <QTimer>
#include <QVBoxLayout>
#include <algorithm>

namespace pulsepin {
namespace {

/// What the files are called after.
std::string stem_of(const Document& document) {
    return document.path().empty() ? std::string("untitled")
                                   : std::filesystem::path(document.path()).stem().string();
}

} // namespace

ExportPanel::ExportPanel(Document& document, ViewState& view, QWidget* parent)
    : StopPanel(document, view, parent) {
    auto* whole = new QVBoxLayout(this);
    whole->setContentsMargins(0, 0, 0, 0);
    whole->setSpacing(8);
    whole->addLayout(make_top());
    pages_ = new PageStack;
    pages_->addWidget(film_ = new FilmPage(document, view));
    pages_->addWidget(make_ways());
    whole->addWidget(pages_, 1);
    connect(&film_->queue(), &FilmQueue::ended, this, [this](const QString&, bool well) {
        written_ += well ? 1 : 0;
        emit written();
    });
    connect(&film_->queue(), &FilmQueue::changed, this, &ExportPanel::written);
    show_page(FilmOf);
    looks_ = new QTimer(this);
    looks_->setSingleShot(true);
    looks_->setInterval(400); // while a person still works on the piece it is another at once
    connect(looks_, &QTimer::timeout, this, &ExportPanel::look_for_losses);
    connect(&document_, &Document::changed, looks_, qOverload<>(&QTimer::start));
}

void ExportPanel::showEvent(QShowEvent* event) {
    StopPanel::showEvent(event);
    looks_->start();
}

void ExportPanel::look_for_losses() {
    if (!isVisible() || pages_->currentIndex() != HandOn)
        return;
    using Losses = std::map<std::string_view, std::string>;
    document_.jobs().start<Losses>(
        JobQueue::Check, tr("What formats hold"),
        [schedule = document_.schedule()](const Progress& progress) -> Result<Losses> {
            const ExportMaterial material(Curves{schedule});
            Losses losses;
            for (const auto& row : exporters()) {
                if (progress.cancelled())
                    return fail_cancelled();
                if (row.losses && !row.takes_curves)
                    losses[row.id] = told_of_losses(material, row);
            }
            return losses;
        },
        [this](const Result<Losses>& losses) {
            if (losses)
                show_losses(*losses);
        });
}

void ExportPanel::show_losses(const std::map<std::string_view, std::string>& losses) {
    for (const auto& [id, label] : explained_) {
        const auto lost = losses.find(id);
        const QString told = lost == losses.end() ? QString() : spoken(lost->second);
        label->setText(spoken(exporter(id)->explains) + (told.isEmpty() ? told : "\n" + told));
    }
}

QLayout* ExportPanel::make_top() {
    auto* row = new QHBoxLayout;
    row->setSpacing(6);
    const auto side = [&](const char* name, const QString& label, const QString& tip, Page page) {
        auto* button = named(new QPushButton(label), name, tip);
        button->setCheckable(true);
        button->setProperty("role", "choice");
        connect(button, &QPushButton::clicked, this, [this, page] { show_page(page); });
        sides_.push_back(button);
        row->addWidget(button);
    };
    side("page of film", tr("Film"), tr("The piece as a video, as pictures or as sound"), FilmOf);
    side("page of formats", tr("Data files"), tr("Cuts, markers, words and curves in open formats"), HandOn);
    side("page of sheets", tr("Sheets"), tr("Bar sheets and exposure sheets to print"), SheetsOf);
    row->addSpacing(12);
    for (const auto& [command, label] :
         {std::pair("write still", tr("Still…")), std::pair("write contact sheet", tr("Contact sheet…"))}) {
        auto* button = named(new QPushButton(label), command, tr("A picture of this frame, or of all shots"));
        connect(button, &QPushButton::clicked, this, [this, id = command] { emit film_->wanted(id); });
        row->addWidget(button);
    }
    row->addSpacing(12);
    auto* all =
        named(new QPushButton(tr("All into a folder…")), "export all",
              tr("All formats that have something to write, at once; Ctrl+Shift+E writes them again"));
    connect(all, &QPushButton::clicked, this, &ExportPanel::folder_wanted);
    row->addWidget(all);
    row->addStretch(1);
    return row;
}

SheetsPage& ExportPanel::sheets() {
    if (!sheets_) {
        sheets_ = new SheetsPage(document_, view_);
        pages_->addWidget(sheets_);
        connect(sheets_, &SheetsPage::file_wanted, this, &ExportPanel::sheets_wanted);
        connect(sheets_, &SheetsPage::written, this, [this] {
            ++written_;
            emit written();
        });
    }
    return *sheets_;
}

void ExportPanel::show_page(Page page) {
    if (page == SheetsOf)
        (void)sheets();
    for (std::size_t i = 0; i < sides_.size(); ++i)
        sides_[i]->setChecked(static_cast<Page>(i) == page);
    pages_->setCurrentIndex(page);
    if (looks_)
        looks_->start();
}

QWidget* ExportPanel::make_ways() {
    auto* box = new QWidget;
    auto* column = new QVBoxLayout(box);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(8);
    auto* ways = new QScrollArea;
    ways->setWidgetResizable(true);
    ways->setFrameShape(QFrame::NoFrame);
    ways->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    auto* inside = new QWidget;
    auto* grid = new QGridLayout(inside);
    grid->setContentsMargins(0, 0, 8, 0);
    grid->setHorizontalSpacing(14);
    grid->setVerticalSpacing(6);
    ways->setWidget(inside);
    column->addWidget(ways, 1);
    int line = 0;
    for (const auto& row : exporters()) {
        auto* button = new QPushButton(tr("%1…").arg(spoken(row.label)));
        button->setObjectName("export " + qt_text(row.id));
        button->setToolTip(tr("Writes a .%1 file").arg(qt_text(row.extension)));
        connect(button, &QPushButton::clicked, this, [this, &row] { emit file_wanted(row); });
        grid->addWidget(button, line, 0);
        auto* explains = quiet(spoken(row.explains));
        explains->setWordWrap(true);
        explained_[row.id] = explains;
        grid->addWidget(explains, line, 1);
        if (row.is_text) {
            auto* copy = named(new QPushButton(tr("Copy")), "copy " + qt_text(row.id),
                               tr("Puts the text where other programs paste from"));
            copy->setProperty("role", "small");
            connect(copy, &QPushButton::clicked, this, [this, &row] { emit copy_wanted(row); });
            grid->addWidget(copy, line, 2);
        }
        const auto is_lane = [](const ParamSpec& spec) { return spec.type == ParamType::Lane; };
        if (row.takes_lane && !std::ranges::all_of(row.parameters, is_lane)) {
            auto* options = named(new QPushButton(tr("Options…")), "options " + qt_text(row.id),
                                  tr("What is written and how; it is remembered"));
            options->setProperty("role", "small");
            connect(options, &QPushButton::clicked, this, [this, &row] { emit options_wanted(row); });
            grid->addWidget(options, line, 3);
        }
        ++line;
    }
    outcome_ = quiet({});
    outcome_->setObjectName("outcome");
    outcome_->setWordWrap(true);
    outcome_->setTextInteractionFlags(Qt::TextSelectableByMouse);
    column->addWidget(outcome_);
    grid->setRowStretch(line, 1);
    grid->setColumnStretch(1, 1);
    return box;
}

void ExportPanel::tell(const QString& outcome) {
    outcome_->setText(outcome);
    document_.say(outcome);
}

void ExportPanel::write(const ExporterRow& row, const QString& file, const ParamValues& values) {
    const std::filesystem::path path = file.toStdString();
    if (auto allowed = may_write(path, inputs_of(document_.path(), document_.project()), true); !allowed)
        return tell(spoken(allowed.error()));
    const QString name = QFileInfo(file).fileName();
    outcome_->setText(tr("Writing %1…").arg(name));
    start(
        row, tr("Writing %1").arg(name), values,
        [&row, path](const ExportMaterial& material) -> Result<QString> {
            if (auto done = export_project(material, row, path); !done)
                return tl::unexpected(done.error());
            const auto losses = told_of_losses(material, row);
            return QString::fromStdString(path.string() + (losses.empty() ? "" : ". " + losses));
        },
        [this, &row, name](const Result<QString>& done) {
            if (!done)
                return tell(done.error().cancelled() ? tr("%1 was not written").arg(name)
                                                     : spoken(done.error()));
            ++written_;
            outcome_->setText(tr("Written: %1").arg(name));
            outcome_->setToolTip(QDir::toNativeSeparators(*done));
            document_.say(tr("%1 written").arg(spoken(row.label)));
            emit written();
        });
}

void ExportPanel::copy(const ExporterRow& row, const ParamValues& values) {
    start(
        row, tr("Copying %1").arg(spoken(row.label)), values,
        [&row](const ExportMaterial& material) -> Result<QString> {
            auto text = row.write(material);
            if (!text)
                return tl::unexpected(text.error());
            return QString::fromStdString(*text);
        },
        [this, &row](const Result<QString>& done) {
            if (!done)
                return tell(done.error().cancelled() ? tr("Nothing was copied") : spoken(done.error()));
            QApplication::clipboard()->setText(*done);
            tell(tr("%1 copied, ready to be pasted: %2 characters").arg(spoken(row.label)).arg(done->size()));
        });
}

void ExportPanel::write_all(const QString& folder) {
    const auto stem = stem_of(document_);
    QStringList there;
    bool own = true; // what was written from here is written again
    for (const auto& row : exporters()) {
        const QString name = QString::fromStdString(export_name(stem, row)),
                      file = QDir(folder).filePath(name);
        if (!QFileInfo::exists(file))
            continue;
        there << name;
        own = own && own_files_.contains(file);
    }
    if (own)
        return write_into(folder, !there.isEmpty());
    if (agreed_to(
            this,
            {"replace exports", tr("Files are there already"),
             tr("The folder holds %1 of these names. Nothing else in it is touched.").arg(there.join(", ")),
             tr("Replace them"), tr("Leave them")}))
        write_into(folder, true);
}

void ExportPanel::write_into(const QString& folder, bool replace) {
    outcome_->setText(tr("Writing into %1…").arg(QDir::toNativeSeparators(folder)));
    document_.jobs().start<std::vector<HandedOn>>(
        JobQueue::Write, tr("Writing all formats"),
        [curves = document_.curves(), there = curves_are_there(),
         inputs = inputs_of(document_.path(), document_.project()), stem = stem_of(document_),
         path = std::filesystem::path(folder.toStdString()), replace](const Progress& progress) {
            return export_all(curves, there, inputs, path, stem, replace, progress);
        },
        [this, folder](const Result<std::vector<HandedOn>>& done) {
            if (!done)
                return tell(done.error().cancelled() ? tr("Nothing was written") : spoken(done.error()));
            last_folder_ = folder;
            tell_all(*done, folder);
        });
}

/// How many were written in a line, what each lacks beside it.
void ExportPanel::tell_all(const std::vector<HandedOn>& all, const QString& folder) {
    QStringList lines;
    int count = 0;
    for (const auto& one : all) {
        const bool there = !one.file.empty();
        count += there;
        if (there)
            own_files_.insert(QDir(folder).filePath(QString::fromStdString(one.file.filename().string())));
        if (!there || !one.told.empty())
            lines << tr("%1: %2").arg(spoken(one.row->label), spoken(one.told));
    }
    written_ += count;
    tell(tr("%1 of %2 formats written into %3")
             .arg(count)
             .arg(all.size())
             .arg(QDir::toNativeSeparators(folder)));
    outcome_->setToolTip(lines.join('\n'));
    emit written();
}

bool ExportPanel::curves_are_there() const {
    return document_.followers_current() && (document_.sound() || !needs_sound(document_.project()));
}

/// What follows the music is computed first where it is not there yet; without the song it is refused.
void ExportPanel::start(const ExporterRow& row, const QString& title, const ParamValues& values,
                        std::function<Result<QString>(const ExportMaterial&)> make,
                        std::function<void(const Result<QString>&)> then) {
    document_.jobs().start<QString>(
        JobQueue::Write, title,
        [curves = document_.curves(), there = curves_are_there(), values, &row,
         make = std::move(make)](const Progress& progress) mutable -> Result<QString> {
            if (!there) {
                auto computed = curves_for(row, curves.project(), progress.part(0, 0.9));
                if (!computed)
                    return tl::unexpected(computed.error());
                curves = *std::move(computed);
            }
            if (progress.cancelled())
                return fail_cancelled();
            return make(ExportMaterial(std::move(curves), values));
        },
        std::move(then));
}

QString ExportPanel::summary() const {
    if (film_->queue().busy()) {
        const auto entries = film_->queue().entries();
        const auto left = std::count_if(entries.begin(), entries.end(), [](const auto& one) {
            return one.state == FilmQueue::State::Running || one.state == FilmQueue::State::Waiting;
        });
        return left == 1 ? tr("a film in work") : tr("%1 films in work").arg(left);
    }
    if (written_ > 0)
        return tr("%n files written", nullptr, written_);
    const Lane* cuts = document_.project().first_lane(body_type<CutBody>);
    return cuts && !cuts->pins.empty() ? tr("edit list and more") : tr("nothing to write yet");
}

void ExportPanel::refresh() {
    film_->refresh();
}

} // namespace pulsepin
