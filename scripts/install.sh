#!/usr/bin/env bash
# Installs the packages of the lock file, and skips it when they are there already.
set -euo pipefail
cd "$(dirname "$0")/.."

stamp=$(sha256sum package-lock.json | cut -d' ' -f1)
if [ "$(cat node_modules/.installed 2>/dev/null)" != "$stamp" ]; then
  npm ci --no-audit --no-fund
  echo "$stamp" >node_modules/.installed
fi
