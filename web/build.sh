#!/usr/bin/env bash
# Builds the page into dist/: installs its packages when the lock file changed, and builds when a
# source did.
set -euo pipefail
cd "$(dirname "$0")"

sum() { sha256sum "$@" | sha256sum | cut -d' ' -f1; }

lock=$(sum package-lock.json)
if [ "$(cat node_modules/.lock-sum 2>/dev/null || true)" != "$lock" ]; then
  npm ci --no-progress --loglevel=error
  echo "$lock" >node_modules/.lock-sum
fi

mkdir -p target/notices
sources=$(find src public index.html ./*.ts ./*.json .npmrc -type f -print0 | sort -z | xargs -0 sha256sum | sha256sum | cut -d' ' -f1)
if [ "$(cat target/page-sum 2>/dev/null || true)" != "$sources" ] || [ ! -f dist/index.html ] ||
  [ ! -f target/notices/scripts.txt ]; then
  npm run --silent build
  echo "$sources" >target/page-sum
fi
