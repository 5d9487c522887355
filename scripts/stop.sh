#!/usr/bin/env bash
# Stops what start started, by its process id; the data stays.
set -euo pipefail
checkout=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
. "$checkout/scripts/say.sh"

state=$checkout/.ojala
pid=$(cat "$state/service.pid" 2>/dev/null || true)
if [ -n "$pid" ] && tr '\0' ' ' <"/proc/$pid/cmdline" 2>/dev/null | grep -qF "$checkout/server/target/ojala-server.jar"; then
  kill "$pid"
  for _ in $(seq 1 150); do
    kill -0 "$pid" 2>/dev/null || break
    sleep 0.2
  done
  kill -0 "$pid" 2>/dev/null && kill -9 "$pid"
fi
rm -f "$state/service.pid"
"$checkout/scripts/postgres.sh" stop "$state"
say "Ojala is stopped. ./ojala start goes on where it was."
