# Backups, taken while it runs, and what is made of them again. Sourced by ./rotor.
#
# A backup is a tar of two files: manifest, lines of "name value", and database, as pg_dump's custom
# format has it; with a passphrase the tar as OpenPGP has it (RFC 9580), encrypted with AES-256.

# What is not brought back: whoever has an old cookie signs in again.
NOT_KEPT="'spring_session', 'spring_session_attributes', 'sign_in_guard'"

# How many rows each table has, a line each: counted in the snapshot that is dumped, and once more in
# what came back.
COUNTS="select 'rows ' || relname || ' ' ||
  (xpath('/row/n/text()', query_to_xml(format('select count(*) as n from %I', relname), false, true, '')))[1]::text
  from pg_class where relkind in ('r', 'p') and not relispartition and relnamespace = 'public'::regnamespace and relname not in ($NOT_KEPT) order by 1"

# encrypted FILE: whether it begins as a message of OpenPGP with a passphrase does.
encrypted() { [ "$(head -c 1 "$1" | od -An -tx1 | tr -d ' ')" = 8c ]; }

# pass_by FILE: how gpg is told the passphrase that stands in the file.
gpg_by() {
  local file=$1 home
  shift
  home=$(mktemp -d)
  gpg --homedir "$home" --batch --quiet --pinentry-mode loopback --passphrase-file "$file" "$@"
  local answer=$?
  gpgconf --homedir "$home" --kill gpg-agent >/dev/null 2>&1
  rm -rf "$home"
  return $answer
}

# take_backup FILE [PASSPHRASE-FILE]: of the database that PGPORT and PGPASSWORD name. The file is there
# whole or not at all.
take_backup() {
  local file=$1 passphrase=${2:-} bin scratch
  bin=$(postgres_folder)
  scratch=$(mktemp -d "$(dirname "$file")/.backup.XXXXXX") || return 1
  chmod 700 "$scratch"
  # One transaction holds the snapshot, counts in it, and lends it to the dump.
  mkfifo "$scratch/say"
  "$bin/psql" -d rotor -qAt -v ON_ERROR_STOP=1 <"$scratch/say" >"$scratch/said" 2>"$scratch/fault" &
  local psql=$!
  exec 7>"$scratch/say"
  printf '%s\n' 'begin isolation level repeatable read read only;' \
    "select 'snapshot ' || pg_export_snapshot();" \
    "select 'schema ' || max(version::int) from flyway_schema_history where success and version is not null;" \
    "select 'taken ' || to_char(now() at time zone 'UTC', 'YYYY-MM-DD\"T\"HH24:MI:SS\"Z\"');" \
    "$COUNTS;" "select 'counted yes';" >&7
  local tries=0
  until grep -q '^counted yes' "$scratch/said"; do
    kill -0 $psql 2>/dev/null && [ $tries -lt 3000 ] || { exec 7>&-; cat "$scratch/fault" >&2; rm -rf "$scratch"; return 1; }
    tries=$((tries + 1))
    sleep 0.1
  done
  local snapshot
  snapshot=$(sed -n 's/^snapshot //p' "$scratch/said")
  { echo 'format variable-rotor-backup 1'; echo "version $version"; sed -n '/^snapshot\|^counted/!p' "$scratch/said"; } >"$scratch/manifest"
  "$bin/pg_dump" -d rotor -Fc --no-owner --snapshot="$snapshot" \
    --exclude-table-data='spring_session*' --exclude-table-data=sign_in_guard \
    -f "$scratch/database" 2>>"$scratch/fault"
  local dumped=$?
  echo 'commit;' >&7
  exec 7>&-
  wait $psql
  if [ $dumped != 0 ] || ! tar -C "$scratch" -cf "$scratch/whole" manifest database; then
    cat "$scratch/fault" >&2
    rm -rf "$scratch"
    return 1
  fi
  if [ -n "$passphrase" ]; then
    gpg_by "$passphrase" --symmetric --cipher-algo AES256 --s2k-digest-algo SHA512 --s2k-count 65011712 \
      --compress-algo none -o "$scratch/sealed" "$scratch/whole" || { rm -rf "$scratch"; return 1; }
    mv -f "$scratch/sealed" "$scratch/whole"
  fi
  chmod 600 "$scratch/whole"
  # On the disk before it has its name: a power cut leaves no half one under it.
  sync "$scratch/whole" && mv -f "$scratch/whole" "$file" && sync "$(dirname "$file")"
  local kept=$?
  rm -rf "$scratch"
  return $kept
}

# open_backup FILE FOLDER [PASSPHRASE-FILE]: unpacks it there, or stops.
open_backup() {
  local file=$1 folder=$2 passphrase=${3:-} tar=$1
  [ -r "$file" ] || fail "cannot read '$file'"
  if encrypted "$file"; then
    [ -n "$passphrase" ] || fail "'$file' is encrypted: --passphrase FILE names the file with its passphrase"
    need crypt
    tar=$folder/opened
    gpg_by "$passphrase" --decrypt -o "$tar" "$file" 2>"$folder/fault" ||
      fail "'$file' does not open with this passphrase, or was changed"
  fi
  tar -C "$folder" -xf "$tar" manifest database 2>/dev/null &&
    grep -qx 'format variable-rotor-backup 1' "$folder/manifest" ||
    fail "'$file' is no backup of this program, or only a part of one"
  rm -f "$folder/opened"
}

# newest_schema: to which this program brings a database up.
newest_schema() {
  find "$root/server/src/main/resources/db/migration" -name 'V*__*.sql' | sed 's/.*\/V\([0-9]*\)__.*/\1/' | sort -n | tail -n 1
}

# bring_back FOLDER: what was unpacked there into the empty database that PGPORT names, and counted.
bring_back() {
  local bin schema
  bin=$(postgres_folder)
  schema=$(sed -n 's/^schema //p' "$1/manifest")
  [ "$schema" -le "$(newest_schema)" ] ||
    fail "this backup is of a newer version ($(sed -n 's/^version //p' "$1/manifest"), schema $schema); this one knows schemas up to $(newest_schema)"
  "$bin/pg_restore" -d rotor --no-owner --exit-on-error --single-transaction "$1/database" 2>"$1/fault" ||
    { tail -n 5 "$1/fault" >&2; fail "the backup could not be brought back"; }
  local there
  there=$("$bin/psql" -d rotor -qAt -c "$COUNTS")
  [ "$there" = "$(grep '^rows ' "$1/manifest")" ] ||
    fail "what came back is not what was counted when the backup was taken"
}

# told_of FOLDER: what a backup holds, in words.
told_of() {
  local count
  count() { sed -n "s/^rows $1 //p" "$2/manifest"; }
  printf 'taken %s: %s calls, %s readings, %s photos, %s accounts' "$(sed -n 's/^taken //p' "$1/manifest")" \
    "$(count service_call "$1")" "$(count reading "$1")" "$(count photo "$1")" "$(count account "$1")"
  # Pictures in a bucket are that bucket's to back up.
  local away
  away=$(count photo_place "$1")
  [ "${away:-0}" = 0 ] || printf ' (the pictures of %s photos lie in the bucket, and not in this file)' "$away"
}

# reach_database: of the data that are named, running or not. Sets STARTED where it had to be started.
reach_database() {
  STARTED=''
  postgres_runs "$data/postgres" || STARTED=yes
  [ -s "$data/postgres/PG_VERSION" ] || fail "--data: there is no database in '$data'"
  postgres_start "$data"
}

# backup: what ./rotor backup does.
backup() {
  local data='' file='' passphrase='' verify=false
  while [ $# -gt 0 ]; do
    case "$1" in
      --data) data=${2:-}; shift 2 || fail "--data needs a folder" ;;
      --passphrase) passphrase=${2:-}; shift 2 || fail "--passphrase needs a file" ;;
      --verify) verify=true; shift ;;
      -*) fail "backup does not know '$1'; see ./rotor help" ;;
      *) [ -z "$file" ] || fail "backup: found '$1' beside '$file'; allowed is one file"; file=$1; shift ;;
    esac
  done
  [ -n "$file" ] || fail "backup: found no file; allowed is the file to write, or with --verify the one to look at"
  need postgres
  check_passphrase "$passphrase"
  if $verify; then verify_backup "$file" "$passphrase"; return; fi
  [ ! -d "$file" ] && [ -w "$(dirname "$file")" ] || fail "backup: cannot write '$file'"
  if [ -z "$data" ]; then data=$(default_data); fi
  data=$(cd "$data" 2>/dev/null && pwd) || fail "--data: there is no such folder"
  reach_database
  local said=0
  take_backup "$file" "$passphrase" || said=1
  [ -z "$STARTED" ] || postgres_stop "$data"
  [ $said = 0 ] || fail "no backup was taken; nothing was written over"
  say "Kept in $file ($(du -h "$file" | cut -f 1)$([ -z "$passphrase" ] || echo ', encrypted')). ./rotor backup --verify $file brings it back aside and counts."
}

check_passphrase() {
  [ -n "$1" ] || return 0
  [ -s "$1" ] && [ -r "$1" ] || fail "--passphrase: cannot read '$1', or it is empty; allowed is a file with the passphrase in its first line"
  need crypt
}

# verify_backup FILE PASSPHRASE-FILE: brought back aside, counted, and thrown away.
verify_backup() {
  # Not local: it is cleared away once everything else is over.
  scratch=$(mktemp -d /tmp/rotor-verify.XXXXXX)
  chmod 711 "$scratch"
  trap 'postgres_stop "$scratch"; rm -rf "$scratch"' EXIT
  (umask 077 && mkdir "$scratch/opened")
  open_backup "$1" "$scratch/opened" "$2"
  postgres_start "$scratch" 8521 '-c fsync=off'
  bring_back "$scratch/opened"
  say "It comes back whole: $(told_of "$scratch/opened")."
}

# restore: what ./rotor restore does.
restore() {
  local data='' file='' passphrase=''
  while [ $# -gt 0 ]; do
    case "$1" in
      --data) data=${2:-}; shift 2 || fail "--data needs a folder" ;;
      --passphrase) passphrase=${2:-}; shift 2 || fail "--passphrase needs a file" ;;
      -*) fail "restore does not know '$1'; see ./rotor help" ;;
      *) [ -z "$file" ] || fail "restore: found '$1' beside '$file'; allowed is one file"; file=$1; shift ;;
    esac
  done
  [ -n "$file" ] || fail "restore: found no file; allowed is a backup"
  [ -n "$data" ] || fail "restore: --data must name the folder in which it is brought back"
  need postgres
  check_passphrase "$passphrase"
  [ -z "$(ls -A "$data" 2>/dev/null)" ] ||
    fail "--data: '$data' is not empty, and nothing is written over; name a new folder"
  (umask 077 && mkdir -p "$data") || fail "--data: cannot write to '$data'"
  data=$(cd "$data" && pwd)
  postgres_can_reach "$data" ||
    fail "--data: the database runs as user 'postgres', who cannot reach '$data'. Give a folder below one that others may enter."
  (umask 077 && mkdir "$data/opened")
  # Half a shop is none: what does not come back whole is not left there.
  trap 'postgres_stop "$data"; rm -rf "${data:?}"/*' EXIT
  open_backup "$file" "$data/opened" "$passphrase"
  postgres_start "$data"
  bring_back "$data/opened"
  local told
  told=$(told_of "$data/opened")
  rm -rf "$data/opened"
  postgres_stop "$data"
  trap - EXIT
  say "Brought back into $data, $told. ./rotor start --data $data goes on from there; whoever was signed in signs in again."
}

# Of one a day [s]; one that failed is tried again after an hour.
BACKUP_EVERY=${ROTOR_BACKUP_EVERY:-86400}
BACKUP_AGAIN=3600

# backup_when_due NOW: takes the day's backup into the folder backups, beside everything else, and lets
# go of all but the newest so many. What came of it is told where the application reads it.
backup_when_due() {
  [ -n "$backups" ] || return 0
  if [ -n "$backing_up" ]; then
    ! kill -0 "$backing_up" 2>/dev/null || return 0
    if wait "$backing_up"; then
      backup_next=$(($1 + BACKUP_EVERY))
      tell_backup
    else
      say "$(date +%T) The day's backup failed; see $data/backup.log. It is tried again in an hour."
      backup_next=$(($1 + BACKUP_AGAIN))
      tell_backup "$(date -u +%Y-%m-%dT%H:%M:%SZ)"
    fi
    backing_up=''
    return 0
  fi
  [ "$1" -ge "$backup_next" ] || return 0
  (
    exec 9>&-
    trap - EXIT
    file=$backups/rotor-$(date -u +%Y%m%dT%H%M%SZ).backup
    take_backup "$file" "$backup_passphrase" >"$data/backup.log" 2>&1 || exit 1
    kept_backups | head -n "-$keep" | while read -r one; do rm -f "$backups/$one"; done
  ) &
  backing_up=$!
}

# Its own files in the folder, the oldest first.
kept_backups() { ls "$backups" 2>/dev/null | grep -E '^rotor-[0-9]{8}T[0-9]{6}Z\.backup$' | sort; }

# tell_backup [FAILED]: how it stands, for the lead's page; when a try failed, where the last did.
tell_backup() {
  local newest failed=${1:-}
  newest=$(kept_backups | tail -n 1)
  (umask 022 && mkdir -p "$data/told")
  {
    echo "folder=$backups"
    echo "kept=$(kept_backups | wc -l)"
    echo "encrypted=$([ -n "$backup_passphrase" ] && echo true || echo false)"
    if [ -n "$newest" ]; then
      echo "taken=$(date -u -r "$backups/$newest" +%Y-%m-%dT%H:%M:%SZ)"
      echo "bytes=$(stat -c %s "$backups/$newest")"
    fi
    [ -z "$failed" ] || echo "failed=$failed"
  } >"$data/told/.backup" && chmod 644 "$data/told/.backup" && mv -f "$data/told/.backup" "$data/told/backup"
}

# begin_backups: what was kept before this start counts. Sets backup_next.
begin_backups() {
  backing_up='' backup_next=0
  rm -f "$data/told/backup"
  [ -n "$backups" ] || return 0
  local newest
  newest=$(kept_backups | tail -n 1)
  [ -z "$newest" ] || backup_next=$(($(stat -c %Y "$backups/$newest") + BACKUP_EVERY))
  tell_backup
}
