// SPDX-License-Identifier: GPL-3.0-or-later
#include "pages/stops/sheets_page.h"

#include "follow/piece_part.h"
#include "interchange/outputs.h"
#include "parts/form_area.h"
#include "parts/remembered_values.h"
#include "render/qt_text.h"
#include "schedule/piece_length.h"
#include "session/core_words.h"

#include <QDate>
#include <QDir>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QVBoxLayout>

namespace pulsepin {
namespace {

enum Range { All, Drawn };

} // namespace

SheetsPage::SheetsPage(Document& document, ViewState& view, QWidget* parent)
    : QWidget(parent), document_(document), view_(view) {
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(14);
    row->addWidget(make_choices(), 4);
    row->addWidget(make_preview(), 5);
    form_->set_values(remembered_values("sheets", sheet_parameters()));
    again_.setSingleShot(true);
    again_.setInterval(200);
    connect(&again_, &QTimer::timeout, this, &SheetsPage::look_again);
    connect(&document_, &Document::changed, &again_, qOverload<>(&QTimer::start));
    connect(&view_, &ViewState::range_changed, &again_, qOverload<>(&QTimer::start));
}

QWidget* SheetsPage::make_choices() {
    auto* box = new QWidget;
    auto* column = new QVBoxLayout(box);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(6);
    auto* top = new QHBoxLayout;
    top->setSpacing(6);
    for (const auto& row : sheet_kinds()) {
        auto* button =
            named(new QPushButton(text_of(row.label)), "sheet " + qt_text(row.id), text_of(row.explains));
        button->setCheckable(true);
        button->setAutoExclusive(true);
        button->setProperty("role", "choice");
        button->setChecked(kinds_.empty());
        connect(button, &QPushButton::toggled, this, [this](bool on) {
            if (on)
                again_.start();
        });
        kinds_.push_back(button);
        top->addWidget(button);
    }
    range_ = choice_box("sheet range", tr("How much of the piece is printed"),
                        {tr("all of it"), tr("drawn range")});
    connect(range_, &QComboBox::currentIndexChanged, this, [this] { again_.start(); });
    top->addWidget(range_);
    top->addStretch(1);
    column->addLayout(top);
    ParamFormStyle style;
    style.layout = ParamFormLayout::Pairs;
    style.live = false;
    form_ = new ParamForm("sheet", style);
    form_->set_specs(sheet_parameters());
    connect(form_, &ParamForm::changed, this, [this] {
        remember_values("sheets", sheet_parameters(), form_->values());
        again_.start();
    });
    auto* area = new FormArea(form_);
    area->attach();
    column->addWidget(area, 1);
    auto* write = main_button(tr("Write the sheets…"));
    named(write, "write sheets", tr("Asks where to write them, as PDF, SVG or PNG"));
    connect(write, &QPushButton::clicked, this, &SheetsPage::file_wanted);
    column->addWidget(write);
    return box;
}

QWidget* SheetsPage::make_preview() {
    auto* box = new QWidget;
    auto* column = new QVBoxLayout(box);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(6);
    auto* top = new QHBoxLayout;
    top->setSpacing(6);
    before_ = named(new QPushButton(tr("Previous page")), "previous page", tr("The page before this one"));
    after_ = named(new QPushButton(tr("Next page")), "next page", tr("The page after this one"));
    number_ = quiet({});
    number_->setObjectName("sheet page");
    connect(before_, &QPushButton::clicked, this, [this] { show_page(shown_.page - 1); });
    connect(after_, &QPushButton::clicked, this, [this] { show_page(shown_.page + 1); });
    top->addWidget(before_);
    top->addWidget(after_);
    top->addWidget(number_, 1);
    column->addLayout(top);
    picture_ = new QLabel;
    picture_->setObjectName("sheet picture");
    picture_->setAccessibleName(tr("A page as it is printed"));
    picture_->setAlignment(Qt::AlignHCenter | Qt::AlignTop);
    area_ = new QScrollArea;
    area_->setObjectName("sheet preview");
    area_->setWidgetResizable(true);
    area_->setFrameShape(QFrame::NoFrame);
    area_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    area_->setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOn); // so that the page's width is settled
    area_->setWidget(picture_);
    area_->viewport()->installEventFilter(this);
    column->addWidget(area_, 1);
    return box;
}

const SheetKind& SheetsPage::kind() const {
    for (std::size_t i = 0; i < kinds_.size(); ++i)
        if (kinds_[i]->isChecked())
            return sheet_kinds()[i];
    return sheet_kinds().front();
}

/// As it is made on another thread: deriving a piece that is a part of its song takes a moment.
std::function<SheetRequest()> SheetsPage::request() const {
    std::optional<TimeRange> drawn;
    if (range_->currentIndex() == Drawn)
        drawn = view_.range();
    return [curves = document_.curves().for_another_thread(), values = form_->values(), drawn,
            date = QDate::currentDate().toString(Qt::ISODate).toStdString()] {
        SheetRequest request{piece_alone(curves).schedule, values, {}, date, [](std::string_view words) {
                                 return spoken(words).toStdString();
                             }};
        const auto& settings = *curves.project().settings;
        const auto frame = [&](Seconds time) {
            return round_to_frame(time - settings.begins.value_or(Seconds(0)), settings.frame_rate,
                                  FrameRounding::Nearest)
                .frame;
        };
        if (drawn)
            request.frames = {frame(drawn->from), frame(drawn->until)};
        return request;
    };
}

/// Lays all pages out and paints the one that is seen, while the person goes on.
void SheetsPage::look_again() {
    if (!isVisible())
        return;
    if (!pictures_ || pictures_of_ != document_.project().bin) {
        pictures_of_ = document_.project().bin;
        pictures_ = std::make_shared<SheetPictures>(pictures_of_);
    }
    const int width = area_->viewport()->width(), looked = ++looked_;
    document_.jobs().start<Shown>(
        JobQueue::Write, tr("Laying sheets out"),
        [request = request(), &kind = kind(), page = shown_.page, pictures = pictures_,
         width](const Progress&) -> Result<Shown> {
            auto sheets = laid_out(kind, request(), sheet_measure());
            if (!sheets)
                return tl::unexpected(sheets.error());
            Shown shown{std::make_shared<const Sheets>(*std::move(sheets)), 0, {}};
            shown.page = std::min(page, shown.sheets->pages.size() - 1);
            shown.image = image_of_sheet(*shown.sheets, shown.page, width, *pictures);
            return shown;
        },
        [this, looked](const Result<Shown>& shown) {
            if (looked == looked_)
                take(shown);
        });
}

void SheetsPage::show_page(std::size_t page) {
    if (!shown_.sheets || page >= shown_.sheets->pages.size())
        return;
    shown_.page = page;
    area_->verticalScrollBar()->setValue(0);
    paint_page(shown_.sheets, page);
}

void SheetsPage::paint_page(std::shared_ptr<const Sheets> sheets, std::size_t page) {
    const int width = area_->viewport()->width(), looked = ++looked_;
    document_.jobs().start<Shown>(
        JobQueue::Write, tr("Drawing a sheet"),
        [sheets, page, pictures = pictures_, width](const Progress&) -> Result<Shown> {
            return Shown{sheets, page, image_of_sheet(*sheets, page, width, *pictures)};
        },
        [this, looked](const Result<Shown>& shown) {
            if (looked == looked_)
                take(shown);
        });
}

void SheetsPage::take(const Result<Shown>& shown) {
    if (!shown) {
        shown_ = {};
        picture_->setPixmap({});
        number_->setText(spoken(shown.error()));
    } else {
        shown_ = *shown;
        picture_->setPixmap(QPixmap::fromImage(shown_.image));
        number_->setText(tr("page %1 of %2").arg(shown_.page + 1).arg(shown_.sheets->pages.size()));
    }
    before_->setEnabled(shown && shown_.page > 0);
    after_->setEnabled(shown && shown_.page + 1 < shown_.sheets->pages.size());
}

QStringList SheetsPage::files_for(const QString& file) const {
    QStringList names;
    for (const auto& one :
         files_of_sheets(file.toStdString(), shown_.sheets ? shown_.sheets->pages.size() : 1))
        names << QString::fromStdString(one.string());
    return names;
}

void SheetsPage::write(const QString& file) {
    const std::filesystem::path path = file.toStdString();
    const QString name = QFileInfo(file).fileName();
    const auto inputs = inputs_of(document_.path(), document_.project());
    document_.jobs().start<std::size_t>(
        JobQueue::Write, tr("Writing %1").arg(name),
        [request = request(), &kind = kind(), path, inputs,
         bin = document_.project().bin](const Progress& progress) -> Result<std::size_t> {
            const auto sheets = laid_out(kind, request(), sheet_measure());
            if (!sheets)
                return tl::unexpected(sheets.error());
            for (const auto& one : files_of_sheets(path, sheets->pages.size()))
                if (auto allowed = may_write(one, inputs, true); !allowed)
                    return tl::unexpected(allowed.error());
            SheetPictures pictures(bin);
            if (auto done = write_sheets(*sheets, path, pictures, progress); !done)
                return tl::unexpected(done.error());
            return sheets->pages.size();
        },
        [this, name](const Result<std::size_t>& pages) {
            if (!pages)
                return document_.say(pages.error().cancelled() ? tr("%1 was not written").arg(name)
                                                               : spoken(pages.error()));
            document_.say(*pages == 1 ? tr("1 page written: %1").arg(name)
                                      : tr("%1 pages written: %2").arg(*pages).arg(name));
            emit written();
        });
}

void SheetsPage::showEvent(QShowEvent* event) {
    QWidget::showEvent(event);
    again_.start();
}

bool SheetsPage::eventFilter(QObject* watched, QEvent* event) {
    if (event->type() == QEvent::Resize && watched == area_->viewport())
        again_.start();
    return QWidget::eventFilter(watched, event);
}

} // namespace pulsepin
