# shellcheck shell=bash
# Measures; nothing here judges.

bench() {
  local what=${1:-all}
  case $what in
    all | core | pairs | lay | preview | redraw | start | print | load) ;;
    *) fail "there is no benchmark $what: core, pairs, lay, preview, redraw, start, print, load" ;;
  esac
  need_build_tools
  need_postgres
  need_chromium
  data=$(mktemp -d "${TMPDIR:-/tmp}/plumb-bench.XXXXXX")
  chmod 755 "$data"
  # shellcheck disable=SC2034 # The other scripts read it.
  PLUMB_DATA=$data
  trap 'stop_application; stop_cluster; rm -rf "$data"' EXIT
  say "building"
  mvn -B -ntp -q -DskipTests -Dspotless.check.skip=true install >"$data/build.log" 2>&1 </dev/null \
    || { tail -n 20 "$data/build.log" >&2; fail "the build failed"; }
  mvn -B -ntp -q -pl e2e dependency:build-classpath -Dmdep.outputFile="$data/classpath" \
    -Dmdep.includeScope=test >/dev/null </dev/null
  if [ "$what" = start ] || [ "$what" = all ]; then bench_start "$(free_port)" "$(free_port)"; fi
  if [ "$what" = core ] || [ "$what" = all ]; then
    bench_core
  fi
  if [ "$what" = pairs ] || [ "$what" = all ]; then bench_pairs; fi
  if [ "$what" = lay ] || [ "$what" = all ]; then measure brightplumb.bench.LayBench; fi
  case $what in core | pairs | start | lay) return ;; esac
  [ -n "$CLUSTER" ] || start_cluster "$data" "$(free_port)" durable
  PLUMB_TEST_PG_PORT=$(sed -n 4p "$CLUSTER/postmaster.pid" 2>/dev/null || as_pg sed -n 4p "$CLUSTER/postmaster.pid")
  export PLUMB_TEST_PG_PORT PLUMB_TEST_PG_PASSWORD=$PG_KEEPER_PASSWORD PLUMB_TEST_PG_USER=$PG_USER \
    PLUMB_TEST_PG_USER_PASSWORD=$PG_PASSWORD
  if [ "$what" = preview ] || [ "$what" = all ]; then measure brightplumb.bench.PreviewBench; fi
  if [ "$what" = print ] || [ "$what" = all ]; then measure brightplumb.bench.PrintBench; fi
  if [ "$what" = load ] || [ "$what" = all ]; then
    measure brightplumb.bench.LoadBench
    measure brightplumb.bench.NeighbourBench
  fi
  if [ "$what" = redraw ] || [ "$what" = all ]; then measure brightplumb.bench.RedrawBench; fi
}

# Each garment by itself, its draft and its yardstick one right after the other: this machine's speed changes by the
# minute.
bench_core() {
  local garment
  for garment in "straight-skirt house" "straight-skirt quarter" "straight-skirt halfblock" "straight-skirt allocated" \
    "slit-pencil house" "half-block-skirt halfblock" "knit-pencil house" "seat-shaped-skirt allocated" \
    "ankle-pencil house" \
    "classic-trousers house" "classic-trousers quarter" "classic-trousers sixteenth" "classic-trousers arc" \
    "palazzo house" \
    "shorts-block house" "tailored-shorts house" "drawcord-shorts house" "lounge-shorts arc" \
    "lined-pencil house" "flap-pocket-shorts house" "box-fold-palazzo house"; do
    java -cp "e2e/target/test-classes:$(cat "$data/classpath")" org.openjdk.jmh.Main DraftBenchmark \
      -p "cutAndWay=$garment" \
      -v silent -rf text -rff "$data/figure" >/dev/null
    grep -E ':p0\.(50|95) ' "$data/figure" | tee -a "$data/figures"
  done
  ratios "$data/figures"
}

# Each draft against the yardstick, and against its panels alone, of the same run: medians, and their ratios.
ratios() {
  echo "drafts with checks, as multiples of the yardstick and of their panels alone in the same run:"
  awk '/:p0\.50 / { key = $2 " " $3; if ($1 ~ /yardstick/) yard[key] = $5; if ($1 ~ /draftWithChecks/) draft[key] = $5
      if ($1 ~ /panelsAlone/) bare[key] = $5 }
    END { for (key in draft) if (yard[key] > 0)
      printf "  %-30s %6.0f us  %5.1f x  %4.2f x\n",
        key, draft[key], draft[key] / yard[key], draft[key] / bare[key] }' "$1" | sort
}

# Two drafts in turns, each pair in a machine of its own: with all pieces against the panels alone, and one-piece
# garments against trousers.
bench_pairs() {
  local pair
  for pair in "straight-skirt house" "lined-pencil house" "slit-pencil house" "tailored-shorts house" \
    "flap-pocket-shorts house" \
    "box-fold-palazzo house" "box-fold-palazzo bench" "swim-bodysuit house classic-trousers house" \
    "pull-on-romper house classic-trousers house" "sleeved-playsuit house classic-trousers house" \
    "sweep-jumpsuit house classic-trousers house" "peplum-jumpsuit house classic-trousers house"; do
    # shellcheck disable=SC2086 # Its words are arguments.
    measure brightplumb.bench.PairsBench $pair
  done
}

measure() {
  (cd e2e && java -cp "target/test-classes:$(cat "$data/classpath")" "$@")
}

# As a user starts: from the command to the line that says it is ready. The first after a build archives its classes
# too; then with a new cluster and demo world, then five times again.

bench_start() {
  local folder
  PLUMB_DATA=$data build
  exec 8<&-
  for folder in archiving start start start start start start; do
    PLUMB_PORT=$1 PLUMB_PG_PORT=$2 PLUMB_DATA=$data/$folder timed_start >>"$data/starts"
  done
  echo "first start after the build, classes archived, with a new database: $(head -n 1 "$data/starts") ms"
  echo "first start with a new database: $(sed -n 2p "$data/starts") ms"
  local all
  all=$(tail -n 5 "$data/starts")
  echo "second start, median of 5: $(sort -n <<<"$all" | sed -n 3p) ms (all: $(tr '\n' ' ' <<<"$all"))"
}

timed_start() {
  local began line plumb
  began=$(date +%s%N)
  # shellcheck disable=SC2154 # Where the project is.
  exec 4< <(exec "$here/plumb" start 2>/dev/null)
  plumb=$!
  while read -r line <&4; do
    case $line in *"is ready at"*) echo "$((($(date +%s%N) - began) / 1000000))"; break ;; esac
  done
  kill "$plumb"
  while kill -0 "$plumb" 2>/dev/null; do sleep 0.1; done
  exec 4<&-
}
