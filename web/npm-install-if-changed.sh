#!/usr/bin/env bash
# Installs the packages of package-lock.json, unless that has been done already.
set -euo pipefail
cd "$(dirname "$0")"
mark=node_modules/.installed
if [ ! -f "$mark" ] || ! cmp -s package-lock.json "$mark"; then
  npm ci --ignore-scripts --silent --no-audit --no-fund
  cp package-lock.json "$mark"
fi
