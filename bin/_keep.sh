# Backups and their restoring, for bin/admin. Sourced, not run. Wants ROOT and the settings of an installation.
#
# A backup is one file: a consistent dump of the database, the photographs, and a list of both with their checksums, the
# rows of each table counted and summed up. Sealed where BACKUP_KEY_FILE names a key.

DATABASE=${DB_DATABASE:-honest_grain}
BACKUPS=${BACKUP_PATH:-${PHOTO_PATH:-$ROOT/var}/../backups}
WORKING=
# A dump, a log or a photograph that cannot be read makes no backup, and nothing that is called restored.
set -o pipefail

no() { printf '%s\n' "$*" >&2; exit 1; }

# Its root speaks through the socket; elsewhere whoever DB_ADMIN_USERNAME and DB_ADMIN_PASSWORD are.
server() {
    local how=("$1" --no-defaults)
    shift
    if [ -n "${DB_ADMIN_SOCKET:-}" ]; then how+=(--socket="$DB_ADMIN_SOCKET" -uroot)
    elif [ -n "${DB_ADMIN_USERNAME:-}" ]; then
        how+=(--protocol=tcp --host="$DB_HOST" --port="$DB_PORT" -u"$DB_ADMIN_USERNAME")
        export MYSQL_PWD=${DB_ADMIN_PASSWORD:-}
    else how+=(-uroot); fi
    "${how[@]}" "$@"
}
ask() { server mariadb -N -B -e "$1"; }

# A row a line, so that the rows of each table can be counted and summed up; the same rows give the same sums anywhere.
dumped() { server mariadb-dump --single-transaction --skip-comments --skip-extended-insert --order-by-primary --hex-blob --skip-tz-utc "$@"; }
sums() {
    awk '/^INSERT INTO `/ { split($0, of, "`"); print of[2] "\t" $0 }' |
        php -r 'while (($line = fgets(STDIN)) !== false) { [$of, $row] = explode("\t", $line, 2); $n[$of] = ($n[$of] ?? 0) + 1; $sum[$of] ??= hash_init("sha256"); hash_update($sum[$of], $row); }
            ksort($n); foreach ($n as $of => $count) { echo "$of $count ", hash_final($sum[$of]), "\n"; }'
}

clean_up() { [ -n "$WORKING" ] && rm -rf "$WORKING"; }
trap clean_up EXIT

backup() {
    local to=${1:-$BACKUPS} name work
    mkdir -p "$to" && chmod 700 "$to" || no "Nothing can be written in $to."
    [ -z "${BACKUP_KEY_FILE:-}" ] || [ -r "$BACKUP_KEY_FILE" ] || no "BACKUP_KEY_FILE is \"$BACKUP_KEY_FILE\", which cannot be read."
    WORKING=$(mktemp -d "$to/.making.XXXXXX") || exit 1
    work=$WORKING
    mkdir "$work/photos"
    # Before and after the dump, so that every photograph that a row of it names is there.
    [ ! -d "$PHOTO_PATH" ] || cp -a "$PHOTO_PATH/." "$work/photos/" || no 'The photographs cannot be copied.'
    dumped --master-data=2 "$DATABASE" >"$work/database.sql" 2>"$work/why" || dumped "$DATABASE" >"$work/database.sql" 2>"$work/why" || no "The database cannot be dumped: $(cat "$work/why")"
    tail -c 200 "$work/database.sql" | grep -q 'SQL_NOTES' || no 'The dump is not whole.'
    [ ! -d "$PHOTO_PATH" ] || cp -an "$PHOTO_PATH/." "$work/photos/" || no 'The photographs cannot be copied.'
    {
        echo 'honest-grain backup 1'
        echo "made $(date -u +%Y-%m-%dT%H:%M:%SZ)"
        sed -n "s/^-- CHANGE MASTER TO MASTER_LOG_FILE='\([^']*\)', MASTER_LOG_POS=\([0-9]*\);/binlog \1 \2/p" "$work/database.sql" | head -n 1
        sums <"$work/database.sql" | sed 's/^/rows /'
        (cd "$work" && find database.sql photos -type f -print0 | sort -z | xargs -0 -r sha256sum | sed 's/^/file /')
    } >"$work/list"
    rm -f "$work/why"
    name=$to/honest-grain-$(date -u +%Y%m%d-%H%M%S).backup
    if [ -n "${BACKUP_KEY_FILE:-}" ]; then
        tar -C "$work" -cf - list database.sql photos | gzip | php "$ROOT/bin/_seal.php" seal "$BACKUP_KEY_FILE" >"$work/out" || no 'It cannot be sealed.'
    else
        tar -C "$work" -cf - list database.sql photos | gzip >"$work/out" || no 'It cannot be written.'
    fi
    chmod 600 "$work/out" && mv "$work/out" "$name" || no "Nothing can be written in $to."
    echo "$name: $(grep -c '^rows ' "$work/list") tables, $(awk '/^rows / { n += $3 } END { print n + 0 }' "$work/list") rows, $(grep -c '^file .* photos/' "$work/list") photographs, $(du -h "$name" | cut -f1)$([ -n "${BACKUP_KEY_FILE:-}" ] && echo ', sealed')"
    retain "$to"
}

# Kept are those of the last day, and the last of each of 7 days, of each of 5 weeks, of each of 12 months; what is of none of them goes.
retain() {
    local file stamp day
    declare -A days=() weeks=() months=()
    for file in $(ls -1r "$1"/honest-grain-*.backup 2>/dev/null); do
        stamp=$(basename "$file" .backup)
        stamp=${stamp#honest-grain-}
        day=${stamp%%-*}
        [[ $day =~ ^[0-9]{8}$ ]] || continue
        local keep=no week month
        week=$(date -u -d "$day" +%G%V) month=${day:0:6}
        if [ -z "${days[$day]:-}" ] && [ ${#days[@]} -lt 7 ]; then days[$day]=1 keep=yes; fi
        if [ -z "${weeks[$week]:-}" ] && [ ${#weeks[@]} -lt 5 ]; then weeks[$week]=1 keep=yes; fi
        if [ -z "${months[$month]:-}" ] && [ ${#months[@]} -lt 12 ]; then months[$month]=1 keep=yes; fi
        [ "$(date -u -d "$day ${stamp:9:2}:${stamp:11:2}:${stamp:13:2}" +%s 2>/dev/null || echo 0)" -lt "$(($(date +%s) - 86400))" ] || keep=yes
        [ $keep = yes ] || rm -f "$file"
    done
}

# unpacked FILE: into $WORKING, every file of it checked against the list.
unpacked() {
    [ -r "$1" ] || no "$1 cannot be read."
    WORKING=$(mktemp -d "${TMPDIR:-/tmp}/honest-grain-restore.XXXXXX") || exit 1
    if cmp -s -n 12 "$1" <(printf 'honest-grain'); then
        [ -n "${BACKUP_KEY_FILE:-}" ] || no 'It is sealed: set BACKUP_KEY_FILE to the key that it was sealed with.'
        php "$ROOT/bin/_seal.php" open "$BACKUP_KEY_FILE" <"$1" >"$WORKING/opened" || no "$1 cannot be opened."
        tar -C "$WORKING" -xzf "$WORKING/opened" 2>/dev/null || no "$1 is damaged."
        rm -f "$WORKING/opened"
    else
        tar -C "$WORKING" -xzf "$1" 2>/dev/null || no "$1 is damaged, or no backup."
    fi
    [ "$(head -n 1 "$WORKING/list" 2>/dev/null)" = 'honest-grain backup 1' ] || no "$1 is no backup of Honest Grain."
    sed -n 's/^file //p' "$WORKING/list" >"$WORKING/sums"
    (cd "$WORKING" && sha256sum --quiet --check sums >/dev/null 2>&1) || no "$1 is damaged: its files are not those of its list."
}

restore() {
    local file=${1:-} until='' yes=no scratch before stamp log position logs
    shift
    while [ $# -gt 0 ]; do
        case $1 in
            --until) until=${2:-}; shift; until=$(date -u -d "$until" '+%Y-%m-%d %H:%M:%S' 2>/dev/null) && [ -n "$until" ] || no '--until takes a date and time (UTC) such as "2026-12-01 09:10".' ;;
            --yes) yes=yes ;;
            *) no "Unknown option $1." ;;
        esac
        shift
    done
    [ -n "$file" ] || no 'Name the backup: bin/admin restore FILE [--until "DATE TIME"] [--yes]'
    unpacked "$file"
    read -r _ log position < <(grep '^binlog ' "$WORKING/list")
    stamp=$(date -u +%Y%m%d%H%M%S)
    scratch=${DATABASE}_restored_$stamp
    before=${DATABASE}_before_$stamp
    ask "create database \`$scratch\` character set utf8mb4" || no 'No database can be made.'
    server mariadb "$scratch" <"$WORKING/database.sql" || no 'The dump cannot be read.'
    # It proves itself: what now stands there, dumped again, has the same rows.
    dumped "$scratch" | sums | sed 's/^/rows /' | diff - <(grep '^rows ' "$WORKING/list") >"$WORKING/differs" ||
        { ask "drop database \`$scratch\`"; no "What was restored is not what was backed up: $(head -n 3 "$WORKING/differs")"; }
    echo "Proved: $(grep -c '^rows ' "$WORKING/list") tables, $(awk '/^rows / { n += $3 } END { print n + 0 }' "$WORKING/list") rows, as they were at $(sed -n 's/^made //p' "$WORKING/list")."
    if [ -n "$until" ]; then
        logs=$(ask 'select @@log_bin_basename')
        [ -n "${log:-}" ] && [ -r "$(dirname "$logs")/$log" ] || { ask "drop database \`$scratch\`"; no 'There is no binary log that goes on from this backup.'; }
        # shellcheck disable=SC2046
        TZ=UTC server mariadb-binlog --disable-log-bin --rewrite-db="$DATABASE->$scratch" --database="$DATABASE" \
            --start-position="$position" --stop-datetime="$until" \
            $(ls -1 "$logs".[0-9]* | awk -v from="$(dirname "$logs")/$log" '$0 >= from') |
            server mariadb --binary-mode "$scratch" || { ask "drop database \`$scratch\`"; no 'The binary log cannot be read.'; }
        echo "Brought on to $until (UTC) from the binary log."
    fi
    if [ "$yes" != yes ]; then
        printf 'What stands in %s now is set aside as %s. Type "restore" to go on: ' "$DATABASE" "$before"
        read -r answer || answer=
        [ "$answer" = restore ] || { ask "drop database \`$scratch\`"; no 'Nothing was changed.'; }
    fi
    ask "create database \`$before\` character set utf8mb4" || exit 1
    moved "$DATABASE" "$before" && moved "$scratch" "$DATABASE" || no "Look at $before and $scratch: the tables lie there."
    ask "drop database \`$scratch\`"
    if [ -d "$PHOTO_PATH" ]; then mv "$PHOTO_PATH" "$PHOTO_PATH-before-$stamp"; fi
    mkdir -p "$PHOTO_PATH" && cp -a "$WORKING/photos/." "$PHOTO_PATH/" || no 'The photographs cannot be put back.'
    [ "$(id -u)" != 0 ] || chown -R --reference="${CACHE_PATH:-$PHOTO_PATH}" "$PHOTO_PATH"
    echo "Restored. What stood before is in the database $before and in $PHOTO_PATH-before-$stamp."
}

# moved FROM TO: every table, in one statement: all of them or none.
moved() {
    local renames
    renames=$(ask "select group_concat(concat('\`$1\`.\`', table_name, '\` to \`$2\`.\`', table_name, '\`') separator ', ') from information_schema.tables where table_schema = '$1'" )
    [ -z "$renames" ] || [ "$renames" = NULL ] || ask "set session group_concat_max_len = 100000; rename table $renames"
}
