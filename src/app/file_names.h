// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QString>
#include <optional>

class QWidget;

namespace pulsepin {

inline constexpr const char* project_filter = "Pulse Pin projects (*.pulsepin)";

[[nodiscard]] bool is_project_name(const QString& path);

/// Asks where to write a file. The name gets the ending first, and only then it is asked whether a file that
/// is there already shall be replaced. None when the person did not want to.
[[nodiscard]] std::optional<QString> ask_where_to_write(QWidget* parent, const QString& title,
                                                        const QString& suggested, const QString& filter,
                                                        const QString& ending);

} // namespace pulsepin
