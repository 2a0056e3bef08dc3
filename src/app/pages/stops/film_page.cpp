// SPDX-License-Identifier: GPL-3.0-or-later
#include "pages/stops/film_page.h"

#include "follow/project_sounds.h"
#include "render/film_properties.h"
#include "render/qt_text.h"
#include "schedule/piece_length.h"
#include "session/core_words.h"
#include "session/number_text.h"

#include <QGridLayout>
#include <QHBoxLayout>
#include <QLineEdit>
#include <QScrollArea>
#include <algorithm>
#include <cmath>
#include <tuple>

namespace pulsepin {
namespace {

QString size_text(double bytes) {
    return bytes < 1e6   ? FilmPage::tr("%1 kB").arg(number_text(std::max(1.0, bytes / 1e3), 0))
           : bytes < 1e9 ? FilmPage::tr("%1 MB").arg(bytes / 1e6, 0, 'f', bytes < 1e7 ? 1 : 0)
                         : FilmPage::tr("%1 GB").arg(number_text(bytes / 1e9, 1));
}

QString time_text(Seconds left) {
    const auto seconds = std::max<long>(1, std::lround(left.value));
    return seconds < 90 ? FilmPage::tr("%n s left", nullptr, static_cast<int>(seconds))
                        : FilmPage::tr("%n min left", nullptr, static_cast<int>((seconds + 30) / 60));
}

} // namespace

FilmCard::FilmCard(int number, QWidget* parent) : QWidget(parent), number_(number) {
    setObjectName(QString("film %1").arg(number));
    setAttribute(Qt::WA_StyledBackground);
    setStyleSheet(QString("QWidget#%1 { background: %2; border-radius: 5px; }")
                      .arg(objectName().replace(' ', "\\ "), desk_palette().desk_well.name()));
    auto* row = new QGridLayout(this);
    row->setContentsMargins(6, 6, 6, 6);
    row->setHorizontalSpacing(8);
    row->setVerticalSpacing(3);
    picture_ = new QLabel;
    picture_->setFixedSize(80, 45);
    picture_->setScaledContents(false);
    row->addWidget(picture_, 0, 0, 2, 1);
    name_ = new ShortLabel;
    told_ = new ShortLabel;
    told_->setProperty("role", "quiet");
    told_->setObjectName(QString("film %1 told").arg(number));
    row->addWidget(name_, 0, 1, 1, 3);
    row->addWidget(told_, 1, 1, 1, 3);
    bar_ = new QProgressBar;
    bar_->setTextVisible(false);
    bar_->setFixedHeight(5);
    bar_->setStyleSheet(QString("QProgressBar { background: %1; border: none; border-radius: 2px; } "
                                "QProgressBar::chunk { background: %2; border-radius: 2px; }")
                            .arg(desk_palette().desk_line.name(), desk_palette().playing.name()));
    row->addWidget(bar_, 2, 0, 1, 4);
    pause_ = named(new QPushButton(tr("Pause")), QString("pause film %1").arg(number),
                   tr("Leaves the machine free until it goes on"));
    cancel_ = named(new QPushButton(tr("Cancel")), QString("cancel film %1").arg(number),
                    tr("Gives the film up; nothing stays of it"));
    auto* buttons = new QHBoxLayout; // beneath the picture too: a card is no wider than its column
    buttons->addStretch(1);
    buttons->addWidget(pause_);
    buttons->addWidget(cancel_);
    row->addLayout(buttons, 3, 0, 1, 4);
    row->setColumnStretch(1, 1);
    connect(pause_, &QPushButton::clicked, this, [this] { emit pause_wanted(number_, !paused_); });
    connect(cancel_, &QPushButton::clicked, this, [this] { emit cancel_wanted(number_); });
}

void FilmCard::show_entry(const FilmQueue::Entry& entry) {
    using State = FilmQueue::State;
    paused_ = entry.paused;
    name_->set_text(QString::fromStdString(entry.path.filename().string()));
    const bool running = entry.state == State::Running, waiting = entry.state == State::Waiting;
    QString told = entry.outcome;
    const QString named = QString::fromStdString(entry.path.string()) + ": "; // which stands above already
    if (told.startsWith(named))
        told.remove(0, named.size());
    if (waiting)
        told = entry.paused ? tr("waiting, paused")
                            : tr("waiting · %n frames", nullptr, static_cast<int>(entry.frames));
    else if (running && entry.made == 0)
        told = tr("the sound is made");
    else if (running && entry.paused)
        told = tr("paused at frame %1 of %2").arg(entry.made).arg(entry.frames);
    else if (running)
        // How long it takes first: the end of a long line is not seen.
        told = entry.per_second > 0 ? tr("%1 · %2 of %3 · %4 fps")
                                          .arg(time_text(entry.left))
                                          .arg(entry.made)
                                          .arg(entry.frames)
                                          .arg(number_text(entry.per_second, 0))
                                    : tr("%1 of %2").arg(entry.made).arg(entry.frames);
    told_->set_text(told);
    told_->set_colour(entry.state == State::Failed ? desk_palette().warning : desk_palette().desk_quiet);
    bar_->setRange(0, static_cast<int>(std::max<std::int64_t>(1, entry.frames)));
    bar_->setValue(static_cast<int>(entry.made));
    bar_->setVisible(running || waiting);
    pause_->setVisible(running || waiting);
    pause_->setText(entry.paused ? tr("Resume") : tr("Pause"));
    cancel_->setVisible(running || waiting);
    if (!entry.picture.isNull())
        picture_->setPixmap(QPixmap::fromImage(
            entry.picture.scaled(picture_->size(), Qt::KeepAspectRatio, Qt::SmoothTransformation)));
}

FilmPage::FilmPage(Document& document, ViewState& view, QWidget* parent)
    : QWidget(parent), document_(document), view_(view), queue_(document.jobs()) {
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(14);
    row->addWidget(make_targets(), 3);
    row->addWidget(make_fields(), 4);
    row->addWidget(make_queue(), 4);
    connect(&queue_, &FilmQueue::changed, this, &FilmPage::show_queue);
    connect(&view_, &ViewState::range_changed, this, &FilmPage::show_estimate);
    connect(&view_, &ViewState::selection_changed, this, &FilmPage::show_estimate);
    targets_->setCurrentRow(0);
    show_queue();
}

QWidget* FilmPage::make_targets() {
    auto* box = new QWidget;
    auto* column = new QVBoxLayout(box);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(6);
    targets_ = new QListWidget;
    targets_->setObjectName("film targets");
    targets_->setAccessibleName(tr("What the film is for"));
    for (const auto& target : film_targets())
        targets_->addItem(spoken(target.label) + "\n" + spoken(target.explains));
    targets_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    targets_->setSpacing(2);
    column->addWidget(targets_, 1);
    render_ = main_button(tr("Render the film…"));
    named(render_, "render film", tr("Asks where to write it, and makes it while you go on working"));
    connect(render_, &QPushButton::clicked, this, [this] { emit wanted("render film"); });
    column->addWidget(render_);
    connect(targets_, &QListWidget::currentRowChanged, this, &FilmPage::take_target);
    return box;
}

QWidget* FilmPage::make_fields() {
    auto* box = new QWidget;
    auto* grid = new QGridLayout(box);
    grid->setContentsMargins(0, 0, 0, 0);
    grid->setHorizontalSpacing(8);
    grid->setVerticalSpacing(6);
    range_ = choice_box(
        "film range", tr("How much of the piece the film holds"),
        {tr("all of it"), tr("drawn range"), tr("section here"), tr("selection"), tr("each shot")});
    size_ = choice_box("film size", tr("Pixels; others can be written"));
    size_->setEditable(true);
    size_->setInsertPolicy(QComboBox::NoInsert);
    size_->addItem(tr("project size"));
    for (const char* size :
         {"1920 × 1080", "1280 × 720", "1080 × 1920", "1080 × 1080", "3840 × 2160", "640 × 360", "480 × 270"})
        size_->addItem(QString::fromUtf8(size));
    shape_ = choice_box("film shape", tr("What becomes of the piece where the size has other proportions"));
    for (const auto& shape : film_shapes()) {
        shape_->addItem(text_of(shape.label));
        shape_->setItemData(shape_->count() - 1, text_of(shape.explains), Qt::ToolTipRole);
    }
    format_ = choice_box("film format", tr("How picture and sound are coded"));
    for (const auto& format : film_formats())
        if (can_write(format))
            format_->addItem(spoken(format.label), qt_text(format.id));
    quality_ = whole_field("film quality",
                           tr("Of the encoder: a lower number is better and larger (of WebP a higher one)"),
                           0, 100, 18);
    quality_->setPrefix(tr("quality "));
    sound_ = whole_field("film sound", tr("Of sound that is packed"), 32, 512, 192);
    sound_->setSuffix(tr(" kbit/s"));
    const auto line = [&](int at, const QString& name, QWidget* first, QWidget* second) {
        grid->addWidget(quiet(name), at, 0);
        grid->addWidget(first, at, 1);
        if (second)
            grid->addWidget(second, at, 2);
    };
    line(0, tr("range"), range_, nullptr);
    line(1, tr("size"), size_, shape_);
    line(2, tr("kind"), format_, quality_);
    transparent_ =
        named(new QCheckBox(tr("transparent")), "film transparent",
              tr("What no layer covers stays transparent, for programs that lay it over something else"));
    line(3, tr("sound"), sound_, transparent_);
    for (QWidget* clicked : {static_cast<QWidget*>(shape_), static_cast<QWidget*>(transparent_)})
        clicked->setFocusPolicy(Qt::TabFocus); // a click leaves the keys where they were
    auto* draws = new QHBoxLayout;
    draws->setSpacing(4);
    const QString shortly[] = {tr("frame"), tr("time"), tr("bar"), tr("name"), tr("safe")};
    for (std::size_t i = 0; i < film_burns().size(); ++i) {
        const auto& spec = film_burns()[i].spec;
        auto* button =
            named(new QPushButton(shortly[i]), qt_text(spec.id).replace('-', ' '), text_of(spec.explains));
        button->setCheckable(true);
        button->setProperty("role", "choice");
        draws_.push_back(button);
        draws->addWidget(button);
    }
    grid->addWidget(quiet(tr("burn-in")), 4, 0);
    grid->addLayout(draws, 4, 1, 1, 2);
    as_one_ = named(new QCheckBox(tr("smaller file, by this machine alone")), "film as one",
                    tr("Coded as one, by all cores. Without it the film is larger, and the same to the byte "
                       "as one that is joined from parts that several machines made"));
    as_one_->setChecked(true);
    as_one_->setFocusPolicy(Qt::TabFocus);
    grid->addWidget(as_one_, 5, 1, 1, 2);
    estimate_ = new ShortLabel;
    estimate_->setProperty("role", "quiet");
    estimate_->setObjectName("film estimate");
    grid->addWidget(estimate_, 6, 0, 1, 3);
    grid->setRowStretch(7, 1);
    grid->setColumnStretch(1, 3);
    grid->setColumnStretch(2, 2);
    for (auto* box_of : {range_, size_, format_, shape_})
        connect(box_of, &QComboBox::currentTextChanged, this, &FilmPage::show_estimate);
    for (auto* spin : {quality_, sound_})
        connect(spin, &QSpinBox::valueChanged, this, &FilmPage::show_estimate);
    return box;
}

QWidget* FilmPage::make_queue() {
    auto* box = new QWidget;
    auto* column = new QVBoxLayout(box);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(6);
    auto* top = new QHBoxLayout;
    in_work_ = heading(tr("Render queue"));
    top->addWidget(in_work_, 1);
    forget_ =
        named(new QPushButton(tr("Clear")), "forget films", tr("Takes those that have ended from the list"));
    connect(forget_, &QPushButton::clicked, this, [this] { queue_.forget_ended(); });
    top->addWidget(forget_);
    column->addLayout(top);
    auto* area = new QScrollArea;
    area->setObjectName("film queue");
    area->setWidgetResizable(true);
    area->setFrameShape(QFrame::NoFrame);
    area->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    auto* inside = new QWidget;
    cards_ = new QVBoxLayout(inside);
    cards_->setContentsMargins(0, 0, 4, 0);
    cards_->setSpacing(6);
    cards_->addStretch(1);
    area->setWidget(inside);
    column->addWidget(area, 1);
    return box;
}

void FilmPage::take_target(int row) {
    if (row < 0 || row >= static_cast<int>(film_targets().size()))
        return;
    const auto& target = film_targets()[static_cast<std::size_t>(row)];
    filling_ = true;
    size_->setEditText(target.width > 0 ? QString::fromUtf8("%1 × %2").arg(target.width).arg(target.height)
                                        : tr("project size"));
    format_->setCurrentIndex(std::max(0, format_->findData(qt_text(target.format))));
    shape_->setCurrentIndex(static_cast<int>(target.shape));
    const auto* format = film_format(target.format);
    quality_->setValue(target.quality >= 0 ? target.quality : format->usual);
    filling_ = false;
    show_estimate();
}

Result<FilmOptions> FilmPage::options() const {
    FilmOptions options;
    options.format = format_->currentData().toString().toStdString();
    if (const QString size = size_->currentText().trimmed(); !size.isEmpty() && size != size_->itemText(0)) {
        const auto sides = film_size(size.toStdString());
        if (!sides)
            return tl::unexpected(sides.error());
        std::tie(options.width, options.height) = *sides;
    }
    options.quality = quality_->value();
    options.sound_kbit = sound_->value();
    options.shape = static_cast<FilmShape>(std::max(0, shape_->currentIndex()));
    options.transparent = transparent_->isChecked();
    options.as_one = as_one_->isChecked();
    for (std::size_t i = 0; i < draws_.size(); ++i)
        film_burns()[i].set(options, draws_[i]->isChecked() ? 1.0 : 0.0);
    return options;
}

FilmPage::Range FilmPage::range() const {
    return static_cast<Range>(range_->currentIndex());
}

std::vector<std::pair<Frames, Frames>> FilmPage::ranges() const {
    const auto& project = document_.project();
    const auto& settings = *project.settings;
    const auto frame = [&](Seconds time) {
        return round_to_frame(time, settings.frame_rate, FrameRounding::Nearest).frame;
    };
    const Frames begins = settings.frame_rate.frame_at(settings.begins.value_or(Seconds(0))),
                 ends = piece_length(project);
    switch (range()) {
    case Range::Drawn:
        if (const auto& drawn = view_.range())
            return {{std::max(begins, frame(drawn->from)), std::min(ends, frame(drawn->until))}};
        return {};
    case Range::Section:
        if (project.detection)
            for (const auto& section : project.detection->sections)
                if (view_.playhead() >= section.start && view_.playhead() < section.end)
                    return {{std::max(begins, frame(section.start)), std::min(ends, frame(section.end))}};
        return {};
    case Range::Selected:
        return selected_range();
    case Range::EachShot: {
        std::vector<std::pair<Frames, Frames>> all;
        for (const auto& shot : document_.shown_shots())
            if (shot.start >= begins && shot.end <= ends)
                all.emplace_back(shot.start, shot.end);
        return all;
    }
    case Range::All:
        break;
    }
    return ends > begins ? std::vector{std::pair(begins, ends)} : std::vector<std::pair<Frames, Frames>>{};
}

std::vector<std::pair<Frames, Frames>> FilmPage::selected_range() const {
    const auto& schedule = document_.schedule();
    std::optional<Frames> first, until;
    const auto reach = [&](Frames from, Frames to) {
        first = std::min(first.value_or(from), from);
        until = std::max(until.value_or(to), to);
    };
    for (std::size_t i = 0; i < schedule.size(); ++i) {
        for (const auto& pin : schedule[i].pins)
            if (view_.selection().contains(pin.id))
                reach(pin.frame, pin.frame);
        for (const auto& shot : schedule.spans(schedule[i].id).shots)
            if (view_.selection().contains(shot.cut))
                reach(shot.start, shot.end);
    }
    return first && *until > *first ? std::vector{std::pair(*first, *until)}
                                    : std::vector<std::pair<Frames, Frames>>{};
}

void FilmPage::refresh() {
    show_estimate();
}

void FilmPage::showEvent(QShowEvent* event) {
    QWidget::showEvent(event);
    show_estimate();
}

void FilmPage::show_estimate() {
    if (filling_)
        return;
    const auto* format = film_format(format_->currentData().toString().toStdString());
    const bool steered = format && format->best != format->worst;
    if (steered)
        quality_->setRange(std::min(format->best, format->worst), std::max(format->best, format->worst));
    quality_->setEnabled(steered);
    transparent_->setEnabled(format && format->can_be_transparent());
    as_one_->setEnabled(steered && !format->in_one);
    sound_->setEnabled(format && (format->sound == "aac" || format->sound == "libopus"));
    if (!isVisible()) // the whole film is planned for it: only where it is read
        return;
    const auto all = ranges();
    if (all.empty()) {
        estimate_->set_text(range() == Range::Drawn     ? tr("Draw a range along the bars first")
                            : range() == Range::Section ? tr("There is no section under the playhead")
                            : range() == Range::Selected
                                ? tr("Select a shot, or the pins that it begins and ends with")
                            : range() == Range::EachShot ? tr("There are no shots")
                                                         : tr("Open a song first"));
        render_->setEnabled(false);
        return;
    }
    const auto written = options();
    if (!written) {
        estimate_->set_text(spoken(written.error()));
        render_->setEnabled(false);
        return;
    }
    auto options = *written;
    double bytes = 0;
    std::int64_t frames = 0;
    QString trouble;
    QStringList otherwise;
    for (const auto& [first, until] : all) {
        options.first = first;
        options.until = until;
        const auto film = planned_film(document_.curves(), document_.sounds().plan(), options);
        if (!film) {
            trouble = spoken(film.error());
            break;
        }
        bytes += static_cast<double>(guessed_bytes(*film));
        otherwise = {tr("%1 × %2").arg(film->spec.width).arg(film->spec.height)};
        for (const auto& told : film->told)
            otherwise << spoken(told);
        frames += film->frames();
    }
    render_->setEnabled(trouble.isEmpty());
    if (!trouble.isEmpty())
        return estimate_->set_text(trouble);
    std::error_code code;
    const auto folder =
        document_.path().empty() ? std::filesystem::current_path(code) : document_.path().parent_path();
    const auto space = std::filesystem::space(folder, code);
    QString told = otherwise.join(QStringLiteral(" · ")) + QStringLiteral(" · ") +
                   tr("%n frames, about %1", nullptr, static_cast<int>(frames)).arg(size_text(bytes));
    if (!code)
        told += tr(" · %1 free").arg(size_text(static_cast<double>(space.available)));
    estimate_->set_text(told);
    estimate_->set_colour(!code && bytes > static_cast<double>(space.available) ? desk_palette().warning
                                                                                : desk_palette().desk_quiet);
}

void FilmPage::show_queue() {
    const auto entries = queue_.entries();
    // Cards of films that went from the list go; new ones come at the end.
    for (auto card = shown_.begin(); card != shown_.end();) {
        const bool there = std::any_of(entries.begin(), entries.end(),
                                       [&](const auto& one) { return one.number == (*card)->number(); });
        if (!there) {
            take_away(*card);
            card = shown_.erase(card);
        } else
            ++card;
    }
    for (const auto& entry : entries) {
        auto found = std::find_if(shown_.begin(), shown_.end(),
                                  [&](const FilmCard* card) { return card->number() == entry.number; });
        if (found == shown_.end()) {
            auto* card = new FilmCard(entry.number);
            connect(card, &FilmCard::pause_wanted, &queue_, &FilmQueue::pause);
            connect(card, &FilmCard::cancel_wanted, &queue_, &FilmQueue::cancel);
            cards_->insertWidget(cards_->count() - 1, card);
            found = shown_.insert(shown_.end(), card);
        }
        (*found)->show_entry(entry);
    }
    const auto ended = std::count_if(entries.begin(), entries.end(), [](const auto& one) {
        return one.state != FilmQueue::State::Waiting && one.state != FilmQueue::State::Running;
    });
    const auto left = static_cast<qsizetype>(entries.size()) - ended;
    in_work_->setText(left == 0 ? tr("Nothing in work")
                                : tr("Rendering %1 of %2").arg(left).arg(entries.size()));
    forget_->setEnabled(ended > 0);
}

} // namespace pulsepin
