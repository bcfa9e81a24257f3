#!/usr/bin/env bash
# npm run demo: everything from a bare machine to a running workshop. See scripts/demo.ts for the rest.
set -euo pipefail
cd "$(dirname "$0")/.."
. scripts/lib/bare.sh
[ -n "${DATABASE_URL:-}" ] || need mariadbd mariadb-server
packages
exec node --import tsx scripts/demo.ts
