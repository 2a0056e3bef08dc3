// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "session/jobs.h"

#include <optional>
#include <utility>
#include <vector>

namespace pulsepin {

/// What is told of a result that is made in the background.
class BackgroundSignals : public QObject {
    Q_OBJECT
public:
    using QObject::QObject;
signals:
    void ready();                     ///< the wanted value is there
    void failed(const Error& failed); ///< it could not be made; not told when it was cancelled
};

/// A value that takes long to make and depends on a key: the decoded sound of a file, the curves of a
/// project. It remembers what is wanted, what is there, and what is under way. What is not wanted any more is
/// cancelled and dropped; what was cancelled or failed is made again when it is wanted again; whoever asked
/// is always answered. For the interface thread.
///
/// Use: tell what is wanted with want() whenever that may have changed, draw value() while it is not current,
/// and listen to ready(). Key needs ==.
template <class Key, class Value>
class Background : public BackgroundSignals {
public:
    struct Work {
        JobQueue queue;
        QString name;
        std::function<Result<Value>(const Progress&)> run;
    };
    using Answer = std::function<void(Result<std::shared_ptr<const Value>>)>;

    /// `make` says how to make the value of a key; the work itself runs elsewhere.
    Background(Jobs& jobs, std::function<Work(const Key&)> make) : jobs_(jobs), make_(std::move(make)) {}
    ~Background() override {
        if (job_)
            job_->cancel();
    }

    /// Begins to make the value of the key, unless it is there or under way. The value of before stays until
    /// then.
    void want(Key key) {
        if (wanted_ == key && (job_ || is_current()))
            return;
        if (wanted_ != key)
            told_.clear();
        wanted_ = std::move(key);
        stop();
        if (is_current())
            return;
        begin();
    }

    /// The same, and says when it is there, or why it will not be: other things were wanted, it was
    /// cancelled, it failed.
    void ask(Key key, Answer answer) {
        want(std::move(key));
        if (is_current())
            return answer(value_);
        asked_.push_back(std::move(answer));
    }

    /// Nothing is wanted, and nothing is there.
    void clear() {
        wanted_.reset();
        there_.reset();
        value_.reset();
        told_.clear();
        stop();
    }

    /// The value is known already.
    void put(Key key, std::shared_ptr<const Value> value) {
        stop();
        wanted_ = key;
        take(std::move(key), std::move(value));
    }

    /// The last that was made; null before.
    [[nodiscard]] const std::shared_ptr<const Value>& value() const { return value_; }
    /// value() is what is wanted.
    [[nodiscard]] bool is_current() const { return wanted_ && there_ == wanted_; }
    [[nodiscard]] bool under_way() const { return job_ != nullptr; }
    /// Of what is under way; 0 where nothing is.
    [[nodiscard]] double progress() const { return job_ ? job_->progress() : 0; }
    /// What is under way ends as soon as it can; whoever asked is told so. It is begun again when it is
    /// wanted.
    void cancel() {
        if (job_)
            job_->cancel();
    }
    [[nodiscard]] const std::optional<Key>& wanted() const { return wanted_; }

private:
    void begin() {
        Work work = make_(*wanted_);
        // The handle tells whether the answer that comes is the one that is waited for.
        auto mine = std::make_shared<std::weak_ptr<Job>>();
        job_ = jobs_.start<std::shared_ptr<const Value>>(
            work.queue, work.name,
            [run = std::move(work.run)](const Progress& progress) -> Result<std::shared_ptr<const Value>> {
                auto made = run(progress);
                if (!made)
                    return tl::unexpected(made.error());
                return std::make_shared<const Value>(*std::move(made));
            },
            [this, alive = std::weak_ptr<int>(alive_), mine](Result<std::shared_ptr<const Value>> made) {
                if (alive.expired() || mine->lock() != job_ || !job_)
                    return;
                job_.reset();
                if (made)
                    return take(*wanted_, *std::move(made));
                const bool same_again = told_ == made.error().message();
                answer(tl::unexpected(made.error()));
                if (made.error().cancelled() || same_again)
                    return;
                told_ = made.error().message();
                emit failed(made.error());
            });
        *mine = job_;
    }

    void take(Key key, std::shared_ptr<const Value> value) {
        there_ = std::move(key);
        value_ = std::move(value);
        told_.clear();
        emit ready();
        if (is_current())
            answer(value_);
    }

    void stop() {
        if (auto job = std::exchange(job_, nullptr))
            job->cancel();
        answer(fail_cancelled());
    }

    void answer(const Result<std::shared_ptr<const Value>>& result) {
        for (const auto& asked : std::exchange(asked_, {}))
            asked(result);
    }

    Jobs& jobs_;
    std::function<Work(const Key&)> make_;
    std::optional<Key> wanted_, there_;
    std::shared_ptr<const Value> value_;
    std::shared_ptr<Job> job_;
    std::vector<Answer> asked_;
    std::string told_; ///< the failure of this key that was told: each edit would tell it again
    std::shared_ptr<int> alive_ = std::make_shared<int>();
};

} // namespace pulsepin
