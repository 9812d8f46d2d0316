#!/usr/bin/env bash
# Builds the interface into target/classes/static; packages are installed again only when the lock file changed.
set -euo pipefail
cd "$(dirname "$0")"
lock=$(sha256sum package-lock.json | cut -d' ' -f1)
if [ "$(cat node_modules/.lock-hash 2>/dev/null)" != "$lock" ]; then
  npm ci --no-audit --no-fund --loglevel=error
  echo "$lock" > node_modules/.lock-hash
fi
npm run --silent build
