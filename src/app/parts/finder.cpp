// SPDX-License-Identifier: GPL-3.0-or-later
#include "parts/finder.h"

#include "parts/last_chosen.h"

#include <QAbstractButton>
#include <QKeyEvent>
#include <QLineEdit>
#include <QListWidget>
#include <QMenu>
#include <QPointer>
#include <QScreen>
#include <QScrollBar>
#include <QStyle>
#include <QVBoxLayout>
#include <algorithm>
#include <memory>

namespace pulsepin {
namespace {

constexpr int which_offer = Qt::UserRole;
constexpr int rows_in_sight = 18;

QString offer_key(const Offer& offer) {
    return chosen_key(offer.group, offer.name);
}

bool has_all(const Offer& offer, const QStringList& words) {
    return has_words(offer.group + ' ' + offer.name, words);
}

bool can_be_chosen(const QListWidgetItem* item) {
    return item && (item->flags() & Qt::ItemIsSelectable) != 0;
}

} // namespace

void Finder::open(QWidget& under, const QString& memory, std::vector<Offer> offers) {
    auto* finder = new Finder(under, memory, std::move(offers)); // deletes itself when it closes
    finder->fill();
    finder->place(under);
    finder->show();
    finder->words_->setFocus(Qt::PopupFocusReason);
    if (auto* current = finder->list_->currentItem())
        finder->list_->scrollToItem(current, QAbstractItemView::PositionAtCenter);
}

Finder::Finder(QWidget& under, QString memory, std::vector<Offer> offers)
    : QFrame(&under, Qt::Popup), memory_(std::move(memory)), offers_(std::move(offers)),
      words_(new QLineEdit), list_(new QListWidget) {
    setAttribute(Qt::WA_DeleteOnClose);
    setObjectName("finder");
    setFrameShape(QFrame::StyledPanel);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(6, 6, 6, 6);
    column->setSpacing(4);
    words_->setObjectName("finder words");
    words_->setAccessibleName(tr("Words to find by"));
    words_->setPlaceholderText(tr("Type to find"));
    words_->setClearButtonEnabled(true);
    words_->installEventFilter(this);
    list_->setObjectName("finder list");
    list_->setAccessibleName(under.accessibleName());
    list_->setFocusPolicy(Qt::NoFocus);
    list_->setFrameShape(QFrame::NoFrame);
    list_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    list_->setMouseTracking(true);
    column->addWidget(words_);
    column->addWidget(list_, 1);
    connect(words_, &QLineEdit::textChanged, this, &Finder::fill);
    connect(list_, &QListWidget::itemEntered, this, [this](QListWidgetItem* item) {
        if (can_be_chosen(item))
            list_->setCurrentItem(item);
    });
    connect(list_, &QListWidget::itemClicked, this, [this](const QListWidgetItem* item) {
        if (can_be_chosen(item))
            choose_row();
    });
}

void Finder::add_heading(const QString& text) {
    auto* item = new QListWidgetItem(text, list_);
    item->setFlags(Qt::ItemIsEnabled);
    QFont font = list_->font();
    font.setBold(true);
    item->setFont(font);
    item->setForeground(palette().placeholderText());
}

void Finder::add_row(const Offer& offer) {
    auto* item = new QListWidgetItem(offer.icon, offer.name, list_);
    item->setData(which_offer, static_cast<int>(&offer - offers_.data()));
}

/// The first whose name begins as typed, or else the one that is chosen now, or the first, is where the keys
/// are.
void Finder::fill() {
    const QStringList words = words_->text().simplified().split(' ', Qt::SkipEmptyParts);
    list_->clear();
    if (words.isEmpty()) {
        std::vector<const Offer*> last;
        for (const auto& key : last_chosen(memory_))
            if (const auto found = std::ranges::find(offers_, key, offer_key); found != offers_.end())
                last.push_back(&*found);
        if (!last.empty())
            add_heading(tr("Used last"));
        for (const auto* offer : last)
            add_row(*offer);
        if (!last.empty() && offers_.front().group.isEmpty())
            add_heading(tr("All"));
    }
    QString group;
    int begins = -1, current = -1;
    for (const auto& offer : offers_) {
        if (!has_all(offer, words))
            continue;
        if (offer.group != group)
            add_heading(offer.group.isEmpty() ? tr("Other") : offer.group);
        group = offer.group;
        add_row(offer);
        const int row = list_->count() - 1;
        if (begins < 0 && !words.isEmpty() && offer.name.startsWith(words.front(), Qt::CaseInsensitive))
            begins = row;
        if (offer.is_current && words.isEmpty())
            current = row;
    }
    if (list_->count() == 0)
        add_heading(tr("Nothing has these words"));
    else
        move_to(begins >= 0 ? begins : std::max(current, 0), 1);
}

void Finder::move_to(int row, int step) {
    row = std::clamp(row, 0, list_->count() - 1);
    while (row >= 0 && row < list_->count() && !can_be_chosen(list_->item(row)))
        row += step;
    if (row >= 0 && row < list_->count()) {
        list_->setCurrentRow(row);
        // A heading above the first row is seen with it.
        list_->scrollToItem(list_->item(row > 0 && !can_be_chosen(list_->item(row - 1)) ? row - 1 : row));
        list_->scrollToItem(list_->item(row));
    }
}

void Finder::choose_row() {
    const auto* item = list_->currentItem();
    if (!can_be_chosen(item))
        return;
    const Offer chosen = offers_[static_cast<std::size_t>(item->data(which_offer).toInt())];
    keep_chosen(memory_, offer_key(chosen));
    close();
    chosen.choose();
}

bool Finder::eventFilter(QObject* watched, QEvent* event) {
    if (watched != words_ || event->type() != QEvent::KeyPress)
        return QFrame::eventFilter(watched, event);
    const int row = list_->currentRow();
    switch (static_cast<QKeyEvent*>(event)->key()) {
    case Qt::Key_Up:
        move_to(row - 1, -1);
        return true;
    case Qt::Key_Down:
        move_to(row + 1, 1);
        return true;
    case Qt::Key_PageUp:
        move_to(row - rows_in_sight / 2, 1);
        return true;
    case Qt::Key_PageDown:
        move_to(row + rows_in_sight / 2, -1);
        return true;
    case Qt::Key_Return:
    case Qt::Key_Enter:
    case Qt::Key_Tab:
        choose_row();
        return true;
    case Qt::Key_Escape:
        close();
        return true;
    default:
        return false;
    }
}

/// Wide enough for each name, under the widget or, where there is no room, above it.
void Finder::place(const QWidget& under) {
    const int width =
        list_->sizeHintForColumn(0) + list_->verticalScrollBar()->sizeHint().width() + 2 * frameWidth() + 24;
    const int rows = std::clamp(list_->count(), 4, rows_in_sight);
    const int height =
        rows * std::max(list_->sizeHintForRow(0), fontMetrics().height()) + words_->sizeHint().height() + 24;
    const QRect room = under.screen()->availableGeometry();
    const QSize size(std::clamp(width, under.width(), room.width()), std::min(height, room.height()));
    QPoint at = under.mapToGlobal(QPoint(0, under.height()));
    if (at.y() + size.height() > room.bottom())
        at.setY(std::max(room.top(), under.mapToGlobal(QPoint(0, 0)).y() - size.height()));
    at.setX(std::clamp(at.x(), room.left(), std::max(room.left(), room.right() - size.width())));
    setGeometry(QRect(at, size));
}

/// Of a menu, which lives as long as they do.
static void add_offers(std::vector<Offer>& offers, const std::shared_ptr<QMenu>& whole, const QMenu& menu,
                       const QString& group) {
    for (auto* action : menu.actions())
        if (const auto* inner = action->menu())
            add_offers(offers, whole, *inner,
                       group.isEmpty() ? action->text() : QString("%1 · %2").arg(group, action->text()));
        else if (!action->isSeparator() && action->isEnabled())
            offers.push_back({.group = group,
                              .name = action->text(),
                              .choose = [whole, action] { action->trigger(); },
                              .is_current = action->isChecked(),
                              .icon = action->icon()});
}

void find_on_click(QAbstractButton& button, const QString& memory, std::function<void(QMenu*)> fill) {
    QObject::connect(&button, &QAbstractButton::clicked, &button, [&button, memory, fill = std::move(fill)] {
        const auto menu = std::make_shared<QMenu>();
        fill(menu.get());
        std::vector<Offer> offers;
        add_offers(offers, menu, *menu, {});
        if (!offers.empty())
            Finder::open(button, memory, std::move(offers));
    });
}

std::function<void()> ChoiceBox::choosing(int row) {
    return [box = QPointer<ChoiceBox>(this), row, text = itemText(row)] {
        if (!box || box->itemText(row) != text)
            return;
        box->setCurrentIndex(row);
        emit box->activated(row);
        if (box)
            emit box->textActivated(text);
    };
}

void ChoiceBox::showPopup() {
    if (opens_ && opens_())
        return;
    if (isEditable() || count() < long_list)
        return QComboBox::showPopup();
    std::vector<Offer> offers;
    for (int i = 0; i < count(); ++i) {
        const QModelIndex row = model()->index(i, modelColumn(), rootModelIndex());
        if ((row.flags() & Qt::ItemIsEnabled) == 0 || itemText(i).isEmpty())
            continue; // a line between
        offers.push_back({.group = itemData(i, group_role).toString(),
                          .name = itemText(i),
                          .choose = choosing(i),
                          .is_current = i == currentIndex(),
                          .icon = itemIcon(i)});
    }
    Finder::open(*this, objectName(), std::move(offers));
}

} // namespace pulsepin
