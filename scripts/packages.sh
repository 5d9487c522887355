#!/usr/bin/env bash
# Installs Debian packages by name, as root or with sudo; says what to run where neither is possible.
set -euo pipefail
here=$(cd "$(dirname "${BASH_SOURCE[0]}")" && pwd)
. "$here/say.sh"

command -v apt-get >/dev/null || fail "$* missing, and this is no Debian: install it by hand"
if [ "$(id -u)" = 0 ]; then
  root=()
elif sudo -n true 2>/dev/null; then
  root=(sudo -n)
else
  fail "$* missing: run ‘sudo apt-get install $*’ once, then this again"
fi
say "Installing $* from Debian's packages …"
log=$(mktemp)
for attempt in 1 2; do
  if "${root[@]}" env DEBIAN_FRONTEND=noninteractive apt-get install -y -q --no-install-recommends "$@" >"$log" 2>&1; then
    rm -f "$log"
    exit 0
  fi
  [ "$attempt" = 2 ] || "${root[@]}" apt-get update -q >"$log" 2>&1 || true
done
fail "installing $* failed: $(tail -n 3 "$log" | tr '\n' ' ') (whole log: $log)"
