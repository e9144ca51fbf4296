#!/usr/bin/env bash
# Checks deploy/install: what it lays out under a folder is what it should be, and it serves: the very files, with their
# paths moved into that folder, a database and a certificate of the check's own.
set -u
ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
DEST=$(mktemp -d /tmp/honest-grain-deploy.XXXXXX)
STATE=$DEST/state
mkdir -p "$STATE"
unset APP_KEY DB_PASSWORD DB_PORT SOCKET_DIR APP_ENV
. "$ROOT/bin/_shop.sh"
passed=0
failed=0
started=

quit() {
    for pid in $started; do kill "$pid" 2>/dev/null; done
    database_stop
    wait 2>/dev/null
    rm -rf "$DEST"
}
trap quit EXIT
is() {
    if "${@:2}"; then passed=$((passed + 1)); echo "  ok    $1"; else failed=$((failed + 1)); echo "  FAIL  $1"; fi
}
mode() { stat -c %a "$DEST/$1"; }
install() { DESTDIR=$DEST "$ROOT/deploy/install" --host shop.example.test --certificate "$DEST/shop.crt" --key "$DEST/shop.key" --https "$HTTPS" --http "$HTTP" "$@" >"$DEST/out" 2>&1; }

HTTP=$(free_port)
HTTPS=$(free_port)
openssl req -x509 -newkey ec -pkeyopt ec_paramgen_curve:prime256v1 -nodes -days 2 -subj /CN=shop.example.test \
    -addext subjectAltName=DNS:shop.example.test -keyout "$DEST/shop.key" -out "$DEST/shop.crt" 2>/dev/null
is 'it lays out a release' install
sed -n '/failed/,$p' "$DEST/out"
is 'with nothing left to fill in' eval '! grep -rqE "@[A-Z_]+@" "$DEST/etc"'
is 'without what only its makers need' eval '[ ! -d "$DEST/opt/honest-grain/current/vendor/phpunit" ] && [ ! -d "$DEST/opt/honest-grain/current/tests" ]'
is 'its settings and its secrets are for its own user' test "$(mode etc/honest-grain/environment)$(mode etc/honest-grain/app.key)$(mode etc/honest-grain/db.password)$(mode etc/honest-grain)" = 640640640750
key=$(cat "$DEST/etc/honest-grain/app.key")
echo 'MAIL_FROM=shop@example.test' >>"$DEST/etc/honest-grain/environment"
sleep 1
is 'it is laid out again over the first' install --workers 2
is 'which leaves settings and secrets alone' eval '[ "$(cat "$DEST/etc/honest-grain/app.key")" = "$key" ] && grep -q shop@example.test "$DEST/etc/honest-grain/environment"'
is 'and the release before beside the new one' test "$(ls "$DEST/opt/honest-grain/releases" | wc -l)" = 2
is 'which is the one in place' test "$(readlink "$DEST/opt/honest-grain/current")" = "releases/$(ls "$DEST/opt/honest-grain/releases" | tail -n 1)"
DESTDIR=$DEST "$ROOT/deploy/install" --host 'no such' --certificate a --key b >"$DEST/out" 2>&1
is 'a name that is none is refused' grep -q -- '--host is "no such"' "$DEST/out"
DESTDIR=$DEST "$ROOT/deploy/install" --host shop.example.test >"$DEST/out" 2>&1
is 'and what is missing is named' grep -q -- '--certificate is missing' "$DEST/out"

# The same files, moved: nothing of them is written anew.
moved=$DEST/moved
mkdir -p "$moved" "$DEST/run/honest-grain"
move() { sed -E "s#(^|[ =\"':])/(opt|var/lib|var/log|run|etc)/honest-grain#\1$DEST/\2/honest-grain#g" "$DEST/$1" >"$moved/$2"; }
for one in environment fpm.conf site.conf; do move "etc/honest-grain/$one" "$one"; done
for one in $(ls "$DEST/etc/systemd/system"); do move "etc/systemd/system/$one" "$one"; done
move etc/nginx/sites-available/honest-grain honest-grain.nginx
move etc/logrotate.d/honest-grain honest-grain
if command -v systemd-analyze >/dev/null; then
    # Its user is made when it is installed for good.
    units() { ! systemd-analyze verify "$moved"/honest-grain-web.service "$moved"/honest-grain-schedule.timer 2>&1 | grep -F "$moved" | grep -v 'honest-grain-worker@' ; }
    is 'its services can be read by systemd' units
fi
if command -v logrotate >/dev/null || [ -x /usr/sbin/logrotate ]; then
    is 'its logs are turned over' eval 'PATH=$PATH:/usr/sbin logrotate -d "$moved/honest-grain" >/dev/null 2>&1'
fi
DB_FLUSH=0
make_secrets >/dev/null 2>&1
DB_PASSWORD=$(cat "$DEST/etc/honest-grain/db.password")
is 'a database for it' eval 'database_make >"$DEST/out" 2>&1 && database_start >>"$DEST/out" 2>&1'
port=$DB_PORT
unset APP_KEY DB_PASSWORD DB_PORT
sed -i "s/^DB_PORT=.*/DB_PORT=$port/" "$moved/environment"
owned() { (
    set -a
    . "$moved/environment"
    set +a
    "$@"
) >"$DEST/out" 2>&1; }
is 'its tables are made' owned php "$DEST/opt/honest-grain/current/artisan" migrate --force
is 'what is read once is read' owned php "$DEST/opt/honest-grain/current/artisan" house:tune
printf 'user root;\ndaemon off;\nworker_processes 1;\npid "%s/nginx.pid";\nevents {}\nhttp { include /etc/nginx/mime.types; client_body_temp_path "%s"; fastcgi_temp_path "%s"; include "%s"; }\n' \
    "$DEST" "$DEST" "$DEST" "$moved/honest-grain.nginx" >"$moved/nginx.conf"
cp "$moved/site.conf" "$DEST/etc/honest-grain/site.conf"
# As its own user it would need no more than that; the check runs as whoever runs it.
[ "$(id -u)" = 0 ] && printf 'user = root\ngroup = root\n' >>"$moved/fpm.conf"
start_line() { sed -n 's/^ExecStart=//p' "$moved/$1"; }
(
    set -a
    . "$moved/environment"
    set +a
    exec $(start_line honest-grain-web.service | sed "s#$DEST/etc/honest-grain/fpm.conf#$moved/fpm.conf -R#") $([ "$(id -u)" = 0 ] && echo -d opcache.preload_user=root)
) >"$DEST/fpm.out" 2>&1 9>&- &
started="$started $!"
$WEB_SERVER -c "$moved/nginx.conf" -e "$DEST/nginx.out" >"$DEST/nginx.out" 2>&1 9>&- &
started="$started $!"
(
    set -a
    . "$moved/environment"
    set +a
    exec $(start_line honest-grain-worker@.service)
) >"$DEST/worker.out" 2>&1 9>&- &
started="$started $!"
ask() { curl -s -o "$DEST/answer" -D "$DEST/head" -w '%{http_code}' --max-time 8 --cacert "$DEST/shop.crt" --resolve "shop.example.test:$HTTPS:127.0.0.1" --resolve "shop.example.test:$HTTP:127.0.0.1" "$1"; }
for _ in $(seq 1 100); do [ "$(ask "https://shop.example.test:$HTTPS/ready")" = 200 ] && break; sleep 0.2; done
is 'it takes work, over https' test "$(ask "https://shop.example.test:$HTTPS/ready")" = 200
[ "$(ask "https://shop.example.test:$HTTPS/ready")" = 200 ] || tail -n 5 "$DEST"/*.out "$DEST/var/log/honest-grain/server.log"
is 'and answers with its page' eval '[ "$(ask "https://shop.example.test:$HTTPS/sign-in")" = 200 ] && grep -q "Sign in" "$DEST/answer"'
is 'which no other may be taken for' grep -qi '^strict-transport-security' "$DEST/head"
is 'without a certificate it leads there' eval '[ "$(ask "http://shop.example.test:$HTTP/bench")" = 301 ] && grep -qi "^location: https://shop.example.test/bench" "$DEST/head"'
admin() { HONEST_GRAIN_ENVIRONMENT=$moved/environment "$DEST/opt/honest-grain/current/bin/admin" "$@" >"$DEST/out" 2>&1; }
is 'an owner is made' admin owner linnet@example.test --name 'Linnet Sedge' --workshop 'Reed Bank'
is 'and the doctor, the worker at work, misses only the clock' eval '! admin doctor && grep -q "worker makes plans" "$DEST/out" && grep -q "^1 thing is wrong" "$DEST/out"'
(
    set -a
    . "$moved/environment"
    set +a
    exec $(start_line honest-grain-schedule.service)
) >"$DEST/schedule.out" 2>&1
is 'which comes with its timer' eval 'admin doctor || { cat "$DEST/out"; false; }'

echo
echo "$passed passed, $failed failed"
[ "$failed" = 0 ]
