# What keeps the database and the application running until they are told to stop. Sourced by ./rotor.

# So often within so many seconds something that ended by itself is started again.
MOST_RESTARTS=5
RESTARTS_WITHIN=600
restarts=()

# may_restart NOW: whether it is not too often, and notes that it was done. NOW in seconds.
may_restart() {
  local one recent=()
  for one in "${restarts[@]}"; do [ $(($1 - one)) -ge $RESTARTS_WITHIN ] || recent+=("$one"); done
  restarts=("${recent[@]}")
  [ ${#restarts[@]} -lt $MOST_RESTARTS ] || return 1
  restarts+=("$1")
}

# restart WHAT COMMAND…: says so and does it, unless it was done too often.
restart() {
  local what=$1
  shift
  may_restart "$(date +%s)" ||
    fail "$what ended by itself, and was started again $MOST_RESTARTS times within $((RESTARTS_WITHIN / 60)) minutes; see $data/server.log and $data/postgres/server.log"
  say "$(date +%T) $what ended by itself; starting it again…"
  "$@"
}

# watch: looks every second, until a signal ends it. The database comes back where the application
# looks for it; where that place is taken by then, the application is started anew, too.
watch() {
  local database=$PGPORT
  while :; do
    sleep 1 9>&- &
    wait $!
    if ! postgres_runs "$data/postgres"; then
      restart "The database" postgres_start "$data" "$database"
      if [ "$PGPORT" != "$database" ]; then
        database=$PGPORT
        kill "$server" 2>/dev/null
        wait "$server" 2>/dev/null
        launch
      fi
    elif [ -n "$supply" ] && ! kill -0 "$supply" 2>/dev/null; then
      wait "$supply" 2>/dev/null
      # Where the application looks for it.
      restart "The simulated supply house" launch_supply "${supply_url##*:}"
    elif ! kill -0 "$server" 2>/dev/null; then
      wait "$server" 2>/dev/null
      restart "The application" launch
    fi
  done
}
