#!/usr/bin/env bash
# A private PostgreSQL cluster below a folder, on 127.0.0.1 only; the system's own cluster is never touched.
#
#   scripts/postgres.sh start FOLDER PORT PASSWORD_FILE   starts it, made first if there is none
#   scripts/postgres.sh stop FOLDER                       stops it, if it runs
#   scripts/postgres.sh kill FOLDER                       ends it at once, as a power failure would
#   scripts/postgres.sh install                           installs Debian's package if it is missing
set -euo pipefail
here=$(cd "$(dirname "${BASH_SOURCE[0]}")" && pwd)
. "$here/say.sh"

binaries() {
  local newest
  newest=$(ls -d /usr/lib/postgresql/*/bin 2>/dev/null | sort -V | tail -n 1)
  [ -n "$newest" ] && [ -x "$newest/initdb" ] && printf '%s' "$newest"
}

install() {
  binaries >/dev/null && return
  "$here/packages.sh" postgresql
  binaries >/dev/null || fail "Debian's package postgresql is installed and has no initdb below /usr/lib/postgresql"
}

# initdb and pg_ctl refuse root: root runs them as the user postgres, from a folder that it can enter.
as_owner() {
  if [ "$(id -u)" = 0 ]; then (cd / && runuser -u postgres -- "$@"); else (cd / && "$@"); fi
}

# The cluster's folder: below the given one, or below /var/tmp where its owner can't get there.
cluster_of() {
  local wanted=$1 marker=$1/postgres-folder
  if [ -f "$marker" ]; then
    cat "$marker"
    return
  fi
  mkdir -p "$wanted"
  local cluster=$wanted/postgres
  if [ "$(id -u)" = 0 ]; then
    mkdir -p "$cluster"
    chown postgres "$cluster"
    if ! (cd / && runuser -u postgres -- test -w "$cluster"); then
      rmdir "$cluster"
      cluster=/var/tmp/ojala-$(printf '%s' "$wanted" | sha256sum | cut -c1-16)
      [ ! -e "$cluster" ] || [ "$(stat -c %U "$cluster")" = postgres ] || fail "$cluster belongs to somebody else: remove it, or move the checkout"
      mkdir -p "$cluster"
      chown postgres "$cluster"
    fi
  else
    mkdir -p "$cluster"
  fi
  chmod 700 "$cluster"
  printf '%s' "$cluster" >"$marker"
  printf '%s' "$cluster"
}

start() {
  local folder=$1 port=$2 password_file=$3 bin cluster
  bin=$(binaries) || fail "PostgreSQL is not installed: run ‘$here/postgres.sh install’"
  mkdir -p "$folder"
  folder=$(cd "$folder" && pwd)
  cluster=$(cluster_of "$folder")
  if "$bin/pg_isready" -q -h 127.0.0.1 -p "$port" && as_owner "$bin/pg_ctl" status -s -D "$cluster/data" >/dev/null 2>&1; then
    return
  fi
  port_taken "$port" && fail "port $port is taken by another process: choose another with OJALA_DATABASE_PORT"
  if ! as_owner test -f "$cluster/data/PG_VERSION"; then
    local copy=$cluster/password
    cp "$password_file" "$copy"
    [ "$(id -u)" != 0 ] || chown postgres "$copy"
    as_owner "$bin/initdb" -D "$cluster/data" -U ojala --pwfile="$copy" -A scram-sha-256 -E UTF8 --locale=C.UTF-8 >"$folder/initdb.log" 2>&1 ||
      fail "initdb failed: $(tail -n 3 "$folder/initdb.log" | tr '\n' ' ') (whole log: $folder/initdb.log)"
    rm -f "$copy"
  fi
  as_owner "$bin/pg_ctl" start -s -w -t 60 -D "$cluster/data" -l "$cluster/server.log" \
    -o "-p $port -c listen_addresses=127.0.0.1 -c unix_socket_directories='' -c max_connections=60" >/dev/null 2>&1 ||
    fail "PostgreSQL does not start: $(as_owner tail -n 3 "$cluster/server.log" | tr '\n' ' ') (whole log: $cluster/server.log)"
  PGPASSWORD=$(cat "$password_file") "$bin/psql" -q -h 127.0.0.1 -p "$port" -U ojala -d postgres -tAc "select 1 from pg_database where datname = 'ojala'" | grep -q 1 ||
    PGPASSWORD=$(cat "$password_file") "$bin/createdb" -h 127.0.0.1 -p "$port" -U ojala ojala
}

stop() {
  local folder=$1 mode=$2 bin cluster
  [ -f "$folder/postgres-folder" ] || return 0
  bin=$(binaries) || return 0
  cluster=$(cat "$folder/postgres-folder")
  as_owner "$bin/pg_ctl" stop -s -w -t 60 -m "$mode" -D "$cluster/data" >/dev/null 2>&1 || true
}

case ${1:-} in
  start) start "$2" "$3" "$4" ;;
  stop) stop "$2" fast ;;
  kill) stop "$2" immediate ;;
  install) install ;;
  *) fail "usage: postgres.sh start FOLDER PORT PASSWORD_FILE | stop FOLDER | kill FOLDER | install" ;;
esac
