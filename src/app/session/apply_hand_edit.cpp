// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/apply_hand_edit.h"

#include "session/core_words.h"
#include "session/document.h"

namespace pulsepin {

std::optional<HandEdited> apply_hand_edit(Document& document, std::string_view id, HandEditRequest request,
                                          const QString& step) {
    const HandEdit& row = *hand_edit(id);
    request.values = values_for(row, request.values);
    auto edited = row.run(request);
    if (!edited) {
        document.say(spoken(edited.error()));
        return std::nullopt;
    }
    if (!document.apply(Result<Project>(edited->project), step.isEmpty() ? text_of(row.label) : step))
        return std::nullopt;
    if (!edited->told.empty())
        document.say(text_of(edited->told)
                         .replace("%1", QString::fromStdString(edited->name))
                         .replace("%2", QString::number(edited->count)));
    return *std::move(edited);
}

} // namespace pulsepin
