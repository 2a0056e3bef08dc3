// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QObject>

class QWidget;

namespace pulsepin {

/// How forms look in a narrow window: words come before the room around them. A sheet of style is matched
/// against all that lies below it; this one is set where it is seen alone, so of pages of which one is seen
/// on that one, and on the others when they come to the front.
class NarrowLook : public QObject {
    Q_OBJECT
public:
    explicit NarrowLook(QObject* parent) : QObject(parent) {}

    void set_narrow(bool narrow) { narrow_ = narrow; }
    [[nodiscard]] bool is_narrow() const { return narrow_; }

    /// As it is to be now; what has it already is left alone, and so is what has a sheet of its own.
    void dress(QWidget& part);

private:
    void dress_front_page();
    bool narrow_ = false;
};

} // namespace pulsepin
