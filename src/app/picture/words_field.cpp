// SPDX-License-Identifier: GPL-3.0-or-later
#include "picture/words_field.h"

#include "model/pin_edits.h"
#include "model/stage_edits.h"
#include "parts/widgets.h"
#include "render/staged_places.h"

#include <QAction>
#include <QPointer>
#include <algorithm>

namespace pulsepin {

void WordsField::open(const Layer& layer, const QRectF& box) {
    if (words_)
        return;
    if (layer.locked)
        return document_.say(tr("“%1” is locked. Unlock the layer first (stop Motion, Layers).")
                                 .arg(QString::fromStdString(layer.name)));
    words_ = new LinesEdit(&preview_);
    // What appears with words of its own has those written into.
    const StagedFrame staged = preview_.staged();
    const auto* seen = staged_place(staged, layer.id).layer;
    const Pin* pin = seen ? document_.project().pin(seen->appearance) : nullptr;
    const auto* own = pin ? body_if<AppearanceBody>(&pin->body) : nullptr;
    const PinId appearance = own && !own->text.empty() ? pin->id : PinId{};
    words_->set_lines(QString::fromStdString(appearance.value != 0 ? own->text : layer.text));
    words_->setObjectName("words in the picture");
    words_->setAccessibleName(tr("The words of the title; Shift+Enter begins another line"));
    const int width =
        std::clamp(static_cast<int>(box.width()) + 60, 160, std::max(160, preview_.width() - 8));
    words_->setGeometry(
        std::clamp(static_cast<int>(box.center().x()) - width / 2, 4,
                   std::max(4, preview_.width() - width - 4)),
        std::clamp(static_cast<int>(box.center().y()) - 14, 4, std::max(4, preview_.height() - 32)), width,
        28);
    words_->selectAll();
    words_->show();
    words_->setFocus();
    // The field loses the keyboard when the window goes, and the document may be gone before.
    const auto finish = [this, id = layer.id, appearance, there = QPointer<Document>(&document_)](bool keep) {
        auto* field = there ? std::exchange(words_, nullptr) : nullptr;
        if (!field)
            return;
        const Layer* now = document_.project().stage->layer(id);
        const std::string words = field->lines().toStdString();
        if (keep && field->isModified() && document_.project().pin(appearance)) {
            const PinId pins[] = {appearance};
            document_.apply(with_bodies(document_.project(), pins,
                                        [&](PinBody& body) { body_of<AppearanceBody>(body).text = words; }),
                            tr("change words"));
        } else if (keep && now && field->isModified()) {
            Layer changed = *now;
            changed.text = words;
            document_.apply(with_changed_layer(document_.project(), std::move(changed)), tr("change words"));
        }
        field->hide();
        field->deleteLater();
        preview_.setFocus();
    };
    connect(words_, &QLineEdit::editingFinished, this, [finish] { finish(true); });
    auto* escape = new QAction(words_);
    escape->setShortcut(Qt::Key_Escape);
    escape->setShortcutContext(Qt::WidgetShortcut);
    words_->addAction(escape);
    connect(escape, &QAction::triggered, this, [finish] { finish(false); });
}

} // namespace pulsepin
