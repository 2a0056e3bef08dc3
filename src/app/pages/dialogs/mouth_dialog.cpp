// SPDX-License-Identifier: GPL-3.0-or-later
#include "pages/dialogs/mouth_dialog.h"

#include "hand/mouth.h"
#include "parts/widgets.h"

#include <QDialogButtonBox>
#include <QHeaderView>
#include <QVBoxLayout>

namespace pulsepin {
namespace {

constexpr int most_shapes = 30;

} // namespace

MouthDialog::MouthDialog(const std::vector<MouthShape>& mouth, QWidget* parent) : QDialog(parent) {
    setObjectName("mouth table");
    setWindowTitle(tr("Shapes of the mouth"));
    auto* column = new QVBoxLayout(this);
    column->addWidget(heading(tr("Which sounds have which shape")));
    column->addWidget(quiet(tr("Sounds in signs of the International Phonetic Alphabet, with blanks between; "
                               "the first shape is the closed mouth")));
    table_ = named(new QTableWidget(0, 2), "mouth shapes table", tr("Double click or F2 to change"));
    table_->setHorizontalHeaderLabels({tr("shape"), tr("sounds")});
    table_->horizontalHeader()->setSectionResizeMode(1, QHeaderView::Stretch);
    table_->verticalHeader()->setDefaultSectionSize(24);
    column->addWidget(table_, 1);
    show_shapes(mouth);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Cancel);
    auto* more = buttons->addButton(tr("One more"), QDialogButtonBox::ActionRole);
    more->setObjectName("one more shape");
    auto* usual = buttons->addButton(tr("As usual"), QDialogButtonBox::ResetRole);
    usual->setObjectName("usual mouth");
    auto* take = main_button(tr("Take"));
    take->setObjectName("take mouth");
    buttons->addButton(take, QDialogButtonBox::AcceptRole);
    connect(more, &QPushButton::clicked, this, [this] {
        if (table_->rowCount() < most_shapes)
            table_->setRowCount(table_->rowCount() + 1);
    });
    connect(usual, &QPushButton::clicked, this, [this] {
        show_shapes({usual_mouth().begin(), usual_mouth().end()});
    });
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    column->addWidget(buttons);
    resize(520, 420);
}

void MouthDialog::show_shapes(const std::vector<MouthShape>& mouth) {
    table_->setRowCount(static_cast<int>(mouth.size()));
    for (int row = 0; row < table_->rowCount(); ++row) {
        const auto& shape = mouth[static_cast<std::size_t>(row)];
        table_->setItem(row, 0, new QTableWidgetItem(QString::fromStdString(shape.name)));
        table_->setItem(row, 1, new QTableWidgetItem(QString::fromStdString(shape.sounds)));
    }
}

std::vector<MouthShape> MouthDialog::mouth() const {
    std::vector<MouthShape> mouth;
    const auto text = [&](int row, int column) {
        const auto* item = table_->item(row, column);
        return item ? item->text().simplified().toStdString() : std::string();
    };
    for (int row = 0; row < table_->rowCount(); ++row)
        if (!text(row, 0).empty())
            mouth.push_back({text(row, 0), text(row, 1)});
    return mouth;
}

} // namespace pulsepin
