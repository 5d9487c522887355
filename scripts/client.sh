#!/usr/bin/env bash
# The command line, from the checkout's own build; built first if it never was.
#
# Without OJALA_URL it speaks to the service that this checkout started.
set -euo pipefail
checkout=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
. "$checkout/scripts/say.sh"

jar=$checkout/client/target/ojala-client.jar
if [ ! -f "$jar" ]; then
  "$checkout/scripts/build.sh" client >&2
fi
if [ -z "${OJALA_URL:-}" ]; then
  for state in "$checkout/.ojala" "$checkout/.ojala/demo"; do
    if [ -f "$state/service.pid" ] && runs_jar "$(cat "$state/service.pid")" "$checkout/server/target/ojala-server.jar"; then
      export OJALA_URL=http://127.0.0.1:$(cat "$state/service.port")
      break
    fi
  done
fi
java=${JAVA_HOME:+$JAVA_HOME/bin/}java
exec "$java" -XX:TieredStopAtLevel=1 -XX:+UseSerialGC -Xlog:disable -Xlog:all=error:stderr \
  -Djdk.console=java.base -Dstdout.encoding=UTF-8 -Dstderr.encoding=UTF-8 -Dfile.encoding=UTF-8 -jar "$jar" "$@"
