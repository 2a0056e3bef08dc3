// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "parts/widgets.h"
#include "render/film_plan.h"
#include "session/document.h"
#include "session/film_queue.h"
#include "session/view_state.h"

#include <QListWidget>
#include <QProgressBar>
#include <QPushButton>
#include <QVBoxLayout>
#include <QWidget>

namespace pulsepin {

/// A film that is made or waits: its picture, how far it is, and what can be done about it.
class FilmCard : public QWidget {
    Q_OBJECT
public:
    explicit FilmCard(int number, QWidget* parent = nullptr);
    void show_entry(const FilmQueue::Entry& entry);
    [[nodiscard]] int number() const { return number_; }

signals:
    void pause_wanted(int number, bool paused);
    void cancel_wanted(int number);

private:
    int number_;
    QLabel* picture_;
    ShortLabel *name_, *told_;
    QProgressBar* bar_;
    QPushButton *pause_, *cancel_;
    bool paused_ = false;
};

/// What film is made, of what, and those that are in work.
class FilmPage : public QWidget {
    Q_OBJECT
public:
    FilmPage(Document& document, ViewState& view, QWidget* parent = nullptr);

    enum class Range { All, Drawn, Section, Selected, EachShot };
    [[nodiscard]] FilmQueue& queue() { return queue_; }
    /// Fails where a size is written that is none.
    [[nodiscard]] Result<FilmOptions> options() const;
    [[nodiscard]] Range range() const;
    /// The frames of the range, each of them a film; empty where the range is.
    [[nodiscard]] std::vector<std::pair<Frames, Frames>> ranges() const;
    void refresh();

signals:
    void wanted(const QString& command);

protected:
    void showEvent(QShowEvent* event) override;

private:
    /// From the first of the selected pins to the last, or to the end of its shot.
    [[nodiscard]] std::vector<std::pair<Frames, Frames>> selected_range() const;
    [[nodiscard]] QWidget* make_targets();
    [[nodiscard]] QWidget* make_fields();
    [[nodiscard]] QWidget* make_queue();
    void take_target(int row);
    void show_estimate();
    void show_queue();

    Document& document_;
    ViewState& view_;
    FilmQueue queue_;
    QListWidget* targets_;
    QComboBox *range_, *size_, *shape_, *format_;
    QCheckBox *transparent_, *as_one_;
    QSpinBox *quality_, *sound_;
    std::vector<QPushButton*> draws_;
    ShortLabel* estimate_;
    QLabel* in_work_;
    QPushButton *render_, *forget_;
    QVBoxLayout* cards_;
    std::vector<FilmCard*> shown_;
    bool filling_ = false;
};

} // namespace pulsepin
