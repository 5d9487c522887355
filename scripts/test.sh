#!/usr/bin/env bash
# Sets up what the tests need, builds everything with the formatter and the static checks, runs all tests, prints the counts.
set -euo pipefail
checkout=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
. "$checkout/scripts/say.sh"

"$checkout/scripts/tools.sh" test
cd "$checkout"
rm -rf ./*/target/surefire-reports
status=0
mvn -B -ntp verify "$@" || status=$?

count() { find . -path "*/target/surefire-reports/*" -name "TEST-*.xml" -not -path "./*/node_modules/*" -exec cat {} + 2>/dev/null | grep -o '<testsuite [^>]*' | sed -n "s/.* $1=\"\([0-9]*\)\".*/\1/p" | awk '{ sum += $1 } END { print sum + 0 }'; }
tests=$(count tests)
failed=$(($(count failures) + $(count errors)))
skipped=$(count skipped)
say ""
say "$((tests - failed - skipped)) passed, $failed failed, $skipped skipped"
[ "$status" = 0 ] || exit "$status"
[ "$tests" -gt 0 ] || fail "no test ran"
