#!/usr/bin/env bash
# A copy of the whole database in one file, and the way back.
#   database-copy.sh backup FILE    writes FILE; nothing has to be stopped
#   database-copy.sh restore FILE   puts FILE into the database in place of what is there, all or nothing
# Which database is said by PostgreSQL's own PGHOST, PGPORT, PGUSER, PGPASSWORD and PGDATABASE.
set -euo pipefail

fail() { printf 'nimblet: %s\n' "$1" >&2; exit 1; }

action=${1:?backup or restore}
file=${2:?a file}
bin=$(find /usr/lib/postgresql -maxdepth 2 -type d -name bin 2>/dev/null | sort -V | tail -n 1)
if [ -z "$bin" ]; then bin=$(dirname "$(command -v pg_dump || true)"); fi
[ -x "$bin/pg_dump" ] || fail "pg_dump is missing. Install Debian's package 'postgresql-client'."

case $action in
  backup)
    # Written beside and moved when whole, and nobody else's to read: it holds everything that people told.
    umask 077
    "$bin/pg_dump" --format=custom --no-owner --no-privileges --file="$file.part" ||
      { rm -f "$file.part"; fail "nothing was written; PostgreSQL's message stands above."; }
    mv "$file.part" "$file" ;;
  restore)
    [ -f "$file" ] || fail "there is no file $file."
    "$bin/pg_restore" --list "$file" >/dev/null || fail "$file is no copy of a database made by ./nimblet backup."
    "$bin/pg_restore" --clean --if-exists --no-owner --no-privileges --single-transaction --exit-on-error \
      --dbname="${PGDATABASE:?the database}" "$file" ||
      fail "nothing was changed; PostgreSQL's message stands above." ;;
  *) fail "database-copy.sh knows backup and restore, not $action" ;;
esac
