#!/usr/bin/env bash
# Starts the service with its console and a private PostgreSQL, all on 127.0.0.1. Run again, it changes nothing.
#
# OJALA_PORT (7410) and OJALA_DATABASE_PORT (7411) choose other ports, OJALA_STATE another folder for the data,
# OJALA_ADMINISTRATOR_TOKEN the first administrator's token.
set -euo pipefail
checkout=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
. "$checkout/scripts/say.sh"

state=${OJALA_STATE:-$checkout/.ojala}
port=${OJALA_PORT:-7410}
database_port=${OJALA_DATABASE_PORT:-7411}
jar=$checkout/server/target/ojala-server.jar

running() {
  local pid
  pid=$(cat "$state/service.pid" 2>/dev/null) || return 1
  runs_jar "$pid" "$jar"
}

if running; then
  say "Ojala runs already: http://127.0.0.1:$(cat "$state/service.port")"
  exit 0
fi
shown=$(cat "$checkout/.ojala/demo/service.pid" 2>/dev/null || true)
if [ "$state" != "$checkout/.ojala/demo" ] && [ -n "$shown" ] && runs_jar "$shown" "$jar"; then
  fail "the demonstration runs, with data of its own: stop it with ./ojala stop first"
fi
for wanted in "$port" "$database_port"; do
  [[ $wanted =~ ^[0-9]+$ ]] && [ "$wanted" -lt 65536 ] || fail "“$wanted” is no port"
done
port_taken "$port" && fail "port $port is taken by another process: choose another with OJALA_PORT"

mkdir -p "$state"
enough_disk "$state" 200
"$checkout/scripts/postgres.sh" install
"$checkout/scripts/build.sh" server client

first=
if [ ! -f "$state/database-password" ]; then
  (umask 077 && secret >"$state/database-password")
fi
say "Starting PostgreSQL on port $database_port …"
"$checkout/scripts/postgres.sh" start "$state" "$database_port" "$state/database-password"

token=
if [ ! -f "$state/administrator-known" ]; then
  first=yes
  [ -z "${OJALA_ADMINISTRATOR_TOKEN:-}" ] || (umask 077 && printf '%s' "$OJALA_ADMINISTRATOR_TOKEN" >"$state/administrator-token.new")
  [ -f "$state/administrator-token.new" ] || (umask 077 && printf 'ojala_%s' "$(secret)" >"$state/administrator-token.new")
  token=$(cat "$state/administrator-token.new")
fi

java=${JAVA_HOME:+$JAVA_HOME/bin/}java
service() {
  OJALA_PORT=$port \
    OJALA_PAGE=${OJALA_PAGE:-http://127.0.0.1:$port} \
    OJALA_DATABASE_URL=jdbc:postgresql://127.0.0.1:$database_port/ojala \
    OJALA_DATABASE_PASSWORD=$(cat "$state/database-password") \
    OJALA_ADMINISTRATOR_TOKEN=$token \
    OJALA_OPEN_READING=${OJALA_OPEN_READING:-true} \
    OJALA_MIRRORS=$state/mirrors \
    exec setsid "$java" -XX:+UseSerialGC -Xmx1g "$@" -jar "$jar" </dev/null >>"$state/service.log" 2>&1
}

# Loaded and checked classes, kept for the next start: it halves the time until the service is ready. Made once per build
# by a run that ends before it opens its port; without it the service starts all the same.
classes=$checkout/.ojala/service-classes.jsa
if [ ! -f "$classes" ] || [ "$jar" -nt "$classes" ]; then
  say "Preparing the service's classes, once per build …"
  rm -f "$classes"
  (service -XX:ArchiveClassesAtExit="$classes" -Xlog:cds=off -Xlog:cds+dynamic=off -Dspring.context.exit=onRefresh) || true
fi

say "Starting the service on port $port …"
service -XX:SharedArchiveFile="$classes" -Xshare:auto -Xlog:cds=off -Xlog:cds+dynamic=off &
pid=$!
printf '%s' "$pid" >"$state/service.pid"
printf '%s' "$port" >"$state/service.port"

ready() { (exec 3<>"/dev/tcp/127.0.0.1/$port" && printf 'GET /actuator/health/readiness HTTP/1.0\r\nHost: localhost\r\n\r\n' >&3 && grep -q '"UP"' <&3) 2>/dev/null; }
for _ in $(seq 1 300); do
  ready && break
  kill -0 "$pid" 2>/dev/null || fail "the service ended: $(tail -n 1 "$state/service.log" | cut -c1-400) (whole log: $state/service.log)"
  sleep 0.2
done
ready || fail "the service is not ready after a minute (log: $state/service.log)"

say ""
say "Ojala runs: http://127.0.0.1:$port"
if [ -n "$first" ]; then
  touch "$state/administrator-known"
  rm -f "$state/administrator-token.new"
  say "Administrator's token, shown this once:"
  say "  $token"
fi
say "Next: OJALA_TOKEN=… ./ojala project add harbour --repository URL"
say "Stop it with ./ojala stop"
