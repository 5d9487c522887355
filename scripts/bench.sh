#!/usr/bin/env bash
# Measures every work beside its physical limit, prints each ratio beside its aim, and reads 1 GB of each format in 256 MB of heap.
#
#   scripts/bench.sh [NAME]     NAME is a part of a benchmark's name; then no large report is read
set -euo pipefail
cd "$(dirname "$0")/.."
scripts/build.sh bench
java -jar bench/target/ojala-bench.jar "$@" | grep '×'
if [ $# -eq 0 ]; then
  for format in lcov goprofile gcovtext cobertura jacoco clover opencover exchange gcov llvm istanbul v8 coveragepy simplecov ruby; do
    java -Xmx256m -cp bench/target/ojala-bench.jar ojala.bench.LargeReport "$format"
  done
fi
