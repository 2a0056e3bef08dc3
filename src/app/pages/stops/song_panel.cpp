// SPDX-License-Identifier: GPL-3.0-or-later
#include "pages/stops/song_panel.h"

#include "model/edits.h"
#include "model/piece_edits.h"
#include "model/rate_edits.h"
#include "model/shot_edits.h"
#include "parts/finder.h"
#include "parts/widgets.h"
#include "schedule/piece_length.h"
#include "schedule/shots.h"
#include "session/core_words.h"
#include "session/number_text.h"
#include "time/timecode.h"

#include <QDialog>
#include <QDialogButtonBox>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QInputDialog>
#include <QLineEdit>
#include <QPainter>
#include <QPlainTextEdit>
#include <QRegularExpression>
#include <map>

namespace pulsepin {

SongPanel::SongPanel(Document& document, ViewState& view, QWidget* parent)
    : StopPanel(document, view, parent) {
    auto* grid = new QGridLayout(this);
    grid->setContentsMargins(0, 0, 0, 0);
    grid->setHorizontalSpacing(14);
    grid->setVerticalSpacing(6);
    grid->addWidget(heading(tr("The song and the shots")), 0, 0, 1, 2);
    facts_ = quiet({});
    facts_->setWordWrap(true);
    facts_->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred); // a long name widens nothing
    grid->addWidget(facts_, 1, 0, Qt::AlignTop);

    make_rate();
    auto* fields = new QHBoxLayout;
    fields->setSpacing(12);
    fields->addWidget(labelled(tr("frames"), rate_));
    fields->addWidget(labelled(tr("beats are rounded"), rounding_));
    grid->addLayout(fields, 2, 0, Qt::AlignTop);
    auto* piece = new QHBoxLayout;
    piece->setSpacing(12);
    size_ = named(new ChoiceBox, "picture size",
                  tr("How wide and high the picture is; layers keep their place in it"));
    connect(size_, &QComboBox::activated, this, &SongPanel::choose_size);
    piece->addWidget(labelled(tr("picture"), size_), 1);
    auto* about = named(new QPushButton(tr("Title, author…")), "about piece",
                        tr("What the piece is called, who made it, remarks: written into exported files"));
    connect(about, &QPushButton::clicked, this, &SongPanel::ask_about);
    piece->addWidget(about, 1, Qt::AlignBottom);
    grid->addLayout(piece, 3, 0, Qt::AlignTop);

    heard_ = new SongSound(document_, view_);
    connect(heard_, &SongSound::write_wanted, this, &SongPanel::write_listened_wanted);
    grid->addWidget(heard_, 4, 0, Qt::AlignTop);

    auto* buttons = make_buttons();
    grid->addLayout(buttons, 6, 0);
    grid->setRowStretch(5, 1);

    make_bin();
    auto* clip_row = new QHBoxLayout;
    clip_row->setSpacing(6);
    clip_row->addWidget(remove_);
    clip_row->addStretch(1);
    clip_row->addWidget(camera_);
    connect(&document_.proxies(), &ProxyBank::changed, this, &SongPanel::refresh);
    auto* shots = new QVBoxLayout; // where a camera begins takes its room of the list, and of nothing else
    shots->setSpacing(4);
    shots->addWidget(bin_, 1);
    shots->addWidget(begins_);
    grid->addLayout(shots, 1, 1, 5, 1);
    grid->addLayout(clip_row, 6, 1);
    grid->setColumnStretch(0, 1);
    grid->setColumnStretch(1, 1);
    refresh();
}

void SongPanel::make_bin() {
    bin_ = new ShotBin(document_.thumbnails());
    connect(bin_, &OrderedList::moved, this, [this](int to) {
        document_.apply(with_clips_moved(document_.project(), chosen_clips(), static_cast<std::size_t>(to)),
                        tr("order the bin"));
    });
    connect(&document_, &Document::opened, bin_,
            &QListWidget::clearSelection); // its numbers mean others then
    bin_->setObjectName("bin");
    bin_->setContextMenuPolicy(Qt::CustomContextMenu);
    connect(bin_, &QWidget::customContextMenuRequested, this, [this](QPoint at) {
        if (!bin_->selectedItems().isEmpty())
            emit bin_menu_wanted(bin_->viewport()->mapToGlobal(at));
    });
    bin_->setAccessibleName(tr("Shots in the bin"));
    bin_->setMinimumWidth(160);
    bin_->setToolTip(
        tr("The shots that cuts are taken from, in this order: drag to change it, or onto a lane, a shot "
           "or the picture"));
    remove_ = new QPushButton(tr("Remove"));
    remove_->setToolTip(tr("Takes the selected shots out of the bin; those that cuts use stay"));
    connect(remove_, &QPushButton::clicked, this, &SongPanel::remove_shots);
    connect(bin_, &QListWidget::itemSelectionChanged, this,
            [this] { remove_->setEnabled(!bin_->selectedItems().isEmpty()); });
    remove_->setEnabled(false);
    remove_->setProperty("role", "small");
    camera_ = new QPushButton(tr("Camera"));
    camera_->setObjectName("camera");
    camera_->setCheckable(true);
    camera_->setProperty("role", "choice");
    camera_->setToolTip(tr("It ran while the song played: cuts to it can show the same moment"));
    begins_ = new QDoubleSpinBox;
    begins_->setObjectName("camera begins");
    begins_->setAccessibleName(tr("Where in the song its first picture lies"));
    begins_->setToolTip(tr("Where in the song its first picture lies"));
    begins_->setRange(-36'000, 36'000);
    begins_->setDecimals(3);
    begins_->setPrefix(tr("begins at "));
    begins_->setSuffix(tr(" s"));
    begins_->setKeyboardTracking(false);
    const auto tell = [this] {
        const Clip* clip = showing_ ? nullptr : chosen_clip();
        if (!clip)
            return;
        const ClipId id = clip->id;
        document_.apply(
            with_camera(document_.project(), id,
                        camera_->isChecked() ? std::optional(Seconds(begins_->value())) : std::nullopt),
            camera_->isChecked() ? tr("set camera") : tr("no camera"));
    };
    connect(camera_, &QPushButton::clicked, this, tell);
    connect(begins_, &QDoubleSpinBox::valueChanged, this, tell);
    connect(bin_, &QListWidget::itemSelectionChanged, this, &SongPanel::show_camera);
}

void SongPanel::make_rate() {
    rate_ = new ChoiceBox;
    rate_->setObjectName("frame rate");
    for (const auto& rate : common_frame_rates())
        rate_->addItem(tr("%1 fps").arg(QString::fromStdString(rate.text())));
    rate_->setToolTip(tr("Frames per second. All frame numbers are derived again; nothing moves in time."));
    connect(rate_, &QComboBox::activated, this, [this](int index) {
        document_.apply(
            with_frame_rate(document_.project(), common_frame_rates()[static_cast<std::size_t>(index)]),
            tr("change frame rate"));
    });
    rounding_ = new ChoiceBox;
    rounding_->setObjectName("rounding");
    rounding_->addItems({tr("nearest frame"), tr("never late")});
    rounding_->setToolTip(tr("A beat seldom falls on a frame: which one is taken then"));
    connect(rounding_, &QComboBox::activated, this, [this](int index) {
        Settings settings = *document_.project().settings;
        settings.rounding = index == 0 ? FrameRounding::Nearest : FrameRounding::NeverLate;
        document_.apply(with_settings(document_.project(), settings), tr("change rounding"));
    });
}

QLayout* SongPanel::make_buttons() {
    auto* open = main_button(tr("Open song…"));
    open->setObjectName("open song");
    open->setToolTip(tr("Any sound file, or a video whose sound is the song"));
    connect(open, &QPushButton::clicked, this, &SongPanel::open_song_wanted);
    auto* shots = new QPushButton(tr("Add shots…"));
    shots->setObjectName("add shots");
    shots->setToolTip(tr("Video files for the bin, from which cuts take their shots"));
    connect(shots, &QPushButton::clicked, this, &SongPanel::add_shots_wanted);
    auto* sound = new QPushButton(tr("Add sound…"));
    sound->setObjectName("add sound");
    sound->setToolTip(
        tr("Another sound, laid under the song from the playhead on; several at once are parts of "
           "the song, as drums and the rest, and are laid where they sound like it"));
    connect(sound, &QPushButton::clicked, this, &SongPanel::add_sound_wanted);
    auto* buttons = new QHBoxLayout;
    buttons->setSpacing(10);
    buttons->addWidget(open);
    buttons->addWidget(shots);
    buttons->addWidget(sound);
    buttons->addStretch(1);
    return buttons;
}

std::vector<ClipId> SongPanel::chosen_clips() const {
    return bin_->chosen();
}

const Clip* SongPanel::chosen_clip() const {
    const auto chosen = bin_->selectedItems();
    return chosen.size() == 1
               ? document_.project().clip(ClipId{chosen.front()->data(Qt::UserRole).toULongLong()})
               : nullptr;
}

void SongPanel::show_camera() {
    const Clip* clip = chosen_clip();
    showing_ = true;
    camera_->setEnabled(clip && clip->has_picture);
    camera_->setChecked(clip && clip->begins_at);
    begins_->setVisible(clip && clip->begins_at);
    if (clip && clip->begins_at)
        begins_->setValue(clip->begins_at->value);
    showing_ = false;
}

void SongPanel::remove_shots() {
    Project next = document_.project();
    for (const auto* item : bin_->selectedItems()) {
        auto without = without_clip(next, ClipId{item->data(Qt::UserRole).toULongLong()});
        if (!without) {
            document_.say(spoken(without.error()));
            return;
        }
        next = *std::move(without);
    }
    document_.apply(std::move(next), tr("remove shots"));
}

QString SongPanel::summary() const {
    const auto& project = document_.project();
    if (!project.song)
        return tr("no song yet");
    const auto length = static_cast<int>(project.song->duration().value + 0.5);
    return tr("%1:%2, %n shots", nullptr, static_cast<int>(project.shots().size()))
        .arg(length / 60)
        .arg(length % 60, 2, 10, QChar('0'));
}

bool SongPanel::complete() const {
    return document_.project().song != nullptr;
}

void SongPanel::refresh() {
    const auto& project = document_.project();
    heard_->refresh();
    facts_->setWordWrap(!project.song); // two lines are room enough for what is told of one
    if (project.song) {
        const auto name = QString::fromStdString(project.song->path.filename().string());
        facts_->setText(name + '\n' +
                        tr("%1 · %2 kHz · %3 frames")
                            .arg(QString::fromStdString(format_clock(project.song->duration())))
                            .arg(static_cast<double>(project.song->sample_rate) / 1000)
                            .arg(piece_length(project).value));
        facts_->setToolTip(
            tr("%1\n%2 samples")
                .arg(QString::fromStdString(project.song->path.string()),
                     QLocale(QLocale::English).toString(static_cast<qlonglong>(project.song->length.value))));
    } else {
        facts_->setText(tr("No song yet. Open one, or drop it on the window."));
        facts_->setToolTip({});
    }
    const auto rates = common_frame_rates();
    const auto found = std::find(rates.begin(), rates.end(), project.settings->frame_rate);
    rate_->setCurrentIndex(found == rates.end() ? -1 : static_cast<int>(found - rates.begin()));
    rounding_->setCurrentIndex(project.settings->rounding == FrameRounding::Nearest ? 0 : 1);
    show_sizes();
    std::map<ClipId, int> uses;
    for (const auto& lane : project.lanes)
        if (holds<CutBody>(lane->kind))
            for (const auto& pin : lane->pins)
                if (const auto* cut = body_if<CutBody>(&pin.body))
                    ++uses[cut->shot];
    std::vector<ShotBin::Row> rows;
    for (const auto& clip : *project.bin) {
        const QString what = !clip.has_picture         ? tr(" (sound)")
                             : clip.begins_at          ? tr(" (camera)")
                             : clip.high_dynamic_range ? tr(" (HDR)")
                                                       : QString();
        rows.push_back(
            {clip.id,
             QString::fromStdString(clip.name) + what +
                 (clip.still ? tr("   picture") : tr("   %1 s").arg(number_text(clip.duration.value, 1))) +
                 (clip.has_picture ? tr("\n%1 · %2")
                                         .arg(uses[clip.id] == 0   ? tr("unused")
                                              : uses[clip.id] == 1 ? tr("1 cut")
                                                                   : tr("%1 cuts").arg(uses[clip.id]))
                                         .arg(size_or_proxy(clip))
                                   : QString()),
             QString::fromStdString(clip.path.string()) + proxy_told(clip),
             {clip.path, clip.turned},
             clip.has_picture});
    }
    bin_->show_rows(std::move(rows));
    show_camera();
    remove_->setEnabled(!bin_->selectedItems().isEmpty());
}

/// What there is room for: the size of a large clip is in its tooltip.
QString SongPanel::size_or_proxy(const Clip& clip) {
    switch (document_.proxies().state(clip)) {
    case ProxyBank::State::OnItsWay:
        return tr("making proxy");
    case ProxyBank::State::There:
        return tr("proxy");
    case ProxyBank::State::Failed:
        return tr("no proxy");
    case ProxyBank::State::NotNeeded:
        break;
    }
    return tr("%1 × %2").arg(clip.width).arg(clip.height);
}

/// The same in full, for the tooltip.
QString SongPanel::proxy_told(const Clip& clip) {
    QString size = tr("\n%1 × %2 pixels\n").arg(clip.width).arg(clip.height);
    if (clip.high_dynamic_range)
        size += tr("Of high dynamic range: its light is mapped to standard range (Report ITU-R BT.2390).\n");
    if (clip.turned != 0)
        size += tr("Turned by hand.\n");
    switch (document_.proxies().state(clip)) {
    case ProxyBank::State::OnItsWay:
        return size + tr("A smaller copy for showing it is on its way.");
    case ProxyBank::State::There:
        return size + tr("Shown by a proxy; exports are made from the file itself.");
    case ProxyBank::State::Failed:
        return size +
               tr("Shown from the file itself, more slowly. %1").arg(document_.proxies().why_not(clip));
    case ProxyBank::State::NotNeeded:
        break;
    }
    return size.trimmed().isEmpty() ? QString() : size.chopped(1);
}

/// The usual sizes, that of the first shot, and whatever else the picture has.
void SongPanel::show_sizes() {
    const auto& settings = *document_.project().settings;
    const auto shots = document_.project().shots();
    const QSize now(settings.picture_width, settings.picture_height);
    std::vector<std::pair<QString, QSize>> sizes{{tr("16:9 · 1280 × 720"), {1280, 720}},
                                                 {tr("16:9 · 1920 × 1080"), {1920, 1080}},
                                                 {tr("9:16 · 1080 × 1920"), {1080, 1920}},
                                                 {tr("1:1 · 1080 × 1080"), {1080, 1080}},
                                                 {tr("4:5 · 1080 × 1350"), {1080, 1350}}};
    if (!shots.empty() && shots.front()->width > 0)
        sizes.emplace_back(tr("first shot · %1 × %2").arg(shots.front()->width).arg(shots.front()->height),
                           QSize(shots.front()->width, shots.front()->height));
    const auto same = [&](const auto& one) { return one.second == now; };
    if (std::none_of(sizes.begin(), sizes.end(), same))
        sizes.emplace_back(tr("%1 × %2").arg(now.width()).arg(now.height()), now);
    size_->clear();
    for (const auto& [text, size] : sizes)
        size_->addItem(text, size);
    size_->addItem(tr("Own numbers…"), QSize());
    size_->setCurrentIndex(static_cast<int>(std::find_if(sizes.begin(), sizes.end(), same) - sizes.begin()));
}

void SongPanel::choose_size(int index) {
    QSize size = size_->itemData(index).toSize();
    const auto& settings = *document_.project().settings;
    if (size.isEmpty()) {
        bool wanted = false;
        const QString text = QInputDialog::getText(
            this, tr("Picture"), tr("Width and height in pixels, as 1080 x 1350"), QLineEdit::Normal,
            tr("%1 x %2").arg(settings.picture_width).arg(settings.picture_height), &wanted);
        const auto parts = text.split(QRegularExpression("[x×]"));
        if (!wanted || parts.size() != 2) {
            if (wanted)
                document_.say(tr("Write two numbers with an x between them: 1080 x 1350"));
            return show_sizes();
        }
        size = QSize(parts[0].trimmed().toInt(), parts[1].trimmed().toInt());
    }
    document_.apply(with_picture_size(document_.project(), size.width(), size.height()),
                    tr("change picture size"));
    show_sizes();
}

void SongPanel::ask_about() {
    const auto& settings = *document_.project().settings;
    QDialog dialog(this);
    dialog.setWindowTitle(tr("The piece"));
    auto* column = new QVBoxLayout(&dialog);
    auto* title =
        named(new QLineEdit(QString::fromStdString(settings.title)), "piece title", tr("Its title"));
    auto* author =
        named(new QLineEdit(QString::fromStdString(settings.author)), "piece author", tr("Who made it"));
    auto* remarks =
        named(new QPlainTextEdit(QString::fromStdString(settings.remarks)), "piece remarks", tr("Remarks"));
    remarks->setTabChangesFocus(true);
    column->addWidget(labelled(tr("title"), title));
    column->addWidget(labelled(tr("author"), author));
    column->addWidget(labelled(tr("remarks"), remarks));
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel);
    connect(buttons, &QDialogButtonBox::accepted, &dialog, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, &dialog, &QDialog::reject);
    column->addWidget(buttons);
    dialog.resize(420, 300);
    if (dialog.exec() == QDialog::Accepted)
        document_.apply(with_piece_named(document_.project(), title->text().toStdString(),
                                         author->text().toStdString(), remarks->toPlainText().toStdString()),
                        tr("name piece"));
}

} // namespace pulsepin
