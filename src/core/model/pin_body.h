// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "params/length.h"

#include <atomic>
#include <cassert>
#include <concepts>
#include <memory>
#include <type_traits>
#include <utility>

namespace pulsepin {

/// What one kind of lane gives its pins: any value that can be compared and says so by `using pin_body =
/// void;`. It may have more, which is asked for wherever pins are handled without regard to their kind:
///
///     int row;                            // of its lane, that it lies in
///     Length& lasting();                  // how long it is there from its pin on
///     bool beside(const T& other) const;  // lies at another place, at the same moment of the same row
template <class T>
concept PinBodyOfKind = requires {
    typename T::pin_body;
};

class PinBody;

/// Which kind of body it is: equal for the same one.
class BodyType {
public:
    constexpr BodyType() = default;
    friend constexpr bool operator==(BodyType, BodyType) = default;

private:
    friend class PinBody;
    constexpr explicit BodyType(const char* of) : of_(of) {}
    const char* of_ = nullptr;
};

/// The body of a pin, of whichever kind. A value: copies are equal and change apart from each other. What is
/// copied is shared until it is changed, since edits copy all pins of a lane to change a few.
///
///     PinBody body = CutBody{shot, in_point};
///     if (const auto* cut = body_if<CutBody>(&body)) ...
///     body_of<CutBody>(body).in_point = Seconds(2);   // other copies keep theirs
///
/// A reference got from a body that may be changed holds until that body is copied, assigned or asked for
/// again after it was copied. Bodies may be copied and read from several threads, as any other value.
class PinBody {
public:
    PinBody() = default; ///< of no kind yet
    template <PinBodyOfKind T>
    [[nodiscard]] static constexpr BodyType type() {
        return BodyType(&type_of<T>);
    }
    template <PinBodyOfKind T>
    PinBody(T body) : held_(std::make_unique<HeldBody<T>>(std::move(body)).release()) {}
    PinBody(const PinBody& other) noexcept : held_(other.held_) {
        if (held_)
            held_->owners.fetch_add(1, std::memory_order_relaxed);
    }
    PinBody(PinBody&& other) noexcept : held_(std::exchange(other.held_, nullptr)) {}
    PinBody& operator=(PinBody other) noexcept {
        std::swap(held_, other.held_);
        return *this;
    }
    ~PinBody() {
        if (held_ && held_->owners.fetch_sub(1, std::memory_order_acq_rel) == 1)
            std::unique_ptr<Held>(held_).reset();
    }

    /// Null when it is of another kind.
    template <PinBodyOfKind T>
    [[nodiscard]] const T* get_if() const {
        return held_ && held_->type == &type_of<T> ? &static_cast<const HeldBody<T>*>(held_)->body : nullptr;
    }
    template <PinBodyOfKind T>
    [[nodiscard]] T* get_if() {
        if (!std::as_const(*this).template get_if<T>())
            return nullptr;
        own();
        return &static_cast<HeldBody<T>*>(held_)->body;
    }
    [[nodiscard]] bool same_kind_as(const PinBody& other) const {
        return held_ == other.held_ || (held_ && other.held_ && held_->type == other.held_->type);
    }
    /// Of those of one kind, whether they are equal.
    friend bool operator==(const PinBody& a, const PinBody& b) {
        return a.held_ == b.held_ || (a.same_kind_as(b) && a.held_->equals(*b.held_));
    }

    /// The row of its lane that it lies in; null where there is but one.
    [[nodiscard]] const int* row() const { return held_ ? held_->row() : nullptr; }
    [[nodiscard]] int* row() { return std::as_const(*this).row() ? own().row() : nullptr; }
    /// How long it is there; null for what is but a moment.
    [[nodiscard]] Length* lasting() { return held_ && held_->lasting() ? own().lasting() : nullptr; }
    /// Whether it lies at another place than one of its kind.
    [[nodiscard]] bool beside(const PinBody& other) const {
        return held_ && same_kind_as(other) && held_->beside(*other.held_);
    }

private:
    template <class T>
    static constexpr char type_of = 0; ///< its address is the type

    struct Held {
        explicit Held(const char* of) : type(of) {}
        Held(const Held& other) : type(other.type) {}
        Held& operator=(const Held&) = delete;
        virtual ~Held() = default;
        [[nodiscard]] virtual std::unique_ptr<Held> copy() const = 0;
        [[nodiscard]] virtual bool equals(const Held& other) const = 0;
        [[nodiscard]] virtual int* row() = 0;
        [[nodiscard]] virtual Length* lasting() = 0;
        [[nodiscard]] virtual bool beside(const Held& other) const = 0;
        const char* const type;
        std::atomic<int> owners{1};
    };
    template <class T>
    struct HeldBody final : Held {
        explicit HeldBody(T value) : Held(&type_of<T>), body(std::move(value)) {}
        [[nodiscard]] std::unique_ptr<Held> copy() const override {
            return std::make_unique<HeldBody>(*this);
        }
        [[nodiscard]] bool equals(const Held& other) const override { return body == of(other); }
        [[nodiscard]] int* row() override {
            if constexpr (requires(T & b) {
                              { b.row } -> std::same_as<int&>;
                          })
                return &body.row;
            else
                return nullptr;
        }
        [[nodiscard]] Length* lasting() override {
            if constexpr (requires(T & b) {
                              { b.lasting() } -> std::same_as<Length&>;
                          })
                return &body.lasting();
            else
                return nullptr;
        }
        [[nodiscard]] bool beside(const Held& other) const override {
            if constexpr (requires(const T& b) {
                              { b.beside(b) } -> std::same_as<bool>;
                          })
                return body.beside(of(other));
            else
                return false;
        }
        static const T& of(const Held& held) { return static_cast<const HeldBody&>(held).body; }
        T body;
    };

    /// Makes it the only owner of what it holds.
    Held& own() {
        assert(held_);
        // Whoever let go of it last has read it before.
        if (held_->owners.load(std::memory_order_acquire) != 1)
            *this = PinBody(held_->copy().release());
        return *held_;
    }
    explicit PinBody(Held* held) : held_(held) {}

    Held* held_ = nullptr;
};

/// Null when the body is of another kind.
template <PinBodyOfKind T>
[[nodiscard]] const T* body_if(const PinBody* body) {
    return body->get_if<T>();
}
template <PinBodyOfKind T>
[[nodiscard]] T* body_if(PinBody* body) {
    return body->get_if<T>();
}
/// Of a body that is of that kind.
template <PinBodyOfKind T>
[[nodiscard]] const T& body_of(const PinBody& body) {
    assert(body.get_if<T>());
    return *body.get_if<T>();
}
template <PinBodyOfKind T>
[[nodiscard]] T& body_of(PinBody& body) {
    T* there = body.get_if<T>();
    assert(there);
    return *there;
}
template <PinBodyOfKind T>
[[nodiscard]] bool is_body(const PinBody& body) {
    return body.get_if<T>() != nullptr;
}

/// Whether one of two at the same moment of a lane would be one too many. Rows lie side by side, and so does
/// what appears at different places of the picture.
[[nodiscard]] inline bool lies_over(const PinBody& a, const PinBody& b) {
    const int *one = a.row(), *other = b.row();
    return !a.beside(b) && (one ? *one : 0) == (other ? *other : 0);
}

/// body_type<CutBody>: what a kind of lane, or code that works on lanes with such pins, is told by.
template <PinBodyOfKind T>
inline constexpr BodyType body_type = PinBody::type<T>();

} // namespace pulsepin
