#!/usr/bin/env bash
# Serves the app for development, and reloads it when a file changes.
set -euo pipefail
cd "$(dirname "$0")/.."
bash scripts/install.sh
# Types are set up by hand: left to itself it rewrites tsconfig.json.
BROWSER=none EXPO_NO_TYPESCRIPT_SETUP=1 EXPO_OFFLINE=1 EXPO_NO_TELEMETRY=1 exec npx --no-install expo start --web --localhost --port "${PORT:-4173}"
