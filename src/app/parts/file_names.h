// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QCoreApplication>
#include <QStringList>
#include <functional>
#include <optional>
#include <span>
#include <string_view>

class QWidget;

namespace pulsepin {

class Document;

inline constexpr const char* project_filter =
    QT_TRANSLATE_NOOP("pulsepin::FileCommands", "Pulse Pin projects (*.pulsepin)");

[[nodiscard]] bool is_project_name(const QString& path);

/// The folder that dialogs begin in: the project's, or else the song's.
[[nodiscard]] QString usual_folder(const Document& document);
/// The endings as file dialogs show them: "*.mp4 *.mov".
[[nodiscard]] QString as_patterns(std::span<const std::string_view> endings);

/// What a name stands for, where it is not one file.
struct WrittenUnder {
    /// The files that are written; of those that are there already it is asked whether they shall be
    /// replaced.
    std::function<QStringList(const QString& name)> files = [](const QString& name) {
        return QStringList{name};
    };
    /// Why that name cannot be taken; empty where it can.
    std::function<QString(const QString& name)> refusal = [](const QString&) { return QString(); };
};

/// Asks where to write a file. The name gets the ending first (of several, by blanks, unless it has one of
/// them), and only then it is asked whether files that are there already shall be replaced. None when the
/// person did not want to.
[[nodiscard]] std::optional<QString> ask_where_to_write(QWidget* parent, const QString& title,
                                                        const QString& suggested, const QString& filter,
                                                        const QString& ending,
                                                        const WrittenUnder& written = {});

} // namespace pulsepin
