# Building and running the application.

APPLICATION=
BUILT=app/target/built
SOURCES="pom.xml */pom.xml core/src/main formats/src/main app/src/main web/src web/index.html web/public web/package-lock.json web/openapi.json web/*.ts web/*.json"

# Builds only when something that goes into the jar is newer than it. Two copies that start at once build one after the other.
build() {
  local log=$PLUMB_DATA/build.log
  mkdir -p "$BUILT"
  exec 7>"$BUILT/lock"
  flock -n 7 || { say "another copy is building; waiting for it"; flock 7; }
  # shellcheck disable=SC2086
  if [ ! -f "$JAR" ] || [ -n "$(find $SOURCES -newer "$JAR" -type f -print -quit 2>/dev/null)" ]; then
    say "building; the first time this fetches what it needs and takes a few minutes"
    mvn -B -ntp -q -DskipTests -Dspotless.check.skip=true -pl app -am package >"$log" 2>&1 </dev/null 7>&- \
      || { tail -n 30 "$log" >&2; fail "the build failed; its log is $log"; }
  fi
  unpack "$log"
  exec 7>&-
}

# One folder for each build, made aside and swapped in whole, so that it is never changed under a copy that runs from it. With its
# classes archived by a dry run without a database, the application starts in half the time.
unpack() {
  local stamp aside
  stamp=$(stat -c '%s-%Y' "$JAR")
  UNPACKED=$BUILT/$stamp
  if [ ! -f "$UNPACKED/classes.jsa" ]; then
    say "getting the build ready to start quickly"
    aside=$(mktemp -d "$BUILT/aside.XXXXXX")
    java -Djarmode=tools -jar "$JAR" extract --destination "$aside" --force >>"$1" 2>&1 </dev/null \
      || fail "the build could not be unpacked; its log is $1"
    (cd "$aside" && java -XX:ArchiveClassesAtExit=classes.jsa -Dspring.context.exit=onRefresh -Dspring.flyway.enabled=false \
      -Dplumb.demo=off -jar "$(basename "$JAR")") >>"$1" 2>&1 </dev/null || true
    [ -f "$aside/classes.jsa" ] || say "its classes could not be archived; it will start more slowly (see $1)"
    touch "$aside/classes.jsa" "$aside/in-use"
    chmod 755 "$aside"
    rm -rf "$UNPACKED"
    mv -T "$aside" "$UNPACKED"
  fi
  # Held, shared, as long as this copy runs; what nobody holds any more is cleared away.
  exec 8<"$UNPACKED/in-use"
  flock -s 8
  local old
  for old in "$BUILT"/*/; do
    [ "${old%/}" = "$UNPACKED" ] || [ ! -f "$old/in-use" ] || flock -n "$old/in-use" rm -rf "$old" || true
  done
}

launch_application() {
  local log=$PLUMB_DATA/application.log
  (
    cd "$UNPACKED"
    PLUMB_PG_USER=$PG_USER PLUMB_PG_PASSWORD=$PG_PASSWORD PLUMB_PORT=$PLUMB_PORT PLUMB_PG_PORT=$PLUMB_PG_PORT \
      PLUMB_ADDRESS=$PLUMB_ADDRESS PLUMB_HOSTS=$PLUMB_HOSTS PLUMB_DEMO=$PLUMB_DEMO PLUMB_SIGN_UP=$PLUMB_SIGN_UP \
      exec java -Xmx512m -XX:SharedArchiveFile=classes.jsa -Xshare:auto -jar "$(basename "$JAR")"
  ) >"$log" 2>&1 </dev/null 8<&- 9>&- &
  APPLICATION=$!
  echo "$APPLICATION" >"$PLUMB_DATA/application.pid"
}

await_application() {
  local log=$PLUMB_DATA/application.log
  for _ in $(seq 600); do
    kill -0 "$APPLICATION" 2>/dev/null || { tail -n 20 "$log" >&2; fail "the application did not start; its log is $log"; }
    if healthy; then return; fi
    sleep 0.1
  done
  fail "the application did not answer within a minute; its log is $log"
}

# The address it can be reached at from here.
reached_at() {
  case $PLUMB_ADDRESS in 0.0.0.0 | ::) echo 127.0.0.1 ;; *) echo "$PLUMB_ADDRESS" ;; esac
}

healthy() {
  local line
  { exec 3<>"/dev/tcp/$(reached_at)/$PLUMB_PORT"; } 2>/dev/null || return 1
  printf 'GET /actuator/health HTTP/1.0\r\nHost: localhost\r\n\r\n' >&3
  read -r -t 5 line <&3 || line=
  exec 3>&-
  [[ $line == *" 200"* ]]
}

# A copy that was killed leaves its application behind; it is ended before the next starts. Only one of ours is: its number may be
# somebody else's by now.
end_left_application() {
  local left
  left=$(cat "$1/application.pid" 2>/dev/null) || return 0
  if [ -n "$left" ] && tr '\0' ' ' <"/proc/$left/cmdline" 2>/dev/null | grep -q "$(basename "$JAR")"; then
    say "ending an application that was left over"
    kill "$left" 2>/dev/null || true
    for _ in $(seq 100); do
      [ -d "/proc/$left" ] || break
      sleep 0.1
    done
    kill -9 "$left" 2>/dev/null || true
  fi
  rm -f "$1/application.pid"
}

# Stays until the application ends. A database that dies meanwhile is brought back, a few times.
watch_over() {
  local brought_back=0
  while kill -0 "$APPLICATION" 2>/dev/null; do
    if ! cluster_runs; then
      [ $brought_back -lt 5 ] || fail "the database does not stay up; its log is $(cluster_home "$PLUMB_DATA")/pg.log"
      brought_back=$((brought_back + 1))
      say "the database has stopped; bringing it back"
      start_cluster "$PLUMB_DATA" "$PLUMB_PG_PORT" durable
      say "the database is back"
    fi
    sleep 0.5 &
    wait $! || true
  done
  wait "$APPLICATION" || fail "the application stopped by itself; its log is $PLUMB_DATA/application.log"
}

stop_application() {
  [ -n "$APPLICATION" ] || return 0
  kill "$APPLICATION" 2>/dev/null || true
  wait "$APPLICATION" 2>/dev/null || true
  APPLICATION=
  rm -f "$PLUMB_DATA/application.pid"
}
