#!/usr/bin/env bash
# Builds the web app into dist/, and skips it when nothing that goes into it has changed.
set -euo pipefail
cd "$(dirname "$0")/.."

stamp=$(git ls-files -co --exclude-standard -- app core data demo public screens ui scripts \
    package-lock.json app.json babel.config.js metro.config.js tsconfig.json |
  sort | while read -r f; do [ -f "$f" ] && sha256sum "$f"; done | sha256sum | cut -d' ' -f1)
if [ -f dist/index.html ] && [ "$(cat .cache/build 2>/dev/null)" = "$stamp" ]; then
  echo 'Build: nothing changed.'
  exit 0
fi
rm -rf dist
CI=1 EXPO_OFFLINE=1 EXPO_NO_TELEMETRY=1 npx --no-install expo export --platform web --output-dir dist
node scripts/service-worker.mjs
mkdir -p .cache
echo "$stamp" >.cache/build
