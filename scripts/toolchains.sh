#!/usr/bin/env bash
# Records what compilers and language runtimes report of the small programs in core/src/test/toolchains, beside what
# they print themselves; a test holds Ojala's numbers against both. Run it again after a program has changed.
set -euo pipefail
cd "$(dirname "$0")/.."
. scripts/say.sh

programs=$PWD/core/src/test/toolchains
recorded=$PWD/core/src/test/resources/toolchains
work=/tmp/harbour

needed() {
  local missing=()
  for pair in "$@"; do
    command -v "${pair%%:*}" >/dev/null || missing+=("${pair##*:}")
  done
  if [ ${#missing[@]} -gt 0 ]; then
    say "installing ${missing[*]}"
    apt-get install -y --no-install-recommends "${missing[@]}" >/dev/null
  fi
}
needed gcc:gcc g++:g++ clang:clang llvm-cov:llvm go:golang-go ruby:ruby node:nodejs
[ -e /usr/lib/llvm-14/lib/clang/14.0.6/lib/linux/libclang_rt.profile-x86_64.a ] || needed absent:libclang-rt-14-dev

rm -rf "$work" "$recorded"
mkdir -p "$work" "$recorded"/{gcov,llvm,goprofile,v8,ruby}
cp -r "$programs"/. "$work"

gcc_run() { # NAME WORD...: runs the gauge from fresh counters and keeps what gcov says
  local name=$1
  shift
  rm -f ./*.gcda ./*.gcov
  for word in "$@"; do ./gauge "$word" >/dev/null; done
  gcov -b -c --json-format --stdout main.c level.c >"$recorded/gcov/$name.json"
  gcov -b -c main.c level.c >"$recorded/gcov/$name.printed"
  for listing in *.gcov; do cp "$listing" "$recorded/gcov/$name-$listing"; done
}

say "gcc and gcov"
mkdir "$work/gcc" && cd "$work/gcc" && cp ../gauge/* .
for unit in main level; do gcc -O0 --coverage -c "$unit.c"; done
gcc --coverage -o gauge main.o level.o
gcc_run storm storm
gcc_run calm calm
gcc_run both storm calm
g++ -std=c++17 -O0 --coverage -c buoy.cpp && g++ --coverage -o buoy buoy.o && ./buoy >/dev/null || true
gcov -b -c --json-format --stdout buoy.cpp >"$recorded/gcov/buoy.json"
gcov -b -c buoy.cpp >"$recorded/gcov/buoy.printed"
cp buoy.cpp.gcov "$recorded/gcov/buoy-buoy.cpp.gcov"
cp level.gcda level.gcno "$recorded/gcov/"

llvm_export() { # NAME PROGRAM
  llvm-cov export "$2" -instr-profile "$1.profdata" >"$recorded/llvm/$1.json"
  llvm-cov export -format=lcov "$2" -instr-profile "$1.profdata" >"$recorded/llvm/$1.info"
  llvm-cov report "$2" -instr-profile "$1.profdata" >"$recorded/llvm/$1.printed"
}

say "clang and LLVM"
mkdir "$work/llvm" && cd "$work/llvm" && cp ../gauge/* .
clang -O0 -fprofile-instr-generate -fcoverage-mapping -o gauge main.c level.c
LLVM_PROFILE_FILE=storm.profraw ./gauge storm >/dev/null
LLVM_PROFILE_FILE=calm.profraw ./gauge calm >/dev/null
llvm-profdata merge -o storm.profdata storm.profraw
llvm-profdata merge -o calm.profdata calm.profraw
llvm-profdata merge -o both.profdata storm.profraw calm.profraw
for run in storm calm both; do llvm_export "$run" ./gauge; done
llvm-cov export -summary-only ./gauge -instr-profile both.profdata >"$recorded/llvm/summary-only.json"
clang++ -std=c++17 -O0 -fprofile-instr-generate -fcoverage-mapping -o buoy buoy.cpp
LLVM_PROFILE_FILE=buoy.profraw ./buoy >/dev/null || true
llvm-profdata merge -o buoy.profdata buoy.profraw
llvm_export buoy ./buoy
cp storm.profraw storm.profdata "$recorded/llvm/"

go_run() { # NAME MODE PATTERN
  go test -count=1 -covermode="$2" -coverprofile="$recorded/goprofile/$1.out" -run "$3" ./... \
    | sed 's/[0-9.]*s\t/\t/' >"$recorded/goprofile/$1.printed"
  go tool cover -func="$recorded/goprofile/$1.out" >>"$recorded/goprofile/$1.printed"
}

say "Go"
cd "$work/beacon"
export GOFLAGS=-mod=mod GOPROXY=off GOCACHE=$work/gocache
go_run short count TestShort
go_run whole count TestWhole
go_run both count .
go_run set set .

say "Node"
cd "$work/quayside"
NODE_V8_COVERAGE=$work/v8 node --test --experimental-test-coverage --test-reporter=lcov >"$recorded/v8/node.info"
NODE_DISABLE_COLORS=1 node --test --experimental-test-coverage --test-reporter=tap >"$recorded/v8/node.printed"
rm -rf "$work/v8" && NODE_V8_COVERAGE=$work/v8 node test/berths.test.js >/dev/null
# of the engine's own scripts one is enough
node -e '
  const all = JSON.parse(require("fs").readFileSync(0));
  const own = all.result.filter((script) => script.url.startsWith("file:"));
  console.log(JSON.stringify({ ...all, result: [{ ...all.result[0], functions: [] }, ...own] }));
' <"$(ls "$work"/v8/coverage-*.json)" >"$recorded/v8/berths.json"

say "Ruby"
cd "$work/pilots"
for kind in all oneshot old; do
  ruby run.rb "$kind" >"$recorded/ruby/$kind.json" 2>"$recorded/ruby/$kind.printed"
done
[ -s "$recorded/ruby/all.printed" ] && rm "$recorded/ruby/oneshot.printed" "$recorded/ruby/old.printed"
rm -rf "$work"
say "recorded in core/src/test/resources/toolchains"
