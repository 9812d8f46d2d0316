# shellcheck shell=bash
# A private PostgreSQL cluster on loopback.

CLUSTER=
CLUSTER_PID=
# The application works as a role that owns its database and nothing else.
PG_USER=plumb_app
PG_PASSWORD=
# The cluster's own keeper, who made it.
PG_KEEPER=brightplumb
PG_KEEPER_PASSWORD=

# PostgreSQL refuses root; the cluster then belongs to the user its package made.
as_pg() {
  if [ "$(id -u)" = 0 ]; then (cd / && runuser -u postgres -- "$@"); else "$@"; fi
}

# One copy at a time works on a data folder. What outlived its copy (it was killed) is ended first.
lock_data() {
  exec 9>"$1/lock" || fail "cannot write to $1"
  # A copy that was killed lets go of it a moment later.
  flock -w 2 9 || fail "another copy is at work on $1; set PLUMB_DATA to another folder"
  end_left_application "$1"
  local cluster; cluster=$(cluster_home "$1")/pg
  if [ -d "$cluster" ] && as_pg "$PG_BIN/pg_ctl" -D "$cluster" status >/dev/null 2>&1; then
    say "ending a database that was left over"
    as_pg "$PG_BIN/pg_ctl" -D "$cluster" -m fast -w -t 30 stop >/dev/null 2>&1 </dev/null || true
  fi
}

# Where a data folder's cluster lives: in it, unless the database's user may not go there.
cluster_home() {
  if [ "$(id -u)" = 0 ] && ! as_pg test -x "$1"; then
    echo "/var/lib/bright-plumb/$(echo "$1" | sha256sum | cut -c1-12)"
  else
    echo "$1"
  fi
}

# Whether the database of a data folder was made by an earlier start, its application's role included; its password is
# then known.
knows_cluster() {
  local dir; dir=$(cluster_home "$1")
  [ -s "$dir/pg/PG_VERSION" ] && [ -s "$dir/app-password" ] && PG_PASSWORD=$(cat "$dir/app-password")
}

# start_cluster DIR PORT durable|throwaway
start_cluster() {
  local port=$2 kind=$3 dir
  dir=$(cluster_home "$1")
  if [ "$dir" != "$1" ]; then
    mkdir -p "$dir"
    say "the database's user may not enter $1; its files are in $dir"
  fi
  local cluster=$dir/pg log=$dir/pg.log
  PG_KEEPER_PASSWORD=$(secret "$dir/pg-password")
  PG_PASSWORD=$(secret "$dir/app-password")
  if [ ! -s "$cluster/PG_VERSION" ]; then
    # Made aside and put in its place whole: one that was killed in the making is made anew.
    local once making=$dir/pg.making
    rm -rf "$making"
    once=$(mktemp)
    echo "$PG_KEEPER_PASSWORD" >"$once"
    [ "$(id -u)" = 0 ] && chown postgres "$once"
    if [ "$(id -u)" = 0 ]; then mkdir -p "$making" && chown postgres "$making" && chmod 700 "$making"; fi
    as_pg "$PG_BIN/initdb" -D "$making" -U "$PG_KEEPER" --pwfile="$once" --auth=scram-sha-256 \
      --encoding=UTF8 --locale=C.UTF-8 >"$log.init" 2>&1 </dev/null \
      || { tail -n 5 "$log.init" >&2; rm -f "$once"; fail "the database could not be made"; }
    rm -f "$once"
    rm -rf "$cluster"
    mv -T "$making" "$cluster"
  fi
  same_version "$cluster"
  turn_log "$log"
  local options="-p $port -c listen_addresses=127.0.0.1 -c unix_socket_directories='' -c max_connections=60"
  [ "$kind" = throwaway ] && options="$options -c fsync=off -c synchronous_commit=off -c full_page_writes=off"
  as_pg "$PG_BIN/pg_ctl" -D "$cluster" -l "$log" -w -t 60 -o "$options" start >/dev/null 2>&1 </dev/null 8<&- 9>&- \
    || { tail -n 5 "$log" >&2; fail "the database did not start; its log is $log"; }
  CLUSTER=$cluster
  CLUSTER_PID=$(as_pg head -n 1 "$cluster/postmaster.pid")
  local database
  [ "$kind" = throwaway ] && database=postgres || database=brightplumb
  own_database "$port" $database >>"$log.role" 2>&1 || {
    tail -n 5 "$log.role" >&2
    fail "the database could not be made"
  }
}

# The programs that made a cluster are the ones that run it: another version cannot read its files.
same_version() {
  local made here
  made=$(as_pg cat "$1/PG_VERSION")
  here=$("$PG_BIN/postgres" --version | sed 's/[^0-9]*\([0-9]*\).*/\1/')
  [ "$made" != "$here" ] || return 0
  if [ -x "/usr/lib/postgresql/$made/bin/postgres" ]; then
    say "these database files are PostgreSQL $made's, which is still here; using it"
    PG_BIN=/usr/lib/postgresql/$made/bin
    return 0
  fi
  say "the database files in $1 were made by PostgreSQL $made, and here is PostgreSQL $here"
  say "to go on with them: apt-get install postgresql-$made, then start again"
  say "to take them over into PostgreSQL $here: start once so, write them out with"
  say "  PGPASSWORD=\$(cat $(dirname "$1")/pg-password) pg_dump -h 127.0.0.1 -p $PLUMB_PG_PORT -U $PG_KEEPER \\"
  say "    brightplumb >all.sql"
  say "move $1 aside, remove postgresql-$made, start once with PLUMB_DEMO=off,"
  say "and read all.sql into the new database with psql"
  fail "nothing was changed"
}

# A log is its owner's alone, kept over a start, and turned when it is large.
turn_log() {
  local most=5000000
  if [ -f "$1" ] && [ "$(stat -c %s "$1")" -gt $most ]; then mv -f "$1" "$1.1"; fi
  touch "$1"
  chmod 600 "$1"
  if [ "$(id -u)" = 0 ]; then chown postgres "$1"; fi
}

# Runs the SQL it is given on its input, so that no password shows in a list of processes.
as_keeper() {
  PGPASSWORD=$PG_KEEPER_PASSWORD "$PG_BIN/psql" -h 127.0.0.1 -p "$1" -U "$PG_KEEPER" -d "$2" \
    -v ON_ERROR_STOP=1 -qtA -f -
}

# own_database PORT NAME: makes the application's role and its database, and hands it what an earlier start made as the
# keeper.
own_database() {
  local port=$1 name=$2
  as_keeper "$port" postgres <<SQL
do \$\$ begin
  if not exists (select 1 from pg_roles where rolname = '$PG_USER') then create role $PG_USER login; end if;
end \$\$;
alter role $PG_USER nosuperuser nocreatedb nocreaterole password '$PG_PASSWORD';
select 'create database $name owner $PG_USER'
where not exists (select 1 from pg_database where datname = '$name') \gexec
SQL
  as_keeper "$port" "$name" <<SQL
do \$\$ declare of_keeper record; begin
  if current_database() = 'postgres' then return; end if;
  execute format('alter database %I owner to $PG_USER', current_database());
  alter schema public owner to $PG_USER;
  for of_keeper in select c.oid::regclass as name from pg_class c join pg_namespace n on n.oid = c.relnamespace
      where n.nspname = 'public' and c.relkind in ('r', 'v') and pg_get_userbyid(c.relowner) <> '$PG_USER'
  loop execute format('alter table %s owner to $PG_USER', of_keeper.name); end loop;
end \$\$;
SQL
}

# A password in a file only its owner reads; made up the first time.
secret() {
  [ -s "$1" ] || (umask 077 && head -c 24 /dev/urandom | base64 | tr -d '/+=\n' >"$1")
  cat "$1"
}

# Whether the database that was started still runs.
cluster_runs() { [ -n "$CLUSTER_PID" ] && [ -d "/proc/$CLUSTER_PID" ]; }

stop_cluster() {
  [ -n "$CLUSTER" ] || return 0
  as_pg "$PG_BIN/pg_ctl" -D "$CLUSTER" -m fast -w -t 30 stop >/dev/null 2>&1 </dev/null || true
  CLUSTER=
}
