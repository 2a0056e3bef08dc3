// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <memory>
#include <utility>
#include <vector>

namespace pulsepin {

/// What one kind of lane is told beside its pins: any value that can be compared and begins as it usually is,
/// and says so by `using lane_part = void;`.
template <class T>
concept LanePartOfKind = requires {
    typename T::lane_part;
};

/// The parts of a lane, at most one of each type. A value: copies are equal and change apart from each other.
///
///     LaneParts parts;
///     parts.put(Motion{});
///     if (auto* motion = parts.get<Motion>()) motion->own.high = 2;
class LaneParts {
public:
    LaneParts() = default;
    LaneParts(const LaneParts& other) {
        held_.reserve(other.held_.size());
        for (const auto& one : other.held_)
            held_.push_back(one->copy());
    }
    LaneParts(LaneParts&&) noexcept = default;
    LaneParts& operator=(LaneParts other) noexcept {
        held_.swap(other.held_);
        return *this;
    }
    ~LaneParts() = default;

    /// Null where there is none of that type.
    template <LanePartOfKind T>
    [[nodiscard]] const T* get() const {
        for (const auto& one : held_)
            if (one->type == &type_of<T>)
                return &static_cast<const HeldPart<T>&>(*one).part;
        return nullptr;
    }
    template <LanePartOfKind T>
    [[nodiscard]] T* get() {
        return const_cast<T*>(std::as_const(*this).template get<T>()); // what is held is this one's own
    }
    /// Instead of the one of that type that was there.
    template <LanePartOfKind T>
    void put(T part) {
        if (T* there = get<T>())
            *there = std::move(part);
        else
            held_.push_back(std::make_unique<HeldPart<T>>(std::move(part)));
    }
    /// Each as it is in `other`, where that has one of its type.
    void take_over(LaneParts other) {
        for (auto& one : held_)
            for (auto& theirs : other.held_)
                if (theirs && theirs->type == one->type)
                    one = std::move(theirs);
    }
    /// The same ones, in whichever order they were put.
    friend bool operator==(const LaneParts& a, const LaneParts& b) {
        if (a.held_.size() != b.held_.size())
            return false;
        for (const auto& one : a.held_)
            if (!b.has(*one))
                return false;
        return true;
    }

private:
    template <class T>
    static constexpr char type_of = 0; ///< its address is the type

    struct Held {
        explicit Held(const char* of) : type(of) {}
        Held(const Held&) = default;
        virtual ~Held() = default;
        [[nodiscard]] virtual std::unique_ptr<Held> copy() const = 0;
        /// Of one of the same type.
        [[nodiscard]] virtual bool equals(const Held& other) const = 0;
        const char* type;
    };
    template <class T>
    struct HeldPart final : Held {
        explicit HeldPart(T value) : Held(&type_of<T>), part(std::move(value)) {}
        [[nodiscard]] std::unique_ptr<Held> copy() const override {
            return std::make_unique<HeldPart>(*this);
        }
        [[nodiscard]] bool equals(const Held& other) const override {
            return part == static_cast<const HeldPart&>(other).part;
        }
        T part;
    };
    [[nodiscard]] bool has(const Held& part) const {
        for (const auto& one : held_)
            if (one->type == part.type)
                return one->equals(part);
        return false;
    }

    std::vector<std::unique_ptr<Held>> held_;
};

} // namespace pulsepin
