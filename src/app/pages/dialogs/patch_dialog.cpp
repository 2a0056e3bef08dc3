// SPDX-License-Identifier: GPL-3.0-or-later
#include "pages/dialogs/patch_dialog.h"

#include "model/rig_edits.h"
#include "model/rig_properties.h"
#include "parts/plain_texts.h"
#include "parts/tight_row.h"
#include "parts/widgets.h"
#include "session/agreed_addresses.h"
#include "session/core_words.h"
#include "show/wire.h"

#include <QDialogButtonBox>
#include <QHeaderView>
#include <QVBoxLayout>
#include <algorithm>

namespace pulsepin {
namespace {

enum Column { Name, Sends, Universe, Channels, Columns };

QString sends_text(const Fixture& fixture) {
    static const auto kinds = fixture_properties()[1].spec.choices;
    const auto at = static_cast<std::size_t>(fixture.kind);
    return text_of(kinds[at].label) + (fixture.fine ? QObject::tr(", fine") : QString());
}

/// Wires by the names that a person knows them by.
std::span<const ParamChoice> wire_choices() {
    static const auto all = [] {
        std::vector<ParamChoice> choices;
        for (const auto& kind : wire_kinds())
            choices.push_back({kind.id, kind.label});
        return choices;
    }();
    return all;
}

} // namespace

PatchDialog::PatchDialog(Document& document, ViewState& view, LightSender& sender, QWidget* parent)
    : QDialog(parent), document_(document), view_(view), sender_(sender) {
    setObjectName("patch dialog");
    setWindowTitle(tr("Patch and outputs"));
    setAttribute(Qt::WA_DeleteOnClose);
    resize(720, 480);
    auto* column = new QVBoxLayout(this);
    auto* row = new QHBoxLayout;
    row->addWidget(make_table(), 3);
    row->addWidget(make_outputs(), 2);
    column->addLayout(row, 1);
    told_ = quiet({});
    told_->setObjectName("patch told");
    told_->setWordWrap(true);
    column->addWidget(told_);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Close);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    column->addWidget(buttons);
    for (auto* other : findChildren<QPushButton*>())
        other->setAutoDefault(false);
    auto* close = buttons->button(QDialogButtonBox::Close);
    close->setDefault(true); // Return closes it, whatever has the keys
    close->setFocus();
    connect(&document_, &Document::changed, this, &PatchDialog::refresh);
    connect(&sender_, &LightSender::changed, this, [this] { say(sender_.told(), sender_.in_trouble()); });
    refresh();
}

QWidget* PatchDialog::make_table() {
    auto* box = new QWidget;
    auto* column = new QVBoxLayout(box);
    column->setContentsMargins(0, 0, 0, 0);
    column->addWidget(heading(tr("Patch")));
    table_ = named(new QTableWidget(0, Columns), "patch table", tr("Which channels each lamp listens to"));
    table_->setHorizontalHeaderLabels({tr("lamp"), tr("each sends"), tr("universe"), tr("channels")});
    table_->horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
    table_->horizontalHeader()->setSectionResizeMode(Name, QHeaderView::Stretch);
    table_->verticalHeader()->hide();
    table_->setSelectionBehavior(QAbstractItemView::SelectRows);
    connect(table_, &QTableWidget::cellChanged, this, &PatchDialog::cell_changed);
    column->addWidget(table_, 1);
    auto* below = new QWidget;
    auto* row = tight_row(below, 6);
    universe_ = whole_field("patch universe", tr("Universe of the first lamp"), 1, 63'999, 1);
    channel_ = whole_field("patch channel", tr("First channel of the first lamp"), 1, 512, 1);
    universe_->setPrefix(tr("universe "));
    channel_->setPrefix(tr("channel "));
    auto* all = named(new QPushButton(tr("Patch in order")), "patch in order",
                      tr("The rows that are selected, or all, one behind the other from that channel on"));
    connect(all, &QPushButton::clicked, this, &PatchDialog::patch_in_order);
    row->addWidget(universe_);
    row->addWidget(channel_);
    row->addWidget(all, 1);
    column->addWidget(below);
    return box;
}

QWidget* PatchDialog::make_outputs() {
    auto* box = new QWidget;
    auto* column = new QVBoxLayout(box);
    column->setContentsMargins(0, 0, 0, 0);
    column->addWidget(heading(tr("Outputs")));
    auto* top = new QWidget;
    auto* row = tight_row(top, 6);
    outputs_ = choice_box("outputs", tr("The outputs of this piece"));
    connect(outputs_, &QComboBox::currentIndexChanged, this, &PatchDialog::show_outputs);
    row->addWidget(outputs_, 1);
    auto* add = named(new QPushButton(tr("Add")), "add output", tr("One output more, to this computer"));
    connect(add, &QPushButton::clicked, this, [this] {
        take(with_rig(document_.project(), [](Rig& rig) { rig.outputs.emplace_back(); }), tr("add output"));
        outputs_->setCurrentIndex(outputs_->count() - 1);
    });
    remove_ = named(new QPushButton(tr("Remove")), "remove output", tr("Removes this output"));
    connect(remove_, &QPushButton::clicked, this, [this] {
        const int at = outputs_->currentIndex();
        take(with_rig(document_.project(),
                      [at](Rig& rig) {
                          if (at >= 0 && at < std::ssize(rig.outputs))
                              rig.outputs.erase(rig.outputs.begin() + at);
                      }),
             tr("remove output"));
    });
    row->addWidget(add);
    row->addWidget(remove_);
    column->addWidget(top);
    specs_ = specs_of(output_properties());
    specs_.front().type = ParamType::Choice;
    specs_.front().choices = wire_choices();
    form_ =
        new ParamForm("output", {.live = false, .layout = ParamFormLayout::NamesBeside, .one_a_line = true});
    form_->set_specs(specs_);
    connect(form_, &ParamForm::changed, this, &PatchDialog::take_output);
    column->addWidget(form_);
    column->addStretch(1);
    return box;
}

void PatchDialog::refresh() {
    showing_ = true;
    const auto& rig = *document_.project().rig;
    table_->setRowCount(static_cast<int>(rig.fixtures.size()));
    for (int i = 0; i < table_->rowCount(); ++i) {
        const auto& fixture = rig.fixtures[static_cast<std::size_t>(i)];
        const bool patched = fixture.universe > 0 && fixture.first_channel > 0;
        const QString cells[] = {QString::fromStdString(fixture.name), sends_text(fixture),
                                 patched ? QString::number(fixture.universe) : tr("none"),
                                 patched ? QString("%1–%2")
                                               .arg(fixture.first_channel)
                                               .arg(fixture.first_channel + channels_of(fixture) - 1)
                                         : tr("none")};
        for (int c = 0; c < Columns; ++c) {
            auto* item = new QTableWidgetItem(cells[c]);
            if (c == Sends)
                item->setFlags(item->flags() & ~Qt::ItemIsEditable);
            table_->setItem(i, c, item);
        }
    }
    const int before = outputs_->currentIndex();
    outputs_->clear();
    for (const auto& output : rig.outputs) {
        const auto* kind = wire_kind(output.wire);
        outputs_->addItem(
            tr("%1 to %2")
                .arg(kind ? text_of(kind->label) : QString::fromStdString(output.wire),
                     output.to == "127.0.0.1" ? tr("this computer") : QString::fromStdString(output.to)));
    }
    if (outputs_->count() > 0)
        outputs_->setCurrentIndex(std::clamp(before, 0, outputs_->count() - 1));
    showing_ = false;
    show_outputs();
}

void PatchDialog::show_outputs() {
    if (showing_)
        return;
    const auto& outputs = document_.project().rig->outputs;
    const int at = outputs_->currentIndex();
    const bool there = at >= 0 && at < std::ssize(outputs);
    form_->setEnabled(there);
    remove_->setEnabled(there);
    if (!there)
        return;
    ParamValues values;
    for (const auto& property : output_properties())
        values.set(property.spec.id, property.get(outputs[static_cast<std::size_t>(at)]));
    form_->set_values(values);
}

void PatchDialog::take_output() {
    const int at = outputs_->currentIndex();
    if (showing_ || at < 0 || at >= std::ssize(document_.project().rig->outputs))
        return;
    WireOutput output = document_.project().rig->outputs[static_cast<std::size_t>(at)];
    const auto values = form_->values();
    for (const auto& property : output_properties())
        if (const auto* value = values.find(property.spec.id))
            property.set(output, *value);
    if (output.to != document_.project().rig->outputs[static_cast<std::size_t>(at)].to)
        agreed_addresses::remember({QString::fromStdString(output.to)}); // a person typed it
    take(with_rig(document_.project(), [&](Rig& rig) { rig.outputs[static_cast<std::size_t>(at)] = output; }),
         tr("change output"));
}

void PatchDialog::cell_changed(int row, int column) {
    const auto& fixtures = document_.project().rig->fixtures;
    if (showing_ || row < 0 || row >= std::ssize(fixtures))
        return;
    const LampId lamp[] = {fixtures[static_cast<std::size_t>(row)].id};
    const QString text = table_->item(row, column)->text();
    if (column == Name) {
        take(with_lamps_renamed(document_.project(), lamp[0], text.toStdString()), tr("rename lamp"));
        return refresh();
    }
    bool good = false;
    // "19-21": what counts is where it begins.
    const int number = text.section(QChar(0x2013), 0, 0).section('-', 0, 0).trimmed().toInt(&good);
    if (!good) {
        say(tr("“%1” is no number").arg(text), true);
        return refresh();
    }
    const auto& fixture = fixtures[static_cast<std::size_t>(row)];
    take(patched(document_.project(), lamp, column == Universe ? number : std::max(1, fixture.universe),
                 column == Channels ? number : std::max(1, fixture.first_channel)),
         tr("patch lamp"));
    refresh();
}

void PatchDialog::patch_in_order() {
    const auto& fixtures = document_.project().rig->fixtures;
    std::vector<LampId> lamps;
    for (const auto& index : table_->selectionModel()->selectedRows())
        lamps.push_back(fixtures[static_cast<std::size_t>(index.row())].id);
    take(patched(document_.project(), lamps, universe_->value(), channel_->value()), tr("patch lamps"));
}

bool PatchDialog::take(Result<Project> project, const QString& name) {
    if (!project) {
        say(spoken(project.error()), true);
        return false;
    }
    say({}, false);
    document_.apply(*std::move(project), name);
    return true;
}

void PatchDialog::say(const QString& what, bool problem) {
    told_->setProperty("role", problem ? "warning" : "quiet");
    told_->setText(what);
    told_->setStyleSheet(told_->styleSheet()); // its role is another
}

} // namespace pulsepin
