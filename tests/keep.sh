#!/usr/bin/env bash
# Checks bin/admin backup and restore on a database of the check's own: what is restored is what was backed up, to the
# moment that is asked for; what is damaged, cut off, or sealed with another key is refused, and changes nothing.
set -u
ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
STATE=$(mktemp -d /tmp/honest-grain-keep.XXXXXX)
OUT=$STATE/out
unset APP_KEY DB_PASSWORD DB_PORT SOCKET_DIR APP_ENV DB_FLUSH BACKUP_KEY_FILE
. "$ROOT/bin/_shop.sh"
passed=0
failed=0
quit() { database_stop; rm -rf "$STATE"; }
trap quit EXIT
is() {
    if "${@:2}"; then passed=$((passed + 1)); echo "  ok    $1"; else failed=$((failed + 1)); echo "  FAIL  $1"; tail -n 4 "$OUT"; fi
}
admin() { HONEST_GRAIN_ENVIRONMENT=$STATE/environment "$ROOT/bin/admin" "$@" >"$OUT" 2>&1; }
refused() { ! admin "$@"; }
sql() { mariadb --no-defaults --socket="$SOCKET_DIR/db.sock" -uroot -N -B honest_grain -e "$1"; }
state() { sql 'select count(*), sum(version) from pieces; select count(*) from log_entries; select name from workshops order by id'; }
newest() { ls -1 "$STATE"/backups/*.backup | tail -n 1; }

make_secrets
app_environment
is 'a shop to keep' eval 'database_make >"$OUT" 2>&1 && database_start >>"$OUT" 2>&1 && php "$ROOT/artisan" migrate --force >>"$OUT" 2>&1 && php "$ROOT/artisan" demo:seed >>"$OUT" 2>&1'
export BACKUP_PATH=$STATE/backups
write_environment
before=$(state)
is 'a backup says what is in it' eval 'admin backup && grep -qE "tables, [0-9]{3,} rows, [1-9] photographs" "$OUT"'
plain=$(newest)
is 'and is nobody else'\''s' test "$(stat -c %a "$plain")" = 600
sql "update workshops set name = 'Written later'"
later=$(state)
sleep 1.2
until=$(date -u '+%Y-%m-%d %H:%M:%S')
sleep 1.2
sql 'delete from pieces'
rm -rf "$STATE/photos"
is 'it can be brought on to the moment before a mishap' admin restore "$plain" --until "$until" --yes
is 'with what was written until then' test "$(state)" = "$later"
is 'and its photographs' eval '[ -n "$(ls "$STATE"/photos/*/*.jpg)" ]'
is 'and what stood before is still there' eval 'sql "show databases" | grep -q honest_grain_before_'
is 'it can be restored as it was' admin restore "$plain" --yes
is 'to the row' test "$(state)" = "$before"
is 'which it has proved' grep -q '^Proved: ' "$OUT"
is 'the program goes on with it' eval 'php "$ROOT/artisan" migrate --force >"$OUT" 2>&1 && admin workshops && grep -q wren@brambleslip.example "$OUT"'
is 'it asks before it changes anything' eval '! echo no | HONEST_GRAIN_ENVIRONMENT=$STATE/environment "$ROOT/bin/admin" restore "$plain" >"$OUT" 2>&1 && grep -q "Nothing was changed" "$OUT" && [ "$(state)" = "$before" ]'
left() { [ "$(sql 'show databases' | grep -c restored)" = 0 ]; }
is 'and leaves nothing half done behind' left

echo 'a key of some length, kept elsewhere' >"$STATE/backup.key"
echo 'another key of some length, kept here' >"$STATE/other.key"
export BACKUP_KEY_FILE=$STATE/backup.key
write_environment
is 'with a key it is sealed' eval 'sleep 1; admin backup && grep -q sealed "$OUT"'
sealed=$(newest)
is 'so that nothing of it can be read' eval '! gzip -t "$sealed" 2>/dev/null && ! grep -qa brambleslip "$sealed"'
is 'it is opened with that key' admin restore "$sealed" --yes
is 'to the row, too' test "$(state)" = "$before"
sed -i 's#backup.key#other.key#' "$STATE/environment"
is 'with another key it is refused' refused restore "$sealed" --yes
is 'in words' grep -q 'sealed with another key' "$OUT"
sed -i 's#other.key#backup.key#' "$STATE/environment"
head -c "$(($(stat -c %s "$sealed") - 30))" "$sealed" >"$STATE/cut.backup"
is 'so is one that is cut off' refused restore "$STATE/cut.backup" --yes
mkdir "$STATE/open" && tar -C "$STATE/open" -xzf "$plain" && sed -i "0,/INSERT INTO \`pieces\`/s//INSERT IGNORE INTO \`pieces\`/" "$STATE/open/database.sql" && tar -C "$STATE/open" -czf "$STATE/changed.backup" .
is 'and one in which something was changed' refused restore "$STATE/changed.backup" --yes
is 'by name' grep -q 'not those of its list' "$OUT"
is 'and nothing has changed by any of that' test "$(state)" = "$before"
is 'a moment that is none is refused' eval '! admin restore "$plain" --until "the day after" --yes && grep -q -- "--until takes" "$OUT"'
sql 'flush logs'
printf 'no event of any kind, and a long one of that' >>"$STATE/binlog/log.000001"
is 'a log that cannot be read to its end brings nothing on' eval '! admin restore "$plain" --until "$(date -u -d "+1 hour" "+%Y-%m-%d %H:%M:%S")" --yes && grep -q "binary log cannot be read" "$OUT"'
is 'and leaves all as it was' test "$(state)" = "$before"
for day in $(seq 1 60); do touch "$STATE/backups/honest-grain-$(date -u -d "-$day days" +%Y%m%d)-020000.backup"; done
sleep 1
is 'of old ones a few are kept' eval 'admin backup && [ "$(ls "$STATE/backups" | wc -l)" -ge 11 ] && [ "$(ls "$STATE/backups" | wc -l)" -le 15 ]'
is 'the newest of all among them' test "$(newest)" = "$(ls -1t "$STATE"/backups/*.backup | head -n 1)"

echo
echo "$passed passed, $failed failed"
[ "$failed" = 0 ]
