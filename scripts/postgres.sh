# A PostgreSQL cluster of the project's own, on loopback, in a folder of its own. Sourced by ./rotor.
# A cluster of the system is left alone.

postgres_folder() {
  ls -d /usr/lib/postgresql/*/bin 2>/dev/null | sort -V | tail -n 1
}

# initdb and pg_ctl refuse root; as root they run as the user that Debian's package makes.
as_postgres() {
  if [ "$(id -u)" = 0 ]; then
    (cd / && exec setpriv --reuid=postgres --regid=postgres --init-groups env HOME=/ "$@")
  else
    "$@"
  fi
}

# port_is_taken PORT [ADDRESS]
port_is_taken() { (exec 3<>"/dev/tcp/${2:-127.0.0.1}/$1") 2>/dev/null; }

free_port() {
  local port=$1
  while port_is_taken "$port"; do port=$((port + 1)); done
  echo "$port"
}

# Whether the database's user can go into the folder; as root the folder itself is opened for it.
postgres_can_reach() {
  [ "$(id -u)" != 0 ] || chmod a+x "$1"
  as_postgres test -x "$1"
}

# postgres_runs CLUSTER: whether its server is alive. A killed one can stay in the process table as a
# zombie where nobody collects it, and then its own tools take it for running.
postgres_runs() {
  local pid key value
  { read -r pid <"$1/postmaster.pid"; } 2>/dev/null && [[ $pid =~ ^[0-9]+$ ]] || return 1
  {
    while read -r key value; do
      case "$key" in
        Name:) [ "$value" = postgres ] || return 1 ;;
        State:)
          [[ $value != Z* ]]
          return
          ;;
      esac
    done <"/proc/$pid/status"
  } 2>/dev/null
  return 1
}

# postgres_start DIR [PORT] [OPTIONS]: makes the cluster where there is none, and starts it where it
# does not run. Its owner keeps the schema; the application works under a role that owns nothing. Sets
# PGPORT, PGPASSWORD and APP_PASSWORD for what follows.
postgres_start() {
  local dir=$1 cluster=$1/postgres bin
  bin=$(postgres_folder)
  umask 077
  mkdir -p "$dir"
  make_secret "$dir/database-password"
  make_secret "$dir/application-password"
  PGPASSWORD=$(cat "$dir/database-password")
  if [ ! -s "$cluster/PG_VERSION" ]; then
    # A set-up that was cut off leaves no version file; begin it again.
    rm -rf "$cluster"
    mkdir -p "$cluster"
    local secret
    secret=$(mktemp)
    printf '%s\n' "$PGPASSWORD" >"$secret"
    if [ "$(id -u)" = 0 ]; then chown postgres "$cluster" "$secret"; fi
    as_postgres "$bin/initdb" -D "$cluster" -U rotor --pwfile="$secret" --auth=scram-sha-256 \
      --encoding=UTF8 --locale=C.UTF-8 --data-checksums >"$dir/initdb.log" 2>&1 ||
      { cat "$dir/initdb.log" >&2; rm -f "$secret"; rm -rf "$cluster"; fail "could not make the database"; }
    rm -f "$secret"
  fi
  umask 022
  if postgres_runs "$cluster"; then
    PGPORT=$(sed -n 4p "$cluster/postmaster.pid")
  else
    # Left behind by a power cut or a kill; its process is gone, as was just seen.
    rm -f "$cluster/postmaster.pid"
    PGPORT=$(free_port "${2:-8421}")
    local tries=0
    until as_postgres "$bin/pg_ctl" -D "$cluster" -w -t 60 -l "$cluster/server.log" \
      -o "-c listen_addresses=127.0.0.1 -c port=$PGPORT -c unix_socket_directories='' -c shared_buffers=64MB ${3:-}" \
      start >/dev/null 2>&1 9>&-; do
      # Children of a killed server may take some seconds to notice and let go of its memory.
      tries=$((tries + 1))
      [ $tries -lt 10 ] || { tail -n 20 "$cluster/server.log" >&2; fail "could not start the database in $cluster"; }
      sleep 1
      # Another one that starts at this moment may have taken the port that was free.
      [ $tries -lt 3 ] || PGPORT=$(free_port "${2:-8421}")
    done
  fi
  export PGPORT PGPASSWORD PGUSER=rotor PGHOST=127.0.0.1
  local there
  there=$("$bin/psql" -d postgres -Atc "select 1 from pg_database where datname = 'rotor'") ||
    fail "the database in $cluster does not answer"
  [ "$there" = 1 ] || "$bin/createdb" rotor || fail "could not make the database"
  APP_PASSWORD=$(cat "$dir/application-password")
  APP_PASSWORD=$APP_PASSWORD "$bin/psql" -q -d postgres >/dev/null <<'SQL' || fail "could not make the application's role"
\set secret `printf %s "$APP_PASSWORD"`
select 'create role rotor_app' where not exists (select from pg_roles where rolname = 'rotor_app') \gexec
select format('alter role rotor_app login nosuperuser nocreatedb nocreaterole password %L', :'secret') \gexec
SQL
}

# make_secret FILE: a long random word that nobody else reads, where there is none.
make_secret() {
  [ -s "$1" ] || (umask 077 && head -c 24 /dev/urandom | base64 | tr -d '/+=\n' >"$1")
}

postgres_stop() {
  as_postgres "$(postgres_folder)/pg_ctl" -D "$1/postgres" -m fast -w stop >/dev/null 2>&1
}
