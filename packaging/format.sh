#!/bin/sh
# Every source is as clang-format writes it.
set -eu
git ls-files '*.cpp' '*.h' | xargs clang-format --dry-run -Werror
