#!/usr/bin/env bash
# Installs the reference libraries that the tests compare with, once; nothing to do when tests are left out.
set -euo pipefail
cd "$(dirname "$0")"
[ "${1:-false}" = true ] && exit 0
[ -d node_modules/rabbit-ear ] || npm install --no-audit --no-fund --loglevel=error
