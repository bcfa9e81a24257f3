#!/usr/bin/env bash
# npm test: everything from a bare machine to one line "N passed, N failed". See scripts/test.ts for the rest.
set -euo pipefail
cd "$(dirname "$0")/.."
. scripts/lib/bare.sh
need mariadbd mariadb-server
need chromium chromium
packages
exec node --import tsx scripts/test.ts "$@"
