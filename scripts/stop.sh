#!/usr/bin/env bash
# Stops what start and demo started, by process id; the data stays.
set -euo pipefail
checkout=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
. "$checkout/scripts/say.sh"

# Ends the process of a pid file, if it still is the one that runs this jar.
end() {
  local pid
  pid=$(cat "$1" 2>/dev/null || true)
  if [ -n "$pid" ] && runs_jar "$pid" "$2"; then
    kill "$pid"
    for _ in $(seq 1 150); do
      kill -0 "$pid" 2>/dev/null || break
      sleep 0.2
    done
    kill -0 "$pid" 2>/dev/null && kill -9 "$pid"
  fi
  rm -f "$1"
}

for state in "$checkout/.ojala" "$checkout/.ojala/demo"; do
  [ -d "$state" ] || continue
  end "$state/service.pid" "$checkout/server/target/ojala-server.jar"
  end "$state/codehost.pid" "$checkout/codehost-sim/target/codehost-sim.jar"
  "$checkout/scripts/postgres.sh" stop "$state"
done
say "Ojala is stopped. ./ojala start (or demo) goes on where it was."
