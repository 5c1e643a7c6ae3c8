#!/usr/bin/env bash
# scripts/run.sh NAME ARGUMENT ...: a program of scripts/programs.sh by itself, for tests.
set -euo pipefail
ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
cd "$ROOT"
. scripts/say.sh
. scripts/needs.sh
. scripts/programs.sh
FILE=$(program "$1")
exec node "$FILE" "${@:2}"
