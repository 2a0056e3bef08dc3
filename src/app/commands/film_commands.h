// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "commands/commands.h"

namespace pulsepin {

class FilmPage;

/// Films and pictures of the piece as files.
class FilmCommands : public Commands {
    Q_OBJECT
public:
    explicit FilmCommands(const Workplace& at) : Commands(at) {}
    void add_to(QMenu* menu);
    void show_page(FilmPage* page);

    /// What the page says, as a film with that name; several where its range is each shot.
    void render_to(const QString& file);
    void write_still(const QString& file);
    void write_contact_sheet(const QString& file);
    /// Whether nothing is in work, or the person gives it up.
    [[nodiscard]] bool may_close();
    /// Another one is opened: films of this one that are ready are listed no more.
    void leave_piece();

private:
    void render_dialog();
    /// What is written under that name: a file, or one for each range.
    [[nodiscard]] QStringList names_of_films(const QString& file) const;
    /// Why the films cannot be written there; empty where they can.
    [[nodiscard]] QString why_not_to(const QString& file) const;
    [[nodiscard]] QString suggested(const QString& ending, const QString& more = {}) const;
    void write_image(const QString& file, std::function<Result<QImage>(const Progress&)> make);
    [[nodiscard]] std::function<std::filesystem::path(const Clip&)> files() const;

    FilmPage* page_ = nullptr;
};

} // namespace pulsepin
