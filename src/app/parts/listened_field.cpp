// SPDX-License-Identifier: GPL-3.0-or-later
#include "parts/listened_field.h"

#include "follow/project_sounds.h"
#include "parts/fields.h"
#include "session/core_words.h"

#include <QActionGroup>
#include <QMenu>
#include <QStyleOptionButton>
#include <QStylePainter>

namespace pulsepin {

std::vector<std::pair<QString, QString>> sounds_of(const Project& project) {
    std::vector<std::pair<QString, QString>> sounds{{"song", ListenedField::tr("the song")}};
    for (const auto& lane : project.lanes)
        if (holds<SoundBody>(lane->kind) && !lane->pins.empty())
            sounds.emplace_back(QString::fromStdString(sound_of_lane(lane->id)),
                                QString::fromStdString(lane->name));
    if (sounds.size() > 1)
        sounds.emplace_back("sum", ListenedField::tr("all that is heard"));
    return sounds;
}

ListenedField::ListenedField(const QString& name, QWidget* parent) : QPushButton(parent) {
    setObjectName(name);
    setAccessibleName(tr("What is listened to"));
    setToolTip(tr("Which sound is listened to, and what of it: a lane beside the song, its percussive or "
                  "harmonic part, one side"));
    auto* menu = new QMenu(this);
    menu->setObjectName(name + " menu");
    connect(menu, &QMenu::aboutToShow, this, &ListenedField::fill_menu);
    setMenu(menu);
}

void ListenedField::show_listened(const Listened& listened, const Project& project) {
    listened_ = listened;
    project_ = project;
    setText(prefix_ + spoken(name_of(listened, project)));
}

QSize ListenedField::minimumSizeHint() const {
    return {fontMetrics().averageCharWidth() * 8 + 24, QPushButton::minimumSizeHint().height()};
}

/// What does not fit is left out at its end.
void ListenedField::paintEvent(QPaintEvent*) {
    QStylePainter painter(this);
    QStyleOptionButton option;
    initStyleOption(&option);
    option.text = fontMetrics().elidedText(text(), Qt::ElideRight, width() - 30);
    painter.drawControl(QStyle::CE_PushButton, option);
}

void ListenedField::fill_menu() {
    QMenu& all = *menu();
    all.clear();
    const auto add = [&](QActionGroup* group, const QString& label, bool now, auto change) {
        auto* action = all.addAction(label, this, [this, change] {
            Listened wanted = listened_;
            change(wanted);
            if (wanted == listened_)
                return;
            show_listened(wanted, project_);
            emit edited(wanted);
        });
        action->setCheckable(true);
        action->setChecked(now);
        group->addAction(action);
    };
    auto* sounds = new QActionGroup(&all);
    for (const auto& [id, name] : sounds_of(project_))
        add(sounds, name, listened_.sound == id.toStdString(),
            [id = id.toStdString()](Listened& wanted) { wanted.sound = id; });
    all.addSeparator();
    auto* parts = new QActionGroup(&all);
    for (const auto& part : listened_parts())
        add(parts, text_of(part.label), listened_.part == part.id,
            [id = std::string(part.id)](Listened& wanted) { wanted.part = id; });
    all.addSeparator();
    auto* sides = new QActionGroup(&all);
    for (const auto& side : listened_sides())
        add(sides, text_of(side.label), listened_.side == side.id,
            [id = std::string(side.id)](Listened& wanted) { wanted.side = id; });
}

} // namespace pulsepin
