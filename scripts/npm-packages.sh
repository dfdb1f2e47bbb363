#!/usr/bin/env bash
# Installs the front end's packages, once per state of the lock file. Whoever comes meanwhile waits.
set -euo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/../web"
exec 9< package-lock.json
flock 9
stamp=node_modules/.installed-from
wanted=$(sha256sum package-lock.json | cut -d' ' -f1)
if [ -f "$stamp" ] && [ "$(cat "$stamp")" = "$wanted" ]; then exit 0; fi
npm ci --no-audit --no-fund --loglevel=error
printf '%s' "$wanted" > "$stamp"
