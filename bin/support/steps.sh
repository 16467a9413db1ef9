# shellcheck shell=bash
# Progress: each step says what it does and how long it took.

say() { printf '%s\n' "$*"; }
fail() { printf '\n%s\n' "$*" >&2; exit 1; }

# step "what it does" command...: quiet when it goes well, all of its output when not.
step() {
  local what=$1 started=$SECONDS log status=0
  shift
  log=$(mktemp)
  printf '  %-52s' "$what"
  "$@" >"$log" 2>&1 || status=$?
  if [ "$status" -eq 0 ]; then
    printf '%4d s   %s\n' "$((SECONDS - started))" "$(tail -n 1 "$log" | cut -c1-60)"
  else
    printf 'failed after %d s\n\n' "$((SECONDS - started))"
    cat "$log"
  fi
  rm -f "$log"
  return "$status"
}
