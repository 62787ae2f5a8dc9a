#!/usr/bin/env bash
# Starts the packed application folder with no Java on the path and a fresh home, starts it a second time, stops it, starts it again.
set -euo pipefail
cd "$(dirname "$0")/.."

stop() { echo "$1" >&2; exit 1; }

app=$PWD/target/package/belonax/bin/belonax
[ -x "$app" ] || stop "There is no packed application. Run ./package --folder first."
home=$(mktemp -d)
port=18456
started=
trap '[ -z "$started" ] || kill "$started" 2>/dev/null || true; rm -rf "$home"' EXIT

run() { exec env -i HOME="$home" PATH=/nonexistent BELONAX_HOME="$home/data" BELONAX_PORT=$port "$app"; }

start() {
  (run) > "$home/out" 2>&1 &
  started=$!
  for _ in $(seq 120); do
    if curl -fs "http://localhost:$port/actuator/health" > /dev/null; then return; fi
    kill -0 "$started" 2>/dev/null || stop "The packed application ended: $(cat "$home/out")"
    sleep 0.5
  done
  stop "The packed application did not start within a minute: $(cat "$home/out")"
}

halt() {
  kill "$started"
  wait "$started" 2>/dev/null || true
  started=
}

begun=$(date +%s%N)
start
echo "The packed application answers after $(( ($(date +%s%N) - begun) / 1000000 )) ms"
curl -fsL "http://localhost:$port/" -o "$home/page"
grep -q "Three questions" "$home/page" || stop "The first page of an empty room is not there: $(grep -o "<h1.*" "$home/page")"
(run) > "$home/second" 2>&1 || stop "A second start failed: $(cat "$home/second")"
grep -q "Belonax is running already: http://localhost:$port" "$home/second" || stop "A second start did not say that it runs: $(cat "$home/second")"
halt
grep -q "is ready with your own data" "$home/out" || stop "It did not say that it was ready."
[ -f "$home/data/belonax.mv.db" ] || stop "The data are not where the README says."
[ "$(stat -c %a "$home/data")" = 700 ] || stop "The data folder is open to others."
start
halt
echo "The packed application starts with no Java on the path, says when it runs already, stops, and starts again."
