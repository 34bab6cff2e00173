#!/usr/bin/env bash
# Installs, starts, upgrades and removes the package on this machine, as root: try.sh OLDER.deb NEWER.deb
set -euo pipefail

readonly OLDER=$1 NEWER=$2 PORT=8491
HOME=$(mktemp -d)
export HOME
unset XDG_DATA_HOME
program=
cleanup() {
  if [ -n "$program" ]; then kill "$program" 2>/dev/null || true; fi
  dpkg --purge mellow-almanac >/dev/null 2>&1 || true
  rm -rf "$HOME"
}
trap cleanup EXIT

fail() {
  echo "FAILED: $1" >&2
  exit 1
}

ask() {
  exec 3<>"/dev/tcp/127.0.0.1/$PORT" || return 1
  printf '%s %s HTTP/1.1\r\nHost: 127.0.0.1:%s\r\nConnection: close\r\n%s' "$1" "$2" "$PORT" "${3:-$'\r\n'}" >&3
  cat <&3
  exec 3>&-
}

start() {
  env -i HOME="$HOME" PATH=/usr/bin:/bin mellow-almanac run --port=$PORT >"$HOME/said" 2>&1 &
  program=$!
  for _ in $(seq 200); do
    if grep -q "is open at" "$HOME/said"; then return; fi
    sleep 0.2
  done
  cat "$HOME/said" >&2
  fail "it did not open"
}

stop() {
  kill "$program"
  wait "$program" 2>/dev/null || true
  program=
}

dpkg -i "$OLDER" >/dev/null
man -w mellow-almanac >/dev/null 2>&1 || [ -f /usr/share/man/man1/mellow-almanac.1.gz ] || fail "no manual page"
grep -q "Hibernate Validator" /usr/share/doc/mellow-almanac/copyright && grep -q "Figtree" /usr/share/doc/mellow-almanac/copyright ||
  fail "not every licence is told"
[ -f /usr/lib/mellow-almanac/lib/app/classes.jsa ] || fail "the classes were not laid ready"
start
body='{"name":"Boat house","kind":"SHELF","lampHours":null,"means":null,"approach":null}'
ask POST /api/places "$(printf 'Content-Type: application/json\r\nContent-Length: %d\r\n\r\n%s' "${#body}" "$body")" |
  grep -q "201" || fail "nothing could be saved"
stop
dpkg -i "$NEWER" >/dev/null
start
ask GET /api/places | grep -q "Boat house" || fail "what was kept is gone after the upgrade"
stop
mellow-almanac check >"$HOME/checked" || fail "$(cat "$HOME/checked")"
dpkg --remove mellow-almanac >/dev/null
if [ -e /usr/bin/mellow-almanac ]; then fail "it was not removed"; fi
if [ -e /usr/lib/mellow-almanac ]; then fail "something of it stayed"; fi
[ -s "$HOME/.local/share/mellow-almanac/own/almanac.mv.db" ] || fail "the collection went with it"
echo "Installed, started, upgraded, checked and removed; the collection stayed."
