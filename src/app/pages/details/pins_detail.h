// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "parts/finder.h"
#include "parts/param_form.h"
#include "session/document.h"
#include "session/view_state.h"

namespace pulsepin {

class PinsDetail;

/// What a kind has beside the fields of its parameters.
class PinsDetailPart : public QWidget {
    Q_OBJECT
public:
    explicit PinsDetailPart(PinsDetail& detail);
    virtual void show_body(const PinBody& body) = 0;

protected:
    PinsDetail& detail_;
};

/// Fields of one or more pins of a kind, made from its parameters: they show the first pin, say where others
/// differ, and change all.
class PinsDetail : public QWidget {
    Q_OBJECT
public:
    PinsDetail(Document& document, ViewState& view, LaneKind kind, QWidget* parent = nullptr);
    void show_pins(std::vector<PinId> pins);
    /// One undo step for all of them; says how many were locked.
    void change(const QString& what, const std::function<void(PinBody&)>& how);
    [[nodiscard]] Document& document() const { return document_; }
    [[nodiscard]] ViewState& view() const { return view_; }
    /// Those that are shown, the first one first.
    [[nodiscard]] const std::vector<PinId>& pins() const { return pins_; }

private:
    void change_one(std::string_view id);
    bool open_sheet(ChoiceBox& box, const PinProperty& property);
    [[nodiscard]] double lasts(PinId pin, Length::Unit unit) const;
    void show_differences();

    Document& document_;
    ViewState& view_;
    LaneKind kind_;
    std::vector<ParamSpec> specs_;
    ParamForm* form_;
    PinsDetailPart* part_ = nullptr;
    std::vector<PinId> pins_;
    bool showing_ = false;
};

} // namespace pulsepin
