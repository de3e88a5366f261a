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
  local now
  printf -v now '%(%s)T' -1
  may_restart "$now" ||
    fail "$what ended by itself, and was started again $MOST_RESTARTS times within $((RESTARTS_WITHIN / 60)) minutes; see $data/server.log and $data/postgres/server.log"
  say "$(date -d "@$now" +%T) $what ended by itself; starting it again…"
  "$@"
}

# The application is asked so often [s], and taken for dead once it has not answered for so long: it
# can live, and have nobody left who listens.
ASKED_EVERY=10
PATIENCE=${ROTOR_PATIENCE:-60}

# answers ADDRESS PORT [TLS]: whether anything that speaks HTTP does, as whoever asks for the page is
# answered.
answers() {
  if [ -n "${3:-}" ]; then
    local at=$1
    [[ $at != *:* ]] || at="[$at]"
    timeout 8 bash -c 'printf "GET /mark.svg HTTP/1.0\r\n\r\n" |
      openssl s_client -quiet -connect "$1" 2>/dev/null | grep -m 1 -q "^HTTP/"' answers "$at:$2" 2>/dev/null 9>&- &
  else
    timeout 8 bash -c 'exec 3<>"/dev/tcp/$1/$2" && printf "GET /mark.svg HTTP/1.0\r\n\r\n" >&3 &&
      read -r line <&3 && [[ $line == HTTP/* ]]' answers "$1" "$2" 2>/dev/null 9>&- &
  fi
  wait $!
}

# ask_server NOW: ends the application where it has not answered for too long. NOW in seconds.
ask_server() {
  [ $(($1 - asked)) -ge $ASKED_EVERY ] || return 0
  if answers "$asked_at" "$port" "$certificate"; then answered=$1; fi
  printf -v asked '%(%s)T' -1
  [ $((asked - answered)) -ge "$PATIENCE" ] || return 0
  say "$(date +%T) The application has not answered for $((asked - answered)) s."
  kill -KILL "$server" 2>/dev/null
}

# watch: looks every second, until a signal ends it. The database comes back where the application
# looks for it; where that place is taken by then, the application is started anew, too.
# Bash forgets a SIGINT that comes while it waits for a $(…): what is done every second does without.
watch() {
  local database=$PGPORT now asked answered log
  printf -v now '%(%s)T' -1
  asked=$now answered=$now
  while :; do
    sleep 1 9>&- &
    wait $!
    printf -v now '%(%s)T' -1
    if ! postgres_runs "$data/postgres"; then
      restart "The database" postgres_start "$data" "$database"
      if [ "$PGPORT" != "$database" ]; then
        database=$PGPORT
        kill "$server" 2>/dev/null
        wait "$server" 2>/dev/null
        launch
        printf -v answered '%(%s)T' -1
      fi
    elif [ -n "$supply" ] && ! kill -0 "$supply" 2>/dev/null; then
      wait "$supply" 2>/dev/null
      # Where the application looks for it.
      restart "The simulated supply house" launch_supply "${supply_url##*:}"
    elif ! kill -0 "$server" 2>/dev/null; then
      wait "$server" 2>/dev/null
      restart "The application" launch
      printf -v answered '%(%s)T' -1
    else
      ask_server "$now"
      backup_when_due "$now"
      for log in server supply-house postgres/server; do turn_over "$data/$log.log"; done
    fi
  done
}
