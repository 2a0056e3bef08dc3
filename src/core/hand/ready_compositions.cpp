// SPDX-License-Identifier: GPL-3.0-or-later
#include "hand/composition.h"
#include "hand/driving.h"
#include "hand/stage_hand.h"
#include "kinds/kinds.h"
#include "kinds/layer_kinds.h"
#include "model/lane_edits.h"
#include "model/pin_edits.h"
#include "model/stage_edits.h"
#include "schedule/key_curve.h"
#include "schedule/place.h"

#include <algorithm>

namespace pulsepin {
namespace {

constexpr std::int64_t made_beats = 16; ///< that each is made for
constexpr Length whole{Length::Unit::InBeats, made_beats};

/// Where a hit is put: rows of onsets, or what a picker picks on the grid; each n-th.
struct On {
    const char* source;
    const char* row = "";
    int every = 1;
    int skipping = 0;
};
constexpr On kicks{"onsets", "kick"}, snares{"onsets", "snare"}, hats{"onsets", "hat"}, every_beat{"beats"},
    every_bar{"downbeats"}, half_beats{"half-beats"};

/// Frames up, held and down.
struct Shape {
    double up = 0, held = 0, down = 6;
};

/// A composition while it is put together. Whatever could not be done makes it fail as a whole (a test
/// looks).
class Making {
public:
    Making(const char* name, const char* told) {
        made_.name = name;
        made_.told = told;
        made_.length = Ticks(made_beats * ticks_per_beat);
        made_.piece.stage = std::make_shared<const Stage>();
        if (const auto grid = BeatGrid::steady(Bpm(120), Seconds(0), {}, Seconds(60)))
            made_.piece.grid = std::make_shared<const BeatGrid>(*grid);
        // So that picks on rows find something while it is made; whoever uses it has rows of their own.
        Detection found;
        for (const char* row : {"kick", "snare", "hat"}) {
            OnsetRow onsets;
            onsets.name = row;
            for (int beat = 0; beat < made_beats; ++beat)
                onsets.onsets.push_back({Seconds(beat * 0.5), 1.0f});
            found.rows.push_back(std::move(onsets));
        }
        made_.piece.detection = std::make_shared<const Detection>(std::move(found));
    }

    [[nodiscard]] LayerId camera() const { return made_.piece.stage->layers.back().id; }
    [[nodiscard]] LayerId shots() const { return made_.piece.stage->layers.front().id; }

    LayerId layer(LayerKind kind, const char* name, std::map<std::string, double> values = {},
                  Colour colour = {0xf4b331}) {
        Layer layer{{}, kind, name};
        layer.values = std::move(values);
        layer.colour = colour;
        return put(std::move(layer));
    }
    LayerId shape(const char* outline, const char* name, std::map<std::string, double> values,
                  Colour colour) {
        Layer layer{{}, layers::shape, name};
        layer.shape = outline;
        layer.values = std::move(values);
        layer.colour = colour;
        return put(std::move(layer));
    }
    LayerId title(const char* text, std::map<std::string, double> values, Colour colour = {0xf7f1e1}) {
        Layer layer{{}, layers::title, "Title"};
        layer.text = text;
        layer.values = std::move(values);
        layer.colour = colour;
        return put(std::move(layer));
    }
    Making& effect(LayerId on, const char* effect, std::map<std::string, double> values) {
        take(with_effect(made_.piece, on, effect));
        if (const Layer* found = made_.piece.stage->layer(on)) {
            Layer changed = *found;
            for (const auto& [id, value] : values)
                changed.values[id] = value;
            take(with_changed_layer(made_.piece, std::move(changed)));
        }
        return *this;
    }
    Making& matte(LayerId on, Matte matte) {
        Layer changed = *made_.piece.stage->layer(on);
        changed.matte = matte;
        take(with_changed_layer(made_.piece, std::move(changed)));
        return *this;
    }

    /// From `rest` to `peak` and back at each place.
    Making& hit(LayerId on, const char* parameter, double rest, double peak, const Shape& shape,
                const On& where) {
        const LaneId lane = driving(kind_of(body_type<PulseBody>), on, parameter, rest, peak, shape);
        Picker picker;
        picker.source = where.source;
        picker.until = made_.length;
        if (*where.row)
            picker.values = {{"row", std::string(where.row)}};
        if (where.every > 1)
            picker.filters.push_back(
                {"every-nth",
                 {{"n", static_cast<double>(where.every)}, {"offset", static_cast<double>(where.skipping)}}});
        if (auto placed = place(made_.piece, lane, picker))
            made_.piece = std::move(placed->project);
        else
            possible_ = false;
        return *this;
    }
    /// From one value at its beginning to another at its end; then as it was.
    Making& course(LayerId on, const char* parameter, double from, double until,
                   const char* easing = "sine-in-out") {
        const LaneId lane = driving(kind_of(body_type<KeyBody>), on, parameter, from, until, {});
        constexpr Ticks before_its_end(40);
        KeyBody back{from, held_easing()};
        take(
            with_pins(made_.piece, lane,
                      {{{}, MusicalAnchor{Ticks(0)}, KeyBody{from, {}}, {}},
                       {{}, MusicalAnchor{made_.length - before_its_end}, KeyBody{until, {.id = easing}}, {}},
                       {{}, MusicalAnchor{made_.length}, back, {}}}));
        return *this;
    }
    /// There for all of it, and how; or from one of its beats on, for some.
    Making& appears(LayerId layer, Showing showing, Ticks at = Ticks(0), Length lasts = whole) {
        auto with = with_lane_of_appearances(made_.piece, layer, kind_of(body_type<AppearanceBody>));
        if (!with) {
            possible_ = false;
            return *this;
        }
        made_.piece = std::move(with->project);
        // What it has by itself is replaced.
        std::vector<PinId> own;
        for (const auto& pin : made_.piece.lane(with->lane)->pins)
            own.push_back(pin.id);
        made_.piece = without_pins(made_.piece, own);
        showing.layer = layer;
        take(with_showing(made_.piece, with->lane, std::move(showing)));
        AppearanceBody body;
        body.length = lasts;
        take(with_pins(made_.piece, with->lane, {{{}, MusicalAnchor{at}, body, {}}}));
        return *this;
    }
    Making& spectrum(int bands, const char* layout) {
        if (auto with = with_spectrum(made_.piece, kind_that_follows(), bands, "Spectrum")) {
            made_.piece = std::move(with->project);
            Layer changed = *made_.piece.stage->layer(with->layer);
            changed.options["bars-layout"] = layout;
            if (std::string_view(layout) == "round")
                changed.values["position-y"] = 0;
            take(with_changed_layer(made_.piece, std::move(changed)));
        } else {
            possible_ = false;
        }
        return *this;
    }
    Making& waveform() {
        if (auto with = with_waveform(made_.piece, kind_that_follows(), "Waveform"))
            made_.piece = std::move(with->project);
        else
            possible_ = false;
        return *this;
    }
    /// Further properties that the last lane drives.
    Making& also(LayerId on, const char* parameter, double rest, double peak) {
        const LaneId lane = made_.piece.lanes.back()->id;
        Motion motion = *part_of<Motion>(*made_.piece.lanes.back());
        Feed feed = new_feed(made_.piece, {on, parameter});
        feed.low = rest;
        feed.high = peak;
        motion.feeds.push_back(std::move(feed));
        take(with_motion(made_.piece, lane, std::move(motion)));
        return *this;
    }

    void into(std::vector<Composition>& all) {
        made_.piece.detection = nullptr;
        if (possible_)
            all.push_back(std::move(made_));
    }

private:
    LaneId driving(LaneKind kind, LayerId on, const char* parameter, double low, double high,
                   const Shape& shape) {
        const Target target{on, parameter};
        made_.piece = with_lane(made_.piece, kind, target_name(made_.piece, target));
        const LaneId lane = made_.piece.lanes.back()->id;
        Motion motion = *part_of<Motion>(*made_.piece.lanes.back());
        motion.own = new_feed(made_.piece, target);
        motion.own.low = low;
        motion.own.high = high;
        motion.pulse.up = {Length::Unit::InFrames, shape.up};
        motion.pulse.held = {Length::Unit::InFrames, shape.held};
        motion.pulse.down = {Length::Unit::InFrames, shape.down};
        motion.pulse.falling = {.id = "sine-out"};
        take(with_motion(made_.piece, lane, std::move(motion)));
        return lane;
    }
    LayerId put(Layer layer) {
        take(with_layer(made_.piece, std::move(layer)));
        const auto& stack = made_.piece.stage->layers;
        return stack[stack.size() - 2].id;
    }
    void take(Result<Project> next) {
        possible_ = possible_ && next.has_value();
        if (next)
            made_.piece = *std::move(next);
    }

    Composition made_;
    bool possible_ = true;
};

Passage passage(const char* move, double frames, const char* easing) {
    return {move, {Length::Unit::InFrames, frames}, {.id = easing}};
}

Showing showing(Passage comes, Passage goes, const char* loop = "none", double letters = 0) {
    Showing made;
    made.comes = std::move(comes);
    made.goes = std::move(goes);
    made.loop = loop;
    made.letter_delay = letters;
    return made;
}

const std::map<std::string, double> all_of_the_picture{{"scale-x", 1000}, {"scale-y", 1000}};

std::map<std::string, double> over_all(std::map<std::string, double> values) {
    values.insert(all_of_the_picture.begin(), all_of_the_picture.end());
    return values;
}

void moves_of_the_camera(std::vector<Composition>& all) {
    {
        Making m("Punch-in with shake", "the camera goes closer on the kick and shakes on the snare");
        m.effect(m.camera(), "shake", {{"shake", 0}});
        m.hit(m.camera(), "scale", 100, 112, {1, 1, 8}, kicks);
        m.hit(m.camera(), "shake", 0, 12, {0, 1, 6}, snares);
        m.also(m.camera(), "scale", 100, 114); // as much closer as it turns and moves: no edge is seen
        m.into(all);
    }
    {
        Making m("Closer all along", "the camera goes slowly closer from the beginning to the end");
        m.course(m.camera(), "scale", 100, 122).into(all);
    }
    {
        Making m("Turn on the bar", "the picture leans at each bar and comes back");
        m.hit(m.camera(), "rotation", 0, 4, {1, 0, 14}, every_bar);
        m.also(m.camera(), "scale", 100, 114).into(all);
    }
    {
        Making m("Pushed aside on the snare", "the picture jumps to the side and slides back");
        m.hit(m.camera(), "position-x", 0, 70, {0, 1, 7}, snares);
        m.also(m.camera(), "scale", 100, 112).into(all);
    }
}

void lights(std::vector<Composition>& all) {
    {
        Making m("Strobe in two colours", "warm light on the beat, cold light between");
        const auto warm = m.shape("square", "Warm light", over_all({{"opacity", 0}}), {0xffb347}),
                   cold = m.shape("square", "Cold light", over_all({{"opacity", 0}}), {0x6fb7ff});
        m.hit(warm, "opacity", 0, 75, {0, 2, 2}, {"half-beats", "", 2, 0});
        m.hit(cold, "opacity", 0, 75, {0, 2, 2}, {"half-beats", "", 2, 1}).into(all);
    }
    {
        Making m("Flash on the snare", "the picture is white for a moment");
        m.effect(m.camera(), "flash", {{"flash", 0}});
        m.hit(m.camera(), "flash", 0, 70, {0, 1, 5}, snares).into(all);
    }
    {
        Making m("Brighter on the kick", "more light with each kick");
        m.effect(m.camera(), "exposure", {{"exposure", 0}});
        m.hit(m.camera(), "exposure", 0, 0.9, {0, 1, 8}, kicks).into(all);
    }
    {
        Making m("Glow that swells", "what is bright glows more and more");
        m.effect(m.camera(), "glow", {{"glow", 0}});
        m.course(m.camera(), "glow", 0, 70).into(all);
    }
    {
        Making m("Dark corners that close", "the corners grow dark, as if the picture closed");
        m.effect(m.camera(), "vignette", {{"vignette", 0}});
        m.course(m.camera(), "vignette", 0, 90).into(all);
    }
}

void marks_on_the_picture(std::vector<Composition>& all) {
    {
        Making m("Colours apart on the kick", "red, green and blue leave each other for a moment");
        m.effect(m.camera(), "shift", {{"shift", 0}});
        m.hit(m.camera(), "shift", 0, 14, {0, 1, 5}, kicks).into(all);
    }
    {
        Making m("Out of focus on the snare", "blurred, and sharp again");
        m.effect(m.camera(), "blur", {{"blur", 0}});
        m.hit(m.camera(), "blur", 0, 14, {1, 0, 9}, snares).into(all);
    }
    {
        Making m("Few colours on the hats", "the picture in steps of colour, with each hat");
        m.effect(m.camera(), "posterise", {{"posterise", 0}});
        m.hit(m.camera(), "posterise", 0, 100, {0, 2, 1}, hats).into(all);
    }
    {
        Making m("Old film", "grain, a warm tint and light that leaks in");
        m.effect(m.camera(), "grain", {{"grain", 22}});
        m.effect(m.camera(), "tint", {{"tint", 45}});
        m.effect(m.camera(), "leak", {{"leak", 0}});
        m.hit(m.camera(), "leak", 0, 70, {4, 0, 20}, every_bar).into(all);
    }
}

void shapes(std::vector<Composition>& all) {
    {
        Making m("Ring on the beat", "a ring that opens and fades with each beat");
        const auto ring =
            m.shape("disc", "Ring", {{"fill", 0}, {"line-width", 10}, {"opacity", 0}}, {0xf4b331});
        m.hit(ring, "opacity", 0, 100, {0, 1, 10}, every_beat);
        m.hit(ring, "scale", 170, 60, {0, 0, 11}, every_beat).into(all);
    }
    {
        Making m("Sparks on the kick", "a handful of sparks flies up with each kick");
        const auto sparks = m.layer(layers::sparks, "Sparks",
                                    {{"position-y", 250}, {"spark-spread", 70}, {"spark-speed", 420}});
        m.hit(sparks, "burst", 0, 40, {0, 1, 1}, kicks).into(all);
    }
    {
        Making m("Spectrum on a line", "bars along the lower edge, each as loud as its part of the sound");
        m.spectrum(16, "line").into(all);
    }
    {
        Making m("Spectrum around a circle", "bars around the middle of the picture");
        m.spectrum(24, "round").into(all);
    }
    {
        Making m("Waveform across", "the sound as it passes, across the picture");
        m.waveform().into(all);
    }
    {
        Making m("Three kites, one by one", "a shape more with each bar, all gone at the end");
        constexpr Colour colours[] = {{0xf4b331}, {0xc4472b}, {0x2f7f79}};
        for (int i = 0; i < 3; ++i) {
            const auto kite =
                m.shape("kite", "Kite", {{"position-x", -320.0 + 320 * i}, {"position-y", 0}, {"scale", 70}},
                        colours[i]);
            m.appears(kite, showing(passage("grow", 8, "back-out"), passage("fade", 12, "sine-in"), "sway"),
                      Ticks(i * 4 * ticks_per_beat),
                      {Length::Unit::InBeats, static_cast<double>(made_beats - 4 * i)});
        }
        m.into(all);
    }
}

void words_and_pictures(std::vector<Composition>& all) {
    {
        Making m("Title that flies in and breathes", "large, from the left, letter by letter");
        const auto title = m.title("A TITLE", {{"font-size", 110}, {"font-weight", 700}, {"shadow", 60}});
        m.appears(title,
                  showing(passage("left", 14, "back-out"), passage("right", 10, "sine-in"), "breathe", 2));
        m.into(all);
    }
    {
        Making m("Upright lyric card", "words on a card, for pictures that stand upright");
        const auto title = m.title("words on\na card", {{"font-size", 72},
                                                        {"font-weight", 600},
                                                        {"plate", 90},
                                                        {"plate-edge", 36},
                                                        {"plate-round", 24},
                                                        {"position-y", 150}});
        m.appears(title, showing(passage("rise", 12, "sine-out"), passage("fade", 8, "sine-in"), "float"));
        m.into(all);
    }
    {
        Making m("Name below", "a name in the lower left corner that slides in and out");
        const auto bar = m.shape(
            "square", "Line", {{"position-x", -410}, {"position-y", 268}, {"scale-x", 180}, {"scale-y", 4}},
            {0xf4b331});
        const auto name =
            m.title("Name", {{"position-x", -410}, {"position-y", 225}, {"font-size", 54}, {"shadow", 70}});
        m.appears(bar, showing(passage("wipe", 10, "sine-out"), passage("wipe", 10, "sine-in")));
        m.appears(name, showing(passage("left", 12, "circular-out"), passage("left", 10, "circular-in")));
        m.into(all);
    }
    {
        Making m("Word that hits with the kick", "a word that is larger with each kick");
        const auto word = m.title("NOW", {{"font-size", 170}, {"font-weight", 900}});
        m.hit(word, "scale", 100, 118, {1, 0, 8}, kicks).into(all);
    }
    {
        Making m("Picture that comes closer", "a picture that fills the frame and grows slowly");
        const auto picture = m.layer(layers::picture, "Picture");
        m.appears(picture, showing(passage("fade", 12, "sine-out"), passage("fade", 12, "sine-in")));
        m.course(picture, "scale", 100, 116, "linear").into(all);
    }
    {
        Making m("Picture on a card", "a small picture that drops in and sways");
        const auto picture =
            m.layer(layers::picture, "Picture", {{"scale", 46}, {"position-x", 290}, {"position-y", -90}});
        m.appears(picture, showing(passage("top", 14, "bounce-out"), passage("spin", 10, "sine-in"), "sway"));
        m.into(all);
    }
    {
        Making m("Cut-out over a turning ground", "a picture without its background, over rays of colour");
        const auto ground = m.shape("star", "Ground", {{"scale", 900}, {"fill", 100}}, {0xc4472b});
        const auto picture = m.layer(layers::picture, "Cut-out", {{"scale", 84}});
        m.effect(picture, "soft-edge", {{"soft-edge", 3}, {"soft-edge-choke", 1}});
        m.effect(picture, "drop-shadow", {{"drop-shadow", 55}});
        m.course(ground, "rotation", 0, 60, "linear");
        m.appears(picture,
                  showing(passage("bottom", 14, "back-out"), passage("fade", 8, "sine-in"), "breathe"));
        m.into(all);
    }
    {
        Making m("Picture through a round hole", "a picture that opens from its middle");
        const auto picture = m.layer(layers::picture, "Picture", {{"matte-amount", 0}});
        m.matte(picture, {.kind = Matte::Kind::Round});
        m.course(picture, "matte-amount", 0, 100).into(all);
    }
}

} // namespace

const std::vector<Composition>& ready_compositions() {
    static const auto all = [] {
        std::vector<Composition> made;
        words_and_pictures(made);
        moves_of_the_camera(made);
        lights(made);
        marks_on_the_picture(made);
        shapes(made);
        return made;
    }();
    return all;
}

} // namespace pulsepin
