// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <atomic>
#include <cstddef>
#include <utility>

namespace pulsepin {

/// A queue from one thread to one other; neither waits for the other.
template <class T, std::size_t Capacity>
class CommandQueue {
public:
    /// False when the queue is full; the value is then lost to the caller's hands unchanged.
    bool push(T&& value) {
        const auto tail = tail_.load(std::memory_order_relaxed);
        if (tail - head_.load(std::memory_order_acquire) == Capacity)
            return false;
        slots_[tail % Capacity] = std::move(value);
        tail_.store(tail + 1, std::memory_order_release);
        return true;
    }

    /// False when the queue is empty.
    bool pop(T& value) {
        const auto head = head_.load(std::memory_order_relaxed);
        if (head == tail_.load(std::memory_order_acquire))
            return false;
        value = std::move(slots_[head % Capacity]);
        head_.store(head + 1, std::memory_order_release);
        return true;
    }

private:
    std::array<T, Capacity> slots_{};
    std::atomic<std::size_t> head_{0};
    std::atomic<std::size_t> tail_{0};
};

} // namespace pulsepin
