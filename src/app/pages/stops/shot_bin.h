// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "parts/ordered_list.h"
#include "session/thumbnail_bank.h"

#include <map>
#include <vector>

namespace pulsepin {

/// The clips there are, each with a picture of it; only what changes is touched, and pictures are asked for
/// where they are in sight.
class ShotBin : public OrderedList {
    Q_OBJECT
public:
    struct Row {
        ClipId clip;
        QString text, tip;
        PictureFile file;
        bool has_picture = true;
    };
    explicit ShotBin(ThumbnailBank& thumbnails, QWidget* parent = nullptr);
    /// What was selected stays so, as far as it is there.
    void show_rows(std::vector<Row> rows);
    /// In their order.
    [[nodiscard]] std::vector<ClipId> chosen() const;

protected:
    void resizeEvent(QResizeEvent* event) override;
    void showEvent(QShowEvent* event) override;

private:
    void make_items();
    void show_pictures();
    ThumbnailBank& thumbnails_;
    std::vector<Row> rows_;
    std::map<PictureFile, QIcon> pictures_;
};

} // namespace pulsepin
