#!/usr/bin/env bash
# Builds what the named modules need, without tests, unless nothing has changed since they were built; the formatter and the
# static checks belong to the test command.
#
#   scripts/build.sh MODULE …
set -euo pipefail
checkout=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
. "$checkout/scripts/say.sh"

# The state folder's name for what the last build of a module saw.
stamp() { printf '%s/.ojala/built-%s' "$checkout" "$1"; }
stale() {
  [ ! -f "$(stamp "$1")" ] || ! compgen -G "$checkout/$1/target/*.jar" >/dev/null ||
    [ -n "$(cd "$checkout" && find pom.xml */pom.xml */src console/package-lock.json console/build.sh docs/openapi.json -newer "$(stamp "$1")" -not -name schema.d.ts -print -quit 2>/dev/null)" ]
}

needed=
for module in "$@"; do
  ! stale "$module" || needed=yes
done
[ -n "$needed" ] || exit 0

"$checkout/scripts/tools.sh" build
enough_disk "$checkout" 1000
modules=$(IFS=, && printf '%s' "$*")
log=$checkout/.ojala/build.log
mkdir -p "$checkout/.ojala"
say "Building $* (log: .ojala/build.log); the first time takes some minutes …"
begun=$(mktemp)
(cd "$checkout" && mvn -B -ntp -am -pl "$modules" package -Dmaven.test.skip=true -Dspotless.check.skip) >"$log" 2>&1 ||
  fail "the build failed: $(grep -m 3 -E 'ERROR|No space left' "$log" | tr '\n' ' ') (whole log: $log)"
for module in "$@"; do
  touch -r "$begun" "$(stamp "$module")"
done
rm -f "$begun"
