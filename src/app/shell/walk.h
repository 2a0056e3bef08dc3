// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QFrame>
#include <QLabel>
#include <QPointer>
#include <QPushButton>
#include <QTimer>
#include <functional>
#include <vector>

namespace pulsepin {

class MainWindow;

/// Goes through the demo step by step in the window itself: each step says what to press and where, and waits
/// until it is done, by whatever way. Nothing is done for the person, and nothing is kept from working.
class Walk : public QFrame {
    Q_OBJECT
public:
    /// Where the demo is, or nothing: beside the program as it was installed, or where it was built.
    [[nodiscard]] static QString demo();

    explicit Walk(MainWindow& window);
    [[nodiscard]] std::size_t step() const { return step_; } ///< from 0
    [[nodiscard]] std::size_t steps() const { return steps_.size(); }

signals:
    void ended();

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    struct Step {
        QString text;
        std::function<QRect()> place; ///< in the window; empty: nowhere
        std::function<void()> begin;
        std::function<bool()> done;
    };
    void fill();
    void look();
    void show_step();
    void put();
    [[nodiscard]] QRect place_of(const char* name) const;

    MainWindow& window_;
    std::vector<Step> steps_;
    std::size_t step_ = 0;
    QLabel* count_;
    QLabel* text_;
    QPushButton* leave_;
    QFrame* ring_; ///< around what is to be pressed
    QTimer timer_;
};

} // namespace pulsepin
