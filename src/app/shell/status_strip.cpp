// SPDX-License-Identifier: GPL-3.0-or-later
#include "shell/status_strip.h"

#include "parts/widgets.h"

#include <QHBoxLayout>
#include <QMenu>

namespace pulsepin {

/// Whatever is told here, the window grows no wider for it.
static ShortLabel* short_quiet() {
    auto* label = new ShortLabel;
    label->setTextFormat(Qt::PlainText);
    label->setProperty("role", "quiet");
    return label;
}

StatusStrip::StatusStrip(Document& document, QWidget* parent) : QWidget(parent), document_(document) {
    setObjectName("desk");
    setAttribute(Qt::WA_StyledBackground);
    setFixedHeight(24);
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(12, 0, 12, 2);
    row->setSpacing(10);
    left_ = quiet({});
    left_->setObjectName("message");
    left_->setTextFormat(Qt::PlainText);
    left_->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
    left_->setMinimumWidth(100);
    row->addWidget(left_, 1);
    device_ = short_quiet();
    device_->setObjectName("device note");
    row->addWidget(device_);
    sending_ = quiet({});
    sending_->setObjectName("sending");
    sending_->setTextFormat(Qt::RichText);
    sending_->hide();
    row->addWidget(sending_);
    job_ = short_quiet();
    progress_ = new QProgressBar;
    progress_->setRange(0, 1000);
    progress_->setTextVisible(false);
    progress_->setFixedWidth(110);
    progress_->setAccessibleName(tr("Progress"));
    cancel_ = new QPushButton(tr("Cancel"));
    cancel_->setObjectName("cancel job");
    cancel_->setStyleSheet("QPushButton { padding: 0 8px; font-size: 11px; }");
    connect(cancel_, &QPushButton::clicked, this, [this] {
        if (const auto job = shown_.lock())
            job->cancel();
    });
    others_ = new QToolButton;
    others_->setObjectName("other jobs");
    others_->setToolTip(tr("What else is being done, each with its own stop"));
    others_->setStyleSheet("QToolButton { padding: 0 6px; font-size: 11px; }");
    connect(others_, &QToolButton::clicked, this, &StatusStrip::show_others);
    row->addWidget(job_);
    row->addWidget(progress_);
    row->addWidget(cancel_);
    row->addWidget(others_);
    file_ = short_quiet();
    row->addWidget(file_);

    message_timer_.setSingleShot(true);
    connect(&message_timer_, &QTimer::timeout, this, [this] { left_->setText(hint_); });
    file_timer_.setInterval(5000);
    connect(&file_timer_, &QTimer::timeout, this, &StatusStrip::refresh_file);
    file_timer_.start();
    connect(&document_, &Document::file_changed, this, &StatusStrip::refresh_file);
    connect(&document_, &Document::said, this, &StatusStrip::say);
    connect(&document_.jobs(), &Jobs::changed, this, &StatusStrip::refresh_jobs);
    refresh_file();
    refresh_jobs();
}

/// A light that is on, and what it stands for.
void StatusStrip::set_sending(const QString& told, bool trouble) {
    const auto& p = desk_palette();
    sending_->setText(QString("<span style='color:%1'>●</span> %2")
                          .arg((trouble ? p.warning : p.playing).name(), told.toHtmlEscaped()));
    sending_->setVisible(!told.isEmpty());
}

void StatusStrip::set_hint(const QString& hint) {
    hint_ = hint;
    if (!message_timer_.isActive())
        left_->setText(hint_);
}

void StatusStrip::say(const QString& message) {
    left_->setText(message);
    left_->setToolTip(message);
    // Long messages are errors, which take longer to read.
    message_timer_.start(4000 + 60 * static_cast<int>(message.size()));
}

void StatusStrip::set_device_note(const QString& note) {
    device_->set_text(note);
}

void StatusStrip::refresh_jobs() {
    const auto& all = document_.jobs().all();
    auto job = shown_.lock();
    if (!job || job->state() == Job::State::Ended) {
        job = all.empty() ? nullptr : all.front();
        shown_ = job;
    }
    job_->setVisible(job != nullptr);
    progress_->setVisible(job != nullptr);
    cancel_->setVisible(job != nullptr);
    others_->setVisible(all.size() > 1);
    if (!job)
        return;
    job_->set_text(job->name());
    progress_->setValue(static_cast<int>(1000 * job->progress()));
    cancel_->setAccessibleName(tr("Cancel: %1").arg(job->name()));
    others_->setText(tr("+%1").arg(all.size() - 1));
    others_->setAccessibleName(tr("%1 more being done").arg(all.size() - 1));
}

void StatusStrip::show_others() {
    auto* menu = new QMenu(this);
    menu->setAttribute(Qt::WA_DeleteOnClose);
    for (const auto& job : document_.jobs().all())
        menu->addAction(tr("Cancel: %1").arg(job->name()), this, [weak = std::weak_ptr(job)] {
            if (const auto still = weak.lock())
                still->cancel();
        });
    menu->popup(others_->mapToGlobal(QPoint(0, -menu->sizeHint().height())));
}

void StatusStrip::refresh_file() {
    QString text = document_.title();
    if (document_.store().saving())
        text += tr(" · saving…");
    else if (document_.unsaved())
        text += tr(" · not saved");
    else if (const auto at = document_.store().saved_at()) {
        const auto seconds = at->secsTo(QDateTime::currentDateTime());
        text +=
            seconds < 90 ? tr(" · saved %1 s ago").arg(seconds) : tr(" · saved %1 min ago").arg(seconds / 60);
    }
    file_->set_text(text);
}

} // namespace pulsepin
