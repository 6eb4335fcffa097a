#!/usr/bin/env bash
# Prints figures of speed and size, measured here and now. Nothing passes or fails.
set -euo pipefail
cd "$(dirname "$0")/.."
bash scripts/install.sh
bash scripts/build.sh

echo "JavaScript of the app: $(cat dist/_expo/static/js/web/*.js | wc -c | awk '{printf "%d KB", $1/1024}'), " \
  "gzip $(cat dist/_expo/static/js/web/*.js | gzip -9 | wc -c | awk '{printf "%d KB", $1/1024}') (the PDF writer in it loads only when asked for)"
node --import tsx bench/ladder.ts
node --import tsx bench/places.ts
node --import tsx bench/key.ts
node --import tsx bench/tap.ts
node --import tsx bench/taps.ts
node --import tsx bench/large.ts
node --import tsx bench/photos.ts
node --import tsx bench/shop.ts
node --import tsx bench/rework.ts
node --import tsx bench/drag.ts
node --import tsx bench/decide.ts
node --import tsx bench/simulatedShop.ts
node --import tsx bench/screens.ts

seconds() { local t0 t1; t0=$(date +%s.%N); "$@" >/dev/null; t1=$(date +%s.%N); awk "BEGIN{printf \"%.2f s\", $t1-$t0}"; }
line='{"leaves_mm":[0.03,0.04,0.05,0.06,0.07,0.08,0.1,0.15,0.2],"maxStack":2,"lower_mm":0.02,"upper_mm":0.06,"goal":"verdict","tries":[{"leaves_mm":[0.05],"felt":"free"}]}'
one() { echo "$line" | npm run -s calc -- feeler.next; }
many() { for _ in $(seq 1000); do echo "$line"; done | npm run -s calc -- feeler.next --lines; }
echo "calc feeler.next: one answer $(seconds one), 1,000 lines $(seconds many)"
