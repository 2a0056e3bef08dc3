// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"

#include <QIcon>
#include <QWidget>
#include <functional>
#include <map>

class QComboBox;
class QGridLayout;

namespace pulsepin {

enum class ParamFormLayout {
    Row,         ///< one beside the other
    NamesBeside, ///< each with its name before it, small ones two in a line
    Pairs        ///< two in a line, with the name of the first before it
};

/// How a form is made; what it holds is said by the rows of its parameters.
struct ParamFormStyle {
    bool labels =
        false;        ///< in the fields of numbers, before the value; else only for those who read tooltips
    bool live = true; ///< tells of each letter that is typed, not only of what was finished
    int least_width = 0;  ///< of a field
    bool fills = false;   ///< its fields share all of its width
    int in_a_row = 0;     ///< so many fields at most, then the next row; 0: all
    QString no_lane = {}; ///< the entry that stands for no lane; empty: there is none
    ParamFormLayout layout = ParamFormLayout::Row;
    bool one_a_line = false;           ///< where there is no width for two
    bool choices_as_buttons = false;   ///< all of them are seen
    bool handles_in_a_picture = false; ///< curves are bent where they are drawn
    /// Of a choice; null, or none: it has no picture.
    QIcon (*picture)(std::string_view id, int choice) = nullptr;
};

/// Fields for parameters, made from their rows: each with its name for those who do not see it, and what it
/// does as its tooltip. A field is found by the form's name and the parameter's id: "filter 1 n".
class ParamForm : public QWidget {
    Q_OBJECT
public:
    explicit ParamForm(QString name, ParamFormStyle style = {}, QWidget* parent = nullptr);

    /// Other fields; with the initial values.
    void set_specs(ParamSpecs specs);
    [[nodiscard]] ParamSpecs specs() const { return specs_; }
    /// Says nothing. What is not among them is as it is at first.
    void set_values(const ParamValues& values);
    [[nodiscard]] ParamValues values() const;

    /// What there is to choose from: lanes that are wanted, rows of onsets; how many beats a bar has.
    void set_project(const Project& project, const std::function<bool(const Lane&)>& wanted = {});
    /// Null when there is none.
    [[nodiscard]] QWidget* field(std::string_view id) const;
    /// Marks a field whose value is that of the first of several things only.
    void show_differs(std::string_view id, bool differs);

signals:
    void changed(const QString& id); ///< by a person

private:
    struct Field {
        ParamSpec spec;
        QWidget* widget;
        std::function<ParamValue()> value;
        std::function<void(const ParamValue&)> show;
    };
    [[nodiscard]] Field make(const ParamSpec& spec);
    [[nodiscard]] Field number(const ParamSpec& spec);
    [[nodiscard]] Field choice(const ParamSpec& spec);
    [[nodiscard]] static QString told_of_nothing(const ParamSpec& spec);
    [[nodiscard]] Field text(const ParamSpec& spec);
    [[nodiscard]] Field toggle(const ParamSpec& spec);
    [[nodiscard]] Field colour(const ParamSpec& spec);
    [[nodiscard]] Field onset_row(const ParamSpec& spec);
    [[nodiscard]] Field onset_rows(const ParamSpec& spec);
    [[nodiscard]] Field sound(const ParamSpec& spec);
    [[nodiscard]] Field lane(const ParamSpec& spec);
    [[nodiscard]] Field steps(const ParamSpec& spec);
    [[nodiscard]] Field choice_buttons(const ParamSpec& spec);
    [[nodiscard]] Field length(const ParamSpec& spec);
    [[nodiscard]] Field curve(const ParamSpec& spec);
    [[nodiscard]] Field shot(const ParamSpec& spec);
    void lay_out_row();
    void lay_out_lines();
    void remove_all();
    void tell(const ParamSpec& spec);
    void shape_steps();
    void fill_choices();

    QString name_;
    ParamFormStyle style_;
    QGridLayout* grid_;
    ParamSpecs specs_;
    std::vector<Field> fields_;
    Project project_;
    std::function<bool(const Lane&)> wanted_;
    bool quiet_ = false;
};

} // namespace pulsepin
