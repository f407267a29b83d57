#!/usr/bin/env bash
# The front end. Types come from the API's description, made by the app module just before.
#   build.sh OUT [true]   checks it and builds it into the folder OUT; with "true" without its checks and tests
#   build.sh install      only what it needs; each of these does that first
#   build.sh tests        formatting and tests: all that needs no types of the API
#   build.sh rules        ESLint and types
#   build.sh format       puts the formatting right
set -euo pipefail
cd "$(dirname "$0")"

lock=$(cksum < package-lock.json)
if [ ! -f node_modules/.lock-stamp ] || [ "$(cat node_modules/.lock-stamp)" != "$lock" ]; then
  npm ci --no-audit --no-fund --loglevel=error
  echo "$lock" > node_modules/.lock-stamp
fi

tests() {
  npm run --silent format:check
  npm run --silent test
}

rules() {
  npm run --silent types
  npm run --silent lint
  npm run --silent check
}

case $1 in
  install) ;;
  format) npm run --silent format ;;
  tests) tests ;;
  rules) rules ;;
  *)
    if [ "${2:-false}" = true ]; then
      npm run --silent types
    else
      # not joined by &&, in which bash goes on behind a command that fails
      rules
      tests
    fi
    npm run --silent build -- --outDir "$1" --emptyOutDir
    ;;
esac
