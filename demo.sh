#!/usr/bin/env bash
# Installs, builds and serves Dial Bench with its demo data; what is done already is skipped.
set -euo pipefail
cd "$(dirname "$0")"
bash scripts/install.sh serve
bash scripts/build.sh
exec node build/server.mjs
