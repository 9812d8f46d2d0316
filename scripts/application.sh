# shellcheck shell=bash
# Building and running the application.

APPLICATION=
BUILT=app/target/built
SOURCES="pom.xml */pom.xml core/src/main formats/src/main app/src/main
  web/src web/index.html web/public web/package-lock.json web/openapi.json web/*.ts web/*.json"

# Builds when something that goes into the jar is newer than it, and when the jar cannot be opened: one whose writing
# was ended has no list of its files. Two copies that start at once build one after the other.
build() {
  local log=$PLUMB_DATA/build.log
  mkdir -p "$BUILT"
  exec 7>"$BUILT/lock"
  flock -n 7 || { say "another copy is building; waiting for it"; flock 7; }
  # shellcheck disable=SC2086
  if [ ! -f "$JAR" ] || [ -n "$(find $SOURCES -newer "$JAR" -type f -print -quit 2>/dev/null)" ]; then
    package "$log"
  fi
  unpack "$log" || {
    package "$log"
    unpack "$log" || fail "the build could not be unpacked; its log is $log"
  }
  exec 7>&-
}

package() {
  need_build_tools
  say "building; the first time this fetches what it needs and takes a few minutes"
  mvn -B -ntp -q -DskipTests -Dspotless.check.skip=true -pl app -am package >"$1" 2>&1 </dev/null 7>&- \
    || { tail -n 30 "$1" >&2; fail "the build failed; its log is $1"; }
}

# One folder for each build, made aside and swapped in whole, so that it is never changed under a copy that runs.
unpack() {
  local aside old
  UNPACKED=$BUILT/$(stat -c '%s-%Y' "$JAR")
  if [ ! -f "$UNPACKED/in-use" ]; then
    aside=$(mktemp -d "$BUILT/aside.XXXXXX")
    java -Djarmode=tools -jar "$JAR" extract --destination "$aside" --force >>"$1" 2>&1 </dev/null || {
      rm -rf "$aside"
      return 1
    }
    touch "$aside/in-use"
    chmod 755 "$aside"
    rm -rf "$UNPACKED"
    mv -T "$aside" "$UNPACKED"
  fi
  # Held, shared, as long as this copy runs; what nobody holds any more is cleared away.
  exec 8<"$UNPACKED/in-use"
  flock -s 8
  for old in "$BUILT"/*/; do
    [ "${old%/}" = "$UNPACKED" ] || [ ! -f "$old/in-use" ] || flock -n "$old/in-use" rm -rf "$old" || true
  done
}

# With its classes archived by a run that ends before it answers, the application starts in half the time. That run
# meets the database, so that the classes that speak with it are in the archive too.
archive_classes() {
  [ ! -f "$UNPACKED/classes.jsa" ] || return 0
  say "getting the build ready to start quickly"
  local aside
  aside=$PWD/$(mktemp "$UNPACKED/archive.XXXXXX")
  (become_application -XX:ArchiveClassesAtExit="$aside" -Dspring.context.exit=onRefresh) \
    >>"$PLUMB_DATA/build.log" 2>&1 || true
  if [ -s "$aside" ]; then
    mv -T "$aside" "$UNPACKED/classes.jsa"
  else
    rm -f "$aside"
    say "its classes could not be archived; it will start more slowly (see $PLUMB_DATA/build.log)"
  fi
}

# Becomes the application, its beans defined when it was built; what it is given goes to Java. It writes its log
# itself, kept over a start and turned by size.
become_application() {
  umask 077
  cd "$UNPACKED" || exit 1
  PLUMB_PG_USER=$PG_USER PLUMB_PG_PASSWORD=$PG_PASSWORD PLUMB_PORT=$PLUMB_PORT PLUMB_PG_PORT=$PLUMB_PG_PORT \
    PLUMB_ADDRESS=$PLUMB_ADDRESS PLUMB_HOSTS=$PLUMB_HOSTS PLUMB_DEMO=$PLUMB_DEMO PLUMB_SIGN_UP=$PLUMB_SIGN_UP \
    PLUMB_REHEARSAL=$PLUMB_REHEARSAL PLUMB_PROXIES=$PLUMB_PROXIES PLUMB_LOG=$PLUMB_DATA/application.log \
    exec java -Xmx512m -Dspring.aot.enabled=true "$@" -jar "$(basename "$JAR")" </dev/null 8<&- 9>&-
}

launch_application() {
  (become_application -XX:SharedArchiveFile=classes.jsa -Xshare:auto) >"$PLUMB_DATA/application.out" 2>&1 &
  APPLICATION=$!
  echo "$APPLICATION" >"$PLUMB_DATA/application.pid"
}

# Waits as long as it lives and gets somewhere: a slow machine takes more than a minute.
await_application() {
  local log=$PLUMB_DATA/application.log tries
  for tries in $(seq 3000); do
    kill -0 "$APPLICATION" 2>/dev/null \
      || {
        tail -q -n 20 "$log" "$PLUMB_DATA/application.out" >&2 2>/dev/null
        fail "the application did not start; its log is $log"
      }
    if healthy; then return; fi
    [ $((tries % 300)) -ne 0 ] || say "still starting, after $((tries / 10)) seconds"
    sleep 0.1
  done
  fail "the application did not answer within five minutes; its log is $log"
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

# A copy that was killed leaves its application behind; it is ended before the next starts. Only one of ours is: its
# number may be
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

# Stays, and brings back a few times what dies: the database, or the application.
watch_over() {
  local brought_back=0 restarted=0
  while true; do
    if ! kill -0 "$APPLICATION" 2>/dev/null; then
      wait "$APPLICATION" 2>/dev/null || true
      [ $restarted -lt 5 ] || fail "the application does not stay up; its log is $PLUMB_DATA/application.log"
      restarted=$((restarted + 1))
      say "the application has stopped; starting it again"
      launch_application
      await_application
      say "the application is back"
    fi
    if ! cluster_runs; then
      [ $brought_back -lt 5 ] || fail "the database does not stay up; its log is $(cluster_home "$PLUMB_DATA")/pg.log"
      brought_back=$((brought_back + 1))
      say "the database has stopped; bringing it back"
      start_cluster "$PLUMB_DATA" "$PLUMB_PG_PORT" durable
      say "the database is back"
    fi
    # It holds neither lock, should this copy be killed meanwhile.
    sleep 0.5 8<&- 9>&- &
    wait $! || true
  done
}

stop_application() {
  [ -n "$APPLICATION" ] || return 0
  kill "$APPLICATION" 2>/dev/null || true
  wait "$APPLICATION" 2>/dev/null || true
  APPLICATION=
  rm -f "$PLUMB_DATA/application.pid"
}
