#pragma once
#include <QCoreApplication>
#include <QPointer>
#include <QThreadPool>

#include <atomic>
#include <functional>
#include <memory>
#include <mutex>
#include <utility>

namespace fm {

/// Work that another thread does for a widget: of several questions only the newest is answered, and only the
/// newest waits, however busy the threads are.
class OffThread {
public:
    explicit OffThread(QObject* owner) : owner_(owner) {}
    ~OffThread() { stop(); }
    OffThread(const OffThread&) = delete;
    OffThread& operator=(const OffThread&) = delete;

    bool is_working() const { return stop_ != nullptr; }
    /// What is not done yet is not wanted any more.
    void stop() {
        (void)waiting_->put({});
        if (stop_) waiting_->call_off(*stop_);
        stop_.reset();
    }
    /// @param work done elsewhere, given a flag that is set when it is not wanted any more; touches nothing
    /// of ours
    /// @param done given what it returned, in the owner's thread; not if the owner has gone or asked anew
    template <class Work, class Done> void ask(Work work, Done done) {
        stop();
        stop_ = std::make_shared<std::atomic<bool>>(false);
        const bool is_to_start = waiting_->put([self = this, waiting = waiting_.get(),
                                                owner = QPointer(owner_), stop = stop_,
                                                work = std::move(work), done = std::move(done)] {
            if (*stop) return;
            auto result = std::make_shared<decltype(work(*stop))>(work(*stop));
            waiting->unless(*stop, [&] {
                QMetaObject::invokeMethod(QCoreApplication::instance(), [self, owner, stop, result, done] {
                    if (*stop || !owner) return; // only the owner's own thread stops it
                    self->stop_.reset();
                    done(std::move(*result));
                });
            });
        });
        if (is_to_start)
            QThreadPool::globalInstance()->start([waiting = waiting_] {
                if (const std::function<void()> newest = waiting->taken()) newest();
            });
    }

private:
    /// The newest question that no thread has begun.
    class Waiting {
    public:
        /// In the place of what waits; nothing: nothing waits. @returns whether a thread is to come for it
        bool put(std::function<void()> question) {
            const std::lock_guard lock(mutex_);
            question_ = std::move(question);
            return question_ && !std::exchange(comes_, true);
        }
        std::function<void()> taken() {
            const std::lock_guard lock(mutex_);
            comes_ = false;
            return std::exchange(question_, {});
        }
        /// After it nothing is told any more: the application itself may go.
        void call_off(std::atomic<bool>& stop) {
            const std::lock_guard lock(mutex_);
            stop = true;
        }
        void unless(const std::atomic<bool>& stop, const std::function<void()>& tell) {
            const std::lock_guard lock(mutex_);
            if (!stop) tell();
        }

    private:
        std::mutex mutex_;
        std::function<void()> question_;
        bool comes_ = false; ///< a thread will
    };

    QObject* owner_;
    std::shared_ptr<std::atomic<bool>> stop_;
    std::shared_ptr<Waiting> waiting_ = std::make_shared<Waiting>();
};

} // namespace fm
