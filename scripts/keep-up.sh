#!/usr/bin/env bash
# Keeps a program running: one that ends without having been told to, killed or failed, is started again. One that ends at once three times running
# has a fault that a fourth time does not mend.
# usage: keep-up.sh COMMAND...
set -u
child=
stop() {
  trap - TERM INT
  [ -z "$child" ] || kill "$child" 2>/dev/null
  wait "$child" 2>/dev/null
  exit 0
}
trap stop TERM INT
short=0
while :; do
  began=$SECONDS
  "$@" &
  child=$!
  wait "$child"
  code=$?
  if [ $((SECONDS - began)) -lt 10 ]; then short=$((short + 1)); else short=0; fi
  echo "The program ended ($code)."
  [ "$short" -lt 3 ] || exit 1
  sleep 0.5 & wait $!
done
