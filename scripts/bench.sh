#!/usr/bin/env bash
# Measures every work beside its physical limit, prints each ratio beside its aim, and reads 1 GB of each format in 256 MB of heap.
#
#   scripts/bench.sh            all of it
#   scripts/bench.sh NAME       the JMH benchmarks of that name only
set -euo pipefail
cd "$(dirname "$0")/.."
scripts/build.sh bench
jar=bench/target/ojala-bench.jar
formats=(lcov goprofile gcovtext cobertura jacoco clover opencover exchange gcov llvm istanbul v8 coveragepy simplecov ruby)
if [ $# -gt 0 ]; then
  java -jar "$jar" "$@" | grep '×'
  exit
fi
for format in "${formats[@]}"; do
  java -Xmx2g -cp "$jar" ojala.bench.Ratios "$format"
done
java -jar "$jar" 'Merging|Matching' | grep '×'
for format in "${formats[@]}"; do
  java -Xmx256m -cp "$jar" ojala.bench.LargeReport "$format"
done
