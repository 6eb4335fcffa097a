#!/usr/bin/env bash
# Prints figures of speed and size, measured here and now. Nothing passes or fails.
# With `short` every benchmark runs on next to nothing, to show that it still does; its figures say nothing then.
set -euo pipefail
cd "$(dirname "$0")/.."
bash scripts/install.sh
bash scripts/build.sh
lines=1000
if [ "${1:-}" = short ]; then
  export BENCH=short
  lines=10
fi

echo "JavaScript of the app: $(cat dist/_expo/static/js/web/*.js | wc -c | awk '{printf "%d KB", $1/1024}'), " \
  "gzip $(cat dist/_expo/static/js/web/*.js | gzip -9 | wc -c | awk '{printf "%d KB", $1/1024}') (the PDF writer in it loads only when asked for)"
# Every script of bench/ that is a benchmark; those of trust take minutes, and are run whole by `npm run trust`.
all=(flow ladder places key start tap taps large photos shop rework drag decide simulatedShop screens sums build)
if [ "${BENCH:-}" = short ]; then
  # Side by side, as many as there are processors: what they print says nothing here, but that they still run.
  all+=(plans trust trustDecide)
  printf '%s\n' "${all[@]}" | xargs -P "$(nproc)" -I NAME bash -c '
    said=$(node --import tsx bench/NAME.ts 2>&1) && failed=0 || failed=255
    printf "%s\n" "$said"
    exit "$failed"'
else
  for name in "${all[@]}"; do
    node --import tsx "bench/$name.ts"
  done
fi

seconds() { local t0 t1; t0=$(date +%s.%N); "$@" >/dev/null; t1=$(date +%s.%N); awk "BEGIN{printf \"%.2f s\", $t1-$t0}"; }
line='{"leaves_mm":[0.03,0.04,0.05,0.06,0.07,0.08,0.1,0.15,0.2],"maxStack":2,"lower_mm":0.02,"upper_mm":0.06,"goal":"verdict","tries":[{"leaves_mm":[0.05],"felt":"free"}]}'
one() { echo "$line" | npm run -s calc -- feeler.next; }
many() { for _ in $(seq "$lines"); do echo "$line"; done | npm run -s calc -- feeler.next --lines; }
echo "calc feeler.next: one answer $(seconds one), $lines lines $(seconds many)"
