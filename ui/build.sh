#!/bin/sh
# Builds the interface into build/; installs its packages when the lock file is newer than they are.
set -e
cd "$(dirname "$0")"
if [ ! -f node_modules/.package-lock.json ] || [ package-lock.json -nt node_modules/.package-lock.json ]; then
  npm ci --ignore-scripts --no-audit --no-fund --loglevel=error
  touch node_modules/.package-lock.json
fi
npm run --silent types
npm run --silent build -- --logLevel warn
