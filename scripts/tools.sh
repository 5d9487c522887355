#!/usr/bin/env bash
# Checks that the tools are there and new enough; installs what Debian has new enough.
#
#   scripts/tools.sh build     JDK, Maven, Node, npm
#   scripts/tools.sh test      these, and git, PostgreSQL, Chromium with its driver
set -euo pipefail
here=$(cd "$(dirname "${BASH_SOURCE[0]}")" && pwd)
. "$here/say.sh"

java=${JAVA_HOME:+$JAVA_HOME/bin/}java

major_of_java() { "$java" -version 2>&1 | sed -n 's/.*version "\([0-9]*\).*/\1/p' | head -n 1; }
major_of_node() { node --version 2>/dev/null | sed 's/^v\([0-9]*\)\..*/\1/'; }
minor_of_node() { node --version 2>/dev/null | sed 's/^v[0-9]*\.\([0-9]*\)\..*/\1/'; }

check_java() {
  if ! command -v "$java" >/dev/null || ! command -v "${java%java}javac" >/dev/null; then
    [ -z "${JAVA_HOME:-}" ] || fail "JAVA_HOME is $JAVA_HOME, and there is no JDK: point it to one, 17 or later"
    "$here/packages.sh" openjdk-17-jdk-headless
  fi
  local major
  major=$(major_of_java)
  [ "${major:-0}" -ge 17 ] || fail "Java ${major:-of an unknown version} is too old: Ojala needs a JDK 17 or later; install openjdk-17-jdk, or set JAVA_HOME"
}

check_node() {
  command -v node >/dev/null && command -v npm >/dev/null ||
    fail "Node and npm are missing: the console is built with Node 20.19 or later; install it from your distribution or its makers"
  local major minor
  major=$(major_of_node)
  minor=$(minor_of_node)
  if [ "${major:-0}" -lt 20 ] || { [ "$major" = 20 ] && [ "$minor" -lt 19 ]; }; then
    fail "Node $(node --version) is too old: the console is built with Node 20.19 or later"
  fi
}

check_build() {
  check_java
  command -v mvn >/dev/null || "$here/packages.sh" maven
  check_node
}

case ${1:-} in
  build) check_build ;;
  test)
    check_build
    command -v git >/dev/null || "$here/packages.sh" git
    "$here/postgres.sh" install
    if ! command -v chromium >/dev/null || ! command -v chromedriver >/dev/null; then
      "$here/packages.sh" chromium chromium-driver
    fi
    ;;
  *) fail "usage: tools.sh build | test" ;;
esac
