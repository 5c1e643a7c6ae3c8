# A private MariaDB on loopback. Its files are under one folder; its socket too, unless that path is too long for one.
MARIADB_USER=$(id -un)

# mariadb_start FOLDER: sets MARIADB_PID and MARIADB_PORT; makes the folder on first use.
mariadb_start() {
  local dir=$1 socket
  mkdir -p "$dir"
  socket=$(mariadb_socket "$dir")
  # Two starts at once take turns: the second finds the first's database.
  exec 9>"$dir/lock"
  flock -w 90 9 || fail "Another start of the database in $dir takes too long; ./ferula status tells what runs."
  mariadb_start_locked "$dir" "$socket"
  exec 9>&-
}

mariadb_start_locked() {
  local dir=$1 socket=$2
  if mariadb_alive "$dir"; then
    MARIADB_PID=$(cat "$dir/m.pid")
    MARIADB_PORT=$(cat "$dir/port")
    say "A database of an earlier run is still up (process $MARIADB_PID); going on with it."
    return
  fi
  if [ -f "$dir/m.pid" ]; then
    say "The database was not shut down last time; its old pid file and socket are cleared and it recovers by itself."
    rm -f "$dir/m.pid" "$socket"
  fi
  if [ ! -d "$dir/data/mysql" ]; then
    mariadb-install-db --no-defaults --user="$MARIADB_USER" --datadir="$dir/data" --auth-root-authentication-method=normal \
      --skip-test-db --skip-name-resolve >"$dir/install.log" 2>&1 || fail "The database could not be set up; $dir/install.log says why."
  fi
  [ -f "$dir/password" ] || (umask 077 && node -e 'process.stdout.write(require("crypto").randomBytes(18).toString("hex"))' >"$dir/password")
  # Its own port again, since whoever used it before knows no other.
  MARIADB_PORT=$(cat "$dir/port" 2>/dev/null || true)
  if [ -z "$MARIADB_PORT" ] || ! tcp_port_is_free "$MARIADB_PORT"; then MARIADB_PORT=$(free_port); fi
  printf '%s' "$MARIADB_PORT" >"$dir/port"
  PATH="$PATH:/usr/sbin:/sbin" setsid mariadbd --no-defaults --user="$MARIADB_USER" --datadir="$dir/data" --socket="$socket" --pid-file="$dir/m.pid" \
    --bind-address=127.0.0.1 --port="$MARIADB_PORT" --skip-name-resolve --character-set-server=utf8mb4 \
    --collation-server=utf8mb4_unicode_ci --default-time-zone=+00:00 --loose-innodb-snapshot-isolation=ON \
    --log-error="$dir/err.log" >/dev/null 2>&1 9>&- &
  MARIADB_PID=$!
  local i
  for ((i = 0; i < 600; i++)); do
    mariadb-admin --no-defaults --socket="$socket" -uroot ping >/dev/null 2>&1 && break
    kill -0 "$MARIADB_PID" 2>/dev/null || fail "The database stopped at once; the end of $dir/err.log says why:
$(tail -n 5 "$dir/err.log")"
    sleep 0.1
  done
  mariadb-admin --no-defaults --socket="$socket" -uroot ping >/dev/null 2>&1 || fail "The database did not answer within a minute; see $dir/err.log."
}

# mariadb_database FOLDER NAME: makes it if it is missing and prints its address.
mariadb_database() {
  local dir=$1 name=$2 password
  password=$(cat "$dir/password")
  mariadb --no-defaults --socket="$(mariadb_socket "$dir")" -uroot -e "
    CREATE DATABASE IF NOT EXISTS \`$name\` CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
    CREATE USER IF NOT EXISTS 'ferula'@'127.0.0.1' IDENTIFIED BY '$password';
    GRANT SELECT,INSERT,UPDATE,DELETE,CREATE,ALTER,DROP,INDEX,REFERENCES ON \`$name\`.* TO 'ferula'@'127.0.0.1';
    DROP USER IF EXISTS root@'127.0.0.1', root@'::1';" >&2
  printf 'mysql://ferula:%s@127.0.0.1:%s/%s' "$password" "$MARIADB_PORT" "$name"
}

mariadb_stop() {
  local dir=$1 pid i
  pid=$(cat "$dir/m.pid" 2>/dev/null) || return 0
  mariadb_alive "$dir" || return 0
  kill -TERM "$pid" 2>/dev/null || return 0
  for ((i = 0; i < 300; i++)); do
    mariadb_alive "$dir" || return 0
    sleep 0.1
  done
  say "The database (process $pid) is still writing; it will end by itself."
}

# The pid may have been given to another program since: it must be a mariadbd on this folder.
mariadb_alive() {
  local pid
  pid=$(cat "$1/m.pid" 2>/dev/null) && [ -r "/proc/$pid/cmdline" ] || return 1
  tr '\0' ' ' <"/proc/$pid/cmdline" 2>/dev/null | grep -q -- "--datadir=$1/data"
}

mariadb_socket() {
  local path="$1/s.sock"
  [ "${#path}" -le 100 ] || path="${TMPDIR:-/tmp}/ferula-$(printf '%s' "$1" | cksum | cut -d' ' -f1).sock"
  printf '%s' "$path"
}

tcp_port_is_free() { node -e 'require("net").createServer().on("error",()=>process.exit(1)).listen(+process.argv[1],"127.0.0.1",function(){this.close()})' "$1"; }
free_port() { node -e 'const s=require("net").createServer().listen(0,"127.0.0.1",()=>{process.stdout.write(String(s.address().port));s.close()})'; }
