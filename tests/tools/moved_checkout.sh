#!/bin/sh
# A checkout that was moved since it was built is configured afresh, one that stayed is not.
# $1: the folder of the sources
set -eu
where=$(mktemp -d)
trap 'rm -rf "$where"' EXIT
mkdir -p "$where/bin" "$where/checkout/build"
printf '#!/bin/sh\necho "$@" >"%s/asked"\n' "$where" >"$where/bin/cmake"
chmod +x "$where/bin/cmake"
PATH=$where/bin:$PATH
cd "$where/checkout"
. "$1/packaging/build.sh"
asked() { # HOME-DIRECTORY OF THE CACHE, WHETHER AFRESH
    echo "CMAKE_HOME_DIRECTORY:INTERNAL=$1" >build/CMakeCache.txt
    configure release build
    case $(cat "$where/asked") in *--fresh*) afresh=yes ;; *) afresh=no ;; esac
    [ $afresh = "$2" ] || { echo "made for $1: afresh $afresh" >&2; exit 1; }
}
asked /elsewhere/checkout yes
asked "$PWD" no
rm build/CMakeCache.txt
configure release build
