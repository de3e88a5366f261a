# Before a new version takes over. Sourced by ./rotor.

FRESH_BACKUP=86400

# backup_age FOLDER: of the newest backup that is known of, by the data's own note or in the folder [s];
# nothing where there is none.
backup_age() {
  local taken=''
  if [ -n "$1" ]; then
    backups=$1
    taken=$(kept_backups | tail -n 1)
    [ -z "$taken" ] || taken=$(stat -c %Y "$1/$taken")
  elif [ -s "$data/told/backup" ]; then
    taken=$(sed -n 's/^taken=//p' "$data/told/backup")
    [ -z "$taken" ] || taken=$(date -d "$taken" +%s)
  fi
  [ -z "$taken" ] || echo $(($(date +%s) - taken))
}

# upgrade_check: what the next start of this version would do to these data. Ends with 3 where it would
# change them and no backup is fresh.
upgrade_check() {
  local data='' backups=''
  while [ $# -gt 0 ]; do
    case "$1" in
      --data) data=${2:-}; shift 2 || fail "--data needs a folder" ;;
      --backups) backups=${2:-}; shift 2 || fail "--backups needs a folder" ;;
      *) fail "upgrade-check does not know '$1'; see ./rotor help" ;;
    esac
  done
  [ -z "$backups" ] || [ -d "$backups" ] || fail "--backups: there is no folder '$backups'"
  need postgres
  if [ -z "$data" ]; then data=$(default_data); fi
  data=$(cd "$data" 2>/dev/null && pwd) || fail "--data: there is no such folder"
  reach_database
  local schema
  schema=$("$(postgres_folder)/psql" -d rotor -qAt -c "select coalesce(max(version::int), 0) from flyway_schema_history where success" 2>/dev/null)
  [ -z "$STARTED" ] || postgres_stop "$data"
  [[ $schema =~ ^[0-9]+$ ]] || fail "no application was started on these data yet"
  local newest
  newest=$(newest_schema)
  [ "$schema" -le "$newest" ] ||
    fail "these data are of a newer version (schema $schema) than this one ($version, schemas up to $newest): do not start it on them"
  if [ "$schema" = "$newest" ]; then
    say "Nothing to bring up to date: these data have schema $schema, as version $version does."
    return 0
  fi
  say "The next start of version $version brings these data from schema $schema to $newest, and no earlier version opens them then:"
  local number
  for ((number = schema + 1; number <= newest; number++)); do
    find "$root/server/src/main/resources/db/migration" -name "V${number}__*.sql" |
      sed 's/.*\/V\([0-9]*\)__\(.*\)\.sql/  \1  \2/; y/_/ /'
  done
  local age
  age=$(backup_age "$backups")
  if [ -n "$age" ] && [ "$age" -le $FRESH_BACKUP ]; then
    say "The newest backup is $((age / 3600)) h old."
    return 0
  fi
  if [ -z "$age" ]; then say "No backup is known of."; else say "The newest backup is $((age / 3600)) h old."; fi
  say "Take one first: ./rotor backup FILE --data $data"
  exit 3
}
