# shellcheck shell=bash
# What has to be on the machine, and clear words where it is not.

say() { echo "plumb: $*" >&2; }
fail() { say "$*"; exit 1; }

# Installs Debian packages where we may; otherwise says which.
install_packages() {
  local as=()
  if ! command -v apt-get >/dev/null; then fail "please install: $*"; fi
  if [ "$(id -u)" != 0 ]; then
    command -v sudo >/dev/null && sudo -n true 2>/dev/null || fail "please install (as root): apt-get install $*"
    as=(sudo -n)
  fi
  if [ -t 0 ] && [ -t 2 ]; then
    local answer
    read -r -p "plumb: $* is not here. Install it from Debian's packages? [Y/n] " answer
    case $answer in [nN]*) fail "please install: apt-get install $*" ;; esac
  else
    say "$* is not here; installing it from Debian's packages"
  fi
  local log; log=$(mktemp)
  { "${as[@]}" apt-get update -qq && "${as[@]}" env DEBIAN_FRONTEND=noninteractive \
    apt-get install -y -qq --no-install-recommends "$@"; } \
    >"$log" 2>&1 </dev/null || { tail -n 5 "$log" >&2; fail "could not install: $*"; }
  rm -f "$log"
}

# What runs the application; what builds it is asked for only where something has to be built.
need_java() { command -v java >/dev/null || install_packages openjdk-17-jdk-headless; }

need_build_tools() {
  command -v javac >/dev/null || install_packages openjdk-17-jdk-headless
  local java; java=$(javac -version 2>/dev/null | sed -n 's/^javac \([0-9]*\).*/\1/p')
  [ "${java:-0}" -ge 17 ] || fail "Java 17 or newer is needed; javac says $java"
  command -v mvn >/dev/null || install_packages maven
  command -v node >/dev/null || fail "Node 20 is needed and there is none: install Node 20.19 or newer, with npm"
  node -e 'const [a,b]=process.versions.node.split(".").map(Number); process.exit(a>20||a===20&&b>=19?0:1)' \
    || fail "Node 20.19 or newer is needed; this is $(node --version)"
  command -v npm >/dev/null || fail "npm is needed and there is none: it comes with Node"
}

pg_bin() {
  local dir
  for dir in $(ls -d /usr/lib/postgresql/*/bin 2>/dev/null | sort -V -r) \
    $(dirname "$(command -v initdb 2>/dev/null || echo /none/x)"); do
    [ -x "$dir/initdb" ] && [ -x "$dir/postgres" ] && { echo "$dir"; return; }
  done
}

need_postgres() {
  if [ -z "$(pg_bin)" ]; then
    # The package would otherwise create and start a cluster of its own.
    if [ "$(id -u)" = 0 ] && [ ! -e /etc/postgresql-common/createcluster.conf ]; then
      say "writing /etc/postgresql-common/createcluster.conf, so that the package starts no database of its own"
      mkdir -p /etc/postgresql-common && echo 'create_main_cluster = false' >/etc/postgresql-common/createcluster.conf
    fi
    install_packages postgresql
  fi
  PG_BIN=$(pg_bin)
  [ -n "$PG_BIN" ] || fail "the PostgreSQL server is not to be found"
}

# need_chromium [PACKAGE]: the browser as it is shipped, or the one without a window, which tests are driven in.
need_chromium() {
  local browser=${1:-chromium}
  command -v "$browser" >/dev/null || install_packages "$browser"
  PLUMB_CHROMIUM=$(command -v "$browser") || fail "Chromium is not to be found"
  PLAYWRIGHT_NODEJS_PATH=$(command -v node)
  PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1
  export PLUMB_CHROMIUM PLAYWRIGHT_NODEJS_PATH PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD
}

need_shellcheck() { command -v shellcheck >/dev/null || install_packages shellcheck; }

port_taken() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

check_port() {
  [[ $2 =~ ^[0-9]{1,5}$ ]] && [ "$2" -ge 1 ] && [ "$2" -le 65535 ] || fail "$1 is not a port: $2"
  if port_taken "$2"; then fail "port $2 is taken; is another copy running? Set $1 to another port"; fi
}

# check_word NAME VALUE ALLOWED...
check_word() {
  local name=$1 value=$2 word
  for word in "${@:3}"; do [ "$value" != "$word" ] || return 0; done
  fail "$name is not one of ${*:3}: $value"
}

free_port() {
  local port
  for _ in $(seq 100); do
    port=$((20000 + RANDOM % 20000))
    port_taken "$port" || { echo "$port"; return; }
  done
  fail "no free port found"
}

check_disk() {
  local free; free=$(df -Pk "$1" | awk 'NR==2 {print $4}')
  [ "$free" -ge 400000 ] || fail "the disk is full: $((free / 1024)) MB left at $1, and 400 MB are needed"
}
