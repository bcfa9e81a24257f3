#!/usr/bin/env bash
# run.sh NAME [ARGS]: gives a bare machine what scripts/NAME.ts needs, then runs it.
set -euo pipefail
cd "$(dirname "$0")/.."
. scripts/lib/bare.sh
name=$1
shift
case $name in
  start | demo) [ -n "${DATABASE_URL:-}" ] || need mariadbd mariadb-server ;;
  backup | restore) need mariadbd mariadb-server ;;
  science | formats | replay) ;;
  *)
    need mariadbd mariadb-server
    need chromium-headless-shell chromium-headless-shell
    need openssl openssl
    ;;
esac
packages
exec node --import tsx "scripts/$name.ts" "$@"
