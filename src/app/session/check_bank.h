// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "check/checks.h"
#include "session/document.h"

#include <QDateTime>
#include <QTimer>

namespace pulsepin {

/// What is found wrong with the open piece, looked for in the background whenever the piece has changed while
/// someone wants to know. Frames are composed and measured again only where something else is seen in them.
class CheckBank : public QObject {
    Q_OBJECT
public:
    explicit CheckBank(Document& document, QObject* parent = nullptr);

    /// Someone wants to know: what changes is looked at again a moment later.
    void watch(bool watched);
    /// Files, sound and frames are looked at now.
    void measure();
    void cancel_measuring();

    struct Outcome {
        CheckMaterial material;
        std::vector<SyncRow> rows;
        std::vector<Finding> found;
        std::string verdict;
    };
    /// The last that was made; null before.
    [[nodiscard]] std::shared_ptr<const Outcome> outcome() const { return outcome_.value(); }
    /// outcome() is of the piece as it is now, all measures included.
    [[nodiscard]] bool is_current() const;
    [[nodiscard]] bool measuring() const { return flashes_.under_way(); }
    [[nodiscard]] double progress() const;
    [[nodiscard]] const QDateTime& measured_at() const { return measured_at_; }

    /// Works out a mend in the background; of all findings alike with `all`.
    void mend(const Finding& finding, const std::string& mend, bool all,
              std::function<void(Result<Mended>)> done);
    /// The picture of a piece flashes so often in its worst second between two times; for what is not placed
    /// yet.
    void forecast(const Project& project, Seconds from, Seconds until, std::function<void(Result<int>)> done);

signals:
    void changed();           ///< another outcome
    void measuring_changed(); ///< begun, ended

private:
    /// Of a state of the piece, told apart by a number.
    template <class Value>
    struct Of {
        std::uint64_t version = 0;
        Value value;
        friend bool operator==(const Of& a, const Of& b) { return a.version == b.version; }
    };
    /// What the files depend on, and how often they were looked at.
    struct FileRequest {
        Project project;
        int looked = 0;
        friend bool operator==(const FileRequest& a, const FileRequest& b) {
            return a.looked == b.looked && a.project.song == b.project.song && a.project.bin == b.project.bin;
        }
    };
    using Files = std::map<ClipId, std::filesystem::path>;
    struct FlashRequest {
        Curves curves;
        Files files; ///< whose pictures are decoded
        std::shared_ptr<const FlashReport> before;
        std::optional<Curves> before_of;
    };
    void piece_changed();
    void look_again(bool asked = false);
    void want_sound();
    void want_flashes(bool asked);
    void want_outcome();
    [[nodiscard]] Files files();
    [[nodiscard]] MeasureFlashes measurer();

    Document& document_;
    QTimer soon_;
    bool watched_ = false;
    std::uint64_t version_ = 1; ///< of the piece
    std::uint64_t facts_ = 1;   ///< of what else findings come from
    int looked_ = 0;            ///< how often files were looked at
    QDateTime measured_at_;
    std::shared_ptr<const FlashReport> measured_;
    std::optional<Curves> measured_of_;
    std::shared_ptr<Job> mending_, forecasting_;
    int mends_ = 0, forecasts_ = 0; ///< that were begun: whose handle it is

    Background<FileRequest, FileFacts> files_;
    Background<MixPlan, SoundFacts> sound_;
    Background<Of<FlashRequest>, FlashReport> flashes_;
    Background<Of<CheckMaterial>, Outcome> outcome_;
};

} // namespace pulsepin
