// SPDX-License-Identifier: GPL-3.0-or-later
#include "stops/export_panel.h"

#include "widgets.h"

#include <QDir>
#include <QFileInfo>
#include <QGridLayout>
#include <QScrollArea>
#include <QVBoxLayout>

namespace pulsepin {
namespace {

QString text(std::string_view view) {
    return QString::fromUtf8(view.data(), static_cast<qsizetype>(view.size()));
}

} // namespace

ExportPanel::ExportPanel(Document& document, ViewState& view, QWidget* parent)
    : StopPanel(document, view, parent) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(8);
    column->addWidget(heading(tr("Hand it on")));
    auto* ways = new QScrollArea;
    ways->setWidgetResizable(true);
    ways->setFrameShape(QFrame::NoFrame);
    ways->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    auto* inside = new QWidget;
    auto* grid = new QGridLayout(inside);
    grid->setContentsMargins(0, 0, 8, 0);
    grid->setHorizontalSpacing(14);
    grid->setVerticalSpacing(6);
    ways->setWidget(inside);
    column->addWidget(ways, 1);
    int line = 0;
    for (const auto& row : exporters()) {
        auto* button = new QPushButton(tr("%1…").arg(text(row.label)));
        button->setObjectName("export " + text(row.id));
        button->setToolTip(tr("Writes a .%1 file").arg(text(row.extension)));
        connect(button, &QPushButton::clicked, this, [this, &row] { emit file_wanted(row); });
        grid->addWidget(button, line, 0);
        auto* explains = quiet(text(row.explains));
        explains->setWordWrap(true);
        grid->addWidget(explains, line++, 1);
    }
    outcome_ = quiet({});
    outcome_->setObjectName("outcome");
    outcome_->setWordWrap(true);
    outcome_->setTextInteractionFlags(Qt::TextSelectableByMouse);
    column->addWidget(outcome_);
    grid->setRowStretch(line, 1);
    grid->setColumnStretch(1, 1);
}

bool ExportPanel::write(const ExporterRow& row, const QString& file) {
    if (auto done = export_project({document_.project(), document_.followers()}, row, file.toStdString());
        !done) {
        outcome_->setText(QString::fromStdString(done.error().message()));
        document_.say(QString::fromStdString(done.error().message()));
        return false;
    }
    ++written_;
    outcome_->setText(tr("Written: %1").arg(QFileInfo(file).fileName()));
    outcome_->setToolTip(QDir::toNativeSeparators(file));
    document_.say(tr("%1 written").arg(text(row.label)));
    emit document_.file_changed();
    return true;
}

QString ExportPanel::summary() const {
    if (written_ > 0)
        return tr("%n files written", nullptr, written_);
    const Lane* cuts = document_.project().first_lane(LaneKind::Cut);
    return cuts && !cuts->pins.empty() ? tr("edit list and more") : tr("nothing to write yet");
}

void ExportPanel::refresh() {}

} // namespace pulsepin
