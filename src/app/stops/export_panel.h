// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "interchange/exporters.h"
#include "stops/stop_panel.h"

#include <QLabel>

namespace pulsepin {

/// One row an export format.
class ExportPanel : public StopPanel {
    Q_OBJECT
public:
    ExportPanel(Document& document, ViewState& view, QWidget* parent = nullptr);
    [[nodiscard]] QString title() const override { return tr("Export"); }
    [[nodiscard]] QString summary() const override;
    [[nodiscard]] bool complete() const override { return written_ > 0; }
    void refresh() override;

    /// Writes the file in the background, when what it needs is there, and says so, or says why not.
    void write(const ExporterRow& row, const QString& file, const ParamValues& values = {});

signals:
    void file_wanted(const ExporterRow& row);
    void written(); ///< its summary is another

private:
    void tell(const QString& outcome);
    QLabel* outcome_;
    int written_ = 0;
};

} // namespace pulsepin
