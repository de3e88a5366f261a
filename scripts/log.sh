# Logs: how many stay, and how large they grow. Sourced by ./rotor.

# move_older FILE: the last five of a log stay beside it.
move_older() {
  local n
  for n in 4 3 2 1; do [ ! -f "$1.$n" ] || mv -f "$1.$n" "$1.$((n + 1))"; done
}

# keep_log FILE: an empty log that nobody else reads; the last five before it stay beside it.
keep_log() {
  local log=$1
  move_older "$log"
  [ ! -s "$log" ] || mv -f "$log" "$log.1"
  (umask 077 && : >"$log" && chmod 600 "$log")
}

# A log is turned over at this size [byte].
LARGEST_LOG=${ROTOR_LARGEST_LOG:-10000000}

# turn_over FILE: a log that has grown too large goes on empty. Whoever writes it has it open to append,
# so its content is copied away under it, and what came while it was copied after it.
turn_over() {
  local log=$1
  # find ends with 1 where it ran false, for one that is larger.
  [ -f "$log" ] && ! find "$log" -size "+${LARGEST_LOG}c" -exec false '{}' + || return 0
  move_older "$log"
  (umask 077 && cp "$log" "$log.1") || return 1
  tail -c "+$(($(stat -c %s "$log.1") + 1))" "$log" >>"$log.1"
  : >"$log"
}
