#!/usr/bin/env bash
# Builds the console into target/dist: installs what the lock file names, makes the API's types, checks, bundles.
set -euo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")"

if [ ! -f node_modules/.installed ] || [ package-lock.json -nt node_modules/.installed ]; then
  npm ci --no-progress --loglevel=error
  touch node_modules/.installed
fi
newest=$(find src public index.html package-lock.json tsconfig.json vite.config.ts ../docs/openapi.json -newer target/dist/index.html -not -path 'src/api/schema.d.ts' -print -quit 2>/dev/null || echo none)
if [ -f target/dist/index.html ] && [ -z "$newest" ]; then
  exit 0
fi
npm run --silent types >/dev/null
npm run --silent check
npm run --silent build -- --logLevel warn
