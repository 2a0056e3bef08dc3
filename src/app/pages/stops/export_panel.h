// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "interchange/export_all.h"
#include "pages/stops/film_page.h"
#include "pages/stops/stop_panel.h"

#include <QLabel>
#include <QSet>
#include <QStackedWidget>
#include <map>

class QTimer;

namespace pulsepin {

class SheetsPage;

/// The piece as a film, and handed on in open formats, a row each.
class ExportPanel : public StopPanel {
    Q_OBJECT
public:
    ExportPanel(Document& document, ViewState& view, QWidget* parent = nullptr);
    [[nodiscard]] QString title() const override { return tr("Export"); }
    [[nodiscard]] QString summary() const override;
    [[nodiscard]] bool complete() const override { return written_ > 0; }
    void refresh() override;

    enum Page { FilmOf, HandOn, SheetsOf };
    void show_page(Page page);
    [[nodiscard]] FilmPage& film() { return *film_; }
    [[nodiscard]] SheetsPage& sheets(); ///< made when it is first asked for
    /// Writes the file in the background, when what it needs is there, and says so, or says why not.
    void write(const ExporterRow& row, const QString& file, const ParamValues& values = {});
    /// All ways out into a folder, in the background; files of their names that are there are replaced only
    /// where the person agrees.
    void write_all(const QString& folder);
    [[nodiscard]] const QString& last_folder() const { return last_folder_; } ///< of all; empty: none yet
    /// Puts its text where others paste from.
    void copy(const ExporterRow& row, const ParamValues& values = {});

signals:
    void file_wanted(const ExporterRow& row);
    void copy_wanted(const ExporterRow& row);
    void options_wanted(const ExporterRow& row);
    void folder_wanted(); ///< for all ways out
    void sheets_wanted(); ///< as a file
    void written();       ///< its summary is another

private:
    [[nodiscard]] QLayout* make_top();
    [[nodiscard]] QWidget* make_ways();
    void tell(const QString& outcome);
    [[nodiscard]] bool curves_are_there() const;
    void write_into(const QString& folder, bool replace);
    void tell_all(const std::vector<HandedOn>& all, const QString& folder);
    QString last_folder_;
    QSet<QString> own_files_; ///< that were written among all formats
    /// What each way out would lose of this piece, beside it; looked up while the page is seen.
    void look_for_losses();
    void show_losses(const std::map<std::string_view, std::string>& losses);
    void showEvent(QShowEvent* event) override;
    void start(const ExporterRow& row, const QString& title, const ParamValues& values,
               std::function<Result<QString>(const ExportMaterial&)> make,
               std::function<void(const Result<QString>&)> then);
    QStackedWidget* pages_;
    std::vector<QPushButton*> sides_;
    FilmPage* film_;
    SheetsPage* sheets_ = nullptr;
    QLabel* outcome_;
    std::map<std::string_view, QLabel*> explained_; ///< of each way out
    QTimer* looks_ = nullptr;
    int written_ = 0;
};

} // namespace pulsepin
