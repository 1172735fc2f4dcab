#!/usr/bin/env bash
# Who may import whom on the web. The checker is silent when it could read no module, so their number is looked at too.
set -euo pipefail
out=$(node_modules/.bin/depcruise "${1:-web/src}" --config .dependency-cruiser.cjs 2>/dev/null) || { echo "$out"; exit 1; }
seen=$(printf '%s' "$out" | grep -oE '[0-9]+ modules' | grep -oE '[0-9]+' || echo 0)
[ "$seen" -ge 20 ] || { echo "Only $seen modules were looked at: the checker cannot read the sources."; exit 1; }
