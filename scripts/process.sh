# Under whom the application runs, and what of it an earlier start left running. Sourced by ./rotor.

# Debian's way of naming users of the system's own (adduser(8), from memory).
APP_USER=_variable-rotor

# become_app_user: started as root, the application runs under a user of its own, who owns nothing and
# gains nothing. Sets AS_APP, which goes before a command.
become_app_user() {
  AS_APP=()
  [ "$(id -u)" = 0 ] || return 0
  id -u "$APP_USER" >/dev/null 2>&1 ||
    useradd --system --user-group --no-create-home --home-dir /nonexistent --shell /usr/sbin/nologin "$APP_USER" ||
    fail "could not make the user $APP_USER, under whom the application runs"
  AS_APP=(setpriv "--reuid=$APP_USER" "--regid=$APP_USER" --clear-groups --no-new-privs
    --inh-caps=-all --bounding-set=-all env HOME=/nonexistent)
}

# app_folder FOLDER NAME: the folder, or where the application's user cannot read it, a copy of it as
# NAME beside the data.
app_folder() {
  if can_read "$1"; then
    echo "$1"
    return 0
  fi
  rm -rf "${data:?}/$2"
  cp -rLp "$1" "$data/$2" && chmod -R a+rX,go-w "$data/$2" && can_read "$data/$2" ||
    fail "the application's user cannot read $1, nor a copy of it in $data"
  echo "$data/$2"
}

# can_read FOLDER: whether the application's user can read all of it.
can_read() {
  [ ${#AS_APP[@]} = 0 ] ||
    { "${AS_APP[@]}" test -r "$1" && [ -z "$("${AS_APP[@]}" find -L "$1" ! -readable -print -quit 2>&1)" ]; }
}

# began PID: when it began, by which it is told from another that has its number later.
began() { sed 's/.*) //' "/proc/$1/stat" 2>/dev/null | cut -d ' ' -f 20; }

# remember NAME PID: notes what was started, for a start after this one.
remember() { printf '%s %s\n' "$2" "$(began "$2")" >"$data/$1.pid"; }

forget() { rm -f "$data/$1.pid"; }

# is_running NAME: whether what was noted under it still runs. Sets PID.
is_running() {
  local then
  read -r PID then 2>/dev/null <"$data/$1.pid" || return 1
  [[ $PID =~ ^[0-9]+$ ]] && [ -n "$then" ] && [ "$(began "$PID")" = "$then" ] &&
    ! grep -q '^State:[[:space:]]*Z' "/proc/$PID/status" 2>/dev/null
}

# end_left_over NAME WHAT: what an earlier start left running, when it was killed, is ended.
end_left_over() {
  is_running "$1" || return 0
  say "$2 of an earlier start still runs: it is ended."
  local tries
  kill "$PID" 2>/dev/null
  for ((tries = 0; tries < 100; tries++)); do
    is_running "$1" || { forget "$1"; return 0; }
    sleep 0.1
  done
  kill -KILL "$PID" 2>/dev/null
  sleep 0.5
  forget "$1"
}
