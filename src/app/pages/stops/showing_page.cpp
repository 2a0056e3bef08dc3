// SPDX-License-Identifier: GPL-3.0-or-later
#include "pages/stops/showing_page.h"

#include "model/limits.h"
#include "model/stage_edits.h"
#include "params/easings.h"
#include "parts/easing_field.h"
#include "parts/fields.h"
#include "parts/widgets.h"
#include "picture/moving_sheet.h"
#include "stage/moves.h"

#include <QGridLayout>
#include <QScrollArea>

namespace pulsepin {
namespace {

using ShowingParam = BoundParam<Showing>;

std::span<const ParamChoice> move_choices() {
    static const auto all = [] {
        std::vector<ParamChoice> choices;
        for (const auto& row : moves())
            choices.push_back({row.id, row.label});
        return choices;
    }();
    return all;
}

std::span<const ParamChoice> loop_choices() {
    static const auto all = [] {
        std::vector<ParamChoice> choices;
        for (const auto& row : loops())
            choices.push_back({row.id, row.label});
        return choices;
    }();
    return all;
}

constexpr Length::Unit units[] = {Length::Unit::InFrames, Length::Unit::InBeats,
                                  Length::Unit::InMilliseconds};

/// A part of the whole, that holds the member.
template <Passage Showing::*part, auto member>
ShowingParam of_passage(ParamSpec spec) {
    return {spec, [](const Showing& showing) { return ParamValue(showing.*part.*member); },
            [](Showing& showing, const ParamValue& value) {
                using Type = std::remove_reference_t<decltype(showing.*part.*member)>;
                showing.*part.*member = std::get<Type>(value);
            }};
}

template <Passage Showing::*part>
std::vector<ShowingParam> passage_params() {
    return {
        of_passage<part, &Passage::move>(
            {.id = "move", .label = "move", .type = ParamType::Choice, .choices = move_choices()}),
        of_passage<part, &Passage::length>({.id = "length",
                                            .label = "takes",
                                            .type = ParamType::Length,
                                            .most = limits::length_amount.most,
                                            .initial = 8,
                                            .units = units}),
        of_passage<part, &Passage::easing>({.id = "easing", .label = "eased", .type = ParamType::Curve}),
    };
}

const std::vector<ShowingParam>& coming() {
    static const auto all = [] {
        auto params = passage_params<&Showing::comes>();
        params.push_back(bound<Showing, &Showing::early>(
            {.id = "early",
             .label = "early by",
             .type = ParamType::Whole,
             .unit = "frames",
             .least = -500,
             .most = 500,
             .initial = 3,
             .explains = "so many frames before its beat it begins to come; common practice: 3"}));
        params.push_back(bound<Showing, &Showing::letter_delay>(
            {.id = "letters",
             .label = "letters",
             .unit = "frames",
             .least = 0,
             .most = 100,
             .explains = "of titles: each letter so much later than the one before"}));
        return params;
    }();
    return all;
}

const std::vector<ShowingParam>& between() {
    static const std::vector<ShowingParam> all{
        {{.id = "loop", .label = "move", .type = ParamType::Choice, .choices = loop_choices()},
         [](const Showing& showing) { return ParamValue(showing.loop); },
         [](Showing& showing, const ParamValue& value) { showing.loop = std::get<std::string>(value); }},
        bound<Showing, &Showing::loop_beats>(
            {.id = "beats", .label = "once in", .unit = "beats", .least = 0.0625, .most = 256, .initial = 2}),
        bound<Showing, &Showing::loop_amount>(
            {.id = "amount", .label = "much", .unit = "%", .least = -1000, .most = 1000, .initial = 100}),
    };
    return all;
}

const std::vector<ShowingParam>& going() {
    static const auto all = passage_params<&Showing::goes>();
    return all;
}

} // namespace

ShowingPage::ShowingPage(Document& document, ViewState& view, QWidget* parent)
    : MotionPage(document, parent), view_(view) {
    grid_ = tight_grid(this);
    layer_ = choice_box("appearing layer", tr("The layer or group that appears on this lane"));
    connect(layer_, &QComboBox::activated, this, [this] {
        change_showing(tr("choose what appears"), [this](Showing& showing) {
            showing.layer = LayerId{layer_->currentData().toULongLong()};
        });
    });
    grid_->addWidget(labelled(tr("what appears"), layer_), 0, 0, 1, 3);
    const auto form = [&](const QString& name, const QString& title, const std::vector<ShowingParam>& params,
                          const QString& what) {
        auto* made = new ParamForm(name, {.layout = ParamFormLayout::NamesBeside, .one_a_line = true});
        auto specs = std::make_shared<std::vector<ParamSpec>>(specs_of(params));
        made->set_specs(*specs);
        connect(made, &ParamForm::changed, this, [this, made, &params, specs, what] {
            change_showing(what,
                           [&](Showing& showing) { set_values<Showing>(showing, params, made->values()); });
        });
        auto* box = new QWidget;
        auto* inside = new QVBoxLayout(box);
        inside->setContentsMargins(0, 0, 0, 0);
        inside->setSpacing(3);
        inside->addWidget(heading(title));
        inside->addWidget(made);
        inside->addStretch(1);
        parts_.push_back(box);
        return made;
    };
    comes_ = form("comes", tr("It comes"), coming(), tr("change how it comes"));
    between_ = form("between", tr("Meanwhile"), between(), tr("change what it does meanwhile"));
    goes_ = form("goes", tr("It goes"), going(), tr("change how it goes"));
    show_moves(*comes_, "move", AppearancePart::Comes, coming(), tr("change how it comes"));
    show_moves(*between_, "loop", AppearancePart::Stays, between(), tr("change what it does meanwhile"));
    show_moves(*goes_, "move", AppearancePart::Goes, going(), tr("change how it goes"));
    show_moves(*comes_, "easing", AppearancePart::Comes, coming(), tr("change how it comes"));
    show_moves(*goes_, "easing", AppearancePart::Goes, going(), tr("change how it goes"));
    lay_out();
}

void ShowingPage::show_moves(ParamForm& form, const char* field, AppearancePart part,
                             const std::vector<ShowingParam>& params, const QString& what) {
    auto* easing = qobject_cast<EasingField*>(form.field(field));
    auto* box = easing ? &easing->choices() : dynamic_cast<ChoiceBox*>(form.field(field));
    box->open_by(
        [this, box, part, field, &params, what] { return open_sheet(field, *box, part, params, what); });
}

bool ShowingPage::open_sheet(const char* id, ChoiceBox& box, AppearancePart part,
                             const std::vector<ShowingParam>& params, const QString& what) {
    if (!lane())
        return false;
    auto tried = tried_appearance(document_.schedule(), lane()->id, view_.selection(), view_.playhead());
    if (!tried)
        return false; // nothing is to be seen of it: a list of names will do
    const auto param =
        std::ranges::find_if(params, [&](const ShowingParam& one) { return one.spec.id == id; });
    if (param == params.end())
        return false;
    std::vector<MovingOffer> offers;
    for (int i = 0; i < box.count(); ++i) {
        ParamValues values;
        if (param->spec.type == ParamType::Curve)
            values.set(id, usual_easing(box.itemData(i).toString().toStdString()));
        else
            values.set(id, std::string(param->spec.choices[static_cast<std::size_t>(i)].id));
        offers.push_back({.name = box.itemText(i),
                          .choose = box.choosing(i),
                          .with =
                              [project = tried->project, lane = lane()->id, values, &params] {
                                  Showing showing = *project.lane(lane)->showing;
                                  set_values<Showing>(showing, params, values);
                                  return with_showing(project, lane, std::move(showing));
                              },
                          .is_current = i == box.currentIndex()});
    }
    MovingSheet::open(box, what + " " + id, document_, view_, loop_on(tried->project, tried->span, part),
                      std::move(offers));
    return true;
}

/// Beside each other; in a narrow window what it does meanwhile stands below.
void ShowingPage::lay_out() {
    constexpr int wide_enough = 500;
    const bool narrow = width() < wide_enough;
    if (laid_out_ && *laid_out_ == narrow)
        return;
    laid_out_ = narrow;
    const QPoint wide_cells[] = {{0, 1}, {1, 1}, {2, 1}}, narrow_cells[] = {{0, 1}, {0, 2}, {1, 1}};
    for (int part = 0; part < 3; ++part) {
        const QPoint cell = (narrow ? narrow_cells : wide_cells)[part];
        grid_->removeWidget(parts_[static_cast<std::size_t>(part)]);
        grid_->addWidget(parts_[static_cast<std::size_t>(part)], cell.y(), cell.x());
        grid_->setColumnStretch(part, narrow ? (part < 2 ? 1 : 0) : (part == 1 ? 4 : 5));
    }
    grid_->setRowStretch(narrow ? 2 : 1, 1);
}

void ShowingPage::resizeEvent(QResizeEvent* event) {
    MotionPage::resizeEvent(event);
    lay_out();
}

void ShowingPage::change_showing(const QString& what, const std::function<void(Showing&)>& how) {
    if (showing() || !lane() || !lane()->showing)
        return;
    Showing changed = *lane()->showing;
    how(changed);
    document_.apply(with_showing(document_.project(), lane()->id, std::move(changed)), what);
}

void ShowingPage::show_motion() {
    const Lane* now = lane();
    setEnabled(now && !now->locked && now->showing);
    layer_->clear();
    if (!now || !now->showing)
        return;
    layer_->addItem(tr("nothing yet"), qulonglong{0});
    const auto& layers = document_.project().stage->layers;
    for (auto layer = layers.rbegin(); layer != layers.rend(); ++layer)
        if (layer->kind != layers::camera)
            layer_->addItem(QString::fromStdString(layer->name), static_cast<qulonglong>(layer->id.value));
    layer_->setCurrentIndex(
        std::max(0, layer_->findData(static_cast<qulonglong>(now->showing->layer.value))));
    comes_->set_values(values_of<Showing>(*now->showing, coming()));
    between_->set_values(values_of<Showing>(*now->showing, between()));
    goes_->set_values(values_of<Showing>(*now->showing, going()));
}

QString ShowingPage::told() const {
    if (!lane() || !lane()->showing)
        return {};
    if (lane()->showing->layer.value == 0)
        return tr("Nothing appears yet: choose a layer or a group");
    const auto& spans = document_.spans(lane()->id).appearances;
    std::size_t most = 0;
    for (std::size_t i = 0; i < spans.size(); ++i) {
        std::size_t at_once = 0;
        for (std::size_t k = 0; k <= i; ++k)
            at_once += !spans[k].muted && spans[k].end > spans[i].comes ? 1 : 0;
        most = std::max(most, at_once);
        if (spans.size() > 2000)
            break; // as many say nothing to a person
    }
    return spans.empty()
               ? tr("It appears nowhere yet: double click into the lane, or place it at the stop “Place”")
               : tr("%1, up to %2 at once")
                     .arg(QString::fromStdString(count_text(spans.size(), lane()->kind)))
                     .arg(most);
}

} // namespace pulsepin
