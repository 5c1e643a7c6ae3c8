# The whole database in one file, and back. Both leave what was there whole, whenever they are killed.

# backup FILE: written beside it first and put in its place only when it is whole.
backup() {
  local file=${1:-}
  [ -n "$file" ] || fail "Say where to: ./ferula backup FILE"
  need_node
  mkdir -p "$DATA"
  with_database backup_to "$file"
}

backup_to() {
  local part="$1.part" options
  options=$(mktemp)
  # shellcheck disable=SC2064
  trap "rm -f '$options'" RETURN
  client_options >"$options"
  (umask 077 && mariadb-dump --defaults-extra-file="$options" --single-transaction --quick --skip-lock-tables --skip-add-locks \
    --no-tablespaces --hex-blob --default-character-set=utf8mb4 "$(url_part name)" | gzip >"$part" &&
    [ "${PIPESTATUS[0]}" = 0 ]) || fail "The database could not be written to $part."
  is_whole_backup "$part" || fail "$part is not whole: did the database go away meanwhile? An earlier $1 is as it was."
  sync "$part"
  mv -f "$part" "$1"
  say "Kept in $1 ($(stat -c %s "$1") bytes)."
}

# restore FILE: loaded into a new database, and only a whole one takes the place of what is there.
restore() {
  local file=${1:-}
  [ -f "$file" ] || fail "There is no file '$file': ./ferula restore FILE"
  need_node
  mkdir -p "$DATA"
  is_whole_backup "$file" || fail "$file is no whole backup of Ferula."
  if app_alive; then fail "Ferula is running; ./ferula stop first."; fi
  if [ -n "${DATABASE_URL:-}" ]; then
    restore_into_given "$file"
    return
  fi
  need_mariadb
  need_packages
  local started= name now
  mariadb_alive "$DATA/mariadb" || started=yes
  mariadb_start "$DATA/mariadb" >/dev/null
  now=$(database_name)
  drop_leftovers "$now" "$(cat "$DATA/database.before" 2>/dev/null || true)"
  name=ferula_$(date +%s)_$$
  DATABASE_URL=$(mariadb_database "$DATA/mariadb" "$name")
  export DATABASE_URL
  load_backup "$file"
  printf '%s' "$now" >"$DATA/database.before"
  printf '%s' "$name" >"$DATA/database.part"
  mv -f "$DATA/database.part" "$DATA/database"
  drop_leftovers "$name" "$now"
  [ -z "$started" ] || mariadb_stop "$DATA/mariadb"
  say "Restored from $file. What was there before is the database $now; to go back to it: mv $DATA/database.before $DATA/database"
}

# A database that somebody else keeps must be empty; until all is in it, no Ferula starts on it.
restore_into_given() {
  need_packages
  [ "$(query "select count(*) from information_schema.tables where table_schema = database()")" = 0 ] ||
    fail "The database at DATABASE_URL is not empty. Make an empty one, restore into it, and point Ferula there."
  query "create table restore_unfinished (at datetime not null default current_timestamp)"
  load_backup "$1" || fail "The database at DATABASE_URL holds a part of the backup only. Empty it and restore again."
  say "Restored from $1."
}

# In a database that is already marked the mark goes last.
load_backup() {
  local options status=0
  options=$(mktemp)
  client_options >"$options"
  gzip -dc "$1" | mariadb --defaults-extra-file="$options" "$(url_part name)" || status=$?
  rm -f "$options"
  [ "$status" = 0 ] || fail "The backup could not be loaded; the lines above say why. What was there before is as it was."
  query "drop table if exists restore_unfinished"
  run_program prepare || fail "The restored database could not be brought up to date; the line above says why."
}

is_whole_backup() { gzip -dc "$1" 2>/dev/null | tail -n 1 | grep -q '^-- Dump completed'; }

# drop_leftovers KEEP KEEP: databases of restores that were cut off, and those from before the last one. One may go meanwhile: the
# server ends what a killed restore had begun.
drop_leftovers() {
  local each
  for each in $(mariadb --no-defaults --socket="$(mariadb_socket "$DATA/mariadb")" -uroot -N -e "show databases like 'ferula\_%'"); do
    [ "$each" = "$1" ] || [ "$each" = "$2" ] ||
      mariadb --no-defaults --socket="$(mariadb_socket "$DATA/mariadb")" -uroot -e "drop database if exists \`$each\`"
  done
}

query() {
  local options status=0
  options=$(mktemp)
  client_options >"$options"
  mariadb --defaults-extra-file="$options" -N -e "$1" "$(url_part name)" || status=$?
  rm -f "$options"
  return "$status"
}

# In a file and not among the arguments: those can be read by everybody on the machine.
client_options() {
  printf '[client]\nprotocol=tcp\nhost=%s\nport=%s\nuser=%s\npassword="%s"\n' "$(url_part host)" "$(url_part port)" "$(url_part user)" "$(url_part password)"
}

url_part() {
  node -e 'const u=new URL(process.env.DATABASE_URL);const of={host:u.hostname,port:u.port||"3306",user:decodeURIComponent(u.username),password:decodeURIComponent(u.password),name:decodeURIComponent(u.pathname.slice(1))};process.stdout.write(of[process.argv[1]])' "$1"
}
