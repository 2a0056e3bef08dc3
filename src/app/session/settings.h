// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"

#include <QString>

namespace pulsepin {

/// When a changed setting is seen.
enum class Applies { AtOnce, AtNextStart, InNewProjects };

/// What a person sets once for all pieces. Kept from one start of the program to the next; a value that is
/// out of its range, or that an older version wrote otherwise, counts as the initial one.
struct SettingRow {
    ParamSpec spec; ///< its id is where it is kept, too
    std::string_view section;
    Applies applies = Applies::AtOnce;
    double shown_per_kept = 1;            ///< delays are kept in s and shown in ms
    bool kept_by_place = false;           ///< a choice, by its place among the choices
    std::string_view initial_choice = {}; ///< empty: the first
};

/// Those of one section lie together.
[[nodiscard]] std::span<const SettingRow> setting_rows();
/// Null when there is none of that id.
[[nodiscard]] const SettingRow* find_setting(std::string_view id);

[[nodiscard]] ParamValue initial_value(const SettingRow& row);
[[nodiscard]] ParamValue setting(const SettingRow& row);
/// Out of its range it is as the nearest that may be.
void change_setting(const SettingRow& row, const ParamValue& value);
/// It is the initial one again, also if a later version begins with another.
void reset_setting(const SettingRow& row);
[[nodiscard]] bool is_initial(const SettingRow& row);

/// As new projects begin: rate, size and author are set.
[[nodiscard]] Project fresh_project();

// By id, for whoever goes by it. There is a row of that id, of that type.
[[nodiscard]] double setting_number(std::string_view id);
[[nodiscard]] bool setting_flag(std::string_view id);
[[nodiscard]] QString setting_text(std::string_view id);

} // namespace pulsepin
