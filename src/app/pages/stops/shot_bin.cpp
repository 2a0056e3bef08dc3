// SPDX-License-Identifier: GPL-3.0-or-later
#include "pages/stops/shot_bin.h"

#include <QPainter>
#include <QScrollBar>
#include <algorithm>
#include <set>
#include <utility>

namespace pulsepin {
namespace {

/// Upright and wide pictures take the same room, so that names stand beneath each other.
QPixmap centred_on(const QImage& image, QSize size) {
    QPixmap ground(size);
    ground.fill(Qt::transparent);
    const QImage fitted = image.scaled(size, Qt::KeepAspectRatio, Qt::SmoothTransformation);
    QPainter(&ground).drawImage((size.width() - fitted.width()) / 2, (size.height() - fitted.height()) / 2,
                                fitted);
    return ground;
}

} // namespace

ShotBin::ShotBin(ThumbnailBank& thumbnails, QWidget* parent)
    : OrderedList(
          [](const QListWidgetItem& item) -> Dragged {
              return ClipId{item.data(Qt::UserRole).toULongLong()};
          },
          parent),
      thumbnails_(thumbnails) {
    setSelectionMode(QAbstractItemView::ExtendedSelection);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    setIconSize({48, 27});
    connect(&thumbnails, &ThumbnailBank::arrived, this, &ShotBin::show_pictures);
    connect(verticalScrollBar(), &QScrollBar::valueChanged, this, &ShotBin::show_pictures);
}

std::vector<ClipId> ShotBin::chosen() const {
    std::vector<ClipId> clips;
    for (int i = 0; i < count(); ++i)
        if (item(i)->isSelected())
            clips.push_back(rows_[static_cast<std::size_t>(i)].clip);
    return clips;
}

void ShotBin::show_rows(std::vector<Row> rows) {
    const auto before = std::exchange(rows_, std::move(rows));
    const bool same = std::ranges::equal(before, rows_, {}, &Row::clip, &Row::clip);
    if (!same) {
        std::set<ClipId> kept;
        for (std::size_t i = 0; i < before.size(); ++i)
            if (item(static_cast<int>(i))->isSelected())
                kept.insert(before[i].clip);
        clear();
        make_items();
        for (std::size_t i = 0; i < rows_.size(); ++i)
            item(static_cast<int>(i))->setSelected(kept.contains(rows_[i].clip));
        std::set<PictureFile> files;
        for (const auto& row : rows_)
            files.insert(row.file);
        std::erase_if(pictures_, [&](const auto& one) { return !files.contains(one.first); });
    }
    for (std::size_t i = 0; i < rows_.size(); ++i) {
        auto* own = item(static_cast<int>(i));
        const Row& row = rows_[i];
        if (!same || before[i].text != row.text)
            own->setText(row.text);
        if (!same || before[i].tip != row.tip)
            own->setToolTip(row.tip);
        if (same && before[i].file != row.file)
            own->setIcon({});
    }
    show_pictures();
}

void ShotBin::make_items() {
    for (const auto& row : rows_) {
        auto* own = new QListWidgetItem(this);
        own->setData(Qt::UserRole, static_cast<qulonglong>(row.clip.value));
        if (const auto picture = pictures_.find(row.file); picture != pictures_.end())
            own->setIcon(picture->second);
    }
}

/// As far as they are there.
void ShotBin::show_pictures() {
    if (!isVisible() || rows_.empty())
        return;
    for (int i = std::max(0, indexAt({2, 2}).row()); i < count(); ++i) {
        if (visualItemRect(item(i)).top() > viewport()->height())
            break;
        const Row& row = rows_[static_cast<std::size_t>(i)];
        if (!row.has_picture || !item(i)->icon().isNull())
            continue;
        if (const auto* image = thumbnails_.at(row.file, Seconds(0))) {
            QIcon& picture = pictures_[row.file];
            picture = QIcon(centred_on(*image, iconSize() * 2));
            item(i)->setIcon(picture);
        }
    }
}

void ShotBin::resizeEvent(QResizeEvent* event) {
    OrderedList::resizeEvent(event);
    show_pictures();
}

void ShotBin::showEvent(QShowEvent* event) {
    OrderedList::showEvent(event);
    show_pictures();
}

} // namespace pulsepin
