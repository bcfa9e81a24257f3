#!/usr/bin/env bash
# npm run screenshots: the pictures in docs/screenshots, made anew from the demo workshop.
set -euo pipefail
cd "$(dirname "$0")/.."
. scripts/lib/bare.sh
need mariadbd mariadb-server
need chromium chromium
packages
exec node --import tsx scripts/screenshots.ts
