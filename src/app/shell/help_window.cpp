// SPDX-License-Identifier: GPL-3.0-or-later
#include "shell/help_window.h"

#include "drawing/canvas/canvas.h"
#include "pages/stops/stop_panel.h"
#include "parts/open_once.h"
#include "parts/widgets.h"
#include "picture/preview_view.h"
#include "shell/manual.h"

#include <QApplication>
#include <QDialogButtonBox>
#include <QKeyEvent>
#include <QPointer>
#include <QRegularExpression>
#include <QUrl>

namespace pulsepin {
namespace {

constexpr const char* pages_of_stops[] = {"song", "grid", "mark", "place", "motion", "check", "export"};

/// As it is read, without the sign before the letter that leads there.
QString as_read(QString label) {
    static const QRegularExpression sign("&(.)");
    label.replace(sign, "\\1");
    return label.endsWith(':') ? label.chopped(1) : label;
}

/// The label that stands before a field, or above it.
QString label_of(const QWidget& control) {
    const auto* parent = control.parentWidget();
    for (const auto* label : parent ? parent->findChildren<QLabel*>() : QList<QLabel*>())
        if (label->buddy() == &control)
            return as_read(label->text());
    return {};
}

/// What a field is a part of, as the line of a number.
const QWidget& whole_of(const QWidget& control) {
    const auto* parent = control.parentWidget();
    return control.objectName().startsWith("qt_") && parent ? whole_of(*parent) : control;
}

} // namespace

QString page_about(const QWidget& control, int stop) {
    for (const auto* at = &control; at; at = at->parentWidget()) {
        if (qobject_cast<const PreviewView*>(at))
            return "picture";
        if (qobject_cast<const Canvas*>(at))
            return "README";
        if (at->objectName() == "settings")
            return "README";
        if (at->objectName() == "transport")
            return "song";
    }
    return pages_of_stops[std::clamp(stop, 0, static_cast<int>(std::size(pages_of_stops)) - 1)];
}

QStringList names_of_control(const QWidget& control) {
    QStringList names;
    const auto add = [&](const QString& name) {
        if (!name.isEmpty() && !names.contains(name))
            names << name;
    };
    if (const auto* button = qobject_cast<const QAbstractButton*>(&control))
        add(as_read(button->text()));
    add(control.accessibleName());
    add(label_of(control));
    add(control.objectName());
    if (const auto* dialog = qobject_cast<const QDialog*>(control.window()))
        add(dialog->windowTitle());
    if (qobject_cast<const Canvas*>(&control))
        add("wheel"); // the manual tells there what the mouse and the keys do
    return names;
}

HelpWindow::HelpWindow(QWidget* parent) : QDialog(parent) {
    setObjectName(own_name);
    setWindowTitle(tr("Help"));
    setAttribute(Qt::WA_DeleteOnClose);
    auto* column = new QVBoxLayout(this);
    title_ = heading({});
    tip_ = quiet({});
    tip_->setWordWrap(true);
    text_ = named(new QTextBrowser, "help text", tr("What the manual says"));
    text_->setOpenLinks(false);
    QPalette colours = text_->palette();
    colours.setColor(QPalette::Link, desk_palette().playing);
    text_->setPalette(colours);
    connect(text_, &QTextBrowser::anchorClicked, this, [this](const QUrl& to) {
        const QString page = to.fileName().section('.', 0, 0);
        if (!Manual::shipped().page(page).isEmpty()) {
            page_ = page;
            show_page();
        }
    });
    column->addWidget(title_);
    column->addWidget(tip_);
    column->addWidget(text_, 1);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Close);
    whole_ =
        named(new QPushButton(tr("Whole page")), "help page", tr("All that the manual says about this part"));
    buttons->addButton(whole_, QDialogButtonBox::ActionRole);
    connect(whole_, &QPushButton::clicked, this, &HelpWindow::show_page);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    column->addWidget(buttons);
    resize(520, 360);
}

void HelpWindow::tell_about(const QWidget& some, const QString& page) {
    const QWidget& control = whole_of(some);
    page_ = page;
    const QStringList names = names_of_control(control);
    title_->setText(names.isEmpty() ? tr("Help") : names.front());
    tip_->setText(control.toolTip());
    tip_->setVisible(!control.toolTip().isEmpty());
    const auto* told = Manual::shipped().about(names, page);
    if (told)
        page_ = told->page;
    text_->setMarkdown(told ? told->text : tr("The manual was not found."));
    whole_->setVisible(told);
}

void HelpWindow::show_page() {
    text_->setMarkdown(Manual::shipped().page(page_));
    whole_->hide();
}

HelpKey::HelpKey(QWidget& window, std::function<int()> stop)
    : QObject(&window), window_(window), stop_(std::move(stop)) {
    qApp->installEventFilter(this);
}

void HelpKey::tell() {
    QWidget* control = QApplication::focusWidget();
    if (!control || qobject_cast<Canvas*>(control))
        if (auto* under = QApplication::widgetAt(QCursor::pos()); under && under->window() == &window_)
            control = under;
    if (!control)
        control = &window_;
    auto* help = brought_forward<HelpWindow>(control->window(), HelpWindow::own_name);
    if (!help)
        help = new HelpWindow(control->window());
    help->tell_about(*control, page_about(*control, stop_()));
    help->show();
}

/// The window's own shortcuts do not reach into dialogs that hold it up.
bool HelpKey::eventFilter(QObject* watched, QEvent* event) {
    if (event->type() != QEvent::KeyPress || watched != QApplication::focusWidget())
        return false;
    const auto* key = static_cast<QKeyEvent*>(event);
    const auto* dialog = qobject_cast<QDialog*>(QApplication::focusWidget()->window());
    if (key->key() != Qt::Key_F1 || key->modifiers() != Qt::NoModifier || !dialog ||
        dialog->objectName() == HelpWindow::own_name)
        return false;
    tell();
    return true;
}

} // namespace pulsepin
