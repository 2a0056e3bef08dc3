// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "session/document.h"

#include <QSplitter>

namespace pulsepin {

/// The drawings above and the bench below. The edge between them is moved by the person alone; where it was
/// left is kept for the project, and for what is begun next.
class BenchEdge : public QSplitter {
    Q_OBJECT
public:
    explicit BenchEdge(Document& document, QWidget* parent = nullptr);

    /// Of a bench in a window of that height, as long as nobody moved the edge.
    [[nodiscard]] static int usual_height(int window_height);

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    void remember();
    void recall();
    void give();

    Document& document_;
    int kept_ = 0; ///< the height that a person gave the bench; 0: none
};

} // namespace pulsepin
