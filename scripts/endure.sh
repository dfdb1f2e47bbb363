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

# Sends something twice, as an impatient device would; notes in a file what was answered, under its name.
twice() {
  local method=$1 path=$2 body=$3 file=$4 name=$5 key answer
  key=$(cat /proc/sys/kernel/random/uuid)
  for _ in 1 2; do
    answer=$(curl -s -o /dev/null -w '%{http_code}' -X "$method" -b "$work/cookies" -H "X-XSRF-TOKEN: $(token)" \
      -H "Idempotency-Key: $key" -H 'Content-Type: application/json' "$address/api/clients/$client$path" -d "$body" || true)
    if [ "$answer" = 204 ] || [ "$answer" = 200 ]; then printf '%s\n' "$name" >> "$work/$file"; fi
  done
}

# Stores sessions one after the other, each with its account; every one is put right, and the morning is answered
# again and again.
store() {
  local began ended id pain
  pain='{"side":"LEFT","region":"PALM","level":1,"sensation":null}'
  began=$(date -u -d '-10 minutes' +%Y-%m-%dT%H:%M:%SZ); ended=$(date -u +%Y-%m-%dT%H:%M:%SZ)
  while true; do
    id=$(cat /proc/sys/kernel/random/uuid)
    twice PUT "/sessions/$id" "{\"blockId\":null,\"routineId\":null,
      \"purpose\":\"WARM_UP\",\"beganAt\":\"$began\",\"endedAt\":\"$ended\",\"plannedMillis\":600000,\"state\":\"DONE\",
      \"steps\":[{\"exerciseId\":\"palm-rub\",\"exerciseVersion\":0,\"dose\":\"25 s, both together\",\"laterality\":\"TOGETHER\",
      \"plannedMillis\":28000,\"donePercent\":100,\"outcome\":\"DONE\",
      \"account\":{\"leftHeldMillis\":25000,\"repeats\":0,\"stayedMillis\":0}}],\"hurts\":[$pain]}" answered "$id"
    twice POST "/sessions/$id/corrections" "{\"reason\":\"as it was\",\"effort\":4,\"tighterSide\":null,
      \"steps\":[{\"leftPercent\":100,\"rightPercent\":100,\"shortfall\":null,\"complete\":null}],
      \"during\":[$pain],\"after\":[]}" corrected "$id"
    twice PUT /morning "{\"pains\":[$pain]}" morning kept
  done
}

sql() {
  local reach port password
  reach=$(bash scripts/postgres-cluster.sh start "$NIMBLET_HOME/demo-cluster" durable)
  port=$(sed -n 's/^port=//p' <<<"$reach"); password=$(sed -n 's/^password=//p' <<<"$reach")
  PGPASSWORD=$password "$(find /usr/lib/postgresql -name psql -path '*/bin/*' | sort -V | tail -n 1)" \
    -qtA -h 127.0.0.1 -p "$port" -U nimblet -d nimblet "$@"
}

touch "$work/answered" "$work/corrected" "$work/morning"
for round in $(seq 1 "$rounds"); do
  sign_in
  store & storing=$!
  # A server that has just begun answers slowly: long enough that some are stored, and one is in the midst.
  sleep "$((3 + RANDOM % 4)).$((RANDOM % 9))"
  kill -9 "$(cat "$NIMBLET_HOME/demo.pid")"
  sleep 0.2
  if [ $((round % 2)) = 0 ]; then kill -9 "$(head -n 1 "$NIMBLET_HOME/demo-cluster/data/postmaster.pid")"; fi
  kill "$storing" 2>/dev/null || true; wait "$storing" 2>/dev/null || true
  ./nimblet demo > "$work/start.log"
  sort -u "$work/answered" > "$work/stored"
  sort -u "$work/corrected" > "$work/right"
  sql -c "create temporary table answered (id uuid)" -c "\copy answered from '$work/stored'" \
    -c "select count(*) from answered where id not in (select id from session)" \
    -c "select count(*) from session s join answered using (id) where (select count(*) from session_step t where t.session_id = s.id) <> 1" \
    -c "select count(*) from answered a where (select count(*) from pain_entry p where p.session_id = a.id) <> 1" \
    -c "select count(*) from answered a join session_step t on t.session_id = a.id where t.account is null" \
    -c "create temporary table corrected (id uuid)" -c "\copy corrected from '$work/right'" \
    -c "select count(*) from corrected c where (select count(*) from session_correction s where s.session_id = c.id) <> 1" \
    -c "select count(*) from session_correction s where s.before is null" \
    -c "select abs(count(*) - $(sort -u "$work/morning" | wc -l)) from morning_answer where date = current_date" > "$work/counts"
  say "round $round: $(wc -l < "$work/stored") answered, $(wc -l < "$work/right") put right; lost, without their step, their one pain," \
    "their account, their one correction, what stood before, one morning: $(tr '\n' ' ' < "$work/counts")"
  if grep -qv '^0$' "$work/counts"; then say "Something is lost or twice."; exit 1; fi
done
say "Nothing that was answered is lost, and nothing is there twice."
