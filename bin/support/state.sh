# shellcheck shell=bash
# What a started application keeps between two starts: secrets and a log.

# kept_secret FILE: the secret of this installation. It is made once, together with
# the database; where the database is there and its secret is not, nothing starts:
# without the right one what is private in it cannot be read any more.
kept_secret() {
  local file="$STATE/$1"
  if [ -s "$file" ]; then cat "$file"; return 0; fi
  if [ -e "$file" ]; then
    say "$file is empty, and it should hold a secret. Nothing was touched. Put the right one back from where you keep it." >&2
    return 1
  fi
  if [ -f "$STATE/pg/PG_VERSION" ] && [ "$1" = encryption-secret ]; then
    say "$file is missing, and the database beside it was written with it. Nothing was touched. Put it back from where you keep it." >&2
    return 1
  fi
  if [ ! -d "$STATE" ]; then
    say "$(tr a-z- A-Z_ <<<"$1") is not set, and there is no folder $STATE that keeps one: set it, or name the folder with SPARROW_STATE." >&2
    return 1
  fi
  (umask 077 && ruby -rsecurerandom -e 'puts SecureRandom.hex(64)' >"$file") && cat "$file"
}

# export_secrets: both secrets, from the environment or from the state folder.
export_secrets() {
  if [ -z "${ENCRYPTION_SECRET:-}" ]; then
    ENCRYPTION_SECRET=$(kept_secret encryption-secret) || return 1
    export ENCRYPTION_SECRET ENCRYPTION_SECRET_FILE="$STATE/encryption-secret"
  fi
  if [ -z "${SESSION_SECRET:-}" ]; then
    SESSION_SECRET=$(kept_secret session-secret) || return 1
    export SESSION_SECRET
  fi
}

LOG_BYTES=10485760
LOGS_KEPT=5
# rotate_log FILE: moves what is in it on to FILE.1, and so on, once it is large. The
# file itself stays, for who is writing to it.
rotate_log() {
  local file=$1 number
  [ -f "$file" ] && [ "$(stat -c %s "$file")" -gt "$LOG_BYTES" ] || return 0
  for number in $(seq $((LOGS_KEPT - 1)) -1 1); do
    [ -f "$file.$number" ] && mv -f "$file.$number" "$file.$((number + 1))"
  done
  (umask 077 && cp "$file" "$file.1") && : >"$file"
}

# own_database: the database of this checkout's state folder, for a command that
# runs beside the application or while it is stopped; sets DATABASE_URL.
own_database() {
  STATE=$(state_folder)
  if [ -z "${DATABASE_URL:-}" ]; then
    [ -f "$STATE/pg/PG_VERSION" ] || fail "There is no database yet: DATABASE_URL is not set, and bin/start has not been run."
    if ! cluster_running "$STATE"; then
      cluster_start "$STATE" >/dev/null || fail "The database in $STATE does not start."
      trap 'cluster_stop "$STATE"' EXIT
    fi
    cluster_database "$STATE" sparrow || exit 1
    DATABASE_URL=$(cluster_url "$STATE" sparrow)
    export DATABASE_URL
  fi
  export_secrets || exit 1
}

# ruby_task FILE [arguments]: a task of the server, in the project's gems.
ruby_task() {
  local file=$1
  shift
  bundle exec ruby "$ROOT/server/tasks/$file.rb" "$@"
}
