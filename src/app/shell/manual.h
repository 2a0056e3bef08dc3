// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QString>
#include <QStringList>
#include <vector>

namespace pulsepin {

/// The manual, paragraph by paragraph, and which of them is about something on the screen.
class Manual {
public:
    struct Paragraph {
        QString page;                     ///< "grid"
        QString heading;                  ///< the page's title
        QString text;                     ///< as Markdown, without pictures
        std::vector<QString> marked = {}; ///< names of controls in it, in small letters
    };

    /// The one that ships with the program, in the language of the window where it is told in it.
    [[nodiscard]] static const Manual& shipped();
    void add_page(const QString& name, const QString& markdown);

    /// The paragraph that is about a control with these names, the nearest first: one that marks a name as a
    /// control's, on `page` before others; else the one with most of the names' words, there; else how the
    /// page begins. Null when there is no such page.
    [[nodiscard]] const Paragraph* about(const QStringList& names, const QString& page) const;
    /// All of a page, as Markdown; empty when there is none.
    [[nodiscard]] QString page(const QString& name) const;
    [[nodiscard]] const std::vector<Paragraph>& paragraphs() const { return paragraphs_; }

private:
    std::vector<Paragraph> paragraphs_;
};

} // namespace pulsepin
