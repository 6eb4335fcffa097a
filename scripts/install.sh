#!/usr/bin/env bash
# Installs the packages of the lock file, and skips it when they are there already.
# With `serve` only those that build and serve the app; without, those of the tests and tools as well.
set -euo pipefail
cd "$(dirname "$0")/.."

stamp=$(sha256sum package-lock.json | cut -d' ' -f1)
have=$(cat node_modules/.installed 2>/dev/null || true)
[ "$have" = "$stamp" ] && exit 0
if [ "${1:-}" = serve ]; then
  [ "$have" = "$stamp serve" ] && exit 0
  npm ci --omit=dev --no-audit --no-fund
  echo "$stamp serve" >node_modules/.installed
else
  npm ci --no-audit --no-fund
  echo "$stamp" >node_modules/.installed
fi
