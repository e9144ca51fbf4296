#!/usr/bin/env bash
# Checks bin/start itself, in a folder and on ports of its own: it serves, stops all it started, comes back
# with its data, clears up after a run that was killed outright, and refuses what makes no sense.
set -u
ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
HONEST_GRAIN_STATE=$(mktemp -d /tmp/honest-grain-start.XXXXXX)
export HONEST_GRAIN_STATE
OUT=$HONEST_GRAIN_STATE/output
RUNNING=
passed=0
failed=0

quit() {
    [ -n "$RUNNING" ] && kill "$RUNNING" 2>/dev/null && wait "$RUNNING" 2>/dev/null
    rm -rf "$HONEST_GRAIN_STATE"
}
trap quit EXIT

is() {
    if "${@:2}"; then passed=$((passed + 1)); echo "  ok    $1"; else failed=$((failed + 1)); echo "  FAIL  $1"; fi
}
free_port() { php -r '$s = stream_socket_server("tcp://127.0.0.1:0"); echo substr(strrchr(stream_socket_get_name($s, false), ":"), 1);'; }
# The port that it says, which is the next one where somebody has taken ours meanwhile.
said_port() { grep -o 'Open      http://127.0.0.1:[0-9]*' "$OUT" | grep -o '[0-9]*$'; }
run() {
    # What the run before this one said is not to be taken for what this one says.
    : >"$OUT"
    env -u APP_KEY -u DB_PASSWORD -u DB_PORT -u SOCKET_DIR -u APP_ENV "$ROOT/bin/start" --port "$PORT" "$@" >"$OUT" 2>&1 &
    RUNNING=$!
    for _ in $(seq 1 1200); do
        if grep -q 'Stop      Ctrl-C' "$OUT"; then PORT=$(said_port); return 0; fi
        kill -0 "$RUNNING" 2>/dev/null || break
        sleep 0.1
    done
    cat "$OUT"
    return 1
}
stop() { kill "$1" "$RUNNING" 2>/dev/null; wait "$RUNNING" 2>/dev/null; RUNNING=; }
answers() { php -r 'exit(str_contains((string) @file_get_contents($argv[1]), "Sign in") ? 0 : 1);' "http://127.0.0.1:$PORT/sign-in"; }
silent() { ! answers; }
no_processes() { ! grep -qsF -- "$HONEST_GRAIN_STATE/" /proc/[0-9]*/cmdline; }
# It answers a moment before it has said all.
says() {
    for _ in $(seq 50); do
        grep -qF -- "$1" "$OUT" && return
        sleep 0.2
    done
    return 1
}
preloads() { grep -qsF -- "opcache.preload=$HONEST_GRAIN_STATE/tuned/preload.php" /proc/[0-9]*/cmdline; }
same_key() { [ "$(cat "$HONEST_GRAIN_STATE/app.key")" = "$KEY" ]; }
private() { [ "$(stat -c %a "$HONEST_GRAIN_STATE/app.key")" = 600 ]; }

printf 'METRICS_TOKEN=a-token-of-our-own\n' >"$HONEST_GRAIN_STATE/settings"
PORT=$(free_port)
is 'it starts in an empty folder' run
is 'it says where it is and who may sign in' says "http://127.0.0.1:$PORT"
is 'the application answers' answers
is 'its classes are read before the first request' preloads
is 'its key is nobody else'\''s' private
KEY=$(cat "$HONEST_GRAIN_STATE/app.key")
headers() { curl -s -o /dev/null -D - --max-time 8 "$@" "http://127.0.0.1:$PORT$WHERE" | tr -d '\r'; }
has() { headers | grep -qi -- "$1"; }
WHERE=/$(cd "$ROOT/public" && ls build/assets/*.css | head -n 1)
is 'its styles are sent with their type' has '^content-type: text/css'
is 'and may not be taken for another' has '^x-content-type-options: nosniff'
is 'and may be kept for a year' has '^cache-control: .*immutable'
WHERE=/build/.stamp
is 'no stamp lies in public' has '^HTTP/1.1 404'
WHERE=/../composer.json
is 'nothing outside public is sent' has '^HTTP/1.1 404'
sessions() { ls "$HONEST_GRAIN_STATE/sessions" | wc -l; }
few_sessions() { [ "$(sessions)" -le "$1" ]; }
WHERE=/sign-in
before=$(sessions)
for _ in 1 2 3 4 5 6; do headers >/dev/null; done
is 'who only looks leaves no session file' few_sessions "$before"
private_logs() { [ "$(stat -c %a "$HONEST_GRAIN_STATE/server.log" "$HONEST_GRAIN_STATE/database.log" | sort -u)" = 600 ]; }
is 'its logs are nobody else'\''s' private_logs
status() { curl -s -o "$HONEST_GRAIN_STATE/answer" -w '%{http_code}' --max-time 8 -H 'Host: '"${HOST:-127.0.0.1:$PORT}" \
    --data 'email=nobody%40example.test&password=x' "http://127.0.0.1:$PORT/sign-in"; }
HOST=elsewhere.example
foreign=$(status)
unset HOST
is 'a host that is not ours is refused' test "$foreign" = 400
kill -STOP "$(cat "$HONEST_GRAIN_STATE/database.pid")"
# One question that hangs for two seconds, and not a second one for the log: curl gives up after three.
code=$(curl -s -o /dev/null -w '%{http_code}' --max-time 8 --data 'email=nobody%40example.test&password=x' "http://127.0.0.1:$PORT/sign-in")
WHERE=/sign-in
retry=$(headers --data 'email=a%40example.test&password=x')
kill -CONT "$(cat "$HONEST_GRAIN_STATE/database.pid")"
is 'a database that hangs gets the page for it' test "$code" = 503
came_back() { grep -qi '^retry-after: 5' <<<"$retry"; }
is 'which says when to come back' came_back
recovers() { for _ in 1 2 3 4 5 6; do [ "$(status)" = 302 ] && return 0; sleep 0.5; done; return 1; }
is 'and it recovers by itself' recovers
children() { pgrep -P "$(pgrep -P "$(sed -n 2p "$HONEST_GRAIN_STATE/server.pid")" -f php-fpm | head -n 1)"; }
answers_soon() { for _ in $(seq 1 100); do answers && return 0; sleep 0.2; done; return 1; }
before=$(children | sort | tr '\n' ' ')
is 'several processes serve' test "$(wc -w <<<"$before")" -ge 2
# Killed in the middle of a request: each child, one after the other, while pages are asked for.
(for _ in $(seq 1 12); do curl -s -o /dev/null --max-time 8 "http://127.0.0.1:$PORT/register"; done) &
asking=$!
for pid in $before; do kill -KILL "$pid" 2>/dev/null; sleep 0.2; done
wait "$asking"
is 'after every server process was killed the next page answers' answers_soon
renewed() { [ "$(children | wc -l)" -ge 2 ] && [ "$(children | sort | tr '\n' ' ')" != "$before" ]; }
is 'and others stand in their place' renewed
kill -KILL "$(cat "$HONEST_GRAIN_STATE/web/nginx.pid")"
is 'what stands before them is begun anew' answers_soon
kill -KILL $(sed -n 2p "$HONEST_GRAIN_STATE/server.pid")
is 'so is the keeper of all of them' answers_soon
kill -KILL "$(cat "$HONEST_GRAIN_STATE/database.pid")"
database_back() { for _ in $(seq 1 150); do [ "$(status)" = 302 ] && return 0; sleep 0.2; done; return 1; }
is 'so is the database, and the shop goes on' database_back
is 'the shop has not ended' kill -0 "$RUNNING"
# Each part again, and how long it takes: the worker, and what is due by the clock; each by itself and with its keeper.
gone_and_back() {
    local of=$1 pattern=$2 before began
    shift 2
    before=$(pgrep -f -- "$pattern" | sort | tr '\n' ' ')
    began=$(date +%s%N)
    kill -KILL "$@"
    for _ in $(seq 1 200); do
        now=$(pgrep -f -- "$pattern" | sort | tr '\n' ' ')
        [ -n "$now" ] && [ "$now" != "$before" ] && ! grep -qw -- "$1" <<<"$now" && break
        sleep 0.05
    done
    awk -v n=$(($(date +%s%N) - began)) -v of="$of" 'BEGIN { printf "        %s, back after %.1f s\n", of, n / 1e9 }'
    [ "$now" != "$before" ]
}
kept() { pgrep -P "$(sed -n "$1p" "$HONEST_GRAIN_STATE/worker.pid")" | head -n 1; }
is 'the worker comes back' gone_and_back 'the worker' "^php .*$ROOT/artisan queue:work" "$(kept 1)"
is 'so does what is due by the clock' gone_and_back 'the clock' "^php $ROOT/artisan schedule:work" "$(kept 2)"
is 'so does the keeper of the worker' gone_and_back 'its keeper' "$ROOT/artisan queue:work" "$(sed -n 1p "$HONEST_GRAIN_STATE/worker.pid")"
asks() { curl -s -o "$OUT.asked" -w '%{http_code}' --max-time 8 "http://127.0.0.1:$PORT/$1"; }
is 'it says that it lives' test "$(asks health)" = 200
is 'and that it takes work' test "$(asks ready)" = 200
private_environment() { [ "$(stat -c %a "$HONEST_GRAIN_STATE/environment")" = 600 ]; }
is 'what bin/admin speaks to is nobody else'\''s' private_environment
admin() { "$ROOT/bin/admin" "$@" >"$OUT.admin" 2>&1; }
looked_over() { for _ in $(seq 1 80); do admin doctor && return 0; sleep 1; done; cat "$OUT.admin"; return 1; }
is 'its figures are for whoever has the token' test "$(asks metrics)" = 401
told() { curl -s --max-time 8 -H 'Authorization: Bearer a-token-of-our-own' "http://127.0.0.1:$PORT/metrics" | grep -q "$1"; }
is 'which is in the settings' told 'honest_grain_http_idle [1-9]'
is 'the doctor finds nothing wrong' looked_over
is 'and the demo workshop is listed' eval 'admin workshops && grep -q wren@brambleslip.example "$OUT.admin"'
is 'an owner is made, who can sign in' eval 'admin owner linnet@example.test --name Linnet --workshop "Reed Bank" && grep -q Password: "$OUT.admin"'
"$ROOT/bin/start" --port "$PORT" >"$OUT.second" 2>&1
is 'a second one refuses' grep -q 'already running' "$OUT.second"
stop -TERM
is 'it says that it stops' says 'Stopping.'
is 'nothing answers any more' silent
is 'no server and no database is left running' no_processes

tuned=$(stat -c %y "$HONEST_GRAIN_STATE/tuned/.stamp")
is 'it starts again' run
is 'with the same key' same_key
is 'and reads nothing anew that has not changed' test "$(stat -c %y "$HONEST_GRAIN_STATE/tuned/.stamp")" = "$tuned"
kill -KILL "$RUNNING"; wait "$RUNNING" 2>/dev/null; RUNNING=
is 'it starts after a run that was killed outright' run
is 'and clears up what that one left' says 'that an earlier run left behind'
is 'the application answers again' answers
socket() { tr '\0' '\n' <"/proc/$(cat "$HONEST_GRAIN_STATE/database.pid")/cmdline" | sed -n 's/^--socket=//p'; }
mariadb --no-defaults --socket="$(socket)" -uroot honest_grain \
    -e "insert into migrations (migration, batch) values ('2026_11_24_000003_create_pieces', 1)"
stop -TERM
is 'and nothing is left' no_processes
is 'nor answers' silent
is 'it starts over a database of an earlier time' run
is 'and says that it was set aside' says 'It was set aside, whole, in'
kept_aside() { [ -d "$(ls -d "$HONEST_GRAIN_STATE"/mysql-set-aside-*)/honest_grain" ]; }
is 'where all of it still is' kept_aside
is 'the application answers with a new one' answers
stop -TERM

lan=$(free_port)
is 'it starts for tablets, too' run --lan "$lan"
is 'and says where' says "https://$(hostname):$lan"
over_https() { curl -s --max-time 8 --cacert "$HONEST_GRAIN_STATE/lan/authority.crt" "https://127.0.0.1:$lan$1" >"$OUT.lan"; }
signs_in() { over_https /sign-in && grep -q 'Sign in' "$OUT.lan" && grep -q "href=\"https://127.0.0.1:$lan/build" "$OUT.lan"; }
is 'a tablet that trusts the shop is answered over https, with its addresses' signs_in
mistrusts() { ! curl -s -o /dev/null --max-time 8 "https://127.0.0.1:$lan/sign-in"; }
is 'one that does not is not' mistrusts
hands_out() { over_https /shop-authority.crt && cmp -s "$OUT.lan" "$HONEST_GRAIN_STATE/lan/authority.crt"; }
is 'what it is to trust is handed out' hands_out
private_keys() { [ "$(stat -c %a "$HONEST_GRAIN_STATE"/lan/*.key | sort -u)" = 600 ]; }
is 'and the keys are nobody else'\''s' private_keys
stop -TERM
"$ROOT/bin/start" --lan 99999 >"$OUT" 2>&1
is 'a port for tablets that is none is refused' says '--lan is "99999"'

printf 'no\n' | "$ROOT/bin/start" --fresh >"$OUT" 2>&1
is 'fresh asks before it drops anything' says 'Nothing was dropped.'
is 'and drops nothing' test -d "$HONEST_GRAIN_STATE/mysql"
"$ROOT/bin/start" --port eighty >"$OUT" 2>&1
is 'a port that is none is refused' says '--port is "eighty"'
touch "$HONEST_GRAIN_STATE/a-file"
HONEST_GRAIN_STATE=$HONEST_GRAIN_STATE/a-file "$ROOT/bin/start" >"$OUT" 2>&1
is 'a folder that cannot be written is named' says 'Nothing can be written in'
"$ROOT/bin/start" --help >"$OUT" 2>&1
is 'help names every option' says '--fresh'

echo
echo "$passed passed, $failed failed"
[ "$failed" = 0 ]
