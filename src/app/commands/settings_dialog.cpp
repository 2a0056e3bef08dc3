// SPDX-License-Identifier: GPL-3.0-or-later
#include "commands/settings_dialog.h"

#include "commands/shortcuts_page.h"
#include "parts/form_area.h"
#include "parts/param_form.h"
#include "parts/widgets.h"
#include "render/qt_text.h"
#include "session/core_words.h"

#include <QButtonGroup>
#include <QDialogButtonBox>
#include <QStackedWidget>

namespace pulsepin {
namespace {

QString told_when(Applies applies) {
    switch (applies) {
    case Applies::AtNextStart:
        return SettingsDialog::tr("at the next start");
    case Applies::InNewProjects:
        return SettingsDialog::tr("in new projects");
    case Applies::AtOnce:
        break;
    }
    return {};
}

} // namespace

SettingsDialog::SettingsDialog(CommandList& commands, const QStringList& devices, QWidget* parent)
    : QDialog(parent) {
    setObjectName("settings");
    setWindowTitle(tr("Settings"));
    auto* column = new QVBoxLayout(this);
    auto* top = new QHBoxLayout;
    auto* group = new QButtonGroup(this);
    for (const auto& [name, text] :
         {std::pair{"settings page", tr("Settings")}, std::pair{"shortcuts page", tr("Shortcuts")}}) {
        auto* button = named(new QPushButton(text), name, text);
        button->setProperty("role", "choice");
        button->setCheckable(true);
        button->setAutoDefault(false);
        group->addButton(button, static_cast<int>(group->buttons().size()));
        top->addWidget(button);
    }
    group->button(0)->setChecked(true);
    auto* words = named(new QLineEdit, "settings words", tr("Shows what has these words in it"));
    words->setPlaceholderText(tr("Find a setting or a shortcut"));
    words->setAccessibleName(tr("Find"));
    words->setClearButtonEnabled(true);
    top->addWidget(words, 1);
    column->addLayout(top);

    pages_ = new QStackedWidget;
    pages_->addWidget(make_settings(devices));
    shortcuts_ = new ShortcutsPage(commands);
    pages_->addWidget(shortcuts_);
    column->addWidget(pages_, 1);
    connect(group, &QButtonGroup::idClicked, pages_, &QStackedWidget::setCurrentIndex);
    connect(words, &QLineEdit::textChanged, this, &SettingsDialog::find);

    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Close);
    buttons->button(QDialogButtonBox::Close)->setDefault(true);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    column->addWidget(buttons);
    resize(720, 560);
    words->setFocus();
}

QWidget* SettingsDialog::make_settings(const QStringList& devices) {
    auto* inside = new QWidget;
    auto* grid = new QGridLayout(inside);
    grid->setHorizontalSpacing(10);
    grid->setVerticalSpacing(5);
    grid->setColumnStretch(1, 1);
    std::string_view section;
    QLabel* title = nullptr;
    for (const auto& row : setting_rows()) {
        if (row.section != section) {
            section = row.section;
            title = heading(text_of(section));
            grid->addWidget(title, grid->rowCount(), 0, 1, 4);
        }
        auto& line = *lines_.emplace_back(std::make_unique<Line>());
        line.row = &row;
        line.section = title;
        line.spec = row.spec;
        if (row.spec.id == "sound/device") { // proposals that are only known now
            for (const auto& device : devices)
                line.names.push_back(device.toStdString());
            for (const auto& name : line.names)
                line.choices.push_back({name, name});
            line.spec.choices = line.choices;
        }
        add_line(*grid, line);
        if (row.spec.id == "sound/device")
            if (auto* name = line.field->findChild<QLineEdit*>())
                name->setPlaceholderText(text_of("As the desktop"));
    }
    nothing_ = quiet(tr("No setting has these words."));
    nothing_->hide();
    grid->addWidget(nothing_, grid->rowCount(), 0, 1, 4);
    grid->setRowStretch(grid->rowCount(), 1);
    auto* area = new QScrollArea;
    area->setWidgetResizable(true);
    area->setWidget(inside);
    area->setFocusPolicy(Qt::NoFocus);
    return area;
}

void SettingsDialog::add_line(QGridLayout& grid, Line& line) {
    const int at = grid.rowCount();
    const QString id = qt_text(line.spec.id);
    line.label = new QLabel(text_of(line.spec.label));
    line.label->setToolTip(text_of(line.spec.explains));
    ParamFormStyle style;
    style.live = false;
    style.fills = true;
    line.field = new ParamForm("setting", style);
    line.field->set_specs({&line.spec, 1});
    line.label->setBuddy(line.field->field(line.spec.id));
    line.when = quiet(told_when(line.row->applies));
    line.back = named(new QPushButton(tr("Reset")), "reset " + id,
                      tr("%1: as it began").arg(text_of(line.spec.label)));
    line.back->setAccessibleName(tr("Reset: %1").arg(text_of(line.spec.label)));
    line.back->setProperty("role", "small");
    line.back->setAutoDefault(false);
    grid.addWidget(line.label, at, 0);
    if (line.spec.type == ParamType::Switch) // its box says it
        line.label->setMaximumWidth(0);
    grid.addWidget(line.field, at, 1);
    grid.addWidget(line.when, at, 2);
    grid.addWidget(line.back, at, 3);
    show_line(line);
    connect(line.field, &ParamForm::changed, this, [this, &line] {
        const auto values = line.field->values();
        if (const auto* value = values.find(line.spec.id))
            change_setting(*line.row, *value);
        line.back->setEnabled(!is_initial(*line.row));
        emit changed(qt_text(line.spec.id));
    });
    connect(line.back, &QPushButton::clicked, this, [this, &line] {
        reset_setting(*line.row);
        show_line(line);
        emit changed(qt_text(line.spec.id));
    });
}

void SettingsDialog::show_line(Line& line) {
    line.field->set_values({{std::string(line.spec.id), setting(*line.row)}});
    line.back->setEnabled(!is_initial(*line.row));
}

void SettingsDialog::find(const QString& words) {
    const QStringList wanted = words.simplified().split(' ', Qt::SkipEmptyParts);
    std::map<QLabel*, bool> sections;
    bool any = false;
    for (auto& line : lines_) {
        const QString all = line->section->text() + ' ' + line->label->text() + ' ' + line->label->toolTip();
        const bool seen = std::ranges::all_of(
            wanted, [&](const QString& word) { return all.contains(word, Qt::CaseInsensitive); });
        for (QWidget* part :
             std::initializer_list<QWidget*>{line->label, line->field, line->when, line->back})
            part->setVisible(seen);
        sections[line->section] |= seen;
        any |= seen;
    }
    for (const auto& [label, seen] : sections)
        label->setVisible(seen);
    nothing_->setVisible(!any);
    shortcuts_->find(words);
}

} // namespace pulsepin
