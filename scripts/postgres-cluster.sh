#!/usr/bin/env bash
# A private PostgreSQL cluster on loopback, in a folder of its own.
#   postgres-cluster.sh start FOLDER [fast]   makes and starts it; prints how to reach it
#   postgres-cluster.sh stop FOLDER
#   postgres-cluster.sh remove FOLDER         stops it and deletes the folder
# "fast" turns durable writing off: for tests only. Started as root, everything runs as the
# unprivileged user "postgres", since PostgreSQL refuses root.
set -euo pipefail

fail() { printf 'nimblet: %s\n' "$1" >&2; exit 1; }

action=${1:?start, stop or remove}
folder=${2:?a folder}
mode=${3:-durable}

bin=$(find /usr/lib/postgresql -maxdepth 2 -type d -name bin 2>/dev/null | sort -V | tail -n 1)
[ -n "$bin" ] || fail "PostgreSQL's server is missing. Install Debian's package 'postgresql', or run ./nimblet as root once."

as_owner() {
  if [ "$(id -u)" = 0 ]; then runuser -u postgres -- env -C / "$@"; else env -C / "$@"; fi
}

# A server that was killed stays in the list of processes where nobody clears it away (a container without an
# init). Its lock may go once none of its helpers works in the folder any more.
forget_a_killed_server() {
  local pid
  [ -f "$folder/data/postmaster.pid" ] || return 0
  pid=$(head -n 1 "$folder/data/postmaster.pid")
  grep -qs '^State:[[:space:]]*Z' "/proc/$pid/status" || return 0
  for _ in $(seq 1 100); do
    readlink /proc/[0-9]*/cwd 2>/dev/null | grep -qxF "$folder/data" || { rm -f "$folder/data/postmaster.pid"; return 0; }
    sleep 0.1
  done
  fail "processes of a PostgreSQL that was killed still work in $folder/data; end them and try again."
}

running() { [ -f "$folder/data/postmaster.pid" ] && as_owner "$bin/pg_ctl" -D "$folder/data" status >/dev/null 2>&1; }

free_port() {
  for _ in $(seq 1 50); do
    local port=$((20000 + RANDOM % 20000))
    if ! (exec 3<>"/dev/tcp/127.0.0.1/$port") 2>/dev/null; then printf '%s' "$port"; return; fi
  done
  fail "no free port was found between 20000 and 40000 on 127.0.0.1."
}

make_cluster() {
  mkdir -p "$folder"
  ( umask 077; head -c 24 /dev/urandom | base64 | tr -d '/+=' > "$folder/password" )
  if [ "$(id -u)" = 0 ]; then chown postgres "$folder" "$folder/password"; fi
  chmod 700 "$folder"
  as_owner test -r "$folder/password" ||
    fail "the user 'postgres' cannot reach $folder. Put the clone where others may pass, or set NIMBLET_HOME to such a folder."
  as_owner "$bin/initdb" -D "$folder/data" -U nimblet -A scram-sha-256 --pwfile="$folder/password" \
    -E UTF8 --locale=C.UTF-8 >"$folder.initdb.log" 2>&1 ||
    { tail -n 5 "$folder.initdb.log" >&2; fail "PostgreSQL could not make its cluster; the lines above say why."; }
  mv "$folder.initdb.log" "$folder/initdb.log"
}

# Loopback only: the path of a socket may not be longer than 107 bytes, and a clone may lie deep.
start_cluster() {
  free_port > "$folder/port"
  local options="-c listen_addresses=127.0.0.1 -c port=$(cat "$folder/port") -c unix_socket_directories='' -c max_connections=60"
  if [ "$mode" = fast ]; then options="$options -c fsync=off -c synchronous_commit=off -c full_page_writes=off"; fi
  as_owner "$bin/pg_ctl" -D "$folder/data" -l "$folder/server.log" -w -t 60 -o "$options" start >/dev/null ||
    { tail -n 5 "$folder/server.log" >&2; fail "PostgreSQL did not start; the lines above say why. './nimblet reset' makes a new cluster and new demo data."; }
}

if [ -e "$folder" ] && [ ! -w "$folder" ]; then
  fail "$folder belongs to another user. Run this as the same user as before, or set NIMBLET_HOME to a folder of your own."
fi

case $action in
  start)
    [ -f "$folder/data/PG_VERSION" ] || { rm -rf "$folder"; make_cluster; }
    forget_a_killed_server
    running || start_cluster
    printf 'host=127.0.0.1\nport=%s\nuser=nimblet\npassword=%s\n' "$(cat "$folder/port")" "$(cat "$folder/password")"
    ;;
  stop)
    forget_a_killed_server
    if running; then as_owner "$bin/pg_ctl" -D "$folder/data" -m fast -w stop >/dev/null; fi
    ;;
  remove)
    forget_a_killed_server
    if running; then as_owner "$bin/pg_ctl" -D "$folder/data" -m immediate -w stop >/dev/null || true; fi
    rm -rf "$folder"
    ;;
  *) fail "'$action' is not known; use start, stop or remove." ;;
esac
