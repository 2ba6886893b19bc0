#!/usr/bin/env bash
# Processor time of taking photos in, against a native thumbnailer making the same two sizes of the
# same files in the same run.
# Usage: bench/intake.sh FOLDER [PORT]     needs vipsthumbnail, curl and a built ./drumnest
set -euo pipefail
cd "$(dirname "$0")/.."
folder=$1
port=${2:-8899}
scratch=$(mktemp -d)
trap 'kill "$app" 2>/dev/null || true; rm -rf "$scratch"' EXIT

./drumnest start --port "$port" --data "$scratch/data" >"$scratch/log" 2>&1 &
app=$!
until curl -sf -o /dev/null "http://127.0.0.1:$port/api/albums"; do sleep 0.2; done

ticks() { awk '{print $14 + $15}' "/proc/$app/stat"; }
per_second=$(getconf CLK_TCK)
mapfile -t files < <(find "$folder" -maxdepth 1 -iname '*.jpg' | sort)
half=$((${#files[@]} / 2))

bring() {
  local file
  for file in "$@"; do
    curl -sf -o /dev/null --data-binary "@$file" -H 'Content-Type: application/octet-stream' \
      "http://127.0.0.1:$port/api/albums/1/photos?name=$(basename "$file")"
  done
}

# The first half warms the program up; the second is counted.
bring "${files[@]:0:half}"
before=$(ticks)
bring "${files[@]:half}"
after=$(ticks)
counted=$((${#files[@]} - half))
echo "Drum Nest:     $(((after - before) * 1000 / per_second / counted)) ms of processor time a photo ($counted photos)"
grep VmHWM "/proc/$app/status"

TIMEFORMAT='%U %S'
{ time for file in "${files[@]:half}"; do
  VIPS_CONCURRENCY=1 vipsthumbnail "$file" -s 400 -o "$scratch/small-%s.jpg[Q=80]"
  VIPS_CONCURRENCY=1 vipsthumbnail "$file" -s 1600 -o "$scratch/large-%s.jpg[Q=84]"
done; } 2>"$scratch/time"
awk -v n="$counted" '{printf "vipsthumbnail: %d ms of processor time a photo\n", ($1 + $2) * 1000 / n}' "$scratch/time"
