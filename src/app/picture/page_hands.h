// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "hand/word_places.h"
#include "picture/preview_view.h"
#include "render/word_page.h"

#include <optional>

namespace pulsepin {

/// All words of a page under the mouse, those not sung yet as well: a press marks one, a drag moves it, with
/// Shift its line, with Ctrl all of them; the mark behind a line's last word is dragged onto the word that
/// the line shall end with.
class PageHands {
public:
    PageHands(Document& document, ViewState& view, PreviewView& preview)
        : document_(document), view_(view), preview_(preview) {}

    /// The lane of titles whose words these are; 0: there is none.
    [[nodiscard]] LaneId titles() const;
    /// Whether there may be some, asked many times a second.
    [[nodiscard]] bool worth_asking() const;
    /// Whether something lies there; a word is marked then.
    bool press(QPointF at);
    void move(QPointF at, Qt::KeyboardModifiers keys);
    /// One undo step for what the press began.
    void release();
    void give_up();
    void forget() { words_.reset(); } ///< the project changed
    [[nodiscard]] bool busy() const { return held_.has_value(); }
    /// The selected words, in the picture's pixels.
    bool nudge(QPointF by);
    void paint(QPainter& painter) const;
    [[nodiscard]] QString hint(QPointF at) const;
    /// In the widget: the middle of a word, and the mark behind the last word of a line.
    [[nodiscard]] std::optional<QPointF> word_position(PinId appearance) const;
    [[nodiscard]] std::optional<QPointF> line_end_position(int line) const;

private:
    /// What follows from the project, until that changes.
    struct Words {
        LaneId lane;
        std::vector<PlacedWord> placed;
        std::vector<TitledWord> lines; ///< the same words that are tied, with their lines
    };
    /// As they are seen now.
    struct Page {
        const Words& words;
        QTransform ground; ///< from where positions are counted to the widget
        PinSet there;
    };
    struct Held {
        PinId word = {};
        int line = 0; ///< whose end is dragged; 0: words are
        QPointF from = {}, to = {};
        WordReach reach = WordReach::Word;
    };
    [[nodiscard]] Page page() const;
    [[nodiscard]] std::optional<PinId> word_at(const Page& page, QPointF at) const;
    [[nodiscard]] std::optional<int> line_end_at(const Page& page, QPointF at) const;
    [[nodiscard]] std::vector<std::pair<int, QPointF>> line_ends(const Page& page) const;
    /// Of what is dragged, where positions are counted.
    [[nodiscard]] QPointF shift(const Page& page) const;
    void end_line();
    void shift_words();

    Document& document_;
    ViewState& view_;
    PreviewView& preview_;
    std::optional<Held> held_;
    mutable std::optional<Words> words_; ///< none: to be looked up
};

} // namespace pulsepin
