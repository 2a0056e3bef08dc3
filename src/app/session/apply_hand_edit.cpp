// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/apply_hand_edit.h"

#include "session/core_words.h"
#include "session/document.h"

namespace pulsepin {

std::optional<HandEdited> apply_hand_edit(Document& document, std::string_view id, HandEditRequest request) {
    const HandEdit& row = *hand_edit(id);
    request.values = values_for(row, request.values);
    auto edited = row.run(request);
    if (!edited) {
        document.say(QString::fromStdString(edited.error().message()));
        return std::nullopt;
    }
    if (!document.apply(Result<Project>(edited->project), text_of(row.label)))
        return std::nullopt;
    return *std::move(edited);
}

} // namespace pulsepin
