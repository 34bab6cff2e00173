# Sourced: supervised COMMAND… runs it, and starts it again where it ended because its memory ran out.

# By this code the program ends when it has no memory left (see -XX:+ExitOnOutOfMemoryError).
readonly NO_MEMORY=3
# Who runs out of memory again and again would do so for ever.
readonly MOST_STARTS=5 WITHIN_SECONDS=600

supervised() {
  local child code starts=0 since=$SECONDS
  # Ctrl+C reaches the program by itself; it is waited for.
  trap : INT
  trap 'kill -TERM "$child" 2>/dev/null' TERM HUP
  while true; do
    starts=$((starts + 1))
    (
      trap - INT
      exec "$@"
    ) <&0 &
    child=$!
    code=0
    wait "$child" || code=$?
    while kill -0 "$child" 2>/dev/null; do
      code=0
      wait "$child" || code=$?
    done
    [ "$code" -eq "$NO_MEMORY" ] || return "$code"
    if [ $((SECONDS - since)) -gt "$WITHIN_SECONDS" ]; then
      starts=1
      since=$SECONDS
    fi
    if [ "$starts" -ge "$MOST_STARTS" ]; then
      echo "Mellow Almanac ran out of memory $starts times; it is not started again. The log in the data folder says more." >&2
      return "$code"
    fi
    echo "Mellow Almanac ran out of memory; what was saved is kept, and it is started again." >&2
  done
}
