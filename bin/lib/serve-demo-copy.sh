#!/usr/bin/env bash
# serve-demo-copy.sh PORT NAME : the demo workshop from scratch in a database of its own, on the loopback address.
set -euo pipefail
cd "$(dirname "$0")/../.."
. bin/lib/setup.sh
port=$1
export DB_DATABASE="$PWD/storage/demo/$2.sqlite"
export YOKE_BACKUPS="$PWD/storage/demo/$2-backups"
export YOKE_DEVICES_PORT=$((port + 1000))
unset APP_CONFIG_CACHE APP_ROUTES_CACHE APP_EVENTS_CACHE
mkdir -p storage/demo
rm -rf "$DB_DATABASE" "$DB_DATABASE-wal" "$DB_DATABASE-shm" "$YOKE_BACKUPS"
(umask 077; : >"$DB_DATABASE")
php artisan migrate --force --quiet
php artisan db:seed --class=DemoSeeder --force --quiet
warm_caches "$2"
devices "$YOKE_DEVICES_PORT" /dev/null
serve 127.0.0.1 "$port" /dev/null
