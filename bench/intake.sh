#!/usr/bin/env bash
# Processor time of taking photos in, against a native thumbnailer making the same two sizes of the
# same files, in turn, round by round, in one run; and the peak memory of the whole server.
# Usage: bench/intake.sh [FOLDER] [PORT]     needs vips, vipsthumbnail, curl and a built ./drumnest
# Without a folder, 72 pictures of 12 megapixels are made from the demo's, with the grain of a camera.
set -euo pipefail
cd "$(dirname "$0")/.."
port=${2:-8899}
scratch=$(mktemp -d)
trap 'kill "$app" 2>/dev/null || true; rm -rf "$scratch"' EXIT
app=

folder=${1:-}
if [ -z "$folder" ]; then
  folder="$scratch/photos"
  mkdir "$folder"
  vips gaussnoise "$scratch/grain.v" 4000 3000 --sigma 6 --mean 0
  while read -r picture; do
    vips thumbnail "$picture" "$scratch/large.v" 4000 --height 3000 --crop centre --size both
    vips add "$scratch/large.v" "$scratch/grain.v" "$scratch/grainy.v"
    vips cast "$scratch/grainy.v" "$scratch/whole.v" uchar
    vips jpegsave "$scratch/whole.v" "$folder/$(basename "$picture")" --Q 90
  done < <(find server/target/classes/demo -name '*.jpg' | sort | head -72)
fi

./drumnest start --port "$port" --data "$scratch/data" >"$scratch/log" 2>&1 &
app=$!
until curl -sf -o /dev/null "http://127.0.0.1:$port/api/albums"; do sleep 0.2; done
server=$(pgrep -n -f "server.port=$port")

ticks() { awk '{print $14 + $15}' "/proc/$server/stat"; }
per_second=$(getconf CLK_TCK)
mapfile -t files < <(find "$folder" -maxdepth 1 -iname '*.jpg' | sort)

# Two at a time, as the page does.
bring() {
  printf '%s\0' "$@" | xargs -0 -P 2 -I{} sh -c 'curl -sf -o /dev/null --data-binary "@$1" \
    -H "Content-Type: application/octet-stream" \
    "http://127.0.0.1:$2/api/albums/1/photos?name=$(basename "$1")"' _ {} "$port"
}

TIMEFORMAT='%U %S'
thumbnail() {
  { time for file in "$@"; do
    VIPS_CONCURRENCY=1 vipsthumbnail "$file" -s 400 -o "$scratch/small-%s.jpg[Q=80]"
    VIPS_CONCURRENCY=1 vipsthumbnail "$file" -s 1600 -o "$scratch/large-%s.jpg[Q=84]"
  done; } 2>"$scratch/time"
  awk '{printf "%d", ($1 + $2) * 1000}' "$scratch/time"
}

# The first twelve warm the program up; the others are counted in rounds of ten.
bring "${files[@]:0:12}"
thumbnail "${files[@]:0:12}" >/dev/null
for ((i = 12; i + 10 <= ${#files[@]}; i += 10)); do
  before=$(ticks)
  bring "${files[@]:i:10}"
  ours=$((($(ticks) - before) * 1000 / per_second))
  theirs=$(thumbnail "${files[@]:i:10}")
  echo "$ours $theirs"
done >"$scratch/rounds"
awk '{printf "round %d: Drum Nest %d ms a photo, vipsthumbnail %d ms a photo, ratio %.2f\n", NR, $1 / 10, $2 / 10, $1 / $2}' "$scratch/rounds"
awk '{printf "%.3f\n", $1 / $2}' "$scratch/rounds" | sort -n | awk '{ratio[NR] = $1}
  END {printf "ratio of processor time: least %.2f, median %.2f, most %.2f (%d rounds of 10)\n", ratio[1], ratio[int((NR + 1) / 2)], ratio[NR], NR}'
grep VmHWM "/proc/$server/status"
