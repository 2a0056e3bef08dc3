// SPDX-License-Identifier: GPL-3.0-or-later
#include "parts/bench_edge.h"

#include "session/kept_for_project.h"

#include <QSettings>
#include <algorithm>

namespace pulsepin {
namespace {

const char* const last_height = "bench height";
constexpr int least_bench = 120, least_drawing = 200;

} // namespace

BenchEdge::BenchEdge(Document& document, QWidget* parent)
    : QSplitter(Qt::Vertical, parent), document_(document) {
    setObjectName("bench edge");
    setHandleWidth(4);
    connect(this, &QSplitter::splitterMoved, this, &BenchEdge::remember);
    connect(&document_, &Document::opened, this, &BenchEdge::recall);
    kept_ = QSettings().value(last_height, 0).toInt();
}

/// 300 of 800 pixels, two fifths of a lower window, a third of a higher one.
int BenchEdge::usual_height(int window_height) {
    return std::min(window_height * 2 / 5, std::max(300, window_height / 3));
}

void BenchEdge::resizeEvent(QResizeEvent* event) {
    QSplitter::resizeEvent(event);
    give();
}

void BenchEdge::remember() {
    if (sizes().value(1) <= 0)
        return;
    kept_ = sizes().value(1);
    QSettings().setValue(last_height, kept_);
    QSettings().setValue(kept_for_project("bench", document_.path()), kept_);
}

void BenchEdge::recall() {
    const QVariant last = QSettings().value(last_height, 0);
    kept_ = QSettings().value(kept_for_project("bench", document_.path()), last).toInt();
    give();
}

void BenchEdge::give() {
    if (count() < 2 || !widget(1)->isVisibleTo(this))
        return;
    const int whole = height() - handleWidth();
    const int wanted = kept_ > 0 ? kept_ : usual_height(window()->height());
    const int bench =
        std::clamp(wanted, std::min(least_bench, whole), std::max(least_bench, whole - least_drawing));
    if (sizes().value(1) != bench)
        setSizes({whole - bench, bench});
}

} // namespace pulsepin
