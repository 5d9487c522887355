#!/usr/bin/env bash
# Builds what the named modules need, without tests; the formatter and the static checks belong to the test command.
#
#   scripts/build.sh MODULE …
set -euo pipefail
checkout=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
. "$checkout/scripts/say.sh"

"$checkout/scripts/tools.sh" build
modules=$(IFS=, && printf '%s' "$*")
log=$checkout/.ojala/build.log
mkdir -p "$checkout/.ojala"
say "Building $* (log: .ojala/build.log) …"
(cd "$checkout" && mvn -B -ntp -am -pl "$modules" package -DskipTests -Dspotless.check.skip) >"$log" 2>&1 ||
  fail "the build failed: $(grep -m 3 ERROR "$log" | tr '\n' ' ') (whole log: $log)"
