// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

class QAccessibleInterface;
class QObject;
class QString;

namespace pulsepin {

/// For QAccessible::installFactory(): buttons, pressed by screen readers as by a click. The toolkit's own way
/// turns those that stay down without telling that they were clicked, which is what chooses a page. Null for
/// all else.
[[nodiscard]] QAccessibleInterface* access_of_buttons(const QString& key, QObject* object);

} // namespace pulsepin
