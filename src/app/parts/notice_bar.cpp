// SPDX-License-Identifier: GPL-3.0-or-later
#include "parts/notice_bar.h"

#include "parts/widgets.h"
#include "session/core_words.h"

#include <QHBoxLayout>

namespace pulsepin {

static std::string damage_of(const LoadedSound* song) {
    return song ? told_of_damage(*song) : std::string();
}

NoticeBar::NoticeBar(Document& document, QWidget* parent) : QWidget(parent), document_(document) {
    setObjectName("notice");
    setAttribute(Qt::WA_StyledBackground);
    setStyleSheet(QString("#notice { background: %1; border-left: 4px solid %2; }")
                      .arg(desk_palette().desk_raised.name(), desk_palette().warning.name()));
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(12, 5, 12, 5);
    row->setSpacing(8);
    text_ = new QLabel;
    text_->setObjectName("notice text");
    text_->setTextFormat(Qt::PlainText);
    text_->setWordWrap(true);
    text_->setTextInteractionFlags(Qt::TextSelectableByMouse);
    row->addWidget(text_, 1);
    const auto add = [&](const char* name, const QString& text, const QString& tip) {
        auto* button = new QPushButton(text);
        button->setObjectName(name);
        button->setToolTip(tip);
        row->addWidget(button);
        return button;
    };
    save_ = add("notice save", tr("Save again"), tr("Tries to save once more"));
    save_as_ = add("notice save as", tr("Save as…"), tr("Saves to another place or under another name"));
    load_ = add("notice load", tr("Open what is there"), tr("Opens the file as it is on the disk now"));
    look_ = add("notice look", tr("Look at both"), tr("Opens what is on the disk in a window of its own"));
    keep_ = add("notice keep", tr("Keep mine"),
                tr("Stays with what is open here: saving will replace what is on the disk"));
    dismiss_ = add("notice dismiss", tr("Understood"), tr("Takes this line away"));
    connect(save_, &QPushButton::clicked, this, &NoticeBar::save_wanted);
    connect(save_as_, &QPushButton::clicked, this, &NoticeBar::save_as_wanted);
    connect(load_, &QPushButton::clicked, this, &NoticeBar::load_again_wanted);
    connect(look_, &QPushButton::clicked, this, &NoticeBar::look_wanted);
    connect(keep_, &QPushButton::clicked, this, [this] { document_.store().accept_change_on_disk(); });
    connect(dismiss_, &QPushButton::clicked, this, [this] {
        if (document_.store().trouble().open_elsewhere && !dismissed_)
            dismissed_ = true;
        else
            damage_read_ = damage_of(document_.sound());
        refresh();
    });
    connect(&document_, &Document::sound_changed, this, [this] {
        if (document_.sound() && damage_of(document_.sound()) != damage_read_)
            damage_read_.clear();
        refresh();
    });
    connect(&document_, &Document::file_changed, this, &NoticeBar::refresh);
    connect(&document_, &Document::opened, this, [this] {
        dismissed_ = false;
        damage_read_.clear();
        refresh();
    });
    refresh();
}

void NoticeBar::refresh() {
    const FileTrouble& trouble = document_.store().trouble();
    const QString name = document_.title();
    const bool conflict = trouble.not_saved && trouble.not_saved->kind == ErrorKind::Changed;
    const bool not_saved = trouble.not_saved.has_value() && !conflict;
    const bool changed = !not_saved && (trouble.changed_on_disk || conflict);
    const bool not_kept = !not_saved && !changed && trouble.not_kept && document_.unsaved();
    const bool elsewhere = !not_saved && !changed && !not_kept && trouble.open_elsewhere && !dismissed_;
    const std::string damage = damage_of(document_.sound());
    const bool damaged =
        !not_saved && !changed && !not_kept && !elsewhere && !damage.empty() && damage != damage_read_;
    QString text;
    if (not_saved)
        text = tr("Not saved. %1").arg(spoken(*trouble.not_saved));
    else if (changed)
        text =
            tr("“%1” was changed on the disk by another program or window. What is open here is as you left "
               "it.")
                .arg(name);
    else if (not_kept)
        text = tr("Not saved, and no copy for the case of a crash. %1").arg(spoken(*trouble.not_kept));
    else if (elsewhere)
        text =
            tr("“%1” is open in another window, too. Work in one of them: whichever saves last replaces what "
               "the other saved, and is asked first.")
                .arg(name);
    else if (damaged)
        text = spoken(damage);
    text_->setText(text);
    offer(save_, not_saved || not_kept);
    offer(save_as_, not_saved || not_kept || changed);
    offer(load_, changed);
    offer(look_, changed);
    offer(keep_, changed);
    offer(dismiss_, elsewhere || damaged);
    setVisible(!text.isEmpty());
}

} // namespace pulsepin
