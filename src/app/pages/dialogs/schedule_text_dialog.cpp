// SPDX-License-Identifier: GPL-3.0-or-later
#include "pages/dialogs/schedule_text_dialog.h"

#include "interchange/property_keys.h"
#include "parts/finder.h"
#include "parts/widgets.h"
#include "session/core_words.h"

#include <QClipboard>
#include <QDialogButtonBox>
#include <QGridLayout>
#include <QGuiApplication>
#include <QVBoxLayout>

namespace pulsepin {
namespace {

/// Line breaks and tabs are typed as \n and \t.
QString escaped(QString text) {
    return text.replace("\n", "\\n").replace("\t", "\\t");
}
QString unescaped(QString text) {
    return text.replace("\\n", "\n").replace("\\t", "\t");
}

} // namespace

ScheduleTextDialog::ScheduleTextDialog(Curves curves, Jobs& jobs, QWidget* parent)
    : QDialog(parent), curves_(std::move(curves)), text_(jobs, [curves = curves_](const Wanted& wanted) {
          return decltype(text_)::Work{
              JobQueue::Write, tr("keys as text"), [curves, wanted](const Progress&) -> Result<QString> {
                  const Lane& lane = *curves.project().lane(wanted.lane);
                  const auto line = schedule_text(curves, lane, feeds_of(lane)[wanted.feed], wanted.how);
                  if (!line)
                      return tl::unexpected(line.error());
                  return QString::fromStdString(*line);
              }};
      }) {
    setObjectName("schedule text");
    setWindowTitle(tr("Keys as a line of text"));
    auto* column = new QVBoxLayout(this);
    column->setSpacing(10);
    make_fields();
    auto* grid = new QGridLayout;
    grid->addWidget(labelled(tr("property"), property_), 0, 0);
    grid->addWidget(labelled(tr("keys"), keys_), 0, 1, 1, 2);
    grid->addWidget(labelled(tr("each key"), pattern_), 1, 0);
    grid->addWidget(labelled(tr("between"), separator_), 1, 1);
    grid->addWidget(labelled(tr("decimals"), decimals_), 1, 2);
    grid->setColumnStretch(0, 2);
    column->addLayout(grid);
    line_ = new QPlainTextEdit;
    line_->setObjectName("text line");
    line_->setAccessibleName(tr("The line as it will be"));
    line_->setReadOnly(true);
    line_->setMinimumHeight(110);
    column->addWidget(line_, 1);
    told_ = quiet({});
    told_->setObjectName("text told");
    column->addWidget(told_);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Cancel);
    copy_ = new QPushButton(tr("Copy"));
    copy_->setObjectName("copy text");
    copy_->setToolTip(tr("Copies the line, to be pasted elsewhere"));
    buttons->addButton(copy_, QDialogButtonBox::ActionRole);
    write_ = main_button(tr("Write all properties…"));
    write_->setObjectName("write text");
    buttons->addButton(write_, QDialogButtonBox::AcceptRole);
    column->addWidget(buttons);
    connect(copy_, &QPushButton::clicked, this, [this] {
        QGuiApplication::clipboard()->setText(line_->toPlainText());
        told_->setText(tr("Copied"));
    });
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    for (auto* edit : {pattern_, separator_})
        connect(edit, &QLineEdit::textChanged, this, &ScheduleTextDialog::show_line);
    for (auto* box : {property_, keys_})
        connect(box, &QComboBox::currentIndexChanged, this, &ScheduleTextDialog::show_line);
    connect(decimals_, &QSpinBox::valueChanged, this, &ScheduleTextDialog::show_line);
    show_line();
    resize(620, 380);
}

void ScheduleTextDialog::make_fields() {
    const ScheduleText& now = curves_.project().settings->schedule_text;
    const auto field = [](const QString& name, const QString& text, const QString& tip) {
        auto* edit = new QLineEdit(text);
        edit->setObjectName(name);
        edit->setAccessibleName(tip);
        edit->setToolTip(tip);
        return edit;
    };
    property_ = new ChoiceBox;
    property_->setObjectName("text property");
    property_->setAccessibleName(tr("Property"));
    for (const auto& lane : curves_.project().lanes)
        if (lane->kind->drives() && !lane->muted) {
            const auto feeds = feeds_of(*lane);
            for (std::size_t i = 0; i < feeds.size(); ++i)
                property_->addItem(
                    QString("%1 · %2").arg(QString::fromStdString(lane->name),
                                           QString::fromStdString(feeds[i].property)),
                    QVariantList{static_cast<qulonglong>(lane->id.value), static_cast<int>(i)});
        }
    pattern_ = field("text pattern", QString::fromStdString(now.pattern),
                     tr("{frame}, {time}, {value}, {easing} and {property} are replaced"));
    separator_ = field("text separator", escaped(QString::fromStdString(now.separator)),
                       tr("What stands between two keys; \\n is a line break, \\t a tab"));
    decimals_ = new QSpinBox;
    decimals_->setObjectName("text decimals");
    decimals_->setAccessibleName(tr("Decimals of values"));
    decimals_->setRange(0, 12);
    decimals_->setValue(now.decimals);
    keys_ = new ChoiceBox;
    keys_->setObjectName("text keys");
    keys_->setAccessibleName(tr("Which keys"));
    keys_->addItems(
        {tr("the keys as they are"), tr("as few as say the same in straight lines"), tr("one each frame")});
    keys_->setCurrentIndex(static_cast<int>(now.keys));
}

ScheduleText ScheduleTextDialog::how() const {
    return {pattern_->text().toStdString(), unescaped(separator_->text()).toStdString(), decimals_->value(),
            static_cast<ScheduleText::Keys>(keys_->currentIndex())};
}

/// Long pieces have long lines: they are made beside, and what is there meanwhile is not copied.
void ScheduleTextDialog::show_line() {
    copy_->setEnabled(false);
    write_->setEnabled(false);
    const auto chosen = property_->currentData().toList();
    const Lane* lane = chosen.size() == 2 ? curves_.project().lane(LaneId{chosen[0].toULongLong()}) : nullptr;
    if (!lane)
        return told_->setText(tr("Nothing is driven yet: place pulses or keys on a lane first"));
    text_.ask({lane->id, static_cast<std::size_t>(chosen[1].toInt()), how()},
              [this](const Result<std::shared_ptr<const QString>>& text) {
                  if (!text && text.error().cancelled())
                      return; // another line was asked for meanwhile
                  line_->setPlainText(text ? **text : QString());
                  told_->setText(text ? tr("%1 characters").arg((*text)->size()) : spoken(text.error()));
                  copy_->setEnabled(text && !(*text)->isEmpty());
                  write_->setEnabled(text.has_value());
              });
}

} // namespace pulsepin
