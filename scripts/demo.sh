#!/usr/bin/env bash
# Shows Ojala with a port's repository: builds, starts the service, its console and a simulated code host on 127.0.0.1, makes the
# repository's history and sends its reports with the real client. Run again, it goes on where it stopped and changes nothing.
#
#   ./ojala demo [--reset]    --reset throws the demonstration's data away first
#
# OJALA_PORT (7410), OJALA_DATABASE_PORT (7411) and OJALA_CODEHOST_PORT (7420) choose other ports.
set -euo pipefail
checkout=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
. "$checkout/scripts/say.sh"

state=$checkout/.ojala/demo
host_port=${OJALA_CODEHOST_PORT:-7420}
host_jar=$checkout/codehost-sim/target/codehost-sim.jar

if [ -f "$checkout/.ojala/service.pid" ] && runs_jar "$(cat "$checkout/.ojala/service.pid")" "$checkout/server/target/ojala-server.jar"; then
  fail "the service of ./ojala start runs: stop it with ./ojala stop, the demonstration has data of its own"
fi
case ${1:-} in
  "") ;;
  --reset)
    "$checkout/scripts/stop.sh" >/dev/null
    if [ -f "$state/postgres-folder" ]; then
      rm -rf "$(cat "$state/postgres-folder")"
    fi
    rm -rf "$state"
    ;;
  *) fail "usage: ./ojala demo [--reset]" ;;
esac

begun=$SECONDS
mkdir -p "$state"
command -v git >/dev/null || "$checkout/scripts/packages.sh" git
"$checkout/scripts/postgres.sh" install
"$checkout/scripts/build.sh" server client codehost-sim demo

host_answers() { (exec 3<>"/dev/tcp/127.0.0.1/$host_port" && printf 'GET / HTTP/1.0\r\nHost: localhost\r\n\r\n' >&3 && grep -q '200' <&3) 2>/dev/null; }
if ! { [ -f "$state/codehost.pid" ] && runs_jar "$(cat "$state/codehost.pid")" "$host_jar"; }; then
  port_taken "$host_port" && fail "port $host_port is taken by another process: choose another with OJALA_CODEHOST_PORT"
  say "Starting the simulated code host on port $host_port …"
  CODEHOST_PORT=$host_port CODEHOST_FOLDER=$state/codehost \
    setsid "${JAVA_HOME:+$JAVA_HOME/bin/}java" -XX:+UseSerialGC -XX:TieredStopAtLevel=1 -Xmx256m -jar "$host_jar" </dev/null >>"$state/codehost.log" 2>&1 &
  printf '%s' "$!" >"$state/codehost.pid"
fi
for _ in $(seq 1 150); do
  host_answers && break
  runs_jar "$(cat "$state/codehost.pid")" "$host_jar" || fail "the code host ended: $(tail -n 1 "$state/codehost.log" | cut -c1-400) (whole log: $state/codehost.log)"
  sleep 0.2
done

[ -f "$state/administrator-token" ] || (umask 077 && printf 'ojala_%s' "$(secret)" >"$state/administrator-token")
OJALA_STATE=$state OJALA_ADMINISTRATOR_TOKEN=$(cat "$state/administrator-token") "$checkout/scripts/start.sh" |
  sed -nE '/^(Building|Starting|Preparing|Ojala runs already)/p' || exit 2
port=$(cat "$state/service.port")

terminal=()
[ ! -t 1 ] || terminal=(--terminal)
"${JAVA_HOME:+$JAVA_HOME/bin/}java" -XX:+UseSerialGC -XX:TieredStopAtLevel=1 -Dstdout.encoding=UTF-8 -Dfile.encoding=UTF-8 \
  -jar "$checkout/demo/target/ojala-demo.jar" \
  --scenario "$checkout/demo/harbour" --folder "$state" --client "$checkout/client/target/ojala-client.jar" \
  --service "http://127.0.0.1:$port" --host "http://127.0.0.1:$host_port" "${terminal[@]}" || {
  status=$?
  enough_disk "$state" 50
  exit "$status"
}

say ""
say "The harbour stands, after $((SECONDS - begun)) s. Look at"
say "  http://127.0.0.1:$port/harbour            where main stands, and how it got there"
say "  http://127.0.0.1:$port/harbour/changes    which pull requests are held up, and by what"
say "  http://127.0.0.1:$host_port/                    the code host, which refuses to merge those"
say "  ./ojala show --project harbour            the same in this terminal"
say "The README has a tour of five minutes. Stop it all with ./ojala stop"
