# Measures; nothing here judges.

bench() {
  local what=${1:-all}
  case $what in all | core | preview | redraw | start | load) ;; *) fail "there is no benchmark $what: core, preview, redraw, start, load" ;; esac
  need_build_tools
  need_postgres
  need_chromium
  data=$(mktemp -d "${TMPDIR:-/tmp}/plumb-bench.XXXXXX")
  chmod 755 "$data"
  PLUMB_DATA=$data
  trap 'stop_application; stop_cluster; rm -rf "$data"' EXIT
  say "building"
  mvn -B -ntp -q -DskipTests -Dspotless.check.skip=true install >"$data/build.log" 2>&1 </dev/null \
    || { tail -n 20 "$data/build.log" >&2; fail "the build failed"; }
  mvn -B -ntp -q -pl e2e dependency:build-classpath -Dmdep.outputFile="$data/classpath" -Dmdep.includeScope=test >/dev/null </dev/null
  [ $what = start ] || [ $what = all ] && bench_start
  if [ $what = core ] || [ $what = all ]; then
    java -cp "e2e/target/test-classes:$(cat "$data/classpath")" org.openjdk.jmh.Main DraftBenchmark -v silent -rf text -rff "$data/figures" >/dev/null
    grep -E '^Benchmark|p0\.50|p0\.95' "$data/figures"
  fi
  [ $what = core ] || [ $what = start ] && return
  [ -n "$CLUSTER" ] || start_cluster "$data" "$(free_port)" durable
  PLUMB_TEST_PG_PORT=$(sed -n 4p "$CLUSTER/postmaster.pid" 2>/dev/null || as_pg sed -n 4p "$CLUSTER/postmaster.pid")
  export PLUMB_TEST_PG_PORT PLUMB_TEST_PG_PASSWORD=$PG_KEEPER_PASSWORD PLUMB_TEST_PG_USER=$PG_USER PLUMB_TEST_PG_USER_PASSWORD=$PG_PASSWORD
  if [ $what = preview ] || [ $what = all ]; then measure brightplumb.bench.PreviewBench; fi
  if [ $what != preview ]; then measure brightplumb.bench.RedrawBench; fi
}

measure() {
  (cd e2e && java -cp "target/test-classes:$(cat "$data/classpath")" "$1")
}

# From the command to the first healthy answer: a new cluster and demo world, and again with both there.
bench_start() {
  local began
  unpack "$data/build.log"
  PLUMB_PORT=$(free_port) PLUMB_PG_PORT=$(free_port)
  for round in "first start after the build" "second start"; do
    began=$(date +%s%N)
    start_cluster "$data" "$PLUMB_PG_PORT" durable
    start_application
    echo "$round: $((($(date +%s%N) - began) / 1000000)) ms"
    stop_application
    stop_cluster
  done
}
