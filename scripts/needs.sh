# What must be there before anything runs; each is installed when it is missing.
export NEXT_TELEMETRY_DISABLED=1

need_node() {
  command -v node >/dev/null || fail "Node.js is missing. Ferula needs version 20.9 or newer."
  node -e 'const [a,b]=process.versions.node.split(".").map(Number); process.exit(a>20||(a===20&&b>=9)?0:1)' ||
    fail "Node.js $(node --version) is too old. Ferula needs version 20.9 or newer."
}

need_packages() {
  local stamp=node_modules/.ferula-lock wanted
  wanted=$(sha256sum <package-lock.json)
  [ -f "$stamp" ] && [ "$(cat "$stamp")" = "$wanted" ] && return
  say "Installing the npm packages of package-lock.json (about a minute) ..."
  npm ci --no-audit --no-fund --loglevel=error || fail "npm ci failed. Is the npm registry reachable? Then run the command again."
  printf '%s\n' "$wanted" >"$stamp"
}

# need_debian PROGRAM PACKAGE
need_debian() {
  [ -n "$(find_program "$1")" ] && return
  say "Installing Debian's package $2 ..."
  local run=()
  [ "$(id -u)" = 0 ] || run=(sudo)
  command -v apt-get >/dev/null || fail "The program $1 is missing and there is no apt-get here. Install $2 by hand, then run the command again."
  "${run[@]}" apt-get update -qq || say "apt-get update failed; trying with the package lists that are here."
  "${run[@]}" env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "$2" >/dev/null ||
    fail "apt-get could not install $2. Install it by hand (apt-get install $2), then run the command again."
}

find_program() { PATH="$PATH:/usr/sbin:/sbin" command -v "$1" || true; }
need_mariadb() { need_debian mariadbd mariadb-server; }
