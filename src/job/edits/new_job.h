#pragma once
#include "job/document/value.h"

#include <string>

namespace fm {

/// A job to begin with: one plain string on a plain neck, every required value there to be set.
[[nodiscard]] Value new_job(const std::string& title);

} // namespace fm
