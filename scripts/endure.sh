#!/usr/bin/env bash
# Kills the application, and every other time the database too, in the midst of sessions being stored; begins
# again and counts: what was answered as stored is there, once and whole. In a demo of its own.
# usage: endure.sh ROUNDS, with NIMBLET_HOME and NIMBLET_PORT set
set -euo pipefail
rounds=$1
address=http://127.0.0.1:$NIMBLET_PORT
work=$(mktemp -d)
trap './nimblet stop >/dev/null 2>&1 || true; rm -rf "$work"' EXIT
say() { printf '%s\n' "$*"; }

./nimblet reset > "$work/start.log"

sign_in() {
  rm -f "$work/cookies"
  curl -fsS -o /dev/null -c "$work/cookies" "$address/api/me"
  curl -fsS -o /dev/null -b "$work/cookies" -c "$work/cookies" -H "X-XSRF-TOKEN: $(token)" -H 'Content-Type: application/json' \
    -d '{"as":"CLIENT"}' "$address/api/demo/sign-in"
  client=$(curl -fsS -b "$work/cookies" -c "$work/cookies" "$address/api/my/day" | sed -n 's/.*"clientId":"\([^"]*\)".*/\1/p')
}
token() { awk '$6 == "XSRF-TOKEN" { print $7 }' "$work/cookies"; }

# Stores sessions one after the other, each sent twice as an impatient device would; notes those that were answered.
store() {
  local began ended id answer
  began=$(date -u -d '-10 minutes' +%Y-%m-%dT%H:%M:%SZ); ended=$(date -u +%Y-%m-%dT%H:%M:%SZ)
  while true; do
    id=$(cat /proc/sys/kernel/random/uuid)
    for _ in 1 2; do
      answer=$(curl -s -o /dev/null -w '%{http_code}' -X PUT -b "$work/cookies" -H "X-XSRF-TOKEN: $(token)" \
        -H 'Content-Type: application/json' "$address/api/clients/$client/sessions/$id" -d "{\"blockId\":null,\"routineId\":null,
          \"purpose\":\"WARM_UP\",\"beganAt\":\"$began\",\"endedAt\":\"$ended\",\"plannedMillis\":600000,\"state\":\"DONE\",
          \"steps\":[{\"exerciseId\":\"palm-rub\",\"exerciseVersion\":0,\"dose\":\"25 s, both together\",\"laterality\":\"TOGETHER\",
          \"plannedMillis\":28000,\"donePercent\":100,\"outcome\":\"DONE\"}],
          \"hurts\":[{\"side\":\"LEFT\",\"region\":\"PALM\",\"level\":1,\"sensation\":null}]}" || true)
      if [ "$answer" = 204 ]; then printf '%s\n' "$id" >> "$work/answered"; fi
    done
  done
}

sql() {
  local reach port password
  reach=$(bash scripts/postgres-cluster.sh start "$NIMBLET_HOME/demo-cluster" durable)
  port=$(sed -n 's/^port=//p' <<<"$reach"); password=$(sed -n 's/^password=//p' <<<"$reach")
  PGPASSWORD=$password "$(find /usr/lib/postgresql -name psql -path '*/bin/*' | sort -V | tail -n 1)" \
    -qtA -h 127.0.0.1 -p "$port" -U nimblet -d nimblet "$@"
}

touch "$work/answered"
for round in $(seq 1 "$rounds"); do
  sign_in
  store & storing=$!
  sleep "1.$((RANDOM % 9))"
  kill -9 "$(cat "$NIMBLET_HOME/demo.pid")"
  sleep 0.2
  if [ $((round % 2)) = 0 ]; then kill -9 "$(head -n 1 "$NIMBLET_HOME/demo-cluster/data/postmaster.pid")"; fi
  kill "$storing" 2>/dev/null || true; wait "$storing" 2>/dev/null || true
  ./nimblet demo > "$work/start.log"
  sort -u "$work/answered" > "$work/stored"
  sql -c "create temporary table answered (id uuid)" -c "\copy answered from '$work/stored'" \
    -c "select count(*) from answered where id not in (select id from session)" \
    -c "select count(*) from session s join answered using (id) where (select count(*) from session_step t where t.session_id = s.id) <> 1" \
    -c "select count(*) from answered a where (select count(*) from pain_entry p where p.session_id = a.id) <> 1" > "$work/counts"
  say "round $round: $(wc -l < "$work/stored") answered; lost, without their step, without their one pain: $(tr '\n' ' ' < "$work/counts")"
  if grep -qv '^0$' "$work/counts"; then say "Something is lost or twice."; exit 1; fi
done
say "Nothing that was answered is lost, and nothing is there twice."
