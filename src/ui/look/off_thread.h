#pragma once
#include <QCoreApplication>
#include <QPointer>
#include <QThreadPool>

#include <atomic>
#include <memory>

namespace fm {

/// Work that another thread does for a widget: of several questions only the newest is answered.
class OffThread {
public:
    explicit OffThread(QObject* owner) : owner_(owner) {}
    ~OffThread() { stop(); }
    OffThread(const OffThread&) = delete;
    OffThread& operator=(const OffThread&) = delete;

    bool is_working() const { return stop_ != nullptr; }
    /// What is not done yet is not wanted any more.
    void stop() {
        if (stop_) *stop_ = true;
        stop_.reset();
    }
    /// @param work done elsewhere, given a flag that is set when it is not wanted any more; touches nothing
    /// of ours
    /// @param done given what it returned, in the owner's thread; not if the owner has gone or asked anew
    template <class Work, class Done> void ask(Work work, Done done) {
        stop();
        stop_ = std::make_shared<std::atomic<bool>>(false);
        QThreadPool::globalInstance()->start([self = this, owner = QPointer(owner_), stop = stop_,
                                              work = std::move(work), done = std::move(done)] {
            if (*stop) return;
            auto result = std::make_shared<decltype(work(*stop))>(work(*stop));
            QMetaObject::invokeMethod(qApp, [self, owner, stop, result, done] {
                if (*stop || !owner) return; // only the owner's own thread stops it
                self->stop_.reset();
                done(std::move(*result));
            });
        });
    }

private:
    QObject* owner_;
    std::shared_ptr<std::atomic<bool>> stop_;
};

} // namespace fm
