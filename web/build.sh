#!/usr/bin/env bash
# Builds the front end into the folder named first. Types come from the API's description, made by the app module
# just before. With "true" as the second word the front end's own tests are left out.
set -euo pipefail
cd "$(dirname "$0")"
out=$1
skip_tests=${2:-false}

lock=$(cksum < package-lock.json)
if [ ! -f node_modules/.lock-stamp ] || [ "$(cat node_modules/.lock-stamp)" != "$lock" ]; then
  # not "npm ci": it refuses a lock file without the optional packages of machines that are not ours
  npm install --no-save --no-audit --no-fund --loglevel=error
  echo "$lock" > node_modules/.lock-stamp
fi
npm run --silent types
npm run --silent check
[ "$skip_tests" = true ] || npm run --silent test
npm run --silent build -- --outDir "$out" --emptyOutDir
