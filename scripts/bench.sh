# Measures; nothing here judges.

bench() {
  local what=${1:-all}
  case $what in all | core | preview | redraw | start | print | load) ;; *) fail "there is no benchmark $what: core, preview, redraw, start, print, load" ;; esac
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
  if [ $what = start ] || [ $what = all ]; then bench_start "$(free_port)" "$(free_port)"; fi
  if [ $what = core ] || [ $what = all ]; then
    java -cp "e2e/target/test-classes:$(cat "$data/classpath")" org.openjdk.jmh.Main DraftBenchmark -v silent -rf text -rff "$data/figures" >/dev/null
    grep -E '^Benchmark|p0\.50|p0\.95' "$data/figures"
    ratios "$data/figures"
  fi
  [ $what = core ] || [ $what = start ] && return
  [ -n "$CLUSTER" ] || start_cluster "$data" "$(free_port)" durable
  PLUMB_TEST_PG_PORT=$(sed -n 4p "$CLUSTER/postmaster.pid" 2>/dev/null || as_pg sed -n 4p "$CLUSTER/postmaster.pid")
  export PLUMB_TEST_PG_PORT PLUMB_TEST_PG_PASSWORD=$PG_KEEPER_PASSWORD PLUMB_TEST_PG_USER=$PG_USER PLUMB_TEST_PG_USER_PASSWORD=$PG_PASSWORD
  if [ $what = preview ] || [ $what = all ]; then measure brightplumb.bench.PreviewBench; fi
  if [ $what = print ] || [ $what = all ]; then measure brightplumb.bench.PrintBench; fi
  if [ $what = load ] || [ $what = all ]; then measure brightplumb.bench.LoadBench; fi
  if [ $what = redraw ] || [ $what = all ]; then measure brightplumb.bench.RedrawBench; fi
}

# Each draft against the yardstick of the same run: medians, and their ratio.
ratios() {
  awk '/p0\.50/ { split($1, name, "."); for (i in name) if (name[i] ~ /^[a-z]+[A-Za-z]*:[a-z]+/) { split(name[i], m, ":"); method = m[1] }
    key = $2; value = $4; if (method == "yardstick") yard[key] = value; if (method == "draftWithChecks") draft[key] = value }
    END { print "draft with checks, as a multiple of the yardstick:"; for (k in draft) if (yard[k] > 0) printf "  %-32s %7.0f us %5.2f x\n", k, draft[k], draft[k] / yard[k] }' "$1" | sort
}

measure() {
  (cd e2e && java -cp "target/test-classes:$(cat "$data/classpath")" "$1")
}

# As a user starts: from the command to the line that says it is ready. A new cluster and demo world, then five times again.
bench_start() {
  local round
  PLUMB_DATA=$data build
  exec 8<&-
  for round in first 1 2 3 4 5; do
    PLUMB_PORT=$1 PLUMB_PG_PORT=$2 PLUMB_DATA=$data/start timed_start >>"$data/starts"
  done
  echo "first start after the build, with a new database: $(head -n 1 "$data/starts") ms"
  echo "second start, median of 5: $(tail -n 5 "$data/starts" | sort -n | sed -n 3p) ms (all: $(tail -n 5 "$data/starts" | tr '\n' ' '))"
}

timed_start() {
  local began line plumb
  began=$(date +%s%N)
  exec 4< <(exec "$here/plumb" start 2>/dev/null)
  plumb=$!
  while read -r line <&4; do
    case $line in *"is ready at"*) echo "$((($(date +%s%N) - began) / 1000000))"; break ;; esac
  done
  kill "$plumb"
  while kill -0 "$plumb" 2>/dev/null; do sleep 0.1; done
  exec 4<&-
}
