#!/usr/bin/env bash
# Three databases that hold the same, HAProxy before them, two servers with a worker each: under load one of each is
# ended outright. Nothing that was answered may be lost, nothing kept twice. Then once more with sessions, cache, locks
# and the queue in Redis, which is ended too. In a folder and on ports of its own.
set -u
ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/../.." && pwd)
HOME_OF_ALL=$(mktemp -d /tmp/honest-grain-cluster.XXXXXX)
chmod 711 "$HOME_OF_ALL"
STATE=$HOME_OF_ALL/common
mkdir -p "$STATE"
unset APP_KEY DB_PASSWORD DB_PORT DB_SOCKET SOCKET_DIR APP_CONFIG_CACHE APP_ROUTES_CACHE APP_EVENTS_CACHE PRELOAD VIEWS_COMPILED
unset CATALOGUE_CACHE TEST_CLOCK_OFFSET TEST_CLOCK_FILE
. "$ROOT/bin/_shop.sh"
export PATH=$PATH:/usr/sbin
NODES='1 2 3'
passed=0
failed=0

end() {
    local one
    for one in 1 2; do gone "$one"; worker_gone "$one"; done
    [ -n "${FRONT:-}" ] && kill "$FRONT" 2>/dev/null && wait "$FRONT" 2>/dev/null
    [ -n "${LOAD:-}" ] && kill "$LOAD" 2>/dev/null
    [ -n "${REDIS:-}" ] && kill -KILL "$REDIS" 2>/dev/null
    for one in $NODES; do kill -KILL "$(cat "$HOME_OF_ALL/node$one/pid" 2>/dev/null)" 2>/dev/null; done
    wait 2>/dev/null
}
quit() {
    trap - INT TERM EXIT
    end
    rm -rf "$HOME_OF_ALL"
}
trap 'quit; exit 130' INT TERM
trap quit EXIT

is() {
    if "${@:2}"; then passed=$((passed + 1)); echo "  ok    $1"; else failed=$((failed + 1)); echo "  FAIL  $1"; fi
}

# within SECONDS COMMAND…: until it is so.
within() {
    local until=$((SECONDS + $1))
    shift
    while [ $SECONDS -le $until ]; do "$@" && return 0; sleep 0.3; done
    return 1
}

ask() { mariadb --no-defaults --connect-timeout=1 --socket="$HOME_OF_ALL/node$1/socket" -uroot -N -s -e "$2" 2>/dev/null; }
with() { [ "$(ask "$1" "show status like 'wsrep_cluster_size'" | cut -f2)" = "$2" ] && ask "$1" "show status like 'wsrep_local_state_comment'" | grep -q Synced; }

node_made() {
    local at=$HOME_OF_ALL/node$1
    mkdir -p "$at" && mariadb-install-db --no-defaults --user=mysql --datadir="$at/data" --auth-root-authentication-method=normal --skip-test-db &&
        chown -R mysql "$at" || return 1
    for name in port group catch_up whole; do free_port >"$at/$name"; done
}

node_settings() {
    local at=$HOME_OF_ALL/node$1 others=
    for one in $NODES; do others=$others,127.0.0.1:$(cat "$HOME_OF_ALL/node$one/group"); done
    fill galera.cnf "DATA=$at/data" "PORT=$(cat "$at/port")" "SOCKET=$at/socket" "PID=$at/written.pid" ADDRESS=127.0.0.1 \
        "GROUP=$(cat "$at/group")" "CATCH_UP=$(cat "$at/catch_up")" "WHOLE=$(cat "$at/whole")" "OTHERS=${others#,}" >"$at/settings"
}

# node NUMBER [first]: begins it. One that was ended outright looks up how far it had come, as Debian's own service does:
# then it is sent what it has missed, and not all there is while another one has to hold still.
node() {
    local at=$HOME_OF_ALL/node$1 come
    come=$(mariadbd --defaults-file="$at/settings" --wsrep-recover 2>&1 | sed -n 's/.*Recovered position: *//p' | tail -n 1)
    case $come in *:-1) come= ;; esac
    mariadbd --defaults-file="$at/settings" ${2:+--wsrep-new-cluster} ${come:+--wsrep-start-position="$come"} >>"$at/log" 2>&1 9>&- &
    echo $! >"$at/pid"
}

nodes() {
    local one
    for one in $NODES; do node_made "$one" || return 1; done
    for one in $NODES; do node_settings "$one"; done
    node 1 first
    within 30 with 1 1 || { tail -n 20 "$HOME_OF_ALL/node1/log"; return 1; }
    node 2 && within 60 with 2 2 || { tail -n 20 "$HOME_OF_ALL/node2/log"; return 1; }
    node 3 && within 60 with 3 3 || { tail -n 20 "$HOME_OF_ALL/node3/log"; return 1; }
    ask 1 "create database honest_grain character set utf8mb4; create user 'probe'@'127.0.0.1';
        create user 'honest_grain'@'127.0.0.1' identified by '$DB_PASSWORD';
        grant all on honest_grain.* to 'honest_grain'@'127.0.0.1';"
}

front() {
    local databases='' servers='' one
    cp "$ROOT/deploy/templates/takes-work" "$HOME_OF_ALL/takes-work" && chmod 755 "$HOME_OF_ALL/takes-work"
    for one in $NODES; do databases="$databases    server database$one 127.0.0.1:$(cat "$HOME_OF_ALL/node$one/port")"$'\n'; done
    for one in 1 2; do servers="$servers    server server$one 127.0.0.1:$(cat "$HOME_OF_ALL/server$one/port")"$'\n'; done
    fill haproxy.cfg ADDRESS=127.0.0.1 "DATABASE_PORT=$DB_PORT" "CHECK=$HOME_OF_ALL/takes-work" "DATABASES=$databases" \
        "PAGES_PORT=$PAGES_PORT" "HOST=127.0.0.1:$PAGES_PORT" "SERVERS=$servers" >"$HOME_OF_ALL/haproxy.cfg"
    haproxy -f "$HOME_OF_ALL/haproxy.cfg" >"$HOME_OF_ALL/haproxy.log" 2>&1 9>&- &
    FRONT=$!
}

# server NUMBER [again]: one of the machines that make pages; again without its worker, which has gone on. Its folder is
# its own; only the database is shared, and photographs.
server() {
    (
        STATE=$HOME_OF_ALL/server$1
        SOCKET_DIR=$STATE/sockets
        mkdir -p "$SOCKET_DIR"
        export SESSION_PATH=$STATE/sessions CACHE_PATH=$STATE/cache
        WORKERS=4 serve "$(cat "$STATE/port")" && { [ -n "${2:-}" ] || work; }
    )
}

# gone NUMBER: that machine has no power any more, as far as pages go.
gone() {
    local at=$HOME_OF_ALL/server$1 pid master
    master=$(cat "$at/web/fpm.pid" 2>/dev/null)
    for pid in $(cat "$at/server.pid" 2>/dev/null); do kill -KILL -- "-$pid" 2>/dev/null; done
    [ -n "$master" ] && { kill -KILL $(pgrep -P "$master") "$master" 2>/dev/null; }
    return 0
}

worker_gone() {
    local pid
    for pid in $(cat "$HOME_OF_ALL/server$1/worker.pid" 2>/dev/null); do kill -KILL -- "-$pid" 2>/dev/null; done
}

# It writes down what it keeps before it answers.
redis() {
    printf '%s\n' 'bind 127.0.0.1' "port $REDIS_PORT" "requirepass $REDIS_PASSWORD" "dir $HOME_OF_ALL" 'appendonly yes' \
        'appendfsync always' 'save ""' >"$HOME_OF_ALL/redis.conf"
    redis-server "$HOME_OF_ALL/redis.conf" >>"$HOME_OF_ALL/redis.log" 2>&1 9>&- &
    REDIS=$!
}

# load: makers press until OVER is there; whoever waits for them knows what came of it.
load() {
    rm -f "$OVER" "$HOME_OF_ALL/signed-in"
    php "$ROOT/tests/Load/cluster.php" 9>&- &
    LOAD=$!
    within 30 test -e "$HOME_OF_ALL/signed-in"
}
loaded() {
    local came
    touch "$OVER"
    wait "$LOAD"
    came=$?
    LOAD=
    return $came
}

answers() { [ "$(curl -s -o "$HOME_OF_ALL/answer" -w '%{http_code}' --max-time 10 "http://127.0.0.1:$1$2")" = "$3" ]; }
phase() { printf '%s' "$1" >"$HOME_OF_ALL/phase"; say "        $1"; }
same() { [ "$(ask "$1" "$SUM")" = "$(ask "$2" "$SUM")" ]; }
SUM='checksum table honest_grain.log_entries, honest_grain.weighings, honest_grain.planned_steps, honest_grain.pieces,
    honest_grain.tins, honest_grain.workshops, honest_grain.sessions, honest_grain.jobs'

make_secrets
app_environment
export SESSION_DRIVER=database CACHE_STORE=database QUEUE_CONNECTION=database DB_ANSWER_SECONDS=10
export PHOTO_PATH=$HOME_OF_ALL/photos
DB_PORT=$(free_port)
PAGES_PORT=$(free_port)
export DB_PORT APP_URL=http://127.0.0.1:$PAGES_PORT
mkdir -p "$PHOTO_PATH"
for one in 1 2; do mkdir -p "$HOME_OF_ALL/server$one" && free_port >"$HOME_OF_ALL/server$one/port"; done
stage 'Three databases' 'Look at the lines above.' nodes
stage 'HAProxy before them' 'Look at the lines above.' front
takes_questions() { mariadb --no-defaults --connect-timeout=1 -h 127.0.0.1 -P "$DB_PORT" -u probe -e 'select 1' >/dev/null 2>&1; }
stage 'Which are asked through it' 'HAProxy finds none of them.' within 20 takes_questions
stage 'Tables' 'Look at storage/logs.' php "$ROOT/artisan" migrate --force
stage 'Demo workshop' 'Look at storage/logs.' php "$ROOT/artisan" demo:seed
stage 'Makers' 'Look at storage/logs.' php "$ROOT/artisan" bench:makers 8 6
for one in 1 2; do stage "Server $one, with its worker" 'Look at the lines above.' server "$one"; done
is 'both servers take work' within 30 eval 'answers "$(cat "$HOME_OF_ALL/server1/port")" /ready 200 && answers "$(cat "$HOME_OF_ALL/server2/port")" /ready 200'
is 'and pages come through HAProxy' within 20 answers "$PAGES_PORT" /sign-in 200

export PHASES=$HOME_OF_ALL/phase OVER=$HOME_OF_ALL/over
phase 'all of it'
load
sleep 8
phase 'a database ended'
kill -KILL "$(cat "$HOME_OF_ALL/node2/pid")"
sleep 8
phase 'it comes back'
node 2
is 'a database that was ended is with the others again' within 60 with 2 3
sleep 2
phase 'a server ended'
gone 1
sleep 8
phase 'a worker ended'
worker_gone 2
# Its machine serves on; the other one's worker is left.
sleep 6
phase 'the server back'
server 1 again
sleep 4
is 'nothing answered was lost, nothing kept twice, every plan made' loaded
slim() { local one; for one in $NODES; do [ "$(ps -o rss= -p "$(cat "$HOME_OF_ALL/node$one/pid")")" -lt 800000 ] || return 1; done; }
is 'none of the databases has grown' slim
is 'the databases hold the same, 1 and 2' within 20 same 1 2
is 'and 1 and 3' within 20 same 1 3

# Two of three at once: the third knows that it may not go on alone.
kill -KILL "$(cat "$HOME_OF_ALL/node2/pid")" "$(cat "$HOME_OF_ALL/node3/pid")"
alone() { [ "$(ask 1 "show status like 'wsrep_ready'" | cut -f2)" = OFF ]; }
is 'a database without the others takes no work' within 60 alone
is 'a server says that it takes none' within 20 answers "$(cat "$HOME_OF_ALL/server1/port")" /ready 503
is 'and whoever comes gets a page that says so' within 20 answers "$(cat "$HOME_OF_ALL/server1/port")" /confirm/1/00000000000000000000000000000000 503
ask 1 "set global wsrep_provider_options='pc.bootstrap=YES'"
is 'told to, it goes on alone, and the pages with it' within 30 answers "$PAGES_PORT" /ready 200
node 2
is 'and the next one comes back to it' within 90 with 2 2

for one in 1 2; do gone "$one"; worker_gone "$one"; done
export SESSION_DRIVER=redis CACHE_STORE=redis QUEUE_CONNECTION=redis REDIS_PASSWORD=$DB_PASSWORD REDIS_PORT
REDIS_PORT=$(free_port)
redis
for one in 1 2; do stage "Server $one, with Redis" 'Look at the lines above.' server "$one"; done
is 'pages come with sessions in Redis' within 20 answers "$PAGES_PORT" /sign-in 200
phase 'with Redis'
load
sleep 6
phase 'Redis ended'
kill -KILL "$REDIS"
is 'a server without it says that it takes no work' within 5 answers "$(cat "$HOME_OF_ALL/server1/port")" /ready 503
sleep 1
redis
phase 'Redis is back'
sleep 5
phase 'a server ended'
gone 1
sleep 5
is 'with Redis too nothing answered was lost, nothing kept twice' loaded

end
all_ended() { ! grep -qsaF "=$HOME_OF_ALL/" /proc/[0-9]*/environ; }
is 'nothing of it is left running' within 10 all_ended

echo
echo "$passed passed, $failed failed"
[ "$failed" = 0 ]
