#!/bin/sh
# Fuzzes the readers of what comes from outside (jobs, scales, string sets, drawings, heads of pictures, the workshop's
# file, the settings, gauges) for so many seconds each, two at a time.
#   packaging/fuzz.sh 600
set -eu
seconds=${1:-30}
fresh=
grep -qsF "CMAKE_HOME_DIRECTORY:INTERNAL=$PWD" build-fuzz/CMakeCache.txt || fresh=--fresh
cmake --preset fuzz $fresh >/dev/null
cmake --build build-fuzz --target fuzz_all >build-fuzz/compile.log 2>&1 || { tail -n 40 build-fuzz/compile.log; exit 1; }
[ ! -w /dev/shm ] || export TMPDIR=/dev/shm # the readers of files write one for every trial
cd build-fuzz
for name in job scale strings dxf picture workshop settings gauge; do mkdir -p "seeds/$name" "found/$name"; done
cp ../data/demo/*.fmjob ../tests/data/cases/*.fmjob seeds/job/
cp ../tests/data/scales/* seeds/scale/
cp ../tests/data/strings/* seeds/strings/
cp ../tests/data/hostile/*.dxf seeds/dxf/
cp ../docs/screenshots/neck.png ../tests/data/hostile/size-told-late.gif seeds/picture/
cp ../data/demo/workshop.json seeds/workshop/
cp ../tests/data/hostile/settings.conf seeds/settings/
printf 'a+0.392 mm\r\n0.0154 in\n0,39\r' >seeds/gauge/lines
# The words of a job file, so that the fuzzer need not guess them letter by letter.
grep -oh '"[a-z][a-z_0-9]*"' ../src/job/*/*.cpp ../src/job/*/*.h ../src/core/*/*.h ../src/workshop/workshop.cpp | sort -u >job.dict
{ grep -oh '"[a-z][a-z_/]*"' ../src/settings/settings.cpp; printf '"%s"\n' '@Variant(' '@ByteArray(' '@Size(' '@Invalid()' '\\x0' 'nan' '1e999'; } | sort -u >settings.dict
# one NAME [OPTIONS]: what it finds stands in found/NAME.
one() {
    name=$1; shift
    ASAN_OPTIONS=detect_leaks=1 UBSAN_OPTIONS=print_stacktrace=1 ./tests/fuzz/fuzz_$name found/"$name" seeds/"$name" \
        -max_total_time="$seconds" -timeout=10 -rss_limit_mb=4000 -artifact_prefix=found-"$name"- "$@" >"$name.log" 2>&1 \
        || { tail -n 40 "$name.log"; echo "fuzz_$name found something; see build-fuzz"; return 1; }
    grep -E '^Done|stat::number_of_executed' "$name.log" | sed "s/^/$name: /"
}
{ one job -dict=job.dict -max_len=20000 && one scale -max_len=4000 && one strings -max_len=4000 &&
    one settings -dict=settings.dict -max_len=8000; } &
first=$!
{ one dxf -max_len=20000 && one workshop -dict=job.dict -max_len=8000 && one gauge -max_len=400 && one picture -max_len=60000; } &
second=$!
failed=0
wait $first || failed=1
wait $second || failed=1
exit $failed
