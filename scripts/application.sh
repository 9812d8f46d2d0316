# Building and running the application.

APPLICATION=
UNPACKED=app/target/unpacked

# Builds only when something that goes into the jar is newer than it.
build() {
  if [ -f "$JAR" ] && [ -z "$(find pom.xml */pom.xml core/src/main formats/src/main app/src/main \
      web/src web/index.html web/public web/package-lock.json web/openapi.json web/*.ts web/*.json -newer "$JAR" -type f -print -quit 2>/dev/null)" ]; then
    [ "$UNPACKED/$(basename "$JAR")" -nt "$JAR" ] || unpack "$PLUMB_DATA/build.log"
    return
  fi
  say "building; the first time this fetches what it needs and takes a few minutes"
  local log=$PLUMB_DATA/build.log
  mvn -B -ntp -q -DskipTests ${EXTRA:-} -Dspotless.check.skip=true -pl app -am package >"$log" 2>&1 </dev/null \
    || { tail -n 30 "$log" >&2; fail "the build failed; its log is $log"; }
  unpack "$log"
}

# Unpacked, and with its classes archived by a dry run without a database, the application starts in half the time.
unpack() {
  rm -rf "$UNPACKED"
  java -Djarmode=tools -jar "$JAR" extract --destination "$UNPACKED" >>"$1" 2>&1 </dev/null || return 0
  (cd "$UNPACKED" && java -XX:ArchiveClassesAtExit=classes.jsa -Dspring.context.exit=onRefresh -Dspring.flyway.enabled=false \
    -Dplumb.demo=false -jar "$(basename "$JAR")") >>"$1" 2>&1 </dev/null || true
}

start_application() {
  local log=$PLUMB_DATA/application.log
  PLUMB_PG_PASSWORD=$PG_PASSWORD PLUMB_PORT=$PLUMB_PORT PLUMB_PG_PORT=$PLUMB_PG_PORT PLUMB_DEMO=${PLUMB_DEMO:-true} \
    java -XX:SharedArchiveFile="$UNPACKED/classes.jsa" -Xshare:auto -Xlog:cds=off -Xlog:cds+path=off \
    -jar "$UNPACKED/$(basename "$JAR")" >"$log" 2>&1 </dev/null 9>&- &
  APPLICATION=$!
  for _ in $(seq 600); do
    kill -0 "$APPLICATION" 2>/dev/null || { tail -n 20 "$log" >&2; fail "the application did not start; its log is $log"; }
    if healthy; then return; fi
    sleep 0.1
  done
  fail "the application did not answer within a minute; its log is $log"
}

healthy() {
  local line
  { exec 3<>"/dev/tcp/127.0.0.1/$PLUMB_PORT"; } 2>/dev/null || return 1
  printf 'GET /actuator/health HTTP/1.0\r\nHost: 127.0.0.1\r\n\r\n' >&3
  read -r -t 5 line <&3 || line=
  exec 3>&-
  [[ $line == *" 200"* ]]
}

stop_application() {
  [ -n "$APPLICATION" ] || return 0
  kill "$APPLICATION" 2>/dev/null || true
  wait "$APPLICATION" 2>/dev/null || true
  APPLICATION=
}
