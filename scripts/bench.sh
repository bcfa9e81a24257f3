#!/usr/bin/env bash
# npm run bench: prints what Imbry costs, as tables. Nothing here passes or fails.
set -euo pipefail
cd "$(dirname "$0")/.."
. scripts/lib/bare.sh
need mariadbd mariadb-server
need chromium chromium
packages
exec node --import tsx scripts/bench.ts "$@"
