#!/usr/bin/env bash
# Proves that each check is able to fail: plants one fault for each in a copy of the tree, runs them all there, and wants every
# one of them to fail and to name what was planted.
set -euo pipefail
ROOT=$(cd "$(dirname "$0")/../.." && pwd)
COPY=$(mktemp -d)/tree
mkdir -p "$COPY"
cd "$ROOT"
tar -cf - --exclude=./node_modules --exclude=./vendor --exclude=./var --exclude=./public/app --exclude=./.git . | tar -xf - -C "$COPY"
ln -s "$ROOT/node_modules" "$COPY/node_modules"
cp -r "$ROOT/vendor" "$COPY/vendor"
cd "$COPY"

plant() { mkdir -p "$(dirname "$1")"; cat >"$1"; }

plant core/src/Measure/Planted.php <<'PHP'
<?php

declare(strict_types=1);

namespace Hojaldre\Core\Measure;

use Illuminate\Support\Str;

class Planted
{
    public function name(): int
    {
        return Str::length('pie') + now()->year + rand(1, 2);
    }
}
PHP
# an arrow the wrong way out of every folder of the core: what it must not know, by the class at its other end
arrows() {
    cat <<'ARROWS'
Statement Pie\Pie
Refusal Pie\Pie
Document Pie\Pie
Measure Pie\Pie
Food Pie\Pie
Tin Pie\Pie
Custard Pie\Pie
Moisture Pie\Pie
Seasoning Pie\Pie
Safety Bake\Grid
Oven Pastry\Crust
Pastry Pie\Pie
Pie Forecast\Weights
PieFile Forecast\Weights
Bake Pie\Pie
Forecast Advice\WayOut
Batch Advice\WayOut
ARROWS
}
arrows | while read -r folder other; do
    plant "core/src/$folder/PlantedArrow.php" <<PHP
<?php

declare(strict_types=1);

namespace Hojaldre\\Core\\$folder;

final readonly class PlantedArrow
{
    public function __construct(public \\Hojaldre\\Core\\$other \$there)
    {
    }
}
PHP
done
plant core/src/Pie/PlantedSource.php <<'PHP'
<?php

namespace Hojaldre\Core\Pie;

/** docs/sources.md#planted-nowhere */
final readonly class PlantedSource
{
    public float   $grams;
}
PHP
plant core/src/Tin/PlantedFigure.php <<'PHP'
<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tin;

final readonly class PlantedFigure
{
    private const SEVENTEEN = 17.0;

    public function __construct(public float $planted)
    {
    }
}
PHP
{ echo '<?php'; echo 'final class PlantedLong { function plantedLong() {'; for i in $(seq 70); do echo "// $i"; done; echo '} function plantedMany($a, $b, $c, $d, $e, $f, $g, $h, $i, $j, $k) { } }'; } | plant app/Pie/PlantedLong.php
for i in $(seq 420); do echo "// line $i"; done | plant web/src/ui/planted-long.ts
plant web/src/rooms/pies/planted.ts <<'TS'
import { Bench } from "../bench/Bench";
export const planted: number = Bench.name;
let unused = 1
TS
plant web/src/ui/plantedFetch.ts <<'TS'
import { api } from "../api/client";
export const fetches = api;
TS
sed -i 's/    public const TRIES = 6;/    public const TRIES = 6;\n    public function planted(): int { return "x"; }/; s/Six wrong tries a minute/Planted words/' app/Kitchen/SignIn.php
sed -i 's/"retryAfterSeconds"/"plantedSeconds"/' docs/openapi.json
printf 'if then\n' >ops/lib/planted.sh
printf 'php -d opcache.jit=tracing x.php\n' >ops/planted.sh
sed -i '2s/,1.1,/,1.2,/; s/^leeks,Leeks,/leeks,Planted,/' core/pantry/vegetables.csv

VAR="$COPY/var"
source ops/lib/common.sh
VAR="$COPY/var"
source ops/check.sh
run_checks "$COPY/var/logs" >/dev/null 2>&1 || true

bad=0
# wants NAME TEXT...: the check failed and its words name what was planted
wants() {
    local name=$1 text
    shift
    grep -qx "$name" "$COPY/var/logs/failed" || { echo "  $name did not fail"; bad=1; return; }
    for text in "$@"; do
        grep -qF -- "$text" "$COPY/var/logs/$name.log" || { echo "  $name failed without naming: $text"; bad=1; }
    done
}
wants php-style
wants core-alone 'now'
wants app-and-arrows 'should not depend on Illuminate' 'should be final' 'should be readonly' 'SignIn.php'
while read -r folder other; do
    wants app-and-arrows "Hojaldre\Core\\$folder\PlantedArrow should not depend on Hojaldre\Core\\$other"
done < <(arrows)
wants layout 'planted-nowhere' 'rand()' 'now()' 'planted-long.ts has' 'does not declare strict types' 'plantedLong() has' 'plantedMany() takes'
wants contract 'stale'
wants contract-types
wants pantry 'Vegetables.php is stale'
wants figures 'PlantedFigure::SEVENTEEN' 'PlantedFigure::$planted'
wants web-style 'planted.ts'
wants web-types 'planted.ts'
wants web-arrows 'rooms-are-apart' 'ui-does-not-fetch'
wants web-dead-code 'planted'
wants shell
wants settings 'opcache.jit'
[ "$bad" -eq 0 ] || { echo "Logs: $COPY/var/logs"; exit 1; }
echo '  all fourteen failed where they should'
rm -rf "${COPY%/tree}"
