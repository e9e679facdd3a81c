# Used by bin/serve: a shop as a file of settings and a folder of data, and the servers that are run for it.
# shellcheck shell=bash

# Whose the data are when bin/serve runs as root; root itself only where nobody else may read the program.
SHOP_USER=${YOKE_SHOP_USER:-ivy-yoke}

# set_in_shop FILE NAME VALUE : writes one setting to the shop's file, in place of what it said before.
set_in_shop() {
    [[ $3 != *$'\n'* && $3 != *\"* ]] || stop "expected a value without quotes for $2."
    mkdir -p "$(dirname "$1")"
    touch "$1"
    chmod 600 "$1"
    local rest
    rest=$(grep -v "^$2=" "$1" || true)
    printf '%s\n%s="%s"\n' "$rest" "$2" "$3" | sed '/^$/d' >"$1"
}

# open_shop FILE : everything that the shop is run by in the environment; what its file does not say is set to what is usual.
open_shop() {
    local file=$1 name home
    name=$(basename "$file" .env)
    [[ $name =~ ^[a-z0-9-]+$ ]] || stop "expected a file named in small letters, as shops/north.env."
    [ -e "$file" ] || { mkdir -p "$(dirname "$file")"; (umask 077; : >"$file"); }
    set -a
    # shellcheck disable=SC1090
    . "$file"
    set +a
    home=$PWD/storage/shops
    [ "$(id -u)" -ne 0 ] || home=/var/lib/ivy-yoke
    export YOKE_DATA=${YOKE_DATA:-$home/$name}
    # What the servers themselves read and write, root among them: never in a folder that the shop's user owns.
    if [ "$(id -u)" -eq 0 ]; then YOKE_SERVER=/var/lib/ivy-yoke-server/$name; else YOKE_SERVER=$YOKE_DATA/server; fi
    export YOKE_ADDRESS=${YOKE_ADDRESS:-https://$(hostname):8443}
    [[ $YOKE_ADDRESS =~ ^https://([A-Za-z0-9.-]+)(:([0-9]+))?$ ]] || stop "expected an address as https://shop.example or https://shop.example:8443, and $YOKE_ADDRESS is none."
    YOKE_HOST=${BASH_REMATCH[1]}
    PUBLIC_PORT=${BASH_REMATCH[2]:-}
    export YOKE_PORT=${YOKE_PORT:-${BASH_REMATCH[3]:-443}}
    [[ $YOKE_PORT =~ ^[0-9]+$ ]] || stop "expected a number as the port."
    export YOKE_WORKERS=${YOKE_WORKERS:-$((2 * $(nproc) > 4 ? 2 * $(nproc) : 4))}
    export YOKE_BACKUPS=${YOKE_BACKUPS:-$YOKE_DATA/backups} YOKE_PROXIES=${YOKE_PROXIES:-}
    export DB_DATABASE=$YOKE_DATA/shop.sqlite LARAVEL_STORAGE_PATH=$YOKE_DATA/storage APP_ENV=production APP_DEBUG=false LOG_CHANNEL=daily LOG_DAILY_DAYS=30
    export APP_CONFIG_CACHE=$YOKE_DATA/cache/config.php APP_ROUTES_CACHE=$YOKE_DATA/cache/routes.php APP_EVENTS_CACHE=$YOKE_DATA/cache/events.php APP_SERVICES_CACHE=$YOKE_DATA/cache/services.php APP_PACKAGES_CACHE=$YOKE_DATA/cache/packages.php
    if [ -z "${APP_KEY:-}" ]; then
        APP_KEY=base64:$(head -c 32 /dev/urandom | base64)
        export APP_KEY
        set_in_shop "$file" APP_KEY "$APP_KEY"
    fi
    make_folders
}

make_folders() {
    local folder
    if [ "$(id -u)" -eq 0 ]; then
        id "$SHOP_USER" >/dev/null 2>&1 || useradd --system --home-dir /var/lib/ivy-yoke --shell /usr/sbin/nologin "$SHOP_USER"
        [ -d "$(dirname "$YOKE_DATA")" ] || install -d -m 755 "$(dirname "$YOKE_DATA")"
        # Data that an administrator has put there are handed over once; root goes through no folder that is the shop's already.
        if [ -d "$YOKE_DATA" ] && [ "$(stat -c %u "$YOKE_DATA")" = 0 ] && [ "$SHOP_USER" != root ]; then chown -R --no-dereference "$SHOP_USER:" "$YOKE_DATA"; fi
        install -d -m 755 "$(dirname "$YOKE_SERVER")" "$YOKE_SERVER" "$YOKE_SERVER/run"
        # Logs are opened anew by workers that are the shop's: they go through the folder and write nothing into it.
        install -d -m 700 "$YOKE_SERVER/tls"
        install -d -m 711 "$YOKE_SERVER/logs"
        # The program itself is only read; packages may come without the right for it.
        chmod -R a+rX app artisan bootstrap config core database lang public resources routes vendor
        as_shop test -r "$PWD/public/index.php" || stop "$PWD cannot be read by the user $SHOP_USER. Expected the program in a folder that all may read, as /opt/ivy-yoke."
    fi
    for folder in "$YOKE_DATA" "$YOKE_BACKUPS"; do
        (umask 077; as_shop mkdir -p "$folder" 2>/dev/null) || install -d -m 700 -o "$SHOP_USER" "$folder" 2>/dev/null || stop "the folder $folder cannot be made. Expected one that can be written."
    done
    (umask 077; as_shop mkdir -p "$YOKE_DATA"/{cache,storage/app/private,storage/logs,storage/framework/{sessions,views,cache/data}}) || stop "the folder $YOKE_DATA cannot be written."
    [ "$(id -u)" -eq 0 ] || (umask 077; mkdir -p "$YOKE_SERVER"/{run,tls,logs})
    make_database
}

# A database that was here and is gone is not made anew: whoever runs the shop says whether it is to be empty.
make_database() {
    if as_shop test -e "$YOKE_DATA/made" && ! as_shop test -e "$DB_DATABASE"; then
        stop "the database $DB_DATABASE is gone. Restore a backup in its place, or remove $YOKE_DATA/made to begin with an empty shop."
    fi
    as_shop sh -c 'umask 077; [ -e "$1" ] || : >"$1"; : >"$2"' sh "$DB_DATABASE" "$YOKE_DATA/made" || stop "the database $DB_DATABASE cannot be made."
}

# as_shop COMMAND... : as the user that owns the shop's data.
as_shop() {
    "${AS_SHOP[@]}" "$@"
}
AS_SHOP=()
[ "$(id -u)" -ne 0 ] || AS_SHOP=(setpriv "--reuid=$SHOP_USER" "--regid=$SHOP_USER" --clear-groups --)

# A certificate that was given, or one of its own for as long as there is none.
make_certificate() {
    if [ -n "${YOKE_CERTIFICATE:-}" ]; then
        [ -r "$YOKE_CERTIFICATE" ] && [ -r "${YOKE_CERTIFICATE_KEY:-}" ] || stop "the certificate or its key cannot be read. Expected both, as --certificate FILE --key FILE."
        return
    fi
    YOKE_CERTIFICATE=$YOKE_SERVER/tls/certificate.pem YOKE_CERTIFICATE_KEY=$YOKE_SERVER/tls/key.pem
    if [ ! -e "$YOKE_CERTIFICATE" ] || ! openssl x509 -in "$YOKE_CERTIFICATE" -noout -checkend 2592000 >/dev/null || ! openssl x509 -in "$YOKE_CERTIFICATE" -noout -checkhost "$YOKE_HOST" | grep -q "does match"; then
        (umask 077; openssl req -x509 -newkey ec -pkeyopt ec_paramgen_curve:prime256v1 -nodes -days 800 -subj "/CN=$YOKE_HOST" \
            -addext "subjectAltName=DNS:$YOKE_HOST,DNS:localhost,IP:127.0.0.1" -keyout "$YOKE_CERTIFICATE_KEY" -out "$YOKE_CERTIFICATE" 2>/dev/null) || stop "openssl could not make a certificate for $YOKE_HOST."
        say "Made a certificate for $YOKE_HOST; browsers ask before they trust it. Give one of your own with --certificate and --key."
    fi
}

write_nginx() {
    local user="" may
    [ "$(id -u)" -ne 0 ] || user="user $SHOP_USER;"
    cat >"$YOKE_SERVER/run/nginx.conf" <<NGINX
# Written by bin/serve at every start.
$user
worker_processes 2;
daemon off;
pid $YOKE_SERVER/run/nginx.pid;
error_log $YOKE_SERVER/logs/nginx.log warn;
events { worker_connections 512; }
http {
    include /etc/nginx/mime.types;
    default_type application/octet-stream;
    access_log off;
    server_tokens off;
    sendfile on;
    gzip on;
    gzip_types text/css text/javascript application/javascript application/json image/svg+xml;
    gzip_min_length 1000;
    client_body_temp_path $YOKE_SERVER/run/body;
    fastcgi_temp_path $YOKE_SERVER/run/fastcgi;
    proxy_temp_path $YOKE_SERVER/run/proxy;
    uwsgi_temp_path $YOKE_SERVER/run/uwsgi;
    scgi_temp_path $YOKE_SERVER/run/scgi;
    # A body is taken whole before a worker hears of it: whoever sends slowly holds nobody up. A stranger sends nothing large.
    client_max_body_size 1m;
    client_header_timeout 10s;
    client_body_timeout 20s;
    send_timeout 20s;
    keepalive_timeout 65s;
    limit_conn_zone \$binary_remote_addr zone=each:1m;
    limit_conn each 100;
    limit_conn_zone \$server_name zone=whole:1m;
    server {
        listen $YOKE_PORT ssl http2;
        server_name _;
        ssl_certificate $YOKE_CERTIFICATE;
        ssl_certificate_key $YOKE_CERTIFICATE_KEY;
        ssl_protocols TLSv1.2 TLSv1.3;
        ssl_session_cache shared:tls:1m;
        root $PWD/public;
        add_header Strict-Transport-Security "max-age=31536000" always;
        location /build/ { expires 1y; add_header Cache-Control "public, immutable"; add_header X-Content-Type-Options nosniff; add_header Strict-Transport-Security "max-age=31536000" always; try_files \$uri =404; }
        location = /icon.svg { expires 7d; add_header Strict-Transport-Security "max-age=31536000" always; }
        location = /robots.txt { }
        # Whoever sends a file is asked who they are before any of it is taken.
        location ~ ^/(jobs/[0-9]+/(photos|weigh)|take-in)\$ { auth_request /.may/work; error_page 401 = @signed-out; client_max_body_size 26m; include $YOKE_SERVER/run/fastcgi.conf; }
        location ~ ^/shop/restore(/part)?\$ { auth_request /.may/own; error_page 401 = @signed-out; limit_conn whole 2; client_max_body_size 26m; include $YOKE_SERVER/run/fastcgi.conf; }
        location = /.may/work { internal; client_max_body_size 0; include $YOKE_SERVER/run/may-work.conf; }
        location = /.may/own { internal; client_max_body_size 0; include $YOKE_SERVER/run/may-own.conf; }
        location @signed-out { return 303 /sign-in; }
        location / { include $YOKE_SERVER/run/fastcgi.conf; }
    }
}
NGINX
    fastcgi_settings '$request_method' '$request_uri' '$content_length' >"$YOKE_SERVER/run/fastcgi.conf"
    # Asked of the program with nothing of what is sent: whether this browser's person may send it.
    for may in work own; do
        {
            fastcgi_settings GET "/may/$may" '""'
            printf 'fastcgi_param HTTP_X_KEEPING 1;\nfastcgi_param HTTP_ACCEPT application/json;\nfastcgi_pass_request_body off;\n'
        } >"$YOKE_SERVER/run/may-$may.conf"
    done
    nginx -t -q -c "$YOKE_SERVER/run/nginx.conf" || stop "nginx does not take its settings; the lines above say why."
}

# fastcgi_settings METHOD URI LENGTH : all of it said here; what a distribution ships differs, and loses the port of the host.
fastcgi_settings() {
    cat <<NGINX
fastcgi_param REQUEST_METHOD $1;
fastcgi_param REQUEST_URI $2;
fastcgi_param QUERY_STRING \$query_string;
fastcgi_param CONTENT_TYPE \$content_type;
fastcgi_param CONTENT_LENGTH $3;
fastcgi_param SERVER_PROTOCOL \$server_protocol;
fastcgi_param SERVER_NAME $YOKE_HOST;
fastcgi_param SERVER_PORT \$server_port;
fastcgi_param SERVER_ADDR \$server_addr;
fastcgi_param REMOTE_ADDR \$remote_addr;
fastcgi_param REMOTE_PORT \$remote_port;
fastcgi_param HTTP_HOST \$host$PUBLIC_PORT;
fastcgi_param DOCUMENT_ROOT $PWD/public;
fastcgi_param DOCUMENT_URI \$document_uri;
fastcgi_param GATEWAY_INTERFACE CGI/1.1;
fastcgi_param REDIRECT_STATUS 200;
fastcgi_pass unix:$YOKE_SERVER/run/fpm.sock;
fastcgi_param SCRIPT_FILENAME $PWD/public/index.php;
fastcgi_param SCRIPT_NAME /index.php;
fastcgi_param HTTPS on;
fastcgi_param HTTP_PROXY "";
fastcgi_read_timeout 90s;
fastcgi_buffers 16 32k;
fastcgi_buffer_size 32k;
NGINX
}

# Logs of the servers: a new file a day or after 5 MB, the last seven kept.
write_rotation() {
    cat >"$YOKE_SERVER/run/logrotate.conf" <<ROTATE
# Written by bin/serve at every start.
"$YOKE_SERVER/logs/*.log" {
    daily
    maxsize 5M
    rotate 7
    compress
    missingok
    notifempty
    sharedscripts
    postrotate
        for pid in "$YOKE_SERVER/run/nginx.pid" "$YOKE_SERVER/run/fpm.pid"; do [ ! -s "\$pid" ] || kill -USR1 "\$(cat "\$pid")"; done
    endscript
}
ROTATE
    chmod 600 "$YOKE_SERVER/run/logrotate.conf"
}

rotate_logs() {
    while sleep 3600; do logrotate --state "$YOKE_SERVER/run/logrotate.state" "$YOKE_SERVER/run/logrotate.conf" || true; done
}

write_fpm() {
    local user="" name
    [ "$(id -u)" -ne 0 ] || user=$(printf 'user = %s\ngroup = %s\nlisten.owner = %s\nlisten.mode = 0600' "$SHOP_USER" "$SHOP_USER" "$SHOP_USER")
    {
        cat <<FPM
; Written by bin/serve at every start.
[global]
error_log = $YOKE_SERVER/logs/fpm.log
pid = $YOKE_SERVER/run/fpm.pid
daemonize = no
[shop]
$user
listen = $YOKE_SERVER/run/fpm.sock
pm = static
pm.max_children = $YOKE_WORKERS
pm.max_requests = 2000
request_terminate_timeout = 75s
catch_workers_output = yes
php_admin_value[memory_limit] = 256M
php_value[post_max_size] = 32M
php_value[upload_max_filesize] = 26M
php_admin_value[max_file_uploads] = 2
php_admin_value[max_input_vars] = 1000
php_admin_value[expose_php] = off
php_admin_value[display_errors] = off
FPM
        for name in APP_ENV APP_DEBUG APP_KEY APP_CONFIG_CACHE APP_ROUTES_CACHE APP_EVENTS_CACHE APP_SERVICES_CACHE APP_PACKAGES_CACHE DB_DATABASE LARAVEL_STORAGE_PATH LOG_CHANNEL LOG_DAILY_DAYS; do
            printf 'env[%s] = "%s"\n' "$name" "${!name}"
        done
    } >"$YOKE_SERVER/run/fpm.conf"
    chmod 600 "$YOKE_SERVER/run/fpm.conf"
}

# php-fpm, nginx and the schedule; when one of them ends, all do.
run_shop() {
    local children=()
    trap 'kill "${children[@]}" 2>/dev/null; wait; exit 0' INT TERM
    local tuned=(-d opcache.enable=1 -d opcache.memory_consumption=128 -d opcache.interned_strings_buffer=16 -d opcache.max_accelerated_files=16000 -d opcache.validate_timestamps=0 -d realpath_cache_size=4M -d realpath_cache_ttl=600)
    "php-fpm$(php -r 'echo PHP_MAJOR_VERSION.".".PHP_MINOR_VERSION;')" "${tuned[@]}" --fpm-config "$YOKE_SERVER/run/fpm.conf" $([ "$SHOP_USER" != root ] || echo -R) & children+=($!)
    nginx -c "$YOKE_SERVER/run/nginx.conf" & children+=($!)
    "${AS_SHOP[@]}" php artisan schedule:work --quiet & children+=($!)
    rotate_logs & children+=($!)
    wait -n || true
    kill "${children[@]}" 2>/dev/null
    wait
    stop "one of the servers ended; $YOKE_SERVER/logs says why."
}
