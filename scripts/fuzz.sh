#!/usr/bin/env bash
# Fuzzes every reader for so many seconds each (60 if not said), from the samples; the same run each time. What a reader falls
# over is printed in base 64.
set -euo pipefail
cd "$(dirname "$0")/.."
seconds=${1:-60}
case $seconds in
  *[!0-9]* | '') echo "usage: scripts/fuzz.sh [SECONDS]" >&2 && exit 2 ;;
esac
mvn -B -ntp -pl core test -Dspotless.check.skip -Dtest='FormatContractTest#whatWasMadeOfItsSamplesIsReadOrRefused' \
  -Dojala.fuzz.seconds="$seconds" -Dojala.fuzz.inputs=2000000000 | grep -E '^fuzzed|Tests run|ERROR'
