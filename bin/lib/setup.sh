# Shared by bin/demo and bin/test: brings a fresh Debian machine with PHP, Composer and Node to where the project runs.
# shellcheck shell=bash

say() { printf '%s\n' "$*"; }
stop() { printf 'Cannot go on: %s\n' "$*" >&2; exit 1; }

# need_packages NAME... : Debian packages, installed when root, named otherwise.
need_packages() {
    local missing=("$@")
    [ "${#missing[@]}" -eq 0 ] && return
    if [ "$(id -u)" -ne 0 ]; then
        stop "these Debian packages are missing: ${missing[*]}. Install them with: sudo apt-get install ${missing[*]}"
    fi
    command -v apt-get >/dev/null || stop "these packages are missing and there is no apt-get: ${missing[*]}"
    say "Installing ${missing[*]} ..."
    apt-get update -qq >/dev/null || stop "apt-get update failed; the packages needed are: ${missing[*]}"
    # Nothing is started by its installation: bin/serve runs its own.
    DEBIAN_FRONTEND=noninteractive RUNLEVEL=1 apt-get install -y -qq "${missing[@]}" >/dev/null || stop "apt-get could not install: ${missing[*]}"
}

need_tools() {
    local tool
    for tool in php composer node npm; do
        command -v "$tool" >/dev/null || stop "$tool is missing. Expected PHP 8.2, Composer and Node 20 with npm on the machine."
    done
    php -r 'exit(PHP_VERSION_ID >= 80200 ? 0 : 1);' || stop "PHP $(php -r 'echo PHP_VERSION;') is too old. Expected PHP 8.2 or later."
    local packages=() version
    version=$(php -r 'echo PHP_MAJOR_VERSION.".".PHP_MINOR_VERSION;')
    php -r 'exit(extension_loaded("pdo_sqlite") ? 0 : 1);' || packages+=("php$version-sqlite3")
    php -r 'exit(extension_loaded("mbstring") ? 0 : 1);' || packages+=("php$version-mbstring")
    php -r 'exit(extension_loaded("dom") ? 0 : 1);' || packages+=("php$version-xml")
    php -r 'exit(extension_loaded("gd") ? 0 : 1);' || packages+=("php$version-gd")
    if [ "${1:-}" = browser ] && [ ! -x /usr/bin/chromium-headless-shell ]; then packages+=(chromium-headless-shell); fi
    # Durability is tested on a trace of what reaches the disk.
    if [ "${1:-}" = browser ] && ! command -v strace >/dev/null; then packages+=(strace); fi
    # What a shop is served by, and what is tested of it.
    if [ "${1:-}" != "" ]; then
        command -v nginx >/dev/null || packages+=(nginx)
        command -v "php-fpm$version" >/dev/null || packages+=("php$version-fpm")
        command -v openssl >/dev/null || packages+=(openssl)
        command -v logrotate >/dev/null || packages+=(logrotate)
    fi
    need_packages "${packages[@]}"
}

# stale MARK SOURCE... : whether MARK is missing or older than one of the sources.
stale() {
    local mark=$1 source
    shift
    [ -e "$mark" ] || return 0
    for source in "$@"; do
        [ -n "$(find "$source" -newer "$mark" -print -quit)" ] && return 0
    done
    return 1
}

install_dependencies() {
    local styles=''
    # The front-end packages come over the network while the PHP packages are unpacked.
    if stale node_modules/.package-lock.json package.json package-lock.json; then
        say "Fetching front-end packages ..."
        # Not "npm ci": it insists on optional builds for other platforms, which not every registry serves.
        npm install --no-save --no-fund --no-audit --loglevel=error & styles=$!
    fi
    if stale vendor/autoload.php composer.json; then
        say "Fetching PHP packages ..."
        # One small package says PHP 7 and runs on 8 as well: its tests here hold that.
        composer install --no-interaction --no-progress --no-scripts --ignore-platform-req=php+ --quiet || stop "composer install failed; run it by hand to see why."
        touch vendor/autoload.php
    fi
    if [ -n "$styles" ]; then
        wait "$styles" || stop "npm install failed; run it by hand to see why."
        touch node_modules/.package-lock.json
    fi
    if stale public/build/manifest.json resources package.json vite.config.js; then
        say "Building styles and scripts ..."
        npx vite build --logLevel error || stop "the front-end build failed; run 'npx vite build' to see why."
    fi
    php artisan package:discover --quiet || stop "the framework does not start; run 'php artisan about' to see why."
}

# warm_caches NAME : settings, routes and views compiled for one served copy, apart from what the tests run on.
warm_caches() {
    mkdir -p storage/demo
    export APP_CONFIG_CACHE="$PWD/storage/demo/$1-config.php" APP_ROUTES_CACHE="$PWD/storage/demo/$1-routes.php" APP_EVENTS_CACHE="$PWD/storage/demo/$1-events.php"
    rm -f "$APP_CONFIG_CACHE" "$APP_ROUTES_CACHE" "$APP_EVENTS_CACHE"
    php artisan cache:clear --quiet
    php artisan optimize --quiet || stop "settings could not be cached in storage/demo; is it writable?"
}

# devices PORT LOG : the simulated devices of the copy that is about to be served by this shell; they end with it.
devices() {
    php artisan yoke:devices --port="$1" --while=$$ >>"$2" 2>&1 &
}

# need_port PORT : stops where something else answers there, whose pages would be taken for ours.
need_port() {
    ! (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null || stop "port $1 is taken. Expected a free one; bin/demo --port N serves at another."
}

# serve ADDRESS PORT LOG : PHP's own server with several workers, in place of this shell.
serve() {
    PHP_CLI_SERVER_WORKERS=${YOKE_WORKERS:-4} exec php -d opcache.enable=1 -d opcache.interned_strings_buffer=16 -d memory_limit=256M -d upload_max_filesize=26M -d post_max_size=32M -d max_input_time=30 \
        -S "$1:$2" -t public bin/lib/router.php >>"$3" 2>&1
}

need_key() {
    [ -f .env ] || cp .env.example .env
    grep -q '^APP_KEY=base64:' .env || php artisan key:generate --force --quiet
}
