// SPDX-License-Identifier: GPL-3.0-or-later
#include "shell/welcome.h"

#include "interchange/project_file.h"
#include "parts/palette.h"
#include "parts/plain_texts.h"
#include "session/number_text.h"
#include "session/project_store.h"
#include "shell/walk.h"

#include <QCryptographicHash>
#include <QDir>
#include <QEvent>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QLabel>
#include <QStandardPaths>
#include <QVBoxLayout>
#include <algorithm>

namespace pulsepin {
namespace {

constexpr std::size_t most_recent = 4;
constexpr QSize small_picture{80, 45};

QString picture_file(const QString& path) {
    const QString folder =
        QStandardPaths::writableLocation(QStandardPaths::CacheLocation) + "/recent projects";
    const auto name = QCryptographicHash::hash(path.toUtf8(), QCryptographicHash::Sha1).toHex();
    return folder + "/" + QString::fromLatin1(name) + ".png";
}

/// "1:05 · 118 BPM · 6 shots"; empty where the file cannot be read.
QString told(const Project& project) {
    QStringList parts;
    if (project.song) {
        const auto seconds = std::lround(project.song->duration().value);
        parts << QString("%1:%2").arg(seconds / 60).arg(seconds % 60, 2, 10, QChar('0'));
    }
    if (project.grid)
        parts << Welcome::tr("%1 BPM").arg(number_text(project.grid->typical_tempo().value, 0));
    if (!project.bin->empty())
        parts << Welcome::tr("%n shots", nullptr, static_cast<int>(project.bin->size()));
    return parts.join(QStringLiteral(" · "));
}

bool is_empty(const Document& document) {
    const Project& project = document.project();
    return document.path().empty() && !project.song && project.bin->empty() && !project.grid &&
           std::all_of(project.lanes.begin(), project.lanes.end(),
                       [](const auto& lane) { return lane->pins.empty(); });
}

} // namespace

Welcome::Welcome(Document& document, QWidget* over) : QFrame(over), document_(document), over_(over) {
    setObjectName("welcome");
    setAccessibleName(tr("How to begin"));
    const auto& p = desk_palette();
    setStyleSheet(
        QString(
            "#welcome { background: %1; border: 1px solid %2; border-radius: 8px; } #welcome QLabel { color: "
            "%3; background: transparent; }")
            .arg(p.paper.name(), p.paper_line.name(), p.paper_text.name()));
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(22, 18, 22, 18);
    row->setSpacing(28);
    auto* begin = new QVBoxLayout;
    begin->setSpacing(8);
    const auto title = [](const QString& text) {
        auto* label = new QLabel(text);
        QFont font = label->font();
        font.setPixelSize(15);
        font.setWeight(QFont::DemiBold);
        label->setFont(font);
        return label;
    };
    begin->addWidget(title(tr("Put pictures to music")));
    const auto offer = [&](const char* name, const QString& text, auto what) {
        auto* button = new QPushButton(text);
        button->setObjectName(name);
        connect(button, &QPushButton::clicked, this, what);
        begin->addWidget(button);
        return button;
    };
    auto* walk = offer("welcome walk", tr("Walk through the demo"), [this] { emit walk_wanted(); });
    walk->setToolTip(tr("Two minutes: what to press is shown in place, each step waits for you"));
    if (Walk::demo().isEmpty())
        walk->hide();
    offer("welcome song", tr("Open a song…"), [this] {
        emit command_wanted("open song");
    })->setProperty("role", "main");
    offer("welcome project", tr("Open a project…"), [this] { emit command_wanted("open"); });
    offer("welcome template", tr("New from a template…"),
          [this] { emit command_wanted("new from template"); });
    offer("welcome away", tr("Begin without a song"), [this] {
        put_away_ = true;
        refresh();
        over_->setFocus();
    })->setToolTip(tr("Pins can be placed in seconds, and tied to beats later"));
    begin->addStretch(1);
    row->addLayout(begin);
    auto* right = new QVBoxLayout;
    right->setSpacing(6);
    right->addWidget(title(tr("Recent projects")));
    recent_ = new QVBoxLayout;
    recent_->setSpacing(6);
    right->addLayout(recent_);
    right->addStretch(1);
    row->addLayout(right);
    over->installEventFilter(this);
    connect(&document_, &Document::changed, this, &Welcome::refresh);
    connect(&document_, &Document::file_changed, this, &Welcome::refresh);
    connect(&document_, &Document::opened, this, [this] {
        put_away_ = false;
        refresh();
    });
    refresh();
}

void Welcome::keep_picture(const QString& path, const QImage& picture) {
    if (path.isEmpty() || picture.isNull())
        return;
    const QString file = picture_file(path);
    QDir().mkpath(QFileInfo(file).path());
    picture.scaled(2 * small_picture, Qt::KeepAspectRatio, Qt::SmoothTransformation).save(file, "PNG");
}

/// Read beside: a file may lie far away, in a folder that does not answer. What is gone is left out. Nothing
/// that a person waits for stands behind it in that queue.
void Welcome::read_recent() {
    recent_ones_ = RecentOnes::OnTheirWay;
    document_.jobs().start<std::vector<Recent>>(
        JobQueue::Proxy, tr("Reading a recent project"),
        [files = ProjectStore::recent_files()](const Progress& progress) -> Result<std::vector<Recent>> {
            std::vector<Recent> there;
            for (const QString& file : files) {
                if (there.size() == most_recent || progress.cancelled())
                    break;
                if (!QFileInfo(file).isFile())
                    continue;
                const auto project = load_project(file.toStdString());
                there.push_back({file, project ? told(*project) : tr("cannot be read")});
            }
            return there;
        },
        [self = QPointer<Welcome>(this)](const Result<std::vector<Recent>>& there) {
            if (self && there)
                self->show_recent(*there);
            else if (self) // given up for a project that was opened: read when they are wanted again
                self->recent_ones_ = RecentOnes::NotRead;
        });
}

void Welcome::show_recent(const std::vector<Recent>& there) {
    recent_ones_ = RecentOnes::Shown;
    if (there.empty()) {
        auto* none = new QLabel(tr("None yet. A song or a project can also be dropped on the window."));
        none->setWordWrap(true);
        add_recent(none);
    }
    for (const auto& recent : there)
        add_recent(button_of(recent));
    refresh();
}

/// Shown at once: a layout shows it when the loop turns, and the card would not count it before.
void Welcome::add_recent(QWidget* line) {
    recent_->addWidget(line);
    line->show();
}

QPushButton* Welcome::button_of(const Recent& recent) {
    auto* button = new QPushButton;
    button->setObjectName("recent project");
    button->setToolTip(plain_tip(recent.file));
    const QString own = QFileInfo(recent.file).completeBaseName();
    button->setAccessibleName(own);
    auto* row = new QHBoxLayout(button);
    row->setContentsMargins(6, 4, 10, 4);
    auto* picture = new QLabel;
    picture->setFixedSize(small_picture);
    if (const QPixmap seen(picture_file(recent.file)); !seen.isNull())
        picture->setPixmap(seen.scaled(small_picture, Qt::KeepAspectRatio, Qt::SmoothTransformation));
    auto* words = new QVBoxLayout;
    words->setSpacing(0);
    auto* name = new QLabel;
    name->setTextFormat(Qt::PlainText);
    name->setText(name->fontMetrics().elidedText(own, Qt::ElideMiddle, 220));
    auto* facts = new QLabel(recent.told);
    facts->setTextFormat(Qt::PlainText);
    for (auto* label : {name, facts})
        label->setStyleSheet(QString("color: %1").arg(desk_palette().desk_text.name()));
    for (auto* part : {picture, name, facts})
        part->setAttribute(Qt::WA_TransparentForMouseEvents);
    words->addWidget(name);
    words->addWidget(facts);
    row->addWidget(picture);
    row->addLayout(words, 1);
    button->setMinimumSize(340, small_picture.height() + 10);
    connect(button, &QPushButton::clicked, this, [this, file = recent.file] { emit project_wanted(file); });
    return button;
}

void Welcome::refresh() {
    setVisible(!put_away_ && is_empty(document_));
    if (isHidden())
        return;
    put();
    if (recent_ones_ == RecentOnes::NotRead)
        read_recent();
}

void Welcome::put() {
    adjustSize();
    const QSize size = sizeHint().boundedTo(over_->size());
    resize(size);
    constexpr int over_hint = 26; // that a song can be dropped is written where the card lies
    move((over_->width() - size.width()) / 2, std::clamp((over_->height() - size.height()) / 2 - over_hint, 0,
                                                         std::max(0, over_->height() - size.height())));
    raise();
}

bool Welcome::eventFilter(QObject* watched, QEvent* event) {
    if (watched == over_ && event->type() == QEvent::Resize && isVisible())
        put();
    return QFrame::eventFilter(watched, event);
}

} // namespace pulsepin
