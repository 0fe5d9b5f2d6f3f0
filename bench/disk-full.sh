#!/usr/bin/env bash
# Fills a small disk of its own (tmpfs, so it needs root) under a running copy and looks at what is
# said: bench/disk-full.sh. Build first: ./loose-hip build. It talks to 127.0.0.1 and cleans up.
set -euo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/.."
disk=$(mktemp -d)
mount -t tmpfs -o size=6m,mode=0700 tmpfs "$disk"
port=8399
log=$(mktemp)
cleanup() { kill "$server" 2>/dev/null || true; wait "$server" 2>/dev/null || true; umount "$disk"; rmdir "$disk"; rm -f "$log" "$jar"; }
java -XX:TieredStopAtLevel=1 -XX:+UseSerialGC -Xmx256m -jar app/target/run/loose-hip.jar \
  --server.port=$port --loose-hip.demo=false --loose-hip.home="$disk/home" >"$log" 2>&1 &
server=$!
jar=$(mktemp)
trap cleanup EXIT
until grep -q "Stop it with" "$log"; do sleep 0.3; done
at=http://127.0.0.1:$port
ask() { curl -s -b "$jar" -c "$jar" "$@"; }
token() { ask "$at$1" | grep -o 'name="_csrf"[^>]*value="[^"]*"' | head -1 | sed 's/.*value="//; s/"$//'; }
link=$(grep -o "/set-up/[A-Za-z0-9_-]*" "$log" | head -1)
ask -o /dev/null "$at$link" -d "_csrf=$(token "$link")" -d practice=Shed -d shownName=Wren -d signInName=wren \
  --data-urlencode "password=larch over the ninth green"
ask -o /dev/null "$at/sign-in" -d "_csrf=$(token /sign-in)" -d username=wren --data-urlencode "password=larch over the ninth green"
csrf=$(token /)
golfer=$(ask -o /dev/null -w '%{redirect_url}' "$at/golfers" -d "_csrf=$csrf" --data-urlencode "name=Isla Brodie" | sed 's/.*golfers\///; s/\/talk.*//')
note() { ask -o /tmp/disk-full.answer -w '%{http_code}' -H 'HX-Request: true' "$at/golfers/$golfer/notes/$1" -d "_csrf=$csrf" --data-urlencode "value=$2"; }
echo "consent, with room: $(note consent 'wording 1')"
dd if=/dev/zero of="$disk/filler" bs=64k 2>/dev/null || true
full=0
for i in $(seq 400); do
  code=$(note wish.want "w$i $(printf 'x%.0s' $(seq 350))")
  [[ $code == 200 ]] && last=$i
  [[ $code == 507 ]] && { full=1; break; }
  [[ $code == 200 ]] || { echo "answered $code"; break; }
done
echo "the disk is full: answered $code at save $i; said: $(grep -o 'Not saved[^<]*' /tmp/disk-full.answer | tr '\n' ' ')"
echo "a page meanwhile: $(ask -o /dev/null -w '%{http_code}' "$at/golfers/$golfer/talk")"
rm "$disk/filler"
echo "with room again: $(note wish.want "after")"
ask "$at/golfers/$golfer/talk" | grep -c "after" | sed "s/^/lines of Talk that show it: /"
grep -ci "exception" "$log" | sed 's/^/lines with an exception in the log: /' || true
[[ $full == 1 ]]
