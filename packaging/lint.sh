#!/bin/sh
# clang-tidy over the sources, with the release build's commands. The compiler's own precompiled header is left out:
# clang cannot read it, and its switches are not all clang's.
set -eu
mkdir -p build/lint
sed -e 's/ -include [^ ]*cmake_pch.hxx//' -e 's/ -Winvalid-pch//' build/compile_commands.json >build/lint/compile_commands.json
git ls-files 'src/*.cpp' | xargs -P 2 -n 4 clang-tidy -p build/lint --quiet --extra-arg=-Wno-unknown-warning-option
