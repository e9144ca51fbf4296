# Shared by bin/start, bin/test and bin/bench: stages with times, what must be installed, a private database.
# Sourced, not run. Wants ROOT (the project) and STATE (an ignored folder of the caller's own).

say() { printf '%s\n' "$*"; }
fail() { printf '\n%s\n' "$*" >&2; exit 1; }

# stage "What it does" "What to do if it fails" command…
stage() {
    local what=$1 mend=$2 began ended log
    shift 2
    began=$(date +%s%N)
    printf '  %-44s' "$what"
    log=$STATE/last-stage.log
    if "$@" >"$log" 2>&1; then
        ended=$(date +%s%N)
        printf '%6s s\n' "$(awk -v n=$((ended - began)) 'BEGIN { printf "%.1f", n / 1e9 }')"
    else
        printf 'failed\n\n'
        tail -n 25 "$log" | sed 's/^/    /'
        fail "$what failed. $mend"
    fi
}

php_has() { grep -qx "$1" <<<"$PHP_MODULES"; }

missing_packages() {
    local ext PHP_MODULES
    PHP_MODULES=$(php -m 2>/dev/null | tr 'A-Z' 'a-z')
    command -v php >/dev/null || echo php8.2-cli
    for ext in intl mbstring xml curl zip; do php_has "$ext" || echo "php8.2-$ext"; done
    php_has pdo_mysql || echo php8.2-mysql
    php_has gd || echo php8.2-gd
    php_has 'zend opcache' || echo php8.2-opcache
    command -v php-fpm8.2 >/dev/null || [ -x /usr/sbin/php-fpm8.2 ] || echo php8.2-fpm
    command -v nginx >/dev/null || [ -x /usr/sbin/nginx ] || echo nginx
    command -v openssl >/dev/null || echo openssl
    command -v mariadbd >/dev/null || [ -x /usr/sbin/mariadbd ] || echo mariadb-server
    command -v composer >/dev/null || echo composer
    command -v unzip >/dev/null || echo unzip
    command -v node >/dev/null || echo nodejs
    command -v npm >/dev/null || echo npm
    if [ "${WITH_CLUSTER:-no}" = yes ]; then
        [ -e /usr/lib/galera/libgalera_smm.so ] || echo galera-4
        command -v haproxy >/dev/null || [ -x /usr/sbin/haproxy ] || echo haproxy
        command -v redis-server >/dev/null || echo redis-server
        command -v rsync >/dev/null || echo rsync
        command -v ss >/dev/null || echo iproute2
    fi
    if [ "${WITH_BROWSER:-no}" = yes ]; then
        command -v chromium >/dev/null || echo chromium
        command -v rsvg-convert >/dev/null || echo librsvg2-bin
        command -v pdftoppm >/dev/null || echo poppler-utils
    fi
}

install_packages() {
    local wanted rule=/usr/sbin/policy-rc.d made= came
    wanted=$(missing_packages)
    [ -z "$wanted" ] && return 0
    if [ "$(id -u)" != 0 ]; then echo "These packages are missing: $wanted"; return 1; fi
    echo "Installing: $wanted"
    apt-get update -q
    # Nothing that comes with a package is to run by itself: what is needed is started here, on loopback.
    if [ ! -e "$rule" ]; then printf '#!/bin/sh\nexit 101\n' >"$rule" && chmod 755 "$rule" && made=yes; fi
    # shellcheck disable=SC2086
    DEBIAN_FRONTEND=noninteractive apt-get install -y -q --no-install-recommends $wanted
    came=$?
    [ -n "$made" ] && rm -f "$rule"
    return $came
}

stamp_of() { cat "$@" 2>/dev/null | sha256sum | cut -c1-40; }

php_packages() {
    local stamp classes
    export COMPOSER_ALLOW_SUPERUSER=1
    stamp=$(stamp_of "$ROOT/composer.json")
    # Which file holds which class is looked up once; a class that has moved is looked for anew.
    classes=$(cd "$ROOT" && find app core database tests -name '*.php' | sort | sha256sum | cut -c1-40)
    if [ "$(cat "$ROOT/vendor/.stamp" 2>/dev/null)" != "$stamp" ]; then
        (cd "$ROOT" && composer install --no-interaction --no-progress) || return 1
    elif [ "$(cat "$ROOT/vendor/.classes" 2>/dev/null)" != "$classes" ]; then
        (cd "$ROOT" && composer dump-autoload --optimize --no-interaction) || return 1
    fi
    echo "$stamp" >"$ROOT/vendor/.stamp"
    echo "$classes" >"$ROOT/vendor/.classes"
}

NODE_NEEDED=20
NODE_FETCHED=22.23.3

node_is_new_enough() { node -e "process.exit(Number(process.versions.node.split('.')[0]) >= $NODE_NEEDED ? 0 : 1)" 2>/dev/null; }

# Debian 12 ships an older Node than the build needs: then a newer one is kept in var/node, for this project alone.
newer_node() {
    local arch home
    node_is_new_enough && return 0
    case $(uname -m) in
        x86_64) arch=x64 ;;
        aarch64) arch=arm64 ;;
        *) echo "Node $(node --version) is too old, and none is fetched for $(uname -m): install Node $NODE_NEEDED or newer."; return 1 ;;
    esac
    home=$ROOT/var/node/node_modules/node-linux-$arch/bin
    [ -x "$home/node" ] || npm install --prefix "$ROOT/var/node" --no-save --ignore-scripts --no-audit --no-fund "node-linux-$arch@$NODE_FETCHED" || return 1
    export PATH=$home:$PATH
    node_is_new_enough
}

npm_packages() {
    local stamp
    stamp=$(stamp_of "$ROOT/package-lock.json")
    [ "$(cat "$ROOT/node_modules/.stamp" 2>/dev/null)" = "$stamp" ] && return 0
    (cd "$ROOT" && npm ci --no-audit --no-fund) && echo "$stamp" >"$ROOT/node_modules/.stamp"
}

build_assets() {
    local stamp
    stamp=$(cd "$ROOT" && find resources vite.config.js package-lock.json -type f -print0 | sort -z | xargs -0 sha256sum | sha256sum | cut -c1-40)
    [ -d "$ROOT/public/build" ] && [ -f "$ROOT/public/sw.js" ] && [ "$(cat "$ROOT/var/assets.stamp" 2>/dev/null)" = "$stamp" ] && return 0
    (cd "$ROOT" && npm run --silent build) && echo "$stamp" >"$ROOT/var/assets.stamp"
}

free_port() {
    php -r '$s = stream_socket_server("tcp://127.0.0.1:0"); echo substr(strrchr(stream_socket_get_name($s, false), ":"), 1);'
}

port_taken() { php -r 'exit(@stream_socket_client("tcp://127.0.0.1:'"$1"'", $e, $m, 1) ? 0 : 1);'; }

make_secrets() {
    mkdir -p "$STATE/sessions" "$STATE/cache"
    (
        umask 077
        [ -s "$STATE/app.key" ] || php -r 'echo "base64:".base64_encode(random_bytes(32));' >"$STATE/app.key"
        [ -s "$STATE/db.password" ] || php -r 'echo bin2hex(random_bytes(16));' >"$STATE/db.password"
    )
    export APP_KEY DB_PASSWORD
    APP_KEY=$(cat "$STATE/app.key")
    DB_PASSWORD=$(cat "$STATE/db.password")
}

database_make() {
    [ -d "$STATE/mysql/mysql" ] && return 0
    rm -rf "$STATE/mysql"
    mariadb-install-db --no-defaults --user="$(id -un)" --datadir="$STATE/mysql" --auth-root-authentication-method=normal --skip-test-db
}

# Begun anew, it answers where it did before; where somebody has taken its port meanwhile, on another.
database_start() {
    local try before
    keep_private "$STATE/database.log"
    before=$(stat -c %s "$STATE/database.log")
    for try in 1 2 3 4 5; do
        # Where it answered the last time, if nobody else does: settings that name it are then still true.
        [ -n "${DB_PORT:-}" ] || DB_PORT=$(cat "$STATE/database.port" 2>/dev/null)
        if [ -z "$DB_PORT" ] || port_taken "$DB_PORT"; then DB_PORT=$(free_port); fi
        [ -d "${SOCKET_DIR:-}" ] || SOCKET_DIR=$(mktemp -d /tmp/honest-grain.XXXXXX)
        DB_ADMIN_SOCKET=$SOCKET_DIR/db.sock
        export DB_PORT SOCKET_DIR DB_ADMIN_SOCKET
        database_try && { echo "$DB_PORT" >"$STATE/database.port"; return 0; }
        tail -c "+$((before + 1))" "$STATE/database.log" | grep -q 'Bind on TCP/IP port' || break
        before=$(stat -c %s "$STATE/database.log")
        DB_PORT= && rm -f "$STATE/database.port"
    done
    tail -n 20 "$STATE/database.log"
    return 1
}

database_try() {
    local i log=()
    # What is written is kept for two weeks besides, so that a backup can be brought on to any moment after it.
    if [ "${DB_FLUSH:-1}" = 1 ]; then
        mkdir -p "$STATE/binlog"
        log=(--log-bin="$STATE/binlog/log" --binlog-format=ROW --expire-logs-days=14 --max-binlog-size=64M)
    fi
    PATH=$PATH:/usr/sbin mariadbd --no-defaults --user="$(id -un)" --datadir="$STATE/mysql" --bind-address=127.0.0.1 --port="$DB_PORT" \
        --socket="$SOCKET_DIR/db.sock" --pid-file="$SOCKET_DIR/db.pid" --skip-name-resolve --character-set-server=utf8mb4 \
        "${log[@]}" --innodb-buffer-pool-size=128M --innodb-flush-log-at-trx-commit="${DB_FLUSH:-1}" \
        >>"$STATE/database.log" 2>&1 9>&- &
    DB_PID=$!
    echo "$DB_PID" >"$STATE/database.pid"
    for i in $(seq 1 600); do
        if mariadb --no-defaults --socket="$SOCKET_DIR/db.sock" -uroot -e 'select 1' >/dev/null 2>&1; then
            mariadb --no-defaults --socket="$SOCKET_DIR/db.sock" -uroot -e "create database if not exists honest_grain character set utf8mb4;
                create user if not exists 'honest_grain'@'127.0.0.1' identified by '$DB_PASSWORD';
                grant all on \`honest\\_grain%\`.* to 'honest_grain'@'127.0.0.1';"
            return
        fi
        kill -0 "$DB_PID" 2>/dev/null || return 1
        sleep 0.1
    done
    echo 'The database did not answer within a minute.'
    return 1
}

# What an earlier run left behind when it was killed outright: the database on this very folder, the server in public/.
stop_leftovers() {
    local pid
    for pid in $(cat "$STATE/server.pid" 2>/dev/null); do
        # Its keeper, or, where that was killed as well, those of its group that still hold the port.
        if grep -qsF -- "$STATE/web/" "/proc/$pid/cmdline" || pgrep -g "$pid" nginx >/dev/null; then
            say '  Stopping the server that an earlier run left behind.'
            kill -- "-$pid" 2>/dev/null
        fi
    done
    php_stop
    for pid in $(cat "$STATE/worker.pid" 2>/dev/null); do
        if tr '\0' '\n' <"/proc/$pid/cmdline" 2>/dev/null | grep -qxF -- "$ROOT/artisan"; then
            say '  Stopping the planner that an earlier run left behind.'
            kill -- "-$pid" 2>/dev/null
        fi
    done
    pid=$(cat "$STATE/database.pid" 2>/dev/null)
    if [ -n "$pid" ] && tr '\0' '\n' <"/proc/$pid/cmdline" 2>/dev/null | grep -qxF -- "--datadir=$STATE/mysql"; then
        say '  Stopping the database that an earlier run left behind.'
        kill "$pid" 2>/dev/null
        for _ in $(seq 1 150); do kill -0 "$pid" 2>/dev/null || break; sleep 0.1; done
    fi
    rm -f "$STATE/server.pid" "$STATE/worker.pid" "$STATE/database.pid"
}

database_stop() {
    [ -n "${DB_PID:-}" ] && kill "$DB_PID" 2>/dev/null && wait "$DB_PID" 2>/dev/null
    rm -f "$STATE/database.pid"
    [ -n "${SOCKET_DIR:-}" ] && rm -rf "$SOCKET_DIR"
    DB_PID=
}

# open_data: the tables of this release, and a demo workshop in an empty database. One of a time before the first
# release is set aside in $aside.
open_data() {
    php "$ROOT/artisan" data:open
    case $? in
        0) return 0 ;;
        3) aside=$STATE/mysql-set-aside-$(date +%Y%m%d-%H%M%S) ;;
        *) return 1 ;;
    esac
    set_aside "$aside" && php "$ROOT/artisan" data:open
}

# set_aside FOLDER: the database is stopped and kept there as it is; an empty one takes its place.
set_aside() {
    database_stop
    mv "$STATE/mysql" "$1"
    SOCKET_DIR=
    database_make && database_start
}

app_environment() {
    export APP_ENV=${APP_ENV:-production} APP_DEBUG=${APP_DEBUG:-false} LOG_CHANNEL=daily DB_HOST=127.0.0.1 DB_DATABASE=honest_grain DB_USERNAME=honest_grain
    export SESSION_PATH=$STATE/sessions CACHE_PATH=$STATE/cache PHOTO_PATH=$STATE/photos
}

# own_settings: what whoever runs this has written into $STATE/settings, a NAME=value a line (mail, token, key).
own_settings() {
    [ -r "$STATE/settings" ] || return 0
    set -a
    # shellcheck disable=SC1091
    . "$STATE/settings"
    set +a
}

# write_environment: what bin/admin speaks to. It holds the password of the database and is nobody else's.
write_environment() {
    local name
    (
        umask 077
        for name in $(compgen -e); do
            case $name in
                APP_* | BACKUP_* | CACHE_* | DB_* | LOG_* | MAIL_* | METRICS_* | PHOTO_* | QUEUE_* | REDIS_* | SESSION_* | TRUSTED_HOSTS)
                    case $name in APP_CONFIG_CACHE | APP_ROUTES_CACHE | APP_EVENTS_CACHE) continue ;; esac
                    printf '%s=%q\n' "$name" "${!name}"
                    ;;
            esac
        done >"$STATE/environment"
    )
}

# keep_private FILE: a log for nobody else to read; one that has grown large is kept once and begun anew.
keep_private() {
    if [ "$(stat -c %s "$1" 2>/dev/null || echo 0)" -gt 5000000 ]; then mv -f "$1" "$1.1"; fi
    touch "$1" && chmod 600 "$1"
}

# can_write FOLDER: makes it where it is missing; says so by name where nothing can be written there.
can_write() {
    mkdir -p "$1" 2>/dev/null && touch "$1/.written" 2>/dev/null && rm -f "$1/.written" && return 0
    fail "Nothing can be written in $1, where the data is kept. Make it writable, or name another folder in HONEST_GRAIN_STATE."
}

WEB_SERVER=nginx
command -v nginx >/dev/null || WEB_SERVER=/usr/sbin/nginx
FPM=php-fpm8.2
command -v php-fpm8.2 >/dev/null || FPM=/usr/sbin/php-fpm8.2

# fill TEMPLATE NAME=value…: a template of deploy/ with what stands between @ filled in.
fill() {
    local text=$1 one
    text=$(cat "$ROOT/deploy/templates/$1")
    shift
    for one in "$@"; do text=${text//@${one%%=*}@/"${one#*=}"}; done
    printf '%s\n' "$text"
}

# How long a request may take before its process is ended.
REQUEST_SECONDS=60

# web_files PORT: how the pages are served, in $STATE/web.
web_files() {
    local web=$STATE/web owner='' pool=''
    rm -rf "$web"
    (umask 077 && mkdir -p "$web/tmp") || return 1
    if [ "$(id -u)" = 0 ]; then owner='user root;'; pool=$(printf 'user = root\ngroup = root'); fi
    fill fpm.conf "LOG=$STATE/server.log" "PID=$web/fpm.pid" "OWNER=$pool" "SOCKET=$SOCKET_DIR/php.sock" \
        SOCKET_MODE=0600 "CHILDREN=${WORKERS:-6}" "SECONDS=$REQUEST_SECONDS" \
        "DATABASE_SECONDS=${DB_ANSWER_SECONDS:-2}" >"$web/fpm.conf"
    fill site.conf "ROOT=$ROOT" "SOCKET=$SOCKET_DIR/php.sock" "READ_SECONDS=$((REQUEST_SECONDS + 5))" >"$web/site.conf"
    cat >"$web/nginx.conf" <<CONF
$owner
worker_processes 1;
daemon off;
pid "$web/nginx.pid";
error_log "$STATE/server.log" warn;
events { worker_connections 512; }
http {
    include /etc/nginx/mime.types;
    access_log off;
    client_body_temp_path "$web/tmp/body";
    fastcgi_temp_path "$web/tmp/fastcgi";
    proxy_temp_path "$web/tmp/proxy";
    uwsgi_temp_path "$web/tmp/uwsgi";
    scgi_temp_path "$web/tmp/scgi";
    map \$http_host \$port_said { ~(?<port>:[0-9]+)\$ \$port; default ''; }
    server {
        listen 127.0.0.1:$1 backlog=511;
        include "$web/site.conf";
    }
$(lan_server)
}
CONF
}

# lan_server: for the tablets of the shop, over https, with the certificate of lan_certificate; nothing without --lan.
lan_server() {
    [ -n "${LAN_PORT:-}" ] || return 0
    cat <<CONF
    server {
        listen 0.0.0.0:$LAN_PORT ssl backlog=511;
        ssl_certificate "$STATE/lan/shop.crt";
        ssl_certificate_key "$STATE/lan/shop.key";
        ssl_protocols TLSv1.2 TLSv1.3;
        location = /shop-authority.crt {
            alias "$STATE/lan/authority.crt";
            types { application/x-x509-ca-cert crt; }
        }
        include "$web/site.conf";
    }
CONF
}

# lan_names: what this machine is called in its own network, one a line: addresses, and its name.
lan_names() {
    hostname -I 2>/dev/null | tr ' ' '\n' | grep -E '^[0-9]+(\.[0-9]+){3}$'
    printf '%s\n%s.local\n' "$(hostname)" "$(hostname -s 2>/dev/null || hostname)" | sort -u
}

# lan_certificate: an authority of this shop's own, made once, and a certificate by it for what the machine is called now.
lan_certificate() {
    local lan=$STATE/lan names=DNS:localhost,IP:127.0.0.1 name
    (umask 077 && mkdir -p "$lan") || return 1
    while read -r name; do
        case $name in
            '') ;;
            *[!0-9.]*) names=$names,DNS:$name ;;
            *) names=$names,IP:$name ;;
        esac
    done < <(lan_names)
    if [ ! -s "$lan/authority.key" ]; then
        (umask 077 && openssl req -x509 -newkey ec -pkeyopt ec_paramgen_curve:prime256v1 -nodes -sha256 -days 3650 \
            -subj "/CN=Honest Grain, this shop" -addext 'basicConstraints=critical,CA:TRUE,pathlen:0' \
            -addext 'keyUsage=critical,keyCertSign,cRLSign' \
            -keyout "$lan/authority.key" -out "$lan/authority.crt") 2>"$lan/openssl.log" || { cat "$lan/openssl.log"; return 1; }
    fi
    (umask 077 && openssl req -newkey ec -pkeyopt ec_paramgen_curve:prime256v1 -nodes -sha256 -subj "/CN=$(hostname)" \
        -keyout "$lan/shop.key" -out "$lan/shop.csr") 2>"$lan/openssl.log" || { cat "$lan/openssl.log"; return 1; }
    printf 'subjectAltName=%s\nbasicConstraints=CA:FALSE\nextendedKeyUsage=serverAuth\n' "$names" >"$lan/shop.ext"
    openssl x509 -req -in "$lan/shop.csr" -CA "$lan/authority.crt" -CAkey "$lan/authority.key" -CAcreateserial \
        -sha256 -days 397 -extfile "$lan/shop.ext" -out "$lan/shop.crt" 2>"$lan/openssl.log" || { cat "$lan/openssl.log"; return 1; }
    TRUSTED_HOSTS=$(lan_names | tr '\n' ',')${TRUSTED_HOSTS:-}
    export TRUSTED_HOSTS
}

# keep LOG COMMAND…: in a group of its own, begun anew whenever it ends. Its number is in KEPT.
keep() {
    local log=$1
    shift
    # shellcheck disable=SC2016
    setsid bash -c 'while :; do "$@"; printf "%s ended (%s); it is begun anew.\n" "$1" "$?" >&2; sleep 0.3; done' \
        _ "$@" >>"$log" 2>&1 9>&- </dev/null &
    KEPT=$!
}

# tune: what every request would read anew is read once, in $STATE/tuned; what is begun after it reads that. Where
# neither a file nor a setting is another than the last time, it stands from then.
tune() {
    local stamp
    export APP_CONFIG_CACHE=$STATE/tuned/config.php APP_ROUTES_CACHE=$STATE/tuned/routes.php
    export APP_EVENTS_CACHE=$STATE/tuned/events.php CATALOGUE_CACHE=$STATE/tuned/catalogue.php
    export VIEWS_COMPILED=$STATE/tuned/views PRELOAD=$STATE/tuned/preload.php
    stamp=$({
        (cd "$ROOT" && find app bootstrap/app.php catalogue config core lang public/build resources/views routes \
            -type f -printf '%p %s %T@\n' | sort; cat vendor/.stamp vendor/.classes)
        env | grep -E '^(APP_|BACKUP_|CACHE_|DB_|LOG_|MAIL_|METRICS_|PHOTO_|QUEUE_|REDIS_|SESSION_|TEST_|TRUSTED_)' |
            grep -v '^DB_ADMIN_' | sort
        php -v
    } | sha256sum | cut -c1-40)
    if [ "$(cat "$STATE/tuned/.stamp" 2>/dev/null)" != "$stamp" ]; then
        rm -rf "$STATE/tuned"
        (umask 077 && mkdir -p "$VIEWS_COMPILED" && php "$ROOT/artisan" house:tune) || return 1
        echo "$stamp" >"$STATE/tuned/.stamp"
    fi
    [ -e "$STATE/tuned/.preloads" ] && return 0
    php -d opcache.enable_cli=1 -d opcache.preload="$PRELOAD" -d opcache.preload_user="$(id -un)" -r '' && touch "$STATE/tuned/.preloads" && return 0
    say '  The classes cannot be read beforehand; pages are served without that, and somewhat slower.'
    unset PRELOAD
}

# serve PORT: nginx before php-fpm. Answers 3 where somebody else has the port.
serve() {
    local i classes=()
    keep_private "$STATE/server.log"
    port_taken "$1" && return 3
    web_files "$1" || return 1
    [ "${TUNED:-1}" = 0 ] || tune || return 1
    : >"$STATE/server.log.nginx" && chmod 600 "$STATE/server.log.nginx"
    keep "$STATE/server.log.nginx" "$WEB_SERVER" -c "$STATE/web/nginx.conf" -e "$STATE/server.log.nginx"
    FRONT_PID=$KEPT
    if [ -n "${PRELOAD:-}" ] && [ "${TUNED:-1}" != 0 ]; then
        classes=(-d "opcache.preload=$PRELOAD" -d "opcache.preload_user=$(id -un)")
    fi
    keep "$STATE/server.log" "$FPM" -R -y "$STATE/web/fpm.conf" -d opcache.memory_consumption=192 \
        -d opcache.max_accelerated_files=20000 -d opcache.revalidate_freq=2 "${classes[@]}"
    SERVER_PID=$KEPT
    printf '%s\n%s\n' "$FRONT_PID" "$SERVER_PID" >"$STATE/server.pid"
    for i in $(seq 1 150); do
        if grep -q 'Address already in use' "$STATE/server.log.nginx"; then server_stop; return 3; fi
        [ -s "$STATE/web/nginx.pid" ] && [ -S "$SOCKET_DIR/php.sock" ] && return 0
        sleep 0.1
    done
    tail -n 20 "$STATE/server.log" "$STATE/server.log.nginx"
    server_stop
    return 1
}

# serve_near PORT: there, or on the next port that is free; which one is in APP_URL and $STATE/address.
serve_near() {
    local port=$1 i came
    for i in $(seq 1 50); do
        export APP_URL=http://127.0.0.1:$port
        serve "$port"
        came=$?
        if [ $came = 0 ]; then echo "$APP_URL" >"$STATE/address"; return 0; fi
        [ $came = 3 ] || return 1
        echo "Port $port is taken; trying the next."
        port=$((port % 65535 + 1))
    done
    return 1
}

# work: makes the plans that a press does not wait for, and does what is due every minute, hour and night. The worker
# is begun anew every half hour, so that it never grows old.
work() {
    keep_private "$STATE/worker.log"
    keep "$STATE/worker.log" nice -n 10 php -d memory_limit=768M -d opcache.enable_cli=1 -d opcache.jit=tracing \
        -d opcache.jit_buffer_size=64M "$ROOT/artisan" queue:work --queue=default,leisure \
        --sleep=0.25 --tries=3 --max-time=1800 --quiet
    WORKER_PID=$KEPT
    keep "$STATE/worker.log" php "$ROOT/artisan" schedule:work --quiet
    CLOCK_PID=$KEPT
    printf '%s\n%s\n' "$WORKER_PID" "$CLOCK_PID" >"$STATE/worker.pid"
}

work_stop() {
    local pid
    for pid in ${WORKER_PID:-} ${CLOCK_PID:-}; do
        kill -- "-$pid" 2>/dev/null && wait "$pid" 2>/dev/null
    done
    rm -f "$STATE/worker.pid"
    WORKER_PID=
    CLOCK_PID=
}

# php_stop: php-fpm leaves the group it was begun in, so it is ended by the number it wrote down.
php_stop() {
    local pid i
    pid=$(cat "$STATE/web/fpm.pid" 2>/dev/null) || return 0
    for i in $(seq 1 100); do
        grep -qsF -- "$STATE/web/fpm.conf" "/proc/$pid/cmdline" || break
        if [ "$i" = 1 ]; then kill "$pid"; fi
        if [ "$i" = 50 ]; then kill -KILL "$pid"; fi
        sleep 0.1
    done
    rm -f "$STATE/web/fpm.pid"
}

server_stop() {
    local pid
    for pid in ${FRONT_PID:-} ${SERVER_PID:-}; do
        kill -- "-$pid" 2>/dev/null && wait "$pid" 2>/dev/null
    done
    php_stop
    rm -f "$STATE/server.pid"
    FRONT_PID=
    SERVER_PID=
}
