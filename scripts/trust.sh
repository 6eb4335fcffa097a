#!/usr/bin/env bash
# Prints how far verdicts, or with `decide` whole decisions, can be trusted on simulated pumps.
set -euo pipefail
cd "$(dirname "$0")/.."
case "${1:-verdicts}" in
  verdicts) exec node --import tsx bench/trust.ts ;;
  decide) exec node --import tsx bench/trustDecide.ts ;;
  *)
    echo "Usage: npm run trust [-- decide]" >&2
    exit 2
    ;;
esac
