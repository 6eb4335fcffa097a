#!/usr/bin/env bash
# Runs the property tests on new seeds, round after round: scripts/properties.sh [rounds].
set -uo pipefail
cd "$(dirname "$0")/.."

mkdir -p .cache
for round in $(seq "${1:-10}"); do
  seed=$(od -An -N4 -tu4 /dev/urandom | tr -d ' ')
  seed=$((seed / 2))
  if PROPERTY_SEED=$seed npx --no-install jest --silent >".cache/soak.log" 2>&1; then
    echo "round $round: seed $seed passed"
  else
    echo "round $round: PROPERTY_SEED=$seed fails, see .cache/soak-$seed.log"
    mv .cache/soak.log ".cache/soak-$seed.log"
  fi
done
