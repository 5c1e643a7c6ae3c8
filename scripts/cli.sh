# The shell commands run from one bundled file, kept by the hash of its sources: a call checks nothing else.
run_cli() {
  local hash bundle
  hash=$({ find src/core src/domain src/cli src/i18n -name '*.ts' ! -name '*.test.ts' -print0 | sort -z | xargs -0 cat; cat package-lock.json scripts/bundle-cli.mjs; } | sha256sum | cut -c1-16)
  bundle=$ROOT/.data/cli/$hash.mjs
  if [ ! -f "$bundle" ] || [ ! -d node_modules ]; then
    need_node >&2
    need_packages >&2
    mkdir -p "$ROOT/.data/cli"
    node scripts/bundle-cli.mjs "$bundle.$$" >&2 || fail "The shell commands could not be bundled; the lines above say why."
    find "$ROOT/.data/cli" -name '*.mjs' ! -name "$hash.mjs" -delete
    mv -f "$bundle.$$" "$bundle"
  fi
  # A call is over before the young heap of 32 MB has to be cleared.
  exec node --max-semi-space-size=32 "$bundle" "$@"
}
