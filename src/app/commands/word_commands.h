// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "commands/commands.h"
#include "hand/word_hand.h"

namespace pulsepin {

class PlayCommands;

class WordsPage;

/// Words of a text: where they come from, how they are set, and what is made of them in the picture.
class WordCommands : public Commands {
    Q_OBJECT
public:
    WordCommands(const Workplace& at, PlayCommands& play) : Commands(at), play_(play) {}
    void add_to(QMenu* menu);
    void show_page(WordsPage* page);

    void load_dialog();
    void load(const QString& path);
    /// The next word, at what is heard now less what taps are late by.
    void tap();
    void drag_word(int place, const QPixmap& picture);
    [[nodiscard]] const std::vector<ProposedWord>& proposed() const { return proposed_; }
    /// How large each of titled_words() is by itself.
    [[nodiscard]] std::vector<struct WordSize> sizes_of(LaneId titles) const;

private:
    [[nodiscard]] const Lane* words() const;
    [[nodiscard]] std::vector<PinId> selected_words() const;
    /// The lane of titles of words that is meant: the current one, or the last; null where there is none.
    [[nodiscard]] const Lane* titles() const;
    void take_lyric(const Result<Lyric>& lyric, const QString& from);
    void paste();
    void back();
    void propose();
    void take_proposed();
    void leave_proposed();
    void begin_line();
    void one_line();
    void ask_for_pauses();
    void mend_reading();
    void wait_again();
    void switch_in_band();
    void ask_for_language();
    void make_titles(Showing::Words how, const QString& name);
    void lay_out();
    void camera_on_lines();
    void drop_stale();

    WordsPage* page_ = nullptr;
    std::vector<ProposedWord> proposed_;
    Shared<Lane> proposed_for_; ///< the lane as it was when they were proposed
    std::shared_ptr<Job> proposing_;
    int proposing_turn_ = 0; ///< what was asked for before is not taken any more
    PlayCommands& play_;
};

} // namespace pulsepin
