#!/bin/sh
# Fuzzes the readers of job files, scale files and string sets for so many seconds each, two at a time.
#   packaging/fuzz.sh 600
set -eu
seconds=${1:-30}
fresh=
grep -qsF "CMAKE_HOME_DIRECTORY:INTERNAL=$PWD" build-fuzz/CMakeCache.txt || fresh=--fresh
cmake --preset fuzz $fresh >/dev/null
cmake --build build-fuzz --target fuzz_job fuzz_scale fuzz_strings >build-fuzz/compile.log 2>&1 || { tail -n 40 build-fuzz/compile.log; exit 1; }
cd build-fuzz
mkdir -p seeds/job seeds/scale seeds/strings found/job found/scale found/strings
cp ../data/demo/*.fmjob ../tests/data/cases/*.fmjob seeds/job/
cp ../tests/data/scales/* seeds/scale/
cp ../tests/data/strings/* seeds/strings/
# The words of a job file, so that the fuzzer need not guess them letter by letter.
grep -oh '"[a-z][a-z_0-9]*"' ../src/job/read_*.cpp | sort -u >job.dict
# one NAME [OPTIONS]: what it finds stands in found/NAME.
one() {
    name=$1; shift
    ASAN_OPTIONS=detect_leaks=1 UBSAN_OPTIONS=print_stacktrace=1 ./tests/fuzz/fuzz_$name found/"$name" seeds/"$name" \
        -max_total_time="$seconds" -timeout=10 -rss_limit_mb=4000 -artifact_prefix=found-"$name"- "$@" >"$name.log" 2>&1 \
        || { tail -n 40 "$name.log"; echo "fuzz_$name found something; see build-fuzz"; return 1; }
    grep -E '^Done|stat::number_of_executed' "$name.log" | sed "s/^/$name: /"
}
one job -dict=job.dict -max_len=20000 &
job=$!
{ one scale -max_len=4000 && one strings -max_len=4000; } &
others=$!
failed=0
wait $job || failed=1
wait $others || failed=1
exit $failed
