#!/usr/bin/env bash
# The front end. Types come from the API's description, made by the app module just before.
#   build.sh OUT [true]   checks it and builds it into the folder OUT; with "true" without its checks and tests
#   build.sh check        formatting, ESLint, types and tests
#   build.sh format       puts the formatting right
set -euo pipefail
cd "$(dirname "$0")"

lock=$(cksum < package-lock.json)
if [ ! -f node_modules/.lock-stamp ] || [ "$(cat node_modules/.lock-stamp)" != "$lock" ]; then
  npm ci --no-audit --no-fund --loglevel=error
  echo "$lock" > node_modules/.lock-stamp
fi

check() {
  npm run --silent format:check
  npm run --silent lint
  npm run --silent check
  npm run --silent test
}

case $1 in
  format) npm run --silent format ;;
  check)
    npm run --silent types
    check
    ;;
  *)
    npm run --silent types
    if [ "${2:-false}" = true ]; then npm run --silent check; else check; fi
    npm run --silent build -- --outDir "$1" --emptyOutDir
    ;;
esac
