#!/bin/sh
# Builds the interface into build/; installs its packages when the lock file is newer than they are.
set -e
cd "$(dirname "$0")"
if [ ! -f node_modules/.package-lock.json ] || [ package-lock.json -nt node_modules/.package-lock.json ]; then
  npm ci --ignore-scripts --no-audit --no-fund --loglevel=error
  touch node_modules/.package-lock.json
fi
# What an earlier build has left would be packed, too.
rm -rf target/classes/static
npm run --silent types
npm run --silent build -- --logLevel warn
# What is no script, but ships all the same: fonts and styles.
for package in @fontsource-variable/figtree @fontsource-variable/fraunces tailwindcss @skeletonlabs/skeleton; do
  printf '%s\n\n' "$package"
  if [ -f "node_modules/$package/LICENSE" ]; then cat "node_modules/$package/LICENSE"; else
    sed -n 's/.*"license": *"\(.*\)".*/\1/p' "node_modules/$package/package.json"
  fi
  printf '\n---\n\n'
done >notices/fonts-and-styles.txt
