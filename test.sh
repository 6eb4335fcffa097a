#!/usr/bin/env bash
# Runs every test: lint, types, unit, build, end to end, and every benchmark in short. Ends with one line of totals each.
# A part of them: ./test.sh unit [PATTERN], ./test.sh e2e [NAME …], ./test.sh bench, ./test.sh lint, ./test.sh types.
set -uo pipefail
cd "$(dirname "$0")"

part=${1:-all}
[ $# -gt 0 ] && shift

bash scripts/install.sh || exit 1
mkdir -p .cache
totals=()
failed=0

# One plain line for a step that only passes or fails.
step() {
  local name=$1
  shift
  echo "== $name"
  if "$@"; then totals+=("$name: 1 passed, 0 failed"); else
    totals+=("$name: 0 passed, 1 failed")
    failed=1
  fi
}

# Lint goes on beside the types: neither needs anything of the other.
lint_and_types() {
  npm run -s lint >.cache/lint.log 2>&1 &
  local lint=$!
  step types npm run -s types
  said() {
    wait "$lint"
    local code=$?
    cat .cache/lint.log
    return "$code"
  }
  step lint said
}

chromium() {
  [ -x "${CHROMIUM:-/usr/bin/chromium}" ] && return
  echo 'Installing Chromium from Debian’s packages.'
  local as_root=''
  [ "$(id -u)" = 0 ] || as_root=sudo
  $as_root apt-get update -qq && $as_root apt-get install -y -qq chromium >/dev/null || {
    echo 'Chromium is missing and could not be installed: apt-get install chromium'
    exit 1
  }
}

unit() {
  echo '== unit'
  npx --no-install jest --json --outputFile=.cache/unit.json "$@" || failed=1
  totals+=("$(node -p '
    const { numPassedTests, numFailedTests, numRuntimeErrorTestSuites } = require("./.cache/unit.json");
    `unit: ${numPassedTests} passed, ${numFailedTests + numRuntimeErrorTestSuites} failed`' 2>/dev/null ||
    echo 'unit: 0 passed, 1 failed')")
}

e2e() {
  echo '== e2e'
  npx --no-install playwright test "$@" | tee .cache/e2e.log
  [ "${PIPESTATUS[0]}" = 0 ] || failed=1
  totals+=("$(grep -E '^e2e( failed| on a second try)?: ' .cache/e2e.log || echo 'e2e: 0 passed, 1 failed')")
}

case $part in
all)
  chromium
  lint_and_types
  unit
  step build bash scripts/build.sh
  e2e
  step bench bash scripts/bench.sh short
  ;;
bench)
  chromium
  step bench bash scripts/bench.sh short
  ;;
lint | types) step "$part" npm run -s "$part" ;;
unit) unit "$@" ;;
e2e)
  chromium
  step build bash scripts/build.sh
  e2e "$@"
  ;;
*)
  echo "There is no part “$part”: all, lint, types, unit, e2e, bench."
  exit 2
  ;;
esac

printf '%s\n' "${totals[@]}"
exit "$failed"
