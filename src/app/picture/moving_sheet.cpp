// SPDX-License-Identifier: GPL-3.0-or-later
#include "picture/moving_sheet.h"

#include "parts/last_chosen.h"
#include "parts/palette.h"

#include <QApplication>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QMouseEvent>
#include <QPainter>
#include <QPointer>
#include <QScreen>
#include <QScrollBar>
#include <QStaticText>
#include <QStyledItemDelegate>
#include <QTextOption>
#include <QTimer>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>
#include <map>

namespace pulsepin {
namespace {

constexpr int which_offer = Qt::UserRole;
constexpr int columns = 5;
constexpr QSize picture_size(128, 72);
constexpr int frame = 6, name_height = 34; // two lines
constexpr QSize cell(picture_size.width() + 2 * frame, picture_size.height() + frame + name_height);
constexpr int pictures_a_second = 12;

/// A picture with its name below.
class CellPainter : public QStyledItemDelegate {
public:
    CellPainter(std::function<QImage(std::size_t)> picture, QObject* parent)
        : QStyledItemDelegate(parent), picture_(std::move(picture)) {}
    [[nodiscard]] QSize sizeHint(const QStyleOptionViewItem&, const QModelIndex&) const override {
        return cell;
    }
    void paint(QPainter* painter, const QStyleOptionViewItem& option,
               const QModelIndex& index) const override {
        const QRect at(option.rect.topLeft() + QPoint(frame, frame), picture_size);
        const bool current = option.state & QStyle::State_Selected;
        if (current)
            painter->fillRect(option.rect, option.palette.highlight());
        const QImage image = picture_(static_cast<std::size_t>(index.data(which_offer).toInt()));
        if (image.isNull())
            painter->fillRect(at, option.palette.mid());
        else
            painter->drawImage(at, image);
        painter->setPen(current ? option.palette.highlightedText().color() : option.palette.text().color());
        QFont font = option.font;
        font.setBold(index.data(Qt::CheckStateRole).toInt() == Qt::Checked);
        painter->setFont(font);
        painter->drawStaticText(at.left(), at.bottom() + 2, name_of(index.data().toString()));
    }

private:
    /// Laid out once: all names are painted many times a second.
    const QStaticText& name_of(const QString& name) const {
        const auto [found, is_new] = names_.try_emplace(name, name);
        if (is_new) {
            found->second.setTextFormat(Qt::PlainText);
            QTextOption wrapped(Qt::AlignLeft | Qt::AlignTop);
            wrapped.setWrapMode(QTextOption::WordWrap);
            found->second.setTextOption(wrapped);
            found->second.setTextWidth(picture_size.width());
        }
        return found->second;
    }
    std::function<QImage(std::size_t)> picture_;
    mutable std::map<QString, QStaticText> names_;
};

} // namespace

void MovingSheet::open(QWidget& under, const QString& memory, Document& document, ViewState& view,
                       const TriedLoop& loop, std::vector<MovingOffer> offers) {
    auto* sheet = new MovingSheet(under, memory, document, view, loop, std::move(offers)); // deletes itself
    sheet->fill();
    sheet->place(under);
    sheet->show();
    sheet->words_->setFocus(Qt::PopupFocusReason);
}

MovingSheet::MovingSheet(QWidget& under, QString memory, Document& document, ViewState& view,
                         const TriedLoop& loop, std::vector<MovingOffer> offers)
    : QFrame(&under, Qt::Popup), memory_(std::move(memory)), view_(view), loop_(loop),
      frames_a_second_(document.project().settings->frame_rate.per_second()), offers_(std::move(offers)),
      under_(under), words_(new QLineEdit), list_(new QListWidget), told_(new QLabel),
      steps_(new QTimer(this)) {
    setAttribute(Qt::WA_DeleteOnClose);
    setObjectName("moving sheet");
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
    list_->setViewMode(QListView::IconMode);
    list_->setMovement(QListView::Static);
    list_->setResizeMode(QListView::Adjust);
    list_->setUniformItemSizes(true);
    list_->setGridSize(cell);
    list_->setStyleSheet("QListWidget { padding: 0; border: none; } QListWidget::item { margin: 0; }");
    list_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    list_->setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOn); // so that the columns stay where they are
    list_->setMouseTracking(true);
    list_->viewport()->installEventFilter(this);
    list_->setItemDelegate(
        new CellPainter([this](std::size_t offer) { return pictures_->picture(offer, share()); }, list_));
    column->addWidget(words_);
    told_->setObjectName("finder told");
    told_->setTextFormat(Qt::PlainText);
    told_->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Fixed);
    told_->setText(" "); // as high as a line
    column->addWidget(list_, 1);
    column->addWidget(told_);
    connect(list_, &QListWidget::currentItemChanged, this, [this](const QListWidgetItem* item) {
        told_->setText(item ? offers_[static_cast<std::size_t>(item->data(which_offer).toInt())].group
                            : tr("Nothing has these words"));
    });
    connect(words_, &QLineEdit::textChanged, this, &MovingSheet::fill);
    connect(list_, &QListWidget::itemEntered, list_,
            qOverload<QListWidgetItem*>(&QListWidget::setCurrentItem));
    connect(list_, &QListWidget::itemClicked, this, &MovingSheet::choose_row);
    compose(document);
    steps_->setInterval(1000 / pictures_a_second);
    connect(steps_, &QTimer::timeout, this, &MovingSheet::step);
    clock_.start();
    steps_->start();
}

/// At once, though it deletes itself later: nothing is tried any more.
void MovingSheet::hideEvent(QHideEvent* event) {
    steps_->stop();
    view_.set_trial(std::nullopt);
    QFrame::hideEvent(event);
}

void MovingSheet::compose(Document& document) {
    LoopPictures::Order order;
    order.first = loop_.first;
    order.length = loop_.length;
    order.pictures = std::max(1, static_cast<int>(std::lround(static_cast<double>(loop_.length.value) /
                                                              frames_a_second_ * pictures_a_second)));
    order.size = picture_size;
    const Curves now = document.curves().for_another_thread();
    for (const auto& offer : offers_)
        order.variants.push_back([with = offer.with, now]() -> std::optional<Curves> {
            auto project = with();
            if (!project)
                return std::nullopt;
            return Curves{Schedule(*std::move(project), now.schedule), now.followers};
        });
    std::map<ClipId, std::filesystem::path> files;
    for (const auto& clip : *document.project().bin)
        if (clip.has_picture)
            files.emplace(clip.id, document.proxies().file_of(clip));
    order.file_of = [files = std::move(files)](const Clip& clip) {
        const auto found = files.find(clip.id);
        return found == files.end() ? clip.path : found->second;
    };
    pictures_ = std::make_unique<LoopPictures>(std::move(order), [] {}); // they are looked at again and again
}

/// What was chosen last comes first, then all in their order.
void MovingSheet::fill() {
    const QStringList words = words_->text().simplified().split(' ', Qt::SkipEmptyParts);
    list_->clear();
    std::vector<std::size_t> order(offers_.size());
    for (std::size_t i = 0; i < order.size(); ++i)
        order[i] = i;
    const QStringList last = last_chosen(memory_);
    const auto place_of = [&](std::size_t i) {
        const auto at = last.indexOf(chosen_key(offers_[i].group, offers_[i].name));
        return at < 0 ? last.size() : at;
    };
    std::ranges::stable_sort(order, {}, place_of);
    // What bears the words in its own name comes before what has them in its group's.
    std::ranges::stable_sort(order, {}, [&](std::size_t i) { return !has_words(offers_[i].name, words); });
    for (const std::size_t i : order) {
        if (!has_words(offers_[i].group + ' ' + offers_[i].name, words))
            continue;
        auto* item = new QListWidgetItem(offers_[i].name, list_);
        item->setData(which_offer, static_cast<int>(i));
        item->setFlags(Qt::ItemIsEnabled | Qt::ItemIsSelectable);
        if (offers_[i].is_current) {
            item->setData(Qt::CheckStateRole, Qt::Checked);
            list_->setCurrentItem(item);
        }
    }
    if (list_->count() > 0 && (!list_->currentItem() || !words.isEmpty()))
        list_->setCurrentRow(0);
}

void MovingSheet::choose_row() {
    const auto* item = list_->currentItem();
    if (!item)
        return;
    const MovingOffer chosen = offers_[static_cast<std::size_t>(item->data(which_offer).toInt())];
    keep_chosen(memory_, chosen_key(chosen.group, chosen.name));
    close();
    chosen.choose();
}

void MovingSheet::move_by(int steps) {
    if (list_->count() > 0)
        list_->setCurrentRow(std::clamp(list_->currentRow() + steps, 0, list_->count() - 1));
}

double MovingSheet::share() const {
    const double passed = static_cast<double>(clock_.elapsed()) / 1000 * frames_a_second_;
    const auto length = static_cast<double>(loop_.length.value);
    return std::fmod(passed, length) / length;
}

void MovingSheet::step() {
    list_->viewport()->update();
    const auto* item = list_->currentItem();
    const auto curves =
        item ? pictures_->curves(static_cast<std::size_t>(item->data(which_offer).toInt())) : nullptr;
    if (!curves)
        return view_.set_trial(std::nullopt);
    const auto passed = static_cast<std::int64_t>(share() * static_cast<double>(loop_.length.value));
    view_.set_trial(Trial{curves, loop_.first + Frames(passed)});
}

void MovingSheet::drag_out() {
    const auto* item = list_->itemAt(*pressed_);
    const auto what = item ? static_cast<std::size_t>(item->data(which_offer).toInt()) : offers_.size();
    pressed_.reset();
    if (what >= offers_.size() || !offers_[what].dragged)
        return;
    const Dragged dragged = *offers_[what].dragged;
    const QImage picture = pictures_->picture(what, share());
    QPointer<QWidget> from = &under_;
    close();
    if (from)
        drag(from, dragged, QPixmap::fromImage(picture));
}

bool MovingSheet::eventFilter(QObject* watched, QEvent* event) {
    if (watched == list_->viewport()) {
        const auto* mouse = static_cast<QMouseEvent*>(event);
        if (event->type() == QEvent::MouseButtonPress && mouse->button() == Qt::LeftButton)
            pressed_ = mouse->position().toPoint();
        else if (event->type() == QEvent::MouseButtonRelease)
            pressed_.reset();
        else if (event->type() == QEvent::MouseMove && pressed_ && (mouse->buttons() & Qt::LeftButton) &&
                 (mouse->position().toPoint() - *pressed_).manhattanLength() >=
                     QApplication::startDragDistance()) {
            drag_out();
            return true;
        }
        return false;
    }
    if (watched != words_ || event->type() != QEvent::KeyPress)
        return QFrame::eventFilter(watched, event);
    const auto* key = static_cast<QKeyEvent*>(event);
    switch (key->key()) {
    case Qt::Key_Left:
    case Qt::Key_Right:
        if (!words_->text().isEmpty() && key->modifiers() != Qt::NoModifier)
            return false; // within what is typed
        move_by(key->key() == Qt::Key_Left ? -1 : 1);
        return true;
    case Qt::Key_Up:
        move_by(-columns);
        return true;
    case Qt::Key_Down:
        move_by(columns);
        return true;
    case Qt::Key_PageUp:
        move_by(-3 * columns);
        return true;
    case Qt::Key_PageDown:
        move_by(3 * columns);
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

/// Where the picture is not, as far as the screen lets it: under the widget, or above it.
void MovingSheet::place(const QWidget& under) {
    const QRect room = under.screen()->availableGeometry();
    const int rows = std::clamp((list_->count() + columns - 1) / columns, 1, 4);
    const QSize size(columns * cell.width() + list_->verticalScrollBar()->sizeHint().width() + 24,
                     rows * cell.height() + words_->sizeHint().height() + told_->sizeHint().height() + 30);
    QPoint at = under.mapToGlobal(QPoint(0, under.height()));
    if (at.y() + size.height() > room.bottom())
        at.setY(std::max(room.top(), under.mapToGlobal(QPoint(0, 0)).y() - size.height()));
    at.setX(std::clamp(at.x(), room.left(), std::max(room.left(), room.right() - size.width())));
    setGeometry(QRect(at, size.boundedTo(room.size())));
}

} // namespace pulsepin
