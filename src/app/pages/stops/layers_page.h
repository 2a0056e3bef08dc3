// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "hand/composition.h"
#include "hand/stage_hand.h"
#include "pages/stops/layer_values_model.h"
#include "parts/fields.h"
#include "parts/widgets.h"
#include "session/document.h"
#include "session/view_state.h"

#include "parts/ordered_list.h"
#include <QLineEdit>
#include <QWidget>

class QTableView;

namespace pulsepin {

/// The layers of the picture, and the values that they have where nothing drives them.
class LayersPage : public QWidget {
    Q_OBJECT
public:
    LayersPage(Document& document, ViewState& view, QWidget* parent = nullptr);
    void refresh();
    [[nodiscard]] QString told() const;
    /// A sheet of ready things that move.
    void choose_ready();

signals:
    /// The chosen layer's line is to be drawn in the picture.
    void draw_wanted();
    /// That is to pulse on each onset of that row.
    void hit_wanted(const Target& target, const std::string& row, Qt::KeyboardModifiers keys);

private:
    bool eventFilter(QObject* watched, QEvent* event) override;
    [[nodiscard]] const Layer* layer() const;
    void add(Layer layer, const QString& what);
    void fill_add_menu(QMenu* menu);
    void duplicate(LayerId layer);
    void repeat(LayerId layer);
    void add_drawn(QMenu* menu);
    void add_sources(QMenu* menu);
    void fill_more_menu(QMenu* menu);
    void add_belonging(QMenu& menu, const Layer& now);
    void add_copying(QMenu& menu, const Layer& now);
    void add_blurring(QMenu& menu, const Layer& now);
    void ask_for_shutter();
    void write_looks_file();
    void read_looks_file();
    void fill_look_menu(QMenu* menu);
    void choose_effect();
    void choose_look();
    void use_composition(const Composition& composition, const CompositionUse& use);
    [[nodiscard]] Result<Composition> chosen_as_composition(const QString& name);
    void add_compositions(QMenu& menu);
    void fill_places();
    void write_composition_file();
    void use_composition_file();
    void move_effect(int by);
    void remove_effect();
    void drop_before(int row);
    void stagger();
    void take(const Result<WithLayer>& made, const QString& what);
    [[nodiscard]] std::vector<LayerId> chosen_layers() const;
    void list_layers(LayerId group, int deep, LayerId chosen, int& at);
    void fill_matte(const Layer& shown);
    [[nodiscard]] QLayout* make_seen();
    void change(const QString& what, const std::function<void(Layer&)>& how);
    void show_layer();
    void fill_sources(const Layer& shown);
    [[nodiscard]] QLayout* make_buttons();
    [[nodiscard]] LinesEdit* make_line(const QString& name, const QString& tip, std::string Layer::*member);
    [[nodiscard]] QLayout* make_head();
    [[nodiscard]] QWidget* make_values();

    Document& document_;
    ViewState& view_;
    OrderedList* list_;
    QPushButton* hide_;
    std::vector<QWidget*> not_of_camera_; ///< which is always the highest layer
    QLineEdit* name_;
    LinesEdit* text_;
    QComboBox* shape_;
    ColourField* colour_;
    QComboBox* source_;
    QComboBox* blend_;
    QComboBox* matte_;
    QComboBox* matte_layer_;
    QPushButton* inverted_;
    QPushButton* add_;
    QPushButton* effect_;
    QTableView* table_;
    LayerValuesModel* values_;
    std::vector<ParamSpec> filled_; ///< places that are asked for
    bool showing_ = false;
};

} // namespace pulsepin
