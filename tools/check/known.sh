#!/usr/bin/env bash
# Running workers give the thirty known answers, and one that is wrong would be seen. Usage: known.sh SOCKET
set -euo pipefail
ROOT=$(cd "$(dirname "$0")/../.." && pwd)
cd "$ROOT"
source ops/lib/common.sh
known=$(mktemp)
as_shipped php -d opcache.jit=disable tools/same/answer.php known >"$known"
HOJALDRE_FPM=$1 node tools/same/known.mjs "$known"
sed -i 's/"3 large eggs of egg":"[0-9a-f]*"/"3 large eggs of egg":"0000000000000000"/' "$known"
if HOJALDRE_FPM=$1 node tools/same/known.mjs "$known" >/dev/null; then
    echo 'A wrong answer was not seen.'
    exit 1
fi
rm -f "$known"
