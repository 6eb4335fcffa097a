#!/usr/bin/env bash
# Changes the sums of the core in thousands of small ways, room by room, and prints which of the changes
# no test of that room notices. A room can be named: npm run mutants feeler. All of them takes hours; a part of the
# lines, the same at every run, tells how it stands: SHARE=10 npm run mutants rework
set -euo pipefail
cd "$(dirname "$0")/.."
rooms=("$@")
[ ${#rooms[@]} -gt 0 ] || rooms=(metrology feeler assessment pumps rework pairing)
for room in "${rooms[@]}"; do
  echo "== core/$room"
  ROOM="$room" npx --no-install stryker run
done
