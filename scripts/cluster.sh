# A private PostgreSQL cluster on loopback.

CLUSTER=
PG_PASSWORD=

# PostgreSQL refuses root; the cluster then belongs to the user its package made.
as_pg() {
  if [ "$(id -u)" = 0 ]; then (cd / && runuser -u postgres -- "$@"); else "$@"; fi
}

# One copy at a time works on a data folder. A database that outlived its copy (it was killed) is ended first.
lock_data() {
  exec 9>"$1/lock" || fail "cannot write to $1"
  flock -n 9 || fail "another copy is at work on $1; set PLUMB_DATA to another folder"
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

# start_cluster DIR PORT durable|throwaway
start_cluster() {
  local port=$2 kind=$3 dir
  dir=$(cluster_home "$1")
  if [ "$dir" != "$1" ]; then
    mkdir -p "$dir"
    say "the database's user may not enter $1; its files are in $dir"
  fi
  local cluster=$dir/pg secret=$dir/pg-password log=$dir/pg.log
  [ -s "$secret" ] || (umask 077 && head -c 24 /dev/urandom | base64 | tr -d '/+=\n' >"$secret")
  PG_PASSWORD=$(cat "$secret")
  if [ "$(id -u)" = 0 ]; then
    mkdir -p "$cluster" && chown postgres "$cluster" && chmod 700 "$cluster"
    touch "$log" && chown postgres "$log"
  fi
  if [ ! -s "$cluster/PG_VERSION" ]; then
    local once; once=$(mktemp)
    echo "$PG_PASSWORD" >"$once"
    [ "$(id -u)" = 0 ] && chown postgres "$once"
    as_pg "$PG_BIN/initdb" -D "$cluster" -U brightplumb --pwfile="$once" --auth=scram-sha-256 \
      --encoding=UTF8 --locale=C.UTF-8 >"$log.init" 2>&1 </dev/null \
      || { tail -n 5 "$log.init" >&2; rm -f "$once"; fail "the database could not be made"; }
    rm -f "$once"
  fi
  local options="-p $port -c listen_addresses=127.0.0.1 -c unix_socket_directories='' -c max_connections=60"
  [ "$kind" = throwaway ] && options="$options -c fsync=off -c synchronous_commit=off -c full_page_writes=off"
  as_pg "$PG_BIN/pg_ctl" -D "$cluster" -l "$log" -w -t 60 -o "$options" start >/dev/null 2>&1 </dev/null 9>&- \
    || { tail -n 5 "$log" >&2; fail "the database did not start; its log is $log"; }
  CLUSTER=$cluster
  PGPASSWORD=$PG_PASSWORD "$PG_BIN/psql" -h 127.0.0.1 -p "$port" -U brightplumb -d postgres -tAc \
    "select 1 from pg_database where datname = 'brightplumb'" 2>/dev/null | grep -q 1 \
    || PGPASSWORD=$PG_PASSWORD "$PG_BIN/createdb" -h 127.0.0.1 -p "$port" -U brightplumb brightplumb \
    || fail "the database could not be made"
}

stop_cluster() {
  [ -n "$CLUSTER" ] || return 0
  as_pg "$PG_BIN/pg_ctl" -D "$CLUSTER" -m fast -w -t 30 stop >/dev/null 2>&1 </dev/null || true
  CLUSTER=
}
