#!/bin/sh
# clang-tidy over the sources, each alone, with the release build's commands. The compiler's own precompiled header is
# left out: clang cannot read it, and its switches are not all clang's.
#   packaging/lint.sh        what has changed since the commit in packaging/linted, up to which all was looked at; a file
#                            that was only moved, or whose includes alone changed, is the same file
#   packaging/lint.sh all    everything; so, too, where that commit is not known or the rules have changed
set -eu
cmake --preset release -B build/lint -DCMAKE_UNITY_BUILD=OFF >/dev/null
sed -i -e 's/ -include [^ ]*cmake_pch.hxx//' -e 's/ -Winvalid-pch//' build/lint/compile_commands.json
since=$(cat packaging/linted)
if [ "${1:-}" = all ] || ! git cat-file -e "$since^{commit}" 2>/dev/null ||
    ! git diff --quiet "$since" -- .clang-tidy; then
    files=$(git ls-files 'src/*.cpp')
else
    files=$(git diff -z --numstat --diff-filter=d -M30% -I'^#include ' "$since" -- 'src/*.cpp' | tr '\0' '\n' |
        awk -F'\t' '$3 != "" { if ($1 + $2) print $3; next } { lines = $1 + $2; getline; getline; if (lines) print }')
fi
[ -n "$files" ] || exit 0
echo "$files" | xargs -P 2 -n 4 clang-tidy -p build/lint --quiet --extra-arg=-Wno-unknown-warning-option
