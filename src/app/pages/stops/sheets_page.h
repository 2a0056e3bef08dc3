// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "parts/param_form.h"
#include "parts/widgets.h"
#include "render/sheet_files.h"
#include "session/document.h"
#include "session/view_state.h"

#include <QScrollArea>
#include <QTimer>

namespace pulsepin {

/// Sheets to print: what is on them, and how each page looks.
class SheetsPage : public QWidget {
    Q_OBJECT
public:
    SheetsPage(Document& document, ViewState& view, QWidget* parent = nullptr);

    [[nodiscard]] const SheetKind& kind() const;
    /// Writes all pages as the file's name ends, in the background, and says so, or why not.
    void write(const QString& file);
    /// The files that are written for that name.
    [[nodiscard]] QStringList files_for(const QString& file) const;

signals:
    void file_wanted();
    void written();

protected:
    void showEvent(QShowEvent* event) override;
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    struct Shown {
        std::shared_ptr<const Sheets> sheets;
        std::size_t page = 0;
        QImage image;
    };
    [[nodiscard]] QWidget* make_choices();
    [[nodiscard]] QWidget* make_preview();
    [[nodiscard]] std::function<SheetRequest()> request() const;
    void look_again();
    void show_page(std::size_t page);
    void paint_page(std::shared_ptr<const Sheets> sheets, std::size_t page);
    void take(const Result<Shown>& shown);

    Document& document_;
    ViewState& view_;
    std::vector<QPushButton*> kinds_;
    QComboBox* range_;
    ParamForm* form_;
    QLabel *picture_, *number_;
    QScrollArea* area_;
    QPushButton *before_, *after_;
    QTimer again_;                            ///< what is typed or dragged is laid out when it rests
    std::shared_ptr<SheetPictures> pictures_; ///< of the thread that writes
    Shared<std::vector<Clip>> pictures_of_;
    Shown shown_;
    int looked_ = 0; ///< counts, so that what was asked for earlier is not shown later
};

} // namespace pulsepin
