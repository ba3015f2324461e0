# Shared by ./start and ./test: what must be installed, and a PostgreSQL of our own on loopback.
# Meant to be sourced with $ROOT set; every function ends the script with a plain message if it cannot do its work.

say() { printf '%s\n' "$*"; }
die() { printf 'tidy heron: %s\n' "$*" >&2; exit 1; }

# install_debian PACKAGE...: installs what is missing of Debian's packages.
install_debian() {
  local missing=() name
  for name in "$@"; do
    dpkg-query -W -f='${Status}' "$name" 2>/dev/null | grep -q 'install ok installed' || missing+=("$name")
  done
  [ ${#missing[@]} -eq 0 ] && return 0
  say "Installing ${missing[*]} ..."
  local as_root=()
  if [ "$(id -u)" -ne 0 ]; then
    sudo -n true 2>/dev/null || die "these packages are missing: ${missing[*]}. Run 'apt-get install ${missing[*]}' as root, then try again."
    as_root=(sudo -n)
  fi
  # Debian would start a server of its own on the usual port; ours is the only one wanted.
  "${as_root[@]}" apt-get update -qq >/dev/null || die "apt-get update failed. Check the network and try again."
  "${as_root[@]}" env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "${missing[@]}" >/dev/null ||
    die "could not install ${missing[*]}."
}

need_toolchain() {
  command -v dotnet >/dev/null || die "the .NET 10 SDK is missing. Install it, then try again."
  command -v node >/dev/null && command -v npm >/dev/null || die "Node 20 with npm is missing. Install it, then try again."
}

postgres_bin() {
  local newest
  newest=$(ls -d /usr/lib/postgresql/*/bin 2>/dev/null | sort -V | tail -n 1)
  [ -n "$newest" ] && [ -x "$newest/initdb" ] || die "PostgreSQL's server programs are not under /usr/lib/postgresql."
  printf '%s' "$newest"
}

# PostgreSQL refuses to run as root; then it runs as the user that Debian's package made for it.
as_postgres() { if [ "$(id -u)" -eq 0 ]; then runuser -u postgres -- "$@"; else "$@"; fi; }

free_port() {
  node -e 'const s=require("net").createServer();s.listen(0,"127.0.0.1",()=>{console.log(s.address().port);s.close()})'
}

# start_postgres DIR: starts a cluster in DIR (made if it is not there) and sets PG_CONNECTION.
# One of the same data that still runs is stopped first: it was left by a start that was killed.
start_postgres() {
  local dir=$1 bin port password
  bin=$(postgres_bin)
  mkdir -p "$dir" || die "cannot make $dir. Set HERON_DATA to a folder that you may write to."
  if [ ! -s "$dir/pg/PG_VERSION" ]; then
    rm -rf "$dir/pg" "$dir/pg.password"
    password=$(node -e 'console.log(require("crypto").randomBytes(24).toString("hex"))')
    (umask 077; printf '%s\n' "$password" >"$dir/pg.password")
    mkdir -p "$dir/pg"
    if [ "$(id -u)" -eq 0 ]; then
      chown postgres "$dir/pg" "$dir/pg.password"
      as_postgres test -x "$dir/pg" || die "the user postgres cannot reach $dir. Set HERON_DATA to a folder outside root's home."
    fi
    as_postgres "$bin/initdb" -D "$dir/pg" -U heron --auth=scram-sha-256 --pwfile="$dir/pg.password" -E UTF8 --locale=C.UTF-8 >"$dir/initdb.log" 2>&1 ||
      { cat "$dir/initdb.log" >&2; die "could not make the database in $dir."; }
  fi
  password=$(cat "$dir/pg.password")
  as_postgres "$bin/pg_ctl" -D "$dir/pg" status >/dev/null 2>&1 && stop_postgres "$dir"
  port=$(free_port)
  : >"$dir/pg.log" 2>/dev/null || true
  [ "$(id -u)" -eq 0 ] && chown postgres "$dir/pg.log"
  as_postgres "$bin/pg_ctl" -D "$dir/pg" -w -t 60 -l "$dir/pg.log" \
    -o "-p $port -c listen_addresses=127.0.0.1 -c unix_socket_directories='' ${PG_OPTIONS:-}" start >/dev/null 2>&1 </dev/null ||
    { tail -n 20 "$dir/pg.log" >&2; die "PostgreSQL did not start; its log is $dir/pg.log."; }
  PG_CONNECTION="Host=127.0.0.1;Port=$port;Username=heron;Password=$password"
}

stop_postgres() { as_postgres "$(postgres_bin)/pg_ctl" -D "$1/pg" -m fast -w -t 30 stop >/dev/null 2>&1 || true; }

# fingerprint PATH...: changes when any source file under the paths does (the client's types are made, not written).
fingerprint() {
  (cd "$ROOT" && find "$@" \( -name node_modules -o -name bin -o -name obj -o -name dist \) -prune -o -type f ! -name schema.d.ts -print0 |
    sort -z | xargs -0 sha256sum | sha256sum | cut -d' ' -f1)
}

# install_npm: the client's packages, as the lock file has them.
install_npm() {
  local stamp="$ROOT/src/client/node_modules/.heron-lock" lock
  lock=$(sha256sum "$ROOT/src/client/package-lock.json" | cut -d' ' -f1)
  [ "$(cat "$stamp" 2>/dev/null)" = "$lock" ] && return 0
  say "Installing the client's packages ..."
  (cd "$ROOT/src/client" && npm ci --no-audit --no-fund --loglevel=error) || die "npm could not install the client's packages."
  printf '%s' "$lock" >"$stamp"
}

# make_voices: the caller's numbers as sound, spoken once; the builds that follow take them along.
make_voices() { node "$ROOT/scripts/voices.mjs" "$ROOT/src/TidyHeron.Formats/Voices" || die "the caller's voices could not be made."; }

build_client() { (cd "$ROOT/src/client" && npm run --silent build) || die "the client did not build."; }

# answers URL: whether it answers 200.
answers() { node -e 'fetch(process.argv[1],{signal:AbortSignal.timeout(3000)}).then(r=>process.exit(r.ok?0:1),()=>process.exit(1))' "$1"; }
