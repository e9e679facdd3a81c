#!/usr/bin/env bash
# serve-demo-copy.sh PORT NAME [TEMPLATE] : the demo workshop in a database and a storage folder of its own, on the loopback address.
# Its folder is YOKE_COPIES, or storage/demo. Filled from scratch, or as the database TEMPLATE has it, which is filled the first time.
set -euo pipefail
cd "$(dirname "$0")/../.."
. bin/lib/setup.sh
port=$1 name=$2 template=${3:-}
copies=${YOKE_COPIES:-$PWD/storage/demo}
mkdir -p "$copies"
export DB_DATABASE="$copies/$name.sqlite"
export LARAVEL_STORAGE_PATH="$copies/$name"
export YOKE_BACKUPS="$copies/$name-backups"
export YOKE_DEVICES_PORT=$((port + 1000))
unset APP_CONFIG_CACHE APP_ROUTES_CACHE APP_EVENTS_CACHE
rm -rf "$DB_DATABASE" "$DB_DATABASE-wal" "$DB_DATABASE-shm" "$YOKE_BACKUPS" "$LARAVEL_STORAGE_PATH"
mkdir -p "$LARAVEL_STORAGE_PATH"/{app/private,logs,framework/{sessions,views,cache/data}}
if [ -n "$template" ] && [ -e "$template" ]; then
    cp "$template" "$DB_DATABASE"
else
    (umask 077; : >"$DB_DATABASE")
    php artisan migrate --force --quiet
    php artisan db:seed --class=DemoSeeder --force --quiet
fi
warm_caches "$name"
devices "$YOKE_DEVICES_PORT" /dev/null
serve 127.0.0.1 "$port" /dev/null
