// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "session/settings.h"

#include <QDialog>
#include <QGridLayout>
#include <QLabel>
#include <QPushButton>

class QLineEdit;
class QStackedWidget;

namespace pulsepin {

class CommandList;
class ParamForm;
class ShortcutsPage;

/// What is set for all pieces, with a field that finds; each is put back alone. What is changed is kept at
/// once.
class SettingsDialog : public QDialog {
    Q_OBJECT
public:
    /// `devices`: names of the sound server's outputs, to be chosen from.
    SettingsDialog(CommandList& commands, const QStringList& devices, QWidget* parent);

signals:
    void changed(const QString& id); ///< it is kept already

private:
    struct Line {
        const SettingRow* row;
        std::vector<ParamChoice> choices; ///< of what is only known while it runs
        std::vector<std::string> names;
        ParamSpec spec;
        QLabel *section, *label, *when;
        ParamForm* field;
        QPushButton* back;
    };
    [[nodiscard]] QWidget* make_settings(const QStringList& devices);
    void add_line(QGridLayout& grid, Line& line);
    void show_line(Line& line);
    void find(const QString& words);

    std::vector<std::unique_ptr<Line>> lines_;
    QStackedWidget* pages_;
    ShortcutsPage* shortcuts_;
    QLabel* nothing_;
};

} // namespace pulsepin
