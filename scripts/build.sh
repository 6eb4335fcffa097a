#!/usr/bin/env bash
# Builds the web app into dist/, and skips it when nothing that goes into it has changed; compiles its
# server into build/, which takes no time.
set -euo pipefail
cd "$(dirname "$0")/.."

stamp_of() {
  git ls-files -co --exclude-standard -- "$@" | sort |
    while read -r f; do [ -f "$f" ] && sha256sum "$f"; done | sha256sum | cut -d' ' -f1
}

npx --no-install esbuild server/main.ts --bundle --platform=node --target=node20 --format=esm \
  --packages=external --outfile=build/server.mjs --log-level=warning

settings=$(stamp_of package.json package-lock.json app.json babel.config.js metro.config.js slim)
stamp=$settings$(stamp_of app core data demo public screens ui workers scripts index.js tsconfig.json)
if [ -f dist/index.html ] && [ "$(cat .cache/build 2>/dev/null)" = "$stamp" ]; then
  echo 'Build: nothing changed.'
  exit 0
fi
# The bundler keeps what it made of each file, and does not see that a setting would make it otherwise.
clear=$([ "$(cat .cache/settings 2>/dev/null)" = "$settings" ] || echo --clear)
rm -rf dist
CI=1 EXPO_OFFLINE=1 EXPO_NO_TELEMETRY=1 npx --no-install expo export --platform web --output-dir dist --source-maps $clear
node scripts/lists.mjs
node scripts/notices.mjs
node scripts/hints.mjs
node scripts/service-worker.mjs
mkdir -p .cache
echo "$stamp" >.cache/build
echo "$settings" >.cache/settings
