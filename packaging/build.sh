# What ./demo, ./check and .ci/run share: installing what is missing from Debian, configuring, building.

# Open CASCADE, and what it links to, makes the solid models; without it the program builds and makes none.
packages_solids="libocct-data-exchange-dev libocct-modeling-algorithms-dev libtbb-dev"
packages_build="cmake ninja-build g++ qt6-base-dev qt6-serialport-dev qt6-tools-dev qt6-tools-dev-tools qt6-l10n-tools
    qt6-translations-l10n nlohmann-json3-dev libpolyclipping-dev libdxflib-dev libgl-dev $packages_solids"
packages_check="xvfb xauth poppler-utils python3 python3-ezdxf python3-pil"
packages_all="clang-format clang-tidy clang-14 libclang-rt-14-dev git"

# install_missing build|check|all: installs from Debian what is not there, and says what.
install_missing() {
    wanted=$packages_build
    [ "$1" = build ] || wanted="$wanted $packages_check"
    [ "$1" != all ] || wanted="$wanted $packages_all"
    missing=
    for package in $wanted; do
        dpkg-query -W -f '${Status}' "$package" 2>/dev/null | grep -q 'ok installed' || missing="$missing $package"
    done
    [ -n "$missing" ] || return 0
    echo "Installing from Debian:$missing"
    as_root=
    if [ "$(id -u)" -ne 0 ]; then
        command -v sudo >/dev/null || { echo "sudo is needed to install them; or install them as root." >&2; exit 1; }
        as_root=sudo
    fi
    $as_root apt-get update -qq
    $as_root env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends $missing >/dev/null
}

# quietly NAME COMMAND...: runs it with its output in a log, shown only if it fails.
quietly() {
    name=$1; shift
    mkdir -p build
    "$@" >"build/$name.log" 2>&1 || { tail -n 60 "build/$name.log" >&2; echo "$name failed; the whole log is build/$name.log" >&2; exit 1; }
}

# configure PRESET FOLDER: afresh where the folder was configured for a checkout that has been moved since.
configure() {
    fresh=
    made_for=$(sed -n 's/^CMAKE_HOME_DIRECTORY:INTERNAL=//p' "$2/CMakeCache.txt" 2>/dev/null || true)
    [ -z "$made_for" ] || [ "$made_for" = "$PWD" ] || fresh=--fresh
    quietly "configure-$1" cmake --preset "$1" $fresh
}

# build_release [TARGET...]: everything, or what is named.
build_release() {
    [ -f build/build.ninja ] || echo "Configuring"
    configure release build
    [ -x build/src/fair-measure ] || echo "Building (a few minutes the first time)"
    quietly compile cmake --build build ${1:+--target "$@"}
}
