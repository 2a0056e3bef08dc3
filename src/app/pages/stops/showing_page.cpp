// SPDX-License-Identifier: GPL-3.0-or-later
#include "pages/stops/showing_page.h"

#include "model/stage_edits.h"
#include "params/easings.h"
#include "parts/easing_field.h"
#include "parts/fields.h"
#include "parts/widgets.h"
#include "picture/moving_sheet.h"
#include "render/qt_text.h"
#include "session/core_words.h"
#include "stage/showing_parameters.h"

#include <QGridLayout>
#include <QScrollArea>

namespace pulsepin {
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
    const auto form = [&](AppearancePart part, const QString& title, const QString& what) {
        const auto params = showing_parameters(part);
        auto* made =
            new ParamForm("appearance", {.layout = ParamFormLayout::NamesBeside, .one_a_line = true});
        const auto& specs = specs_.emplace_back(specs_of(params));
        made->set_specs(specs);
        connect(made, &ParamForm::changed, this, [this, made, params, what] {
            change_showing(what,
                           [&](Showing& showing) { set_values<Showing>(showing, params, made->values()); });
        });
        for (const auto& spec : specs)
            if (spec.type == ParamType::Choice || spec.type == ParamType::Curve)
                show_moves(*made, spec.id, part, what);
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
    specs_.reserve(3);
    comes_ = form(AppearancePart::Comes, tr("In"), tr("change how it comes in"));
    between_ = form(AppearancePart::Stays, tr("While visible"), tr("change what it does while visible"));
    goes_ = form(AppearancePart::Goes, tr("Out"), tr("change how it goes out"));
    lay_out();
}

void ShowingPage::show_moves(ParamForm& form, std::string_view field, AppearancePart part,
                             const QString& what) {
    auto* easing = qobject_cast<EasingField*>(form.field(field));
    auto* box = easing ? &easing->choices() : dynamic_cast<ChoiceBox*>(form.field(field));
    box->open_by([this, box, part, field, what] { return open_sheet(field, *box, part, what); });
}

bool ShowingPage::open_sheet(std::string_view id, ChoiceBox& box, AppearancePart part, const QString& what) {
    if (!lane())
        return false;
    auto tried = tried_appearance(document_.schedule(), lane()->id, view_.selection(), view_.playhead());
    if (!tried)
        return false; // nothing is to be seen of it: a list of names will do
    const auto params = showing_parameters(part);
    const auto param = std::ranges::find_if(params, [&](const auto& one) { return one.spec.id == id; });
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
                              [project = tried->project, lane = lane()->id, values, params] {
                                  Showing showing = *part_of<Showing>(*project.lane(lane));
                                  set_values<Showing>(showing, params, values);
                                  return with_showing(project, lane, std::move(showing));
                              },
                          .is_current = i == box.currentIndex()});
    }
    MovingSheet::open(box, what + " " + qt_text(id), document_, view_,
                      loop_on(tried->project, tried->span, part), std::move(offers));
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
    if (showing() || !lane() || !part_of<Showing>(*lane()))
        return;
    Showing changed = *part_of<Showing>(*lane());
    how(changed);
    document_.apply(with_showing(document_.project(), lane()->id, std::move(changed)), what);
}

void ShowingPage::show_motion() {
    const Lane* now = lane();
    setEnabled(now && !now->locked && part_of<Showing>(*now));
    layer_->clear();
    if (!now || !part_of<Showing>(*now))
        return;
    layer_->addItem(tr("nothing yet"), qulonglong{0});
    const auto& layers = document_.project().stage->layers;
    for (auto layer = layers.rbegin(); layer != layers.rend(); ++layer)
        if (layer->kind != layers::camera)
            layer_->addItem(QString::fromStdString(layer->name), static_cast<qulonglong>(layer->id.value));
    layer_->setCurrentIndex(
        std::max(0, layer_->findData(static_cast<qulonglong>(part_of<Showing>(*now)->layer.value))));
    if (auto* early = comes_->field("early"))
        early->setEnabled(!part_of<Showing>(*now)->arrives);
    comes_->set_values(
        values_of<Showing>(*part_of<Showing>(*now), showing_parameters(AppearancePart::Comes)));
    between_->set_values(
        values_of<Showing>(*part_of<Showing>(*now), showing_parameters(AppearancePart::Stays)));
    goes_->set_values(values_of<Showing>(*part_of<Showing>(*now), showing_parameters(AppearancePart::Goes)));
}

QString ShowingPage::told() const {
    if (!lane() || !part_of<Showing>(*lane()))
        return {};
    if (part_of<Showing>(*lane())->layer.value == 0)
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
               : tr("%1, up to %2 at once").arg(spoken(count_text(spans.size(), lane()->kind))).arg(most);
}

} // namespace pulsepin
