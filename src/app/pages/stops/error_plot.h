// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "check/error_histogram.h"

#include <QWidget>

namespace pulsepin {

/// How far pins lie from the beat, as a histogram with the limit drawn; those beyond it one by one.
class ErrorPlot : public QWidget {
    Q_OBJECT
public:
    explicit ErrorPlot(QWidget* parent = nullptr);
    void show_errors(ErrorHistogram histogram, const QString& limit_name);
    [[nodiscard]] const ErrorHistogram& histogram() const { return histogram_; }
    [[nodiscard]] QSize sizeHint() const override { return {230, 110}; }
    [[nodiscard]] QSize minimumSizeHint() const override { return {120, 64}; }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    ErrorHistogram histogram_;
    QString limit_name_;
};

} // namespace pulsepin
