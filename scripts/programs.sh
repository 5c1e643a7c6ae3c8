# What runs beside Next: cli (the shell commands), prepare (brings a database up to date), crew (its console), front (HTTPS). Each is
# one bundled file, kept by the hash of its sources: a call checks nothing else.

# program NAME: prints its file.
program() {
  local name=$1 hash file
  hash=$({ find src -name '*.ts' ! -name '*.test.ts' -print0 | sort -z | xargs -0 cat; cat package-lock.json scripts/bundle.mjs; } | sha256sum | cut -c1-16)
  file=$ROOT/.data/programs/$name-$hash.mjs
  if [ ! -f "$file" ] || [ ! -d node_modules ]; then
    need_node >&2
    need_packages >&2
    mkdir -p "$ROOT/.data/programs"
    node scripts/bundle.mjs "$name" "$file.$$" >&2 || fail "The program $name could not be bundled; the lines above say why."
    find "$ROOT/.data/programs" -name "$name-*.mjs" ! -name "$name-$hash.mjs" -delete
    mv -f "$file.$$" "$file"
  fi
  printf '%s' "$file"
}

# run_program NAME ARGUMENT ...
run_program() {
  local file
  file=$(program "$1") || return 1
  node "$file" "${@:2}"
}

run_cli() {
  local file
  file=$(program cli)
  # A call is over before the young heap of 32 MB has to be cleared.
  exec node --max-semi-space-size=32 "$file" "$@"
}
