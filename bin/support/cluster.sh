# shellcheck shell=bash
# A PostgreSQL cluster of the project's own: on loopback, on a free port, with
# its data outside the checkout. The system's cluster is never touched.

as_postgres() { if [ "$(id -u)" -eq 0 ]; then runuser -u postgres -- "$@"; else "$@"; fi; }

free_port() { ruby -rsocket -e 'server = TCPServer.new("127.0.0.1", 0); puts server.addr[1]'; }

# state_folder: where this checkout keeps its database, secrets and log; SPARROW_STATE names another place.
state_folder() {
  local base name
  [ -n "${SPARROW_STATE:-}" ] && { printf '%s' "$SPARROW_STATE"; return 0; }
  if [ "$(id -u)" -eq 0 ]; then base=/var/lib/willing-sparrow; else base="${XDG_STATE_HOME:-$HOME/.local/state}/willing-sparrow"; fi
  name=$(printf '%s' "$ROOT" | sha256sum | cut -c1-12)
  printf '%s/%s' "$base" "$name"
}

# cluster_create FOLDER: a new cluster in FOLDER/pg, its password in FOLDER/pg-password.
# A folder that is there and is no cluster is not touched: it may hold somebody's data.
cluster_create() {
  local folder=$1 fresh
  [ -f "$folder/pg/PG_VERSION" ] && { say "there already"; return 0; }
  if [ -e "$folder/pg" ] && ! rmdir "$folder/pg" 2>/dev/null; then
    say "$folder/pg is there, and no PostgreSQL cluster is seen in it (PG_VERSION is missing)."
    say "Nothing was touched. If your database should be there, put it back from a backup (bin/restore);"
    say "if it is not wanted, move the folder away. Then start again."
    return 1
  fi
  [ -s "$folder/pg-password" ] || (umask 077 && ruby -rsecurerandom -e 'puts SecureRandom.hex(24)' >"$folder/pg-password")
  fresh=$(mktemp -d "$folder/pg-new.XXXXXX") || return 1
  [ "$(id -u)" -eq 0 ] && chown postgres:postgres "$fresh" "$folder/pg-password"
  chmod 700 "$fresh"
  # Only what was made just now is taken away again where it goes wrong.
  (cd / && as_postgres "$(pg_bin)/initdb" -D "$fresh" -U sparrow --pwfile="$folder/pg-password" --auth=scram-sha-256 \
    --encoding=UTF8 --locale=C.UTF-8 --no-sync) && mv "$fresh" "$folder/pg" || { rm -rf "$fresh"; return 1; }
  say "made"
}

# A postmaster.pid left by a kill names a process that is gone, or another's.
cluster_forget_stale() {
  local folder=$1 pid
  [ -f "$folder/pg/postmaster.pid" ] || return 0
  pid=$(head -n 1 "$folder/pg/postmaster.pid")
  if [ -r "/proc/$pid/cmdline" ] && tr '\0' ' ' <"/proc/$pid/cmdline" | grep -qF "$folder/pg"; then return 0; fi
  rm -f "$folder/pg/postmaster.pid"
}

cluster_running() { (cd / && as_postgres "$(pg_bin)/pg_ctl" -D "$1/pg" status) >/dev/null 2>&1; }

# cluster_start FOLDER [further server options]
cluster_start() {
  local folder=$1 options=${2:-} port try
  cluster_forget_stale "$folder"
  if cluster_running "$folder"; then say "running already"; return 0; fi
  for try in 1 2 3 4 5; do
    port=$(free_port)
    # No descriptor of ours may stay with the server: a lock would outlive us.
    if (cd / && as_postgres "$(pg_bin)/pg_ctl" -D "$folder/pg" -w -t 60 -l "$folder/pg/server.log" \
      -o "-c listen_addresses=127.0.0.1 -c port=$port -c unix_socket_directories='' $options" start 9>&- </dev/null); then
      say "on port $port"
      return 0
    fi
    say "port $port would not do (try $try)"
  done
  tail -n 20 "$folder/pg/server.log"
  return 1
}

cluster_stop() { cluster_running "$1" && (cd / && as_postgres "$(pg_bin)/pg_ctl" -D "$1/pg" -m fast -w -t 30 stop) >/dev/null 2>&1; }

cluster_port() { (cd / && as_postgres sed -n 4p "$1/pg/postmaster.pid"); }

# cluster_url FOLDER DATABASE
cluster_url() { printf 'postgres://sparrow:%s@127.0.0.1:%s/%s' "$(cat "$1/pg-password")" "$(cluster_port "$1")" "$2"; }

# cluster_database FOLDER DATABASE: makes it where it is not there.
cluster_database() {
  local url
  url=$(cluster_url "$1" postgres)
  [ "$("$(pg_bin)/psql" -X -At "$url" -c "SELECT 1 FROM pg_database WHERE datname = '$2'")" = 1 ] ||
    "$(pg_bin)/psql" -X -q "$url" -c "CREATE DATABASE $2"
}
