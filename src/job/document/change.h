#pragma once
// What lies between two documents. A step of the undo list keeps this alone: a document of thousands of
// readings is not kept once a step.
#include "job/document/value.h"

#include <memory>

namespace fm {

class DocumentChange {
public:
    DocumentChange(const Value& before, const Value& after);
    DocumentChange(DocumentChange&&) noexcept;
    DocumentChange& operator=(DocumentChange&&) noexcept;
    ~DocumentChange();

    /// The document after it. @param before the very one it was made from
    [[nodiscard]] Value made(const Value& before) const;
    /// The document before it, to the order of its keys. @param after the very one it led to
    [[nodiscard]] Value unmade(const Value& after) const;

    struct Part;

private:
    std::unique_ptr<const Part> whole_; ///< none: nothing changed
};

} // namespace fm
