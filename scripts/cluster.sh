#!/usr/bin/env bash
# A private PostgreSQL cluster: no system service, TCP on 127.0.0.1 only, on a free port.
# usage: cluster.sh start|stop|status|env     PGDIR = folder for the cluster; THROWAWAY=1 = safety off, for tests only
set -euo pipefail
here=$(cd "$(dirname "$0")/.." && pwd)
PGDIR=${PGDIR:-$here/.data/pg}
bin=$(ls -d /usr/lib/postgresql/*/bin 2>/dev/null | sort -V | tail -1 || true)
[ -x "${bin:-}/initdb" ] || bin=$(dirname "$(command -v initdb || echo /nowhere/initdb)")
[ -x "$bin/initdb" ] || { echo "PostgreSQL is missing. Install it with: apt-get install postgresql" >&2; exit 1; }
umask 077
mkdir -p "$PGDIR"
if [ "$(id -u)" = 0 ]; then
  # initdb and postgres refuse root: run them as the Debian package's own user
  as() { (cd / && exec setpriv --reuid=postgres --regid=postgres --init-groups env HOME=/tmp "$@"); }
  chown postgres: "$PGDIR"
  if ! as test -w "$PGDIR"; then
    # a clone may stand in a folder that user postgres cannot enter: its twin stands under the system's temp folder
    PGDIR=${TMPDIR:-/tmp}/yellow-rung-pg-$(printf %s "$PGDIR" | sha1sum | cut -c1-12)
    mkdir -p "$PGDIR"; chown postgres: "$PGDIR"
    as test -w "$PGDIR" || { echo "User postgres cannot write to $PGDIR. Set PGDIR to a folder that it can reach." >&2; exit 1; }
  fi
else
  as() { (cd / && exec "$@"); }
fi
data=$PGDIR/data
secret() { node -e 'process.stdout.write(require("crypto").randomBytes(18).toString("hex"))'; }
freeport() { node -e 'const s=require("net").createServer().listen(0,"127.0.0.1",()=>{console.log(s.address().port);s.close()})'; }
running() { as "$bin/pg_ctl" -D "$data" status >/dev/null 2>&1; }
url() { printf 'postgres://%s:%s@127.0.0.1:%s/%s' "$1" "$(cat "$PGDIR/$1.secret")" "$(cat "$PGDIR/port")" "$2"; }
case ${1:-} in
start)
  if [ ! -s "$data/PG_VERSION" ]; then
    for role in yr_admin yr_owner yr_app; do secret | as tee "$PGDIR/$role.secret" >/dev/null; done
    as "$bin/initdb" -D "$data" -U yr_admin -E UTF8 --locale=C.UTF-8 -A scram-sha-256 --pwfile="$PGDIR/yr_admin.secret" --no-instructions -N >/dev/null
  fi
  running && exit 0
  unsafe=; [ -z "${THROWAWAY:-}" ] || unsafe='-c fsync=off -c synchronous_commit=off -c full_page_writes=off'
  # a quarter of the memory for what is read often, as PostgreSQL's manual has it (19.4.1), up to 1 GB
  buffers=$(node -p 'Math.min(1024, Math.max(128, Math.floor(require("os").totalmem() / 4 / 2 ** 20)))')
  for try in 1 2 3; do
    port=$(freeport)
    if as "$bin/pg_ctl" -D "$data" -l "$PGDIR/log" -w -t 60 -s -o "-c listen_addresses=127.0.0.1 -p $port -c unix_socket_directories='' -c max_connections=120 -c shared_buffers=${buffers}MB $unsafe" start; then
      echo "$port" | as tee "$PGDIR/port" >/dev/null
      exit 0
    fi
  done
  tail -20 "$PGDIR/log" >&2; exit 1;;
stop) if running; then as "$bin/pg_ctl" -D "$data" -m fast -w -s stop; fi;;
status) running;;
env)
  # not exported: whoever starts a program gives it what it needs, and the server never gets more than its own connection
  echo "ADMIN_DATABASE_URL='$(url yr_admin postgres)' OWNER_DATABASE_URL='$(url yr_owner yellow_rung)' DATABASE_URL='$(url yr_app yellow_rung)'"
  [ -s "$PGDIR/seal.secret" ] || { secret; secret; } | as tee "$PGDIR/seal.secret" >/dev/null
  echo "SEAL_KEY='$(cat "$PGDIR/seal.secret")'"
  echo "OWNER_SECRET='$(cat "$PGDIR/yr_owner.secret")' APP_SECRET='$(cat "$PGDIR/yr_app.secret")' PGBIN='$bin'";;
*) echo "usage: $0 start|stop|status|env" >&2; exit 2;;
esac
