// SPDX-License-Identifier: GPL-3.0-or-later
#include "pages/dialogs/say_dialog.h"

#include "parts/palette.h"
#include "parts/widgets.h"
#include "session/core_words.h"

#include <QDialogButtonBox>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QSettings>
#include <QTimer>
#include <QVBoxLayout>

namespace pulsepin {

SayDialog::SayDialog(Document& document, ViewState& view, QWidget* parent)
    : QDialog(parent), document_(document), view_(view), line_(new QLineEdit), told_(new QLabel),
      lines_(new QListWidget), rest_(new QTimer(this)) {
    setObjectName("say");
    setWindowTitle(tr("Say it in a line"));
    auto* column = new QVBoxLayout(this);
    line_->setObjectName("said line");
    line_->setAccessibleName(tr("What is to happen, and where"));
    line_->setPlaceholderText(tr("camera zoom 100 -> 110 for 2 frames on kick, bars 9-16"));
    line_->setClearButtonEnabled(true);
    line_->installEventFilter(this);
    lines_->setObjectName("said lines");
    lines_->setAccessibleName(tr("How the line can go on"));
    lines_->setFocusPolicy(Qt::NoFocus);
    told_->setObjectName("said told");
    told_->setWordWrap(true);
    told_->setTextFormat(Qt::PlainText);
    told_->setMinimumHeight(3 * fontMetrics().lineSpacing());
    told_->setAlignment(Qt::AlignTop | Qt::AlignLeft);
    column->addWidget(line_);
    column->addWidget(told_);
    column->addWidget(lines_, 1);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel);
    do_ = buttons->button(QDialogButtonBox::Ok);
    do_->setText(tr("Do it"));
    connect(buttons, &QDialogButtonBox::accepted, this, &SayDialog::do_it);
    connect(buttons, &QDialogButtonBox::rejected, this, &SayDialog::reject);
    column->addWidget(buttons);
    connect(line_, &QLineEdit::textChanged, this, &SayDialog::read);
    connect(lines_, &QListWidget::itemClicked, this, [this](const QListWidgetItem* item) {
        line_->setText(item->text());
        line_->setFocus();
    });
    rest_->setSingleShot(true);
    rest_->setInterval(120);
    connect(rest_, &QTimer::timeout, this, &SayDialog::look_at_places);
    resize(620, 320);
    line_->setText(QSettings().value("said line").toString());
    line_->selectAll();
    read();
}

/// Over the bench: the song, in which its places are seen, stays free.
void SayDialog::showEvent(QShowEvent* event) {
    QDialog::showEvent(event);
    const QRect window = parentWidget()->frameGeometry();
    move(window.left() + 160, window.bottom() - frameGeometry().height() - 8);
}

SayDialog::~SayDialog() {
    view_.set_said_places({});
}

void SayDialog::read() {
    complete();
    rest_->start();
    const auto said = understood(document_.project(), line_->text().toStdString());
    do_->setEnabled(said.has_value());
    told_->setText(said ? spoken(said->told) : spoken(said.error()));
}

void SayDialog::complete() {
    lines_->clear();
    for (const auto& line : lines_that_go_on(document_.project(), line_->text().toStdString()))
        lines_->addItem(QString::fromStdString(line));
}

/// Seen over the song, and counted.
void SayDialog::look_at_places() {
    const auto said = understood(document_.project(), line_->text().toStdString());
    if (!said)
        return view_.set_said_places({});
    auto places = places_of(document_.project(), *said);
    told_->setText(spoken(said->told) + "\n" +
                   (!places               ? spoken(places.error())
                    : places->size() == 1 ? tr("1 place")
                                          : tr("%1 places").arg(places->size())));
    view_.set_said_places(places ? *std::move(places) : std::vector<Seconds>());
}

void SayDialog::do_it() {
    auto done = understood(document_.project(), line_->text().toStdString()).and_then([&](const Said& said) {
        return done_as_said(document_.project(), said);
    });
    if (!done)
        return told_->setText(spoken(done.error()));
    if (!document_.apply(Result<Project>(std::move(done->project)), tr("do what was said")))
        return;
    QSettings().setValue("said line", line_->text());
    view_.choose_lane(done->lane);
    document_.say(tr("%1 placed on “%2”")
                      .arg(done->count)
                      .arg(QString::fromStdString(document_.project().lane(done->lane)->name)));
    accept();
}

/// The arrows go through what the line can become, Tab takes that.
bool SayDialog::eventFilter(QObject* watched, QEvent* event) {
    if (watched != line_ || event->type() != QEvent::KeyPress)
        return QDialog::eventFilter(watched, event);
    const int key = static_cast<QKeyEvent*>(event)->key();
    if (key == Qt::Key_Up || key == Qt::Key_Down) {
        const int row = lines_->currentRow() + (key == Qt::Key_Up ? -1 : 1);
        if (row >= 0 && row < lines_->count())
            lines_->setCurrentRow(row);
        return true;
    }
    if (key == Qt::Key_Tab && lines_->count() > 0) {
        line_->setText(lines_->item(std::max(0, lines_->currentRow()))->text());
        return true;
    }
    return false;
}

} // namespace pulsepin
