# The application: build when the source changed, start, stop, status, tests.
DATA=${FERULA_DATA:-$ROOT/.data}
BIND=${BIND:-127.0.0.1:4173}
HOST=${BIND%:*}
PORT=${BIND##*:}
NEXT=node_modules/next/dist/bin/next
# What a page leaves behind is short-lived: with more room for it, memory is cleaned up half as often.
ROOM=--max-semi-space-size=64

start_all() {
  need_node
  mkdir -p "$DATA"
  require_public_url
  require_crew
  if app_alive; then
    revive_database
    say "Ferula is already running (process $(cat "$DATA/app.pid")) at $(cat "$DATA/url"). ./ferula stop ends it."
    return
  fi
  rm -f "$DATA/app.pid"
  port_is_free || fail "Port $PORT on $HOST is taken by another program. Stop that, or choose another: BIND=127.0.0.1:4180 ./ferula start"
  need_packages
  [ -n "${DATABASE_URL:-}" ] || need_mariadb
  build_if_changed
  trap shut_down EXIT
  trap 'exit 0' INT TERM
  if [ -z "${DATABASE_URL:-}" ]; then
    mariadb_start "$DATA/mariadb"
    DATABASE_URL=$(mariadb_database "$DATA/mariadb" "$(database_name)")
  fi
  export DATABASE_URL
  export BIND PUBLIC_URL=${PUBLIC_URL:-$(scheme)://$BIND}
  [ -f "$DATA/secret" ] || (umask 077 && node -e 'process.stdout.write(require("crypto").randomBytes(32).toString("hex"))' >"$DATA/secret")
  FERULA_SECRET=${FERULA_SECRET:-$(cat "$DATA/secret")}
  export FERULA_SECRET CREW
  bring_up_to_date
  : >"$DATA/app.log"
  local inner_host=$HOST
  INNER_PORT=$PORT
  if is_secure; then
    inner_host=127.0.0.1
    INNER_PORT=$(free_port)
    export FERULA_AUTHORITY=$DATA/tls/authority.crt
  fi
  setsid node "$ROOM" "$NEXT" start --hostname "$inner_host" --port "$INNER_PORT" >>"$DATA/app.log" 2>&1 &
  APP_PID=$!
  printf '%s' "$APP_PID" >"$DATA/app.pid"
  printf '%s' "$PUBLIC_URL" >"$DATA/url"
  await_answer "http://$(reached "$inner_host"):$INNER_PORT/ready" || kill -0 "$APP_PID" 2>/dev/null ||
    fail "The application stopped at once; the end of .data/app.log says why:
$(tail -n 8 "$DATA/app.log")"
  if is_secure; then start_front "$INNER_PORT"; fi
  say "Ferula is ready: $PUBLIC_URL   (Ctrl-C stops it)"
  if [ "$CREW" = on ]; then say "People sign in here. Invite others under Crew."; fi
  supervise
  say "The application has ended; the end of .data/app.log:"
  tail -n 4 "$DATA/app.log"
}

# Until the application answers, or has ended, or half a minute is over.
await_answer() {
  node -e '
    const [url, pid] = process.argv.slice(1);
    const ask = () => fetch(url).then(({ ok }) => ok, () => false);
    const lives = () => { try { return process.kill(Number(pid), 0); } catch { return false; } };
    (async () => {
      for (const end = Date.now() + 30_000; Date.now() < end && lives(); await new Promise((go) => setTimeout(go, 100)))
        if (await ask()) return 0;
      return 1;
    })().then((status) => process.exit(status));
  ' "$1" "$APP_PID"
}

# While the application lives: a database that died is brought back at its own port, and the log is kept short.
supervise() {
  while kill -0 "$APP_PID" 2>/dev/null; do
    sleep 1 &
    wait $! || true
    # Whoever stops both stops the application first.
    kill -0 "$APP_PID" 2>/dev/null || break
    if [ -n "${FRONT_PID:-}" ] && ! kill -0 "$FRONT_PID" 2>/dev/null; then start_front "$INNER_PORT"; fi
    [ -z "${MARIADB_PID:-}" ] || mariadb_alive "$DATA/mariadb" || revive_database
    rotate_log "$DATA/app.log"
  done
  wait "$APP_PID" || true
}

# In a shell of its own, since a start that fails ends its shell: one that is killed while it comes up must not take the application along.
revive_database() {
  [ -d "$DATA/mariadb/data" ] || return 0
  mariadb_alive "$DATA/mariadb" && return
  say "The database has ended; starting it again ..."
  if (need_mariadb && mariadb_start "$DATA/mariadb"); then
    MARIADB_PID=$(cat "$DATA/mariadb/m.pid")
    say "The database is up again."
  else
    say "The database did not come up; the lines above say why."
  fi
}

# Copied and emptied, since the application holds the file open; it writes at the end of whatever is there.
rotate_log() {
  [ "$(stat -c %s "$1" 2>/dev/null || echo 0)" -gt 5000000 ] || return 0
  [ ! -f "$1.1" ] || mv -f "$1.1" "$1.2"
  cp "$1" "$1.1" && : >"$1"
}

# Whoever listens beyond this machine says by which address people come: no other is answered.
require_public_url() {
  is_loopback "$HOST" && return
  [ -n "${PUBLIC_URL:-}" ] ||
    fail "BIND=$BIND can be reached from other machines. Say by which address people open Ferula, for example: TLS=on PUBLIC_URL=https://192.168.1.20:$PORT BIND=$BIND ./ferula start"
}

# Whether people sign in: as the environment says, else as ./ferula crew set it.
crew_mode() { printf '%s' "${CREW:-$(cat "$DATA/crew" 2>/dev/null || printf off)}"; }

# Who can be reached from other machines lets nobody in unasked.
require_crew() {
  CREW=$(crew_mode)
  [ "$CREW" = on ] && return
  is_loopback "$HOST" && is_loopback "$(public_host)" && return
  fail "BIND=$BIND PUBLIC_URL=${PUBLIC_URL:-} can be reached from other machines, so people must sign in. Run ./ferula crew on first: it makes your account."
}

public_host() { node -e 'const u=process.argv[1];process.stdout.write(URL.canParse(u)?new URL(u).hostname:"127.0.0.1")' "${PUBLIC_URL:-}"; }

is_loopback() {
  case "$1" in
    127.* | localhost | ::1 | '[::1]') return 0 ;;
  esac
  return 1
}

is_secure() { [ "${TLS:-off}" = on ]; }
scheme() { if is_secure; then printf https; else printf http; fi; }
# Who listens on every address is reached on loopback too.
reached() { case "$1" in 0.0.0.0) printf 127.0.0.1 ;; :: | '[::]') printf '[::1]' ;; *) printf '%s' "$1" ;; esac; }

# HTTPS on the address that people open, handed on to the application on loopback.
start_front() {
  local file
  file=$(program front)
  setsid node "$file" "$BIND" "$1" "$DATA/tls" "$PUBLIC_URL" >>"$DATA/app.log" 2>&1 &
  FRONT_PID=$!
  printf '%s' "$FRONT_PID" >"$DATA/front.pid"
  local i
  for ((i = 0; i < 100; i++)); do
    kill -0 "$FRONT_PID" 2>/dev/null || fail "The secure front stopped at once; the end of .data/app.log says why:
$(tail -n 4 "$DATA/app.log")"
    # Taken by it, and not by another program that was there first: that ends it.
    if ! port_is_free; then
      sleep 0.3
      kill -0 "$FRONT_PID" 2>/dev/null && return 0
    fi
    sleep 0.1
  done
  fail "The secure front does not listen on $BIND after ten seconds; see .data/app.log."
}

stop_front() {
  local pid
  pid=$(cat "$DATA/front.pid" 2>/dev/null) || return 0
  rm -f "$DATA/front.pid"
  # The pid may have been given to another program since.
  tr '\0' ' ' <"/proc/$pid/cmdline" 2>/dev/null | grep -q programs/front- || return 0
  kill -TERM "$pid" 2>/dev/null || return 0
  local i
  for ((i = 0; i < 50; i++)); do
    kill -0 "$pid" 2>/dev/null || return 0
    sleep 0.1
  done
}

# Signing in: on makes the first account here at the console, off goes back to being alone on this machine.
crew() {
  need_node
  mkdir -p "$DATA"
  case "${1:-status}" in
    on)
      with_database run_program crew on
      printf on >"$DATA/crew"
      say "People sign in from the next ./ferula start on."
      ;;
    off)
      is_loopback "$HOST" || fail "BIND=$BIND can be reached from other machines: there people must sign in."
      printf off >"$DATA/crew"
      say "Nobody signs in from the next ./ferula start on; accounts and roles stay for when it is on again."
      ;;
    recover) with_database run_program crew recover "${2:-}" ;;
    status)
      say "Signing in: $(crew_mode)"
      with_database run_program crew status
      ;;
    *) fail "There is no command 'crew $1'. It is on, off, status, or recover NAME." ;;
  esac
}

bring_up_to_date() {
  run_program prepare || fail "The database at DATABASE_URL could not be brought up to date; the line above says why."
}

# Runs a command with a database that is up and at its newest; one that was not running is stopped again.
with_database() {
  local started=
  need_packages
  if [ -z "${DATABASE_URL:-}" ]; then
    need_mariadb
    mariadb_alive "$DATA/mariadb" || started=yes
    mariadb_start "$DATA/mariadb" >/dev/null
    DATABASE_URL=$(mariadb_database "$DATA/mariadb" "$(database_name)")
  fi
  export DATABASE_URL
  bring_up_to_date
  local status=0
  "$@" || status=$?
  [ -z "$started" ] || mariadb_stop "$DATA/mariadb"
  [ "$status" = 0 ] || exit "$status"
}

# The private database in use: a restore makes a new one and then points here.
database_name() { cat "$DATA/database" 2>/dev/null || printf ferula; }

shut_down() {
  trap - EXIT INT TERM
  [ -z "${FRONT_PID:-}" ] || stop_front
  if [ -n "${APP_PID:-}" ] && kill -TERM "$APP_PID" 2>/dev/null; then wait "$APP_PID" 2>/dev/null || true; fi
  rm -f "$DATA/app.pid"
  [ -z "${MARIADB_PID:-}" ] || mariadb_stop "$DATA/mariadb"
  say "Stopped."
}

stop_all() {
  local pid i
  if app_alive; then
    pid=$(cat "$DATA/app.pid")
    kill -TERM "$pid"
    for ((i = 0; i < 100; i++)); do
      kill -0 "$pid" 2>/dev/null || break
      sleep 0.1
    done
    rm -f "$DATA/app.pid"
    stop_front
    say "The application is stopped."
  else
    say "The application is not running."
  fi
  if mariadb_alive "$DATA/mariadb"; then
    mariadb_stop "$DATA/mariadb"
    say "The database is stopped."
  fi
}

show_status() {
  if app_alive; then say "Application: running at $(cat "$DATA/url") (process $(cat "$DATA/app.pid"))"; else say "Application: stopped"; fi
  if mariadb_alive "$DATA/mariadb"; then
    say "Database: running on 127.0.0.1:$(cat "$DATA/mariadb/port") (process $(cat "$DATA/mariadb/m.pid"))"
  else
    say "Database: stopped"
  fi
}

reset_demo() {
  need_node
  mkdir -p "$DATA"
  with_database run_program prepare --reset-demo
}

# The pid may have been given to another program since: it must be a server of this checkout.
app_alive() {
  local pid
  pid=$(cat "$DATA/app.pid" 2>/dev/null) || return 1
  [ "$(readlink "/proc/$pid/cwd" 2>/dev/null)" = "$ROOT" ] && tr '\0' ' ' <"/proc/$pid/cmdline" | grep -q next
}

port_is_free() { node -e 'const s=require("net").createServer().on("error",()=>process.exit(1)).listen(+process.argv[2],process.argv[1],()=>s.close())' "$HOST" "$PORT"; }

build_if_changed() {
  local stamp=.next/ferula-source wanted
  wanted=$(source_hash)
  [ -f "$stamp" ] && [ "$(cat "$stamp")" = "$wanted" ] && return
  say "Building (about half a minute) ..."
  mkdir -p "$DATA"
  node "$NEXT" build >"$DATA/build.log" 2>&1 || fail "The build failed; the end of .data/build.log says why:
$(tail -n 20 "$DATA/build.log")"
  printf '%s' "$wanted" >"$stamp"
}

source_hash() { { find src -type f ! -name '*.test.*' -print0 | sort -z | xargs -0 cat; cat package.json package-lock.json next.config.ts tsconfig.json postcss.config.mjs; } | sha256sum; }

run_tests() {
  local dir status=0
  dir=$(mktemp -d "${TMPDIR:-/tmp}/ferula-test.XXXXXX")
  trap 'mariadb_stop "$dir"; rm -rf "$dir"' EXIT
  trap 'exit 1' INT TERM
  mariadb_start "$dir"
  INTEGRATION_DATABASE_URL=$(mariadb_database "$dir" ferula_integration)
  END_TO_END_DATABASE_URL=$(mariadb_database "$dir" ferula_end_to_end)
  END_TO_END_DATABASE_URL_2=$(mariadb_database "$dir" ferula_end_to_end_2)
  END_TO_END_DATABASE_URL_3=$(mariadb_database "$dir" ferula_end_to_end_3)
  VIEWS_DATABASE_URL=$(mariadb_database "$dir" ferula_views)
  export INTEGRATION_DATABASE_URL END_TO_END_DATABASE_URL END_TO_END_DATABASE_URL_2 END_TO_END_DATABASE_URL_3 VIEWS_DATABASE_URL
  NODE_OPTIONS="${NODE_OPTIONS:-} $ROOM" node scripts/test.mjs || status=$?
  exit "$status"
}
