// SPDX-License-Identifier: GPL-3.0-or-later
#include "picture/picture_desk.h"

#include "kinds/layer_kinds.h"
#include "parts/palette.h"
#include "parts/tight_row.h"
#include "parts/widgets.h"
#include "session/number_text.h"

#include <QButtonGroup>
#include <QPainter>
#include <QPushButton>
#include <QTimer>
#include <QVBoxLayout>

namespace pulsepin {
namespace {

/// The triggers that act now, each by its colour and name, as many as there is room for.
class ActingRow : public QWidget {
public:
    explicit ActingRow(const PreviewView& picture) : picture_(picture) {
        setObjectName("acting triggers");
        setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Preferred);
    }
    [[nodiscard]] QSize minimumSizeHint() const override { return {20, 16}; }

protected:
    void paintEvent(QPaintEvent*) override {
        QPainter painter(this);
        double x = 0;
        for (const auto& one : picture_.acting()) {
            const double wide = painter.fontMetrics().horizontalAdvance(one.text) + 20.0;
            if (x + wide > width())
                return;
            painter.fillRect(QRectF(x, height() / 2.0 - 5, 10, 10), one.colour);
            painter.setPen(desk_palette().desk_text);
            painter.drawText(QRectF(x + 14, 0, wide, height()), Qt::AlignVCenter, one.text);
            x += wide + 6;
        }
    }

private:
    const PreviewView& picture_;
};

} // namespace

PictureDesk::PictureDesk(Document& document, ViewState& view, Player& player, QWidget* parent)
    : QWidget(parent), document_(document), player_(player) {
    setObjectName("picture desk");
    setAttribute(Qt::WA_StyledBackground);
    setProperty("role", "desk");
    picture_ = new PreviewView(document, view, player);
    hands_ = new PictureHands(document, view, *picture_);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(4);
    column->addWidget(head_ = make_head());
    column->addWidget(picture_, 1);
    column->addWidget(foot_ = make_foot());
    tick_ = new QTimer(this);
    tick_->setInterval(250);
    connect(tick_, &QTimer::timeout, this, &PictureDesk::tell);
    tick_->start();
    connect(picture_, &PreviewView::picture_shown, acting_, qOverload<>(&QWidget::update));
    connect(picture_, &PreviewView::zoomed, this, &PictureDesk::tell);
    connect(&view, &ViewState::playhead_moved, acting_, qOverload<>(&QWidget::update));
    connect(&document, &Document::changed, acting_, qOverload<>(&QWidget::update));
    show_place(PicturePlace::Bench);
}

QWidget* PictureDesk::make_head() {
    auto* head = new QWidget;
    auto* row = tight_row(head, 2); // beside the song on a small screen there is no more room
    places_ = new QButtonGroup(this);
    const auto button = [&](const QString& name, const QString& text, const QString& tip) {
        auto* made = named(new QPushButton(text), name, tip);
        made->setCheckable(true);
        made->setProperty("role", "choice");
        made->setFocusPolicy(Qt::TabFocus);
        row->addWidget(made);
        return made;
    };
    const std::tuple<PicturePlace, QString, QString, QString> places[] = {
        {PicturePlace::Bench, "picture in bench", tr("docked"),
         tr("The picture in the lower panel (F8 goes on)")},
        {PicturePlace::Beside, "picture beside", tr("beside"),
         tr("The picture beside the song (F8 goes on)")},
        {PicturePlace::Window, "picture window", tr("own window"),
         tr("The picture in a window of its own, on any screen; F11 fills the screen")}};
    for (const auto& [place, name, text, tip] : places) {
        auto* made = button(name, text, tip);
        places_->addButton(made, static_cast<int>(place));
        connect(made, &QPushButton::clicked, this, [this, place = place] { emit place_wanted(place); });
    }
    row->addStretch(1);
    auto* guides = button("guides", tr("guides"),
                          tr("Middle, thirds, edges and other layers pull what is "
                             "dragged (Ctrl while dragging: they do not)"));
    guides->setChecked(true);
    connect(guides, &QPushButton::toggled, hands_, &PictureHands::set_guides);
    auto* trace = button("trace", tr("trace"), tr("Where the keys before and after put the chosen layer"));
    trace->setChecked(true);
    connect(trace, &QPushButton::toggled, hands_, &PictureHands::set_trace);
    auto* safe = button("safe areas", tr("safe areas"), tr("90 % for what moves, 80 % for words"));
    connect(safe, &QPushButton::toggled, picture_, &PreviewView::set_safe_areas);
    auto* pivot =
        button("pivot", tr("pivot"), tr("The ring that a layer turns and grows about can be dragged"));
    connect(pivot, &QPushButton::toggled, hands_, &PictureHands::set_pivots);
    auto* framing =
        button("frame shots", tr("frame shot"),
               tr("What is dragged is the shot within the picture; of all selected cuts at once"));
    connect(framing, &QPushButton::toggled, hands_, &PictureHands::set_framing);
    draw_ =
        button("draw line", tr("draw"), tr("The points of a drawn line are set and moved in the picture"));
    draw_->setVisible(false);
    connect(draw_, &QPushButton::toggled, hands_, &PictureHands::set_drawing);
    auto* pose =
        named(new QPushButton(tr("Key pose")), "key pose here",
              tr("Place, scale, rotation and opacity of the chosen layer as one key: here, or at each "
                 "selected marker (Shift+K)"));
    pose->setProperty("role", "small");
    pose->setFocusPolicy(Qt::TabFocus);
    row->addWidget(pose);
    connect(pose, &QPushButton::clicked, this, &PictureDesk::pose_wanted);
    roomy_ = {guides, trace, safe, pivot, framing, pose};
    draw_->setSizePolicy(QSizePolicy::Minimum, QSizePolicy::Fixed);
    return head;
}

QWidget* PictureDesk::make_foot() {
    auto* foot = new QWidget;
    auto* row = tight_row(foot, 6);
    told_ = quiet({});
    told_->setMinimumWidth(80); // it pushes nothing aside while it plays
    told_->setObjectName("picture told");
    row->addWidget(told_);
    row->addWidget(acting_ = new ActingRow(*picture_), 1);
    const auto button = [&](const QString& name, const QString& text, const QString& tip) {
        auto* made = named(new QPushButton(text), name, tip);
        made->setProperty("role", "small");
        made->setFocusPolicy(Qt::TabFocus);
        row->addWidget(made);
        roomy_.push_back(made);
        return made;
    };
    const auto choice = [&](const QString& name, const QString& text, const QString& tip) {
        auto* made = button(name, text, tip);
        made->setCheckable(true);
        made->setProperty("role", "choice");
        return made;
    };
    auto* boxes =
        choice("slow move", tr("slow move"),
               tr("Two boxes on the chosen picture: the frame moves over it from one to the other"));
    connect(boxes, &QPushButton::toggled, hands_, &PictureHands::set_boxes);
    arrange_ = choice("arrange words", tr("words"),
                      tr("All words of the page are seen and moved one by one, by lines or all together"));
    roomy_.pop_back(); // it is needed in the smallest picture too
    arrange_->setVisible(false);
    connect(arrange_, &QPushButton::toggled, hands_, &PictureHands::set_arranging);
    auto* holes = choice("holes", tr("holes"),
                         tr("What no layer covers is chequered: a film with a transparent background has "
                            "holes there"));
    connect(holes, &QPushButton::toggled, picture_, &PreviewView::set_holes);
    const auto middle = [this] { return QRectF(picture_->rect()).center(); };
    connect(button("picture smaller", "−", tr("Further away (mouse wheel)")), &QPushButton::clicked, this,
            [this, middle] { picture_->zoom_by(1 / 1.25, middle()); });
    zoom_ = new QLabel;
    zoom_->setObjectName("picture zoom");
    row->addWidget(zoom_);
    roomy_.push_back(zoom_);
    connect(button("picture larger", "+", tr("Closer (mouse wheel)")), &QPushButton::clicked, this,
            [this, middle] { picture_->zoom_by(1.25, middle()); });
    connect(button("picture fits", tr("Fit to frame"), tr("The whole frame, as large as there is room")),
            &QPushButton::clicked, this, [this] { picture_->set_zoom(std::nullopt); });
    return foot;
}

void PictureDesk::show_place(PicturePlace place) {
    places_->button(static_cast<int>(place))->setChecked(true);
    for (auto* widget : roomy_)
        widget->setVisible(place != PicturePlace::Bench);
    layout()->setContentsMargins(place == PicturePlace::Bench ? QMargins() : QMargins(6, 6, 6, 6));
    head_->show();
    foot_->show();
    if (place == PicturePlace::Bench)
        picture_->set_zoom(std::nullopt);
    tell();
}

void PictureDesk::show_bare(bool bare) {
    head_->setVisible(!bare);
    foot_->setVisible(!bare);
    layout()->setContentsMargins(bare ? QMargins() : QMargins(6, 6, 6, 6));
}

void PictureDesk::tell() {
    const int coarse = picture_->coarseness() * picture_->coarser_while_playing();
    QString quality = coarse == 1   ? tr("full quality")
                      : coarse == 2 ? tr("half quality")
                      : coarse == 4 ? tr("quarter quality")
                                    : tr("coarse");
    if (picture_->coarser_while_playing() > 1)
        quality += tr(" while it plays, so that no picture is dropped");
    QStringList parts; // below a small picture there is room for the first alone
    if (player_.playing())
        parts << picture_->sync_text() << tr("%1/s").arg(number_text(picture_->pictures_a_second(), 0));
    parts << quality;
    if (picture_->short_of_memory())
        parts << tr("smaller, for lack of memory");
    const QString text = parts.join(QStringLiteral(" · "));
    if (told_->text() != text)
        told_->setText(text);
    const auto& layers = document_.project().stage->layers;
    draw_->setVisible(std::any_of(layers.begin(), layers.end(),
                                  [](const Layer& layer) { return layer.kind == layers::line; }));
    arrange_->setVisible(hands_->page().worth_asking());
    const QString zoom = tr("%1 %").arg(number_text(picture_->scale().points * 100, 0));
    if (zoom_->text() != zoom)
        zoom_->setText(zoom);
}

} // namespace pulsepin
